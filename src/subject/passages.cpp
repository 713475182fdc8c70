#include "subject/passages.h"

#include <algorithm>
#include <array>
#include <opencv2/core.hpp>

#include "subject/islands.h"
#include "subject/masses.h"
#include "subject/median.h"

namespace subject {

namespace {

constexpr std::array<std::string_view, 4> bandNames{"dark", "medium", "light", "accent"};

/// The bands of one area: where each ends in lightness, and its name.
struct Split {
    std::vector<double> upTo;
    std::vector<Band> bands;
};

Split splitOf(std::vector<float> lightness) {
    std::ranges::sort(lightness);
    const auto at = [&](double part) { return double(lightness[std::size_t(part * (lightness.size() - 1))]); };
    const double range = at(0.96) - at(0.04);
    constexpr double oneBand = 7.0;  // under a Munsell step of about ten: one tone
    constexpr double twoBands = 15.0;
    if (range < oneBand) return {{101.0}, {Band::medium}};
    if (range < twoBands) return {lightnessLevels(lightness, 2).upTo, {Band::dark, Band::light}};
    const Levels three = lightnessLevels(lightness, 3);
    const Levels four = lightnessLevels(lightness, 4);
    // A few lights far above the rest are accents, laid last.
    if (four.means.size() == 4) {
        const auto above = std::ranges::upper_bound(lightness, float(four.upTo[2]));
        const double share = double(lightness.end() - above) / lightness.size();
        if (share < 0.10 && four.means[3] - four.means[2] > 12.0)
            return {four.upTo, {Band::dark, Band::medium, Band::light, Band::accent}};
    }
    if (three.means.size() < 3) return {{101.0}, {Band::medium}};
    return {three.upTo, {Band::dark, Band::medium, Band::light}};
}

}  // namespace

std::string_view nameOf(Band band) {
    return bandNames[static_cast<int>(band)];
}

std::string Passage::id() const {
    return std::to_string(area) + "-" + std::string(nameOf(band));
}

Passages passagesOf(const Areas& areas, const cv::Mat& lab, const cv::Mat& squintedLab) {
    const cv::Mat& areaMap = areas.map;
    std::vector<std::vector<float>> lightness(areas.list.size());
    const auto groupOf = [&](int area) { return std::size_t(areas.list[std::size_t(area)].together - 1); };
    for (int y = 0; y < areaMap.rows; ++y)
        for (int x = 0; x < areaMap.cols; ++x)
            lightness[groupOf(areaMap.at<int>(y, x))].push_back(squintedLab.at<cv::Vec3f>(y, x)[0]);
    std::vector<Split> splits(lightness.size());
    for (std::size_t group = 0; group < lightness.size(); ++group)
        if (!lightness[group].empty()) splits[group] = splitOf(std::move(lightness[group]));

    cv::Mat bands(areaMap.size(), CV_32S);
    for (int y = 0; y < areaMap.rows; ++y)
        for (int x = 0; x < areaMap.cols; ++x) {
            const Split& split = splits[groupOf(areaMap.at<int>(y, x))];
            const float L = squintedLab.at<cv::Vec3f>(y, x)[0];
            const auto level = std::ranges::lower_bound(split.upTo, double(L)) - split.upTo.begin();
            const auto last = std::ptrdiff_t(split.bands.size()) - 1;
            bands.at<int>(y, x) = static_cast<int>(split.bands[std::min(level, last)]);
        }
    bands = withoutIslands(bands, std::max(3, int(areaMap.total() / 8000)), areaMap);

    struct Tally {
        std::vector<float> L, a, b;
    };
    std::vector<std::array<Tally, 4>> tallies(areas.list.size());
    std::vector<std::array<int, 4>> pixels(areas.list.size(), {0, 0, 0, 0});
    for (int y = 0; y < areaMap.rows; ++y)
        for (int x = 0; x < areaMap.cols; ++x) {
            const int area = areaMap.at<int>(y, x), band = bands.at<int>(y, x);
            ++pixels[std::size_t(area)][std::size_t(band)];
            Tally& tally = tallies[groupOf(area)][std::size_t(band)];
            const cv::Vec3f v = lab.at<cv::Vec3f>(y, x);
            tally.L.push_back(v[0]);
            tally.a.push_back(v[1]);
            tally.b.push_back(v[2]);
        }
    Passages passages;
    std::vector<std::array<int, 4>> indexOf(areas.list.size());
    for (std::size_t area = 0; area < pixels.size(); ++area)
        for (std::size_t band = 0; band < 4; ++band) {
            if (pixels[area][band] == 0) continue;
            Tally& tally = tallies[groupOf(int(area))][band];
            indexOf[area][band] = static_cast<int>(passages.list.size());
            passages.list.push_back({areas.list[area].id,
                                     static_cast<Band>(band),
                                     double(pixels[area][band]) / double(areaMap.total()),
                                     {median(tally.L), median(tally.a), median(tally.b)}});
        }
    passages.map.create(areaMap.size(), CV_32S);
    for (int y = 0; y < areaMap.rows; ++y)
        for (int x = 0; x < areaMap.cols; ++x)
            passages.map.at<int>(y, x) = indexOf[areaMap.at<int>(y, x)][bands.at<int>(y, x)];
    return passages;
}

}  // namespace subject
