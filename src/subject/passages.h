#pragma once

#include <opencv2/core/mat.hpp>
#include <string>
#include <string_view>
#include <vector>

#include "colour/lab.h"
#include "subject/areas.h"

namespace subject {

enum class Band { dark, medium, light, accent };
std::string_view nameOf(Band band);

/// One value band of one area: what a recipe is made for.
struct Passage {
    int area = 0;  // id
    Band band = Band::medium;
    double share = 0;    // of the picture's area
    colour::Lab target;  // median of the reference there

    /// "1-dark": stands in plan.json.
    std::string id() const;
};

struct Passages {
    cv::Mat map;                // CV_32S, index of the passage
    std::vector<Passage> list;  // by area, then from dark to accent; shares sum to 1
};

/// Splits every area into up to three value bands and an accent, as its range of lightness asks for. `lab` gives the
/// targets, `squintedLab` the borders (both CV_32FC3). Areas that are planned together are split at the same lightness,
/// and each of their bands has one target.
Passages passagesOf(const Areas& areas, const cv::Mat& lab, const cv::Mat& squintedLab);

}  // namespace subject
