#include "app/help/keys_page.h"

#include <QAction>
#include <QWidget>

#include "app/help/manual_window.h"

namespace app {

ManualPage keysPage(const QList<QWidget*>& windows) {
    const QString title = ManualWindow::tr("All keys");
    QString text = QStringLiteral("# %1\n").arg(title);
    for (QWidget* window : windows) {
        QString rows;
        for (const QAction* action : window->findChildren<QAction*>()) {
            if (action->shortcut().isEmpty()) continue;
            QStringList keys;
            for (const QKeySequence& key : action->shortcuts())
                keys << QStringLiteral("`%1`").arg(key.toString(QKeySequence::NativeText));
            QString does = action->text();
            does.remove(QLatin1Char('&'));
            rows += QStringLiteral("| %1 | %2 |\n").arg(keys.join(QStringLiteral(", ")), does);
        }
        if (rows.isEmpty()) continue;
        const QString head = window->windowTitle().remove(QStringLiteral("[*]")).section(QStringLiteral(" · "), 0, 0);
        text += QStringLiteral("\n## %1\n\n| %2 | %3 |\n|---|---|\n%4")
                    .arg(head, ManualWindow::tr("Key"), ManualWindow::tr("What it does"), rows);
    }
    text +=
        QStringLiteral("\n## %1\n\n%2\n")
            .arg(ManualWindow::tr("Held keys"),
                 ManualWindow::tr(
                     "Hold Q to squint, W for values only, E to mirror, D for upside down, A for what the sheet is "
                     "compared with, T for lamp light. R draws a grid and takes it away. These stand under Look too."));
    return {QStringLiteral("keys"), title, text};
}

}  // namespace app
