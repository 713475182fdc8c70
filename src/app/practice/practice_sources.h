#pragma once

#include "practice/question.h"

namespace app {

class Session;

/// What exercises draw from: the subject of the study in hand and the colours of its areas, its dry sticks, the paper
/// that it is planned on.
practice::Sources practiceSources(const Session& session);

}  // namespace app
