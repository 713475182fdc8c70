#include "subject/edges.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "common/naming.h"
#include "subject/border_walk.h"

namespace subject {

namespace {

constexpr std::array<std::string_view, edgeCount> edgeNames{"hard", "soft", "lost"};

/// In pixels: how far from a border the picture is looked at, and how far along it.
struct Reach {
    int near, far, along;
    explicit Reach(const cv::Size& size) {
        const int longSide = std::max(size.width, size.height);
        near = std::max(1, longSide / 400);
        far = std::max(3, longSide / 90);
        along = std::max(2, longSide / 64);
    }
};

/// How far the colours are apart that lie `reach` pixels on either side of a border. A difference of hue alone is seen
/// less as an edge than one of value.
float contrastAcross(const cv::Mat& lab, cv::Point pixel, cv::Point step, int reach) {
    const auto at = [&](int away) {
        const cv::Point p = pixel + step * away;
        return lab.at<cv::Vec3f>(std::clamp(p.y, 0, lab.rows - 1), std::clamp(p.x, 0, lab.cols - 1));
    };
    const cv::Vec3f d = at(1 + reach) - at(-reach);
    constexpr float ofHue = 0.6f;
    return std::hypot(d[0], ofHue * d[1], ofHue * d[2]);
}

Edge edgeFrom(float little, float wide) {
    // A value step is some 10; half of one is hardly seen between broad areas.
    constexpr float hardlySeen = 5, mostOfIt = 0.6f;
    if (wide < hardlySeen) return Edge::lost;
    return little > mostOfIt * wide ? Edge::hard : Edge::soft;
}

}  // namespace

std::string_view nameOf(Edge edge) {
    return edgeNames[static_cast<std::size_t>(edge)];
}
std::optional<Edge> edgeNamed(std::string_view name) {
    return common::enumNamed<Edge>(edgeNames, name);
}

EdgeView edgeViewOf(const cv::Mat& lab) {
    const Reach reach(lab.size());
    EdgeView view;
    cv::GaussianBlur(lab, view.fine, {}, std::max(0.5, reach.near * 0.4));
    cv::GaussianBlur(lab, view.broad, {}, reach.far * 0.4);
    return view;
}

cv::Mat edgesOf(const Areas& areas, const EdgeView& view) {
    const Reach reach(areas.map.size());
    // An edge is told over a piece of the border, not at a pixel: for each cell of a net from the nine about it.
    const int cell = reach.along;
    cv::Mat sums(areas.map.rows / cell + 1, areas.map.cols / cell + 1, CV_32FC3,
                 cv::Scalar::all(0));  // of the contrasts near and far, and how many
    alongBorders(areas.map, [&](cv::Point pixel, cv::Point step) {
        sums.at<cv::Vec3f>(pixel / cell) += cv::Vec3f(contrastAcross(view.fine, pixel, step, reach.near),
                                                      contrastAcross(view.broad, pixel, step, reach.far), 1);
    });
    cv::blur(sums, sums, {3, 3}, {-1, -1}, cv::BORDER_CONSTANT);
    cv::Mat edges(areas.map.size(), CV_8U, cv::Scalar(0));
    alongBorders(areas.map, [&](cv::Point pixel, cv::Point step) {
        const auto& sum = sums.at<cv::Vec3f>(pixel / cell);
        const Edge edge = edgeFrom(sum[0] / sum[2], sum[1] / sum[2]);
        edges.at<uchar>(pixel) = edges.at<uchar>(pixel + step) = uchar(1 + int(edge));
    });
    return edges;
}

void setEdge(cv::Mat& edges, const cv::Mat& map, int one, int other, Edge edge) {
    alongBorders(map, [&](cv::Point pixel, cv::Point step) {
        const int here = map.at<int>(pixel), there = map.at<int>(pixel + step);
        if (std::minmax(here, there) == std::minmax(one, other))
            edges.at<uchar>(pixel) = edges.at<uchar>(pixel + step) = uchar(1 + int(edge));
    });
}

std::vector<Meeting> meetingsOf(const Areas& areas, const cv::Mat& edges, int area) {
    std::map<int, Meeting> meetings;
    const int longSide = std::max(edges.cols, edges.rows);
    alongBorders(areas.map, [&](cv::Point pixel, cv::Point step) {
        const int here = areas.map.at<int>(pixel), there = areas.map.at<int>(pixel + step);
        if (here != area && there != area) return;
        Meeting& meeting = meetings[here == area ? there : here];
        meeting.length += 1.0 / longSide;
        meeting.shares[std::size_t(edges.at<uchar>(pixel) - 1)] += 1;
    });
    std::vector<Meeting> sorted;
    for (auto& [neighbour, meeting] : meetings) {
        meeting.neighbour = neighbour;
        for (double& share : meeting.shares) share /= meeting.length * longSide;
        sorted.push_back(meeting);
    }
    std::ranges::stable_sort(sorted, std::greater<>(), &Meeting::length);
    return sorted;
}

std::vector<Stretch> stretchesOf(const Scribble& outline, const cv::Mat& edges) {
    const int longSide = std::max(edges.cols, edges.rows);
    // Walked in small steps.
    const double pace = 0.004;
    Scribble walked;
    for (std::size_t i = 0; i < outline.size(); ++i) {
        const Place from = outline[i], to = outline[(i + 1) % outline.size()];
        const double length = std::hypot((to.x - from.x) * edges.cols, (to.y - from.y) * edges.rows) / longSide;
        const int paces = std::max(1, int(std::lround(length / pace)));
        for (int k = 0; k < paces; ++k) walked.push_back(from + (to - from) * (double(k) / paces));
    }
    // What is found at each step, then what most of the steps around say.
    const auto count = int(walked.size());
    std::vector<int> found, said;
    for (const Place& place : walked) {
        const cv::Point at(int(place.x * edges.cols), int(place.y * edges.rows));
        const cv::Rect round = cv::Rect(at.x - 2, at.y - 2, 4, 4) & cv::Rect({}, edges.size());
        double most = 0;
        if (!round.empty()) cv::minMaxLoc(edges(round), nullptr, &most);
        found.push_back(int(most));
    }
    constexpr int around = 4;
    for (int i = 0; i < count; ++i) {
        std::array<int, 1 + edgeCount> votes{};
        for (int k = i - around; k <= i + around; ++k)
            ++votes[std::size_t(found[std::size_t((k % count + count) % count)])];
        said.push_back(int(std::ranges::max_element(votes) - votes.begin()));
    }
    // It may begin anywhere: best where the edge changes.
    int first = 0;
    while (first < count && said[std::size_t(first)] == said[std::size_t((first + count - 1) % count)]) ++first;
    std::vector<Stretch> stretches;
    int before = -1;
    for (int i = 0; i <= count; ++i) {
        const auto at = std::size_t((first + i) % count);
        if (!stretches.empty()) stretches.back().path.push_back(walked[at]);
        if (i == count || said[at] == before) continue;
        before = said[at];
        stretches.push_back({{walked[at]}, {}});
        if (before > 0) stretches.back().edge = Edge(before - 1);
    }
    return stretches;
}

}  // namespace subject
