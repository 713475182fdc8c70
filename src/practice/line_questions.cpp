#include "practice/line_questions.h"

#include <cmath>
#include <numbers>

namespace practice {

namespace {

Line ray(double x, double y, double length, double radians) {
    return {x, y, x + length * std::cos(radians), y + length * std::sin(radians)};
}

double radians(double degrees) {
    return degrees * std::numbers::pi / 180;
}

}  // namespace

void askPlumb(Question& question, Dice& dice, double apart) {
    question.right = dice.below(2);
    const double leans = radians(question.right == 0 ? -apart : apart);
    const double half = 0.4, x = half * std::sin(leans), y = half * std::cos(leans);
    question.lines = {{0.5 - x, 0.5 + y, 0.5 + x, 0.5 - y}};
}

void askCentre(Question& question, Dice& dice, double apart) {
    constexpr double begins = 0.1, length = 0.8, mark = 0.03;
    question.right = dice.below(2);
    const double at = begins + length * (0.5 + (question.right == 0 ? -apart : apart) / 100);
    if (dice.coin())
        question.lines = {{begins, 0.5, begins + length, 0.5}, {at, 0.5 - mark, at, 0.5 + mark}};
    else
        question.lines = {{0.5, begins, 0.5, begins + length}, {0.5 - mark, at, 0.5 + mark, at}};
}

void askAngle(Question& question, Dice& dice, double apart) {
    const double middle = dice.between(30, 80);
    question.right = dice.below(2);
    for (int side = 0; side < 2; ++side) {
        const double opens = middle + (side == question.right ? 0.5 : -0.5) * apart, turned = dice.between(0, 360);
        for (const double arm : {turned, turned + opens})
            question.lines.push_back(ray(side == 0 ? 0.25 : 0.75, 0.5, 0.2, radians(arm)));
    }
}

void askLength(Question& question, Dice& dice, double apart) {
    question.units = 2 + dice.below(4);
    question.right = dice.below(2);
    const double unit = dice.between(0.55, 0.65) / question.units;
    const double length = unit * question.units * (1 + (question.right == 0 ? apart : -apart) / 100);
    const double left = (1 - length) / 2;
    question.lines = {{left, 0.65, left + length, 0.65}};
    Line measure = ray(0.5 - unit / 2, 0.25, unit, dice.coin() ? 0.0 : radians(90));
    measure.isUnit = true;
    question.lines.push_back(measure);
}

}  // namespace practice
