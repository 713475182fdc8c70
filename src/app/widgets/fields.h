#pragma once

#include <QBoxLayout>
#include <QLabel>
#include <QSpinBox>

#include "app/widgets/measure.h"

namespace app {

/// A label before a field, which stay together in a row. Gives what holds both.
inline QWidget* addField(QLayout* row, const QString& label, QWidget* field) {
    auto* both = new QWidget;
    auto* across = new QHBoxLayout(both);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(measure::grid);
    auto* words = new QLabel(label);
    words->setBuddy(field);
    across->addWidget(words);
    across->addWidget(field, 1);
    if (field->accessibleName().isEmpty()) field->setAccessibleName(label);
    row->addWidget(both);
    return both;
}

/// Beside a combo box that has no label of its own, for screen readers: they take a combo box's own name for the line
/// that is chosen in it.
inline void addUnseenLabel(QLayout* row, QWidget* field) {
    auto* words = new QLabel(field->accessibleName());
    words->setBuddy(field);
    words->hide();
    row->addWidget(words);
}

inline QSpinBox* wholeNumber(int least, int most, const QString& suffix = {}) {
    auto* box = new QSpinBox;
    box->setRange(least, most);
    box->setSuffix(suffix);
    box->setKeyboardTracking(false);
    return box;
}

/// Shows a value without telling anyone that it changed.
template <typename Field, typename Value>
void showValue(Field* field, Value value) {
    const QSignalBlocker quiet(field);
    field->setValue(value);
}

}  // namespace app
