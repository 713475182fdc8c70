#include <QtTest>
#include <cmath>
#include <numeric>
#include <set>

#include "allocations.h"
#include "colour/difference.h"
#include "tried_stacks.h"

/// The quick judgement of stacks against the whole film.
class TestScreen : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// The screen's known error: how far its estimate of one, two and three strokes is from the whole film. The
    /// estimate is for sorting; what it puts first is judged by the film itself.
    void theScreensErrorIsKnown() {
        const auto sticks = prepared(randomMedia(60, 37), d65);
        Numbers random(41);
        constexpr double meanKnown[] = {0.8, 1.2, 1.8}, p95Known[] = {1.3, 2.9, 5.2};
        for (int strokes = 1; strokes <= 3; ++strokes) {
            std::vector<double> errors;
            double speckle = 0, tooth = 0;
            for (int i = 0; i < 2000; ++i) {
                pigment::Patch on = ground(i % 2 ? "#8a7f74" : "#c8b090");
                // Every third paper is not as is usual for its surface.
                if (i % 3 == 0) {
                    on.grip = float(random.between(0.6, 1.5));
                    on.capacity *= float(random.between(0.6, 1.5));
                }
                LaneThumbnails under(thumbnailOf(on));
                std::vector<pigment::Lay> lays;
                for (int n = 0; n < strokes; ++n) {
                    const pigment::Lay lay{random.below(60), pigment::Manner(random.below(3)),
                                           pigment::Pressure{float(1 + random.below(3))}};
                    lays.push_back(lay);
                    const pigment::Stroke stroke{&sticks[std::size_t(lay.stick)].pigment, lay.manner, lay.pressure};
                    LaneThumbnails after;
                    layLanes(under, LaneStrokes(thumbnailOf(stroke, *on.surface)), after);
                    under = after;
                }
                LaneColours seen;
                lookAt(under, thumbnailWeights(d65), seen);
                const pigment::Patch film = laidOn(on, lays, sticks);
                errors.push_back(colour::differenceCie2000(seen[5], pigment::labOf(film, d65)));
                speckle += std::fabs(seen.speckle[5] - pigment::speckle(film)) / 2000;
                tooth = std::max(tooth, std::fabs(double(seen.tooth[5]) - pigment::toothUsed(film)));
            }
            std::ranges::sort(errors);
            const double mean = std::accumulate(errors.begin(), errors.end(), 0.0) / 2000, p95 = errors[1900];
            qInfo("%d strokes: screen against film, mean %.2f, 95th percentile %.2f, worst %.2f; speckle %.2f", strokes,
                  mean, p95, errors.back(), speckle);
            QVERIFY(mean < meanKnown[strokes - 1] && p95 < p95Known[strokes - 1]);
            QVERIFY(tooth < 0.1);
        }
    }

    /// Lanes do not see each other, and nothing is allocated.
    void everyLaneIsOnItsOwn() {
        const auto sticks = prepared(randomMedia(37, 42), d65);
        const pigment::Patch on = ground("#b09878");
        const auto strokeOf = [&](int i) {
            return thumbnailOf(pigment::Stroke{&sticks[std::size_t(i)].pigment, pigment::Manner(i % 3),
                                               pigment::Pressure{float(1 + i / 3 % 3)}},
                               *on.surface);
        };
        const LaneThumbnails under(thumbnailOf(on));
        LaneStrokes mixed{};
        for (int lane = 0; lane < lanes; ++lane) mixed.set(lane, strokeOf(lane * 2));
        LaneThumbnails after, alone;
        LaneColours seen, one;
        layLanes(under, mixed, after);
        lookAt(after, thumbnailWeights(d65), seen);
        for (int lane = 0; lane < lanes; ++lane) {
            layLanes(under, LaneStrokes(strokeOf(lane * 2)), alone);
            lookAt(alone, thumbnailWeights(d65), one);
            QCOMPARE(seen.L[lane], one.L[0]);
            QCOMPARE(seen.speckle[lane], one.speckle[15]);
            QCOMPARE(after.in(lane).filled[2], alone.in(3).filled[2]);
        }
        if (!allocationsAreCounted) return;
        const long before = allocations();
        for (int i = 0; i < 1000; ++i) {
            layLanes(under, mixed, after);
            lookAt(after, thumbnailWeights(d65), seen);
        }
        QCOMPARE(allocations(), before);
    }

    /// What the screen tries in lanes, at their places and with all pressures, is what the film gives, nearly.
    void theScreenTriesStacksAsTheFilmDoes() {
        const auto sticks = prepared(randomMedia(24, 45), d65);
        const pigment::Patch on = ground("#8a7f74");
        StackWeights weights;
        weights.blackInColour = 0;
        const OptionBank bank(sticks, *on.surface, weights);
        Numbers random(46);
        double worst = 0;
        for (int round = 0; round < 5; ++round) {
            Want want = wantOf(sticks, on, 12, random);
            want.layerPrice = 0;
            const Screen screen(want, bank, weights);
            const Stack stack = searched(want, bank, SearchWidth{.layers = 2 + round % 2}, weights).front();
            const Tried tried = screen.tried(stack.layers, stack.tones, bank.all());
            for (const Screened& s : tried.with) {
                const StackLayer& layer = bank.options[std::size_t(s.option)].layer;
                const bool isThere =
                    std::ranges::find(stack.layers, layer.stick, &StackLayer::stick) != stack.layers.end();
                QCOMPARE(std::isinf(s.cost), isThere);
                if (isThere) continue;
                QVERIFY(s.cost <= tried.without +
                                      strayCost(distancesTo(want.samples), sticks[std::size_t(layer.stick)], weights) +
                                      1e-4);
                std::vector<StackLayer> layers = stack.layers;
                layers.push_back(layer);
                std::ranges::sort(layers, {}, [&](const StackLayer& l) { return bank.indexOf(l); });
                Stack film = judged(layers, want, sticks, weights);
                worst = std::max(worst, std::fabs(film.cost - film.unsteady + film.difference - s.cost));
            }
        }
        QVERIFY2(worst < 1.6, qPrintable(QString::number(worst)));
    }

    /// Black that is laid already is a fault of every light tone, whatever goes over it.
    void blackUnderAColourIsSeen() {
        std::vector<materials::Material> media = randomMedia(3, 48);
        media[1].masstone = {20, 20, 20};
        const auto sticks = prepared(media, d65);
        QVERIFY(isBlack(sticks[1]));
        const pigment::Patch on = ground("#c2ab86");
        const std::vector<StackLayer> black{{1, pigment::Manner::scumble}};
        // A colour that only black lightly laid gives.
        const Lab grey = pigment::labOf(laidOn(on, {{1, black[0].manner, pigment::Pressure::light}}, sticks), d65);
        const Want want{{{grey, 1.0}}, on, 1.0, 0};
        StackWeights weights, blind;
        blind.blackInColour = 0;
        QVERIFY(grey.L > weights.darkTo);
        const OptionBank bank(sticks, *on.surface, weights);
        const auto without = [&](const StackWeights& judge) {
            return Screen(want, bank, judge).tried(black, {}, bank.all()).without;
        };
        QVERIFY(without(weights) > without(blind) + 0.5f);
    }
};

QTEST_GUILESS_MAIN(TestScreen)
#include "test_screen.moc"
