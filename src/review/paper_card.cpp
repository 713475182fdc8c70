#include "review/paper_card.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "colour/difference.h"
#include "colour/srgb.h"
#include "review/least_squares.h"

namespace review {

namespace {

using colour::Lab;
using pigment::Manner;
using pigment::Pressure;

/// Up to four equal layers that bring a usual tooth of this surface nearest to being filled by `share`.
FieldStrokes underlay(int stick, materials::Surface surface, double share) {
    materials::Material soft;
    soft.masstone = {128, 128, 128};
    const pigment::Pigment pigment = pigment::pigmentOf(soft);
    FieldStrokes best;
    double least = 1e9;
    for (const Pressure pressure : {Pressure::light, Pressure::medium, Pressure::heavy}) {
        pigment::Patch patch = pigment::barePatch(materials::profileOf(surface), colour::Spectrum::Constant(0.5f));
        for (std::size_t count = 1; count <= 4; ++count) {
            pigment::lay(patch, {&pigment, Manner::press, pressure});
            const double off = std::fabs(pigment::toothUsed(patch) - share);
            if (off >= least) continue;
            least = off;
            best.assign(count, {stick, Manner::press, pressure});
        }
    }
    return best;
}

Lab expected(const pigment::Patch& bare, const FieldStrokes& field, const FieldPigments& pigments) {
    return pigment::labOf(laidOver(bare, field, pigments, 1), colour::Light::daylight65);
}

}  // namespace

CardFields testFieldsOn(materials::Surface surface) {
    constexpr int farthest = int(TestStick::farthest), middle = int(TestStick::middle),
                  opposite = int(TestStick::opposite), pencil = int(TestStick::pencil);
    const auto filledTo = [surface](int stick, double share, pigment::Lay over) {
        FieldStrokes strokes = underlay(stick, surface, share);
        strokes.push_back(over);
        return strokes;
    };
    return {{
        {},
        {{farthest, Manner::scumble, Pressure::light}},
        {{farthest, Manner::scumble, Pressure::medium}},
        {{farthest, Manner::press, Pressure::light}},
        {{pencil, Manner::hatch, Pressure::medium}},
        {{middle, Manner::scumble, Pressure::light}},
        filledTo(farthest, 0.3, {opposite, Manner::scumble, Pressure::medium}),
        filledTo(farthest, 0.5, {opposite, Manner::scumble, Pressure::medium}),
        filledTo(farthest, 0.7, {opposite, Manner::scumble, Pressure::medium}),
        filledTo(farthest, 0.85, {opposite, Manner::press, Pressure::heavy}),
        filledTo(middle, 0.4, {pencil, Manner::hatch, Pressure::heavy}),
        filledTo(middle, 0.6, {farthest, Manner::press, Pressure::medium}),
    }};
}

std::optional<TestedPaper> testedPaper(const WindowReading& window, const PaperTest& test) {
    const materials::Paper& known = test.paper;
    const TestSticks& sticks = test.sticks;

    const CardFields fields = testFieldsOn(known.surface);
    const Lab bare = labOf(window[0]);
    std::vector<std::size_t> laid;
    double farthest = 0;
    for (std::size_t i = 1; i < windowFields; ++i) {
        if (!canBeLaid(fields[i], sticks)) continue;
        laid.push_back(i);
        farthest = std::max(farthest, colour::differenceCie2000(bare, labOf(window[i])));
    }
    constexpr double nothingLaid = 4;  // CIEDE2000
    if (laid.size() < 3 || farthest < nothingLaid) return std::nullopt;

    TestedPaper tested;
    tested.paper = known;
    tested.paper.tone = colour::srgb8FromSrgb(colour::srgbFromXyz(window[0].xyz));
    const auto with = [&](const Unknowns& x) {
        materials::Paper paper = tested.paper;
        paper.capacity = std::clamp(std::exp(x[0]), materials::leastTooth, materials::mostTooth);
        paper.grip = std::clamp(std::exp(x[1]), materials::leastTooth, materials::mostTooth);
        return paper;
    };
    // The sticks' own colours and the hand that lays a test are no better known than this; and a paper that is another
    // than its surface says is so by a factor of two, not of ten.
    constexpr double leastError = 1, toothSpread = 0.7;
    const FieldPigments pigments = pigmentsOf(sticks);
    const auto residuals = [&](const Unknowns& x) {
        const pigment::Patch paper = pigment::barePatch(with(x));
        std::vector<double> all;
        for (const std::size_t i : laid) {
            const Lab seen = expected(paper, fields[i], pigments), read = labOf(window[i]);
            const double error = std::hypot(leastError, window[i].error);
            all.insert(all.end(), {(seen.L - read.L) / error, (seen.a - read.a) / error, (seen.b - read.b) / error});
        }
        for (const double of : x) all.push_back(of / toothSpread);
        return all;
    };
    // A tooth that is full looks the same whatever it holds: the nearest of a few beginnings, then down from there.
    Unknowns start{0, 0};
    double least = 1e300;
    for (const double capacity : {-0.8, -0.4, 0.0, 0.4, 0.8})
        for (const double grip : {-0.4, 0.0, 0.4}) {
            const Unknowns from{capacity, grip};
            const std::vector<double> off = residuals(from);
            const double sum = std::inner_product(off.begin(), off.end(), off.begin(), 0.0);
            if (sum >= least) continue;
            least = sum;
            start = from;
        }
    const Fitted fitted = leastSquares(residuals, start);
    tested.paper = with(fitted.values);
    // The printer's inks and the camera are no better known than this.
    constexpr double leastColourError = 0.4;
    tested.colourError = std::hypot(leastColourError, window[0].error);
    // Where a field is just full the slope is steeper than any hand is steady.
    constexpr double leastShare = 0.03;
    tested.capacityError = std::hypot(leastShare, std::sqrt(fitted.covariance.at<double>(0, 0)));
    tested.gripError = std::hypot(leastShare, std::sqrt(fitted.covariance.at<double>(1, 1)));
    const pigment::Patch before = pigment::barePatch(known), after = pigment::barePatch(tested.paper);
    for (const std::size_t i : laid) {
        const double share = 1.0 / double(laid.size());
        tested.differenceBefore +=
            share * colour::differenceCie2000(expected(before, fields[i], pigments), labOf(window[i]));
        tested.difference += share * colour::differenceCie2000(expected(after, fields[i], pigments), labOf(window[i]));
    }
    return tested;
}

}  // namespace review
