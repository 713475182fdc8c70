#pragma once

#include <QString>

#include "common/result.h"
#include "practice/training.h"

namespace print {

/// What a week of exercises has come to: each that was practised in it with its curve, what it was before, and what
/// wants training next.
struct PracticeReport {
    std::vector<practice::Answer> answers;   // all there are
    std::vector<practice::Noticed> noticed;  // by Check
    std::int64_t until = 0;                  // end of the week, in milliseconds since 1970
};

/// Writes it as PDF (A4), whole or not at all. Needs a QGuiApplication.
common::Done writePracticeReport(const PracticeReport& report, const QString& file);

}  // namespace print
