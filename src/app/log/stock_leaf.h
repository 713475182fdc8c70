#pragma once

#include <QWidget>

#include "app/desk.h"
#include "app/widgets/margin.h"
#include "planning/worked_days.h"

class QListWidget;
class QPushButton;

namespace app {

/// What the sticks have probably lost in this picture, and what is left of them.
class StockLeaf : public QWidget {
    Q_OBJECT

 public:
    explicit StockLeaf(Desk& desk);
    void refresh();
    MarginText margin() const;
    QListWidget& list() { return *list_; }

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    /// Takes what was lost since that was last done into the drawer.
    void take();
    const materials::Owned* ownedOf(const planning::ServedStick& served) const;
    std::vector<planning::ServedStick> served() const;

    Desk& desk_;
    QListWidget* list_;
    QPushButton* take_;
};

}  // namespace app
