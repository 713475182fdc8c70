#pragma once

#include <cstddef>

/// Counts what this thread takes from the heap, whichever way: the program's own malloc stands before the C library's.
/// To be included by one file of a test program.
#if defined(__GLIBC__) && !defined(YAWNING_DUNE_SANITIZED)
inline constexpr bool allocationsAreCounted = true;
inline thread_local long allocationCount = 0;

extern "C" {
void* __libc_malloc(std::size_t);
void* __libc_calloc(std::size_t, std::size_t);
void* __libc_realloc(void*, std::size_t);
void* __libc_memalign(std::size_t, std::size_t);

void* malloc(std::size_t size) {
    ++allocationCount;
    return __libc_malloc(size);
}
void* calloc(std::size_t count, std::size_t size) {
    ++allocationCount;
    return __libc_calloc(count, size);
}
void* realloc(void* place, std::size_t size) {
    ++allocationCount;
    return __libc_realloc(place, size);
}
void* aligned_alloc(std::size_t alignment, std::size_t size) {
    ++allocationCount;
    return __libc_memalign(alignment, size);
}
int posix_memalign(void** place, std::size_t alignment, std::size_t size) {
    ++allocationCount;
    *place = __libc_memalign(alignment, size);
    return *place ? 0 : 12;
}
}

inline long allocations() {
    return allocationCount;
}
#else
inline constexpr bool allocationsAreCounted = false;
inline long allocations() {
    return 0;
}
#endif
