#include "wording/moves.h"

#include "wording/say.h"
#include "wording/sentences.h"

namespace wording {

namespace {

QString reasonOf(const planning::Plan& plan, const planning::Hindrance& hindrance) {
    const QString reason = reasonPhrase(hindrance.reason);
    return hindrance.stack < 0 ? reason : say("%1 (%2)").arg(reason, stackName(plan, hindrance.stack));
}

}  // namespace

QStringList roomSentences(const planning::Plan& plan, const planning::TimeRoom& room) {
    QStringList sentences{
        say("It goes no earlier than after step %1: %2.").arg(room.before.step).arg(reasonOf(plan, room.before))};
    if (room.after)
        sentences
            << say("It goes no later than before step %1: %2.").arg(room.after->step).arg(reasonOf(plan, *room.after));
    return sentences;
}

QString fixedInTimeSentence(const planning::Step& step) {
    return step.stage == planning::Stage::drawing
               ? say("The drawing is always first: it places everything before colour hides the paper.")
               : say("The ground is laid before all else: every layer stands on it.");
}

}  // namespace wording
