#include "ratios.h"

#include <benchmark/benchmark.h>

#include <cstdio>
#include <string>
#include <vector>

namespace bench {

namespace {

struct Timing {
    std::string subject, runner;
    double nanoseconds;
};

/// The usual table, remembering the time of each run: the clock's where that was asked for, else the processor's.
class Remembering : public benchmark::ConsoleReporter {
 public:
    std::vector<Timing> timings;

    void ReportRuns(const std::vector<Run>& runs) override {
        ConsoleReporter::ReportRuns(runs);
        for (const Run& run : runs) {
            const std::string name = run.run_name.function_name;
            const auto cut = name.find('/');
            if (run.error_occurred || cut == std::string::npos || run.run_type == Run::RT_Aggregate) continue;
            const double time =
                run.run_name.time_type == "real_time" ? run.GetAdjustedRealTime() : run.GetAdjustedCPUTime();
            timings.push_back({name.substr(0, cut), name.substr(cut + 1),
                               time * 1e9 / benchmark::GetTimeUnitMultiplier(run.time_unit)});
        }
    }
};

}  // namespace

int runWithRatios(int argc, char** argv) {
    benchmark::Initialize(&argc, argv);
    if (benchmark::ReportUnrecognizedArguments(argc, argv)) return 2;
    Remembering reporter;
    benchmark::RunSpecifiedBenchmarks(&reporter);
    std::puts("");
    const Timing* ours = nullptr;
    for (const Timing& timing : reporter.timings) {
        if (!ours || ours->subject != timing.subject)
            ours = &timing;
        else
            std::printf("%s: %s takes %.3g times as long as %s (%.4g ns against %.4g ns)\n", timing.subject.c_str(),
                        timing.runner.c_str(), timing.nanoseconds / ours->nanoseconds, ours->runner.c_str(),
                        timing.nanoseconds, ours->nanoseconds);
    }
    return 0;
}

}  // namespace bench
