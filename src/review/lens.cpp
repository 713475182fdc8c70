#include "review/lens.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "review/taken_from.h"

namespace review {

Lens::Lens(cv::Size photograph, double bow)
    : middle_(0.5 * photograph.width, 0.5 * photograph.height), unit_(cv::norm(middle_)), bow_(bow) {}

cv::Point2d Lens::bent(const cv::Point2d& straight) const {
    const cv::Point2d from = (straight - middle_) * (1 / unit_);
    return middle_ + (straight - middle_) * (1 + bow_ * from.dot(from));
}

cv::Point2d Lens::straight(const cv::Point2d& bent) const {
    cv::Point2d found = bent;
    constexpr int enough = 8;  // each brings it nearer by the bow's share
    for (int i = 0; i < enough && bow_ != 0; ++i) {
        const cv::Point2d from = (found - middle_) * (1 / unit_);
        found = middle_ + (bent - middle_) * (1 / (1 + bow_ * from.dot(from)));
    }
    return found;
}

cv::Mat Lens::straightened(const cv::Mat& photograph) const {
    if (bow_ == 0) return photograph;
    return takenFrom(photograph, photograph.size(), [this](const cv::Point2d& at) { return bent(at); });
}

cv::Mat Lens::bentOnto(const cv::Mat& photograph) const {
    if (bow_ == 0) return photograph;
    return takenFrom(photograph, photograph.size(), [this](const cv::Point2d& at) { return straight(at); });
}

namespace {

/// How far spots lie beside a line through them, squared; what strays counts as a pixel and a half at most.
double strayOf(const std::vector<cv::Point2f>& spots) {
    cv::Vec4f line;
    cv::fitLine(spots, line, cv::DIST_HUBER, 0, 0.01, 0.01);
    constexpr double most = 1.5;
    double sum = 0;
    for (const cv::Point2f& spot : spots) {
        const double off = double((spot.x - line[2]) * line[1] - (spot.y - line[3]) * line[0]);
        sum += std::min(off * off, most * most);
    }
    return sum;
}

}  // namespace

double bowIn(const std::vector<std::vector<cv::Point2d>>& lines, cv::Size photograph) {
    const auto stray = [&](double bow) {
        const Lens lens(photograph, bow);
        double sum = 0;
        for (const auto& line : lines) {
            std::vector<cv::Point2f> spots;
            for (const cv::Point2d& spot : line) spots.emplace_back(lens.straight(spot));
            constexpr std::size_t few = 20;
            if (spots.size() >= few) sum += strayOf(spots);
        }
        return sum;
    };
    constexpr double farthest = 0.15;
    double best = 0, least = stray(0);
    const double none = least;
    for (double pace = 0.03; pace > 0.0005; pace /= 3) {
        const double around = best;
        for (int i = -5; i <= 5; ++i) {
            const double bow = std::clamp(around + i * pace, -farthest, farthest);
            if (const double now = stray(bow); now < least) {
                least = now;
                best = bow;
            }
        }
    }
    // What chance makes straighter is no bow.
    constexpr double clearly = 0.7;
    return least < clearly * none ? best : 0;
}

}  // namespace review
