#include "colour/difference_map.h"

#include <opencv2/core/utility.hpp>

#include "colour/pixel_rows.h"

namespace colour {

void differenceMap(const cv::Mat& one, const cv::Mat& other, cv::Mat& map) {
    CV_Assert(one.type() == CV_32FC3 && other.type() == CV_32FC3 && one.size() == other.size());
    map.create(one.size(), CV_32FC1);
    cv::parallel_for_(cv::Range(0, one.rows), [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y)
            differenceRow(one.ptr<float>(y), other.ptr<float>(y), map.ptr<float>(y), one.cols);
    });
}

}  // namespace colour
