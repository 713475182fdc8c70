#pragma once

#include <QWidget>
#include <array>
#include <optional>

#include "app/session.h"

class QLabel;
class QPushButton;
class QSlider;

namespace app {

/// Colour choices: chroma, contrast, value and warmth of the whole picture or of an area, seen before and after.
class ColourLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit ColourLeaf(Session& session);
    void refresh();
    /// Chooses for the area at a place (fractions), or for the whole picture.
    void chooseFor(const std::optional<QPointF>& place);
    /// Index of the area that is chosen for; -1 for the whole picture.
    int area() const;
    QStringList sentences() const;

 Q_SIGNALS:
    void looksDifferent();

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    enum Part { chroma, contrast, lighter, warmer, partCount };
    subject::ColourChoice chosen() const;
    subject::ColourChoice onSliders() const;
    void choose(const subject::ColourChoice& choice, const QString& what, const QString& key = {});
    void preview(const subject::ColourChoice& choice);
    void showFigures(const subject::ColourChoice& choice);
    QRectF pictureOf(bool after) const;

    Session& session_;
    std::optional<QPointF> place_;
    std::array<QSlider*, partCount> sliders_;
    std::array<QLabel*, partCount> figures_;
    QPushButton *whole_, *setBack_, *asItIs_;
    QLayout* row_;  // of sliders and buttons; the pictures stand above it
    std::weak_ptr<const planning::Reading> shownOf_;
    cv::Mat small_;     // the subject in CIELAB at the size that it has here
    cv::Mat smallMap_;  // its areas
    QImage before_, after_;
};

}  // namespace app
