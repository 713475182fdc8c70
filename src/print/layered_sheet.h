#pragma once

#include <QByteArray>
#include <optional>

#include "planning/plan.h"

namespace print {

/// The finished sheet as an OpenRaster file: the bare paper, and over it a layer for each stage of the work with what
/// that lays. Nullopt if there was no room for it.
std::optional<QByteArray> layeredSheet(const planning::Plan& plan);

}  // namespace print
