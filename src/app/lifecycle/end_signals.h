#pragma once

#include <QObject>

namespace app {

/// The system asks the program to end: SIGTERM, SIGINT or SIGHUP. Told on the interface thread, where anything may be
/// done yet. One at a time; the signals go back to what they were with it.
class EndSignals : public QObject {
    Q_OBJECT

 public:
    explicit EndSignals(QObject* parent = nullptr);
    ~EndSignals() override;

 Q_SIGNALS:
    void met();
};

}  // namespace app
