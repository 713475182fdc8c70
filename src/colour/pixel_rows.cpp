#include "colour/pixel_rows.h"

#include <algorithm>
#include <cmath>

#include "colour/lab.h"
#include "colour/lab_compression.h"

namespace colour {

namespace {

/// Pixels that are taken apart into planes at a time; the planes stay in the nearest cache.
constexpr int blockSize = 128;

struct Planes {
    alignas(64) float first[blockSize], second[blockSize], third[blockSize];
};

inline void split(const float* pixels, Planes& planes, int count) {
    for (int i = 0; i < count; ++i) {
        planes.first[i] = pixels[3 * i];
        planes.second[i] = pixels[3 * i + 1];
        planes.third[i] = pixels[3 * i + 2];
    }
}

inline void join(const Planes& planes, float* pixels, int count) {
    for (int i = 0; i < count; ++i) {
        pixels[3 * i] = planes.first[i];
        pixels[3 * i + 1] = planes.second[i];
        pixels[3 * i + 2] = planes.third[i];
    }
}

template <typename Code>
inline void xyzOfCodes(const Code* bgr, const CodeLight& light, float* xyz, int count) {
    const auto [red, green, blue] = light.curves;
    const std::array<float, 9> m = light.matrix;
    Planes rgb, out;
    for (int start = 0; start < count; start += blockSize) {
        const int size = std::min(blockSize, count - start);
        for (int i = 0; i < size; ++i) {
            const Code* pixel = bgr + 3 * (start + i);
            rgb.first[i] = red[pixel[2]];
            rgb.second[i] = green[pixel[1]];
            rgb.third[i] = blue[pixel[0]];
        }
#pragma omp simd
        for (int i = 0; i < size; ++i) {
            out.first[i] = m[0] * rgb.first[i] + m[1] * rgb.second[i] + m[2] * rgb.third[i];
            out.second[i] = m[3] * rgb.first[i] + m[4] * rgb.second[i] + m[5] * rgb.third[i];
            out.third[i] = m[6] * rgb.first[i] + m[7] * rgb.second[i] + m[8] * rgb.third[i];
        }
        join(out, xyz + 3 * start, size);
    }
}

/// CIEDE2000 (ISO/CIE 11664-6) with the angles' functions taken from the hues' unit vectors: the mean hue is the
/// bisector's, and sines and cosines of its multiples follow from powers of it. In three short steps, each over a whole
/// block, since one long chain of roots would leave the processor waiting.
struct Chromas {
    alignas(64) float c1[blockSize], c2[blockSize];
};

struct Hues {
    alignas(64) float cosine[blockSize], sine[blockSize], step[blockSize];
};

/// sqrt(c^7 / (c^7 + 25^7))
[[gnu::always_inline]] inline float seventhWeight(float c) {
    const float v = c * 0.04f, v2 = v * v, c7 = v2 * v2 * v2 * v;
    return std::sqrt(c7 / (c7 + 1.0f));
}

/// Stretches a* near the greys and gives the chromas that follow.
[[gnu::always_inline]] inline void stretch(Planes& one, Planes& other, Chromas& chromas, int size) {
#pragma omp simd
    for (int i = 0; i < size; ++i) {
        const float a1 = one.second[i], b1 = one.third[i], a2 = other.second[i], b2 = other.third[i];
        const float mean = 0.5f * (std::sqrt(a1 * a1 + b1 * b1) + std::sqrt(a2 * a2 + b2 * b2));
        const float factor = 1.5f - 0.5f * seventhWeight(mean);
        const float x1 = a1 * factor, x2 = a2 * factor;
        one.second[i] = x1;
        other.second[i] = x2;
        chromas.c1[i] = std::sqrt(x1 * x1 + b1 * b1);
        chromas.c2[i] = std::sqrt(x2 * x2 + b2 * b2);
    }
}

/// The bisector of the two hues, and the hue difference. A grey has no hue and lets the other one stand.
[[gnu::always_inline]] inline void bisect(const Planes& one, const Planes& other, const Chromas& chromas, Hues& hues,
                                          int size) {
    constexpr float tiny = 1e-12f;
#pragma omp simd
    for (int i = 0; i < size; ++i) {
        // Both hues at the length of c1 c2: nothing is divided before the end.
        const float c1 = chromas.c1[i] + tiny, c2 = chromas.c2[i] + tiny;
        const float u1 = one.second[i] * c2, v1 = one.third[i] * c2;
        const float u2 = other.second[i] * c1, v2 = other.third[i] * c1;
        const float sumU = u1 + u2, sumV = v1 + v2, turnU = u2 - u1, turnV = v2 - v1;
        const float sum2 = sumU * sumU + sumV * sumV, turn2 = turnU * turnU + turnV * turnV;
        // Both are of one length, so the bisector lies along the sum and across the difference: the longer of the two
        // tells it without cancellation.
        const bool across = turn2 > sum2;
        const float u = across ? -turnV : sumU, v = across ? turnU : sumV;
        const float towards = u * sumU + v * sumV < 0.0f ? -1.0f : 1.0f;
        const float overLength = towards / (std::sqrt(across ? turn2 : sum2) + tiny * tiny);
        hues.cosine[i] = u * overLength;
        hues.sine[i] = v * overLength;
        const float side = u1 * v2 - v1 * u2 < 0.0f ? -1.0f : 1.0f;
        hues.step[i] = side * std::sqrt(turn2 / (c1 * c2));
    }
}

/// Minus the sine of twice the rotation angle of CIEDE2000, 60 degrees times a Gaussian around 275 degrees.
[[gnu::always_inline]] inline float blueTwist(float cosine, float sine) {
    // The angle from 275 degrees is only wanted within a quarter turn, where the Gaussian is not yet nought: the series
    // of the arc tangent of its half serves.
    const float along = 0.08715574f * cosine - 0.99619470f * sine, across = 0.08715574f * sine + 0.99619470f * cosine;
    const float half = across / (1.0f + std::max(along, 0.0f)), half2 = half * half;
    const float series =
        1.0f +
        half2 *
            (-0.33325395f +
             half2 * (0.19861857f +
                      half2 * (-0.13398803f + half2 * (0.08216782f + half2 * (-0.03551993f + half2 * 7.37402e-3f)))));
    const float widths = 2.0f * half * series * (57.2957795f / 25.0f);
    const float bell = along > 0.0f ? common::halved(1.44269504f * widths * widths) : 0.0f;
    const float angle = 1.04719755f * bell, angle2 = angle * angle;
    return -angle *
           (1.0f + angle2 * (-1.0f / 6 + angle2 * (1.0f / 120 + angle2 * (-1.0f / 5040 + angle2 / 362880.0f))));
}

[[gnu::always_inline]] inline void weigh(const Planes& one, const Planes& other, const Chromas& chromas,
                                         const Hues& hues, float* difference, int size) {
#pragma omp simd
    for (int i = 0; i < size; ++i) {
        const float cosine = hues.cosine[i], sine = hues.sine[i];
        const float cos2 = cosine * cosine - sine * sine, sin2 = 2.0f * cosine * sine;
        const float cos3 = cos2 * cosine - sin2 * sine, sin3 = sin2 * cosine + cos2 * sine;
        const float cos4 = cos2 * cos2 - sin2 * sin2, sin4 = 2.0f * cos2 * sin2;
        const float t = 1.0f - 0.17f * (0.86602540f * cosine + 0.5f * sine) + 0.24f * cos2 +
                        0.32f * (0.99452190f * cos3 - 0.10452846f * sin3) -
                        0.20f * (0.45399050f * cos4 + 0.89100652f * sin4);
        const float chroma = 0.5f * (chromas.c1[i] + chromas.c2[i]);
        const float meanL = 0.5f * (one.first[i] + other.first[i]) - 50.0f;
        const float scaleL = 1.0f + 0.015f * meanL * meanL / std::sqrt(20.0f + meanL * meanL);
        const float scaleC = 1.0f + 0.045f * chroma, scaleH = 1.0f + 0.015f * chroma * t;
        const float over = 1.0f / (scaleL * scaleC * scaleH);
        const float l = (other.first[i] - one.first[i]) * (over * scaleC * scaleH);
        const float c = (chromas.c2[i] - chromas.c1[i]) * (over * scaleL * scaleH);
        const float h = hues.step[i] * (over * scaleL * scaleC);
        const float rotation = 2.0f * seventhWeight(chroma) * blueTwist(cosine, sine);
        difference[i] = std::sqrt(std::max(0.0f, l * l + c * c + h * h + rotation * c * h));
    }
}

}  // namespace

VECTOR_LOOP void xyzRowFromCodes(const std::uint8_t* bgr, const CodeLight& light, float* xyz, int count) {
    xyzOfCodes(bgr, light, xyz, count);
}

VECTOR_LOOP void xyzRowFromCodes(const std::uint16_t* bgr, const CodeLight& light, float* xyz, int count) {
    xyzOfCodes(bgr, light, xyz, count);
}

VECTOR_LOOP void labRowFromXyz(const float* xyz, float* lab, int count) {
    Planes in, out;
    for (int start = 0; start < count; start += blockSize) {
        const int size = std::min(blockSize, count - start);
        split(xyz + 3 * start, in, size);
#pragma omp simd
        for (int i = 0; i < size; ++i) {
            const float fx = labCompressed(in.first[i] * float(1.0 / whiteD50.x));
            const float fy = labCompressed(in.second[i]);
            const float fz = labCompressed(in.third[i] * float(1.0 / whiteD50.z));
            out.first[i] = 116.0f * fy - 16.0f;
            out.second[i] = 500.0f * (fx - fy);
            out.third[i] = 200.0f * (fy - fz);
        }
        join(out, lab + 3 * start, size);
    }
}

VECTOR_LOOP void differenceRow(const float* one, const float* other, float* difference, int count) {
    Planes p, q;
    Chromas chromas;
    Hues hues;
    for (int start = 0; start < count; start += blockSize) {
        const int size = std::min(blockSize, count - start);
        split(one + 3 * start, p, size);
        split(other + 3 * start, q, size);
        stretch(p, q, chromas, size);
        bisect(p, q, chromas, hues, size);
        weigh(p, q, chromas, hues, difference + start, size);
    }
}

}  // namespace colour
