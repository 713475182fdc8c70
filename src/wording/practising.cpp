#include "wording/practising.h"

#include <array>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/warmth.h"
#include "practice/ground_shift.h"
#include "wording/checking.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"

namespace wording {

using practice::Exercise;

namespace {

struct ExerciseWords {
    const char *name, *sentence, *question;
};

constexpr std::array<ExerciseWords, practice::exerciseCount> exerciseTexts{{
    {QT_TRANSLATE_NOOP("wording", "Lighter of two"),
     QT_TRANSLATE_NOOP("wording", "Value apart from hue: the eye takes what is vivid for light."),
     QT_TRANSLATE_NOOP("wording", "Which is lighter?")},
    {QT_TRANSLATE_NOOP("wording", "Lighter, on two grounds"),
     QT_TRANSLATE_NOOP("wording", "A dark ground makes what lies on it look lighter, a light one darker. Squint."),
     QT_TRANSLATE_NOOP("wording", "Which is lighter, whatever it lies on?")},
    {QT_TRANSLATE_NOOP("wording", "Value of a colour"),
     QT_TRANSLATE_NOOP("wording", "Where a colour stands among the greys. Vivid ones deceive most."),
     QT_TRANSLATE_NOOP("wording", "Which grey is as light as the colour above?")},
    {QT_TRANSLATE_NOOP("wording", "Order of values"),
     QT_TRANSLATE_NOOP("wording", "A row from light to dark, in which two neighbours have changed places."),
     QT_TRANSLATE_NOOP("wording", "Where is the row from light to dark out of order?")},
    {QT_TRANSLATE_NOOP("wording", "Warmer of two"),
     QT_TRANSLATE_NOOP("wording", "Towards orange or away from it, at the same value."),
     QT_TRANSLATE_NOOP("wording", "Which is warmer?")},
    {QT_TRANSLATE_NOOP("wording", "Duller of two"),
     QT_TRANSLATE_NOOP("wording", "Nearer to grey or farther, at the same value and hue."),
     QT_TRANSLATE_NOOP("wording", "Which is duller?")},
    {QT_TRANSLATE_NOOP("wording", "Nearest stick"),
     QT_TRANSLATE_NOOP("wording", "What you reach for: one of your sticks for a colour of the subject."),
     QT_TRANSLATE_NOOP("wording", "Which stick comes nearest to the colour above?")},
    {QT_TRANSLATE_NOOP("wording", "What a mixture gives"),
     QT_TRANSLATE_NOOP("wording", "One of your sticks over another, before you have tried it."),
     QT_TRANSLATE_NOOP("wording", "The second is dragged lightly over the first. Which comes of it?")},
    {QT_TRANSLATE_NOOP("wording", "Two masses"),
     QT_TRANSLATE_NOOP("wording", "The large darks and lights with half-closed eyes, before anything is drawn."),
     QT_TRANSLATE_NOOP("wording", "Which mass is darker?")},
    {QT_TRANSLATE_NOOP("wording", "Nearer sheet"),
     QT_TRANSLATE_NOOP("wording", "Standing back and comparing: is it better than it was?"),
     QT_TRANSLATE_NOOP("wording", "Which sheet stands nearer to the subject above?")},
    {QT_TRANSLATE_NOOP("wording", "Plumb"),
     QT_TRANSLATE_NOOP("wording", "Walls, necks and horizons are judged against what hangs straight."),
     QT_TRANSLATE_NOOP("wording", "Which way does the line lean?")},
    {QT_TRANSLATE_NOOP("wording", "Centre"),
     QT_TRANSLATE_NOOP("wording", "Halving by eye: the middle of a face, of a sheet, of a table's edge."),
     QT_TRANSLATE_NOOP("wording", "Which end is the mark nearer to?")},
    {QT_TRANSLATE_NOOP("wording", "Wider angle"),
     QT_TRANSLATE_NOOP("wording", "An angle is carried from the subject to the sheet by eye."),
     QT_TRANSLATE_NOOP("wording", "Which angle is wider?")},
    {QT_TRANSLATE_NOOP("wording", "Length in units"),
     QT_TRANSLATE_NOOP("wording", "A head, a cup, the breadth of the pencil: how often does it go into the whole?"),
     QT_TRANSLATE_NOOP("wording", "The line is about %1 times as long as the short one. Is it longer or shorter?")},
    {QT_TRANSLATE_NOOP("wording", "From memory"),
     QT_TRANSLATE_NOOP(
         "wording",
         "Look, turn away, draw the main shapes on a sheet of the picture's format: what the eye has kept "
         "shows in where they lie and how large they are."),
     QT_TRANSLATE_NOOP("wording", "Look at the large shapes, how they lie to each other and to the edges.")},
}};

QString valueWords(const colour::Lab& lab) {
    return say("value %1").arg(decimal(colour::munsellValueOfLightness(lab.L), 1));
}

bool isUpright(const practice::Line& line) {
    return std::fabs(line.x2 - line.x1) < std::fabs(line.y2 - line.y1);
}

/// What the grounds of two do, against each other.
QString groundWords(const practice::Question& question) {
    const double first = practice::looksLighterBy(question.shown[0], question.grounds[0]),
                 second = practice::looksLighterBy(question.shown[1], question.grounds[1]);
    return say("The grounds make the one on the dark look %1 value steps lighter than that on the light.")
        .arg(decimal(std::fabs(first - second), 1));
}

}  // namespace

QString exerciseName(Exercise exercise) {
    return say(exerciseTexts[std::size_t(exercise)].name);
}

QString exerciseSentence(Exercise exercise) {
    return say(exerciseTexts[std::size_t(exercise)].sentence);
}

QString exerciseQuestion(Exercise exercise) {
    return say(exerciseTexts[std::size_t(exercise)].question);
}

QString questionSentence(const practice::Question& question) {
    const QString asked = exerciseQuestion(question.exercise);
    return question.exercise == Exercise::length ? asked.arg(question.units) : asked;
}

QStringList answerWords(const practice::Question& question) {
    switch (question.exercise) {
        case Exercise::order:
            return {say("first and second"), say("second and third"), say("third and fourth"), say("fourth and fifth")};
        case Exercise::nearestStick:
        case Exercise::mixture:
            return {say("first", "an answer"), say("second"), say("third"), say("fourth")};
        case Exercise::masses:
            return {say("the first"), say("the second")};
        case Exercise::centre:
            if (isUpright(question.lines[0])) return {say("the upper"), say("the lower")};
            return {say("the left"), say("the right")};
        case Exercise::length:
            return {say("longer"), say("shorter")};
        case Exercise::plumb:
            return {say("to the left"), say("to the right")};
        default:
            return {say("the left one"), say("the right one")};
    }
}

QString apartWords(Exercise exercise, double apart) {
    const int digits = apart < 1 ? 2 : apart < 10 ? 1 : 0;
    switch (practice::factsOf(exercise).measure) {
        case practice::Measure::valueSteps:
            return say("%1 value steps").arg(decimal(apart, digits));
        case practice::Measure::difference:
            return differenceFigure(apart);
        case practice::Measure::degrees:
            return say("%1°").arg(decimal(apart, std::min(1, digits)));
        case practice::Measure::perCent:
            return say("%1 %").arg(decimal(apart, std::min(1, digits)));
    }
    return {};
}

QString thresholdWords(Exercise exercise, const practice::Threshold& threshold) {
    const auto bare = [](double apart) { return decimal(apart, apart < 1 ? 2 : apart < 10 ? 1 : 0); };
    return say("%1 (%2 to %3)")
        .arg(apartWords(exercise, threshold.middle), bare(threshold.least), bare(threshold.most));
}

QString trainedWords(Exercise exercise) {
    return say("a trained eye: %1").arg(apartWords(exercise, practice::factsOf(exercise).trained));
}

QString truthSentence(const practice::Question& question) {
    const QString answer = answerWords(question)[question.right], apart = apartWords(question.exercise, question.apart);
    switch (question.exercise) {
        case Exercise::lighterOnGrounds:
            return say("It is %1, by %2. %3").arg(answer, apart, groundWords(question));
        case Exercise::valueOfColour:
            return say("It is %1: the other grey is off by %2.").arg(answer, apart);
        case Exercise::order:
            return say("It is between %1; there are %2 from one to the next.").arg(answer, apart);
        case Exercise::nearestStick:
        case Exercise::mixture:
            return say("It is the %1; the next is %2 farther off.").arg(answer, apart);
        case Exercise::plumb:
            return say("It leans %1, by %2.").arg(answer, apart);
        case Exercise::centre:
            return say("It is nearer to %1 end: off the middle by %2 of the line.").arg(answer, apart);
        case Exercise::length:
            return say("It is %1 than that, by %2.").arg(answer, apart);
        default:
            return say("It is %1, by %2.").arg(answer, apart);
    }
}

QStringList truthCaptions(const practice::Question& question) {
    QStringList captions;
    switch (question.exercise) {
        case Exercise::lighter:
        case Exercise::lighterOnGrounds:
        case Exercise::valueOfColour:
        case Exercise::order:
            for (const colour::Lab& lab : question.shown) captions << valueWords(lab);
            break;
        case Exercise::warmer: {
            const auto middle = (colour::warmth(question.shown[0]) + colour::warmth(question.shown[1])) / 2;
            for (const colour::Lab& lab : question.shown)
                captions << (colour::warmth(lab) > middle ? say("warmer") : say("cooler"));
            break;
        }
        case Exercise::duller:
            for (const colour::Lab& lab : question.shown)
                captions << say("chroma %1").arg(decimal(colour::chroma(lab), 0));
            break;
        case Exercise::nearestStick:
            for (const colour::Lab& lab : question.shown)
                captions << say("%1 off").arg(differenceFigure(colour::differenceCie2000(question.given.front(), lab)));
            break;
        case Exercise::mixture:
            for (const colour::Lab& lab : question.shown)
                captions << say("%1 off").arg(
                    differenceFigure(colour::differenceCie2000(question.shown[std::size_t(question.right)], lab)));
            break;
        case Exercise::angle:
            for (int side = 0; side < 2; ++side) {
                const practice::Line &one = question.lines[std::size_t(2 * side)],
                                     &other = question.lines[std::size_t(2 * side) + 1];
                const double a = std::atan2(one.y2 - one.y1, one.x2 - one.x1),
                             b = std::atan2(other.y2 - other.y1, other.x2 - other.x1);
                captions << say("%1°").arg(decimal(std::fabs(std::remainder(b - a, 2 * M_PI)) * 180 / M_PI, 1));
            }
            break;
        default:
            break;
    }
    return captions;
}

QString drawnShapeWords(const review::DrawnShape& shape) {
    constexpr double hardly = 0.5, hardlySize = 3;  // per cent
    QStringList parts;
    const auto add = [&](double share, const QString& more, const QString& less, double least) {
        const double off = 100 * share;
        if (std::fabs(off) >= least) parts << (off > 0 ? more : less).arg(decimal(std::fabs(off), 1));
    };
    add(shape.aside.x, say("%1 % to the right"), say("%1 % to the left"), hardly);
    add(shape.aside.y, say("%1 % too low"), say("%1 % too high"), hardly);
    add(shape.size - 1, say("%1 % too large"), say("%1 % too small"), hardlySize);
    return parts.isEmpty() ? say("where it is") : parts.join(say(", "));
}

QString drawnSentence(const review::DrawnShapes& drawn) {
    review::DrawnShape whole;
    whole.aside = drawn.aside;
    whole.size = drawn.size;
    double mean = 0;
    for (const review::DrawnShape& shape : drawn.shapes) mean += 100 * shape.apart / double(drawn.shapes.size());
    return say("The whole lies %1. Within it the shapes are off by %2 % of the width in the mean.")
        .arg(drawnShapeWords(whole), decimal(mean, 1));
}

}  // namespace wording
