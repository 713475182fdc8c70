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

double usualHardness(Kind kind) {
    switch (kind) {
        case Kind::pencil:
            return 0.8;
        case Kind::hard:
            return 0.65;
        case Kind::charcoal:
            return 0.3;
        case Kind::pan:
            return 0.1;
        case Kind::soft:
        case Kind::watercolour:
        case Kind::gouache:
        case Kind::acrylic:
        case Kind::ink:
            break;
    }
    return 0.15;
}

const Material* Library::medium(std::string_view id) const {
    return withId(media, id);
}
const Paper* Library::paper(std::string_view id) const {
    return withId(papers, id);
}

}  // namespace materials
