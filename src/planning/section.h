#pragma once

#include <vector>

#include "planning/plan.h"
#include "subject/line.h"

namespace planning {

/// One layer in a cut through the sheet.
struct SectionLayer {
    int step = 0;  // number
    int stick = -1;
    colour::Lab colour;                      // of the sheet there afterwards, under the plan's light
    double toothBefore = 0, toothAfter = 0;  // share of the tooth filled
};

/// Some places of one stack that lie together in the cut.
struct SectionColumn {
    int stack = 0;
    bool runsIn = false;               // its marks lie among those of a neighbour
    double from = 0, to = 1;           // of the cut's width
    std::vector<SectionLayer> layers;  // from the paper up; what lays nothing there is left out
};

/// A cut through the whole sheet: the areas side by side, from the darkest to the lightest, each as wide as its share
/// (a small one a little wider), its places ordered from dark to light. Some `columns` columns.
std::vector<SectionColumn> sectionOf(const Plan& plan, int columns);

/// The cut along a line drawn over the picture, in fractions of the sheet. Where layers run out over an edge, columns
/// of the one lie among columns of the other, as marks do.
std::vector<SectionColumn> sectionAlong(const Plan& plan, const subject::Line& line, int columns);

}  // namespace planning
