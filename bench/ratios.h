#pragma once

namespace bench {

/// Runs the registered benchmarks, which are named "subject/what runs", and then says for each subject how many times
/// as long every other one takes as the first of them, which is ours. Takes Google Benchmark's options.
int runWithRatios(int argc, char** argv);

}  // namespace bench
