#pragma once

#include <QAbstractScrollArea>
#include <set>
#include <vector>

#include "app/materials/arrangement.h"
#include "app/widgets/drawn_parts.h"

namespace app {

/// A thing in the shape of its kind; of a tool the word for it.
void paintShape(QPainter& painter, const QRectF& box, const materials::Owned& owned);

/// The drawer seen from above: sections of things, each in the shape of its kind with its name.
class DrawerView : public QAbstractScrollArea, public HasParts {
    Q_OBJECT

 public:
    explicit DrawerView(QWidget* parent = nullptr);

    /// `things` must live as long as they are shown. What is selected and still shown stays so.
    void show(const std::vector<materials::Owned>& things, std::vector<Section> sections);
    const std::vector<Section>& sections() const { return sections_; }
    const std::set<int>& selected() const { return selected_; }
    void select(const std::set<int>& things);
    /// Ids of what is selected; they stay while the things that are shown are about to be others.
    std::vector<std::string> selectedIds() const { return selectedIds_; }
    /// Where a thing lies in the viewport.
    QRect boxOf(int thing) const;

    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 Q_SIGNALS:
    void selectionChanged();
    /// One thing is to be looked into: by a double click or Return.
    void opened(int thing);

 protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    struct Placed {
        int thing;
        QRect box;  // in the whole drawer
    };
    struct Head {
        QString words;
        int y;
    };
    int columnCount() const;
    void layOut();
    void paintThing(QPainter& painter, const materials::Owned& owned, const QRect& box, bool isSelected) const;
    void moveBy(int step, bool extend);

    const std::vector<materials::Owned>* things_ = nullptr;
    std::vector<Section> sections_;
    std::vector<Placed> placed_;
    std::vector<Head> heads_;
    std::set<int> selected_;
    std::vector<std::string> selectedIds_;
    int current_ = -1;  // thing from which a selection is extended
};

}  // namespace app
