#include "planning/close_view.h"

#include <algorithm>
#include <cmath>

#include "planning/stage_picture.h"

namespace planning {

namespace {

constexpr int mostFine = 1'000'000;  // pixels up to which marks are painted twice as fine, so that they have no steps

}  // namespace

std::vector<float> strokeDirections(const Plan& plan, const Study& study) {
    const float upwards = study.hand == Hand::right ? -0.8f : 0.8f;
    const subject::Areas& areas = plan.reading->areas;
    std::vector<float> directions(plan.stacks.size(), upwards);
    for (std::size_t s = 0; s < plan.stacks.size(); ++s)
        if (areas.list[std::size_t(plan.stacks[s].areas.front())].kind == subject::AreaKind::water) directions[s] = 0;
    for (const subject::Line& arrow : study.directions) {
        const int area = subject::labelAt(areas.map, arrow.from.x, arrow.from.y);
        directions[std::size_t(plan.stackOfArea[std::size_t(area)])] =
            float(std::atan2((arrow.to.y - arrow.from.y) * study.heightMillimetres,
                             (arrow.to.x - arrow.from.x) * study.widthMillimetres));
    }
    return directions;
}

CloseView::CloseView(const Plan& plan, const Study& study, colour::Light light, const cv::Rect2d& part, cv::Size pixels)
    : plan_(plan),
      light_(light),
      part_(part),
      isFine_(pixels.area() <= mostFine),
      pixels_(isFine_ ? cv::Size(2 * pixels.width, 2 * pixels.height) : pixels),
      directions_(strokeDirections(plan, study)),
      widthMillimetres_(study.widthMillimetres) {}

cv::Mat CloseView::after(int steps) {
    const Progressed done = progressedTo(plan_, steps);
    const int groundSteps = int(std::count_if(plan_.steps.begin(), plan_.steps.begin() + steps,
                                              [](const Step& step) { return step.groundLayer >= 0; }));
    if (groundSteps != groundSteps_) {
        rendering::MarkedSheet sheet;
        sheet.partMap = plan_.stackMap;
        sheet.pressures = plan_.pressures;
        sheet.runIn = plan_.runIn;
        sheet.directions = directions_;
        sheet.surface = plan_.paper.surface;
        sheet.widthMillimetres = widthMillimetres_;
        sheet.light = light_;
        for (std::size_t s = 0; s < plan_.stacks.size(); ++s) {
            sheet.parts.push_back({done.grounds[s], strokesOf(plan_, plan_.stacks[s])});
            std::vector<float>& marks = sheet.markMillimetres.emplace_back();
            for (const Layer& layer : plan_.stacks[s].layers) marks.push_back(float(layer.markMillimetres));
        }
        close_.emplace(sheet, part_, pixels_);
        groundSteps_ = groundSteps;
        picture_ = close_->picture(done.layers);
    } else if (done.layers != laid_) {
        // Whoever was given the picture keeps it as it was.
        picture_ = picture_.clone();
        close_->goOn(picture_, laid_, done.layers);
    }
    laid_ = done.layers;
    return isFine_ ? rendering::halved(picture_) : picture_;
}

}  // namespace planning
