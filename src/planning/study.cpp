#include "planning/study.h"

#include "common/naming.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, 2> schools{"dark-first", "light-base"};
constexpr std::array<std::string_view, 2> grounds{"proposed", "none"};

}  // namespace

std::string_view nameOf(School school) {
    return schools[static_cast<int>(school)];
}
std::optional<School> schoolNamed(std::string_view name) {
    return common::enumNamed<School>(schools, name);
}
std::string_view nameOf(Ground ground) {
    return grounds[static_cast<int>(ground)];
}
std::optional<Ground> groundNamed(std::string_view name) {
    return common::enumNamed<Ground>(grounds, name);
}

void moveAreas(Study& study, const subject::FramePlace& before, const subject::FramePlace& after) {
    const auto moved = [&](double& x, double& y) {
        const cv::Point2d place = after.inFrame(before.inReference({x, y}));
        x = place.x;
        y = place.y;
        return x >= 0 && y >= 0 && x <= 1 && y <= 1;
    };
    std::erase_if(study.areaNames, [&](AreaName& name) { return !moved(name.x, name.y); });
    std::erase_if(study.areaEdits, [&](subject::AreaEdit& edit) {
        const bool isFromIn = moved(edit.fromX, edit.fromY), isToIn = moved(edit.toX, edit.toY);
        return !isFromIn || !isToIn;
    });
}

}  // namespace planning
