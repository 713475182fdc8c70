#include "planning/section.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numeric>

#include "common/parallel.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

using Pressures = std::array<float, mostWithMends>;

Pressures pressuresAt(const std::vector<cv::Mat>& maps, const PlannedStack& stack, int y, int x) {
    Pressures pressures{};
    for (std::size_t k = 0; k < stack.layers.size(); ++k)
        pressures[k] = float(maps[k].at<uchar>(y, x)) / rendering::mapStep;
    return pressures;
}

/// Lays the steps down in places that have these pressures.
std::vector<SectionLayer> laidThere(const Plan& plan, int stackIndex, const Pressures& pressures) {
    const PlannedStack& stack = plan.stacks[std::size_t(stackIndex)];
    const std::vector<pigment::Stroke> strokes = strokesOf(plan, stack);
    pigment::Patch patch = pigment::barePatch(plan.paper);
    std::vector<SectionLayer> layers;
    const auto note = [&](const Step& step, double before) {
        layers.push_back(
            {step.number, step.stick, pigment::labOf(patch, plan.light), before, pigment::toothUsed(patch)});
    };
    for (const Step& step : plan.steps) {
        const double before = pigment::toothUsed(patch);
        if (step.groundLayer >= 0 && std::ranges::binary_search(step.areas, stack.areas.front())) {
            patch = laidOver(patch, plan.ground.layers[std::size_t(step.groundLayer)]);
            note(step, before);
        }
        for (const LayerPlace& place : step.layers) {
            const float pressure = pressures[std::size_t(place.layer)];
            if (place.stack != stackIndex || pressure < 0.05f) continue;
            pigment::Stroke stroke = strokes[std::size_t(place.layer)];
            stroke.pressure = pigment::Pressure{pressure};
            pigment::lay(patch, stroke);
            note(step, before);
        }
    }
    return layers;
}

/// A bundle of places and the mean of their pressures.
struct Bundle {
    Pressures sum{};
    int places = 0;
    void add(const Pressures& pressures) {
        for (std::size_t k = 0; k < sum.size(); ++k) sum[k] += pressures[k];
        ++places;
    }
    Pressures mean() const {
        Pressures pressures = sum;
        for (float& p : pressures) p /= float(std::max(1, places));
        return pressures;
    }
};

}  // namespace

std::vector<SectionColumn> sectionOf(const Plan& plan, int columns) {
    constexpr double leastShare = 0.012;  // so that it can be seen and clicked
    const auto widthOf = [&](int s) { return std::max(leastShare, plan.stacks[std::size_t(s)].share); };
    const cv::Mat& lab = plan.reading->wanted;
    std::vector<std::vector<std::pair<float, int>>> places(plan.stacks.size());  // lightness, pixel
    for (int y = 0; y < lab.rows; y += 2)
        for (int x = 0; x < lab.cols; x += 2)
            places[std::size_t(plan.stackMap.at<int>(y, x))].push_back({lab.at<cv::Vec3f>(y, x)[0], y * lab.cols + x});
    std::vector<int> order(plan.stacks.size());
    std::iota(order.begin(), order.end(), 0);
    std::vector<double> lightness;
    for (auto& those : places) {
        std::ranges::sort(those);
        lightness.push_back(those.empty() ? 0 : those[those.size() / 2].first);
    }
    std::ranges::stable_sort(order, {}, [&](int s) { return lightness[std::size_t(s)]; });
    double all = 0;
    for (const int s : order) all += widthOf(s);

    std::vector<SectionColumn> cut;
    std::vector<Pressures> pressures;
    double at = 0;
    for (const int s : order) {
        const auto& those = places[std::size_t(s)];
        const double width = widthOf(s) / all;
        const int count = std::max(1, std::min(int(std::lround(width * columns)), int(those.size())));
        for (int i = 0; i < count; ++i) {
            Bundle bundle;
            const std::size_t from = those.size() * std::size_t(i) / std::size_t(count);
            const std::size_t to = those.size() * std::size_t(i + 1) / std::size_t(count);
            for (std::size_t p = from; p < to; ++p)
                bundle.add(pressuresAt(plan.pressures, plan.stacks[std::size_t(s)], those[p].second / lab.cols,
                                       those[p].second % lab.cols));
            cut.push_back({s, false, at + width * i / count, at + width * (i + 1) / count, {}});
            pressures.push_back(bundle.mean());
        }
        at += width;
    }
    common::forEachIndex(int(cut.size()), [&](int i) {
        // With its neighbours: places of one lightness lie all over the area, and their pressures scatter.
        constexpr int reach = 3;
        Bundle smooth;
        for (int j = std::max(0, i - reach); j <= std::min(i + reach, int(cut.size()) - 1); ++j)
            if (cut[std::size_t(j)].stack == cut[std::size_t(i)].stack) smooth.add(pressures[std::size_t(j)]);
        cut[std::size_t(i)].layers = laidThere(plan, cut[std::size_t(i)].stack, smooth.mean());
    });
    return cut;
}

std::vector<SectionColumn> sectionAlong(const Plan& plan, const subject::Line& line, int columns) {
    std::vector<SectionColumn> cut(static_cast<std::size_t>(columns));
    std::vector<Pressures> pressures(cut.size());
    const auto pixel = [](double fraction, int size) { return std::clamp(int(fraction * size), 0, size - 1); };
    double owed = 0;  // of a column, to marks that run in among others: they lie beside each other
    for (int i = 0; i < columns; ++i) {
        SectionColumn& column = cut[std::size_t(i)];
        const double t = (i + 0.5) / columns;
        const int x = pixel(std::lerp(line.from.x, line.to.x, t), plan.stackMap.cols);
        const int y = pixel(std::lerp(line.from.y, line.to.y, t), plan.stackMap.rows);
        owed += plan.runIn.share.empty() ? 0 : plan.runIn.share.at<uchar>(y, x) / 255.0;
        column.runsIn = owed >= 0.5 && plan.runIn.part.at<int>(y, x) >= 0;
        if (column.runsIn) owed -= 1;
        column.stack = column.runsIn ? plan.runIn.part.at<int>(y, x) : plan.stackMap.at<int>(y, x);
        column.from = double(i) / columns;
        column.to = double(i + 1) / columns;
        pressures[std::size_t(i)] = pressuresAt(column.runsIn ? plan.runIn.pressures : plan.pressures,
                                                plan.stacks[std::size_t(column.stack)], y, x);
    }
    common::forEachIndex(columns, [&](int i) {
        SectionColumn& column = cut[std::size_t(i)];
        column.layers = laidThere(plan, column.stack, pressures[std::size_t(i)]);
    });
    return cut;
}

}  // namespace planning
