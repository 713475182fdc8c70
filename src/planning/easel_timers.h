#pragma once

#include <cstdint>
#include <optional>
#include <vector>

#include "planning/minutes.h"

namespace planning {

/// One instant by three clocks, in milliseconds.
struct Moment {
    std::int64_t wall = 0;     // since 1970, UTC; may be set by hand
    std::int64_t running = 0;  // goes on while the computer sleeps, as drying does
    std::int64_t awake = 0;    // stands still while it sleeps, as the hand does
};
/// By the system's clocks.
Moment momentNow();

/// In the place of a step's number: the sheet was fixed beside the plan.
inline constexpr int wholeSheet = 0;

/// Something that dries.
struct EaselWait {
    int step = wholeSheet;  // that left it wet
    MinuteRange range;
    std::int64_t begun = 0;  // by Moment::running
    bool isTold = false;     // that it has dried
};

enum class DryState { wet, nearlyDry, dry };

/// What runs at the easel: the step in hand, what dries, and when the artist last stepped back. All by clocks that
/// nobody sets.
class EaselTimers {
 public:
    /// A step is taken in hand; the one before is dropped.
    void begin(int step, const Moment& now);
    int step() const { return step_; }
    void pause(const Moment& now);
    void resume(const Moment& now);
    bool isPaused() const { return isPaused_; }
    /// That the hand has worked on the step; pauses, and the computer's sleep, are not in it.
    double minutes(const Moment& now) const;

    /// Something begins to dry; `since` minutes ago if it did while the program did not run.
    void addWait(int step, MinuteRange range, const Moment& now, double since = 0);
    void endWait(int step);
    /// What dries becomes dry in another time: it is helped, or no longer.
    void setRange(int step, MinuteRange range);
    const std::vector<EaselWait>& waits() const { return waits_; }
    DryState stateOf(const EaselWait& wait, const Moment& now) const;
    /// Minutes that it still takes at least and at most; 0 when it is over.
    MinuteRange left(const EaselWait& wait, const Moment& now) const;
    bool isWet(int step, const Moment& now) const;
    /// Steps whose drying has ended since this was last asked.
    std::vector<int> newlyDry(const Moment& now);

    /// Every so many minutes of work; 0 for never.
    void stepBackEvery(double minutes) { stepBackMinutes_ = minutes; }
    double stepBackMinutes() const { return stepBackMinutes_; }
    bool isStepBackDue(const Moment& now) const;
    void steppedBack(const Moment& now);

 private:
    /// Of work since this was made, in milliseconds.
    std::int64_t worked(const Moment& now) const;

    int step_ = 0;
    bool isPaused_ = false, isBegun_ = false;
    std::int64_t stepWorked_ = 0;  // when the step was begun, on the clock of work
    std::int64_t workedBefore_ = 0, resumedAt_ = 0;
    std::vector<EaselWait> waits_;
    double stepBackMinutes_ = 20;
    std::int64_t steppedBackAt_ = 0;  // on the clock of work
};

}  // namespace planning
