#pragma once

#include <opencv2/core.hpp>
#include <optional>
#include <vector>

#include "review/light_reference.h"
#include "review/sheet_place.h"

namespace review {

/// The work as it lies before the camera, the camera and its light taken off.
struct FlatSheet {
    cv::Mat xyz;     // CV_32FC3, relative to D50, as large as the sought picture
    cv::Mat hidden;  // CV_8U, 255 where the work is burnt out, and along its very edge
    cv::Mat burnt;   // CV_8U, only where it is burnt out
    /// Where the border is much lighter or darker than the light falls elsewhere.
    struct OddSpot {
        cv::Point pixel;  // of the work, where that is nearest
        double times = 1;
    };
    std::vector<OddSpot> odd;
    BalancedBy by = BalancedBy::tape;
    double error = 0;       // CIEDE2000 by which all colours together may be off, one standard error
    double unevenness = 0;  // share by which the light was uneven over the sheet
    double exposure = 1;    // light in the photograph's middle of what reflects all, 1 where it burns out
};

/// Flattens a photograph (CV_32FC3, XYZ relative to D50) in which a sheet was found. Uneven light is told from the
/// border, which has one colour all round; its cast and strength from what lies beside it, if that is known, else from
/// the border, tape being a common cream one. Refuses workTooDark and workTooBright (burnt out), with `name` in the
/// problem.
common::Result<FlatSheet> flattened(const cv::Mat& xyz, const SheetPlace& place, const SoughtSheet& sought,
                                    const std::optional<LightReference>& reference, const std::string& name);

}  // namespace review
