#include "app/own_hand.h"

#include "app/preferences.h"
#include "storage/log_shelf.h"

namespace app {

planning::LearntHand ownHand() {
    const std::vector<storage::ShelvedLog> logs = storage::shelvedLogs(storage::usualLogFolder());
    std::vector<const planning::Record*> records;
    for (const storage::ShelvedLog& log : logs) records.push_back(&log.record);
    return planning::learntHand(records);
}

pigment::HandSample touchOfNewStudies() {
    return isOwnTouchWanted() ? ownHand().touch : pigment::HandSample{};
}

}  // namespace app
