#include "planning/tooth_answers.h"

#include <algorithm>

#include "pigment/tones.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"

namespace planning {

namespace {

double usedBy(pigment::Patch patch, const std::vector<pigment::Stroke>& strokes) {
    for (const pigment::Stroke& stroke : strokes)
        if (stroke.pressure.value > 0) pigment::lay(patch, stroke);
    return pigment::toothUsed(patch);
}

/// The strokes of the tone that fills the tooth most, with its pressures.
std::vector<pigment::Stroke> fullestOf(const Plan& plan, const PlannedStack& stack) {
    const Tone* fullest = fullestTone(stack);
    if (!fullest || fullest->toothUsed <= nearlyFull) return {};
    std::vector<pigment::Stroke> strokes = strokesOf(plan, stack);
    for (std::size_t k = 0; k < strokes.size(); ++k)
        strokes[k].pressure.value = float(pigment::pressureIn(fullest->number, int(k), int(strokes.size())));
    std::erase_if(strokes, [](const pigment::Stroke& stroke) { return stroke.pressure.value <= 0; });
    return strokes;
}

}  // namespace

std::optional<ToothAnswers> toothAnswers(const Plan& plan, int stack, const std::vector<materials::Paper>& papers) {
    const PlannedStack& it = plan.stacks[std::size_t(stack)];
    const std::vector<pigment::Stroke> strokes = fullestOf(plan, it);
    if (strokes.empty()) return std::nullopt;
    ToothAnswers answers;
    answers.now = usedBy(it.start, strokes);
    answers.fewer = usedBy(it.start, {strokes.begin(), strokes.end() - 1});
    std::vector<pigment::Stroke> changed = strokes;
    changed.back() = {nullptr, pigment::Manner::fix, pigment::Pressure::medium};
    answers.fixed = usedBy(it.start, changed);
    changed = strokes;
    for (pigment::Stroke& stroke : changed) stroke.pressure.value = std::max(0.5f, stroke.pressure.value - 1);
    answers.lighter = usedBy(it.start, changed);
    for (const materials::Paper& paper : papers) {
        const double used = usedBy(pigment::barePatch(paper), strokes);
        if (used < std::min(answers.now, answers.roomier ? answers.roomier->used : 1.0))
            answers.roomier = ToothAnswers::OnPaper{paper.name, used};
    }
    return answers;
}

}  // namespace planning
