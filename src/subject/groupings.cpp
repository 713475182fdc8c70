#include "subject/groupings.h"

#include <algorithm>
#include <opencv2/core.hpp>

#include "colour/munsell.h"
#include "subject/masses.h"

namespace subject {

namespace {

/// L* at which these values part into k levels.
std::vector<double> parted(const std::vector<float>& lightness, int k) {
    std::vector<double> at = lightnessLevels(lightness, k).upTo;
    if (!at.empty()) at.pop_back();
    return at;
}

}  // namespace

std::vector<double> thresholdsFor(Grouping grouping, const cv::Mat& squintedLab, int levels) {
    cv::Mat plane;
    cv::extractChannel(squintedLab, plane, 0);
    std::vector<float> lightness(plane.begin<float>(), plane.end<float>());
    std::vector<double> at;
    if (lightness.empty() || levels < 2) return at;
    if (grouping == Grouping::nearest || levels == 2) {
        at = parted(lightness, levels);
    } else if (grouping == Grouping::evenSteps) {
        std::ranges::sort(lightness);
        // The ends are robust: a speck of dirt or glare does not stretch the ladder.
        const double low = lightness[lightness.size() / 100],
                     high = lightness[lightness.size() - 1 - lightness.size() / 100];
        for (int step = 1; step < levels; ++step) at.push_back(low + (high - low) * step / levels);
    } else {
        const std::vector<double> middle = parted(lightness, 2);
        if (middle.empty()) return at;
        const bool isDarkOne = grouping == Grouping::oneDark;
        std::erase_if(lightness, [&](float L) { return (L <= middle[0]) == isDarkOne; });
        at = parted(lightness, levels - 1);
        at.insert(isDarkOne ? at.begin() : at.end(), middle[0]);
    }
    for (double& L : at) L = colour::munsellValueOfLightness(L);
    at.erase(std::unique(at.begin(), at.end()), at.end());
    return at;
}

}  // namespace subject
