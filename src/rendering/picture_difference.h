#pragma once

#include <opencv2/core/mat.hpp>

namespace rendering {

/// How far two pictures are apart for an eye that joins what lies close together: both in linear light blurred by a
/// Gaussian of `sigma` pixels, then CIEDE2000 under D50 (CV_32FC1), over the picture at a size reduced as far as the
/// blur allows. The pictures are CV_8UC3, R G B in sRGB, of one size.
cv::Mat differenceSeen(const cv::Mat& one, const cv::Mat& other, double sigma);

/// Gaussians in which a sheet is seen from the easel and with half-closed eyes, for a picture of this size: the long
/// side's 200th and 50th part.
double easelSigma(cv::Size size);
double squintSigma(cv::Size size);

/// Over a picture.
struct DifferenceFigures {
    double mean = 0, p95 = 0;
};
/// Without what is `left` out (CV_8U, of any size), if it is given.
DifferenceFigures figuresOf(const cv::Mat& differences, const cv::Mat& left = {});

}  // namespace rendering
