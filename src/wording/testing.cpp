#include "wording/testing.h"

#include <QLocale>
#include <cmath>

#include "colour/munsell.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"

namespace wording {

namespace {

/// Equal strokes in a row, counted.
struct Repeated {
    pigment::Lay stroke;
    int times = 0;
};

std::vector<Repeated> counted(const review::FieldStrokes& field) {
    std::vector<Repeated> all;
    for (const pigment::Lay& stroke : field) {
        if (!all.empty() && all.back().stroke == stroke)
            ++all.back().times;
        else
            all.push_back({stroke, 1});
    }
    return all;
}

/// Short, for a label.
QString strokeLabel(const pigment::Lay& stroke, StickLetter letter, Pressures pressures) {
    static const char* const manners[] = {
        QT_TRANSLATE_NOOP("wording", "scumble"), QT_TRANSLATE_NOOP("wording", "hatch"),
        QT_TRANSLATE_NOOP("wording", "press"),   QT_TRANSLATE_NOOP("wording", "blend"),
        QT_TRANSLATE_NOOP("wording", "dab"),     QT_TRANSLATE_NOOP("wording", "wash"),
        QT_TRANSLATE_NOOP("wording", "fix"),     QT_TRANSLATE_NOOP("wording", "lift")};
    const QString manner = say(manners[int(stroke.manner)]);
    const QString pressure = pressures == Pressures::inWords
                                 ? pressureName(stroke.pressure)
                                 : QLocale().toString(double(stroke.pressure.value), 'g', 2);
    if (!pigment::laysPigment(stroke.manner)) return say("%1 %2").arg(manner, pressure);
    return say("%1 %2 %3").arg(letter(stroke.stick), manner, pressure);
}

}  // namespace

QString testStickLetter(int stick) {
    switch (review::TestStick(stick)) {
        case review::TestStick::farthest:
            return say("A");
        case review::TestStick::middle:
            return say("B");
        case review::TestStick::opposite:
            return say("C");
        case review::TestStick::pencil:
            return say("P");
    }
    return {};
}

QString plainStickLetter(int stick) {
    constexpr int letters = 26;
    const QString last(QChar(u'A' + stick % letters));
    return stick < letters ? last : plainStickLetter(stick / letters - 1) + last;
}

QString fieldShort(int number, const review::FieldStrokes& field, StickLetter letter, Pressures pressures) {
    QStringList parts;
    for (const Repeated& it : counted(field)) {
        const QString stroke = strokeLabel(it.stroke, letter, pressures);
        parts << (it.times > 1 ? say("%1 ×%2").arg(stroke).arg(it.times) : stroke);
    }
    return say("%1 %2").arg(QString::number(number), parts.isEmpty() ? say("bare") : parts.join(QStringLiteral(", ")));
}

QString fieldWords(int number, const review::FieldStrokes& field, StickLetter letter) {
    QStringList parts;
    for (const Repeated& it : counted(field)) {
        const QString how = say("%1 at %2").arg(mannerPast(it.stroke.manner), pressureWord(it.stroke.pressure));
        const bool isStick = pigment::laysPigment(it.stroke.manner);
        const QString stroke = isStick ? say("%1 %2").arg(letter(it.stroke.stick), how) : how;
        parts << (it.times > 1 ? say("%1, %n layers", nullptr, it.times).arg(stroke) : stroke);
    }
    return say("%1. %2.").arg(QString::number(number),
                              parts.isEmpty() ? say("Left bare") : parts.join(say("; over it ")));
}

QString fieldExpectation(const review::FieldStrokes& field, const colour::Lab& bare, const colour::Lab& seen,
                         double toothUsed) {
    if (field.empty()) return say("The paper's own colour: %1.").arg(colourWords(bare));
    const double steps = colour::munsellValueOfLightness(seen.L) - colour::munsellValueOfLightness(bare.L);
    constexpr double hardly = 0.15;
    const QString stands = std::fabs(steps) < hardly ? say("as light as the bare paper")
                           : steps > 0 ? say("%1 steps lighter than the bare paper").arg(decimal(steps, 1))
                                       : say("%1 steps darker than the bare paper").arg(decimal(-steps, 1));
    QString colour = colourWords(seen);
    colour[0] = colour[0].toUpper();
    return say("%1, %2. The tooth is then filled to %3 %.").arg(colour, stands).arg(std::lround(100 * toothUsed));
}

QString toothSentence(const materials::Paper& paper) {
    if (paper.capacity == 1 && paper.grip == 1) return {};
    return say("Its tooth holds %1 times, and takes off a stick %2 times, what is usual for %3.")
        .arg(decimal(paper.capacity, 2))
        .arg(decimal(paper.grip, 2))
        .arg(surfaceWord(paper.surface));
}

QStringList testedSentences(const review::TestedPaper& tested, const materials::Paper& known) {
    QStringList sentences;
    sentences << say("Its colour against what was known: %1.")
                     .arg(differenceWords(colour::labFromSrgb8(known.tone), colour::labFromSrgb8(tested.paper.tone)));
    sentences << say("Its tooth holds %1 times what is usual for %2, give or take %3 %; so far %4 was taken for it.")
                     .arg(decimal(tested.paper.capacity, 2))
                     .arg(surfaceWord(known.surface))
                     .arg(std::lround(100 * tested.capacityError))
                     .arg(decimal(known.capacity, 2));
    sentences << say("It takes %1 times as much off a stick, give or take %2 %; so far %3.")
                     .arg(decimal(tested.paper.grip, 2))
                     .arg(std::lround(100 * tested.gripError))
                     .arg(decimal(known.grip, 2));
    sentences << say("What was laid differs from what was expected by %1 in the mean; with this paper as read, by %2.")
                     .arg(differenceFigure(tested.differenceBefore), differenceFigure(tested.difference));
    constexpr double doubtful = 4;  // CIEDE2000
    if (tested.difference > doubtful)
        sentences << say(
            "That is much: see whether the sticks lie in the right fields and the offcut is the right "
            "paper.");
    return sentences;
}

}  // namespace wording
