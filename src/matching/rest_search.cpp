#include "matching/rest_search.h"

#include <algorithm>
#include <map>
#include <numeric>

#include "common/parallel.h"

namespace matching {

namespace {

class Rest {
 public:
    Rest(const Want& want, const std::vector<PreparedStick>& sticks, const RestRules& rules,
         const StackWeights& weights)
        : want_(want), mostly_(want), sticks_(sticks), rules_(rules), weights_(weights) {
        std::map<int, double> weightOver;
        for (const Sample& sample : want.samples) weightOver[sample.under] += sample.weight;
        std::vector<std::pair<int, double>> over(weightOver.begin(), weightOver.end());
        std::ranges::stable_sort(over, std::greater{}, &std::pair<int, double>::second);
        over.resize(std::min<std::size_t>(over.size(), 2));
        std::erase_if(mostly_.samples, [&](const Sample& sample) {
            return std::ranges::count(over, sample.under, &std::pair<int, double>::first) == 0;
        });
        const std::vector<TargetDistance> distances = distancesTo(want.samples);
        for (const int stick : rules.sticks) {
            const bool isBarred = std::ranges::count(want.barred, stick) > 0;
            // What strays further betters nothing that lies there.
            constexpr double farthestStray = 0.4;
            if (!isBarred && strayCost(distances, sticks[std::size_t(stick)], weights) <= farthestStray)
                open_.push_back(stick);
        }
    }

    Stack from(const Layers& layers) const {
        Stack best = judged(layers, want_, sticks_, weights_);
        for (int round = 0; round < rules_.rounds; ++round) {
            std::vector<Stack> stacks = bestOf(changesOf(best.layers));
            if (stacks.empty()) break;
            constexpr std::size_t judgedOverTheHand = 4;
            stacks.resize(std::min(stacks.size(), judgedOverTheHand));
            common::forEachIndex(int(stacks.size()), [&](int i) {
                Stack& stack = stacks[std::size_t(i)];
                stack = judged(std::move(stack.layers), want_, sticks_, weights_);
            });
            Stack& next = *std::ranges::min_element(stacks, {}, [this](const Stack& stack) { return priced(stack); });
            // What betters it by less is not worth another stick in the hand.
            constexpr double worthIt = 0.02;
            if (priced(next) > priced(best) - worthIt) break;
            best = std::move(next);
        }
        return best;
    }

 private:
    double priced(const Stack& stack) const {
        const auto sticks =
            std::ranges::count_if(stack.layers, [](const StackLayer& layer) { return layer.stick >= 0; });
        double cost = stack.cost + rules_.oneMore * double(std::max<std::ptrdiff_t>(0, sticks - rules_.layers));
        std::vector<int> paid;
        for (std::size_t i = std::size_t(want_.laid); i < stack.layers.size(); ++i) {
            const int stick = stack.layers[i].stick;
            if (stick < 0 || rules_.stickPrice.empty() || std::ranges::count(paid, stick) > 0) continue;
            paid.push_back(stick);
            cost += double(rules_.stickPrice[std::size_t(stick)]);
        }
        return cost;
    }

    /// What is left to lay, behind what first works on what lies there.
    Layers::iterator leftIn(Layers& layers) const {
        return std::find_if(layers.begin() + want_.laid, layers.end(), [](const StackLayer& layer) {
            return layer.manner != pigment::Manner::lift && layer.manner != pigment::Manner::fix;
        });
    }
    bool isLeftOfSticks(Layers& layers) const {
        return std::all_of(leftIn(layers), layers.end(), [](const StackLayer& layer) { return layer.stick >= 0; });
    }

    void add(std::vector<Layers>& all, Layers layers) const {
        if (isLeftOfSticks(layers))
            std::stable_sort(leftIn(layers), layers.end(), [&](const StackLayer& a, const StackLayer& b) {
                return rankIn(weights_.rules, sticks_[std::size_t(a.stick)]) <
                       rankIn(weights_.rules, sticks_[std::size_t(b.stick)]);
            });
        all.push_back(std::move(layers));
    }

    /// At the nominal hand, the best first.
    std::vector<Stack> bestOf(const std::vector<Layers>& tried) const {
        std::vector<Stack> stacks(tried.size());
        common::forEachIndex(int(tried.size()), [&](int i) {
            stacks[std::size_t(i)] = judgedSteady(tried[std::size_t(i)], want_, sticks_, weights_);
        });
        std::ranges::stable_sort(stacks, {}, [this](const Stack& stack) { return priced(stack); });
        return stacks;
    }

    std::vector<StackLayer> options(const Layers& layers) const {
        std::vector<StackLayer> all;
        for (const int stick : open_)
            for (const pigment::Manner manner : mannersOf(sticks_[std::size_t(stick)].kind)) {
                const StackLayer option{stick, manner};
                if (allows(weights_.rules, sticks_[std::size_t(stick)], manner) &&
                    std::find(layers.begin() + want_.laid, layers.end(), option) == layers.end())
                    all.push_back(option);
            }
        return all;
    }

    /// What does well as one layer more is tried in the place of each other too.
    std::vector<StackLayer> promising(const Layers& layers, const std::vector<StackLayer>& all) const {
        constexpr std::size_t exchanged = 16;
        std::vector<Layers> tried;
        for (const StackLayer& option : all) {
            Layers more = layers;
            if (int(more.size()) >= rules_.most && int(more.size()) > want_.laid) more.pop_back();
            more.push_back(option);
            tried.push_back(std::move(more));
        }
        std::vector<double> costs(tried.size());
        common::forEachIndex(int(tried.size()), [&](int i) {
            costs[std::size_t(i)] = priced(judgedSteady(tried[std::size_t(i)], mostly_, sticks_, weights_));
        });
        std::vector<std::size_t> order(all.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::ranges::stable_sort(order, {}, [&](std::size_t i) { return costs[i]; });
        std::vector<StackLayer> best;
        for (const std::size_t i : order)
            if (best.size() < exchanged) best.push_back(all[i]);
        return best;
    }

    std::vector<Layers> changesOf(Layers layers) const {
        std::vector<Layers> all;
        const bool mayMove = isLeftOfSticks(layers);
        for (std::size_t i = std::size_t(want_.laid); i < layers.size(); ++i) {
            Layers without = layers;
            without.erase(without.begin() + std::ptrdiff_t(i));
            // A tool works on what was laid before it.
            if (layers[i].stick < 0 || mayMove) add(all, std::move(without));
        }
        for (const StackLayer& option : promising(layers, options(layers))) {
            for (std::size_t i = std::size_t(want_.laid); i < layers.size(); ++i) {
                if (layers[i].stick < 0) continue;
                Layers exchanged = layers;
                exchanged[i] = option;
                add(all, std::move(exchanged));
            }
            if (int(layers.size()) >= rules_.most || !mayMove) continue;
            Layers more = layers;
            more.push_back(option);
            add(all, std::move(more));
        }
        return all;
    }

    const Want& want_;
    Want mostly_;  // over the two tones that most of what lies there has
    const std::vector<PreparedStick>& sticks_;
    const RestRules& rules_;
    const StackWeights& weights_;
    std::vector<int> open_;
};

}  // namespace

Stack goneOnWith(const Layers& layers, const Want& want, const std::vector<PreparedStick>& sticks,
                 const RestRules& rules, const StackWeights& weights) {
    return Rest(want, sticks, rules, weights).from(layers);
}

}  // namespace matching
