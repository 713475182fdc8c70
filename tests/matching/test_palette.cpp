#include <QtTest>
#include <cmath>
#include <functional>
#include <numeric>
#include <set>

#include "colour/difference.h"
#include "exact_palette.h"
#include "matching/extremes.h"
#include "matching/substitutes.h"

/// Sticks for the whole picture, and what stands in for one.
class TestPalette : public QObject {
    Q_OBJECT

    /// Random instances of ten sticks and four areas of so many samples, under the rules of each round.
    static void keepsNearTheOptimum(unsigned wants, unsigned media, int samples,
                                    const std::function<PaletteRules(int)>& rulesOf) {
        Numbers random(wants);
        const StackWeights weights;
        SearchWidth width;
        width.layers = 2;
        width.swapRounds = 3;
        width.swaps = 9;
        Excess excess;
        for (int round = 0; round < roundsOf(16); ++round) {
            const auto sticks = prepared(randomMedia(10, media + unsigned(round)), d65);
            const pigment::Patch on = ground(round % 2 ? "#8a7f74" : "#c2ab86");
            const OptionBank bank(sticks, *on.surface, weights);
            std::vector<Want> all;
            for (int a = 0; a < 4; ++a) {
                all.push_back(wantOf(sticks, on, samples, random));
                all.back().importance = 0.1 + 0.1 * a;
            }
            const PaletteRules rules = rulesOf(round);
            const auto palette = choosePalette(all, bank, rules, width, weights, {});
            QVERIFY(palette && int(palette->sticks.size()) <= rules.limit);
            for (const StickGroup& group : rules.groups)
                QVERIFY(std::ranges::count_if(palette->sticks, [&](int stick) {
                            return std::ranges::binary_search(group.sticks, stick);
                        }) <= group.most);
            const double best = exactCost(all, bank, rules, weights);
            QVERIFY(palette->cost >= best - 1e-6);
            excess.add(palette->cost, best);
        }
        qInfo("palettes cost %.2f %% more than GLPK's optimum in the mean, %.2f %% at worst", 100 * excess.mean(),
              100 * excess.worst());
        QVERIFY(excess.mean() <= 0.01 && excess.worst() <= 0.03);
    }

 private Q_SLOTS:
    /// On instances small enough to try everything the search comes within 1 % of the best in the mean and 3 % at
    /// worst.
    void paletteIsNearlyAsGoodAsTryingEverything() {
        Numbers random(31);
        const StackWeights weights;
        SearchWidth width;
        width.layers = 2;
        width.swapRounds = 3;
        width.swaps = 9;
        Excess excess;
        for (int round = 0; round < roundsOf(20); ++round) {
            const auto sticks = prepared(randomMedia(6, 400 + unsigned(round)), d65);
            const pigment::Patch on = ground(round % 2 ? "#8a7f74" : "#c2ab86");
            const OptionBank bank(sticks, *on.surface, weights);
            std::vector<Want> wants{wantOf(sticks, on, 8, random), wantOf(sticks, on, 8, random)};
            wants[0].importance = 0.7;
            wants[1].importance = 0.3;
            const auto palette = choosePalette(wants, bank, {3, {}, usualStickPrice}, width, weights, {});
            QVERIFY(palette && int(palette->sticks.size()) <= 3);
            QVERIFY(std::fabs(palette->cost - paletteCost(wants, palette->stacks, usualStickPrice)) < 1e-9);
            const double best = leastCost(wants, bank, 3, weights, usualStickPrice);
            QVERIFY(palette->cost >= best - 1e-9);
            excess.add(palette->cost, best);
        }
        qInfo("palettes cost %.2f %% more than the best in the mean, %.2f %% at worst", 100 * excess.mean(),
              100 * excess.worst());
        QVERIFY(excess.mean() <= 0.01 && excess.worst() <= 0.03);
    }

    /// More areas and sticks than can be tried one by one, against the exact optimum of an integer programme (GLPK).
    void palettesAreNearGlpksOptimum() {
        keepsNearTheOptimum(61, 600, 8, [](int round) { return PaletteRules{3 + round % 3, {}, usualStickPrice}; });
    }

    /// Of some sticks only so many: kept to, and near the optimum of the same integer programme with that as a row.
    void limitedPalettesAreNearGlpksOptimum() {
        keepsNearTheOptimum(62, 700, 6, [](int round) {
            return PaletteRules{5, {}, usualStickPrice, {{{0, 1, 2, 3}, 1}, {{5, 6, 7, 8}, 1 + round % 2}}};
        });
    }

    /// What is pinned is never given up for a group that it fills; nothing else of the group is then taken.
    void whatIsPinnedFillsItsGroup() {
        const auto sticks = prepared(randomMedia(40, 38), d65);
        const pigment::Patch on = ground("#8a7f74");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(39);
        std::vector<Want> wants{wantOf(sticks, on, 12, random), wantOf(sticks, on, 12, random)};
        for (Want& want : wants) want.importance = 0.5;
        std::vector<int> dry;
        for (int i = 0; i < 40; ++i)
            if (isDry(sticks[std::size_t(i)])) dry.push_back(i);
        const std::vector<int> group(dry.begin(), dry.begin() + std::ptrdiff_t(dry.size()) / 2);
        const std::vector<int> pinned{group[0], group[1]};
        const auto palette = choosePalette(wants, bank, {8, pinned, 0.001, {{group, 1}}}, {}, weights, {});
        QVERIFY(palette && palette->sticks.size() > 2);
        for (const int stick : palette->sticks)
            QVERIFY(!std::ranges::binary_search(group, stick) || std::ranges::count(pinned, stick) > 0);
        for (const int stick : pinned) QVERIFY(std::ranges::binary_search(palette->sticks, stick));
    }

    /// What the artist keeps in is used, whatever it gains, and the limit still holds.
    void whatIsPinnedIsUsed() {
        const auto sticks = prepared(randomMedia(40, 38), d65);
        const pigment::Patch on = ground("#8a7f74");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(39);
        std::vector<Want> wants;
        for (int a = 0; a < 4; ++a) {
            wants.push_back(wantOf(sticks, on, 12, random));
            wants.back().importance = 0.25;
        }
        const auto freely = choosePalette(wants, bank, {8, {}, 0.001}, {}, weights, {});
        std::vector<int> unwanted;
        for (int i = 0; i < 40 && unwanted.size() < 3; ++i)
            if (isDry(sticks[std::size_t(i)]) && !std::ranges::binary_search(freely->sticks, i)) unwanted.push_back(i);
        for (const int limit : {3, 5, 8}) {
            const auto pinned = choosePalette(wants, bank, {limit, unwanted, 0.001}, {}, weights, {});
            QVERIFY(pinned && int(pinned->sticks.size()) <= limit);
            for (const int stick : unwanted) QVERIFY(std::ranges::binary_search(pinned->sticks, stick));
            QVERIFY(pinned->cost >= freely->cost - 1e-9 || limit < 8);
        }
    }

    void thePaletteKeepsToItsLimitAndServesEveryArea() {
        const auto sticks = prepared(randomMedia(40, 38), d65);
        const pigment::Patch on = ground("#8a7f74");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(39);
        std::vector<Want> wants;
        for (int a = 0; a < 6; ++a) {
            wants.push_back(wantOf(sticks, on, 12, random));
            wants.back().importance = 1.0 / 6;
        }
        double before = 1e300;
        for (const int limit : {1, 3, 8, 14}) {
            const auto palette = choosePalette(wants, bank, {limit, {}, 0.001}, {}, weights, {});
            QVERIFY(palette.has_value());
            QVERIFY(int(palette->sticks.size()) <= limit);
            QCOMPARE(palette->stacks.size(), wants.size());
            for (const Stack& stack : palette->stacks)
                for (const StackLayer& layer : stack.layers)
                    QVERIFY(std::ranges::binary_search(palette->sticks, layer.stick));
            QVERIFY(palette->cost < before);
            before = palette->cost;
        }
        // A dear stick must pay.
        QVERIFY(choosePalette(wants, bank, {14, {}, 0.3}, {}, weights, {})->sticks.size() <
                choosePalette(wants, bank, {14, {}, 0.0001}, {}, weights, {})->sticks.size());
    }

    /// A mixture for one colour is the stack search with one sample.
    void mixturesAreOrderedAndDiffer() {
        const auto sticks = prepared(randomMedia(24, 47), d65);
        const pigment::Patch on = ground("#c2ab86");
        std::vector<int> all;
        for (int i = 0; i < 24; ++i) all.push_back(i);
        const Lab wanted{52, 14, 22};
        const auto mixtures = mixturesFor(wanted, on, sticks, all, 3, 5, d65);
        QVERIFY(mixtures.size() >= 3);
        std::set<std::set<int>> known;
        for (std::size_t i = 0; i < mixtures.size(); ++i) {
            const Lab seen = pigment::labOf(laidOn(on, mixtures[i].lays, sticks), d65);
            QVERIFY(std::fabs(colour::differenceCie2000(wanted, seen) - mixtures[i].difference) < 1e-9);
            std::set<int> used;
            for (const pigment::Lay& lay : mixtures[i].lays) used.insert(lay.stick);
            QVERIFY(known.insert(used).second && used.size() <= 3);
            if (i > 0) QVERIFY(mixtures[i - 1].difference <= mixtures[i].difference);
        }
        QVERIFY(mixtures.front().difference < 4);
    }

    /// A black is dark and without hue (starting values: common practice, no source).
    void blacksAndNearestSticksAreFound() {
        const auto stick = [](materials::Kind kind, const Lab& lab) {
            PreparedStick made{kind, {}, lab};
            return made;
        };
        using materials::Kind;
        QVERIFY(isBlack(stick(Kind::soft, {21.9, 3, 3.9})));
        QVERIFY(!isBlack(stick(Kind::soft, {22.1, 0, 0})));
        QVERIFY(!isBlack(stick(Kind::soft, {10, 3, 4.1})));
        QVERIFY(isDry(stick(Kind::pan, {50, 0, 0})) && !isDry(stick(Kind::acrylic, {50, 0, 0})));
        std::vector<PreparedStick> sticks;
        for (const double lightness : {80, 20, 55, 62, 40}) sticks.push_back(stick(Kind::soft, {lightness, 0, 0}));
        sticks.push_back(stick(Kind::gouache, {60, 0, 0}));
        QCOMPARE(nearestSticks({60, 0, 0}, sticks, 3), (std::vector<int>{3, 2, 0}));
        QCOMPARE(nearestSticks({60, 0, 0}, sticks, 9).size(), std::size_t(5));
        using pigment::Manner;
        const std::vector<Manner> point{Manner::hatch, Manner::scumble}, pan{Manner::scumble, Manner::press},
            any{Manner::scumble, Manner::hatch, Manner::press};
        QCOMPARE(mannersOf(Kind::pencil), point);  // a point is not pressed flat
        QCOMPARE(mannersOf(Kind::pan), pan);       // and nothing is hatched with a sponge
        QCOMPARE(mannersOf(Kind::soft), any);
    }

    void aMissingStickIsReplaced() {
        const auto media = randomMedia(40, 43);
        const auto sticks = prepared(media, d65);
        const pigment::Patch on = ground("#c2ab86");
        for (const int missing : {1, 7, 22}) {
            const Substitutes found = substitutesFor(missing, sticks, on, 3, d65);
            QCOMPARE(found.nearest.lays.size(), std::size_t(1));
            // No other stick laid alike comes nearer.
            for (int other = 0; other < 40; ++other) {
                if (other == missing) continue;
                const pigment::Lay lay{other, pigment::Manner::press, pigment::Pressure::medium};
                const Lab seen = pigment::labOf(laidOn(on, {lay}, sticks), d65);
                QVERIFY(colour::differenceCie2000(found.wanted, seen) >= found.nearest.difference - 1e-9);
            }
            QVERIFY(found.mixed.size() <= 3);
            for (const Mixture& mixture : found.mixed) {
                QVERIFY(mixture.lays.size() == 2 && mixture.difference < found.nearest.difference);
                for (const pigment::Lay& lay : mixture.lays) QVERIFY(lay.stick != missing);
            }
        }
        const auto alone = prepared(randomMedia(1, 44), d65);
        QVERIFY(substitutesFor(0, alone, on, 3, d65).nearest.lays.empty());
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
        const auto sticks = prepared(media, d65);
        const Extremes found = extremesOf(sticks, ground("#4b4a4a"), d65);
        QCOMPARE(found.black->stick, 5);  // the ink is darker and no dry stick, the violet no black
        QCOMPARE(found.brilliant->stick, 2);
        QCOMPARE(found.chalky->stick, 1);
        QVERIFY(found.brilliant->swatch.L > found.chalky->swatch.L && found.black->swatch.L < 25);
        // What is light, dark and neutral enough: masstones of L* 85, 35 and a chroma of 10.
        const auto found1 = [&](const Lab& masstone) {
            auto one = prepared({media[1]}, d65);
            one[0].masstone = masstone;
            const Extremes ends = extremesOf(one, ground("#4b4a4a"), d65);
            return (ends.brilliant ? 1 : 0) + (ends.black ? 2 : 0);
        };
        QCOMPARE(found1({85, 6, 8}), 1);
        QCOMPARE(found1({84.9, 0, 0}), 0);
        QCOMPARE(found1({90, 6, 8.1}), 0);
        QCOMPARE(found1({35, 0, 0}), 2);
        QCOMPARE(found1({35.1, 0, 0}), 0);
        const auto few = prepared({media[0], media[1]}, d65);
        const Extremes one = extremesOf(few, ground("#4b4a4a"), d65);
        QVERIFY(!one.black && one.brilliant->stick == 1 && !one.chalky);
        QVERIFY(!extremesOf({}, ground("#4b4a4a"), d65).brilliant);
    }

    void aStopIsObeyed() {
        const auto sticks = prepared(randomMedia(20, 40), d65);
        std::stop_source stop;
        stop.request_stop();
        const pigment::Patch on = ground("#8a7f74");
        const OptionBank bank(sticks, *on.surface, StackWeights{});
        const std::vector<Want> wants{{{{{50, 0, 0}, 1.0}}, on}};
        QVERIFY(!choosePalette(wants, bank, {5, {}, 0.01}, {}, {}, {{}, stop.get_token()}).has_value());
        // Wherever it comes.
        for (const double at : {0.5, 0.65, 0.75, 0.9}) {
            std::stop_source later;
            const common::Progress progress{[&](double fraction) {
                                                if (fraction >= at) later.request_stop();
                                            },
                                            later.get_token()};
            const auto palette = choosePalette(wants, bank, {5, {}, 0.01}, {}, {}, progress);
            QVERIFY(!palette || at > 0.75);
        }
    }
};

QTEST_GUILESS_MAIN(TestPalette)
#include "test_palette.moc"
