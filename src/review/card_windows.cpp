#include "review/card_windows.h"

#include <algorithm>
#include <cmath>

#include "review/card_light.h"

namespace review {

namespace {

WindowField fieldIn(const LitCard& card, const cv::Rect2d& field) {
    constexpr double margin = 2.5;  // millimetres: hands do not keep to the line
    LinearSamples samples = card.inside(field, margin);
    WindowField reading;
    if (samples.empty()) return reading;
    const cv::Vec3f under = card.white.at((field.tl() + field.br()) * 0.5);
    cv::Vec3d sum(0, 0, 0);
    for (cv::Vec3f& v : samples) {
        cv::divide(v, under, v);
        v = card.curve(v);
        sum += v;
    }
    // All counts: the grain's lights and darks are what the eye joins.
    const cv::Vec3f mean(sum / double(samples.size()));
    reading.xyz = xyzOf(mean);
    double squares = 0;
    for (const cv::Vec3f& v : samples)
        squares += std::pow(colour::labFromXyz(xyzOf(v)).L - colour::labFromXyz(reading.xyz).L, 2);
    // Each square millimetre of grain counts as one reading.
    const double count = (field.width - 2 * margin) * (field.height - 2 * margin);
    reading.error = std::sqrt(squares / double(samples.size()) / count);
    return reading;
}

}  // namespace

bool canBeLaid(const FieldStrokes& field, CardSticks sticks) {
    return std::ranges::all_of(field, [&](const pigment::Lay& lay) {
        return !pigment::laysPigment(lay.manner) || sticks[std::size_t(lay.stick)].has_value();
    });
}

FieldPigments pigmentsOf(CardSticks sticks) {
    FieldPigments pigments(sticks.size());
    for (std::size_t i = 0; i < sticks.size(); ++i)
        if (sticks[i]) pigments[i] = pigment::pigmentOf(*sticks[i]);
    return pigments;
}

pigment::Patch laidOver(pigment::Patch patch, const FieldStrokes& field, const FieldPigments& pigments, float hand) {
    return pigment::laidOn(
        std::move(patch), field, [&](int stick) -> const pigment::Pigment& { return *pigments[std::size_t(stick)]; },
        hand);
}

pigment::Patch laidField(const FieldStrokes& field, const materials::Paper& paper, CardSticks sticks, float hand) {
    return laidOver(pigment::barePatch(paper), field, pigmentsOf(sticks), hand);
}

colour::Lab labOf(const WindowField& field) {
    return colour::labFromXyz(field.xyz);
}

common::Result<WindowsReading> readWindows(const cv::Mat& xyz, CardKind kind, const std::string& name) {
    const auto card = lightOf(xyz, kind, name);
    if (!card) return card.problem();
    WindowsReading reading;
    reading.paper = card->place.paper;
    reading.page = card->place.page;
    const WindowsLayout& layout = windowsOf(reading.paper);
    for (std::size_t w = 0; w < cardWindows; ++w)
        for (std::size_t i = 0; i < windowFields; ++i)
            reading.windows[w][i] = fieldIn(*card, layout.windows[w].fields[i]);
    return reading;
}

}  // namespace review
