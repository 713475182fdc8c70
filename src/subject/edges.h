#pragma once

#include <array>
#include <opencv2/core/mat.hpp>
#include <optional>
#include <string_view>
#include <vector>

#include "subject/areas.h"
#include "subject/line.h"

namespace subject {

/// How two areas meet: within a few pixels; gradually; or so alike that the eye hardly sees where (common practice).
enum class Edge { hard, soft, lost };
inline constexpr int edgeCount = 3;
/// "hard", "soft", "lost".
std::string_view nameOf(Edge edge);
std::optional<Edge> edgeNamed(std::string_view name);

/// What edges are told from; the same for any areas of a picture.
struct EdgeView {
    cv::Mat fine, broad;  // CV_32FC3, CIELAB: nearly as it is, and with its grain averaged away
};

/// Of a CIELAB picture (CV_32FC3).
EdgeView edgeViewOf(const cv::Mat& lab);

/// The edges along the borders of areas (CV_8U): on each side of a border 1 + Edge, 0 elsewhere.
cv::Mat edgesOf(const Areas& areas, const EdgeView& view);

/// Makes all of the border between two areas (indices) one edge.
void setEdge(cv::Mat& edges, const cv::Mat& map, int one, int other, Edge edge);

/// How an area meets one of its neighbours.
struct Meeting {
    int neighbour = 0;                       // index
    double length = 0;                       // of the border, in long sides of the picture
    std::array<double, edgeCount> shares{};  // of the length, by Edge
};

/// Of the area of that index, longest borders first.
std::vector<Meeting> meetingsOf(const Areas& areas, const cv::Mat& edges, int area);

/// A part of an outline along which the edge is the same; none where it runs along the picture's own.
struct Stretch {
    Scribble path;
    std::optional<Edge> edge;
};

/// The stretches of a closed outline (subject/outlines.h), one after the other round it. Shorter ones than a mark take
/// the edge of those beside them.
std::vector<Stretch> stretchesOf(const Scribble& outline, const cv::Mat& edges);

}  // namespace subject
