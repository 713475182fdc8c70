#include "colour/lab.h"

#include <cmath>
#include <numbers>

namespace colour {

namespace {

constexpr double epsilon = 216.0 / 24389.0;
constexpr double kappa = 24389.0 / 27.0;
constexpr double degreesPerRadian = 180.0 / std::numbers::pi;

double compress(double t) {
    return t > epsilon ? std::cbrt(t) : (kappa * t + 16.0) / 116.0;
}

double expand(double f) {
    const double cube = f * f * f;
    return cube > epsilon ? cube : (116.0 * f - 16.0) / kappa;
}

}  // namespace

Lab labFromXyz(const Xyz& xyz) {
    const double fx = compress(xyz.x / whiteD50.x);
    const double fy = compress(xyz.y / whiteD50.y);
    const double fz = compress(xyz.z / whiteD50.z);
    return {116.0 * fy - 16.0, 500.0 * (fx - fy), 200.0 * (fy - fz)};
}

Xyz xyzFromLab(const Lab& lab) {
    const double fy = (lab.L + 16.0) / 116.0;
    return {whiteD50.x * expand(fy + lab.a / 500.0), whiteD50.y * expand(fy), whiteD50.z * expand(fy - lab.b / 200.0)};
}

Lch lchFromLab(const Lab& lab) {
    return {lab.L, chroma(lab), hue(lab)};
}

Lab labFromLch(const Lch& lch) {
    const double radians = lch.h / degreesPerRadian;
    return {lch.L, lch.c * std::cos(radians), lch.c * std::sin(radians)};
}

double chroma(const Lab& lab) {
    return std::hypot(lab.a, lab.b);
}

double hue(const Lab& lab) {
    if (lab.a == 0 && lab.b == 0) return 0;
    const double degrees = std::atan2(lab.b, lab.a) * degreesPerRadian;
    return degrees < 0 ? degrees + 360.0 : degrees;
}

double hueDistance(double degrees1, double degrees2) {
    return std::fabs(std::remainder(degrees1 - degrees2, 360.0));
}

}  // namespace colour
