#pragma once

#include <QWidget>

#include "app/study_trials.h"
#include "app/widgets/answer_button.h"
#include "app/widgets/margin.h"
#include "planning/limited_palettes.h"

class QComboBox;

namespace app {

/// A limited palette: how many sticks of each family of colours there may be, and palettes that artists know, each with
/// what it would make of this picture.
class FamiliesLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit FamiliesLeaf(Session& session);
    void refresh();
    MarginText margin() const;

 Q_SIGNALS:
    void looksDifferent();
    void said(const QString& sentence);

 protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    class Strip;
    void take(const std::vector<planning::FamilyLimit>& limits);
    planning::Study studyWith(planning::KnownPalette palette) const;
    void showFigures();

    Session& session_;
    std::vector<AnswerButton*> known_;  // by KnownPalette
    std::vector<QComboBox*> families_;  // by materials::ColourFamily
    std::vector<Strip*> strips_;        // likewise
    StudyTrials trials_;
};

}  // namespace app
