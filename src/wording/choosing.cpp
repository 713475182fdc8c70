#include "wording/choosing.h"

#include <array>
#include <cmath>

#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace wording {

namespace {

QString tintPhrase(const planning::Tint& tint, const planning::Plan& plan) {
    const QString area = areasNamed(plan, plan.stacks[std::size_t(tint.stack)].areas, 1);
    const QString turned = say("%1: %2 goes %3 under one layer of %4")
                               .arg(area, colourWords(tint.meant), colourWords(tint.seen), kindWord(tint.kind));
    if (tint.layersToCover == 0) return say("%1, and four soft layers do not cover it").arg(turned);
    return say("%1; %n soft layers cover it", nullptr, tint.layersToCover).arg(turned);
}

}  // namespace

QString groundWord(planning::Ground ground) {
    switch (ground) {
        case planning::Ground::proposed:
            return say("as proposed");
        case planning::Ground::none:
            return say("bare paper");
        case planning::Ground::values:
            return say("values in one colour");
        case planning::Ground::localWash:
            return say("local washes");
        case planning::Ground::complement:
            return say("complements");
        case planning::Ground::coolShadows:
            return say("cool shadows");
        case planning::Ground::warm:
            return say("warm all over");
        case planning::Ground::ink:
            return say("ink in the deepest darks");
        case planning::Ground::charcoal:
            return say("charcoal tone map");
        case planning::Ground::dryBase:
            return say("dry base, rubbed in");
        case planning::Ground::brushedOut:
            return say("pastel brushed out");
    }
    return {};
}

QString groundSentence(planning::Ground ground) {
    switch (ground) {
        case planning::Ground::proposed:
            return say("The way to begin that serves best is taken.");
        case planning::Ground::none:
            return say("The first stick goes on the bare paper.");
        case planning::Ground::values:
            return say("One colour in several strengths puts the values down, whatever the hues.");
        case planning::Ground::localWash:
            return say(
                "A flat tone under each area, its own hue and a step darker, since the layers above lighten it.");
        case planning::Ground::complement:
            return say("Under each area lies the opposite of its hue at the same value, to glint between the strokes.");
        case planning::Ground::coolShadows:
            return say("Blue-violet lies under what is dark; the lights stay bare.");
        case planning::Ground::warm:
            return say("One warm orange tone lies under everything.");
        case planning::Ground::ink:
            return say("Ink lies under what is darker than soft pastel gets, and stays visible as a map.");
        case planning::Ground::charcoal:
            return say("Charcoal, rubbed in, maps the values.");
        case planning::Ground::dryBase:
            return say("A thin layer of stick near each area's colour is rubbed into the tooth.");
        case planning::Ground::brushedOut:
            return say("A thin layer of stick near each area's colour is brushed out with alcohol.");
    }
    return {};
}

QString goalWord(planning::Goal goal) {
    switch (goal) {
        case planning::Goal::truestColour:
            return say("Truest colour");
        case planning::Goal::leastWork:
            return say("Least work");
        case planning::Goal::mostSparkle:
            return say("Most sparkle");
        case planning::Goal::mostVivid:
            return say("Most vivid");
    }
    return {};
}

QString dryingWord(planning::Drying drying) {
    switch (drying) {
        case planning::Drying::air:
            return say("Dry in the air");
        case planning::Drying::hairDryer:
            return say("Dry with a hair dryer");
        case planning::Drying::heatGun:
            return say("Dry with a heat gun");
    }
    return {};
}

QString criterionWord(planning::Criterion criterion) {
    switch (criterion) {
        case planning::Criterion::colour:
            return say("colour");
        case planning::Criterion::work:
            return say("work");
        case planning::Criterion::tooth:
            return say("tooth");
        case planning::Criterion::ends:
            return say("first darks and lights");
        case planning::Criterion::sparkle:
            return say("sparkle");
        case planning::Criterion::vivid:
            return say("vividness");
    }
    return {};
}

QString scoreParts(const planning::Score& score) {
    QStringList parts;
    for (const planning::ScorePart& part : score.parts)
        if (part.most > 0)
            parts << say("%1 %2 of %3").arg(criterionWord(part.what), decimal(part.points, 1)).arg(part.most);
    return parts.join(QStringLiteral(", "));
}

QString paperReasonPhrase(const planning::PaperReason& reason, const planning::Plan& plan) {
    using planning::PaperReasonKind;
    const QString figure = decimal(reason.figure, 1), second = decimal(reason.second, 1);
    const auto percent = std::lround(reason.figure * 100);
    switch (reason.kind) {
        case PaperReasonKind::showsBothEnds:
            return say("the first dark stands %1 steps below it and the first light %2 above: both show from the first "
                       "stroke")
                .arg(figure, second);
        case PaperReasonKind::hidesLights:
            return reason.figure > 0
                       ? say("lights hardly show on it: the first stroke of the lightest is %1 steps away").arg(figure)
                       : say("lights do not show on it: the first stroke of the lightest is no lighter");
        case PaperReasonKind::hidesDarks:
            return reason.figure > 0
                       ? say("darks hardly show on it: the first stroke of the darkest is %1 steps away").arg(figure)
                       : say("darks do not show on it: the first stroke of the darkest is no darker");
        case PaperReasonKind::savesLayers:
            return say("%1 of %n layers may be left out to come as near as the middle one of your papers does", nullptr,
                       int(std::lround(reason.second)))
                .arg(std::lround(reason.figure));
        case PaperReasonKind::nearSubject:
            return say("%1 % of the picture is nearly its colour already").arg(percent);
        case PaperReasonKind::complementSparkles:
            return say("complement of %1 % of the picture: it glints between the strokes").arg(percent);
        case PaperReasonKind::tints:
            return tintPhrase(reason.tint, plan);
        case PaperReasonKind::toothLasts:
            return say("its tooth lasts: what is filled most is %1 % full at the end").arg(percent);
        case PaperReasonKind::toothRunsShort:
            return say("its tooth runs short: what is filled most is %1 % full at the end").arg(percent);
        case PaperReasonKind::takesWater:
            return say("takes a wash");
        case PaperReasonKind::takesThinWater:
            return say("takes a thin wash; much water cockles it");
        case PaperReasonKind::noWater:
            return say("takes no water: a dry underpainting only");
        case PaperReasonKind::furtherThanHalf:
            return say("leaves %1 ΔE00, more than half of your papers do (%2)").arg(figure, second);
        case PaperReasonKind::otherSide:
            return (reason.figure > 0 ? say("its other side scores %1 points more")
                                      : say("its other side scores %1 points less"))
                .arg(decimal(std::fabs(reason.figure), 1));
        case PaperReasonKind::sheetTooSmall:
            return say("its sheets of %1 × %2 mm are too small for the picture with its border")
                .arg(decimal(reason.figure, 0))
                .arg(decimal(reason.second, 0));
    }
    return {};
}

QString paperReasonSentence(const planning::PaperReason& reason, const planning::Plan& plan) {
    QString sentence = paperReasonPhrase(reason, plan);
    sentence[0] = sentence[0].toUpper();
    return say("%1.").arg(sentence);
}

QString obstacleSentence(planning::GroundObstacle obstacle, const materials::Paper& paper) {
    const QString name = text(paper.name);
    switch (obstacle) {
        case planning::GroundObstacle::paperTakesNoWater:
            return say("Water spoils %1: choose a paper that takes it, or a dry ground.").arg(name);
        case planning::GroundObstacle::paperTakesNoAlcohol:
            return say("Alcohol mats the pile of %1: rub the base in dry.").arg(name);
        case planning::GroundObstacle::noWetMedia:
            return say("There is no paint in the tray: add watercolour, gouache or acrylic under Materials.");
        case planning::GroundObstacle::noInk:
            return say("There is no ink in the tray: add one under Materials.");
        case planning::GroundObstacle::noCharcoal:
            return say("There is no charcoal in the tray: add some under Materials.");
        case planning::GroundObstacle::noStick:
            return say("There is no stick in the tray to rub in: add soft or hard ones under Materials.");
        case planning::GroundObstacle::noDeepDarks:
            return say("Nothing here is darker than soft pastel gets: ink has no work to do.");
    }
    return {};
}

QString groundCautionSentence(const planning::GroundCaution& caution, const materials::Paper& paper) {
    const QString medium = text(caution.medium);
    QString name = text(paper.name);
    if (caution.kind == planning::GroundCautionKind::matsPile && !name.isEmpty()) name[0] = name[0].toUpper();
    switch (caution.kind) {
        case planning::GroundCautionKind::hardlyShows:
            return say("%1 hardly shows on %2 (%3): take an opaque paint there.")
                .arg(medium, name, differenceFigure(caution.figure));
        case planning::GroundCautionKind::fillsGrain:
            return say("%1 laid so fills %2 % of the tooth of %3: thin it.")
                .arg(medium)
                .arg(std::lround(caution.figure * 100))
                .arg(name);
        case planning::GroundCautionKind::waterCockles:
            return say("So much water cockles %1: lay it thinner, or stretch the sheet.").arg(name);
        case planning::GroundCautionKind::matsPile:
            return say("%1 takes no water: %2 mats its surface.").arg(name, medium);
        case planning::GroundCautionKind::alcoholAndHeat:
            return say(
                "Alcohol and a heat gun never go together: let it dry in the air, with the window open and no "
                "flame near. Follow the label and the safety data sheet.");
        case planning::GroundCautionKind::keepHeatMoving:
            return say("Keep the heat gun moving: it scorches paper and skin.");
    }
    return {};
}

QString gainSentence(const planning::TriedGround& tried, const planning::TriedGround& bare) {
    const int own = tried.outcome.groundLayers, saved = bare.outcome.layers - tried.layersEnough;
    if (own == 0) return say("No ground of this kind brings the sheet nearer.");
    if (tried.gains)
        return say("As near as the bare sheet (%1) with %2 of %n layers less, for %3 of its own; with all of its "
                   "layers %4.",
                   nullptr, bare.outcome.layers)
            .arg(differenceFigure(bare.outcome.picture.mean))
            .arg(saved)
            .arg(own)
            .arg(differenceFigure(tried.outcome.picture.mean));
    if (tried.outcome.picture.mean > bare.outcome.picture.mean)
        return say("It gains nothing: the sheet ends at %1, bare at %2.")
            .arg(differenceFigure(tried.outcome.picture.mean), differenceFigure(bare.outcome.picture.mean));
    return say("It gains nothing: it saves %n layers and costs %1.", nullptr, saved).arg(own);
}

QString mixtureWords(const planning::GroundLayer& layer) {
    if (layer.mixture.empty()) return layer.manner == pigment::Manner::wash ? say("alcohol") : say("finger");
    if (layer.mixture.size() == 1) return text(layer.mixture.front().medium.name);
    QStringList parts;
    for (const planning::MixPart& part : layer.mixture)
        parts << say("%n parts %1", nullptr, part.parts).arg(text(part.medium.name));
    return parts.join(QStringLiteral(", "));
}

QString strengthWords(const planning::GroundLayer& layer) {
    if (layer.manner != pigment::Manner::wash || layer.mixture.empty())
        return say("%1, %2").arg(mannerWord(layer.manner), pressureWord(layer.pressure));
    if (layer.pressure <= pigment::Pressure::light) return say("a thin wash");
    return layer.pressure <= pigment::Pressure::medium ? say("a wash") : say("a strong wash");
}

QStringList cuttingSentences(const planning::Cutting& cutting, const planning::Study& study) {
    if (!cutting.isKnown || cutting.isTooSmall()) return {};
    const auto millimetres = [](double width, double height) {
        return say("%1 × %2 mm").arg(decimal(width, 0)).arg(decimal(height, 0));
    };
    QStringList sentences;
    const QString piece = millimetres(cutting.piece.width, cutting.piece.height);
    sentences << say("A sheet of %1 gives %n pieces of %2.", nullptr, cutting.pieces())
                     .arg(millimetres(cutting.sheet.width, cutting.sheet.height), piece);
    if (study.borderMillimetres > 0)
        sentences << say("Tape covers %1 mm on each side.").arg(decimal(study.borderMillimetres, 0));
    if (cutting.fibres != materials::FibreDirection::unknown)
        sentences
            << (cutting.fibres == materials::FibreDirection::alongWidth
                    ? say("Its fibres run across the picture from side to side: wet, it swells from top to bottom.")
                    : say("Its fibres run from top to bottom of the picture: wet, it swells from side to side."));
    if (study.series > 1)
        sentences << say("The %1 pictures of the series need %n sheets, all cut the same way.", nullptr,
                         cutting.sheetsNeeded)
                         .arg(study.series);
    if (cutting.sheetsAtHand > 0)
        sentences << (cutting.isShort() ? say("Sheets at hand: %1, not enough.") : say("Sheets at hand: %1."))
                         .arg(cutting.sheetsAtHand);
    if (cutting.rest.width > 0 && cutting.rest.height > 0)
        sentences
            << say("A strip of %1 is left for offcuts.").arg(millimetres(cutting.rest.width, cutting.rest.height));
    return sentences;
}

QString minuteRange(double least, double most) {
    const auto whole = [](double minutes) { return std::max(1L, std::lround(minutes)); };
    if (whole(least) == whole(most)) return say("%1 min").arg(whole(least));
    return say("%1 to %2 min").arg(whole(least)).arg(whole(most));
}

}  // namespace wording
