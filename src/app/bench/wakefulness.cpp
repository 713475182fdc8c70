#include "app/bench/wakefulness.h"

#include <QCoreApplication>
#include <QDBusConnection>
#include <QDBusInterface>
#include <QDBusReply>

namespace app {

void Wakefulness::keep(bool awake) {
    if (awake == isKept() || !QDBusConnection::sessionBus().isConnected()) return;
    QDBusInterface desktop(QStringLiteral("org.freedesktop.ScreenSaver"),
                           QStringLiteral("/org/freedesktop/ScreenSaver"),
                           QStringLiteral("org.freedesktop.ScreenSaver"));
    constexpr int patience = 500;  // milliseconds
    desktop.setTimeout(patience);
    if (!desktop.isValid()) return;
    if (awake) {
        const QDBusReply<quint32> cookie =
            desktop.call(QStringLiteral("Inhibit"), QCoreApplication::applicationName(),
                         QCoreApplication::translate("app::Wakefulness", "Work at the easel"));
        if (cookie.isValid()) cookie_ = cookie.value();
    } else {
        desktop.call(QStringLiteral("UnInhibit"), *cookie_);
        cookie_.reset();
    }
}

}  // namespace app
