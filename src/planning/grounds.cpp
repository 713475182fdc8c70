#include "planning/grounds.h"

#include <algorithm>
#include <array>

#include "planning/underpainting.h"

namespace planning {

namespace {

/// Behind one another on the board: what gains, the bare sheet, what gains nothing, what cannot be had.
int standingOf(const TriedGround& tried) {
    if (tried.proposal.obstacle) return 3;
    if (tried.proposal.strategy == Ground::none) return 1;
    return tried.gains ? 0 : 2;
}

Ground strategyOf(const TriedGround& tried) {
    return tried.proposal.strategy;
}

}  // namespace

const TriedGround& bareOf(const std::vector<TriedGround>& board) {
    return *std::ranges::find(board, Ground::none, strategyOf);
}

std::optional<std::vector<TriedGround>> triedGrounds(const TrialSubject& subject, const Study& study,
                                                     const std::vector<materials::Material>& media,
                                                     const std::vector<matching::PreparedStick>& tray,
                                                     const common::Progress& progress,
                                                     const std::function<void(const TriedGround&)>& onTried) {
    // Those that are laid most come first. Common practice, no source.
    static constexpr std::array<Ground, groundCount - 1> order{
        Ground::none, Ground::localWash, Ground::complement,  Ground::warm,     Ground::values,
        Ground::ink,  Ground::dryBase,   Ground::coolShadows, Ground::charcoal, Ground::brushedOut};
    constexpr int mostInFull = 3;
    // Of the bare sheet's layers: one more or less is the search's own scatter.
    constexpr double clearGain = 0.1;
    const cv::Mat& stackMap = subject.plan.stackMap;
    const cv::Mat grain =
        rendering::grainMap(subject.plan.paper.surface, stackMap.size(), study.widthMillimetres / stackMap.cols);
    std::vector<TriedGround> all;
    Outcome bare;
    int done = 0;
    const auto tell = [&](const TriedGround& tried) {
        if (onTried) onTried(tried);
        progress.at(double(++done) / double(order.size() + 1 + mostInFull));
    };
    const auto tryWith = [&](TriedGround& tried, Care care) {
        auto trial = tryOut(subject, study, media, tray, subject.plan.paper, tried.proposal, care, {{}, progress.stop});
        if (!trial || progress.cancelled()) return false;
        tried.care = care;
        tried.outcome = trial->outcome;
        tried.sparkles = trial->sparkles;
        constexpr double endsAreThePapers = 1;
        tried.score = scoreOf(tried.outcome, endsAreThePapers, study.goal);
        tried.layersEnough = tried.outcome.layers;
        tried.gains = false;
        if (tried.proposal.strategy == Ground::none) {
            bare = tried.outcome;
        } else if (tried.outcome.picture.mean <= bare.picture.mean && !tried.proposal.layers.empty()) {
            tried.layersEnough = layersEnough(*trial, subject, study, bare.picture.mean);
            tried.gains = tried.layersEnough + tried.outcome.groundLayers <= bare.layers * (1 - clearGain);
        }
        tried.plan = std::move(trial->plan);
        tried.ground = sheetOf(tried.plan, stackMap, grain, Laid::ground);
        tried.sheet = sheetOf(tried.plan, stackMap, grain, Laid::all);
        tell(tried);
        return true;
    };
    for (const Ground strategy : order) {
        TriedGround tried;
        tried.proposal = groundFor(study, strategy, subject.plan, media, tray);
        if (tried.proposal.obstacle)
            tell(tried);
        else if (!tryWith(tried, Care::quick))
            return std::nullopt;
        all.push_back(std::move(tried));
    }
    const auto sort = [&] {
        std::ranges::stable_sort(all, [](const TriedGround& one, const TriedGround& other) {
            return std::pair(standingOf(one), -one.score.points) < std::pair(standingOf(other), -other.score.points);
        });
    };
    sort();
    auto leaders = std::ranges::count_if(all, &TriedGround::gains);
    if (leaders > 0 && !tryWith(*std::ranges::find(all, Ground::none, strategyOf), Care::full)) return std::nullopt;
    bool holds = false;
    for (int i = 0; i < int(leaders); ++i) {
        TriedGround& leader = all[std::size_t(i)];
        if (holds || i >= mostInFull)
            leader.gains = false;  // who comes behind one that holds is not searched in full
        else if (!tryWith(leader, Care::full))
            return std::nullopt;
        holds = holds || leader.gains;
    }
    sort();
    return all;
}

}  // namespace planning
