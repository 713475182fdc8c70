#include "planning/learnt_hand.h"

#include <algorithm>
#include <cmath>

#include "colour/munsell.h"

namespace planning {

namespace {

constexpr int families = 3;

ToneFamily familyOf(const colour::Lab& lab) {
    constexpr double darkTo = 4, lightFrom = 6.5;
    const double value = colour::munsellValueOfLightness(lab.L);
    return value < darkTo ? ToneFamily::darks : value < lightFrom ? ToneFamily::middles : ToneFamily::lights;
}

/// Of one quantity in one family of tones.
struct Sums {
    double count = 0, sum = 0, squares = 0;
    void add(double v) {
        count += 1;
        sum += v;
        squares += v * v;
    }
    /// The mean, if it is further from none than chance would bring it.
    double told(double fromPhotographs) const {
        // Few areas may agree by chance: the usual spread of areas counts as some more of them.
        constexpr double usualSpread = 2, usualAreas = 3, sure = 3;
        const double mean = sum / count;
        const double variance =
            (squares - count * mean * mean + usualAreas * usualSpread * usualSpread) / (count + usualAreas - 1);
        return std::fabs(mean) > sure * std::sqrt(variance / count + fromPhotographs) ? mean : 0;
    }
};

}  // namespace

LearntHand learntHand(const std::vector<const Record*>& records) {
    LearntHand learnt;
    struct Family {
        Sums L, a, b;
        colour::Lab wanted;
    };
    std::array<Family, families> all;
    double errors = 0;
    int studies = 0;
    double amount = 0, coverage = 0;
    for (const Record* record : records) {
        const pigment::HandSample* touch = nullptr;
        const Standing standing(*record);
        for (const int check : standing.checks()) {
            const Checked& checked = *record->entries[std::size_t(check)].check;
            if (checked.hand) touch = &*checked.hand;
            if (checked.areas.empty()) continue;
            ++learnt.photographs;
            errors += checked.error * checked.error;
            for (const Checked::Area& area : checked.areas) {
                Family& family = all[std::size_t(familyOf(area.plan))];
                family.L.add(area.work.L - area.plan.L);
                family.a.add(area.work.a - area.plan.a);
                family.b.add(area.work.b - area.plan.b);
                family.wanted = {family.wanted.L + area.plan.L, family.wanted.a + area.plan.a,
                                 family.wanted.b + area.plan.b};
                ++learnt.areas;
            }
        }
        if (!touch) continue;
        ++studies;
        amount += std::log(double(touch->amount));
        coverage += std::log(double(touch->coverage));
    }
    if (studies > 0) learnt.touch = {float(std::exp(amount / studies)), float(std::exp(coverage / studies))};
    const double fromPhotographs =
        learnt.photographs > 0 ? errors / (double(learnt.photographs) * learnt.photographs) : 0;
    constexpr double fewAreas = 3;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Family& family = all[i];
        const double count = family.L.count;
        if (count < fewAreas) continue;
        Tendency tendency{
            ToneFamily(i), {family.wanted.L / count, family.wanted.a / count, family.wanted.b / count}, {}, int(count)};
        // The error of a photograph is told for all of a colour difference; a third of its square lies along each.
        const double along = fromPhotographs / 3;
        const colour::Lab off{family.L.told(along), family.a.told(along), family.b.told(along)};
        if (off.L == 0 && off.a == 0 && off.b == 0) continue;
        tendency.came = {tendency.wanted.L + off.L, tendency.wanted.a + off.a, tendency.wanted.b + off.b};
        learnt.tendencies.push_back(tendency);
    }
    return learnt;
}

}  // namespace planning
