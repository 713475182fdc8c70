#include "drawing/pictures.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "planning/stage_picture.h"

namespace drawing {

namespace {

cv::Size sizeFor(const planning::Plan& plan, int width) {
    const cv::Mat& map = plan.stackMap;
    return {width, std::max(1, width * map.rows / map.cols)};
}

/// Where areas part (CV_8U, 255 on the line).
cv::Mat outlinesOf(const planning::Plan& plan, cv::Size size) {
    cv::Mat labels, lines = cv::Mat::zeros(size, CV_8U);
    cv::resize(plan.reading->areas.map, labels, size, 0, 0, cv::INTER_NEAREST);
    for (int y = 0; y + 1 < size.height; ++y)
        for (int x = 0; x + 1 < size.width; ++x) {
            const int label = labels.at<int>(y, x);
            if (label != labels.at<int>(y, x + 1) || label != labels.at<int>(y + 1, x)) lines.at<uchar>(y, x) = 255;
        }
    return lines;
}

cv::Mat mapAt(const planning::Plan& plan, const planning::Step& step, cv::Size size) {
    cv::Mat small;
    cv::resize(planning::mapOf(plan, step), small, size, 0, 0, cv::INTER_AREA);
    return small;
}

constexpr int hatchPeriod = 12;  // pixels along a row

/// How much of a hatching line lies at a place, 0..1, by its place across the lines and the byte of the map: lines of
/// the first set run everywhere where something is laid, those of the second between them from medium pressure on,
/// those of the third between these for heavy.
using Hatching = std::array<std::array<float, 256>, hatchPeriod>;
const Hatching& hatching() {
    static const Hatching all = [] {
        Hatching table{};
        for (int place = 0; place < hatchPeriod; ++place)
            for (int value = 0; value < 256; ++value) {
                const double pressure = value / double(rendering::mapStep);
                const auto line = [&](double at, double from) {
                    const double weight = std::clamp(pressure - from, 0.0, 1.0);
                    const double away = std::fabs(place / double(hatchPeriod) - at);
                    const double pixels = std::min(away, 1 - away) * hatchPeriod * 0.71;  // across a diagonal
                    return std::clamp(weight * 0.9 + 0.5 - pixels, 0.0, 1.0) * std::min(1.0, 2 * weight);
                };
                table[std::size_t(place)][std::size_t(value)] =
                    float(std::max({line(0, 0), line(0.5, 1), line(0.25, 2), line(0.75, 2)}));
            }
        return table;
    }();
    return all;
}

}  // namespace

QImage imageOf(const cv::Mat& rgb) {
    return QImage(rgb.data, rgb.cols, rgb.rows, qsizetype(rgb.step), QImage::Format_RGB888).copy();
}

QImage tintedMap(const planning::Plan& plan, const planning::Step& step, int width) {
    const cv::Size size = sizeFor(plan, width);
    const cv::Mat lines = outlinesOf(plan, size), map = mapAt(plan, step, size);
    QImage image(size.width, size.height, QImage::Format_Grayscale8);
    for (int y = 0; y < size.height; ++y) {
        uchar* row = image.scanLine(y);
        for (int x = 0; x < size.width; ++x) {
            // Light, medium and heavy are as far apart as they can be and leave the outlines to be seen.
            const int tint = 250 - int(map.at<uchar>(y, x)) * 185 / 255;
            row[x] = uchar(lines.at<uchar>(y, x) ? std::max(0, tint - 70) : tint);
        }
    }
    return image;
}

QImage hatchedMap(const planning::Plan& plan, const planning::Step& step, int width) {
    const cv::Size size = sizeFor(plan, width);
    const cv::Mat lines = outlinesOf(plan, size), map = mapAt(plan, step, size);
    cv::Mat pale;
    cv::resize(plan.reference, pale, size, 0, 0, cv::INTER_AREA);
    QImage image(size.width, size.height, QImage::Format_RGB888);
    for (int y = 0; y < size.height; ++y) {
        uchar* row = image.scanLine(y);
        for (int x = 0; x < size.width; ++x) {
            const cv::Vec3b& colour = pale.at<cv::Vec3b>(y, x);
            float ink = hatching()[std::size_t((x + y) % hatchPeriod)][map.at<uchar>(y, x)];
            if (lines.at<uchar>(y, x)) ink = std::max(ink, 0.35f);
            for (int c = 0; c < 3; ++c) {
                const float paleness = 150 + float(colour[c]) * 0.36f;
                row[3 * x + c] = uchar(paleness + ink * (24 - paleness));
            }
        }
    }
    return image;
}

}  // namespace drawing
