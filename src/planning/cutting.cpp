#include "planning/cutting.h"

#include <algorithm>
#include <tuple>
#include <utility>

namespace planning {

namespace {

using materials::FibreDirection;

FibreDirection turned(FibreDirection fibres) {
    switch (fibres) {
        case FibreDirection::alongWidth:
            return FibreDirection::alongHeight;
        case FibreDirection::alongHeight:
            return FibreDirection::alongWidth;
        case FibreDirection::unknown:
            break;
    }
    return fibres;
}

/// How often a length goes into another, to a hair.
int times(double length, double into) {
    constexpr double hair = 1e-6;
    return int((into + hair) / length);
}

}  // namespace

cv::Rect2d Cutting::place(int column, int row) const {
    const cv::Size2d size = isTurned ? cv::Size2d(piece.height, piece.width) : piece;
    return {column * size.width, row * size.height, size.width, size.height};
}

Cutting cuttingOf(const Study& study, const materials::Paper& paper, const materials::Library& library) {
    const materials::Paper* front = paper.otherSideOf.empty() ? nullptr : library.paper(paper.otherSideOf);
    const materials::Paper& stock = front && paper.sheetWidthMillimetres == 0 ? *front : paper;
    Cutting cutting;
    cutting.sheet = {stock.sheetWidthMillimetres, stock.sheetHeightMillimetres};
    cutting.piece = {study.widthMillimetres + 2 * study.borderMillimetres,
                     study.heightMillimetres + 2 * study.borderMillimetres};
    cutting.sheetsAtHand = stock.sheets;
    cutting.isKnown = cutting.sheet.width > 0 && cutting.sheet.height > 0;
    if (!cutting.isKnown) return cutting;

    const auto [width, height] = std::pair(cutting.piece.width, cutting.piece.height);
    const int upright = times(width, cutting.sheet.width) * times(height, cutting.sheet.height);
    const int across = times(height, cutting.sheet.width) * times(width, cutting.sheet.height);
    const bool isTall = height > width;
    const bool fibresLieAcross = stock.fibres == (isTall ? FibreDirection::alongWidth : FibreDirection::alongHeight);
    cutting.isTurned = across > upright || (across == upright && across > 0 && fibresLieAcross);
    cutting.fibres = cutting.isTurned ? turned(stock.fibres) : stock.fibres;
    const cv::Rect2d first = cutting.place(0, 0);
    cutting.columns = times(first.width, cutting.sheet.width);
    cutting.rows = times(first.height, cutting.sheet.height);
    if (cutting.pieces() == 0) return cutting;
    cutting.sheetsNeeded = (study.series + cutting.pieces() - 1) / cutting.pieces();
    const double right = cutting.columns * first.width, bottom = cutting.rows * first.height;
    const cv::Rect2d beside(right, 0, cutting.sheet.width - right, cutting.sheet.height);
    const cv::Rect2d below(0, bottom, cutting.sheet.width, cutting.sheet.height - bottom);
    cutting.rest = beside.area() > below.area() ? beside : below;
    return cutting;
}

}  // namespace planning
