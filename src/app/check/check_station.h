#pragma once

#include <array>
#include <map>
#include <memory>
#include <optional>

#include "app/background.h"
#include "app/check/checked_photograph.h"
#include "app/check/difference_strip.h"
#include "app/check/way_strip.h"
#include "app/station.h"
#include "app/widgets/leaves.h"
#include "planning/replanning.h"

class QButtonGroup;
class QLabel;
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
    WayStrip& way() { return *way_; }
    /// Null until one is read.
    std::shared_ptr<const CheckedPhotograph> photograph() const { return read_; }
    const std::optional<planning::Mending>& mending() const { return mending_; }
    QPushButton& takeButton() { return *take_; }
    QPushButton& keepButton() { return *keep_; }
    QSpinBox& stepField() { return *step_; }

 protected:
    void showEvent(QShowEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

 private:
    /// What may be done about an area.
    enum Answer { letBe = -1 };
    QWidget* makeStrip();
    void choosePhotograph();
    /// Steps that are laid: by the record, or where it tells of none as the artist says.
    std::vector<int> laid() const;
    void read();
    void takeRead(common::Result<std::shared_ptr<const CheckedPhotograph>> read);
    void findMends();
    void showRows();
    void showAnswers();
    void answer(int mend);
    void keep(bool withMends);
    void showWay();
    /// What is compared with: the plan's sheet, or the subject.
    bool isAgainstPlan() const;
    const planning::CheckedArea* checkedArea(int area) const;
    int stackOf(int area) const;
    /// Index into the ways of a stack that is taken; letBe for none.
    int takenFor(int stack) const;
    int takenCount() const;
    /// Of areas, where the eye gains most: three at most.
    std::vector<int> firstAreas() const;
    double differenceOf(const planning::CheckedArea& area) const;
    QString correctionWords(int area) const;
    QString shortWords(int area) const;

    Leaves* leaves_;
    DifferenceStrip* strip_;
    WayStrip* way_;
    QPushButton *open_, *byHand_, *againstPlan_, *againstSubject_, *take_, *keep_;
    QSpinBox* step_;
    QWidget* stepRow_;
    QLabel* answersHead_;
    QWidget* answers_;
    QButtonGroup* answerGroup_;
    QProgressBar* progress_;

    QString file_;
    std::shared_ptr<const cv::Mat> picture_;  // of the file, as read
    QImage raw_;                              // the same, while its corners are set by hand
    std::vector<cv::Point2d> corners_;        // fractions of it
    bool isByHand_ = false;
    std::shared_ptr<const CheckedPhotograph> read_;
    std::shared_ptr<const planning::Plan> readOf_;
    std::optional<planning::Mending> mending_;
    std::map<int, int> taken_;  // by stack, where the artist answers otherwise than is proposed
    std::shared_ptr<planning::Kept> kept_ = std::make_shared<planning::Kept>();
    std::size_t wayEntries_ = 0;
    std::shared_ptr<const planning::Plan> wayOf_;
    Background reader_{this}, mender_{this}, painter_{this};
};

}  // namespace app
