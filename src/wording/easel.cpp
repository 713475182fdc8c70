#include "wording/easel.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "planning/stage_picture.h"
#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace wording {

namespace {

using planning::Stage;
using planning::Step;
using planning::Tool;

/// Shares of what a step lays that are laid light, medium and heavy.
std::array<double, 3> pressuresOf(const planning::Plan& plan, const Step& step) {
    std::array<double, 3> sum{};
    for (const planning::LayerPlace& place : step.layers) {
        const planning::PlannedStack& stack = plan.stacks[std::size_t(place.stack)];
        const planning::Layer& layer = stack.layers[std::size_t(place.layer)];
        sum[0] += stack.share * layer.light;
        sum[1] += stack.share * layer.medium;
        sum[2] += stack.share * layer.heavy;
    }
    return sum;
}

QString pressureWords(const planning::Plan& plan, const Step& step) {
    if (step.groundLayer >= 0) return pressureWord(plan.ground.layers[std::size_t(step.groundLayer)].pressure);
    const auto sums = pressuresOf(plan, step);
    const double all = sums[0] + sums[1] + sums[2];
    if (all <= 0) return {};
    static constexpr std::array names{QT_TRANSLATE_NOOP("wording", "light"), QT_TRANSLATE_NOOP("wording", "medium"),
                                      QT_TRANSLATE_NOOP("wording", "heavy")};
    const auto most = std::size_t(std::ranges::max_element(sums) - sums.begin());
    constexpr double nearlyAll = 0.9, nearlyNone = 0.1;
    if (sums[most] > nearlyAll * all) return say("%1 pressure").arg(say(names[most]));
    QStringList others;
    for (std::size_t i = 0; i < sums.size(); ++i)
        if (i != most && sums[i] > nearlyNone * all) others << say(names[i]);
    if (others.isEmpty()) return say("mostly %1 pressure").arg(say(names[most]));
    return say("mostly %1, some %2 pressure").arg(say(names[most]), others.join(say(" and ")));
}

QString capitalised(QString words) {
    if (!words.isEmpty()) words[0] = words[0].toUpper();
    return words;
}

bool isAlcohol(const planning::Plan& plan, const Step& step) {
    if (step.groundLayer < 0) return false;
    const planning::GroundLayer& layer = plan.ground.layers[std::size_t(step.groundLayer)];
    return planning::isWet(layer) && layer.mixture.empty();
}

QString minutesRange(const planning::MinuteRange& range) {
    const auto whole = [](double minutes) { return int(std::ceil(minutes)); };
    return whole(range.least) == whole(range.most) ? say("%1 min").arg(whole(range.most))
                                                   : say("%1 to %2 min").arg(whole(range.least)).arg(whole(range.most));
}

}  // namespace

QString stepTitle(const planning::Plan& plan, const Step& step) {
    if (isAlcohol(plan, step)) return say("Alcohol");
    return capitalised(inHandWords(plan, step));
}

QString stepPlace(const planning::Plan& plan, const Step& step) {
    if (step.stage == Stage::drawing) return say("the whole sheet, in a few lines");
    return areasNamed(plan, step.areas, 3);
}

QString stepManner(const planning::Plan& plan, const planning::Study& study, const Step& step) {
    QStringList words;
    if (step.stage != Stage::drawing) words << mannerWord(step.manner);
    if (const QString pressure = pressureWords(plan, step); !pressure.isEmpty()) words << pressure;
    for (const planning::Note& note : plan.notes)
        if (note.topic == planning::NoteTopic::strokesFollow &&
            std::ranges::any_of(step.areas, [&](int area) { return std::ranges::count(note.areas, area) > 0; })) {
            words << say("along your arrow");
            break;
        }
    const bool isLong = step.manner == pigment::Manner::hatch || step.manner == pigment::Manner::scumble;
    if (study.directions.empty() && isLong && step.stage != Stage::drawing) words << say("along the form");
    return words.join(QStringLiteral(", "));
}

QStringList stepWatch(const planning::Plan& plan, const Step& step) {
    QStringList sentences;
    if (step.stage == Stage::drawing) {
        sentences << say("Place everything before colour hides the paper; measure once more.");
    } else if (isAlcohol(plan, step)) {
        sentences << say("Brush what lies loose out with a soft wet brush, and do not go back into it.");
    } else if (step.tool == Tool::fixative) {
        sentences << say("A thin pass from far enough, moving all the time; let it dry fully.");
    } else {
        switch (step.manner) {
            case pigment::Manner::scumble:
                sentences << say("The side of the stick, drawn over the peaks: what lies below shows between.");
                break;
            case pigment::Manner::hatch:
                sentences << say("Lines that stay apart: the eye mixes them.");
                break;
            case pigment::Manner::press:
                sentences << say("Pressed in, flat and covering; it spends the tooth.");
                break;
            case pigment::Manner::dab:
                sentences << say("Set down and lifted: thick, small, once.");
                break;
            case pigment::Manner::blend:
                sentences << say("Rub light areas before dark ones, and clean the tip between.");
                break;
            case pigment::Manner::wash:
                sentences << say("Thin and even; judge it when it is dry.");
                break;
            case pigment::Manner::lift:
                sentences << say("Dab it off; do not rub.");
                break;
            case pigment::Manner::fix:
                break;
        }
    }
    if (step.layers.size() > 1) {
        const bool isPaired =
            std::ranges::count(step.why, planning::ReasonKind::pairTogether, &planning::Reason::kind) > 0;
        if (isPaired) sentences << say("Both together, while the mixture is known.");
    }
    for (const QString& sentence : {runningOutSentence(plan, step), handSentence(plan, step)})
        if (!sentence.isEmpty()) sentences << sentence;
    return sentences;
}

QString placeSizeWord(planning::PlaceSize size) {
    static constexpr std::array<const char*, planning::placeSizeCount> words{
        QT_TRANSLATE_NOOP("wording", "small places, to 20 cm²"), QT_TRANSLATE_NOOP("wording", "middling, to 100 cm²"),
        QT_TRANSLATE_NOOP("wording", "large, over 100 cm²")};
    return say(words[std::size_t(size)]);
}

QString squareCentimetres(double area) {
    return say("%1 cm²").arg(std::lround(area));
}

QString solventCaution() {
    return say(
        "Flammable: outdoors or with strong ventilation, no flame, and no heat gun until the solvent is gone; follow "
        "the label and the safety data sheet.");
}

QStringList stepCautions(const planning::Plan& plan, const planning::Study& study, const Step& step) {
    QStringList cautions;
    const materials::Material* stick = step.stick >= 0 ? &plan.sticks[std::size_t(step.stick)] : nullptr;
    if (stick && !stick->hazards.empty())
        cautions << say("Toxic pigment (%1): gloves, no dust, no eating; follow the label and the safety data sheet.")
                        .arg(listed(stick->hazards));
    if (step.tool == Tool::fixative || isAlcohol(plan, step)) cautions << solventCaution();
    if (planning::mayBeHeated(step, plan) && study.drying == planning::Drying::heatGun)
        cautions << say("Keep the heat gun moving: it scorches paper and skin.");
    const bool isDusty = stick && !materials::isWet(stick->kind) && stick->kind != materials::Kind::pencil &&
                         (step.manner == pigment::Manner::press || step.manner == pigment::Manner::scumble ||
                          step.manner == pigment::Manner::blend);
    if (isDusty) cautions << say("Dust: work upright, tap it off into a bin or a damp tray, never blow.");
    if (stick && stick->kind == materials::Kind::pencil)
        cautions << say("Sharpen away from the hand; a mask where you sand the point.");
    return cautions;
}

QString waitWords(const planning::Plan& plan, const planning::EaselTimers& timers, const planning::EaselWait& wait,
                  const planning::Moment& now) {
    const QString what =
        wait.step == planning::wholeSheet
            ? say("The fixed sheet")
            : say("Step %1, %2").arg(wait.step).arg(areasNamed(plan, plan.steps[std::size_t(wait.step - 1)].areas, 2));
    switch (timers.stateOf(wait, now)) {
        case planning::DryState::wet:
            return say("%1: wet, %2 yet").arg(what, minutesRange(timers.left(wait, now)));
        case planning::DryState::nearlyDry:
            return say("%1: may be dry, %2 yet at most")
                .arg(what, say("%1 min").arg(int(std::ceil(timers.left(wait, now).most))));
        case planning::DryState::dry:
            return say("%1: dry").arg(what);
    }
    return {};
}

QString waitHelp(const planning::Plan& plan, const planning::EaselWait& wait) {
    if (wait.step == planning::wholeSheet || !planning::mayBeHeated(plan.steps[std::size_t(wait.step - 1)], plan))
        return say("No heat, no flame: let the solvent go by itself, with the window open.");
    const Step& step = plan.steps[std::size_t(wait.step - 1)];
    return say("In air %1; with a hair dryer %2, with a heat gun kept moving %3. It is dry when it is no longer cold "
               "to the back of a finger.")
        .arg(minutesRange(planning::driesIn(step, plan, planning::Drying::air)),
             minutesRange(planning::driesIn(step, plan, planning::Drying::hairDryer)),
             minutesRange(planning::driesIn(step, plan, planning::Drying::heatGun)));
}

QString heavierWord(int heavier) {
    return heavier < 0 ? say("laid lighter than planned") : heavier > 0 ? say("laid heavier than planned") : QString();
}

QStringList usualRemarks() {
    return {say("too wet"),   say("slid off"), say("lovely"),   say("too dark"),
            say("too light"), say("too warm"), say("too cool"), say("muddy")};
}

QString entryWord(planning::EntryKind kind) {
    static constexpr std::array<const char*, planning::entryKindCount> words{
        QT_TRANSLATE_NOOP("wording", "begun"),       QT_TRANSLATE_NOOP("wording", "laid"),
        QT_TRANSLATE_NOOP("wording", "passed over"), QT_TRANSLATE_NOOP("wording", "another stick"),
        QT_TRANSLATE_NOOP("wording", "pressure"),    QT_TRANSLATE_NOOP("wording", "taken back"),
        QT_TRANSLATE_NOOP("wording", "pause"),       QT_TRANSLATE_NOOP("wording", "went on"),
        QT_TRANSLATE_NOOP("wording", "dry"),         QT_TRANSLATE_NOOP("wording", "note"),
        QT_TRANSLATE_NOOP("wording", "photograph"),  QT_TRANSLATE_NOOP("wording", "plan changed"),
        QT_TRANSLATE_NOOP("wording", "finishing"),   QT_TRANSLATE_NOOP("wording", "fixed"),
        QT_TRANSLATE_NOOP("wording", "stock"),       QT_TRANSLATE_NOOP("wording", "checked")};
    return say(words[std::size_t(kind)]);
}

QString finishingWord(planning::Finishing what) {
    static constexpr std::array<const char*, planning::finishingCount> words{
        QT_TRANSLATE_NOOP("wording", "Tape off"), QT_TRANSLATE_NOOP("wording", "Soften the edge"),
        QT_TRANSLATE_NOOP("wording", "Sign"),     QT_TRANSLATE_NOOP("wording", "Glassine"),
        QT_TRANSLATE_NOOP("wording", "Frame"),    QT_TRANSLATE_NOOP("wording", "Store safely")};
    return say(words[std::size_t(what)]);
}

QString finishingSentence(planning::Finishing what) {
    static constexpr std::array<const char*, planning::finishingCount> sentences{
        QT_TRANSLATE_NOOP("wording", "Pull the tape off slowly, flat back over itself and away from the picture."),
        QT_TRANSLATE_NOOP("wording", "Soften the hard edge that the tape has left with a clean finger."),
        QT_TRANSLATE_NOOP("wording", "Sign with a soft stick: a pencil will not bite."),
        QT_TRANSLATE_NOOP("wording", "Lay glassine over it, shiny side down, and do not rub."),
        QT_TRANSLATE_NOOP("wording", "Frame it with a spacer, so that the glass does not touch it."),
        QT_TRANSLATE_NOOP("wording",
                          "Keep it flat and dry, out of the sun, away from children and pets; wipe the "
                          "place wet, no dry sweeping.")};
    return say(sentences[std::size_t(what)]);
}

QString entryLine(const planning::Record& record, std::size_t index) {
    const planning::Entry& entry = record.entries[index];
    const QString step = entry.step > 0 ? say("Step %1").arg(entry.step) : QString();
    const auto joined = [](const QStringList& words) { return words.join(QStringLiteral(", ")); };
    switch (entry.kind) {
        case planning::EntryKind::begun:
            return say("%1 begun").arg(step);
        case planning::EntryKind::done: {
            const planning::LaidStep& laid = *entry.laid;
            QStringList words;
            words << (laid.stick ? text(laid.stick->name) : toolWord(laid.tool));
            if (laid.stage != Stage::drawing) words << mannerPast(laid.manner);
            words.removeAll(QString());  // the ground is rubbed in by no tool of the plan
            QStringList areas;
            for (const std::string& area : laid.areas) areas << text(area);
            if (!areas.isEmpty()) words << areas.join(QStringLiteral("; "));
            return say("%1 laid: %2; %3").arg(step, joined(words), duration(laid.minutes));
        }
        case planning::EntryKind::passedOver:
            return say("%1 passed over").arg(step);
        case planning::EntryKind::tookStick:
            return say("%1: %2 taken instead").arg(step, entry.stick ? text(entry.stick->name) : QString());
        case planning::EntryKind::pressed:
            return entry.heavier == 0 ? say("%1 laid as planned after all").arg(step)
                                      : say("%1 %2").arg(step, heavierWord(entry.heavier));
        case planning::EntryKind::takenBack:
            return entry.takes >= 0 && std::size_t(entry.takes) < index
                       ? say("Taken back: %1").arg(entryLine(record, std::size_t(entry.takes)))
                       : say("Taken back");
        case planning::EntryKind::paused:
            return say("Pause");
        case planning::EntryKind::resumed:
            return say("Went on");
        case planning::EntryKind::waitEnded:
            return entry.step > 0 ? say("%1 is dry").arg(step) : say("The fixed sheet is dry");
        case planning::EntryKind::note:
            return say("Note: \"%1\"").arg(text(entry.words));
        case planning::EntryKind::photograph:
            return say("Photograph");
        case planning::EntryKind::planChanged:
            return say("What is left was planned anew, since the study was changed");
        case planning::EntryKind::finishing:
            return say("%1: done").arg(finishingWord(entry.finishing));
        case planning::EntryKind::fixed:
            return say("Fixative over the whole sheet");
        case planning::EntryKind::stockTaken:
            return say("What the sticks had lost was taken into the drawer");
        case planning::EntryKind::checked: {
            const std::size_t mends = entry.check ? entry.check->mends.size() : 0;
            return mends == 0 ? say("Photograph checked")
                              : say("Photograph checked, %n corrections taken", nullptr, mends);
        }
    }
    return {};
}

}  // namespace wording
