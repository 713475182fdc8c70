#pragma once

#include <QImage>
#include <QWidget>
#include <functional>
#include <memory>

#include "app/widgets/drawn_parts.h"
#include "planning/plan.h"

namespace app {

/// Papers as torn pieces, each with the subject's dark, medium and light laid on it in pencil, soft stick and pan.
class OffcutsView : public QWidget, public HasParts {
    Q_OBJECT

 public:
    OffcutsView();
    std::function<void(const std::string&)> onLooked;
    std::function<void(const std::string&)> onTaken;

    /// `papers` in the order in which they are shown, the first `atHand` of them at hand and the others to be bought;
    /// `isJudged` if that is their rank.
    void show(std::shared_ptr<const planning::Plan> plan, const materials::Library& library,
              std::vector<materials::Paper> papers, std::size_t atHand, bool isJudged, const std::string& looked);

    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

 private:
    int columns() const { return std::max(1, width() / 196); }
    QRectF boxOf(int i) const;
    int offcutAt(const QPointF& position) const;
    void makeSwatches(const materials::Library& library);
    QString wordsFor(int i) const;

    std::shared_ptr<const planning::Plan> plan_;
    std::vector<materials::Paper> papers_;
    std::size_t atHand_ = 0;
    bool isJudged_ = false;
    std::string looked_;
    QList<QList<QImage>> swatches_;
};

}  // namespace app
