#pragma once

#include <functional>

#include "planning/cutting.h"
#include "planning/judgement.h"

namespace planning {

/// What speaks for a paper or against it. Worded elsewhere.
enum class PaperReasonKind {
    showsBothEnds,  // figures: steps from the paper to the first stroke of the darkest, of the lightest
    hidesLights,
    hidesDarks,
    savesLayers,  // figures: that many of how many layers are not needed to come as near as the middle one of the
                  // papers
    nearSubject,  // figure: share of the picture
    complementSparkles,  // figure: share of the picture
    tints,               // see Tint
    toothLasts,          // figure: used at the end
    toothRunsShort,
    takesWater,
    takesThinWater,
    noWater,
    furtherThanHalf,  // figures: its picture difference, the middle one's
    otherSide,        // figure: by how many points the paper's other side is better
    sheetTooSmall,    // figures: the sheet's width and height in millimetres
};
std::string_view nameOf(PaperReasonKind kind);

/// An area's colour that the paper turns when it is laid thinly.
struct Tint {
    int stack = 0;
    materials::Kind kind = materials::Kind::pencil;  // of the one medium layer
    colour::Lab meant, seen;                         // the stick's own colour, and what it looks like
    int layersToCover = 0;                           // of the nearest soft stick; 0 where four do not
};

struct PaperReason {
    PaperReasonKind kind = PaperReasonKind::showsBothEnds;
    double figure = 0, second = 0;
    Tint tint = {};
};

struct RankedPaper {
    materials::Paper paper;
    Score score;
    Outcome outcome;
    std::vector<PaperReason> reasons;
    bool isAtHand = true;  // else it could be bought
};

/// How many steps the first stroke (one medium layer of the nearest stick) of the subject's darkest and of its lightest
/// stands off the bare paper; without a dry stick nothing is told against it.
struct Ends {
    double toDark = 0, toLight = 0;
    static constexpr double hardlySeen = 1, seenForWhatItIs = 3;  // practice's figure for mid tones
    double worth() const;  // 0..1; a paper beyond an end loses what the other one gains
};
Ends endsOn(const Plan& plan, const pigment::Patch& bare, const std::vector<matching::PreparedStick>& tray);

/// An order that is there at once: by what the best single strokes leave (mean CIEDE2000 over the picture), the least
/// first. Indices into `papers`.
std::vector<int> firstOrder(const Plan& plan, const std::vector<materials::Paper>& papers,
                            const std::vector<matching::PreparedStick>& tray);

/// The papers of a library, each tried for a subject: those at hand, then those that could be bought.
struct TriedPapers {
    TrialSubject subject;
    std::vector<RankedPaper> papers;  // without score and rank
    std::vector<double> ends;         // what each one's are worth
    std::vector<Trial> trials;
};

/// Tries each paper with the library's sticks (`tray` is its media, prepared) on its bare sheet or with the ground that
/// the study names. nullopt if cancelled.
std::optional<TriedPapers> triedPapers(TrialSubject subject, const Study& study, const materials::Library& library,
                                       const std::vector<matching::PreparedStick>& tray,
                                       const common::Progress& progress);

/// The best for the study's goal first; behind those the ones whose sheet is too small, and those that could be bought,
/// best first. One whose picture difference is above the middle one's (of those at hand) never leads.
std::vector<RankedPaper> rankedPapers(const TriedPapers& tried, const Study& study, const materials::Library& library);

}  // namespace planning
