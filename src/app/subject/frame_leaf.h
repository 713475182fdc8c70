#pragma once

#include "app/subject/subject_leaf.h"

class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace app {

/// The references, and the part of the leading one that the sheet shows: format, crop, level, grey.
class FrameLeaf : public SubjectLeaf {
    Q_OBJECT

 public:
    FrameLeaf(Desk& desk, OnSubject& on);
    PicturePair::Hand hand() const override { return PicturePair::Hand::line; }
    void refresh() override;
    void drawn() override { refresh(); }
    bool takesPoint(const QPointF& fraction) override;
    QStringList sentences() const override;

 private:
    class Board;
    QLayout* makePinColumn();
    QLayout* makeFrameRow();
    QLayout* makeSheetRow();
    void chooseSize(double width, double height);
    subject::FramePlace framePlace() const;
    /// Another frame, and with it perhaps another height of the sheet; areas keep their names where they still are.
    void chooseFrame(const QString& what, const subject::Frame& frame, double heightMillimetres);
    void level();
    void crop(bool toFormat);
    QString frameSentence() const;

    Board* board_;
    QLineEdit* title_;
    QComboBox *format_, *light_;
    QSpinBox *width_, *height_;
    QList<QPushButton*> byLine_;  // need a drawn line
    QPushButton* grey_;           // pressed: the next click points at one
    QPushButton* whole_;
    QPushButton* other_;
    QPushButton* letGo_;
};

}  // namespace app
