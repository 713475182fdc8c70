#pragma once

#include <QList>

namespace app {

class Desk;
class Station;

/// The stations of the route, in its order.
QList<Station*> stationsOfTheRoute(Desk& desk);

}  // namespace app
