#pragma once

#include <QByteArray>
#include <vector>

#include "practice/training.h"

namespace storage {

/// All sittings of exercises, a row each, with a row of headings; thresholds in the exercise's measure.
QByteArray practiceCsv(const std::vector<practice::Sitting>& sittings);

}  // namespace storage
