#include "subject/levels.h"

#include <algorithm>
#include <limits>

namespace subject {

namespace {

/// Cost of putting the values first..last into one level, from prefix sums.
class SpanCost {
 public:
    SpanCost(const std::vector<double>& values, const std::vector<double>& weights) {
        // Counted from the middle value: squares of large offsets would eat the digits.
        origin_ = values[values.size() / 2];
        for (std::size_t i = 0; i < values.size(); ++i) {
            const double v = values[i] - origin_;
            weight_.push_back(weight_.back() + weights[i]);
            sum_.push_back(sum_.back() + weights[i] * v);
            square_.push_back(square_.back() + weights[i] * v * v);
        }
    }
    double operator()(int first, int last) const {
        const double w = weight_[last + 1] - weight_[first];
        if (w <= 0) return 0;
        const double s = sum_[last + 1] - sum_[first];
        return std::max(0.0, square_[last + 1] - square_[first] - s * s / w);
    }
    double mean(int first, int last) const {
        const double w = weight_[last + 1] - weight_[first];
        return origin_ + (w > 0 ? (sum_[last + 1] - sum_[first]) / w : 0.0);
    }

 private:
    double origin_ = 0;
    std::vector<double> weight_{0}, sum_{0}, square_{0};
};

struct Row {
    std::vector<double> cost;
    std::vector<int> start;  // where the last level begins
};

/// Fills row `next` for ends low..high, knowing that the best start lies between startLow and startHigh.
void fill(const SpanCost& span, const Row& before, Row& next, int low, int high, int startLow, int startHigh) {
    if (low > high) return;
    const int middle = (low + high) / 2;
    double best = std::numeric_limits<double>::infinity();
    int bestStart = startLow;
    for (int start = std::max(1, startLow); start <= std::min(middle, startHigh); ++start) {
        const double cost = before.cost[start - 1] + span(start, middle);
        if (cost < best) {
            best = cost;
            bestStart = start;
        }
    }
    next.cost[middle] = best;
    next.start[middle] = bestStart;
    fill(span, before, next, low, middle - 1, startLow, bestStart);
    fill(span, before, next, middle + 1, high, bestStart, startHigh);
}

}  // namespace

Levels exactLevels(const std::vector<double>& sortedValues, const std::vector<double>& weights, int k) {
    const int n = static_cast<int>(sortedValues.size());
    Levels levels;
    if (n == 0 || k < 1) return levels;
    k = std::min(k, n);
    const SpanCost span(sortedValues, weights);
    std::vector<Row> rows(k, Row{std::vector<double>(n, std::numeric_limits<double>::infinity()), std::vector<int>(n)});
    for (int i = 0; i < n; ++i) rows[0].cost[i] = span(0, i);
    // Of the last row only the last end is asked for.
    for (int level = 1; level < k; ++level)
        fill(span, rows[level - 1], rows[level], level == k - 1 ? n - 1 : level, n - 1, level, n - 1);

    levels.cost = rows[k - 1].cost[n - 1];
    int last = n - 1;
    for (int level = k - 1; level >= 0; --level) {
        const int start = level == 0 ? 0 : rows[level].start[last];
        levels.means.push_back(span.mean(start, last));
        levels.upTo.push_back(sortedValues[last]);
        last = start - 1;
    }
    std::ranges::reverse(levels.means);
    std::ranges::reverse(levels.upTo);
    return levels;
}

}  // namespace subject
