#include "planning/stacks.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "common/parallel.h"
#include "matching/tray.h"
#include "pigment/hand.h"
#include "pigment/through.h"
#include "planning/marks.h"
#include "planning/stage_picture.h"
#include "subject/reduced.h"
#include "subject/samples.h"

namespace planning {

namespace {

/// Of a tone's places.
struct Tally {
    int places = 0;
    cv::Vec3d wanted;
};

/// A tone as it comes out for `share` of the picture, all but its spread over the hand.
Tone toneOf(int number, const Tally& tally, std::size_t pixels, const ToneColours& gives) {
    Tone tone;
    tone.number = number;
    tone.share = double(tally.places) / double(pixels);
    const cv::Vec3d mean = tally.wanted / double(tally.places);
    tone.target = {mean[0], mean[1], mean[2]};
    tone.predicted = gives.colours[std::size_t(number)];
    tone.toothUsed = gives.toothUsed[std::size_t(number)];
    tone.difference = colour::differenceCie2000(tone.target, tone.predicted);
    return tone;
}

/// What an unsteady hand makes of a stack's tones.
void addUnsteady(const Plan& plan, PlannedStack& stack) {
    std::vector<int> numbers;
    for (const Tone& tone : stack.tones) numbers.push_back(tone.number);
    const auto hands = pigment::handSamples(pigment::usualHandSpread, plan.hand);
    for (const pigment::HandSample& hand : hands) {
        std::vector<pigment::Stroke> strokes = strokesOf(plan, stack);
        for (pigment::Stroke& stroke : strokes) {
            stroke.amountFactor = hand.amount;
            stroke.coverageFactor = hand.coverage;
        }
        auto tone = stack.tones.begin();
        pigment::forTones(stack.start, strokes, numbers, [&](int, const pigment::Patch& patch) {
            tone->unsteady +=
                colour::differenceCie2000(tone->target, pigment::labOf(patch, plan.light)) / double(hands.size());
            ++tone;
        });
    }
}

/// How tones that were matched in daylight look under other lights.
void addLights(const Plan& plan, PlannedStack& stack) {
    constexpr double tellingShare = 0.0005;  // what holds less of the picture is not looked at
    std::vector<int> numbers;
    std::vector<Tone*> telling;
    for (Tone& tone : stack.tones) {
        tone.differenceUnder.fill(tone.difference);
        if (tone.share < tellingShare || plan.light != colour::Light::daylight65) continue;
        numbers.push_back(tone.number);
        telling.push_back(&tone);
    }
    auto tone = telling.begin();
    pigment::forTones(stack.start, strokesOf(plan, stack), numbers, [&](int, const pigment::Patch& patch) {
        for (int i = 0; i < colour::lightCount; ++i) {
            const auto light = colour::Light(i);
            if (light == plan.light) continue;
            (*tone)->differenceUnder[std::size_t(i)] =
                colour::differenceCie2000(colour::labUnder((*tone)->target, light), pigment::labOf(patch, light));
        }
        ++tone;
    });
}

}  // namespace

double sampleSigma(const Plan& plan, const Study& study) {
    constexpr double finestMark = 1.5;  // millimetres: samples are taken at the scale of an edge
    return sampleScale * 0.39 * finestMark * markFactor(study.detail) * pixelsPerMillimetre(plan, study);
}

double pixelsPerMillimetre(const Plan& plan, const Study& study) {
    return plan.stackMap.cols / study.widthMillimetres;
}

colour::Lab meanColour(const PlannedStack& stack) {
    colour::Lab mean;
    for (const matching::Sample& sample : stack.samples) {
        mean.L += sample.weight * sample.wanted.L;
        mean.a += sample.weight * sample.wanted.a;
        mean.b += sample.weight * sample.wanted.b;
    }
    return mean;
}

double largestMarkPixels(const PlannedStack& stack, const Plan& plan) {
    constexpr double partAcross = 0.3;
    double least = 1;
    for (const int area : stack.areas) least = std::min(least, plan.reading->areas.list[std::size_t(area)].share);
    return partAcross * std::sqrt(least * double(plan.stackMap.total()));
}

void findStacks(Plan& plan, const Study& study, const cv::Mat& wanted) {
    const subject::Areas& areas = plan.reading->areas;
    plan.stackOfArea.assign(areas.list.size(), -1);
    for (int area = 0; area < int(areas.list.size()); ++area) {
        const int first = areas.list[std::size_t(area)].together - 1;
        int& stack = plan.stackOfArea[std::size_t(first)];
        if (stack < 0) {
            stack = int(plan.stacks.size());
            plan.stacks.emplace_back();
        }
        plan.stackOfArea[std::size_t(area)] = stack;
        plan.stacks[std::size_t(stack)].areas.push_back(area);
        plan.stacks[std::size_t(stack)].share += areas.list[std::size_t(area)].share;
    }
    plan.stackMap.create(areas.map.size(), CV_32S);
    std::ranges::transform(areas.map.begin<int>(), areas.map.end<int>(), plan.stackMap.begin<int>(),
                           [&](int area) { return plan.stackOfArea[std::size_t(area)]; });

    const cv::Mat small = subject::scaledDown(wanted, sampleScale);
    cv::Mat map;
    cv::resize(plan.stackMap, map, small.size(), 0, 0, cv::INTER_NEAREST);
    const double sigma = sampleSigma(plan, study);
    common::forEachIndex(int(plan.stacks.size()), [&](int i) {
        PlannedStack& stack = plan.stacks[std::size_t(i)];
        auto samples = subject::samplesOf(small, map == i, sigma, samplesPerArea);
        if (samples.empty()) samples = subject::samplesOf(wanted, plan.stackMap == i, sigma, samplesPerArea);
        for (const subject::ColourSample& sample : samples) stack.samples.push_back({sample.colour, sample.weight});
    });
}

ToneColours toneColours(const Plan& plan, int index) {
    const PlannedStack& stack = plan.stacks[std::size_t(index)];
    ToneColours all;
    pigment::forEachTone(stack.start, strokesOf(plan, stack), [&](int, const pigment::Patch& patch) {
        all.colours.push_back(pigment::labOf(patch, plan.light));
        all.toothUsed.push_back(float(pigment::toothUsed(patch)));
    });
    if (!plan.seen) return all;
    const int seenAfter = plan.seen->layers[std::size_t(index)];
    for (const pigment::Through& through :
         pigment::throughTones(stack.start, strokesOf(plan, stack), seenAfter, plan.light))
        all.through.push_back(through.lightness);
    return all;
}

void tallyTones(Plan& plan, const cv::Mat& wanted) {
    std::vector<std::vector<Tally>> tallies;
    for (const PlannedStack& stack : plan.stacks)
        tallies.emplace_back(std::size_t(pigment::toneCount(int(stack.layers.size()))));
    for (int y = 0; y < wanted.rows; ++y)
        for (int x = 0; x < wanted.cols; ++x) {
            const auto stack = std::size_t(plan.stackMap.at<int>(y, x));
            int tone = 0;
            for (std::size_t k = 0; k < plan.stacks[stack].layers.size(); ++k)
                tone = tone * pigment::pressureLevels +
                       (plan.pressures[k].at<uchar>(y, x) + rendering::mapStep / 2) / rendering::mapStep;
            Tally& tally = tallies[stack][std::size_t(tone)];
            ++tally.places;
            tally.wanted += cv::Vec3d(wanted.at<cv::Vec3f>(y, x));
        }
    common::forEachIndex(int(plan.stacks.size()), [&](int i) {
        PlannedStack& stack = plan.stacks[std::size_t(i)];
        const int count = int(stack.layers.size());
        const ToneColours gives = toneColours(plan, i);
        for (int number = 0; number < pigment::toneCount(count); ++number) {
            const Tally& tally = tallies[std::size_t(i)][std::size_t(number)];
            if (tally.places == 0) continue;
            const Tone tone = toneOf(number, tally, wanted.total(), gives);
            stack.tones.push_back(tone);
            for (int k = 0; k < count; ++k) {
                Layer& layer = stack.layers[std::size_t(k)];
                const int level = pigment::pressureIn(number, k, count);
                if (level > 0)
                    (level == 1 ? layer.light : level == 2 ? layer.medium : layer.heavy) += tone.share / stack.share;
            }
        }
        std::ranges::stable_sort(stack.tones, std::greater{}, &Tone::share);
    });
}

void judgeTones(Plan& plan) {
    common::forEachIndex(int(plan.stacks.size()), [&](int i) {
        PlannedStack& stack = plan.stacks[std::size_t(i)];
        std::ranges::sort(stack.tones, {}, &Tone::number);
        addUnsteady(plan, stack);
        addLights(plan, stack);
        std::ranges::stable_sort(stack.tones, std::greater{}, &Tone::share);
    });
}

const Tone* fullestTone(const PlannedStack& stack) {
    const Tone* fullest = nullptr;
    for (const Tone& tone : stack.tones)
        if (!isTouch(tone, stack) && (!fullest || tone.toothUsed > fullest->toothUsed)) fullest = &tone;
    return fullest;
}

}  // namespace planning
