#include "subject/pyramid.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "subject/picture.h"
#include "subject/reduced.h"

namespace subject {

Pyramid::Pyramid(cv::Mat bgr, std::vector<std::uint8_t> iccProfile) : iccProfile_(std::move(iccProfile)) {
    constexpr int leastLongSide = 512;
    levels_.push_back(std::move(bgr));
    while (std::max(levels_.back().cols, levels_.back().rows) > 2 * leastLongSide)
        levels_.push_back(scaledDown(levels_.back(), 0.5));
}

cv::Mat Pyramid::view(const Frame& frame, double format, const cv::Rect2d& part, const cv::Size& pixels) const {
    const FramePlace place(frame, levels_.front().size(), format);
    // The smallest level that still has a pixel for each of the screen's.
    const double shown = part.width * place.width() / std::max(1, pixels.width);
    std::size_t level = 0;
    while (level + 1 < levels_.size() && shown >= double(2 << level)) ++level;
    const cv::Mat& image = levels_[level];
    const auto at = [&](double x, double y) {
        const cv::Point2d p = place.inReference({part.x + part.width * x, part.y + part.height * y});
        return cv::Point2f(float(p.x * image.cols - 0.5), float(p.y * image.rows - 0.5));
    };
    const float right = float(pixels.width) - 0.5f, below = float(pixels.height) - 0.5f;
    const cv::Point2f from[] = {{-0.5f, -0.5f}, {right, -0.5f}, {-0.5f, below}};
    const cv::Point2f to[] = {at(0, 0), at(1, 0), at(0, 1)};
    cv::Mat seen;
    cv::warpAffine(image, seen, cv::getAffineTransform(from, to), pixels, cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
                   cv::BORDER_REPLICATE);
    cv::Mat xyz = *colour::xyzImage(seen, iccProfile_, "");
    neutralise(xyz, frame);
    return colour::srgb8ImageFromXyz(xyz);
}

common::Result<Pyramid> readPyramid(std::span<const std::uint8_t> bytes, const std::string& name) {
    auto source = decodePicture(bytes, name);
    if (!source) return source.problem();
    // A profile that does not fit is found here, not in the midst of looking.
    if (auto one = colour::xyzImage(source->bgr(cv::Rect(0, 0, 1, 1)), source->iccProfile, name); !one)
        return one.problem();
    return Pyramid(source->bgr, source->iccProfile);
}

}  // namespace subject
