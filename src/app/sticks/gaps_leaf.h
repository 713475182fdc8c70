#pragma once

#include <QWidget>

#include "app/desk.h"
#include "app/kept_of_study.h"
#include "app/widgets/margin.h"
#include "planning/gaps.h"

namespace app {

/// The gap list: what is not at hand and would bring this picture nearer, most first.
class GapsLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit GapsLeaf(Desk& desk);
    void refresh();
    MarginText margin() const;
    const std::vector<planning::Gap>& gaps() const { return gaps_; }
    bool isWhole() const { return of_ && of_ == desk_.session().plan() && !finder_.isBusy(); }

 Q_SIGNALS:
    void looksDifferent();

 protected:
    void paintEvent(QPaintEvent*) override;
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    /// The materials that come with the program, and what the artist has used up.
    std::vector<materials::Material> catalogue() const;
    void find();

    Desk& desk_;
    std::shared_ptr<const planning::Plan> of_;
    std::vector<planning::Gap> gaps_;
    KeptOfStudy kept_;
    Background finder_{this};
};

}  // namespace app
