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

void moveWithFrame(Study& study, const subject::FramePlace& before, const subject::FramePlace& after) {
    const auto moved = [&](subject::Place& place) {
        place = after.inFrame(before.inReference(place));
        return subject::isInFrame(place);
    };
    std::erase_if(study.areaNames, [&](AreaName& name) {
        subject::Place place(name.x, name.y);
        const bool isIn = moved(place);
        name.x = place.x;
        name.y = place.y;
        return !isIn;
    });
    std::erase_if(study.areaEdits, [&](subject::AreaEdit& edit) {
        int scribblesIn = 0;
        for (subject::Scribble& scribble : edit.scribbles) {
            int placesIn = 0;
            for (subject::Place& place : scribble) placesIn += moved(place);
            scribblesIn += placesIn > 0;
        }
        return scribblesIn < subject::leastScribbles(edit.kind);
    });
    for (auto* lines : {&study.pairs, &study.directions, &study.measures}) {
        std::vector<subject::Line> kept;
        int unit = -1;
        for (std::size_t i = 0; i < lines->size(); ++i) {
            subject::Line line = (*lines)[i];
            const bool isFromIn = moved(line.from), isToIn = moved(line.to);
            if (!isFromIn || !isToIn) continue;
            if (lines == &study.measures && int(i) == study.unit) unit = int(kept.size());
            kept.push_back(line);
        }
        if (lines == &study.measures) study.unit = unit;
        *lines = std::move(kept);
    }
}

}  // namespace planning
