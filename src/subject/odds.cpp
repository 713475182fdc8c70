#include "subject/odds.h"

#include <cstddef>
#include <numeric>

namespace subject {

namespace {

#include "subject/fitted_odds.inc"

}  // namespace

float Odds::byRegression(std::span<const float> terms) const {
    return std::inner_product(weights.begin(), weights.end(), terms.begin(), always);
}

float Odds::byTrees(std::span<const float> terms) const {
    float sum = 0;
    for (const OddsTree& tree : trees) {
        std::size_t at = 0;
        while (at < tree.term.size()) at = 2 * at + (terms[tree.term[at]] <= tree.upTo[at] ? 1 : 2);
        sum += tree.adds[at - tree.term.size()];
    }
    return sum;
}

const Odds oddsTouching{alwaysTouching, weightsTouching, treesTouching};
const Odds oddsApart{alwaysApart, weightsApart, treesApart};

}  // namespace subject
