#include "planning/planner.h"

#include <tbb/global_control.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <array>
#include <cstdint>
#include <cstdio>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/reflectance.h"
#include "matching/palette.h"
#include "planning/notes.h"
#include "planning/order.h"
#include "planning/paper_ranking.h"
#include "planning/underpainting.h"
#include "subject/borrowed.h"
#include "subject/squint.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

namespace {

double formatOf(const Study& study) {
    return study.widthMillimetres / study.heightMillimetres;
}

/// Numbers as text, exactly and in their order: what depends on the same numbers has the same key.
class Key {
 public:
    Key& operator<<(double v) {
        char text[32];
        std::snprintf(text, sizeof text, "%.17g ", v);
        text_ += text;
        return *this;
    }
    Key& operator<<(const char* word) {
        text_ += word;
        return *this;
    }
    Key& operator<<(const subject::Place& place) { return *this << place.x << place.y; }
    Key& operator<<(const subject::ColourChoice& c) { return *this << c.chroma << c.contrast << c.lighter << c.warmer; }
    std::string text() && { return std::move(text_); }

 private:
    std::string text_;
};

/// The part of the study that its frame depends on, besides the reference.
std::string frameKeyOf(const Study& study) {
    const subject::Frame& frame = study.frame;
    Key key;
    key << formatOf(study) << frame.centreX << frame.centreY << frame.width << frame.degrees;
    if (frame.grey) key << "grey " << frame.grey->x << frame.grey->y << frame.grey->z;
    return std::move(key).text();
}

/// And its reading.
std::string readingKeyOf(const Study& study) {
    Key key;
    key << frameKeyOf(study).c_str() << study.areas << study.valueLevels << study.squint << study.colour
        << "thresholds ";
    for (const double value : study.thresholds) key << value;
    for (const subject::AreaEdit& edit : study.areaEdits) {
        key << "edit " << double(edit.kind);
        for (const subject::Scribble& scribble : edit.scribbles) {
            key << "scribble ";
            for (const subject::Place& place : scribble) key << place;
        }
    }
    for (const AreaName& name : study.areaNames) {
        key << "area " << name.x << name.y << (name.plane ? double(*name.plane) : -1.0) << double(name.focal)
            << double(name.kind) << name.colour;
        if (name.borrowed)
            key << "from " << name.borrowed->picture << name.borrowed->part.from << name.borrowed->part.to;
    }
    // A file's own address stands for it: it is held as long as what was read of it.
    for (const auto& other : study.others) key << "other " << double(reinterpret_cast<std::uintptr_t>(other.get()));
    for (const subject::Line& pair : study.pairs) key << "pair " << pair.from << pair.to;
    return std::move(key).text();
}

/// What the artist says of areas goes before what is proposed.
void overrule(subject::Areas& areas, const Study& study) {
    if (std::ranges::any_of(study.areaNames, &AreaName::focal))
        for (subject::Area& area : areas.list) area.focal = false;
    const auto areaAt = [&](double x, double y) -> subject::Area& {
        return areas.list[std::size_t(subject::labelAt(areas.map, x, y))];
    };
    for (const AreaName& name : study.areaNames) {
        subject::Area& area = areaAt(name.x, name.y);
        if (name.plane) area.plane = *name.plane;
        if (name.focal) area.focal = true;
        area.kind = name.kind;
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

/// The subject as it is meant to stand on the sheet: borrowed colours, then the choices for areas, then for the whole.
void choose(Reading& reading, const Study& study, const Kept& kept) {
    const bool isChosen =
        study.colour != subject::ColourChoice{} || std::ranges::any_of(study.areaNames, [](const AreaName& name) {
            return name.borrowed || name.colour != subject::ColourChoice{};
        });
    reading.wanted = reading.coloured = reading.lab;
    reading.wantedSquinted = reading.squinted;
    reading.wantedPicture = reading.picture;
    if (!isChosen) return;
    reading.wanted = reading.lab.clone();
    reading.wantedSquinted = reading.squinted.clone();
    for (const AreaName& name : study.areaNames) {
        if (!name.borrowed) continue;
        const cv::Mat mask = reading.areas.map == subject::labelAt(reading.areas.map, name.x, name.y);
        const subject::Borrowed borrowed(kept.others[std::size_t(name.borrowed->picture)].lab, name.borrowed->part);
        borrowed.layOn(reading.wanted, reading.wantedSquinted, mask);
    }
    reading.coloured = reading.wanted.clone();
    for (const AreaName& name : study.areaNames) {
        const cv::Mat mask = reading.areas.map == subject::labelAt(reading.areas.map, name.x, name.y);
        const double middle = cv::mean(reading.wantedSquinted, mask)[0];
        for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted})
            subject::choose(*lab, name.colour, middle, mask);
    }
    const double middle = cv::mean(reading.wantedSquinted)[0];
    for (cv::Mat* lab : {&reading.wanted, &reading.wantedSquinted}) subject::choose(*lab, study.colour, middle);
    reading.wantedPicture = colour::srgb8ImageFromLab(reading.wanted);
}

std::optional<Problem> outOfBounds(const Study& study) {
    const auto check = [](const char* what, double v, const Bounds& bounds) -> std::optional<Problem> {
        if (bounds.holds(v)) return std::nullopt;
        char text[64], allowed[64];
        std::snprintf(text, sizeof text, "%g", v);
        std::snprintf(allowed, sizeof allowed, "%g to %g", bounds.least, bounds.most);
        return Problem{ProblemKind::numberBad, what, 0, text, allowed};
    };
    if (auto p = check("sheet width in mm", study.widthMillimetres, sheetBounds)) return p;
    if (auto p = check("sheet height in mm", study.heightMillimetres, sheetBounds)) return p;
    if (auto p = check("number of areas", study.areas, areaBounds)) return p;
    if (auto p = check("value steps", study.valueLevels, levelBounds)) return p;
    if (auto p = check("number of sticks", study.stickLimit, stickBounds)) return p;
    if (auto p = check("strokes a passage", study.strokes, strokeBounds)) return p;
    if (auto p = check("frame's centre", study.frame.centreX, Bounds{0, 1})) return p;
    if (auto p = check("frame's centre", study.frame.centreY, Bounds{0, 1})) return p;
    if (auto p = check("frame's width", study.frame.width, Bounds{0, 1})) return p;
    if (auto p = check("frame's turn", study.frame.degrees, turnBounds)) return p;
    if (auto p = check("squint", study.squint, Bounds{0, 1})) return p;
    for (const double value : study.thresholds)
        if (auto p = check("value at which masses part", value, thresholdBounds)) return p;
    if (!std::ranges::is_sorted(study.thresholds) || double(study.thresholds.size()) >= levelBounds.most)
        return Problem{ProblemKind::numberBad, "values at which masses part", 0,
                       std::to_string(study.thresholds.size()), "rising values, 8 at most"};
    const auto checkChoice = [&](const subject::ColourChoice& c) -> std::optional<Problem> {
        if (auto p = check("chroma", c.chroma, factorBounds)) return p;
        if (auto p = check("contrast", c.contrast, factorBounds)) return p;
        if (auto p = check("value steps lighter", c.lighter, lighterBounds)) return p;
        return check("warmth", c.warmer, warmerBounds);
    };
    if (auto p = checkChoice(study.colour)) return p;
    for (const AreaName& name : study.areaNames) {
        if (auto p = checkChoice(name.colour)) return p;
        if (name.borrowed)
            if (auto p = check("picture that colours are taken from", name.borrowed->picture + 1,
                               Bounds{1, double(study.others.size())}))
                return p;
    }
    return std::nullopt;
}

std::vector<std::string> namesOf(const Reading& reading, const Study& study) {
    std::vector<std::string> names(reading.areas.list.size());
    const cv::Mat& map = reading.areas.map;
    for (const AreaName& name : study.areaNames)
        if (!name.name.empty()) names[subject::labelAt(map, name.x, name.y)] = name.name;
    return names;
}

/// Picks the plan's palette and recipes over the chosen grounds, and keeps only the sticks that are used.
bool match(Plan& plan, const Study& study, const materials::Library& library,
           const std::vector<matching::PreparedStick>& tray, const Underpainting& underpainting,
           const common::Progress& progress) {
    const std::vector<subject::Passage>& passages = plan.reading->passages.list;
    std::vector<matching::Demand> demands;
    for (std::size_t p = 0; p < passages.size(); ++p)
        demands.push_back({colour::labUnder(passages[p].target, study.light), passages[p].share,
                           underpainting.layers[underpainting.ofPassage[p]].patch});
    matching::RecipeWeights weights;
    weights.light = study.light;
    std::vector<int> used;
    for (const GroundLayer& layer : underpainting.layers)
        for (const matching::Lay& lay : layer.lays) used.push_back(lay.stick);
    std::ranges::sort(used);
    used.erase(std::unique(used.begin(), used.end()), used.end());
    const int dryLimit = std::max(1, study.stickLimit - int(used.size()));
    const auto palette = matching::choosePalette(demands, tray, dryLimit, study.strokes, weights, progress);
    if (!palette || palette->recipes.empty()) return false;

    used.insert(used.end(), palette->sticks.begin(), palette->sticks.end());
    std::ranges::sort(used);
    used.erase(std::unique(used.begin(), used.end()), used.end());
    std::vector<int> newIndex(tray.size(), -1);
    for (const int stick : used) {
        newIndex[stick] = int(plan.sticks.size());
        plan.sticks.push_back(library.media[stick]);
    }
    const auto renumber = [&](std::vector<matching::Lay>& lays) {
        for (matching::Lay& lay : lays) lay.stick = newIndex[lay.stick];
    };
    plan.prepared = matching::prepared(plan.sticks);
    plan.grounds = underpainting.layers;
    for (GroundLayer& layer : plan.grounds) renumber(layer.lays);
    for (std::size_t p = 0; p < passages.size(); ++p) {
        PlannedPassage& planned =
            plan.passages.emplace_back(underpainting.ofPassage[p], demands[p].target, palette->recipes[p]);
        renumber(planned.recipe.lays);
        const pigment::Patch patch = matching::laidOn(demands[p].ground, planned.recipe.lays, plan.prepared);
        for (int i = 0; i < colour::lightCount; ++i)
            planned.differenceUnder[i] = colour::differenceCie2000(
                colour::labUnder(passages[p].target, colour::Light(i)), pigment::labOf(patch, colour::Light(i)));
    }
    return true;
}

void summarise(Plan& plan, const std::vector<matching::PreparedStick>& tray) {
    Summary& summary = plan.summary;
    std::vector<std::pair<double, double>> byDifference;
    const std::vector<subject::Passage>& passages = plan.reading->passages.list;
    for (std::size_t p = 0; p < passages.size(); ++p) {
        const matching::Recipe& recipe = plan.passages[p].recipe;
        summary.meanDifference += passages[p].share * recipe.difference;
        summary.unsteadyDifference += passages[p].share * recipe.unsteady;
        summary.nearestStickDifference += passages[p].share * matching::nearestDifference(passages[p].target, tray);
        byDifference.push_back({recipe.difference, passages[p].share});
    }
    std::ranges::sort(byDifference);
    double below = 0;
    for (const auto& [difference, share] : byDifference) {
        below += share;
        summary.p95Difference = difference;
        if (below >= 0.95) break;
    }
    for (const Step& step : plan.steps) summary.minutes += step.minutes + step.waitMinutes;
    summary.stickChanges = stickChanges(plan.steps);
    summary.stickChangesPlain = stickChangesPlain(plan);
}

/// Sees to it that `kept` holds the study's picture.
std::optional<Problem> decode(const Study& study, Kept& kept) {
    if (!study.reference) return Problem{ProblemKind::fileMissing, ""};
    if (kept.picture && kept.reference == study.reference) return std::nullopt;
    auto picture = subject::readPicture(study.reference->bytes, study.reference->name, heldLongSide);
    if (!picture) return picture.problem();
    kept.reference = study.reference;
    kept.picture = std::make_shared<subject::Picture>(*std::move(picture));
    kept.reading.reset();
    kept.frameKey.clear();
    return std::nullopt;
}

/// And in its frame.
void frame(const Study& study, Kept& kept) {
    const std::string key = frameKeyOf(study);
    if (kept.frameKey == key) return;
    kept.frameKey = key;
    kept.framed = subject::framed(kept.picture->xyz, study.frame, formatOf(study), readLongSide);
    kept.framedPicture = colour::srgb8ImageFromXyz(kept.framed);
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

common::Result<Plan> planned(const Study& study, const materials::Library& library, Kept& kept,
                             const common::Progress& progress) {
    auto reading = readSubject(study, kept);
    if (!reading) return reading.problem();
    progress.at(0.15);
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};

    Plan plan;
    plan.light = study.light;
    plan.reading = *reading;
    plan.areaNames = namesOf(*plan.reading, study);
    const std::vector<matching::PreparedStick> tray = matching::prepared(library.media);
    plan.papers = rankedPapers(*plan.reading, library.papers, tray, study.strokes);
    plan.paper = study.paper.empty() ? plan.papers.front().paper : *library.paper(study.paper);
    progress.at(0.2);
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};

    constexpr int mostWashes = 3;
    const bool room = study.stickLimit > 2 * mostWashes;
    const Underpainting proposal = proposedUnderpainting(*plan.reading, plan.paper, tray, mostWashes);
    for (const int layer : proposal.ofPassage) plan.proposedGround.push_back(proposal.layers[layer].patch);
    for (const GroundLayer& layer : proposal.layers)
        if (!layer.lays.empty()) plan.proposedMedia.push_back(library.media[layer.lays.front().stick].name);
    const Underpainting underpainting =
        study.ground == Ground::proposed && room ? proposal : bareGround(*plan.reading, plan.paper);
    if (!match(plan, study, library, tray, underpainting, progress.part(0.2, 0.95)))
        return Problem{progress.cancelled() ? ProblemKind::cancelled : ProblemKind::trayEmpty, ""};
    plan.steps = orderedSteps(plan, study);
    summarise(plan, tray);
    plan.notes = notesFor(plan, study);
    progress.at(1.0);
    return plan;
}

}  // namespace

std::string_view nameOf(Stage stage) {
    static constexpr std::array<std::string_view, 8> names{"drawing", "underpainting", "block-in", "build",
                                                           "refine",  "accent",        "fix",      "finish"};
    return names[static_cast<int>(stage)];
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
    const std::string key = readingKeyOf(study);
    if (kept.reading && kept.readingKey == key) return kept.reading;

    auto reading = std::make_shared<Reading>();
    reading->reference = kept.picture->xyz.size();
    reading->source = kept.picture->sourcePixels;
    frame(study, kept);
    reading->xyz = kept.framed;
    reading->lab = reading->xyz.clone();
    colour::toLab(reading->lab);
    reading->picture = kept.framedPicture;
    reading->squinted = subject::squinted(reading->lab, study.squint);
    reading->areas =
        subject::edited(subject::proposedAreas(reading->squinted, study.areas), reading->squinted, study.areaEdits);
    overrule(reading->areas, study);
    choose(*reading, study, kept);
    reading->masses = study.thresholds.empty() ? subject::valueMasses(reading->wantedSquinted, study.valueLevels)
                                               : subject::massesParted(reading->wantedSquinted, study.thresholds);
    reading->passages = subject::passagesOf(reading->areas, reading->wanted, reading->wantedSquinted);
    cv::Mat small;
    const cv::Size size = kept.picture->xyz.size();
    const double scale = std::min(1.0, 480.0 / std::max(size.width, size.height));
    cv::resize(kept.picture->xyz, small, {}, scale, scale, cv::INTER_AREA);
    reading->whole = colour::srgb8ImageFromXyz(small);
    for (const Kept::Other& other : kept.others) reading->others.push_back(other.picture);
    kept.readingKey = key;
    kept.reading = reading;
    return kept.reading;
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress, int threads) {
    if (auto problem = outOfBounds(study)) return *problem;
    const bool anyDry = std::ranges::any_of(library.media, [](const auto& m) { return !materials::isWet(m.kind); });
    if (!anyDry) return Problem{ProblemKind::trayEmpty, ""};
    if (library.media.size() > matching::mostSticks)
        return Problem{ProblemKind::trayTooLarge, "", 0, std::to_string(library.media.size()),
                       std::to_string(matching::mostSticks)};
    if (library.papers.empty()) return Problem{ProblemKind::paperMissing, ""};
    if (!study.paper.empty() && !library.paper(study.paper))
        return Problem{ProblemKind::paperUnknown, "", 0, study.paper};

    if (threads <= 0) return planned(study, library, kept, progress);
    threads = std::min(threads, tbb::this_task_arena::max_concurrency());
    const int before = cv::getNumThreads();
    cv::setNumThreads(threads);
    const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, std::size_t(threads));
    tbb::task_arena arena(threads);
    auto result = arena.execute([&] { return planned(study, library, kept, progress); });
    cv::setNumThreads(before);
    return result;
}

}  // namespace planning
