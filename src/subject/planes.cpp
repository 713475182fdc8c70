#include "subject/planes.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/munsell.h"
#include "colour/warmth.h"

namespace subject {

namespace {

/// What is compared, of one area or of all of a plane.
struct Look {
    double dark = 0;      // Munsell value below which a tenth of it lies
    double hardness = 0;  // of its hardest steps: L* a pixel, at its ninth tenth
    double warmth = 0;
};

struct Pixels {
    std::vector<float> lightness, steps;
    double warmth = 0;

    void add(const Pixels& other) {
        lightness.insert(lightness.end(), other.lightness.begin(), other.lightness.end());
        steps.insert(steps.end(), other.steps.begin(), other.steps.end());
        warmth += other.warmth;
    }
    Look look() {
        const auto at = [](std::vector<float>& values, double part) {
            const auto place = values.begin() + std::ptrdiff_t(part * double(values.size() - 1));
            std::ranges::nth_element(values, place);
            return double(*place);
        };
        return {colour::munsellValueOfLightness(at(lightness, 0.1)), at(steps, 0.9), warmth / double(lightness.size())};
    }
};

}  // namespace

std::vector<PlaneFault> planeFaults(const Areas& areas, const cv::Mat& lab) {
    cv::Mat lightness, across, down, step;
    cv::extractChannel(lab, lightness, 0);
    cv::Sobel(lightness, across, CV_32F, 1, 0, 3, 1.0 / 8);
    cv::Sobel(lightness, down, CV_32F, 0, 1, 3, 1.0 / 8);
    cv::magnitude(across, down, step);
    std::vector<Pixels> pixels(areas.list.size());
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            Pixels& of = pixels[std::size_t(areas.map.at<int>(y, x))];
            const auto& v = lab.at<cv::Vec3f>(y, x);
            of.lightness.push_back(v[0]);
            of.steps.push_back(step.at<float>(y, x));
            of.warmth += colour::warmth({v[0], v[1], v[2]});
        }
    Pixels near;
    for (std::size_t i = 0; i < pixels.size(); ++i)
        if (areas.list[i].plane == Plane::foreground) near.add(pixels[i]);
    std::vector<PlaneFault> faults;
    if (near.lightness.empty()) return faults;
    const Look against = near.look();
    constexpr double leastShare = 0.01, darkMargin = 0.3, warmMargin = 4, leastHardness = 1.0;
    for (std::size_t i = 0; i < pixels.size(); ++i) {
        if (areas.list[i].plane != Plane::background || areas.list[i].share < leastShare) continue;
        const Look look = pixels[i].look();
        const auto fault = [&](PlaneFault::Kind kind, double by) { faults.push_back({int(i), kind, by}); };
        if (against.dark - look.dark > darkMargin) fault(PlaneFault::Kind::tooDark, against.dark - look.dark);
        if (look.hardness > leastHardness && look.hardness > 1.1 * against.hardness)
            fault(PlaneFault::Kind::tooSharp, look.hardness / std::max(against.hardness, 0.1));
        if (look.warmth - against.warmth > warmMargin) fault(PlaneFault::Kind::tooWarm, look.warmth - against.warmth);
    }
    return faults;
}

}  // namespace subject
