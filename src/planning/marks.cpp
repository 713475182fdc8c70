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
            return isFirst ? 8 : 3;  // a finger, a stump
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
