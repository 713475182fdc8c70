#pragma once

#include <opencv2/core/mat.hpp>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "colour/lab.h"

namespace subject {

enum class Plane { background, middle, foreground };
/// "background", "middle", "foreground".
std::string_view nameOf(Plane plane);
std::optional<Plane> planeNamed(std::string_view name);

/// What an area is of, as far as it matters for how it is laid.
enum class AreaKind { other, sky, foliage, skin, fur, eye, metal, glass, cloth, water, stone };
inline constexpr int areaKindCount = 11;
/// "other", "sky", "foliage", ..., "fur" (or feather), ...
std::string_view nameOf(AreaKind kind);
std::optional<AreaKind> areaKindNamed(std::string_view name);

/// What an area was plainly recognised as (recognise.h). Eyes are left and right as the painter sees them.
enum class Recognised { nothing, face, catFace, leftEye, rightEye, sky, water, foliage };

/// What speaks for the plane that an area was put in.
struct PlaneCue {
    enum class Kind { reachesUp, standsLow, before, behind, sharper, calmer };
    Kind kind = Kind::reachesUp;
    int other = -1;  // index of the area that it stands before or behind
    bool operator==(const PlaneCue&) const = default;
};

/// How areas are proposed: as studies of the first two versions have them (areas_by_colour.h), or by things
/// (area_tree.h).
enum class Parting { byColour, byThings };
/// "by-colour", "by-things".
std::string_view nameOf(Parting parting);
std::optional<Parting> partingNamed(std::string_view name);

/// A part of the subject that is worked as one.
struct Area {
    int id = 0;       // from 1, in the order of the picture's rows
    std::string key;  // of its heart, the place that is farthest from its border: survives what is done elsewhere
    double share = 0;
    double centreX = 0, centreY = 0;  // fractions of the width and height
    colour::Lab colour;               // median
    Plane plane = Plane::middle;
    std::vector<PlaneCue> planeWhy;  // empty where nobody looked (depth.h)
    std::vector<int> neighbours;     // ids, rising
    bool focal = false;
    AreaKind kind = AreaKind::other;
    Recognised recognised = Recognised::nothing;
    int together = 0;  // id of the first of those that are planned as one with it (both eyes); its own without any
};

struct Areas {
    cv::Mat map;  // CV_32S, index of the area (id - 1)
    std::vector<Area> list;
};

/// The label (CV_32S) at a place given as fractions of the width and height; places outside count as the nearest edge.
int labelAt(const cv::Mat& map, double x, double y);

/// The byte (CV_8U) at such a place.
int levelAt(const cv::Mat& map, double x, double y);

/// Labels from 0 without gaps, numbered as they are met from the top, left to right; and how many there are.
cv::Mat numberedAsMet(const cv::Mat& labels, int& count);

/// Areas with these borders: any labels (CV_32S) over a picture of the same size (CV_32FC3, CIELAB), described.
Areas areasOf(const cv::Mat& labels, const cv::Mat& lab);

}  // namespace subject
