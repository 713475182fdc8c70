#pragma once

#include <QWidget>
#include <functional>
#include <vector>

#include "materials/owned.h"

class QComboBox;
class QHBoxLayout;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace app {

/// How the chosen things are kept: what is left, box, slot, notes and photographs. Holds nothing of its own.
class KeptFields : public QWidget {
    Q_OBJECT

 public:
    explicit KeptFields(QWidget* parent = nullptr);

    /// The first thing's.
    void show(const std::vector<materials::Owned>& things);
    /// Its photographs by their keys, small, once they have been read.
    void showPhotographs(const QList<std::pair<QString, QImage>>& photographs);

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
    QPushButton* attach_;
};

}  // namespace app
