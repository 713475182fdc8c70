#pragma once

#include <QImage>
#include <QObject>
#include <QTimer>
#include <QUndoStack>
#include <functional>
#include <memory>
#include <optional>

#include "app/background.h"
#include "planning/close_view.h"
#include "planning/replanning.h"
#include "storage/journal.h"
#include "subject/pyramid.h"

namespace app {

/// The study in hand, its undo history, and the plan that follows from it. Every change plans anew in the background, a
/// coarse plan first and the full one after it; an unfinished plan is stopped. All signals come on the interface
/// thread.
class Session : public QObject {
    Q_OBJECT

 public:
    explicit Session(QObject* parent = nullptr);
    ~Session() override;

    const planning::Study& study() const { return chosen_.study; }
    const materials::Library& library() const { return *chosen_.library; }
    const std::shared_ptr<const materials::Library>& sharedLibrary() const { return chosen_.library; }
    /// The reference in the sheet's format (CV_8UC3, R G B), there before the reading; empty without one.
    const cv::Mat& picture() const { return picture_; }
    /// The light that the pictures are shown under: the study's, or the one that is looked at for a moment.
    colour::Light shownLight() const { return glance_.value_or(study().light); }
    void glanceUnder(std::optional<colour::Light> light);
    /// picture() under that light; the same image as long as it looks the same.
    const QImage& shownPicture();
    /// The plan's sheet after so many steps under that light, likewise; null without a plan.
    QImage sheetAfter(int steps);
    /// Looks at a part of the reference (fractions of the frame) in its own detail, so many pixels large, in the
    /// background; detailSeen brings it. What was asked for before is dropped.
    void lookCloser(const QRectF& part, const QSize& pixels);
    /// Likewise at the marks on a part of the sheet after so many steps; marksSeen brings it.
    void lookAtMarks(int steps, const QRectF& part, const QSize& pixels);
    /// Null until the first reading or plan is there; the last good one while the next is made.
    std::shared_ptr<const planning::Reading> reading() const { return reading_; }
    std::shared_ptr<const planning::Plan> plan() const { return plan_; }
    QUndoStack& history() { return history_; }
    /// What has been done on the sheet.
    const planning::Record& record() const { return record_; }
    /// The study that the record was last written with.
    const planning::Study& writtenWith() const { return writtenWith_; }
    /// The record has grown, and is on the disk together with this study. Once anything is laid there is no way back
    /// to before it. Plans anew if the work does not go as planned.
    void takeRecord(planning::Record record, const planning::Study& writtenWith);
    /// Whether the artist has chosen otherwise since the record was last written.
    bool hasChosenSince() const;
    bool isPlanning() const { return isPlanning_; }
    /// The plan is to tell of all papers, or of all ways to begin, whatever the study names: what is known is in the
    /// plan as soon as it is found.
    enum class Compared { papers, grounds };
    void compare(Compared what);
    /// The ways to begin that have been tried since the last choice, while the others still are.
    const std::vector<planning::TriedGround>& triedSoFar() const { return triedSoFar_; }
    /// The papers in the order that is there at once; empty before.
    const std::vector<materials::Paper>& firstOrder() const { return firstOrder_; }
    /// Whether `plan()` belongs to `study()` and is no first plan that will be replaced.
    bool isPlanCurrent() const {
        return plan_ && !plan_->isCoarse && planOf_ == chosen_ && planCourse_ == courseOf(recordToPlan());
    }

    /// Starts over with another study; the history is empty and clean. `picture` is its reference, if it has been read.
    void open(planning::Study study, materials::Library library,
              std::shared_ptr<const subject::Picture> picture = nullptr, planning::Record record = {});
    /// The states that undo and redo reach, from the first; history().index() is the one in hand.
    std::vector<storage::JournalStep> steps() const;
    /// Goes on from these states with the one at `at` in hand; undo and redo reach the others, and nothing is saved but
    /// the record, with the study that it was written with.
    void takeUp(const std::vector<storage::JournalStep>& steps, int at, planning::Record record = {},
                const planning::Study& writtenWith = {});
    /// One undoable choice: what it makes of the study. Choices with the same `mergeKey` (not empty) in a row are
    /// undone as one.
    void choose(const QString& what, const std::function<void(planning::Study&)>& change, const QString& mergeKey = {});
    /// One undoable choice that also takes other materials.
    void chooseMaterials(const QString& what, const planning::Study& changed, materials::Library library);
    /// planningStopped tells that it has stopped; goOnPlanning begins what was stopped anew.
    void stopPlanning();
    void goOnPlanning();

 Q_SIGNALS:
    /// Another study is in hand: this one, its library and its record are in place.
    void opened();
    void studyChanged();
    void recordChanged();
    void shownLightChanged();
    void readingChanged();
    void planChanged();
    void papersOrdered();
    void groundTried();
    void planningStarted();
    void planningProgress(double fraction);
    void planningEnded();
    void planningStopped();
    void problemMet(const QString& sentence);
    void detailSeen(const QImage& image, const QRectF& part);
    void marksSeen(const QImage& image, const QRectF& part, int steps);

 private:
    class Choice;
    /// A study and the materials that it draws from; these are shared by all states that have the same.
    struct Chosen {
        planning::Study study;
        std::shared_ptr<const materials::Library> library = std::make_shared<materials::Library>();
        bool operator==(const Chosen&) const = default;
    };
    /// What of a record a plan depends on.
    struct Course {
        int planChangedAt = -1;
        std::vector<planning::Deviation> deviations;
        bool operator==(const Course&) const = default;
    };
    static Course courseOf(const planning::Record& record);
    /// The record as the plan is made from it: the artist's last choices are in it though they are not written yet.
    planning::Record recordToPlan() const;
    void forget();
    /// After forget(): the first state of another study.
    void begin(Chosen chosen);
    void set(const Chosen& chosen);
    void push(const QString& what, Chosen changed, const QString& mergeKey);
    void startPlanning();
    void take(planning::Plan plan, const Chosen& of);
    /// Compares what is wanted of the plan and not in it, and tells it; then `then`.
    void compareWanted(const Chosen& of, std::function<void()> then);
    void compareMissing();
    /// A stage of planning off the interface thread, of `from` to `to` of the whole; what it makes (a common::Result)
    /// is for `then`, unless it fails or another planning has begun.
    template <typename Work, typename Then>
    void stage(const Chosen& of, double from, double to, Work work, Then then);
    void end();

    Chosen chosen_, planOf_;
    planning::Record record_;
    planning::Study writtenWith_;  // the record
    Course planCourse_;            // of the record that the plan was made from
    std::shared_ptr<const planning::Reading> reading_;
    std::shared_ptr<const planning::Plan> plan_;
    cv::Mat picture_;
    std::optional<colour::Light> glance_;
    QImage shown_;  // null until asked for
    struct Sheet {
        int steps;
        colour::Light light;
        QImage image;
    };
    std::vector<Sheet> sheets_;  // of the plan: the last few that were shown
    /// Only the marker's thread touches what is in it.
    struct Marked {
        std::shared_ptr<const planning::Plan> plan;
        colour::Light light = colour::Light::daylight65;
        QRectF part;
        QSize pixels;
        std::optional<planning::CloseView> view;
    };
    std::shared_ptr<Marked> marked_ = std::make_shared<Marked>();
    Background marker_{this};
    Background looker_{this};
    /// Only the looker's thread touches what is in it: kept even if what was asked for has been dropped.
    struct Looked {
        std::shared_ptr<const planning::ReferenceFile> reference;
        std::shared_ptr<const subject::Pyramid> pyramid;  // of the reference
    };
    std::shared_ptr<Looked> looked_ = std::make_shared<Looked>();
    colour::Light shownUnder_ = colour::Light::daylight65;
    QUndoStack history_;
    QTimer delay_;                  // then planning begins
    QTimer rest_;                   // then the last choice is some time ago
    std::function<void()> atRest_;  // what planning goes on with then
    std::shared_ptr<planning::Kept> kept_ = std::make_shared<planning::Kept>();
    Background planner_{this};  // one stage after the other: they share `kept_`
    bool isPlanning_ = false;
    bool papersWanted_ = false, groundsWanted_ = false;
    std::vector<planning::TriedGround> triedSoFar_;
    std::vector<materials::Paper> firstOrder_;
    bool isTakingUp_ = false;  // the history is laid out anew: its choices are not made again
};

}  // namespace app
