#include "matching/palette.h"

#include <algorithm>
#include <map>
#include <set>
#include <utility>

#include "common/parallel.h"
#include "matching/gains.h"

namespace matching {

namespace {

std::set<int> sticksOf(const std::vector<Stack>& stacks) {
    std::set<int> sticks;
    for (const Stack& stack : stacks)
        for (const StackLayer& layer : stack.layers)
            if (layer.stick >= 0) sticks.insert(layer.stick);
    return sticks;
}

bool uses(const Stack& stack, int stick) {
    return std::ranges::find(stack.layers, stick, &StackLayer::stick) != stack.layers.end();
}

class Chooser {
 public:
    Chooser(const std::vector<Want>& wants, const OptionBank& bank, const PaletteRules& rules, const SearchWidth& width,
            const StackWeights& weights, const common::Progress& progress)
        : wants_(wants),
          bank_(bank),
          limit_(rules.limit),
          groups_(rules.groups),
          pinned_(rules.pinned.begin(), rules.pinned.end()),
          set_(wants.size()),
          width_(width),
          stickPrice_(rules.stickPrice),
          progress_(progress),
          free_(bank.sticks.size(), 0.0f) {
        for (const Want& want : wants) screens_.emplace_back(want, bank, weights);
    }

    std::optional<Palette> chosen() {
        if (!searchAlone()) return std::nullopt;
        progress_.at(0.5);
        alone_ = stacks_;
        if (!comeDown()) return std::nullopt;
        progress_.at(0.75);
        if (!swapWhileItPays()) return std::nullopt;
        if (!tryMembers()) return std::nullopt;
        // So few sticks may be found better by taking up one after the other than by giving up.
        constexpr int few = 6;
        if (limit_ <= few && width_.swapRounds > 0) {
            const std::vector<Stack> givenUp = stacks_;
            if (!takeUp() || !swapWhileItPays()) return std::nullopt;
            if (paletteCost(wants_, givenUp, stickPrice_) < paletteCost(wants_, stacks_, stickPrice_))
                stacks_ = givenUp;
        }
        return finished();
    }

    std::optional<Palette> around(const SetLayers& set, const Palette& known) {
        set_ = set;
        stacks_ = known.stacks;
        std::set<int> coming;
        for (const std::optional<Layers>& layers : set_)
            if (layers)
                for (const StackLayer& layer : *layers)
                    if (layer.stick >= 0) coming.insert(layer.stick);
        pinned_.insert(coming.begin(), coming.end());
        for (const int stick : known.sticks) coming.erase(stick);
        const std::vector<int> options = bank_.of({coming.begin(), coming.end()});
        const bool isDone = forEachArea([&](std::size_t a) {
            if (set_[a])
                stacks_[a] = screens_[a].judged(*set_[a]);
            else if (!options.empty())
                stacks_[a] = exchanged(std::move(stacks_[a]), screens_[a], openTo(a, options), free_, width_);
        });
        progress_.at(0.3);
        if (!isDone || !giveUp(0)) return std::nullopt;
        return finished();
    }

 private:
    Palette finished() {
        progress_.at(1);
        placePinned();
        const std::set<int> used = sticksOf(stacks_);
        return {{used.begin(), used.end()}, stacks_, paletteCost(wants_, stacks_, stickPrice_)};
    }

    std::vector<int> openTo(std::size_t a, std::vector<int> options) const {
        return matching::openTo(wants_[a], bank_, std::move(options));
    }

    /// The sticks of these stacks, and those that are in the palette anyway.
    std::set<int> heldBy(const std::vector<Stack>& stacks) const {
        std::set<int> held = sticksOf(stacks);
        held.insert(pinned_.begin(), pinned_.end());
        return held;
    }

    int count() const { return int(wants_.size()); }

    static bool isOf(const StickGroup& group, int stick) { return std::ranges::binary_search(group.sticks, stick); }

    /// Whether a group has more sticks in the palette than it may, and one that can be given up.
    bool isOver(const StickGroup& group, const std::set<int>& palette) const {
        int count = 0, open = 0;
        for (const int stick : palette) {
            count += isOf(group, stick);
            open += isOf(group, stick) && !pinned_.contains(stick);
        }
        return count > group.most && open > 0;
    }
    bool fits(const std::set<int>& palette) const {
        return int(palette.size()) <= limit_ &&
               std::ranges::none_of(groups_, [&](const StickGroup& group) { return isOver(group, palette); });
    }
    /// Sticks that may be given up so that the palette comes to fit: those of groups that are over, else all.
    std::map<int, double> ofWhatIsOver(std::map<int, double> losses, const std::set<int>& palette) const {
        std::set<int> over;
        for (const StickGroup& group : groups_)
            if (isOver(group, palette))
                for (const auto& [stick, loss] : losses)
                    if (isOf(group, stick)) over.insert(stick);
        if (!over.empty()) std::erase_if(losses, [&](const auto& it) { return !over.contains(it.first); });
        return losses;
    }

    /// work(i) for all areas, each on its own; false if cancelled meanwhile.
    template <typename Work>
    bool forEachArea(const Work& work) {
        common::forEachIndex(count(), [&](int a) {
            if (!progress_.cancelled()) work(std::size_t(a));
        });
        return !progress_.cancelled();
    }

    bool searchAlone() {
        stacks_.resize(wants_.size());
        promising_.resize(wants_.size());
        const std::vector<int> all = bank_.all();
        return forEachArea([&](std::size_t a) {
            std::vector<float> price(bank_.sticks.size(), float(stickPrice_ / wants_[a].importance));
            for (const int stick : pinned_) price[std::size_t(stick)] = 0;
            Found found = bestStacks(screens_[a], openTo(a, all), price, width_);
            stacks_[a] = std::move(found.stacks.front());
            promising_[a] = std::move(found.promising);
        });
    }

    /// What stands in for a stick of an area's stack: the same layers with another option, or none (-1), in its place;
    /// and what the area loses by that, by the screen.
    struct StandIn {
        std::vector<StackLayer> layers;
        int stick = -1;
        double loss = 0;
    };
    StandIn standInFor(std::size_t a, int stick, const std::vector<int>& allowed) const {
        const Stack& stack = stacks_[a];
        const Screen& screen = screens_[a];
        const auto layer = std::ranges::find(stack.layers, stick, &StackLayer::stick);
        const int mine = bank_.indexOf(*layer);
        std::vector<int> candidates{mine};
        for (const int option : openTo(a, allowed))
            if (bank_.options[std::size_t(option)].layer.stick != stick) candidates.push_back(option);
        std::ranges::sort(candidates);
        StandIn standIn{stack.layers, -1, 0};
        standIn.layers.erase(standIn.layers.begin() + (layer - stack.layers.begin()));
        const std::vector<int> tones =
            standIn.layers.size() > 3 ? screen.judged(standIn.layers).tones : std::vector<int>{};
        const Tried tried = screen.tried(standIn.layers, tones, candidates);
        Screened best{-1, tried.without - float(wants_[a].layerPrice)};
        float now = 0;
        for (const Screened& s : tried.with) {
            if (s.option == mine)
                now = s.cost;
            else if (s.cost < best.cost)
                best = s;
        }
        standIn.loss = best.cost - now;
        if (best.option < 0) return standIn;
        standIn.stick = bank_.options[std::size_t(best.option)].layer.stick;
        standIn.layers = bank_.with(std::move(standIn.layers), best.option);
        return standIn;
    }

    /// What the picture loses without each stick of `palette` that is not pinned.
    std::map<int, double> lossesOf(const std::set<int>& palette) {
        std::vector<std::pair<std::size_t, int>> open;
        for (std::size_t a = 0; a < stacks_.size(); ++a)
            for (const StackLayer& layer : stacks_[a].layers)
                if (!pinned_.contains(layer.stick) && layer.stick >= 0 && !standIns_.contains({a, layer.stick}))
                    open.push_back({a, layer.stick});
        const std::vector<int> allowed = bank_.of({palette.begin(), palette.end()});
        std::vector<StandIn> found(open.size());
        common::forEachIndex(int(open.size()), [&](int i) {
            const auto [a, stick] = open[std::size_t(i)];
            if (!progress_.cancelled()) found[std::size_t(i)] = standInFor(a, stick, allowed);
        });
        for (std::size_t i = 0; i < open.size(); ++i) standIns_[open[i]] = std::move(found[i]);
        std::map<int, double> losses;
        for (const auto& [key, standIn] : standIns_) losses[key.second] += wants_[key.first].importance * standIn.loss;
        return losses;
    }

    /// From what serves each area best to what keeps to the rules.
    bool comeDown() { return giveUp(stickPrice_) && (width_.exchanges <= 0 || searchWithin()); }

    /// Which sticks of a limited group stay settles what goes with them, and is not mended by exchanging one: the whole
    /// is tried with each of those that are wanted most, too.
    bool tryMembers() {
        constexpr std::size_t tried = 4;
        for (const StickGroup& group : groups_) {
            if (std::ranges::count_if(pinned_, [&](int stick) { return isOf(group, stick); }) >= group.most) continue;
            std::map<int, double> wanted;  // how much of the picture is laid with it where all sticks are to be had
            for (std::size_t a = 0; a < wants_.size(); ++a)
                for (const StackLayer& layer : alone_[a].layers)
                    if (isOf(group, layer.stick)) wanted[layer.stick] += wants_[a].importance;
            std::vector<std::pair<double, int>> members;
            for (const auto& [stick, importance] : wanted)
                if (!pinned_.contains(stick)) members.push_back({-importance, stick});
            std::ranges::sort(members);
            if (members.size() > tried) members.resize(tried);
            for (const auto& [importance, stick] : members) {
                const std::vector<Stack> known = std::exchange(stacks_, alone_);
                standIns_.clear();
                pinned_.insert(stick);
                const bool isDone = comeDown();
                pinned_.erase(stick);
                if (!isDone || !swapWhileItPays()) return false;
                if (paletteCost(wants_, known, stickPrice_) <= paletteCost(wants_, stacks_, stickPrice_))
                    stacks_ = known;
            }
        }
        return !progress_.cancelled();
    }

    /// As long as there are too many sticks, or one is worth less to the picture.
    bool giveUp(double worth) {
        for (std::set<int> palette = heldBy(stacks_); palette.size() > std::max<std::size_t>(1, pinned_.size());) {
            if (worth <= 0 && fits(palette)) break;
            const std::map<int, double> losses = ofWhatIsOver(lossesOf(palette), palette);
            if (progress_.cancelled()) return false;
            if (losses.empty()) break;
            const auto least = std::ranges::min_element(losses, {}, [](const auto& l) { return l.second; });
            const int stick = least->first;
            if (fits(palette) && least->second >= worth) break;
            std::set<std::size_t> changed;
            for (const auto& [key, standIn] : standIns_)
                if (key.second == stick) {
                    stacks_[key.first] = screens_[key.first].judged(standIn.layers);
                    changed.insert(key.first);
                }
            // What stood on the stick, or belongs to a stack that has changed, is found anew.
            std::erase_if(standIns_, [&](const auto& entry) {
                return changed.contains(entry.first.first) || entry.second.stick == stick;
            });
            palette = heldBy(stacks_);
        }
        return true;
    }

    /// The best stack of an area within some options, or the one given if that is better.
    Stack within(std::size_t a, const std::vector<int>& allowed, const Stack& known) const {
        const std::vector<Stack> found = bestStacks(screens_[a], openTo(a, allowed), free_, width_).stacks;
        return found.front().cost < known.cost ? found.front() : known;
    }

    bool searchWithin() {
        const std::set<int> palette = heldBy(stacks_);
        const std::vector<int> allowed = bank_.of({palette.begin(), palette.end()});
        return forEachArea([&](std::size_t a) { stacks_[a] = within(a, allowed, stacks_[a]); });
    }

    /// How much the picture seems to gain (by the screen) from each stick that it does not draw from.
    std::vector<std::pair<double, int>> gains(const std::set<int>& palette) {
        std::vector<std::vector<float>> gain(wants_.size(), std::vector<float>(bank_.sticks.size(), 0.0f));
        forEachArea([&](std::size_t a) {
            gain[a] = gainsFrom(screens_[a], stacks_[a], promising_[a], palette, width_.layers);
        });
        std::vector<std::pair<double, int>> byStick;
        for (std::size_t stick = 0; stick < bank_.sticks.size(); ++stick) {
            double sum = 0;
            for (std::size_t a = 0; a < wants_.size(); ++a) sum += wants_[a].importance * gain[a][stick];
            if (isDry(bank_.sticks[stick]) && !palette.contains(int(stick))) byStick.push_back({-sum, int(stick)});
        }
        std::ranges::sort(byStick);
        return byStick;
    }

    bool swapWhileItPays() {
        for (int round = 0; round < width_.swapRounds; ++round)
            if (!swap()) break;
        return !progress_.cancelled();
    }

    /// From what serves the area best that has lost most by the limit; then always the stick that betters the whole
    /// most.
    bool takeUp() {
        std::size_t leader = 0;
        const auto lost = [&](std::size_t a) { return wants_[a].importance * (stacks_[a].cost - alone_[a].cost); };
        for (std::size_t a = 1; a < wants_.size(); ++a)
            if (lost(a) > lost(leader)) leader = a;
        for (std::size_t a = 0; a < wants_.size(); ++a)
            stacks_[a] = a == leader && fits(heldBy({alone_[a]})) ? alone_[a] : screens_[a].judged({});
        while (int(heldBy(stacks_).size()) < limit_) {
            std::set<int> palette = heldBy(stacks_);
            std::vector<std::pair<double, int>> rivals = gains(palette);
            if (rivals.size() > std::size_t(width_.swaps)) rivals.resize(std::size_t(width_.swaps));
            std::vector<Stack> best = stacks_;
            for (const auto& [gain, stick] : rivals) {
                std::set<int> with = palette;
                with.insert(stick);
                if (!fits(with)) continue;
                const std::vector<int> allowed = bank_.of({with.begin(), with.end()});
                std::vector<Stack> stacks(wants_.size());
                if (!forEachArea([&](std::size_t a) { stacks[a] = within(a, allowed, stacks_[a]); })) return false;
                if (paletteCost(wants_, stacks, stickPrice_) < paletteCost(wants_, best, stickPrice_)) best = stacks;
            }
            if (heldBy(best) == palette) break;
            stacks_ = std::move(best);
        }
        return true;
    }

    /// What is pinned and serves no area goes as one more layer, or in the place of one, where the picture loses least.
    void placePinned() {
        for (const int stick : pinned_) {
            if (sticksOf(stacks_).contains(stick)) continue;
            std::size_t area = 0;
            std::optional<Stack> best;
            double least = std::numeric_limits<double>::infinity();
            const auto offer = [&](std::size_t a, const std::vector<StackLayer>& rest) {
                for (const int option : openTo(a, bank_.of({stick}))) {
                    Stack tried = screens_[a].judged(bank_.with(rest, option));
                    const double loss = wants_[a].importance * (tried.cost - stacks_[a].cost);
                    if (loss >= least) continue;
                    least = loss;
                    area = a;
                    best = std::move(tried);
                }
            };
            for (std::size_t a = 0; a < wants_.size(); ++a) {
                if (set_[a]) continue;
                const std::vector<StackLayer>& layers = stacks_[a].layers;
                if (int(layers.size()) < width_.layers) offer(a, layers);
                for (std::size_t i = 0; i < layers.size(); ++i) {
                    if (pinned_.contains(layers[i].stick)) continue;
                    std::vector<StackLayer> rest = layers;
                    rest.erase(rest.begin() + std::ptrdiff_t(i));
                    offer(a, rest);
                }
            }
            if (best) stacks_[area] = *std::move(best);
        }
    }

    /// Takes a stick into the palette, for another one where it is full, if that betters the whole.
    bool swap() {
        const std::set<int> palette = heldBy(stacks_);
        standIns_.clear();
        const auto losses = lossesOf(palette);
        std::vector<std::pair<double, int>> rivals = gains(palette);
        if (progress_.cancelled()) return false;
        struct Trial {
            double promise;
            int in, out;  // out: -1 for none
            auto operator<=>(const Trial&) const = default;
        };
        std::vector<Trial> trials;
        if (rivals.size() > std::size_t(width_.swaps)) rivals.resize(std::size_t(width_.swaps));
        for (const auto& [gain, in] : rivals) {
            std::set<int> with = palette;
            with.insert(in);
            if (fits(with)) trials.push_back({gain + stickPrice_, in, -1});
            for (const auto& [out, loss] : losses) {
                std::set<int> changed = with;
                changed.erase(out);
                if (fits(changed)) trials.push_back({gain + loss, in, out});
            }
        }
        std::ranges::sort(trials);
        if (trials.size() > std::size_t(width_.swaps)) trials.resize(std::size_t(width_.swaps));
        bool isBetter = false;
        for (const Trial& trial : trials) {
            std::set<int> changed = heldBy(stacks_);
            if (changed.contains(trial.in) || (trial.out >= 0 && !changed.contains(trial.out))) continue;
            changed.insert(trial.in);
            changed.erase(trial.out);
            if (!fits(changed)) continue;
            const std::vector<int> allowed = bank_.of({changed.begin(), changed.end()}), coming = bank_.of({trial.in});
            std::vector<Stack> stacks = stacks_;
            const bool isDone = forEachArea([&](std::size_t a) {
                const bool mustChange = trial.out >= 0 && uses(stacks_[a], trial.out);
                // So few options are soon searched whole.
                constexpr std::size_t few = 24;
                if (allowed.size() <= few) {
                    stacks[a] = within(a, allowed, mustChange ? screens_[a].judged({}) : stacks_[a]);
                    return;
                }
                Stack known = mustChange ? screens_[a].judged(standInFor(a, trial.out, allowed).layers) : stacks_[a];
                if (mustChange) known = exchanged(std::move(known), screens_[a], openTo(a, allowed), free_, width_);
                stacks[a] = exchanged(std::move(known), screens_[a], openTo(a, coming), free_, width_);
            });
            if (!isDone) return false;
            if (paletteCost(wants_, stacks, stickPrice_) >= paletteCost(wants_, stacks_, stickPrice_) - 1e-9) continue;
            stacks_ = std::move(stacks);
            isBetter = true;
        }
        return isBetter;
    }

    const std::vector<Want>& wants_;
    const OptionBank& bank_;
    int limit_;
    std::vector<StickGroup> groups_;
    std::set<int> pinned_;
    std::vector<std::optional<Layers>> set_;  // by area
    const SearchWidth& width_;
    double stickPrice_;
    const common::Progress& progress_;
    const std::vector<float> free_;
    std::vector<Screen> screens_;                              // by area
    std::vector<Stack> stacks_, alone_;                        // by area; alone_ where all sticks are to be had
    std::vector<std::vector<int>> promising_;                  // by area: options that did well where all were tried
    std::map<std::pair<std::size_t, int>, StandIn> standIns_;  // by area and the stick that is done without
};

}  // namespace

double paletteCost(const std::vector<Want>& wants, const std::vector<Stack>& stacks, double stickPrice) {
    double cost = stickPrice * double(sticksOf(stacks).size());
    for (std::size_t a = 0; a < stacks.size(); ++a) cost += wants[a].importance * stacks[a].cost;
    return cost;
}

std::optional<Palette> choosePalette(const std::vector<Want>& wants, const OptionBank& bank, const PaletteRules& rules,
                                     const SearchWidth& width, const StackWeights& weights,
                                     const common::Progress& progress) {
    return Chooser(wants, bank, rules, width, weights, progress).chosen();
}

std::optional<Palette> paletteAround(const SetLayers& set, const Palette& chosen, const std::vector<Want>& wants,
                                     const OptionBank& bank, const PaletteRules& rules, const SearchWidth& width,
                                     const StackWeights& weights, const common::Progress& progress) {
    return Chooser(wants, bank, rules, width, weights, progress).around(set, chosen);
}

}  // namespace matching
