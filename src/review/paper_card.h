#pragma once

#include <array>
#include <optional>

#include "review/card_windows.h"

namespace review {

/// The sticks with which a paper is tested: the one that stands off it the most, a middle one, the one at the other end
/// of the subject's values, and a pencil. One that is missing leaves its fields out.
enum class TestStick { farthest, middle, opposite, pencil };
inline constexpr std::size_t testStickCount = 4;
using TestSticks = std::array<std::optional<materials::Material>, testStickCount>;

/// A paper that is tested, and with what.
struct PaperTest {
    materials::Paper paper;
    TestSticks sticks;
};

/// What goes into each field: single strokes tell what the paper takes off a stick, and what is laid over a tooth that
/// is filled more and more tells what it holds. The sticks' places are TestStick's.
CardFields testFieldsOn(materials::Surface surface);

/// A paper as its test says that it is.
struct TestedPaper {
    materials::Paper paper;                       // with its own tone, capacity and grip
    double colourError = 0;                       // CIEDE2000, one standard error
    double capacityError = 0, gripError = 0;      // one standard error, as shares of them
    double differenceBefore = 0, difference = 0;  // mean CIEDE2000 between what was expected and what was read, with
                                                  // the paper as it was known, and as it is known now
};

/// Takes the tone from the bare field and fits capacity and grip to the others, the film model being right. Nothing
/// where no stick was laid, or where less than three of the fields could be.
std::optional<TestedPaper> testedPaper(const WindowReading& window, const PaperTest& test);

}  // namespace review
