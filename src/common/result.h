#pragma once

#include <cassert>
#include <utility>
#include <variant>

#include "common/problem.h"

namespace common {

/// A T, or the problem that kept us from it. Reading the one that is not there is a bug (assertion).
template <typename T>
class [[nodiscard]] Result {
 public:
    Result(T value) : held_(std::move(value)) {}
    Result(Problem problem) : held_(std::move(problem)) {}

    bool ok() const { return held_.index() == 0; }
    explicit operator bool() const { return ok(); }

    const T& value() const& {
        assert(ok());
        return std::get<0>(held_);
    }
    T&& value() && {
        assert(ok());
        return std::get<0>(std::move(held_));
    }
    const T& operator*() const& { return value(); }
    T&& operator*() && { return std::move(*this).value(); }
    const T* operator->() const { return &value(); }

    const Problem& problem() const {
        assert(!ok());
        return std::get<1>(held_);
    }

 private:
    std::variant<T, Problem> held_;
};

/// For work that gives nothing but may fail.
using Done = Result<std::monostate>;

}  // namespace common
