#include "planning/marks.h"

namespace planning {

using materials::Kind;
using pigment::Manner;

double markMillimetres(Kind kind, Manner manner, bool isFirst) {
    switch (manner) {
        case Manner::wash:
        case Manner::fix:
            return 10;
        case Manner::blend:
        case Manner::lift:
            return 3;
        case Manner::scumble:
        case Manner::hatch:
        case Manner::press:
        case Manner::dab:
            break;
    }
    const bool isSide = isFirst && manner == Manner::scumble;
    switch (kind) {
        case Kind::soft:
            return isSide ? 8 : 3;
        case Kind::hard:
            return isSide ? 6 : 1.5;
        case Kind::charcoal:
            return isSide ? 6 : 1.5;
        case Kind::pan:
            return isSide ? 6 : 3;
        case Kind::pencil:
            return 0.8;
        case Kind::watercolour:
        case Kind::gouache:
        case Kind::acrylic:
        case Kind::ink:
            return 10;
    }
    return 8;
}

Tool toolFor(Manner manner, double acrossMillimetres) {
    if (manner == Manner::fix) return Tool::fixative;
    constexpr double toBrushOut = 25;
    if (manner == Manner::lift) return acrossMillimetres > toBrushOut ? Tool::softBrush : Tool::puttyEraser;
    if (acrossMillimetres > 120) return Tool::sponge;
    if (acrossMillimetres > 40) return Tool::finger;
    return acrossMillimetres > 15 ? Tool::stump : Tool::shaper;
}

double markMillimetres(Tool tool) {
    switch (tool) {
        case Tool::sponge:
            return 15;
        case Tool::fixative:
            return 10;
        case Tool::finger:
        case Tool::softBrush:
            return 8;
        case Tool::stump:
        case Tool::puttyEraser:
            return 3;
        case Tool::shaper:
            return 2;
        case Tool::none:
            break;
    }
    return 0;
}

double markFactor(Detail detail) {
    switch (detail) {
        case Detail::suggest:
            return 2;
        case Detail::usual:
            return 1;
        case Detail::fine:
            return 0.5;
    }
    return 1;
}

}  // namespace planning
