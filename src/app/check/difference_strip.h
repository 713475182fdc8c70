#pragma once

#include <QAbstractScrollArea>
#include <QColor>
#include <QString>
#include <functional>
#include <vector>

#include "app/widgets/drawn_parts.h"

namespace app {

/// The areas of the work, and places in them, from the worst to the best: each with its colour beside the one that is
/// wanted, in words, as a line as long as it is off, and with what is done about it. What the photograph's own error
/// could explain is a part of the line that is only dotted.
class DifferenceStrip : public QAbstractScrollArea, public HasParts {
    Q_OBJECT

 public:
    struct Row {
        int area = 0;          // index
        bool isPlace = false;  // in it, not all of it
        QColor work, wanted;
        QString name, words, figure, correction;
        double difference = 0;
        bool isFirst = false;  // among what the eye gains most from
        bool isTaken = false;
    };

    DifferenceStrip();
    /// `error` is what the photograph may be off, in the unit of the differences.
    void setRows(std::vector<Row> rows, double error);
    const std::vector<Row>& rows() const { return rows_; }
    /// By index of the area, all of it or the place in it; -1 for none.
    void choose(int area, bool isPlace = false);
    int chosen() const { return chosen_; }
    bool isPlaceChosen() const { return isPlaceChosen_; }

    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 Q_SIGNALS:
    void areaChosen(int area);

 protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    int rowHeight() const;
    bool isChosen(const Row& row) const { return row.area == chosen_ && row.isPlace == isPlaceChosen_; }
    /// -1 where none is.
    int chosenRow() const;
    void take(int row);
    void measureScroll();

    std::vector<Row> rows_;
    double error_ = 0;
    int chosen_ = -1;
    bool isPlaceChosen_ = false;
};

}  // namespace app
