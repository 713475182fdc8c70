#pragma once

#include "planning/learnt_pace.h"

namespace app {

/// How fast the artist works, learnt from all logs since it was last set back. On any thread.
planning::LearntPace ownPace();
/// What was learnt until now is not looked at any more.
void setOwnPaceBack();

}  // namespace app
