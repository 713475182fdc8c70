#pragma once

#include <vector>

#include "planning/plan.h"
#include "planning/study.h"

namespace planning {

/// One line of a construction drawing, in millimetres from the sheet's upper left corner.
struct ConstructionMark {
    enum class Kind { frame, centreLine, third, height, width, outline, length };
    Kind kind = Kind::frame;
    std::vector<subject::Place> path;
    bool isClosed = false;
    int area = -1;                             // index; -1 where it is of no area
    double millimetres = 0;                    // heights, widths and lengths
    double units = 0;                          // of the study's unit; 0 without one
    subject::Edge edge = subject::Edge::hard;  // of outlines
};

/// What a sheet is laid out by before any pastel: marks in the order in which they are drawn (common practice): the
/// format with its centre lines and thirds, all heights from the tallest object on, then all widths, then outlines,
/// then what the artist measured.
struct Construction {
    double widthMillimetres = 0, heightMillimetres = 0;
    std::vector<int> objects;  // areas that are measured, tallest first
    std::vector<ConstructionMark> marks;
};

/// Objects are the areas before the background that do not run from side to side; areas that are planned together are
/// measured each.
Construction constructionOf(const Study& study, const Reading& reading);

/// The measured line in sheet millimetres.
double lengthOf(const Study& study, const subject::Line& line);
/// The unit's length in sheet millimetres; 0 without one.
double unitOf(const Study& study);

}  // namespace planning
