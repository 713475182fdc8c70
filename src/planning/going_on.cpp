#include "planning/going_on.h"

#include <algorithm>
#include <set>

#include "planning/completing.h"
#include "planning/fades.h"
#include "planning/own_stacks.h"
#include "planning/seen_sheet.h"

namespace planning {

namespace {

/// A stick whose step the artist passed over is not to be laid there.
void bar(BegunSheet& begun, int s) {
    Going& going = begun.goings[std::size_t(s)];
    going.barred.clear();
    for (const RestSlot& slot : begun.slots)
        if (slot.isEmpty && std::ranges::count(slot.step.areas, begun.plan.stacks[std::size_t(s)].areas.front()) > 0)
            going.barred.push_back(slot.step.stick);
}

/// Layers that are new take the places in time of those that are gone, in their order.
void handOver(BegunSheet& begun, int s, const std::vector<Layer>& before, const std::vector<Layer>& after) {
    const auto isIn = [](const std::vector<Layer>& all, const std::string& key) {
        return std::ranges::count(all, key, &Layer::key) > 0;
    };
    auto next = after.begin();
    for (const Layer& gone : before) {
        if (isIn(after, gone.key)) continue;
        next = std::find_if(next, after.end(), [&](const Layer& layer) { return !isIn(before, layer.key); });
        for (RestSlot& slot : begun.slots) {
            const auto piece = std::ranges::find_if(
                slot.pieces, [&](const RestSlot::Piece& it) { return it.stack == s && it.layer == gone.key; });
            if (piece == slot.pieces.end()) continue;
            if (next != after.end())
                piece->layer = next->key;
            else
                slot.pieces.erase(piece);
        }
        if (next != after.end()) ++next;
    }
}

/// Finds what is to follow over what lies there.
void goOn(BegunSheet& begun, int s) {
    Going& going = begun.goings[std::size_t(s)];
    PlannedStack& stack = begun.plan.stacks[std::size_t(s)];
    const std::size_t laid = going.laid.size();
    going.rest.resize(std::min(going.rest.size(), std::size_t(mostWithMends) - laid));
    bar(begun, s);
    const RestStacks rests(begun.plan, begun.study, begun.library, begun.subject.wanted);
    const matching::Layers layers = rests.found(s, going);
    const std::vector<materials::Material>& media = rests.media();
    stack.layers = going.laid;
    const std::vector<Layer> before = going.rest;
    going.rest.clear();
    for (std::size_t i = laid; i < layers.size(); ++i) {
        matching::StackLayer next = layers[i];
        if (next.stick >= 0) next.stick = begun.indexOf(media[std::size_t(next.stick)]);
        stack.layers.push_back(nextLayer(begun.plan, begun.study, stack, next));
        going.rest.push_back(stack.layers.back());
    }
    handOver(begun, s, before, going.rest);
}

void dropUnused(BegunSheet& begun) {
    std::set<int> used;
    for (const PlannedStack& stack : begun.plan.stacks)
        for (const Layer& layer : stack.layers) used.insert(layer.stick);
    for (const RestSlot& slot : begun.slots)
        if (slot.isLaid || slot.isEmpty) used.insert(slot.step.stick);
    for (const GroundLayer& layer : begun.plan.ground.layers)
        for (const MixPart& part : layer.mixture) used.insert(begun.indexOf(part.medium));
    std::vector<int> newIndex(begun.plan.sticks.size(), -1);
    std::vector<materials::Material> sticks;
    for (std::size_t i = 0; i < begun.plan.sticks.size(); ++i)
        if (used.contains(int(i))) {
            newIndex[i] = int(sticks.size());
            sticks.push_back(begun.plan.sticks[i]);
        }
    begun.plan.sticks = std::move(sticks);
    begun.plan.prepared = matching::prepared(begun.plan.sticks, begun.plan.light);
    const auto moved = [&](int stick) { return stick < 0 ? -1 : newIndex[std::size_t(stick)]; };
    for (PlannedStack& stack : begun.plan.stacks)
        for (Layer& layer : stack.layers) layer.stick = moved(layer.stick);
    for (RestSlot& slot : begun.slots) slot.step.stick = moved(slot.step.stick);
}

}  // namespace

Plan goneOn(BegunSheet&& begun) {
    std::vector<int> otherwise;
    for (int s = 0; s < int(begun.goings.size()); ++s) {
        const Going& going = begun.goings[std::size_t(s)];
        if (going.isOtherwise) goOn(begun, s);
        if (going.isOtherwise || going.isToPress) otherwise.push_back(s);
    }
    for (const int s : otherwise) {
        pressOver(begun.plan, begun.study, s, begun.subject.wanted, begun.goings[std::size_t(s)].maps);
        pressAsSet(begun.plan, begun.study, s, begun.goings[std::size_t(s)].laid.size());
    }
    dropUnused(begun);
    for (PlannedStack& stack : begun.plan.stacks) {
        stack.tones.clear();
        for (Layer& layer : stack.layers) layer.light = layer.medium = layer.heavy = 0;
    }
    begun.plan.summary = {};
    fadeEdges(begun.plan, begun.study, begun.subject.wanted);
    complete(begun.plan, begun.study, begun.subject,
             [&](const Plan& plan, const Study& study) { return orderedOn(plan, study, begun.slots); });
    return std::move(begun.plan);
}

std::vector<Ways> waysOn(BegunSheet& begun, const common::Progress& progress) {
    const RestStacks rests(begun.plan, begun.study, begun.library, begun.subject.wanted);
    const cv::Mat off = squaresOff(begun);
    std::vector<Ways> all(begun.goings.size());
    for (std::size_t s = 0; s < begun.goings.size() && !progress.cancelled(); ++s) {
        bar(begun, int(s));
        all[s] = rests.waysFor(int(s), begun.goings[s], isOff(begun, int(s), off));
        progress.at(double(s + 1) / double(begun.goings.size()));
    }
    return all;
}

}  // namespace planning
