#pragma once

#include "app/station.h"

class QPushButton;

namespace app {

/// Underpainting: the wash board, the ways to begin side by side.
class UnderpaintingStation : public Station {
    Q_OBJECT

 public:
    explicit UnderpaintingStation(Desk& desk);
    QString name() const override { return tr("Underpainting"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;

 private:
    class Board;
    void take(planning::Ground ground);
    int groundSteps() const;
    static QImage groundPicture(const planning::Plan& plan, const planning::GroundProposal& ground);

    Board* board_;
    QPushButton* lay_;
    QPushButton* bare_;
    std::shared_ptr<const planning::Plan> pictured_;  // whose grounds the pictures show
    QList<QImage> groundPictures_;
};

}  // namespace app
