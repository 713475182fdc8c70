#include "review/hidden_places.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "common/parallel.h"

namespace review {

namespace {

cv::Mat disc(double radius) {
    const int across = 2 * std::max(1, int(std::lround(radius))) + 1;
    return cv::getStructuringElement(cv::MORPH_ELLIPSE, {across, across});
}

/// The parts of `mask` that touch `seeds`, grown by their soft edge.
cv::Mat grownFrom(const cv::Mat& seeds, const cv::Mat& mask, double softEdge) {
    cv::Mat closed, labels;
    cv::morphologyEx(mask, closed, cv::MORPH_CLOSE, disc(softEdge));
    closed |= seeds;
    const int count = cv::connectedComponents(closed, labels, 8, CV_32S);
    std::vector<uchar> isTouched(std::size_t(count), 0);
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x)
            if (seeds.at<uchar>(y, x)) isTouched[std::size_t(labels.at<int>(y, x))] = 255;
    isTouched[0] = 0;
    cv::Mat grown(mask.size(), CV_8U);
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x) grown.at<uchar>(y, x) = isTouched[std::size_t(labels.at<int>(y, x))];
    cv::dilate(grown, grown, disc(softEdge));
    return grown;
}

}  // namespace

HiddenPlaces hiddenPlaces(const FlatSheet& flat, const cv::Mat& work, const cv::Mat& meant,
                          double pixelsPerMillimetre) {
    HiddenPlaces hidden{cv::Mat::zeros(work.size(), CV_8U), cv::Mat::zeros(work.size(), CV_8U)};
    constexpr double nearBorder = 6, softEdge = 5, smallestBurnt = 1.5;  // millimetres
    cv::Mat darkened = hidden.shadow.clone(), lightened = hidden.gleam.clone();
    for (const FlatSheet::OddSpot& spot : flat.odd)
        cv::circle(spot.times < 1 ? darkened : lightened, spot.pixel, int(nearBorder * pixelsPerMillimetre), 255, -1);
    cv::Mat burnt;
    cv::morphologyEx(flat.burnt, burnt, cv::MORPH_OPEN, disc(smallestBurnt * pixelsPerMillimetre));
    lightened |= burnt;
    const bool isDarkened = cv::countNonZero(darkened) > 0, isLightened = cv::countNonZero(lightened) > 0;
    if (!isDarkened && !isLightened) return hidden;

    cv::Mat is = colour::linearSrgbOfXyz(work), was = colour::linearSrgbOfXyz(meant);
    const double sigma = 2 * pixelsPerMillimetre;
    cv::GaussianBlur(is, is, {}, sigma);
    cv::GaussianBlur(was, was, {}, sigma);
    cv::Mat isShaded = cv::Mat::zeros(work.size(), CV_8U), isGleaming = isShaded.clone();
    common::forEachIndex(work.rows, [&](int y) {
        // Times, and linear sRGB.
        constexpr float shaded = 0.93f, neutral = 1.25f, black = 0.01f, gleaming = 0.008f, alike = 0.5f;
        for (int x = 0; x < work.cols; ++x) {
            const cv::Vec3f &one = is.at<cv::Vec3f>(y, x), &other = was.at<cv::Vec3f>(y, x);
            cv::Vec3f times;
            for (int c = 0; c < 3; ++c) times[c] = (one[c] + black) / (other[c] + black);
            const auto [least, most] = std::minmax({times[0], times[1], times[2]});
            if (times[1] < shaded && most < neutral * least) isShaded.at<uchar>(y, x) = 255;
            const cv::Vec3f more = one - other;
            const auto [lessMore, mostMore] = std::minmax({more[0], more[1], more[2]});
            if (lessMore > gleaming && lessMore > alike * mostMore) isGleaming.at<uchar>(y, x) = 255;
        }
    });
    const double soft = softEdge * pixelsPerMillimetre;
    // A gleam fades for long.
    if (isDarkened) hidden.shadow = grownFrom(darkened, isShaded, soft);
    if (isLightened) hidden.gleam = grownFrom(lightened, isGleaming, 2 * soft);
    return hidden;
}

}  // namespace review
