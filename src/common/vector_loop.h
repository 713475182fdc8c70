#pragma once

#include <algorithm>
#include <bit>
#include <cmath>
#include <cstdint>

/// What the few hottest loops of the core are made of. They stand in files of their own (see house_kernel in
/// cmake/house.cmake) that are compiled for vectors; everything here is branchless so that such loops vectorise, and
/// good to about one part in 10^6.

/// Before a function: compiled once for each generation of processor, the best one chosen at start.
#if defined(__x86_64__) && !defined(YAWNING_DUNE_SANITIZED)
#define VECTOR_LOOP [[gnu::target_clones("default", "arch=x86-64-v3", "arch=x86-64-v4")]]
#else
#define VECTOR_LOOP
#endif

namespace common {

/// 2 to the power of -x, for x >= 0; from 126 on the least normal number.
inline float halved(float x) {
    const float bounded = std::min(x, 126.0f);
    // Adding 1.5 * 2^23 rounds to a whole number that stands in the lowest bits.
    const float whole = 12582912.0f - bounded;
    const float rest = (12582912.0f - whole) - bounded;
    const float power =
        1.0f + rest * (0.69314718f +
                       rest * (0.24022651f + rest * (5.5504109e-2f + rest * (9.6181291e-3f + rest * 1.3333558e-3f))));
    return std::bit_cast<float>((std::bit_cast<std::int32_t>(whole) << 23) + std::bit_cast<std::int32_t>(power));
}

/// Cube root for x >= 0: a third of the exponent, then two steps of Halley's method. What is
/// below 1e-20 counts as that much: numbers too small to be normal would stall the processor.
inline float cubeRoot(float value) {
    const float x = std::max(value, 1e-20f);
    const std::int32_t third =
        static_cast<std::int32_t>(static_cast<float>(std::bit_cast<std::int32_t>(x)) * (1.0f / 3.0f));
    float root = std::bit_cast<float>(third + 709921077);
    for (int step = 0; step < 2; ++step) {
        const float cube = root * root * root;
        root *= (cube + 2.0f * x) / (2.0f * cube + x);
    }
    return root;
}

}  // namespace common
