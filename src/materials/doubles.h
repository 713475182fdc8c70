#pragma once

#include <vector>

#include "materials/owned.h"

namespace materials {

/// Things that are likely the same one entered twice: of one kind and maker (case and spaces aside), with the same
/// number on the label or, where one of them has none, the same name. Each group holds indices, two at least.
std::vector<std::vector<int>> doublesIn(const std::vector<Owned>& things);

/// Whether these can be one thing: two at least, all media, all papers or all tools.
bool canMerge(const std::vector<Owned>& things);

/// One thing with the first one's id and all that is known of any of them: the colour that was measured best, the first
/// word where there are several, all pigments and hazards, the fuller stock, all notes and photographs. Needs canMerge.
Owned merged(const std::vector<Owned>& things);

}  // namespace materials
