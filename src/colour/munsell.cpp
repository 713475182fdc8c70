#include "colour/munsell.h"

#include <algorithm>
#include <cmath>

#include "colour/lab.h"

namespace colour {

double luminanceOfMunsellValue(double value) {
    const double v = std::clamp(value, 0.0, 10.0);
    return v * (1.1914 + v * (-0.22533 + v * (0.23352 + v * (-0.020484 + v * 0.00081939)))) / 100.0;
}

double munsellValue(double y) {
    const double target = std::clamp(y, 0.0, 1.0);
    double v = 10.0 * std::sqrt(target);
    for (int i = 0; i < 30; ++i) {
        const double error = luminanceOfMunsellValue(v) - target;
        const double slope = (1.1914 + v * (-0.45066 + v * (0.70056 + v * (-0.081936 + v * 0.00409695)))) / 100.0;
        const double next = std::clamp(v - error / slope, 0.0, 10.0);
        if (std::fabs(next - v) < 1e-12) return next;
        v = next;
    }
    return v;
}

double munsellValueOfLightness(double L) {
    return munsellValue(xyzFromLab({L, 0, 0}).y);
}

double lightnessOfMunsellValue(double value) {
    return labFromXyz({0, luminanceOfMunsellValue(value), 0}).L;
}

}  // namespace colour
