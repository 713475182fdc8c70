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

Masses valueMasses(const cv::Mat& squintedLab, int count) {
    std::vector<float> lightness;
    lightness.reserve(squintedLab.total());
    for (int y = 0; y < squintedLab.rows; ++y)
        for (int x = 0; x < squintedLab.cols; ++x) lightness.push_back(squintedLab.at<cv::Vec3f>(y, x)[0]);
    const Levels levels = lightnessLevels(lightness, count);

    Masses masses;
    masses.upTo = levels.upTo;
    masses.map.create(squintedLab.size(), CV_32S);
    for (int y = 0; y < squintedLab.rows; ++y)
        for (int x = 0; x < squintedLab.cols; ++x) {
            const float L = squintedLab.at<cv::Vec3f>(y, x)[0];
            const auto level = std::ranges::lower_bound(levels.upTo, double(L)) - levels.upTo.begin();
            masses.map.at<int>(y, x) = std::min<int>(int(level), int(levels.means.size()) - 1);
        }
    masses.map = withoutIslands(masses.map, std::max(4, int(squintedLab.total() / 2000)));

    masses.shares.assign(levels.means.size(), 0.0);
    for (int y = 0; y < masses.map.rows; ++y)
        for (int x = 0; x < masses.map.cols; ++x) masses.shares[masses.map.at<int>(y, x)] += 1.0 / masses.map.total();
    for (const double L : levels.means) masses.values.push_back(colour::munsellValueOfLightness(L));
    return masses;
}

Contrast contrastOf(const Masses& masses) {
    Contrast contrast;
    if (masses.values.empty()) return contrast;
    contrast.darkest = masses.values.front();
    contrast.lightest = masses.values.back();
    contrast.key = (contrast.darkest + contrast.lightest) / 2;
    for (std::size_t i = 0; i < masses.values.size(); ++i) {
        double& share = masses.values[i] < 4 ? contrast.dark : masses.values[i] <= 7 ? contrast.medium : contrast.light;
        share += masses.shares[i];
    }
    return contrast;
}

}  // namespace subject
