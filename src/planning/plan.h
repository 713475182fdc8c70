#pragma once

#include <array>
#include <memory>
#include <string>
#include <vector>

#include "matching/recipe.h"
#include "planning/reading.h"

namespace planning {

/// Why a step stands where it stands, a paper where it ranks, or what is to be minded. Worded elsewhere.
enum class ReasonKind {
    // steps
    firstMarks,
    groundFirst,
    inkDeepestDarks,
    wetBeforeDry,
    overEarlierStroke,
    hardBeforeSoft,  // figure: share of the pencil's deposit that would hold the other way round
    backgroundFirst,
    darkBeforeLight,
    lightBaseFirst,
    wholePictureTogether,
    stickInHand,
    pairTogether,
    highlightsLast,
    // papers
    showsBothEnds,  // figures: steps to the darkest, to the lightest
    hidesLights,
    hidesDarks,
    nearSubject,  // figure: share of the picture
    complementSparkles,
    holdsLayers,  // figure: full layers of a soft stick
    fewLayers,
    takesWater,
    noWater,
    fitsSticks,  // figure: mean difference of single strokes
};

struct Reason {
    ReasonKind kind;
    double figure = 0;
    double second = 0;
    bool operator==(const Reason&) const = default;
};

enum class NoteKind { advice, caution, safety };
enum class NoteTopic {
    toothRunsOut,   // figure: share used
    farFromTarget,  // figure: difference
    unsteadyHand,   // figure: mean difference of an unsteady hand
    paperHidesEnds,
    dust,
    toxicPigments,  // subjects: sticks
    heatAndWater,
    sticksAreFew,
    partsUnderLight,    // metamerism; figure: the worst difference; light
    contrastElsewhere,  // figure: steps there; second: at what the picture is about
    farTooDark,         // planes; figure: see subject::PlaneFault
    farTooSharp,
    farTooWarm,
    strokesFollow,  // the arrows
};

struct Note {
    NoteKind kind;
    NoteTopic topic;
    std::vector<int> passages;          // indices
    std::vector<std::string> subjects;  // names
    double figure = 0;
    colour::Light light = colour::Light::daylight65;
    double second = 0;
};

struct PlannedPassage {
    int groundIndex = 0;      // into Plan::grounds
    colour::Lab target;       // the reference's colour there under the study's light
    matching::Recipe recipe;  // lays refer to Plan::sticks; predicted under the study's light
    std::array<double, colour::lightCount> differenceUnder{};  // of the recipe to the reference, under each light
};

enum class Stage { drawing, underpainting, blockIn, build, refine, accent, fix, finish };
std::string_view nameOf(Stage stage);

/// One thing to do, from picking a stick up to laying it down.
struct Step {
    int number = 0;  // from 1
    Stage stage = Stage::blockIn;
    std::vector<int> passages;  // indices
    int stick = -1;             // into Plan::sticks; -1 for none
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;
    double minutes = 0;
    double waitMinutes = 0;
    std::vector<int> after;  // numbers of earlier steps
    std::vector<Reason> why;
};

struct RankedPaper {
    materials::Paper paper;
    double score = 0;           // 0..1
    double meanDifference = 0;  // of the best single strokes
    std::vector<Reason> reasons;
};

/// A wash (or a rubbed-in dry layer) under some passages.
struct GroundLayer {
    std::vector<matching::Lay> lays;  // refer to Plan::sticks; empty for bare paper
    pigment::Patch patch;
};

struct Summary {
    double meanDifference = 0, p95Difference = 0;
    double unsteadyDifference = 0;
    double nearestStickDifference =
        0;  // mean over the picture with the nearest single stick of the tray for each passage
    double minutes = 0;
    int stickChanges = 0;
    int stickChangesPlain = 0;  // of the plain order (see order.h)
};

/// All that follows from a study and the materials: derived, never edited.
struct Plan {
    std::shared_ptr<const Reading> reading;
    colour::Light light = colour::Light::daylight65;  // the study's
    materials::Paper paper;
    std::vector<RankedPaper> papers;  // best first
    std::vector<materials::Material> sticks;
    std::vector<matching::PreparedStick> prepared;  // of `sticks`
    std::vector<GroundLayer> grounds;               // the bare paper first
    std::vector<PlannedPassage> passages;           // as in reading->passages.list
    std::vector<pigment::Patch> proposedGround;     // of each passage, whether the study takes it or not
    std::vector<std::string> proposedMedia;         // names of what it is laid with
    std::vector<Step> steps;
    std::vector<Note> notes;
    Summary summary;
    std::vector<std::string> areaNames;  // as in reading->areas.list; empty where the artist gave none
};

}  // namespace planning
