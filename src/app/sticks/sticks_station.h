#pragma once

#include "app/station.h"

class QComboBox;
class QSpinBox;

namespace app {

/// Sticks: the tray with the chosen ones, laid out by value and hue.
class SticksStation : public Station {
    Q_OBJECT

 public:
    explicit SticksStation(Session& session);
    /// Trays that a study may draw from, by their names.
    void setTrays(const QStringList& names);
    QString name() const override { return tr("Sticks"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 Q_SIGNALS:
    /// The study is to draw from this tray, or from the whole drawer if it is empty, as they are now.
    void trayWanted(const QString& name);

 private:
    class Tray;
    std::vector<planning::LayerPlace> layersOf(int stick) const;

    Tray* tray_;
    QComboBox* from_;
    QSpinBox* limit_;
    QSpinBox* layers_;
    int selected_ = -1;
};

}  // namespace app
