#pragma once

#include <functional>
#include <opencv2/core.hpp>
#include <vector>

namespace review {

using Unknowns = std::vector<double>;

struct Fitted {
    Unknowns values;
    cv::Mat covariance;  // CV_64F; of residuals that are in units of their own error
};

/// The unknowns that leave the least sum of squared residuals, from `start` on (Levenberg and Marquardt, slopes by
/// central differences of 3e-3 or a 3e-3rd: the film's spectra are single precision).
Fitted leastSquares(const std::function<std::vector<double>(const Unknowns&)>& residuals, const Unknowns& start,
                    int mostSteps = 300);

}  // namespace review
