#pragma once

#include <array>
#include <optional>
#include <vector>

#include "common/result.h"
#include "pigment/patch.h"
#include "review/card.h"

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

struct TestStroke {
    TestStick stick = TestStick::farthest;
    pigment::Manner manner = pigment::Manner::scumble;
    pigment::Pressure pressure = pigment::Pressure::medium;
};

/// What goes into each field of a window, in the order in which it is laid. The first stays bare; single strokes tell
/// what the paper takes off a stick, and what is laid over a tooth that is filled more and more tells what it holds.
using TestFields = std::array<std::vector<TestStroke>, windowFields>;
TestFields testFieldsOn(materials::Surface surface);

/// Whether all sticks of a field are there.
bool canBeLaid(const std::vector<TestStroke>& field, const TestSticks& sticks);

/// What the field is to look like by the film model, all its sticks being there; a hand may lay so many times the usual
/// amounts.
pigment::Patch laidField(const std::vector<TestStroke>& field, const materials::Paper& paper, const TestSticks& sticks,
                         float hand = 1);

struct PaperFieldReading {
    colour::Xyz xyz;   // relative to D50
    double error = 0;  // CIEDE2000 by which the mean may be off for grain and noise, one standard error
};
using WindowReading = std::array<PaperFieldReading, windowFields>;

struct PaperCardReading {
    CardPaper paper = CardPaper::a4;
    int page = 0;
    std::array<WindowReading, cardWindows> windows;
};

/// Reads a photograph of a filled test card (CV_32FC3, XYZ relative to D50). Refuses as readCard does.
common::Result<PaperCardReading> readPaperCard(const cv::Mat& xyz, const std::string& name);

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
