#pragma once

#include <vector>

#include "subject/areas.h"
#include "subject/line.h"

namespace subject {

/// A correction of the areas by what the artist scribbles on the picture.
struct AreaEdit {
    enum class Kind {
        join,    // the areas that the scribbles touch become one
        part,    // the area in which the first scribble begins is parted: each scribble lies in a part of its own
        border,  // what the closed scribble goes round becomes an area of its own
        grow,    // what it goes round is given to the area in which it begins: a border is moved
        cutOut,  // the subject that it goes round loosely is cut out: no area lies across its border any more
    };
    Kind kind = Kind::join;
    std::vector<Scribble> scribbles;
    bool operator==(const AreaEdit&) const = default;
};

/// "join", "part", "border", "grow", "cut-out".
std::string_view nameOf(AreaEdit::Kind kind);
std::optional<AreaEdit::Kind> areaEditNamed(std::string_view name);

/// How many scribbles a kind needs at least.
int leastScribbles(AreaEdit::Kind kind);

/// The areas of these labels (CV_32S) after corrections, in their order; one that finds nothing to do is passed over.
/// An area is parted where its colours change most between the scribbles (OpenCV's watershed; F. Meyer, 1992). A
/// subject is cut out by colour inside its outline against colour outside (OpenCV's GrabCut; C. Rother, V. Kolmogorov,
/// A. Blake, 2004).
Areas edited(const cv::Mat& labels, const cv::Mat& squintedLab, const std::vector<AreaEdit>& edits);

}  // namespace subject
