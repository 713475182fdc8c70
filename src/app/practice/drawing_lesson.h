#pragma once

#include <QWidget>

#include "app/background.h"
#include "practice/question.h"
#include "review/sketch.h"

namespace app {

/// A drawing from memory: the subject is looked at, then gone; the photograph of the drawing is measured, and the truth
/// shown on it.
class DrawingLesson : public QWidget {
    Q_OBJECT

 public:
    DrawingLesson();
    enum class Stage { off, looking, drawing, told };
    Stage stage() const { return stage_; }
    bool isReading() const { return reader_.isBusy(); }

    void begin(const practice::Sources& sources);
    /// The subject is not to be seen any more.
    void hideSubject();
    /// Reads the photograph in the background; then measured, or refused with what was wrong.
    void read(const QString& file);
    void end();
    const review::DrawnShapes& drawn() const { return drawn_; }

 Q_SIGNALS:
    void measured();
    void refused(const QString& sentence);

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    struct Read {
        review::Sketch sketch;
        review::DrawnShapes drawn;
    };
    void setStage(Stage stage);

    Stage stage_ = Stage::off;
    QImage subject_, sketch_;  // the sketch with the subject's own borders on it
    cv::Mat areas_;
    review::DrawnShapes drawn_;
    Background reader_{this};
};

}  // namespace app
