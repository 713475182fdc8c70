#include "app/stations.h"

#include "app/bench/bench_station.h"
#include "app/check/check_station.h"
#include "app/layers/layers_station.h"
#include "app/log/log_station.h"
#include "app/paper/paper_station.h"
#include "app/sticks/sticks_station.h"
#include "app/subject/subject_station.h"
#include "app/underpainting/underpainting_station.h"
#include "app/values/values_station.h"

namespace app {

namespace {

template <typename... Each>
QList<Station*> made(Desk& desk) {
    return {new Each(desk)...};
}

}  // namespace

QList<Station*> stationsOfTheRoute(Desk& desk) {
    return made<SubjectStation, ValuesStation, PaperStation, SticksStation, UnderpaintingStation, LayersStation,
                BenchStation, CheckStation, LogStation>(desk);
}

}  // namespace app
