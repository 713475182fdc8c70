#pragma once

#include <functional>
#include <stop_token>

namespace common {

/// How long work speaks with whoever waits for it: `report` gets fractions from 0 to 1 on the working thread, and
/// `stop` is asked between pieces of work. Both may be left empty.
struct Progress {
    std::function<void(double)> report;
    std::stop_token stop;

    bool cancelled() const { return stop.stop_requested(); }
    void at(double fraction) const {
        if (report) report(fraction);
    }
    /// The same work seen as the part from `begin` to `end` of a longer one.
    Progress part(double begin, double end) const {
        if (!report) return {{}, stop};
        return {[whole = report, begin, end](double f) { whole(begin + f * (end - begin)); }, stop};
    }
};

}  // namespace common
