#include "subject/target.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace subject {

namespace {

/// Nothing for an empty mask.
std::optional<colour::Lab> meanOver(const cv::Mat& lab, const cv::Mat& mask) {
    double x = 0, y = 0, z = 0, count = 0;
    for (int row = 0; row < lab.rows; ++row)
        for (int column = 0; column < lab.cols; ++column) {
            if (!mask.at<uchar>(row, column)) continue;
            const auto& at = lab.at<cv::Vec3f>(row, column);
            const colour::Xyz xyz = colour::xyzFromLab({at[0], at[1], at[2]});
            x += xyz.x;
            y += xyz.y;
            z += xyz.z;
            ++count;
        }
    if (count == 0) return std::nullopt;
    return colour::labFromXyz({x / count, y / count, z / count});
}

}  // namespace

Target targetIn(const cv::Mat& lab, const cv::Mat& mask) {
    const auto colour = meanOver(lab, mask);
    if (!colour) return targetIn(lab, cv::Mat(lab.size(), CV_8U, cv::Scalar(255)));
    const int reach = std::max(1, std::max(lab.cols, lab.rows) / 40);
    cv::Mat wide;
    cv::dilate(mask, wide, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
    return {*colour, meanOver(lab, wide & ~mask).value_or(*colour)};
}

Target targetAt(const cv::Mat& lab, const cv::Point2d& place) {
    cv::Mat mask(lab.size(), CV_8U, cv::Scalar(0));
    const cv::Point at(std::clamp(int(place.x * lab.cols), 0, lab.cols - 1),
                       std::clamp(int(place.y * lab.rows), 0, lab.rows - 1));
    cv::circle(mask, at, std::max(1, std::max(lab.cols, lab.rows) / 100), cv::Scalar(255), cv::FILLED);
    return targetIn(lab, mask);
}

}  // namespace subject
