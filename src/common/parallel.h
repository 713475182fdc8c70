#pragma once

#include <tbb/parallel_for.h>
#include <tbb/parallel_invoke.h>

#include <functional>

namespace common {

/// Calls work(i) for i = 0..count - 1 on the threads of the surrounding TBB arena. Each call writes only to its own
/// place, so that results do not depend on the number of threads.
inline void forEachIndex(int count, const std::function<void(int)>& work) {
    tbb::parallel_for(0, count, std::cref(work));
}

/// Does two things that do not touch each other's data, on the same threads.
inline void together(const std::function<void()>& one, const std::function<void()>& other) {
    tbb::parallel_invoke(one, other);
}

}  // namespace common
