#pragma once

#include <QWidget>
#include <vector>

#include "planning/trial_sheet.h"

class QComboBox;
class QListWidget;
class QPushButton;

namespace app {

/// Manners in words, those that a medium is commonly laid in.
void fillManners(QComboBox& field, materials::Kind kind);
/// Pressures by halves, from the lightest to heavy.
void fillPressures(QComboBox& field);

/// The strokes of one swatch from the last down to the first, as they lie, each to be changed or taken off; more are
/// laid over them.
class StrokesEditor : public QWidget {
    Q_OBJECT

 public:
    StrokesEditor();
    /// Must live as long as it is shown.
    void setMedia(const std::vector<materials::Material>& media);
    void show(const planning::Strokes& strokes);

 Q_SIGNALS:
    void changed(const planning::Strokes& strokes);

 private:
    /// The stroke in hand; -1 where there is none.
    int current() const;
    void select(int stroke);
    void showFields();
    void takeFields();
    void layOneMore();
    void takeOff();

    const std::vector<materials::Material>* media_ = nullptr;
    planning::Strokes strokes_;
    QListWidget* list_;
    QComboBox *stick_, *manner_, *pressure_;
    QPushButton *more_, *off_;
};

}  // namespace app
