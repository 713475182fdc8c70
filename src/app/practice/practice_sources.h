#pragma once

#include "practice/question.h"

namespace app {

class Session;

/// What exercises draw from: the colours of the areas of the study in hand, its dry sticks, the paper that it is
/// planned on.
practice::Sources practiceSources(const Session& session);

}  // namespace app
