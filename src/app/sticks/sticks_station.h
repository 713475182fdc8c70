#pragma once

#include "app/station.h"

class QComboBox;
class QSpinBox;

namespace app {

/// Sticks: the tray with the chosen ones, laid out by value and hue.
class SticksStation : public Station {
    Q_OBJECT

 public:
    explicit SticksStation(Desk& desk);
    QString name() const override { return tr("Sticks"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 private:
    class Tray;
    void listTrays();
    std::vector<planning::LayerPlace> layersOf(int stick) const;

    Tray* tray_;
    QComboBox* from_;
    QSpinBox* limit_;
    QSpinBox* layers_;
    int selected_ = -1;
};

}  // namespace app
