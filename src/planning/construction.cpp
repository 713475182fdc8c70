#include "planning/construction.h"

#include <algorithm>
#include <cmath>

#include "subject/measures.h"
#include "subject/outlines.h"

namespace planning {

double lengthOf(const Study& study, const subject::Line& line) {
    return std::hypot((line.to.x - line.from.x) * study.widthMillimetres,
                      (line.to.y - line.from.y) * study.heightMillimetres);
}

double unitOf(const Study& study) {
    const bool hasUnit = study.unit >= 0 && study.unit < int(study.measures.size());
    return hasUnit ? lengthOf(study, study.measures[std::size_t(study.unit)]) : 0;
}

Construction constructionOf(const Study& study, const Reading& reading) {
    using Mark = ConstructionMark::Kind;
    Construction drawing{study.widthMillimetres, study.heightMillimetres, {}, {}};
    const auto onSheet = [&](double x, double y) {
        return subject::Place(x * study.widthMillimetres, y * study.heightMillimetres);
    };
    const double unit = unitOf(study);
    const auto add = [&](Mark kind, std::vector<subject::Place> path, int area = -1, bool isClosed = false) {
        ConstructionMark mark{kind, std::move(path), isClosed, area, 0, 0};
        if (kind == Mark::height || kind == Mark::width || kind == Mark::length) {
            mark.millimetres = cv::norm(mark.path.back() - mark.path.front());
            if (unit > 0) mark.units = mark.millimetres / unit;
        }
        drawing.marks.push_back(std::move(mark));
    };

    add(Mark::frame, {onSheet(0, 0), onSheet(1, 0), onSheet(1, 1), onSheet(0, 1)}, -1, true);
    add(Mark::centreLine, {onSheet(0.5, 0), onSheet(0.5, 1)});
    add(Mark::centreLine, {onSheet(0, 0.5), onSheet(1, 0.5)});
    for (const double third : {1.0 / 3, 2.0 / 3}) {
        add(Mark::third, {onSheet(third, 0), onSheet(third, 1)});
        add(Mark::third, {onSheet(0, third), onSheet(1, third)});
    }

    const std::vector<subject::Area>& areas = reading.areas.list;
    const auto extents = subject::extentsOf(reading.areas.map, int(areas.size()));
    constexpr double leastShare = 0.003, sideToSide = 0.98;
    for (std::size_t i = 0; i < areas.size(); ++i)
        if (areas[i].plane != subject::Plane::background && areas[i].share > leastShare &&
            extents[i].width() < sideToSide)
            drawing.objects.push_back(int(i));
    std::ranges::stable_sort(drawing.objects, std::greater<>(),
                             [&](int i) { return extents[std::size_t(i)].height(); });
    for (const int i : drawing.objects) {
        const subject::Extents& e = extents[std::size_t(i)];
        const double x = (e.left + e.right) / 2;
        add(Mark::height, {onSheet(x, e.top), onSheet(x, e.bottom)}, i);
    }
    for (const int i : drawing.objects) {
        const subject::Extents& e = extents[std::size_t(i)];
        const double y = (e.top + e.bottom) / 2;
        add(Mark::width, {onSheet(e.left, y), onSheet(e.right, y)}, i);
    }
    for (std::size_t i = 0; i < areas.size(); ++i)
        for (const subject::Scribble& outline : subject::outlinesOf(reading.areas.map, int(i)))
            for (subject::Stretch& stretch : subject::stretchesOf(outline, reading.edges)) {
                // Along the frame there is a line already.
                if (!stretch.edge) continue;
                for (subject::Place& place : stretch.path) place = onSheet(place.x, place.y);
                add(Mark::outline, std::move(stretch.path), int(i));
                drawing.marks.back().edge = *stretch.edge;
            }
    for (const subject::Line& line : study.measures)
        add(Mark::length, {onSheet(line.from.x, line.from.y), onSheet(line.to.x, line.to.y)});
    return drawing;
}

}  // namespace planning
