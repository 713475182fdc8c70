#include <QtTest>
#include <algorithm>
#include <cmath>

#include "colour/difference.h"
#include "kitchen.h"
#include "materials/names.h"
#include "numbers.h"
#include "review/paper_card.h"
#include "rounds.h"

using namespace review;
using colour::Lab;
using common::ProblemKind;

namespace {

Lab labOf(const pigment::Patch& patch) {
    return pigment::labOf(patch, colour::Light::daylight65);
}

materials::Material stickOf(materials::Kind kind, Lab lab) {
    materials::Material stick;
    stick.kind = kind;
    stick.hardness = materials::usualHardness(kind);
    stick.masstone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    return stick;
}

/// A subject's sticks as some subject may have them, for testing this paper.
TestSticks someSticks(const materials::Paper& paper, Numbers& random) {
    using enum materials::Kind;
    const auto of = [&](materials::Kind kind, double least, double most) {
        return stickOf(kind, {random.between(least, most), random.between(-25, 35), random.between(-25, 40)});
    };
    const materials::Material dark = of(soft, 18, 32), middle = of(soft, 45, 60), light = of(soft, 80, 92);
    if (colour::labFromSrgb8(paper.tone).L > 50) return {dark, middle, light, of(pencil, 20, 35)};
    return {light, middle, dark, of(pencil, 78, 92)};
}

materials::Paper somePaper(Numbers& random) {
    materials::Paper paper;
    paper.surface = materials::Surface(random.below(materials::surfaceCount));
    paper.tone = colour::srgb8FromSrgb(
        colour::srgbFromLab({random.between(22, 92), random.between(-8, 14), random.between(-10, 22)}));
    return paper;
}

/// A few strokes of other sticks than the card's.
pigment::Patch strokesOf(const std::vector<std::pair<materials::Material, pigment::Lay>>& strokes,
                         const materials::Paper& paper) {
    pigment::Patch patch = pigment::barePatch(paper);
    for (const auto& [stick, how] : strokes) {
        const pigment::Pigment pigment = pigment::pigmentOf(stick);
        pigment::lay(patch, {&pigment, how.manner, how.pressure});
    }
    return patch;
}

common::Result<WindowsReading> readingOf(const cv::Mat& flat, const CameraConditions& conditions) {
    return readWindows(photographOf(flat, conditions), CardKind::papers, "card.jpg");
}

}  // namespace

class TestPaperCard : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void fieldsKeepClearOfEachOther() {
        for (const CardPaper paper : {CardPaper::a4, CardPaper::letter}) {
            const WindowsLayout& layout = windowsOf(paper);
            const CardFrame& frame = frameOf(paper);
            std::vector<cv::Rect2d> all = frame.ladder;
            for (const CardWindow& window : layout.windows) {
                all.push_back(window.offcut);
                for (std::size_t i = 0; i < windowFields; ++i) {
                    QCOMPARE(window.fields[i] & window.offcut, window.fields[i]);
                    for (std::size_t j = 0; j < i; ++j) QVERIFY((window.fields[i] & window.fields[j]).empty());
                }
            }
            all.insert(all.end(), layout.white.begin(), layout.white.end());
            for (std::size_t i = 0; i < all.size(); ++i) {
                QCOMPARE(all[i] & cv::Rect2d({0, 0}, frame.page), all[i]);
                for (std::size_t j = 0; j < i; ++j) QVERIFY((all[i] & all[j]).area() < 1e-9);
            }
        }
    }

    /// The issue that matters: what the card has taught is true of strokes that were not on it.
    void aRealPaperIsKnownAfterItsCard() {
        Numbers random(11);
        double before = 0, after = 0;
        const int cards = roundsOf(8);
        for (int c = 0; c < cards; ++c) {
            std::vector<FilledWindow> windows;
            std::vector<materials::Paper> known;
            std::vector<TestSticks> sticks;
            for (std::size_t w = 0; w < cardWindows; ++w) {
                known.push_back(somePaper(random));
                sticks.push_back(someSticks(known.back(), random));
                windows.push_back({anotherBatch(known.back(), random),
                                   testFieldsOn(known.back().surface),
                                   {sticks.back().begin(), sticks.back().end()},
                                   1,
                                   0.1});
            }
            const cv::Mat flat = filledWindows(CardKind::papers, CardPaper(c % 2), c, windows, 10, unsigned(c));
            const auto reading = readingOf(flat, randomConditions(random, unsigned(c)));
            QVERIFY2(reading.ok(), qPrintable(QString::number(c)));
            QCOMPARE(reading->page, c);
            for (std::size_t w = 0; w < cardWindows; ++w) {
                const auto tested = testedPaper(reading->windows[w], {known[w], sticks[w]});
                QVERIFY(tested.has_value());
                double wrongBefore = 0, wrongAfter = 0;
                constexpr int tries = 40;
                for (int t = 0; t < tries; ++t) {
                    std::vector<std::pair<materials::Material, pigment::Lay>> strokes;
                    const int count = 1 + int(random.below(4));
                    for (int s = 0; s < count; ++s)
                        strokes.push_back(
                            {randomStick(random),
                             {0, pigment::Manner(random.below(3)), pigment::Pressure{float(1 + random.below(3))}}});
                    const Lab truth = labOf(strokesOf(strokes, windows[w].paper));
                    wrongBefore += colour::differenceCie2000(labOf(strokesOf(strokes, known[w])), truth) / tries;
                    wrongAfter += colour::differenceCie2000(labOf(strokesOf(strokes, tested->paper)), truth) / tries;
                }
                qInfo(
                    "%s tone %.0f: capacity %.2f read %.2f +- %.2f, grip %.2f read %.2f +- %.2f; on the card %.2f "
                    "to %.2f; others %.2f to %.2f",
                    std::string(materials::nameOf(known[w].surface)).c_str(), colour::labFromSrgb8(known[w].tone).L,
                    windows[w].paper.capacity, tested->paper.capacity, tested->capacityError, windows[w].paper.grip,
                    tested->paper.grip, tested->gripError, tested->differenceBefore, tested->difference, wrongBefore,
                    wrongAfter);
                before += wrongBefore;
                after += wrongAfter;
            }
        }
        qInfo("strokes that were not on the card: %.2f before, %.2f after", before / cards / 3, after / cards / 3);
        QVERIFY(after < 0.5 * before);
    }

    void aCardWhoseCornersChangedPlacesIsRefused() {
        constexpr double pixelsPerMm = 10;
        cv::Mat flat = filledWindows(CardKind::papers, CardPaper::a4, 0, {}, pixelsPerMm, 1);
        const auto corner = [&](std::size_t which) {
            const cv::Rect2d& place = frameOf(CardPaper::a4).corners[which];
            return flat(cv::Rect(place.tl() * pixelsPerMm, place.br() * pixelsPerMm));
        };
        const cv::Mat first = corner(0).clone();
        corner(1).copyTo(corner(0));
        first.copyTo(corner(1));
        const auto reading = readingOf(flat, {});
        QVERIFY(!reading.ok());
        QCOMPARE(reading.problem().kind, ProblemKind::cardCutOff);
    }
};

QTEST_GUILESS_MAIN(TestPaperCard)
#include "test_paper_card.moc"
