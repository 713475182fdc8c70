#include "storage/plan_export.h"

#include <QJsonArray>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "materials/names.h"
#include "storage/list_export.h"
#include "storage/text.h"
#include "wording/sentences.h"

namespace storage {

namespace {

QJsonObject labJson(const colour::Lab& lab) {
    return {{"L", lab.L}, {"a", lab.a}, {"b", lab.b}};
}

QString stickId(const planning::Plan& plan, int stick) {
    return text(plan.sticks[stick].id);
}

QString passageId(const planning::Plan& plan, int passage) {
    return text(plan.reading->passages.list[passage].id());
}

QJsonObject passageJson(const planning::Plan& plan, int index) {
    const subject::Passage& passage = plan.reading->passages.list[index];
    const matching::Recipe& recipe = plan.passages[index].recipe;
    QJsonArray lays;
    for (const matching::Lay& lay : recipe.lays)
        lays.append(QJsonObject{{"stick", stickId(plan, lay.stick)},
                                {"manner", text(pigment::nameOf(lay.manner))},
                                {"pressure", text(pigment::nameOf(lay.pressure))}});
    QJsonObject underLights;
    for (int i = 0; i < colour::lightCount; ++i)
        underLights[text(colour::nameOf(colour::Light(i)))] = plan.passages[index].differenceUnder[i];
    return {{"id", passageId(plan, index)},
            {"area", passage.area},
            {"band", text(subject::nameOf(passage.band))},
            {"share", passage.share},
            {"target", labJson(plan.passages[index].target)},
            {"predicted", labJson(recipe.predicted)},
            {"difference", recipe.difference},
            {"unsteadyDifference", recipe.unsteady},
            {"differenceUnder", underLights},
            {"toothUsed", recipe.toothUsed},
            {"recipe", lays}};
}

QJsonObject stepJson(const planning::Plan& plan, const planning::Step& step) {
    QJsonArray passages, after, why;
    for (const int p : step.passages) passages.append(passageId(plan, p));
    for (const int n : step.after) after.append(n);
    for (const planning::Reason& reason : step.why) why.append(wording::reasonPhrase(reason));
    return {{"number", step.number},
            {"stage", text(planning::nameOf(step.stage))},
            {"passages", passages},
            {"stick", step.stick >= 0 ? QJsonValue(stickId(plan, step.stick)) : QJsonValue()},
            {"tool", QJsonValue()},
            {"manner", text(pigment::nameOf(step.manner))},
            {"pressure", text(pigment::nameOf(step.pressure))},
            {"minutes", step.minutes},
            {"waitMinutes", step.waitMinutes},
            {"after", after},
            {"why", why}};
}

QString passageNames(const planning::Plan& plan, const std::vector<int>& passages) {
    QStringList names;
    for (const int p : passages) names << wording::passageName(plan, p);
    return names.join(QStringLiteral("; "));
}

}  // namespace

QJsonObject planJson(const planning::Plan& plan, const planning::Study& study) {
    QJsonArray areas, passages, sticks, steps, papers, notes;
    for (std::size_t i = 0; i < plan.reading->areas.list.size(); ++i) {
        const subject::Area& area = plan.reading->areas.list[i];
        areas.append(QJsonObject{{"id", area.id},
                                 {"name", wording::areaName(plan, int(i))},
                                 {"plane", text(subject::nameOf(area.plane))},
                                 {"share", area.share},
                                 {"focal", area.focal},
                                 {"kind", text(subject::nameOf(area.kind))},
                                 {"together", area.together}});
    }
    for (std::size_t p = 0; p < plan.passages.size(); ++p) passages.append(passageJson(plan, int(p)));
    for (const materials::Material& stick : plan.sticks)
        sticks.append(QJsonObject{{"id", text(stick.id)},
                                  {"name", text(stick.name)},
                                  {"kind", text(materials::nameOf(stick.kind))},
                                  {"hex", text(colour::hexFromSrgb8(stick.masstone))}});
    for (const planning::Step& step : plan.steps) steps.append(stepJson(plan, step));
    for (const planning::RankedPaper& ranked : plan.papers) {
        QJsonArray reasons;
        for (const planning::Reason& reason : ranked.reasons) reasons.append(wording::reasonPhrase(reason));
        papers.append(QJsonObject{{"id", text(ranked.paper.id)},
                                  {"hex", text(colour::hexFromSrgb8(ranked.paper.tone))},
                                  {"score", ranked.score},
                                  {"reasons", reasons}});
    }
    static const char* noteKinds[] = {"advice", "caution", "safety"};
    for (const planning::Note& note : plan.notes) {
        QJsonArray where;
        for (const int p : note.passages) where.append(passageId(plan, p));
        notes.append(QJsonObject{{"kind", noteKinds[static_cast<int>(note.kind)]},
                                 {"text", wording::noteSentence(note, plan)},
                                 {"passages", where}});
    }
    return {{"format", "yawning-dune-plan"},
            {"version", 1},
            {"title", text(study.title)},
            {"sheet", QJsonObject{{"widthMillimetres", study.widthMillimetres},
                                  {"heightMillimetres", study.heightMillimetres},
                                  {"paper", text(plan.paper.id)},
                                  {"paperHex", text(colour::hexFromSrgb8(plan.paper.tone))}}},
            {"approach", QJsonObject{{"school", text(planning::nameOf(study.school))},
                                     {"ground", text(planning::nameOf(study.ground))},
                                     {"light", text(colour::nameOf(study.light))}}},
            {"areas", areas},
            {"passages", passages},
            {"sticks", sticks},
            {"steps", steps},
            {"papers", papers},
            {"notes", notes},
            {"summary", QJsonObject{{"meanDifference", plan.summary.meanDifference},
                                    {"p95Difference", plan.summary.p95Difference},
                                    {"unsteadyDifference", plan.summary.unsteadyDifference},
                                    {"nearestStickDifference", plan.summary.nearestStickDifference},
                                    {"stickCount", int(plan.sticks.size())},
                                    {"stepCount", int(plan.steps.size())},
                                    {"minutes", plan.summary.minutes}}}};
}

QByteArray stepsCsv(const planning::Plan& plan) {
    QByteArray csv = csvRow(
        {"number", "stage", "stick", "name", "manner", "pressure", "where", "minutes", "wait_minutes", "after", "why"});
    for (const planning::Step& step : plan.steps) {
        QStringList after, why;
        for (const int n : step.after) after << QString::number(n);
        for (const planning::Reason& reason : step.why) why << wording::reasonPhrase(reason);
        csv += csvRow(
            {QString::number(step.number), text(planning::nameOf(step.stage)),
             step.stick >= 0 ? stickId(plan, step.stick) : QString(),
             step.stick >= 0 ? text(plan.sticks[step.stick].name) : QString(), text(pigment::nameOf(step.manner)),
             text(pigment::nameOf(step.pressure)),
             step.stage == planning::Stage::drawing ? QStringLiteral("everywhere") : passageNames(plan, step.passages),
             QString::number(step.minutes), QString::number(step.waitMinutes), after.join(' '),
             why.join(QStringLiteral("; "))});
    }
    return csv;
}

QByteArray pullListCsv(const planning::Plan& plan) {
    QByteArray csv = csvRow({"id", "maker", "name", "kind", "hex", "pigments", "hazard", "steps"});
    for (std::size_t i = 0; i < plan.sticks.size(); ++i) {
        const materials::Material& stick = plan.sticks[i];
        QStringList pigments, hazards, steps;
        for (const std::string& s : stick.pigments) pigments << text(s);
        for (const std::string& s : stick.hazards) hazards << text(s);
        for (const planning::Step& step : plan.steps)
            if (step.stick == int(i)) steps << QString::number(step.number);
        csv += csvRow({text(stick.id), text(stick.maker), text(stick.name), text(materials::nameOf(stick.kind)),
                       text(colour::hexFromSrgb8(stick.masstone)), pigments.join(QStringLiteral("; ")),
                       hazards.join(QStringLiteral(", ")), steps.join(' ')});
    }
    return csv;
}

QByteArray areasPng(const planning::Reading& reading) {
    cv::Mat map;
    reading.areas.map.convertTo(map, CV_8U, 1, 1);
    return pngOf(map);
}

QByteArray pngOf(const cv::Mat& image) {
    cv::Mat bgr = image;
    if (image.channels() == 3) cv::cvtColor(image, bgr, cv::COLOR_RGB2BGR);
    std::vector<uchar> bytes;
    cv::imencode(".png", bgr, bytes);
    return QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size()));
}

}  // namespace storage
