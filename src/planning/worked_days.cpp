#include "planning/worked_days.h"

#include <algorithm>

namespace planning {

namespace {

/// Which day it is by the artist's own time, counted from 1970, when days begin at four.
std::int64_t dayOf(const Entry& entry) {
    constexpr std::int64_t minute = 60'000, day = 24 * 60 * minute, four = 4 * 60 * minute;
    const std::int64_t local = entry.at + entry.offsetMinutes * minute - four;
    return (local >= 0 ? local : local - day + 1) / day;
}

}  // namespace

std::vector<WorkedDay> workedDays(const Record& record) {
    const Standing standing(record);
    std::vector<WorkedDay> days;
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const Entry& entry = record.entries[i];
        if (days.empty() || dayOf(entry) != dayOf(record.entries[i - 1])) days.push_back({i, i});
        WorkedDay& day = days.back();
        day.last = i;
        if (entry.kind != EntryKind::done || !standing.holds(i)) continue;
        day.minutes += entry.laid->minutes;
        day.plannedMinutes += entry.laid->plannedMinutes;
        ++day.steps;
    }
    return days;
}

std::vector<ServedStick> servedSticks(const Record& record, std::optional<int> taken) {
    const Standing standing(record);
    std::size_t told = std::size_t(taken.value_or(0));  // to the drawer, until this entry
    for (std::size_t i = 0; i < record.entries.size() && !taken; ++i)
        if (record.entries[i].kind == EntryKind::stockTaken && standing.holds(i)) told = i;
    std::vector<ServedStick> served;
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const Entry& entry = record.entries[i];
        if (entry.kind != EntryKind::done || !standing.holds(i) || !entry.laid->stick) continue;
        const LaidStep& laid = *entry.laid;
        auto at = std::ranges::find_if(served, [&](const ServedStick& it) { return it.stick.id == laid.stick->id; });
        if (at == served.end()) at = served.insert(served.end(), {*laid.stick, {}, {}});
        at->steps.push_back(entry.step);
        for (const std::string& area : laid.areas)
            if (std::ranges::count(at->areas, area) == 0) at->areas.push_back(area);
        at->squareCentimetres += laid.squareCentimetres;
        at->amount += laid.amount;
        if (i >= told) at->untaken += laid.amount;
    }
    return served;
}

}  // namespace planning
