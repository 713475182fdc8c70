#pragma once

#include <algorithm>

/// How often a random trial is made. The sanitizers slow a test some eight times, and look for faults of memory, which
/// a few rounds find too.
constexpr int roundsOf(int usual) {
#ifdef YAWNING_DUNE_SANITIZED
    return std::max(1, usual / 8);
#else
    return usual;
#endif
}
