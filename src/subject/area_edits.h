#pragma once

#include <vector>

#include "subject/areas.h"

namespace subject {

/// A correction of the proposed areas, by two places (fractions of the width and height): the areas in which they lie
/// become one, or the one in which both lie is parted between them. One that finds nothing to do is passed over.
struct AreaEdit {
    enum class Kind { join, part };
    Kind kind = Kind::join;
    double fromX = 0, fromY = 0, toX = 0, toY = 0;
    bool operator==(const AreaEdit&) const = default;
};

/// "join", "part".
std::string_view nameOf(AreaEdit::Kind kind);
std::optional<AreaEdit::Kind> areaEditNamed(std::string_view name);

/// The areas after these corrections, in their order. An area is parted where its colours change most between the two
/// places (OpenCV's watershed from both; F. Meyer, 1992).
Areas edited(const Areas& areas, const cv::Mat& squintedLab, const std::vector<AreaEdit>& edits);

}  // namespace subject
