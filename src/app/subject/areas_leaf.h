#pragma once

#include "app/subject/subject_leaf.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QSlider;
class QSpinBox;

namespace app {

class TriadBoard;

/// Areas: proposed, then corrected by scribbles; what each is, which are planned together, how their strokes run, and
/// where their colours come from.
class AreasLeaf : public SubjectLeaf {
    Q_OBJECT

 public:
    AreasLeaf(Desk& desk, OnSubject& on);
    PicturePair::Hand hand() const override;
    void refresh() override;
    bool takesPoint(const QPointF& fraction) override;
    void drawn() override;
    void addTo(Views& views) const override;
    QStringList sentences() const override;

 private:
    QLayout* makeScribbleRow();
    QLayout* makePairRow();
    QLayout* makeAreaRow();
    void edit(subject::AreaEdit::Kind kind, const QString& what);
    void takeDirections();
    void planApart();
    void forgetFace();
    void chooseEdge(const subject::Line& between);
    /// A switch that waits for a click on a second area.
    QPushButton* awaiting(const QString& text, const QString& hint);
    void showArea();

    TriadBoard* triads_;
    QSpinBox* count_;
    QSlider* fewer_;
    QLabel* corrected_;
    QPushButton* anew_;
    QLineEdit* name_;
    QComboBox *kind_, *plane_, *edge_, *source_;
    QCheckBox* focal_;
    QPushButton *joinWith_, *pairWith_, *edgeWith_, *apart_, *directions_, *noDirections_, *noFace_, *wipe_;
    std::vector<std::pair<QPushButton*, subject::AreaEdit::Kind>> edits_;
};

}  // namespace app
