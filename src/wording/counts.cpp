#include "wording/counts.h"

#include "wording/say.h"

namespace wording {

QString stepCount(int steps) {
    return say("%n steps", nullptr, steps);
}

QString layerCount(int layers) {
    return say("%n layers", nullptr, layers);
}

QString stickCount(int sticks) {
    return say("%n sticks", nullptr, sticks);
}

QString thingCount(int things) {
    return say("%n things", nullptr, things);
}

QString trayCount(int trays) {
    return say("%n trays", nullptr, trays);
}

QString eveningCount(int evenings) {
    return say("%n evenings", nullptr, evenings);
}

}  // namespace wording
