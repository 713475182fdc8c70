#include "wording/trying.h"

#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace wording {

namespace {

QString capital(QString words) {
    if (!words.isEmpty()) words[0] = words[0].toUpper();
    return words;
}

QString strokeOf(const pigment::Lay& lay, const QString& named) {
    switch (lay.manner) {
        case pigment::Manner::blend:
            return say("blended with a finger at %1").arg(pressureWord(lay.pressure));
        case pigment::Manner::fix:
            return say("fixed");
        case pigment::Manner::lift:
            return say("lifted with a putty eraser at %1").arg(pressureWord(lay.pressure));
        default:
            return say("%1 %2 at %3").arg(named, mannerPast(lay.manner), pressureWord(lay.pressure));
    }
}

}  // namespace

QString strokeShort(const pigment::Lay& lay, const std::vector<materials::Material>& media) {
    return strokeOf(lay, pigment::laysPigment(lay.manner) ? text(media[std::size_t(lay.stick)].name) : QString());
}

QString strokeWords(const pigment::Lay& lay, const std::vector<materials::Material>& media) {
    if (!pigment::laysPigment(lay.manner)) return strokeOf(lay, {});
    const materials::Material& medium = media[std::size_t(lay.stick)];
    return strokeOf(lay, say("%1 (%2)").arg(text(medium.name), kindWord(medium.kind)));
}

QStringList slideSentences(const planning::Tried& tried, const planning::Strokes& strokes,
                           const std::vector<materials::Material>& media) {
    QStringList sentences;
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        const pigment::Hold& hold = tried.holds[i];
        if (hold.held >= pigment::slidesBelow) continue;
        const QString name = text(media[std::size_t(strokes[i].stick)].name);
        const long held = std::lround(100 * hold.held);
        // Whichever takes more of it away.
        sentences << (hold.held / hold.inTooth < hold.inTooth
                          ? say("%1 slides on the loose pigment beneath: %2 % of it holds. Blend or fix first, or lay "
                                "it earlier.")
                          : say("%1 slides, as the tooth is nearly full: %2 % of it holds."))
                         .arg(name)
                         .arg(held);
    }
    return sentences;
}

QStringList triedSentences(const planning::Tried& tried) {
    QStringList sentences;
    sentences << say("Value %1, chroma %2.")
                     .arg(decimal(colour::munsellValueOfLightness(tried.seen.L), 1))
                     .arg(decimal(colour::chroma(tried.seen), 0));
    constexpr double clearly = 0.15;  // value steps
    if (std::fabs(tried.looksLighter) >= clearly)
        sentences << (tried.looksLighter > 0 ? say("Among its neighbours it looks %1 of a step lighter than it is.")
                                             : say("Among its neighbours it looks %1 of a step darker than it is."))
                         .arg(decimal(std::fabs(tried.looksLighter), 1));
    sentences << say("%1 % of the tooth is left.").arg(std::lround(100 * (1 - tried.toothUsed)));
    return sentences;
}

QString againstTarget(const colour::Lab& wanted, const colour::Lab& seen) {
    return say("Against what is wanted: %1 (%2).")
        .arg(differenceWords(wanted, seen), differenceFigure(colour::differenceCie2000(wanted, seen)));
}

QString mixtureReasonSentence(const matching::MixtureReason& reason) {
    using matching::MixtureEffect;
    const QString under = colourWords(reason.under), over = colourWords(reason.over);
    switch (reason.effect) {
        case MixtureEffect::calms:
            return say("%1 and %2 calm each other: chroma %3 is left.")
                .arg(capital(under), over)
                .arg(std::lround(reason.figure));
        case MixtureEffect::between:
            return say("%1 turns the %2 beneath to a hue between.").arg(capital(over), under);
        case MixtureEffect::shades:
            return say("%1 shades the %2 beneath.").arg(capital(over), under);
        case MixtureEffect::tints:
            return say("%1 tints the %2 beneath.").arg(capital(over), under);
        case MixtureEffect::greys:
            return say("%1 and %2 give a duller colour: chroma %3.")
                .arg(capital(under), over)
                .arg(std::lround(reason.figure));
        case MixtureEffect::alike:
            return say("%1 over %2 is nearly the same: it evens the layer out.").arg(capital(over), under);
        case MixtureEffect::apart:
            return say("The hatched lines stay apart and mix in the eye.");
        case MixtureEffect::paperShows:
            return say("The paper shows through with %1 % of the light: %2.")
                .arg(std::lround(100 * reason.figure))
                .arg(under);
    }
    return {};
}

QString taughtSentence(const review::TrialFindings& findings) {
    QString sentence = say("What was laid differs from what was expected by %1 in the mean; with sticks and papers as "
                           "read, by %2.")
                           .arg(differenceFigure(findings.differenceBefore), differenceFigure(findings.difference));
    constexpr double clearly = 0.1;
    if (std::fabs(findings.hand - 1) >= clearly)
        sentence += QLatin1Char(' ') + say("You lay %1 times as much as a usual hand.").arg(decimal(findings.hand, 1));
    constexpr double doubtful = 4;  // CIEDE2000
    if (findings.difference > doubtful)
        sentence += QLatin1Char(' ') + say("That is much: see whether the strokes lie in the right fields.");
    return sentence;
}

QString taughtStick(const materials::Owned& known, const materials::Owned& read) {
    const auto& before = std::get<materials::Material>(known.what);
    const auto& now = std::get<materials::Material>(read.what);
    return say("%1, against what was known: %2 (give or take %3); it hides %4 times as well as is usual, so far %5 was "
               "taken for it.")
        .arg(text(now.name), differenceWords(colour::labFromSrgb8(before.masstone), colour::labFromSrgb8(now.masstone)),
             differenceFigure(read.colourError))
        .arg(decimal(now.hiding, 1))
        .arg(decimal(before.hiding, 1));
}

QString taughtPaper(const materials::Paper& known, const materials::Paper& read) {
    return say("Its colour against what was known: %1. Its tooth holds %2 times and takes off a stick %3 times what is "
               "usual for %4; so far %5 and %6.")
        .arg(differenceWords(colour::labFromSrgb8(known.tone), colour::labFromSrgb8(read.tone)))
        .arg(decimal(read.capacity, 2))
        .arg(decimal(read.grip, 2))
        .arg(surfaceWord(known.surface))
        .arg(decimal(known.capacity, 2))
        .arg(decimal(known.grip, 2));
}

}  // namespace wording
