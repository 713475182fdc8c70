#pragma once

#include <exception>
#include <new>
#include <string_view>

#include "common/problem.h"

namespace common {

/// What a library threw, as a problem; to be called in a catch block where work is started.
inline Problem currentProblem() {
    try {
        throw;
    } catch (const std::bad_alloc&) {
        return {ProblemKind::memoryShort, ""};
    } catch (const std::exception& error) {
        const std::string_view words = error.what();
        // OpenCV has a class of its own for all that it throws.
        if (words.find("Failed to allocate") != words.npos) return {ProblemKind::memoryShort, ""};
        return {ProblemKind::unexpected, "", 0, error.what()};
    } catch (...) {
        return {ProblemKind::unexpected, "", 0, "unknown"};
    }
}

}  // namespace common
