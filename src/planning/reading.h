#pragma once

#include <array>
#include <memory>
#include <opencv2/core/mat.hpp>
#include <string>
#include <vector>

#include "common/result.h"
#include "materials/surface.h"
#include "planning/study.h"
#include "subject/area_tree.h"
#include "subject/areas.h"
#include "subject/masses.h"
#include "subject/picture.h"
#include "subject/recognise.h"

namespace planning {

/// The reference as this study reads it: everything that does not depend on materials.
struct Reading {
    cv::Size reference;  // in pixels, as the frame lies on it
    cv::Size source;     // in the file's own pixels, upright
    cv::Mat xyz;         // CV_32FC3, framed
    cv::Mat lab;         // the same in CIELAB
    cv::Mat squinted;
    cv::Mat picture;   // CV_8UC3, R G B
    cv::Mat coloured;  // CIELAB, with the colours that areas borrow
    // After the artist's choices of colour; the same as above without any.
    cv::Mat wanted, wantedSquinted;  // CIELAB
    cv::Mat wantedPicture;
    cv::Mat whole;                // the reference unframed, small (CV_8UC3, R G B)
    std::vector<cv::Mat> others;  // the other references, whole (CV_8UC3, R G B)
    subject::Masses masses;
    subject::Areas areas;
    cv::Mat edges;  // how these meet, see subject/edges.h
};

struct KeptComparisons;
struct KeptStacks;
struct KeptMaps;
struct KeptReplans;

/// What may be kept from the plan before: each part with the choices that it came from. Start with an empty one.
struct Kept {
    std::shared_ptr<const ReferenceFile> reference;
    std::shared_ptr<const subject::Picture> picture;
    cv::Mat whole;  // of that picture, see Reading
    struct Other {
        std::shared_ptr<const ReferenceFile> file;
        cv::Mat lab, picture;  // whole and upright, at the reading's size: CIELAB, and CV_8UC3 as R G B
    };
    std::vector<Other> others;
    std::string frameKey;
    cv::Mat framed, framedPicture;  // XYZ, and CV_8UC3 as R G B
    struct Grain {
        materials::Surface surface;
        double millimetresPerPixel;
        cv::Mat map;
    };
    std::optional<Grain> grain;
    /// How the frame's picture falls into areas, and what tells what they are: not found anew for another number of
    /// them.
    struct Parted {
        std::string frameKey;
        subject::AreaTree tree;
        std::vector<subject::Face> faces;
        subject::Grain grain;
    };
    std::optional<Parted> parted;
    /// The frame's picture with half-closed eyes.
    struct Seen {
        std::string frameKey;
        double squint = 0;
        cv::Mat lab, squinted;
        subject::EdgeView edgeView;
        // The masses of `squinted`, and how they were asked for.
        int levels = 0;
        std::vector<double> thresholds;
        subject::Masses masses;
    };
    std::optional<Seen> seen;
    std::string readingKey;
    std::shared_ptr<const Reading> reading;
    std::shared_ptr<KeptComparisons> comparisons;  // of papers and grounds
    // Of coarse plans and of full ones: a change by hand leaves most of them as they are.
    std::array<std::shared_ptr<const KeptStacks>, 2> stacks;
    std::array<std::shared_ptr<const KeptMaps>, 2> maps;
    std::shared_ptr<KeptReplans> replans;  // of a record
};

/// Long side in pixels at which pictures are held, so that a crop has its detail, and at which they are read.
inline constexpr int heldLongSide = 2560, readLongSide = 1024;

/// The grain of a surface (see rendering::grainMap), the last one kept.
cv::Mat grainKept(Kept& kept, materials::Surface surface, cv::Size size, double millimetresPerPixel);

/// The reference in its frame (CV_8UC3, R G B): the first thing to show.
common::Result<cv::Mat> readReference(const Study& study, Kept& kept);

/// The reading alone, before any material is chosen.
common::Result<std::shared_ptr<const Reading>> readSubject(const Study& study, Kept& kept);

}  // namespace planning
