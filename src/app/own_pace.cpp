#include "app/own_pace.h"

#include <QDateTime>

#include "app/preferences.h"
#include "storage/log_shelf.h"

namespace app {

planning::LearntPace ownPace() {
    const std::int64_t since = paceLearntSince();
    std::vector<planning::TimedWork> works;
    for (const storage::ShelvedLog& log : storage::shelvedLogs(storage::usualLogFolder())) {
        const std::vector<planning::TimedWork> its = planning::timedWorks(log.record, since);
        works.insert(works.end(), its.begin(), its.end());
    }
    return planning::learntPace(works);
}

void setOwnPaceBack() {
    setPaceLearntSince(QDateTime::currentMSecsSinceEpoch());
}

}  // namespace app
