#pragma once

#include <memory>
#include <opencv2/core/mat.hpp>
#include <vector>

#include "rendering/tone_light.h"

namespace rendering {

/// A sheet as sheetPicture() takes it, and how its marks lie.
struct MarkedSheet {
    cv::Mat partMap;  // CV_32S
    std::vector<LaidPart> parts;
    std::vector<cv::Mat> pressures;
    RunIn runIn;
    std::vector<float> directions;                    // by part: of its strokes, radians from rightwards to downwards
    std::vector<std::vector<float>> markMillimetres;  // by part and stroke
    materials::Surface surface = materials::Surface::sanded400;
    double widthMillimetres = 400;
    colour::Light light = colour::Light::daylight65;
};

/// A part of the sheet seen close up, mark by mark: where a pressure lies between two levels some marks are laid with
/// the one and some with the other, a hatched layer is lines with gaps, and all run along the strokes. What is seen in
/// the mean over many marks is what sheetPicture() gives there: all strokes of a place are parted by the same
/// threshold, which comes to the interpolation of pigment::ToneMix; and each stroke's own light is added on its lines
/// alone, by as much more as they are fewer.
class CloseUp {
 public:
    /// `part` is in fractions of the sheet, `pixels` what it fills.
    CloseUp(const MarkedSheet& sheet, const cv::Rect2d& part, cv::Size pixels);

    /// With so many strokes of each part laid (CV_8UC3, R G B).
    cv::Mat picture(const std::vector<int>& strokes) const;
    /// Makes the picture of `before` that of `now`, where they differ.
    void goOn(cv::Mat& picture, const std::vector<int>& before, const std::vector<int>& now) const;

 private:
    void mark(const MarkedSheet& sheet, const cv::Rect2d& part);
    /// All of it, or only what differs from the picture of `before`.
    void paintRow(cv::Mat& picture, int y, const std::vector<int>& strokes, const std::vector<int>* before) const;

    cv::Mat parts_;               // CV_32S: whose marks are here
    std::vector<cv::Mat> marks_;  // CV_8U, of all first strokes, second ones, ...: level, and whether a line is here
    cv::Mat cells_;               // CV_8U, of the grain
    std::vector<PartLight> lights_;
    /// By part, stroke and what stands in `marks_`: how much of the stroke's light is there. Lines have more of it than
    /// all, for their gaps.
    std::vector<std::array<std::array<float, 8>, mostStrokes>> gains_;
};

}  // namespace rendering
