#include "pigment/readings.h"

#include <algorithm>

namespace pigment {

namespace {

struct Powers {
    double absorb, scatter;
};

/// In a = 1 + K/S and c = b coth(bSx), Kubelka's equation R (a - G + c) = 1 - G a + G c is linear; two grounds give
/// both.
Powers solved(double overWhite, double overBlack, double white, double black) {
    const double least = 0.0005, most = 0.9995;
    const double rb = std::clamp(overBlack, least, most);
    const double rw = std::clamp(overWhite, rb, most);
    const double m11 = rw + white, m12 = rw - white, m21 = rb + black, m22 = rb - black;
    const double v1 = 1 + rw * white, v2 = 1 + rb * black;
    const double determinant = m11 * m22 - m12 * m21;
    const double a = std::max(1.0 + 1e-7, (v1 * m22 - m12 * v2) / determinant);
    const double c = (m11 * v2 - v1 * m21) / determinant;
    const double b = std::sqrt(a * a - 1);
    // c sinks to b as the film grows; at b / 0.999 it hides 99.9 %.
    const double thickness = std::atanh(std::clamp(b / c, 1e-6, 0.999)) / b;
    return {(a - 1) * thickness, thickness};
}

}  // namespace

FilmPowers powersFromReadings(const Readings& readings) {
    FilmPowers powers;
    for (int i = 0; i < colour::bandCount; ++i) {
        const Powers p = solved(readings.overWhite[i], readings.overBlack[i], readings.white[i], readings.black[i]);
        powers.absorb[i] = float(p.absorb);
        powers.scatter[i] = float(p.scatter);
    }
    return powers;
}

}  // namespace pigment
