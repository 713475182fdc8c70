#pragma once

#include <QImage>
#include <opencv2/core/mat.hpp>

#include "planning/plan.h"

namespace drawing {

/// A picture (CV_8UC3, R G B) as a QImage of its own.
QImage imageOf(const cv::Mat& rgb);

/// A step's pressure map in three tints of grey over the faint outlines of the areas, `width` pixels wide: for paper.
QImage tintedMap(const planning::Plan& plan, const planning::Step& step, int width);

/// The same in hatching over the subject turned pale: sparse for light pressure, middling for medium, dense for heavy,
/// thinning out where it fades. For the screen.
QImage hatchedMap(const planning::Plan& plan, const planning::Step& step, int width);

}  // namespace drawing
