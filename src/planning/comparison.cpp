#include "planning/comparison.h"

#include <algorithm>

#include "colour/image_colour.h"
#include "colour/picture_under.h"
#include "planning/area_grounds.h"
#include "planning/limited_palettes.h"
#include "planning/replacements.h"
#include "planning/stacks.h"
#include "planning/study_fields.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

/// What trials depend on beside the reading and the materials: papers on the ground that is named, the board of grounds
/// on none. The goal and the sheet's cutting only put them in order.
struct ComparisonKeys {
    std::string papers, grounds;
};

namespace {

std::vector<std::string> namesOf(const Reading& reading, const Study& study) {
    std::vector<std::string> names(reading.areas.list.size());
    const cv::Mat& map = reading.areas.map;
    for (const AreaChoice& name : study.areaChoices)
        if (!name.name.empty()) names[std::size_t(subject::labelAt(map, name.x, name.y))] = name.name;
    return names;
}

/// Long side in pixels of what papers and grounds are tried on.
constexpr double paperTrialSide = 96, groundTrialSide = 192;

ComparisonKeys keysOf(const Study& study) {
    Study told = withoutStandIns(study);
    ComparisonKeys keys;
    keys.papers = keyOf(told, Affects::candidates);
    told.approach.ground = Ground::proposed;
    keys.grounds = keyOf(told, Affects::candidates);
    return keys;
}

}  // namespace

/// Comparisons with what they were made of.
struct KeptComparisons {
    std::shared_ptr<const Reading> reading;
    ComparisonKeys keys;
    materials::Library library;
    /// What a study's order depends on, beside what was tried.
    struct Order {
        Goal goal = {};
        double border = 0;
        bool operator==(const Order&) const = default;
    };
    static Order orderOf(const Study& study) { return {study.goal, study.borderMillimetres}; }
    std::optional<TriedPapers> papers;
    Order paperOrder;
    Ranking ranking;  // of the papers in that order
    struct OnPaper {
        std::string paper;  // id
        std::vector<TriedGround> tried;
        Goal goal;
        Board board;  // for that goal
    };
    std::vector<OnPaper> grounds;
};

namespace {

/// What is kept of this study's comparisons; forgets those of another.
KeptComparisons& keptFor(const Study& study, const materials::Library& library, const PlanSubject& subject,
                         Kept& kept) {
    const ComparisonKeys keys = keysOf(study);
    auto& it = kept.comparisons;
    if (!it || it->reading != subject.plan.reading || it->library != library) {
        it = std::make_shared<KeptComparisons>();
        it->reading = subject.plan.reading;
        it->library = library;
        it->keys = keys;
    }
    if (it->keys.papers != keys.papers) it->papers.reset();
    if (it->keys.grounds != keys.grounds) it->grounds.clear();
    it->keys = keys;
    return *it;
}

/// The board of a paper for the study's goal, null where it is not known.
Board boardOn(const KeptComparisons& known, const std::string& paper, Goal goal) {
    for (const KeptComparisons::OnPaper& on : known.grounds)
        if (on.paper == paper && on.goal == goal) return on.board;
    return {};
}

/// Null where the papers have not been tried.
Ranking rankingOf(KeptComparisons& known, const Study& study, const materials::Library& library) {
    if (!known.papers) return {};
    const auto order = KeptComparisons::orderOf(study);
    if (!known.ranking || known.paperOrder != order) {
        known.ranking = std::make_shared<const std::vector<RankedPaper>>(rankedPapers(*known.papers, study, library));
        known.paperOrder = order;
    }
    return known.ranking;
}

Ranking rankedFor(const Study& study, const materials::Library& library, const PlanSubject& subject, Kept& kept,
                  const common::Progress& progress) {
    KeptComparisons& known = keptFor(study, library, subject, kept);
    if (!known.papers) {
        known.ranking.reset();
        known.papers = triedPapers(trialSubject(subject.plan, subject.wanted, paperTrialSide), study, library,
                                   subject.tray, progress);
    }
    return rankingOf(known, study, library);
}

Board boardFor(const Study& study, const materials::Library& library, const PlanSubject& subject, Kept& kept,
               const common::Progress& progress, const std::function<void(const TriedGround&)>& onTried) {
    KeptComparisons& known = keptFor(study, library, subject, kept);
    const std::string& paper = subject.plan.paper.id;
    if (auto board = boardOn(known, paper, study.goal)) return board;
    auto on = std::ranges::find(known.grounds, paper, &KeptComparisons::OnPaper::paper);
    if (on == known.grounds.end()) {
        constexpr std::size_t mostKept = 4;
        if (known.grounds.size() == mostKept) known.grounds.erase(known.grounds.begin());
        known.grounds.push_back({paper, {}, study.goal, {}});
        on = known.grounds.end() - 1;
    }
    auto board = triedGrounds(trialSubject(subject.plan, subject.wanted, groundTrialSide), study, library.media,
                              subject.tray, on->tried, progress, onTried);
    if (!board) return {};
    on->goal = study.goal;
    on->board = std::make_shared<const std::vector<TriedGround>>(*std::move(board));
    return on->board;
}

}  // namespace

common::Result<PlanSubject> planSubject(const Study& study, const materials::Library& library, Kept& kept) {
    auto reading = readSubject(study, kept);
    if (!reading) return reading.problem();
    PlanSubject subject;
    Plan& plan = subject.plan;
    plan.light = study.light;
    plan.hand = study.touch;
    plan.reading = *reading;
    subject.wanted = plan.reading->wanted;
    plan.reference = plan.reading->wantedPicture;
    if (plan.light != colour::Light::daylight65) {
        plan.reference = colour::pictureUnder(plan.reference, plan.light);
        subject.wanted = colour::labOfSrgb8Image(plan.reference);
    }
    plan.areaNames = namesOf(*plan.reading, study);
    findStacks(plan, study, subject.wanted);
    subject.tray = matching::prepared(library.media, plan.light);
    return subject;
}

materials::Library trayOf(const Study& study, const materials::Library& library) {
    materials::Library tray = library;
    const auto isSaid = [&](const materials::Material& m, StickUse use) {
        return std::ranges::any_of(study.stickChoices,
                                   [&](const StickChoice& it) { return it.stick == m.id && it.use == use; });
    };
    std::erase_if(tray.media, [&](const materials::Material& m) {
        const bool isOfNone = mostOf(study.familyLimits, materials::familyOf(m)) == 0;
        return isSaid(m, StickUse::barred) || (isOfNone && !isSaid(m, StickUse::pinned));
    });
    return tray;
}

std::optional<Problem> problemOf(const Study& study, const materials::Library& library) {
    if (auto problem = outOfBounds(study)) return problem;
    const bool anyDry = std::ranges::any_of(library.media, [](const auto& m) { return !materials::isWet(m.kind); });
    if (!anyDry) return Problem{ProblemKind::trayEmpty, ""};
    if (library.media.size() > matching::mostSticks)
        return Problem{ProblemKind::trayTooLarge, "", 0, std::to_string(library.media.size()),
                       std::to_string(matching::mostSticks)};
    if (library.papers.empty()) return Problem{ProblemKind::paperMissing, ""};
    if (!study.paper.empty() && !library.paper(study.paper))
        return Problem{ProblemKind::paperUnknown, "", 0, study.paper};
    return std::nullopt;
}

std::optional<materials::Paper> paperFor(const Study& study, const materials::Library& library,
                                         const PlanSubject& subject, Kept& kept, Fineness fineness,
                                         const common::Progress& progress) {
    if (!study.paper.empty()) return *library.paper(study.paper);
    const bool isKnown = keptFor(study, library, subject, kept).papers.has_value();
    if (fineness == Fineness::coarse && !isKnown)
        return library.papers[std::size_t(firstOrder(subject.plan, library.papers, subject.tray).front())];
    const Ranking ranking = rankedFor(study, library, subject, kept, progress);
    if (!ranking) return std::nullopt;
    return ranking->front().paper;
}

std::optional<GroundProposal> groundFor(const Study& study, const materials::Library& library,
                                        const PlanSubject& subject, Kept& kept, Fineness fineness,
                                        const common::Progress& progress) {
    if (const Ground named = groundOf(study.approach); named != Ground::proposed)
        return groundFor(study, named, subject.plan, library.media, subject.tray);
    const bool isKnown = boardOn(keptFor(study, library, subject, kept), subject.plan.paper.id, study.goal) != nullptr;
    if (fineness == Fineness::coarse && !isKnown)
        return groundFor(study, Ground::none, subject.plan, library.media, subject.tray);
    const Board board = boardFor(study, library, subject, kept, progress, {});
    if (!board) return std::nullopt;
    return board->front().proposal;
}

void tellKnown(Plan& plan, const Study& study, const materials::Library& library, Kept& kept) {
    const auto& known = kept.comparisons;
    if (!known || known->reading != plan.reading || known->library != library) return;
    const ComparisonKeys keys = keysOf(study);
    if (known->keys.papers == keys.papers) plan.papers = rankingOf(*known, study, library);
    if (known->keys.grounds == keys.grounds) plan.grounds = boardOn(*known, plan.paper.id, study.goal);
}

common::Result<Ranking> comparedPapers(const Study& study, const materials::Library& everything, Kept& kept,
                                       const common::Progress& progress,
                                       const std::function<void(const std::vector<materials::Paper>&)>& onOrder) {
    const materials::Library library = trayOf(study, everything);
    if (auto problem = problemOf(study, library)) return *problem;
    const auto subject = planSubject(study, library, kept);
    if (!subject) return subject.problem();
    if (onOrder) {
        std::vector<materials::Paper> papers;
        for (const int i : firstOrder(subject->plan, library.papers, subject->tray))
            papers.push_back(library.papers[std::size_t(i)]);
        onOrder(papers);
    }
    if (auto ranking = rankedFor(study, library, *subject, kept, progress)) return ranking;
    return Problem{ProblemKind::cancelled, ""};
}

common::Result<ComparedGrounds> comparedGrounds(const Study& study, const materials::Library& everything, Kept& kept,
                                                const common::Progress& progress,
                                                const std::function<void(const TriedGround&)>& onTried) {
    const Problem cancelled{ProblemKind::cancelled, ""};
    const materials::Library library = trayOf(study, everything);
    if (auto problem = problemOf(study, library)) return *problem;
    auto begun = planSubject(study, library, kept);
    if (!begun) return begun.problem();
    PlanSubject subject = *std::move(begun);
    const auto paper = paperFor(study, library, subject, kept, Fineness::full, progress.part(0, 0.4));
    if (!paper) return cancelled;
    subject.plan.paper = *paper;
    if (auto board = boardFor(study, library, subject, kept, progress.part(0.4, 1), onTried))
        return ComparedGrounds{*paper, board};
    return cancelled;
}

}  // namespace planning
