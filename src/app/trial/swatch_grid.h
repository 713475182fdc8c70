#pragma once

#include <QWidget>
#include <set>
#include <vector>

#include "app/widgets/drawn_parts.h"
#include "planning/trial_sheet.h"

namespace app {

/// What stands before a row or over a column: a stick by its place among the media, how hard is pressed, or what is
/// wanted.
struct SwatchHead {
    int stick = -1;
    std::optional<pigment::Pressure> pressure = {};
    QString name = {};
    colour::Lab wanted = {};
};

/// The trial sheet as it lies on the table: swatches on their paper, what each row and column is laid with, what slides
/// and what goes onto the card.
class SwatchGrid : public QWidget, public HasParts {
    Q_OBJECT

 public:
    SwatchGrid();
    /// All must live as long as they are shown.
    void show(const planning::TrialSheet& sheet, const std::vector<planning::Tried>& tried,
              const std::vector<materials::Material>& media);
    /// `over` says what the columns are.
    void setHeads(std::vector<SwatchHead> rows, std::vector<SwatchHead> columns, const QString& over);
    void select(int swatch);
    int selected() const { return selected_; }
    const std::set<int>& onCard() const { return onCard_; }
    void clearCard();
    /// Where a swatch lies in the widget.
    QRectF boxOf(int swatch) const;
    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 Q_SIGNALS:
    void chosen(int swatch);
    /// A swatch was put onto the card or taken off it.
    void cardChanged();

 protected:
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent*) override;

 private:
    QRectF paperBox() const;
    void paintHead(QPainter& painter, const QRectF& box, const SwatchHead& head, bool isNamed) const;
    void paintSwatch(QPainter& painter, int swatch) const;
    void toggleOnCard(int swatch);

    const planning::TrialSheet* sheet_ = nullptr;
    const std::vector<planning::Tried>* tried_ = nullptr;
    const std::vector<materials::Material>* media_ = nullptr;
    std::vector<SwatchHead> rows_, columns_;
    QString over_;
    std::set<int> onCard_;
    int selected_ = 0;
};

}  // namespace app
