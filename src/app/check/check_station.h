#pragma once

#include <memory>
#include <optional>

#include "app/background.h"
#include "app/check/checked_photograph.h"
#include "app/check/corners_by_hand.h"
#include "app/check/difference_strip.h"
#include "app/check/mend_answers.h"
#include "app/check/way_leaf.h"
#include "app/kept_of_study.h"
#include "app/station.h"
#include "app/widgets/leaves.h"

class QProgressBar;
class QPushButton;
class QSpinBox;

namespace app {

/// Check: what a photograph of the work tells. The areas from the worst to the best against plan or subject, what would
/// mend each, and the plan made anew from where the work really stands.
class CheckStation : public Station {
    Q_OBJECT

 public:
    explicit CheckStation(Desk& desk);
    QString name() const override { return tr("Check"); }
    QString decided() const override;
    Route::Mark mark() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void point(const QPointF& fraction) override;
    void refresh() override;

    /// Reads a photograph of the work in the background.
    void check(const QString& file);
    bool isBusy() const { return reader_.isBusy() || mender_.isBusy(); }
    DifferenceStrip& strip() { return *strip_; }
    Leaves& leaves() { return *leaves_; }
    WayLeaf& way() { return *way_; }
    /// Null until one is read.
    std::shared_ptr<const CheckedPhotograph> photograph() const { return read_; }
    const std::optional<planning::Mending>& mending() const { return answers_->mending(); }
    QPushButton& takeButton() { return *take_; }
    QPushButton& keepButton() { return *keep_; }
    QSpinBox& stepField() { return *step_; }

 protected:
    void showEvent(QShowEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

 private:
    QWidget* makeStrip();
    void choosePhotograph();
    /// Steps that are laid: by the record, or where it tells of none as the artist says.
    std::vector<int> laid() const;
    /// The sheet's corners are to be set by hand.
    void takeCorners();
    void read();
    void takeRead(common::Result<std::shared_ptr<const CheckedPhotograph>> read);
    void findMends();
    void showRows();
    void showAnswers();
    void keep(bool withMends);
    /// What is compared with: the plan's sheet, or the subject.
    bool isAgainstPlan() const;
    const planning::CheckedArea* checkedArea(int area) const;
    /// The place in an area that strikes the eye; null where none does.
    const planning::CheckedPlace* placeIn(int area) const;
    /// That place, if this is in it.
    const planning::CheckedPlace* placeAt(const QPointF& fraction) const;
    struct First {
        int area = 0;  // index
        bool isPlace = false;
        double gain = 0;
    };
    /// Of areas and places, where the eye gains most: three at most.
    std::vector<First> first() const;
    DifferenceStrip::Row rowOf(const planning::CheckedArea& area) const;
    DifferenceStrip::Row rowOf(const planning::CheckedPlace& place) const;
    QString nameOf(int area, bool isPlace) const;
    double differenceOf(const planning::CheckedArea& area) const;
    QString correctionWords(int area) const;
    QString shortWords(int area) const;

    Leaves* leaves_;
    DifferenceStrip* strip_;
    WayLeaf* way_;
    QPushButton *open_, *byHand_, *againstPlan_, *againstSubject_, *take_, *keep_;
    QSpinBox* step_;
    QWidget* stepRow_;
    MendAnswers* answers_;
    QProgressBar* progress_;

    QString file_;
    std::shared_ptr<const cv::Mat> picture_;  // of the file, as read
    CornersByHand corners_;
    std::shared_ptr<const CheckedPhotograph> read_;
    std::shared_ptr<const planning::Plan> readOf_;
    bool isKept_ = false;  // what was read is in the record, or on its way there
    KeptOfStudy kept_;
    Background reader_{this}, mender_{this};
};

}  // namespace app
