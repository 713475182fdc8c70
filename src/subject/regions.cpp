#include "subject/regions.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <utility>

namespace subject {

namespace {

/// L*, and a* and b* as they would be at a middle lightness. More or less of the same light does not change these: a*
/// and b* are differences of the same cube roots as L* (CIE 15).
cv::Vec3f surfaceOf(const cv::Vec3f& lab) {
    const float scale = 66.0f / (std::max(lab[0], 4.0f) + 16.0f);
    return {lab[0], lab[1] * scale, lab[2] * scale};
}

/// Half the chi-square distance of two sets of shares: 0 alike, 1 nothing in common.
float apart(const Shares& one, double onePixels, const Shares& other, double otherPixels) {
    double sum = 0;
    for (std::size_t k = 0; k < wordCount; ++k) {
        const double p = one[k] / onePixels, q = other[k] / otherPixels;
        if (p + q > 0) sum += (p - q) * (p - q) / (p + q);
    }
    return float(sum / 2);
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

double varianceOf(const Region& region, int channel) {
    return std::max(0.0, region.squares[channel] / region.pixels - std::pow(region.sum[channel] / region.pixels, 2));
}

/// Root mean square, of lightness or of colour.
double spreadOf(const Region& region, bool isColour) {
    return std::sqrt(isColour ? varianceOf(region, 1) + varianceOf(region, 2) : varianceOf(region, 0));
}

double saturationOf(const Region& region) {
    return std::hypot(region.sum[1], region.sum[2]) / region.pixels;
}

float logOf(double x) {
    return float(std::log1p(x));
}

float texturesApart(const Region& one, const Region& other) {
    return float(std::fabs(std::log((one.texture / one.pixels + 0.5) / (other.texture / other.pixels + 0.5))));
}

/// The smaller and the larger of two.
std::pair<const Region&, const Region&> bySize(const Region& one, const Region& other) {
    return one.pixels < other.pixels ? std::pair<const Region&, const Region&>(one, other)
                                     : std::pair<const Region&, const Region&>(other, one);
}

}  // namespace

Regions::Regions(const cv::Mat& pieces, int count, const cv::Mat& lab, const cv::Mat& squintedLab)
    : all(std::size_t(count)), total_(double(pieces.total())), centres_(std::size_t(count), {cv::Point2d(0, 0)}) {
    cv::Mat surface(squintedLab.size(), CV_32FC3);
    for (int y = 0; y < surface.rows; ++y)
        for (int x = 0; x < surface.cols; ++x) surface.at<cv::Vec3f>(y, x) = surfaceOf(squintedLab.at<cv::Vec3f>(y, x));
    addPixels(pieces, surface, lab);
    addBorders(pieces, surface);
    findShift();
    for (std::size_t i = 0; i < all.size(); ++i)
        centres_[i].front() /= all[i].pixels * std::max(pieces.cols, pieces.rows);
    for (Region& region : all) {
        region.alive = region.pixels > 0;
        region.largest = region.pixels;
        for (auto& [other, border] : region.borders) {
            const cv::Vec3d edge = border.near / border.pixels;
            const cv::Vec3d between = region.mean() - all[std::size_t(other)].mean();
            region.outline += border.pixels;
            border.edgeLightness = border.pixels * std::fabs(edge[0]);
            border.edgeColour = border.pixels * colourApart(edge);
            border.pieceLightness = border.pixels * std::fabs(between[0]);
            border.pieceColour = border.pixels * colourApart(between);
        }
    }
}

void Regions::addPixels(const cv::Mat& pieces, const cv::Mat& surface, const cv::Mat& lab) {
    cv::Mat lightness, broad;
    cv::extractChannel(lab, lightness, 0);
    cv::GaussianBlur(lightness, broad, {}, 3);
    const Words words(surface);
    for (int y = 0; y < pieces.rows; ++y)
        for (int x = 0; x < pieces.cols; ++x) {
            Region& region = all[std::size_t(pieces.at<int>(y, x))];
            const cv::Vec3d v(surface.at<cv::Vec3f>(y, x));
            region.pixels += 1;
            region.sum += v;
            region.squares += v.mul(v);
            centres_[std::size_t(pieces.at<int>(y, x))].front() += cv::Point2d(x, y);
            region.outline += (x == 0) + (y == 0) + (x == pieces.cols - 1) + (y == pieces.rows - 1);
            region.texture += std::fabs(lightness.at<float>(y, x) - broad.at<float>(y, x));
            const cv::Point place = words.at(x, y);
            region.words[std::size_t(words.of.at<int>(place))] += 1;
            for (std::size_t k = 0; k < wordCount; ++k) region.around[k] += words.around[k].at<float>(place);
        }
}

void Regions::addBorders(const cv::Mat& pieces, const cv::Mat& surface) {
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
                Border& here = all[std::size_t(label)].borders[other];
                Border& there = all[std::size_t(other)].borders[label];
                const cv::Vec3d little = across(near), more = across(far);
                constexpr double next = 3;  // to nothing, CIELAB
                for (Border* border : {&here, &there}) {
                    border->pixels += 1;
                    border->steps += std::fabs(little[0]);
                    border->weak += cv::norm(little) < next;
                }
                here.near += little;
                there.near -= little;
                here.far += more;
                there.far -= more;
            }
}

/// How far two colours are from being one surface in light and in shadow.
double Regions::colourApart(const cv::Vec3d& d) const {
    return std::hypot(d[1] - shift_[0] * d[0], d[2] - shift_[1] * d[0]);
}

/// Shadows have another colour than the light, everywhere by the same: the commonest shift with lightness. Daylight
/// and lamps leave shadows bluer, or a little the other way.
void Regions::findShift() {
    std::array<std::vector<std::pair<double, double>>, 2> shifts;  // with their weights
    for (const Region& region : all)
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
    const auto commonest = [](const std::vector<std::pair<double, double>>& votes, double from, double to) {
        double best = 0, most = 0;
        for (double at = from; at < to + 1e-9; at += 0.02) {
            double sum = 0;
            for (const auto& [shift, weight] : votes) sum += weight * std::exp(-std::pow((shift - at) / 0.06, 2) / 2);
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

Regions::Contrast Regions::contrastOf(const Region& small, const Region& large) const {
    const cv::Vec3d between = small.mean() - large.mean();
    const double lightness = std::fabs(between[0]), colour = colourApart(between);
    const double smallLightness = spreadOf(small, false), smallColour = spreadOf(small, true);
    const double largeLightness = spreadOf(large, false);
    return {.lightness = logOf(lightness),
            .colour = logOf(colour),
            .lightnessInSpread = logOf(lightness / (2 + smallLightness + largeLightness)),
            .colourInSpread = logOf(colour / (2 + smallColour + spreadOf(large, true))),
            .smallSpread = logOf(smallLightness),
            .smallColourSpread = logOf(smallColour),
            .largeSpread = logOf(largeLightness),
            .textures = texturesApart(small, large)};
}

TermsTouching Regions::termsTouching(const Region& one, const Region& other, const Border& border) const {
    const auto [small, large] = bySize(one, other);
    const Contrast contrast = contrastOf(small, large);
    const double edgeLightness = border.edgeLightness / border.pixels, edgeColour = border.edgeColour / border.pixels;
    const double textures = small.texture / small.pixels + large.texture / large.pixels;
    const float edgeLightnessTerm = logOf(edgeLightness), edgeColourTerm = logOf(edgeColour);
    const float share = float(std::log(small.pixels / total_));
    return {
        edgeLightnessTerm,
        edgeColourTerm,
        edgeColourTerm * edgeLightnessTerm,
        logOf(border.steps / border.pixels),
        float(border.weak / border.pixels),
        // Sharp: most of it within the little.
        logOf(std::fabs(border.near[0]) / border.pixels) - logOf(std::fabs(border.far[0]) / border.pixels),
        // A weak border counts for more where all is smooth: hills in mist.
        float(std::log((edgeLightness + edgeColour + 0.5) / (textures + 0.5))),
        logOf(border.pieceLightness / border.pixels),
        logOf(border.pieceColour / border.pixels),
        contrast.lightness,
        contrast.colour,
        contrast.lightnessInSpread,
        contrast.colourInSpread,
        contrast.smallSpread,
        contrast.smallColourSpread,
        contrast.largeSpread,
        contrast.textures,
        apart(one.words, one.pixels, other.words, other.pixels),
        apart(one.around, one.pixels, other.around, other.pixels),
        // Lighter and less saturated: its highlight.
        small.mean()[0] > large.mean()[0] && saturationOf(small) < saturationOf(large) ? contrast.lightness : 0.0f,
        share,
        float(std::log(large.pixels / total_)),
        share * contrast.colour,
        float(border.pixels / small.outline),
        float(std::log(std::min(1.5, border.pixels / (3.5 * std::sqrt(small.pixels))))),
    };
}

TermsApart Regions::termsApart(const Region& one, const Region& other, const Border& border) const {
    const auto [small, large] = bySize(one, other);
    const Contrast contrast = contrastOf(small, large);
    return {
        contrast.lightness,
        contrast.colour,
        contrast.lightnessInSpread,
        contrast.colourInSpread,
        contrast.smallSpread,
        contrast.largeSpread,
        contrast.textures,
        float(std::log(small.pixels / total_)),
        float(std::log(large.pixels / total_)),
        apart(one.words, one.pixels, other.words, other.pixels),
        apart(one.around, one.pixels, other.around, other.pixels),
        float(std::log(border.gap)),
        float(border.pixels / std::sqrt(small.pixels)),
        float(small.mean()[0]),
        float(large.mean()[0]),
    };
}

void Regions::seeAcrossGaps() {
    // Farther, or less alike, they are never taken for one.
    constexpr double reach = 0.2, alike = 20;
    for (int i = 0; i < int(all.size()); ++i)
        for (int k = 0; k < i; ++k) {
            Region& one = all[std::size_t(i)];
            Region& other = all[std::size_t(k)];
            if (!one.alive || !other.alive) continue;
            if (cv::norm(one.mean() - other.mean()) > alike) continue;
            double nearest = reach * reach;
            for (const cv::Point2d& here : centres_[std::size_t(i)])
                for (const cv::Point2d& there : centres_[std::size_t(k)])
                    nearest = std::min(nearest, (here - there).dot(here - there));
            if (nearest < reach * reach) one.borders[k].gap = other.borders[i].gap = std::sqrt(nearest);
        }
}

bool Regions::mayBeOneGround(const Region& one, const Region& other, const Border& border) {
    // Of the smaller one's size across.
    constexpr double hardly = 1;
    return std::isfinite(border.gap) && border.pixels < hardly * std::sqrt(std::min(one.pixels, other.pixels));
}

void Regions::join(int kept, int gone) {
    Region& a = all[std::size_t(kept)];
    Region& b = all[std::size_t(gone)];
    const bool isTouching = a.borders.at(gone).pixels > 0;
    a.largest = isTouching ? a.largest + b.largest : std::max(a.largest, b.largest);
    a.pixels += b.pixels;
    a.sum += b.sum;
    a.squares += b.squares;
    a.texture += b.texture;
    a.outline += b.outline - 2 * a.borders.at(gone).pixels;
    for (std::size_t k = 0; k < wordCount; ++k) {
        a.words[k] += b.words[k];
        a.around[k] += b.around[k];
    }
    auto& centres = centres_[std::size_t(kept)];
    centres.insert(centres.end(), centres_[std::size_t(gone)].begin(), centres_[std::size_t(gone)].end());
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
        mine.steps += border.steps;
        mine.weak += border.weak;
        mine.pieceLightness += border.pieceLightness;
        mine.pieceColour += border.pieceColour;
        mine.gap = std::min(mine.gap, border.gap);
        auto& theirs = all[std::size_t(other)].borders;
        theirs.erase(gone);
        Border& back = theirs[kept] = mine;
        back.near = -mine.near;
        back.far = -mine.far;
    }
}

}  // namespace subject
