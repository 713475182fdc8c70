#include "storage/plan_export.h"

#include <QJsonArray>
#include <algorithm>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "materials/names.h"
#include "planning/fades.h"
#include "planning/minutes.h"
#include "planning/questions.h"
#include "planning/stick_triad.h"
#include "storage/list_export.h"
#include "storage/text.h"
#include "wording/choosing.h"
#include "wording/sentences.h"

namespace storage {

namespace {

QJsonObject labJson(const colour::Lab& lab) {
    return {{"L", lab.L}, {"a", lab.a}, {"b", lab.b}};
}

QString stickId(const planning::Plan& plan, int stick) {
    return text(plan.sticks[std::size_t(stick)].id);
}

QJsonValue stickOrNull(const planning::Plan& plan, int stick) {
    return stick >= 0 ? QJsonValue(stickId(plan, stick)) : QJsonValue();
}

/// What a stack gives, by area; the share of a tone is that of the area's part of the stack.
QJsonArray tonesJson(const planning::PlannedStack& stack, double part) {
    QJsonArray tones;
    const int count = int(stack.layers.size());
    for (const planning::Tone& tone : stack.tones) {
        QJsonArray pressures;
        for (int i = 0; i < count; ++i)
            pressures.append(
                text(pigment::nameOf(pigment::Pressure{float(pigment::pressureIn(tone.number, i, count))})));
        QJsonObject underLights;
        for (int i = 0; i < colour::lightCount; ++i)
            underLights[text(colour::nameOf(colour::Light(i)))] = tone.differenceUnder[std::size_t(i)];
        tones.append(QJsonObject{{"pressures", pressures},
                                 {"share", tone.share * part},
                                 {"target", labJson(tone.target)},
                                 {"predicted", labJson(tone.predicted)},
                                 {"difference", tone.difference},
                                 {"unsteadyDifference", tone.unsteady},
                                 {"differenceUnder", underLights},
                                 {"toothUsed", tone.toothUsed}});
    }
    return tones;
}

QJsonObject groundLayerJson(const planning::GroundLayer& layer) {
    const bool lays = pigment::laysPigment(layer.manner) && !layer.mixture.empty();
    QJsonArray mixture;
    if (lays)
        for (const planning::MixPart& part : layer.mixture)
            mixture.append(QJsonObject{{"stick", text(part.medium.id)}, {"parts", part.parts}});
    return {{"stick", lays ? QJsonValue(text(layer.mixture.front().medium.id)) : QJsonValue()},
            {"mixture", mixture},
            {"manner", text(pigment::nameOf(layer.manner))},
            {"pressure", text(pigment::nameOf(layer.pressure))},
            {"why", wording::reasonPhrase(layer.reason)},
            {"whyKind", text(planning::nameOf(layer.reason.kind))}};
}

QJsonValue toolOrNull(planning::Tool tool) {
    return tool == planning::Tool::none ? QJsonValue() : QJsonValue(text(planning::nameOf(tool)));
}

/// Every answer by its question.
QJsonObject approachJson(const planning::Study& study) {
    QJsonObject json{{"layers", study.layers},
                     {"detail", text(planning::nameOf(study.detail))},
                     {"sticks", study.stickLimit},
                     {"light", text(colour::nameOf(study.light))}};
    for (int i = 0; i < planning::questionCount; ++i) {
        const auto question = planning::Question(i);
        json[text(planning::nameOf(question))] =
            text(planning::nameOfAnswer(question, planning::answerTo(question, study.approach)));
    }
    return json;
}

QJsonObject plannedAreaJson(const planning::Plan& plan, int index) {
    const subject::Area& area = plan.reading->areas.list[std::size_t(index)];
    const planning::PlannedStack& stack = plan.stacks[std::size_t(plan.stackOfArea[std::size_t(index)])];
    QJsonArray ground, layers;
    for (const planning::GroundLayer& layer : plan.ground.layers)
        if (std::ranges::binary_search(layer.areas, index)) ground.append(groundLayerJson(layer));
    for (const planning::Layer& layer : stack.layers) {
        QJsonObject json{{"key", text(layer.key)},
                         {"stick", stickOrNull(plan, layer.stick)},
                         {"tool", toolOrNull(layer.tool)},
                         {"manner", text(pigment::nameOf(layer.manner))},
                         {"markMillimetres", layer.markMillimetres},
                         {"step", layer.step},
                         {"light", layer.light},
                         {"medium", layer.medium},
                         {"heavy", layer.heavy}};
        if (layer.isFixed) json["fixedAfter"] = true;
        layers.append(json);
    }
    const auto strategy = ground.isEmpty() ? planning::Ground::none : plan.ground.strategies[std::size_t(index)];
    QJsonObject json = storage::areaJson(area, wording::areaName(plan, index));
    json["pictureDifference"] = stack.pictureDifference;
    json["ground"] = QJsonObject{{"strategy", text(planning::nameOf(strategy))}, {"layers", ground}};
    json["layers"] = layers;
    const std::array<int, 3> triad = planning::stickTriad(plan, plan.stackOfArea[std::size_t(index)]);
    json["ownColour"] = QJsonObject{{"dark", stickOrNull(plan, triad[0])},
                                    {"medium", stickOrNull(plan, triad[1])},
                                    {"light", stickOrNull(plan, triad[2])}};
    json["tones"] = tonesJson(stack, area.share / stack.share);
    return json;
}

/// Reasons in words, and their kinds beside them.
struct ReasonsJson {
    QJsonArray words, kinds;
    explicit ReasonsJson(const std::vector<planning::Reason>& reasons) {
        for (const planning::Reason& reason : reasons) {
            words.append(wording::reasonPhrase(reason));
            kinds.append(text(planning::nameOf(reason.kind)));
        }
    }
};

QJsonArray areaIds(const planning::Plan& plan, const std::vector<int>& areas) {
    QJsonArray ids;
    for (const int area : areas) ids.append(plan.reading->areas.list[std::size_t(area)].id);
    return ids;
}

QJsonObject stepJson(const planning::Plan& plan, const planning::Step& step) {
    QJsonArray after;
    for (const int n : step.after) after.append(n);
    const ReasonsJson why(step.why);
    QJsonObject json{{"number", step.number},
                     {"key", text(step.key)},
                     {"stage", text(planning::nameOf(step.stage))},
                     {"areas", areaIds(plan, step.areas)},
                     {"runsOutInto", areaIds(plan, planning::runsOutInto(plan, step))},
                     {"stick", stickOrNull(plan, step.stick)},
                     {"tool", toolOrNull(step.tool)},
                     {"manner", text(pigment::nameOf(step.manner))},
                     {"map", mapName(step.number)},
                     {"minutes", step.minutes},
                     {"waitMinutes", step.waitMinutes},
                     {"after", after},
                     {"handOff", areaIds(plan, step.handOff)},
                     {"why", why.words},
                     {"whyKinds", why.kinds}};
    if (step.isEmpty) json["empty"] = true;
    return json;
}

QJsonArray eveningsJson(const planning::Plan& plan) {
    QJsonArray evenings;
    for (const planning::Evening& evening : plan.evenings)
        evenings.append(QJsonObject{{"first", evening.first}, {"last", evening.last}, {"minutes", evening.minutes}});
    return evenings;
}

QJsonObject figuresJson(const rendering::DifferenceFigures& figures) {
    return {{"mean", figures.mean}, {"p95", figures.p95}};
}

QString whereOf(const planning::Plan& plan, const planning::Step& step) {
    if (step.stage == planning::Stage::drawing) return QStringLiteral("everywhere");
    QStringList names;
    for (const int area : step.areas) names << wording::areaName(plan, area);
    return names.join(QStringLiteral("; "));
}

/// How much of the picture a step lays at each pressure.
struct Laid {
    double light = 0, medium = 0, heavy = 0;
};
Laid laidBy(const planning::Plan& plan, const planning::Step& step) {
    Laid laid;
    for (const planning::LayerPlace& place : step.layers) {
        const planning::PlannedStack& stack = plan.stacks[std::size_t(place.stack)];
        const planning::Layer& layer = stack.layers[std::size_t(place.layer)];
        laid.light += layer.light * stack.share;
        laid.medium += layer.medium * stack.share;
        laid.heavy += layer.heavy * stack.share;
    }
    return laid;
}

/// Null where nobody has said how large the sheets are.
QJsonValue cuttingJson(const planning::Cutting& cutting) {
    if (!cutting.isKnown) return QJsonValue::Null;
    return QJsonObject{{"sheetWidthMillimetres", cutting.sheet.width},
                       {"sheetHeightMillimetres", cutting.sheet.height},
                       {"pieces", cutting.pieces()},
                       {"turned", cutting.isTurned},
                       {"sheetsNeeded", cutting.sheetsNeeded},
                       {"sheetsAtHand", cutting.sheetsAtHand},
                       {"fibres", text(materials::nameOf(cutting.fibres))}};
}

}  // namespace

QString mapName(int step) {
    return QStringLiteral("maps/%1.png").arg(step, 3, 10, QLatin1Char('0'));
}

QString stageName(int step) {
    return QStringLiteral("stages/%1.png").arg(step, 3, 10, QLatin1Char('0'));
}

namespace {

QJsonObject partsJson(const planning::Score& score) {
    QJsonObject parts;
    for (const planning::ScorePart& part : score.parts)
        if (part.most > 0) parts[text(planning::nameOf(part.what))] = part.points / 100;
    return parts;
}

QJsonObject outcomeJson(const planning::Score& score, const planning::Outcome& outcome) {
    return {{"score", score.points / 100},
            {"parts", partsJson(score)},
            {"pictureDifference", figuresJson(outcome.picture)},
            {"firstLayerDifference", outcome.firstLayer},
            {"layers", outcome.layers},
            {"groundLayers", outcome.groundLayers},
            {"minutes", outcome.minutes},
            {"toothUsed", outcome.toothUsed},
            {"toothMost", outcome.toothMost},
            {"sparkle", outcome.sparkle},
            {"chroma", outcome.chroma}};
}

}  // namespace

QJsonObject rankedPaperJson(const planning::RankedPaper& ranked, const planning::Plan& plan) {
    QJsonObject json = outcomeJson(ranked.score, ranked.outcome);
    QJsonArray reasons, kinds;
    for (const planning::PaperReason& reason : ranked.reasons) {
        reasons.append(wording::paperReasonPhrase(reason, plan));
        kinds.append(text(planning::nameOf(reason.kind)));
    }
    json["id"] = text(ranked.paper.id);
    json["hex"] = text(colour::hexFromSrgb8(ranked.paper.tone));
    json["atHand"] = ranked.isAtHand;
    json["reasons"] = reasons;
    json["reasonKinds"] = kinds;
    return json;
}

QJsonObject triedGroundJson(const planning::TriedGround& tried, const planning::TriedGround& bare,
                            const materials::Paper& paper, planning::Drying drying) {
    const planning::GroundProposal& proposal = tried.proposal;
    QJsonObject json{{"strategy", text(planning::nameOf(proposal.strategy))}};
    if (proposal.obstacle) {
        json["obstacle"] = wording::obstacleSentence(*proposal.obstacle, paper);
        return json;
    }
    const QJsonObject outcome = outcomeJson(tried.score, tried.outcome);
    for (auto it = outcome.begin(); it != outcome.end(); ++it) json[it.key()] = it.value();
    QJsonArray layers;
    planning::MinuteRange dries;
    for (const planning::GroundLayer& layer : proposal.layers) {
        layers.append(groundLayerJson(layer));
        const planning::MinuteRange time = planning::dryingTime(layer, paper, drying);
        dries = {std::max(dries.least, time.least), std::max(dries.most, time.most)};
    }
    json["ground"] = layers;
    json["dryingMinutes"] = QJsonArray{dries.least, dries.most};
    json["layersEnough"] = tried.layersEnough;
    json["gains"] = tried.gains;
    if (proposal.strategy != planning::Ground::none) json["gain"] = wording::gainSentence(tried, bare);
    return json;
}

QJsonObject planJson(const planning::Plan& plan, const planning::Study& study) {
    QJsonArray areas, sticks, steps, papers, notes;
    for (int i = 0; i < int(plan.reading->areas.list.size()); ++i) areas.append(plannedAreaJson(plan, i));
    for (const materials::Material& stick : plan.sticks)
        sticks.append(QJsonObject{{"id", text(stick.id)},
                                  {"name", text(stick.name)},
                                  {"kind", text(materials::nameOf(stick.kind))},
                                  {"hex", text(colour::hexFromSrgb8(stick.masstone))}});
    for (const planning::Step& step : plan.steps) steps.append(stepJson(plan, step));
    if (plan.papers)
        for (const planning::RankedPaper& ranked : *plan.papers) papers.append(rankedPaperJson(ranked, plan));
    static const char* noteKinds[] = {"advice", "caution", "safety"};
    for (const planning::Note& note : plan.notes)
        notes.append(QJsonObject{{"kind", noteKinds[static_cast<int>(note.kind)]},
                                 {"text", wording::noteSentence(note, plan)},
                                 {"areas", areaIds(plan, note.areas)}});
    return {{"format", "yawning-dune-plan"},
            {"version", 2},
            {"title", text(study.title)},
            {"sheet", QJsonObject{{"widthMillimetres", study.widthMillimetres},
                                  {"heightMillimetres", study.heightMillimetres},
                                  {"paper", text(plan.paper.id)},
                                  {"paperHex", text(colour::hexFromSrgb8(plan.paper.tone))},
                                  {"borderMillimetres", study.borderMillimetres},
                                  {"series", study.series},
                                  {"cutting", cuttingJson(plan.cutting)}}},
            {"approach", approachJson(study)},
            {"areas", areas},
            {"sticks", sticks},
            {"steps", steps},
            {"evenings", eveningsJson(plan)},
            {"papers", papers},
            {"notes", notes},
            {"summary", QJsonObject{{"pictureDifference", figuresJson(plan.summary.picture)},
                                    {"squintedDifference", figuresJson(plan.summary.squinted)},
                                    {"meanDifference", plan.summary.meanDifference},
                                    {"unsteadyDifference", plan.summary.unsteadyDifference},
                                    {"nearestStickDifference", plan.summary.nearestStickDifference},
                                    {"stickCount", int(plan.sticks.size())},
                                    {"stepCount", int(plan.steps.size())},
                                    {"minutes", plan.summary.minutes}}}};
}

QByteArray stepsCsv(const planning::Plan& plan) {
    QByteArray csv = csvRow({"number", "key", "stage", "stick", "name", "manner", "light_percent", "medium_percent",
                             "heavy_percent", "where", "map", "minutes", "wait_minutes", "after", "why"});
    for (const planning::Step& step : plan.steps) {
        if (step.isEmpty) continue;
        QStringList after, why;
        for (const int n : step.after) after << QString::number(n);
        for (const planning::Reason& reason : step.why) why << wording::reasonPhrase(reason);
        const Laid laid = laidBy(plan, step);
        const auto percent = [](double share) { return QString::number(share * 100, 'f', 1); };
        csv += csvRow({QString::number(step.number), text(step.key), text(planning::nameOf(step.stage)),
                       step.stick >= 0 ? stickId(plan, step.stick) : QString(), wording::inHandWords(plan, step),
                       text(pigment::nameOf(step.manner)), percent(laid.light), percent(laid.medium),
                       percent(laid.heavy), whereOf(plan, step), mapName(step.number), QString::number(step.minutes),
                       QString::number(step.waitMinutes), after.join(' '), why.join(QStringLiteral("; "))});
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
            if (step.stick == int(i) && !step.isEmpty) steps << QString::number(step.number);
        csv += csvRow({text(stick.id), text(stick.maker), text(stick.name), text(materials::nameOf(stick.kind)),
                       text(colour::hexFromSrgb8(stick.masstone)), pigments.join(QStringLiteral("; ")),
                       hazards.join(QStringLiteral(", ")), steps.join(' ')});
    }
    return csv;
}

QJsonObject areaJson(const subject::Area& area, const QString& name) {
    return {{"id", area.id},
            {"key", text(area.key)},
            {"name", name},
            {"plane", text(subject::nameOf(area.plane))},
            {"kind", text(subject::nameOf(area.kind))},
            {"share", area.share},
            {"focal", area.focal},
            {"together", area.together}};
}

QByteArray areasPng(const planning::Reading& reading) {
    cv::Mat map;
    reading.areas.map.convertTo(map, CV_8U, 1, 1);
    return pngOf(map);
}

QByteArray pngOf(const cv::Mat& image) {
    cv::Mat bgr = image;
    if (image.channels() == 3) cv::cvtColor(image, bgr, cv::COLOR_RGB2BGR);
    if (image.channels() == 4) cv::cvtColor(image, bgr, cv::COLOR_RGBA2BGRA);
    std::vector<uchar> bytes;
    cv::imencode(".png", bgr, bytes);
    return QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size()));
}

}  // namespace storage
