#include "practice/picture_questions.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <utility>

#include "colour/difference_map.h"
#include "colour/image_colour.h"
#include "colour/munsell.h"

namespace practice {

namespace {

/// The subject as large as it is shown.
struct Small {
    cv::Mat lab, areas;
};

Small smallOf(const Sources& sources) {
    constexpr double enough = 420;  // pixels
    const double scale = std::min(1.0, enough / std::max(sources.squinted.cols, sources.squinted.rows));
    Small small;
    cv::resize(sources.squinted, small.lab, {}, scale, scale, cv::INTER_AREA);
    cv::resize(sources.areas, small.areas, small.lab.size(), 0, 0, cv::INTER_NEAREST);
    return small;
}

struct Mass {
    cv::Point2d place;  // farthest from its border
    double value = 0;   // Munsell
};

std::vector<Mass> massesOf(const Small& small, int count) {
    std::vector<Mass> masses;
    constexpr double leastShare = 0.01;
    for (int area = 0; area < count; ++area) {
        cv::Mat mask = small.areas == area;
        if (cv::countNonZero(mask) < leastShare * double(mask.total())) continue;
        // The picture's edge is a border too.
        cv::copyMakeBorder(mask, mask, 1, 1, 1, 1, cv::BORDER_CONSTANT, 0);
        cv::Mat far;
        cv::distanceTransform(mask, far, cv::DIST_L2, 3);
        cv::Point heart;
        cv::minMaxLoc(far, nullptr, nullptr, nullptr, &heart);
        heart -= cv::Point(1, 1);
        masses.push_back({{(heart.x + 0.5) / small.lab.cols, (heart.y + 0.5) / small.lab.rows},
                          colour::munsellValueOfLightness(cv::mean(small.lab, small.areas == area)[0])});
    }
    return masses;
}

/// Pairs of masses of different value, the darker first.
std::vector<std::pair<std::size_t, std::size_t>> unlike(const std::vector<Mass>& masses) {
    std::vector<std::pair<std::size_t, std::size_t>> pairs;
    for (std::size_t i = 0; i < masses.size(); ++i)
        for (std::size_t j = 0; j < masses.size(); ++j)
            if (masses[i].value < masses[j].value) pairs.push_back({i, j});
    return pairs;
}

/// The subject with each area off by its own step in CIELAB, that many times.
cv::Mat sheetOff(const Small& small, const std::vector<cv::Vec3f>& steps, double times) {
    cv::Mat lab = small.lab.clone();
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x)
            lab.at<cv::Vec3f>(y, x) += steps[std::size_t(small.areas.at<int>(y, x))] * float(times);
    return colour::srgb8ImageFromLab(lab);
}

/// Of a sheet from the subject (CIELAB, as it is shown).
double meanDifference(const cv::Mat& sheet, const cv::Mat& subject) {
    cv::Mat map;
    colour::differenceMap(colour::labOfSrgb8Image(sheet), subject, map);
    return cv::mean(map)[0];
}

/// Off so far in the mean.
cv::Mat sheetAt(const Small& small, const cv::Mat& subject, Dice& dice, double difference) {
    double most = 0;
    cv::minMaxLoc(small.areas, nullptr, &most);
    std::vector<cv::Vec3f> steps(std::size_t(most) + 1);
    for (cv::Vec3f& step : steps) {
        const double way = dice.between(0, 2 * std::numbers::pi), up = dice.between(-1, 1),
                     size = dice.between(0.3, 1.7), out = size * std::sqrt(1 - up * up);
        step = {float(size * up), float(out * std::cos(way)), float(out * std::sin(way))};
    }
    double low = 0, high = 60;
    cv::Mat sheet;
    for (int i = 0; i < 12; ++i) {
        const double middle = (low + high) / 2;
        sheet = sheetOff(small, steps, middle);
        (meanDifference(sheet, subject) < difference ? low : high) = middle;
    }
    return sheet;
}

}  // namespace

bool hasMasses(const Sources& sources) {
    return !sources.squinted.empty() && !unlike(massesOf(smallOf(sources), int(sources.colours.size()))).empty();
}

void askMasses(Question& question, Dice& dice, double apart, const Sources& sources) {
    const Small small = smallOf(sources);
    const std::vector<Mass> masses = massesOf(small, int(sources.colours.size()));
    struct Two {
        double off;
        std::size_t darker, lighter;
    };
    std::vector<Two> all;
    for (const auto& [darker, lighter] : unlike(masses))
        all.push_back({std::fabs(std::log((masses[lighter].value - masses[darker].value) / apart)), darker, lighter});
    std::ranges::stable_sort(all, {}, &Two::off);
    constexpr int nearest = 4;
    const Two& two = all[std::size_t(dice.below(std::min(nearest, int(all.size()))))];
    question.pictures = {colour::srgb8ImageFromLab(small.lab)};
    question.places = {masses[two.darker].place, masses[two.lighter].place};
    question.right = dice.below(2);
    if (question.right == 1) std::swap(question.places[0], question.places[1]);
    question.apart = masses[two.lighter].value - masses[two.darker].value;
}

void askNearerSheet(Question& question, Dice& dice, double apart, const Sources& sources) {
    const Small small = smallOf(sources);
    const cv::Mat subject = colour::srgb8ImageFromLab(small.lab);
    const double near = dice.between(2, 4);
    const cv::Mat lab = colour::labOfSrgb8Image(subject);
    const cv::Mat right = sheetAt(small, lab, dice, near), wrong = sheetAt(small, lab, dice, near + apart);
    question.right = dice.below(2);
    question.pictures = {subject, question.right == 0 ? right : wrong, question.right == 0 ? wrong : right};
    question.apart = std::max(0.01, meanDifference(wrong, lab) - meanDifference(right, lab));
}

}  // namespace practice
