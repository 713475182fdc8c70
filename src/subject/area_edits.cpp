#include "subject/area_edits.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "common/naming.h"
#include "subject/cut_out.h"
#include "subject/islands.h"
#include "subject/lab_bytes.h"

namespace subject {

namespace {

constexpr std::array<std::string_view, 5> kinds{"join", "part", "border", "grow", "cut-out"};

cv::Point pixelAt(const cv::Mat& map, const Place& place) {
    return {std::clamp(int(place.x * map.cols), 0, map.cols - 1), std::clamp(int(place.y * map.rows), 0, map.rows - 1)};
}

std::vector<cv::Point> pixelsOf(const cv::Mat& map, const Scribble& scribble) {
    std::vector<cv::Point> pixels;
    for (const Place& place : scribble)
        if (isInFrame(place)) pixels.push_back(pixelAt(map, place));
    return pixels;
}

void join(cv::Mat& map, const AreaEdit& edit) {
    int kept = -1;
    for (const Scribble& scribble : edit.scribbles)
        for (const cv::Point& pixel : pixelsOf(map, scribble)) {
            if (kept < 0) kept = map.at<int>(pixel);
            if (map.at<int>(pixel) != kept) map.setTo(kept, map == map.at<int>(pixel));
        }
}

/// Gives every part but the first a label of its own, from `next` on.
void part(cv::Mat& map, const cv::Mat& lab, const AreaEdit& edit, int& next) {
    constexpr int outside = 1, first = 2;
    std::vector<std::vector<cv::Point>> scribbles;
    for (const Scribble& scribble : edit.scribbles)
        if (auto pixels = pixelsOf(map, scribble); !pixels.empty()) scribbles.push_back(std::move(pixels));
    if (scribbles.size() < 2) return;
    const int parted = map.at<int>(scribbles.front().front());
    const cv::Mat inside = map == parted;
    cv::Mat markers(map.size(), CV_32S, cv::Scalar(0));
    const int thickness = std::max(1, std::max(map.cols, map.rows) / 160);
    int parts = 0;
    for (const auto& pixels : scribbles) {
        cv::Mat run(map.size(), CV_8U, cv::Scalar(0));
        for (std::size_t i = 0; i < pixels.size(); ++i)
            cv::line(run, pixels[i > 0 ? i - 1 : 0], pixels[i], 255, thickness);
        run &= inside & (markers == 0);
        if (cv::countNonZero(run) == 0) continue;
        markers.setTo(first + parts++, run);
    }
    if (parts < 2) return;
    markers.setTo(outside, ~inside);
    cv::watershed(bytesOfLab(lab), markers);
    // The watershed's own line goes to whichever part it touches.
    cv::Mat grown = markers.clone();
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            if (!inside.at<uchar>(y, x) || markers.at<int>(y, x) >= first) continue;
            for (const cv::Point step : {cv::Point(1, 0), {-1, 0}, {0, 1}, {0, -1}}) {
                const cv::Point q(x + step.x, y + step.y);
                if (!cv::Rect({}, map.size()).contains(q) || markers.at<int>(q) < first) continue;
                grown.at<int>(y, x) = markers.at<int>(q);
                break;
            }
        }
    for (int i = 1; i < parts; ++i) map.setTo(next++, inside & (grown == first + i));
}

/// 255 within the closed scribble.
cv::Mat within(const cv::Mat& map, const Scribble& scribble) {
    cv::Mat mask(map.size(), CV_8U, cv::Scalar(0));
    std::vector<cv::Point> outline;
    constexpr double fine = 16;  // places fall between pixels
    for (const Place& place : scribble)
        outline.emplace_back(int(std::lround((place.x * map.cols - 0.5) * fine)),
                             int(std::lround((place.y * map.rows - 0.5) * fine)));
    if (outline.size() >= 3)
        cv::fillPoly(mask, std::vector<std::vector<cv::Point>>{outline}, 255, cv::LINE_8, int(std::log2(fine)));
    return mask;
}

/// Where the subject inside a loose outline is.
cv::Mat subjectWithin(const cv::Mat& outline, const cv::Mat& lab) {
    const cv::Rect box = cv::boundingRect(outline);
    if (box.empty() || cv::countNonZero(outline) == int(outline.total())) return outline;
    return cutOutWithin(outline, lab, [&](const cv::Mat& loose) {
        // A loose outline is off by some twelfth of what it goes round.
        const int reach = std::max(1, std::min(box.width, box.height) / 2 / 12);
        cv::Mat sure;
        cv::erode(loose, sure, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * reach + 1, 2 * reach + 1}));
        return sure;
    });
}

/// Labels from 0 without gaps, in the order that they have; gives how many.
int relabelDensely(cv::Mat& map) {
    std::map<int, int> dense;
    for (const int label : cv::Mat_<int>(map)) dense[label] = 0;
    int next = 0;
    for (auto& [label, number] : dense) number = next++;
    for (int& label : cv::Mat_<int>(map)) label = dense.at(label);
    return next;
}

void cutOut(cv::Mat& map, const cv::Mat& lab, const Scribble& scribble, int& next) {
    cv::Mat sides;
    cv::Mat(subjectWithin(within(map, scribble), lab) / 255).convertTo(sides, CV_32S);
    const int small = std::max(3, int(map.total() / 1500));
    sides = withoutIslands(sides, small);
    // Each area's two sides are areas; what is left of one as a sliver goes to its neighbour on the same side.
    map += sides * next;
    map = withoutIslands(map, small, sides);
    next = relabelDensely(map);
}

}  // namespace

std::string_view nameOf(AreaEdit::Kind kind) {
    return kinds[static_cast<std::size_t>(kind)];
}
std::optional<AreaEdit::Kind> areaEditNamed(std::string_view name) {
    return common::enumNamed<AreaEdit::Kind>(kinds, name);
}

int leastScribbles(AreaEdit::Kind kind) {
    return kind == AreaEdit::Kind::part ? 2 : 1;
}

Areas edited(const cv::Mat& labels, const cv::Mat& squintedLab, const std::vector<AreaEdit>& edits) {
    int next = 0;
    cv::Mat map = numberedAsMet(labels, next);
    for (const AreaEdit& edit : edits) {
        if (int(edit.scribbles.size()) < leastScribbles(edit.kind) || edit.scribbles.front().empty()) continue;
        const Scribble& first = edit.scribbles.front();
        switch (edit.kind) {
            case AreaEdit::Kind::join:
                join(map, edit);
                break;
            case AreaEdit::Kind::part:
                part(map, squintedLab, edit, next);
                break;
            case AreaEdit::Kind::border:
                map.setTo(next++, within(map, first));
                break;
            case AreaEdit::Kind::grow:
                map.setTo(map.at<int>(pixelAt(map, first.front())), within(map, first));
                break;
            case AreaEdit::Kind::cutOut:
                cutOut(map, squintedLab, first, next);
                break;
        }
    }
    return areasOf(map, squintedLab);
}

}  // namespace subject
