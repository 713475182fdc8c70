#include "planning/completing.h"

#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "common/parallel.h"
#include "planning/evenings.h"
#include "planning/hand_rest.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/tasks.h"

namespace planning {

namespace {

/// The sheet as it comes out, seen as the eye sees it.
void lookAt(Plan& plan) {
    const cv::Mat sheet = pictureAfter(plan, int(plan.steps.size()), plan.light);
    const cv::Mat differences = differenceMapOf(plan, sheet);
    plan.summary.picture = rendering::figuresOf(differences);
    plan.summary.squinted =
        rendering::figuresOf(rendering::differenceSeen(plan.reference, sheet, rendering::squintSigma(sheet.size())));
    cv::Mat stacks;
    cv::resize(plan.stackMap, stacks, differences.size(), 0, 0, cv::INTER_NEAREST);
    for (int s = 0; s < int(plan.stacks.size()); ++s)
        plan.stacks[std::size_t(s)].pictureDifference = cv::mean(differences, stacks == s)[0];
}

void summarise(Plan& plan, const std::vector<matching::PreparedStick>& tray) {
    Summary& summary = plan.summary;
    std::vector<double> nearest(plan.stacks.size(), 0.0);
    common::forEachIndex(int(plan.stacks.size()), [&](int s) {
        for (const matching::Sample& sample : plan.stacks[std::size_t(s)].samples) {
            const int stick = matching::nearestSticks(sample.wanted, tray, 1).front();
            nearest[std::size_t(s)] +=
                sample.weight * colour::differenceCie2000(sample.wanted, tray[std::size_t(stick)].masstone);
        }
    });
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        summary.nearestStickDifference += plan.stacks[s].share * nearest[s];
        for (const Tone& tone : plan.stacks[s].tones) {
            summary.meanDifference += tone.share * tone.difference;
            summary.unsteadyDifference += tone.share * tone.unsteady;
        }
    }
    for (const Step& step : plan.steps) summary.minutes += step.minutes + step.waitMinutes;
    summary.stickChanges = stickChanges(plan.steps);
    summary.stickChangesPlain = stickChangesPlain(plan);
}

/// The steps' numbers, told to the layers.
void numberLayers(Plan& plan) {
    for (const Step& step : plan.steps)
        for (const LayerPlace& place : step.layers)
            plan.stacks[std::size_t(place.stack)].layers[std::size_t(place.layer)].step = step.number;
}

}  // namespace

void complete(Plan& plan, const Study& study, const PlanSubject& subject, const Ordering& ordering) {
    tallyTones(plan, subject.wanted);
    judgeTones(plan);
    plan.steps = ordering(plan, study);
    common::forEachIndex(int(plan.steps.size()), [&](int i) {
        Step& step = plan.steps[std::size_t(i)];
        step.handOff = underTheHand(plan, study, step);
    });
    plan.clashes = tasksOf(plan, study).clashes;
    plan.evenings = eveningsOf(plan, study);
    numberLayers(plan);
    lookAt(plan);
    summarise(plan, subject.tray);
    plan.notes = notesFor(plan, study);
}

}  // namespace planning
