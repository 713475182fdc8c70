#pragma once

#include <cstdint>
#include <optional>
#include <span>

namespace common {

struct PngSize {
    std::uint32_t width = 0, height = 0;
    double pixels() const { return double(width) * height; }
};

/// What a PNG's head says of its size, before anything of it is decoded; nothing if it is none.
/// ISO/IEC 15948, 5.2 and 11.2.2: eight bytes of signature, then the chunk IHDR with width and height, high byte first.
inline std::optional<PngSize> pngSize(std::span<const std::uint8_t> bytes) {
    constexpr std::uint8_t head[] = {0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n', 0, 0, 0, 13, 'I', 'H', 'D', 'R'};
    constexpr std::size_t sizeEnds = sizeof head + 8;
    if (bytes.size() < sizeEnds) return std::nullopt;
    for (std::size_t i = 0; i < sizeof head; ++i)
        if (bytes[i] != head[i]) return std::nullopt;
    const auto number = [&](std::size_t at) {
        std::uint32_t value = 0;
        for (std::size_t i = 0; i < 4; ++i) value = value << 8 | bytes[at + i];
        return value;
    };
    return PngSize{number(sizeof head), number(sizeof head + 4)};
}

}  // namespace common
