#pragma once

#include <opencv2/core/types.hpp>

#include "materials/material.h"
#include "planning/study.h"

namespace planning {

/// How the sheets of a paper are cut for a study. Lengths in millimetres, places from the sheet's upper left corner as
/// it is bought.
struct Cutting {
    bool isKnown = false;       // somebody has said how large the sheets are
    cv::Size2d sheet;           // as it is bought
    cv::Size2d piece;           // with the tape's border, upright
    bool isTurned = false;      // pieces lie across the sheet
    int columns = 0, rows = 0;  // of pieces on it; none where it is too small
    cv::Rect2d rest;            // the larger strip that is left, for offcuts
    int sheetsNeeded = 0;       // for the whole series
    int sheetsAtHand = 0;       // 0 where nobody has counted
    materials::FibreDirection fibres = materials::FibreDirection::unknown;  // in the picture

    int pieces() const { return columns * rows; }
    bool isTooSmall() const { return isKnown && pieces() == 0; }
    bool isShort() const { return isKnown && sheetsAtHand > 0 && sheetsNeeded > sheetsAtHand; }
    /// In the sheet.
    cv::Rect2d place(int column, int row) const;
};

/// All pieces lie the same way, so that the fibres (and the lines of a laid paper) run alike through a series: the way
/// that gives more pieces, and of two that give as many, the one in which the fibres run along the picture's long side,
/// since a sheet swells across them when it is wet (common practice, no source). The back of a paper is cut from that
/// paper's sheets, which `library` tells.
Cutting cuttingOf(const Study& study, const materials::Paper& paper, const materials::Library& library);

}  // namespace planning
