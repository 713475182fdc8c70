#include "subject/borrowed.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "common/median.h"

namespace subject {

namespace {

constexpr int ranks = 48;

}  // namespace

Borrowed::Borrowed(const cv::Mat& lab, const Line& part) {
    const auto pixel = [](double fraction, int size) { return std::clamp(int(fraction * size), 0, size - 1); };
    const auto [left, right] = std::minmax(part.from.x, part.to.x);
    const auto [top, bottom] = std::minmax(part.from.y, part.to.y);
    const cv::Point from(pixel(left, lab.cols), pixel(top, lab.rows));
    const cv::Point to(pixel(right, lab.cols) + 1, pixel(bottom, lab.rows) + 1);
    std::vector<cv::Vec3f> pixels;
    for (int y = from.y; y < to.y; ++y)
        for (int x = from.x; x < to.x; ++x) pixels.push_back(lab.at<cv::Vec3f>(y, x));
    std::ranges::stable_sort(pixels, {}, [](const cv::Vec3f& v) { return v[0]; });
    for (int rank = 0; rank < ranks; ++rank) {
        const std::size_t begin = pixels.size() * std::size_t(rank) / ranks;
        const std::size_t end = std::max(begin + 1, pixels.size() * std::size_t(rank + 1) / ranks);
        std::vector<float> L, a, b;
        for (std::size_t i = begin; i < std::min(end, pixels.size()); ++i) {
            L.push_back(pixels[i][0]);
            a.push_back(pixels[i][1]);
            b.push_back(pixels[i][2]);
        }
        byRank_.push_back({common::median(L), common::median(a), common::median(b)});
    }
}

void Borrowed::layOn(cv::Mat& lab, cv::Mat& squintedLab, const cv::Mat& mask) const {
    std::vector<float> sorted;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x)
            if (mask.at<uchar>(y, x)) sorted.push_back(squintedLab.at<cv::Vec3f>(y, x)[0]);
    std::ranges::sort(sorted);
    if (sorted.empty()) return;
    for (int y = 0; y < mask.rows; ++y)
        for (int x = 0; x < mask.cols; ++x) {
            if (!mask.at<uchar>(y, x)) continue;
            cv::Vec3f& soft = squintedLab.at<cv::Vec3f>(y, x);
            const auto [low, high] = std::equal_range(sorted.begin(), sorted.end(), soft[0]);
            const double rank = ((low - sorted.begin()) + (high - sorted.begin())) / 2.0 / double(sorted.size());
            const double at = std::clamp(rank * ranks - 0.5, 0.0, ranks - 1.0);
            const auto i = std::size_t(at);
            const colour::Lab &one = byRank_[i], &next = byRank_[std::min<std::size_t>(i + 1, ranks - 1)];
            const double t = at - double(i);
            const cv::Vec3f laid(float(one.L + t * (next.L - one.L)), float(one.a + t * (next.a - one.a)),
                                 float(one.b + t * (next.b - one.b)));
            // What squinting took away stays on it: the subject's own texture.
            cv::Vec3f& sharp = lab.at<cv::Vec3f>(y, x);
            sharp = {laid[0] + sharp[0] - soft[0], laid[1], laid[2]};
            soft = laid;
        }
}

}  // namespace subject
