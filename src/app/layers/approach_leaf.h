#pragma once

#include <QWidget>

#include "app/layers/answer_button.h"
#include "app/session.h"
#include "app/widgets/margin.h"
#include "planning/questions.h"
#include "planning/tried_approach.h"
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
    struct Tried {
        planning::Approach approach;
        planning::ApproachOutcome outcome;
    };
    QWidget* makeNamesRow();
    QWidget* makeQuestions();
    void readSaved();
    void fillNames();
    void take(const planning::Approach& approach);
    void saveUnderName();
    void forget();
    /// Everything whose outcome the artist may ask for, in the order in which it is shown.
    std::vector<planning::Approach> others() const;
    void tryOthers();
    void showFigures();
    QString figuresOf(const planning::Approach& approach) const;

    Session& session_;
    QComboBox* names_;
    QPushButton* forget_;
    QLabel* now_;
    std::vector<Answer> answers_;
    std::vector<storage::NamedApproach> saved_;
    std::optional<std::pair<planning::Question, int>> lookedAt_;
    std::vector<Tried> tried_;
    std::shared_ptr<const planning::Plan> triedOf_;
    std::shared_ptr<planning::Kept> kept_ = std::make_shared<planning::Kept>();
    Background trier_{this};
};

}  // namespace app
