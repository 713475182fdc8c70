#pragma once

#include <QWidget>
#include <functional>
#include <vector>

#include "materials/owned.h"

class QComboBox;
class QHBoxLayout;
class QLineEdit;
class QSpinBox;

namespace app {

/// How the chosen things are kept: what is left, box, slot, notes and photographs. Holds nothing of its own.
class KeptFields : public QWidget {
    Q_OBJECT

 public:
    explicit KeptFields(QWidget* parent = nullptr);

    /// The first thing's; a photograph by its key and what it looks like.
    void show(const std::vector<materials::Owned>& things, const QList<std::pair<QString, QPixmap>>& photographs);

 Q_SIGNALS:
    /// A field was changed, for all that is chosen.
    void edited(const QString& what, const std::function<void(materials::Owned&)>& edit);
    void attachWanted();
    void photographOpened(const QString& key);

 private:
    QComboBox* stock_;
    QLineEdit* box_;
    QSpinBox* slot_;
    QLineEdit* notes_;
    QHBoxLayout* photographs_;
};

}  // namespace app
