#include "practice/swatch_questions.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/warmth.h"
#include "pigment/patch.h"

namespace practice {

namespace {

using colour::Lab;

bool isWithin(const Lab& lab) {
    const colour::Srgb srgb = colour::srgbFromLab(lab);
    constexpr double rounding = 1e-4;
    return std::min({srgb.r, srgb.g, srgb.b}) > -rounding && std::max({srgb.r, srgb.g, srgb.b}) < 1 + rounding;
}

/// The most vivid that a screen shows of this hue and lightness.
Lab shownAs(const Lab& lab) {
    Lab most = lab;
    for (double part = 1; !isWithin(most) && part > 0; part -= 0.02) most = {lab.L, part * lab.a, part * lab.b};
    return most;
}

double valueOf(const Lab& lab) {
    return colour::munsellValueOfLightness(lab.L);
}
Lab atValue(const Lab& lab, double value) {
    return shownAs({colour::lightnessOfMunsellValue(value), lab.a, lab.b});
}

/// The `by` for which two colours made with it are so far apart, where that grows with it; as far as they go.
template <typename Pair>
double byFor(double apart, double most, const Pair& pairAt) {
    double low = 0, high = most;
    for (int i = 0; i < 40; ++i) {
        const double middle = (low + high) / 2;
        const auto [one, other] = pairAt(middle);
        (colour::differenceCie2000(one, other) < apart ? low : high) = middle;
    }
    return (low + high) / 2;
}

struct Pair {
    Lab right, wrong;
};

/// Two choices in either order.
void showPair(Question& question, Dice& dice, const Pair& pair) {
    question.right = dice.below(2);
    question.shown = question.right == 0 ? std::vector{pair.right, pair.wrong} : std::vector{pair.wrong, pair.right};
}

/// The true one among others, in any order.
void showAmong(Question& question, Dice& dice, const Lab& right, std::vector<Lab> others) {
    dice.shuffle(others);
    question.right = dice.below(int(others.size()) + 1);
    others.insert(others.begin() + question.right, right);
    question.shown = std::move(others);
}

/// A colour that has a hue.
Lab vividOf(Dice& dice, const Sources& sources) {
    constexpr double least = 14, darkest = 30, lightest = 80;
    colour::Lch lch = colour::lchFromLab(dice.oneOf(sources.colours));
    if (lch.c < least) lch = {lch.L, least, dice.between(0, 360)};
    lch.L = std::clamp(lch.L, darkest, lightest);
    return shownAs(colour::labFromLch(lch));
}

}  // namespace

void askLighter(Question& question, Dice& dice, double apart, const Sources& sources) {
    constexpr double darkest = 2, lightest = 8.5;
    const Lab one = dice.oneOf(sources.colours), other = dice.oneOf(sources.colours);
    const double middle = std::clamp((valueOf(one) + valueOf(other)) / 2, darkest + apart / 2, lightest - apart / 2);
    showPair(question, dice, {atValue(one, middle + apart / 2), atValue(other, middle - apart / 2)});
    question.apart = std::fabs(valueOf(question.shown[0]) - valueOf(question.shown[1]));
    if (question.exercise != Exercise::lighterOnGrounds) return;
    const Lab dark{colour::lightnessOfMunsellValue(1.5), 0, 0}, light{colour::lightnessOfMunsellValue(9), 0, 0};
    question.grounds = dice.coin() ? std::vector{dark, light} : std::vector{light, dark};
}

void askValueOfColour(Question& question, Dice& dice, double apart, const Sources& sources) {
    constexpr double darkest = 1, lightest = 9.3;
    // Most err with the vivid ones.
    const Lab one = vividOf(dice, sources), other = vividOf(dice, sources);
    const Lab colour = colour::chroma(one) > colour::chroma(other) ? one : other;
    const double value = std::clamp(valueOf(colour), darkest, lightest);
    const bool isUp = value + apart > lightest ? false : value - apart < darkest ? true : dice.coin();
    const double beside = std::clamp(isUp ? value + apart : value - apart, 0.0, 10.0);
    question.given = {atValue(colour, value)};
    const Lab grey{};
    showPair(question, dice, {atValue(grey, value), atValue(grey, beside)});
    question.apart = std::fabs(beside - value);
}

void askOrder(Question& question, Dice& dice, double apart, const Sources& sources) {
    constexpr int count = 5;
    constexpr double darkest = 1.5, lightest = 9;
    const double each = std::min(apart, (lightest - darkest) / (count - 1));
    const double top = dice.between(darkest + (count - 1) * each, lightest);
    for (int i = 0; i < count; ++i) question.shown.push_back(atValue(dice.oneOf(sources.colours), top - i * each));
    question.right = dice.below(count - 1);
    std::swap(question.shown[std::size_t(question.right)], question.shown[std::size_t(question.right) + 1]);
    question.apart = each;
}

void askWarmer(Question& question, Dice& dice, double apart, const Sources& sources) {
    const Lab base = vividOf(dice, sources);
    const auto at = [&](double by) {
        return Pair{shownAs(colour::warmed(base, by)), shownAs(colour::warmed(base, -by))};
    };
    constexpr double most = 40;
    const Pair pair = at(byFor(apart, most, at));
    showPair(question, dice, pair);
    question.apart = colour::differenceCie2000(pair.right, pair.wrong);
}

void askDuller(Question& question, Dice& dice, double apart, const Sources& sources) {
    const colour::Lch base = colour::lchFromLab(vividOf(dice, sources));
    const auto at = [&](double by) {
        return Pair{shownAs(colour::labFromLch({base.L, std::max(0.0, base.c - by), base.h})),
                    shownAs(colour::labFromLch({base.L, base.c + by, base.h}))};
    };
    constexpr double most = 60;
    const Pair pair = at(byFor(apart, most, at));
    showPair(question, dice, pair);
    question.apart = colour::differenceCie2000(pair.right, pair.wrong);
}

void askNearestStick(Question& question, Dice& dice, double apart, const Sources& sources) {
    constexpr int tried = 16;
    double best = 1e9;
    for (int i = 0; i < tried; ++i) {
        const Lab wanted = shownAs(dice.oneOf(sources.colours));
        std::vector<std::pair<double, std::size_t>> far;
        for (std::size_t s = 0; s < sources.sticks.size(); ++s)
            far.push_back({colour::differenceCie2000(wanted, colour::labFromSrgb8(sources.sticks[s].masstone)), s});
        std::ranges::sort(far);
        const auto beside = std::ranges::find_if(far.begin() + 1, far.end() - 3,
                                                 [&](const auto& it) { return it.first >= far[0].first + apart; });
        const double gap = beside->first - far[0].first;
        // Two sticks of one colour are no question.
        const double off = std::fabs(std::log(std::max(gap, 0.01) / apart));
        if (off >= best) continue;
        best = off;
        question.given = {wanted};
        question.apart = gap;
        std::vector<Lab> others;
        for (auto it = beside; it != beside + 3; ++it)
            others.push_back(colour::labFromSrgb8(sources.sticks[it->second].masstone));
        showAmong(question, dice, colour::labFromSrgb8(sources.sticks[far[0].second].masstone), std::move(others));
    }
}

void askMixture(Question& question, Dice& dice, double apart, const Sources& sources) {
    const materials::Material& under = dice.oneOf(sources.sticks);
    const materials::Material* over = &dice.oneOf(sources.sticks);
    constexpr double different = 12;
    const Lab first = colour::labFromSrgb8(under.masstone);
    for (int i = 0; i < 30 && colour::differenceCie2000(first, colour::labFromSrgb8(over->masstone)) < different; ++i)
        over = &dice.oneOf(sources.sticks);
    pigment::Patch patch = pigment::barePatch(sources.paper);
    const pigment::Pigment one = pigment::pigmentOf(under), other = pigment::pigmentOf(*over);
    pigment::lay(patch, {&one, pigment::Manner::press, pigment::Pressure::medium});
    pigment::lay(patch, {&other, pigment::Manner::scumble, pigment::Pressure::medium});
    const Lab truth = shownAs(pigment::labOf(patch, colour::Light::daylight65));
    question.given = {first, colour::labFromSrgb8(over->masstone)};
    question.apart = 1e9;
    std::vector<Lab> others;
    const double turned = dice.between(0, 2 * std::numbers::pi);
    for (int i = 0; i < 3; ++i) {
        const double way = turned + 2 * std::numbers::pi * i / 3, up = dice.between(-0.7, 0.7);
        const double out = std::sqrt(1 - up * up);
        const auto at = [&](double by) {
            return Pair{truth, shownAs({std::clamp(truth.L + by * up, 4.0, 97.0), truth.a + by * out * std::cos(way),
                                        truth.b + by * out * std::sin(way)})};
        };
        constexpr double most = 80;
        others.push_back(at(byFor(apart, most, at)).wrong);
        question.apart = std::min(question.apart, colour::differenceCie2000(truth, others.back()));
    }
    showAmong(question, dice, truth, std::move(others));
}

}  // namespace practice
