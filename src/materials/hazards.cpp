#include "materials/hazards.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <string_view>

namespace materials {

namespace {

struct Metal {
    std::string_view name;
    std::vector<std::string_view> pigments;
};

const std::array<Metal, 10>& metals() {
    static const std::array<Metal, 10> all{{
        {"cadmium", {"PY35", "PY37", "PO20", "PO23", "PR108", "PR113", "PG14"}},
        {"cobalt",
         {"PB28", "PB35", "PB36", "PB72", "PB74", "PG14", "PG19", "PG26", "PG50", "PV14", "PV47", "PV48", "PV49",
          "PV62", "PY40", "PBk27", "PBk29"}},
        {"chromium",
         {"PY34", "PY36", "PO21", "PR103", "PR104", "PG15", "PG17", "PG18", "PG26", "PB36", "PB76", "PBr24", "PBr29",
          "PBr33", "PBk27", "PBk30"}},
        {"nickel", {"PY53", "PY150", "PY153", "PY157", "PG10", "PG50", "PR257", "PO59", "PO65", "PO68", "PBk30"}},
        {"lead", {"PW1", "PW2", "PW16", "PY34", "PY41", "PY46", "PO21", "PR103", "PR104", "PR105"}},
        {"manganese",
         {"PBr7", "PBr8", "PBr33", "PBr43", "PB33", "PB86", "PV16", "PBk14", "PBk26", "PBk27", "PBk33", "PY164"}},
        {"mercury", {"PR106", "PR113", "PO23"}},
        {"arsenic", {"PG21", "PG22", "PY39"}},
        {"antimony", {"PY41", "PY53", "PY164", "PR107", "PBr24", "PW11"}},
        {"barium", {"PB33", "PY31", "PV47"}},
    }};
    return all;
}

/// Without blanks, and without the variant behind a colon: "pr 108:1" is PR108.
std::string plainName(const std::string& pigment) {
    std::string name;
    for (const char c : pigment) {
        if (c == ':') break;
        if (!std::isspace(static_cast<unsigned char>(c))) name += char(std::toupper(static_cast<unsigned char>(c)));
    }
    return name;
}

bool sameName(std::string_view listed, const std::string& upper) {
    return std::ranges::equal(listed, upper, {},
                              [](char c) { return char(std::toupper(static_cast<unsigned char>(c))); });
}

}  // namespace

std::vector<std::string> hazardsOf(const std::vector<std::string>& pigments) {
    std::vector<std::string> found;
    for (const Metal& metal : metals()) {
        const bool holds = std::ranges::any_of(pigments, [&](const std::string& pigment) {
            const std::string name = plainName(pigment);
            return std::ranges::any_of(metal.pigments, [&](std::string_view listed) { return sameName(listed, name); });
        });
        if (holds) found.emplace_back(metal.name);
    }
    return found;
}

}  // namespace materials
