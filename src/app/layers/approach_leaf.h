#pragma once

#include <QWidget>

#include "app/study_trials.h"
#include "app/widgets/answer_button.h"
#include "app/widgets/margin.h"
#include "planning/questions.h"
#include "storage/approach_store.h"

class QComboBox;
class QLabel;
class QPushButton;

namespace app {

/// The approach: an answer to each question on which schools differ, each with what it would make of this picture; and
/// whole approaches under their names.
class ApproachLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit ApproachLeaf(Session& session);
    void refresh();
    MarginText margin() const;
    /// Whether everything that can be answered otherwise has been tried for the plan in hand.
    bool isTried() const;

 Q_SIGNALS:
    void looksDifferent();
    void said(const QString& sentence);

 protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    struct Answer {
        planning::Question question;
        int answer;
        AnswerButton* button;
    };
    QWidget* makeNamesRow();
    QWidget* makeQuestions();
    void readSaved();
    void fillNames();
    void take(const planning::Approach& approach);
    void saveUnderName();
    void forget();
    void keep(std::vector<storage::NamedApproach> approaches);
    /// Everything whose outcome the artist may ask for, in the order in which it is shown.
    std::vector<planning::Approach> others() const;
    planning::Study studyBy(const planning::Approach& approach) const;
    void showFigures();
    QString figuresOf(const planning::Approach& approach) const;

    Session& session_;
    QComboBox* names_;
    QPushButton* forget_;
    QLabel* now_;
    std::vector<Answer> answers_;
    std::vector<storage::NamedApproach> saved_;
    bool isRead_ = false;
    std::optional<std::pair<planning::Question, int>> lookedAt_;
    StudyTrials trials_;
};

}  // namespace app
