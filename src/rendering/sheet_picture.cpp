#include "rendering/sheet_picture.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <numeric>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

#include "common/parallel.h"
#include "pigment/tones.h"
#include "rendering/tone_light.h"

namespace rendering {

namespace {

cv::Mat noise(cv::Size size, unsigned seed) {
    std::mt19937 random(seed);
    cv::Mat out(size, CV_32F);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x) out.at<float>(y, x) = float(random() >> 8) / 16777216.0f - 0.5f;
    return out;
}

cv::Mat smoothed(const cv::Mat& source, double sigmaX, double sigmaY) {
    cv::Mat out;
    cv::GaussianBlur(source, out, {}, std::max(0.3, sigmaX), std::max(0.3, sigmaY), cv::BORDER_REFLECT);
    double mean = cv::mean(out)[0];
    cv::Mat spread;
    cv::multiply(out - mean, out - mean, spread);
    return (out - mean) / std::sqrt(std::max(1e-12, cv::mean(spread)[0]));
}

/// A wave along y (laid) or crossed (honeycomb), as heights about 0.
cv::Mat waves(cv::Size size, double period, bool crossed) {
    cv::Mat out(size, CV_32F);
    const double turn = 2.0 * CV_PI / std::max(2.5, period);
    for (int y = 0; y < out.rows; ++y)
        for (int x = 0; x < out.cols; ++x)
            out.at<float>(y, x) = crossed ? float(std::sin(turn * (x + 0.58 * y)) + std::sin(turn * (x - 0.58 * y)))
                                          : float(1.2 * std::sin(turn * y));
    return out;
}

cv::Mat heights(materials::Grain grain, cv::Size size, double pixels) {
    cv::Mat rough = smoothed(noise(size, 11), pixels * 0.5, pixels * 0.5);
    switch (grain) {
        case materials::Grain::grit:
            return rough;
        case materials::Grain::fibre:
            return rough + 0.7 * smoothed(noise(size, 23), pixels * 2.0, pixels * 0.4);
        case materials::Grain::cells:
            return 0.6 * rough + waves(size, pixels * 2.4, true);
        case materials::Grain::lines:
            return 0.7 * rough + waves(size, pixels * 2.0, false);
        case materials::Grain::wove:
            return rough + 0.6 * smoothed(noise(size, 37), pixels * 1.5, pixels * 1.5);
    }
    return rough;
}

}  // namespace

cv::Mat evenLevels(const cv::Mat& heights, int levels) {
    // Ranked, but only as far as the levels need it; ties go by position.
    std::vector<int> order(heights.total());
    std::iota(order.begin(), order.end(), 0);
    const float* h = heights.ptr<float>();
    const auto isLower = [h](int one, int other) { return std::pair(h[one], one) < std::pair(h[other], other); };
    const auto firstOf = [&](int level) {
        return order.begin() +
               std::ptrdiff_t((std::size_t(level) * order.size() + std::size_t(levels) - 1) / std::size_t(levels));
    };
    cv::Mat out(heights.size(), CV_8U);
    const std::function<void(int, int)> part = [&](int from, int to) {
        if (to - from > 1) {
            const int middle = (from + to) / 2;
            if (firstOf(middle) != firstOf(to)) std::nth_element(firstOf(from), firstOf(middle), firstOf(to), isLower);
            part(from, middle);
            part(middle, to);
            return;
        }
        for (auto at = firstOf(from); at != firstOf(to); ++at) out.ptr()[*at] = static_cast<uchar>(from);
    };
    part(0, levels);
    return out;
}

cv::Mat grainMap(materials::Surface surface, cv::Size size, double millimetresPerPixel) {
    const materials::SurfaceProfile& profile = materials::profileOf(surface);
    const cv::Mat height = heights(profile.grain, size, profile.grainMillimetres / millimetresPerPixel);
    return evenLevels(-height, pigment::cellCount);
}

namespace {

/// The rows of pressure maps at a height.
class PressureRows {
 public:
    PressureRows(const std::vector<cv::Mat>& maps, int y) {
        for (std::size_t k = 0; k < std::min(maps.size(), rows_.size()); ++k) rows_[k] = maps[k].ptr<uchar>(y);
    }
    /// Adds `share` of the light of a part laid so, off by `off` beneath what covers that.
    void addLight(std::array<float, 4>& sum, const PartLight& part, int x, uchar cell, float share,
                  const cv::Vec3f* off) const {
        std::array<float, mostStrokes> at{};
        for (int k = 0; k < part.strokes; ++k) at[std::size_t(k)] = float(rows_[std::size_t(k)][x]) * (1.0f / mapStep);
        const pigment::ToneMix<mostStrokes> mix(at.data(), part.strokes);
        for (int i = 0; i < mix.count; ++i) {
            const auto& tone = part.tones[std::size_t(mix.tones[std::size_t(i)])][cell];
            const float weight = share * mix.parts[std::size_t(i)];
            for (std::size_t c = 0; c < 4; ++c) sum[c] += weight * tone[c];
            if (!off) continue;
            const float through = weight * part.through[std::size_t(mix.tones[std::size_t(i)])].light;
            for (int c = 0; c < 3; ++c) sum[std::size_t(c)] += through * (*off)[c];
        }
    }

 private:
    std::array<const uchar*, mostStrokes> rows_{};
};

}  // namespace

cv::Mat sheetPicture(const cv::Mat& partMap, const std::vector<LaidPart>& parts, const std::vector<cv::Mat>& pressures,
                     const cv::Mat& grain, colour::Light light, const RunIn& runIn, const cv::Mat& off) {
    const bool isFlat = grain.empty();
    CV_Assert(isFlat || partMap.size() == grain.size());
    std::vector<PartLight> lights(parts.size());
    common::forEachIndex(int(parts.size()), [&](int i) {
        const LaidPart& part = parts[std::size_t(i)];
        lights[std::size_t(i)] = lightOf(part, light, isFlat);
        if (!off.empty())
            lights[std::size_t(i)].through = pigment::throughTones(part.ground, part.strokes, part.seen, light);
    });
    cv::Mat out(partMap.size(), CV_8UC3);
    common::forEachIndex(out.rows, [&](int y) {
        const PressureRows own(pressures, y), running(runIn.pressures, y);
        const int* part = partMap.ptr<int>(y);
        const int* runningPart = runIn.share.empty() ? nullptr : runIn.part.ptr<int>(y);
        const uchar* taken = runIn.share.empty() ? nullptr : runIn.share.ptr<uchar>(y);
        const uchar* cells = isFlat ? nullptr : grain.ptr<uchar>(y);
        const cv::Vec3f* offRow = off.empty() ? nullptr : off.ptr<cv::Vec3f>(y);
        cv::Vec3b* row = out.ptr<cv::Vec3b>(y);
        for (int x = 0; x < out.cols; ++x) {
            const uchar cell = isFlat ? 0 : cells[x];
            const float share = taken ? float(taken[x]) / 255 : 0;
            std::array<float, 4> sum{};
            const cv::Vec3f* here = offRow ? offRow + x : nullptr;
            own.addLight(sum, lights[std::size_t(part[x])], x, cell, 1 - share, here);
            if (share > 0) running.addLight(sum, lights[std::size_t(runningPart[x])], x, cell, share, here);
            row[x] = cv::Vec3b(encoded(sum[0]), encoded(sum[1]), encoded(sum[2]));
        }
    });
    return out;
}

}  // namespace rendering
