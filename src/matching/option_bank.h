#pragma once

#include "matching/lanes.h"
#include "matching/stack.h"

namespace matching {

/// One way to lay one stick as a layer, ready for the screen.
struct Option {
    StackLayer layer;
    double rank = 0;                           // see rankIn
    std::array<ThumbnailStroke, 3> strokes{};  // light, medium, heavy
};

/// Every way that the rules have room for to lay the dry sticks on a surface, by rising rank; every way at all if they
/// leave none, as the hand of the weights lays them. Shared by all areas of a picture.
struct OptionBank {
    OptionBank(const std::vector<PreparedStick>& sticks, const materials::SurfaceProfile& surface,
               const StackWeights& weights);

    const std::vector<PreparedStick>& sticks;
    std::vector<Option> options;

    /// The options (indices) of these sticks.
    std::vector<int> of(const std::vector<int>& allowedSticks) const;
    std::vector<int> all() const;
    /// The place of a layer among the options.
    int indexOf(const StackLayer& layer) const;
    /// The layers with an option put in at its place by rank.
    std::vector<StackLayer> with(std::vector<StackLayer> layers, int option) const;

    /// What each of these options gives over a ground when it is laid at each pressure, option by option.
    std::vector<colour::Lab> singles(const std::vector<int>& chosen, const pigment::Patch& ground,
                                     colour::Light light) const;
};

}  // namespace matching
