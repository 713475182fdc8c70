#pragma once

#include <QBoxLayout>
#include <QPushButton>
#include <QStackedWidget>

namespace app {

/// Parts of an instrument that take turns in the same room, each with a button that brings it up.
class Leaves : public QStackedWidget {
 public:
    explicit Leaves(QWidget* parent = nullptr) : QStackedWidget(parent) {}

    /// The button stands in `row`; `hint` says what the part is for.
    void addLeaf(QLayout* row, const QString& title, const QString& hint, QWidget* leaf) {
        addWidget(leaf);
        auto* button = new QPushButton(title);
        button->setCheckable(true);
        button->setAutoExclusive(true);
        button->setToolTip(hint);
        button->setChecked(count() == 1);
        row->addWidget(button);
        connect(button, &QPushButton::toggled, this, [this, leaf](bool on) {
            if (on) setCurrentWidget(leaf);
        });
        connect(this, &QStackedWidget::currentChanged, button,
                [this, button, leaf] { button->setChecked(currentWidget() == leaf); });
    }
};

}  // namespace app
