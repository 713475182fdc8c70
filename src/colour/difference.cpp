#include "colour/difference.h"

#include <cmath>
#include <numbers>

namespace colour {

namespace {

constexpr double radians(double degrees) {
    return degrees * std::numbers::pi / 180.0;
}

double seventh(double v) {
    const double cube = v * v * v;
    return cube * cube * v;
}

/// Share of chroma that CIEDE2000 counts as lost near the greys: sqrt(c^7 / (c^7 + 25^7)).
double chromaWeight(double c) {
    const double c7 = seventh(c);
    return std::sqrt(c7 / (c7 + 6103515625.0));
}

double hueAngle(double a, double b) {
    if (a == 0 && b == 0) return 0;
    const double h = std::atan2(b, a);
    return h < 0 ? h + 2.0 * std::numbers::pi : h;
}

}  // namespace

double differenceCie2000(const Lab& one, const Lab& other) {
    constexpr double pi = std::numbers::pi;
    const double g = 0.5 * (1.0 - chromaWeight((chroma(one) + chroma(other)) / 2.0));
    const double a1 = one.a * (1.0 + g);
    const double a2 = other.a * (1.0 + g);
    const double c1 = std::hypot(a1, one.b);
    const double c2 = std::hypot(a2, other.b);
    const double h1 = hueAngle(a1, one.b);
    const double h2 = hueAngle(a2, other.b);

    double turn = 0;
    double meanHue = h1 + h2;
    if (c1 * c2 != 0) {
        turn = h2 - h1;
        if (turn > pi) turn -= 2.0 * pi;
        if (turn < -pi) turn += 2.0 * pi;
        if (std::fabs(h1 - h2) <= pi)
            meanHue = (h1 + h2) / 2.0;
        else
            meanHue = (h1 + h2 < 2.0 * pi ? h1 + h2 + 2.0 * pi : h1 + h2 - 2.0 * pi) / 2.0;
    }
    const double meanL = (one.L + other.L) / 2.0;
    const double meanC = (c1 + c2) / 2.0;

    const double t = 1.0 - 0.17 * std::cos(meanHue - radians(30)) + 0.24 * std::cos(2.0 * meanHue) +
                     0.32 * std::cos(3.0 * meanHue + radians(6)) - 0.20 * std::cos(4.0 * meanHue - radians(63));
    const double fifty = (meanL - 50.0) * (meanL - 50.0);
    const double sL = 1.0 + 0.015 * fifty / std::sqrt(20.0 + fifty);
    const double sC = 1.0 + 0.045 * meanC;
    const double sH = 1.0 + 0.015 * meanC * t;
    const double blue = (meanHue / radians(1) - 275.0) / 25.0;
    const double rotation = -std::sin(radians(60.0 * std::exp(-blue * blue))) * 2.0 * chromaWeight(meanC);

    const double l = (other.L - one.L) / sL;
    const double c = (c2 - c1) / sC;
    const double h = 2.0 * std::sqrt(c1 * c2) * std::sin(turn / 2.0) / sH;
    return std::sqrt(l * l + c * c + h * h + rotation * c * h);
}

double differenceCie76(const Lab& one, const Lab& other) {
    return std::sqrt((one.L - other.L) * (one.L - other.L) + (one.a - other.a) * (one.a - other.a) +
                     (one.b - other.b) * (one.b - other.b));
}

}  // namespace colour
