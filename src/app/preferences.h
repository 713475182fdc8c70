#pragma once

#include "wording/subject.h"

namespace app {

/// What the artist prefers in every study; kept in the XDG configuration folder.
wording::Counting counting();
void setCounting(wording::Counting counting);

}  // namespace app
