#include <QStringList>
#include <algorithm>
#include <array>
#include <cmath>

#include "colour/munsell.h"
#include "colour/warmth.h"
#include "planning/fades.h"
#include "wording/choosing.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/subject.h"
#include "wording/text.h"

namespace wording {

namespace {

QString placeWords(double x, double y) {
    const int column = x < 0.38 ? 0 : x > 0.62 ? 2 : 1;
    const int row = y < 0.38 ? 0 : y > 0.62 ? 2 : 1;
    static const char* words[3][3] = {
        {QT_TRANSLATE_NOOP("wording", "upper left"), QT_TRANSLATE_NOOP("wording", "top"),
         QT_TRANSLATE_NOOP("wording", "upper right")},
        {QT_TRANSLATE_NOOP("wording", "left"), QT_TRANSLATE_NOOP("wording", "centre"),
         QT_TRANSLATE_NOOP("wording", "right")},
        {QT_TRANSLATE_NOOP("wording", "lower left"), QT_TRANSLATE_NOOP("wording", "bottom"),
         QT_TRANSLATE_NOOP("wording", "lower right")}};
    return say(words[row][column]);
}

QString hueWord(const colour::Lab& lab) {
    const double h = colour::hue(lab);
    const double c = colour::chroma(lab);
    // Orange and yellow of little light are what artists call brown and olive.
    if (h >= 35 && h < 75 && ((lab.L < 55 && c < 60) || c < 25))
        return c < 30 && lab.L > 55 ? say("beige") : say("brown");
    if (h >= 75 && h < 105) return lab.L < 62 ? (c > 35 ? say("ochre") : say("olive brown")) : say("yellow");
    struct Range {
        double to;
        const char* word;
    };
    static constexpr std::array<Range, 10> ranges{{{15, QT_TRANSLATE_NOOP("wording", "rose")},
                                                   {40, QT_TRANSLATE_NOOP("wording", "red")},
                                                   {75, QT_TRANSLATE_NOOP("wording", "orange")},
                                                   {105, QT_TRANSLATE_NOOP("wording", "yellow")},
                                                   {128, QT_TRANSLATE_NOOP("wording", "yellow-green")},
                                                   {170, QT_TRANSLATE_NOOP("wording", "green")},
                                                   {215, QT_TRANSLATE_NOOP("wording", "blue-green")},
                                                   {285, QT_TRANSLATE_NOOP("wording", "blue")},
                                                   {330, QT_TRANSLATE_NOOP("wording", "violet")},
                                                   {361, QT_TRANSLATE_NOOP("wording", "rose")}}};
    for (const Range& range : ranges)
        if (h < range.to) return say(range.word);
    return {};
}

}  // namespace

QString colourWords(const colour::Lab& lab) {
    const double c = colour::chroma(lab);
    const QString depth = lab.L < 30   ? say("deep", "of a colour")
                          : lab.L < 48 ? say("dark", "of a colour")
                          : lab.L < 66 ? QString()
                          : lab.L < 88 ? say("light", "of a colour")
                                       : say("pale", "of a colour");
    QString what;
    if (c < 3.5)
        what = lab.L > 93 ? say("white") : say("grey");
    else if (c < 11)
        what = colour::hue(lab) > 20 && colour::hue(lab) < 125 ? say("warm grey") : say("cool grey");
    else
        what = hueWord(lab);
    if (lab.L < 12) return c < 11 ? say("near black") : say("near black %1").arg(what);
    return depth.isEmpty() ? what : say("%1 %2", "a colour: light, red").arg(depth, what);
}

namespace {

/// By what it is, if that is known, with its place if there are more of the like; by its colour and place otherwise.
QString areaDescription(const subject::Areas& areas, std::size_t index) {
    const subject::Area& area = areas.list[index];
    const auto alike = [&](const subject::Area& other) {
        return other.recognised == area.recognised && other.kind == area.kind;
    };
    QString what = recognisedWord(area.recognised);
    if (what.isEmpty() && area.kind != subject::AreaKind::other) what = areaKindWord(area.kind);
    if (what.isEmpty())
        what = colourWords(area.colour);
    else if (std::ranges::count_if(areas.list, alike) == 1)
        return what;
    return say("%1, %2").arg(what, placeWords(area.centreX, area.centreY));
}

/// Of all areas; numbered where several have the same.
QStringList areaDescriptions(const subject::Areas& areas) {
    QStringList plain;
    for (std::size_t i = 0; i < areas.list.size(); ++i) plain << areaDescription(areas, i);
    QStringList numbered;
    for (const QString& description : plain)
        numbered << (plain.count(description) == 1
                         ? description
                         : say("%1 (%2)").arg(description).arg(plain.first(numbered.size() + 1).count(description)));
    return numbered;
}

}  // namespace

QString areaName(const planning::Plan& plan, int areaIndex) {
    if (!plan.areaNames[areaIndex].empty()) return QString::fromStdString(plan.areaNames[areaIndex]);
    return areaDescriptions(plan.reading->areas)[areaIndex];
}

QStringList areaNames(const planning::Study& study, const subject::Areas& areas) {
    QStringList names = areaDescriptions(areas);
    for (const planning::AreaChoice& said : study.areaChoices)
        if (!said.name.empty()) names[subject::labelAt(areas.map, said.x, said.y)] = QString::fromStdString(said.name);
    return names;
}

QString areasNamed(const planning::Plan& plan, const std::vector<int>& areas, std::size_t most) {
    QStringList names;
    for (const int area : areas) {
        if (areas.size() > most + 1 && names.size() == qsizetype(most)) {
            names << say("and %n more", nullptr, int(areas.size() - most));
            break;
        }
        names << areaName(plan, area);
    }
    return names.join(QStringLiteral("; "));
}

QString stackName(const planning::Plan& plan, int stack) {
    return areasNamed(plan, plan.stacks[std::size_t(stack)].areas, 3);
}

QString stageWord(planning::Stage stage) {
    switch (stage) {
        case planning::Stage::drawing:
            return say("drawing");
        case planning::Stage::underpainting:
            return say("underpainting");
        case planning::Stage::blockIn:
            return say("block-in");
        case planning::Stage::build:
            return say("build");
        case planning::Stage::refine:
            return say("refine");
        case planning::Stage::accent:
            return say("accents");
        case planning::Stage::fix:
            return say("fixative");
    }
    return {};
}

QString mannerWord(pigment::Manner manner) {
    switch (manner) {
        case pigment::Manner::scumble:
            return say("scumble");
        case pigment::Manner::hatch:
            return say("hatch");
        case pigment::Manner::press:
            return say("press in");
        case pigment::Manner::blend:
            return say("blend");
        case pigment::Manner::dab:
            return say("dab");
        case pigment::Manner::wash:
            return say("wash");
        case pigment::Manner::fix:
            return say("fix");
        case pigment::Manner::lift:
            return say("lift");
    }
    return {};
}

QString mannerPast(pigment::Manner manner) {
    switch (manner) {
        case pigment::Manner::scumble:
            return say("scumbled");
        case pigment::Manner::hatch:
            return say("hatched");
        case pigment::Manner::press:
            return say("pressed in");
        case pigment::Manner::blend:
            return say("blended");
        case pigment::Manner::dab:
            return say("dabbed");
        case pigment::Manner::wash:
            return say("washed");
        case pigment::Manner::fix:
            return say("fixed");
        case pigment::Manner::lift:
            return say("lifted");
    }
    return {};
}

namespace {

/// From none to heavy by halves.
constexpr std::array<std::array<const char*, 2>, 7> pressureTexts{{
    {QT_TRANSLATE_NOOP("wording", "none"), QT_TRANSLATE_NOOP("wording", "no pressure")},
    {QT_TRANSLATE_NOOP("wording", "lightest"), QT_TRANSLATE_NOOP("wording", "the lightest pressure")},
    {QT_TRANSLATE_NOOP("wording", "light"), QT_TRANSLATE_NOOP("wording", "light pressure")},
    {QT_TRANSLATE_NOOP("wording", "light to medium"), QT_TRANSLATE_NOOP("wording", "light to medium pressure")},
    {QT_TRANSLATE_NOOP("wording", "medium"), QT_TRANSLATE_NOOP("wording", "medium pressure")},
    {QT_TRANSLATE_NOOP("wording", "medium to heavy"), QT_TRANSLATE_NOOP("wording", "medium to heavy pressure")},
    {QT_TRANSLATE_NOOP("wording", "heavy"), QT_TRANSLATE_NOOP("wording", "heavy pressure")},
}};

const std::array<const char*, 2>& pressureText(pigment::Pressure pressure) {
    const int half = int(std::lround(2 * std::clamp(pressure.value, 0.0f, 3.0f)));
    return pressureTexts[std::size_t(pressure > pigment::Pressure::none ? std::max(1, half) : 0)];
}

}  // namespace

QString pressureWord(pigment::Pressure pressure) {
    return say(pressureText(pressure)[1]);
}

QString pressureName(pigment::Pressure pressure) {
    return say(pressureText(pressure)[0]);
}

QString kindWord(materials::Kind kind) {
    switch (kind) {
        case materials::Kind::soft:
            return say("soft stick");
        case materials::Kind::hard:
            return say("hard stick");
        case materials::Kind::pencil:
            return say("pencil");
        case materials::Kind::pan:
            return say("pan");
        case materials::Kind::charcoal:
            return say("charcoal");
        case materials::Kind::watercolour:
            return say("watercolour");
        case materials::Kind::gouache:
            return say("gouache");
        case materials::Kind::acrylic:
            return say("acrylic");
        case materials::Kind::ink:
            return say("ink");
    }
    return {};
}

QString toolWord(planning::Tool tool) {
    switch (tool) {
        case planning::Tool::none:
            break;
        case planning::Tool::finger:
            return say("finger");
        case planning::Tool::stump:
            return say("stump");
        case planning::Tool::shaper:
            return say("rubber shaper");
        case planning::Tool::sponge:
            return say("sponge");
        case planning::Tool::fixative:
            return say("fixative");
        case planning::Tool::softBrush:
            return say("soft brush");
        case planning::Tool::puttyEraser:
            return say("putty eraser");
    }
    return {};
}

QString inHandWords(const planning::Plan& plan, const planning::Step& step) {
    if (step.stick >= 0) return text(plan.sticks[std::size_t(step.stick)].name);
    if (step.tool != planning::Tool::none) return toolWord(step.tool);
    if (step.groundLayer >= 0) return mixtureWords(plan.ground.layers[std::size_t(step.groundLayer)]);
    return say("any pencil");
}

QString lightWord(colour::Light light) {
    switch (light) {
        case colour::Light::daylight65:
            return say("daylight");
        case colour::Light::daylight50:
            return say("warm daylight");
        case colour::Light::lamp:
            return say("lamp light");
        case colour::Light::led:
            return say("LED light");
    }
    return {};
}

QString differenceWords(const colour::Lab& wanted, const colour::Lab& seen) {
    QStringList parts;
    const double steps = colour::munsellValueOfLightness(seen.L) - colour::munsellValueOfLightness(wanted.L);
    const double size = std::fabs(steps);
    if (size >= 0.12) {
        const QString amount = size < 0.35   ? say("a touch")
                               : size < 0.75 ? say("half a step")
                               : size < 1.25 ? say("a step")
                                             : say("%1 steps").arg(decimal(size, 1));
        parts << (steps > 0 ? say("%1 too light") : say("%1 too dark")).arg(amount);
    }
    const double chroma = colour::chroma(seen) - colour::chroma(wanted);
    if (std::fabs(chroma) >= 2.5) {
        const QString amount = std::fabs(chroma) < 6 ? say("a little") : say("clearly");
        parts << (chroma > 0 ? say("%1 too vivid") : say("%1 too grey")).arg(amount);
    }
    const double warmth = colour::warmth(seen) - colour::warmth(wanted);
    if (std::fabs(warmth) >= 2.5 && std::fabs(chroma) < 6) {
        const QString amount = std::fabs(warmth) < 6 ? say("a little") : say("clearly");
        parts << (warmth > 0 ? say("%1 too warm") : say("%1 too cool")).arg(amount);
    }
    return parts.isEmpty() ? say("matches") : parts.join(QStringLiteral(", "));
}

QString nearnessWords(double pictureDifference) {
    // CIEDE2000 of 1 is about what an eye just tells apart side by side.
    if (pictureDifference < 1.0) return say("as near as the eye can tell from the easel");
    if (pictureDifference < 2.0) return say("hardly apart from the easel");
    if (pictureDifference < 3.5) return say("a little apart");
    if (pictureDifference < 6.0) return say("clearly apart");
    return say("far apart");
}

QString pictureWords(const planning::Plan& plan) {
    constexpr double tellingApart = 2.0;
    const double mean = plan.summary.picture.mean;
    const auto worst = std::ranges::max_element(plan.stacks, {}, &planning::PlannedStack::pictureDifference);
    const bool isTold = worst != plan.stacks.end() && worst->pictureDifference >= std::max(tellingApart, 1.3 * mean);
    if (!isTold) return say("%1 (%2)").arg(nearnessWords(mean), differenceFigure(mean));
    return say("%1 (%2), %3 in %4 (%5)")
        .arg(nearnessWords(mean), differenceFigure(mean), nearnessWords(worst->pictureDifference),
             stackName(plan, int(worst - plan.stacks.begin())), differenceFigure(worst->pictureDifference));
}

QString runningOutSentence(const planning::Plan& plan, const planning::Step& step) {
    const std::vector<int> into = planning::runsOutInto(plan, step);
    return into.empty() ? QString() : say("Let it run out, ever thinner, into %1.").arg(areasNamed(plan, into));
}

QString laidWords(const planning::Layer& layer) {
    const auto percent = [](double share) { return std::lround(share * 100); };
    QStringList parts;
    const auto add = [&](double share, const QString& words) {
        if (percent(share) > 0) parts << words.arg(percent(share));
    };
    add(layer.light, say("light on %1 %"));
    add(layer.medium, say("medium on %1 %"));
    add(layer.heavy, say("heavy on %1 %"));
    return parts.isEmpty() ? say("only touches") : parts.join(QStringLiteral(", "));
}

QString detailWord(planning::Detail detail) {
    switch (detail) {
        case planning::Detail::suggest:
            return say("Suggest it");
        case planning::Detail::usual:
            return say("Usual marks");
        case planning::Detail::fine:
            return say("Fine marks");
    }
    return {};
}

QString differenceFigure(double difference) {
    return say("%1 ΔE00").arg(decimal(difference, 1));
}

QString duration(double minutes) {
    const int whole = int(std::lround(minutes));
    if (whole < 60) return say("%1 min").arg(whole);
    return say("%1 h %2 min").arg(whole / 60).arg(whole % 60);
}

QString sheetSize(double widthMillimetres, double heightMillimetres) {
    const auto centimetres = [](double millimetres) { return QLocale().toString(millimetres / 10, 'g', 6); };
    return say("%1 × %2 cm").arg(centimetres(widthMillimetres), centimetres(heightMillimetres));
}

}  // namespace wording
