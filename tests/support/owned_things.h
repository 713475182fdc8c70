#pragma once

#include <vector>

#include "materials/owned.h"
#include "small_study.h"

/// Things of every class with every field that a list can hold filled.
inline std::vector<materials::Owned> ownedThings() {
    std::vector<materials::Owned> things = materials::ownedOf(smallLibrary());
    things.push_back({materials::Tool{"u1", "Test & Sons", "a \"fine\" stump", materials::ToolKind::stump}});
    for (std::size_t i = 0; i < things.size(); ++i) {
        if (auto* paper = std::get_if<materials::Paper>(&things[i].what)) {
            paper->capacity = 1.25;
            paper->grip = 0.75;
            paper->sheetWidthMillimetres = 500;
            paper->sheetHeightMillimetres = 650 + double(i);
            paper->sheets = int(i);
            paper->fibres = materials::FibreDirection(i % 3);
            paper->otherSideOf = i % 2 ? "p-grey" : "";
        }
        things[i].number = "№ " + std::to_string(i);
        things[i].source = materials::ColourSource(i % 5);
        things[i].stock = materials::Stock(i % 4);
        things[i].box = i % 2 ? "field box" : "";
        things[i].slot = int(i);
        things[i].notes = "crumbles; it's \"soft\", twice";
    }
    return things;
}
