#pragma once

#include <optional>

#include "common/progress.h"
#include "planning/plan.h"

namespace planning {

/// What comes of a subject on a paper and over a ground, by a quick stack search with the artist's sticks: what papers
/// and grounds are judged by.
struct Outcome {
    rendering::DifferenceFigures picture;  // of the sheet as the eye sees it (see rendering::differenceSeen)
    double firstLayer = 0;                 // its mean when every area has but one layer, the best
    int layers = 0;                        // dry ones
    int groundLayers = 0;
    double minutes = 0;      // to lay all these
    double toothUsed = 0;    // mean over the sheet, 0..1
    double toothMost = 0;    // what only 5 % of the sheet uses more than
    double sparkle = 0;      // see Sparkle
    double chroma = 1;       // of the sheet, as a share of what is wanted
    double firstChroma = 1;  // the same with one layer
};

/// How much of what lies under a stack's layers glints through them.
struct Sparkle {
    double shows = 0;    // part of the ground's light that comes through, 0..1, as a mean over the stack
    double differs = 0;  // by how much that is another colour than what lies on it: CIEDE2000 times the part that shows
};

/// What a search found for a subject: layers by stack, and which options (indices into the option bank) did well there.
struct Found {
    std::vector<std::vector<matching::StackLayer>> stacks;
    std::vector<std::vector<int>> promising;
    std::vector<std::vector<int>> firsts;  // and which as the only layer
};

/// A subject at a size at which many papers and grounds can be tried on it.
struct TrialSubject {
    Plan plan;       // its stacks are empty, its maps small
    cv::Mat wanted;  // CV_32FC3, CIELAB
};
/// Of a plan whose stacks have been found; `longSide` in pixels.
TrialSubject trialSubject(const Plan& plan, const cv::Mat& wanted, double longSide);

struct Trial {
    Plan plan;  // small, without steps
    Outcome outcome;
    std::vector<Sparkle> sparkles;  // by stack
    Found found;
};

/// How the stacks are searched: by the screen alone for each area, however many sticks that takes, or as the plan does.
enum class Care { quick, full };

/// nullopt if cancelled. `tray` is `media`, prepared. With `from`, what was found on other papers is bettered here, and
/// the best taken, instead of searching from the ground up: a fraction of the work (quick ones only).
std::optional<Trial> tryOut(const TrialSubject& subject, const Study& study,
                            const std::vector<materials::Material>& media,
                            const std::vector<matching::PreparedStick>& tray, const materials::Paper& paper,
                            const GroundProposal& ground, Care care, const common::Progress& progress,
                            const std::vector<Found>& from = {});

/// How few of a trial's layers are enough for the sheet to be no further off than `difference` (a mean picture
/// difference): the layers that are missed least are left out, one after the other, as long as that holds.
int layersEnough(const Trial& trial, const TrialSubject& subject, const Study& study, double difference);

/// A tried plan's sheet, whole or its ground alone (CV_8UC3, R G B). `stackMap` and `grain` tell how large: the plan's
/// own, or those of the picture that it was made small of.
enum class Laid { ground, all };
cv::Mat sheetOf(const Plan& tried, const cv::Mat& stackMap, const cv::Mat& grain, Laid laid);

}  // namespace planning
