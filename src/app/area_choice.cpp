#include "app/area_choice.h"

namespace app {

const planning::AreaChoice* saidOf(const planning::Study& study, const subject::Areas& areas, int area) {
    for (const planning::AreaChoice& said : study.areaChoices)
        if (subject::labelAt(areas.map, said.x, said.y) == area) return &said;
    return nullptr;
}

planning::AreaChoice& toSayOf(planning::Study& study, const subject::Areas& areas, const QPointF& place) {
    const int area = subject::labelAt(areas.map, place.x(), place.y());
    for (planning::AreaChoice& said : study.areaChoices)
        if (subject::labelAt(areas.map, said.x, said.y) == area) return said;
    return study.areaChoices.emplace_back(planning::AreaChoice{place.x(), place.y(), {}});
}

}  // namespace app
