#pragma once

#include <memory>

#include "review/colour_reader.h"

namespace review {

/// A stand-in for a colour reader, with what goes wrong with real ones. For the demo and the tests: a swatch or the
/// white tile is laid under it, then it is used like any other.
struct StandInSituation {
    colour::Xyz under{0.83, 0.86, 0.71};   // what lies under it, relative to D50; the white tile at first
    double noise = 0.004;                  // standard deviation of a reading, as a share
    double drift[3] = {0.96, 1.03, 1.05};  // of its X, Y and Z since it left the works
    int readingsATouch = 5;
    double slipped = 0;         // share of readings taken beside the swatch, on white paper
    int touchesUntilLost = -1;  // -1: the connection holds
    int milliseconds = 0;       // that a touch takes
};

/// The reader looks at `situation` at every touch.
ColourReader standInReader(std::shared_ptr<StandInSituation> situation, unsigned seed);

}  // namespace review
