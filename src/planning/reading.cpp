#include "planning/reading.h"

#include <algorithm>
#include <opencv2/core.hpp>

#include "colour/image_colour.h"
#include "common/parallel.h"
#include "planning/study_fields.h"
#include "rendering/sheet_picture.h"
#include "subject/areas_by_colour.h"
#include "subject/borrowed.h"
#include "subject/chosen_edges.h"
#include "subject/reduced.h"
#include "subject/squint.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

namespace {

double formatOf(const Study& study) {
    return study.widthMillimetres / study.heightMillimetres;
}

/// What the artist says of areas goes before what is proposed.
void overrule(subject::Areas& areas, const Study& study) {
    if (std::ranges::any_of(study.areaChoices, &AreaChoice::focal))
        for (subject::Area& area : areas.list) area.focal = false;
    const auto areaAt = [&](double x, double y) -> subject::Area& {
        return areas.list[std::size_t(subject::labelAt(areas.map, x, y))];
    };
    for (const AreaChoice& name : study.areaChoices) {
        subject::Area& area = areaAt(name.x, name.y);
        if (name.plane) {
            area.plane = *name.plane;
            area.planeWhy.clear();
        }
        if (name.focal) area.focal = true;
        if (name.kind) area.kind = *name.kind;
    }
    for (const subject::Line& pair : study.pairs) {
        const subject::Area &one = areaAt(pair.from.x, pair.from.y), &other = areaAt(pair.to.x, pair.to.y);
        const int first = std::min(one.together, other.together), second = std::max(one.together, other.together);
        // What is planned as one lies in one plane: the nearer.
        const subject::Plane plane = std::max(one.plane, other.plane);
        for (subject::Area& area : areas.list)
            if (area.together == first || area.together == second) {
                area.together = first;
                area.plane = plane;
            }
    }
}

/// The areas (indices) that an edge is chosen between.
std::pair<int, int> betweenOf(const EdgeChoice& choice, const Reading& reading) {
    const auto at = [&](const subject::Place& p) { return subject::labelAt(reading.areas.map, p.x, p.y); };
    return {at(choice.between.from), at(choice.between.to)};
}

/// Colour that competes with life, and lights a little above those of the reference (L*): this program's figures for
/// what artists do by feel.
constexpr subject::ColourChoice pushedColour{1.15, 1.05};
constexpr double strongerLights = 5;

/// The subject as it is meant to stand on the sheet: borrowed colours, then the choices for areas, then for the whole,
/// then for edges.
void choose(Reading& reading, const Study& study, const Kept& kept) {
    const bool isChosen = !study.edges.empty() || study.colour != subject::ColourChoice{} ||
                          study.approach.intensity != Intensity::faithful ||
                          study.approach.highlights != Highlights::asSeen ||
                          std::ranges::any_of(study.areaChoices, [](const AreaChoice& name) {
                              return name.borrowed || name.colour != subject::ColourChoice{};
                          });
    reading.wanted = reading.coloured = reading.lab;
    reading.wantedSquinted = reading.squinted;
    reading.wantedPicture = reading.picture;
    if (!isChosen) return;
    reading.wanted = reading.lab.clone();
    reading.wantedSquinted = reading.squinted.clone();
    for (const AreaChoice& name : study.areaChoices) {
        if (!name.borrowed) continue;
        const cv::Mat mask = reading.areas.map == subject::labelAt(reading.areas.map, name.x, name.y);
        const subject::Borrowed borrowed(kept.others[std::size_t(name.borrowed->picture)].lab, name.borrowed->part);
        borrowed.layOn(reading.wanted, reading.wantedSquinted, mask);
    }
    reading.coloured = reading.wanted.clone();
    for (const AreaChoice& name : study.areaChoices) {
        const cv::Mat mask = reading.areas.map == subject::labelAt(reading.areas.map, name.x, name.y);
        const double middle = cv::mean(reading.wantedSquinted, mask)[0];
        for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted})
            subject::choose(*lab, name.colour, middle, mask);
    }
    const double middle = cv::mean(reading.wantedSquinted)[0];
    for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted}) subject::choose(*lab, study.colour, middle);
    for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted}) {
        if (study.approach.intensity == Intensity::pushed) subject::choose(*lab, pushedColour, middle);
        if (study.approach.highlights == Highlights::stronger) subject::strengthenLights(*lab, strongerLights);
    }
    for (const EdgeChoice& choice : study.edges) {
        const auto [one, other] = betweenOf(choice, reading);
        for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted})
            subject::bringToEdge(*lab, reading.areas.map, reading.edges, one, other, choice.edge);
        subject::setEdge(reading.edges, reading.areas.map, one, other, choice.edge);
    }
    reading.wantedPicture = colour::srgb8ImageFromLab(reading.wanted);
}

/// Found anew where colours were chosen, and kept where the picture is as it came in.
subject::Masses masses(const Reading& reading, const Study& study, Kept::Seen& seen) {
    const auto found = [&] {
        return study.thresholds.empty() ? subject::valueMasses(reading.wantedSquinted, study.valueLevels)
                                        : subject::massesParted(reading.wantedSquinted, study.thresholds);
    };
    if (reading.wantedSquinted.data != seen.squinted.data) return found();
    if (seen.masses.map.empty() || seen.levels != study.valueLevels || seen.thresholds != study.thresholds) {
        seen.masses = found();
        seen.levels = study.valueLevels;
        seen.thresholds = study.thresholds;
    }
    return seen.masses;
}

/// Sees to it that `kept` holds the study's picture.
std::optional<Problem> decode(const Study& study, Kept& kept) {
    if (!study.reference) return Problem{ProblemKind::fileMissing, ""};
    if (kept.picture && kept.reference == study.reference) return std::nullopt;
    auto picture = subject::readPicture(study.reference->bytes, study.reference->name, heldLongSide);
    if (!picture) return picture.problem();
    kept.reference = study.reference;
    kept.picture = std::make_shared<subject::Picture>(*std::move(picture));
    kept.whole.release();
    kept.reading.reset();
    kept.frameKey.clear();
    kept.seen.reset();
    kept.parted.reset();
    return std::nullopt;
}

/// And in its frame.
void frame(const Study& study, Kept& kept) {
    const std::string key = keyOf(study, Affects::frame);
    if (kept.frameKey == key) return;
    kept.frameKey = key;
    kept.framed = subject::framed(kept.picture->xyz, study.frame, formatOf(study), readLongSide);
    kept.framedPicture = colour::srgb8ImageFromXyz(kept.framed);
}

/// Those of the faces found that the artist left.
std::vector<subject::Face> facesLeft(const std::vector<subject::Face>& found, const Study& study) {
    std::vector<subject::Face> left;
    for (const subject::Face& face : found)
        if (std::ranges::none_of(study.noFaces, [&](const NoFace& no) { return subject::holds(face, {no.x, no.y}); }))
            left.push_back(face);
    return left;
}

/// And what is seen of it, also with half-closed eyes, and beside that how it falls into areas.
void look(const Study& study, Kept& kept) {
    const bool isSeen = kept.seen && kept.seen->frameKey == kept.frameKey;
    const bool isSquinted = isSeen && kept.seen->squint == study.squint;
    const bool isParted =
        study.parting != subject::Parting::byThings || (kept.parted && kept.parted->frameKey == kept.frameKey);
    if (isSquinted && isParted) return;
    Kept::Seen seen;
    seen.frameKey = kept.frameKey;
    seen.squint = study.squint;
    if (isSeen) {
        seen.lab = kept.seen->lab;
        seen.edgeView = kept.seen->edgeView;
    } else {
        seen.lab = kept.framed.clone();
        colour::toLab(seen.lab);
    }
    Kept::Parted parted{kept.frameKey, {}, {}, {}};
    common::together(
        [&] {
            if (!isParted) parted.tree = subject::areaTreeOf(seen.lab);
        },
        [&] {
            if (!isSeen) seen.edgeView = subject::edgeViewOf(seen.lab);
            if (!isSquinted) seen.squinted = subject::squinted(seen.lab, study.squint);
            if (isParted) return;
            parted.faces = subject::facesIn(kept.framedPicture, seen.lab);
            parted.grain = subject::grainOf(seen.lab);
        });
    if (!isSquinted) kept.seen = std::move(seen);
    if (!isParted) kept.parted = std::move(parted);
}

/// And the other references, in the study's order.
std::optional<Problem> decodeOthers(const Study& study, Kept& kept) {
    std::vector<Kept::Other> others;
    for (const auto& file : study.others) {
        const auto known = std::ranges::find(kept.others, file, &Kept::Other::file);
        if (known != kept.others.end()) {
            others.push_back(*known);
            continue;
        }
        auto picture = subject::readPicture(file->bytes, file->name, readLongSide);
        if (!picture) return picture.problem();
        const cv::Mat shown = colour::srgb8ImageFromXyz(picture->xyz);
        cv::Mat lab = picture->xyz;
        colour::toLab(lab);
        others.push_back({file, lab, shown});
    }
    kept.others = std::move(others);
    return std::nullopt;
}

}  // namespace

cv::Mat grainKept(Kept& kept, materials::Surface surface, cv::Size size, double millimetresPerPixel) {
    const bool isKept = kept.grain && kept.grain->surface == surface && kept.grain->map.size() == size &&
                        kept.grain->millimetresPerPixel == millimetresPerPixel;
    if (!isKept) kept.grain = {surface, millimetresPerPixel, rendering::grainMap(surface, size, millimetresPerPixel)};
    return kept.grain->map;
}

common::Result<cv::Mat> readReference(const Study& study, Kept& kept) {
    if (auto problem = decode(study, kept)) return *problem;
    frame(study, kept);
    return kept.framedPicture;
}

common::Result<std::shared_ptr<const Reading>> readSubject(const Study& study, Kept& kept) {
    if (auto problem = outOfBounds(study)) return *problem;
    if (auto problem = decode(study, kept)) return *problem;
    if (auto problem = decodeOthers(study, kept)) return *problem;
    const std::string key = keyOf(study, Affects::reading);
    if (kept.reading && kept.readingKey == key) return kept.reading;

    auto reading = std::make_shared<Reading>();
    reading->reference = kept.picture->xyz.size();
    reading->source = kept.picture->sourcePixels;
    frame(study, kept);
    reading->xyz = kept.framed;
    look(study, kept);
    reading->lab = kept.seen->lab;
    reading->picture = kept.framedPicture;
    reading->squinted = kept.seen->squinted;
    const bool isByThings = study.parting == subject::Parting::byThings;
    const auto faces = isByThings ? facesLeft(kept.parted->faces, study) : std::vector<subject::Face>();
    const cv::Mat regions = isByThings ? subject::withFaces(subject::regionsAt(kept.parted->tree, study.areas), faces)
                                       : subject::regionsByColour(reading->squinted, study.areas);
    reading->areas = subject::edited(regions, reading->squinted, study.areaEdits);
    // What areas are and how they meet: the one changes their list, the other looks at their map.
    common::together(
        [&] {
            if (isByThings) subject::recognise(reading->areas, kept.parted->grain, faces);
            overrule(reading->areas, study);
        },
        [&] { reading->edges = subject::edgesOf(reading->areas, kept.seen->edgeView); });
    choose(*reading, study, kept);
    reading->masses = masses(*reading, study, *kept.seen);
    if (kept.whole.empty()) kept.whole = colour::srgb8ImageFromXyz(subject::reduced(kept.picture->xyz, 480));
    reading->whole = kept.whole;
    for (const Kept::Other& other : kept.others) reading->others.push_back(other.picture);
    kept.readingKey = key;
    kept.reading = reading;
    return kept.reading;
}

}  // namespace planning
