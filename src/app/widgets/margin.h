#pragma once

#include <QWidget>
#include <vector>

#include "materials/material.h"
#include "pigment/stroke.h"

class QPushButton;

namespace app {

/// One stroke as the margin lists it.
struct StrokeLine {
    materials::Kind kind;
    colour::Srgb8 colour;
    QString name, how;
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;
    bool hasStick = true;
    std::optional<colour::Srgb8> wet = {};  // how it looks before it dries to `colour`: drawn above it
    bool isLaid = true;                     // else only the stick is meant: manner and pressure are not drawn
};

/// What a station says, in the order in which it is read.
struct MarginText {
    QString head;
    QStringList paragraphs = {};  // what is decided
    QString listHead = {};
    std::vector<StrokeLine> strokes = {};  // belongs to it
    QStringList why = {};
    QStringList cautions = {};  // what to mind; shown with a sign
};

/// The margin: whole sentences and a list of strokes in three parts: what is decided, why, what to mind.
class Margin : public QWidget {
    Q_OBJECT

 public:
    explicit Margin(QWidget* parent = nullptr);
    void setText(const MarginText& text);
    /// A sentence that stays on top until the next choice; empty for none.
    void setProblem(const QString& sentence);
    QString problem() const { return problem_; }
    /// What a first study is told at this station; it stands in a box of its own until it is taken away.
    void setNote(const QString& note);
    QString note() const { return note_; }
    const MarginText& text() const { return text_; }

    QSize sizeHint() const override;

 Q_SIGNALS:
    void noteTakenAway();

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

 private:
    double layOut(QPainter* painter) const;
    void relayout();

    MarginText text_;
    QString problem_, note_;
    QPushButton* understood_;
    mutable double noteEnd_ = 0;  // where the button stands
};

/// The margin in what scrolls up and down, so many pixels broad.
QWidget* scrolled(Margin& margin, int width);

}  // namespace app
