#pragma once

#include <array>
#include <span>

namespace subject {

/// One of many small trees that together tell odds: seven questions, each whether a term is at most so much (then the
/// next on the left is asked), and what is added for the eight answers.
struct OddsTree {
    std::array<unsigned char, 7> term;
    std::array<float, 7> upTo;
    std::array<float, 8> adds;
};

/// The logarithm of odds, told from terms in two ways: by a logistic regression, and by gradient-boosted trees (J. H.
/// Friedman, 2001).
struct Odds {
    float always;
    std::span<const float> weights;
    std::span<const OddsTree> trees;

    float byRegression(std::span<const float> terms) const;
    float byTrees(std::span<const float> terms) const;
};

/// That two regions are two things, by their terms (subject/regions.h): regions that touch, and those that lie apart.
/// Fitted to scenes made at random, as CONTRIBUTING.md says.
extern const Odds oddsTouching, oddsApart;

}  // namespace subject
