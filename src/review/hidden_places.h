#pragma once

#include "review/flat_sheet.h"

namespace review {

/// Where the work cannot be judged since something lies between it and the light (CV_8U).
struct HiddenPlaces {
    cv::Mat shadow;  // of a hand, or of the camera
    cv::Mat gleam;   // of a lamp
};

/// A shadow comes in over the border, and darkens all colours alike; a gleam lightens them by as much, round where it
/// burns out or crosses the border. `work` is the flattened sheet (CV_32FC3, XYZ relative to D50) in the light of
/// `meant`, which it was to look like.
HiddenPlaces hiddenPlaces(const FlatSheet& flat, const cv::Mat& work, const cv::Mat& meant, double pixelsPerMillimetre);

}  // namespace review
