#include "planning/laying.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <opencv2/imgproc.hpp>

#include "common/parallel.h"
#include "planning/marks.h"
#include "planning/own_stacks.h"
#include "planning/pressure_maps.h"
#include "planning/stacks.h"
#include "rendering/picture_difference.h"
#include "subject/reduced.h"

namespace planning {

/// The pressure maps of one stack in its own box.
struct StackMaps {
    cv::Rect box;
    MapTask task;
    std::vector<cv::Mat> maps;
};

struct KeptMaps {
    std::vector<StackMaps> stacks;
};

namespace {

std::vector<std::string> idsIn(const GroundProposal& ground) {
    std::vector<std::string> ids;
    for (const GroundLayer& layer : ground.layers)
        for (const MixPart& part : layer.mixture)
            if (std::ranges::find(ids, part.medium.id) == ids.end()) ids.push_back(part.medium.id);
    return ids;
}

/// "412-388/SP-031/hatch": the areas, the stick or tool, and the manner.
std::string layerKey(const Plan& plan, const PlannedStack& stack, std::string_view stick, pigment::Manner manner) {
    std::string key;
    for (const int area : stack.areas)
        key += (key.empty() ? "" : "+") + plan.reading->areas.list[std::size_t(area)].key;
    return key + "/" + std::string(stick) + "/" + std::string(nameOf(manner));
}

/// The smallest of a stack's areas across, on the sheet.
double acrossMillimetres(const PlannedStack& stack, const Plan& plan, const Study& study) {
    double least = 1;
    for (const int area : stack.areas) least = std::min(least, plan.reading->areas.list[std::size_t(area)].share);
    return std::sqrt(least * study.widthMillimetres * study.heightMillimetres);
}

bool isSame(const cv::Mat& one, const cv::Mat& other) {
    if (one.size() != other.size() || one.type() != other.type()) return false;
    for (int y = 0; y < one.rows; ++y)
        if (std::memcmp(one.ptr(y), other.ptr(y), std::size_t(one.cols) * one.elemSize()) != 0) return false;
    return true;
}

bool isSame(const MapTask& one, const MapTask& other) {
    return one.layers == other.layers && one.tones == other.tones && one.faults == other.faults &&
           one.markPixels == other.markPixels && one.eyePixels == other.eyePixels && isSame(one.mask, other.mask) &&
           isSame(one.wanted, other.wanted) && isSame(one.off, other.off) && one.through == other.through &&
           std::ranges::equal(one.laid, other.laid, [](const cv::Mat& a, const cv::Mat& b) { return isSame(a, b); });
}

StackMaps mapsOf(const Plan& plan, const Study& study, int index, const cv::Mat& wanted, double scale,
                 const StackMaps* known, const std::vector<cv::Mat>& laid = {}) {
    const PlannedStack& stack = plan.stacks[std::size_t(index)];
    const cv::Mat mask = plan.stackMap == index;
    StackMaps made;
    made.box = cv::boundingRect(mask);
    if (stack.layers.empty() || made.box.empty()) return made;  // a small area may vanish from a small picture
    MapTask& task = made.task;
    task.layers = int(stack.layers.size());
    task.wanted = wanted(made.box);
    task.mask = mask(made.box);
    if (scale < 1) {
        task.wanted = subject::scaledDown(task.wanted, scale);
        cv::resize(task.mask, task.mask, task.wanted.size(), 0, 0, cv::INTER_NEAREST);
    }
    task.eyePixels = scale * rendering::easelSigma(wanted.size());
    const ToneColours gives = toneColours(plan, index);
    task.tones = gives.colours;
    const matching::StackWeights weights;
    for (const float tooth : gives.toothUsed)
        task.faults.push_back(float(weights.toothOver * std::max(0.0, tooth - weights.toothBudget)));
    for (const Layer& layer : stack.layers)
        task.markPixels.push_back(
            scale * std::min(layer.markMillimetres * pixelsPerMillimetre(plan, study), largestMarkPixels(stack, plan)));
    for (const cv::Mat& map : laid) task.laid.push_back(map(made.box));
    if (plan.seen) {
        task.off = plan.seen->lab(made.box);
        task.through = gives.through;
    }
    if (known && known->box == made.box && isSame(known->task, task)) return *known;
    made.maps = pressureMaps(task);
    if (scale < 1)
        for (cv::Mat& map : made.maps) cv::resize(map, map, made.box.size(), 0, 0, cv::INTER_LINEAR);
    return made;
}

}  // namespace

std::vector<matching::Want> wantsOf(const Plan& plan) {
    constexpr double focalFactor = 3.0;
    const auto weight = [&](const PlannedStack& stack) {
        const bool isFocal = std::ranges::any_of(
            stack.areas, [&](int area) { return plan.reading->areas.list[std::size_t(area)].focal; });
        return std::pow(stack.share, 0.8) * (isFocal ? focalFactor : 1.0);
    };
    double all = 0;
    for (const PlannedStack& stack : plan.stacks) all += weight(stack);
    std::vector<matching::Want> wants;
    for (const PlannedStack& stack : plan.stacks) {
        matching::Want want{stack.samples, stack.start, weight(stack) / all};
        const double against = 1.0 / (want.importance * double(plan.stacks.size()));
        want.layerPrice *= std::clamp(std::sqrt(against), 0.5, 3.0);
        wants.push_back(std::move(want));
    }
    return wants;
}

std::vector<matching::Want> wantsOf(const Plan& plan, const Study& study,
                                    const std::vector<materials::Material>& media) {
    std::vector<matching::Want> wants = wantsOf(plan);
    for (int s = 0; s < int(wants.size()); ++s)
        for (const std::string& id : barredFrom(plan, study, s)) {
            const auto at = std::ranges::find(media, id, &materials::Material::id);
            if (at != media.end()) wants[std::size_t(s)].barred.push_back(int(at - media.begin()));
        }
    return wants;
}

matching::SearchWidth fullWidth(const Study& study) {
    matching::SearchWidth width;
    width.layers = study.layers;
    return width;
}

matching::PaletteRules paletteRules(const Plan& plan, const Study& study,
                                    const std::vector<materials::Material>& media) {
    matching::PaletteRules rules{
        std::max(1, study.stickLimit - int(idsIn(plan.ground).size())), {}, matching::usualStickPrice};
    for (const StickChoice& choice : study.stickChoices) {
        const auto at = std::ranges::find(media, choice.stick, &materials::Material::id);
        const bool isHeld = choice.use == StickUse::pinned && at != media.end() && !materials::isWet(at->kind);
        if (isHeld && int(rules.pinned.size()) < rules.limit) rules.pinned.push_back(int(at - media.begin()));
    }
    for (const FamilyLimit& limit : study.familyLimits) {
        if (limit.most == 0) continue;  // they are not at hand
        matching::StickGroup group{{}, limit.most};
        for (std::size_t i = 0; i < media.size(); ++i)
            if (materials::familyOf(media[i]) == limit.family) group.sticks.push_back(int(i));
        rules.groups.push_back(std::move(group));
    }
    return rules;
}

matching::StackWeights weightsFor(const Study& study) {
    matching::StackWeights weights;
    weights.light = study.light;
    weights.hand = study.touch;
    weights.rules = study.approach.stacks;
    if (weights.rules.black == matching::Black::freely) weights.blackInColour = 0;
    if (weights.rules.blending == matching::Blending::blended) {
        weights.speckle = 1.0;
        weights.speckleBudget = 1.0;
    } else if (weights.rules.blending == matching::Blending::strokesKept) {
        weights.speckle = 0;
    }
    return weights;
}

void standOnGround(Plan& plan) {
    for (PlannedStack& stack : plan.stacks) stack.start = plan.ground.patches[std::size_t(stack.areas.front())];
}

void takeStacks(Plan& plan, const Study& study, const std::vector<materials::Material>& media,
                const std::vector<matching::Stack>& stacks) {
    std::vector<bool> isUsed(media.size(), false);
    for (const matching::Stack& stack : stacks)
        for (const matching::StackLayer& layer : stack.layers)
            if (layer.stick >= 0) isUsed[std::size_t(layer.stick)] = true;
    const std::vector<std::string> inGround = idsIn(plan.ground);
    std::vector<int> newIndex(media.size(), -1);
    for (std::size_t i = 0; i < media.size(); ++i) {
        if (!isUsed[i] && std::ranges::find(inGround, media[i].id) == inGround.end()) continue;
        newIndex[i] = int(plan.sticks.size());
        plan.sticks.push_back(media[i]);
    }
    plan.prepared = matching::prepared(plan.sticks, plan.light);
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        PlannedStack& stack = plan.stacks[s];
        for (matching::StackLayer chosen : stacks[s].layers) {
            if (chosen.stick >= 0) chosen.stick = newIndex[std::size_t(chosen.stick)];
            stack.layers.push_back(nextLayer(plan, study, stack, chosen));
        }
    }
}

Layer nextLayer(const Plan& plan, const Study& study, const PlannedStack& stack, const matching::StackLayer& chosen) {
    Layer layer;
    layer.manner = chosen.manner;
    if (chosen.stick >= 0) {
        layer.stick = chosen.stick;
        const materials::Material& stick = plan.sticks[std::size_t(layer.stick)];
        layer.key = layerKey(plan, stack, stick.id, layer.manner);
        layer.markMillimetres =
            markMillimetres(stick.kind, layer.manner, stack.layers.empty()) * markFactor(study.detail);
    } else {
        layer.tool = toolFor(layer.manner, acrossMillimetres(stack, plan, study));
        layer.key = layerKey(plan, stack, nameOf(layer.tool), layer.manner);
        layer.markMillimetres = markMillimetres(layer.tool) * markFactor(study.detail);
    }
    // The same again in a stack is told apart by its turn.
    const std::string key = layer.key;
    for (int turn = 2; std::ranges::find(stack.layers, layer.key, &Layer::key) != stack.layers.end(); ++turn)
        layer.key = key + "/" + std::to_string(turn);
    return layer;
}

void makePressureMaps(Plan& plan, const Study& study, const cv::Mat& wanted, double scale,
                      std::shared_ptr<const KeptMaps>* kept) {
    auto all = std::make_shared<KeptMaps>();
    std::vector<StackMaps>& made = all->stacks;
    made.resize(plan.stacks.size());
    common::forEachIndex(int(made.size()), [&](int s) {
        const bool isKnown = kept && *kept && (*kept)->stacks.size() == made.size();
        made[std::size_t(s)] =
            mapsOf(plan, study, s, wanted, scale, isKnown ? &(*kept)->stacks[std::size_t(s)] : nullptr);
    });
    std::size_t deepest = 0;
    for (const StackMaps& stack : made) deepest = std::max(deepest, stack.maps.size());
    for (std::size_t k = 0; k < deepest; ++k) {
        plan.pressures.push_back(cv::Mat::zeros(wanted.size(), CV_8U));
        for (std::size_t s = 0; s < made.size(); ++s)
            if (k < made[s].maps.size())
                made[s].maps[k].copyTo(plan.pressures[k](made[s].box), plan.stackMap(made[s].box) == int(s));
    }
    if (kept) *kept = std::move(all);
}

void pressOver(Plan& plan, const Study& study, int stack, const cv::Mat& wanted, const std::vector<cv::Mat>& laid) {
    const StackMaps made = mapsOf(plan, study, stack, wanted, 1, nullptr, laid);
    const cv::Mat mask = plan.stackMap == stack;
    for (cv::Mat& map : plan.pressures) map.setTo(0, mask);
    while (plan.pressures.size() < made.maps.size()) plan.pressures.push_back(cv::Mat::zeros(wanted.size(), CV_8U));
    for (std::size_t k = 0; k < made.maps.size(); ++k) made.maps[k].copyTo(plan.pressures[k](made.box), mask(made.box));
}

}  // namespace planning
