#pragma once

#include "app/station.h"

class QSpinBox;

namespace app {

/// Sticks: the tray with the chosen ones, laid out by value and hue.
class SticksStation : public Station {
    Q_OBJECT

 public:
    explicit SticksStation(Session& session);
    QString name() const override { return tr("Sticks"); }
    QString decided() const override;
    MarginText margin() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 private:
    class Tray;
    std::vector<int> passagesOf(int stick) const;

    Tray* tray_;
    QSpinBox* limit_;
    QSpinBox* strokes_;
    int selected_ = -1;
};

}  // namespace app
