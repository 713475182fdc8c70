#pragma once

#include <QImage>
#include <array>
#include <memory>
#include <optional>

#include "common/result.h"
#include "planning/record.h"
#include "planning/work_check.h"

namespace app {

/// A photograph of the work, read: what Check shows and answers from.
struct CheckedPhotograph {
    planning::WorkCheck check;
    int step = 0;               // up to which the plan was laid
    std::vector<int> laid;      // steps that were
    planning::SharedBytes png;  // the sheet as the record keeps it
    QImage sheet;
};

/// The picture of a file, or its problem; as large as it is read.
common::Result<cv::Mat> workPictureFrom(const QString& file);

/// What the picture of a file tells of the plan with these steps laid; by corners (fractions of the photograph) if they
/// are set.
common::Result<std::shared_ptr<const CheckedPhotograph>> checkedPhotograph(
    const planning::Plan& plan, const planning::Study& study, const std::vector<int>& laid, const cv::Mat& picture,
    const std::optional<std::array<cv::Point2d, 4>>& corners, const QString& name);

}  // namespace app
