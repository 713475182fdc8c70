#pragma once

#include <QMainWindow>
#include <functional>

#include "app/background.h"
#include "app/practice/drawing_lesson.h"
#include "app/practice/question_view.h"
#include "app/practice/threshold_curve.h"
#include "app/widgets/margin.h"
#include "practice/training.h"
#include "storage/materials_store.h"

class QLabel;
class QListWidget;
class QPushButton;
class QStackedWidget;

namespace app {

/// Exercises of some minutes for the eye, made from the subject and the sticks in hand. Every answer is kept as soon as
/// it is given, so that a sitting that is broken off is gone on with.
class PracticeWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// The store must live longer. `sources` tells what there is to ask about when a sitting begins.
    PracticeWindow(storage::MaterialsStore& store, std::function<practice::Sources()> sources);

    const QuestionView& view() const { return *view_; }
    const Margin& margin() const { return *margin_; }
    practice::Exercise exercise() const;
    /// The sittings of the exercise that is chosen, as they stood when the last one ended.
    std::vector<practice::Sitting> sittings() const;
    bool isAsking() const;
    DrawingLesson& lesson() { return *lesson_; }
    /// All results as a table, and the last seven days as PDF.
    void exportTo(const QString& file);
    void printTo(const QString& file);
    /// A photograph of what was drawn from memory, while that goes on.
    void readDrawing(const QString& file);

 protected:
    void keyPressEvent(QKeyEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

 private:
    void makeFrame();
    void makeMenu();
    void read();
    /// Reckons the sittings anew. What wants training most stands first; what is chosen stays chosen.
    void list();
    void choose(practice::Exercise exercise);
    void begin();
    void ask();
    void answer(int choice);
    void goOn();
    /// Back to the curve.
    void end();
    void beginDrawing();
    /// One step on in a drawing from memory.
    void goOnDrawing();
    void takeDrawing();
    bool isDrawing() const { return lesson_->stage() != DrawingLesson::Stage::off; }
    void describe();
    void describeDrawing(MarginText& text) const;
    void tellWritten(const common::Done& written, const QString& file);

    storage::MaterialsStore& store_;
    std::function<practice::Sources()> sources_;
    std::vector<practice::Answer> answers_;
    std::vector<practice::Sitting> sittings_;  // of all exercises, as the list tells them
    std::vector<practice::Noticed> noticed_;
    practice::Sources asked_;  // what the sitting draws from
    std::int64_t sitting_ = 0;
    std::optional<practice::Staircase> staircase_;  // while a sitting goes on
    bool isAnsweredWrong_ = false;

    QListWidget* exercises_ = nullptr;
    QStackedWidget* middle_ = nullptr;
    QuestionView* view_ = nullptr;
    DrawingLesson* lesson_ = nullptr;
    ThresholdCurve* curve_ = nullptr;
    QLabel* sentence_ = nullptr;
    std::vector<QPushButton*> choices_;
    QPushButton* begin_ = nullptr;
    QPushButton* end_ = nullptr;
    Margin* margin_ = nullptr;
    Background hand_{this};
};

}  // namespace app
