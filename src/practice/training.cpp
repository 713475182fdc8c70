#include "practice/training.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace practice {

namespace {

/// The mean of what was measured, with the bounds that hold it in nine of ten by its standard error. One alone may be
/// off by half of itself.
Threshold meanOf(const std::vector<Answer>& measured) {
    const double n = double(measured.size());
    double mean = 0, squares = 0;
    for (const Answer& one : measured) mean += one.apart / n;
    for (const Answer& one : measured) squares += (one.apart - mean) * (one.apart - mean);
    const double error = n > 1 ? std::sqrt(squares / (n - 1) / n) : mean / 2;
    constexpr double nineOfTen = 1.645;
    return {mean, std::max(mean / 10, mean - nineOfTen * error), mean + nineOfTen * error};
}

}  // namespace

Staircase after(Staircase staircase, const std::vector<Answer>& answers) {
    for (const Answer& answer : answers) staircase.answer(answer.apart, answer.isRight);
    return staircase;
}

bool isEnough(const Staircase& staircase) {
    constexpr int fewest = 12, most = 60;
    if (staircase.trials() < fewest) return false;
    constexpr double third = 4.0 / 3.0;
    const Threshold threshold = staircase.threshold();
    return staircase.trials() >= most || threshold.most < third * third * threshold.least;
}

std::vector<Sitting> sittingsOf(const std::vector<Answer>& answers) {
    std::map<std::pair<std::int64_t, Exercise>, std::vector<Answer>> by;
    for (const Answer& answer : answers) by[{answer.sitting, answer.exercise}].push_back(answer);
    std::vector<Sitting> sittings;
    std::map<Exercise, Staircase> begun;  // what each begins with is reckoned once
    for (const auto& [key, own] : by) {
        if (isDrawn(key.second)) {
            sittings.push_back({key.second, key.first, int(own.size()), meanOf(own), true});
            continue;
        }
        const Staircase staircase = after(begun.try_emplace(key.second, factsOf(key.second).scale).first->second, own);
        sittings.push_back({key.second, key.first, staircase.trials(), staircase.threshold(), isEnough(staircase)});
    }
    return sittings;
}

std::vector<Training> trainingOf(const std::vector<Sitting>& sittings, const std::vector<Noticed>& noticed,
                                 std::int64_t now) {
    constexpr std::int64_t day = 24 * 3600 * 1000;
    constexpr double neverTried = 1;  // octaves
    constexpr std::int64_t longest = 64 * day;
    std::vector<Training> all;
    for (const Exercise exercise : allExercises()) {
        Training training{exercise, neverTried, 0};
        std::int64_t apart = day;
        const Sitting* last = nullptr;
        for (const Sitting& sitting : sittings) {
            if (sitting.exercise != exercise || !sitting.isEnough) continue;
            if (last && sitting.threshold.middle > last->threshold.most)
                apart = day;
            else if (last && sitting.begun - last->begun >= apart)  // what comes early proves nothing new
                apart = std::min(longest, 2 * apart);
            last = &sitting;
        }
        if (last) {
            training.due = last->begun + apart;
            training.want = std::log2(last->threshold.middle / factsOf(exercise).trained);
        }
        for (const Noticed& it : noticed)
            if (it.exercise == exercise) training.want += it.octaves;
        // Below a trained eye's threshold less is wanted while it is not due, not more.
        if (training.due > now) training.want -= std::fabs(training.want) / 2;
        all.push_back(training);
    }
    std::ranges::stable_sort(all, std::greater{}, &Training::want);
    return all;
}

}  // namespace practice
