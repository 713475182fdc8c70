#include "app/lifecycle/end_signals.h"

#include <fcntl.h>
#include <signal.h>
#include <unistd.h>

#include <QSocketNotifier>
#include <array>

namespace app {

namespace {

constexpr std::array signalsToEnd{SIGTERM, SIGINT, SIGHUP};

// A signal's handler may do little more than write (signal-safety(7)): the other end is read by the event loop.
int ends[2] = {-1, -1};

void note(int) {
    const char one = 1;
    [[maybe_unused]] const ssize_t written = ::write(ends[1], &one, 1);
}

}  // namespace

EndSignals::EndSignals(QObject* parent) : QObject(parent) {
    if (::pipe2(ends, O_CLOEXEC | O_NONBLOCK) != 0) return;
    auto* notifier = new QSocketNotifier(ends[0], QSocketNotifier::Read, this);
    connect(notifier, &QSocketNotifier::activated, this, [this] {
        char all[16];
        while (::read(ends[0], all, sizeof all) > 0) {
        }
        Q_EMIT met();
    });
    struct sigaction action = {};
    action.sa_handler = note;
    action.sa_flags = SA_RESTART;
    sigemptyset(&action.sa_mask);
    for (const int signal : signalsToEnd) ::sigaction(signal, &action, nullptr);
}

EndSignals::~EndSignals() {
    for (const int signal : signalsToEnd) ::signal(signal, SIG_DFL);
    for (int& end : ends) {
        if (end >= 0) ::close(end);
        end = -1;
    }
}

}  // namespace app
