#pragma once

#include <array>
#include <memory>
#include <string>
#include <vector>

#include "matching/stack.h"
#include "pigment/tones.h"
#include "planning/cutting.h"
#include "planning/reading.h"
#include "planning/seen_work.h"
#include "rendering/picture_difference.h"
#include "rendering/sheet_picture.h"

namespace planning {

/// Why a step stands where it stands. Worded elsewhere.
enum class ReasonKind {
    // steps
    firstMarks,
    groundFirst,
    // grounds; figure: how much nearer the sheet is brought to what they aim at, in CIEDE2000
    groundNearColour,
    groundInValues,
    groundOpposite,
    groundCool,
    groundWarm,
    groundToneMap,
    rubbedIn,
    brushedOut,
    inkDeepestDarks,
    groundByHand,
    wetBeforeDry,
    hardBeforeSoft,  // figure: share of the pencil's deposit that would hold the other way round
    backgroundFirst,
    darkBeforeLight,
    lightBaseFirst,
    wholePictureTogether,
    stickInHand,
    pairTogether,
    highlightsLast,
    focalFirst,
    areaByArea,
    blackLast,
    blendedTogether,
    lightBlendedFirst,
    toothGivenBack,
    liftedFirst,
    laidThenByHand,
};
/// "first-marks", "background-first", ...: stands in plan.json beside the words.
std::string_view nameOf(ReasonKind kind);

struct Reason {
    ReasonKind kind;
    double figure = 0;
    double second = 0;
    bool operator==(const Reason&) const = default;
};

/// Two reasons that cannot both be kept, and the one that gave way.
struct Clash {
    ReasonKind gaveWay, stayed;
    bool operator==(const Clash&) const = default;
};

enum class NoteKind { advice, caution, safety };
enum class NoteTopic {
    toothRunsOut,   // figure: share used
    farFromTarget,  // figure: picture difference there
    unsteadyHand,   // figure: mean difference of an unsteady hand
    paperHidesEnds,
    sheetTooSmall,  // figures: the sheet's width and height in millimetres
    sheetsShort,    // figures: sheets that are needed, at hand
    noDarks,        // figure: value steps by which the darkest of the picture come out too light
    dust,
    toxicPigments,  // subjects: sticks
    heatAndWater,
    sticksAreFew,
    partsUnderLight,    // metamerism; figure: the worst difference; light
    contrastElsewhere,  // figure: steps there; second: at what the picture is about
    farTooDark,         // planes; figure: see subject::PlaneFault
    farTooSharp,
    farTooWarm,
    strokesFollow,      // the arrows
    groundCannotBeHad,  // obstacle
    groundWantsCare,    // caution
    reasonsClash,
    noFocalArea,
    noPoints,    // figure: layers that are neither pencil nor hard stick
    ownMixture,  // subjects: its name
};

/// Why a way to begin is not to be had.
enum class GroundObstacle {
    paperTakesNoWater,
    paperTakesNoAlcohol,
    noWetMedia,
    noInk,
    noCharcoal,
    noStick,
    noDeepDarks
};

struct RefusedGround {
    GroundObstacle why;
    std::vector<int> areas;  // indices
};

/// What does not go together in a ground, or wants care.
enum class GroundCautionKind {
    hardlyShows,     // figure: by how much the layer changes the bare sheet, in CIEDE2000
    fillsGrain,      // figure: share of the tooth that the layer takes
    waterCockles,    // more water than the sheet bears
    matsPile,        // wet paint on a pile
    alcoholAndHeat,  // the study dries with a heat gun
    keepHeatMoving,
};

struct GroundCaution {
    GroundCautionKind kind;
    std::string medium;  // name; empty for alcohol
    double figure = 0;
    bool operator==(const GroundCaution&) const = default;
};

struct Note {
    NoteKind kind;
    NoteTopic topic;
    std::vector<int> areas;             // indices
    std::vector<std::string> subjects;  // names
    double figure = 0;
    colour::Light light = colour::Light::daylight65;
    double second = 0;
    Clash clash = {};
    std::optional<GroundObstacle> obstacle = {};
    std::optional<GroundCaution> caution = {};
};

/// Layers of one stack at most: as it is planned, and with what mends it once it lies there.
inline constexpr int mostLayers = 6, mostWithMends = rendering::mostStrokes;

/// Where the tooth counts as nearly full: 0..1.
inline constexpr double nearlyFull = 0.85;

/// What works on pigment that lies there.
enum class Tool { none, finger, stump, shaper, sponge, fixative, softBrush, puttyEraser };
std::string_view nameOf(Tool tool);
std::optional<Tool> toolNamed(std::string_view name);

/// One stick (or tool) over an area, or areas that are planned together, in one manner; its pressure map is
/// Plan::pressures[its place in the stack] where Plan::stackMap is the stack.
struct Layer {
    std::string key;  // of its areas, stick and manner: the same as long as these are
    int stick = -1;   // into Plan::sticks; -1 for a tool
    Tool tool = Tool::none;
    pigment::Manner manner = pigment::Manner::scumble;
    double markMillimetres = 0;               // the smallest mark that it can make
    double light = 0, medium = 0, heavy = 0;  // share of the stack's area that is laid so
    int step = 0;                             // number
    bool isFixed = false;                     // the artist fixed the sheet when this had been laid, beside the plan

    double laid() const { return light + medium + heavy; }
    /// The hardest pressure that more than a touch of it has.
    pigment::Pressure hardest() const {
        constexpr double touch = 0.02;
        if (heavy > touch) return pigment::Pressure::heavy;
        return medium > touch ? pigment::Pressure::medium : pigment::Pressure::light;
    }
};

/// What a stack gives where its layers are laid with given pressures.
struct Tone {
    int number = 0;                                            // see pigment/tones.h
    double share = 0;                                          // of the picture
    colour::Lab target;                                        // mean of the reference there, under the study's light
    colour::Lab predicted;                                     // by the film
    double difference = 0;                                     // CIEDE2000
    double unsteady = 0;                                       // the same over the spread of the hand
    double toothUsed = 0;                                      // 0..1
    std::array<double, colour::lightCount> differenceUnder{};  // under each light
};

/// An area's layers, from the ground up.
struct PlannedStack {
    std::vector<int> areas;                 // indices; more than one are planned together
    double share = 0;                       // of the picture
    std::vector<matching::Sample> samples;  // what it is to look like, under the study's light
    pigment::Patch start;                   // what its first layer is laid on
    std::vector<Layer> layers;
    std::vector<Tone> tones;                 // largest share first; shares of all stacks' tones add up to 1
    double pictureDifference = 0;            // mean over its areas, as the eye sees it
    std::vector<std::string> mixtures = {};  // the artist's own that are laid in it, by name
};

enum class Stage { drawing, underpainting, blockIn, build, refine, accent, fix };
std::string_view nameOf(Stage stage);
std::optional<Stage> stageNamed(std::string_view name);

/// A layer by its stack and its place in it.
struct LayerPlace {
    int stack = 0, layer = 0;
    bool operator==(const LayerPlace&) const = default;
};

/// One thing to do, from picking a stick up to laying it down: a layer of the ground, or layers of one stick and manner
/// that are ready together, or the drawing.
struct Step {
    int number = 0;   // from 1
    std::string key;  // of the first of its layers
    Stage stage = Stage::blockIn;
    std::vector<LayerPlace> layers;
    int groundLayer = -1;    // into the chosen proposal's layers
    std::vector<int> areas;  // indices
    int stick = -1;          // into Plan::sticks; -1 for none
    Tool tool = Tool::none;
    pigment::Manner manner = pigment::Manner::scumble;
    double minutes = 0;
    double waitMinutes = 0;
    std::vector<int> after;    // numbers of earlier steps
    std::vector<Reason> why;   // what decided its place, at most two
    std::vector<int> handOff;  // areas, indices: finished, and where the hand would rest (see hand_rest.h)
    bool isEmpty = false;      // it was passed over, or what is left does without it: its number is kept
};

/// What is done in one go: steps by their numbers, the last one included.
struct Evening {
    int first = 1, last = 1;
    double minutes = 0;  // waits counted
    bool operator==(const Evening&) const = default;
};

/// A medium and its parts in a mixture.
struct MixPart {
    materials::Material medium;
    int parts = 1;
    bool operator==(const MixPart&) const = default;
};

/// A wash, or a dry layer that is rubbed in or brushed out, over whole areas at one pressure (of a wash: its strength).
struct GroundLayer {
    std::vector<MixPart> mixture;  // what is laid or rubbed, the largest share first; empty: what lies loose is
                                   // rubbed in, or a wash of alcohol
    pigment::Manner manner = pigment::Manner::wash;
    pigment::Pressure pressure = pigment::Pressure::medium;
    std::vector<int> areas;  // indices, rising
    Reason reason;
};

/// Whether it must dry before anything dry goes over it.
bool isWet(const GroundLayer& layer);

/// One way to begin, worked out for this subject.
struct GroundProposal {
    Ground strategy = Ground::none;
    std::vector<GroundLayer> layers;              // in their order
    std::vector<pigment::Patch> patches;          // what each area then is, by index
    std::vector<Ground> strategies;               // what each area's ground is, by index
    std::optional<GroundObstacle> obstacle = {};  // then it has no layers
    std::vector<RefusedGround> refused = {};      // of areas that have ways of their own
};

struct RankedPaper;
struct TriedGround;
using Ranking = std::shared_ptr<const std::vector<RankedPaper>>;
using Board = std::shared_ptr<const std::vector<TriedGround>>;

struct Summary {
    rendering::DifferenceFigures picture, squinted;  // of the sheet as the eye sees it
    double meanDifference = 0;                       // over the tones
    double unsteadyDifference = 0;
    double nearestStickDifference = 0;  // mean over the samples with the nearest single stick of the tray for each
    double minutes = 0;
    int stickChanges = 0;
    int stickChangesPlain = 0;  // of the plain order (see order.h)
};

/// All that follows from a study and the materials: derived, never edited.
struct Plan {
    std::shared_ptr<const Reading> reading;
    cv::Mat reference;                                // as it is wanted, under the plan's light (CV_8UC3, R G B)
    colour::Light light = colour::Light::daylight65;  // the study's
    materials::Paper paper;
    Cutting cutting;  // of its sheets
    cv::Mat grain;    // of the paper (see rendering::grainMap)
    std::vector<materials::Material> sticks;
    std::vector<matching::PreparedStick> prepared;  // of `sticks`
    GroundProposal ground;
    Ranking papers;  // best first; null where nobody asked (see comparison.h)
    Board grounds;   // likewise
    std::vector<PlannedStack> stacks;
    std::vector<int> stackOfArea;  // by index of the area
    cv::Mat stackMap;              // CV_32S, index of the stack
    std::vector<cv::Mat>
        pressures;           // pressure maps (CV_8U, see rendering::mapStep) of all first layers, second ones, ...
    rendering::RunIn runIn;  // where layers run out over soft and lost edges; its parts are the stacks
    std::vector<Step> steps;
    std::vector<Evening> evenings;  // empty where the study is not cut to evenings
    std::vector<Clash> clashes;     // of the reasons for their order
    std::vector<Note> notes;
    Summary summary;
    std::vector<std::string> areaNames;    // as in reading->areas.list; empty where the artist gave none
    pigment::HandSample hand;              // that it is for: as the work has shown it
    std::shared_ptr<const SeenWork> seen;  // how the sheet really stood when it was last checked; null: never was
    bool isCoarse = false;                 // a first plan: the search looked less widely
};

}  // namespace planning
