#pragma once

#include <opencv2/core.hpp>
#include <vector>

namespace review {

/// A lens that bends straight lines: what would be seen at a place r from the photograph's middle is seen at
/// r (1 + bow r²), r in half diagonals (D. C. Brown, "Close-range camera calibration", Photogrammetric Engineering 37,
/// 1971, its first term). Barrel-shaped below 0.
class Lens {
 public:
    explicit Lens(cv::Size photograph = {1, 1}, double bow = 0);
    double bow() const { return bow_; }
    /// Pixels of the photograph as it is, and as it would be without the bow.
    cv::Point2d bent(const cv::Point2d& straight) const;
    cv::Point2d straight(const cv::Point2d& bent) const;
    /// The photograph without the bow, and with it.
    cv::Mat straightened(const cv::Mat& photograph) const;
    cv::Mat bentOnto(const cv::Mat& photograph) const;

 private:
    cv::Point2d middle_;
    double unit_, bow_;
};

/// The bow by which all of some lines (spots along each, in pixels) would be as straight as can be; 0 where that hardly
/// makes them straighter. Spots that stray from their line hardly count.
double bowIn(const std::vector<std::vector<cv::Point2d>>& lines, cv::Size photograph);

}  // namespace review
