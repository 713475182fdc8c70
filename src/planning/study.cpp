#include "planning/study.h"

#include <algorithm>
#include <array>
#include <cstdio>

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

std::optional<common::Problem> outOfBounds(const Study& study) {
    const auto check = [](const char* what, double v, const Bounds& bounds) -> std::optional<common::Problem> {
        if (bounds.holds(v)) return std::nullopt;
        char text[64], allowed[64];
        std::snprintf(text, sizeof text, "%g", v);
        std::snprintf(allowed, sizeof allowed, "%g to %g", bounds.least, bounds.most);
        return common::Problem{common::ProblemKind::numberBad, what, 0, text, allowed};
    };
    if (auto p = check("sheet width in mm", study.widthMillimetres, sheetBounds)) return p;
    if (auto p = check("sheet height in mm", study.heightMillimetres, sheetBounds)) return p;
    if (auto p = check("number of areas", study.areas, areaBounds)) return p;
    if (auto p = check("value steps", study.valueLevels, levelBounds)) return p;
    if (auto p = check("number of sticks", study.stickLimit, stickBounds)) return p;
    if (auto p = check("strokes a passage", study.strokes, strokeBounds)) return p;
    if (auto p = check("frame's centre", study.frame.centreX, Bounds{0, 1})) return p;
    if (auto p = check("frame's centre", study.frame.centreY, Bounds{0, 1})) return p;
    if (auto p = check("frame's width", study.frame.width, Bounds{0, 1})) return p;
    if (auto p = check("frame's turn", study.frame.degrees, turnBounds)) return p;
    if (auto p = check("squint", study.squint, Bounds{0, 1})) return p;
    for (const double value : study.thresholds)
        if (auto p = check("value at which masses part", value, thresholdBounds)) return p;
    if (!std::ranges::is_sorted(study.thresholds) || double(study.thresholds.size()) >= levelBounds.most)
        return common::Problem{common::ProblemKind::numberBad, "values at which masses part", 0,
                               std::to_string(study.thresholds.size()), "rising values, 8 at most"};
    const auto checkChoice = [&](const subject::ColourChoice& c) -> std::optional<common::Problem> {
        if (auto p = check("chroma", c.chroma, factorBounds)) return p;
        if (auto p = check("contrast", c.contrast, factorBounds)) return p;
        if (auto p = check("value steps lighter", c.lighter, lighterBounds)) return p;
        return check("warmth", c.warmer, warmerBounds);
    };
    if (auto p = checkChoice(study.colour)) return p;
    for (const AreaName& name : study.areaNames) {
        if (auto p = checkChoice(name.colour)) return p;
        if (name.borrowed)
            if (auto p = check("picture that colours are taken from", name.borrowed->picture + 1,
                               Bounds{1, double(study.others.size())}))
                return p;
    }
    return std::nullopt;
}

}  // namespace planning
