#pragma once

#include "materials/names.h"
#include "planning/study.h"

namespace planning {

/// The fields of a study, described once. What keeps figures within their bounds, knows what is stale and what a begun
/// sheet settles, moves what lies on the picture along with the frame, and writes and reads studies as JSON are all
/// visitors of this description. A visitor has, for a field and its value:
///
///     text(field, string)                      number(field, number, bounds)       flag(field, bool)
///     word(field, enum, named)                 optionalWord(field, optional enum, named)
///     numbers(field, vector, bounds, most)     rising numbers, fewer than `most`
///     object(field, struct)                    optionalObject(field, optional struct)
///     list(field, vector of structs)           index(field, int, list)             into the list, or -1
///     files(field, references)                 light(field, optional XYZ)
///     place(fieldX, fieldY, x, y)              a place in the frame, as two fields
///     line(field, line)                        in another picture
///     path(line)                               the whole of a struct, as its ends in the frame
///     scribbles(field, scribbles)              in the frame

/// What follows from a field, as flags: what must be found anew when it changes, and whether a begun sheet settles it.
enum class Affects : unsigned {
    nothing = 0,     // words and measures: no plan follows from them
    steps = 1,       // what comes after the search: layers set by hand, order, minutes and evenings
    stacks = 2,      // which layers are searched for each area
    candidates = 4,  // the trials of papers and of ways to begin
    reading = 8,     // the subject as it is read
    frame = 16,      // ... in its frame
    sheet = 32,      // the picture, its areas, the paper or what is laid first: settled once anything is laid
    // What most fields affect.
    plan = steps | stacks | candidates,
    read = plan | reading,
    framed = read | frame,
};
constexpr Affects operator|(Affects one, Affects other) {
    return Affects(unsigned(one) | unsigned(other));
}
constexpr bool any(Affects one, Affects other) {
    return (unsigned(one) & unsigned(other)) != 0;
}

struct Field {
    const char* name;   // in the file
    const char* words;  // in a sentence; the same where it is empty
    Affects affects = Affects::plan;
    bool isRequired = false;  // in every file; otherwise a file from before there was such a choice has the usual one
};

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, subject::ColourChoice>
void describe(Visitor& v, Choice& choice) {
    v.number({"chroma", "", Affects::read, true}, choice.chroma, factorBounds);
    v.number({"contrast", "", Affects::read, true}, choice.contrast, factorBounds);
    v.number({"lighter", "value steps lighter", Affects::read, true}, choice.lighter, lighterBounds);
    v.number({"warmer", "warmth", Affects::read, true}, choice.warmer, warmerBounds);
}

template <typename Visitor, typename FrameType>
requires std::same_as<std::remove_const_t<FrameType>, subject::Frame>
void describe(Visitor& v, FrameType& frame) {
    v.number({"centreX", "frame's centre", Affects::framed | Affects::sheet, true}, frame.centreX, fractionBounds);
    v.number({"centreY", "frame's centre", Affects::framed | Affects::sheet, true}, frame.centreY, fractionBounds);
    v.number({"width", "frame's width", Affects::framed | Affects::sheet, true}, frame.width, frameWidthBounds);
    v.number({"degrees", "frame's turn", Affects::framed | Affects::sheet, true}, frame.degrees, turnBounds);
    v.light({"grey", "", Affects::framed | Affects::sheet}, frame.grey);
}

template <typename Visitor, typename LineType>
requires std::same_as<std::remove_const_t<LineType>, subject::Line>
void describe(Visitor& v, LineType& line) {
    v.path(line);
}

template <typename Visitor, typename Edit>
requires std::same_as<std::remove_const_t<Edit>, subject::AreaEdit>
void describe(Visitor& v, Edit& edit) {
    v.word({"edit", "", Affects::read | Affects::sheet, true}, edit.kind, &subject::areaEditNamed);
    v.scribbles({"scribbles", "", Affects::read | Affects::sheet, true}, edit.scribbles);
}

template <typename Visitor, typename Borrowed>
requires std::same_as<std::remove_const_t<Borrowed>, Borrowing>
void describe(Visitor& v, Borrowed& borrowed) {
    v.number({"picture", "picture that colours are taken from", Affects::read, true}, borrowed.picture,
             Bounds{0, double(mostOthers) - 1});
    v.line({"part", "", Affects::read, true}, borrowed.part);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, OwnPart>
void describe(Visitor& v, Part& part) {
    v.text({"medium", "", Affects::plan | Affects::sheet, true}, part.medium);
    v.number({"parts", "parts of a mixture", Affects::plan | Affects::sheet, true}, part.parts, partsBounds);
}

template <typename Visitor, typename Mixed>
requires std::same_as<std::remove_const_t<Mixed>, OwnMixture>
void describe(Visitor& v, Mixed& mixed) {
    v.list({"parts", "", Affects::plan | Affects::sheet, true}, mixed.parts);
    v.number({"strength", "strength of a ground", Affects::plan | Affects::sheet, true}, mixed.strength,
             strengthBounds);
}

template <typename Visitor, typename LayerType>
requires std::same_as<std::remove_const_t<LayerType>, OwnLayer>
void describe(Visitor& v, LayerType& layer) {
    v.text({"stick", "", Affects::steps, true}, layer.stick);
    v.word({"manner", "", Affects::steps, true}, layer.manner, &pigment::mannerNamed);
    v.number({"heavier", "how heavily a layer is laid", Affects::steps, true}, layer.heavier, heavierBounds);
}

template <typename Visitor, typename Stack>
requires std::same_as<std::remove_const_t<Stack>, OwnStack>
void describe(Visitor& v, Stack& stack) {
    v.list({"layers", "", Affects::steps, true}, stack.layers);
}

template <typename Visitor, typename Barred>
requires std::same_as<std::remove_const_t<Barred>, BarredStick>
void describe(Visitor& v, Barred& barred) {
    v.text({"stick", "", Affects::plan, true}, barred.stick);
}

template <typename Visitor, typename Name>
requires std::same_as<std::remove_const_t<Name>, AreaChoice>
void describe(Visitor& v, Name& name) {
    // Where an area lies affects nothing by itself: what is said of it does.
    v.place({"x", "", Affects::nothing, true}, {"y", "", Affects::nothing, true}, name.x, name.y);
    v.text({"name", "", Affects::plan}, name.name);
    v.optionalWord({"plane", "", Affects::read}, name.plane, &subject::planeNamed);
    v.flag({"focal", "", Affects::read}, name.focal);
    v.optionalWord({"kind", "", Affects::read}, name.kind, &subject::areaKindNamed);
    v.object({"colour", "", Affects::read}, name.colour);
    v.optionalObject({"borrowed", "", Affects::read}, name.borrowed);
    v.optionalWord({"ground", "", Affects::plan | Affects::sheet}, name.ground, &groundNamed);
    v.optionalObject({"mixed", "", Affects::plan | Affects::sheet}, name.mixed);
    v.optionalObject({"stack", "", Affects::steps}, name.stack);
    v.list({"barred", ""}, name.barred);
}

template <typename Visitor, typename Face>
requires std::same_as<std::remove_const_t<Face>, NoFace>
void describe(Visitor& v, Face& face) {
    v.place({"x", "", Affects::read | Affects::sheet, true}, {"y", "", Affects::read | Affects::sheet, true}, face.x,
            face.y);
}

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, EdgeChoice>
void describe(Visitor& v, Choice& choice) {
    v.place({"x", "", Affects::read, true}, {"y", "", Affects::read, true}, choice.between.from.x,
            choice.between.from.y);
    v.place({"toX", "", Affects::read, true}, {"toY", "", Affects::read, true}, choice.between.to.x,
            choice.between.to.y);
    v.word({"edge", "", Affects::read, true}, choice.edge, &subject::edgeNamed);
}

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, StickChoice>
void describe(Visitor& v, Choice& choice) {
    v.text({"stick", "", Affects::plan, true}, choice.stick);
    v.word({"use", "", Affects::plan, true}, choice.use, &stickUseNamed);
    v.text({"instead", ""}, choice.instead);
}

template <typename Visitor, typename Limit>
requires std::same_as<std::remove_const_t<Limit>, FamilyLimit>
void describe(Visitor& v, Limit& limit) {
    v.word({"family", "", Affects::plan, true}, limit.family, &materials::familyNamed);
    v.number({"most", "sticks of a family", Affects::plan, true}, limit.most, familyBounds);
}

template <typename Visitor, typename End>
requires std::same_as<std::remove_const_t<End>, EveningEnd>
void describe(Visitor& v, End& end) {
    v.text({"step", "", Affects::steps, true}, end.step);
}

template <typename Visitor, typename Moved>
requires std::same_as<std::remove_const_t<Moved>, MovedLayer>
void describe(Visitor& v, Moved& moved) {
    v.text({"layer", "", Affects::steps, true}, moved.layer);
    v.text({"after", "", Affects::steps, true}, moved.after);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, MannerPace>
void describe(Visitor& v, Part& part) {
    v.word({"manner", "", Affects::steps | Affects::candidates, true}, part.manner, &pigment::mannerNamed);
    v.number({"factor", "pace", Affects::steps | Affects::candidates, true}, part.factor, paceBounds);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, MediumPace>
void describe(Visitor& v, Part& part) {
    v.word({"medium", "", Affects::steps | Affects::candidates, true}, part.medium, &materials::kindNamed);
    v.number({"factor", "pace", Affects::steps | Affects::candidates, true}, part.factor, paceBounds);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, SizePace>
void describe(Visitor& v, Part& part) {
    v.word({"size", "", Affects::steps | Affects::candidates, true}, part.size, &placeSizeNamed);
    v.number({"factor", "pace", Affects::steps | Affects::candidates, true}, part.factor, paceBounds);
}

template <typename Visitor, typename PaceType>
requires std::same_as<std::remove_const_t<PaceType>, Pace>
void describe(Visitor& v, PaceType& pace) {
    v.number({"all", "pace", Affects::steps | Affects::candidates, true}, pace.all, paceBounds);
    v.list({"manners", "", Affects::steps | Affects::candidates}, pace.manners);
    v.list({"media", "", Affects::steps | Affects::candidates}, pace.media);
    v.list({"sizes", "", Affects::steps | Affects::candidates}, pace.sizes);
}

template <typename Visitor, typename TouchType>
requires std::same_as<std::remove_const_t<TouchType>, pigment::HandSample>
void describe(Visitor& v, TouchType& touch) {
    v.number({"amount", "touch"}, touch.amount, touchBounds);
    v.number({"coverage", "touch"}, touch.coverage, touchBounds);
}

/// Its fields stand among the study's own.
template <typename Visitor, typename ApproachType>
requires std::same_as<std::remove_const_t<ApproachType>, Approach>
void describe(Visitor& v, ApproachType& approach) {
    v.word({"school", "", Affects::plan, true}, approach.stacks.school, &matching::schoolNamed);
    v.word({"ground", "", Affects::plan | Affects::sheet, true}, approach.ground, &groundNamed);
    v.word({"hardness", ""}, approach.stacks.hardness, &matching::hardnessNamed);
    v.word({"blending", ""}, approach.stacks.blending, &matching::blendingNamed);
    v.word({"black", ""}, approach.stacks.black, &matching::blackNamed);
    v.word({"fixative", ""}, approach.stacks.fixing, &matching::fixingNamed);
    v.word({"first", "", Affects::steps | Affects::candidates}, approach.first, &firstPartNamed);
    v.word({"progression", "", Affects::steps | Affects::candidates}, approach.progression, &progressionNamed);
    v.word({"colourIntensity", "", Affects::read}, approach.intensity, &intensityNamed);
    v.word({"highlights", "", Affects::read}, approach.highlights, &highlightsNamed);
}

template <typename Visitor, typename StudyType>
requires std::same_as<std::remove_const_t<StudyType>, Study>
void describe(Visitor& v, StudyType& study) {
    v.text({"title", "", Affects::nothing}, study.title);
    v.files({"others", "", Affects::read}, study.others);
    v.number({"widthMillimetres", "sheet width in mm", Affects::framed | Affects::sheet, true}, study.widthMillimetres,
             sheetBounds);
    v.number({"heightMillimetres", "sheet height in mm", Affects::framed | Affects::sheet, true},
             study.heightMillimetres, sheetBounds);
    v.object({"frame", "", Affects::framed | Affects::sheet}, study.frame);
    v.number({"areas", "number of areas", Affects::read | Affects::sheet, true}, study.areas, areaBounds);
    v.word({"parting", "", Affects::read | Affects::sheet}, study.parting, &subject::partingNamed);
    v.number({"valueLevels", "value steps", Affects::read, true}, study.valueLevels, levelBounds);
    v.numbers({"thresholds", "values at which masses part", Affects::read}, study.thresholds, thresholdBounds,
              std::size_t(levelBounds.most));
    v.number({"squint", "", Affects::read | Affects::sheet, true}, study.squint, fractionBounds);
    v.object({"colour", "", Affects::read}, study.colour);
    v.text({"paper", "", Affects::steps | Affects::stacks | Affects::sheet}, study.paper);
    v.text({"tray", ""}, study.tray);
    v.number({"stickLimit", "number of sticks", Affects::plan, true}, study.stickLimit, stickBounds);
    v.number({"layers", "layers an area", Affects::plan, true}, study.layers, layerBounds);
    v.word({"detail", ""}, study.detail, &detailNamed);
    describe(v, study.approach);
    v.list({"familyLimits", ""}, study.familyLimits);
    v.list({"stickChoices", ""}, study.stickChoices);
    v.word({"goal", "", Affects::steps | Affects::stacks}, study.goal, &goalNamed);
    v.word({"drying", "", Affects::steps}, study.drying, &dryingNamed);
    v.word({"hand", "", Affects::steps}, study.hand, &handNamed);
    v.object({"pace", "", Affects::steps | Affects::candidates}, study.pace);
    v.object({"touch", ""}, study.touch);
    v.number({"eveningMinutes", "minutes of an evening", Affects::steps}, study.eveningMinutes, eveningBounds);
    v.list({"eveningEnds", "", Affects::steps}, study.eveningEnds);
    v.list({"movedLayers", "", Affects::steps}, study.movedLayers);
    v.number({"borderMillimetres", "border in mm", Affects::steps | Affects::stacks}, study.borderMillimetres,
             borderBounds);
    v.number({"series", "number of pictures", Affects::steps | Affects::stacks}, study.series, seriesBounds);
    v.word({"light", ""}, study.light, &colour::lightNamed);
    v.list({"areaEdits", "", Affects::read | Affects::sheet}, study.areaEdits);
    v.list({"areaNames", "", Affects::nothing}, study.areaChoices);
    v.list({"noFaces", "", Affects::read | Affects::sheet}, study.noFaces);
    v.list({"pairs", "", Affects::read | Affects::sheet}, study.pairs);
    v.list({"edges", "", Affects::read}, study.edges);
    v.list({"directions", "", Affects::steps | Affects::stacks}, study.directions);
    v.list({"measures", "", Affects::nothing}, study.measures);
    v.index({"unit", "", Affects::nothing}, study.unit, study.measures);
}

/// Fields as text, exactly and in their order: what depends on the same choices has the same key. A file stands there
/// by its address: whoever keeps a key holds the references too (ChoiceKey does).
std::string keyOf(const Study& study, Affects what);

/// What is kept of earlier choices is known by this.
struct ChoiceKey {
    ChoiceKey(const Study& study, Affects what);
    std::string fields;
    std::shared_ptr<const ReferenceFile> reference;
    std::vector<std::shared_ptr<const ReferenceFile>> others;
    bool operator==(const ChoiceKey&) const = default;
};

/// Whether two studies differ in anything that affects one of these.
bool differIn(const Study& before, const Study& after, Affects what);

/// The names of the study's own fields in which two studies differ, in their order; "reference" for the leading one.
std::vector<std::string> changedFields(const Study& before, const Study& after);

/// Whether the change may no longer be made once a sheet is begun: of the picture, its frame and areas, the paper, and
/// what is laid first.
inline bool changesBegunSheet(const Study& before, const Study& after) {
    return differIn(before, after, Affects::sheet);
}

}  // namespace planning
