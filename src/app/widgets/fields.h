#pragma once

#include <QBoxLayout>
#include <QLabel>
#include <QSpinBox>

namespace app {

/// A label before a field, in a row.
inline void addField(QBoxLayout* row, const QString& label, QWidget* field) {
    auto* words = new QLabel(label);
    words->setBuddy(field);
    row->addWidget(words);
    row->addWidget(field);
    if (field->accessibleName().isEmpty()) field->setAccessibleName(label);
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
