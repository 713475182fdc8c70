#include <QtTest>
#include <cmath>
#include <numeric>

#include "allocations.h"
#include "colour/difference.h"
#include "colour/reflectance.h"
#include "matching/extremes.h"
#include "matching/palette.h"
#include "matching/screen_bank.h"
#include "matching/search.h"
#include "matching/substitutes.h"
#include "numbers.h"

using namespace matching;
using colour::Lab;

namespace {

std::vector<materials::Material> randomMedia(int count, unsigned seed) {
    Numbers random(seed);
    std::vector<materials::Material> media;
    for (int i = 0; i < count; ++i) {
        materials::Material m;
        m.id = "m" + std::to_string(i);
        m.kind = i % 4 == 0 ? materials::Kind::pencil : materials::Kind::soft;
        m.hardness = materials::usualHardness(m.kind);
        m.masstone = {std::uint8_t(random.below(256)), std::uint8_t(random.below(256)),
                      std::uint8_t(random.below(256))};
        media.push_back(m);
    }
    return media;
}

pigment::Patch ground(const char* hex) {
    return pigment::barePatch(materials::profileOf(materials::Surface::sanded400),
                              colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex))));
}

std::vector<int> everyIndex(std::size_t count) {
    std::vector<int> all;
    for (std::size_t i = 0; i < count; ++i) all.push_back(int(i));
    return all;
}

/// A target that two of the sticks can nearly make.
Lab reachable(const std::vector<PreparedStick>& sticks, const pigment::Patch& on, Numbers& random) {
    const std::vector<Lay> lays{{random.below(int(sticks.size())), pigment::Manner::scumble, pigment::Pressure::heavy},
                                {random.below(int(sticks.size())), pigment::Manner::scumble, pigment::Pressure::light}};
    return pigment::labOf(laidOn(on, lays, sticks));
}

}  // namespace

class TestMatching : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Every single stroke and pair judged by the whole film: the search must find what that finds, or nearly.
    void searchIsNearlyAsGoodAsTryingEverything() {
        const auto media = randomMedia(9, 31);
        const auto sticks = prepared(media);
        const pigment::Patch on = ground("#8a7f74");
        const RecipeWeights weights;
        Numbers random(32);
        double sum = 0, worst = 0;
        const int rounds = 12;
        std::vector<Lay> every;
        for (int stick = 0; stick < 9; ++stick)
            for (const auto manner : {pigment::Manner::scumble, pigment::Manner::hatch, pigment::Manner::press})
                for (int pressure = 0; pressure < 3; ++pressure)
                    every.push_back({stick, manner, pigment::Pressure(pressure)});
        SearchWidth width;
        width.strokes = 2;
        for (int round = 0; round < rounds; ++round) {
            const Lab target = reachable(sticks, on, random);
            const auto found = bestRecipes(target, on, sticks, everyIndex(9), width, weights);
            QVERIFY(!found.empty());
            double best = 1e300;
            const auto offer = [&](const std::vector<Lay>& lays) {
                // Only what the search may use: manners by kind, and one stick twice only in the same way.
                best = std::min(best, judged(lays, on, target, sticks, weights).cost);
            };
            for (const Recipe& recipe : found) offer(recipe.lays);
            for (const Lay& first : every) {
                const bool pencil = sticks[first.stick].kind == materials::Kind::pencil;
                if (pencil != (first.manner == pigment::Manner::hatch)) continue;
                if (first.manner == pigment::Manner::press) continue;
                if (target.L > 35 && isBlack(sticks[first.stick])) continue;
                offer({first});
                for (const Lay& second : every) {
                    const bool secondPencil = sticks[second.stick].kind == materials::Kind::pencil;
                    if (secondPencil != (second.manner == pigment::Manner::hatch) ||
                        second.manner == pigment::Manner::press)
                        continue;
                    if (first.stick == second.stick || (target.L > 35 && isBlack(sticks[second.stick]))) continue;
                    offer({first, second});
                }
            }
            sum += found.front().cost - best;
            worst = std::max(worst, found.front().cost - best);
        }
        QVERIFY2(sum / rounds <= 0.05, qPrintable(QString::number(sum / rounds)));
        QVERIFY2(worst <= 0.5, qPrintable(QString::number(worst)));
    }

    void recipesAreWhatTheySay() {
        const auto media = randomMedia(20, 33);
        const auto sticks = prepared(media);
        const pigment::Patch on = ground("#c2ab86");
        const Lab target{55, 20, 15};
        const auto found = bestRecipes(target, on, sticks, everyIndex(20), {}, {});
        for (std::size_t i = 0; i < found.size(); ++i) {
            const pigment::Patch patch = laidOn(on, found[i].lays, sticks);
            QVERIFY(colour::differenceCie76(pigment::labOf(patch), found[i].predicted) < 1e-6);
            QVERIFY(std::fabs(colour::differenceCie2000(target, found[i].predicted) - found[i].difference) < 1e-9);
            QVERIFY(found[i].lays.size() <= 3 && !found[i].lays.empty());
            if (i > 0) QVERIFY(found[i - 1].cost <= found[i].cost);
        }
    }

    void moreStrokesNeverCostMore() {
        const auto media = randomMedia(14, 34);
        const auto sticks = prepared(media);
        const pigment::Patch on = ground("#6f6d58");
        Numbers random(35);
        for (int i = 0; i < 6; ++i) {
            const Lab target = reachable(sticks, on, random);
            double before = 1e300;
            for (int strokes = 1; strokes <= 3; ++strokes) {
                SearchWidth width;
                width.strokes = strokes;
                const double cost = bestRecipes(target, on, sticks, everyIndex(14), width, {}).front().cost;
                QVERIFY(cost <= before + 1e-9);
                before = cost;
            }
        }
    }

    void blackStaysOutOfColour() {
        auto media = randomMedia(12, 36);
        media[1].masstone = {29, 28, 28};
        const auto sticks = prepared(media);
        QVERIFY(isBlack(sticks[1]));
        for (const Recipe& recipe : bestRecipes({60, 30, 20}, ground("#8a7f74"), sticks, everyIndex(12), {}, {}))
            for (const Lay& lay : recipe.lays) QVERIFY(lay.stick != 1);
    }

    /// The screen's known error: how far its estimate of one, two and three strokes is from the whole film. The
    /// estimate is for sorting; what it puts first is judged by the film itself.
    void theScreensErrorIsKnown() {
        const auto media = randomMedia(60, 37);
        const auto sticks = prepared(media);
        Numbers random(41);
        constexpr double meanKnown[] = {0.8, 1.2, 1.8}, p95Known[] = {1.3, 2.9, 5.2};
        for (int strokes = 1; strokes <= 3; ++strokes) {
            std::vector<double> errors, speckles;
            for (int i = 0; i < 2000; ++i) {
                const pigment::Patch on = ground(i % 2 ? "#8a7f74" : "#c8b090");
                Thumbnail under = thumbnailOf(on);
                ScreenBank bank;
                ScreenBank::Seen seen;
                std::vector<Lay> lays;
                for (int n = 0; n < strokes; ++n) {
                    if (n > 0) under = bank.laid(under, n - 1);
                    const Lay lay{random.below(60), pigment::Manner(random.below(3)),
                                  pigment::Pressure(random.below(3))};
                    lays.push_back(lay);
                    bank.add({&sticks[std::size_t(lay.stick)].pigment, lay.manner, lay.pressure}, *on.surface);
                }
                bank.over(under, colour::Light::daylight65, seen);
                const pigment::Patch film = laidOn(on, lays, sticks);
                errors.push_back(colour::differenceCie2000(seen[strokes - 1], pigment::labOf(film)));
                speckles.push_back(std::fabs(seen.speckle[std::size_t(strokes - 1)] - pigment::speckle(film)));
            }
            std::ranges::sort(errors);
            const double mean = std::accumulate(errors.begin(), errors.end(), 0.0) / 2000, p95 = errors[1900];
            const double speckle = std::accumulate(speckles.begin(), speckles.end(), 0.0) / 2000;
            qInfo("%d strokes: screen against film, mean %.2f, 95th percentile %.2f, worst %.2f; speckle %.2f", strokes,
                  mean, p95, errors.back(), speckle);
            QVERIFY(mean < meanKnown[strokes - 1] && p95 < p95Known[strokes - 1]);
        }
    }

    /// Lanes do not see each other, and nothing is allocated.
    void aBankTriesEveryStrokeAlike() {
        const auto media = randomMedia(37, 42);
        const auto sticks = prepared(media);
        const pigment::Patch on = ground("#b09878");
        const Thumbnail under = thumbnailOf(on);
        const auto strokeOf = [&](int i) {
            return pigment::Stroke{&sticks[std::size_t(i)].pigment, pigment::Manner(i % 3),
                                   pigment::Pressure(i / 3 % 3)};
        };
        ScreenBank bank;
        for (int i = 0; i < 37; ++i) bank.add(strokeOf(i), *on.surface);
        ScreenBank::Seen seen, alone;
        bank.over(under, colour::Light::daylight65, seen);
        for (int i = 0; i < 37; ++i) {
            ScreenBank one;
            one.add(strokeOf(i), *on.surface);
            one.over(under, colour::Light::daylight65, alone);
            QCOMPARE(seen.L[std::size_t(i)], alone.L[0]);
            QCOMPARE(seen.speckle[std::size_t(i)], alone.speckle[0]);
        }
        if (!allocationsAreCounted) return;
        const long before = allocations();
        for (int i = 0; i < 1000; ++i) bank.over(bank.laid(under, i % 37), colour::Light::lamp, seen);
        QCOMPARE(allocations(), before);
    }

    void thePaletteKeepsToItsLimitAndServesEveryPassage() {
        const auto media = randomMedia(40, 38);
        const auto sticks = prepared(media);
        Numbers random(39);
        std::vector<Demand> demands;
        for (int p = 0; p < 8; ++p) {
            const pigment::Patch on = ground("#8a7f74");
            demands.push_back({reachable(sticks, on, random), 0.125, on});
        }
        double before = 1e300;
        for (const int limit : {2, 6, 12}) {
            const auto palette = choosePalette(demands, sticks, limit, 3, {}, {});
            QVERIFY(palette.has_value());
            QVERIFY(int(palette->sticks.size()) <= limit);
            QCOMPARE(palette->recipes.size(), demands.size());
            double cost = 0;
            for (const Recipe& recipe : palette->recipes) {
                cost += recipe.cost;
                for (const Lay& lay : recipe.lays) QVERIFY(std::ranges::binary_search(palette->sticks, lay.stick));
            }
            QVERIFY(cost < before);
            before = cost;
        }
    }

    void aMissingStickIsReplaced() {
        const auto media = randomMedia(40, 43);
        const auto sticks = prepared(media);
        const pigment::Patch on = ground("#c2ab86");
        for (const int missing : {1, 7, 22}) {
            const Substitutes found = substitutesFor(missing, sticks, on, 3);
            QCOMPARE(found.nearest.lays.size(), std::size_t(1));
            // No other stick laid alike comes nearer.
            for (int other = 0; other < 40; ++other) {
                if (other == missing) continue;
                const Lay lay{other, pigment::Manner::press, pigment::Pressure::medium};
                const Lab seen = pigment::labOf(laidOn(on, {lay}, sticks));
                QVERIFY(colour::differenceCie2000(found.wanted, seen) >= found.nearest.difference - 1e-9);
            }
            QVERIFY(found.mixed.size() <= 3);
            for (const Recipe& recipe : found.mixed) {
                QVERIFY(recipe.lays.size() == 2 && recipe.difference < found.nearest.difference);
                for (const Lay& lay : recipe.lays) QVERIFY(lay.stick != missing);
            }
        }
        const auto alone = prepared(randomMedia(1, 44));
        QVERIFY(substitutesFor(0, alone, on, 3).nearest.lays.empty());
    }

    /// One white is hard and brilliant for crisp lights, another chalky and soft for subdued ones (common practice, no
    /// source).
    void theEndsOfASetAreTold() {
        const auto stick = [](materials::Kind kind, const char* hex, double hiding) {
            materials::Material m;
            m.kind = kind;
            m.masstone = *colour::srgb8FromHex(hex);
            m.hiding = hiding;
            m.hardness = materials::usualHardness(kind);
            return m;
        };
        using materials::Kind;
        const std::vector<materials::Material> media{
            stick(Kind::soft, "#cf2a22", 1),   stick(Kind::soft, "#f0eee9", 0.6), stick(Kind::hard, "#f8f7f4", 1.5),
            stick(Kind::pencil, "#efede7", 1), stick(Kind::soft, "#33312f", 1),   stick(Kind::soft, "#1d1b1b", 1.4),
            stick(Kind::ink, "#050505", 2),    stick(Kind::soft, "#2a1030", 1.3), stick(Kind::soft, "#808080", 1)};
        const auto sticks = prepared(media);
        const Extremes found = extremesOf(sticks, ground("#4b4a4a"));
        QCOMPARE(found.black->stick, 5);  // the ink is darker and no dry stick, the violet no black
        QCOMPARE(found.brilliant->stick, 2);
        QCOMPARE(found.chalky->stick, 1);
        QVERIFY(found.brilliant->swatch.L > found.chalky->swatch.L && found.black->swatch.L < 25);
        const auto few = prepared({media[0], media[1]});
        const Extremes one = extremesOf(few, ground("#4b4a4a"));
        QVERIFY(!one.black && one.brilliant->stick == 1 && !one.chalky);
        QVERIFY(!extremesOf({}, ground("#4b4a4a")).brilliant);
    }

    void aStopIsObeyed() {
        const auto media = randomMedia(20, 40);
        const auto sticks = prepared(media);
        std::stop_source stop;
        stop.request_stop();
        const std::vector<Demand> demands{{{50, 0, 0}, 1.0, ground("#8a7f74")}};
        QVERIFY(!choosePalette(demands, sticks, 5, 3, {}, {{}, stop.get_token()}).has_value());
    }
};

QTEST_GUILESS_MAIN(TestMatching)
#include "test_matching.moc"
