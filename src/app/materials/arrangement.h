#pragma once

#include <QString>
#include <optional>
#include <set>
#include <vector>

#include "colour/lab.h"
#include "materials/owned.h"

namespace app {

/// How the drawer is laid out, and what of it is shown.
enum class LaidOutBy { hue, kind, box };

struct Wanted {
    LaidOutBy by = LaidOutBy::hue;
    QString words;                              // all of them must stand somewhere in what is known of a thing
    std::optional<std::set<std::string>> only;  // the ids of a tray
    bool doubles = false;                       // what is likely the same thing entered twice, a section each
    bool runsLow = false;                       // stubs and what is used up
    std::optional<colour::Lab> nearestTo;       // one section, nearest first
};

struct Section {
    QString head;
    std::vector<int> things;  // indices into the drawer
};

/// Sections in order, each with at least one thing. By hue: greys first, then from red round to violet and rose, light
/// before dark; papers and tools come last.
std::vector<Section> arranged(const std::vector<materials::Owned>& things, const Wanted& wanted);

}  // namespace app
