#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

#include "app/desk.h"
#include "planning/easel_timers.h"

namespace app {

/// The work at the easel: which step is in hand, what runs and dries, and what the artist does, each of it written
/// before it counts.
class Easel : public QObject {
    Q_OBJECT

 public:
    using Clock = std::function<planning::Moment()>;
    explicit Easel(Desk& desk, Clock clock = planning::momentNow);

    /// Number of the step in hand; 0 without a plan, or when nothing can be laid now.
    int inHand() const { return inHand_; }
    /// Null where there is none.
    const planning::Step* step() const;
    /// The step that comes after it, as things stand; null for none.
    const planning::Step* nextStep() const;
    /// Work has begun, and is not at a pause.
    bool isWorking() const { return isBegun_ && !timers_.isPaused(); }
    bool isBegun() const { return isBegun_; }
    /// Everything is laid or passed over.
    bool isFinished() const;
    /// The step in hand is not the first in order: that one waits for what dries.
    bool isElsewhere() const { return isElsewhere_; }
    /// Nothing can be laid until something has dried.
    bool isWaiting() const;
    /// What has been written so far, as it stands.
    const planning::Standing& standing() const { return standing_; }
    const planning::EaselTimers& timers() const { return timers_; }
    planning::Moment now() const { return clock_(); }
    /// An act is on its way to the disk.
    bool isBusy() const;

    /// Takes the step in hand up; the first time of an evening, or after a pause.
    void begin();
    void pause();
    /// The step in hand is laid. Where the plan is being made anew it waits for that.
    void done();
    void takeBack();
    void passOver();
    /// The step in hand is laid lighter (-1) or heavier (1) by one degree.
    void press(int by);
    void takeStick(const materials::Material& stick);
    void remark(const QString& words);
    /// `name` ends in .jpg or .png as the bytes are; it is numbered when it is written.
    void photograph(planning::SharedBytes bytes, const QString& name);
    void tick(planning::Finishing what);
    /// A pass of fixative went over the whole sheet that no step tells of.
    void fixSheet();
    /// What a step left wet, or the sheet that was fixed, has dried.
    void itIsDry(int step);
    void steppedBack();
    void stepBackEvery(double minutes) { timers_.stepBackEvery(minutes); }
    /// What is due by the clock is told; called every second.
    void lookAtClock();

 Q_SIGNALS:
    void changed();
    void ticked();
    void dried(int step);
    void stepBackDue();

 private:
    void refresh();
    void takeNext();
    /// What dries, told by the record: it is known after another start too.
    void followWaits(const planning::Plan& plan, const planning::Moment& now);
    void write(planning::Entry entry);
    /// Does something as soon as the plan is the one that the record asks for.
    void whenPlanned(std::function<void()> act);
    planning::Entry entryOf(planning::EntryKind kind, int step) const;

    Desk& desk_;
    Session& session_;
    Clock clock_;
    planning::EaselTimers timers_;
    planning::Standing standing_;
    QTimer every_;
    struct Waiting {
        std::function<void()> act;
        std::shared_ptr<void> entry;  // to come: the study stays until then
    };
    std::optional<Waiting> waiting_;  // for the plan
    int inHand_ = 0;
    bool isBegun_ = false, isElsewhere_ = false;
};

}  // namespace app
