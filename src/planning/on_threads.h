#pragma once

#include <tbb/global_control.h>
#include <tbb/task_arena.h>

#include <algorithm>
#include <functional>
#include <opencv2/core/utility.hpp>

namespace planning {

/// Does some work on at most so many threads, OpenCV's among them; 0 takes all cores.
inline void onThreads(int threads, const std::function<void()>& work) {
    if (threads <= 0) return work();
    threads = std::min(threads, tbb::this_task_arena::max_concurrency());
    const int before = cv::getNumThreads();
    cv::setNumThreads(threads);
    const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, std::size_t(threads));
    tbb::task_arena arena(threads);
    arena.execute(work);
    cv::setNumThreads(before);
}

}  // namespace planning
