#include "subject/triad.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/core.hpp>

#include "common/median.h"
#include "common/parallel.h"
#include "subject/masses.h"

namespace subject {

namespace {

/// The pixel nearest to the median of `pixels` (which is not empty).
Triad::Swatch medianSwatch(const std::vector<cv::Point>& pixels, const cv::Mat& lab) {
    std::array<std::vector<float>, 3> values;
    for (const cv::Point& p : pixels)
        for (int c = 0; c < 3; ++c) values[std::size_t(c)].push_back(lab.at<cv::Vec3f>(p)[c]);
    const cv::Vec3f middle(common::median(values[0]), common::median(values[1]), common::median(values[2]));
    const cv::Point nearest = *std::ranges::min_element(
        pixels, {}, [&](const cv::Point& p) { return cv::norm(lab.at<cv::Vec3f>(p) - middle, cv::NORM_L2SQR); });
    const cv::Vec3f v = lab.at<cv::Vec3f>(nearest);
    return {{v[0], v[1], v[2]}, {(nearest.x + 0.5) / lab.cols, (nearest.y + 0.5) / lab.rows}};
}

cv::Point placeIn(const cv::Mat& map, int label) {
    cv::Point place;
    cv::minMaxLoc(map == label, nullptr, nullptr, nullptr, &place);
    return place;
}

double warmerThan(const colour::Lab& light, const colour::Lab& shadow) {
    constexpr double haze = 0.0005;  // of the darkest blacks hardly any hue is left
    const colour::Xyz lit = colour::xyzFromLab(light), dim = colour::xyzFromLab(shadow);
    // A picture of a wide gamut may hold colours that no light has: less than none of a component.
    const auto stops = [](double of, double against) {
        return std::log2((std::max(of, 0.0) + haze) / (std::max(against, 0.0) + haze));
    };
    return stops(lit.x, dim.x) - stops(lit.z, dim.z);
}

}  // namespace

std::vector<Triad> triadsOf(const Areas& areas, const cv::Mat& lab) {
    std::vector<std::vector<cv::Point>> pixels(areas.list.size());
    constexpr std::size_t large = 400'000;
    const int step = lab.total() > large ? 2 : 1;
    for (int y = 0; y < lab.rows; y += step)
        for (int x = 0; x < lab.cols; x += step) pixels[std::size_t(areas.map.at<int>(y, x))].emplace_back(x, y);
    std::vector<Triad> triads(pixels.size());
    common::forEachIndex(int(pixels.size()), [&](int i) {
        std::vector<cv::Point>& inside = pixels[std::size_t(i)];
        // A sliver between the pixels that are looked at.
        if (inside.empty()) inside.emplace_back(placeIn(areas.map, i));
        std::vector<float> lightness;
        for (const cv::Point& p : inside) lightness.push_back(lab.at<cv::Vec3f>(p)[0]);
        const std::vector<double> upTo = lightnessLevels(lightness, 3).upTo;
        std::array<std::vector<cv::Point>, 3> thirds;
        for (const cv::Point& p : inside) {
            const auto level = std::ranges::lower_bound(upTo, double(lab.at<cv::Vec3f>(p)[0])) - upTo.begin();
            thirds[std::size_t(std::min<std::ptrdiff_t>(level, 2))].push_back(p);
        }
        // A flat area has the same colour thrice.
        for (const std::size_t third : {1, 2})
            if (thirds[third].empty()) thirds[third] = thirds[third - 1];
        Triad& triad = triads[std::size_t(i)];
        triad = {medianSwatch(thirds[0], lab), medianSwatch(thirds[1], lab), medianSwatch(thirds[2], lab)};
        // A highlight mirrors its lamp and says nothing of the surface: it is known by its lesser chroma.
        const bool isMirror = colour::chroma(triad.light.colour) < colour::chroma(triad.medium.colour);
        triad.lightWarmer = warmerThan(isMirror ? triad.medium.colour : triad.light.colour, triad.dark.colour);
    });
    return triads;
}

}  // namespace subject
