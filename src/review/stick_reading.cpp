#include "review/stick_reading.h"

#include <Eigen/Dense>
#include <unsupported/Eigen/NonLinearOptimization>
#include <unsupported/Eigen/NumericalDiff>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "pigment/film.h"

namespace review {

namespace {

using colour::Lab;
using colour::Spectrum;

/// Unknowns: L, a, b of the masstone; the logarithm of S times thickness of the light layer, and by how much it grows
/// with each step of pressure; for each pressure what the layer covers, as the logarithm of covered by bare.
constexpr int unknowns = 9;
using Unknowns = Eigen::VectorXd;

/// What is taken for usual tells next to nothing where the readings tell anything: a light layer of a soft stick, about
/// twice as much with each step, and nearly all covered.
const double usualReading[] = {0.5, 0.7, 0.7, 4, 4, 4};
const double usualSpread[] = {1.5, 0.3, 0.3, 1.3, 1.3, 1.3};

double logScatter(const Unknowns& x, int pressure) {
    return x.segment(3, pressure + 1).sum();
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

class Misfit {
 public:
    using Scalar = double;
    using InputType = Unknowns;
    using ValueType = Eigen::VectorXd;
    using JacobianType = Eigen::MatrixXd;
    enum { InputsAtCompileTime = Eigen::Dynamic, ValuesAtCompileTime = Eigen::Dynamic };

    explicit Misfit(const std::vector<Target>& targets) : targets_(targets) {}
    int inputs() const { return unknowns; }
    int values() const { return int(targets_.size()) * 3 + 6; }

    static Lab seen(const Unknowns& x, const Target& target) {
        const Lab masstone{std::clamp(x[0], 0.5, 99.5), x[1], x[2]};
        const Spectrum ratio = pigment::absorptionOverScatter(colour::reflectanceFromXyz(colour::xyzFromLab(masstone)));
        const float scatter = float(std::exp(std::clamp(logScatter(x, target.pressure), -6.0, 5.0)));
        const Spectrum film = pigment::filmOver(scatter * ratio, Spectrum::Constant(scatter), *target.ground);
        const auto covered = float(coverageOf(x[6 + target.pressure]));
        return colour::labOfReflectance(*target.ground + covered * (film - *target.ground), colour::Light::daylight65);
    }
    int operator()(const Unknowns& x, Eigen::VectorXd& residuals) const {
        for (std::size_t i = 0; i < targets_.size(); ++i) {
            const Target& target = targets_[i];
            const Lab lab = seen(x, target);
            const auto at = Eigen::Index(3 * i);
            residuals[at] = (lab.L - target.read.L) / target.error;
            residuals[at + 1] = (lab.a - target.read.a) / target.error;
            residuals[at + 2] = (lab.b - target.read.b) / target.error;
        }
        for (int i = 0; i < 6; ++i) residuals[residuals.size() - 6 + i] = (x[3 + i] - usualReading[i]) / usualSpread[i];
        return 0;
    }

 private:
    const std::vector<Target>& targets_;
};

}  // namespace

std::optional<StickReading> stickFrom(const std::array<FieldReading, 3>& fields, const CardReading& card) {
    const Spectrum white = colour::reflectanceFromXyz(card.white), black = colour::reflectanceFromXyz(card.black);
    std::vector<Target> targets;
    StickReading stick;
    // The printer's inks and the camera are no better known than this.
    constexpr double leastError = 0.4;
    Unknowns x(unknowns);
    x << 50, 0, 0, usualReading[0], usualReading[1], usualReading[2], usualReading[3], usualReading[4], usualReading[5];
    for (int p = 0; p < 3; ++p) {
        const FieldReading& field = fields[std::size_t(p)];
        if (field.state != FieldState::good) continue;
        const double error = std::hypot(leastError, field.error);
        const Lab overWhite = colour::labFromXyz(field.overWhite), overBlack = colour::labFromXyz(field.overBlack);
        targets.push_back({p, &white, overWhite, error});
        targets.push_back({p, &black, overBlack, error});
        stick.contrastRatio[std::size_t(p)] = std::min(1.0, field.overBlack.y / std::max(1e-6, field.overWhite.y));
        // The heaviest good layer is nearest to the masstone.
        x.head<3>() << (overWhite.L + overBlack.L) / 2, (overWhite.a + overBlack.a) / 2,
            (overWhite.b + overBlack.b) / 2;
    }
    if (targets.empty()) return std::nullopt;

    Eigen::NumericalDiff<Misfit, Eigen::Central> misfit(Misfit(targets), 1e-5);
    Eigen::LevenbergMarquardt<Eigen::NumericalDiff<Misfit, Eigen::Central>> solver(misfit);
    solver.parameters.maxfev = 3000;
    solver.minimize(x);

    Eigen::MatrixXd slopes(misfit.values(), unknowns);
    misfit.df(x, slopes);
    const Eigen::MatrixXd covariance =
        (slopes.transpose() * slopes).ldlt().solve(Eigen::MatrixXd::Identity(unknowns, unknowns));
    const Lab masstone{std::clamp(x[0], 0.5, 99.5), x[1], x[2]};
    stick.masstone = colour::xyzFromLab(masstone);
    stick.masstoneError = std::sqrt(std::max(0.0, covariance.topLeftCorner<3, 3>().trace()));
    for (int p = 0; p < 3; ++p) {
        stick.scatter[std::size_t(p)] = std::exp(logScatter(x, p));
        stick.coverage[std::size_t(p)] = coverageOf(x[6 + p]);
        stick.scatterError[std::size_t(p)] =
            std::min(1.0, std::sqrt(std::max(0.0, covariance.block(3, 3, p + 1, p + 1).sum())));
    }
    for (const Target& target : targets)
        stick.misfit += colour::differenceCie2000(Misfit::seen(x, target), target.read) / double(targets.size());
    return stick;
}

}  // namespace review
