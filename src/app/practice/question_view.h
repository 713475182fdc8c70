#pragma once

#include <QStringList>
#include <QWidget>
#include <optional>

#include "practice/question.h"

namespace app {

/// A question for the eye, large, on the neutral grey that colours are judged on; and when it has been answered, the
/// measured truth on it.
class QuestionView : public QWidget {
    Q_OBJECT

 public:
    QuestionView();
    void ask(const practice::Question& question);
    /// Writes what was measured under what is shown, and marks the true answer.
    void tellTruth();
    const std::optional<practice::Question>& question() const { return question_; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    void paintSwatches(QPainter& painter) const;
    void paintRow(QPainter& painter, const QRectF& room, const std::vector<colour::Lab>& colours, bool isShown) const;
    void paintPictures(QPainter& painter) const;
    void paintLines(QPainter& painter) const;
    void paintMeasured(QPainter& painter, const QRectF& square) const;

    std::optional<practice::Question> question_;
    bool isTruthTold_ = false;
};

}  // namespace app
