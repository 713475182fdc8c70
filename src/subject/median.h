#pragma once

#include <algorithm>
#include <vector>

namespace subject {

/// The upper median; reorders the values, of which there must be one at least.
inline float median(std::vector<float>& values) {
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::ranges::nth_element(values, middle);
    return *middle;
}

}  // namespace subject
