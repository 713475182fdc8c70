#include "review/sketch.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "common/parallel.h"
#include "review/four_sided.h"
#include "review/taken_from.h"

namespace review {

namespace {

using common::Problem;
using common::ProblemKind;

constexpr int flatSide = 480;  // pixels, the long side of a sketch that is read

/// The corner that lies upper left comes first.
Quad fromUpperLeft(Quad quad) {
    const auto first = std::ranges::min_element(quad, {}, [](const cv::Point2d& p) { return p.x + p.y; });
    std::rotate(quad.begin(), first, quad.end());
    return quad;
}

double aspectOf(const Quad& quad) {
    return (cv::norm(quad[1] - quad[0]) + cv::norm(quad[2] - quad[3])) /
           (cv::norm(quad[3] - quad[0]) + cv::norm(quad[2] - quad[1]));
}

double areaOf(const Quad& quad) {
    double twice = 0;
    for (std::size_t i = 0; i < 4; ++i) twice += quad[i].cross(quad[(i + 1) % 4]);
    return std::fabs(twice) / 2;
}

/// By how much the picture (CIELAB) is lighter just within each side than just beyond it, the least of the four; the
/// picture's own edges count for nothing.
double lighterWithin(const Quad& quad, const cv::Mat& lab) {
    const cv::Point2d middle = (quad[0] + quad[1] + quad[2] + quad[3]) * 0.25;
    double least = 1e9;
    for (std::size_t i = 0; i < 4; ++i) {
        constexpr int places = 24;
        constexpr double beside = 0.05;  // of the way to the middle
        std::vector<double> steps;
        for (int n = 1; n < places; ++n) {
            const cv::Point2d at = quad[i] + (quad[(i + 1) % 4] - quad[i]) * (double(n) / places);
            const cv::Point inner(at + (middle - at) * beside), outer(at - (middle - at) * beside);
            if (cv::Rect({}, lab.size()).contains(outer))
                steps.push_back(double(lab.at<cv::Vec3f>(inner)[0] - lab.at<cv::Vec3f>(outer)[0]));
        }
        if (steps.empty()) return 0;
        std::ranges::nth_element(steps, steps.begin() + std::ptrdiff_t(steps.size() / 2));
        least = std::min(least, steps[steps.size() / 2]);
    }
    return least;
}

/// Darker than the paper around: lines, and tones too.
cv::Mat inkOf(const cv::Mat& xyz) {
    cv::Mat light, paper, ratio;
    cv::extractChannel(xyz, light, 1);
    cv::GaussianBlur(light, light, {}, 0.8);
    const int reach = std::max(3, flatSide / 12) | 1;
    cv::morphologyEx(light, paper, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_ELLIPSE, {reach, reach}));
    cv::GaussianBlur(paper, paper, {}, reach / 2.0);
    cv::divide(light, cv::max(paper, 1e-4), ratio);
    constexpr double drawn = 0.82;
    cv::Mat ink = ratio < drawn;
    // The sheet's edge is no line of the drawing.
    const int rim = flatSide / 50;
    cv::rectangle(ink, {0, 0, ink.cols, ink.rows}, cv::Scalar(0), 2 * rim);
    return ink;
}

/// The points of an outline, in shares of the width from the upper left.
using Outline = std::vector<cv::Point2d>;

/// How far the lines of a sketch are, at each place.
class Nearness {
 public:
    explicit Nearness(const cv::Mat& ink) {
        cv::distanceTransform(~ink, away_, cv::DIST_L2, cv::DIST_MASK_PRECISE);
        cv::min(away_, farthest * ink.cols, away_);
    }
    /// Mean way from the outline, moved and enlarged about `about`, to the nearest line, in shares of the width.
    double operator()(const Outline& outline, const cv::Point2d& about, const cv::Point2d& aside, double size) const {
        double sum = 0;
        for (const cv::Point2d& point : outline) {
            const cv::Point2d at = (about + size * (point - about) + aside) * away_.cols;
            const cv::Point pixel(cvRound(at.x), cvRound(at.y));
            const bool isIn = pixel.x >= 0 && pixel.y >= 0 && pixel.x < away_.cols && pixel.y < away_.rows;
            sum += isIn ? double(away_.at<float>(pixel)) / away_.cols : farthest;
        }
        return sum / double(outline.size());
    }
    static constexpr double farthest = 0.05;

 private:
    cv::Mat away_;
};

struct Fit {
    cv::Point2d aside;
    double size = 1, misfit = 1e9;
};

/// Where `misfitOf(aside, size)` is least: coarsely within `reach`, then finer and finer.
template <typename Misfit>
Fit nearestFit(const Misfit& misfitOf, double reach, double mostLarger) {
    // The least way off counts where several serve alike: an edge that runs straight slides along itself.
    constexpr double way = 0.03, larger = 0.01;
    Fit best;
    double least = 1e9;
    const auto attempt = [&](const cv::Point2d& aside, double size) {
        const double misfit = misfitOf(aside, size);
        const double cost = misfit + way * cv::norm(aside) + larger * std::fabs(std::log(size));
        if (cost >= least) return;
        least = cost;
        best = {aside, size, misfit};
    };
    constexpr int coarse = 8, sizes = 4;
    for (int s = -sizes; s <= sizes; ++s)
        for (int y = -coarse; y <= coarse; ++y)
            for (int x = -coarse; x <= coarse; ++x)
                attempt({reach * x / coarse, reach * y / coarse}, std::pow(mostLarger, double(s) / sizes));
    double by = reach / coarse, stretch = std::pow(mostLarger, 1.0 / sizes);
    for (int round = 0; round < 5; ++round) {
        by /= 2;
        stretch = std::sqrt(stretch);
        const Fit from = best;
        for (int s = -1; s <= 1; ++s)
            for (int y = -2; y <= 2; ++y)
                for (int x = -2; x <= 2; ++x)
                    attempt(from.aside + cv::Point2d(x, y) * by, from.size * std::pow(stretch, s));
    }
    return best;
}

cv::Point2d moved(const cv::Point2d& point, const cv::Point2d& about, const Fit& fit) {
    return about + fit.size * (point - about) + fit.aside;
}

cv::Point2d middleOf(const Outline& outline) {
    cv::Point2d sum;
    for (const cv::Point2d& point : outline) sum += point;
    return sum * (1.0 / double(outline.size()));
}

/// Where a border's pixels are set.
Outline outlineOf(const cv::Mat& borders) {
    std::vector<cv::Point> pixels;
    cv::findNonZero(borders, pixels);
    Outline outline;
    for (const cv::Point& pixel : pixels)
        outline.emplace_back((pixel.x + 0.5) / borders.cols, (pixel.y + 0.5) / borders.cols);
    return outline;
}

/// A shape that is looked for.
struct Sought {
    int area;
    cv::Point2d centre;  // fractions
    Outline outline;
    Fit fit;
};

/// Those that are large enough.
std::vector<Sought> soughtIn(const cv::Mat& labels, int count) {
    constexpr double leastShare = 1.0 / 40;
    std::vector<Sought> shapes;
    for (int area = 0; area < count; ++area) {
        const cv::Mat mask = labels == area;
        if (cv::countNonZero(mask) < leastShare * double(mask.total())) continue;
        cv::Mat inner;
        cv::erode(mask, inner, cv::getStructuringElement(cv::MORPH_CROSS, {3, 3}), {-1, -1}, 1, cv::BORDER_CONSTANT,
                  255);
        Outline outline = outlineOf(mask & ~inner);
        if (outline.empty()) continue;
        const cv::Point2d centre = middleOf(outline);
        shapes.push_back({area, {centre.x, centre.y * labels.cols / labels.rows}, std::move(outline), {}});
    }
    return shapes;
}

/// Takes the lines off on which the shape lies.
void takeAway(cv::Mat& ink, const Sought& shape) {
    const cv::Point2d about = middleOf(shape.outline);
    constexpr double hand = 0.006;  // of the width, by which a line trembles
    for (const cv::Point2d& point : shape.outline)
        cv::circle(ink, moved(point, about, shape.fit) * ink.cols, std::max(1, cvRound(hand * ink.cols)), cv::Scalar(0),
                   cv::FILLED);
}

}  // namespace

common::Result<Sketch> readSketch(const cv::Mat& xyz, double aspect, const std::string& name) {
    CV_Assert(xyz.type() == CV_32FC3);
    constexpr double dark = 0.02;
    cv::Mat light;
    cv::extractChannel(xyz, light, 1);
    double brightest = 0;
    cv::resize(light, light, {64, 64}, 0, 0, cv::INTER_AREA);
    cv::minMaxLoc(light, nullptr, &brightest);
    if (brightest < dark) return Problem{ProblemKind::workTooDark, name};

    constexpr double side = 640, leastShare = 0.12, mostUnlike = 0.3;
    const double scale = std::min(1.0, side / std::max(xyz.cols, xyz.rows));
    cv::Mat small;
    cv::resize(xyz, small, {}, scale, scale, cv::INTER_AREA);
    colour::toLab(small);
    std::vector<Quad> quads = quadsIn(small, leastShare);
    std::erase_if(quads, [&](const Quad& quad) {
        constexpr double clearly = 6;  // L*
        return lighterWithin(quad, small) < clearly ||
               std::fabs(std::log(aspectOf(fromUpperLeft(quad)) / aspect)) > mostUnlike;
    });
    if (quads.empty()) return Problem{ProblemKind::sketchMissing, name};
    const Quad sheet = fromUpperLeft(*std::ranges::max_element(quads, {}, &areaOf));

    const cv::Size flat =
        aspect >= 1 ? cv::Size(flatSide, cvRound(flatSide / aspect)) : cv::Size(cvRound(flatSide * aspect), flatSide);
    std::vector<cv::Point2f> to,
        from{{0, 0}, {float(flat.width), 0}, {float(flat.width), float(flat.height)}, {0, float(flat.height)}};
    for (const cv::Point2d& corner : sheet) to.emplace_back(corner * (1 / scale));
    const cv::Matx33d toPhotograph(cv::getPerspectiveTransform(from, to).ptr<double>());
    const cv::Mat seen = takenFrom(xyz, flat, [&](const cv::Point2d& pixel) {
        const cv::Vec3d p = toPhotograph * cv::Vec3d(pixel.x + 0.5, pixel.y + 0.5, 1);
        return cv::Point2d(p[0] / p[2], p[1] / p[2]);
    });
    Sketch sketch{colour::srgb8ImageFromXyz(seen), inkOf(seen)};
    const double share = cv::countNonZero(sketch.ink) / double(sketch.ink.total());
    constexpr double leastInk = 0.002;
    if (share < leastInk) return Problem{ProblemKind::sketchEmpty, name};
    return sketch;
}

cv::Mat bordersOf(const cv::Mat& areas) {
    cv::Mat borders(areas.size(), CV_8U, cv::Scalar(0));
    for (int y = 0; y + 1 < areas.rows; ++y)
        for (int x = 0; x + 1 < areas.cols; ++x) {
            const int here = areas.at<int>(y, x);
            if (here != areas.at<int>(y, x + 1) || here != areas.at<int>(y + 1, x)) borders.at<uchar>(y, x) = 255;
        }
    return borders;
}

DrawnShapes drawnShapes(const Sketch& sketch, const cv::Mat& areas, int count) {
    cv::Mat labels;
    cv::resize(areas, labels, sketch.ink.size(), 0, 0, cv::INTER_NEAREST);
    const Outline all = outlineOf(bordersOf(labels));
    DrawnShapes drawn;
    if (all.empty()) return drawn;
    const cv::Point2d middle(0.5, 0.5 * sketch.ink.rows / sketch.ink.cols);
    // Both ways, or all would gather where most lines are.
    const Nearness toLines(sketch.ink), toBorders(bordersOf(labels));
    const Outline lines = outlineOf(sketch.ink);
    const Fit whole = nearestFit(
        [&](const cv::Point2d& aside, double size) {
            return (toLines(all, middle, aside, size) + toBorders(lines, middle, aside * (-1 / size), 1 / size)) / 2;
        },
        0.12, 1.3);
    drawn.aside = whole.aside;
    drawn.size = whole.size;

    std::vector<Sought> shapes = soughtIn(labels, count);
    // As they would lie if they were off only by what all have in common.
    for (Sought& shape : shapes)
        for (cv::Point2d& point : shape.outline) point = middle + whole.size * (point - middle) + whole.aside;
    constexpr int rounds = 3;
    for (int round = 0; round < rounds; ++round) {
        const std::vector<Sought> before = shapes;
        common::forEachIndex(int(shapes.size()), [&](int i) {
            Sought& shape = shapes[std::size_t(i)];
            cv::Mat left = sketch.ink.clone();
            // Lines on which another shape lies are that one's.
            for (std::size_t other = 0; round > 0 && other < before.size(); ++other)
                if (int(other) != i) takeAway(left, before[other]);
            const Nearness nearness(left);
            const cv::Point2d about = middleOf(shape.outline);
            shape.fit = nearestFit(
                [&](const cv::Point2d& aside, double size) { return nearness(shape.outline, about, aside, size); },
                0.09, 1.3);
        });
    }
    constexpr double notDrawn = 0.02;
    for (const Sought& shape : shapes) {
        if (shape.fit.misfit > notDrawn) continue;
        DrawnShape found{shape.area, shape.fit.aside, shape.fit.size, 0, shape.centre};
        const cv::Point2d about = middleOf(shape.outline);
        for (const cv::Point2d& point : shape.outline)
            found.apart += cv::norm(moved(point, about, shape.fit) - point) / double(shape.outline.size());
        drawn.shapes.push_back(found);
    }
    return drawn;
}

}  // namespace review
