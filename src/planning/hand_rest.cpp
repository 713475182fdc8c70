#include "planning/hand_rest.h"

#include <algorithm>
#include <map>
#include <opencv2/imgproc.hpp>

#include "planning/stage_picture.h"

namespace planning {

std::vector<int> underTheHand(const Plan& plan, const Study& study, const Step& step) {
    constexpr double across = 70, down = 60, broad = 40;  // millimetres
    constexpr double telling = 0.08;                      // of what the hand covers meanwhile
    constexpr std::size_t most = 2;
    if (step.layers.empty()) return {};
    // As coarse as the hand is.
    constexpr double millimetresAPixel = 5;
    const cv::Size size(std::max(1, int(study.widthMillimetres / millimetresAPixel)),
                        std::max(1, int(study.heightMillimetres / millimetresAPixel)));
    const auto at = [&](int x, int y) {
        return cv::Point((2 * x + 1) * plan.stackMap.cols / (2 * size.width),
                         (2 * y + 1) * plan.stackMap.rows / (2 * size.height));
    };
    cv::Mat touched = cv::Mat::zeros(size, CV_8U), rested;
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x)
            for (const LayerPlace& place : step.layers)
                if (plan.stackMap.at<int>(at(x, y)) == place.stack &&
                    plan.pressures[std::size_t(place.layer)].at<uchar>(at(x, y)) > rendering::mapStep / 2)
                    touched.at<uchar>(y, x) = 255;
    const double side = study.hand == Hand::right ? 1 : -1;
    const cv::Matx23d moved(1, 0, side * across / millimetresAPixel, 0, 1, down / millimetresAPixel);
    cv::warpAffine(touched, rested, moved, size, cv::INTER_NEAREST);
    const int heel = int(broad / millimetresAPixel) | 1;
    cv::dilate(rested, rested, cv::getStructuringElement(cv::MORPH_ELLIPSE, {heel, heel}));
    const std::vector<int> layers = progressedTo(plan, step.number - 1).layers;
    std::map<int, int> covered;  // by area, places
    int all = 0;
    for (int y = 0; y < size.height; ++y)
        for (int x = 0; x < size.width; ++x) {
            if (rested.at<uchar>(y, x) == 0) continue;
            ++all;
            const int area = plan.reading->areas.map.at<int>(at(x, y));
            const int stack = plan.stackOfArea[std::size_t(area)];
            const auto wanted = plan.stacks[std::size_t(stack)].layers.size();
            if (layers[std::size_t(stack)] == int(wanted) && wanted > 0) ++covered[area];
        }
    std::vector<std::pair<int, int>> worst;
    for (const auto& [area, places] : covered)
        if (places > telling * all) worst.push_back({-places, area});
    std::ranges::sort(worst);
    if (worst.size() > most) worst.resize(most);
    std::vector<int> off;
    for (const auto& [places, area] : worst) off.push_back(area);
    return off;
}

}  // namespace planning
