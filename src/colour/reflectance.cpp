#include "colour/reflectance.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <optional>

#include "colour/adaptation.h"

namespace colour {

namespace {

using Bands = Eigen::Matrix<double, bandCount, 1>;
using Weights = Eigen::Matrix<double, 3, bandCount>;

/// Rows give XYZ relative to D50 by Bradford.
Weights weightsUnder(Light light) {
    Weights weights;
    const auto& power = spectrumOf(light);
    for (int i = 0; i < bandCount; ++i)
        weights.col(i) = power[i] * Eigen::Vector3d(cie::xBar[i], cie::yBar[i], cie::zBar[i]);
    return bradford(whiteOf(light), whiteD50) * weights / weights.row(1).sum();
}

/// A symmetric matrix with `diagonal` and `beside` next to it, solved for several right-hand sides at once by
/// elimination along the diagonal.
template <int columns>
void solveTridiagonal(Bands diagonal, double beside,
                      Eigen::Matrix<double, bandCount, columns, Eigen::RowMajor>& right) {
    static constexpr double least = 1e-9;  // an indefinite matrix may pass through zero
    const auto safe = [](double pivot) { return std::fabs(pivot) < least ? least : pivot; };
    diagonal[0] = safe(diagonal[0]);
    for (int i = 1; i < bandCount; ++i) {
        const double factor = beside / diagonal[i - 1];
        diagonal[i] = safe(diagonal[i] - factor * beside);
        right.row(i) -= factor * right.row(i - 1);
    }
    right.row(bandCount - 1) /= diagonal[bandCount - 1];
    for (int i = bandCount - 2; i >= 0; --i) right.row(i) = (right.row(i) - beside * right.row(i + 1)) / diagonal[i];
}

/// Newton's method on the conditions for the least sum of squared slopes of z, where the reflectance is
/// (tanh z + 1) / 2 and its XYZ is `target`. The slopes' matrix has three diagonals and the colour only three numbers,
/// so each step costs one sweep over the bands and a 3 x 3 system. Nothing when it finds no such reflectance.
std::optional<Spectrum> smoothest(const Eigen::Vector3d& target) {
    static const Weights t = weightsUnder(Light::daylight65);
    Bands z = Bands::Constant(std::atanh(std::clamp(2 * target[1] - 1, -0.99, 0.99)));
    Eigen::Vector3d lambda = Eigen::Vector3d::Zero();
    for (int iteration = 0; iteration < 50; ++iteration) {
        const Bands tanh = z.unaryExpr([](double v) { return std::tanh(v); });
        const Bands slope = (1.0 - tanh.array().square()) / 2.0;
        const Bands pull = t.transpose() * lambda;
        Bands optimality = slope.cwiseProduct(pull);
        for (int i = 0; i + 1 < bandCount; ++i) {
            const double step = 2 * (z[i + 1] - z[i]);
            optimality[i] -= step;
            optimality[i + 1] += step;
        }
        const Eigen::Vector3d miss = t * ((tanh.array() + 1.0) / 2.0).matrix() - target;
        if (miss.cwiseAbs().maxCoeff() < 1e-8 && optimality.cwiseAbs().maxCoeff() < 1e-6)
            return Spectrum(((tanh.array() + 1.0) / 2.0).cast<float>());

        // Free ends; a trace is added because the slopes alone do not see a constant.
        Bands diagonal = Bands::Constant(4 + 1e-8) - 2.0 * slope.cwiseProduct(tanh).cwiseProduct(pull);
        diagonal[0] -= 2;
        diagonal[bandCount - 1] -= 2;
        Eigen::Matrix<double, bandCount, 4, Eigen::RowMajor> right;
        right.leftCols<3>() = slope.asDiagonal() * t.transpose();
        right.col(3) = optimality;
        const Eigen::Matrix<double, 3, bandCount> constraint = t * slope.asDiagonal();
        solveTridiagonal(diagonal, -2, right);
        const Eigen::Matrix3d schur = constraint * right.leftCols<3>();
        const Eigen::Vector3d lambdaStep = schur.partialPivLu().solve(miss - constraint * right.col(3));
        const Bands step = -right.col(3) - right.leftCols<3>() * lambdaStep;
        // Saturated colours start far from their answer: a bounded step keeps tanh from running flat.
        const double damping = std::min(1.0, 2.0 / step.cwiseAbs().maxCoeff());
        if (!(damping > 0)) return std::nullopt;
        z += damping * step;
        lambda += damping * lambdaStep;
    }
    return std::nullopt;
}

}  // namespace

const XyzWeights& xyzWeights(Light light) {
    static const auto all = [] {
        std::array<XyzWeights, lightCount> weights;
        for (int i = 0; i < lightCount; ++i)
            Eigen::Map<Eigen::Matrix<float, 3, bandCount, Eigen::RowMajor>>(weights[i][0].data()) =
                weightsUnder(Light(i)).cast<float>();
        return weights;
    }();
    return all[static_cast<int>(light)];
}

Xyz xyzOfReflectance(const Spectrum& reflectance, Light light) {
    const XyzWeights& weights = xyzWeights(light);
    float sums[3];
    for (int c = 0; c < 3; ++c) sums[c] = (Eigen::Map<const Spectrum>(weights[c].data()) * reflectance).sum();
    return {sums[0], sums[1], sums[2]};
}

Lab labOfReflectance(const Spectrum& reflectance, Light light) {
    return labFromXyz(xyzOfReflectance(reflectance, light));
}

Lab labUnder(const Lab& inDaylight, Light light) {
    if (light == Light::daylight65) return inDaylight;
    return labOfReflectance(reflectanceFromXyz(xyzFromLab(inDaylight)), light);
}

Spectrum reflectanceFromXyz(const Xyz& xyz) {
    const double y = std::clamp(xyz.y, 1e-5, 1.0 - 1e-5);
    const Eigen::Vector3d grey(whiteD50.x * y, y, whiteD50.z * y);
    const Eigen::Vector3d wanted(xyz.x, xyz.y, xyz.z);
    if (const auto whole = smoothest(wanted)) return *whole;
    // Halving finds how far from the grey a reflectance still exists.
    Spectrum best = Spectrum::Constant(float(y));
    double reached = 0;
    for (double step = 0.5; step > 1e-3; step /= 2)
        if (const auto nearer = smoothest(grey + (reached + step) * (wanted - grey))) {
            best = *nearer;
            reached += step;
        }
    return best;
}

Spectrum reflectanceFromSrgb(const Srgb& srgb) {
    // The method has no finite answer on the very border of the gamut; this far inside it is 0.01 ΔE00 away.
    constexpr double inside = 1e-5;
    const auto component = [inside](double v) {
        return encodedFromLinear(std::clamp(linearFromEncoded(v), inside, 1.0 - inside));
    };
    return reflectanceFromXyz(xyzFromSrgb({component(srgb.r), component(srgb.g), component(srgb.b)}));
}

}  // namespace colour
