#include <algorithm>
#include <cmath>

#include "app/layers/layers_station.h"
#include "planning/own_stacks.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/tooth_answers.h"
#include "wording/approach.h"
#include "wording/checking.h"
#include "wording/choosing.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/moves.h"
#include "wording/palettes.h"
#include "wording/sentences.h"

namespace app {

QString LayersStation::eveningWords() const {
    const auto plan = session_.plan();
    QStringList evenings;
    for (const planning::Evening& evening : plan->evenings)
        evenings
            << tr("steps %1 to %2 (%3)").arg(evening.first).arg(evening.last).arg(wording::duration(evening.minutes));
    return evenings.isEmpty() ? QString()
                              : tr("Evenings: %1. Each ends with nothing wet and nothing half blended.")
                                    .arg(evenings.join(QStringLiteral("; ")));
}

MarginText LayersStation::dragMargin(const Scrubber::Drag& drag) const {
    MarginText text;
    const auto plan = session_.plan();
    const planning::Step& step = plan->steps[std::size_t(drag.step - 1)];
    text.head = tr("Step %1 at another time").arg(drag.step);
    if (!drag.room) {
        text.paragraphs << wording::fixedInTimeSentence(step);
        return text;
    }
    if (drag.room->layers.size() < step.layers.size())
        text.paragraphs << tr("Only the layer of %1, which is selected, is moved.")
                               .arg(wording::stackName(*plan, drag.room->layers.front().stack));
    const bool stays = drag.after == drag.step || drag.after == drag.step - 1;
    text.paragraphs << (stays ? tr("It stays where it is.")
                        : drag.after < int(plan->steps.size())
                            ? tr("It is laid between steps %1 and %2.").arg(drag.after).arg(drag.after + 1)
                            : tr("It is laid last."));
    text.why = wording::roomSentences(*plan, *drag.room);
    return text;
}

MarginText LayersStation::stepMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const int at = scrubber_->step();
    if (!isInHand_ || at == 0) {
        text.head = at == 0 ? tr("The bare sheet") : tr("All layers laid");
        if (at > 0) {
            int layers = 0;
            for (const planning::PlannedStack& stack : plan->stacks) layers += int(stack.layers.size());
            text.paragraphs << tr("The finished sheet is %1.").arg(wording::pictureWords(*plan));
            if (plan->hand != pigment::HandSample()) text.why << wording::touchSentence(plan->hand);
            text.paragraphs << tr("%1 of %2, in %3. With half-closed eyes the difference is %4.")
                                   .arg(wording::layerCount(layers), wording::stickCount(int(plan->sticks.size())),
                                        wording::stepCount(int(plan->steps.size())),
                                        wording::differenceFigure(plan->summary.squinted.mean));
        }
        QStringList own;
        for (int s = 0; s < int(plan->stacks.size()); ++s)
            if (isSet(s)) own << wording::stackName(*plan, s);
        if (at > 0 && !own.isEmpty()) text.paragraphs << tr("Set by hand: %1.").arg(own.join(QStringLiteral("; ")));
        if (const QString evenings = at > 0 ? eveningWords() : QString(); !evenings.isEmpty())
            text.paragraphs << evenings;
        text.paragraphs << tr(
            "Move the pointer under the section, or use the arrow keys, to lay the steps down one by one: the subject "
            "then shows where each goes and how hard. Drag a step along its row to lay it at another time.");
        text.paragraphs << tr("Click an area in a picture or in the section to read how it is made.");
    } else {
        const planning::Step& step = plan->steps[std::size_t(at - 1)];
        text.head = tr("Step %1: %2").arg(step.number).arg(wording::stageWord(step.stage));
        text.paragraphs << (step.stage == planning::Stage::drawing
                                ? tr("Everything, in a few lines.")
                                : wording::areasNamed(*plan, step.areas) + QStringLiteral("."));
        if (step.layers.size() == 1) {
            const planning::LayerPlace place = step.layers.front();
            const auto& layers = plan->stacks[std::size_t(place.stack)].layers;
            text.paragraphs << tr("Layer %1 of %2 there: %3.")
                                   .arg(place.layer + 1)
                                   .arg(layers.size())
                                   .arg(wording::laidWords(layers[std::size_t(place.layer)]));
        }
        if (const QString fades = wording::runningOutSentence(*plan, step); !fades.isEmpty()) text.paragraphs << fades;
        if (const QString hand = wording::handSentence(*plan, step); !hand.isEmpty()) text.paragraphs << hand;
        for (const planning::Reason& reason : step.why) text.why << wording::reasonSentence(reason);
        if (step.waitMinutes > 0) text.paragraphs << tr("Then wait %1.").arg(wording::duration(step.waitMinutes));
        const double dries = planning::stepsLighterWhenDry(*plan, step);
        if (std::fabs(dries) >= 0.05)
            text.paragraphs << (dries > 0 ? tr("It dries %1 of a step lighter: judge it when it is dry.")
                                          : tr("It dries %1 of a step darker: judge it when it is dry."))
                                   .arg(wording::decimal(std::fabs(dries), 1));
        if (step.tool != planning::Tool::none)
            text.strokes.push_back({materials::Kind::soft,
                                    {},
                                    wording::toolWord(step.tool),
                                    tr("%1, %2").arg(wording::mannerWord(step.manner), wording::duration(step.minutes)),
                                    step.manner,
                                    pigment::Pressure::medium,
                                    false});
        if (step.stick >= 0) {
            const materials::Material& stick = plan->sticks[std::size_t(step.stick)];
            text.listHead = tr("In the hand");
            const auto pressure = step.groundLayer >= 0 ? plan->ground.layers[std::size_t(step.groundLayer)].pressure
                                                        : pigment::Pressure::medium;
            text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name),
                                    tr("%1, %2, %3")
                                        .arg(wording::kindWord(stick.kind), wording::mannerWord(step.manner),
                                             wording::duration(step.minutes)),
                                    step.manner, pressure});
        }
    }
    for (const planning::Note& note : plan->notes)
        if (note.topic == planning::NoteTopic::toothRunsOut) text.cautions << wording::noteSentence(note, *plan);
    return text;
}

MarginText LayersStation::stackMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const planning::PlannedStack& stack = plan->stacks[std::size_t(selected_)];
    text.head = wording::stackName(*plan, selected_);
    const planning::Tone* fullest = planning::fullestTone(stack);
    double worstLight = 0;
    int light = 0;
    for (const planning::Tone& tone : stack.tones) {
        if (planning::isTouch(tone, stack)) continue;
        for (int i = 0; i < colour::lightCount; ++i)
            if (tone.differenceUnder[std::size_t(i)] - tone.difference > worstLight) {
                worstLight = tone.differenceUnder[std::size_t(i)] - tone.difference;
                light = i;
            }
    }
    text.paragraphs << tr("On the finished sheet it is %1 (%2).")
                           .arg(wording::nearnessWords(stack.pictureDifference),
                                wording::differenceFigure(stack.pictureDifference));
    text.paragraphs << tr("It holds %1 % of the picture. The tooth is at most %2 % full.")
                           .arg(wording::decimal(stack.share * 100, 1))
                           .arg(std::lround(fullest ? fullest->toothUsed * 100 : 0));
    if (const QString triad = wording::triadSentence(*plan, selected_); !triad.isEmpty()) text.paragraphs << triad;
    if (isSetByHand()) {
        QStringList barred;
        for (const std::string& id : planning::barredFrom(*plan, session_.study(), selected_)) {
            const auto& media = session_.library().media;
            const auto at = std::ranges::find(media, id, &materials::Material::id);
            barred << QString::fromStdString(at == media.end() ? id : at->name);
        }
        if (!barred.isEmpty()) text.paragraphs << tr("Not to be laid here: %1.").arg(barred.join(QStringLiteral("; ")));
        const planning::PlanOutcome* left = trials_.outcomeOf(leftToThePlan());
        text.paragraphs << (left ? tr("You have chosen here. Left to the plan the picture would be: %1.")
                                       .arg(wording::outcomeAgainst(*left, planning::outcomeOf(*plan)))
                                 : tr("You have chosen here. What the plan would make of it is being tried."));
    }
    if (worstLight > 1.5)
        text.paragraphs << tr("Under %1 parts of it are %2 farther off than under %3.")
                               .arg(wording::lightWord(colour::Light(light)), wording::differenceFigure(worstLight),
                                    wording::lightWord(plan->light));
    text.listHead = tr("Its layers, from the paper up");
    for (const planning::GroundLayer& layer : plan->ground.layers)
        if (std::ranges::binary_search(layer.areas, stack.areas.front()))
            text.strokes.push_back(
                {layer.mixture.empty() ? materials::Kind::soft : layer.mixture.front().medium.kind,
                 planning::coloursOf(*plan, layer).dry, wording::mixtureWords(layer),
                 tr("%1: %2").arg(wording::strengthWords(layer), wording::reasonPhrase(layer.reason)), layer.manner,
                 layer.pressure, !layer.mixture.empty()});
    for (const planning::Layer& layer : stack.layers) {
        const QString words =
            tr("step %1, %2: %3").arg(layer.step).arg(wording::mannerWord(layer.manner), wording::laidWords(layer));
        if (layer.stick < 0) {
            text.strokes.push_back({materials::Kind::soft,
                                    {},
                                    wording::toolWord(layer.tool),
                                    words,
                                    layer.manner,
                                    layer.hardest(),
                                    false});
            continue;
        }
        const materials::Material& stick = plan->sticks[std::size_t(layer.stick)];
        text.strokes.push_back(
            {stick.kind, stick.masstone, QString::fromStdString(stick.name), words, layer.manner, layer.hardest()});
    }
    if (const auto answers = planning::toothAnswers(*plan, selected_, session_.library().papers))
        text.cautions << wording::toothSentence(*answers);
    return text;
}

MarginText LayersStation::margin() const {
    if (!session_.plan()) return {tr("Layers"), {tr("The layers are planned as soon as the subject is read.")}};
    if (scrubber_->drag()) return dragMargin(*scrubber_->drag());
    if (leaves_->currentWidget() == approach_) return approach_->margin();
    return selected_ >= 0 ? stackMargin() : stepMargin();
}

}  // namespace app
