#pragma once

#include "colour/lab.h"

namespace colour {

/// CIEDE2000 with kL = kC = kH = 1 (ISO/CIE 11664-6; G. Sharma, W. Wu, E. N. Dalal, Color Research & Application 30,
/// 2005).
double differenceCie2000(const Lab& one, const Lab& other);

/// Euclidean distance in CIELAB (CIE 1976).
double differenceCie76(const Lab& one, const Lab& other);

}  // namespace colour
