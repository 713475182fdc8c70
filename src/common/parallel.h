#pragma once

#include <tbb/parallel_for.h>
#include <tbb/parallel_invoke.h>

namespace common {

/// Calls work(i) for i = 0..count - 1 on the threads of the surrounding TBB arena. Each call writes only to its own
/// place, so that results do not depend on the number of threads.
template <typename Work>
void forEachIndex(int count, Work work) {
    tbb::parallel_for(0, count, work);
}

/// Does two things that do not touch each other's data, on the same threads.
template <typename One, typename Other>
void together(const One& one, const Other& other) {
    tbb::parallel_invoke(one, other);
}

}  // namespace common
