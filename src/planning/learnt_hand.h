#pragma once

#include <array>
#include <vector>

#include "planning/record.h"

namespace planning {

/// The tones that a hand may treat each in its own way: up to Munsell value 4, and from 6.5 on.
enum class ToneFamily { darks, middles, lights };

/// What a hand tends to do wherever it lays such tones.
struct Tendency {
    ToneFamily tones = ToneFamily::middles;
    colour::Lab wanted, came;  // in the mean; what chance explains is left out of the second
    int areas = 0;
};

/// What photographs of an artist's work tell of the hand.
struct LearntHand {
    int photographs = 0, areas = 0;
    std::vector<Tendency> tendencies;  // from the darks to the lights; only of tones where there is one
    pigment::HandSample touch;         // by which what was left was planned, in the mean of the studies
};

/// From what Check kept in the records of studies. A photograph that is off all over is off in all its areas, so that
/// many areas of one photograph tell less than some of each of several.
LearntHand learntHand(const std::vector<const Record*>& records);

}  // namespace planning
