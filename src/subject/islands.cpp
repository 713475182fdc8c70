#include "subject/islands.h"

#include <map>
#include <opencv2/core.hpp>
#include <vector>

namespace subject {

namespace {

struct Pieces {
    cv::Mat of;  // CV_32S
    std::vector<int> label, size, group;
};

/// Connected pieces (4-neighbours) of equal label and equal `within`.
Pieces piecesOf(const cv::Mat& labels, const cv::Mat& within) {
    Pieces pieces{cv::Mat(labels.size(), CV_32S, cv::Scalar(-1)), {}, {}, {}};
    std::vector<cv::Point> stack;
    for (int y = 0; y < labels.rows; ++y)
        for (int x = 0; x < labels.cols; ++x) {
            if (pieces.of.at<int>(y, x) >= 0) continue;
            const int label = labels.at<int>(y, x);
            const int group = within.empty() ? 0 : within.at<int>(y, x);
            const int piece = static_cast<int>(pieces.label.size());
            pieces.label.push_back(label);
            pieces.group.push_back(group);
            pieces.size.push_back(0);
            pieces.of.at<int>(y, x) = piece;
            stack.push_back({x, y});
            while (!stack.empty()) {
                const cv::Point p = stack.back();
                stack.pop_back();
                ++pieces.size[piece];
                for (const cv::Point step : {cv::Point(1, 0), cv::Point(-1, 0), cv::Point(0, 1), cv::Point(0, -1)}) {
                    const cv::Point q = p + step;
                    if (q.x < 0 || q.y < 0 || q.x >= labels.cols || q.y >= labels.rows) continue;
                    if (pieces.of.at<int>(q) >= 0 || labels.at<int>(q) != label) continue;
                    if (!within.empty() && within.at<int>(q) != group) continue;
                    pieces.of.at<int>(q) = piece;
                    stack.push_back(q);
                }
            }
        }
    return pieces;
}

}  // namespace

cv::Mat withoutIslands(const cv::Mat& labels, int leastPixels, const cv::Mat& within) {
    cv::Mat out = labels.clone();
    // An island may only border on islands: a few rounds let the pieces grow together.
    for (int round = 0; round < 4; ++round) {
        const Pieces pieces = piecesOf(out, within);
        std::vector<std::map<int, int>> border(pieces.label.size());
        const auto touch = [&](int one, int other) {
            if (one == other || pieces.group[one] != pieces.group[other]) return;
            if (pieces.size[one] < leastPixels) ++border[one][other];
            if (pieces.size[other] < leastPixels) ++border[other][one];
        };
        for (int y = 0; y < out.rows; ++y)
            for (int x = 0; x < out.cols; ++x) {
                if (x + 1 < out.cols) touch(pieces.of.at<int>(y, x), pieces.of.at<int>(y, x + 1));
                if (y + 1 < out.rows) touch(pieces.of.at<int>(y, x), pieces.of.at<int>(y + 1, x));
            }
        std::vector<int> newLabel = pieces.label;
        bool changed = false;
        for (std::size_t piece = 0; piece < newLabel.size(); ++piece) {
            if (pieces.size[piece] >= leastPixels || border[piece].empty()) continue;
            int best = -1, longest = 0;
            for (const auto& [neighbour, length] : border[piece]) {
                // Larger neighbours only, so that two islands do not swap their labels.
                const bool larger = pieces.size[neighbour] > pieces.size[piece] ||
                                    (pieces.size[neighbour] == pieces.size[piece] && neighbour < int(piece));
                if (larger && length > longest) {
                    longest = length;
                    best = neighbour;
                }
            }
            if (best >= 0) {
                newLabel[piece] = pieces.label[best];
                changed = true;
            }
        }
        if (!changed) break;
        for (int y = 0; y < out.rows; ++y)
            for (int x = 0; x < out.cols; ++x) out.at<int>(y, x) = newLabel[pieces.of.at<int>(y, x)];
    }
    return out;
}

}  // namespace subject
