#pragma once

#include <opencv2/core/types.hpp>
#include <vector>

namespace subject {

/// A place in the frame as fractions of its width and height.
using Place = cv::Point2d;

/// A straight line between two places.
struct Line {
    Place from, to;
    bool operator==(const Line&) const = default;
};

/// What a pencil runs over in one go; closed where an outline is asked for.
using Scribble = std::vector<Place>;

inline bool isInFrame(const Place& place) {
    return place.x >= 0 && place.y >= 0 && place.x <= 1 && place.y <= 1;
}

}  // namespace subject
