#include "app/bench/easel.h"

#include "app/lifecycle/entry_now.h"

#include <algorithm>

#include "wording/sentences.h"

namespace app {

using planning::EntryKind;

Easel::Easel(Desk& desk, Clock clock)
    : desk_(desk), session_(desk.session()), clock_(std::move(clock)), standing_(planning::Record{}) {
    connect(&session_, &Session::opened, this, [this] {
        const double stepBack = timers_.stepBackMinutes();
        timers_ = planning::EaselTimers();
        timers_.stepBackEvery(stepBack);
        isBegun_ = false;
        waiting_.reset();
        inHand_ = 0;
    });
    connect(&session_, &Session::recordChanged, this, &Easel::refresh);
    connect(&session_, &Session::planChanged, this, &Easel::refresh);
    connect(&session_, &Session::studyChanged, this, &Easel::refresh);
    connect(&desk_.file(), &StudyFile::problemMet, this, &Easel::changed);
    // What waits for a plan that does not come is not done.
    const auto letGo = [this] {
        waiting_.reset();
        Q_EMIT changed();
    };
    connect(&session_, &Session::problemMet, this, letGo);
    connect(&session_, &Session::planningStopped, this, letGo);
    connect(&every_, &QTimer::timeout, this, &Easel::lookAtClock);
    every_.start(1000);
}

const planning::Step* Easel::step() const {
    const auto plan = session_.plan();
    return plan && inHand_ > 0 && inHand_ <= int(plan->steps.size()) ? &plan->steps[std::size_t(inHand_ - 1)] : nullptr;
}

const planning::Step* Easel::nextStep() const {
    const auto plan = session_.plan();
    if (!plan) return nullptr;
    const auto next = std::ranges::find_if(plan->steps, [&](const planning::Step& step) {
        return step.number != inHand_ && !step.isEmpty && standing_.isOpen(step.number);
    });
    return next == plan->steps.end() ? nullptr : &*next;
}

bool Easel::isFinished() const {
    const auto plan = session_.plan();
    return plan && !plan->isCoarse && !plan->steps.empty() && std::ranges::all_of(plan->steps, [&](const auto& step) {
               return step.isEmpty || !standing_.isOpen(step.number);
           });
}

bool Easel::isWaiting() const {
    return session_.plan() && inHand_ == 0 && !isFinished();
}

bool Easel::isBusy() const {
    return desk_.file().isWriting() || waiting_.has_value();
}

void Easel::refresh() {
    const auto plan = session_.plan();
    standing_ = planning::Standing(session_.record());
    if (plan && session_.isPlanCurrent()) {
        takeNext();
        if (const auto waiting = std::exchange(waiting_, {})) waiting->act();
    }
    Q_EMIT changed();
}

void Easel::followWaits(const planning::Plan& plan, const planning::Moment& now) {
    struct Wet {
        int step, since;  // index of the entry
        planning::MinuteRange range;
    };
    std::vector<Wet> wet;
    for (const int number : standing_.laid())
        if (number <= int(plan.steps.size()))
            wet.push_back({number, standing_.of(number).doneAt,
                           planning::driesIn(plan.steps[std::size_t(number - 1)], plan, session_.study().drying)});
    if (!standing_.fixings().empty())
        wet.push_back({planning::wholeSheet, standing_.fixings().back(), planning::fixativeDries});
    const auto& entries = session_.record().entries;
    std::erase_if(wet, [&](const Wet& it) {
        return std::any_of(entries.begin() + it.since, entries.end(), [&](const planning::Entry& entry) {
            return entry.kind == EntryKind::waitEnded && entry.step == it.step;
        });
    });
    const std::vector<planning::EaselWait> waits = timers_.waits();  // as they were
    for (const planning::EaselWait& wait : waits)
        if (std::ranges::count(wet, wait.step, &Wet::step) == 0) timers_.endWait(wait.step);
    for (const Wet& it : wet)
        if (std::ranges::count(waits, it.step, &planning::EaselWait::step) == 0)
            timers_.addWait(it.step, it.range, now, double(now.wall - entries[std::size_t(it.since)].at) / 60'000);
}

void Easel::takeNext() {
    const auto plan = session_.plan();
    const planning::Moment now = clock_();
    followWaits(*plan, now);
    const std::vector<int> open = planning::openSteps(*plan, standing_);
    const auto isDryFor = [&](int number) {
        const planning::Step& step = plan->steps[std::size_t(number - 1)];
        return std::ranges::none_of(timers_.waits(), [&](const planning::EaselWait& wait) {
            return timers_.isWet(wait.step, now) &&
                   (wait.step == planning::wholeSheet ||
                    planning::shareAPlace(step, plan->steps[std::size_t(wait.step - 1)]));
        });
    };
    const auto first = std::ranges::find_if(open, isDryFor);
    // What has been taken in hand elsewhere is laid first.
    const bool isStill = std::ranges::count(open, inHand_) > 0 && isDryFor(inHand_) && isBegun_;
    const int next = isStill ? inHand_ : first == open.end() ? 0 : *first;
    isElsewhere_ = next > 0 && next != open.front();
    if (next == inHand_ && timers_.step() == next) return;
    inHand_ = next;
    if (isBegun_ && next > 0) timers_.begin(next, now);
}

planning::Entry Easel::entryOf(EntryKind kind, int step) const {
    planning::Entry entry = entryNow();
    entry.at = clock_().wall;
    entry.kind = kind;
    entry.step = step;
    return entry;
}

void Easel::write(planning::Entry entry) {
    desk_.file().record(std::move(entry));
    Q_EMIT changed();
}

void Easel::whenPlanned(std::function<void()> act) {
    if (session_.isPlanCurrent()) return act();
    waiting_ = Waiting{std::move(act), desk_.file().entryToCome()};
    Q_EMIT changed();
}

void Easel::begin() {
    if (isBusy() || !step()) return;
    const planning::Moment now = clock_();
    if (timers_.isPaused()) {
        timers_.resume(now);
        return write(entryOf(EntryKind::resumed, inHand_));
    }
    if (isBegun_) return;
    whenPlanned([this, now] {
        isBegun_ = true;
        timers_.begin(inHand_, now);
        write(entryOf(EntryKind::begun, inHand_));
    });
}

void Easel::pause() {
    if (isBusy() || !isWorking()) return;
    timers_.pause(clock_());
    write(entryOf(EntryKind::paused, inHand_));
}

void Easel::done() {
    if (isBusy() || !step() || !isBegun_) return;
    const planning::Moment now = clock_();
    const double minutes = timers_.minutes(now);
    const int number = inHand_;
    whenPlanned([this, minutes, number] {
        const auto plan = session_.plan();
        if (!standing_.isOpen(number) || number > int(plan->steps.size())) return;
        const planning::Step& step = plan->steps[std::size_t(number - 1)];
        const planning::Study& study = session_.study();
        planning::Entry entry = entryOf(EntryKind::done, number);
        entry.laid = planning::laidStep(*plan, step, study.widthMillimetres, study.heightMillimetres);
        for (const int area : step.areas) entry.laid->areas.push_back(wording::areaName(*plan, area).toStdString());
        if (step.stage == planning::Stage::drawing) entry.laid->areas.clear();
        entry.laid->plannedMinutes = step.minutes;
        entry.laid->minutes = minutes;
        write(std::move(entry));
    });
}

void Easel::takeBack() {
    const int entry = standing_.toTakeBack();
    if (isBusy() || entry < 0) return;
    planning::Entry back = entryOf(EntryKind::takenBack, session_.record().entries[std::size_t(entry)].step);
    back.takes = entry;
    inHand_ = 0;  // what was taken back is in hand again
    write(std::move(back));
}

void Easel::passOver() {
    if (isBusy() || !step()) return;
    whenPlanned([this] { write(entryOf(EntryKind::passedOver, inHand_)); });
}

void Easel::press(int by) {
    if (isBusy() || !step()) return;
    const int heavier = std::clamp(standing_.of(inHand_).heavier + by, -1, 1);
    if (heavier == standing_.of(inHand_).heavier) return;
    planning::Entry entry = entryOf(EntryKind::pressed, inHand_);
    entry.heavier = heavier;
    write(std::move(entry));
}

void Easel::takeStick(const materials::Material& stick) {
    if (isBusy() || !step()) return;
    planning::Entry entry = entryOf(EntryKind::tookStick, inHand_);
    entry.stick = stick;
    write(std::move(entry));
}

void Easel::remark(const QString& words) {
    if (words.trimmed().isEmpty()) return;
    planning::Entry entry = entryOf(EntryKind::note, inHand_);
    entry.words = words.trimmed().toStdString();
    write(std::move(entry));
}

void Easel::photograph(planning::SharedBytes bytes, const QString& name) {
    planning::Entry entry = entryOf(EntryKind::photograph, standing_.laid().empty() ? 0 : standing_.laid().back());
    entry.bytes = std::move(bytes);
    entry.picture = name.toStdString();
    write(std::move(entry));
}

void Easel::tick(planning::Finishing what) {
    planning::Entry entry = entryOf(EntryKind::finishing, 0);
    entry.finishing = what;
    write(std::move(entry));
}

void Easel::fixSheet() {
    if (isBusy() || !standing_.isAnythingDone()) return;
    whenPlanned([this] {
        timers_.endWait(planning::wholeSheet);  // it is wet anew
        write(entryOf(EntryKind::fixed, 0));
    });
}

void Easel::itIsDry(int step) {
    if (isBusy()) return;
    write(entryOf(EntryKind::waitEnded, step));
}

void Easel::steppedBack() {
    timers_.steppedBack(clock_());
    Q_EMIT changed();
}

void Easel::lookAtClock() {
    const planning::Moment now = clock_();
    const std::vector<int> dry = timers_.newlyDry(now);
    if (!dry.empty()) {
        if (session_.plan() && session_.isPlanCurrent()) takeNext();
        for (const int step : dry) Q_EMIT dried(step);
        Q_EMIT changed();
    }
    if (timers_.isStepBackDue(now)) Q_EMIT stepBackDue();
    Q_EMIT ticked();
}

}  // namespace app
