#include <QJsonArray>
#include <QJsonDocument>
#include <cstdio>
#include <numeric>

#include "cli/commands.h"
#include "planning/replanning.h"
#include "planning/work_check.h"
#include "storage/document.h"
#include "subject/picture.h"
#include "wording/checking.h"
#include "wording/sentences.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;

QJsonObject figuresJson(const rendering::DifferenceFigures& figures) {
    return {{"mean", figures.mean}, {"p95", figures.p95}};
}

QJsonArray pointJson(const cv::Point2d& point) {
    return {point.x, point.y};
}

QString nameOf(review::BalancedBy by) {
    switch (by) {
        case review::BalancedBy::greyCard:
            return QStringLiteral("grey-card");
        case review::BalancedBy::swatchCard:
            return QStringLiteral("swatch-card");
        case review::BalancedBy::paper:
            return QStringLiteral("paper");
        case review::BalancedBy::tape:
            return QStringLiteral("tape");
    }
    return {};
}

QJsonArray correctionsJson(const planning::Mending& mending, const planning::Plan& plan) {
    QJsonArray corrections;
    for (std::size_t s = 0; s < mending.stacks.size(); ++s) {
        const planning::Ways& ways = mending.stacks[s];
        QJsonArray areas, mends;
        for (const int area : plan.stacks[s].areas) areas.append(area + 1);
        for (const planning::Ways::Way& way : ways.mends) {
            QJsonArray sticks;
            for (const materials::Material& stick : way.sticks) sticks.append(QString::fromStdString(stick.id));
            mends.append(QJsonObject{{"mend", QLatin1String(nameOf(way.mend).data())},
                                     {"difference", way.difference},
                                     {"sticks", sticks},
                                     {"words", wording::mendSentence(way)}});
        }
        corrections.append(QJsonObject{{"areas", areas},
                                       {"difference", ways.now},
                                       {"differenceAsPlanned", ways.asIs},
                                       {"mends", mends},
                                       {"words", wording::letBeSentence(ways)}});
    }
    return corrections;
}

QJsonObject jsonOf(const planning::WorkCheck& check, const planning::Mending& mending, const planning::Plan& plan,
                   const planning::Study& study, int step) {
    QJsonArray corners, areas, faults, shifts, alignments;
    for (const cv::Point2d& corner : {cv::Point2d(0, 0),
                                      {study.widthMillimetres, 0},
                                      {study.widthMillimetres, study.heightMillimetres},
                                      {0, study.heightMillimetres}})
        corners.append(pointJson(check.place.inPhotograph(corner)));
    for (const planning::CheckedArea& area : check.areas)
        areas.append(QJsonObject{{"id", area.area + 1},
                                 {"name", wording::areaName(plan, area.area)},
                                 {"work", labJson(area.work)},
                                 {"plan", labJson(area.plan)},
                                 {"subject", labJson(area.subject)},
                                 {"differenceToPlan", area.toPlan},
                                 {"differenceToSubject", area.toSubject},
                                 {"isExplainedByPhotograph", area.toPlan <= check.error},
                                 {"againstPlan", wording::differenceWords(area.plan, area.work)},
                                 {"againstSubject", wording::differenceWords(area.subject, area.work)}});
    for (const review::WorkFault& fault : check.faults)
        faults.append(QJsonObject{{"x", fault.centre.x},
                                  {"y", fault.centre.y},
                                  {"radius", fault.radius},
                                  {"off", labJson(fault.off)},
                                  {"difference", fault.difference}});
    for (const review::ShiftedArea& shifted : check.shifts)
        shifts.append(QJsonObject{{"area", shifted.area + 1},
                                  {"name", wording::areaName(plan, shifted.area)},
                                  {"dx", shifted.shift.millimetres.x},
                                  {"dy", shifted.shift.millimetres.y},
                                  {"sureness", shifted.shift.sureness},
                                  {"words", wording::shiftWords(shifted.shift)}});
    for (const planning::BrokenAlignment& broken : check.alignments)
        alignments.append(QJsonObject{
            {"area", broken.area + 1},
            {"with", broken.with.area + 1},
            {"millimetres", broken.millimetres},
            {"words", wording::brokenAlignmentSentence(broken, wording::areaName(plan, broken.with.area))}});
    return {{"step", step},
            {"corners", corners},
            {"quarterTurns", check.place.quarterTurns},
            {"agreement", check.place.agreement},
            {"balancedBy", nameOf(check.balancedBy)},
            {"photographError", check.error},
            {"unevenLight", check.unevenness},
            {"shadow", check.shadow},
            {"gleam", check.gleam},
            {"pictureDifferenceToPlan", figuresJson(check.toPlan)},
            {"pictureDifferenceToSubject", figuresJson(check.toSubject)},
            {"areas", areas},
            {"faults", faults},
            {"shifts", shifts},
            {"alignments", alignments},
            {"sharpness", check.sharpness},
            {"hand", QJsonObject{{"amount", double(mending.hand.amount)}, {"coverage", double(mending.hand.coverage)}}},
            {"corrections", correctionsJson(mending, plan)}};
}

}  // namespace

int check(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--step"}, options)) return 2;
    if (options.words.size() != 2) return refuseIncomplete("check", "check PHOTO FILE.dune [--step N]");
    constexpr int longSide = 2400;
    const auto photograph = subject::readPictureFile(options.words[0].toStdString(), longSide);
    if (!photograph) return refuse(photograph.problem());
    const auto document = storage::readDocument(options.words[1].toStdString());
    if (!document) return refuse(document.problem());
    planning::Kept kept;
    const auto plan = planning::makePlan(document->study, document->library, document->record, kept);
    if (!plan) return refuse(plan.problem());
    const int steps = int(plan->steps.size());
    // Without a step what the record says is laid; without a record all of it.
    const planning::Standing standing(document->record);
    int step = standing.laid().empty() ? steps : std::min(steps, *std::ranges::max_element(standing.laid()));
    if (const QString text = options.last("--step"); !text.isEmpty()) {
        bool ok = false;
        step = text.toInt(&ok);
        if (!ok || step < 0 || step > steps)
            return refuse({ProblemKind::numberBad, "--step", 0, text.toStdString(), "0 to " + std::to_string(steps)});
    }
    std::vector<int> laid = standing.laid();
    if (laid.empty() || !options.last("--step").isEmpty()) {
        laid.resize(std::size_t(step));
        std::iota(laid.begin(), laid.end(), 1);
    }
    const auto found =
        planning::checkWork(*plan, document->study, laid, {photograph->xyz, {}, options.words[0].toStdString()});
    if (!found) return refuse(found.problem());
    const auto sheet = std::make_shared<const common::Bytes>(planning::sheetPng(found->sheet, found->hidden));
    const auto mending = planning::waysToMend(*plan, document->study, document->library, laid, sheet, kept);
    if (!mending) return refuse(mending.problem());
    const QByteArray json = QJsonDocument(jsonOf(*found, *mending, *plan, document->study, step)).toJson();
    std::fwrite(json.constData(), 1, std::size_t(json.size()), stdout);
    return 0;
}

}  // namespace cli
