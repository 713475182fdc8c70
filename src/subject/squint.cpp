#include "subject/squint.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/ximgproc/edge_filter.hpp>

namespace subject {

cv::Mat squinted(const cv::Mat& lab, double amount) {
    amount = std::clamp(amount, 0.0, 1.0);
    if (amount == 0) return lab.clone();
    const int longSide = std::max(lab.cols, lab.rows);
    const int radius = std::max(1, int(std::lround(longSide * 0.012 * amount)));
    const double edge = 2.0 + 10.0 * amount;  // in CIELAB units: weaker steps are smoothed away
    cv::Mat out;
    cv::ximgproc::guidedFilter(lab, lab, out, radius, edge * edge);
    return out;
}

}  // namespace subject
