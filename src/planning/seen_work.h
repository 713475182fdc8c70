#pragma once

#include <opencv2/core/mat.hpp>
#include <optional>
#include <vector>

#include "common/file.h"

namespace planning {

/// How the sheet really stood, beside what the film tells of what lay there.
struct SeenWork {
    cv::Mat light;            // CV_32FC3, linear sRGB by which it was off
    cv::Mat lab;              // the same in CIELAB
    std::vector<int> layers;  // of each stack that lay there
};

/// A sheet as a photograph shows it (CV_32FC3, XYZ relative to D50; `hidden` CV_8U where it cannot be seen) as the
/// record keeps it: a PNG, transparent where it is hidden.
common::Bytes sheetPng(const cv::Mat& xyz, const cv::Mat& hidden);

/// What such a picture shows of a sheet that was to look like `meant` (CV_8UC3, R G B, the same size) with `layers`
/// laid on each stack: differences of a place beside others that chance explains are let go, and details that lie
/// beside their place by no more than a millimetre. nullopt if it cannot be read or has another size.
std::optional<SeenWork> seenWork(const common::Bytes& png, const cv::Mat& meant, const std::vector<int>& layers,
                                 double pixelsPerMillimetre);

}  // namespace planning
