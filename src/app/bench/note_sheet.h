#pragma once

#include "app/widgets/sheet.h"

class QLineEdit;

namespace app {

/// A remark about the step in hand, chosen or typed.
class NoteSheet : public Sheet {
    Q_OBJECT

 public:
    NoteSheet(QWidget* parent, const QString& about);
    QLineEdit& words() { return *words_; }

 Q_SIGNALS:
    void said(const QString& words);

 private:
    void tell(const QString& words);
    QLineEdit* words_;
};

}  // namespace app
