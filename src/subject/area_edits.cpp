#include "subject/area_edits.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>

#include "common/naming.h"

namespace subject {

namespace {

constexpr std::array<std::string_view, 2> kinds{"join", "part"};

cv::Point pixelAt(const cv::Mat& map, double x, double y) {
    return {std::clamp(int(x * map.cols), 0, map.cols - 1), std::clamp(int(y * map.rows), 0, map.rows - 1)};
}

/// Gives the second place's part of the area a label of its own.
void part(cv::Mat& map, const cv::Mat& lab, cv::Point from, cv::Point to, int label) {
    enum Marker { one = 1, other, outside };
    const int parted = map.at<int>(from);
    cv::Mat bytes, markers(map.size(), CV_32S, cv::Scalar(0));
    // Bytes, spread as for the superpixels.
    std::vector<cv::Mat> planes;
    cv::split(lab, planes);
    planes[0].convertTo(planes[0], CV_8U, 2.0);
    for (int c = 1; c < 3; ++c) planes[std::size_t(c)].convertTo(planes[std::size_t(c)], CV_8U, 1.6, 128);
    cv::merge(planes, bytes);
    const int radius = std::max(1, std::max(map.cols, map.rows) / 160);
    cv::circle(markers, from, radius, one, cv::FILLED);
    cv::circle(markers, to, radius, other, cv::FILLED);
    markers.setTo(outside, map != parted);
    markers.at<int>(from) = one;
    markers.at<int>(to) = other;
    cv::watershed(bytes, markers);
    // The watershed's own line goes to whichever part it touches.
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            if (map.at<int>(y, x) != parted) continue;
            int marker = markers.at<int>(y, x);
            for (const cv::Point step : {cv::Point(1, 0), {-1, 0}, {0, 1}, {0, -1}}) {
                const cv::Point q(x + step.x, y + step.y);
                if (marker == one || marker == other || !cv::Rect({}, map.size()).contains(q)) continue;
                marker = markers.at<int>(q);
            }
            if (marker == other) map.at<int>(y, x) = label;
        }
}

}  // namespace

std::string_view nameOf(AreaEdit::Kind kind) {
    return kinds[static_cast<std::size_t>(kind)];
}
std::optional<AreaEdit::Kind> areaEditNamed(std::string_view name) {
    return common::enumNamed<AreaEdit::Kind>(kinds, name);
}

Areas edited(const Areas& areas, const cv::Mat& squintedLab, const std::vector<AreaEdit>& edits) {
    if (edits.empty()) return areas;
    cv::Mat map = areas.map.clone();
    int next = int(areas.list.size());
    for (const AreaEdit& edit : edits) {
        const cv::Point from = pixelAt(map, edit.fromX, edit.fromY), to = pixelAt(map, edit.toX, edit.toY);
        const int one = map.at<int>(from), other = map.at<int>(to);
        if (edit.kind == AreaEdit::Kind::join)
            map.setTo(one, map == other);
        else if (one == other && from != to)
            part(map, squintedLab, from, to, next++);
    }
    return areasOf(map, squintedLab);
}

}  // namespace subject
