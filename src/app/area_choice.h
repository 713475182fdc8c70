#pragma once

#include <QPointF>

#include "planning/study.h"
#include "subject/areas.h"

namespace app {

/// What the artist said of an area; null if nothing.
const planning::AreaChoice* saidOf(const planning::Study& study, const subject::Areas& areas, int area);
/// What is said in the study of the area at a place (fractions), to be changed; begun there if nothing is said yet.
planning::AreaChoice& toSayOf(planning::Study& study, const subject::Areas& areas, const QPointF& place);

/// The place in an area (fractions) that is farthest from its border.
QPointF placeIn(const subject::Areas& areas, int area);

}  // namespace app
