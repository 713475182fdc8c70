#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <vector>

#include "pigment/stroke.h"

namespace review {

/// A card is a printed page with a marker in each corner and a grey ladder along the top and along the bottom. All
/// lengths in millimetres from the page's upper left corner.
enum class CardPaper { a4, letter };
/// What it takes: sticks laid on the card itself; or on offcuts of papers that are fixed to it, to test these or to try
/// strokes over each other.
enum class CardKind { swatches, papers, trials };

struct CardFrame {
    cv::Size2d page;
    std::array<cv::Rect2d, 4> corners;  // markers, clockwise from the upper left
    cv::Rect2d pageMarker;              // tells which page of a set this is
    std::vector<cv::Rect2d> ladder;     // both ladders, each from light to dark
    double top, bottom, left, right;    // of the room between for all else
};
const CardFrame& frameOf(CardPaper paper);

struct CardField {
    cv::Rect2d overWhite, overBlack;
};

struct CardRow {
    cv::Rect2d number;                // where the row's number is printed
    std::array<CardField, 3> fields;  // by pressure
};

/// The swatch card: numbered rows of three fields. Each stick is laid light, medium and heavy, half over the bare paper
/// and half over a printed black bar.
struct CardLayout {
    std::vector<CardRow> rows;      // down the left column, then down the right one
    std::vector<cv::Rect2d> white;  // spots where the bare card shows
};
const CardLayout& layoutOf(CardPaper paper);

/// The cards of windows: one window a paper, over which an offcut is laid, with fields that are read in two lines.
inline constexpr std::size_t cardWindows = 3, windowFields = 12;
struct CardWindow {
    cv::Rect2d offcut;
    std::array<cv::Rect2d, windowFields> fields;
};
struct WindowsLayout {
    std::array<CardWindow, cardWindows> windows;
    std::vector<cv::Rect2d> white;
};
const WindowsLayout& windowsOf(CardPaper paper);

/// Luminous reflectances of what is printed: typical of office paper and a laser printer, from memory. Where a printer
/// differs, readings are off by as much.
inline constexpr double cardWhite = 0.87;
inline constexpr double cardBlack = 0.03;
/// Of one ladder's steps, from light to dark.
const std::vector<double>& ladderReflectances();

/// Markers are those of OpenCV's dictionary DICT_4X4_100: four ids for each kind and paper, and from firstPageId on one
/// for each page of a set.
int cornerId(CardKind kind, CardPaper paper, int corner);
inline constexpr int firstPageId = 20;
inline constexpr int mostPages = 60;

/// As large as a card's photograph needs to be, in pixels: a larger one is reduced as it is read.
inline constexpr int photographLongSide = 4096;

/// The image of a marker, one pixel a module with its black border (CV_8UC1, 6 x 6).
cv::Mat markerModules(int id);

}  // namespace review
