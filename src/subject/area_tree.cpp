#include "subject/area_tree.h"

#include <algorithm>
#include <map>
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <span>

#include "subject/islands.h"
#include "subject/reduced.h"
#include "subject/smooth_borders.h"
#include "subject/squint.h"
#include "subject/superpixels.h"

namespace subject {

namespace {

/// Where each of `count` regions is after these joins, the first into the second.
std::vector<int> after(std::span<const std::pair<int, int>> joins, int count) {
    std::vector<int> into(static_cast<std::size_t>(count));
    std::iota(into.begin(), into.end(), 0);
    // The last first: where a region went is known when it is asked.
    for (std::size_t i = joins.size(); i-- > 0;) into[std::size_t(joins[i].first)] = into[std::size_t(joins[i].second)];
    return into;
}

cv::Mat relabelled(const cv::Mat& map, const std::vector<int>& into) {
    cv::Mat labels(map.size(), CV_32S);
    std::transform(map.begin<int>(), map.end<int>(), labels.begin<int>(), [&](int i) { return into[std::size_t(i)]; });
    return labels;
}

/// The tree of a map's regions, from joins by its labels, some of which may have no pixel.
AreaTree treeOf(const cv::Mat& map, const std::vector<std::pair<int, int>>& joins) {
    AreaTree tree;
    std::map<int, int> piece;  // by label
    tree.pieces.create(map.size(), CV_32S);
    std::transform(map.begin<int>(), map.end<int>(), tree.pieces.begin<int>(),
                   [&](int label) { return piece.emplace(label, int(piece.size())).first->second; });
    tree.count = int(piece.size());
    for (const auto& [gone, kept] : joins) {
        const auto one = piece.find(gone), other = piece.find(kept);
        if (one == piece.end()) continue;
        if (other != piece.end())
            tree.joins.emplace_back(one->second, other->second);
        else
            piece.emplace(kept, one->second);
    }
    return tree;
}

}  // namespace

AreaTree areaTreeOf(const cv::Mat& lab) {
    // Its own, so that areas stay where they are whatever else is squinted at.
    constexpr double squint = 0.3, longSide = 640;
    const cv::Mat small = reduced(lab, longSide);
    const cv::Mat squintedLab = squinted(small, squint);
    const cv::Mat pieces = piecesOf(squintedLab);
    const int count = labelCount(pieces);
    Regions regions(pieces, count, small, squintedLab);
    const auto note = [](auto& joins) {
        return [&joins](int kept, int gone) {
            joins.emplace_back(gone, kept);
            return true;
        };
    };
    std::vector<std::pair<int, int>> ofPieces, ofAreas;
    joinPieces(regions, note(ofPieces));
    joinAreas(regions, note(ofAreas));
    const cv::Mat smooth = withSmoothBorders(relabelled(pieces, after(ofPieces, count)), lab);
    // What is smaller than a mark is no piece of an area.
    return treeOf(withoutIslands(smooth, int(lab.total() / 15000)), ofAreas);
}

cv::Mat regionsAt(const AreaTree& tree, int wanted) {
    const auto joins = int(tree.joins.size());
    const auto made = std::size_t(std::clamp(joins + 1 - wanted, 0, joins));
    return relabelled(tree.pieces, after(std::span(tree.joins).first(made), tree.count));
}

}  // namespace subject
