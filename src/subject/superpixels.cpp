#include "subject/superpixels.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/ximgproc/slic.hpp>

namespace subject {

cv::Mat superpixels(const cv::Mat& lab, int count, float ruler, int rounds) {
    // SLIC of OpenCV takes bytes; of lightness a unit is two codes, of a and b 1.6: those reach further.
    cv::Mat bytes(lab.size(), CV_8UC3);
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const auto& v = lab.at<cv::Vec3f>(y, x);
            bytes.at<cv::Vec3b>(y, x) =
                cv::Vec3b(cv::saturate_cast<uchar>(v[0] * 2.0f), cv::saturate_cast<uchar>(v[1] * 1.6f + 128.0f),
                          cv::saturate_cast<uchar>(v[2] * 1.6f + 128.0f));
        }
    const int size = std::max(6, int(std::lround(std::sqrt(double(lab.total()) / count))));
    const auto slic = cv::ximgproc::createSuperpixelSLIC(bytes, cv::ximgproc::SLIC, size, ruler);
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
