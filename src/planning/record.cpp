#include "planning/record.h"

#include <algorithm>
#include <opencv2/imgcodecs.hpp>

#include "common/naming.h"
#include "common/png_size.h"
#include "planning/minutes.h"

namespace planning {

namespace {

constexpr std::array<std::string_view, entryKindCount> entryNames{
    "begun",      "done", "passed-over", "took-stick",   "pressed",   "taken-back", "paused",      "resumed",
    "wait-ended", "note", "photograph",  "plan-changed", "finishing", "fixed",      "stock-taken", "checked"};
constexpr std::array<std::string_view, 3> mendNames{"layers", "lift", "darken"};
constexpr std::array<std::string_view, finishingCount> finishingNames{"tape-off", "soften-edge", "sign",
                                                                      "glassine", "frame",       "store"};

bool isSame(const SharedBytes& one, const SharedBytes& other) {
    return one == other || (one && other && *one == *other);
}

/// By which the work goes on, and which can be taken back.
bool isAct(EntryKind kind) {
    return kind == EntryKind::done || kind == EntryKind::passedOver || kind == EntryKind::tookStick ||
           kind == EntryKind::pressed || kind == EntryKind::finishing || kind == EntryKind::fixed ||
           kind == EntryKind::checked;
}

}  // namespace

std::string_view nameOf(EntryKind kind) {
    return entryNames[static_cast<std::size_t>(kind)];
}
std::optional<EntryKind> entryKindNamed(std::string_view name) {
    return common::enumNamed<EntryKind>(entryNames, name);
}
std::string_view nameOf(Mend mend) {
    return mendNames[static_cast<std::size_t>(mend)];
}
std::optional<Mend> mendNamed(std::string_view name) {
    return common::enumNamed<Mend>(mendNames, name);
}
std::string_view nameOf(Finishing what) {
    return finishingNames[static_cast<std::size_t>(what)];
}
std::optional<Finishing> finishingNamed(std::string_view name) {
    return common::enumNamed<Finishing>(finishingNames, name);
}

bool LaidStep::operator==(const LaidStep& other) const {
    return key == other.key && layers == other.layers && stick == other.stick && stage == other.stage &&
           tool == other.tool && manner == other.manner && areas == other.areas &&
           plannedMinutes == other.plannedMinutes && minutes == other.minutes &&
           squareCentimetres == other.squareCentimetres && amount == other.amount && isSame(map, other.map);
}

bool Entry::operator==(const Entry& other) const {
    return at == other.at && offsetMinutes == other.offsetMinutes && kind == other.kind && step == other.step &&
           stick == other.stick && heavier == other.heavier && takes == other.takes && words == other.words &&
           picture == other.picture && isSame(bytes, other.bytes) && finishing == other.finishing &&
           laid == other.laid && check == other.check;
}

bool Deviation::operator==(const Deviation& other) const {
    return step == other.step && stick == other.stick && heavier == other.heavier && isPassed == other.isPassed &&
           isFixed == other.isFixed && check == other.check && isSame(sheet, other.sheet) && entry == other.entry;
}

Standing::Standing(const Record& record, std::size_t entries) : isTaken_(entries, false) {
    for (std::size_t i = 0; i < entries; ++i)
        if (const Entry& entry = record.entries[i];
            entry.kind == EntryKind::takenBack && entry.takes >= 0 && entry.takes < int(i))
            isTaken_[std::size_t(entry.takes)] = true;
    for (std::size_t i = 0; i < entries; ++i) {
        if (isTaken_[i]) continue;
        const Entry& entry = record.entries[i];
        if (isAct(entry.kind)) toTakeBack_ = int(i);
        StepDoing* doing = entry.step > 0 ? &steps_[entry.step] : nullptr;
        switch (entry.kind) {
            case EntryKind::begun:
                if (doing) doing->isBegun = true;
                break;
            case EntryKind::done:
                if (!doing || doing->isDone) break;
                doing->isDone = true;
                doing->doneAt = int(i);
                laid_.push_back(entry.step);
                isPaused_ = false;
                break;
            case EntryKind::passedOver:
                if (doing) doing->isPassed = true;
                break;
            case EntryKind::tookStick:
                if (doing) doing->stick = entry.stick;
                break;
            case EntryKind::pressed:
                if (doing) doing->heavier = entry.heavier;
                break;
            case EntryKind::planChanged:
                planChangedAt_ = int(i);
                deviations_.clear();
                break;
            case EntryKind::paused:
                isPaused_ = true;
                break;
            case EntryKind::resumed:
                isPaused_ = false;
                break;
            case EntryKind::finishing:
                ticked_[std::size_t(entry.finishing)] = true;
                break;
            case EntryKind::fixed:
                fixings_.push_back(int(i));
                deviations_.push_back({.isFixed = true, .entry = int(i)});
                break;
            case EntryKind::checked:
                checks_.push_back(int(i));
                deviations_.push_back({.check = entry.check, .sheet = entry.bytes, .entry = int(i)});
                break;
            case EntryKind::takenBack:
            case EntryKind::stockTaken:
            case EntryKind::waitEnded:
            case EntryKind::note:
            case EntryKind::photograph:
                break;
        }
        const bool isOtherwise = entry.kind == EntryKind::passedOver || entry.kind == EntryKind::tookStick ||
                                 entry.kind == EntryKind::pressed;
        if (!doing || !isOtherwise) continue;
        std::erase_if(deviations_, [&](const Deviation& it) { return it.step == entry.step; });
        if (doing->isPassed || doing->stick || doing->heavier != 0)
            deviations_.push_back({entry.step, doing->stick, doing->heavier, doing->isPassed, false, {}, {}, int(i)});
    }
}

const StepDoing& Standing::of(int step) const {
    static const StepDoing untouched;
    const auto at = steps_.find(step);
    return at == steps_.end() ? untouched : at->second;
}

bool Standing::isAnythingDone() const {
    return std::ranges::any_of(steps_, [](const auto& it) { return it.second.isDone || it.second.isPassed; });
}

std::vector<int> openSteps(const Plan& plan, const Standing& standing) {
    const auto isLeft = [&](int n) { return n > 0 && !plan.steps[std::size_t(n - 1)].isEmpty && standing.isOpen(n); };
    std::vector<int> open;
    for (const Step& step : plan.steps)
        if (isLeft(step.number) && std::ranges::none_of(step.after, isLeft)) open.push_back(step.number);
    return open;
}

bool shareAPlace(const Step& one, const Step& other) {
    return std::ranges::any_of(one.areas, [&](int area) { return std::ranges::count(other.areas, area) > 0; });
}

LaidStep laidStep(const Plan& plan, const Step& step, double widthMillimetres, double heightMillimetres) {
    LaidStep laid;
    laid.key = step.key;
    laid.stage = step.stage;
    laid.tool = step.tool;
    laid.manner = step.manner;
    if (step.stick >= 0) laid.stick = plan.sticks[std::size_t(step.stick)];
    const double sheet = widthMillimetres * heightMillimetres / 100;
    laid.squareCentimetres = laidShare(step, plan) * sheet;
    laid.amount = step.stage == Stage::drawing ? 0 : laid.squareCentimetres;
    if (step.layers.empty()) return laid;
    laid.amount = 0;
    cv::Mat map = cv::Mat::zeros(plan.stackMap.size(), CV_8U);
    for (const LayerPlace& place : step.layers) {
        const PlannedStack& stack = plan.stacks[std::size_t(place.stack)];
        const Layer& layer = stack.layers[std::size_t(place.layer)];
        laid.layers.push_back(layer.key);
        const auto given = [](pigment::Pressure pressure) { return double(pigment::pressureFactor(pressure)); };
        laid.amount +=
            sheet * stack.share *
            (layer.light * given(pigment::Pressure::light) + layer.medium * given(pigment::Pressure::medium) +
             layer.heavy * given(pigment::Pressure::heavy));
        plan.pressures[std::size_t(place.layer)].copyTo(map, plan.stackMap == place.stack);
    }
    common::Bytes png;
    cv::imencode(".png", map, png);
    laid.map = std::make_shared<const common::Bytes>(std::move(png));
    return laid;
}

bool isOverLarge(const common::Bytes& png) {
    const auto size = common::pngSize(png);
    return size && size->pixels() > maxRecordedPixels;
}

cv::Mat mapOf(const LaidStep& laid) {
    if (!laid.map || laid.map->empty() || isOverLarge(*laid.map)) return {};
    return cv::imdecode(*laid.map, cv::IMREAD_GRAYSCALE);
}

}  // namespace planning
