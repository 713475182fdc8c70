#pragma once

#include "planning/learnt_hand.h"

namespace app {

/// What all logs tell of the artist's hand. On any thread.
planning::LearntHand ownHand();
/// The touch that new studies are planned for: the artist's own where she wants it, else the usual one.
pigment::HandSample touchOfNewStudies();

}  // namespace app
