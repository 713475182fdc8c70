#pragma once

#include <algorithm>
#include <vector>

namespace common {

/// The upper median; reorders the values, of which there must be one at least.
template <typename Number>
Number median(std::vector<Number>& values) {
    const auto middle = values.begin() + std::ptrdiff_t(values.size() / 2);
    std::ranges::nth_element(values, middle);
    return *middle;
}

}  // namespace common
