#pragma once

#include <QWidget>
#include <map>
#include <memory>
#include <optional>

#include "planning/replanning.h"

class QButtonGroup;
class QLabel;

namespace app {

/// What may be done about the stacks of a plan, and what the artist answers: a row that asks about one of them. What
/// betters a stack most is taken until she says otherwise.
class MendAnswers : public QWidget {
    Q_OBJECT

 public:
    MendAnswers();
    /// Nothing is known of what would mend this plan.
    void begin(std::shared_ptr<const planning::Plan> plan);
    void offer(planning::Mending mending);
    const std::optional<planning::Mending>& mending() const { return mending_; }

    /// Of an area (its index); null where nothing is known.
    const planning::Ways* waysFor(int area) const;
    /// The way that is taken for an area; null where it is let be.
    const planning::Ways::Way* takenFor(int area) const;
    int takenCount() const;
    std::vector<planning::Checked::Taken> taken() const;

    /// Asks about an area; -1 for none.
    void ask(int area);

 Q_SIGNALS:
    void answered();

 private:
    /// Index into the ways of a stack; letBe for none.
    int answerFor(int stack) const;
    int stackOf(int area) const;

    static constexpr int letBe = -1;
    std::shared_ptr<const planning::Plan> plan_;
    std::optional<planning::Mending> mending_;
    std::map<int, int> answers_;  // by stack, where it is not the best
    int stack_ = -1;              // that is asked about
    QLabel* head_;
    QWidget* buttons_;
    QButtonGroup* group_;
};

}  // namespace app
