#pragma once

#include <QLayout>
#include <QList>

namespace app {

/// Fields and buttons in a row that goes on in the next line where there is no room, so that no word is clipped. What
/// is added after addStretch() stands at the right end as long as all is in one line.
class FlowRow : public QLayout {
 public:
    FlowRow();
    ~FlowRow() override;

    void addStretch() { stretch_ = int(items_.size()); }
    /// This one takes what room is left in its line.
    void setGrowing(QWidget* widget) { growing_ = widget; }

    /// This one is left out where it would begin another line.
    void setYielding(QWidget* widget) { yielding_ = widget; }

    void addItem(QLayoutItem* item) override { items_.append(item); }
    int count() const override { return int(items_.size()); }
    QLayoutItem* itemAt(int index) const override { return items_.value(index); }
    QLayoutItem* takeAt(int index) override;
    Qt::Orientations expandingDirections() const override { return Qt::Horizontal; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return layOut(QRect(0, 0, width, 0), false); }
    QSize minimumSize() const override;
    QSize sizeHint() const override;
    void setGeometry(const QRect& room) override;

 private:
    int wholeWidth() const;
    /// The height that it takes.
    int layOut(const QRect& room, bool isMoved) const;

    QList<QLayoutItem*> items_;
    int stretch_ = -1;
    QWidget* growing_ = nullptr;
    QWidget* yielding_ = nullptr;
};

}  // namespace app
