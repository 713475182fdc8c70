#include <QtTest>
#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "kitchen.h"
#include "numbers.h"
#include "review/trial_card.h"
#include "rounds.h"

using namespace review;
using colour::Lab;
using common::ProblemKind;

namespace {

constexpr int stickCount = 8;

/// Strokes of one to three of the sticks over each other.
FieldStrokes someStrokes(Numbers& random) {
    FieldStrokes strokes;
    for (int s = 1 + random.below(3); s > 0; --s)
        strokes.push_back({random.below(stickCount), pigment::Manner(random.below(3)),
                           pigment::Pressure{float(1 + random.below(3))}});
    return strokes;
}

/// The stick as it really is: another batch than the one that was read, or named by eye.
materials::Material trulyLike(materials::Material stick, Numbers& random) {
    const Lab lab = colour::labFromSrgb8(stick.masstone);
    const auto off = [&] { return random.between(-6, 6); };
    stick.masstone = colour::srgb8FromSrgb(colour::srgbFromLab({lab.L + off(), lab.a + off(), lab.b + off()}));
    stick.hiding *= std::exp(random.between(-0.35, 0.35));
    return stick;
}

materials::Paper paperOf(materials::Surface surface, Numbers& random) {
    materials::Paper paper;
    paper.surface = surface;
    paper.tone = colour::srgb8FromSrgb(
        colour::srgbFromLab({random.between(30, 85), random.between(-8, 14), random.between(-10, 22)}));
    return paper;
}

/// A card, and what really lies on the table.
struct Trial {
    TrialCard card;
    std::vector<std::optional<materials::Material>> truly;
    std::vector<FilledWindow> windows;
    float hand = 1;
};

Trial someTrial(Numbers& random) {
    Trial trial;
    for (int i = 0; i < stickCount; ++i) {
        materials::Material stick = randomStick(random);
        stick.id = std::to_string(i);
        stick.hiding = 1;
        trial.truly.emplace_back(trulyLike(stick, random));
        trial.card.sticks.push_back({stick});
    }
    trial.hand = float(std::exp(random.between(-0.2, 0.2)));
    for (std::size_t w = 0; w < cardWindows; ++w) {
        TrialWindow window{paperOf(materials::Surface(random.below(materials::surfaceCount)), random), {}};
        window.paper.id = std::to_string(w);
        for (std::size_t i = 1; i < windowFields; ++i) window.fields[i] = someStrokes(random);
        trial.windows.push_back({anotherBatch(window.paper, random), window.fields, trial.truly, trial.hand, 0.1});
        trial.card.windows.push_back(std::move(window));
    }
    return trial;
}

Lab labOf(const pigment::Patch& patch) {
    return pigment::labOf(patch, colour::Light::daylight65);
}

}  // namespace

class TestTrialCard : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What counts: what the card has taught is true of mixtures that were not on it. The hand is in what is known.
    void whatWasLaidTeachesOtherMixtures() {
        Numbers random(19);
        double before = 0, after = 0, withoutHand = 0;
        const int cards = roundsOf(6);
        for (int c = 0; c < cards; ++c) {
            const Trial trial = someTrial(random);
            const cv::Mat flat = filledWindows(CardKind::trials, CardPaper(c % 2), c, trial.windows, 10, unsigned(c));
            const auto reading =
                readWindows(photographOf(flat, randomConditions(random, unsigned(c))), CardKind::trials, "card.jpg");
            QVERIFY2(reading.ok(), qPrintable(QString::number(c)));
            QCOMPARE(reading->page, c);
            QElapsedTimer time;
            time.start();
            const auto taught = taughtBy(*reading, trial.card);
            const qint64 took = time.elapsed();
            QVERIFY(taught.has_value());
            QVERIFY(taught->difference < taught->differenceBefore);
            std::vector<std::optional<materials::Material>> known, mended;
            for (std::size_t s = 0; s < trial.card.sticks.size(); ++s) {
                known.emplace_back(std::get<materials::Material>(trial.card.sticks[s].what));
                mended.push_back(known.back());
                if (taught->sticks[s]) mended.back() = std::get<materials::Material>(taught->sticks[s]->what);
            }
            double wrongBefore = 0, wrongAfter = 0;
            constexpr int tries = 120;
            for (int t = 0; t < tries; ++t) {
                const FieldStrokes strokes = someStrokes(random);
                const auto w = std::size_t(random.below(int(cardWindows)));
                const Lab truth = labOf(laidField(strokes, trial.windows[w].paper, trial.truly, trial.hand));
                const Lab once = labOf(laidField(strokes, trial.card.windows[w].paper, known));
                const Lab now = labOf(laidField(strokes, *taught->papers[w], mended, float(taught->hand)));
                const Lab usual = labOf(laidField(strokes, *taught->papers[w], mended));
                withoutHand += colour::differenceCie2000(usual, truth) / tries / cards;
                wrongBefore += colour::differenceCie2000(once, truth) / tries;
                wrongAfter += colour::differenceCie2000(now, truth) / tries;
            }
            qInfo("hand %.2f read %.2f; on the card %.2f to %.2f; other mixtures %.2f to %.2f; %lld ms",
                  double(trial.hand), taught->hand, taught->differenceBefore, taught->difference, wrongBefore,
                  wrongAfter, took);
            before += wrongBefore / cards;
            after += wrongAfter / cards;
        }
        qInfo("mixtures that were not on the card: %.2f before, %.2f after, %.2f if the hand is taken for a usual one",
              before, after, withoutHand);
        QVERIFY(after < 0.5 * before && withoutHand < 0.5 * before);
    }

    /// A paper that lies in all windows is one paper; a stick that lies hidden is not told of.
    void onePaperIsOne() {
        Numbers random(8);
        Trial trial = someTrial(random);
        for (std::size_t w = 1; w < cardWindows; ++w) {
            trial.card.windows[w].paper = trial.card.windows[0].paper;
            trial.windows[w].paper = trial.windows[0].paper;
        }
        // The last stick is only laid under another that hides it.
        constexpr int hidden = stickCount - 1;
        for (std::size_t w = 0; w < cardWindows; ++w)
            for (FieldStrokes& strokes : trial.card.windows[w].fields)
                for (pigment::Lay& lay : strokes) lay.stick %= hidden;
        trial.card.windows[0].fields[3] = {{hidden, pigment::Manner::scumble, pigment::Pressure::light},
                                           {0, pigment::Manner::press, pigment::Pressure::heavy},
                                           {0, pigment::Manner::press, pigment::Pressure::heavy}};
        for (std::size_t w = 0; w < cardWindows; ++w) trial.windows[w].fields = trial.card.windows[w].fields;
        const cv::Mat flat = filledWindows(CardKind::trials, CardPaper::a4, 3, trial.windows, 10, 1);
        const auto reading = readWindows(photographOf(flat, {}), CardKind::trials, "card.jpg");
        QVERIFY(reading.ok());
        const auto taught = taughtBy(*reading, trial.card);
        QVERIFY(taught.has_value());
        QVERIFY(taught->papers[0] == taught->papers[1] && taught->papers[1] == taught->papers[2]);
        QVERIFY(taught->sticks[0] && !taught->sticks[std::size_t(hidden)]);
        for (const auto& fields : taught->windows) QVERIFY(fields[0].has_value());
    }

    void anEmptyCardTeachesNothing() {
        Numbers random(5);
        Trial trial = someTrial(random);
        for (FilledWindow& window : trial.windows) window.fields = {};
        const cv::Mat flat = filledWindows(CardKind::trials, CardPaper::a4, 3, trial.windows, 10, 1);
        const auto reading = readWindows(photographOf(flat, {}), CardKind::trials, "card.jpg");
        QVERIFY(reading.ok());
        QVERIFY(!taughtBy(*reading, trial.card));
        const auto other = readWindows(photographOf(flat, {}), CardKind::papers, "card.jpg");
        QVERIFY(!other.ok());
        QCOMPARE(other.problem().kind, ProblemKind::cardOther);
    }
};

QTEST_GUILESS_MAIN(TestTrialCard)
#include "test_trial_card.moc"
