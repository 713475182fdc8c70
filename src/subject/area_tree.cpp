#include "subject/area_tree.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numeric>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "subject/greedy_joins.h"
#include "subject/squint.h"
#include "subject/superpixels.h"

namespace subject {

namespace {

/// Colours of a picture in a few words, to tell by their shares what a part of it consists of.
constexpr std::size_t wordCount = 16;
using Shares = std::array<double, wordCount>;

/// L*, and a* and b* as they would be at a middle lightness. More or less of the same light does not change these: a*
/// and b* are differences of the same cube roots as L* (CIE 15).
cv::Vec3f surfaceOf(const cv::Vec3f& lab) {
    const float scale = 66.0f / (std::max(lab[0], 4.0f) + 16.0f);
    return {lab[0], lab[1] * scale, lab[2] * scale};
}

/// The common border of two regions; sums over its pixels.
struct Border {
    double pixels = 0;
    cv::Vec3d near{0, 0, 0}, far{0, 0, 0};       // from a little, and from farther, on this side to the other
    double edgeLightness = 0, edgeColour = 0;    // of `near`, without sign
    double pieceLightness = 0, pieceColour = 0;  // between the pieces on its two sides
};

/// A growing region; sums over its pixels.
struct Region {
    double pixels = 0;
    cv::Vec3d sum{0, 0, 0}, squares{0, 0, 0};  // of surfaceOf
    double texture = 0;
    Shares words{}, around{};  // of itself, and of what lies round each of its pixels
    std::map<int, Border> borders;
    bool alive = true;

    cv::Vec3d mean() const { return sum / pixels; }
    double variance(int channel) const {
        return std::max(0.0, squares[channel] / pixels - std::pow(sum[channel] / pixels, 2));
    }
    double saturation() const { return std::hypot(sum[1], sum[2]) / pixels; }
};

/// Half the chi-square distance of two sets of shares: 0 alike, 1 nothing in common.
double apart(const Shares& one, double onePixels, const Shares& other, double otherPixels) {
    double sum = 0;
    for (std::size_t k = 0; k < wordCount; ++k) {
        const double p = one[k] / onePixels, q = other[k] / otherPixels;
        if (p + q > 0) sum += (p - q) * (p - q) / (p + q);
    }
    return sum / 2;
}

/// Each pixel's word, and for each word how much of it lies round each pixel, in a small picture.
struct Words {
    cv::Mat of;  // CV_32S
    std::array<cv::Mat, wordCount> around;
    double scale = 1;

    explicit Words(const cv::Mat& surface) {
        constexpr int longSide = 256, reach = 16;
        scale = double(longSide) / std::max(surface.cols, surface.rows);
        cv::Mat small;
        cv::resize(surface, small, {}, scale, scale, cv::INTER_AREA);
        cv::Mat points = small.reshape(1, int(small.total())).clone(), centres;
        points.col(0) *= 0.6;
        // The same words for the same picture, whatever was drawn before.
        const cv::RNG before = cv::theRNG();
        cv::theRNG() = cv::RNG(1);
        cv::kmeans(points, int(wordCount), of, {cv::TermCriteria::COUNT, 12, 0}, 1, cv::KMEANS_PP_CENTERS, centres);
        cv::theRNG() = before;
        of = of.reshape(1, small.rows);
        for (std::size_t k = 0; k < wordCount; ++k) {
            const cv::Mat isWord = of == int(k);
            isWord.convertTo(around[k], CV_32F, 1 / 255.0);
            cv::blur(around[k], around[k], {2 * reach + 1, 2 * reach + 1}, {-1, -1}, cv::BORDER_REFLECT);
        }
    }
    /// The place in the small picture.
    cv::Point at(int x, int y) const {
        return {std::min(of.cols - 1, int(x * scale)), std::min(of.rows - 1, int(y * scale))};
    }
};

class Joiner {
 public:
    Joiner(const cv::Mat& pieces, int count, const cv::Mat& lab, const cv::Mat& squintedLab)
        : regions_(std::size_t(count)), total_(double(pieces.total())) {
        cv::Mat surface(squintedLab.size(), CV_32FC3);
        for (int y = 0; y < surface.rows; ++y)
            for (int x = 0; x < surface.cols; ++x)
                surface.at<cv::Vec3f>(y, x) = surfaceOf(squintedLab.at<cv::Vec3f>(y, x));
        addPixels(pieces, surface, lab);
        addBorders(pieces, surface);
        findShift();
        for (Region& region : regions_) {
            region.alive = region.pixels > 0;
            for (auto& [other, border] : region.borders) {
                const cv::Vec3d edge = border.near / border.pixels;
                const cv::Vec3d between = region.mean() - regions_[std::size_t(other)].mean();
                border.edgeLightness = border.pixels * std::fabs(edge[0]);
                border.edgeColour = border.pixels * colourApart(edge);
                border.pieceLightness = border.pixels * std::fabs(between[0]);
                border.pieceColour = border.pixels * colourApart(between);
            }
        }
    }

    std::vector<std::pair<int, int>> joins() {
        std::vector<std::pair<int, int>> made;
        joinGreedily(
            regions_, 1,
            [this](const Region& one, const Region& other, const Border& border) {
                return twoThings(one, other, border);
            },
            [&](int kept, int gone) {
                join(kept, gone);
                made.emplace_back(gone, kept);
            });
        return made;
    }

 private:
    void addPixels(const cv::Mat& pieces, const cv::Mat& surface, const cv::Mat& lab) {
        cv::Mat lightness, broad;
        cv::extractChannel(lab, lightness, 0);
        cv::GaussianBlur(lightness, broad, {}, 3);
        const Words words(surface);
        for (int y = 0; y < pieces.rows; ++y)
            for (int x = 0; x < pieces.cols; ++x) {
                Region& region = regions_[std::size_t(pieces.at<int>(y, x))];
                const cv::Vec3d v(surface.at<cv::Vec3f>(y, x));
                region.pixels += 1;
                region.sum += v;
                region.squares += v.mul(v);
                region.texture += std::fabs(lightness.at<float>(y, x) - broad.at<float>(y, x));
                const cv::Point place = words.at(x, y);
                region.words[std::size_t(words.of.at<int>(place))] += 1;
                for (std::size_t k = 0; k < wordCount; ++k) region.around[k] += words.around[k].at<float>(place);
            }
    }

    void addBorders(const cv::Mat& pieces, const cv::Mat& surface) {
        const double scale = std::max(pieces.cols, pieces.rows) / 1024.0;
        const int near = std::max(1, int(std::lround(2.5 * scale))), far = std::max(2, int(std::lround(9 * scale)));
        for (int y = 0; y < pieces.rows; ++y)
            for (int x = 0; x < pieces.cols; ++x)
                for (const cv::Point step : {cv::Point(1, 0), cv::Point(0, 1)}) {
                    if (x + step.x >= pieces.cols || y + step.y >= pieces.rows) continue;
                    const int label = pieces.at<int>(y, x), other = pieces.at<int>(y + step.y, x + step.x);
                    if (other == label) continue;
                    const auto across = [&](int reach) {
                        const auto at = [&](int away) {
                            return cv::Vec3d(surface.at<cv::Vec3f>(std::clamp(y + step.y * away, 0, pieces.rows - 1),
                                                                   std::clamp(x + step.x * away, 0, pieces.cols - 1)));
                        };
                        return at(1 + reach) - at(-reach);
                    };
                    Border& here = regions_[std::size_t(label)].borders[other];
                    Border& there = regions_[std::size_t(other)].borders[label];
                    here.pixels += 1;
                    there.pixels += 1;
                    const cv::Vec3d little = across(near), more = across(far);
                    here.near += little;
                    there.near -= little;
                    here.far += more;
                    there.far -= more;
                }
    }

    /// How far two colours are from being one surface in light and in shadow.
    double colourApart(const cv::Vec3d& d) const {
        return std::hypot(d[1] - shift_[0] * d[0], d[2] - shift_[1] * d[0]);
    }

    /// Shadows have another colour than the light, everywhere by the same: the commonest shift with lightness. Daylight
    /// and lamps leave shadows bluer, or a little the other way.
    void findShift() {
        std::array<std::vector<std::pair<double, double>>, 2> shifts;  // with their weights
        for (const Region& region : regions_)
            for (const auto& [other, border] : region.borders) {
                const cv::Vec3d d = border.far / border.pixels;
                const double a = d[1] / d[0], b = d[2] / d[0];
                constexpr double clearly = 6, most = 0.8;
                if (d[0] < clearly || std::hypot(a, b) > most) continue;
                shifts[0].emplace_back(a, border.pixels);
                shifts[1].emplace_back(b, border.pixels);
            }
        constexpr std::size_t few = 20;
        if (shifts[0].size() < few) return;
        const auto commonest = [](const std::vector<std::pair<double, double>>& all, double from, double to) {
            double best = 0, most = 0;
            for (double at = from; at < to + 1e-9; at += 0.02) {
                double sum = 0;
                for (const auto& [shift, weight] : all) sum += weight * std::exp(-std::pow((shift - at) / 0.06, 2) / 2);
                sum *= 1.0 - 0.5 * std::fabs(at);  // none, if it is as good
                if (sum > most) {
                    most = sum;
                    best = at;
                }
            }
            return best;
        };
        shift_ = {commonest(shifts[0], -0.1, 0.2), commonest(shifts[1], -0.06, 0.3)};
    }

    /// How likely two regions are two things: the logarithm of the odds. The weights are those of a logistic regression
    /// on 1.2 million joins in 110 rendered scenes of two to six random things on a table, at three squints; none of
    /// them is among the scenes of the tests.
    double twoThings(const Region& one, const Region& other, const Border& border) const {
        const auto log = [](double x) { return std::log1p(x); };
        const Region& small = one.pixels < other.pixels ? one : other;
        const Region& large = one.pixels < other.pixels ? other : one;
        const cv::Vec3d between = small.mean() - large.mean();
        const auto spread = [](const Region& region, bool isColour) {
            return std::sqrt(isColour ? region.variance(1) + region.variance(2) : region.variance(0));
        };
        const double lightness = std::fabs(between[0]), colour = colourApart(between);
        const double edgeLightness = border.edgeLightness / border.pixels,
                     edgeColour = border.edgeColour / border.pixels;
        const double share = std::log(small.pixels / total_), largeShare = std::log(large.pixels / total_);
        const double contact = std::min(1.5, border.pixels / (3.5 * std::sqrt(small.pixels)));
        // Lighter and less saturated: its highlight.
        const bool isHighlight = between[0] > 0 && small.saturation() < large.saturation();
        const std::pair<double, double> terms[] = {
            {-5.6645, 1},
            {1.7415, log(edgeLightness)},
            {-0.0840, log(edgeColour)},
            {0.3293, log(border.pieceLightness / border.pixels)},
            {0.7636, log(border.pieceColour / border.pixels)},
            {0.5755, log(lightness)},
            {0.5372, log(colour)},
            {-2.9381, log(lightness / (2 + spread(small, false) + spread(large, false)))},
            {2.5081, log(colour / (2 + spread(small, true) + spread(large, true)))},
            {0.8525, std::fabs(std::log((small.texture / small.pixels + 0.5) / (large.texture / large.pixels + 0.5)))},
            {0.2630, share},
            {-1.2605, std::log(contact)},
            // Sharp: most of it within the little.
            {0.5886, log(std::fabs(border.near[0] / border.pixels)) - log(std::fabs(border.far[0] / border.pixels))},
            {-0.1415, isHighlight ? log(between[0]) : 0.0},
            {-0.5514, log(edgeColour) * log(edgeLightness)},
            {1.6122, apart(one.words, one.pixels, other.words, other.pixels)},
            {2.8252, apart(one.around, one.pixels, other.around, other.pixels)},
            {0.0679, largeShare},
            {-0.0467, share * log(colour)},
        };
        // Specks go first: smaller than that, nothing is laid as an area of its own.
        constexpr double speck = 0.001, surely = 30;
        double odds = small.pixels < speck * total_ ? -surely : 0;
        for (const auto& [weight, term] : terms) odds += weight * term;
        return odds;
    }

    void join(int kept, int gone) {
        Region& a = regions_[std::size_t(kept)];
        Region& b = regions_[std::size_t(gone)];
        a.pixels += b.pixels;
        a.sum += b.sum;
        a.squares += b.squares;
        a.texture += b.texture;
        for (std::size_t k = 0; k < wordCount; ++k) {
            a.words[k] += b.words[k];
            a.around[k] += b.around[k];
        }
        b.alive = false;
        a.borders.erase(gone);
        for (const auto& [other, border] : b.borders) {
            if (other == kept) continue;
            Border& mine = a.borders[other];
            mine.pixels += border.pixels;
            mine.near += border.near;
            mine.far += border.far;
            mine.edgeLightness += border.edgeLightness;
            mine.edgeColour += border.edgeColour;
            mine.pieceLightness += border.pieceLightness;
            mine.pieceColour += border.pieceColour;
            auto& theirs = regions_[std::size_t(other)].borders;
            theirs.erase(gone);
            Border& back = theirs[kept] = mine;
            back.near = -mine.near;
            back.far = -mine.far;
        }
    }

    std::vector<Region> regions_;
    double total_;
    std::array<double, 2> shift_{0, 0};  // of a and b with a unit of lightness
};

}  // namespace

AreaTree areaTreeOf(const cv::Mat& lab) {
    // Its own, so that areas stay where they are whatever else is squinted at.
    constexpr double squint = 0.3;
    constexpr int pieceCount = 1200, rounds = 4;
    const cv::Mat squintedLab = squinted(lab, squint);
    AreaTree tree;
    tree.pieces = superpixels(squintedLab, pieceCount, 10.0f, rounds);
    tree.count = labelCount(tree.pieces);
    tree.joins = Joiner(tree.pieces, tree.count, lab, squintedLab).joins();
    return tree;
}

cv::Mat regionsAt(const AreaTree& tree, int wanted) {
    std::vector<int> into(std::size_t(tree.count));
    std::iota(into.begin(), into.end(), 0);
    const int made = std::clamp(int(tree.joins.size()) + 1 - wanted, 0, int(tree.joins.size()));
    // The last first: where a region went is known when it is asked.
    for (int i = made; i-- > 0;) {
        const auto [gone, kept] = tree.joins[std::size_t(i)];
        into[std::size_t(gone)] = into[std::size_t(kept)];
    }
    cv::Mat map(tree.pieces.size(), CV_32S);
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) map.at<int>(y, x) = into[std::size_t(tree.pieces.at<int>(y, x))];
    return map;
}

}  // namespace subject
