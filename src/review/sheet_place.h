#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <optional>
#include <string>
#include <vector>

#include "colour/srgb.h"
#include "common/result.h"
#include "review/lens.h"

namespace review {

/// Crêpe tape as it is commonly sold, a little warm, in linear sRGB; from memory.
inline const cv::Vec3f creamTape{0.78f, 0.74f, 0.62f};

/// A sheet that is looked for in a photograph: what it should show by now, and what lies round that.
struct SoughtSheet {
    cv::Mat picture;  // CV_8UC3, R G B
    double widthMillimetres = 400, heightMillimetres = 300;
    double borderMillimetres = 12;                 // of tape, or of bare paper to its edge
    std::optional<colour::Srgb8> bareMargin = {};  // the paper's tone, where no tape lies on it

    cv::Vec3f borderLight() const;  // what the border is, in linear sRGB
};

/// Where it lies.
struct SheetPlace {
    cv::Matx33d toPhotograph;  // from millimetres on the picture to pixels, but for the lens
    Lens lens;
    double agreement = 0;  // -1..1: how like it is to what was looked for
    int quarterTurns = 0;  // clockwise, by which the picture is turned in the photograph

    cv::Point2d inPhotograph(const cv::Point2d& millimetres) const;
    cv::Point2d onSheet(const cv::Point2d& pixel) const;
    /// What is seen (CV_32FC3) round the sheet, straight on: `corner` (millimetres) lies at the upper left.
    cv::Mat seenFlat(const cv::Mat& photograph, const cv::Point2d& corner, cv::Size size,
                     double pixelsPerMillimetre) const;
};

/// A sheet that was found, and which of those that were sought it is like.
struct FoundSheet {
    SheetPlace place;
    std::size_t which = 0;
};

/// Finds a sheet in a photograph (CV_32FC3, XYZ relative to D50) that may be any of some: four straight sides (tape,
/// picture or paper) within which lies what is looked for, whatever the light; then the sides are made exact. Refuses
/// workTooDark, workCutOff and workMissing, with `name` in the problem.
common::Result<FoundSheet> findSheet(const cv::Mat& xyz, const std::vector<SoughtSheet>& sought,
                                     const std::string& name);

/// The same with the picture's corners set by hand (pixels; clockwise from the one that is upper left on the sheet).
SheetPlace sheetPlaceBy(const std::array<cv::Point2d, 4>& corners, const SoughtSheet& sought);

}  // namespace review
