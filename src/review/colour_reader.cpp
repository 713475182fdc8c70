#include "review/colour_reader.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "colour/difference.h"
#include "common/median.h"

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

/// Readings of one flat swatch agree as well as this, in CIEDE2000 from their median.
constexpr double agreeing = 2.0;

common::Result<ReaderReading> meanOf(const std::vector<colour::Xyz>& readings) {
    std::array<std::vector<double>, 3> components;
    std::vector<colour::Lab> labs;
    for (const colour::Xyz& xyz : readings) {
        labs.push_back(colour::labFromXyz(xyz));
        components[0].push_back(labs.back().L);
        components[1].push_back(labs.back().a);
        components[2].push_back(labs.back().b);
    }
    if (labs.empty()) return Problem{ProblemKind::readerLost, ""};
    const colour::Lab median{common::median(components[0]), common::median(components[1]),
                             common::median(components[2])};
    ReaderReading reading;
    double squares = 0, furthest = 0;
    for (const colour::Lab& lab : labs) {
        const double off = colour::differenceCie2000(median, lab);
        furthest = std::max(furthest, off);
        if (off > agreeing) {
            ++reading.discarded;
            continue;
        }
        ++reading.readings;
        squares += off * off;
        reading.colour.L += lab.L;
        reading.colour.a += lab.a;
        reading.colour.b += lab.b;
    }
    if (4 * reading.readings < 3 * int(labs.size())) {
        std::array<char, 32> figure{};
        std::snprintf(figure.data(), figure.size(), "%.1f ΔE00", furthest);
        return Problem{ProblemKind::readerUnsteady, "", 0, figure.data()};
    }
    const double n = reading.readings;
    reading.colour = {reading.colour.L / n, reading.colour.a / n, reading.colour.b / n};
    reading.error = n > 1 ? std::sqrt(squares / (n - 1) / n) : agreeing / 2;
    return reading;
}

}  // namespace

common::Result<Calibration> calibrated(ColourReader& reader) {
    const auto readings = reader.touch();
    if (!readings) return readings.problem();
    const auto mean = meanOf(*readings);
    if (!mean) return mean.problem();
    // A lamp ages and a sensor drifts, but never as far as a swatch is from a white tile.
    constexpr double mostDrift = 0.25;
    const colour::Xyz seen = colour::xyzFromLab(mean->colour);
    const Calibration calibration{reader.tile.x / seen.x, reader.tile.y / seen.y, reader.tile.z / seen.z};
    for (const double factor : {calibration.x, calibration.y, calibration.z})
        if (!(std::fabs(std::log(factor)) < mostDrift)) return Problem{ProblemKind::tileWrong, reader.name};
    return calibration;
}

common::Result<ReaderReading> read(ColourReader& reader, const Calibration& calibration) {
    if (!calibration.isKnown()) return Problem{ProblemKind::readerUncalibrated, reader.name};
    auto readings = reader.touch();
    if (!readings) return readings.problem();
    std::vector<colour::Xyz> corrected;
    for (const colour::Xyz& xyz : *readings)
        corrected.push_back({xyz.x * calibration.x, xyz.y * calibration.y, xyz.z * calibration.z});
    return meanOf(corrected);
}

}  // namespace review
