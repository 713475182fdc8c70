#pragma once

#include <vector>

#include "colour/lab.h"
#include "matching/school.h"
#include "matching/target_distance.h"
#include "pigment/hand.h"
#include "pigment/lay.h"

namespace matching {

/// One of an area's wanted colours, and the part of the area that wants it. The weights of an area add up to 1.
struct Sample {
    colour::Lab wanted;
    double weight = 1;
    int under = 0;  // what of Want::standing lies there
};

/// One stick laid over the area in one manner, with more or less pressure; or a tool that lays nothing.
struct StackLayer {
    int stick = 0;  // index into the sticks; -1 for a tool
    pigment::Manner manner = pigment::Manner::scumble;
    bool isFixed = false;  // what lies there so far was fixed when it had been laid
    bool operator==(const StackLayer&) const = default;
};

/// Of a stack, from the ground up.
using Layers = std::vector<StackLayer>;

/// What an area (or areas that are planned together) asks of its stack.
struct Want {
    std::vector<Sample> samples;   // at least one
    pigment::Patch ground;         // what the first layer is laid on
    double importance = 1;         // part that its cost has in the whole picture's; those of a picture add up to 1
    double layerPrice = 0.08;      // a layer must better the area by that much, in CIEDE2000
    std::vector<int> barred = {};  // sticks that are not to be laid here
    int laid = 0;                  // that many of a stack's layers lie there already,
    std::vector<pigment::Patch> standing = {};  // and this is what they have come to; empty: the ground
    std::vector<Layers> own = {};  // layers that the artist has tried and likes: a stack that holds them is worth a
                                   // layer's price
};

/// Whether these are among a stack's layers, in their order.
bool holds(const Layers& stack, const Layers& own);

/// Layers over a ground, and what comes of them.
struct Stack {
    std::vector<StackLayer> layers;
    std::vector<int> tones;  // for each sample the tone of what is laid on what lies there that serves it
    double difference = 0;   // mean CIEDE2000 from the samples to their tones at the nominal hand
    double unsteady = 0;     // the same over the spread of the hand
    double cost = 0;         // what the search minimises, but for the price of new sticks
};

/// What is weighed against the difference, in units of CIEDE2000.
struct StackWeights {
    double toothOver = 6.0;  // for tooth beyond toothBudget, per unit
    double toothBudget = 0.80;
    double blackInColour = 2.0;  // a black stick under or over a colour that is not dark itself
    double darkTo = 30;          // L* up to which a colour counts as dark
    double speckle = 0.25;       // for each unit of L* by which the grain shows more than speckleBudget
    double speckleBudget = 4.0;
    double stray =
        0.04;  // for each unit of CIEDE2000 by which a stick is further off all that is wanted than strayBudget
    double strayBudget = 14.0;
    pigment::HandSample hand = {};  // whose stacks they are: what is judged at the nominal hand is judged at this
    double handSpread = pigment::usualHandSpread;
    StackRules rules;
    colour::Light light = colour::Light::daylight65;  // that wanted colours, sticks and tones are seen under
};

/// The ways in which a kind is commonly laid in a stack.
const std::vector<pigment::Manner>& mannersOf(materials::Kind kind);

/// The strokes of a stack at the nominal hand, or one that is off by the given factors; their pressures are not set.
std::vector<pigment::Stroke> strokesOf(const std::vector<StackLayer>& layers, const std::vector<PreparedStick>& sticks,
                                       pigment::HandSample hand = {1, 1});

/// To each of an area's samples.
std::vector<TargetDistance> distancesTo(const std::vector<Sample>& samples);

/// What a stick costs an area for being far from all that is wanted there: the hand and the eye lose their way.
double strayCost(const std::vector<TargetDistance>& samples, const PreparedStick& stick, const StackWeights& weights);

/// Fills in tones and difference by the whole film: every sample takes the tone that costs it least at the nominal
/// hand, which is all that is judged.
Stack judgedSteady(std::vector<StackLayer> layers, const Want& want, const std::vector<PreparedStick>& sticks,
                   const StackWeights& weights);
/// The same and everything else: judged over the spread of the hand.
Stack judged(std::vector<StackLayer> layers, const Want& want, const std::vector<PreparedStick>& sticks,
             const StackWeights& weights);

/// Lays strokes at given pressures on a copy of `ground`.
pigment::Patch laidOn(const pigment::Patch& ground, const std::vector<pigment::Lay>& lays,
                      const std::vector<PreparedStick>& sticks);

}  // namespace matching
