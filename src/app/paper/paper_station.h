#pragma once

#include "app/station.h"

class QPushButton;

namespace app {

/// Paper: the candidates as torn offcuts, each with the same strokes laid on it, ranked, with reasons.
class PaperStation : public Station {
    Q_OBJECT

 public:
    explicit PaperStation(Desk& desk);
    QString name() const override { return tr("Paper"); }
    QString decided() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;

 private:
    class Offcuts;
    void take(const std::string& id);

    Offcuts* offcuts_;
    QPushButton* set_;
    QPushButton* best_;
    const std::string& lookedAt(const planning::Plan& plan) const;

    std::string looked_;  // id of the offcut that was clicked on; empty: the one that the plan has
};

}  // namespace app
