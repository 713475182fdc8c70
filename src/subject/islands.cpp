#include "subject/islands.h"

#include <algorithm>
#include <map>
#include <opencv2/core.hpp>
#include <vector>

namespace subject {

namespace {

struct Pieces {
    cv::Mat of;  // CV_32S
    std::vector<int> label, size, group;
};

/// Connected pieces (4-neighbours) of equal label and equal `within`, numbered as they are met from the top, left to
/// right. In two passes: what belongs together is united, then numbered (union-find).
Pieces piecesOf(const cv::Mat& labels, const cv::Mat& within) {
    Pieces pieces{cv::Mat(labels.size(), CV_32S), {}, {}, {}};
    std::vector<int> parent;
    const auto rootOf = [&](int i) {
        while (parent[std::size_t(i)] != i) i = parent[std::size_t(i)] = parent[std::size_t(parent[std::size_t(i)])];
        return i;
    };
    for (int y = 0; y < labels.rows; ++y) {
        const int* label = labels.ptr<int>(y);
        const int* above = y > 0 ? labels.ptr<int>(y - 1) : nullptr;
        const int* group = within.empty() ? nullptr : within.ptr<int>(y);
        const int* groupAbove = within.empty() || y == 0 ? nullptr : within.ptr<int>(y - 1);
        int* piece = pieces.of.ptr<int>(y);
        const int* pieceAbove = y > 0 ? pieces.of.ptr<int>(y - 1) : nullptr;
        for (int x = 0; x < labels.cols; ++x) {
            const bool isLeft = x > 0 && label[x - 1] == label[x] && (!group || group[x - 1] == group[x]);
            const bool isAbove = above && above[x] == label[x] && (!group || groupAbove[x] == group[x]);
            if (isLeft) piece[x] = piece[x - 1];
            if (isAbove && isLeft && pieceAbove[x] != piece[x]) {
                // The smaller root stays, so that roots are met first.
                const int one = rootOf(piece[x]), other = rootOf(pieceAbove[x]);
                parent[std::size_t(std::max(one, other))] = std::min(one, other);
                piece[x] = std::min(one, other);
            } else if (isAbove && !isLeft) {
                piece[x] = pieceAbove[x];
            } else if (!isAbove && !isLeft) {
                piece[x] = int(parent.size());
                parent.push_back(piece[x]);
            }
        }
    }
    std::vector<int> numberOf(parent.size(), -1);
    for (int y = 0; y < labels.rows; ++y) {
        int* piece = pieces.of.ptr<int>(y);
        for (int x = 0; x < labels.cols; ++x) {
            int& number = numberOf[std::size_t(rootOf(piece[x]))];
            if (number < 0) {
                number = int(pieces.label.size());
                pieces.label.push_back(labels.at<int>(y, x));
                pieces.group.push_back(within.empty() ? 0 : within.at<int>(y, x));
                pieces.size.push_back(0);
            }
            piece[x] = number;
            ++pieces.size[std::size_t(number)];
        }
    }
    return pieces;
}

}  // namespace

cv::Mat withoutIslands(const cv::Mat& labels, int leastPixels, const cv::Mat& within) {
    cv::Mat out = labels.clone();
    // An island may only border on islands: rounds let the pieces grow together.
    for (;;) {
        const Pieces pieces = piecesOf(out, within);
        if (std::ranges::none_of(pieces.size, [&](int size) { return size < leastPixels; })) return out;
        std::vector<char> isSmall(pieces.size.size());
        for (std::size_t i = 0; i < isSmall.size(); ++i) isSmall[i] = pieces.size[i] < leastPixels;
        std::vector<std::map<int, int>> border(pieces.label.size());
        const auto touch = [&](int one, int other) {
            // Hardly any pixel lies at an island's border.
            if (one == other || !(isSmall[std::size_t(one)] || isSmall[std::size_t(other)])) return;
            if (pieces.group[one] != pieces.group[other]) return;
            if (isSmall[std::size_t(one)]) ++border[one][other];
            if (isSmall[std::size_t(other)]) ++border[other][one];
        };
        for (int y = 0; y < out.rows; ++y) {
            const int* piece = pieces.of.ptr<int>(y);
            const int* below = y + 1 < out.rows ? pieces.of.ptr<int>(y + 1) : piece;
            for (int x = 0; x + 1 < out.cols; ++x) {
                touch(piece[x], piece[x + 1]);
                touch(piece[x], below[x]);
            }
            touch(piece[out.cols - 1], below[out.cols - 1]);
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
        if (!changed) return out;
        for (int y = 0; y < out.rows; ++y) {
            const int* piece = pieces.of.ptr<int>(y);
            int* label = out.ptr<int>(y);
            for (int x = 0; x < out.cols; ++x) label[x] = newLabel[std::size_t(piece[x])];
        }
    }
}

}  // namespace subject
