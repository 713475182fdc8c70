#include "planning/rest_stacks.h"

#include <algorithm>
#include <set>
#include <span>

#include "matching/rest_search.h"
#include "planning/laying.h"
#include "planning/own_stacks.h"
#include "planning/stacks.h"
#include "planning/standing_on.h"

namespace planning {

matching::Layers chosenIn(const std::vector<Layer>& layers) {
    matching::Layers all;
    for (const Layer& layer : layers) all.push_back({layer.stick, layer.manner, layer.isFixed});
    return all;
}

RestStacks::RestStacks(const Plan& plan, const Study& study, const materials::Library& library, const cv::Mat& wanted)
    : plan_(plan), study_(study), library_(library), wanted_(wanted), media_(plan.sticks) {
    for (const materials::Material& it : library.media)
        if (std::ranges::count(plan.sticks, it.id, &materials::Material::id) == 0) media_.push_back(it);
    prepared_ = matching::prepared(media_, plan.light);
    wants_ = wantsOf(plan, study, media_);
    weights_ = weightsFor(study);
    weights_.hand = plan.hand;
}

matching::Layers RestStacks::begunBy(std::optional<Mend> mend, const Going& going) const {
    matching::Layers layers = chosenIn(going.laid);
    if (layers.size() >= std::size_t(mostWithMends)) return layers;
    if (mend == Mend::lift) layers.push_back({-1, pigment::Manner::lift});
    if (mend == Mend::darken) layers.push_back({-1, pigment::Manner::fix});
    for (const matching::StackLayer& layer : chosenIn(going.rest))
        if (layers.size() < std::size_t(mostWithMends)) layers.push_back(layer);
    return layers;
}

matching::Want RestStacks::wantOver(int stack, const Going& going) const {
    matching::Want want = wants_[std::size_t(stack)];
    if (!going.laid.empty() || plan_.seen)
        standOn(want, plan_, study_, stack, wanted_, chosenIn(going.laid), going.maps, prepared_);
    return want;
}

matching::RestRules RestStacks::rulesFor(const matching::Want& want, const Going& going, int layers) const {
    matching::RestRules rules;
    rules.layers = std::max(study_.layers, layers);
    rules.most = mostWithMends;
    constexpr double whereSeenOff = 0.15;
    if (plan_.seen) rules.oneMore = whereSeenOff;
    const auto isOpen = [&](int i) {
        return matching::isDry(prepared_[std::size_t(i)]) && library_.medium(media_[std::size_t(i)].id) &&
               std::ranges::count(going.barred, i) == 0;
    };
    for (int i = 0; i < int(plan_.sticks.size()); ++i)
        if (isOpen(i)) rules.sticks.push_back(i);
    rules.stickPrice.assign(media_.size(), 0);
    if (int(plan_.sticks.size()) >= study_.stickLimit || !study_.familyLimits.empty()) return rules;
    constexpr int nearest = 6, colours = 4;
    std::vector<matching::Sample> largest = want.samples;
    std::ranges::stable_sort(largest, std::greater{}, &matching::Sample::weight);
    std::set<int> others;
    for (std::size_t i = 0; i < std::min<std::size_t>(colours, largest.size()); ++i)
        for (const int stick : matching::nearestSticks(largest[i].wanted, prepared_, nearest))
            if (stick >= int(plan_.sticks.size())) others.insert(stick);
    for (const int stick : others) {
        rules.sticks.push_back(stick);
        rules.stickPrice[std::size_t(stick)] = float(matching::usualStickPrice / want.importance);
    }
    return rules;
}

matching::Layers RestStacks::found(int stack, const Going& going) const {
    matching::Layers begun = begunBy(going.mend, going);
    // What the artist has set by hand is hers to change.
    if (ownStackOf(plan_, study_, stack)) return begun;
    const matching::Want want = wantOver(stack, going);
    return matching::goneOnWith(begun, want, prepared_, rulesFor(want, going, int(begun.size())), weights_).layers;
}

Ways RestStacks::waysFor(int stack, const Going& going, bool isSought) const {
    const matching::Want want = wantOver(stack, going);
    const matching::Layers laid = chosenIn(going.laid), planned = begunBy(std::nullopt, going);
    const matching::RestRules rules = rulesFor(want, going, int(planned.size()));
    const auto judged = [&](const matching::Layers& layers) {
        return matching::judged(layers, want, prepared_, weights_);
    };
    const matching::Stack asIs = judged(planned);
    Ways ways{judged(laid).unsteady, asIs.unsteady, {}};
    if (!isSought) return ways;
    // What the artist has set by hand is laid as it is, after what mends.
    const bool isOwn = ownStackOf(plan_, study_, stack) != nullptr;
    for (const Mend mend : {Mend::layers, Mend::lift, Mend::darken}) {
        if (laid.size() >= std::size_t(mostWithMends)) break;
        const matching::Layers begun = begunBy(mend, going);
        const matching::Stack mended =
            isOwn ? judged(begun) : matching::goneOnWith(begun, want, prepared_, rules, weights_);
        const auto left = std::span(mended.layers).subspan(laid.size());
        const bool isSo = mend == Mend::layers ? mended.layers != planned : !left.empty() && left.front().stick < 0;
        // What mends must be felt, and better than the plainer way.
        constexpr double felt = 0.15;
        const double known = ways.mends.empty() ? asIs.cost : ways.mends.front().cost;
        if (!isSo || mended.cost > known - felt) continue;
        Ways::Way way{mend, mended.unsteady, mended.cost, {}};
        for (const matching::StackLayer& layer : left)
            if (layer.stick >= 0 && std::find(planned.begin() + want.laid, planned.end(), layer) == planned.end())
                way.sticks.push_back(media_[std::size_t(layer.stick)]);
        ways.mends.insert(ways.mends.begin(), std::move(way));
    }
    return ways;
}

}  // namespace planning
