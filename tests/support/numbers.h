#pragma once

#include <random>

/// Random numbers that are the same on every machine.
class Numbers {
 public:
    explicit Numbers(unsigned seed) : random_(seed) {}
    double between(double least, double most) { return least + (most - least) * double(random_() >> 5) / 134217728.0; }
    int below(int count) { return int(random_() % unsigned(count)); }

 private:
    std::mt19937 random_;
};
