#pragma once

#include "practice/dice.h"
#include "practice/question.h"

namespace practice {

/// Questions of the subject's picture: it is shown small. Each fills in pictures, the right answer, and how far apart
/// it has come out.
/// askMasses needs two masses of different value.
bool hasMasses(const Sources& sources);
void askMasses(Question& question, Dice& dice, double apart, const Sources& sources);
void askNearerSheet(Question& question, Dice& dice, double apart, const Sources& sources);

}  // namespace practice
