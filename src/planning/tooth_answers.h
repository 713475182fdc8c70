#pragma once

#include <optional>
#include <string>
#include <vector>

#include "planning/plan.h"

namespace planning {

/// What would spare the tooth of a stack where it is used most: shares used at the end, by the film.
struct ToothAnswers {
    double now = 0;
    double fewer = 0;    // without the last layer
    double fixed = 0;    // without it and with fixative: what the last layer then goes on
    double lighter = 0;  // with every layer a level of pressure lighter
    struct OnPaper {
        std::string paper;  // name
        double used = 0;
    };
    std::optional<OnPaper> roomier;  // the paper on which it is used least, if that is another
};

/// Looks at the tone (of those that are more than touches) that fills the tooth most; `papers` are those at hand. Null
/// where that leaves the tooth open enough (see nearlyFull).
std::optional<ToothAnswers> toothAnswers(const Plan& plan, int stack, const std::vector<materials::Paper>& papers);

}  // namespace planning
