#pragma once

#include "practice/dice.h"
#include "practice/question.h"

namespace practice {

/// Questions of colours beside each other. Each fills in what is shown, the right answer, and how far apart it has come
/// out.
void askLighter(Question& question, Dice& dice, double apart, const Sources& sources);
void askValueOfColour(Question& question, Dice& dice, double apart, const Sources& sources);
void askOrder(Question& question, Dice& dice, double apart, const Sources& sources);
void askWarmer(Question& question, Dice& dice, double apart, const Sources& sources);
void askDuller(Question& question, Dice& dice, double apart, const Sources& sources);
void askNearestStick(Question& question, Dice& dice, double apart, const Sources& sources);
void askMixture(Question& question, Dice& dice, double apart, const Sources& sources);

}  // namespace practice
