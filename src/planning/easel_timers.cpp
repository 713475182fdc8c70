#include "planning/easel_timers.h"

#include <time.h>

#include <algorithm>

namespace planning {

namespace {

constexpr double millisecondsInMinute = 60'000;

std::int64_t millisecondsOf(clockid_t clock) {
    timespec time{};
    clock_gettime(clock, &time);
    return std::int64_t(time.tv_sec) * 1000 + time.tv_nsec / 1'000'000;
}

}  // namespace

Moment momentNow() {
    return {millisecondsOf(CLOCK_REALTIME), millisecondsOf(CLOCK_BOOTTIME), millisecondsOf(CLOCK_MONOTONIC)};
}

std::int64_t EaselTimers::worked(const Moment& now) const {
    return workedBefore_ + (isBegun_ && !isPaused_ ? now.awake - resumedAt_ : 0);
}

void EaselTimers::begin(int step, const Moment& now) {
    if (!isBegun_) {
        isBegun_ = true;
        resumedAt_ = now.awake;
    }
    step_ = step;
    stepWorked_ = worked(now);
}

void EaselTimers::pause(const Moment& now) {
    if (isPaused_) return;
    workedBefore_ = worked(now);
    isPaused_ = true;
}

void EaselTimers::resume(const Moment& now) {
    if (!isPaused_) return;
    isPaused_ = false;
    resumedAt_ = now.awake;
}

double EaselTimers::minutes(const Moment& now) const {
    return double(worked(now) - stepWorked_) / millisecondsInMinute;
}

void EaselTimers::addWait(int step, MinuteRange range, const Moment& now, double since) {
    if (range.most <= 0) return;
    endWait(step);
    const auto before = std::int64_t(std::max(0.0, since) * millisecondsInMinute);
    EaselWait wait{step, range, now.running - before};
    wait.isTold = since > 0 && stateOf(wait, now) == DryState::dry;
    waits_.push_back(wait);
}

void EaselTimers::endWait(int step) {
    std::erase_if(waits_, [step](const EaselWait& wait) { return wait.step == step; });
}

void EaselTimers::setRange(int step, MinuteRange range) {
    for (EaselWait& wait : waits_)
        if (wait.step == step) wait.range = range;
}

MinuteRange EaselTimers::left(const EaselWait& wait, const Moment& now) const {
    const double since = double(now.running - wait.begun) / millisecondsInMinute;
    return {std::max(0.0, wait.range.least - since), std::max(0.0, wait.range.most - since)};
}

DryState EaselTimers::stateOf(const EaselWait& wait, const Moment& now) const {
    const MinuteRange yet = left(wait, now);
    return yet.most <= 0 ? DryState::dry : yet.least <= 0 ? DryState::nearlyDry : DryState::wet;
}

bool EaselTimers::isWet(int step, const Moment& now) const {
    return std::ranges::any_of(
        waits_, [&](const EaselWait& wait) { return wait.step == step && stateOf(wait, now) != DryState::dry; });
}

std::vector<int> EaselTimers::newlyDry(const Moment& now) {
    std::vector<int> steps;
    for (EaselWait& wait : waits_)
        if (!wait.isTold && stateOf(wait, now) == DryState::dry) {
            wait.isTold = true;
            steps.push_back(wait.step);
        }
    return steps;
}

bool EaselTimers::isStepBackDue(const Moment& now) const {
    return stepBackMinutes_ > 0 && isBegun_ && !isPaused_ &&
           double(worked(now) - steppedBackAt_) >= stepBackMinutes_ * millisecondsInMinute;
}

void EaselTimers::steppedBack(const Moment& now) {
    steppedBackAt_ = worked(now);
}

}  // namespace planning
