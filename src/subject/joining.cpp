#include "subject/joining.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <set>
#include <span>
#include <utility>

#include "subject/greedy_joins.h"
#include "subject/odds.h"
#include "subject/superpixels.h"

namespace subject {

cv::Mat piecesOf(const cv::Mat& squintedLab) {
    // So many pixels each that its colours tell something; many enough where the picture is small.
    constexpr int most = 5000, enough = 800, pixels = 60, rounds = 4;
    constexpr float ruler = 10;
    return superpixels(squintedLab, std::clamp(int(squintedLab.total()) / pixels, enough, most), ruler, rounds);
}

namespace {

constexpr double byTrees = 0.6;

/// The logarithm of what joining two regions may lose: how likely they are two things, and a little for the length of
/// the border and the size of the smaller that would be lost with them.
double lossOf(double odds, double border, double smaller) {
    // Odds are told too surely where pair after pair of one region is asked.
    constexpr double sureness = 6;
    return -std::log1p(std::exp(-odds / sureness)) + std::log(std::max(1.0, border)) / 40 + std::log(smaller) / 60;
}

/// How regions are asked.
struct Asking {
    int left;               // then no more
    double speck;           // share of the picture below which a region joins before all others
    double trees = 0;       // how much of the odds the trees say; the rest is the regression's
    bool areAreas = false;  // then what is lost counts too
};

void joinByOdds(Regions& regions, const Asking& asking, const Join& join) {
    std::set<std::pair<int, int>> barred;
    const auto said = [&](const Odds& odds, std::span<const float> terms) -> double {
        const double first = odds.byRegression(terms);
        return asking.trees == 0 ? first : std::lerp(first, double(odds.byTrees(terms)), asking.trees);
    };
    const auto loss = [&](const Region& one, const Region& other, const Border& border) {
        const int i = int(&one - regions.all.data()), k = int(&other - regions.all.data());
        double least = std::numeric_limits<double>::infinity();
        if (barred.contains(std::minmax(i, k))) return least;
        const bool isTouching = border.pixels > 0;
        if (isTouching) least = said(oddsTouching, regions.termsTouching(one, other, border));
        if (Regions::mayBeOneGround(one, other, border))
            least = std::min(least, said(oddsApart, regions.termsApart(one, other, border)));
        if (asking.areAreas && least < std::numeric_limits<double>::infinity())
            least = lossOf(least, border.pixels, std::min(one.pixels, other.pixels));
        constexpr double surely = 30;
        return least - (regions.isSpeck(one, asking.speck) || regions.isSpeck(other, asking.speck) ? surely : 0);
    };
    joinGreedily(regions.all, asking.left, loss, [&](int kept, int gone) {
        const bool isMade = join(kept, gone);
        if (isMade)
            regions.join(kept, gone);
        else
            barred.insert({kept, gone});
        return isMade;
    });
}

}  // namespace

void joinPieces(Regions& regions, const Join& join) {
    // Most of the many small ones are plainly of one thing.
    constexpr int many = 1500, few = 300;
    // So small that it can only be a flaw; what is a little larger may be the ground that shows through a gap.
    constexpr double flaw = 0.0002;
    joinByOdds(regions, {.left = many, .speck = flaw}, join);
    joinByOdds(regions, {.left = few, .speck = flaw, .trees = byTrees}, join);
}

void joinAreas(Regions& regions, const Join& join) {
    // Nothing that small is laid as an area of its own.
    constexpr double speck = 0.001;
    regions.seeAcrossGaps();
    joinByOdds(regions, {.left = 1, .speck = speck, .trees = byTrees, .areAreas = true}, join);
}

}  // namespace subject
