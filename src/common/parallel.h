#pragma once

#include <tbb/parallel_for.h>

namespace common {

/// Calls work(i) for i = 0..count - 1 on the threads of the surrounding TBB arena. Each call writes only to its own
/// place, so that results do not depend on the number of threads.
template <typename Work>
void forEachIndex(int count, Work work) {
    tbb::parallel_for(0, count, work);
}

}  // namespace common
