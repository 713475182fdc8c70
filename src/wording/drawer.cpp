#include <QStringList>
#include <map>

#include "colour/munsell.h"
#include "colour/srgb.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/testing.h"
#include "wording/text.h"

namespace wording {

namespace {

QString colourSentence(const materials::Owned& owned) {
    const colour::Lab lab = colour::labFromSrgb8(*materials::colourOf(owned));
    const QString sentence =
        (owned.colourError > 0 ? say("It is %1, value %2, chroma %3; its colour was %4 and may be off by %5.")
                               : say("It is %1, value %2, chroma %3; its colour was %4."))
            .arg(colourWords(lab))
            .arg(decimal(colour::munsellValueOfLightness(lab.L), 1))
            .arg(std::lround(colour::chroma(lab)))
            .arg(sourceWords(owned.source));
    return owned.colourError > 0 ? sentence.arg(differenceFigure(owned.colourError)) : sentence;
}

}  // namespace

QString listed(const std::vector<std::string>& list) {
    QStringList parts;
    for (const std::string& part : list) parts << text(part);
    return parts.join(QStringLiteral(", "));
}

QString surfaceWord(materials::Surface surface) {
    switch (surface) {
        case materials::Surface::sanded400:
            return say("sanded 400");
        case materials::Surface::sanded600:
            return say("sanded 600");
        case materials::Surface::microfibre:
            return say("microfibre card");
        case materials::Surface::velour:
            return say("velour");
        case materials::Surface::honeycombRough:
            return say("honeycomb, rough side");
        case materials::Surface::honeycombSmooth:
            return say("honeycomb, smooth side");
        case materials::Surface::laid:
            return say("laid", "surface of a paper");
        case materials::Surface::cartridge:
            return say("cartridge");
    }
    return {};
}

QString waterWord(materials::Water water) {
    switch (water) {
        case materials::Water::none:
            return say("no water");
        case materials::Water::thin:
            return say("a thin wash");
        case materials::Water::full:
            return say("water");
    }
    return {};
}

QString fibresWord(materials::FibreDirection fibres) {
    switch (fibres) {
        case materials::FibreDirection::unknown:
            return say("not known");
        case materials::FibreDirection::alongWidth:
            return say("along the width");
        case materials::FibreDirection::alongHeight:
            return say("along the height");
    }
    return {};
}

QString stockWord(materials::Stock stock) {
    switch (stock) {
        case materials::Stock::full:
            return say("full");
        case materials::Stock::half:
            return say("half");
        case materials::Stock::stub:
            return say("a stub");
        case materials::Stock::usedUp:
            return say("used up");
    }
    return {};
}

QString toolWord(materials::ToolKind kind) {
    switch (kind) {
        case materials::ToolKind::stump:
            return say("stump");
        case materials::ToolKind::shaper:
            return say("rubber shaper");
        case materials::ToolKind::sponge:
            return say("sponge");
        case materials::ToolKind::brush:
            return say("soft brush");
        case materials::ToolKind::knife:
            return say("plastic knife");
        case materials::ToolKind::eraser:
            return say("putty eraser");
        case materials::ToolKind::fixative:
            return say("fixative");
        case materials::ToolKind::glassine:
            return say("glassine");
        case materials::ToolKind::tape:
            return say("tape");
        case materials::ToolKind::sandpaper:
            return say("sandpaper");
        case materials::ToolKind::other:
            return say("tool");
    }
    return {};
}

QString sourceWords(materials::ColourSource source) {
    switch (source) {
        case materials::ColourSource::file:
            return say("taken from a list");
        case materials::ColourSource::typed:
            return say("typed in");
        case materials::ColourSource::picked:
            return say("picked from a photograph");
        case materials::ColourSource::card:
            return say("read off a swatch card");
        case materials::ColourSource::reader:
            return say("measured by a colour reader");
    }
    return {};
}

QString columnWord(std::string_view heading) {
    static const std::map<std::string_view, const char*> words{
        {"id", QT_TRANSLATE_NOOP("wording", "id")},
        {"number", QT_TRANSLATE_NOOP("wording", "number on the label")},
        {"hex", QT_TRANSLATE_NOOP("wording", "colour (#rrggbb)")},
        {"L", QT_TRANSLATE_NOOP("wording", "L*")},
        {"a", QT_TRANSLATE_NOOP("wording", "a*")},
        {"b", QT_TRANSLATE_NOOP("wording", "b*")},
        {"hiding", QT_TRANSLATE_NOOP("wording", "hiding power")},
        {"hazard", QT_TRANSLATE_NOOP("wording", "calls for care")},
        {"water", QT_TRANSLATE_NOOP("wording", "takes water")},
        {"stock", QT_TRANSLATE_NOOP("wording", "what is left")},
        {"slot", QT_TRANSLATE_NOOP("wording", "slot in the box")},
        {"source", QT_TRANSLATE_NOOP("wording", "where its colour is from")}};
    const auto found = words.find(heading);
    return found != words.end() ? say(found->second) : say(std::string(heading).c_str());
}

QStringList whatIsKnown(const materials::Owned& owned) {
    QStringList sentences;
    const auto named = [&](const auto& what, const QString& kind) {
        sentences << (what.maker.empty() ? say("A %1.").arg(kind) : say("A %1 by %2.").arg(kind, text(what.maker)));
        if (!owned.number.empty()) sentences << say("Number %1 on the label.").arg(text(owned.number));
    };
    if (const auto* medium = std::get_if<materials::Material>(&owned.what)) {
        named(*medium, kindWord(medium->kind));
        sentences << colourSentence(owned);
        if (!medium->pigments.empty()) sentences << say("Pigments: %1.").arg(listed(medium->pigments));
        if (!medium->lightfastness.empty()) sentences << say("Lightfastness: %1.").arg(text(medium->lightfastness));
        if (medium->hiding != 1 || owned.hidingError > 0) {
            const QString times = decimal(medium->hiding, 1);
            sentences << (owned.hidingError > 0
                              ? say("It hides %1 times as well as is usual for its kind, give or take %2 %.")
                                    .arg(times)
                                    .arg(std::max(1L, std::lround(100 * owned.hidingError)))
                              : say("It hides %1 times as well as is usual for its kind.").arg(times));
        }
    } else if (const auto* paper = std::get_if<materials::Paper>(&owned.what)) {
        named(*paper, say("paper"));
        sentences << colourSentence(owned);
        sentences << say("Surface: %1; its tooth holds about %2 full layers. %3")
                         .arg(surfaceWord(paper->surface))
                         .arg(decimal(paper->capacity * materials::meanCapacity(materials::profileOf(paper->surface)),
                                      1))
                         .arg(say("It takes %1.").arg(waterWord(paper->water)));
        if (const QString tooth = toothSentence(*paper); !tooth.isEmpty()) sentences << tooth;
    } else {
        const auto& tool = std::get<materials::Tool>(owned.what);
        named(tool, toolWord(tool.kind));
    }
    return sentences;
}

QStringList substituteSentences(const matching::Substitutes& substitutes,
                                const std::vector<materials::Material>& media) {
    const auto named = [&](const pigment::Lay& lay) {
        const materials::Material& medium = media[std::size_t(lay.stick)];
        return say("%1 (%2)").arg(text(medium.name), kindWord(medium.kind));
    };
    const auto changes = [&](const matching::Mixture& mixture) {
        return say("%1, %2").arg(differenceWords(substitutes.wanted, mixture.predicted),
                                 differenceFigure(mixture.difference));
    };
    QStringList sentences;
    if (!substitutes.nearest.lays.empty())
        sentences << say("If it is missing, the nearest is %1: %2.")
                         .arg(named(substitutes.nearest.lays[0]), changes(substitutes.nearest));
    for (const matching::Mixture& mixture : substitutes.mixed)
        sentences << say("Or %1, then %2: %3.")
                         .arg(say("%1 %2 at %3")
                                  .arg(named(mixture.lays[0]), mannerPast(mixture.lays[0].manner),
                                       pressureWord(mixture.lays[0].pressure)),
                              say("%1 %2 at %3")
                                  .arg(named(mixture.lays[1]), mannerPast(mixture.lays[1].manner),
                                       pressureWord(mixture.lays[1].pressure)),
                              changes(mixture));
    return sentences;
}

QStringList extremeSentences(const matching::Extremes& extremes, const std::vector<materials::Material>& media) {
    const auto told = [&](const matching::Extreme& extreme) {
        const materials::Material& medium = media[std::size_t(extreme.stick)];
        return say("%1 (%2), value %3")
            .arg(text(medium.name), kindWord(medium.kind))
            .arg(decimal(colour::munsellValueOfLightness(extreme.swatch.L), 1));
    };
    QStringList sentences;
    if (extremes.black) sentences << say("The strong black is %1.").arg(told(*extremes.black));
    if (extremes.brilliant)
        sentences << (extremes.chalky ? say("The strong white, brilliant for crisp lights, is %1.")
                                      : say("The strong white is %1."))
                         .arg(told(*extremes.brilliant));
    if (extremes.chalky)
        sentences << say("The chalky white, soft for blending and subdued lights, is %1.").arg(told(*extremes.chalky));
    return sentences;
}

QStringList cautionsOf(const materials::Owned& owned) {
    const auto* medium = std::get_if<materials::Material>(&owned.what);
    if (medium && !medium->hazards.empty())
        return {say("Its pigment holds %1. Wear gloves, make no dust, and follow the label and the safety data sheet.")
                    .arg(listed(medium->hazards))};
    const auto* tool = std::get_if<materials::Tool>(&owned.what);
    if (tool && tool->kind == materials::ToolKind::fixative)
        return {say("Fixative is flammable: outdoors or with strong ventilation, and no flame. Follow its label.")};
    return {};
}

}  // namespace wording
