#include "planning/pressure_maps.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "common/parallel.h"
#include "matching/target_distance.h"
#include "pigment/tones.h"
#include "rendering/sheet_picture.h"
#include "subject/samples.h"

namespace planning {

namespace {

using rendering::mapStep;
using rendering::mostStrokes;

/// A step that is blurred so rises from a tenth to nine tenths over a mark's width.
constexpr double sigmaOfMark = 0.39;

/// From how wide a blur (pixels) on a map need not be found at the full size.
constexpr double smoothFrom = 2.5;

/// How far beside what is wanted is aimed at most, in CIELAB.
constexpr float farthestAim = 3;

/// What a change of pressure costs against the smooth map, in squared CIEDE2000 a squared step: little.
constexpr float changePrice = 0.6f;

/// The metric of matching::TargetDistance at a colour: differences times it have that length.
struct Metric {
    float L, a, b, radialA, radialB, tangentA, tangentB;

    Metric() = default;
    explicit Metric(const cv::Vec3f& wanted) : L(wanted[0]), a(wanted[1]), b(wanted[2]) {
        const matching::TargetDistance distance({wanted[0], wanted[1], wanted[2]});
        radialA = float(distance.radialA());
        radialB = float(distance.radialB());
        tangentA = float(distance.tangentA());
        tangentB = float(distance.tangentB());
    }
    cv::Vec3f operator()(const cv::Vec3f& colour) const {
        const float da = colour[1] - a, db = colour[2] - b;
        return {colour[0] - L, radialA * da + radialB * db, tangentA * da + tangentB * db};
    }
};

float squared(const cv::Vec3f& v) {
    return v[0] * v[0] + v[1] * v[1] + v[2] * v[2];
}

float dot(const cv::Vec3f& one, const cv::Vec3f& other) {
    return one[0] * other[0] + one[1] * other[1] + one[2] * other[2];
}

/// One area at one scale.
struct Scale {
    cv::Mat wanted, mask, off;
    double factor = 1;            // pixels of the whole a pixel of this
    std::vector<Metric> metrics;  // of every pixel, row by row

    void measure() {
        metrics.resize(wanted.total());
        common::forEachIndex(wanted.rows, [&](int y) {
            for (int x = 0; x < wanted.cols; ++x)
                if (mask.at<uchar>(y, x))
                    metrics[std::size_t(y) * std::size_t(wanted.cols) + std::size_t(x)] =
                        Metric(wanted.at<cv::Vec3f>(y, x));
        });
    }
    const Metric* row(int y) const { return &metrics[std::size_t(y) * std::size_t(wanted.cols)]; }
};

/// Pictures reduced by the mean of what lies inside the mask.
Scale reduced(const Scale& whole, int factor) {
    if (factor == 1) return whole;
    const cv::Size size((whole.mask.cols + factor - 1) / factor, (whole.mask.rows + factor - 1) / factor);
    cv::Mat weight, weights;
    whole.mask.convertTo(weight, CV_32F, 1.0 / 255);
    cv::resize(weight, weight, size, 0, 0, cv::INTER_AREA);
    Scale small;
    small.factor = factor;
    small.mask = weight > 0.02;
    cv::max(weight, 0.02, weight);
    cv::merge(std::vector<cv::Mat>(3, weight), weights);
    const auto within = [&](const cv::Mat& picture) {
        cv::Mat inside = cv::Mat::zeros(picture.size(), CV_32FC3);
        picture.copyTo(inside, whole.mask);
        cv::resize(inside, inside, size, 0, 0, cv::INTER_AREA);
        cv::divide(inside, weights, inside);
        return inside;
    };
    small.wanted = within(whole.wanted);
    if (!whole.off.empty()) small.off = within(whole.off);
    return small;
}

class Mapper {
 public:
    explicit Mapper(const MapTask& task) : task_(task), layers_(task.layers) {
        for (const colour::Lab& tone : task.tones) {
            tones_.push_back({float(tone.L), float(tone.a), float(tone.b)});
            const colour::Xyz light = colour::xyzFromLab(tone);
            toneLight_.push_back({float(light.x), float(light.y), float(light.z)});
        }
    }

    std::vector<cv::Mat> maps() {
        const Scale whole{task_.wanted, task_.mask, task_.off, 1, {}};
        const int pixels = cv::countNonZero(task_.mask);
        bool isFirst = true;
        for (const int factor : {4, 2, 1}) {
            if (factor > 1 && pixels < 400 * factor * factor) continue;
            Scale scale = reduced(whole, factor);
            scale.measure();
            if (isFirst)
                begin(scale);
            else
                for (cv::Mat& map : maps_) cv::resize(map, map, scale.mask.size(), 0, 0, cv::INTER_LINEAR);
            takeLaid(scale);
            // A map that is so smooth has been found at a smaller size.
            std::vector<int> open;
            for (int layer = laidCount(); layer < layers_; ++layer)
                if (isFirst || factor > 1 || sigmaOf(layer, scale) < smoothFrom) open.push_back(layer);
            if (open.empty()) break;
            const cv::Mat light = xyzOf(scale.wanted);
            const int sweeps = factor > 1 || isFirst ? 2 : 1;
            for (int sweep = 0; sweep < sweeps; ++sweep) {
                // What the eye joins comes out a little off where marks are too broad for the detail: aim against it.
                if (sweep > 0 || !isFirst) aimAgain(scale, light);
                for (const int layer : open) follow(scale, layer);
            }
            isFirst = false;
        }
        std::vector<cv::Mat> out;
        for (int layer = 0; layer < layers_; ++layer)
            out.push_back(layer < laidCount() ? task_.laid[std::size_t(layer)] : finished(layer));
        return out;
    }

 private:
    int laidCount() const { return int(task_.laid.size()); }

    /// What lies there is as it is at every scale.
    void takeLaid(const Scale& scale) {
        for (int layer = 0; layer < laidCount(); ++layer) {
            cv::Mat& map = maps_[std::size_t(layer)];
            task_.laid[std::size_t(layer)].convertTo(map, CV_32F, 1.0 / mapStep);
            if (scale.factor > 1) cv::resize(map, map, scale.mask.size(), 0, 0, cv::INTER_AREA);
        }
    }

    double sigmaOf(int layer, const Scale& scale) const {
        return sigmaOfMark * task_.markPixels[std::size_t(layer)] / scale.factor;
    }

    /// Places beside the area get what lies nearest in it, so that maps can be enlarged.
    cv::Mat smoothed(const cv::Mat& map, int layer, const Scale& scale) const {
        return subject::blurredWithin(map, scale.mask, std::max(0.5, sigmaOf(layer, scale)));
    }

    static cv::Mat xyzOf(const cv::Mat& lab) {
        cv::Mat light(lab.size(), CV_32FC3);
        common::forEachIndex(lab.rows, [&](int y) {
            for (int x = 0; x < lab.cols; ++x) {
                const cv::Vec3f& v = lab.at<cv::Vec3f>(y, x);
                const colour::Xyz xyz = colour::xyzFromLab({v[0], v[1], v[2]});
                light.at<cv::Vec3f>(y, x) = {float(xyz.x), float(xyz.y), float(xyz.z)};
            }
        });
        return light;
    }

    float through(const pigment::ToneMix<mostStrokes>& mix, int further = 0) const {
        float part = 0;
        for (int i = 0; i < mix.count; ++i)
            part += mix.parts[std::size_t(i)] * task_.through[std::size_t(mix.tones[std::size_t(i)] + further)];
        return part;
    }

    /// The sheet's light by the maps as they are.
    cv::Mat lightLaid(const Scale& scale) const {
        cv::Mat light = cv::Mat::zeros(scale.mask.size(), CV_32FC3);
        common::forEachIndex(light.rows, [&](int y) {
            for (int x = 0; x < light.cols; ++x) {
                if (!scale.mask.at<uchar>(y, x)) continue;
                std::array<float, mostStrokes> at{};
                for (int k = 0; k < layers_; ++k)
                    at[std::size_t(k)] = std::clamp(maps_[std::size_t(k)].at<float>(y, x), 0.0f, 3.0f);
                const pigment::ToneMix<mostStrokes> mix(at.data(), layers_);
                cv::Vec3f& sum = light.at<cv::Vec3f>(y, x);
                for (int i = 0; i < mix.count; ++i)
                    sum += mix.parts[std::size_t(i)] * toneLight_[std::size_t(mix.tones[std::size_t(i)])];
                if (scale.off.empty()) continue;
                const colour::Lab film = colour::labFromXyz({sum[0], sum[1], sum[2]});
                const cv::Vec3f off = through(mix) * scale.off.at<cv::Vec3f>(y, x);
                const colour::Xyz seen = colour::xyzFromLab({film.L + off[0], film.a + off[1], film.b + off[2]});
                sum = {float(seen.x), float(seen.y), float(seen.z)};
            }
        });
        return light;
    }

    /// Moves what is aimed at by what the eye finds the sheet off, as it sees both from the easel.
    void aimAgain(Scale& scale, const cv::Mat& light) const {
        const double sigma = std::max(0.5, task_.eyePixels / scale.factor);
        cv::Mat seen = subject::blurredWithin(light, scale.mask, sigma);
        cv::Mat laid = subject::blurredWithin(lightLaid(scale), scale.mask, sigma);
        colour::toLab(seen);
        colour::toLab(laid);
        common::forEachIndex(seen.rows, [&](int y) {
            for (int x = 0; x < seen.cols; ++x) {
                if (!scale.mask.at<uchar>(y, x)) continue;
                cv::Vec3f off = seen.at<cv::Vec3f>(y, x) - laid.at<cv::Vec3f>(y, x);
                const float size = std::sqrt(squared(off));
                // What the sticks cannot reach is not to be chased.
                if (size > farthestAim) off *= farthestAim / size;
                Metric& metric = scale.metrics[std::size_t(y) * std::size_t(seen.cols) + std::size_t(x)];
                const cv::Vec3f& wanted = scale.wanted.at<cv::Vec3f>(y, x);
                metric.L = wanted[0] + off[0];
                metric.a = wanted[1] + off[1];
                metric.b = wanted[2] + off[2];
            }
        });
    }

    /// The nearest tone at each place alone, over what lies there.
    void begin(const Scale& scale) {
        for (int layer = 0; layer < layers_; ++layer) maps_.push_back(cv::Mat::zeros(scale.mask.size(), CV_32F));
        takeLaid(scale);
        const int over = pigment::toneCount(layers_ - laidCount());
        common::forEachIndex(scale.mask.rows, [&](int y) {
            for (int x = 0; x < scale.mask.cols; ++x) {
                if (!scale.mask.at<uchar>(y, x)) continue;
                const Metric& metric = scale.row(y)[x];
                int under = 0;
                for (int layer = 0; layer < laidCount(); ++layer)
                    under =
                        under * pigment::pressureLevels + int(std::lround(maps_[std::size_t(layer)].at<float>(y, x)));
                float least = 1e30f;
                int best = under * over;
                for (int i = under * over; i < (under + 1) * over; ++i) {
                    const auto tone = std::size_t(i);
                    cv::Vec3f colour = tones_[tone];
                    if (!scale.off.empty()) colour += task_.through[tone] * scale.off.at<cv::Vec3f>(y, x);
                    const float cost = squared(metric(colour)) + task_.faults[tone] * task_.faults[tone];
                    if (cost >= least) continue;
                    least = cost;
                    best = i;
                }
                for (int layer = laidCount(); layer < layers_; ++layer)
                    maps_[std::size_t(layer)].at<float>(y, x) = float(pigment::pressureIn(best, layer, layers_));
            }
        });
        for (int layer = laidCount(); layer < layers_; ++layer)
            maps_[std::size_t(layer)] = smoothed(maps_[std::size_t(layer)], layer, scale);
    }

    /// Gives one layer the pressures that bring each place nearest to what is wanted, the others as they are, and makes
    /// them as smooth as its mark.
    void follow(const Scale& scale, int layer) {
        const cv::Mat& now = maps_[std::size_t(layer)];
        cv::Mat next = cv::Mat::zeros(now.size(), CV_32F);
        const int stride = 1 << (2 * (layers_ - 1 - layer));
        common::forEachIndex(now.rows, [&](int y) {
            std::array<const float*, mostStrokes> rows{};
            for (int k = 0; k < layers_; ++k) rows[std::size_t(k)] = maps_[std::size_t(k)].ptr<float>(y);
            for (int x = 0; x < now.cols; ++x) {
                if (!scale.mask.at<uchar>(y, x)) continue;
                std::array<float, mostStrokes> at{};
                for (int k = 0; k < layers_; ++k) at[std::size_t(k)] = rows[std::size_t(k)][x];
                const pigment::ToneMix<mostStrokes> mix(at.data(), layers_, layer);
                const Metric& metric = scale.row(y)[x];
                std::array<cv::Vec3f, pigment::pressureLevels> seen;
                for (int level = 0; level < pigment::pressureLevels; ++level) {
                    cv::Vec3f sum;
                    for (int i = 0; i < mix.count; ++i)
                        sum +=
                            mix.parts[std::size_t(i)] * tones_[std::size_t(mix.tones[std::size_t(i)] + level * stride)];
                    if (!scale.off.empty()) sum += through(mix, level * stride) * scale.off.at<cv::Vec3f>(y, x);
                    seen[std::size_t(level)] = metric(sum);
                }
                next.at<float>(y, x) = nearest(seen, at[std::size_t(layer)]);
            }
        });
        maps_[std::size_t(layer)] = smoothed(next, layer, scale);
    }

    /// The pressure at which a line through four colours, told by their way from what is wanted, passes nearest, what
    /// it departs from `now` weighed in.
    static float nearest(const std::array<cv::Vec3f, pigment::pressureLevels>& seen, float now) {
        float least = 1e30f, best = now;
        for (std::size_t below = 0; below + 1 < seen.size(); ++below) {
            const cv::Vec3f along = seen[below + 1] - seen[below];
            const float from = now - float(below);
            const float way = squared(along) + changePrice;
            const float t = std::clamp((changePrice * from - dot(along, seen[below])) / way, 0.0f, 1.0f);
            const cv::Vec3f left = seen[below] + t * along;
            const float cost = squared(left) + changePrice * (t - from) * (t - from);
            if (cost >= least) continue;
            least = cost;
            best = float(below) + t;
        }
        return best;
    }

    /// In bytes, without patches smaller than the mark: where a pressure rises over its surroundings or sinks below
    /// them on less than that, it is levelled.
    cv::Mat finished(int layer) const {
        cv::Mat map;
        maps_[std::size_t(layer)].convertTo(map, CV_8U, mapStep);
        cv::Mat outside = task_.mask == 0;
        map.setTo(0, outside);
        const double radius = task_.markPixels[std::size_t(layer)] / 2;
        const int whole = cv::countNonZero(task_.mask);
        const int least = std::max(2, int(std::ceil(CV_PI * radius * radius)));
        for (int pass = 0; pass < 2; ++pass)
            for (const int threshold : {mapStep / 2 + 1, mapStep + mapStep / 2 + 1, 2 * mapStep + mapStep / 2 + 1}) {
                // Islands first, then holes; the next pass mends what levelling one has made of the other.
                level(map, map >= threshold, least, whole,
                      [&](uchar v) { return std::min<uchar>(v, uchar(threshold - 1)); });
                level(map, (map < threshold) & task_.mask, least, whole,
                      [&](uchar v) { return std::max<uchar>(v, uchar(threshold)); });
            }
        map.setTo(0, outside);
        return map;
    }

    template <typename To>
    static void level(cv::Mat& map, const cv::Mat& part, int least, int whole, const To& to) {
        if (cv::countNonZero(part) == 0) return;
        cv::Mat labels, stats, centres;
        const int count = cv::connectedComponentsWithStats(part, labels, stats, centres, 8, CV_32S);
        std::vector<bool> isSmall(std::size_t(count), false);
        bool isAny = false;
        for (int i = 1; i < count; ++i) {
            const int size = stats.at<int>(i, cv::CC_STAT_AREA);
            isSmall[std::size_t(i)] = size < least && size < whole;  // an area smaller than a mark is one patch
            isAny = isAny || isSmall[std::size_t(i)];
        }
        if (!isAny) return;
        for (int y = 0; y < map.rows; ++y)
            for (int x = 0; x < map.cols; ++x)
                if (isSmall[std::size_t(labels.at<int>(y, x))]) map.at<uchar>(y, x) = to(map.at<uchar>(y, x));
    }

    const MapTask& task_;
    int layers_;
    std::vector<cv::Vec3f> tones_, toneLight_;  // CIELAB and XYZ
    std::vector<cv::Mat> maps_;                 // CV_32F, 0..3
};

}  // namespace

std::vector<cv::Mat> pressureMaps(const MapTask& task) {
    return Mapper(task).maps();
}

}  // namespace planning
