#include "planning/done_steps.h"

#include <algorithm>
#include <functional>
#include <map>
#include <opencv2/core.hpp>
#include <string_view>

#include "planning/own_stacks.h"
#include "planning/seen_sheet.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

bool isSameMap(const cv::Mat& one, const cv::Mat& other) {
    return one.size() == other.size() && cv::norm(one, other, cv::NORM_INF) == 0;
}

RestSlot emptySlot(int number) {
    RestSlot slot;
    slot.step.number = number;
    slot.isEmpty = true;
    return slot;
}

pigment::Manner mannerFor(const BegunSheet& begun, int stick, pigment::Manner manner) {
    const auto manners = matching::mannersOf(begun.plan.sticks[std::size_t(stick)].kind);
    return std::ranges::find(manners, manner) == manners.end() ? manners.front() : manner;
}

void layAsPlanned(BegunSheet& begun, RestSlot& slot) {
    slot.isLaid = true;
    for (const LayerPlace& place : slot.step.layers) {
        Going& going = begun.goings[std::size_t(place.stack)];
        while (int(going.laid.size()) <= place.layer && !going.rest.empty()) {
            going.maps.push_back(begun.mapIn(place.stack, begun.plan.pressures[going.laid.size()]));
            going.laid.push_back(going.rest.front());
            going.rest.erase(going.rest.begin());
        }
    }
}

/// What lies there is fixed.
void fix(BegunSheet& begun) {
    for (Going& going : begun.goings) {
        if (going.laid.empty()) continue;
        going.laid.back().isFixed = true;
        going.isOtherwise = true;
    }
}

void takeGround(BegunSheet& begun, const Step& step, const Deviation& deviation, int stick) {
    GroundLayer& layer = begun.plan.ground.layers[std::size_t(step.groundLayer)];
    const std::vector<int> areas = layer.areas;
    if (stick >= 0 && !layer.mixture.empty()) layer.mixture = {{begun.plan.sticks[std::size_t(stick)], 1}};
    layer.pressure.value = std::clamp(layer.pressure.value + float(deviation.heavier), 1.0f, 3.0f);
    if (deviation.isPassed) layer.areas.clear();
    std::vector<pigment::Patch>& patches = begun.plan.ground.patches;
    for (const int area : areas) {
        patches[std::size_t(area)] = pigment::barePatch(begun.plan.paper);
        for (const GroundLayer& it : begun.plan.ground.layers)
            if (std::ranges::binary_search(it.areas, area))
                patches[std::size_t(area)] = laidOver(patches[std::size_t(area)], it);
        begun.goings[std::size_t(begun.plan.stackOfArea[std::size_t(area)])].isOtherwise = true;
    }
    standOnGround(begun.plan);
}

/// The areas' part of a layer's key.
std::string_view areasIn(std::string_view layerKey) {
    return layerKey.substr(0, layerKey.find('/'));
}

RestSlot recordedSlot(BegunSheet& begun, int number, const LaidStep& laid) {
    RestSlot slot;
    slot.isLaid = true;
    slot.step.number = number;
    slot.step.key = laid.key;
    slot.step.stage = laid.stage;
    slot.step.tool = laid.tool;
    slot.step.manner = laid.manner;
    slot.step.minutes = laid.plannedMinutes;
    // What went as this plan has it keeps its reasons.
    const RestSlot* planned = number <= int(begun.slots.size()) ? &begun.slots[std::size_t(number - 1)] : nullptr;
    const bool isAsPlanned = planned && planned->step.key == laid.key &&
                             std::ranges::equal(planned->pieces, laid.layers, {}, &RestSlot::Piece::layer);
    if (isAsPlanned) slot.step = planned->step;
    if (laid.stick) slot.step.stick = begun.indexOf(*laid.stick);
    const cv::Mat map = mapOf(laid);
    if (map.size() != begun.plan.stackMap.size()) return slot;
    for (int s = 0; s < int(begun.goings.size()); ++s) {
        const PlannedStack& stack = begun.plan.stacks[std::size_t(s)];
        Going& going = begun.goings[std::size_t(s)];
        const Layer next = begun.layerOver(s, going.laid, {slot.step.stick, laid.manner});
        const bool isHere =
            std::ranges::any_of(laid.layers, [&](const std::string& key) { return areasIn(key) == areasIn(next.key); });
        if (!isHere || int(going.laid.size()) == mostWithMends) continue;
        going.laid.push_back(next);
        going.laid.back().tool = laid.tool;
        going.maps.push_back(begun.mapIn(s, map));
        slot.pieces.push_back({s, going.laid.back().key});
        if (!isAsPlanned) slot.step.areas.insert(slot.step.areas.end(), stack.areas.begin(), stack.areas.end());
    }
    return slot;
}

/// What a recorded stack was to be is what is left of it.
void settle(BegunSheet& begun, std::size_t s) {
    Going& going = begun.goings[s];
    const std::vector<Layer> planned = going.rest;
    for (std::size_t k = 0; k < going.laid.size(); ++k) {
        going.isOtherwise = going.isOtherwise || k >= planned.size() || planned[k].key != going.laid[k].key ||
                            planned[k].isFixed != going.laid[k].isFixed ||
                            !isSameMap(going.maps[k], begun.mapIn(int(s), begun.plan.pressures[k]));
        std::erase_if(going.rest, [&](const Layer& layer) { return layer.key == going.laid[k].key; });
    }
}

}  // namespace

void layAsPlanned(BegunSheet& begun, const std::vector<int>& steps) {
    for (const int number : steps)
        if (number >= 1 && number <= int(begun.slots.size())) layAsPlanned(begun, begun.slots[std::size_t(number - 1)]);
}

void take(BegunSheet& begun, const Deviation& deviation) {
    if (deviation.isFixed) return fix(begun);
    if (deviation.check) return see(begun, *deviation.check, deviation.sheet);
    if (deviation.step < 1 || deviation.step > int(begun.slots.size())) return;
    RestSlot& slot = begun.slots[std::size_t(deviation.step - 1)];
    const int stick = deviation.stick ? begun.indexOf(*deviation.stick) : -1;
    if (slot.step.groundLayer >= 0) takeGround(begun, slot.step, deviation, stick);
    if (deviation.isPassed) {
        slot.isEmpty = true;
        for (const RestSlot::Piece& piece : slot.pieces) {
            Going& going = begun.goings[std::size_t(piece.stack)];
            std::erase_if(going.rest, [&](const Layer& layer) { return layer.key == piece.layer; });
            going.isOtherwise = true;
        }
        slot.pieces.clear();
        return;
    }
    layAsPlanned(begun, slot);
    if (stick >= 0) slot.step.stick = stick;
    for (RestSlot::Piece& piece : slot.pieces) {
        Going& going = begun.goings[std::size_t(piece.stack)];
        const auto layer = std::ranges::find(going.laid, piece.layer, &Layer::key);
        if (layer == going.laid.end()) continue;
        going.isOtherwise = true;
        press(going.maps[std::size_t(layer - going.laid.begin())], begun.plan.stackMap == piece.stack,
              deviation.heavier);
        if (stick < 0 || layer->stick < 0) continue;
        *layer =
            begun.layerOver(piece.stack, {going.laid.begin(), layer}, {stick, mannerFor(begun, stick, layer->manner)});
        piece.layer = layer->key;
        slot.step.manner = layer->manner;
    }
}

void takeRecorded(BegunSheet& begun, const Record& record, const Standing& standing) {
    const std::size_t beginning = std::size_t(std::ranges::count_if(begun.slots, [](const RestSlot& slot) {
        return slot.step.stage == Stage::drawing || slot.step.groundLayer >= 0;
    }));
    std::vector<RestSlot> slots(begun.slots.begin(), begun.slots.begin() + std::ptrdiff_t(beginning));
    for (const auto& [number, doing] : standing.steps()) {
        if (!doing.isDone && !doing.isPassed) continue;
        while (int(slots.size()) < number) slots.push_back(emptySlot(int(slots.size()) + 1));
        RestSlot& slot = slots[std::size_t(number - 1)];
        if (std::size_t(number) > beginning) continue;
        slot.isLaid = doing.isDone;
        slot.isEmpty = doing.isPassed;
        const int stick = doing.stick ? begun.indexOf(*doing.stick) : -1;
        if (stick >= 0) slot.step.stick = stick;
        const bool isOtherwise = stick >= 0 || doing.heavier != 0 || doing.isPassed;
        if (slot.step.groundLayer >= 0 && isOtherwise)
            takeGround(begun, slot.step, {number, doing.stick, doing.heavier, doing.isPassed}, stick);
    }
    // What lies there, what was done to all of it, and how it was seen, in the order of time.
    std::map<int, std::function<void()>> events;
    for (const int fixing : standing.fixings()) events[fixing] = [&begun] { fix(begun); };
    for (const int check : standing.checks()) {
        const Entry& entry = record.entries[std::size_t(check)];
        events[check] = [&begun, &entry] { see(begun, {0, {}, entry.check->hand}, entry.bytes); };
    }
    for (const int number : standing.laid()) {
        const int doneAt = standing.of(number).doneAt;
        if (std::size_t(number) > beginning)
            events[doneAt] = [&begun, &slots, &record, number, doneAt] {
                slots[std::size_t(number - 1)] = recordedSlot(begun, number, *record.entries[std::size_t(doneAt)].laid);
            };
    }
    for (const auto& [entry, happen] : events) happen();
    for (std::size_t s = 0; s < begun.goings.size(); ++s) settle(begun, s);
    for (std::size_t i = beginning; i < begun.slots.size(); ++i) {
        RestSlot& slot = begun.slots[i];
        std::erase_if(slot.pieces, [&](const RestSlot::Piece& piece) {
            return std::ranges::count(begun.goings[std::size_t(piece.stack)].rest, piece.layer, &Layer::key) == 0;
        });
        if (slot.pieces.empty()) continue;
        slot.step.number = int(slots.size()) + 1;
        slots.push_back(std::move(slot));
    }
    begun.slots = std::move(slots);
}

}  // namespace planning
