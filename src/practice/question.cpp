#include "practice/question.h"

#include <cassert>

#include "practice/line_questions.h"
#include "practice/picture_questions.h"
#include "practice/swatch_questions.h"

namespace practice {

namespace {

bool isOfSticks(Exercise exercise) {
    return exercise == Exercise::nearestStick || exercise == Exercise::mixture;
}

bool isOfLines(Exercise exercise) {
    return exercise == Exercise::plumb || exercise == Exercise::centre || exercise == Exercise::angle ||
           exercise == Exercise::length;
}

}  // namespace

bool canAsk(Exercise exercise, const Sources& sources) {
    constexpr std::size_t enough = 5;
    if (isOfLines(exercise)) return true;
    if (isDrawn(exercise)) return !sources.picture.empty() && sources.colours.size() > 1;
    if (exercise == Exercise::masses) return hasMasses(sources);
    if (exercise == Exercise::nearerSheet && sources.squinted.empty()) return false;
    return !sources.colours.empty() && (!isOfSticks(exercise) || sources.sticks.size() >= enough);
}

Question ask(Exercise exercise, double apart, const Sources& sources, unsigned seed) {
    assert(canAsk(exercise, sources) && !isDrawn(exercise));
    Dice dice(seed);
    Question question;
    question.exercise = exercise;
    question.apart = apart;
    switch (exercise) {
        case Exercise::lighter:
        case Exercise::lighterOnGrounds:
            askLighter(question, dice, apart, sources);
            break;
        case Exercise::valueOfColour:
            askValueOfColour(question, dice, apart, sources);
            break;
        case Exercise::order:
            askOrder(question, dice, apart, sources);
            break;
        case Exercise::warmer:
            askWarmer(question, dice, apart, sources);
            break;
        case Exercise::duller:
            askDuller(question, dice, apart, sources);
            break;
        case Exercise::nearestStick:
            askNearestStick(question, dice, apart, sources);
            break;
        case Exercise::mixture:
            askMixture(question, dice, apart, sources);
            break;
        case Exercise::masses:
            askMasses(question, dice, apart, sources);
            break;
        case Exercise::nearerSheet:
            askNearerSheet(question, dice, apart, sources);
            break;
        case Exercise::plumb:
            askPlumb(question, dice, apart);
            break;
        case Exercise::centre:
            askCentre(question, dice, apart);
            break;
        case Exercise::angle:
            askAngle(question, dice, apart);
            break;
        case Exercise::length:
            askLength(question, dice, apart);
            break;
        case Exercise::fromMemory:
            break;
    }
    return question;
}

}  // namespace practice
