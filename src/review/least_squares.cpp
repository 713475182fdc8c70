#include "review/least_squares.h"

#include <algorithm>
#include <cmath>
#include <opencv2/calib3d.hpp>

namespace review {

namespace {

using Residuals = std::function<std::vector<double>(const Unknowns&)>;

class Misfit : public cv::LMSolver::Callback {
 public:
    explicit Misfit(const Residuals& residuals) : residuals_(residuals) {}

    bool compute(cv::InputArray at, cv::OutputArray residuals, cv::OutputArray slopes) const override {
        const cv::Mat x = at.getMat();
        const Unknowns unknowns(x.ptr<double>(), x.ptr<double>() + x.total());
        residualsAt(unknowns).copyTo(residuals);
        if (slopes.needed()) slopesAt(unknowns).copyTo(slopes);
        return true;
    }
    /// A row each residual, a column each unknown.
    cv::Mat slopesAt(Unknowns x) const {
        cv::Mat slopes;
        for (std::size_t i = 0; i < x.size(); ++i) {
            // A smaller step would be lost in single precision.
            const double kept = x[i], reach = 3e-3 * std::max(1.0, std::fabs(kept));
            x[i] = kept + reach;
            const cv::Mat more = residualsAt(x);
            x[i] = kept - reach;
            const cv::Mat slope = (more - residualsAt(x)) / (2 * reach);
            x[i] = kept;
            if (slopes.empty()) slopes.create(slope.rows, int(x.size()), CV_64F);
            slope.copyTo(slopes.col(int(i)));
        }
        return slopes;
    }

 private:
    cv::Mat residualsAt(const Unknowns& x) const { return cv::Mat(residuals_(x), true); }

    const Residuals& residuals_;
};

}  // namespace

Fitted leastSquares(const Residuals& residuals, const Unknowns& start, int mostSteps) {
    const auto misfit = cv::makePtr<Misfit>(residuals);
    cv::Mat found(start, true);
    cv::LMSolver::create(misfit, mostSteps)->run(found);
    Fitted fitted{Unknowns(found.ptr<double>(), found.ptr<double>() + found.total()), {}};
    const cv::Mat slopes = misfit->slopesAt(fitted.values);
    fitted.covariance = cv::Mat(slopes.t() * slopes).inv(cv::DECOMP_SVD);
    return fitted;
}

}  // namespace review
