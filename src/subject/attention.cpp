#include "subject/attention.h"

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/munsell.h"

namespace subject {

std::optional<StrongestContrast> strongestContrast(const cv::Mat& squintedLab, const Areas& areas) {
    cv::Mat focal(areas.map.size(), CV_8U, cv::Scalar(0));
    for (std::size_t i = 0; i < areas.list.size(); ++i)
        if (areas.list[i].focal) focal.setTo(255, areas.map == int(i));
    if (cv::countNonZero(focal) == 0) return std::nullopt;
    cv::Mat lightness, low, high;
    cv::extractChannel(squintedLab, lightness, 0);
    const int reach = std::max(1, std::max(lightness.cols, lightness.rows) / 40);
    // Specks do not count: what is smaller than a third of the reach is averaged away.
    const int speck = 2 * (reach / 3) + 1;
    cv::blur(lightness, lightness, {speck, speck});
    const cv::Mat window = cv::getStructuringElement(cv::MORPH_RECT, {2 * reach + 1, 2 * reach + 1});
    cv::erode(lightness, low, window);
    cv::dilate(lightness, high, window);
    cv::dilate(focal, focal, window);
    const cv::Mat apart = high - low;
    cv::Point at, focalAt;
    cv::minMaxLoc(apart, nullptr, nullptr, nullptr, &at);
    cv::minMaxLoc(apart, nullptr, nullptr, nullptr, &focalAt, focal);
    const auto stepsAt = [&](const cv::Point& p) {
        return colour::munsellValueOfLightness(high.at<float>(p)) - colour::munsellValueOfLightness(low.at<float>(p));
    };
    StrongestContrast strongest;
    strongest.steps = stepsAt(at);
    strongest.atFocal = stepsAt(focalAt);
    strongest.isFocal = focal.at<uchar>(at) != 0;
    strongest.place = {(at.x + 0.5) / apart.cols, (at.y + 0.5) / apart.rows};
    return strongest;
}

}  // namespace subject
