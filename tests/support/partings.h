#pragma once

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

/// How far a picture parted into areas is from the truth; both as labels from 0 (CV_32S).

inline cv::Mat bordersOf(const cv::Mat& map) {
    cv::Mat borders(map.size(), CV_8U, cv::Scalar(0));
    const cv::Rect most(0, 0, map.cols - 1, map.rows - 1);
    borders(most) = (map(most) != map(most + cv::Point(1, 0))) | (map(most) != map(most + cv::Point(0, 1)));
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
    cv::Mat_<double> both(count, foundCount, 0.0);
    for (int y = 0; y < truth.rows; ++y) {
        const int *object = truth.ptr<int>(y), *area = found.ptr<int>(y);
        for (int x = 0; x < truth.cols; ++x) ++both(object[x], area[x]);
    }
    cv::Mat_<double> wanted, got;
    cv::reduce(both, wanted, 1, cv::REDUCE_SUM);
    cv::reduce(both, got, 0, cv::REDUCE_SUM);
    double covering = 0;
    for (int object = 0; object < count; ++object) {
        double best = 0;
        for (int a = 0; a < foundCount; ++a)
            best = std::max(best, both(object, a) / std::max(1.0, wanted(object) + got(a) - both(object, a)));
        covering += best * wanted(object) / double(truth.total());
    }
    return covering;
}
