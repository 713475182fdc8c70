#pragma once

#include <cstdint>
#include <vector>

#include "practice/exercise.h"

namespace practice {

/// One answer, as it is kept.
struct Answer {
    Exercise exercise = Exercise::lighter;
    std::int64_t sitting = 0;  // when it was begun, in milliseconds since 1970: answers of one sitting bear the same
    std::int64_t at = 0;       // likewise, when the answer was given
    double apart = 0;          // of what is drawn: by how much one shape is off
    bool isRight = false;
    bool operator==(const Answer&) const = default;
};

/// What a sitting has told.
struct Sitting {
    Exercise exercise = Exercise::lighter;
    std::int64_t begun = 0;
    int trials = 0;
    Threshold threshold;
    bool isEnough = false;  // it need not be gone on with
};

/// How a staircase stands after these answers of its sitting.
Staircase after(Staircase staircase, const std::vector<Answer>& answers);
/// Whether a threshold is known well enough: to a third up or down, or after so many answers that it takes too long.
bool isEnough(const Staircase& staircase);

/// The sittings of all answers, in the order in which they were begun.
std::vector<Sitting> sittingsOf(const std::vector<Answer>& answers);

/// How much an exercise wants training now.
struct Training {
    Exercise exercise = Exercise::lighter;
    double want = 0;       // the more the sooner
    std::int64_t due = 0;  // when it should be repeated, in milliseconds since 1970; 0: it never was
};

/// What Check has noticed of the hand, as a reason to train something: octaves of threshold that it counts for.
struct Noticed {
    Exercise exercise = Exercise::lighter;
    double octaves = 0;
};

/// All exercises, what wants training most first: how many octaves the last threshold lies above a trained eye's, and
/// what was noticed, half of it while it is not due. A sitting is repeated after a day, then after twice as long each
/// time that its threshold has held for as long, and after a day again where it has not (spacing: N. J. Cepeda and
/// others, Psychological Bulletin 132, 2006; the times are this program's).
std::vector<Training> trainingOf(const std::vector<Sitting>& sittings, const std::vector<Noticed>& noticed,
                                 std::int64_t now);

}  // namespace practice
