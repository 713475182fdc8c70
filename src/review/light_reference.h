#pragma once

#include <opencv2/core.hpp>
#include <optional>

#include "review/sheet_place.h"

namespace review {

/// Of a grey card, in every component.
inline constexpr float greyCardReflectance = 0.18f;

/// By what the light's cast and strength were told.
enum class BalancedBy { greyCard, swatchCard, tape, paper };

/// Something beside the sheet of which it is known how light it is.
struct LightReference {
    BalancedBy by = BalancedBy::greyCard;
    cv::Point2d at;   // pixels
    cv::Vec3f white;  // linear sRGB that perfect white would have there
};

/// Looks for a swatch card, and then for a grey card, that lies beside a sheet which was found in a photograph
/// (CV_32FC3, XYZ relative to D50). A grey card is an even rectangle in the sheet's plane, 40 to 300 mm long, that is
/// as grey and as dark beside the border as one of 18 % would be, give or take what tape and paper may differ.
std::optional<LightReference> lightReferenceBeside(const cv::Mat& xyz, const SheetPlace& place,
                                                   const SoughtSheet& sought);

}  // namespace review
