#pragma once

#include <vector>

#include "materials/owned.h"
#include "small_study.h"

/// Things of every class with every field that a list can hold filled.
inline std::vector<materials::Owned> ownedThings() {
    std::vector<materials::Owned> things = materials::ownedOf(smallLibrary());
    things.push_back({materials::Tool{"u1", "Test & Sons", "a \"fine\" stump", materials::ToolKind::stump}});
    for (std::size_t i = 0; i < things.size(); ++i) {
        things[i].number = "№ " + std::to_string(i);
        things[i].source = materials::ColourSource(i % 5);
        things[i].stock = materials::Stock(i % 4);
        things[i].box = i % 2 ? "field box" : "";
        things[i].slot = int(i);
        things[i].notes = "crumbles; it's \"soft\", twice";
    }
    return things;
}
