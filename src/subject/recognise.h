#pragma once

#include <vector>

#include "subject/area_look.h"
#include "subject/areas.h"
#include "subject/faces.h"

namespace subject {

/// Says of areas in which plane they lie (depth.h), then what they plainly are, with kind, plane and pairs that follow
/// from it: faces and eyes where they were found; sky (above, smooth, blue or light grey), water below it (blue, with
/// level streaks) and foliage (green and broken up). What the picture is about are its faces, or else the area before
/// the background with the most contrast and sharpness, near and near the middle. Anything that is not plain is left as
/// it is.
void recognise(Areas& areas, const Grain& grain, const std::vector<Face>& faces);

}  // namespace subject
