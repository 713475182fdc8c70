#include "colour/appearance.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "colour/adaptation.h"

namespace colour {

namespace {

struct SurroundFactors {
    double adaptation, impact, induction;
};

SurroundFactors factorsOf(Surround surround) {
    switch (surround) {
        case Surround::dim:
            return {0.9, 0.59, 0.9};
        case Surround::dark:
            return {0.8, 0.525, 0.8};
        default:
            return {1.0, 0.69, 1.0};
    }
}

Eigen::Vector3d conesOf(const Xyz& xyz) {
    return cat16Cones() * Eigen::Vector3d(100 * xyz.x, 100 * xyz.y, 100 * xyz.z);
}

double achromatic(const Eigen::Vector3d& response) {
    return 2 * response[0] + response[1] + response[2] / 20;
}

}  // namespace

AppearanceModel::AppearanceModel(const ViewingConditions& conditions) {
    const SurroundFactors surround = factorsOf(conditions.surround);
    const double la = conditions.adaptingLuminance;
    const double degree = surround.adaptation * (1 - std::exp((-la - 42) / 92) / 3.6);
    coneFactors_ = conesOf(conditions.white).unaryExpr([d = std::clamp(degree, 0.0, 1.0)](double w) {
        return d * 100 / w + 1 - d;
    });
    const double k4 = std::pow(1 / (5 * la + 1), 4);
    luminanceLevel_ = 0.2 * k4 * 5 * la + 0.1 * (1 - k4) * (1 - k4) * std::cbrt(5 * la);
    const double n = conditions.backgroundY / conditions.white.y;
    brightnessInduction_ = 0.725 * std::pow(n, -0.2);
    exponent_ = surround.impact * (1.48 + std::sqrt(n));
    chromaFactor_ = std::pow(1.64 - std::pow(0.29, n), 0.73);
    inductionFactor_ = 50000.0 / 13.0 * surround.induction * brightnessInduction_;
    whiteResponse_ = achromatic(adapted(conditions.white));
}

Eigen::Vector3d AppearanceModel::adapted(const Xyz& xyz) const {
    return conesOf(xyz).cwiseProduct(coneFactors_).unaryExpr([this](double v) {
        const double p = std::pow(luminanceLevel_ * std::fabs(v) / 100, 0.42);
        return std::copysign(400 * p / (p + 27.13), v);
    });
}

Appearance AppearanceModel::of(const Xyz& xyz) const {
    const Eigen::Vector3d r = adapted(xyz);
    const double a = r[0] - 12 * r[1] / 11 + r[2] / 11;
    const double b = (r[0] + r[1] - 2 * r[2]) / 9;
    const double J = 100 * std::pow(std::max(0.0, achromatic(r) / whiteResponse_), exponent_);
    const double h = hue({0, a, b});
    const double eccentricity = (std::cos(h * std::numbers::pi / 180 + 2) + 3.8) / 4;
    const double t = inductionFactor_ * eccentricity * std::hypot(a, b) / (r[0] + r[1] + 21.0 / 20.0 * r[2] + 0.305);
    return {J, std::pow(t, 0.9) * std::sqrt(J / 100) * chromaFactor_, h};
}

}  // namespace colour
