#include "pigment/hand.h"

#include <cmath>

#include "colour/difference.h"

namespace pigment {

StrokeSpread spreadOf(const Patch& patch, const Stroke& stroke, double spread, colour::Light light) {
    const auto laid = [&](HandSample hand) {
        Patch copy = patch;
        Stroke varied = stroke;
        varied.amountFactor *= hand.amount;
        varied.coverageFactor *= hand.coverage;
        lay(copy, varied);
        return labOf(copy, light);
    };
    const colour::Lab nominal = laid({1, 1});
    const auto samples = handSamples(spread);
    Eigen::Array3d sum = Eigen::Array3d::Zero(), squares = sum;
    double difference = 0;
    for (const HandSample& hand : samples) {
        const colour::Lab lab = laid(hand);
        const Eigen::Array3d v(lab.L, lab.a, lab.b);
        sum += v;
        squares += v.square();
        difference += colour::differenceCie2000(nominal, lab);
    }
    const auto count = double(samples.size());
    const Eigen::Array3d mean = sum / count;
    const Eigen::Array3d deviation = (squares / count - mean.square()).max(0.0).sqrt();
    return {{mean[0], mean[1], mean[2]}, {deviation[0], deviation[1], deviation[2]}, difference / count};
}

}  // namespace pigment
