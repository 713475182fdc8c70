#include "app/area_choice.h"

#include <opencv2/imgproc.hpp>

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

QPointF placeIn(const subject::Areas& areas, int area) {
    cv::Mat inside, distance;
    cv::copyMakeBorder(areas.map == area, inside, 1, 1, 1, 1, cv::BORDER_CONSTANT, cv::Scalar(0));
    cv::distanceTransform(inside, distance, cv::DIST_L2, 3);
    cv::Point farthest;
    cv::minMaxLoc(distance, nullptr, nullptr, nullptr, &farthest);
    return {(farthest.x - 0.5) / areas.map.cols, (farthest.y - 0.5) / areas.map.rows};
}

}  // namespace app
