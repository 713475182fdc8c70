#pragma once

#include "app/subject/subject_leaf.h"
#include "planning/construction.h"

class QCheckBox;
class QComboBox;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace app {

/// The measuring strip: a drawn line in sheet millimetres, against level and plumb and in the unit; lengths that are
/// kept; extents and alignments; the grid; the construction drawing.
class MeasureLeaf : public SubjectLeaf {
    Q_OBJECT

 public:
    MeasureLeaf(Desk& desk, OnSubject& on);
    PicturePair::Hand hand() const override { return PicturePair::Hand::line; }
    void refresh() override;
    void drawn() override { refresh(); }
    void addTo(Views& views) const override;
    QStringList sentences() const override;

 private:
    class Strip;
    QLayout* makeLineRow();
    QLayout* makeDrawingRow();
    void keep(bool asUnit);
    void letGo();
    QStringList extentSentences(int area) const;
    QStringList areaNames() const;

    Strip* strip_;
    QListWidget* kept_;
    QPushButton *keep_, *unit_, *letGo_, *export_;
    QCheckBox *catches_, *construction_;
    QComboBox* grid_;
    QSpinBox* marks_;
    std::weak_ptr<const planning::Reading> drawnOf_;
    planning::Construction drawing_;
    planning::Study drawingOf_;
};

}  // namespace app
