#include "planning/gaps.h"

#include <algorithm>

#include "common/parallel.h"
#include "matching/gains.h"
#include "planning/laying.h"

namespace planning {

namespace {

/// Dry sticks of the catalogue that are not at hand.
std::vector<materials::Material> missingFrom(const materials::Library& library,
                                             const std::vector<materials::Material>& catalogue, std::size_t most) {
    std::vector<materials::Material> missing;
    for (const materials::Material& stick : catalogue)
        if (!materials::isWet(stick.kind) && !library.medium(stick.id) && missing.size() < most)
            missing.push_back(stick);
    return missing;
}

/// The sum over the areas by importance of what each missing stick seems to gain, by its place.
std::vector<double> screened(const Plan& plan, const Study& study, const std::vector<materials::Material>& missing,
                             const common::Progress& progress) {
    std::vector<materials::Material> media = plan.sticks;
    media.insert(media.end(), missing.begin(), missing.end());
    const auto sticks = matching::prepared(media, plan.light);
    const matching::StackWeights weights = weightsFor(study);
    const matching::OptionBank bank(sticks, materials::profileOf(plan.paper.surface), weights);
    std::set<int> inside;
    for (int i = 0; i < int(plan.sticks.size()); ++i) inside.insert(i);
    const std::vector<matching::Want> wants = wantsOf(plan);
    std::vector<std::vector<float>> gains(wants.size());
    common::forEachIndex(int(wants.size()), [&](int s) {
        if (progress.cancelled()) return;
        const auto at = std::size_t(s);
        std::vector<matching::StackLayer> layers;
        for (const Layer& layer : plan.stacks[at].layers)
            if (layer.stick >= 0) layers.push_back({layer.stick, layer.manner});
        const matching::Screen screen(wants[at], bank, weights);
        gains[at] = matching::gainsFrom(screen, screen.judged(std::move(layers)), bank.all(), inside, study.layers);
    });
    std::vector<double> sums(missing.size(), 0.0);
    if (progress.cancelled()) return sums;
    for (std::size_t s = 0; s < gains.size(); ++s)
        for (std::size_t i = 0; i < missing.size(); ++i)
            sums[i] += wants[s].importance * double(gains[s][plan.sticks.size() + i]);
    return sums;
}

}  // namespace

common::Result<std::vector<Gap>> gapsIn(const Plan& plan, const Study& study, const materials::Library& library,
                                        const std::vector<materials::Material>& catalogue, Kept& kept,
                                        const common::Progress& progress,
                                        const std::function<void(const Gap&)>& onTried) {
    const std::size_t room = matching::mostSticks - std::max(plan.sticks.size(), library.media.size());
    const std::vector<materials::Material> missing = missingFrom(library, catalogue, room);
    const std::vector<double> promise = screened(plan, study, missing, progress);
    std::vector<std::size_t> order;
    for (std::size_t i = 0; i < missing.size(); ++i)
        if (promise[i] > 0) order.push_back(i);
    std::ranges::stable_sort(order, std::greater{}, [&](std::size_t i) { return promise[i]; });
    order.resize(std::min<std::size_t>(order.size(), gapsTried));
    std::vector<Gap> gaps;
    for (std::size_t n = 0; n < order.size(); ++n) {
        materials::Library with = library;
        with.media.push_back(missing[order[n]]);
        const auto tried =
            triedPlan(plan, study, study, with, kept,
                      progress.part(double(n) / double(order.size()), double(n + 1) / double(order.size())));
        if (!tried) return tried.problem();
        const Gap gap{missing[order[n]], plan.summary.picture.mean - tried->difference};
        if (gap.gain <= 0) continue;
        gaps.push_back(gap);
        if (onTried) onTried(gap);
    }
    if (progress.cancelled()) return common::Problem{common::ProblemKind::cancelled, ""};
    std::ranges::stable_sort(gaps, std::greater{}, &Gap::gain);
    return gaps;
}

}  // namespace planning
