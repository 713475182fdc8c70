#pragma once

#include <QString>

namespace wording {

/// "1 step", "12 steps": counted, as the language of the interface does it.
QString stepCount(int steps);
QString layerCount(int layers);
QString stickCount(int sticks);
QString thingCount(int things);
QString trayCount(int trays);
QString eveningCount(int evenings);

}  // namespace wording
