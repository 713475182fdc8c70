#pragma once

#include "materials/names.h"
#include "planning/study.h"

namespace planning {

/// The fields of a study, described once. What keeps figures within their bounds, knows when a reading is stale, moves
/// what lies on the picture along with the frame, and writes and reads studies as JSON are all visitors of this
/// description. A visitor has, for a field and its value:
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

/// What must be found anew when a field changes, besides the plan.
enum class Bears { nothing, reading, frame };

struct Field {
    const char* name;   // in the file
    const char* words;  // in a sentence; the same where it is empty
    Bears bears = Bears::nothing;
    bool isNeeded = false;  // in every file; otherwise a file from before there was such a choice has the usual one
};

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, subject::ColourChoice>
void describe(Visitor& v, Choice& choice) {
    v.number({"chroma", "", Bears::reading, true}, choice.chroma, factorBounds);
    v.number({"contrast", "", Bears::reading, true}, choice.contrast, factorBounds);
    v.number({"lighter", "value steps lighter", Bears::reading, true}, choice.lighter, lighterBounds);
    v.number({"warmer", "warmth", Bears::reading, true}, choice.warmer, warmerBounds);
}

template <typename Visitor, typename FrameType>
requires std::same_as<std::remove_const_t<FrameType>, subject::Frame>
void describe(Visitor& v, FrameType& frame) {
    v.number({"centreX", "frame's centre", Bears::frame, true}, frame.centreX, fractionBounds);
    v.number({"centreY", "frame's centre", Bears::frame, true}, frame.centreY, fractionBounds);
    v.number({"width", "frame's width", Bears::frame, true}, frame.width, frameWidthBounds);
    v.number({"degrees", "frame's turn", Bears::frame, true}, frame.degrees, turnBounds);
    v.light({"grey", "", Bears::frame}, frame.grey);
}

template <typename Visitor, typename LineType>
requires std::same_as<std::remove_const_t<LineType>, subject::Line>
void describe(Visitor& v, LineType& line) {
    v.path(line);
}

template <typename Visitor, typename Edit>
requires std::same_as<std::remove_const_t<Edit>, subject::AreaEdit>
void describe(Visitor& v, Edit& edit) {
    v.word({"edit", "", Bears::reading, true}, edit.kind, &subject::areaEditNamed);
    v.scribbles({"scribbles", "", Bears::reading, true}, edit.scribbles);
}

template <typename Visitor, typename Borrowed>
requires std::same_as<std::remove_const_t<Borrowed>, Borrowing>
void describe(Visitor& v, Borrowed& borrowed) {
    v.number({"picture", "picture that colours are taken from", Bears::reading, true}, borrowed.picture,
             Bounds{0, double(mostOthers) - 1});
    v.line({"part", "", Bears::reading, true}, borrowed.part);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, OwnPart>
void describe(Visitor& v, Part& part) {
    v.text({"medium", "", Bears::nothing, true}, part.medium);
    v.number({"parts", "parts of a mixture", Bears::nothing, true}, part.parts, partsBounds);
}

template <typename Visitor, typename Mixed>
requires std::same_as<std::remove_const_t<Mixed>, OwnMixture>
void describe(Visitor& v, Mixed& mixed) {
    v.list({"parts", "", Bears::nothing, true}, mixed.parts);
    v.number({"strength", "strength of a ground", Bears::nothing, true}, mixed.strength, strengthBounds);
}

template <typename Visitor, typename LayerType>
requires std::same_as<std::remove_const_t<LayerType>, OwnLayer>
void describe(Visitor& v, LayerType& layer) {
    v.text({"stick", "", Bears::nothing, true}, layer.stick);
    v.word({"manner", "", Bears::nothing, true}, layer.manner, &pigment::mannerNamed);
    v.number({"heavier", "how heavily a layer is laid", Bears::nothing, true}, layer.heavier, heavierBounds);
}

template <typename Visitor, typename Stack>
requires std::same_as<std::remove_const_t<Stack>, OwnStack>
void describe(Visitor& v, Stack& stack) {
    v.list({"layers", "", Bears::nothing, true}, stack.layers);
}

template <typename Visitor, typename Barred>
requires std::same_as<std::remove_const_t<Barred>, BarredStick>
void describe(Visitor& v, Barred& barred) {
    v.text({"stick", "", Bears::nothing, true}, barred.stick);
}

template <typename Visitor, typename Name>
requires std::same_as<std::remove_const_t<Name>, AreaChoice>
void describe(Visitor& v, Name& name) {
    v.place({"x", "", Bears::reading, true}, {"y", "", Bears::reading, true}, name.x, name.y);
    v.text({"name", ""}, name.name);
    v.optionalWord({"plane", "", Bears::reading}, name.plane, &subject::planeNamed);
    v.flag({"focal", "", Bears::reading}, name.focal);
    v.optionalWord({"kind", "", Bears::reading}, name.kind, &subject::areaKindNamed);
    v.object({"colour", "", Bears::reading}, name.colour);
    v.optionalObject({"borrowed", "", Bears::reading}, name.borrowed);
    v.optionalWord({"ground", ""}, name.ground, &groundNamed);
    v.optionalObject({"mixed", ""}, name.mixed);
    v.optionalObject({"stack", ""}, name.stack);
    v.list({"barred", ""}, name.barred);
}

template <typename Visitor, typename Face>
requires std::same_as<std::remove_const_t<Face>, NoFace>
void describe(Visitor& v, Face& face) {
    v.place({"x", "", Bears::reading, true}, {"y", "", Bears::reading, true}, face.x, face.y);
}

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, EdgeChoice>
void describe(Visitor& v, Choice& choice) {
    v.place({"x", "", Bears::reading, true}, {"y", "", Bears::reading, true}, choice.between.from.x,
            choice.between.from.y);
    v.place({"toX", "", Bears::reading, true}, {"toY", "", Bears::reading, true}, choice.between.to.x,
            choice.between.to.y);
    v.word({"edge", "", Bears::reading, true}, choice.edge, &subject::edgeNamed);
}

template <typename Visitor, typename Choice>
requires std::same_as<std::remove_const_t<Choice>, StickChoice>
void describe(Visitor& v, Choice& choice) {
    v.text({"stick", "", Bears::nothing, true}, choice.stick);
    v.word({"use", "", Bears::nothing, true}, choice.use, &stickUseNamed);
    v.text({"instead", ""}, choice.instead);
}

template <typename Visitor, typename Limit>
requires std::same_as<std::remove_const_t<Limit>, FamilyLimit>
void describe(Visitor& v, Limit& limit) {
    v.word({"family", "", Bears::nothing, true}, limit.family, &materials::familyNamed);
    v.number({"most", "sticks of a family", Bears::nothing, true}, limit.most, familyBounds);
}

template <typename Visitor, typename End>
requires std::same_as<std::remove_const_t<End>, EveningEnd>
void describe(Visitor& v, End& end) {
    v.text({"step", "", Bears::nothing, true}, end.step);
}

template <typename Visitor, typename Moved>
requires std::same_as<std::remove_const_t<Moved>, MovedLayer>
void describe(Visitor& v, Moved& moved) {
    v.text({"layer", "", Bears::nothing, true}, moved.layer);
    v.text({"after", "", Bears::nothing, true}, moved.after);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, MannerPace>
void describe(Visitor& v, Part& part) {
    v.word({"manner", "", Bears::nothing, true}, part.manner, &pigment::mannerNamed);
    v.number({"factor", "pace", Bears::nothing, true}, part.factor, paceBounds);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, MediumPace>
void describe(Visitor& v, Part& part) {
    v.word({"medium", "", Bears::nothing, true}, part.medium, &materials::kindNamed);
    v.number({"factor", "pace", Bears::nothing, true}, part.factor, paceBounds);
}

template <typename Visitor, typename Part>
requires std::same_as<std::remove_const_t<Part>, SizePace>
void describe(Visitor& v, Part& part) {
    v.word({"size", "", Bears::nothing, true}, part.size, &placeSizeNamed);
    v.number({"factor", "pace", Bears::nothing, true}, part.factor, paceBounds);
}

template <typename Visitor, typename PaceType>
requires std::same_as<std::remove_const_t<PaceType>, Pace>
void describe(Visitor& v, PaceType& pace) {
    v.number({"all", "pace", Bears::nothing, true}, pace.all, paceBounds);
    v.list({"manners", ""}, pace.manners);
    v.list({"media", ""}, pace.media);
    v.list({"sizes", ""}, pace.sizes);
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
    v.word({"school", "", Bears::nothing, true}, approach.stacks.school, &matching::schoolNamed);
    v.word({"ground", "", Bears::nothing, true}, approach.ground, &groundNamed);
    v.word({"hardness", ""}, approach.stacks.hardness, &matching::hardnessNamed);
    v.word({"blending", ""}, approach.stacks.blending, &matching::blendingNamed);
    v.word({"black", ""}, approach.stacks.black, &matching::blackNamed);
    v.word({"fixative", ""}, approach.stacks.fixing, &matching::fixingNamed);
    v.word({"first", ""}, approach.first, &firstPartNamed);
    v.word({"progression", ""}, approach.progression, &progressionNamed);
    v.word({"colourIntensity", "", Bears::reading}, approach.intensity, &intensityNamed);
    v.word({"highlights", "", Bears::reading}, approach.highlights, &highlightsNamed);
}

template <typename Visitor, typename StudyType>
requires std::same_as<std::remove_const_t<StudyType>, Study>
void describe(Visitor& v, StudyType& study) {
    v.text({"title", ""}, study.title);
    v.files({"others", "", Bears::reading}, study.others);
    v.number({"widthMillimetres", "sheet width in mm", Bears::frame, true}, study.widthMillimetres, sheetBounds);
    v.number({"heightMillimetres", "sheet height in mm", Bears::frame, true}, study.heightMillimetres, sheetBounds);
    v.object({"frame", "", Bears::frame}, study.frame);
    v.number({"areas", "number of areas", Bears::reading, true}, study.areas, areaBounds);
    v.word({"parting", "", Bears::reading}, study.parting, &subject::partingNamed);
    v.number({"valueLevels", "value steps", Bears::reading, true}, study.valueLevels, levelBounds);
    v.numbers({"thresholds", "values at which masses part", Bears::reading}, study.thresholds, thresholdBounds,
              std::size_t(levelBounds.most));
    v.number({"squint", "", Bears::reading, true}, study.squint, fractionBounds);
    v.object({"colour", "", Bears::reading}, study.colour);
    v.text({"paper", ""}, study.paper);
    v.text({"tray", ""}, study.tray);
    v.number({"stickLimit", "number of sticks", Bears::nothing, true}, study.stickLimit, stickBounds);
    v.number({"layers", "layers an area", Bears::nothing, true}, study.layers, layerBounds);
    v.word({"detail", ""}, study.detail, &detailNamed);
    describe(v, study.approach);
    v.list({"familyLimits", ""}, study.familyLimits);
    v.list({"stickChoices", ""}, study.stickChoices);
    v.word({"goal", ""}, study.goal, &goalNamed);
    v.word({"drying", ""}, study.drying, &dryingNamed);
    v.word({"hand", ""}, study.hand, &handNamed);
    v.object({"pace", ""}, study.pace);
    v.object({"touch", ""}, study.touch);
    v.number({"eveningMinutes", "minutes of an evening"}, study.eveningMinutes, eveningBounds);
    v.list({"eveningEnds", ""}, study.eveningEnds);
    v.list({"movedLayers", ""}, study.movedLayers);
    v.number({"borderMillimetres", "border in mm"}, study.borderMillimetres, borderBounds);
    v.number({"series", "number of pictures"}, study.series, seriesBounds);
    v.word({"light", ""}, study.light, &colour::lightNamed);
    v.list({"areaEdits", "", Bears::reading}, study.areaEdits);
    v.list({"areaNames", "", Bears::reading}, study.areaChoices);
    v.list({"noFaces", "", Bears::reading}, study.noFaces);
    v.list({"pairs", "", Bears::reading}, study.pairs);
    v.list({"edges", "", Bears::reading}, study.edges);
    v.list({"directions", ""}, study.directions);
    v.list({"measures", ""}, study.measures);
    v.index({"unit", ""}, study.unit, study.measures);
}

/// Fields as text, exactly and in their order: what depends on the same choices has the same key.
std::string keyOf(const Study& study, Bears bears);

}  // namespace planning
