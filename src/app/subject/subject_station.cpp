#include "app/subject/subject_station.h"

#include <cmath>

#include "app/subject/areas_leaf.h"
#include "app/subject/frame_leaf.h"
#include "app/subject/measure_leaf.h"
#include "drawing/pictures.h"
#include "wording/sentences.h"

namespace app {

SubjectStation::SubjectStation(Desk& desk)
    : Station(desk, tr("The measuring strip"), tr("what the eye does with a pencil at arm's length")) {
    auto* frame = new FrameLeaf(desk, on_);
    auto* measures = new MeasureLeaf(desk, on_);
    auto* areas = new AreasLeaf(desk, on_);
    all_ = {frame, measures, areas};
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Frame"), tr("References, format, crop, level, grey"), frame);
    leaves_->addLeaf(choices_, tr("Measure"), tr("Lengths, slopes, extents, alignments, construction"), measures);
    leaves_->addLeaf(choices_, tr("Areas"), tr("What belongs together, what it is, how it is lit"), areas);
    body_->addWidget(leaves_, 1);
    for (SubjectLeaf* one : all_) connect(one, &SubjectLeaf::looksDifferent, this, &SubjectStation::looksDifferent);
    connect(leaves_, &QStackedWidget::currentChanged, this, [this] {
        // Looking at another reference for its colours ends with it.
        on_.lookedAt = -1;
        refresh();
        Q_EMIT looksDifferent();
    });
}

void SubjectStation::point(const QPointF& fraction) {
    if (!session_.reading() || on_.lookedAt >= 0) return;
    if (!leaf()->takesPoint(fraction)) on_.clicked = fraction;
    refresh();
    Q_EMIT looksDifferent();
}

void SubjectStation::measure(const QLineF& fractions) {
    on_.line = fractions;
    leaf()->drawn();
    Q_EMIT looksDifferent();
}

void SubjectStation::scribble(const QPolygonF& fractions) {
    constexpr double nearest = 0.004;  // of the picture: what is closer says no more
    subject::Scribble scribble;
    for (const QPointF& p : fractions) {
        const subject::Place place(p.x(), p.y());
        if (scribble.empty() || cv::norm(place - scribble.back()) > nearest) scribble.push_back(place);
    }
    on_.scribbles.push_back(std::move(scribble));
    leaf()->drawn();
    Q_EMIT looksDifferent();
}

void SubjectStation::forgetStudy() {
    on_.clear();
}

void SubjectStation::refresh() {
    if (on_.lookedAt >= int(session_.study().others.size())) on_.lookedAt = -1;
    for (SubjectLeaf* one : all_) one->refresh();
}

QString SubjectStation::decided() const {
    const planning::Study& study = session_.study();
    if (!study.reference) return tr("no picture yet");
    const QString size = wording::sheetSize(study.widthMillimetres, study.heightMillimetres);
    if (study.light != colour::Light::daylight65) return tr("%1, for %2").arg(size, wording::lightWord(study.light));
    const auto reading = session_.reading();
    return tr("%1, %n areas", nullptr, reading ? int(reading->areas.list.size()) : study.areas).arg(size);
}

Views SubjectStation::views() const {
    Views views = Station::views();
    const auto reading = session_.reading();
    if (session_.plan()) {
        views.sheetSteps = 0;
        views.sheet = sheetAfter(0);
        views.sheetCaption = tr("Sheet, bare");
        views.figure.clear();
    }
    if (!reading) return views;
    views.hand = leaf()->hand();
    if (on_.lookedAt >= 0 && on_.lookedAt < int(reading->others.size())) {
        views.subject = drawing::imageOf(reading->others[std::size_t(on_.lookedAt)]);
        views.isReference = false;
        views.subjectCaption =
            tr("Another reference: %1")
                .arg(QString::fromStdString(session_.study().others[std::size_t(on_.lookedAt)]->name));
        if (on_.line) views.overlays.push_back({{on_.line->p1(), on_.line->p2()}});
        return views;
    }
    if (const auto line = on_.taken(session_); line && views.hand == PicturePair::Hand::line)
        views.overlays.push_back({{QPointF(line->from.x, line->from.y), QPointF(line->to.x, line->to.y)}});
    if (const int area = on_.chosenArea(session_); area >= 0) views.outline = maskOf(reading->areas.map, area);
    leaf()->addTo(views);
    return views;
}

QString SubjectStation::introduction() const {
    return tr(
        "Here the picture is cut to your sheet and measured. Under Areas, click on what is "
        "parted wrongly and put it right: all that follows is planned by areas.");
}

MarginText SubjectStation::margin() const {
    MarginText text;
    if (!session_.reading()) {
        text.head = tr("Begin with a picture");
        text.paragraphs << tr(
            "Open a photograph of the subject, or drop one into this window. It stays on the left, always in view; the "
            "sheet stands beside it.");
        return text;
    }
    text.head = QString::fromStdString(session_.study().title);
    text.paragraphs = leaf()->sentences();
    return text;
}

TrialWish SubjectStation::trialWish() const {
    const int area = on_.chosenArea(session_);
    return {.areas = area < 0 ? std::vector<int>{} : std::vector{area}};
}

}  // namespace app
