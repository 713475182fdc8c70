#include "planning/seen_sheet.h"

#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

#include "planning/seen_work.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/standing_on.h"

namespace planning {

namespace {

/// The sheet as the film tells of what lies there.
cv::Mat predicted(const BegunSheet& begun) {
    std::vector<rendering::LaidPart> parts;
    std::vector<cv::Mat> maps;
    for (std::size_t s = 0; s < begun.goings.size(); ++s) {
        PlannedStack laid = begun.plan.stacks[s];
        laid.layers = begun.goings[s].laid;
        parts.push_back({laid.start, strokesOf(begun.plan, laid)});
        while (maps.size() < begun.goings[s].maps.size())
            maps.push_back(cv::Mat::zeros(begun.plan.stackMap.size(), CV_8U));
        for (std::size_t k = 0; k < begun.goings[s].maps.size(); ++k) maps[k] += begun.goings[s].maps[k];
    }
    return rendering::sheetPicture(begun.plan.stackMap, parts, maps, {}, begun.plan.light, begun.plan.runIn);
}

std::optional<SeenWork> seenIn(const BegunSheet& begun, const common::Bytes& sheet) {
    std::vector<int> layers;
    for (const Going& going : begun.goings) layers.push_back(int(going.laid.size()));
    return seenWork(sheet, predicted(begun), layers, pixelsPerMillimetre(begun.plan, begun.study));
}

}  // namespace

void see(BegunSheet& begun, const Checked& check, const SharedBytes& sheet) {
    if (!sheet) return;
    if (check.hand && *check.hand != begun.plan.hand) {
        begun.plan.hand = *check.hand;
        for (Going& going : begun.goings) going.isToPress = !going.rest.empty();
    }
    auto seen = seenIn(begun, *sheet);
    if (!seen) return;
    begun.plan.seen = std::make_shared<const SeenWork>(*std::move(seen));
    for (const Checked::Taken& taken : check.mends)
        for (std::size_t s = 0; s < begun.goings.size(); ++s) {
            const int first = begun.plan.stacks[s].areas.front();
            if (begun.plan.reading->areas.list[std::size_t(first)].key != taken.area) continue;
            begun.goings[s].mend = taken.mend;
            begun.goings[s].isOtherwise = true;
        }
}

pigment::HandSample handIn(const BegunSheet& begun, const SharedBytes& sheet) {
    const auto seen = sheet ? seenIn(begun, *sheet) : std::nullopt;
    if (!seen) return begun.plan.hand;
    std::vector<LaidStack> laid;
    for (int s = 0; s < int(begun.goings.size()); ++s) {
        const Going& going = begun.goings[std::size_t(s)];
        laid.push_back({s, chosenIn(going.laid), going.maps});
    }
    return handSeen(begun.plan, laid, seen->lab);
}

cv::Mat squaresOff(const BegunSheet& begun) {
    constexpr double detail = 3;  // millimetres
    if (!begun.plan.seen) return {};
    cv::Mat joined, squares;
    cv::GaussianBlur(begun.plan.seen->lab, joined, {}, detail * pixelsPerMillimetre(begun.plan, begun.study));
    cv::multiply(joined, joined, squares);
    return squares;
}

bool isOff(const BegunSheet& begun, int stack, const cv::Mat& squares) {
    constexpr double felt = 1;  // CIELAB
    if (squares.empty()) return false;
    const cv::Scalar mean = cv::mean(squares, begun.plan.stackMap == stack);
    return std::sqrt(mean[0] + mean[1] + mean[2]) > felt;
}

}  // namespace planning
