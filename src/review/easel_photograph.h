#pragma once

#include <opencv2/core.hpp>
#include <optional>
#include <vector>

#include "colour/lab.h"
#include "review/flat_sheet.h"
#include "review/stand_in_camera.h"

namespace review {

/// A stand-in for the camera beside the easel. For the demo and the tests.

/// What the work is off the plan by: a round place, in millimetres from the picture's upper left corner, whose colours
/// are off by so much in CIELAB.
struct PlantedFault {
    double x = 0, y = 0, radius = 0;
    colour::Lab off;
};
/// An area (CV_8U, as large as the sheet's picture) that has been laid so many millimetres beside its place.
struct PlantedShift {
    cv::Mat mask;
    double dx = 0, dy = 0;
};

/// How a sheet lies before the camera.
struct Mount {
    double borderMillimetres = 12;                 // round the picture: tape, or bare paper
    std::optional<colour::Srgb8> bareMargin = {};  // the paper's tone, where no tape lies on it
    cv::Vec3f tape = creamTape;                    // linear sRGB
    bool hasGreyCard = false;                      // a card of 18 % lies to the right of it
    bool hasSwatchCard = false;                    // or an empty swatch card does
};

/// A sheet (CV_8UC3, R G B) as it is mounted on a board, lying flat: CV_32FC3, linear sRGB.
struct MountedSheet {
    cv::Mat flat;
    cv::Rect picture;  // where the picture lies in it
};
MountedSheet mountedSheet(const cv::Mat& sheet, double widthMillimetres, const Mount& mount,
                          const std::vector<PlantedFault>& faults = {}, const std::vector<PlantedShift>& shifts = {});

/// A telephone held by hand in the light of a room, so that all of a mounted sheet of this size is in the picture:
/// everything that it does follows from the seed.
CameraConditions atTheEasel(cv::Size mounted, unsigned seed);

}  // namespace review
