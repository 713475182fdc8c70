#include "review/four_sided.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace review {

namespace {

bool isConvexQuad(const std::vector<cv::Point>& outline, double leastArea) {
    return outline.size() == 4 && cv::isContourConvex(outline) && cv::contourArea(outline) >= leastArea;
}

Quad clockwise(const std::vector<cv::Point>& outline) {
    Quad quad;
    std::ranges::copy(outline, quad.begin());
    const auto cross = (quad[1] - quad[0]).cross(quad[2] - quad[1]);
    if (cross < 0) std::swap(quad[1], quad[3]);
    return quad;
}

bool areNear(const Quad& one, const Quad& other, double pixels) {
    for (int turn = 0; turn < 4; ++turn) {
        bool near = true;
        for (std::size_t i = 0; i < 4 && near; ++i)
            near = cv::norm(one[i] - other[(i + std::size_t(turn)) % 4]) < pixels;
        if (near) return true;
    }
    return false;
}

}  // namespace

std::vector<Quad> quadsIn(const cv::Mat& lab, double leastShare) {
    const double least = leastShare * double(lab.total());
    std::vector<Quad> quads;
    const auto take = [&](const cv::Mat& lines) {
        std::vector<std::vector<cv::Point>> outlines;
        cv::findContours(lines, outlines, cv::RETR_LIST, cv::CHAIN_APPROX_SIMPLE);
        for (const auto& outline : outlines) {
            if (cv::contourArea(outline) < least) continue;
            std::vector<cv::Point> hull, simple;
            cv::convexHull(outline, hull);
            const double length = cv::arcLength(hull, true);
            for (const double part : {0.01, 0.02, 0.04}) {
                cv::approxPolyDP(hull, simple, part * length, true);
                if (simple.size() <= 4) break;
            }
            if (!isConvexQuad(simple, least)) continue;
            const Quad quad = clockwise(simple);
            if (std::ranges::none_of(quads, [&](const Quad& it) { return areNear(it, quad, 4); }))
                quads.push_back(quad);
        }
    };
    std::vector<cv::Mat> planes;
    cv::split(lab, planes);
    const cv::Mat near = cv::getStructuringElement(cv::MORPH_RECT, {3, 3});
    for (std::size_t p = 0; p < planes.size(); ++p) {
        cv::Mat plane, edges;
        // CIELAB in bytes, chroma stretched.
        planes[p].convertTo(plane, CV_8U, p == 0 ? 2.55 : 2.0, p == 0 ? 0 : 128);
        cv::bilateralFilter(plane, edges, 7, 18, 5);
        plane = edges.clone();
        for (const int low : {8, 20, 45}) {
            cv::Canny(plane, edges, low, 2.5 * low);
            cv::morphologyEx(edges, edges, cv::MORPH_CLOSE, near);
            cv::dilate(edges, edges, near);
            take(edges);
        }
        for (int level = 40; level < 256; level += 24) {
            cv::Mat above = plane > level;
            take(above);
            cv::bitwise_not(above, above);
            take(above);
        }
    }
    return quads;
}

}  // namespace review
