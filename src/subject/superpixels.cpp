#include "subject/superpixels.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/ximgproc/slic.hpp>

#include "subject/lab_bytes.h"

namespace subject {

cv::Mat superpixels(const cv::Mat& lab, int count, float ruler, int rounds) {
    const int size = std::max(6, int(std::lround(std::sqrt(double(lab.total()) / count))));
    const auto slic = cv::ximgproc::createSuperpixelSLIC(bytesOfLab(lab), cv::ximgproc::SLIC, size, ruler);
    slic->iterate(rounds);
    slic->enforceLabelConnectivity(25);
    cv::Mat labels;
    slic->getLabels(labels);
    return labels;
}

int labelCount(const cv::Mat& labels) {
    double most = 0;
    cv::minMaxLoc(labels, nullptr, &most);
    return int(most) + 1;
}

}  // namespace subject
