#include "colour/picture_under.h"

#include <array>
#include <cmath>
#include <memory>
#include <mutex>
#include <opencv2/core/utility.hpp>
#include <vector>

#include "colour/reflectance.h"
#include "colour/srgb.h"

namespace colour {

namespace {

constexpr int levels = 17;

using Table = std::vector<cv::Vec3f>;  // sRGB under the light, 0..255; blue runs fastest

std::size_t placeOf(int r, int g, int b) {
    return std::size_t((r * levels + g) * levels + b);
}

Table tableFor(Light light) {
    Table table(levels * levels * levels);
    cv::parallel_for_(cv::Range(0, levels), [&](const cv::Range& range) {
        for (int r = range.start; r < range.end; ++r)
            for (int g = 0; g < levels; ++g)
                for (int b = 0; b < levels; ++b) {
                    const Srgb seen{r / (levels - 1.0), g / (levels - 1.0), b / (levels - 1.0)};
                    const Srgb under = srgbFromXyz(xyzOfReflectance(reflectanceFromSrgb(seen), light));
                    table[placeOf(r, g, b)] = cv::Vec3f(float(under.r), float(under.g), float(under.b)) * 255;
                }
    });
    return table;
}

const Table& tableOf(Light light) {
    static std::array<std::once_flag, lightCount> made;
    static std::array<Table, lightCount> tables;
    const auto index = static_cast<std::size_t>(light);
    std::call_once(made[index], [&] { tables[index] = tableFor(light); });
    return tables[index];
}

/// Linear between the eight corners around the colour.
cv::Vec3b between(const Table& table, const cv::Vec3b& rgb) {
    int low[3];
    float rest[3];
    for (int c = 0; c < 3; ++c) {
        const float place = float(rgb[c]) * (levels - 1) / 255.0f;
        low[c] = std::min(levels - 2, int(place));
        rest[c] = place - float(low[c]);
    }
    cv::Vec3f sum(0, 0, 0);
    for (int corner = 0; corner < 8; ++corner) {
        const int r = corner & 1, g = corner >> 1 & 1, b = corner >> 2;
        const float share = (r ? rest[0] : 1 - rest[0]) * (g ? rest[1] : 1 - rest[1]) * (b ? rest[2] : 1 - rest[2]);
        sum += share * table[placeOf(low[0] + r, low[1] + g, low[2] + b)];
    }
    return {cv::saturate_cast<uchar>(sum[0]), cv::saturate_cast<uchar>(sum[1]), cv::saturate_cast<uchar>(sum[2])};
}

}  // namespace

cv::Mat pictureUnder(const cv::Mat& rgb, Light light) {
    CV_Assert(rgb.type() == CV_8UC3);
    if (light == Light::daylight65) return rgb;
    const Table& table = tableOf(light);
    cv::Mat out(rgb.size(), CV_8UC3);
    cv::parallel_for_(cv::Range(0, rgb.rows), [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y)
            for (int x = 0; x < rgb.cols; ++x) out.at<cv::Vec3b>(y, x) = between(table, rgb.at<cv::Vec3b>(y, x));
    });
    return out;
}

}  // namespace colour
