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

}  // namespace

const TriedGround& bareOf(const std::vector<TriedGround>& board) {
    return *std::ranges::find(board, Ground::none, [](const TriedGround& t) { return t.proposal.strategy; });
}

std::optional<std::vector<TriedGround>> triedGrounds(const TrialSubject& subject, const Study& study,
                                                     const std::vector<materials::Material>& media,
                                                     const std::vector<matching::PreparedStick>& tray,
                                                     const common::Progress& progress,
                                                     const std::function<void(const TriedGround&)>& onTried) {
    // Those that are laid most come first. Common practice, no source.
    static constexpr std::array<Ground, groundCount - 1> order{
        Ground::none, Ground::localWash, Ground::complement, Ground::warm,    Ground::values,
        Ground::ink,  Ground::dryBase,   Ground::coolShadows, Ground::charcoal, Ground::brushedOut};
    const cv::Mat& stackMap = subject.plan.stackMap;
    const cv::Mat grain = rendering::grainMap(subject.plan.paper.surface, stackMap.size(),
                                              study.widthMillimetres / stackMap.cols);
    std::vector<TriedGround> all;
    double bareDifference = 0;
    int bareLayers = 0;
    for (const Ground strategy : order) {
        TriedGround tried;
        tried.proposal = groundFor(study, strategy, subject.plan, media, tray);
        if (!tried.proposal.obstacle) {
            const auto trial = tryOut(subject, study, media, tray, subject.plan.paper, tried.proposal, progress);
            if (!trial || progress.cancelled()) return std::nullopt;
            tried.outcome = trial->outcome;
            tried.sparkles = trial->sparkles;
            constexpr double endsAreThePapers = 1;
            tried.score = scoreOf(tried.outcome, endsAreThePapers, study.goal);
            tried.plan = trial->plan;
            tried.ground = sheetOf(tried.plan, stackMap, grain, Laid::ground);
            tried.sheet = sheetOf(tried.plan, stackMap, grain, Laid::all);
            tried.layersEnough = tried.outcome.layers;
            if (strategy == Ground::none) {
                bareDifference = tried.outcome.picture.mean;
                bareLayers = tried.outcome.layers;
            } else if (tried.outcome.picture.mean <= bareDifference && !tried.proposal.layers.empty()) {
                tried.layersEnough = layersEnough(*trial, subject, study, bareDifference);
                tried.gains = tried.layersEnough + tried.outcome.groundLayers < bareLayers;
            }
        }
        if (onTried) onTried(tried);
        all.push_back(std::move(tried));
        progress.at(double(all.size()) / double(order.size()));
    }
    std::ranges::stable_sort(all, [](const TriedGround& one, const TriedGround& other) {
        return std::pair(standingOf(one), -one.score.points) < std::pair(standingOf(other), -other.score.points);
    });
    return all;
}

}  // namespace planning
