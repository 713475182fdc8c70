#include "subject/area_look.h"

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace subject {

Grain grainOf(const cv::Mat& lab) {
    Grain grain;
    cv::Mat lightness, calm, broad;
    cv::extractChannel(lab, lightness, 0);
    // Noise of single pixels is no grain of the subject.
    cv::GaussianBlur(lightness, calm, {}, 1);
    cv::Sobel(calm, grain.across, CV_32F, 1, 0, 3, 1.0 / 8);
    cv::Sobel(calm, grain.down, CV_32F, 0, 1, 3, 1.0 / 8);
    grain.across = cv::abs(grain.across);
    grain.down = cv::abs(grain.down);
    const double reach = std::max(lab.cols, lab.rows) / 128.0;
    cv::blur(calm, broad, {2 * int(reach) + 1, 2 * int(reach) + 1});
    cv::absdiff(calm, broad, grain.texture);
    return grain;
}

std::vector<AreaLook> looksOf(const Areas& areas, const Grain& grain) {
    std::vector<AreaLook> looks(areas.list.size());
    const cv::Mat& map = areas.map;
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            AreaLook& look = looks[std::size_t(map.at<int>(y, x))];
            look.pixels += 1;
            look.across += grain.across.at<float>(y, x);
            look.down += grain.down.at<float>(y, x);
            look.texture += grain.texture.at<float>(y, x);
            if (y == 0) look.top += 1.0 / map.cols;
            look.highest = std::min(look.highest, double(y) / map.rows);
            look.lowest = double(y + 1) / map.rows;
        }
    for (AreaLook& look : looks)
        for (double* sum : {&look.across, &look.down, &look.texture}) *sum /= look.pixels;
    return looks;
}

}  // namespace subject
