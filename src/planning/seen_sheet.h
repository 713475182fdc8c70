#pragma once

#include "planning/begun_sheet.h"
#include "planning/record.h"

namespace planning {

/// What a photograph shows (a sheet as the record keeps it) is how it stands; what was taken from it is to be done.
void see(BegunSheet& begun, const Checked& check, const SharedBytes& sheet);

/// The hand that has laid what lies there, as a photograph shows it.
pigment::HandSample handIn(const BegunSheet& begun, const SharedBytes& sheet);

/// By how much the sheet was seen to be off, small details aside: squared (CV_32FC3, CIELAB); empty if it never was.
cv::Mat squaresOff(const BegunSheet& begun);
/// Whether a stack is off by so much that it is felt.
bool isOff(const BegunSheet& begun, int stack, const cv::Mat& squares);

}  // namespace planning
