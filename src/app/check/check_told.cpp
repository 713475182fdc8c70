#include <algorithm>
#include <opencv2/imgproc.hpp>

#include "app/check/check_station.h"
#include "colour/srgb.h"
#include "drawing/shapes.h"
#include "planning/stage_picture.h"
#include "wording/checking.h"
#include "wording/easel.h"
#include "wording/sentences.h"

/// What Check tells: in the strip, on the pictures and in the margin.
namespace app {

namespace {

QColor swatchOf(const colour::Lab& lab) {
    return drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(lab)));
}

}  // namespace

bool CheckStation::isAgainstPlan() const {
    return againstPlan_->isChecked();
}

double CheckStation::differenceOf(const planning::CheckedArea& area) const {
    return isAgainstPlan() ? area.toPlan : area.toSubject;
}

const planning::CheckedArea* CheckStation::checkedArea(int area) const {
    if (!read_) return nullptr;
    const auto at = std::ranges::find(read_->check.areas, area, &planning::CheckedArea::area);
    return at == read_->check.areas.end() ? nullptr : &*at;
}

const planning::CheckedPlace* CheckStation::placeIn(int area) const {
    if (!read_ || !isAgainstPlan()) return nullptr;
    const auto at = std::ranges::find(read_->check.places, area, &planning::CheckedPlace::area);
    return at == read_->check.places.end() ? nullptr : &*at;
}

const planning::CheckedPlace* CheckStation::placeAt(const QPointF& fraction) const {
    const cv::Point2d at(fraction.x() * session_.study().widthMillimetres,
                         fraction.y() * session_.study().heightMillimetres);
    const auto place = std::ranges::find_if(read_->check.places, [&](const planning::CheckedPlace& one) {
        return cv::norm(one.fault.centre - at) < one.fault.radius;
    });
    return isAgainstPlan() && place != read_->check.places.end() ? &*place : nullptr;
}

std::vector<CheckStation::First> CheckStation::first() const {
    constexpr std::size_t most = 3;
    std::vector<First> all;
    if (!read_) return {};
    for (const planning::CheckedArea& area : read_->check.areas) {
        double gain = differenceOf(area) - read_->check.error;
        if (const planning::Ways* ways = answers_->waysFor(area.area))
            gain = ways->mends.empty() ? 0 : ways->asIs - ways->mends.front().difference;
        all.push_back({area.area, false, gain * readOf_->reading->areas.list[std::size_t(area.area)].share});
        if (const planning::CheckedPlace* place = placeIn(area.area))
            all.push_back({area.area, true, (place->fault.difference - read_->check.error) * place->share});
    }
    std::erase_if(all, [](const First& one) { return one.gain <= 0; });
    std::ranges::stable_sort(all, std::greater{}, &First::gain);
    all.resize(std::min(all.size(), most));
    return all;
}

QString CheckStation::correctionWords(int area) const {
    const planning::Ways* ways = answers_->waysFor(area);
    if (!ways) return {};
    const planning::Ways::Way* taken = answers_->takenFor(area);
    return taken ? wording::mendSentence(*taken) : wording::letBeSentence(*ways);
}

QString CheckStation::shortWords(int area) const {
    const planning::Ways* ways = answers_->waysFor(area);
    if (!ways) return {};
    const planning::Ways::Way* taken = answers_->takenFor(area);
    return taken ? wording::mendShort(*taken) : wording::letBeShort(*ways);
}

QString CheckStation::nameOf(int area, bool isPlace) const {
    const QString name = wording::areaName(*readOf_, area);
    return isPlace ? tr("a place in: %1").arg(name) : name;
}

DifferenceStrip::Row CheckStation::rowOf(const planning::CheckedArea& area) const {
    const colour::Lab& wanted = isAgainstPlan() ? area.plan : area.subject;
    DifferenceStrip::Row row;
    row.area = area.area;
    row.work = swatchOf(area.work);
    row.wanted = swatchOf(wanted);
    row.words = wording::differenceWords(wanted, area.work);
    for (const review::ShiftedArea& shifted : read_->check.shifts)
        if (shifted.area == area.area) row.words += QStringLiteral("; ") + wording::shiftWords(shifted.shift);
    row.difference = differenceOf(area);
    row.correction = shortWords(area.area);
    row.isTaken = answers_->takenFor(area.area) != nullptr;
    return row;
}

DifferenceStrip::Row CheckStation::rowOf(const planning::CheckedPlace& place) const {
    DifferenceStrip::Row row;
    row.area = place.area;
    row.isPlace = true;
    row.work = swatchOf(place.work);
    row.wanted = swatchOf(place.plan);
    row.words = wording::differenceWords(place.plan, place.work);
    row.difference = place.fault.difference;
    return row;
}

void CheckStation::showRows() {
    std::vector<DifferenceStrip::Row> rows;
    if (read_)
        for (const planning::CheckedArea& area : read_->check.areas) {
            rows.push_back(rowOf(area));
            if (const planning::CheckedPlace* place = placeIn(area.area)) rows.push_back(rowOf(*place));
        }
    const std::vector<First> all = first();
    for (DifferenceStrip::Row& row : rows) {
        row.name = nameOf(row.area, row.isPlace);
        row.figure = wording::differenceFigure(row.difference);
        row.isFirst = std::ranges::any_of(
            all, [&](const First& one) { return one.area == row.area && one.isPlace == row.isPlace; });
    }
    std::ranges::stable_sort(rows, std::greater{}, &DifferenceStrip::Row::difference);
    strip_->setRows(std::move(rows), read_ ? read_->check.error : 0);
    showAnswers();
    Q_EMIT looksDifferent();
}

QString CheckStation::decided() const {
    const auto checks = planning::Standing(session_.record()).checks();
    if (read_) return tr("%1 from the plan").arg(wording::differenceFigure(read_->check.toPlan.mean));
    return checks.empty() ? tr("not yet") : tr("%n photographs", nullptr, int(checks.size()));
}

QString CheckStation::introduction() const {
    return tr(
        "Photograph the whole sheet from straight before it, evenly lit, with some of the board round it; a grey card "
        "beside it makes the colours surer. Check tells what each area is off by against the plan or the subject, what "
        "would mend it, and plans what is left from there. Hold A to lay what it is compared with over the work.");
}

Views CheckStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    if (corners_.isOpen()) {
        views.sheet = corners_.image();
        views.sheetSteps = -1;
        views.figure.clear();
        views.sheetCaption = corners_.caption();
        return views;
    }
    const std::vector<int> steps = laid();
    const int step = read_ ? read_->step : steps.empty() ? 0 : std::ranges::max(steps);
    views.other = isAgainstPlan() ? sheetAfter(std::min(step, int(plan->steps.size()))) : views.subject;
    if (!read_) {
        views.sheetSteps = std::min(step, int(plan->steps.size()));
        views.sheet = sheetAfter(views.sheetSteps);
        views.sheetCaption = tr("Sheet as planned after step %1").arg(step);
        views.figure.clear();
        return views;
    }
    views.sheet = read_->sheet;
    views.sheetSteps = -1;
    views.sheetCaption = tr("The work after step %1").arg(step);
    const double apart = isAgainstPlan() ? read_->check.toPlan.mean : read_->check.toSubject.mean;
    views.figure =
        (isAgainstPlan() ? tr("%1 from the plan") : tr("%1 from the subject")).arg(wording::differenceFigure(apart));
    const cv::Mat& areas = plan->reading->areas.map;
    if (strip_->chosen() >= 0 && !strip_->isPlaceChosen()) views.outline = maskOf(areas, strip_->chosen());
    const double wide = session_.study().widthMillimetres, high = session_.study().heightMillimetres;
    if (const planning::CheckedPlace* place = placeIn(strip_->chosen()); place && strip_->isPlaceChosen()) {
        const double pixelsPerMillimetre = areas.cols / wide;
        const cv::Point2d centre = pixelsPerMillimetre * place->fault.centre;
        cv::Mat ring = cv::Mat::zeros(areas.size(), CV_32S);
        cv::circle(ring, cv::Point(int(centre.x), int(centre.y)), int(pixelsPerMillimetre * place->fault.radius), 1,
                   cv::FILLED);
        views.outline = maskOf(ring, 1);
    }
    // What lies beside its place, from where it lies to where it belongs.
    for (const review::ShiftedArea& shifted : read_->check.shifts) {
        const subject::Area& area = plan->reading->areas.list[std::size_t(shifted.area)];
        const QPointF place(area.centreX, area.centreY);
        const QPointF by(shifted.shift.millimetres.x / wide, shifted.shift.millimetres.y / high);
        views.overlays.push_back(
            {QPolygonF({place + by, place}), Overlay::Kind::arrow, false, wording::shiftWords(shifted.shift)});
    }
    return views;
}

MarginText CheckStation::margin() const {
    if (leaves_->currentWidget() == way_) return way_->margin();
    MarginText text;
    if (!read_) {
        text.head = tr("No photograph is read");
        text.paragraphs << tr("Photograph the sheet on its board and give the picture here, or drop it on this panel.");
        if (const auto plan = session_.plan())
            text.paragraphs
                << tr("%1 of %2 steps are laid. A photograph gains most at the end: what is laid after it has "
                      "its own faults, which it cannot show.")
                       .arg(laid().size())
                       .arg(plan->steps.size());
        return text;
    }
    const planning::CheckedArea* area = checkedArea(strip_->chosen());
    if (area) {
        text.head = nameOf(area->area, strip_->isPlaceChosen());
        if (const planning::CheckedPlace* place = placeIn(area->area); place && strip_->isPlaceChosen())
            text.paragraphs << wording::placeSentence(*place) << tr("The area as a whole:");
        text.paragraphs << tr("Against the plan: %1, %2.")
                               .arg(wording::differenceWords(area->plan, area->work),
                                    wording::differenceFigure(area->toPlan));
        text.paragraphs << tr("Against the subject: %1, %2.")
                               .arg(wording::differenceWords(area->subject, area->work),
                                    wording::differenceFigure(area->toSubject));
        for (const planning::BrokenAlignment& broken : read_->check.alignments)
            if (broken.area == area->area)
                text.paragraphs << wording::brokenAlignmentSentence(broken,
                                                                    wording::areaName(*readOf_, broken.with.area));
        if (const planning::Ways* ways = answers_->waysFor(area->area)) {
            for (const planning::Ways::Way& way : ways->mends) text.paragraphs << wording::mendSentence(way);
            text.paragraphs << wording::letBeSentence(*ways);
            if (const planning::Ways::Way* taken = answers_->takenFor(area->area); taken && !taken->sticks.empty()) {
                text.listHead = tr("To be laid for it");
                for (const materials::Material& stick : taken->sticks) {
                    text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name), {}});
                    text.strokes.back().isLaid = false;
                }
            }
        }
        if (area->toPlan <= read_->check.error && !strip_->isPlaceChosen())
            text.why << tr("The photograph's own error could explain what it is off the plan.");
    } else {
        text.head = tr("What comes first");
        const std::vector<First> all = first();
        if (all.empty()) text.paragraphs << tr("Nothing stands out: go on as planned.");
        for (const First& one : all)
            text.paragraphs << tr("%1. %2").arg(
                nameOf(one.area, one.isPlace),
                one.isPlace ? wording::placeSentence(*placeIn(one.area)) : correctionWords(one.area));
    }
    if (const auto& mending = answers_->mending()) text.why << wording::handSentence(mending->hand);
    text.why << wording::balanceSentence(read_->check);
    if (const QString hidden = wording::hiddenSentence(read_->check); !hidden.isEmpty()) text.cautions << hidden;
    if (planning::Standing(session_.record()).laid().empty())
        text.cautions << tr("The Bench tells of no laid step: corrections can be taken once it does.");
    return text;
}

}  // namespace app
