#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "colour/lab.h"

namespace planning {

/// A stack as its pressure maps are made from it.
struct MapTask {
    cv::Mat wanted;                   // CV_32FC3, CIELAB: what the area is to look like
    cv::Mat mask;                     // CV_8U, the same size: where the area is
    int layers = 0;                   // at least one
    std::vector<colour::Lab> tones;   // what every tone gives (see pigment/tones.h)
    std::vector<float> faults;        // what it costs beside its distance
    std::vector<double> markPixels;   // of each layer
    double eyePixels = 1;             // Gaussian in which the eye joins what lies close together
    std::vector<cv::Mat> laid = {};   // CV_8U, maps of the first layers, which lie there and are not to be changed
    cv::Mat off = {};                 // CV_32FC3, CIELAB by which the sheet is off where they lie; empty: nowhere
    std::vector<float> through = {};  // the part of that, in L*, that is still seen in each tone
};

/// The pressure map (CV_8U, see rendering::mapStep) of each layer, 0 outside the mask. Each place takes the pressures
/// whose tone is nearest to the colour wanted there. From the first layer up each map is made as smooth as its mark is
/// large - a step from one pressure to another fades over a mark's width - and what a broad layer cannot follow the
/// finer ones above it answer for. No patch of one pressure is smaller than the layer's mark.
std::vector<cv::Mat> pressureMaps(const MapTask& task);

}  // namespace planning
