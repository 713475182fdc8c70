#include "wording/checking.h"

#include <QStringList>
#include <array>
#include <cmath>

#include "wording/say.h"
#include "wording/sentences.h"
#include "wording/subject.h"
#include "wording/text.h"

namespace wording {

QString shiftWords(const review::WorkShift& shift) {
    const auto millimetres = [](double mm) { return int(std::lround(std::fabs(mm))); };
    const int across = millimetres(shift.millimetres.x), down = millimetres(shift.millimetres.y);
    QStringList words;
    if (down > 0) words << (shift.millimetres.y > 0 ? say("%1 mm too low") : say("%1 mm too high")).arg(down);
    if (across > 0)
        words << (shift.millimetres.x > 0 ? say("%1 mm too far right") : say("%1 mm too far left")).arg(across);
    return words.isEmpty() ? say("in its place") : words.join(QStringLiteral(", "));
}

QString placeSentence(const planning::CheckedPlace& place) {
    const auto millimetres = [](double mm) { return int(std::lround(mm)); };
    return say("%1 mm across, %2 mm from the left and %3 mm from the top: %4, %5.")
        .arg(millimetres(2 * place.fault.radius))
        .arg(millimetres(place.fault.centre.x))
        .arg(millimetres(place.fault.centre.y))
        .arg(differenceWords(place.plan, place.work), differenceFigure(place.fault.difference));
}

QString mendWord(planning::Mend mend) {
    switch (mend) {
        case planning::Mend::layers:
            return say("Lay other layers");
        case planning::Mend::lift:
            return say("Lift first");
        case planning::Mend::darken:
            return say("Fix it darker first");
    }
    return {};
}

QString mendShort(const planning::Ways::Way& way) {
    return say("%1: %2").arg(mendWord(way.mend), differenceFigure(way.difference));
}

QString mendSentence(const planning::Ways::Way& way) {
    QStringList sticks;
    for (const materials::Material& stick : way.sticks)
        if (const QString name = text(stick.name); !sticks.contains(name)) sticks << name;
    const QString named = sticks.join(QStringLiteral("; "));
    const QString to = say("place by place it comes to %1").arg(differenceFigure(way.difference));
    switch (way.mend) {
        case planning::Mend::layers:
            return sticks.isEmpty() ? say("Leave out a layer that is left: %1.").arg(to)
                                    : say("Lay %1: %2.").arg(named, to);
        case planning::Mend::lift:
            return sticks.isEmpty() ? say("Lift what lies loose, then go on as planned: %1.").arg(to)
                                    : say("Lift what lies loose, then lay %1: %2.").arg(named, to);
        case planning::Mend::darken:
            return sticks.isEmpty()
                       ? say("Fix it, which darkens it and gives tooth back: %1.").arg(to)
                       : say("Fix it, which darkens it and gives tooth back, then lay %1: %2.").arg(named, to);
    }
    return {};
}

QString letBeShort(const planning::Ways& ways) {
    return say("Let it be: %1").arg(differenceFigure(ways.asIs));
}

QString letBeSentence(const planning::Ways& ways) {
    constexpr double told = 0.3;
    if (ways.now - ways.asIs > told)
        return say("Let it be: what is still to be laid brings it from %1 to %2, place by place.")
            .arg(differenceFigure(ways.now), differenceFigure(ways.asIs));
    return say("Let it be: place by place it stays %1 off.").arg(differenceFigure(ways.asIs));
}

namespace {

/// "lays some 20 % more and covers 5 % less"; empty where it is as usual.
QString touchWords(const pigment::HandSample& hand) {
    const auto by = [](float factor) { return int(std::lround(100 * std::fabs(double(factor) - 1))); };
    constexpr int told = 5;
    const int amount = by(hand.amount), coverage = by(hand.coverage);
    QStringList words;
    if (amount >= told)
        words << (hand.amount > 1 ? say("lays some %1 % more") : say("lays some %1 % less")).arg(amount);
    if (coverage >= told)
        words << (hand.coverage > 1 ? say("covers %1 % more") : say("covers %1 % less")).arg(coverage);
    return words.join(say(" and "));
}

}  // namespace

QString handSentence(const pigment::HandSample& hand) {
    const QString words = touchWords(hand);
    return words.isEmpty() ? say("Your hand lays as much as usual.")
                           : say("Your hand %1 than usual; what is left is planned by that.").arg(words);
}

QString touchSentence(const pigment::HandSample& touch) {
    const QString words = touchWords(touch);
    return words.isEmpty() ? say("Your touch is as plans reckon with.") : say("Your hand %1 than usual.").arg(words);
}

QString tendencySentence(const planning::Tendency& tendency) {
    const QString words = differenceWords(tendency.wanted, tendency.came),
                  areas = say("(%n areas)", nullptr, tendency.areas);
    switch (tendency.tones) {
        case planning::ToneFamily::darks:
            return say("In the darks: %1 %2.").arg(words, areas);
        case planning::ToneFamily::middles:
            return say("In the middle tones: %1 %2.").arg(words, areas);
        case planning::ToneFamily::lights:
            return say("In the lights: %1 %2.").arg(words, areas);
    }
    return {};
}

QString learntFromSentence(const planning::LearntHand& learnt) {
    return say("Told from %1 areas of %n kept photographs.", nullptr, learnt.photographs).arg(learnt.areas);
}

QString brokenAlignmentSentence(const planning::BrokenAlignment& broken, const QString& otherName) {
    static constexpr std::array<const char*, 4> ends{
        QT_TRANSLATE_NOOP("wording", "Its leftmost point"), QT_TRANSLATE_NOOP("wording", "Its rightmost point"),
        QT_TRANSLATE_NOOP("wording", "Its highest point"), QT_TRANSLATE_NOOP("wording", "Its lowest point")};
    const int off = int(std::lround(std::fabs(broken.millimetres)));
    const bool isMore = broken.millimetres > 0;
    const QString by = (broken.with.isPlumb ? isMore ? say("%1 mm too far right") : say("%1 mm too far left")
                        : isMore ? say("%1 mm too low")
                                            : say("%1 mm too high"))
                           .arg(off);
    const QString end = say(ends[std::size_t(broken.end)]), against = alignmentWords(broken.with, otherName, 0);
    return (broken.with.isPlumb ? say("%1 stands %2 against the %3, with which it should be plumb.")
                                : say("%1 stands %2 against the %3, with which it should be level."))
        .arg(end, by, against);
}

QString hiddenSentence(const planning::WorkCheck& check) {
    const auto percent = [](double share) { return int(std::lround(100 * share)); };
    const int shadow = percent(check.shadow), gleam = percent(check.gleam);
    QStringList words;
    if (shadow > 0) words << say("a shadow lies over %1 % of the sheet").arg(shadow);
    if (gleam > 0) words << say("light gleams on %1 % of it").arg(gleam);
    if (words.isEmpty()) return {};
    return say("Left out, and hatched: %1. A photograph without it tells more.").arg(words.join(QStringLiteral(", ")));
}

QString balanceSentence(const planning::WorkCheck& check) {
    const QString error = differenceFigure(check.error);
    switch (check.balancedBy) {
        case review::BalancedBy::greyCard:
            return say("The colours are balanced by the grey card; all together they may be off by %1.").arg(error);
        case review::BalancedBy::swatchCard:
            return say("The colours are balanced by the swatch card; all together they may be off by %1.").arg(error);
        case review::BalancedBy::tape:
            return say("The colours are balanced by the tape; all together they may be off by %1. A grey card beside "
                       "the sheet makes them surer.")
                .arg(error);
        case review::BalancedBy::paper:
            return say("The colours are balanced by the bare paper round the picture; all together they may be off by "
                       "%1. A grey card beside the sheet makes them surer.")
                .arg(error);
    }
    return {};
}

}  // namespace wording
