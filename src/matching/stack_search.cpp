#include "matching/stack_search.h"

#include <algorithm>
#include <iterator>

namespace matching {

namespace {

/// How far the screen may be off, in CIEDE2000 over an area, when two stacks differ by a layer.
constexpr float screenMargin = 0.15f;

float priceOf(int option, const OptionBank& bank, const std::vector<float>& stickPrice) {
    return stickPrice[std::size_t(bank.options[std::size_t(option)].layer.stick)];
}

/// A tone's number once a layer is taken out of the stack.
int toneWithout(int tone, int layer, int count) {
    const int below = 2 * (count - 1 - layer);
    return (tone >> (below + 2)) << below | (tone & ((1 << below) - 1));
}

/// The cheapest few, cheapest first.
std::vector<Screened> cheapest(std::vector<Screened> screened, int count, const OptionBank& bank,
                               const std::vector<float>& stickPrice) {
    for (Screened& s : screened) s.cost += priceOf(s.option, bank, stickPrice);
    std::erase_if(screened, [](const Screened& s) { return s.cost == std::numeric_limits<float>::infinity(); });
    const auto order = [](const Screened& s) { return std::pair(s.cost, s.option); };
    const auto end = screened.begin() + std::min<std::ptrdiff_t>(count, std::ssize(screened));
    std::ranges::partial_sort(screened, end, {}, order);
    screened.erase(end, screened.end());
    return screened;
}

/// Best stacks first, no layers twice, at most `count`.
void keepBest(std::vector<Stack>& stacks, int count, const std::vector<float>& stickPrice) {
    std::ranges::stable_sort(stacks, {}, [&](const Stack& s) { return pricedCost(s, stickPrice); });
    std::vector<Stack> kept;
    for (Stack& stack : stacks)
        if (int(kept.size()) < count && std::ranges::find(kept, stack.layers, &Stack::layers) == kept.end())
            kept.push_back(std::move(stack));
    stacks = std::move(kept);
}

/// The artist's own layers, where every one is allowed and they are laid in the order in which the rules have them.
std::vector<Stack> ownStacks(const Screen& screen, const std::vector<int>& allowed, int mostLayers) {
    const OptionBank& bank = screen.bank();
    std::vector<Stack> stacks;
    for (const Layers& own : screen.want().own) {
        std::vector<int> options;
        for (const StackLayer& layer : own)
            if (const int option = bank.indexOf(layer); std::ranges::binary_search(allowed, option))
                options.push_back(option);
        const auto rank = [&](int option) { return bank.options[std::size_t(option)].rank; };
        if (options.size() == own.size() && int(own.size()) <= mostLayers && std::ranges::is_sorted(options, {}, rank))
            stacks.push_back(screen.judged(own));
    }
    return stacks;
}

}  // namespace

double pricedCost(const Stack& stack, const std::vector<float>& stickPrice) {
    double cost = stack.cost;
    for (const StackLayer& layer : stack.layers) cost += stickPrice[std::size_t(layer.stick)];
    return cost;
}

std::vector<int> openTo(const Want& want, const OptionBank& bank, std::vector<int> options) {
    std::erase_if(options, [&](int option) {
        return std::ranges::count(want.barred, bank.options[std::size_t(option)].layer.stick) > 0;
    });
    return options;
}

Stack exchanged(Stack stack, const Screen& screen, const std::vector<int>& allowed,
                const std::vector<float>& stickPrice, const SearchWidth& width) {
    const OptionBank& bank = screen.bank();
    const Want& want = screen.want();
    for (int round = 0; round < width.exchanges; ++round) {
        bool isBetter = false;
        for (std::size_t layer = 0; layer < stack.layers.size(); ++layer) {
            Layers rest = stack.layers;
            rest.erase(rest.begin() + std::ptrdiff_t(layer));
            std::vector<int> tones = stack.tones;
            for (int& tone : tones) tone = toneWithout(tone, int(layer), int(stack.layers.size()));
            const int mine = bank.indexOf(stack.layers[layer]);
            std::vector<int> candidates = allowed;
            const auto place = std::ranges::lower_bound(candidates, mine);
            if (place == candidates.end() || *place != mine) candidates.insert(place, mine);
            const Tried screened = screen.tried(rest, tones, candidates);
            // Only what the screen does not put clearly behind the layer that is there gets the whole film.
            const float now =
                std::ranges::find(screened.with, mine, &Screened::option)->cost + priceOf(mine, bank, stickPrice);
            std::vector<Stack> tried;
            if (screened.without < now + screenMargin + want.layerPrice) tried.push_back(screen.judged(rest));
            for (const Screened& s : cheapest(screened.with, (width.judged + 1) / 2, bank, stickPrice))
                if (s.option != mine && s.cost < now + screenMargin)
                    tried.push_back(screen.judged(bank.with(rest, s.option)));
            if (tried.empty()) continue;
            keepBest(tried, 1, stickPrice);
            if (pricedCost(tried.front(), stickPrice) >= pricedCost(stack, stickPrice) - 1e-9) continue;
            stack = std::move(tried.front());
            isBetter = true;
        }
        if (!isBetter) break;
    }
    return stack;
}

Found bestStacks(const Screen& screen, const std::vector<int>& allowed, const std::vector<float>& stickPrice,
                 const SearchWidth& width) {
    const OptionBank& bank = screen.bank();
    std::vector<Stack> found{screen.judged({})}, beam = found;
    std::vector<float> promise(bank.options.size(), std::numeric_limits<float>::infinity());
    // What has promised little so far is not tried any more.
    const auto shortlist = [&] {
        std::vector<int> open = allowed;
        if (int(open.size()) <= width.shortlist) return open;
        std::ranges::nth_element(open, open.begin() + width.shortlist, {},
                                 [&](int option) { return std::pair(promise[std::size_t(option)], option); });
        open.resize(std::size_t(width.shortlist));
        std::ranges::sort(open);
        return open;
    };
    const std::vector<Stack> own = ownStacks(screen, allowed, width.layers);
    std::vector<int> open = allowed;
    for (int depth = 1; depth <= width.layers; ++depth) {
        if (depth == 3) open = shortlist();
        std::vector<Stack> next;
        for (const Stack& stack : beam) {
            auto screened = screen.tried(stack.layers, stack.tones, open).with;
            for (const Screened& s : screened)
                promise[std::size_t(s.option)] =
                    std::min(promise[std::size_t(s.option)], s.cost + priceOf(s.option, bank, stickPrice));
            for (const Screened& s : cheapest(std::move(screened), width.judged, bank, stickPrice))
                next.push_back(screen.judged(bank.with(stack.layers, s.option)));
        }
        std::ranges::copy_if(own, std::back_inserter(next),
                             [&](const Stack& stack) { return int(stack.layers.size()) == depth; });
        if (next.empty()) break;
        keepBest(next, width.beam, stickPrice);
        next.front() = exchanged(std::move(next.front()), screen, open, stickPrice, width);
        const double before = pricedCost(found.front(), stickPrice);
        found.insert(found.end(), next.begin(), next.end());
        keepBest(found, width.kept, stickPrice);
        if (pricedCost(found.front(), stickPrice) >= before - 1e-9) break;
        beam = std::move(next);
        keepBest(beam, width.beam, stickPrice);
    }
    found.insert(found.end(), own.begin(), own.end());
    keepBest(found, width.kept, stickPrice);
    return {std::move(found), shortlist()};
}

}  // namespace matching
