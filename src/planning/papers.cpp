#include "planning/papers.h"

#include <algorithm>
#include <array>
#include <atomic>
#include <cmath>
#include <numeric>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "common/parallel.h"
#include "matching/option_bank.h"
#include "matching/target_distance.h"
#include "planning/area_grounds.h"
#include "planning/stacks.h"

namespace planning {

namespace {

using materials::Kind;

double singleStrokeDifference(const Plan& plan, const pigment::Patch& bare,
                              const std::vector<matching::PreparedStick>& sticks) {
    const matching::OptionBank bank(sticks, *bare.surface, matching::StackWeights{});
    std::vector<int> scumbled;
    for (const int option : bank.all())
        if (bank.options[std::size_t(option)].layer.manner == pigment::Manner::scumble) scumbled.push_back(option);
    std::vector<colour::Lab> reachable = bank.singles(scumbled, bare, plan.light);
    reachable.push_back(pigment::labOf(bare, plan.light));
    double mean = 0;
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples) {
            const auto best = std::ranges::min(reachable, {}, matching::TargetDistance(sample.wanted));
            mean += stack.share * sample.weight * colour::differenceCie2000(sample.wanted, best);
        }
    return mean;
}

/// The stick of a kind whose own colour is nearest; -1 without any.
int nearestOf(Kind kind, const colour::Lab& wanted, const std::vector<matching::PreparedStick>& tray) {
    int nearest = -1;
    double least = 1e300;
    for (int i = 0; i < int(tray.size()); ++i)
        if (tray[std::size_t(i)].kind == kind)
            if (const double d = colour::differenceCie2000(wanted, tray[std::size_t(i)].masstone); d < least) {
                least = d;
                nearest = i;
            }
    return nearest;
}

/// What `count` medium layers of a stick look like on a patch.
colour::Lab laidTimes(pigment::Patch patch, const matching::PreparedStick& stick, int count, colour::Light light) {
    const auto manner = stick.kind == Kind::pencil ? pigment::Manner::hatch : pigment::Manner::scumble;
    for (int i = 0; i < count; ++i) pigment::lay(patch, {&stick.pigment, manner, pigment::Pressure::medium});
    return pigment::labOf(patch, light);
}

/// The worst turn of hue that one thin layer takes in each larger stack, with the kind that shows it most.
std::vector<PaperReason> tintsOn(const Plan& plan, const pigment::Patch& bare,
                                 const std::vector<matching::PreparedStick>& tray) {
    constexpr double seenShare = 0.04, seenTurn = 20, seenChroma = 6, covers = 4;
    constexpr int mostLayers = 4;
    std::vector<PaperReason> tints;
    for (int s = 0; s < int(plan.stacks.size()); ++s) {
        const PlannedStack& stack = plan.stacks[std::size_t(s)];
        if (stack.share < seenShare) continue;
        const colour::Lab wanted = meanColour(stack);
        for (const Kind kind : {Kind::pencil, Kind::soft, Kind::pan}) {
            const int stick = nearestOf(kind, wanted, tray);
            if (stick < 0) continue;
            const colour::Lab meant = tray[std::size_t(stick)].masstone;
            const colour::Lab seen = laidTimes(bare, tray[std::size_t(stick)], 1, plan.light);
            const double turn = colour::hueDistance(colour::hue(meant), colour::hue(seen));
            if (colour::chroma(meant) < seenChroma || colour::chroma(seen) < seenChroma || turn < seenTurn) continue;
            Tint tint{s, kind, meant, seen, 0};
            const int soft = nearestOf(Kind::soft, wanted, tray);
            for (int count = 1; soft >= 0 && tint.layersToCover == 0 && count <= mostLayers; ++count) {
                const auto& it = tray[std::size_t(soft)];
                if (colour::differenceCie2000(laidTimes(bare, it, count, plan.light), it.masstone) < covers)
                    tint.layersToCover = count;
            }
            tints.push_back({PaperReasonKind::tints, turn * stack.share, 0, tint});
            break;
        }
    }
    constexpr std::size_t most = 2;
    std::ranges::stable_sort(tints, std::greater{}, &PaperReason::figure);
    if (tints.size() > most) tints.resize(most);
    return tints;
}

void addReasons(RankedPaper& ranked, const Plan& plan, const pigment::Patch& bare, const Ends& ends,
                const std::vector<matching::PreparedStick>& tray) {
    if (ends.toLight < Ends::hardlySeen)
        ranked.reasons.push_back({PaperReasonKind::hidesLights, ends.toLight});
    else if (ends.toDark < Ends::hardlySeen)
        ranked.reasons.push_back({PaperReasonKind::hidesDarks, ends.toDark});
    else
        ranked.reasons.push_back({PaperReasonKind::showsBothEnds, ends.toDark, ends.toLight});

    constexpr double nearly = 12, coloured = 15, oppositeTurn = 140, tellingNear = 0.15, tellingOpposite = 0.2;
    const colour::Lab tone = pigment::labOf(bare, plan.light);
    double near = 0, opposite = 0;
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples) {
            const double share = stack.share * sample.weight;
            if (colour::differenceCie2000(tone, sample.wanted) < nearly) near += share;
            if (colour::chroma(tone) > coloured && colour::chroma(sample.wanted) > coloured &&
                colour::hueDistance(colour::hue(tone), colour::hue(sample.wanted)) > oppositeTurn)
                opposite += share;
        }
    if (near > tellingNear) ranked.reasons.push_back({PaperReasonKind::nearSubject, near});
    if (opposite > tellingOpposite) ranked.reasons.push_back({PaperReasonKind::complementSparkles, opposite});
    for (PaperReason& tint : tintsOn(plan, bare, tray)) ranked.reasons.push_back(tint);
    ranked.reasons.push_back(
        {ranked.outcome.toothMost < nearlyFull ? PaperReasonKind::toothLasts : PaperReasonKind::toothRunsShort,
         ranked.outcome.toothMost});
    const materials::Water water = ranked.paper.water;
    ranked.reasons.push_back({water == materials::Water::none   ? PaperReasonKind::noWater
                              : water == materials::Water::thin ? PaperReasonKind::takesThinWater
                                                                : PaperReasonKind::takesWater});
}

/// The papers from which the search starts anew: what was found on them is bettered on the others, so that these are
/// told apart by what the paper does and not by the way that a search took.
std::vector<materials::Paper> darkMiddleLight(std::vector<materials::Paper> papers) {
    constexpr std::size_t starts = 3;
    std::ranges::stable_sort(papers, {}, [](const materials::Paper& p) { return colour::labFromSrgb8(p.tone).L; });
    if (papers.size() <= starts) return papers;
    std::vector<materials::Paper> chosen;
    for (std::size_t i = 0; i < starts; ++i) chosen.push_back(papers[(2 * i + 1) * papers.size() / (2 * starts)]);
    return chosen;
}

/// The mean of the two in the middle where there are as many on either side.
double medianOf(std::vector<double> values) {
    std::ranges::sort(values);
    return (values[(values.size() - 1) / 2] + values[values.size() / 2]) / 2;
}

/// Papers part clearly with three layers already; a fourth takes twice as long.
Study quickStudy(const Study& study) {
    Study quick = study;
    quick.layers = std::min(3, study.layers);
    return quick;
}

/// In which of the three a paper stands: at hand and large enough, too small, to be bought.
int standingOf(const RankedPaper& paper) {
    if (!paper.isAtHand) return 2;
    return paper.reasons.front().kind == PaperReasonKind::sheetTooSmall ? 1 : 0;
}

void addOtherSides(std::vector<RankedPaper>& papers) {
    for (RankedPaper& back : papers)
        for (RankedPaper& front : papers)
            if (!back.paper.otherSideOf.empty() && front.paper.id == back.paper.otherSideOf) {
                const double better = back.score.points - front.score.points;
                front.reasons.push_back({PaperReasonKind::otherSide, better});
                back.reasons.push_back({PaperReasonKind::otherSide, -better});
            }
}

}  // namespace

double Ends::worth() const {
    const auto part = [](double steps) { return std::clamp(steps / seenForWhatItIs, -1.0, 1.0); };
    return std::max(0.0, (part(toDark) + part(toLight)) / 2);
}

Ends endsOn(const Plan& plan, const pigment::Patch& bare, const std::vector<matching::PreparedStick>& tray) {
    colour::Lab darkest{100, 0, 0}, lightest{0, 0, 0};
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples) {
            constexpr double telling = 0.002;  // of the picture: a single glint is no light
            if (stack.share * sample.weight < telling) continue;
            if (sample.wanted.L < darkest.L) darkest = sample.wanted;
            if (sample.wanted.L > lightest.L) lightest = sample.wanted;
        }
    if (std::ranges::none_of(tray, matching::isDry)) return {Ends::seenForWhatItIs, Ends::seenForWhatItIs};
    const auto value = [&](const colour::Lab& wanted) {
        const int stick = matching::nearestSticks(wanted, tray, 1).front();
        return colour::munsellValueOfLightness(laidTimes(bare, tray[std::size_t(stick)], 1, plan.light).L);
    };
    const double paper = colour::munsellValueOfLightness(pigment::labOf(bare, plan.light).L);
    return {paper - value(darkest), value(lightest) - paper};
}

std::string_view nameOf(PaperReasonKind kind) {
    static constexpr std::array<std::string_view, 15> names{
        "shows-both-ends",     "hides-lights", "hides-darks",       "saves-layers",     "near-subject",
        "complement-sparkles", "tints",        "tooth-lasts",       "tooth-runs-short", "takes-water",
        "takes-thin-water",    "no-water",     "further-than-half", "other-side",       "sheet-too-small"};
    return names[static_cast<std::size_t>(kind)];
}

std::vector<int> firstOrder(const Plan& plan, const std::vector<materials::Paper>& papers,
                            const std::vector<matching::PreparedStick>& tray) {
    std::vector<double> left(papers.size());
    common::forEachIndex(int(papers.size()), [&](int i) {
        left[std::size_t(i)] = singleStrokeDifference(plan, pigment::barePatch(papers[std::size_t(i)]), tray);
    });
    std::vector<int> order(papers.size());
    std::iota(order.begin(), order.end(), 0);
    std::ranges::stable_sort(order, {}, [&](int i) { return left[std::size_t(i)]; });
    return order;
}

std::optional<TriedPapers> triedPapers(TrialSubject subject, const Study& study, const materials::Library& library,
                                       const std::vector<matching::PreparedStick>& tray,
                                       const common::Progress& progress) {
    const Ground ground = groundOf(study.approach) == Ground::proposed ? Ground::none : groundOf(study.approach);
    const Study quick = quickStudy(study);
    TriedPapers tried;
    for (const materials::Paper& paper : library.papers) tried.papers.push_back({paper, {}, {}, {}, true});
    for (const materials::Paper& paper : library.papersToBuy) tried.papers.push_back({paper, {}, {}, {}, false});
    tried.ends.resize(tried.papers.size());
    tried.trials.resize(tried.papers.size());
    std::atomic<int> done = 0;
    const auto tryOn = [&](const materials::Paper& paper, const std::vector<Found>& from) {
        Plan plan = subject.plan;
        plan.paper = paper;
        return tryOut(subject, quick, library.media, tray, paper, groundFor(study, ground, plan, library.media, tray),
                      Care::quick, {{}, progress.stop}, from);
    };
    std::vector<Found> found;
    for (const materials::Paper& paper : darkMiddleLight(library.papers)) {
        auto trial = tryOn(paper, {});
        if (!trial) return std::nullopt;
        found.push_back(std::move(trial->found));
    }
    common::forEachIndex(int(tried.papers.size()), [&](int i) {
        RankedPaper& it = tried.papers[std::size_t(i)];
        auto trial = tryOn(it.paper, found);
        if (!trial) return;
        it.outcome = trial->outcome;
        tried.trials[std::size_t(i)] = *std::move(trial);
        const pigment::Patch bare = pigment::barePatch(it.paper);
        const Ends ends = endsOn(subject.plan, bare, tray);
        tried.ends[std::size_t(i)] = ends.worth();
        addReasons(it, subject.plan, bare, ends, tray);
        progress.at(double(++done) / double(tried.papers.size()));
    });
    if (progress.cancelled()) return std::nullopt;
    tried.subject = std::move(subject);
    return tried;
}

std::vector<RankedPaper> rankedPapers(const TriedPapers& tried, const Study& study, const materials::Library& library) {
    std::vector<RankedPaper> ranked = tried.papers;
    std::vector<double> differences;
    for (const RankedPaper& paper : ranked)
        if (paper.isAtHand) differences.push_back(paper.outcome.picture.mean);
    const double middle = medianOf(differences);
    constexpr double told = 0.1;  // CIEDE2000
    for (std::size_t i = 0; i < ranked.size(); ++i) {
        RankedPaper& paper = ranked[i];
        paper.score = scoreOf(paper.outcome, tried.ends[i], study.goal);
        if (paper.outcome.picture.mean > middle + told)
            paper.reasons.push_back({PaperReasonKind::furtherThanHalf, paper.outcome.picture.mean, middle});
        if (const Cutting cutting = cuttingOf(study, paper.paper, library); cutting.isTooSmall())
            paper.reasons.insert(paper.reasons.begin(),
                                 {PaperReasonKind::sheetTooSmall, cutting.sheet.width, cutting.sheet.height});
    }
    addOtherSides(ranked);
    std::ranges::stable_sort(ranked, {},
                             [](const RankedPaper& p) { return std::pair(standingOf(p), -p.score.points); });
    const auto first = std::ranges::find_if(ranked, [&](const RankedPaper& p) {
        return standingOf(p) == standingOf(ranked.front()) && p.outcome.picture.mean <= middle;
    });
    if (first != ranked.end()) std::rotate(ranked.begin(), first, first + 1);
    const Study quick = quickStudy(study);
    constexpr int worthCounting = 5;
    common::forEachIndex(std::min(worthCounting, int(ranked.size())), [&](int i) {
        RankedPaper& paper = ranked[std::size_t(i)];
        const auto at = std::ranges::find(tried.papers, paper.paper.id, [](const auto& p) { return p.paper.id; });
        const Trial& trial = tried.trials[std::size_t(at - tried.papers.begin())];
        const int enough = layersEnough(trial, tried.subject, quick, middle);
        if (enough < paper.outcome.layers)
            paper.reasons.insert(
                paper.reasons.begin() + 1,
                {PaperReasonKind::savesLayers, double(paper.outcome.layers - enough), double(paper.outcome.layers)});
    });
    return ranked;
}

}  // namespace planning
