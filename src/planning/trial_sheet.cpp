#include "planning/trial_sheet.h"

#include <algorithm>
#include <array>

#include "colour/difference.h"
#include "common/parallel.h"
#include "practice/ground_shift.h"

namespace planning {

namespace {

using pigment::Lay;
using pigment::Pressure;

/// What it is laid with; null for a tool.
pigment::Stroke strokeOf(const Lay& lay, const std::vector<matching::PreparedStick>& sticks) {
    return {pigment::laysPigment(lay.manner) ? &sticks[std::size_t(lay.stick)].pigment : nullptr, lay.manner,
            lay.pressure};
}

Tried laidUp(pigment::Patch patch, const Strokes& strokes, const std::vector<matching::PreparedStick>& sticks,
             colour::Light light) {
    Tried tried;
    for (const Lay& lay : strokes) {
        const pigment::Stroke stroke = strokeOf(lay, sticks);
        tried.holds.push_back(pigment::holdOf(patch, stroke));
        pigment::lay(patch, stroke);
    }
    tried.seen = pigment::labOf(patch, light);
    tried.toothUsed = pigment::toothUsed(patch);
    tried.looseLoad = pigment::looseLoad(patch);
    return tried;
}

/// The light that comes from around a swatch: half from the paper between, half from the swatches beside and across.
colour::Lab around(const std::vector<Tried>& tried, const TrialSheet& sheet, int swatch, const colour::Lab& paper) {
    const int row = swatch / sheet.columns, column = swatch % sheet.columns;
    colour::Xyz sum{0, 0, 0};
    const auto add = [&sum](const colour::Lab& lab, double weight) {
        const colour::Xyz xyz = colour::xyzFromLab(lab);
        sum = {sum.x + weight * xyz.x, sum.y + weight * xyz.y, sum.z + weight * xyz.z};
    };
    double count = 0;
    for (int y = std::max(0, row - 1); y <= std::min(sheet.rows() - 1, row + 1); ++y)
        for (int x = std::max(0, column - 1); x <= std::min(sheet.columns - 1, column + 1); ++x) {
            if (y == row && x == column) continue;
            add(tried[std::size_t(y * sheet.columns + x)].seen, 1);
            ++count;
        }
    add(paper, std::max(1.0, count));
    const double all = count + std::max(1.0, count);
    return colour::labFromXyz({sum.x / all, sum.y / all, sum.z / all});
}

void lookAround(std::vector<Tried>& tried, const TrialSheet& sheet, int swatch, const colour::Lab& paper) {
    Tried& it = tried[std::size_t(swatch)];
    it.looksLighter = practice::looksLighterBy(it.seen, around(tried, sheet, swatch, paper));
}

Pressure eased(double share) {
    return {float(3 * std::clamp(share, 0.0, 1.0))};
}

}  // namespace

TrialSheet pressureLadder(const materials::Paper& paper, const std::vector<int>& sticks, pigment::Manner manner) {
    TrialSheet sheet{paper, ladderRungs, {}};
    for (const int stick : sticks)
        for (int rung = 1; rung <= ladderRungs; ++rung)
            sheet.swatches.push_back({{stick, manner, eased(double(rung) / ladderRungs)}});
    return sheet;
}

TrialSheet everyOverEvery(const materials::Paper& paper, const std::vector<int>& sticks, HowLaid under, HowLaid over) {
    TrialSheet sheet{paper, std::max(1, int(sticks.size())), {}};
    for (const int beneath : sticks)
        for (const int above : sticks) {
            Strokes strokes{{beneath, under.manner, under.pressure}};
            if (above != beneath) strokes.push_back({above, over.manner, over.pressure});
            sheet.swatches.push_back(std::move(strokes));
        }
    return sheet;
}

TrialSheet gradedRun(const materials::Paper& paper, const std::vector<int>& sticks, pigment::Manner manner) {
    TrialSheet sheet{paper, runSteps, {}};
    const auto addRow = [&](std::optional<int> other) {
        for (int step = 0; step < runSteps; ++step) {
            const double along = double(step) / (runSteps - 1);
            Strokes strokes;
            if (along < 1) strokes.push_back({sticks.front(), manner, eased(1 - along)});
            if (other && along > 0) strokes.push_back({*other, manner, eased(along)});
            sheet.swatches.push_back(std::move(strokes));
        }
    };
    if (sticks.size() == 1) addRow(std::nullopt);
    for (std::size_t i = 1; i < sticks.size(); ++i) addRow(sticks[i]);
    return sheet;
}

std::vector<Tried> triedOn(const TrialSheet& sheet, const std::vector<matching::PreparedStick>& sticks,
                           colour::Light light) {
    const pigment::Patch bare = pigment::barePatch(sheet.paper);
    const colour::Lab paper = pigment::labOf(bare, light);
    std::vector<Tried> tried(sheet.swatches.size());
    common::forEachIndex(int(tried.size()), [&](int i) {
        tried[std::size_t(i)] = laidUp(bare, sheet.swatches[std::size_t(i)], sticks, light);
    });
    common::forEachIndex(int(tried.size()), [&](int i) { lookAround(tried, sheet, i, paper); });
    return tried;
}

void tryAgain(std::vector<Tried>& tried, const TrialSheet& sheet, int swatch,
              const std::vector<matching::PreparedStick>& sticks, colour::Light light) {
    const pigment::Patch bare = pigment::barePatch(sheet.paper);
    const colour::Lab paper = pigment::labOf(bare, light);
    tried[std::size_t(swatch)] = laidUp(bare, sheet.swatches[std::size_t(swatch)], sticks, light);
    const int row = swatch / sheet.columns, column = swatch % sheet.columns;
    for (int y = std::max(0, row - 1); y <= std::min(sheet.rows() - 1, row + 1); ++y)
        for (int x = std::max(0, column - 1); x <= std::min(sheet.columns - 1, column + 1); ++x)
            lookAround(tried, sheet, y * sheet.columns + x, paper);
}

std::vector<NextStroke> nextStrokes(const colour::Lab& wanted, const pigment::Patch& patch,
                                    const std::vector<matching::PreparedStick>& sticks, const std::vector<int>& allowed,
                                    int count, colour::Light light) {
    const auto tried = [&](const Lay& lay) {
        const pigment::Patch after = pigment::laidOn(patch, std::array{lay}, [&](int stick) -> const pigment::Pigment& {
            return sticks[std::size_t(stick)].pigment;
        });
        const colour::Lab seen = pigment::labOf(after, light);
        return NextStroke{lay, seen, colour::differenceCie2000(wanted, seen)};
    };
    const double now = colour::differenceCie2000(wanted, pigment::labOf(patch, light));
    std::vector<NextStroke> best(allowed.size());
    common::forEachIndex(int(allowed.size()), [&](int i) {
        const int stick = allowed[std::size_t(i)];
        NextStroke& least = best[std::size_t(i)];
        least.difference = now;
        for (const pigment::Manner manner : matching::mannersOf(sticks[std::size_t(stick)].kind))
            for (float pressure = 0.5f; pressure <= Pressure::heavy.value; pressure += 0.5f) {
                const Lay lay{stick, manner, {pressure}};
                if (pigment::holdOf(patch, strokeOf(lay, sticks)).held < pigment::slidesBelow) continue;
                const NextStroke next = tried(lay);
                if (next.difference < least.difference) least = next;
            }
    });
    std::erase_if(best, [now](const NextStroke& next) { return next.difference >= now; });
    std::ranges::stable_sort(best, {}, &NextStroke::difference);
    constexpr double alike = 0.5;  // CIEDE2000
    std::vector<NextStroke> unlike;
    for (const NextStroke& next : best)
        if (int(unlike.size()) < count && std::ranges::none_of(unlike, [&](const NextStroke& better) {
                return colour::differenceCie2000(better.seen, next.seen) < alike;
            }))
            unlike.push_back(next);
    return unlike;
}

}  // namespace planning
