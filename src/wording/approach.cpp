#include "wording/approach.h"

#include <QStringList>
#include <cmath>

#include "wording/choosing.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/sentences.h"

namespace wording {

using planning::Question;

namespace {

struct AnswerWords {
    QString word, sentence;
};

AnswerWords wordsOf(Question question, int answer) {
    const auto one = [&](std::initializer_list<AnswerWords> all) { return all.begin()[answer]; };
    switch (question) {
        case Question::valueOrder:
            return one({{say("Dark to light"), say("Each area is laid from its darkest stick to its lightest.")},
                        {say("Light base first"),
                         say("Each area begins with its lightest stick, and the darks are laid over it.")}});
        case Question::firstPart:
            return one({{say("Background first"), say("What lies behind is laid before what overlaps it.")},
                        {say("Focal feature first"),
                         say("What the picture is about is finished first, and all else is tuned to it.")}});
        case Question::hardness:
            return one(
                {{say("Hard to soft"),
                  say("Hard points go under soft sticks wherever they would not hold the other way round.")},
                 {say("Soft base, pencils over"),
                  say("A thin base of soft pastel is rubbed in, and everything over it is pencil or hard stick.")}});
        case Question::blending:
            return one(
                {{say("Sparingly"), say("A layer is blended only where that betters its area clearly.")},
                 {say("Smooth"),
                  say("Layers are blended with sponge, finger, stump or shaper wherever it serves; light areas "
                      "before dark ones, never across an edge.")},
                 {say("Strokes kept"), say("Everything is hatched: the colours stay apart, and mix in the eye.")}});
        case Question::black:
            return one(
                {{say("Last, in the darks"), say("Black goes on last, only in the darks, and is never blended.")},
                 {say("Never"), say("No black is used: the darks are mixed.")},
                 {say("Freely"), say("Black is used like any other stick.")}});
        case Question::ground:
            return {groundWord(planning::Ground(answer)), groundSentence(planning::Ground(answer))};
        case Question::fixing:
            return one({{say("Between layers"), say("Fixative goes between layers where the tooth wants it back.")},
                        {say("Only to darken"), say("Fixative is used only where it darkens towards what is wanted.")},
                        {say("Never"), say("No fixative: pressure and layers are kept within the tooth.")}});
        case Question::colour:
            return one({{say("Faithful"), say("Colours are those of the reference.")},
                        {say("Pushed"),
                         say("Colours are meant stronger than in the reference, and contrast a little too: the picture "
                             "has to compete with life. The difference is then told from these.")}});
        case Question::highlights:
            return one({{say("As they are"), say("The highest lights are those of the reference.")},
                        {say("A little stronger"), say("The highest lights are meant half a step lighter.")}});
        case Question::progression:
            return one({{say("Whole picture at once"), say("Every area is blocked in before any is built up.")},
                        {say("Area by area"), say("One area is finished before the next is begun.")}});
    }
    return {};
}

}  // namespace

QString questionWord(Question question) {
    switch (question) {
        case Question::valueOrder:
            return say("Value order");
        case Question::firstPart:
            return say("What first");
        case Question::hardness:
            return say("Hard and soft");
        case Question::blending:
            return say("Blending");
        case Question::black:
            return say("Black");
        case Question::ground:
            return say("Underpainting");
        case Question::fixing:
            return say("Fixative");
        case Question::colour:
            return say("Colour");
        case Question::highlights:
            return say("Highlights");
        case Question::progression:
            return say("On the sheet");
    }
    return {};
}

QString answerWord(Question question, int answer) {
    return wordsOf(question, answer).word;
}
QString answerSentence(Question question, int answer) {
    return wordsOf(question, answer).sentence;
}

QString knownApproachWord(planning::KnownApproach known) {
    switch (known) {
        case planning::KnownApproach::landscape:
            return say("Landscape, dark to light");
        case planning::KnownApproach::animal:
            return say("Animal in pencil, light base, eyes first");
        case planning::KnownApproach::hatchedFigure:
            return say("Figure, hatched");
        case planning::KnownApproach::portrait:
            return say("Portrait, blended");
    }
    return {};
}

QString outcomeWords(const planning::PlanOutcome& outcome) {
    return say("%1, %2, %3")
        .arg(differenceFigure(outcome.difference), layerCount(outcome.layers), duration(outcome.minutes));
}

QString outcomeAgainst(const planning::PlanOutcome& outcome, const planning::PlanOutcome& now) {
    QStringList parts;
    const double farther = outcome.difference - now.difference;
    if (std::fabs(farther) >= 0.005)
        parts << (farther > 0 ? say("%1 farther") : say("%1 nearer")).arg(decimal(std::fabs(farther), 2));
    const auto signedCount = [](long n) {
        return (n > 0 ? QStringLiteral("+") : QString(QChar(0x2212))) + QString::number(std::labs(n));
    };
    if (const int layers = outcome.layers - now.layers; layers != 0)
        parts << say("%1 layers", "more or fewer", std::abs(layers)).arg(signedCount(layers));
    if (const long minutes = std::lround(outcome.minutes - now.minutes); minutes != 0)
        parts << say("%1 min").arg(signedCount(minutes));
    return parts.isEmpty() ? say("changes no figure") : parts.join(QStringLiteral(", "));
}

}  // namespace wording
