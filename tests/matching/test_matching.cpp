#include <QtTest>
#include <cmath>
#include <numeric>
#include <set>

#include "colour/difference.h"
#include "matching/substitutes.h"
#include "matching/target_distance.h"
#include "pigment/tones.h"
#include "tried_stacks.h"
#include "worked.h"

/// Stacks of layers for one area: what they cost, and that the search finds them.
class TestMatching : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What stacks cost, by the film and by the screen, and what the searches find, as it was looked at.
    void costsAreAsTheyWereLookedAt() {
        Worked worked;
        const auto sticks = prepared(randomMedia(18, 71), d65);
        Numbers random(72);
        const auto add = [&](const Stack& stack) {
            QStringList words;
            // Two manners may cost the same: which is found first is left open.
            for (const StackLayer& layer : stack.layers) words << QString::number(layer.stick);
            worked.line("  stack " + words.join('+')).figures(std::array{stack.cost, stack.unsteady, stack.difference});
            for (const int tone : stack.tones) worked.figure(tone);
        };
        constexpr std::array sheets{std::pair(School::darkFirst, "#8a7f74"), std::pair(School::darkFirst, "#302c2a"),
                                    std::pair(School::lightBase, "#8a7f74"), std::pair(School::lightBase, "#302c2a")};
        const int looked = roundsOf(int(sheets.size()));
        for (int sheet = 0; sheet < looked; ++sheet) {
            const auto& [school, paper] = sheets[std::size_t(sheet)];
            const pigment::Patch on = ground(paper);
            StackWeights weights;
            weights.rules.school = school;
            const OptionBank bank(sticks, *on.surface, weights);
            worked.line(QString::fromUtf8(nameOf(school).data()) + " on " + paper);
            std::vector<Want> wants;
            for (int i = 0; i < 3; ++i) {
                wants.push_back(wantOf(sticks, on, 5, random));
                wants.back().importance = (i + 1) / 6.0;
                Stack stack = judged({{i, pigment::Manner::scumble}, {i + 5, pigment::Manner::hatch}}, wants.back(),
                                     sticks, weights);
                add(stack);
                add(judged({{1, pigment::Manner::press},
                            {i + 9, pigment::Manner::press},
                            {i + 12, pigment::Manner::press},
                            {i + 15, pigment::Manner::press}},
                           wants.back(), sticks, weights));
                const Screen screen(wants.back(), bank, weights);
                const Tried tried = screen.tried(stack.layers, stack.tones, bank.all());
                worked.line("  without").figure(tried.without).line("  with");
                for (std::size_t at = 0; at < tried.with.size(); at += 3)
                    if (std::isfinite(tried.with[at].cost)) worked.figure(tried.with[at].cost);
                for (const int layers : {1, 3, 5})
                    for (const Stack& found : searched(wants.back(), bank, SearchWidth{.layers = layers}, weights))
                        add(found);
            }
            // More layers than are tried with all their pressures, over more tones than are looked round.
            const Want many = wantOf(sticks, on, 40, random);
            const Screen screen(many, bank, weights);
            for (const int layers : {4, 5}) {
                std::vector<StackLayer> deep;
                for (int k = 0; k < layers; ++k) deep.push_back({3 * k, pigment::Manner(k % 3)});
                std::ranges::sort(deep, {}, [&](const StackLayer& layer) { return bank.indexOf(layer); });
                const Tried tried = screen.tried(deep, screen.judged(deep).tones, bank.all());
                worked.line("  deep, without").figure(tried.without).line("  with");
                for (std::size_t at = 0; at < tried.with.size(); at += 3)
                    if (std::isfinite(tried.with[at].cost)) worked.figure(tried.with[at].cost);
            }
            for (const auto& [limit, width] :
                 {std::pair{2, SearchWidth{}}, std::pair{5, SearchWidth{}}, std::pair{9, SearchWidth{}},
                  std::pair{4, SearchWidth{.layers = 5, .swaps = 6, .swapRounds = 3}},
                  std::pair{8, SearchWidth{.layers = 5, .swaps = 6, .swapRounds = 3}}}) {
                const auto palette = choosePalette(wants, bank, {limit, {}, usualStickPrice}, width, weights, {});
                QVERIFY(palette.has_value());
                worked.line("  palette").figure(palette->cost);
                for (const int stick : palette->sticks) worked.figure(stick);
                for (const Stack& stack : palette->stacks) add(stack);
            }
        }
        const pigment::Patch on = ground("#c2ab86");
        std::vector<int> all(sticks.size());
        std::iota(all.begin(), all.end(), 0);
        const auto mixture = [&](const Mixture& mixed) {
            worked.line("  mixture").figure(mixed.difference).figure(mixed.toothUsed).figures(mixed.predicted);
            for (const pigment::Lay& lay : mixed.lays)
                worked.figures(std::array{double(lay.stick), double(lay.pressure.value)});
        };
        for (const Lab& wanted : {Lab{52, 14, 22}, Lab{25, -8, -20}})
            for (const Mixture& mixed : mixturesFor(wanted, on, sticks, all, 3, 5, d65)) mixture(mixed);
        for (const int missing : {2, 7}) {
            const Substitutes found = substitutesFor(missing, sticks, on, 3, d65);
            worked.line("instead of").figure(missing).figures(found.wanted);
            mixture(found.nearest);
            for (const Mixture& mixed : found.mixed) mixture(mixed);
        }
        if (looked == int(sheets.size())) QCOMPARE(worked.against(TEST_OWN "/matching/worked/costs.txt"), QString());
    }

    void stacksAreNearlyAsGoodAsTryingEverything() {
        Numbers random(32);
        const StackWeights weights;
        SearchWidth width;
        width.layers = 2;
        Excess excess;
        for (int round = 0; round < roundsOf(20); ++round) {
            const auto sticks = prepared(randomMedia(9, 500 + unsigned(round)), d65);
            const pigment::Patch on = ground("#8a7f74");
            const OptionBank bank(sticks, *on.surface, weights);
            const Want want = wantOf(sticks, on, 12, random);
            const double found = searched(want, bank, width, weights).front().cost;
            const auto all = everyStack(want, bank, weights);
            const double best = std::ranges::min_element(all, {}, &Stack::cost)->cost;
            QVERIFY(found >= best - 1e-9);
            excess.add(found, best);
        }
        qInfo("stacks cost %.2f %% more than the best in the mean, %.2f %% at worst", 100 * excess.mean(),
              100 * excess.worst());
        QVERIFY(excess.mean() <= 0.01 && excess.worst() <= 0.03);
    }

    /// What is told of a stack, reckoned anew stroke by stroke.
    void stacksAreWhatTheySay() {
        const auto sticks = prepared(randomMedia(20, 33), d65);
        const pigment::Patch on = ground("#c2ab86");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(51);
        const Want want = wantOf(sticks, on, 10, random);
        const auto found = searched(want, bank, {}, weights);
        QVERIFY(found.size() > 1);
        for (std::size_t i = 0; i < found.size(); ++i) {
            const Stack& stack = found[i];
            const int count = int(stack.layers.size());
            QVERIFY(count <= 4);
            double difference = 0, unsteady = 0;
            for (std::size_t s = 0; s < want.samples.size(); ++s) {
                const auto laid = [&](float amount, float coverage) {
                    pigment::Patch patch = on;
                    for (int k = 0; k < count; ++k)
                        pigment::lay(patch, {&sticks[std::size_t(stack.layers[std::size_t(k)].stick)].pigment,
                                             stack.layers[std::size_t(k)].manner,
                                             pigment::Pressure{float(pigment::pressureIn(stack.tones[s], k, count))},
                                             amount, coverage});
                    return colour::differenceCie2000(want.samples[s].wanted, pigment::labOf(patch, d65));
                };
                difference += want.samples[s].weight * laid(1, 1);
                for (const auto& hand : pigment::handSamples(weights.handSpread))
                    unsteady += want.samples[s].weight * laid(hand.amount, hand.coverage) / 4;
            }
            QVERIFY(std::fabs(stack.difference - difference) < 1e-6);
            QVERIFY(std::fabs(stack.unsteady - unsteady) < 1e-6);
            QVERIFY(stack.cost >= stack.unsteady + want.layerPrice * count - 1e-9);
            if (i > 0) QVERIFY(found[i - 1].cost <= stack.cost);
        }
    }

    /// Each term of the cost alone: what it adds, on stacks made for it.
    void everyTermOfTheCostCounts() {
        const auto sticks = prepared(randomMedia(12, 34), d65);
        const pigment::Patch on = ground("#8a7f74");
        StackWeights none;
        none.toothOver = none.blackInColour = none.speckle = none.stray = 0;
        const Lab middle =
            pigment::labOf(laidOn(on, {{1, pigment::Manner::press, pigment::Pressure::heavy}}, sticks), d65);
        const Want want{{{middle, 1}}, on, 1, 0};
        const std::vector<StackLayer> one{{1, pigment::Manner::press}};
        const Stack plain = judged(one, want, sticks, none);
        QCOMPARE(plain.cost, plain.unsteady);
        // A layer's price.
        Want dear = want;
        dear.layerPrice = 0.7;
        QVERIFY(std::fabs(judged(one, dear, sticks, none).cost - plain.cost - 0.7) < 1e-9);
        // Tooth beyond its budget: heavy strokes of many sticks.
        std::vector<StackLayer> many;
        for (int i = 0; i < 5; ++i) many.push_back({i, pigment::Manner::press});
        pigment::Patch full = on;
        for (const StackLayer& layer : many)
            pigment::lay(full, {&sticks[std::size_t(layer.stick)].pigment, layer.manner, pigment::Pressure::heavy});
        const Want deep{{{pigment::labOf(full, d65), 1}}, on, 1, 0};
        StackWeights tooth = none;
        tooth.toothBudget = 0.1;
        const double without = judged(many, deep, sticks, none).cost;
        tooth.toothOver = 0.02;
        QVERIFY(judged(many, deep, sticks, tooth).cost > without);
        // Speckle: a light scumble over a paper far from it.
        pigment::Patch speckled = on;
        pigment::lay(speckled, {&sticks[2].pigment, pigment::Manner::scumble, pigment::Pressure::light});
        const Want grainy{{{pigment::labOf(speckled, d65), 1}}, on, 1, 0};
        StackWeights speckle = none;
        speckle.speckleBudget = pigment::speckle(speckled) - 1;
        speckle.speckle = 0.02;
        const std::vector<StackLayer> scumbled{{2, pigment::Manner::scumble}};
        const double grain =
            judged(scumbled, grainy, sticks, speckle).cost - judged(scumbled, grainy, sticks, none).cost;
        QVERIFY2(std::fabs(grain - 0.02) < 1e-6, qPrintable(QString::number(grain)));
        // A stick far from all that is wanted.
        StackWeights stray = none;
        stray.stray = 0.1;
        stray.strayBudget = 2;
        const double away = std::sqrt(TargetDistance(middle)(sticks[3].masstone));
        QVERIFY(away > 2);
        QVERIFY(std::fabs(strayCost(distancesTo(want.samples), sticks[3], stray) - 0.1 * (away - 2)) < 1e-9);
        QVERIFY(std::fabs(judged({{3, pigment::Manner::press}}, want, sticks, stray).cost -
                          judged({{3, pigment::Manner::press}}, want, sticks, none).cost - 0.1 * (away - 2)) < 1e-9);
    }

    void moreLayersNeverCostMore() {
        const auto sticks = prepared(randomMedia(14, 34), d65);
        const pigment::Patch on = ground("#6f6d58");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(35);
        for (int i = 0; i < 4; ++i) {
            const Want want = wantOf(sticks, on, 16, random);
            double before = 1e300;
            for (int layers = 1; layers <= 6; ++layers) {
                SearchWidth width;
                width.layers = layers;
                const Stack best = searched(want, bank, width, weights).front();
                QVERIFY(int(best.layers.size()) <= layers);
                QVERIFY(best.cost <= before + 1e-9);
                before = best.cost;
            }
        }
    }

    /// Common practice, no source: dark to light, or a light base first; and no stick twice in one stack.
    void stacksFollowTheSchool() {
        Numbers random(36);
        for (const School school : {School::darkFirst, School::lightBase}) {
            StackWeights weights;
            weights.rules.school = school;
            for (unsigned round = 0; round < 6; ++round) {
                const auto sticks = prepared(randomMedia(16, 600 + round), d65);
                const pigment::Patch on = ground("#8a7f74");
                const OptionBank bank(sticks, *on.surface, weights);
                for (const Stack& stack : searched(wantOf(sticks, on, 16, random), bank, {}, weights)) {
                    std::set<int> used;
                    for (std::size_t i = 0; i < stack.layers.size(); ++i) {
                        const PreparedStick& stick = sticks[std::size_t(stack.layers[i].stick)];
                        QVERIFY(used.insert(stack.layers[i].stick).second);
                        if (i == 0) continue;
                        const double step =
                            stick.masstone.L - sticks[std::size_t(stack.layers[i - 1].stick)].masstone.L;
                        QVERIFY(school == School::darkFirst ? step >= 0 : step <= 0);
                    }
                }
            }
        }
        QCOMPARE(schoolNamed("light-base"), std::optional(School::lightBase));
        QVERIFY(!schoolNamed("dark"));
    }

    /// Common practice, no source: black straight into a colour dirties it.
    void blackStaysOutOfColour() {
        auto media = randomMedia(12, 36);
        media[1].masstone = {29, 28, 28};
        const auto sticks = prepared(media, d65);
        QVERIFY(isBlack(sticks[1]));
        const pigment::Patch on = ground("#8a7f74");
        const StackWeights weights;
        const OptionBank bank(sticks, *on.surface, weights);
        const Want light{{{{60, 30, 20}, 0.5}, {{50, 25, 20}, 0.5}}, on};
        const Stack best = searched(light, bank, {}, weights).front();
        QVERIFY(!best.layers.empty() && sticksIn(best) != 0);
        QVERIFY(!(sticksIn(best) & 1u << 1));
        // Where a tone with black in it serves a light colour it costs what is said.
        StackWeights free = weights;
        free.blackInColour = 0;
        const Want grey{
            {{pigment::labOf(laidOn(on, {{1, pigment::Manner::hatch, pigment::Pressure::light}}, sticks), d65), 1}},
            on};
        QVERIFY(grey.samples[0].wanted.L > weights.darkTo);
        const std::vector<StackLayer> black{{1, pigment::Manner::hatch}};
        const double cost = judged(black, grey, sticks, weights).cost - judged(black, grey, sticks, free).cost;
        QVERIFY2(cost > 0.5 && cost <= weights.blackInColour + 1e-9, qPrintable(QString::number(cost)));
    }
};

QTEST_GUILESS_MAIN(TestMatching)
#include "test_matching.moc"
