#pragma once

#include <vector>

#include "subject/area_look.h"

namespace subject {

/// Says of each area in which plane it lies, and why. Far ones reach the sheet's upper edge, are overlapped and are
/// calmer; near ones stand low, overlap and are sharper (common practice, no source). What overlaps is told by shape:
/// the outline of what lies behind goes on under what stands before it, so that its convex hull reaches into that, and
/// not the other way round.
void proposePlanes(Areas& areas, const std::vector<AreaLook>& looks);

}  // namespace subject
