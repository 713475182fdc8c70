#pragma once

#include "planning/plan.h"

namespace planning {

/// Areas and what each is to look like: a stack for each area, one for those that are planned together, with samples at
/// the scale of the finest mark that the study's detail asks for. `wanted` is the reference as it is wanted (CV_32FC3,
/// CIELAB under the study's light). Fills in the plan's stacks (areas, share, samples), stackOfArea and stackMap.
void findStacks(Plan& plan, const Study& study, const cv::Mat& wanted);

/// Samples are taken at half the size, which is enough for what a mark of an edge shows, and seen together over so many
/// pixels of that.
inline constexpr int samplesPerArea = 32;
inline constexpr double sampleScale = 0.5;
double sampleSigma(const Plan& plan, const Study& study);

/// The mean of what a stack is to look like.
colour::Lab meanColour(const PlannedStack& stack);

/// Pixels of the reading that a millimetre on the sheet has.
double pixelsPerMillimetre(const Plan& plan, const Study& study);

/// Marks of an area are no larger than this part of its size across, however broad the stick: it is turned on its end.
double largestMarkPixels(const PlannedStack& stack, const Plan& plan);

/// The tones that a stack's places have by their pressure maps, with shares and differences; and how much of each
/// layer is laid lightly, medium and heavily.
void tallyTones(Plan& plan, const cv::Mat& wanted);
/// What an unsteady hand and other lights make of the tones that have been tallied.
void judgeTones(Plan& plan);

/// Less than a hundredth of its stack.
inline bool isTouch(const Tone& tone, const PlannedStack& stack) {
    return tone.share < 0.01 * stack.share;
}

/// The tone that fills the tooth most, touches aside; null without tones.
const Tone* fullestTone(const PlannedStack& stack);

/// What every tone of a stack gives, and what the whole film says of it.
struct ToneColours {
    std::vector<colour::Lab> colours;
    std::vector<float> toothUsed;
    std::vector<float> through;  // of what the sheet was seen to be off, in L*; empty where it never was
};
ToneColours toneColours(const Plan& plan, int stack);

}  // namespace planning
