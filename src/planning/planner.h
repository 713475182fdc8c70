#pragma once

#include <memory>
#include <optional>
#include <string>

#include "common/progress.h"
#include "common/result.h"
#include "planning/plan.h"

namespace planning {

/// What may be kept from the plan before: each part with the choices that it came from. Start with an empty one.
struct Kept {
    std::shared_ptr<const ReferenceFile> reference;
    std::shared_ptr<const subject::Picture> picture;
    struct Other {
        std::shared_ptr<const ReferenceFile> file;
        cv::Mat lab, picture;  // whole and upright, at the reading's size: CIELAB, and CV_8UC3 as R G B
    };
    std::vector<Other> others;
    std::string frameKey;
    cv::Mat framed, framedPicture;  // XYZ, and CV_8UC3 as R G B
    std::string readingKey;
    std::shared_ptr<const Reading> reading;
};

/// Long side in pixels at which pictures are held, so that a crop has its detail, and at which they are read.
inline constexpr int heldLongSide = 2560, readLongSide = 1024;

/// The reference in its frame (CV_8UC3, R G B): the first thing to show.
common::Result<cv::Mat> readReference(const Study& study, Kept& kept);

/// The reading alone, before any material is chosen.
common::Result<std::shared_ptr<const Reading>> readSubject(const Study& study, Kept& kept);

/// Everything that follows from the study and the library: a pure function of both, the same bit for bit on any number
/// of threads. `kept` only saves time. Refuses an empty tray, an unknown paper, figures out of bounds and bad pictures;
/// gives the problem `cancelled` when stopped. `threads` 0 takes all cores.
common::Result<Plan> makePlan(const Study& study, const materials::Library& library, Kept& kept,
                              const common::Progress& progress = {}, int threads = 0);

}  // namespace planning
