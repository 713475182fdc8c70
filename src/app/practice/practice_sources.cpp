#include "app/practice/practice_sources.h"

#include "app/session.h"

namespace app {

practice::Sources practiceSources(const Session& session) {
    practice::Sources sources;
    if (const auto reading = session.reading()) {
        for (const subject::Area& area : reading->areas.list) sources.colours.push_back(area.colour);
        sources.squinted = reading->wantedSquinted;
        sources.areas = reading->areas.map;
        sources.picture = session.picture();
    }
    for (const materials::Material& medium : session.library().media)
        if (!materials::isWet(medium.kind)) sources.sticks.push_back(medium);
    if (const auto plan = session.plan()) sources.paper = plan->paper;
    return sources;
}

}  // namespace app
