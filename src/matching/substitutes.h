#pragma once

#include <vector>

#include "matching/option_bank.h"

namespace matching {

/// A few strokes for one colour, and what comes of them.
struct Mixture {
    std::vector<pigment::Lay> lays;
    colour::Lab predicted;
    double difference = 0;  // CIEDE2000 to the colour that is wanted
    double toothUsed = 0;   // 0..1
};

/// The best mixtures of at most `layers` sticks for one colour: the stack search with one sample, then every pressure
/// by halves. None of which a stroke slides (see pigment::Hold), nor the same sticks twice; best first, at most
/// `count`; a single stick counts as a mixture.
std::vector<Mixture> mixturesFor(const colour::Lab& wanted, const pigment::Patch& ground,
                                 const std::vector<PreparedStick>& sticks, const std::vector<int>& allowed, int layers,
                                 int count, colour::Light light);

/// What could stand for a stick that is missing, laid as it would be: pressed in at medium pressure on bare paper.
struct Substitutes {
    colour::Lab wanted;          // the missing stick's own swatch
    Mixture nearest;             // the best other stick alone, laid the same way; no lays if there is none
    std::vector<Mixture> mixed;  // two other sticks that come nearer than it, best first, at most `mixtures`
};

/// `missing` is an index into the sticks. `paper` is bare; only dry sticks are tried.
Substitutes substitutesFor(int missing, const std::vector<PreparedStick>& sticks, const pigment::Patch& paper,
                           int mixtures, colour::Light light);

}  // namespace matching
