#include "app/subject/subject_leaf.h"

#include <algorithm>

#include "subject/measures.h"

namespace app {

int OnSubject::chosenArea(const Session& session) const {
    const auto reading = session.reading();
    return reading && clicked ? subject::labelAt(reading->areas.map, clicked->x(), clicked->y()) : -1;
}

std::optional<subject::Line> OnSubject::taken(const Session& session) const {
    if (!line) return std::nullopt;
    const subject::Line drawn{{line->x1(), line->y1()}, {line->x2(), line->y2()}};
    const auto reading = session.reading();
    if (!catchesEdges || !reading || lookedAt >= 0) return drawn;
    // A hand is off by a few pixels of the screen, on which the picture is about half as large as it was read.
    const double reach = std::max(reading->lab.cols, reading->lab.rows) / 80.0;
    return subject::caught(reading->lab, subject::fitted(reading->lab, drawn, reach), reach);
}

const planning::AreaName* saidOf(const planning::Study& study, const subject::Areas& areas, int area) {
    for (const planning::AreaName& said : study.areaNames)
        if (subject::labelAt(areas.map, said.x, said.y) == area) return &said;
    return nullptr;
}

void SubjectLeaf::sayOfArea(const QString& what, const std::function<void(planning::AreaName&)>& say,
                            const QString& key) {
    const int area = on_.chosenArea(session_);
    if (area < 0) return;
    planning::Study study = session_.study();
    const cv::Mat& map = session_.reading()->areas.map;
    auto said = std::ranges::find_if(
        study.areaNames, [&](const planning::AreaName& name) { return subject::labelAt(map, name.x, name.y) == area; });
    if (said == study.areaNames.end())
        said = study.areaNames.insert(said, planning::AreaName{on_.clicked->x(), on_.clicked->y(), {}});
    say(*said);
    session_.choose(what, study, key);
}

QLineF SubjectLeaf::inMillimetres(const QLineF& f) const {
    const double w = session_.study().widthMillimetres;
    const double h = session_.study().heightMillimetres;
    return {f.x1() * w, f.y1() * h, f.x2() * w, f.y2() * h};
}

}  // namespace app
