#pragma once

#include <QWidget>
#include <functional>
#include <memory>
#include <optional>

#include "app/widgets/drawn_parts.h"
#include "drawing/section.h"

namespace app {

/// The section as an instrument: hovering tells the stick and the tooth, a click chooses the area.
class SectionView : public QWidget, public HasParts {
    Q_OBJECT

 public:
    explicit SectionView(QWidget* parent = nullptr);

    std::function<void(int)> onChosen;  // a stack

    /// A cut through the whole sheet, or along a line over the picture.
    void setPlan(std::shared_ptr<const planning::Plan> plan, const std::optional<subject::Line>& line);
    void show(int steps, int selected);
    /// What lies at a place, in words; empty beside the section.
    QString wordsAt(const QPointF& position) const;

    /// Its areas in the order of the cut.
    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 protected:
    bool event(QEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent*) override;

 private:
    QRectF box() const;

    std::shared_ptr<const planning::Plan> plan_;
    drawing::Section section_;
    bool isAlongLine_ = false;
    int steps_ = 0, selected_ = -1;
};

}  // namespace app
