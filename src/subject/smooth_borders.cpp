#include "subject/smooth_borders.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "common/parallel.h"
#include "subject/border_walk.h"

namespace subject {

namespace {

/// 255 where a pixel of another label is at most `reach` away.
cv::Mat nearBorders(const cv::Mat& labels, int reach) {
    cv::Mat borders(labels.size(), CV_8U, cv::Scalar(0));
    alongBorders(labels, [&](cv::Point pixel, cv::Point) { borders.at<uchar>(pixel) = 255; });
    cv::dilate(borders, borders, cv::getStructuringElement(cv::MORPH_RECT, {2 * reach + 1, 2 * reach + 1}));
    return borders;
}

/// What a pixel of another colour counts for, by the distance squared in CIELAB.
class Likeness {
 public:
    Likeness() {
        constexpr double spread = 6, least = 0.002;
        for (std::size_t i = 0; i < weights_.size(); ++i)
            weights_[i] = float(std::exp(-double(i) / perUnit / (2 * spread * spread)) + least);
    }
    float operator()(const cv::Vec3f& one, const cv::Vec3f& other) const {
        const cv::Vec3f d = one - other;
        return weights_[std::min(weights_.size() - 1, std::size_t(d.dot(d) * perUnit))];
    }

 private:
    static constexpr int perUnit = 2;
    std::array<float, 1024> weights_;
};

/// Each pixel near a border goes where those go that are at most `reach` away and of its colour.
cv::Mat voted(const cv::Mat& labels, const cv::Mat& lab, int reach) {
    static const Likeness likeness;
    struct Voter {
        cv::Point away;
        float weight;
    };
    std::vector<Voter> voters;
    const int apart = std::max(1, int(std::lround(reach / 2.5)));  // some twenty voters are enough
    for (int y = -2 * apart; y <= 2 * apart; y += apart)
        for (int x = -2 * apart; x <= 2 * apart; x += apart) {
            const double distance = std::hypot(x, y) / reach;
            if (distance <= 1) voters.push_back({{x, y}, float(std::exp(-distance * distance))});
        }
    const cv::Mat band = nearBorders(labels, std::max(2, reach / 2));
    cv::Mat next = labels.clone();
    common::forEachIndex(labels.rows, [&](int y) {
        std::vector<std::pair<int, float>> votes;
        for (int x = 0; x < labels.cols; ++x) {
            if (band.at<uchar>(y, x) == 0) continue;
            votes.clear();
            for (const Voter& voter : voters) {
                const int u = x + voter.away.x, v = y + voter.away.y;
                if (u < 0 || v < 0 || u >= labels.cols || v >= labels.rows) continue;
                const int label = labels.at<int>(v, u);
                const float weight = voter.weight * likeness(lab.at<cv::Vec3f>(y, x), lab.at<cv::Vec3f>(v, u));
                const auto known = std::ranges::find(votes, label, &std::pair<int, float>::first);
                if (known == votes.end())
                    votes.emplace_back(label, weight);
                else
                    known->second += weight;
            }
            next.at<int>(y, x) = std::ranges::max_element(votes, {}, &std::pair<int, float>::second)->first;
        }
    });
    return next;
}

}  // namespace

cv::Mat withSmoothBorders(const cv::Mat& labels, const cv::Mat& lab) {
    // Of the long side: far at first, to find the edge, and in the end the half of a mark on a middling sheet.
    constexpr std::array far{0.024, 0.016, 0.016};
    constexpr double near = 0.010;
    const auto round = [](const cv::Mat& now, const cv::Mat& colours, double reach) {
        return voted(now, colours, std::max(2, int(std::lround(reach * std::max(now.cols, now.rows)))));
    };
    // Grain of the picture is no edge.
    cv::Mat calm, small;
    cv::GaussianBlur(lab, calm, {}, 0.8);
    cv::resize(calm, small, labels.size(), 0, 0, cv::INTER_AREA);
    cv::Mat now = labels;
    for (const double reach : far) now = round(now, small, reach);
    cv::resize(now, now, lab.size(), 0, 0, cv::INTER_NEAREST);
    now = round(now, calm, near);
    return now;
}

}  // namespace subject
