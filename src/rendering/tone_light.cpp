#include "rendering/tone_light.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>

#include "colour/reflectance.h"
#include "colour/srgb.h"
#include "common/parallel.h"
#include "pigment/tones.h"

namespace rendering {

PartLight lightOf(const LaidPart& part, colour::Light light, bool isFlat) {
    static const Eigen::Matrix3f toLinear = colour::d50FromLinearSrgb().inverse().cast<float>();
    Eigen::Matrix<float, 3, colour::bandCount> weights;
    for (int c = 0; c < 3; ++c)
        for (int band = 0; band < colour::bandCount; ++band)
            weights(c, band) = colour::xyzWeights(light)[std::size_t(c)][std::size_t(band)];
    const Eigen::Matrix<float, 3, colour::bandCount> seenBy = toLinear * weights;
    PartLight all;
    all.strokes = int(part.strokes.size());
    all.tones.resize(std::size_t(pigment::toneCount(all.strokes)));
    pigment::forEachTone(part.ground, part.strokes, [&](int tone, const pigment::Patch& patch) {
        Eigen::Matrix<float, pigment::cellCount, 3> cells = patch.seen.matrix() * seenBy.transpose();
        if (isFlat) cells.row(0) = cells.colwise().mean().eval();
        for (int cell = 0; cell < pigment::cellCount; ++cell)
            all.tones[std::size_t(tone)][std::size_t(cell)] = {cells(cell, 0), cells(cell, 1), cells(cell, 2), 0};
    });
    return all;
}

namespace {

constexpr int codeSize = 1 << 14;

const std::array<uchar, codeSize + 1>& codes() {
    static const auto all = [] {
        std::array<uchar, codeSize + 1> made;
        for (int i = 0; i <= codeSize; ++i)
            made[std::size_t(i)] = uchar(std::lround(255 * colour::encodedFromLinear(double(i) / codeSize)));
        return made;
    }();
    return all;
}

}  // namespace

uchar encoded(float linear) {
    return codes()[std::size_t(std::clamp(linear, 0.0f, 1.0f) * float(codeSize) + 0.5f)];
}

cv::Vec3b encoded(const Eigen::Array4f& linear) {
    const Eigen::Array4i at = (linear.max(0.0f).min(1.0f) * float(codeSize) + 0.5f).cast<int>();
    const auto& code = codes();
    return {code[std::size_t(at[0])], code[std::size_t(at[1])], code[std::size_t(at[2])]};
}

cv::Mat halved(const cv::Mat& picture) {
    static const auto light = [] {
        std::array<float, 256> all;
        for (int i = 0; i < 256; ++i) all[std::size_t(i)] = float(colour::linearFromEncoded(i / 255.0)) / 4;
        return all;
    }();
    cv::Mat half(picture.rows / 2, picture.cols / 2, CV_8UC3);
    common::forEachIndex(half.rows, [&](int y) {
        const cv::Vec3b *one = picture.ptr<cv::Vec3b>(2 * y), *other = picture.ptr<cv::Vec3b>(2 * y + 1);
        for (int x = 0; x < half.cols; ++x)
            for (int c = 0; c < 3; ++c)
                half.at<cv::Vec3b>(y, x)[c] = encoded(light[one[2 * x][c]] + light[one[2 * x + 1][c]] +
                                                      light[other[2 * x][c]] + light[other[2 * x + 1][c]]);
    });
    return half;
}

}  // namespace rendering
