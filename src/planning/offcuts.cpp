#include "planning/offcuts.h"

#include <algorithm>
#include <cmath>

#include "colour/appearance.h"
#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/munsell.h"
#include "common/parallel.h"

namespace planning {

namespace {

/// The colour that `share` of the picture is darker than.
colour::Lab colourAt(const Plan& plan, double share) {
    std::vector<std::pair<colour::Lab, double>> all;
    for (const PlannedStack& stack : plan.stacks)
        for (const matching::Sample& sample : stack.samples)
            all.push_back({sample.wanted, stack.share * sample.weight});
    std::ranges::sort(all, {}, [](const auto& one) { return one.first.L; });
    double sum = 0;
    for (const auto& [wanted, part] : all)
        if ((sum += part) >= share) return wanted;
    return all.back().first;
}

/// Of the media of one kind; -1 where there is none.
int nearestOfKind(const std::vector<materials::Material>& media, materials::Kind kind, const colour::Lab& wanted) {
    int nearest = -1;
    double least = 1e300;
    for (int i = 0; i < int(media.size()); ++i) {
        if (media[std::size_t(i)].kind != kind) continue;
        const double d = colour::differenceCie2000(wanted, colour::labFromSrgb8(media[std::size_t(i)].masstone));
        if (d >= least) continue;
        least = d;
        nearest = i;
    }
    return nearest;
}

/// What is darker than the subject's dark, medium and light, as shares of the picture.
constexpr std::array valueShares{0.1, 0.5, 0.9};

}  // namespace

OffcutStrokes offcutStrokes(const Plan& plan, const std::vector<materials::Material>& media) {
    OffcutStrokes strokes;
    for (std::size_t kind = 0; kind < offcutKinds.size(); ++kind)
        for (std::size_t value = 0; value < valueShares.size(); ++value) {
            OffcutStroke& stroke = strokes[kind][value];
            if (offcutKinds[kind] == materials::Kind::pencil) stroke.manner = pigment::Manner::hatch;
            stroke.medium = nearestOfKind(media, offcutKinds[kind], colourAt(plan, valueShares[value]));
        }
    return strokes;
}

std::vector<review::PaperTest> testsOf(const Plan& plan, const std::vector<RankedPaper>& ranking,
                                       const std::vector<materials::Material>& media) {
    const auto stick = [&](std::initializer_list<materials::Kind> kinds,
                           const colour::Lab& wanted) -> std::optional<materials::Material> {
        for (const materials::Kind kind : kinds)
            if (const int i = nearestOfKind(media, kind, wanted); i >= 0) return media[std::size_t(i)];
        return std::nullopt;
    };
    const auto broad = {materials::Kind::soft, materials::Kind::pan, materials::Kind::hard};
    const colour::Lab dark = colourAt(plan, valueShares[0]), middle = colourAt(plan, valueShares[1]),
                      light = colourAt(plan, valueShares[2]);
    std::vector<review::PaperTest> tests;
    for (const RankedPaper& ranked : ranking) {
        if (tests.size() == review::cardWindows || !ranked.isAtHand) break;
        const double tone = colour::labFromSrgb8(ranked.paper.tone).L;
        const bool isDarkFarther = std::fabs(dark.L - tone) > std::fabs(light.L - tone);
        const colour::Lab& farthest = isDarkFarther ? dark : light;
        tests.push_back({ranked.paper,
                         {stick(broad, farthest), stick(broad, middle), stick(broad, isDarkFarther ? light : dark),
                          stick({materials::Kind::pencil}, farthest)}});
    }
    return tests;
}

double contrastSteps(const colour::Lab& seen, const colour::Lab& paper) {
    const auto lightness = [](const colour::Lab& colour, double backgroundY) {
        colour::ViewingConditions conditions;
        conditions.backgroundY = std::max(0.01, backgroundY);
        return colour::AppearanceModel(conditions).of(colour::xyzFromLab(colour)).J;
    };
    // The grey that looks as light on the neutral ground as the colour does on the paper.
    const double looks = lightness(seen, colour::xyzFromLab(paper).y);
    constexpr double middleGrey = 0.2;
    double dark = 0, light = 100;
    for (int i = 0; i < 40; ++i) {
        const double middle = (dark + light) / 2;
        (lightness({middle, seen.a, seen.b}, middleGrey) < looks ? dark : light) = middle;
    }
    return colour::munsellValueOfLightness(light) - colour::munsellValueOfLightness(seen.L);
}

cv::Mat cutOutOn(const Reading& reading, const cv::Mat& picture, const cv::Mat& sheet, const materials::Paper& paper,
                 bool isAsSeen) {
    // By lightness, in whole units of L*: how much brighter (in linear light) it looks.
    std::array<float, 101> factors;
    factors.fill(1);
    const colour::Lab tone = colour::labFromSrgb8(paper.tone);
    if (isAsSeen)
        for (std::size_t L = 1; L < factors.size(); ++L) {
            const colour::Lab grey{double(L), 0, 0};
            const double value = colour::munsellValueOfLightness(grey.L) + contrastSteps(grey, tone);
            factors[L] =
                float(colour::xyzFromLab({colour::lightnessOfMunsellValue(std::clamp(value, 0.0, 10.0)), 0, 0}).y /
                      colour::xyzFromLab(grey).y);
        }
    cv::Mat lab;
    if (isAsSeen) lab = colour::labOfSrgb8Image(picture);
    cv::Mat laid = sheet.clone();
    common::forEachIndex(laid.rows, [&](int y) {
        for (int x = 0; x < laid.cols; ++x) {
            if (reading.areas.list[std::size_t(reading.areas.map.at<int>(y, x))].plane == subject::Plane::background)
                continue;
            const cv::Vec3b& from = picture.at<cv::Vec3b>(y, x);
            cv::Vec3b& to = laid.at<cv::Vec3b>(y, x);
            to = from;
            if (!isAsSeen) continue;
            const int L = std::clamp(int(std::lround(lab.at<cv::Vec3f>(y, x)[0])), 0, 100);
            for (int c = 0; c < 3; ++c) {
                const double light = colour::linearFromEncoded(from[c] / 255.0) * double(factors[std::size_t(L)]);
                to[c] = cv::saturate_cast<uchar>(255 * colour::encodedFromLinear(std::min(1.0, light)));
            }
        }
    });
    return laid;
}

}  // namespace planning
