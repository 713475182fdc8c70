#pragma once

#include "planning/plan.h"

namespace planning {

/// Lets the layers of neighbouring stacks run into each other where the edge between them is soft or lost: marks of one
/// thin out among the marks of the other, by as much as brings the sheet nearest to what is wanted there, and else
/// evenly to both sides over a broad mark's width; across a lost edge over twice that. Fills in the plan's `runIn`;
/// `wanted` is as for findStacks.
void fadeEdges(Plan& plan, const Study& study, const cv::Mat& wanted);

/// The areas (indices) into which layers of a step run out, those first into which most does. A touch does not count.
std::vector<int> runsOutInto(const Plan& plan, const Step& step);

}  // namespace planning
