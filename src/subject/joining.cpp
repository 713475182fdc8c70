#include "subject/joining.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <set>
#include <utility>

#include "subject/greedy_joins.h"
#include "subject/superpixels.h"

namespace subject {

const JoinWeights fittedWeights = {
    .touching = {-6.3004, 1.8120, 0.1175, 0.4172, 0.9284, 0.6088, 0.5116, -3.0566, 1.0833, 0.6580, 0.3378, -1.2823,
                 0.3428, -0.0824, -0.4790, 1.0171, 2.6868, 0.1569, -0.0935},
    .apart = {-3.2794, 1.1710, 1.8886, -2.8348, 3.9766, 0.6045, 0.5791, -0.3726, 2.7856, 0.4805, 0.4132}};

cv::Mat piecesOf(const cv::Mat& squintedLab) {
    // So many pixels each that its colours tell something; many enough where the picture is small.
    constexpr int most = 5000, enough = 800, pixels = 60, rounds = 4;
    constexpr float ruler = 10;
    return superpixels(squintedLab, std::clamp(int(squintedLab.total()) / pixels, enough, most), ruler, rounds);
}

namespace {

template <typename Terms>
double weighed(const Terms& weights, const Terms& terms) {
    return std::inner_product(weights.begin(), weights.end(), terms.begin(), 0.0);
}

/// How regions are asked.
struct Asking {
    int left;                // then no more
    double speck;            // share of the picture below which a region joins before all others
    double borderCosts = 0;  // for the logarithm of a border's length: a wrong join loses so much of it
};

void joinByOdds(Regions& regions, const JoinWeights& weights, const Asking& asking, const Join& join) {
    std::set<std::pair<int, int>> barred;
    const auto odds = [&](const Region& one, const Region& other, const Border& border) {
        const int i = int(&one - regions.all.data()), k = int(&other - regions.all.data());
        double least = std::numeric_limits<double>::infinity();
        if (barred.contains(std::minmax(i, k))) return least;
        const bool isTouching = border.pixels > 0;
        if (isTouching) least = weighed(weights.touching, regions.termsTouching(one, other, border));
        if (Regions::mayBeOneGround(one, other, border))
            least = std::min(least, weighed(weights.apart, regions.termsApart(one, other, border)));
        if (isTouching) least += asking.borderCosts * std::log(border.pixels);
        constexpr double surely = 30;
        return least - (regions.isSpeck(one, asking.speck) || regions.isSpeck(other, asking.speck) ? surely : 0);
    };
    joinGreedily(regions.all, asking.left, odds, [&](int kept, int gone) {
        const bool isMade = join(kept, gone);
        if (isMade)
            regions.join(kept, gone);
        else
            barred.insert({kept, gone});
        return isMade;
    });
}

}  // namespace

void joinPieces(Regions& regions, const JoinWeights& weights, const Join& join) {
    constexpr int few = 300;
    // So small that it can only be a flaw; what is a little larger may be the ground that shows through a gap.
    constexpr double flaw = 0.0002;
    joinByOdds(regions, weights, {.left = few, .speck = flaw}, join);
}

void joinAreas(Regions& regions, const JoinWeights& weights, const Join& join) {
    // Nothing that small is laid as an area of its own.
    constexpr double speck = 0.001;
    regions.seeAcrossGaps();
    joinByOdds(regions, weights, {.left = 1, .speck = speck, .borderCosts = 0.25}, join);
}

}  // namespace subject
