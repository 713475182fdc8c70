#include "print/layered_sheet.h"

#include <opencv2/imgproc.hpp>

#include "planning/stage_picture.h"
#include "print/words.h"
#include "storage/open_raster.h"
#include "wording/sentences.h"

namespace print {

namespace {

/// What of `after` is not as before, and clear where it is.
cv::Mat whatIsNew(const cv::Mat& before, const cv::Mat& after) {
    cv::Mat apart, picture;
    cv::absdiff(before, after, apart);
    cv::Mat isNew = apart.reshape(1, int(apart.total()));
    cv::reduce(isNew, isNew, 1, cv::REDUCE_MAX);
    cv::cvtColor(after, picture, cv::COLOR_RGB2RGBA);
    picture.setTo(cv::Scalar::all(0), isNew.reshape(1, after.rows) == 0);
    return picture;
}

}  // namespace

std::optional<QByteArray> layeredSheet(const planning::Plan& plan) {
    cv::Mat sheet = planning::pictureAfter(plan, 0, plan.light), bare;
    cv::cvtColor(sheet, bare, cv::COLOR_RGB2RGBA);
    std::vector<storage::RasterLayer> layers{
        {Words::tr("Paper: %1").arg(QString::fromStdString(plan.paper.name)), bare}};
    for (std::size_t step = 0; step < plan.steps.size(); ++step) {
        const bool endsStage = step + 1 == plan.steps.size() || plan.steps[step + 1].stage != plan.steps[step].stage;
        if (!endsStage) continue;
        const cv::Mat after = planning::pictureAfter(plan, int(step) + 1, plan.light);
        layers.push_back({Words::tr("%1, to step %2").arg(wording::stageWord(plan.steps[step].stage)).arg(step + 1),
                          whatIsNew(sheet, after)});
        sheet = after;
    }
    return storage::openRaster(layers, sheet);
}

}  // namespace print
