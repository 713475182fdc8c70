#include "subject/outlines.h"

#include <algorithm>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace subject {

std::vector<Scribble> outlinesOf(const cv::Mat& map, int label) {
    const cv::Mat mask = map == label;
    const cv::Rect box = cv::boundingRect(mask);
    std::vector<Scribble> outlines;
    if (box.empty()) return outlines;
    // Contours run through pixel centres; four times finer they run along the pixels' edges.
    constexpr int finer = 4;
    cv::Mat fine;
    cv::resize(mask(box), fine, {}, finer, finer, cv::INTER_NEAREST);
    cv::copyMakeBorder(fine, fine, 1, 1, 1, 1, cv::BORDER_CONSTANT, 0);
    std::vector<std::vector<cv::Point>> contours;
    cv::findContours(fine, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
    for (const auto& contour : contours) {
        if (cv::contourArea(contour) < double(map.total()) * finer * finer / 1000) continue;
        std::vector<cv::Point> simple;
        cv::approxPolyDP(contour, simple, 0.5 * finer, true);
        Scribble outline;
        for (const cv::Point& p : simple)
            outline.emplace_back((box.x + (p.x - 0.5) / finer) / map.cols, (box.y + (p.y - 0.5) / finer) / map.rows);
        outlines.push_back(std::move(outline));
    }
    return outlines;
}

}  // namespace subject
