#include "colour/srgb.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "colour/adaptation.h"

namespace colour {

namespace {

Eigen::Matrix3d primariesToXyz() {
    Eigen::Matrix3d primaries;
    primaries << 0.64 / 0.33, 0.30 / 0.60, 0.15 / 0.06, 1.0, 1.0, 1.0, 0.03 / 0.33, 0.10 / 0.60, 0.79 / 0.06;
    const Eigen::Vector3d scale = primaries.inverse() * Eigen::Vector3d(whiteSrgb.x, whiteSrgb.y, whiteSrgb.z);
    return primaries * scale.asDiagonal();
}

const Eigen::Matrix3d& linearFromD50() {
    static const Eigen::Matrix3d matrix = d50FromLinearSrgb().inverse();
    return matrix;
}

int hexDigit(char c) {
    if (c >= '0' && c <= '9') return c - '0';
    if (c >= 'a' && c <= 'f') return c - 'a' + 10;
    if (c >= 'A' && c <= 'F') return c - 'A' + 10;
    return -1;
}

}  // namespace

double linearFromEncoded(double component) {
    if (component < 0) return -linearFromEncoded(-component);
    return component <= 0.04045 ? component / 12.92 : std::pow((component + 0.055) / 1.055, 2.4);
}

double encodedFromLinear(double component) {
    if (component < 0) return -encodedFromLinear(-component);
    return component <= 0.0031308 ? component * 12.92 : 1.055 * std::pow(component, 1.0 / 2.4) - 0.055;
}

const Eigen::Matrix3d& xyzFromLinearSrgb() {
    static const Eigen::Matrix3d matrix = primariesToXyz();
    return matrix;
}

const Eigen::Matrix3d& d50FromLinearSrgb() {
    static const Eigen::Matrix3d matrix = bradford(whiteSrgb, whiteD50) * xyzFromLinearSrgb();
    return matrix;
}

Xyz xyzFromSrgb(const Srgb& srgb) {
    const Eigen::Vector3d linear(linearFromEncoded(srgb.r), linearFromEncoded(srgb.g), linearFromEncoded(srgb.b));
    const Eigen::Vector3d xyz = d50FromLinearSrgb() * linear;
    return {xyz[0], xyz[1], xyz[2]};
}

Srgb srgbFromXyz(const Xyz& xyz) {
    const Eigen::Vector3d linear = linearFromD50() * Eigen::Vector3d(xyz.x, xyz.y, xyz.z);
    return {encodedFromLinear(linear[0]), encodedFromLinear(linear[1]), encodedFromLinear(linear[2])};
}

Lab labFromSrgb(const Srgb& srgb) {
    return labFromXyz(xyzFromSrgb(srgb));
}

Srgb srgbFromLab(const Lab& lab) {
    return srgbFromXyz(xyzFromLab(lab));
}

Srgb srgbFromSrgb8(Srgb8 srgb) {
    return {srgb.r / 255.0, srgb.g / 255.0, srgb.b / 255.0};
}

Lab labFromSrgb8(Srgb8 srgb) {
    return labFromSrgb(srgbFromSrgb8(srgb));
}

Srgb8 srgb8FromSrgb(const Srgb& srgb) {
    const auto byte = [](double v) { return static_cast<std::uint8_t>(std::lround(std::clamp(v, 0.0, 1.0) * 255.0)); };
    return {byte(srgb.r), byte(srgb.g), byte(srgb.b)};
}

std::string hexFromSrgb8(Srgb8 srgb) {
    static constexpr char digits[] = "0123456789abcdef";
    std::string hex = "#";
    for (const std::uint8_t byte : {srgb.r, srgb.g, srgb.b}) {
        hex += digits[byte >> 4];
        hex += digits[byte & 15];
    }
    return hex;
}

std::optional<Srgb8> srgb8FromHex(std::string_view hex) {
    if (hex.size() != 7 || hex[0] != '#') return std::nullopt;
    int bytes[3];
    for (int i = 0; i < 3; ++i) {
        const int high = hexDigit(hex[1 + 2 * i]);
        const int low = hexDigit(hex[2 + 2 * i]);
        if (high < 0 || low < 0) return std::nullopt;
        bytes[i] = high * 16 + low;
    }
    return Srgb8{static_cast<std::uint8_t>(bytes[0]), static_cast<std::uint8_t>(bytes[1]),
                 static_cast<std::uint8_t>(bytes[2])};
}

}  // namespace colour
