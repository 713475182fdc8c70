#pragma once

#include <vector>

namespace subject {

/// The exact optimum of one-dimensional k-means.
struct Levels {
    std::vector<double> means;  // rising
    std::vector<double> upTo;   // the largest value of each level; the last is the largest of all
    double cost = 0;            // sum of weighted squared distances to the means
};

/// Finds the k levels (fewer, if there are fewer distinct values) of least cost by dynamic programming over sorted
/// values; `weights` counts each value. O(k n log n) by divide and conquer on the monotone optimum (H. Wang, M. Song,
/// R Journal 3/2, 2011, for the recurrence). Refuses nothing: empty input gives no level.
Levels exactLevels(const std::vector<double>& sortedValues, const std::vector<double>& weights, int k);

}  // namespace subject
