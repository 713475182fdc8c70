#include "planning/evenings.h"

#include <algorithm>
#include <limits>
#include <set>

#include "planning/minutes.h"

namespace planning {

std::vector<bool> safeStops(const Plan& plan, const Study& study) {
    std::vector<bool> isSafe{true};
    std::vector<int> done(plan.stacks.size(), 0);
    double clock = 0, dryAt = 0;
    for (const Step& step : plan.steps) {
        clock += step.minutes;
        dryAt = std::max(dryAt, clock + driesFor(step, plan, study));
        clock += step.waitMinutes;
        for (const LayerPlace& place : step.layers) done[std::size_t(place.stack)] = place.layer + 1;
        bool isHalf = false;
        for (std::size_t s = 0; s < done.size(); ++s) {
            const auto& layers = plan.stacks[s].layers;
            const auto next = std::size_t(done[s]);
            isHalf |= next > 0 && next < layers.size() && layers[next].manner == pigment::Manner::blend;
        }
        isSafe.push_back(!isHalf && dryAt <= clock);
    }
    return isSafe;
}

std::vector<Evening> eveningsOf(const Plan& plan, const Study& study) {
    const std::size_t count = plan.steps.size();
    if (study.eveningMinutes <= 0 || count == 0) return {};
    const std::vector<bool> isSafe = safeStops(plan, study);
    std::vector<double> clock{0};
    for (const Step& step : plan.steps) clock.push_back(clock.back() + step.minutes + step.waitMinutes);
    std::set<std::size_t> asked;
    for (const EveningEnd& end : study.eveningEnds)
        for (const Step& step : plan.steps)
            if (step.key == end.step && isSafe[std::size_t(step.number)]) asked.insert(std::size_t(step.number));

    // The best way to have done so many steps at the end of an evening, by how many.
    struct Way {
        double cost = std::numeric_limits<double>::infinity();
        std::size_t from = 0;
    };
    std::vector<Way> ways(count + 1);
    ways[0].cost = 0;
    constexpr double overtime = 1000;  // a minute over is worse than any unevenness
    const auto priceOf = [&](std::size_t from, std::size_t to) {
        const double minutes = clock[to] - clock[from], left = study.eveningMinutes - minutes;
        if (left < 0) return -left * overtime;
        const bool isAsked = asked.contains(to) || to == count;
        return isAsked ? 0.0 : left * left / study.eveningMinutes;
    };
    for (std::size_t to = 1; to <= count; ++to) {
        if (to < count && !isSafe[to]) continue;
        for (std::size_t from = 0; from < to; ++from) {
            // None runs past an end that was asked for.
            const auto between = asked.upper_bound(from);
            if (between != asked.end() && *between < to) continue;
            const double cost = ways[from].cost + priceOf(from, to);
            if (cost < ways[to].cost) ways[to] = {cost, from};
        }
    }
    std::vector<Evening> evenings;
    for (std::size_t to = count; to > 0; to = ways[to].from)
        evenings.push_back({int(ways[to].from) + 1, int(to), clock[to] - clock[ways[to].from]});
    std::ranges::reverse(evenings);
    return evenings;
}

}  // namespace planning
