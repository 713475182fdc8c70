#include "planning/fades.h"

#include <algorithm>
#include <array>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "common/parallel.h"
#include "planning/stacks.h"
#include "subject/samples.h"

namespace planning {

namespace {

/// A place on a border that fades.
struct Ending {
    int stack = 0, neighbour = 0;
    double reach = 0;  // pixels to its own side
};

/// How far a stack's marks are felt: its broadest, no broader than the area has room for.
double markPixels(const Plan& plan, const Study& study, const PlannedStack& stack) {
    double broadest = 0;
    for (const Layer& layer : stack.layers) broadest = std::max(broadest, layer.markMillimetres);
    return std::min(broadest * pixelsPerMillimetre(plan, study), largestMarkPixels(stack, plan));
}

/// Finds the borders that fade, and marks their pixels with 0 in `beside` (CV_8U).
std::map<std::pair<int, int>, Ending> endingsOf(const Plan& plan, const Study& study, cv::Mat& beside) {
    std::vector<double> marks;
    for (const PlannedStack& stack : plan.stacks) marks.push_back(markPixels(plan, study, stack));
    const cv::Mat& map = plan.stackMap;
    beside = cv::Mat(map.size(), CV_8U, cv::Scalar(255));
    std::map<std::pair<int, int>, Ending> endings;  // by row and column
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) {
            const int edge = plan.reading->edges.at<uchar>(y, x) - 1;
            if (edge != int(subject::Edge::soft) && edge != int(subject::Edge::lost)) continue;
            const int here = map.at<int>(y, x);
            for (const cv::Point& step : {cv::Point(1, 0), cv::Point(0, 1), cv::Point(-1, 0), cv::Point(0, -1)}) {
                const cv::Point other = cv::Point(x, y) + step;
                if (!cv::Rect({}, map.size()).contains(other) || map.at<int>(other) == here) continue;
                const int there = map.at<int>(other);
                const double width = std::min(marks[std::size_t(here)], marks[std::size_t(there)]);
                endings[{y, x}] = {here, there, edge == int(subject::Edge::lost) ? 2 * width : width};
                beside.at<uchar>(y, x) = 0;
                break;
            }
        }
    return endings;
}

/// CIELAB of a stack's tones, mixed by pressures.
class Seen {
 public:
    Seen(const Plan& plan, int stack) : layers_(int(plan.stacks[std::size_t(stack)].layers.size())) {
        for (const colour::Lab& tone : toneColours(plan, stack).colours)
            tones_.push_back({float(tone.L), float(tone.a), float(tone.b)});
    }
    cv::Vec3f at(const std::vector<cv::Mat>& pressures, int y, int x) const {
        std::array<float, mostWithMends> laid{};
        for (int k = 0; k < layers_; ++k)
            laid[std::size_t(k)] = float(pressures[std::size_t(k)].at<uchar>(y, x)) / rendering::mapStep;
        const pigment::ToneMix<mostWithMends> mix(laid.data(), layers_);
        cv::Vec3f sum;
        for (int i = 0; i < mix.count; ++i)
            sum += mix.parts[std::size_t(i)] * tones_[std::size_t(mix.tones[std::size_t(i)])];
        return sum;
    }

 private:
    int layers_;
    std::vector<cv::Vec3f> tones_;
};

/// Carries the pressures of each stack on beyond its border, to where its marks run in. They are as smooth there as a
/// part of the size can tell.
void carryOn(rendering::RunIn& runIn, const Plan& plan, int reach) {
    for (std::size_t k = 0; k < plan.pressures.size(); ++k)
        runIn.pressures.push_back(cv::Mat::zeros(plan.stackMap.size(), CV_8U));
    struct Carried {
        cv::Rect box;
        cv::Mat inside;
        std::vector<cv::Mat> laid;
    };
    std::vector<Carried> all(plan.stacks.size());
    common::forEachIndex(int(plan.stacks.size()), [&](int stack) {
        const cv::Mat inside = runIn.part == stack;
        cv::Rect box = cv::boundingRect(inside);
        if (box.empty()) return;
        Carried& carried = all[std::size_t(stack)];
        box = cv::Rect(box.x - 2 * reach, box.y - 2 * reach, box.width + 4 * reach, box.height + 4 * reach) &
              cv::Rect({}, plan.stackMap.size());
        const int part = std::max(1, reach / 8);
        const cv::Size small(std::max(1, box.width / part), std::max(1, box.height / part));
        cv::Mat own;
        cv::resize(plan.stackMap(box) == stack, own, small, 0, 0, cv::INTER_NEAREST);
        for (std::size_t k = 0; k < plan.stacks[std::size_t(stack)].layers.size(); ++k) {
            cv::Mat laid;
            cv::resize(plan.pressures[k](box), laid, small, 0, 0, cv::INTER_NEAREST);
            laid.convertTo(laid, CV_32F);
            subject::blurredWithin(laid, own, 0.5 * reach / part).convertTo(laid, CV_8U);
            cv::resize(laid, laid, box.size(), 0, 0, cv::INTER_LINEAR);
            carried.laid.push_back(laid);
        }
        carried.box = box;
        carried.inside = inside(box);
    });
    // One after the other: a copy through a mask writes what lies beside it too, as it was.
    for (const Carried& carried : all)
        for (std::size_t k = 0; k < carried.laid.size(); ++k)
            carried.laid[k].copyTo(runIn.pressures[k](carried.box), carried.inside);
}

}  // namespace

void fadeEdges(Plan& plan, const Study& study, const cv::Mat& wanted) {
    cv::Mat beside, away, nearest;
    const auto endings = endingsOf(plan, study, beside);
    plan.runIn = {};
    if (endings.empty()) return;
    cv::distanceTransform(beside, away, nearest, cv::DIST_L2, cv::DIST_MASK_5, cv::DIST_LABEL_PIXEL);
    std::vector<Ending> endingAt(endings.size() + 1);  // by the transform's labels, which count from 1
    double farthest = 0;
    for (const auto& [place, ending] : endings) {
        endingAt[std::size_t(nearest.at<int>(place.first, place.second))] = ending;
        farthest = std::max(farthest, ending.reach);
    }
    const cv::Mat& map = plan.stackMap;
    const auto endingNear = [&](int y, int x) -> const Ending* {
        const Ending& ending = endingAt[std::size_t(nearest.at<int>(y, x))];
        return ending.stack == map.at<int>(y, x) && away.at<float>(y, x) < ending.reach ? &ending : nullptr;
    };
    plan.runIn.part.create(map.size(), CV_32S);
    common::forEachIndex(map.rows, [&](int y) {
        for (int x = 0; x < map.cols; ++x) {
            const Ending* ending = endingNear(y, x);
            plan.runIn.part.at<int>(y, x) = ending ? ending->neighbour : -1;
        }
    });
    carryOn(plan.runIn, plan, std::max(1, int(std::lround(farthest))));

    std::vector<Seen> seen;
    for (int stack = 0; stack < int(plan.stacks.size()); ++stack) seen.emplace_back(plan, stack);
    cv::Mat share(map.size(), CV_32F, cv::Scalar(0));
    common::forEachIndex(map.rows, [&](int y) {
        for (int x = 0; x < map.cols; ++x) {
            const Ending* ending = endingNear(y, x);
            if (!ending) continue;
            // What departing from an even fade costs, as a squared difference in CIELAB.
            constexpr float evenPrice = 4;
            const float room = 1 - away.at<float>(y, x) / float(ending->reach);
            const cv::Vec3f own = seen[std::size_t(ending->stack)].at(plan.pressures, y, x);
            const cv::Vec3f way = seen[std::size_t(ending->neighbour)].at(plan.runIn.pressures, y, x) - own;
            const float best =
                (way.dot(wanted.at<cv::Vec3f>(y, x) - own) + evenPrice * room / 2) / (way.dot(way) + evenPrice);
            share.at<float>(y, x) = std::clamp(best, 0.0f, room);
        }
    });
    // No finer than a mark.
    constexpr double endOfStick = 3;  // millimetres
    cv::GaussianBlur(share, share, {}, std::max(0.5, 0.39 * endOfStick * pixelsPerMillimetre(plan, study)));
    share.setTo(0, plan.runIn.part < 0);
    share.convertTo(plan.runIn.share, CV_8U, 255);
}

std::vector<int> runsOutInto(const Plan& plan, const Step& step) {
    if (plan.runIn.share.empty()) return {};
    std::map<int, int> pixels;  // by area
    for (int y = 0; y < plan.stackMap.rows; ++y)
        for (int x = 0; x < plan.stackMap.cols; ++x) {
            if (plan.runIn.share.at<uchar>(y, x) == 0) continue;
            const int runs = plan.runIn.part.at<int>(y, x);
            if (std::ranges::any_of(step.layers, [&](const LayerPlace& place) { return place.stack == runs; }))
                ++pixels[plan.reading->areas.map.at<int>(y, x)];
        }
    std::vector<std::pair<int, int>> sorted(pixels.begin(), pixels.end());
    std::ranges::stable_sort(sorted, std::greater<>(), &std::pair<int, int>::second);
    constexpr double touch = 5e-4;  // of the picture
    std::vector<int> into;
    for (const auto& [area, count] : sorted)
        if (count > touch * double(plan.stackMap.total())) into.push_back(area);
    return into;
}

}  // namespace planning
