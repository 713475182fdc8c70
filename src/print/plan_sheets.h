#pragma once

#include <QString>

#include "common/progress.h"
#include "common/result.h"
#include "planning/plan.h"

namespace print {

/// Writes the plan as PDF on A4: a cover with reference, predicted sheet and summary; the pull list with stick shapes;
/// the section; the steps in order, each with a small map, its reasons, minutes and waits; the safety page. The file is
/// written whole or not at all. Needs a QGuiApplication.
common::Done writePlanPdf(const planning::Plan& plan, const planning::Study& study, const QString& file,
                          const common::Progress& progress = {});

}  // namespace print
