#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>

#include "cli/commands.h"
#include "colour/reflectance.h"
#include "materials/names.h"
#include "pigment/patch.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;

std::optional<colour::Srgb8> colourIn(const QString& hex) {
    const auto colour = colour::srgb8FromHex(hex.trimmed().toStdString());
    if (!colour) refuse({ProblemKind::colourBad, "", 0, hex.toStdString()});
    return colour;
}

QJsonObject patchJson(const pigment::Patch& patch) {
    const colour::Lab lab = pigment::labOf(patch);
    return {{"hex", QString::fromStdString(colour::hexFromSrgb8(colour::srgb8FromSrgb(colour::srgbFromLab(lab))))},
            {"L", lab.L},
            {"a", lab.a},
            {"b", lab.b},
            {"toothUsed", pigment::toothUsed(patch)},
            {"looseLoad", pigment::looseLoad(patch)}};
}

/// Lays "#hex,KIND,MANNER,PRESSURE"; the masstone of a stroke that lays no pigment is not looked at.
bool layWritten(pigment::Patch& patch, const QString& written) {
    const QStringList parts = written.split(',');
    const auto unknown = [](const char* what, const QString& name, const char* allowed) {
        refuse({ProblemKind::nameUnknown, what, 0, name.toStdString(), allowed});
        return false;
    };
    if (parts.size() != 4) return unknown("The stroke", written, "#hex,KIND,MANNER,PRESSURE");
    const auto kind = materials::kindNamed(parts[1].trimmed().toStdString());
    if (!kind)
        return unknown("The kind", parts[1], "soft, hard, pencil, pan, charcoal, watercolour, gouache, acrylic, ink");
    const auto manner = pigment::mannerNamed(parts[2].trimmed().toStdString());
    if (!manner) return unknown("The manner", parts[2], "scumble, hatch, press, blend, dab, wash, fix, lift");
    const auto pressure = pigment::pressureNamed(parts[3].trimmed().toStdString());
    if (!pressure) return unknown("The pressure", parts[3], "light, medium, heavy");
    if (!pigment::laysPigment(*manner)) {
        pigment::lay(patch, {nullptr, *manner, *pressure});
        return true;
    }
    const auto masstone = colourIn(parts[0]);
    if (!masstone) return false;
    materials::Material material;
    material.kind = *kind;
    material.masstone = *masstone;
    material.hardness = materials::usualHardness(*kind);
    const pigment::Pigment pigment = pigment::pigmentOf(material);
    pigment::lay(patch, {&pigment, *manner, *pressure});
    return true;
}

}  // namespace

int film(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--paper", "--tooth", "--stroke"}, options)) return 2;
    const auto paper = colourIn(options.last("--paper"));
    if (!paper) return 2;
    const QString tooth = options.last("--tooth", "sanded-400");
    const auto surface = materials::surfaceNamed(tooth.toStdString());
    if (!surface)
        return refuse(
            {ProblemKind::nameUnknown, "The tooth", 0, tooth.toStdString(),
             "sanded-400, sanded-600, microfibre, velour, honeycomb-rough, honeycomb-smooth, laid, cartridge"});
    pigment::Patch patch =
        pigment::barePatch(materials::profileOf(*surface), colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*paper)));
    QJsonArray patches{patchJson(patch)};
    for (const QString& stroke : options.all("--stroke")) {
        if (!layWritten(patch, stroke)) return 2;
        patches.append(patchJson(patch));
    }
    std::fputs(QJsonDocument(QJsonObject{{"patches", patches}}).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
