#include "matching/screen.h"

#include <algorithm>
#include <cmath>
#include <span>

#include "matching/target_distance.h"
#include "pigment/tones.h"

namespace matching {

namespace {

constexpr int mostPressures = 72;  // of a stack of more than three layers

SampleTable tableOf(const std::vector<Sample>& samples) {
    SampleTable table;
    for (const Sample& sample : samples) {
        const TargetDistance distance(sample.wanted);
        table.rows.push_back({float(sample.wanted.L), float(sample.wanted.a), float(sample.wanted.b),
                              float(distance.radialA()), float(distance.radialB()), float(distance.tangentA()),
                              float(distance.tangentB())});
        table.weight.push_back(float(sample.weight));
    }
    return table;
}

}  // namespace

Screen::Screen(const Want& want, const OptionBank& bank, const StackWeights& weights)
    : want_(want), bank_(bank), weights_(weights), samples_(tableOf(want.samples)), ground_(thumbnailOf(want.ground)) {
    const std::vector<TargetDistance> distances = distancesTo(want.samples);
    for (const PreparedStick& stick : bank.sticks) {
        stray_.push_back(float(strayCost(distances, stick, weights)));
        isBlack_.push_back(isBlack(stick));
    }
}

/// One stack and the pressures of its layers that are tried, as a tree: pressures that begin alike share their films.
class Screen::Pass {
 public:
    Pass(const Screen& screen, const std::vector<StackLayer>& layers, const std::vector<int>& tones)
        : screen_(screen), weights_(thumbnailWeights(screen.weights_.light)), count_(layers.size()) {
        for (const StackLayer& layer : layers) {
            const Option& option = screen.bank_.options[std::size_t(screen.bank_.indexOf(layer))];
            indices_.push_back(screen.bank_.indexOf(layer));
            isBlack_.push_back(screen.isBlack_[std::size_t(layer.stick)]);
            levels_.emplace_back();
            for (const ThumbnailStroke& stroke : option.strokes) levels_.back().push_back(LaneStrokes(stroke));
        }
        choosePressures(tones);
        // Without the candidate.
        without_ = nothing();
        descend(0, pressures_, LaneThumbnails(screen.ground_), false, without_);
    }

    /// Where an option goes: under the layers of higher rank, and of options of one rank by their order.
    std::size_t placeOf(int option) const {
        return std::size_t(std::ranges::lower_bound(indices_, option) - indices_.begin());
    }

    /// The cost for each of up to 16 candidates that go to the same place.
    std::array<float, lanes> costs(std::span<const int> candidates, std::size_t place) {
        candidatePlace_ = place;
        areBlack_ = {};
        for (std::size_t level = 0; level < candidate_.size(); ++level)
            for (int lane = 0; lane < lanes; ++lane) {
                // Lanes that are not taken repeat the last candidate.
                const int option = candidates[std::min<std::size_t>(std::size_t(lane), candidates.size() - 1)];
                const Option& it = screen_.bank_.options[std::size_t(option)];
                candidate_[level].set(lane, it.strokes[level]);
                areBlack_[std::size_t(lane)] = screen_.isBlack_[std::size_t(it.layer.stick)];
            }
        Nearest nearest = without_;
        descend(0, pressures_, LaneThumbnails(screen_.ground_), true, nearest);
        return meanOf(nearest);
    }

    float costWithout() const { return meanOf(without_).front(); }

 private:
    std::array<float, lanes> meanOf(const Nearest& nearest) const {
        std::array<float, lanes> cost{};
        for (std::size_t s = 0; s < nearest.size(); ++s)
            for (std::size_t lane = 0; lane < lanes; ++lane)
                cost[lane] += screen_.samples_.weight[s] * std::sqrt(nearest[s][lane]);
        return cost;
    }

    Nearest nothing() const {
        Nearest nearest(std::size_t(screen_.samples_.size()));
        for (auto& row : nearest) row.fill(std::numeric_limits<float>::infinity());
        return nearest;
    }

    void choosePressures(const std::vector<int>& tones) {
        const int count = int(count_);
        const auto add = [&](int tone) {
            Pressures pressures{};
            for (int i = 0; i < count; ++i)
                pressures[std::size_t(i)] = std::uint8_t(pigment::pressureIn(tone, i, count));
            pressures_.push_back(pressures);
        };
        if (count <= 3) {
            for (int tone = 0; tone < pigment::toneCount(count); ++tone) add(tone);
            return;
        }
        add(0);
        std::vector<int> served = tones;
        std::ranges::sort(served);
        served.erase(std::unique(served.begin(), served.end()), served.end());
        for (const int tone : served) add(tone);
        for (const int tone : served)
            for (int i = 0; i < count && int(pressures_.size()) < mostPressures; ++i)
                for (const int step : {1, -1}) {
                    const int level = pigment::pressureIn(tone, i, count) + step;
                    if (level < 0 || level >= pigment::pressureLevels) continue;
                    add(tone + step * (1 << (2 * (count - 1 - i))));
                }
        std::ranges::sort(pressures_);
        pressures_.erase(std::unique(pressures_.begin(), pressures_.end()), pressures_.end());
    }

    /// Lays layer `depth` and what follows, for pressures that are alike up to it. With the candidate, only tones in
    /// which it is laid are looked at: the others are known.
    void descend(std::size_t depth, std::span<const Pressures> pressures, const LaneThumbnails& under,
                 bool withCandidate, Nearest& nearest) {
        if (withCandidate && depth == candidatePlace_) {
            LaneThumbnails after;
            for (const LaneStrokes& stroke : candidate_) {
                layLanes(under, stroke, after);
                isCandidateLaid_ = true;
                layRest(depth, pressures, after, false, nearest);
                isCandidateLaid_ = false;
            }
            return;
        }
        layRest(depth, pressures, under, withCandidate, nearest);
    }

    void layRest(std::size_t depth, std::span<const Pressures> pressures, const LaneThumbnails& under,
                 bool withCandidate, Nearest& nearest) {
        if (depth == count_) {
            look(under, nearest);
            return;
        }
        LaneThumbnails after;
        for (std::size_t from = 0; from < pressures.size();) {
            const std::uint8_t level = pressures[from][depth];
            std::size_t to = from;
            while (to < pressures.size() && pressures[to][depth] == level) ++to;
            const auto alike = pressures.subspan(from, to - from);
            if (level == 0) {
                descend(depth + 1, alike, under, withCandidate, nearest);
            } else {
                layLanes(under, levels_[depth][std::size_t(level - 1)], after);
                const bool before = isBlackLaid_;
                isBlackLaid_ = before || isBlack_[depth];
                descend(depth + 1, alike, after, withCandidate, nearest);
                isBlackLaid_ = before;
            }
            from = to;
        }
    }

    void look(const LaneThumbnails& thumbnails, Nearest& nearest) {
        const StackWeights& w = screen_.weights_;
        LaneColours seen;
        lookAt(thumbnails, weights_, seen);
        std::array<float, lanes> fault;
        for (std::size_t lane = 0; lane < lanes; ++lane) {
            fault[lane] = float(w.toothOver) * std::max(0.0f, seen.tooth[lane] - float(w.toothBudget)) +
                          float(w.speckle) * std::max(0.0f, seen.speckle[lane] - float(w.speckleBudget));
            // A tone with black in it serves the darks; near enough, since what is light is far from such a tone.
            const bool black = isBlackLaid_ || (isCandidateLaid_ && areBlack_[lane]);
            if (black && seen.L[lane] > w.darkTo) fault[lane] += float(w.blackInColour);
            // (d + fault)^2 for a distance d as they usually are.
            constexpr float usualDistance = 2;
            fault[lane] *= fault[lane] + 2 * usualDistance;
        }
        takeNearest(seen, fault, screen_.samples_, nearest);
    }

    const Screen& screen_;
    const ThumbnailWeights& weights_;
    std::size_t count_;
    std::vector<int> indices_;
    std::vector<bool> isBlack_;
    std::vector<std::vector<LaneStrokes>> levels_;  // by layer: light, medium, heavy
    std::vector<Pressures> pressures_;
    Nearest without_;
    std::array<LaneStrokes, 3> candidate_;
    std::array<bool, lanes> areBlack_{};
    std::size_t candidatePlace_ = 0;
    bool isBlackLaid_ = false, isCandidateLaid_ = false;
};

Tried Screen::tried(const std::vector<StackLayer>& layers, const std::vector<int>& tones,
                    const std::vector<int>& candidates) const {
    float stray = 0;
    for (const StackLayer& layer : layers) stray += stray_[std::size_t(layer.stick)];
    Tried tried;
    std::vector<Screened>& screened = tried.with;
    screened.resize(candidates.size());
    std::vector<std::size_t> open;  // places in `candidates`
    for (std::size_t i = 0; i < candidates.size(); ++i) {
        screened[i].option = candidates[i];
        const int stick = bank_.options[std::size_t(candidates[i])].layer.stick;
        if (std::ranges::find(layers, stick, &StackLayer::stick) == layers.end()) open.push_back(i);
    }
    Pass pass(*this, layers, tones);
    tried.without = pass.costWithout() + stray;
    for (std::size_t from = 0; from < open.size();) {
        const std::size_t place = pass.placeOf(candidates[open[from]]);
        std::vector<int> together;
        std::size_t to = from;
        while (to < open.size() && together.size() < lanes && pass.placeOf(candidates[open[to]]) == place)
            together.push_back(candidates[open[to++]]);
        const auto costs = pass.costs(together, place);
        for (std::size_t i = 0; i < together.size(); ++i)
            screened[open[from + i]].cost =
                costs[i] + stray + stray_[std::size_t(bank_.options[std::size_t(together[i])].layer.stick)];
        from = to;
    }
    return tried;
}

}  // namespace matching
