#pragma once

#include <limits>
#include <vector>

#include "matching/option_bank.h"

namespace matching {

/// An option tried as one more layer of a stack, and what the whole stack then costs by the screen: cheap, near the
/// whole film's cost but for the spread of the hand and prices.
struct Screened {
    int option = 0;
    float cost = std::numeric_limits<float>::infinity();
};

/// What comes of trying options, and what the stack costs without any.
struct Tried {
    float without = 0;
    std::vector<Screened> with;
};

/// Tries options in stacks over one area's ground. Holds what does not change from stack to stack; what it was made
/// from must outlive it.
class Screen {
 public:
    Screen(const Want& want, const OptionBank& bank, const StackWeights& weights);

    const Want& want() const { return want_; }
    const OptionBank& bank() const { return bank_; }
    /// The whole film's judgement.
    Stack judged(std::vector<StackLayer> layers) const {
        return matching::judged(std::move(layers), want_, bank_.sticks, weights_);
    }

    /// Puts each of `candidates` (rising) into `layers` at its place by rank, none of them a stick that is there
    /// already (those cost infinity), and tries every pressure of it over and under the pressures of the layers. Of
    /// more than three layers only the pressures that serve a sample and their neighbours are tried: `tones` are the
    /// tones of `layers` that serve the samples.
    Tried tried(const std::vector<StackLayer>& layers, const std::vector<int>& tones,
                const std::vector<int>& candidates) const;

 private:
    using Pressures = std::array<std::uint8_t, 8>;
    class Pass;

    const Want& want_;
    const OptionBank& bank_;
    const StackWeights& weights_;
    SampleTable samples_;
    Thumbnail ground_;
    std::vector<float> stray_;  // by stick
    std::vector<bool> isBlack_;
};

}  // namespace matching
