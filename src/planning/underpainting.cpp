#include "planning/underpainting.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "matching/paint_mixes.h"
#include "matching/target_distance.h"
#include "pigment/film.h"
#include "planning/ground_aims.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

using materials::Kind;
using pigment::Manner;
using pigment::Pressure;

constexpr double worthMixing = 0.2;   // CIEDE2000 over the picture that one more medium must bring
constexpr double deepestDark = 16.0;  // L*: below this soft pastel hardly gets

bool isDeepDark(const PlannedStack& stack) {
    double dark = 0;
    for (const matching::Sample& sample : stack.samples)
        if (sample.wanted.L < deepestDark) dark += sample.weight;
    return dark > 0.6;
}

ReasonKind reasonOf(Ground strategy) {
    switch (strategy) {
        case Ground::values:
            return ReasonKind::groundInValues;
        case Ground::complement:
            return ReasonKind::groundOpposite;
        case Ground::coolShadows:
            return ReasonKind::groundCool;
        case Ground::warm:
            return ReasonKind::groundWarm;
        case Ground::charcoal:
            return ReasonKind::groundToneMap;
        case Ground::ink:
            return ReasonKind::inkDeepestDarks;
        case Ground::brushedOut:
        case Ground::proposed:
        case Ground::none:
        case Ground::localWash:
        case Ground::dryBase:
            break;
    }
    return ReasonKind::groundNearColour;
}

/// What is done with a dry layer of the ground.
enum class Finish { none, rubbed, brushedOut };

/// One mixture as it would be laid on the bare paper, and the colour that it gives.
struct Option {
    matching::PaintMix mixture;
    Pressure pressure = Pressure::medium;
    Finish finish = Finish::none;
    colour::Lab colour;
};

/// The pressures, or a wash's strengths, that a paper bears: much water cockles a thin sheet.
std::vector<Pressure> pressuresOn(const materials::Paper& paper, bool isWet) {
    if (isWet && paper.water != materials::Water::full) return {Pressure::light, Pressure::medium};
    return {Pressure::light, Pressure::medium, Pressure::heavy};
}

class Chooser {
 public:
    Chooser(Ground strategy, const Plan& plan, const std::vector<materials::Material>& media,
            const std::vector<matching::PreparedStick>& prepared, int mostMedia)
        : mostMedia_(std::size_t(std::max(0, mostMedia))),
          strategy_(strategy),
          plan_(plan),
          media_(media),
          prepared_(prepared),
          bare_(pigment::barePatch(plan.paper)),
          bareColour_(pigment::labOf(bare_, plan.light)),
          aims_(aimsOf(strategy, plan)) {
        proposal_ = bareGround(*plan.reading, plan.paper);
        proposal_.strategy = strategy;
        std::ranges::fill(proposal_.strategies, strategy);
    }

    GroundProposal proposal() {
        if (strategy_ == Ground::none || mostMedia_ == 0) return proposal_;
        if (strategy_ == Ground::ink) return inked();
        const bool isDry = strategy_ == Ground::charcoal || strategy_ == Ground::dryBase ||
                           strategy_ == Ground::brushedOut || plan_.paper.water == materials::Water::none;
        if (const auto obstacle = obstacleHere()) {
            proposal_.obstacle = obstacle;
            return proposal_;
        }
        const std::vector<Option> options = isDry ? dryOptions() : wetOptions();
        if (options.empty()) {
            proposal_.obstacle = strategy_ == Ground::charcoal ? GroundObstacle::noCharcoal
                                 : isDry                       ? GroundObstacle::noStick
                                                               : GroundObstacle::noWetMedia;
            return proposal_;
        }
        lay(options, strategy_ == Ground::warm     ? oneForAll(options)
                     : strategy_ == Ground::values ? oneMixture(options)
                                                   : few(options));
        return proposal_;
    }

 private:
    std::optional<GroundObstacle> obstacleHere() const {
        const bool takesWater = plan_.paper.water != materials::Water::none;
        if (strategy_ == Ground::localWash && !takesWater) return GroundObstacle::paperTakesNoWater;
        // Grit bears it though it takes no water; a pile mats.
        const materials::Grain grain = materials::profileOf(plan_.paper.surface).grain;
        if (strategy_ == Ground::brushedOut && !takesWater && grain != materials::Grain::grit)
            return GroundObstacle::paperTakesNoAlcohol;
        return std::nullopt;
    }

    Option wetOption(const matching::PaintMix& mixture, Pressure pressure) const {
        const pigment::Pigment paint = matching::pigmentOf(mixture, prepared_);
        const float thickness = pigment::pressureFactor(pressure);
        const pigment::Spectrum paper = bare_.seen.row(0).transpose();
        const pigment::Spectrum seen = pigment::filmOver(paint.absorb * thickness, paint.scatter * thickness, paper);
        return {mixture, pressure, Finish::none, colour::labOfReflectance(seen, plan_.light)};
    }

    std::vector<Option> optionsOf(const std::vector<int>& wetMedia) const {
        std::vector<Option> options;
        for (const matching::PaintMix& mixture : matching::paintMixesOf(wetMedia, prepared_))
            for (const Pressure pressure : pressuresOn(plan_.paper, true))
                options.push_back(wetOption(mixture, pressure));
        return options;
    }

    /// How far what is laid stays from the aims, over the picture, if every stack takes the nearest option.
    double missOf(const std::vector<Option>& options) const {
        double miss = 0;
        for (std::size_t s = 0; s < aims_.size(); ++s) {
            if (!aims_[s]) continue;
            const matching::TargetDistance distance(*aims_[s]);
            double least = distance(bareColour_);
            for (const Option& option : options) least = std::min(least, distance(option.colour));
            miss += plan_.stacks[s].share * std::sqrt(least);
        }
        return miss;
    }

    /// The two media that do best together, if that is clearly better than nothing and than either alone: what lies
    /// between two paints is never found one by one. Empty otherwise.
    std::vector<int> bestPair(const std::vector<int>& open, double miss) const {
        if (mostMedia_ < 2) return {};
        double single = miss, least = miss;
        std::vector<int> best;
        for (const int medium : open) single = std::min(single, missOf(optionsOf({medium})));
        for (std::size_t i = 0; i < open.size(); ++i)
            for (std::size_t j = i + 1; j < open.size(); ++j) {
                const double now = missOf(optionsOf({open[i], open[j]}));
                if (now >= least) continue;
                least = now;
                best = {open[i], open[j]};
            }
        return least < single - worthMixing ? best : std::vector<int>{};
    }

    /// Mixtures of the few media that reach the aims best, found one after the other from the best two on.
    std::vector<Option> wetOptions() const {
        std::vector<int> open;
        for (int i = 0; i < int(prepared_.size()); ++i) {
            const Kind kind = prepared_[std::size_t(i)].kind;
            if (materials::isWet(kind) && kind != Kind::ink) open.push_back(i);
        }
        double miss = missOf({});
        std::vector<int> chosen = bestPair(open, miss);
        for (const int medium : chosen) std::erase(open, medium);
        if (!chosen.empty()) miss = missOf(optionsOf(chosen));
        while (chosen.size() < mostMedia_) {
            int best = -1;
            double least = miss - worthMixing;
            for (const int medium : open) {
                std::vector<int> with = chosen;
                with.push_back(medium);
                const double now = missOf(optionsOf(with));
                if (now >= least) continue;
                least = now;
                best = medium;
            }
            if (best < 0) break;
            miss = least;
            chosen.push_back(best);
            std::erase(open, best);
        }
        return optionsOf(chosen);
    }

    std::vector<Option> dryOptions() const {
        std::vector<Option> options;
        const Finish finish = strategy_ == Ground::brushedOut ? Finish::brushedOut : Finish::rubbed;
        for (int i = 0; i < int(prepared_.size()); ++i) {
            const matching::PreparedStick& stick = prepared_[std::size_t(i)];
            const bool isFit = strategy_ == Ground::charcoal ? stick.kind == Kind::charcoal
                                                             : (stick.kind == Kind::soft || stick.kind == Kind::hard) &&
                                                                   !matching::isBlack(stick);
            if (!isFit) continue;
            for (const Pressure pressure : pressuresOn(plan_.paper, false)) {
                pigment::Patch patch = bare_;
                pigment::lay(patch, {&stick.pigment, Manner::scumble, pressure});
                pigment::lay(patch, {nullptr, finish == Finish::rubbed ? Manner::blend : Manner::wash});
                options.push_back({{{i}, {1}}, pressure, finish, pigment::labOf(patch, plan_.light)});
            }
        }
        return options;
    }

    double distanceTo(std::size_t stack, const colour::Lab& colour) const {
        return colour::differenceCie2000(*aims_[stack], colour);
    }

    /// For each stack the nearest of a few options, or -1.
    std::vector<int> few(const std::vector<Option>& options) const {
        constexpr int mostOptions = 6;
        constexpr double worthwhile = 0.3;  // CIEDE2000 over the picture: less is not worth mixing for
        std::vector<int> chosen(aims_.size(), -1);
        std::vector<double> least(aims_.size(), 0.0);
        for (std::size_t s = 0; s < aims_.size(); ++s)
            if (aims_[s]) least[s] = distanceTo(s, bareColour_);
        std::vector<std::vector<double>> distances(options.size(), least);
        for (std::size_t o = 0; o < options.size(); ++o)
            for (std::size_t s = 0; s < aims_.size(); ++s)
                if (aims_[s]) distances[o][s] = distanceTo(s, options[o].colour);
        std::vector<int> media;  // of dry sticks; mixtures keep to few already
        for (int count = 0; count < mostOptions; ++count) {
            int best = -1;
            double most = worthwhile;
            for (std::size_t o = 0; o < options.size(); ++o) {
                const int medium = options[o].mixture.media.front();
                const bool isNew = std::ranges::find(media, medium) == media.end();
                if (options[o].finish != Finish::none && isNew && media.size() == mostMedia_) continue;
                double gain = 0;
                for (std::size_t s = 0; s < aims_.size(); ++s)
                    gain += plan_.stacks[s].share * std::max(0.0, least[s] - distances[o][s]);
                if (gain <= most) continue;
                most = gain;
                best = int(o);
            }
            if (best < 0) break;
            if (const int medium = options[std::size_t(best)].mixture.media.front();
                std::ranges::find(media, medium) == media.end())
                media.push_back(medium);
            for (std::size_t s = 0; s < aims_.size(); ++s)
                if (distances[std::size_t(best)][s] < least[s]) {
                    least[s] = distances[std::size_t(best)][s];
                    chosen[s] = best;
                }
        }
        return chosen;
    }

    /// The one option that is nearest to all aims together.
    std::vector<int> oneForAll(const std::vector<Option>& options) const {
        const auto missOfOne = [&](const Option& option) {
            double miss = 0;
            for (std::size_t s = 0; s < aims_.size(); ++s) miss += plan_.stacks[s].share * distanceTo(s, option.colour);
            return miss;
        };
        const auto best = std::ranges::min_element(options, {}, missOfOne);
        return std::vector<int>(aims_.size(), int(best - options.begin()));
    }

    /// One mixture in the strength that is nearest in each stack.
    std::vector<int> oneMixture(const std::vector<Option>& options) const {
        std::vector<int> best(aims_.size(), -1);
        double least = 1e300;
        for (std::size_t from = 0; from < options.size();) {
            std::size_t to = from;
            while (to < options.size() && options[to].mixture == options[from].mixture) ++to;
            std::vector<int> chosen(aims_.size(), -1);
            double miss = 0;
            for (std::size_t s = 0; s < aims_.size(); ++s) {
                double nearest = distanceTo(s, bareColour_);
                for (std::size_t o = from; o < to; ++o)
                    if (const double d = distanceTo(s, options[o].colour); d < nearest) {
                        nearest = d;
                        chosen[s] = int(o);
                    }
                miss += plan_.stacks[s].share * nearest;
            }
            if (miss < least) {
                least = miss;
                best = chosen;
            }
            from = to;
        }
        return best;
    }

    GroundLayer layerOf(const Option& option, Manner manner) const {
        GroundLayer layer;
        for (std::size_t i = 0; i < option.mixture.media.size(); ++i)
            layer.mixture.push_back({media_[std::size_t(option.mixture.media[i])], option.mixture.parts[i]});
        layer.manner = manner;
        layer.pressure = option.pressure;
        return layer;
    }

    std::vector<int> areasOf(const std::vector<int>& chosen, int option) const {
        std::vector<int> areas;
        for (std::size_t s = 0; s < chosen.size(); ++s)
            if (chosen[s] == option)
                areas.insert(areas.end(), plan_.stacks[s].areas.begin(), plan_.stacks[s].areas.end());
        std::ranges::sort(areas);
        return areas;
    }

    double gainOf(const std::vector<int>& chosen, int option, const colour::Lab& colour) const {
        double gain = 0, share = 0;
        for (std::size_t s = 0; s < chosen.size(); ++s) {
            if (chosen[s] != option) continue;
            gain += plan_.stacks[s].share * (distanceTo(s, bareColour_) - distanceTo(s, colour));
            share += plan_.stacks[s].share;
        }
        return gain / share;
    }

    void add(GroundLayer layer) {
        for (const int area : layer.areas)
            proposal_.patches[std::size_t(area)] = laidOver(proposal_.patches[std::size_t(area)], layer);
        proposal_.layers.push_back(std::move(layer));
    }

    void lay(const std::vector<Option>& options, const std::vector<int>& chosen) {
        std::vector<int> finished;
        for (int o = 0; o < int(options.size()); ++o) {
            const std::vector<int> areas = areasOf(chosen, o);
            if (areas.empty()) continue;
            const Option& option = options[std::size_t(o)];
            GroundLayer layer = layerOf(option, option.finish == Finish::none ? Manner::wash : Manner::scumble);
            layer.areas = areas;
            layer.reason = {reasonOf(strategy_), gainOf(chosen, o, option.colour)};
            add(std::move(layer));
            if (option.finish != Finish::none) finished.insert(finished.end(), areas.begin(), areas.end());
        }
        if (finished.empty()) return;
        std::ranges::sort(finished);
        const bool isBrushed = strategy_ == Ground::brushedOut;
        add({{},
             isBrushed ? Manner::wash : Manner::blend,
             Pressure::medium,
             finished,
             {isBrushed ? ReasonKind::brushedOut : ReasonKind::rubbedIn}});
    }

    /// The darkest ink under what is darker than soft pastel gets.
    GroundProposal inked() {
        int darkest = -1;
        for (int i = 0; i < int(prepared_.size()); ++i)
            if (prepared_[std::size_t(i)].kind == Kind::ink &&
                (darkest < 0 || prepared_[std::size_t(i)].masstone.L < prepared_[std::size_t(darkest)].masstone.L))
                darkest = i;
        GroundLayer layer;
        layer.pressure = Pressure::heavy;
        layer.reason = {ReasonKind::inkDeepestDarks};
        for (const PlannedStack& stack : plan_.stacks)
            if (isDeepDark(stack)) layer.areas.insert(layer.areas.end(), stack.areas.begin(), stack.areas.end());
        std::ranges::sort(layer.areas);
        if (plan_.paper.water == materials::Water::none)
            proposal_.obstacle = GroundObstacle::paperTakesNoWater;
        else if (darkest < 0)
            proposal_.obstacle = GroundObstacle::noInk;
        else if (layer.areas.empty())
            proposal_.obstacle = GroundObstacle::noDeepDarks;
        if (proposal_.obstacle) return proposal_;
        layer.mixture = {{media_[std::size_t(darkest)], 1}};
        add(std::move(layer));
        return proposal_;
    }

    std::size_t mostMedia_;
    Ground strategy_;
    const Plan& plan_;
    const std::vector<materials::Material>& media_;
    const std::vector<matching::PreparedStick>& prepared_;
    pigment::Patch bare_;
    colour::Lab bareColour_;
    Aims aims_;
    GroundProposal proposal_;
};

}  // namespace

GroundProposal bareGround(const Reading& reading, const materials::Paper& paper) {
    const std::size_t count = reading.areas.list.size();
    return {Ground::none,
            {},
            std::vector<pigment::Patch>(count, pigment::barePatch(paper)),
            std::vector<Ground>(count, Ground::none),
            {}};
}

GroundProposal groundBy(Ground strategy, const Plan& plan, const std::vector<materials::Material>& media,
                        const std::vector<matching::PreparedStick>& prepared, int mostMedia) {
    return Chooser(strategy, plan, media, prepared, mostMedia).proposal();
}

}  // namespace planning
