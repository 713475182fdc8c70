#include "wording/subject.h"

#include <QStringList>
#include <cmath>

#include "wording/decimal.h"
#include "wording/say.h"

namespace wording {

namespace {

QString keyWord(const subject::Contrast& contrast) {
    return contrast.key < 4.2 ? say("low key") : contrast.key > 6.2 ? say("high key") : say("middle key");
}

}  // namespace

QString valueFigure(double value, Counting counting) {
    return decimal(counting == Counting::blackIsOne ? value : 10 - value, 1);
}

QString keyWords(const subject::Contrast& contrast, Counting counting) {
    const double range = contrast.lightest - contrast.darkest;
    const QString span = range < 3.5 ? say("narrow")
                         : range > 6 ? say("wide", "a range of values")
                                     : say("middle range");
    return say("%1, %2, darkest at %3").arg(span, keyWord(contrast), valueFigure(contrast.darkest, counting));
}

QString keyInShort(const subject::Contrast& contrast, Counting counting) {
    return say("%1, %2 to %3")
        .arg(keyWord(contrast), valueFigure(contrast.darkest, counting), valueFigure(contrast.lightest, counting));
}

QString areaKindWord(subject::AreaKind kind) {
    switch (kind) {
        case subject::AreaKind::other:
            return say("other");
        case subject::AreaKind::sky:
            return say("sky");
        case subject::AreaKind::foliage:
            return say("foliage");
        case subject::AreaKind::skin:
            return say("skin");
        case subject::AreaKind::fur:
            return say("fur or feather");
        case subject::AreaKind::eye:
            return say("eye");
        case subject::AreaKind::metal:
            return say("metal");
        case subject::AreaKind::glass:
            return say("glass");
        case subject::AreaKind::cloth:
            return say("cloth");
        case subject::AreaKind::water:
            return say("water");
        case subject::AreaKind::stone:
            return say("stone");
    }
    return {};
}

QString areaKindAdvice(subject::AreaKind kind) {
    using Kind = subject::AreaKind;
    switch (kind) {
        case Kind::other:
        case Kind::stone:
            return {};
        case Kind::sky:
            return say("A sky is darker and bluer on top, lighter and warmer near the horizon and the sun.");
        case Kind::foliage:
            return say("Leaves are suggested in blocks of value, never copied; the greens come late.");
        case Kind::skin:
            return say("Skin wants a cool accent: a blue in the shadow makes the lights glow.");
        case Kind::fur:
            return say("Strokes follow the fur or the feather, in blocks; single hairs and whiskers come last.");
        case Kind::eye:
            return say("Pair it with the other eye: both are laid together, or the mixture is forgotten hours later.");
        case Kind::metal:
        case Kind::glass:
            return say("Its highlights are few, small and hard-edged, and come last.");
        case Kind::cloth:
            return say("Strokes follow the folds; a pattern is suggested, never copied.");
        case Kind::water:
            return say("Strokes follow the water's surface or its fall.");
    }
    return {};
}

QString recognisedWord(subject::Recognised what) {
    switch (what) {
        case subject::Recognised::nothing:
            return {};
        case subject::Recognised::face:
            return say("face");
        case subject::Recognised::catFace:
            return say("cat's face");
        case subject::Recognised::leftEye:
            return say("left eye");
        case subject::Recognised::rightEye:
            return say("right eye");
        case subject::Recognised::sky:
            return say("sky");
        case subject::Recognised::water:
            return say("water");
        case subject::Recognised::foliage:
            return say("foliage");
    }
    return {};
}

QString recognisedBy(subject::Recognised what) {
    switch (what) {
        case subject::Recognised::nothing:
            return {};
        case subject::Recognised::face:
            return say("Taken for a face by its lights and darks: brow, eyes, nose and mouth where a face has them.");
        case subject::Recognised::catFace:
            return say("Taken for a cat's face by its lights and darks.");
        case subject::Recognised::leftEye:
        case subject::Recognised::rightEye:
            return say("Taken for one of a pair of eyes, level and alike in size, in the upper part of a face.");
        case subject::Recognised::sky:
            return say("Taken for sky: it reaches the upper edge, is smooth, and is blue or a light grey.");
        case subject::Recognised::water:
            return say("Taken for water: it lies below the sky, is blue, and its streaks lie level.");
        case subject::Recognised::foliage:
            return say("Taken for foliage: it is green and broken up.");
    }
    return {};
}

QString edgeWord(subject::Edge edge) {
    switch (edge) {
        case subject::Edge::hard:
            return say("hard");
        case subject::Edge::soft:
            return say("soft");
        case subject::Edge::lost:
            return say("lost");
    }
    return {};
}

QString edgesSentence(const std::vector<subject::Meeting>& meetings, const QStringList& names) {
    constexpr double leastLength = 0.03, leastShare = 0.2;
    constexpr qsizetype most = 5;
    QStringList parts;
    for (const subject::Meeting& meeting : meetings) {
        if (meeting.length < leastLength || parts.size() == most) break;  // the longest come first
        QStringList kinds;
        for (int i = 0; i < subject::edgeCount; ++i)
            if (meeting.shares[std::size_t(i)] > leastShare) kinds << edgeWord(subject::Edge(i));
        parts << say("%1 against %2").arg(kinds.join(say(" and ")), names[meeting.neighbour]);
    }
    return parts.isEmpty() ? QString() : say("Its edges: %1.").arg(parts.join(QStringLiteral("; ")));
}

QString planeWhyWords(const subject::Area& area, const QStringList& names) {
    using Kind = subject::PlaneCue::Kind;
    QStringList cues;
    for (const subject::PlaneCue& cue : area.planeWhy) switch (cue.kind) {
            case Kind::reachesUp:
                cues << say("it reaches the upper edge");
                break;
            case Kind::standsLow:
                cues << say("it stands low");
                break;
            case Kind::before:
                cues << say("it stands before %1").arg(names[cue.other]);
                break;
            case Kind::behind:
                cues << say("it lies behind %1").arg(names[cue.other]);
                break;
            case Kind::sharper:
                cues << say("it is sharper than most");
                break;
            case Kind::calmer:
                cues << say("it is calmer than most");
                break;
        }
    return cues.join(QStringLiteral(", "));
}

QString planeWord(subject::Plane plane) {
    switch (plane) {
        case subject::Plane::background:
            return say("background");
        case subject::Plane::middle:
            return say("middle");
        case subject::Plane::foreground:
            return say("foreground");
    }
    return {};
}

QString groupingWord(subject::Grouping grouping) {
    switch (grouping) {
        case subject::Grouping::nearest:
            return say("Nearest to the subject");
        case subject::Grouping::evenSteps:
            return say("Even steps");
        case subject::Grouping::oneDark:
            return say("Darks as one shape");
        case subject::Grouping::oneLight:
            return say("Lights as one shape");
    }
    return {};
}

QString groupingSentence(subject::Grouping grouping) {
    switch (grouping) {
        case subject::Grouping::nearest:
            return say("The masses part where the squared distance from the subject is the least possible.");
        case subject::Grouping::evenSteps:
            return say(
                "The masses stand equally far from each other on the ladder, whatever share of the picture they hold.");
        case subject::Grouping::oneDark:
            return say(
                "Everything dark is one shape; the steps are spent on the lights. Strong and simple, good for lit "
                "subjects.");
        case subject::Grouping::oneLight:
            return say(
                "Everything light is one shape; the steps are spent on the darks. Good for mist, snow and white "
                "cloth.");
    }
    return {};
}

QString lightOnArea(const subject::Triad& triad) {
    constexpr double clearly = 0.15;  // stops
    // With hardly a shadow there is nothing to compare.
    if (triad.light.colour.L - triad.dark.colour.L < 5) return say("evenly lit");
    if (triad.lightWarmer > clearly) return say("warm light, cool shadow");
    if (triad.lightWarmer < -clearly) return say("cool light, warm shadow");
    return say("light and shadow alike");
}

QString contrastSentence(const subject::StrongestContrast& strongest, const QString& there) {
    const QString steps = decimal(strongest.steps, 1);
    if (strongest.isFocal)
        return say("The strongest contrast, %1 steps, sits where it should: at what the picture is about.").arg(steps);
    const QString at = decimal(strongest.atFocal, 1);
    if (strongest.steps - strongest.atFocal < 0.5)
        return say("The contrast at what the picture is about, %1 steps, is as strong as any.").arg(at);
    return say("The strongest contrast, %1 steps, sits at \"%2\" and draws the eye there; what the picture is about "
               "has %3. Close the contrast there, or open it at the focal area.")
        .arg(steps, there, at);
}

QString planeSentence(const subject::PlaneFault& fault, const QString& name) {
    using Kind = subject::PlaneFault::Kind;
    switch (fault.kind) {
        case Kind::tooDark:
            return say("%1: its darks are %2 steps darker than those in front. Lighter and greyer with distance.")
                .arg(name)
                .arg(decimal(fault.by, 1));
        case Kind::tooSharp:
            return say("%1 is %2 times as hard as what stands in front. Softer, with less contrast, with distance.")
                .arg(name)
                .arg(decimal(fault.by, 1));
        case Kind::tooWarm:
            return say("%1 is warmer than what stands in front, by %2 CIELAB units. Bluer and greyer with distance.")
                .arg(name)
                .arg(decimal(fault.by, 0));
    }
    return {};
}

QString alignmentWords(const subject::Alignment& alignment, const QString& name, double millimetresOff) {
    static const char* sides[] = {QT_TRANSLATE_NOOP("wording", "left side of %1"),
                                  QT_TRANSLATE_NOOP("wording", "right side of %1"),
                                  QT_TRANSLATE_NOOP("wording", "top of %1"), QT_TRANSLATE_NOOP("wording", "foot of %1"),
                                  QT_TRANSLATE_NOOP("wording", "middle of %1")};
    const QString side = say(sides[static_cast<int>(alignment.side)]).arg(name);
    return millimetresOff < 0.5 ? side : say("%1 (%2 mm off)").arg(side).arg(decimal(millimetresOff, 0));
}

QString lengthWords(double millimetres, double units) {
    const QString length = say("%1 mm").arg(decimal(millimetres, 0));
    return units > 0 ? say("%1, %2 units").arg(length).arg(decimal(units, 2)) : length;
}

QString choiceWords(const subject::ColourChoice& choice) {
    QStringList parts;
    const auto percent = [](double factor) {
        const auto change = std::lround((factor - 1) * 100);
        return QString(change > 0 ? QStringLiteral("+%1") : QStringLiteral("−%1")).arg(std::labs(change));
    };
    if (choice.chroma != 1) parts << say("chroma %1 %").arg(percent(choice.chroma));
    if (choice.contrast != 1) parts << say("contrast %1 %").arg(percent(choice.contrast));
    if (choice.lighter != 0)
        parts << (choice.lighter > 0 ? say("%1 steps lighter") : say("%1 steps darker"))
                     .arg(decimal(std::fabs(choice.lighter), 1));
    if (choice.warmer != 0)
        parts << (choice.warmer > 0 ? say("warmer by %1") : say("cooler by %1"))
                     .arg(decimal(std::fabs(choice.warmer), 0));
    return parts.join(QStringLiteral(", "));
}

}  // namespace wording
