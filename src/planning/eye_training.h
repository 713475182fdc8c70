#pragma once

#include "planning/learnt_hand.h"
#include "practice/training.h"

namespace planning {

/// What the hand tends to do, as a reason to train the eye: values that come out wrong for the value of a colour, what
/// comes out too warm or too cool for warmth, and so on; an octave for each half value step or each 4 CIELAB units.
std::vector<practice::Noticed> noticedIn(const LearntHand& hand);

}  // namespace planning
