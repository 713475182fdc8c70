#pragma once

#include <functional>
#include <optional>

#include "app/station.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace app {

/// Subject: the sheet's format, the frame that it shows of the reference, the number of areas, and the measuring strip:
/// a line drawn on the reference is told in sheet millimetres, against level and plumb, and against one length taken as
/// the unit.
class SubjectStation : public Station {
    Q_OBJECT

 public:
    explicit SubjectStation(Session& session);
    QString name() const override { return tr("Subject"); }
    QString decided() const override;
    Route::Mark mark() const override { return session_.reading() ? Route::Mark::decided : Route::Mark::open; }
    MarginText margin() const override;
    Views views() const override;
    void measure(const QLineF& fractions) override;
    void point(const QPointF& fraction) override;
    void refresh() override;

 Q_SIGNALS:
    void openPictureWanted();

 private:
    class Strip;
    QLineF inMillimetres(const QLineF& fractions) const;
    void chooseSize(double width, double height);
    QLayout* makeFrameRow();
    subject::FramePlace framePlace() const;
    /// Another frame, and with it perhaps another height of the sheet; areas keep their names where they still are.
    void chooseFrame(const QString& what, const subject::Frame& frame, double heightMillimetres);
    void level();
    void crop(bool toFormat);
    QString frameSentence() const;
    QLayout* makeAreaRow();
    /// The area that was clicked on; -1 for none.
    int chosenArea() const;
    void editAreas(subject::AreaEdit::Kind kind);
    /// Says something of the chosen area.
    void sayOfArea(const QString& what, const std::function<void(planning::AreaName&)>& say);
    void showArea();

    Strip* strip_;
    QLineEdit* title_;
    QComboBox *format_, *light_;
    QSpinBox* width_;
    QSpinBox* height_;
    QSpinBox* areas_;
    QPushButton* takeUnit_;
    QList<QPushButton*> byLine_;  // need a drawn line
    QPushButton* grey_;           // pressed: the next click points at one
    QPushButton* whole_;
    std::optional<QLineF> line_;  // fractions
    double unitMillimetres_ = 0;
    QPushButton *join_, *part_;
    QLineEdit* areaName_;
    QComboBox* plane_;
    QCheckBox* focal_;
    std::optional<QPointF> clicked_;  // fractions
};

}  // namespace app
