#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <vector>

#include "pigment/stroke.h"

namespace review {

/// The swatch card: a sheet with a marker in each corner, a grey ladder along the top and along the bottom, and
/// numbered rows of three fields. Each stick is laid light, medium and heavy, half over the bare paper and half over a
/// printed black bar. All lengths in millimetres from the page's upper left corner.
enum class CardPaper { a4, letter };

struct CardField {
    cv::Rect2d overWhite, overBlack;
};

struct CardRow {
    cv::Rect2d number;                // where the row's number is printed
    std::array<CardField, 3> fields;  // by pressure
};

struct CardLayout {
    cv::Size2d page;
    std::array<cv::Rect2d, 4> corners;  // markers, clockwise from the upper left
    cv::Rect2d pageMarker;              // tells which page of a set this is
    std::vector<cv::Rect2d> ladder;     // both ladders, each from light to dark
    std::vector<CardRow> rows;          // down the left column, then down the right one
};

const CardLayout& layoutOf(CardPaper paper);

/// Luminous reflectances of what is printed: typical of office paper and a laser printer, from memory. Where a printer
/// differs, readings are off by as much.
inline constexpr double cardWhite = 0.87;
inline constexpr double cardBlack = 0.03;
/// Of one ladder's steps, from light to dark.
const std::vector<double>& ladderReflectances();

/// Markers are those of OpenCV's dictionary DICT_4X4_100: four ids for each paper, and from firstPageId on one for each
/// page of a set.
int cornerId(CardPaper paper, int corner);
inline constexpr int firstPageId = 20;
inline constexpr int mostPages = 60;

/// The image of a marker, one pixel a module with its black border (CV_8UC1, 6 x 6).
cv::Mat markerModules(int id);

}  // namespace review
