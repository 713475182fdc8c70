#include "planning/own_stacks.h"

#include <algorithm>
#include <opencv2/core.hpp>

#include "planning/replacements.h"

namespace planning {

const OwnStack* ownStackOf(const Plan& plan, const Study& study, int stack) {
    const cv::Mat& map = plan.reading->areas.map;
    for (const AreaChoice& choice : study.areaChoices)
        if (choice.stack && plan.stackOfArea[std::size_t(subject::labelAt(map, choice.x, choice.y))] == stack)
            return &*choice.stack;
    return nullptr;
}

std::vector<std::string> barredFrom(const Plan& plan, const Study& study, int stack) {
    std::vector<std::string> barred;
    for (const AreaChoice& choice : study.areaChoices)
        if (plan.stackOfArea[std::size_t(subject::labelAt(plan.reading->areas.map, choice.x, choice.y))] == stack)
            for (const BarredStick& one : choice.barred) barred.push_back(one.stick);
    return barred;
}

std::optional<matching::Layers> layersOf(const OwnStack& own, const std::vector<materials::Material>& media) {
    matching::Layers layers;
    for (const OwnLayer& layer : own.layers) {
        if (layer.stick.empty()) {
            // A tool works on what lies there.
            if (!layers.empty() && !pigment::laysPigment(layer.manner)) layers.push_back({-1, layer.manner});
            continue;
        }
        const auto at = std::ranges::find(media, layer.stick, &materials::Material::id);
        if (at != media.end() && !materials::isWet(at->kind) && pigment::laysPigment(layer.manner))
            layers.push_back({int(at - media.begin()), layer.manner});
    }
    if (layers.empty()) return std::nullopt;
    layers.resize(std::min<std::size_t>(layers.size(), mostWithMends));
    return layers;
}

std::vector<std::optional<matching::Layers>> setByHand(const Plan& plan, const Study& study,
                                                       const std::vector<materials::Material>& media) {
    std::vector<std::optional<matching::Layers>> set(plan.stacks.size());
    for (int s = 0; s < int(set.size()); ++s)
        if (const OwnStack* own = ownStackOf(plan, study, s)) set[std::size_t(s)] = layersOf(*own, media);
    return set;
}

OwnStack ownStackFrom(const Plan& plan, const Study& study, int stack) {
    if (const OwnStack* own = ownStackOf(plan, study, stack)) return *own;
    OwnStack own;
    for (const Layer& layer : plan.stacks[std::size_t(stack)].layers)
        own.layers.push_back(
            {layer.stick < 0 ? std::string() : plan.sticks[std::size_t(layer.stick)].id, layer.manner, 0});
    return own;
}

void press(cv::Mat& map, const cv::Mat& where, int heavier) {
    constexpr int halfLevel = (rendering::mapStep + 1) / 2;
    if (heavier != 0) cv::add(map, cv::Scalar(heavier * halfLevel), map, where & (map > 0));
}

void pressAsSet(Plan& plan, const Study& study, int stack, std::size_t from) {
    const OwnStack* own = ownStackOf(plan, study, stack);
    if (!own) return;
    // What could not be laid has no layer: the next of its stick and manner is meant.
    auto said = own->layers.begin();
    const auto& layers = plan.stacks[std::size_t(stack)].layers;
    for (std::size_t i = 0; i < layers.size(); ++i) {
        const std::string id = layers[i].stick < 0 ? std::string() : plan.sticks[std::size_t(layers[i].stick)].id;
        said = std::find_if(said, own->layers.end(), [&](const OwnLayer& layer) {
            const StickChoice* other = standInOf(study, layer.stick);
            return other ? other->instead == id : layer.stick == id && layer.manner == layers[i].manner;
        });
        if (said == own->layers.end()) break;
        if (i >= from) press(plan.pressures[i], plan.stackMap == stack, said->heavier);
        ++said;
    }
}

void pressAsSet(Plan& plan, const Study& study) {
    for (int s = 0; s < int(plan.stacks.size()); ++s) pressAsSet(plan, study, s, 0);
}

}  // namespace planning
