#pragma once

#include <cmath>

#include "cli/commands.h"
#include "planning/study.h"
#include "storage/document.h"

namespace cli {

/// A sheet of 400 mm on its long side in the format of the reference, unless sizes are given.
common::Result<storage::Document> documentFrom(const QString& reference, const Options& options);

/// The options that say something of the study, and what they make of it; the first bad one is refused.
const QStringList& studyOptions();
std::optional<common::Problem> applyOptions(const Options& options, planning::Study& study);

/// The number that an option gives, if it is there and within its bounds.
template <typename Number>
std::optional<common::Problem> applyNumber(const Options& options, const char* name, const planning::Bounds& bounds,
                                           Number& field) {
    const QString text = options.last(name);
    if (text.isEmpty()) return std::nullopt;
    bool ok = false;
    const double value = text.toDouble(&ok);
    const bool whole = std::is_integral_v<Number>;
    if (!ok || !bounds.holds(value) || (whole && value != std::floor(value)))
        return common::Problem{common::ProblemKind::numberBad, std::string("value of ") + name, 0, text.toStdString(),
                               QStringLiteral("%1 to %2").arg(bounds.least).arg(bounds.most).toStdString()};
    field = Number(value);
    return std::nullopt;
}

}  // namespace cli
