#pragma once

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

/// How far a picture parted into areas is from the truth; both as labels from 0 (CV_32S).

inline cv::Mat bordersOf(const cv::Mat& map) {
    cv::Mat borders(map.size(), CV_8U, cv::Scalar(0));
    for (int y = 0; y + 1 < map.rows; ++y)
        for (int x = 0; x + 1 < map.cols; ++x)
            if (map.at<int>(y, x) != map.at<int>(y, x + 1) || map.at<int>(y, x) != map.at<int>(y + 1, x))
                borders.at<uchar>(y, x) = 255;
    return borders;
}

/// Share of the true borders with a found one within `pixels` (D. Martin and others, PAMI 26/5, 2004).
inline double boundaryRecall(const cv::Mat& truth, const cv::Mat& found, int pixels) {
    cv::Mat near;
    const int side = 2 * pixels + 1;
    cv::dilate(bordersOf(found), near, cv::getStructuringElement(cv::MORPH_ELLIPSE, {side, side}));
    const cv::Mat wanted = bordersOf(truth);
    return double(cv::countNonZero(wanted & near)) / cv::countNonZero(wanted);
}

/// Mean over the true regions, by their share, of the best overlap (P. Arbelaez and others, PAMI 33/5, 2011).
inline double coveringOf(const cv::Mat& truth, int count, const cv::Mat& found, int foundCount) {
    double covering = 0;
    for (int object = 0; object < count; ++object) {
        const cv::Mat wanted = truth == object;
        double best = 0;
        for (int a = 0; a < foundCount; ++a) {
            const cv::Mat got = found == a;
            best = std::max(best, double(cv::countNonZero(wanted & got)) / std::max(1, cv::countNonZero(wanted | got)));
        }
        covering += best * cv::countNonZero(wanted) / double(truth.total());
    }
    return covering;
}
