#include "review/flat_sheet.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "colour/image_colour.h"

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

/// How the light falls over the sheet: the logarithm of its strength as a polynomial of the second degree in place.
class Light {
 public:
    struct Spot {
        cv::Point2d millimetres;
        cv::Vec3f seen;
    };
    Light(const std::vector<Spot>& spots, const cv::Size2d& size) : size_(size) {
        Eigen::MatrixXd terms(Eigen::Index(spots.size()), count);
        Eigen::MatrixXd seen(Eigen::Index(spots.size()), 3);
        for (std::size_t i = 0; i < spots.size(); ++i) {
            terms.row(Eigen::Index(i)) = termsAt(spots[i].millimetres);
            for (int c = 0; c < 3; ++c) seen(Eigen::Index(i), c) = std::log(std::max(1e-4f, spots[i].seen[c]));
        }
        // What lies on the border (a finger, a crumb, a torn end of tape) does not count, nor does a shadow on it.
        Eigen::VectorXd weights = lit(terms.leftCols<3>(), seen.rowwise().mean());
        for (int pass = 0; pass < 6; ++pass) {
            Eigen::MatrixXd normal = terms.transpose() * weights.asDiagonal() * terms;
            normal.diagonal().tail(count - 1).array() += 1e-3 * double(spots.size());
            coefficients_ = normal.ldlt().solve(terms.transpose() * weights.asDiagonal() * seen);
            const Eigen::VectorXd off = (terms * coefficients_ - seen).rowwise().norm();
            std::vector<double> sorted(off.data(), off.data() + off.size());
            std::ranges::nth_element(sorted, sorted.begin() + std::ptrdiff_t(sorted.size() / 2));
            const double wide = std::max(0.02, 4 * sorted[sorted.size() / 2]);
            weights = (1 - (off.array() / wide).square()).max(0).square();
        }
    }
    /// The border as it would be seen at a place.
    cv::Vec3f at(const cv::Point2d& millimetres) const {
        const Eigen::RowVector3d log = termsAt(millimetres) * coefficients_;
        return {float(std::exp(log[0])), float(std::exp(log[1])), float(std::exp(log[2]))};
    }

 private:
    /// 1 where a spot lies near the plane that most spots reach and few lie above, else 0: by quantile regression
    /// (R. Koenker and G. Bassett, Econometrica 46, 1978), as reweighted least squares.
    static Eigen::VectorXd lit(const Eigen::MatrixX3d& plane, const Eigen::VectorXd& seen) {
        constexpr double quantile = 0.65, near = 0.14, least = 0.005;  // logarithms of light
        Eigen::VectorXd weights = Eigen::VectorXd::Ones(seen.size()), off;
        for (int pass = 0; pass < 20; ++pass) {
            const Eigen::Matrix3d normal = plane.transpose() * weights.asDiagonal() * plane;
            off = seen - plane * normal.ldlt().solve(plane.transpose() * weights.asDiagonal() * seen);
            for (Eigen::Index i = 0; i < off.size(); ++i)
                weights[i] = (off[i] > 0 ? quantile : 1 - quantile) / std::max(least, std::fabs(off[i]));
        }
        return (off.array().abs() < near).cast<double>();
    }
    static constexpr int count = 6;
    Eigen::Matrix<double, 1, count> termsAt(const cv::Point2d& millimetres) const {
        const double x = 2 * millimetres.x / size_.width - 1, y = 2 * millimetres.y / size_.height - 1;
        Eigen::Matrix<double, 1, count> terms;
        terms << 1, x, y, x * x, x * y, y * y;
        return terms;
    }
    cv::Size2d size_;
    Eigen::MatrixXd coefficients_;
};

/// The mean of the middle eight tenths of a piece of the photograph.
cv::Vec3f meanIn(const cv::Mat& piece) {
    std::vector<cv::Vec3f> all;
    for (int y = 0; y < piece.rows; ++y)
        for (int x = 0; x < piece.cols; ++x) all.push_back(piece.at<cv::Vec3f>(y, x));
    std::ranges::sort(all, {}, [](const cv::Vec3f& v) { return v[0] + v[1] + v[2]; });
    cv::Vec3d sum;
    const std::size_t skipped = all.size() / 10;
    for (std::size_t i = skipped; i < all.size() - skipped; ++i) sum += cv::Vec3d(all[i]);
    return cv::Vec3f(sum / double(all.size() - 2 * skipped));
}

/// CIEDE2000, one standard error; tape differs from maker to maker. From memory.
double errorOf(BalancedBy by) {
    switch (by) {
        case BalancedBy::greyCard:
            return 0.7;
        case BalancedBy::swatchCard:
            return 0.9;
        case BalancedBy::paper:
            return 1.2;
        case BalancedBy::tape:
            return 2.0;
    }
    return 0;
}

}  // namespace

common::Result<FlatSheet> flattened(const cv::Mat& xyz, const SheetPlace& place, const SoughtSheet& sought,
                                    const std::optional<LightReference>& reference, const std::string& name) {
    CV_Assert(xyz.type() == CV_32FC3);
    const double w = sought.widthMillimetres, h = sought.heightMillimetres, border = sought.borderMillimetres;
    const double pixelsPerMillimetre = sought.picture.cols / w;
    const int round = std::max(1, int(border * pixelsPerMillimetre));
    const double photographPixels =
        cv::norm(place.inPhotograph({w, h / 2}) - place.inPhotograph({0, h / 2})) / sought.picture.cols;
    // Light is joined before it is looked at: the eye's scale would make noise darker.
    cv::Mat source = xyz;
    if (photographPixels > 1.3) cv::GaussianBlur(xyz, source, {}, 0.45 * photographPixels);
    // With the border, as large as the picture is wanted; the mean of what falls into a pixel.
    cv::Mat linear =
        place.seenFlat(source, {-round / pixelsPerMillimetre, -round / pixelsPerMillimetre},
                       {sought.picture.cols + 2 * round, sought.picture.rows + 2 * round}, pixelsPerMillimetre);
    const cv::Rect inner(round, round, sought.picture.cols, sought.picture.rows);
    linear = colour::linearSrgbOfXyz(linear);
    cv::Mat burnt = cv::Mat::zeros(inner.size(), CV_8U);
    for (int y = 0; y < inner.height; ++y)
        for (int x = 0; x < inner.width; ++x) {
            const cv::Vec3f& there = linear.at<cv::Vec3f>(y + round, x + round);
            if (std::max({there[0], there[1], there[2]}) > 0.985f) burnt.at<uchar>(y, x) = 255;
        }
    constexpr double mostBurnt = 0.08;
    if (cv::countNonZero(burnt) > mostBurnt * double(burnt.total())) return Problem{ProblemKind::workTooBright, name};

    // Spots along the middle of the border.
    std::vector<Light::Spot> spots;
    const int side = std::max(2, round / 2);
    const auto spotAt = [&](double x, double y) {
        const cv::Rect piece =
            cv::Rect(int(x) - side / 2, int(y) - side / 2, side, side) & cv::Rect(0, 0, linear.cols, linear.rows);
        if (!piece.empty())
            spots.push_back(
                {{(x - round) / pixelsPerMillimetre, (y - round) / pixelsPerMillimetre}, meanIn(linear(piece))});
    };
    constexpr int along = 40;
    for (int i = 0; i < along; ++i) {
        const double part = (i + 0.5) / along;
        for (const double other : {0.5 * round, linear.rows - 0.5 * round}) spotAt(part * linear.cols, other);
        for (const double other : {0.5 * round, linear.cols - 0.5 * round}) spotAt(other, part * linear.rows);
    }
    const Light light(spots, {w, h});
    const cv::Vec3f middle = light.at({w / 2, h / 2});
    if (std::max({middle[0], middle[1], middle[2]}) < 0.03f) return Problem{ProblemKind::workTooDark, name};

    FlatSheet made;
    for (const Light::Spot& spot : spots) {
        const cv::Vec3f fit = light.at(spot.millimetres);
        cv::Vec3f times;
        cv::divide(spot.seen, fit, times);
        const auto [least, most] = std::minmax({times[0], times[1], times[2]});
        constexpr float odd = 0.08f, neutral = 1.2f;
        if (std::fabs(times[1] - 1) < odd || most > neutral * least) continue;
        const cv::Point pixel(spot.millimetres * pixelsPerMillimetre);
        made.odd.push_back(
            {{std::clamp(pixel.x, 0, inner.width - 1), std::clamp(pixel.y, 0, inner.height - 1)}, double(times[1])});
    }
    // What the border really is.
    cv::Vec3f known = sought.borderLight();
    made.by = sought.bareMargin ? BalancedBy::paper : BalancedBy::tape;
    if (reference) {
        const cv::Vec3f beside = light.at(place.onSheet(reference->at));
        // The border beside it would be seen so: that tells what it is.
        for (int c = 0; c < 3; ++c) known[c] = beside[c] / std::max(1e-4f, reference->white[c]);
        made.by = reference->by;
    }
    made.error = errorOf(made.by);
    made.exposure = double(middle[1] / std::max(1e-4f, known[1]));
    float least = 1e9f, most = 0;
    made.xyz.create(inner.size(), CV_32FC3);
    for (int y = 0; y < inner.height; ++y)
        for (int x = 0; x < inner.width; ++x) {
            const cv::Vec3f seen = light.at({(x + 0.5) / pixelsPerMillimetre, (y + 0.5) / pixelsPerMillimetre});
            least = std::min(least, seen[1]);
            most = std::max(most, seen[1]);
            const cv::Vec3f& there = linear.at<cv::Vec3f>(y + round, x + round);
            cv::Vec3f& reflectance = made.xyz.at<cv::Vec3f>(y, x);
            for (int c = 0; c < 3; ++c) reflectance[c] = there[c] / seen[c] * known[c];
        }
    made.xyz = colour::xyzOfLinearSrgb(made.xyz);
    made.unevenness = 1 - double(least) / double(most);
    made.burnt = burnt;
    cv::dilate(burnt, made.hidden, cv::Mat(), {-1, -1}, 3);
    // At its very edge the border is seen with it, and tape does not end straight.
    constexpr double rim = 2.5;  // millimetres
    const int rimPixels = int(std::lround(rim * pixelsPerMillimetre));
    cv::rectangle(made.hidden, cv::Rect({}, made.hidden.size()), cv::Scalar(255), 2 * rimPixels);
    return made;
}

}  // namespace review
