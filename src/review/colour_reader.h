#pragma once

#include <functional>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "common/result.h"

namespace review {

/// A device that is held on a swatch and reads its colour. Every call may fail with readerLost and takes as long as the
/// device does: not for the interface thread.
struct ColourReader {
    std::string name;
    colour::Xyz tile;  // what its white tile is, relative to D50 with white at Y = 1
    /// Makes the connection, anew if it was lost.
    std::function<common::Done()> connect;
    /// The readings of one touch as the device has them, before any calibration: XYZ relative to D50.
    std::function<common::Result<std::vector<colour::Xyz>>()> touch;
};

/// What the device's white tile tells: factors for X, Y and Z. Good for as long as the connection stands.
struct Calibration {
    double x = 0, y = 0, z = 0;
    bool isKnown() const { return x > 0; }
};

/// From a touch on the tile. Refuses what is no white tile (tileWrong) and readings that differ (readerUnsteady).
common::Result<Calibration> calibrated(ColourReader& reader);

/// What one touch tells of a swatch.
struct ReaderReading {
    colour::Lab colour;
    double error = 0;  // CIEDE2000, one standard error of the mean
    int readings = 0, discarded = 0;
};

/// Reads a swatch: the mean of the readings that lie near their median, the others discarded. Refuses without a
/// calibration (readerUncalibrated), and when fewer than three quarters of the
/// readings agree (readerUnsteady).
common::Result<ReaderReading> read(ColourReader& reader, const Calibration& calibration);

}  // namespace review
