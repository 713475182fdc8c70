#pragma once

#include <optional>
#include <vector>

#include "matching/substitutes.h"
#include "pigment/hold.h"
#include "pigment/lay.h"

namespace planning {

/// Strokes that lie over each other, from the paper up.
using Strokes = std::vector<pigment::Lay>;

/// Strokes tried over each other on bare paper, swatch by swatch in rows and columns. Sticks are told by their places
/// among those that are at hand.
struct TrialSheet {
    materials::Paper paper;
    int columns = 1;
    std::vector<Strokes> swatches;  // row by row, `columns` to each

    int rows() const { return int(swatches.size()) / columns; }
    bool operator==(const TrialSheet&) const = default;
};

/// A way to lay whatever stick.
struct HowLaid {
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;
    bool operator==(const HowLaid&) const = default;
};

/// The most sticks that a sheet is laid out with.
inline constexpr std::size_t mostTried = 30;

/// A row for each stick, from the lightest pressure to the heaviest by half ones.
inline constexpr int ladderRungs = 6;
TrialSheet pressureLadder(const materials::Paper& paper, const std::vector<int>& sticks, pigment::Manner manner);
/// Each stick over every other: a row for the one beneath, a column for the one above; where they are the same it lies
/// alone.
TrialSheet everyOverEvery(const materials::Paper& paper, const std::vector<int>& sticks, HowLaid under, HowLaid over);
/// The first stick let go from heavy to nothing while another one, row by row, comes from nothing to heavy over it, as
/// a form is turned; a single stick alone.
inline constexpr int runSteps = 9;
TrialSheet gradedRun(const materials::Paper& paper, const std::vector<int>& sticks, pigment::Manner manner);

/// What comes of a swatch.
struct Tried {
    colour::Lab seen;         // as the eye sees it from the easel
    double toothUsed = 0;     // 0..1
    double looseLoad = 0;     // see pigment::looseLoad
    double looksLighter = 0;  // value steps by which paper and neighbours make it look lighter; below 0: darker
    std::vector<pigment::Hold> holds;  // of each stroke over those beneath it
    bool operator==(const Tried&) const = default;
};

/// Every swatch by the film, under a light. `looksLighter` is by CIECAM16, the swatches around and the paper between
/// being its background. On all cores.
std::vector<Tried> triedOn(const TrialSheet& sheet, const std::vector<matching::PreparedStick>& sticks,
                           colour::Light light);
/// The same for one swatch that has changed, and what its neighbours look like beside it.
void tryAgain(std::vector<Tried>& tried, const TrialSheet& sheet, int swatch,
              const std::vector<matching::PreparedStick>& sticks, colour::Light light);

/// A stroke more, and what comes of it.
struct NextStroke {
    pigment::Lay lay;
    colour::Lab seen;
    double difference = 0;  // CIEDE2000 to what is wanted
};

/// The strokes that bring a swatch nearest to a colour, best first, each stick once, its pressure as fits; only such as
/// bring it nearer than it is, do not slide and look otherwise than better ones, at most `count`. `allowed` are sticks.
std::vector<NextStroke> nextStrokes(const colour::Lab& wanted, const pigment::Patch& patch,
                                    const std::vector<matching::PreparedStick>& sticks, const std::vector<int>& allowed,
                                    int count, colour::Light light);

}  // namespace planning
