#include "subject/masses.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "colour/munsell.h"
#include "subject/islands.h"

namespace subject {

Levels lightnessLevels(const std::vector<float>& lightness, int k) {
    constexpr double step = 0.02;
    std::vector<double> counts(5001, 0.0);
    for (const float L : lightness) ++counts[std::clamp(int(std::lround(L / step)), 0, 5000)];
    std::vector<double> values, weights;
    for (int i = 0; i <= 5000; ++i)
        if (counts[i] > 0) {
            values.push_back(i * step);
            weights.push_back(counts[i]);
        }
    Levels levels = exactLevels(values, weights, k);
    for (double& bound : levels.upTo) bound += step / 2;
    return levels;
}

namespace {

/// The plane of L*.
cv::Mat lightnessOf(const cv::Mat& squinted) {
    cv::Mat plane = squinted;
    if (squinted.channels() > 1) cv::extractChannel(squinted, plane, 0);
    return plane.isContinuous() ? plane : plane.clone();
}

std::vector<float> valuesOf(const cv::Mat& plane) {
    return {plane.ptr<float>(), plane.ptr<float>() + plane.total()};
}

/// Which of these levels (L* where each ends, the last open) a lightness falls into, by hundredths of L*.
class LevelTable {
 public:
    explicit LevelTable(const std::vector<double>& upTo) : levelAt_(10001) {
        const int last = int(upTo.size()) - 1;
        for (int i = 0; i <= 10000; ++i)
            levelAt_[std::size_t(i)] =
                std::min(int(std::ranges::lower_bound(upTo, (i - 0.5) / 100) - upTo.begin()), last);
    }
    int operator()(float lightness) const {
        return levelAt_[std::size_t(std::clamp(int(lightness * 100 + 0.5f), 0, 10000))];
    }

 private:
    std::vector<int> levelAt_;
};

/// The map, and the share of each mass that ends at one of these lightnesses.
Masses massesEnding(const cv::Mat& lightness, const LevelTable& levels, std::vector<double> upTo) {
    Masses masses;
    masses.map.create(lightness.size(), CV_32S);
    for (int y = 0; y < lightness.rows; ++y) {
        const float* row = lightness.ptr<float>(y);
        int* level = masses.map.ptr<int>(y);
        for (int x = 0; x < lightness.cols; ++x) level[x] = levels(row[x]);
    }
    masses.map = withoutIslands(masses.map, std::max(4, int(lightness.total() / 2000)));
    masses.upTo = std::move(upTo);
    masses.shares.assign(masses.upTo.size(), 0.0);
    for (int y = 0; y < masses.map.rows; ++y) {
        const int* level = masses.map.ptr<int>(y);
        for (int x = 0; x < masses.map.cols; ++x) masses.shares[std::size_t(level[x])] += 1;
    }
    for (double& share : masses.shares) share /= double(masses.map.total());
    return masses;
}

}  // namespace

Masses valueMasses(const cv::Mat& squinted, int count) {
    const cv::Mat lightness = lightnessOf(squinted);
    const Levels levels = lightnessLevels(valuesOf(lightness), count);
    Masses masses = massesEnding(lightness, LevelTable(levels.upTo), levels.upTo);
    for (const double L : levels.means) masses.values.push_back(colour::munsellValueOfLightness(L));
    return masses;
}

Masses massesParted(const cv::Mat& squinted, const std::vector<double>& thresholds) {
    std::vector<double> upTo;
    for (const double value : thresholds) upTo.push_back(colour::lightnessOfMunsellValue(value));
    upTo.push_back(100.0);
    const cv::Mat lightness = lightnessOf(squinted);
    const LevelTable levels(upTo);
    Masses masses = massesEnding(lightness, levels, std::move(upTo));
    std::vector<double> sums(masses.shares.size(), 0.0), counts(masses.shares.size(), 0.0);
    for (int y = 0; y < lightness.rows; ++y) {
        const float* row = lightness.ptr<float>(y);
        for (int x = 0; x < lightness.cols; ++x) {
            const auto level = std::size_t(levels(row[x]));
            sums[level] += row[x];
            counts[level] += 1;
        }
    }
    for (std::size_t i = 0; i < sums.size(); ++i) {
        const double below = i > 0 ? masses.upTo[i - 1] : 0.0;
        masses.values.push_back(
            colour::munsellValueOfLightness(counts[i] > 0 ? sums[i] / counts[i] : (below + masses.upTo[i]) / 2));
    }
    return masses;
}

std::vector<double> thresholdsOf(const Masses& masses) {
    std::vector<double> thresholds;
    for (std::size_t i = 0; i + 1 < masses.upTo.size(); ++i)
        thresholds.push_back(colour::munsellValueOfLightness(masses.upTo[i]));
    return thresholds;
}

Contrast contrastOf(const Masses& masses) {
    Contrast contrast;
    if (masses.values.empty()) return contrast;
    // A threshold may stand where the subject has nothing: such a mass is none.
    const auto isThere = [](double share) { return share > 0; };
    const auto first = std::ranges::find_if(masses.shares, isThere) - masses.shares.begin();
    const auto last = std::find_if(masses.shares.rbegin(), masses.shares.rend(), isThere) - masses.shares.rbegin();
    if (first == std::ptrdiff_t(masses.shares.size())) return contrast;
    contrast.darkest = masses.values[std::size_t(first)];
    contrast.lightest = masses.values[masses.values.size() - 1 - std::size_t(last)];
    contrast.key = (contrast.darkest + contrast.lightest) / 2;
    for (std::size_t i = 0; i < masses.values.size(); ++i) {
        double& share = masses.values[i] < darkBelow     ? contrast.dark
                        : masses.values[i] <= lightAbove ? contrast.medium
                                                         : contrast.light;
        share += masses.shares[i];
    }
    return contrast;
}

}  // namespace subject
