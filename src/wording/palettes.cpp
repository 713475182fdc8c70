#include "wording/palettes.h"

#include "planning/stick_triad.h"
#include "wording/say.h"

namespace wording {

QString paletteWord(planning::KnownPalette palette) {
    using planning::KnownPalette;
    switch (palette) {
        case KnownPalette::all:
            return say("All that serve");
        case KnownPalette::earthsAndOneBlue:
            return say("Earths and one blue");
        case KnownPalette::earths:
            return say("Earths alone");
        case KnownPalette::oneOfEachPrimary:
            return say("A yellow, a red, a blue");
        case KnownPalette::greys:
            return say("Black, white and greys");
    }
    return {};
}

QString familyWord(materials::ColourFamily family) {
    using materials::ColourFamily;
    switch (family) {
        case ColourFamily::greys:
            return say("Greys");
        case ColourFamily::earths:
            return say("Earths");
        case ColourFamily::yellows:
            return say("Yellows, oranges");
        case ColourFamily::reds:
            return say("Reds");
        case ColourFamily::violets:
            return say("Violets");
        case ColourFamily::blues:
            return say("Blues");
        case ColourFamily::greens:
            return say("Greens");
    }
    return {};
}

QString triadSentence(const planning::Plan& plan, int stack) {
    const std::array<int, 3> triad = planning::stickTriad(plan, stack);
    if (triad[0] < 0) return {};
    const auto named = [&](int third) {
        return QString::fromStdString(plan.sticks[std::size_t(triad[std::size_t(third)])].name);
    };
    if (triad[0] == triad[1] && triad[1] == triad[2])
        return say("One stick is its dark, medium and light: %1.").arg(named(0));
    if (triad[0] == triad[1]) return say("Its dark and medium: %1; its light: %2.").arg(named(0), named(2));
    if (triad[1] == triad[2]) return say("Its dark: %1; its medium and light: %2.").arg(named(0), named(1));
    return say("Its dark: %1; its medium: %2; its light: %3.").arg(named(0), named(1), named(2));
}

}  // namespace wording
