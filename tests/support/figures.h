#pragma once

#include <cmath>
#include <functional>
#include <opencv2/core.hpp>

/// A figure drawn in CIELAB with soft edges: each pixel is the mean of 8 x 8 places in it, as a lens would have it.
/// `inside` takes pixels from the upper left corner.
inline cv::Mat drawnFigure(int width, int height, const cv::Vec3f& ground, const cv::Vec3f& figure,
                           const std::function<bool(double, double)>& inside) {
    constexpr int fine = 8;
    cv::Mat lab(height, width, CV_32FC3);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x) {
            const int corners = inside(x, y) + inside(x + 1, y) + inside(x, y + 1) + inside(x + 1, y + 1);
            int hits = corners * fine * fine / 4;
            if (corners % 4 != 0) hits = 0;
            for (int v = 0; v < (corners % 4 != 0 ? fine : 0); ++v)
                for (int u = 0; u < fine; ++u) hits += inside(x + (u + 0.5) / fine, y + (v + 0.5) / fine);
            const float share = float(hits) / (fine * fine);
            lab.at<cv::Vec3f>(y, x) = ground + (figure - ground) * share;
        }
    return lab;
}

/// Inside a rectangle of this middle, size and turn (degrees, clockwise).
inline std::function<bool(double, double)> turnedBox(double cx, double cy, double width, double height,
                                                     double degrees) {
    const double c = std::cos(degrees * CV_PI / 180), s = std::sin(degrees * CV_PI / 180);
    return [=](double x, double y) {
        const double u = (x - cx) * c + (y - cy) * s, v = (y - cy) * c - (x - cx) * s;
        return std::fabs(u) < width / 2 && std::fabs(v) < height / 2;
    };
}
