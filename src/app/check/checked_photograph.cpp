#include "app/check/checked_photograph.h"

#include <algorithm>

#include "colour/image_colour.h"
#include "drawing/pictures.h"
#include "planning/seen_work.h"
#include "subject/picture.h"

namespace app {

namespace {

/// Grey lines where nothing can be judged.
void hatch(QImage& sheet, const cv::Mat& hidden) {
    constexpr int apart = 14, wide = 3;  // pixels
    constexpr uchar ink = 140;
    for (int y = 0; y < sheet.height(); ++y) {
        uchar* line = sheet.scanLine(y);
        for (int x = 0; x < sheet.width(); ++x)
            if (hidden.at<uchar>(y, x) && (x + y) % apart < wide) std::fill_n(line + 3 * x, 3, ink);
    }
}

}  // namespace

common::Result<cv::Mat> workPictureFrom(const QString& file) {
    constexpr int longSide = 2400;
    const auto picture = subject::readPictureFile(file.toStdString(), longSide);
    if (!picture) return picture.problem();
    return picture->xyz;
}

common::Result<std::shared_ptr<const CheckedPhotograph>> checkedPhotograph(
    const planning::Plan& plan, const planning::Study& study, const std::vector<int>& laid, const cv::Mat& picture,
    const std::optional<std::array<cv::Point2d, 4>>& corners, const QString& name) {
    planning::WorkPhotograph photograph{picture, {}, name.toStdString()};
    if (corners) {
        photograph.corners = *corners;
        for (cv::Point2d& corner : *photograph.corners) corner = {corner.x * picture.cols, corner.y * picture.rows};
    }
    CheckedPhotograph read;
    read.laid = laid;
    read.step = laid.empty() ? 0 : std::ranges::max(laid);
    auto check = planning::checkWork(plan, study, laid, photograph);
    if (!check) return check.problem();
    read.check = *std::move(check);
    read.png = std::make_shared<const common::Bytes>(planning::sheetPng(read.check.sheet, read.check.hidden));
    read.sheet = drawing::imageOf(colour::srgb8ImageFromXyz(read.check.sheet));
    hatch(read.sheet, read.check.behind);
    return std::make_shared<const CheckedPhotograph>(std::move(read));
}

}  // namespace app
