#include "app/subject/subject_leaf.h"

#include <algorithm>

#include "app/area_choice.h"
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

void SubjectLeaf::sayOfArea(const QString& what, const std::function<void(planning::AreaChoice&)>& tell,
                            const QString& key) {
    if (on_.chosenArea(session_) < 0) return;
    session_.choose(
        what, [&](planning::Study& study) { tell(toSayOf(study, session_.reading()->areas, *on_.clicked)); }, key);
}

QLineF SubjectLeaf::inMillimetres(const QLineF& f) const {
    const double w = session_.study().widthMillimetres;
    const double h = session_.study().heightMillimetres;
    return {f.x1() * w, f.y1() * h, f.x2() * w, f.y2() * h};
}

}  // namespace app
