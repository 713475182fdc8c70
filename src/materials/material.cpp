#include "materials/material.h"

#include <algorithm>

namespace materials {

namespace {

template <typename T>
const T* withId(const std::vector<T>& all, std::string_view id) {
    const auto found = std::ranges::find(all, id, &T::id);
    return found == all.end() ? nullptr : &*found;
}

}  // namespace

bool isWet(Kind kind) {
    return kind == Kind::watercolour || kind == Kind::gouache || kind == Kind::acrylic || kind == Kind::ink;
}

const Material* Library::medium(std::string_view id) const { return withId(media, id); }
const Paper* Library::paper(std::string_view id) const { return withId(papers, id); }

}  // namespace materials
