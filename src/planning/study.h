#pragma once

#include <cmath>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "colour/light.h"
#include "common/file.h"
#include "common/problem.h"
#include "materials/families.h"
#include "pigment/hand.h"
#include "planning/approach.h"
#include "planning/pace.h"
#include "subject/area_edits.h"
#include "subject/colour_choice.h"
#include "subject/edges.h"
#include "subject/frame.h"

namespace planning {

/// How far the marks go into detail: twice as large as usual, usual, half as large.
enum class Detail { suggest, usual, fine };
std::string_view nameOf(Detail detail);
std::optional<Detail> detailNamed(std::string_view name);

/// What counts most where papers and grounds are weighed.
enum class Goal { truestColour, leastWork, mostSparkle, mostVivid };
std::string_view nameOf(Goal goal);
std::optional<Goal> goalNamed(std::string_view name);

/// How a wash is dried.
enum class Drying { air, hairDryer, heatGun };
std::string_view nameOf(Drying drying);
std::optional<Drying> dryingNamed(std::string_view name);

/// The hand that works.
enum class Hand { right, left };
std::string_view nameOf(Hand hand);
std::optional<Hand> handNamed(std::string_view name);

/// Where an area takes its colours from: a part of another reference, by two opposite corners in it.
struct Borrowing {
    int picture = 0;  // index into Study::others
    subject::Line part;
    bool operator==(const Borrowing&) const = default;
};

/// A ground that the artist mixes for an area: media by their ids with their parts, and how strongly it is laid. Wet
/// paint is washed on, a stick rubbed in.
struct OwnPart {
    std::string medium;
    int parts = 1;
    bool operator==(const OwnPart&) const = default;
};
struct OwnMixture {
    std::vector<OwnPart> parts;
    int strength = 2;  // as a pressure: 1 light or thin, 3 heavy or thick
    bool operator==(const OwnMixture&) const = default;
};

/// A layer that the artist sets: a stick by its id in a manner, or a tool that blends or fixes (no stick); lighter (-1)
/// or heavier (1) over all than the area's colours ask for.
struct OwnLayer {
    std::string stick;
    pigment::Manner manner = pigment::Manner::scumble;
    int heavier = 0;
    bool operator==(const OwnLayer&) const = default;
};
/// An area's layers, set by hand from the ground up: the plan is made around them.
struct OwnStack {
    std::vector<OwnLayer> layers;
    bool operator==(const OwnStack&) const = default;
};

/// A stick by its id.
struct BarredStick {
    std::string stick;
    bool operator==(const BarredStick&) const = default;
};

/// What the artist says of the area in which a point lies (fractions of the sheet's width and height).
struct AreaChoice {
    double x = 0, y = 0;
    std::string name;                            // empty: described by its colour and place
    std::optional<subject::Plane> plane = {};    // as proposed if it is not said
    bool focal = false;                          // it is what the picture is about; goes before what is proposed
    std::optional<subject::AreaKind> kind = {};  // as proposed if it is not said
    subject::ColourChoice colour = {};           // on top of the study's
    std::optional<Borrowing> borrowed = {};
    std::optional<Ground> ground = {};     // as the whole picture's if it is not said
    std::optional<OwnMixture> mixed = {};  // goes before any other
    std::optional<OwnStack> stack = {};    // found by the plan if it is not said
    std::vector<BarredStick> barred = {};  // that the plan is not to lay here
    bool operator==(const AreaChoice&) const = default;
};

/// A place in what was taken for a face and is none.
struct NoFace {
    double x = 0, y = 0;
    bool operator==(const NoFace&) const = default;
};

/// How the areas in which the line's ends lie meet, whatever the reference shows.
struct EdgeChoice {
    subject::Line between;
    subject::Edge edge = subject::Edge::hard;
    bool operator==(const EdgeChoice&) const = default;
};

/// What the artist says of a stick, whatever the plan would do: it is used, it is not, or it is missing and another is
/// laid in its place.
enum class StickUse { pinned, barred, replaced };
std::string_view nameOf(StickUse use);
std::optional<StickUse> stickUseNamed(std::string_view name);
struct StickChoice {
    std::string stick;  // id
    StickUse use = StickUse::pinned;
    std::string instead = {};  // id, of what is laid in the place of one that is replaced
    bool operator==(const StickChoice&) const = default;
};

/// How many sticks of a family of colours there may be; none: no paint of it either.
struct FamilyLimit {
    materials::ColourFamily family = materials::ColourFamily::greys;
    int most = 0;
    bool operator==(const FamilyLimit&) const = default;
};

/// Where the artist ends an evening: after this step, by its key.
struct EveningEnd {
    std::string step;
    bool operator==(const EveningEnd&) const = default;
};

/// A layer that the artist lays at another time: right after another layer, both by their keys; after none, right after
/// the ground.
struct MovedLayer {
    std::string layer, after;
    bool operator==(const MovedLayer&) const = default;
};

/// The reference as it came in. Held once and shared by all states of the study; equal if the bytes are.
struct ReferenceFile {
    std::string name;
    common::Bytes bytes;
};

/// What the artist chose: saved, undoable, compared by value.
struct Study {
    std::string title;
    std::shared_ptr<const ReferenceFile> reference;            // the leading one
    std::vector<std::shared_ptr<const ReferenceFile>> others;  // areas may take their colours from these
    double widthMillimetres = 400;
    double heightMillimetres = 300;
    subject::Frame frame;
    int areas = 12;
    subject::Parting parting = subject::Parting::byThings;
    int valueLevels = 5;
    std::vector<double> thresholds;  // Munsell values at which the masses part, rising; empty: where it is exact
    double squint = 0.4;             // 0..1
    subject::ColourChoice colour;    // of the whole picture
    std::string paper;               // id; empty takes the best ranked
    std::string tray;                // out of which the materials were taken; empty for the whole drawer
    int stickLimit = 24;
    int layers = 4;  // of sticks at most, an area
    Detail detail = Detail::usual;
    Approach approach;
    std::vector<FamilyLimit> familyLimits;  // each family once; what is pinned is let be
    std::vector<StickChoice> stickChoices;
    Goal goal = Goal::truestColour;
    Drying drying = Drying::air;
    Hand hand = Hand::right;
    Pace pace;                  // at which the artist works
    pigment::HandSample touch;  // by which she lays and covers, beside the usual hand
    int eveningMinutes = 0;     // the work is cut to evenings as long as this; 0: it is not
    std::vector<EveningEnd> eveningEnds;
    std::vector<MovedLayer> movedLayers;  // one move after the other
    double borderMillimetres = 0;         // under the tape, on each side of the picture
    int series = 1;                       // pictures of this size on the same paper
    std::vector<subject::AreaEdit> areaEdits;
    std::vector<AreaChoice> areaChoices;
    std::vector<NoFace> noFaces;       // finds that were wrong
    std::vector<subject::Line> pairs;  // the areas in which the ends lie are planned together
    std::vector<EdgeChoice> edges;
    std::vector<subject::Line> directions;  // arrows: the strokes of the area in which one begins run along it
    std::vector<subject::Line> measures;
    int unit = -1;  // of the measures, the one that the others are told in; -1 for none
    colour::Light light = colour::Light::daylight65;  // that the finished picture will be seen under

    bool operator==(const Study&) const = default;
};

/// Moves what lies on the picture along when the frame is another one; what lies outside it then is let go.
void moveWithFrame(Study& study, const subject::FramePlace& before, const subject::FramePlace& after);

/// What a study may hold; the interface, the files and the command line all keep to it.
struct Bounds {
    double least, most;
    bool holds(double v) const { return std::isfinite(v) && v >= least && v <= most; }
};
inline constexpr Bounds fractionBounds{0, 1};
inline constexpr Bounds sheetBounds{50, 2000};                         // millimetres
inline constexpr Bounds frameWidthBounds{0, subject::mostFrameWidth};  // of the reference's width
inline constexpr Bounds turnBounds{-360, 360};                         // degrees
inline constexpr Bounds areaBounds{2, 40};
inline constexpr Bounds levelBounds{2, 9};
inline constexpr Bounds thresholdBounds{0, 10};   // Munsell value
inline constexpr Bounds factorBounds{0, 2};       // of chroma and contrast
inline constexpr Bounds lighterBounds{-3, 3};     // value steps
inline constexpr Bounds warmerBounds{-20, 20};    // CIELAB units
inline constexpr std::size_t mostLetters = 1000;  // of a title or a name
inline constexpr std::size_t mostOthers = 8;      // references beside the leading one
inline constexpr Bounds stickBounds{3, 200};
inline constexpr Bounds familyBounds{0, 200};
inline constexpr Bounds layerBounds{2, 6};
inline constexpr Bounds partsBounds{1, 9};
inline constexpr Bounds heavierBounds{-1, 1};
inline constexpr Bounds strengthBounds{1, 3};
inline constexpr std::size_t mostOwnParts = 3;  // more make mud
inline constexpr Bounds eveningBounds{0, 600};  // minutes
inline constexpr Bounds paceBounds{0.1, 10};    // a factor
inline constexpr Bounds touchBounds{0.3, 3};    // likewise
inline constexpr Bounds borderBounds{0, 100};   // millimetres
inline constexpr Bounds seriesBounds{1, 100};

/// The first figure that is out of bounds; nullopt if the study can be planned.
std::optional<common::Problem> outOfBounds(const Study& study);

}  // namespace planning
