#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "materials/surface.h"
#include "pigment/patch.h"

namespace rendering {

/// Heights (CV_32F, continuous) parted into so many levels (CV_8U, 0 the lowest, at most 256), each equally often.
cv::Mat evenLevels(const cv::Mat& heights, int levels);

/// Which cell of the paper's height distribution lies at each pixel (CV_8U, 0 peak .. cellCount - 1 valley), every cell
/// equally often. Depends on nothing but the arguments. `millimetresPerPixel` sets how fine the grain comes out.
cv::Mat grainMap(materials::Surface surface, cv::Size size, double millimetresPerPixel);

/// A pressure map holds one byte a pixel: 0 nothing, 85 light, 170 medium, 255 heavy, fades between.
inline constexpr int mapStep = 85;

/// What is laid on a part of the sheet: a ground, and over it strokes with pressure maps. Their own pressures are not
/// looked at.
struct LaidPart {
    pigment::Patch ground;
    std::vector<pigment::Stroke> strokes;  // at most mostStrokes
    int seen = 0;                          // so many of them lay there when the sheet was seen to be off
};
inline constexpr int mostStrokes = 8;

/// Where marks of a neighbouring part run in among a part's own, as over a soft edge. Empty maps: nowhere.
struct RunIn {
    cv::Mat part;                    // CV_32S: whose marks; -1 where none
    cv::Mat share;                   // CV_8U: the share of the place that they take, 255 all of it
    std::vector<cv::Mat> pressures;  // how its strokes are laid there
};

/// The sheet as predicted (CV_8UC3, R G B) as the eye adapted to the light sees it. `partMap` (CV_32S) tells each
/// pixel's part, `pressures` how each of its strokes is laid there: one map (CV_8U) for all first strokes, one for all
/// second ones, and so on. Where pressures lie between levels the film's light is interpolated between them, so that
/// where a tone is laid as it is the mean light is the film's; and so it is between marks of two parts that lie among
/// each other. An empty `grain` leaves every place with its mean light. `off` (CV_32FC3, linear sRGB; empty: nowhere)
/// is by how much the sheet was seen to be off when each part's first `seen` strokes lay there: what came after covers
/// it as far as the film tells.
cv::Mat sheetPicture(const cv::Mat& partMap, const std::vector<LaidPart>& parts, const std::vector<cv::Mat>& pressures,
                     const cv::Mat& grain, colour::Light light, const RunIn& runIn = {}, const cv::Mat& off = {});

}  // namespace rendering
