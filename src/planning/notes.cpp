#include "planning/notes.h"

#include <algorithm>
#include <map>

#include "colour/munsell.h"
#include "planning/compatibility.h"
#include "planning/papers.h"
#include "planning/stacks.h"
#include "subject/attention.h"
#include "subject/planes.h"

namespace planning {

namespace {

/// Metamerism: areas that match under the study's light and part from the reference under another one, a note for each
/// such light.
std::vector<Note> partings(const Plan& plan) {
    constexpr double matches = 2.0, parts = 3.0;
    constexpr double tellingShare = 0.002;  // of the picture
    std::vector<Note> notes;
    for (int i = 0; i < colour::lightCount; ++i) {
        Note note{NoteKind::caution, NoteTopic::partsUnderLight, {}, {}, 0, colour::Light(i)};
        for (const PlannedStack& stack : plan.stacks) {
            double worst = 0;
            for (const Tone& tone : stack.tones)
                if (tone.share >= tellingShare && tone.difference <= matches)
                    worst = std::max(worst, tone.differenceUnder[std::size_t(i)]);
            if (worst < parts) continue;
            note.areas.insert(note.areas.end(), stack.areas.begin(), stack.areas.end());
            note.figure = std::max(note.figure, worst);
        }
        if (!note.areas.empty()) notes.push_back(note);
    }
    return notes;
}

/// Where the eye is drawn against what the picture is about, planes that come forward, and strokes that follow the
/// form.
void addPictureNotes(std::vector<Note>& notes, const Plan& plan, const Study& study) {
    const Reading& reading = *plan.reading;
    constexpr double clearly = 0.5;  // value steps
    if (const auto strongest = subject::strongestContrast(reading.wantedSquinted, reading.areas);
        strongest && !strongest->isFocal && strongest->steps > strongest->atFocal + clearly) {
        const int there = subject::labelAt(reading.areas.map, strongest->place.x, strongest->place.y);
        notes.push_back({NoteKind::advice,
                         NoteTopic::contrastElsewhere,
                         {there},
                         {},
                         strongest->steps,
                         plan.light,
                         strongest->atFocal});
    }
    for (const subject::PlaneFault& fault : subject::planeFaults(reading.areas, reading.wanted)) {
        using Fault = subject::PlaneFault::Kind;
        const NoteTopic topic = fault.kind == Fault::tooDark    ? NoteTopic::farTooDark
                                : fault.kind == Fault::tooSharp ? NoteTopic::farTooSharp
                                                                : NoteTopic::farTooWarm;
        notes.push_back({NoteKind::advice, topic, {fault.area}, {}, fault.by});
    }
    Note follow{NoteKind::advice, NoteTopic::strokesFollow, {}, {}, 0};
    for (const subject::Line& arrow : study.directions)
        follow.areas.push_back(subject::labelAt(reading.areas.map, arrow.from.x, arrow.from.y));
    std::ranges::sort(follow.areas);
    follow.areas.erase(std::unique(follow.areas.begin(), follow.areas.end()), follow.areas.end());
    if (!follow.areas.empty()) notes.push_back(follow);
}

}  // namespace

namespace {

/// Darks that come out too light since nothing that is laid is dark enough.
std::optional<Note> noteOfDarks(const Plan& plan) {
    constexpr double dark = 25, tellingShare = 0.03, clearly = 0.5;  // L*; of the picture; value steps
    Note note{NoteKind::caution, NoteTopic::noDarks, {}, {}, 0};
    double share = 0, wanted = 0, reached = 0;
    for (const PlannedStack& stack : plan.stacks) {
        const double before = share;
        for (const Tone& tone : stack.tones) {
            if (tone.target.L > dark) continue;
            share += tone.share;
            wanted += tone.share * tone.target.L;
            reached += tone.share * tone.predicted.L;
        }
        if (share > before) note.areas.insert(note.areas.end(), stack.areas.begin(), stack.areas.end());
    }
    if (share < tellingShare) return std::nullopt;
    const bool hasDark = std::ranges::any_of(
        plan.prepared, [&](const matching::PreparedStick& stick) { return stick.masstone.L < wanted / share; });
    note.figure = colour::munsellValueOfLightness(reached / share) - colour::munsellValueOfLightness(wanted / share);
    if (hasDark || note.figure < clearly) return std::nullopt;
    return note;
}

/// What the approach asks for and does not get.
void addApproachNotes(std::vector<Note>& notes, const Plan& plan, const Study& study) {
    const auto& areas = plan.reading->areas.list;
    if (study.approach.first == FirstPart::focal && std::ranges::none_of(areas, &subject::Area::focal))
        notes.push_back({NoteKind::advice, NoteTopic::noFocalArea, {}, {}, 0});
    if (study.approach.stacks.hardness == matching::Hardness::softBase) {
        int others = 0;
        for (const PlannedStack& stack : plan.stacks)
            for (const Layer& layer : stack.layers)
                others += layer.stick >= 0 && !matching::isPoint(plan.prepared[std::size_t(layer.stick)]);
        if (others > 0) notes.push_back({NoteKind::advice, NoteTopic::noPoints, {}, {}, double(others)});
    }
    for (const Clash& clash : plan.clashes) {
        Note note{NoteKind::advice, NoteTopic::reasonsClash, {}, {}, 0};
        note.clash = clash;
        notes.push_back(note);
    }
}

/// Where the artist's own mixtures are laid, a note for each.
void addMixtureNotes(std::vector<Note>& notes, const Plan& plan) {
    std::map<std::string, std::vector<int>> areasOf;
    for (const PlannedStack& stack : plan.stacks)
        for (const std::string& name : stack.mixtures)
            areasOf[name].insert(areasOf[name].end(), stack.areas.begin(), stack.areas.end());
    for (const auto& [name, areas] : areasOf)
        notes.push_back({NoteKind::advice, NoteTopic::ownMixture, areas, {name}, 0});
}

/// Where the chosen ground is not to be had, and what does not go together in it.
void addGroundNotes(std::vector<Note>& notes, const Plan& plan, const Study& study) {
    const auto refuse = [&](GroundObstacle why, const std::vector<int>& areas) {
        Note note{NoteKind::caution, NoteTopic::groundCannotBeHad, areas, {}, 0};
        note.obstacle = why;
        notes.push_back(note);
    };
    if (plan.ground.obstacle) refuse(*plan.ground.obstacle, {});
    for (const RefusedGround& refused : plan.ground.refused) refuse(refused.why, refused.areas);
    for (const GroundCaution& caution : cautionsOf(plan.ground, plan.paper, study.drying)) {
        const bool hurts = caution.kind == GroundCautionKind::alcoholAndHeat;
        if (caution.kind == GroundCautionKind::keepHeatMoving) continue;  // heatAndWater says it
        Note note{hurts ? NoteKind::safety : NoteKind::caution, NoteTopic::groundWantsCare, {}, {}, 0};
        note.caution = caution;
        notes.push_back(note);
    }
}

bool isFixed(const Plan& plan) {
    return std::ranges::any_of(plan.steps, [](const Step& step) { return step.tool == Tool::fixative; }) ||
           std::ranges::any_of(plan.stacks, [](const PlannedStack& stack) {
               return std::ranges::any_of(stack.layers, &Layer::isFixed);
           });
}

}  // namespace

std::vector<Note> notesFor(const Plan& plan, const Study& study) {
    constexpr double clearlyApart = 4.0;  // picture difference
    constexpr double fewSticks = 2.5;     // the same over the whole picture
    std::vector<Note> notes;
    Note full{NoteKind::caution, NoteTopic::toothRunsOut, {}, {}, 0};
    Note far{NoteKind::advice, NoteTopic::farFromTarget, {}, {}, 0};
    for (const PlannedStack& stack : plan.stacks) {
        const Tone* fullest = fullestTone(stack);
        const auto add = [&](Note& note, double figure, double from) {
            if (figure <= from) return;
            note.areas.insert(note.areas.end(), stack.areas.begin(), stack.areas.end());
            note.figure = std::max(note.figure, figure);
        };
        add(full, fullest ? fullest->toothUsed : 0, nearlyFull);
        add(far, stack.pictureDifference, clearlyApart);
    }
    for (const Note& parting : partings(plan)) notes.push_back(parting);
    if (!full.areas.empty()) notes.push_back(full);
    if (!far.areas.empty()) notes.push_back(far);
    if (int(plan.sticks.size()) >= study.stickLimit && plan.summary.picture.mean > fewSticks)
        notes.push_back({NoteKind::advice, NoteTopic::sticksAreFew, {}, {}, double(study.stickLimit)});
    notes.push_back({NoteKind::advice, NoteTopic::unsteadyHand, {}, {}, plan.summary.unsteadyDifference});
    const Ends ends = endsOn(plan, pigment::barePatch(plan.paper), plan.prepared);
    if (const double least = std::min(ends.toDark, ends.toLight); least < Ends::hardlySeen)
        notes.push_back({NoteKind::caution, NoteTopic::paperHidesEnds, {}, {}, least});

    if (plan.cutting.isTooSmall())
        notes.push_back({NoteKind::caution,
                         NoteTopic::sheetTooSmall,
                         {},
                         {},
                         plan.cutting.sheet.width,
                         {},
                         plan.cutting.sheet.height});
    else if (plan.cutting.isShort())
        notes.push_back({NoteKind::advice,
                         NoteTopic::sheetsShort,
                         {},
                         {},
                         double(plan.cutting.sheetsNeeded),
                         {},
                         double(plan.cutting.sheetsAtHand)});
    if (auto note = noteOfDarks(plan)) notes.push_back(*std::move(note));
    addGroundNotes(notes, plan, study);
    addApproachNotes(notes, plan, study);
    addMixtureNotes(notes, plan);
    addPictureNotes(notes, plan, study);
    notes.push_back({NoteKind::safety, NoteTopic::dust, {}, {}, 0});
    Note toxic{NoteKind::safety, NoteTopic::toxicPigments, {}, {}, 0};
    bool wet = isFixed(plan);
    for (const materials::Material& stick : plan.sticks) {
        wet |= materials::isWet(stick.kind);
        if (stick.hazards.empty()) continue;
        std::string metals;
        for (const std::string& hazard : stick.hazards) metals += (metals.empty() ? "" : ", ") + hazard;
        toxic.subjects.push_back(stick.name + " (" + stick.id + ", " + metals + ")");
    }
    if (!toxic.subjects.empty()) notes.push_back(toxic);
    if (wet) notes.push_back({NoteKind::safety, NoteTopic::heatAndWater, {}, {}, 0});
    return notes;
}

}  // namespace planning
