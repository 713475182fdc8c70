#include "practice/staircase.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace practice {

namespace {

constexpr int thresholdCount = 64, levelCount = 28;
constexpr std::array<double, 5> slopes{1.8, 2.4, 3.2, 4.2, 5.6};
constexpr std::array<double, 3> lapses{0.01, 0.03, 0.06};
constexpr int perThreshold = int(slopes.size() * lapses.size());

/// In natural units, row by row; the beliefs of a row add up to its sum.
double entropy(const Eigen::ArrayXd& shares) {
    return -(shares * shares.max(1e-300).log()).sum();
}

/// Of each threshold, whatever the rest is.
Eigen::ArrayXd marginal(const Eigen::VectorXd& belief) {
    return Eigen::Map<const Eigen::MatrixXd>(belief.data(), perThreshold, thresholdCount).colwise().sum().array();
}

}  // namespace

double Observer::rightAt(double apart) const {
    return guess + (1 - guess - lapse) * (1 - std::exp(-std::pow(apart / threshold, slope)));
}

Staircase::Staircase(const Scale& scale)
    : scale_(scale),
      thresholds_(Eigen::ArrayXd::LinSpaced(thresholdCount, std::log(scale.least), std::log(scale.most))),
      levels_(Eigen::ArrayXd::LinSpaced(levelCount, std::log(scale.least), std::log(scale.most))),
      right_(levelCount, thresholdCount * perThreshold),
      belief_(Eigen::VectorXd::Constant(thresholdCount * perThreshold, 1.0 / (thresholdCount * perThreshold))) {
    int column = 0;
    for (const double threshold : thresholds_)
        for (const double slope : slopes)
            for (const double lapse : lapses) {
                const Observer observer{std::exp(threshold), slope, 1.0 / scale.choices, lapse};
                for (int level = 0; level < levelCount; ++level)
                    right_(level, column) = observer.rightAt(std::exp(levels_[level]));
                ++column;
            }
}

double Staircase::next() const {
    int best = 0;
    double least = 0;
    for (int level = 0; level < levelCount; ++level) {
        const Eigen::VectorXd right = right_.row(level).transpose().cwiseProduct(belief_);
        const Eigen::ArrayXd ifRight = marginal(right), ifWrong = marginal(belief_ - right);
        const double p = ifRight.sum();
        const double expected =
            p * entropy(ifRight / std::max(1e-300, p)) + (1 - p) * entropy(ifWrong / std::max(1e-300, 1 - p));
        if (level > 0 && expected >= least) continue;
        least = expected;
        best = level;
    }
    return std::exp(levels_[best]);
}

int Staircase::levelOf(double apart) const {
    const double step = levels_[1] - levels_[0];
    return std::clamp(int(std::lround((std::log(std::max(apart, scale_.least)) - levels_[0]) / step)), 0,
                      levelCount - 1);
}

void Staircase::answer(double apart, bool isRight) {
    const Eigen::VectorXd right = right_.row(levelOf(apart)).transpose();
    belief_ = belief_.cwiseProduct(isRight ? right : Eigen::VectorXd(Eigen::VectorXd::Ones(right.size()) - right));
    belief_ /= belief_.sum();
    ++trials_;
}

Threshold Staircase::threshold() const {
    const Eigen::ArrayXd shares = marginal(belief_);
    const double half = 0.5 * (thresholds_[1] - thresholds_[0]);
    // Each threshold stands for all as near to it as to none other.
    const auto upTo = [&](double part) {
        double sum = 0;
        for (int i = 0; i < thresholdCount; ++i) {
            if (sum + shares[i] >= part) return std::exp(thresholds_[i] - half + 2 * half * (part - sum) / shares[i]);
            sum += shares[i];
        }
        return scale_.most;
    };
    return {upTo(0.5), upTo(0.05), upTo(0.95)};
}

}  // namespace practice
