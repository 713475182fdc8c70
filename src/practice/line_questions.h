#pragma once

#include "practice/dice.h"
#include "practice/question.h"

namespace practice {

/// Questions of measure by eye. Each fills in lines and the right answer; `apart` in degrees or per cent.
void askPlumb(Question& question, Dice& dice, double apart);
void askCentre(Question& question, Dice& dice, double apart);
void askAngle(Question& question, Dice& dice, double apart);
void askLength(Question& question, Dice& dice, double apart);

}  // namespace practice
