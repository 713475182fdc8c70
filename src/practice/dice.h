#pragma once

#include <cstddef>
#include <random>
#include <utility>
#include <vector>

namespace practice {

/// What falls to a question by chance: the same for the same seed.
class Dice {
 public:
    explicit Dice(unsigned seed) : random_(seed) {}
    double between(double least, double most) { return std::uniform_real_distribution<double>(least, most)(random_); }
    int below(int count) { return std::uniform_int_distribution<int>(0, count - 1)(random_); }
    bool coin() { return below(2) == 1; }
    template <typename T>
    const T& oneOf(const std::vector<T>& all) {
        return all[std::size_t(below(int(all.size())))];
    }
    template <typename T>
    void shuffle(std::vector<T>& all) {
        for (std::size_t i = all.size(); i > 1; --i) std::swap(all[i - 1], all[std::size_t(below(int(i)))]);
    }

 private:
    std::mt19937 random_;
};

}  // namespace practice
