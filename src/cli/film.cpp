#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>
#include <iostream>
#include <string>

#include "cli/commands.h"
#include "colour/reflectance.h"
#include "materials/names.h"
#include "pigment/hand.h"
#include "wording/sentences.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;
using common::Result;

Problem unknown(const char* what, const QString& name, const char* allowed) {
    return {ProblemKind::nameUnknown, what, 0, name.toStdString(), allowed};
}

Result<colour::Srgb8> colourIn(const QString& hex) {
    if (const auto colour = colour::srgb8FromHex(hex.trimmed().toStdString())) return *colour;
    return Problem{ProblemKind::colourBad, "", 0, hex.toStdString()};
}

Result<pigment::Patch> paperIn(const QString& hex, const QString& tooth) {
    const auto paper = colourIn(hex);
    if (!paper) return paper.problem();
    const auto surface = materials::surfaceNamed(tooth.trimmed().toStdString());
    if (!surface)
        return unknown(
            "The tooth", tooth,
            "sanded-400, sanded-600, microfibre, velour, honeycomb-rough, honeycomb-smooth, laid, cartridge");
    return pigment::barePatch(materials::profileOf(*surface),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*paper)));
}

/// A stroke as it is written, "#hex,KIND,MANNER,PRESSURE". The masstone of one that lays no pigment is not looked at.
struct WrittenStroke {
    pigment::Pigment pigment{};
    bool lays = false;
    pigment::Manner manner;
    pigment::Pressure pressure;

    pigment::Stroke stroke() const { return {lays ? &pigment : nullptr, manner, pressure}; }
};

/// A pressure by name or by number.
std::optional<pigment::Pressure> pressureIn(const QString& written) {
    bool ok = false;
    const float number = written.toFloat(&ok);
    if (ok && number >= 0 && number <= pigment::Pressure::heavy.value) return pigment::Pressure{number};
    return pigment::pressureNamed(written.toStdString());
}

Result<WrittenStroke> strokeIn(const QString& written) {
    const QStringList parts = written.split(',');
    if (parts.size() != 4) return unknown("The stroke", written, "#hex,KIND,MANNER,PRESSURE");
    const auto kind = materials::kindNamed(parts[1].trimmed().toStdString());
    if (!kind)
        return unknown("The kind", parts[1], "soft, hard, pencil, pan, charcoal, watercolour, gouache, acrylic, ink");
    const auto manner = pigment::mannerNamed(parts[2].trimmed().toStdString());
    if (!manner) return unknown("The manner", parts[2], "scumble, hatch, press, blend, dab, wash, fix, lift");
    const auto pressure = pressureIn(parts[3].trimmed());
    if (!pressure) return unknown("The pressure", parts[3], "none, light, medium, heavy, or a number from 0 to 3");
    WrittenStroke stroke{{}, pigment::laysPigment(*manner), *manner, *pressure};
    if (stroke.lays) {
        const auto masstone = colourIn(parts[0]);
        if (!masstone) return masstone.problem();
        materials::Material material;
        material.kind = *kind;
        material.masstone = *masstone;
        material.hardness = materials::usualHardness(*kind);
        stroke.pigment = pigment::pigmentOf(material);
    }
    return stroke;
}

QJsonObject patchJson(const pigment::Patch& patch, colour::Light light) {
    QJsonObject json = colourJson(pigment::labOf(patch, light));
    json["toothUsed"] = pigment::toothUsed(patch);
    json["looseLoad"] = pigment::looseLoad(patch);
    return json;
}

/// How the patches are looked at.
struct Look {
    colour::Light light = colour::Light::daylight65;
    std::optional<double> spread;  // of the hand, if its mean and spread are asked for
};

/// The bare paper and the patch after each stroke.
Result<QJsonObject> laid(pigment::Patch patch, const QStringList& strokes, const Look& look) {
    QJsonArray patches{patchJson(patch, look.light)};
    for (const QString& written : strokes) {
        const auto read = strokeIn(written);
        if (!read) return read.problem();
        const pigment::Stroke stroke = read->stroke();
        QJsonObject extra;
        if (look.spread) {
            const pigment::StrokeSpread hand = pigment::spreadOf(patch, stroke, *look.spread, look.light);
            extra["hand"] = QJsonObject{
                {"mean", labJson(hand.mean)}, {"deviation", labJson(hand.deviation)}, {"difference", hand.difference}};
        }
        if (stroke.pigment && stroke.pigment->wet) {
            pigment::Patch wet = patch;
            const pigment::Pigment paint = pigment::whileWet(*stroke.pigment);
            pigment::lay(wet, {&paint, stroke.manner, stroke.pressure});
            extra["wet"] = colourJson(pigment::labOf(wet, look.light));
        }
        pigment::lay(patch, stroke);
        QJsonObject json = patchJson(patch, look.light);
        for (auto it = extra.begin(); it != extra.end(); ++it) json[it.key()] = it.value();
        patches.append(json);
    }
    return QJsonObject{{"patches", patches}};
}

/// Rows "#paper[,TOOTH] STROKE STROKE ..." from stdin, a line of JSON for each on stdout.
int streamFilms(const QString& tooth, const Look& look) {
    std::ios::sync_with_stdio(false);
    std::string line;
    for (int row = 1; std::getline(std::cin, line); ++row) {
        QStringList words = QString::fromStdString(line).simplified().split(' ', Qt::SkipEmptyParts);
        if (words.isEmpty()) continue;
        const QString paper = words.takeFirst();
        const auto patch = paperIn(paper.section(',', 0, 0), paper.contains(',') ? paper.section(',', 1) : tooth);
        auto films = patch ? laid(*patch, words, look) : Result<QJsonObject>(patch.problem());
        if (!films) {
            std::cout << std::flush;
            const std::string why = wording::problemSentence(films.problem()).toStdString();
            return refuse({ProblemKind::rowBad, "standard input", row, why.substr(0, why.size() - 1)});
        }
        std::cout << QJsonDocument(*films).toJson(QJsonDocument::Compact).constData() << '\n';
    }
    std::cout << std::flush;
    return 0;
}

}  // namespace

int film(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--paper", "--tooth", "--light", "--spread", "--stroke"}, options)) return 2;
    Look look;
    const auto light = lightIn(options.last("--light", "daylight65"));
    if (!light) return refuse(light.problem());
    look.light = *light;
    if (const QString text = options.last("--spread"); !text.isEmpty()) {
        bool ok = false;
        look.spread = text.toDouble(&ok);
        if (!ok || !(*look.spread >= 0 && *look.spread <= 1))
            return refuse({ProblemKind::numberBad, "value of --spread", 0, text.toStdString(), "0 to 1"});
    }
    const QString paper = options.last("--paper");
    const QString tooth = options.last("--tooth", "sanded-400");
    if (paper.isEmpty() && options.all("--stroke").isEmpty()) return streamFilms(tooth, look);
    const auto patch = paperIn(paper, tooth);
    if (!patch) return refuse(patch.problem());
    const auto films = laid(*patch, options.all("--stroke"), look);
    if (!films) return refuse(films.problem());
    std::fputs(QJsonDocument(*films).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
