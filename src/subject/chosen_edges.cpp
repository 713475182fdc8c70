#include "subject/chosen_edges.h"

#include <algorithm>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "subject/border_walk.h"
#include "subject/samples.h"

namespace subject {

namespace {

/// 0 at pixels of the border that are to be changed, 255 elsewhere.
cv::Mat besideBorder(const cv::Mat& map, const cv::Mat& edges, int one, int other, Edge edge) {
    cv::Mat beside(map.size(), CV_8U, cv::Scalar(255));
    alongBorders(map, [&](cv::Point here, cv::Point step) {
        const cv::Point there = here + step;
        if (std::minmax(map.at<int>(here), map.at<int>(there)) != std::minmax(one, other)) return;
        for (const cv::Point& pixel : {here, there})
            if (edges.at<uchar>(pixel) != 1 + int(edge)) beside.at<uchar>(pixel) = 0;
    });
    return beside;
}

/// The colour of an area some way from the border, carried up to it; 0 in `reaches` where that lies too far off.
cv::Mat carriedUp(const cv::Mat& lab, const cv::Mat& area, const cv::Mat& away, double width, cv::Mat& reaches) {
    const cv::Mat inner = area & (away >= 1.5 * width);
    cv::GaussianBlur(inner, reaches, {}, width, width, cv::BORDER_CONSTANT);
    return blurredWithin(lab, inner, width);
}

/// The colours of a picture at the border, all across it.
cv::Mat acrossTheBorder(const cv::Mat& lab, const cv::Mat& beside, const cv::Mat& nearest, double sigma) {
    std::map<int, cv::Vec3f> at;  // by the distance transform's label
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x)
            if (!beside.at<uchar>(y, x)) at[nearest.at<int>(y, x)] = lab.at<cv::Vec3f>(y, x);
    cv::Mat out = lab.clone();
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x)
            if (const auto found = at.find(nearest.at<int>(y, x)); found != at.end())
                out.at<cv::Vec3f>(y, x) = found->second;
    cv::GaussianBlur(out, out, {}, sigma);
    return out;
}

}  // namespace

void bringToEdge(cv::Mat& lab, const cv::Mat& map, const cv::Mat& edges, int one, int other, Edge edge) {
    // As far as edges are told from, see edgesOf; a lost one is to be seen by nobody who looks that far.
    const double width = std::max(3.0, std::max(lab.cols, lab.rows) / 90.0);
    const double flat = (edge == Edge::lost ? 1.5 : edge == Edge::hard ? 1 : 0.5) * width;
    const double end = (edge == Edge::lost ? 4 : 2) * width;
    const cv::Mat beside = besideBorder(map, edges, one, other, edge);
    cv::Mat away, nearest;
    cv::distanceTransform(beside, away, nearest, cv::DIST_L2, cv::DIST_MASK_5, cv::DIST_LABEL_PIXEL);
    const cv::Mat both = (map == one) | (map == other);
    const cv::Rect box = cv::boundingRect(both & (away < end));
    if (box.empty()) return;
    const cv::Mat part = lab(box), pair = both(box), far = away(box);
    cv::Mat together;  // what both sides are to be at the border
    if (edge != Edge::hard) together = blurredWithin(part, pair, width);
    if (edge == Edge::lost) together = acrossTheBorder(together, beside(box), nearest(box), 0.5 * width);
    cv::Mat changed = part.clone();
    for (const int area : {one, other}) {
        const cv::Mat mask = map(box) == area;
        cv::Mat to = together, reaches = mask.clone();
        if (edge == Edge::hard) to = carriedUp(part, mask, far, width, reaches);
        // Broad colours alone are moved.
        const cv::Mat from = blurredWithin(part, mask, 0.3 * width);
        for (int y = 0; y < box.height; ++y)
            for (int x = 0; x < box.width; ++x) {
                if (!mask.at<uchar>(y, x) || reaches.at<uchar>(y, x) == 0) continue;
                const double t = std::clamp((end - far.at<float>(y, x)) / (end - flat), 0.0, 1.0);
                changed.at<cv::Vec3f>(y, x) +=
                    float(t * t * (3 - 2 * t)) * (to.at<cv::Vec3f>(y, x) - from.at<cv::Vec3f>(y, x));
            }
    }
    changed.copyTo(lab(box));
}

}  // namespace subject
