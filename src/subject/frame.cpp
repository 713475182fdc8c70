#include "subject/frame.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>

#include "colour/adaptation.h"

namespace subject {

namespace {

constexpr double radians = std::numbers::pi / 180;

/// Makes the grey neutral and leaves its luminance; the identity without one.
Eigen::Matrix3d neutralising(const Frame& frame) {
    if (!frame.grey) return Eigen::Matrix3d::Identity();
    const double y = frame.grey->y;
    return colour::bradford(*frame.grey, {colour::whiteD50.x * y, y, colour::whiteD50.z * y});
}

}  // namespace

FramePlace::FramePlace(const Frame& frame, cv::Size2d reference, double format)
    : reference_(reference),
      centre_(frame.centreX * reference.width, frame.centreY * reference.height),
      cos_(std::cos(frame.degrees * radians)),
      sin_(std::sin(frame.degrees * radians)) {
    // Half the frame's extent across and down the reference for each pixel of its width.
    const double across = (std::fabs(cos_) + std::fabs(sin_) / format) / 2;
    const double down = (std::fabs(sin_) + std::fabs(cos_) / format) / 2;
    const double roomAcross = std::min(centre_.x, reference_.width - centre_.x);
    const double roomDown = std::min(centre_.y, reference_.height - centre_.y);
    width_ = std::min(roomAcross / across, roomDown / down);
    if (frame.width > 0) width_ = std::min(width_, frame.width * reference_.width);
    width_ = std::max(1.0, width_);
    height_ = width_ / format;
}

cv::Point2d FramePlace::inReference(const cv::Point2d& inFrame) const {
    const double x = (inFrame.x - 0.5) * width_, y = (inFrame.y - 0.5) * height_;
    return {(centre_.x + x * cos_ - y * sin_) / reference_.width,
            (centre_.y + x * sin_ + y * cos_) / reference_.height};
}

cv::Point2d FramePlace::inFrame(const cv::Point2d& inReference) const {
    const double x = inReference.x * reference_.width - centre_.x, y = inReference.y * reference_.height - centre_.y;
    return {(x * cos_ + y * sin_) / width_ + 0.5, (y * cos_ - x * sin_) / height_ + 0.5};
}

cv::Mat framed(const cv::Mat& xyz, const Frame& frame, double format, int longSide) {
    CV_Assert(xyz.type() == CV_32FC3);
    const FramePlace place(frame, xyz.size(), format);
    const int width = std::clamp(int(std::lround(place.width())), 1, xyz.cols);
    const int height = std::clamp(int(std::lround(place.height())), 1, xyz.rows);
    cv::Mat image;
    if (frame.degrees == 0) {
        // Whole pixels, none of them mixed with its neighbours.
        const int x = int(std::floor((2 * frame.centreX * xyz.cols - width) / 2));
        const int y = int(std::floor((2 * frame.centreY * xyz.rows - height) / 2));
        image = xyz(cv::Rect(std::clamp(x, 0, xyz.cols - width), std::clamp(y, 0, xyz.rows - height), width, height));
    } else {
        const auto at = [&](double x, double y) {
            const cv::Point2d p = place.inReference({x / width, y / height});
            return cv::Point2f(float(p.x * xyz.cols - 0.5), float(p.y * xyz.rows - 0.5));
        };
        const cv::Point2f from[] = {{-0.5f, -0.5f}, {float(width) - 0.5f, -0.5f}, {-0.5f, float(height) - 0.5f}};
        const cv::Point2f to[] = {at(0, 0), at(width, 0), at(0, height)};
        cv::warpAffine(xyz, image, cv::getAffineTransform(from, to), {width, height},
                       cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
    }
    // Larger than a few pixels, or there is nothing to part into areas.
    const double scale = std::min(double(longSide) / std::max(width, height),
                                  std::max(1.0, double(leastFramedPixels) / std::min(width, height)));
    const cv::Size size(std::max(1, int(std::lround(width * scale))), std::max(1, int(std::lround(height * scale))));
    cv::Mat out;
    if (size == image.size())
        out = image.clone();
    else
        cv::resize(image, out, size, 0, 0, scale < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
    neutralise(out, frame);
    return out;
}

void neutralise(cv::Mat& xyz, const Frame& frame) {
    if (!frame.grey) return;
    const Eigen::Matrix3d matrix = neutralising(frame);
    cv::Matx33f m;
    for (int i = 0; i < 9; ++i) m.val[i] = float(matrix(i / 3, i % 3));
    cv::transform(xyz.clone(), xyz, m);
}

Frame withinBounds(Frame frame) {
    frame.centreX = std::clamp(frame.centreX, 0.0, 1.0);
    frame.centreY = std::clamp(frame.centreY, 0.0, 1.0);
    frame.width = std::clamp(frame.width, 0.0, mostFrameWidth);
    frame.degrees = std::remainder(frame.degrees, 360.0);
    return frame;
}

Frame levelled(const Frame& frame, const FramePlace& place, const cv::Point2d& from, const cv::Point2d& to) {
    const double angle = std::atan2((to.y - from.y) * place.height(), (to.x - from.x) * place.width()) / radians;
    Frame turned = frame;
    turned.degrees += angle - 90 * std::round(angle / 90);
    return withinBounds(turned);
}

Cropped cropped(const Frame& frame, const FramePlace& place, const cv::Point2d& from, const cv::Point2d& to,
                double format) {
    const double boxWidth = std::max(1.0, std::fabs(to.x - from.x) * place.width());
    const double boxHeight = std::max(1.0, std::fabs(to.y - from.y) * place.height());
    if (format <= 0) format = boxWidth / boxHeight;
    Frame part = frame;
    const cv::Point2d centre = place.inReference((from + to) * 0.5);
    part.centreX = centre.x;
    part.centreY = centre.y;
    // As wide as it will be shown: what does not fit is made smaller.
    part.width = std::max(boxWidth, boxHeight * format) / place.reference().width;
    part.width = FramePlace(part, place.reference(), format).width() / place.reference().width;
    return {withinBounds(part), format};
}

Frame withGrey(const Frame& frame, const colour::Xyz& shown) {
    const Eigen::Vector3d raw = neutralising(frame).inverse() * Eigen::Vector3d(shown.x, shown.y, shown.z);
    Frame balanced = frame;
    balanced.grey = colour::Xyz{raw[0], raw[1], raw[2]};
    return balanced;
}

}  // namespace subject
