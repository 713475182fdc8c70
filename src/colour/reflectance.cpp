#include "colour/reflectance.h"

#include <Eigen/LU>
#include <algorithm>
#include <array>

#include "colour/adaptation.h"

namespace colour {

namespace {

using Bands = Eigen::Matrix<double, bandCount, 1>;
using Weights = Eigen::Matrix<double, 3, bandCount>;

/// Rows give XYZ under the light itself, Y = 1 for the perfect white.
Weights weightsUnder(const std::array<double, bandCount>& light) {
    Weights weights;
    for (int i = 0; i < bandCount; ++i)
        weights.col(i) = light[i] * Eigen::Vector3d(cie::xBar[i], cie::yBar[i], cie::zBar[i]);
    return weights / weights.row(1).sum();
}

/// Rows give XYZ relative to `white` by Bradford.
Weights adaptedWeights(const std::array<double, bandCount>& light, const Xyz& white) {
    const Weights weights = weightsUnder(light);
    const Eigen::Vector3d own = weights.rowwise().sum();
    return bradford({own[0], own[1], own[2]}, white) * weights;
}

const Eigen::Matrix<float, 3, bandCount>& weightsFor(Light light) {
    static const std::array<Eigen::Matrix<float, 3, bandCount>, 3> all{
        adaptedWeights(cie::illuminantD65, whiteD50).cast<float>(),
        adaptedWeights(cie::illuminantD50, whiteD50).cast<float>(),
        adaptedWeights(cie::illuminantA, whiteD50).cast<float>()};
    return all[static_cast<int>(light)];
}

/// Rows give linear sRGB.
const Weights& linearSrgbWeights() {
    static const Weights weights = xyzFromLinearSrgb().inverse() * adaptedWeights(cie::illuminantD65, whiteSrgb);
    return weights;
}

/// Second differences with free ends: the gradient of the sum of squared slopes.
const Eigen::Matrix<double, bandCount, bandCount>& slopeMatrix() {
    static const auto matrix = [] {
        Eigen::Matrix<double, bandCount, bandCount> d = Eigen::Matrix<double, bandCount, bandCount>::Zero();
        for (int i = 0; i + 1 < bandCount; ++i) {
            d(i, i) += 2;
            d(i + 1, i + 1) += 2;
            d(i, i + 1) -= 2;
            d(i + 1, i) -= 2;
        }
        return d;
    }();
    return matrix;
}

}  // namespace

Xyz xyzOfReflectance(const Spectrum& reflectance, Light light) {
    const Eigen::Vector3f xyz = weightsFor(light) * reflectance.matrix();
    return {xyz[0], xyz[1], xyz[2]};
}

Lab labOfReflectance(const Spectrum& reflectance, Light light) {
    return labFromXyz(xyzOfReflectance(reflectance, light));
}

Spectrum reflectanceFromSrgb(const Srgb& srgb) {
    // The method has no finite answer on the very border of the gamut; this far inside it is 0.01 ΔE00 away.
    constexpr double inside = 1e-5;
    const auto component = [inside](double v) { return std::clamp(linearFromEncoded(v), inside, 1.0 - inside); };
    const Eigen::Vector3d target(component(srgb.r), component(srgb.g), component(srgb.b));
    const Weights& t = linearSrgbWeights();

    Bands z = Bands::Zero();
    Eigen::Vector3d lambda = Eigen::Vector3d::Zero();
    Eigen::Matrix<double, bandCount + 3, bandCount + 3> jacobian;
    Eigen::Matrix<double, bandCount + 3, 1> f;
    for (int iteration = 0; iteration < 60; ++iteration) {
        const Bands tanh = z.array().tanh();
        const Bands slope = (1.0 - tanh.array().square()) / 2.0;
        const Bands pull = t.transpose() * lambda;
        f.head<bandCount>() = slopeMatrix() * z + slope.cwiseProduct(pull);
        f.tail<3>() = t * ((tanh.array() + 1.0) / 2.0).matrix() - target;
        if (f.cwiseAbs().maxCoeff() < 1e-9) break;

        jacobian.setZero();
        jacobian.topLeftCorner<bandCount, bandCount>() = slopeMatrix();
        jacobian.diagonal().head<bandCount>() -= 2.0 * slope.cwiseProduct(tanh).cwiseProduct(pull);
        jacobian.topRightCorner<bandCount, 3>() = slope.asDiagonal() * t.transpose();
        jacobian.bottomLeftCorner<3, bandCount>() = t * slope.asDiagonal();
        const Eigen::Matrix<double, bandCount + 3, 1> step = jacobian.partialPivLu().solve(-f);
        // Saturated colours start far from their answer: a bounded step keeps tanh from running flat.
        const double largest = step.head<bandCount>().cwiseAbs().maxCoeff();
        const double damping = std::min(1.0, 2.0 / largest);
        z += damping * step.head<bandCount>();
        lambda += damping * step.tail<3>();
    }
    return ((z.array().tanh() + 1.0) / 2.0).cast<float>();
}

}  // namespace colour
