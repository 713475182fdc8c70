#include "review/stick_reading.h"

#include <array>
#include <numeric>
#include <opencv2/core.hpp>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "pigment/film.h"
#include "review/least_squares.h"

namespace review {

namespace {

using colour::Lab;
using colour::Spectrum;

/// Unknowns: L, a, b of the masstone; the logarithm of S times thickness of the light layer, and by how much it grows
/// with each step of pressure; for each pressure what the layer covers, as the logarithm of covered by bare.
constexpr std::size_t unknownCount = 9;

/// What is taken for usual tells next to nothing where the readings tell anything: a light layer of a soft stick, about
/// twice as much with each step, and nearly all covered.
const double usualReading[] = {0.5, 0.7, 0.7, 4, 4, 4};
const double usualSpread[] = {1.5, 0.3, 0.3, 1.3, 1.3, 1.3};

double logScatter(const Unknowns& x, int pressure) {
    return std::accumulate(x.begin() + 3, x.begin() + 4 + pressure, 0.0);
}

double coverageOf(double logOdds) {
    return 1 / (1 + std::exp(-logOdds));
}

struct Target {
    int pressure;
    const Spectrum* ground;
    Lab read;
    double error;  // CIELAB units
};

/// What the film of these unknowns looks like on the target.
Lab seen(const Unknowns& x, const Target& target) {
    const Lab masstone{std::clamp(x[0], 0.5, 99.5), x[1], x[2]};
    const Spectrum ratio = pigment::absorptionOverScatter(colour::reflectanceFromXyz(colour::xyzFromLab(masstone)));
    const float scatter = float(std::exp(std::clamp(logScatter(x, target.pressure), -6.0, 5.0)));
    const Spectrum film = pigment::filmOver(scatter * ratio, Spectrum::Constant(scatter), *target.ground);
    const auto covered = float(coverageOf(x[std::size_t(6 + target.pressure)]));
    return colour::labOfReflectance(*target.ground + covered * (film - *target.ground), colour::Light::daylight65);
}

std::vector<double> residualsOf(const std::vector<Target>& targets, const Unknowns& x) {
    std::vector<double> residuals;
    for (const Target& target : targets) {
        const Lab lab = seen(x, target);
        residuals.push_back((lab.L - target.read.L) / target.error);
        residuals.push_back((lab.a - target.read.a) / target.error);
        residuals.push_back((lab.b - target.read.b) / target.error);
    }
    for (std::size_t i = 0; i < 6; ++i) residuals.push_back((x[3 + i] - usualReading[i]) / usualSpread[i]);
    return residuals;
}

/// The standard error of a sum of so many unknowns from the first on.
double errorOfSum(const cv::Mat& covariance, int first, int count) {
    const cv::Range range(first, first + count);
    return std::sqrt(std::max(0.0, cv::sum(covariance(range, range))[0]));
}

}  // namespace

std::optional<StickReading> stickFrom(const std::array<FieldReading, 3>& fields, const CardReading& card) {
    const Spectrum white = colour::reflectanceFromXyz(card.white), black = colour::reflectanceFromXyz(card.black);
    std::vector<Target> targets;
    StickReading stick;
    // The printer's inks and the camera are no better known than this.
    constexpr double leastError = 0.4;
    Unknowns x(unknownCount);
    x[0] = 50;
    std::ranges::copy(usualReading, x.begin() + 3);
    for (int p = 0; p < 3; ++p) {
        const FieldReading& field = fields[std::size_t(p)];
        if (field.state != FieldState::good) continue;
        const double error = std::hypot(leastError, field.error);
        const Lab overWhite = colour::labFromXyz(field.overWhite), overBlack = colour::labFromXyz(field.overBlack);
        targets.push_back({p, &white, overWhite, error});
        targets.push_back({p, &black, overBlack, error});
        stick.contrastRatio[std::size_t(p)] = std::min(1.0, field.overBlack.y / std::max(1e-6, field.overWhite.y));
        // The heaviest good layer is nearest to the masstone.
        x[0] = (overWhite.L + overBlack.L) / 2;
        x[1] = (overWhite.a + overBlack.a) / 2;
        x[2] = (overWhite.b + overBlack.b) / 2;
    }
    if (targets.empty()) return std::nullopt;

    const Fitted fitted = leastSquares([&](const Unknowns& at) { return residualsOf(targets, at); }, x);
    x = fitted.values;
    const cv::Mat& covariance = fitted.covariance;
    const Lab masstone{std::clamp(x[0], 0.5, 99.5), x[1], x[2]};
    stick.masstone = colour::xyzFromLab(masstone);
    stick.masstoneError = std::sqrt(cv::trace(covariance(cv::Rect(0, 0, 3, 3)))[0]);
    for (int p = 0; p < 3; ++p) {
        stick.scatter[std::size_t(p)] = std::exp(logScatter(x, p));
        stick.coverage[std::size_t(p)] = coverageOf(x[std::size_t(6 + p)]);
        stick.scatterError[std::size_t(p)] = std::min(1.0, errorOfSum(covariance, 3, p + 1));
    }
    for (const Target& target : targets)
        stick.misfit += colour::differenceCie2000(seen(x, target), target.read) / double(targets.size());
    return stick;
}

}  // namespace review
