#include <tbb/global_control.h>

#include <QtTest>
#include <cmath>
#include <cstring>
#include <random>

#include "allocations.h"
#include "colour/difference.h"
#include "common/parallel.h"
#include "numbers.h"
#include "pigment/hand.h"
#include "pigment/tones.h"
#include "swatch.h"
#include "worked.h"

using namespace pigment;
using materials::Kind;
using materials::Surface;

namespace {

colour::Spectrum randomSpectrum(Numbers& random) {
    colour::Spectrum s;
    for (int i = 0; i < colour::bandCount; ++i) s[i] = float(random.between(0.01, 0.97));
    return s;
}

/// A pigment of random masstone; wet ones are laid evenly and held whole, as a film of the formula is.
Pigment randomPaint(Numbers& random, colour::Spectrum& masstone) {
    Pigment paint = Swatch::pigmentOf("#808080", Kind::gouache);
    masstone = randomSpectrum(random);
    paint.scatter.setConstant(float(random.between(0.2, 5)));
    paint.absorb = paint.scatter * absorptionOverScatter(masstone);
    paint.root = (paint.absorb * (paint.absorb + 2.0f * paint.scatter)).sqrt();
    return paint;
}

Pigment randomPigment(Numbers& random) {
    const colour::Srgb8 c{std::uint8_t(random.below(256)), std::uint8_t(random.below(256)),
                          std::uint8_t(random.below(256))};
    return Swatch::pigmentOf(QString::fromStdString(colour::hexFromSrgb8(c)), Kind(random.below(9)));
}

Patch randomPatch(Numbers& random) {
    return barePatch(materials::profileOf(Surface(random.below(materials::surfaceCount))), randomSpectrum(random));
}

/// Any of the eight manners, alcohol among them.
Stroke randomStroke(Numbers& random, const std::vector<Pigment>& pigments) {
    const Manner manner = Manner(random.below(8));
    const bool lays = laysPigment(manner) && !(manner == Manner::wash && random.below(4) == 0);
    return {lays ? &pigments[std::size_t(random.below(int(pigments.size())))] : nullptr, manner,
            Pressure{float(1 + random.below(3))}};
}

std::vector<Pigment> someOfEveryKind() {
    Numbers random(40);
    std::vector<Pigment> pigments;
    for (int i = 0; i < 40; ++i) pigments.push_back(randomPigment(random));
    return pigments;
}

Stroke wash(const Pigment& paint, float amount) {
    return {&paint, Manner::wash, Pressure::medium, amount};
}

float furthest(const Patch& patch, const colour::Spectrum& from) {
    return (patch.seen.rowwise() - from.transpose()).abs().maxCoeff();
}

}  // namespace

/// What must hold exactly (P. Kubelka, J. Opt. Soc. Am. 38, 1948), over random patches with a history of strokes.
namespace {

constexpr auto d65 = colour::Light::daylight65;

}  // namespace

class TestFilm : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What strokes of every kind, manner and pressure give on every surface, as it was looked at.
    void strokesAreAsTheyWereLookedAt() {
        Worked worked;
        const auto add = [&](const QString& written) {
            const Swatch swatch(written);
            worked.line(written).figures(swatch.lab());
            worked.figure(toothUsed(swatch.patch)).figure(looseLoad(swatch.patch)).figure(speckle(swatch.patch));
            worked.figure(swatch.lastDeposit);
        };
        for (const char* kind : {"soft", "hard", "pencil", "pan", "charcoal"})
            for (const char* manner : {"scumble", "hatch", "press", "dab"})
                for (const char* pressure : {"light", "medium", "heavy"})
                    add(QStringLiteral("#8a7f74: #b5522c %1 %2 %3").arg(kind, manner, pressure));
        for (const char* kind : {"watercolour", "gouache", "acrylic", "ink"})
            for (const char* how : {"light", "heavy", "medium wet"})
                add(QStringLiteral("#e8e2d4: #2f4a6e %1 wash %2").arg(kind, how));
        for (int i = 0; i < materials::surfaceCount; ++i) {
            const QString surface = QString::fromUtf8(nameOf(Surface(i)).data());
            add(QStringLiteral("#6a6f78 %1: #e0b070 soft scumble medium x2; #30343c pencil hatch heavy").arg(surface));
            add(QStringLiteral("#6a6f78 %1: #e0b070 hard press light; #3c4250 soft hatch light x3").arg(surface));
        }
        for (const char* tool : {"blend light", "blend medium", "blend heavy", "lift light", "lift medium",
                                 "lift heavy", "fix light", "fix medium", "fix heavy", "alcohol"})
            add(QStringLiteral("#c2ab86: #7a2c20 soft scumble heavy; %1; #f4f2ee soft dab light").arg(tool));
        // Touches lighter than light.
        for (const Manner manner : {Manner::blend, Manner::lift, Manner::fix}) {
            pigment::Patch patch = Swatch("#c2ab86: #7a2c20 soft scumble heavy").patch;
            lay(patch, {nullptr, manner, Pressure{0.4f}});
            worked.line("touched").figures(labOf(patch, d65)).figure(toothUsed(patch)).figure(looseLoad(patch));
        }
        QCOMPARE(worked.against(TEST_OWN "/pigment/worked/strokes.txt"), QString());
    }

    void filmsOnPatchesHaveTheirExactProperties() {
        Numbers random(11);
        const std::vector<Pigment> pigments = someOfEveryKind();
        for (int i = 0; i < 5000; ++i) {
            Patch patch = randomPatch(random);
            for (int n = random.below(4); n > 0; --n) lay(patch, randomStroke(random, pigments));
            colour::Spectrum masstone;
            const Pigment paint = randomPaint(random, masstone);
            const auto laid = [&](std::initializer_list<float> amounts) {
                Patch copy = patch;
                for (const float amount : amounts) lay(copy, wash(paint, amount));
                return copy;
            };
            const float x = float(random.between(0.01, 3));
            QVERIFY((laid({0}).seen - patch.seen).abs().maxCoeff() < 1e-6f);
            QVERIFY(furthest(laid({5000}), masstone) < 5e-4f);
            QVERIFY((laid({x, x}).seen - laid({2 * x}).seen).abs().maxCoeff() < 2e-4f);
            const Patch once = laid({x}), more = laid({1.5f * x});
            QVERIFY(once.seen.minCoeff() >= 0 && once.seen.maxCoeff() <= 1);
            const auto away = [&](const Patch& p) { return (p.seen.rowwise() - masstone.transpose()).abs().eval(); };
            QVERIFY((away(more) <= away(once) + 1e-4f).all());
        }
    }

    void strokesKeepEveryCellInBounds() {
        Numbers random(13);
        const std::vector<Pigment> pigments = someOfEveryKind();
        for (int i = 0; i < 2000; ++i) {
            Patch patch = randomPatch(random);
            for (int n = 0; n < 12; ++n) {
                lay(patch, randomStroke(random, pigments));
                QVERIFY(patch.seen.minCoeff() >= 0 && patch.seen.maxCoeff() <= 1.0001f);
                QVERIFY(patch.seen.allFinite() && patch.beneath.allFinite());
                QVERIFY((patch.filled <= patch.capacity + 1e-4f).all() && (patch.filled >= 0).all());
                QVERIFY(patch.loose.minCoeff() >= 0 && patch.looseScatter.minCoeff() >= 0);
            }
        }
    }

    void coloursDoNotDependOnThreads() {
        const std::vector<Pigment> pigments = someOfEveryKind();
        const auto painted = [&](std::size_t threads) {
            const tbb::global_control limit(tbb::global_control::max_allowed_parallelism, threads);
            std::vector<Patch> patches(3000);
            common::forEachIndex(3000, [&](int i) {
                Numbers random(unsigned(1000 + i));
                patches[std::size_t(i)] = randomPatch(random);
                for (int n = 0; n < 6; ++n) lay(patches[std::size_t(i)], randomStroke(random, pigments));
            });
            return patches;
        };
        const auto one = painted(1), two = painted(2), four = painted(4);
        for (std::size_t i = 0; i < one.size(); ++i)
            for (const auto* other : {&two[i], &four[i]})
                QCOMPARE(std::memcmp(&one[i].seen, &other->seen, sizeof one[i].seen), 0);
    }

    /// A paper whose tooth holds more fills more slowly; one that takes more off a stick shows the stroke more, and is
    /// as full in the end. A usual one is the surface's own.
    void papersHoldAndGripAsTheyAreSaidTo() {
        materials::Paper usual;
        usual.tone = {138, 127, 116};
        materials::Material dark;
        dark.masstone = {30, 40, 60};
        const Pigment soft = pigmentOf(dark);
        const Pigment* stick = &soft;
        const auto laid = [&](double capacity, double grip, int layers) {
            materials::Paper paper = usual;
            paper.capacity = capacity;
            paper.grip = grip;
            Patch patch = barePatch(paper);
            for (int i = 0; i < layers; ++i) lay(patch, {stick, Manner::scumble, Pressure::medium});
            return patch;
        };
        const auto lightness = [](const Patch& patch) { return labOf(patch, colour::Light::daylight65).L; };
        const Patch bySurface = barePatch(materials::profileOf(usual.surface),
                                          colour::reflectanceFromSrgb(colour::srgbFromSrgb8(usual.tone)));
        QCOMPARE(toothUsed(laid(1, 1, 0)), toothUsed(bySurface));
        QVERIFY((barePatch(usual).capacity == bySurface.capacity).all());
        QVERIFY(toothUsed(laid(1.5, 1, 1)) < toothUsed(laid(1, 1, 1)) / 1.4);
        QVERIFY(toothUsed(laid(1, 1.4, 1)) > toothUsed(laid(1, 1, 1)) * 1.3);
        QVERIFY(std::fabs(toothUsed(laid(1, 1.4, 40)) - toothUsed(laid(1, 1, 60))) < 0.05);
        // A pencil's layer is thin enough to be seen through.
        materials::Material light;
        light.kind = materials::Kind::pencil;
        light.masstone = {232, 226, 214};
        const Pigment pencil = pigmentOf(light);
        stick = &pencil;
        QVERIFY(lightness(laid(1, 1.4, 1)) > lightness(laid(1, 1, 1)) + 1);
        QVERIFY(lightness(laid(1, 0.6, 1)) < lightness(laid(1, 1, 1)) - 1);
        // Wet paint flows: it does not ask for grip.
        dark.kind = materials::Kind::gouache;
        const Pigment paint = pigmentOf(dark);
        materials::Paper grippy = usual;
        grippy.grip = 1.5;
        Patch one = barePatch(usual), other = barePatch(grippy);
        lay(one, {&paint, Manner::wash, Pressure::medium});
        lay(other, {&paint, Manner::wash, Pressure::medium});
        QCOMPARE(lightness(one), lightness(other));
    }

    void strokesNeverAllocate() {
        if (!allocationsAreCounted) QSKIP("the sanitizer has its own allocator");
        Numbers random(14);
        const std::vector<Pigment> pigments = someOfEveryKind();
        Patch patch = randomPatch(random);
        labOf(patch, d65);  // the first call makes the tables of the light
        const long before = allocations();
        for (int i = 0; i < 10000; ++i) {
            lay(patch, randomStroke(random, pigments));
            if (labOf(patch, d65).L < 0) QFAIL("darker than black");
        }
        QCOMPARE(allocations(), before);
        const std::vector<int> counted(before > 0 ? 1000 : 10);
        QVERIFY(allocations() > before && !counted.empty());
    }

    void absorptionTurnsBackIntoTheMasstone() {
        Numbers random(12);
        for (int i = 0; i < 1000; ++i) {
            const colour::Spectrum masstone = randomSpectrum(random);
            const colour::Spectrum ks = absorptionOverScatter(masstone);
            const colour::Spectrum back = 1.0f + ks - (ks * (ks + 2.0f)).sqrt();
            QVERIFY((back - masstone).abs().maxCoeff() < 1e-3f);
        }
    }

    // ---- K and S from readings ------------------------------------------------------------------------------------

    void readingsOverTwoGroundsGiveTheFilmBack() {
        Numbers random(15);
        for (int i = 0; i < 2000; ++i) {
            Readings readings;
            readings.white.setConstant(0.92f);
            readings.black.setConstant(0.04f);
            colour::Spectrum absorb, scatter;
            for (int b = 0; b < colour::bandCount; ++b) {
                absorb[b] = float(std::exp(random.between(-4, 1)));
                scatter[b] = float(random.between(0.1, 2.5));
            }
            readings.overWhite = filmOver(absorb, scatter, readings.white);
            readings.overBlack = filmOver(absorb, scatter, readings.black);
            const FilmPowers powers = powersFromReadings(readings);
            const colour::Spectrum ground = randomSpectrum(random);
            const colour::Spectrum want = filmOver(absorb, scatter, ground);
            const colour::Spectrum got = filmOver(powers.absorb, powers.scatter, ground);
            QVERIFY2((want - got).abs().maxCoeff() < 1e-3f, qPrintable(QString::number((want - got).abs().maxCoeff())));
            // Where the film hides, only the masstone can be told.
            const auto hides = 0.5f * (absorb + scatter > 1.5f).cast<float>() * scatter;
            QVERIFY(((powers.scatter - scatter).abs() < 0.01f + 0.05f * scatter + hides).all());
        }
    }

    void aHidingSwatchIsItsMasstone() {
        Numbers random(16);
        for (int i = 0; i < 500; ++i) {
            const colour::Spectrum masstone = randomSpectrum(random);
            const Readings readings{masstone, masstone, colour::Spectrum::Constant(0.9f),
                                    colour::Spectrum::Constant(0.03f)};
            const FilmPowers powers = powersFromReadings(readings);
            QVERIFY((filmOver(powers.absorb, powers.scatter, randomSpectrum(random)) - masstone).abs().maxCoeff() <
                    0.02f);
        }
    }

    void readingsThatNoFilmGivesStayFinite() {
        Numbers random(17);
        for (int i = 0; i < 2000; ++i) {
            const Readings readings{randomSpectrum(random), randomSpectrum(random),
                                    colour::Spectrum::Constant(float(random.between(0.5, 1))),
                                    colour::Spectrum::Constant(float(random.between(0, 0.1)))};
            const FilmPowers powers = powersFromReadings(readings);
            QVERIFY(powers.absorb.allFinite() && powers.scatter.allFinite());
            QVERIFY(powers.absorb.minCoeff() >= 0 && powers.scatter.minCoeff() >= 0);
        }
    }

    /// A stick read at medium pressure over white and over black and then laid so by a wet film gives those readings
    /// again, and its transparency shows where the masstone alone would hide.
    void aPigmentFromReadingsLaysWhatWasRead() {
        const colour::Spectrum white = Swatch::reflectance("#f6f5f2"), black = Swatch::reflectance("#1a1a1a");
        const Readings readings{Swatch::reflectance("#9fb4c8"), Swatch::reflectance("#4a5a70"), white, black};
        materials::Material material;
        material.kind = Kind::gouache;
        const Pigment pigment = pigmentOf(material, readings, Pressure::medium);
        for (const auto& [ground, want] :
             {std::pair(white, readings.overWhite), std::pair(black, readings.overBlack)}) {
            Patch patch = barePatch(materials::profileOf(Surface::cartridge), ground);
            lay(patch, {&pigment, Manner::wash, Pressure::medium});
            QVERIFY(furthest(patch, want) < 2e-3f);
        }
        material.masstone = *colour::srgb8FromHex("#9fb4c8");
        Patch hidden = barePatch(materials::profileOf(Surface::cartridge), black);
        const Pigment fromMasstone = pigmentOf(material);
        lay(hidden, {&fromMasstone, Manner::wash, Pressure::medium});
        QVERIFY(labOf(hidden, d65).L > colour::labOfReflectance(readings.overBlack, d65).L + 5);
    }

    // ---- the hand ---------------------------------------------------------------------------------------------------

    /// Against 4,000 draws from the normal distribution.
    void theHandsSpreadIsThatOfManyDraws() {
        std::mt19937 engine(18);
        std::normal_distribution<float> normal(0, 0.12f);
        const Patch patch = Swatch("#d8a060: #c03028 soft scumble light").patch;
        const Pigment blue = Swatch::pigmentOf("#2b4fa0", Kind::soft);
        for (const Manner manner : {Manner::scumble, Manner::hatch, Manner::press, Manner::dab}) {
            const Stroke stroke{&blue, manner, Pressure::light};
            const StrokeSpread spread = spreadOf(patch, stroke, 0.12, d65);
            double sum = 0, squares = 0, differences = 0;
            Patch sure = patch;
            lay(sure, stroke);
            constexpr int draws = 4000;
            for (int i = 0; i < draws; ++i) {
                Patch copy = patch;
                Stroke varied = stroke;
                varied.amountFactor = std::max(0.0f, 1 + normal(engine));
                varied.coverageFactor = std::max(0.0f, 1 + normal(engine));
                lay(copy, varied);
                const double L = labOf(copy, d65).L;
                differences += colour::differenceCie2000(labOf(sure, d65), labOf(copy, d65)) / draws;
                sum += L;
                squares += L * L;
            }
            const double mean = sum / draws, deviation = std::sqrt(squares / draws - mean * mean);
            QVERIFY2(std::fabs(spread.mean.L - mean) < 0.1 + 0.25 * deviation, nameOf(manner).data());
            QVERIFY2(std::fabs(spread.deviation.L - deviation) < 0.25 * deviation + 0.05, nameOf(manner).data());
            // Four hands for thousands: the mean distance from the sure one is as great within two fifths.
            QVERIFY2(spread.difference > 0.6 * differences && spread.difference < 1.6 * differences,
                     qPrintable(QStringLiteral("%1, drawn %2").arg(spread.difference).arg(differences)));
        }
    }

    void aSureHandHasNoSpread() {
        const Pigment blue = Swatch::pigmentOf("#2b4fa0", Kind::soft);
        const Patch paper = Swatch("#d8a060").patch;
        const StrokeSpread sure = spreadOf(paper, {&blue, Manner::scumble, Pressure::medium}, 0, d65);
        QVERIFY(sure.deviation.L < 1e-6 && sure.difference < 1e-6);
        const StrokeSpread onItself =
            spreadOf(Swatch("#2b4fa0").patch, {&blue, Manner::scumble, Pressure::medium}, usualHandSpread, d65);
        QVERIFY(onItself.difference < 0.2);
        // The further the paper from the stick, the more the hand shows.
        const Stroke light{&blue, Manner::scumble, Pressure::light};
        QVERIFY(spreadOf(paper, light, usualHandSpread, d65).difference >
                2 * spreadOf(Swatch("#3a5590").patch, light, usualHandSpread, d65).difference);
    }

    /// Pressure is a number with three names; what it lays and covers rises from nothing to heavy.
    void pressureIsANumberWithThreeNames() {
        for (const char* name : {"none", "light", "medium", "heavy"}) QCOMPARE(nameOf(*pressureNamed(name)), name);
        QCOMPARE(pressureFactor(Pressure::none), 0.0f);
        QCOMPARE(pressureFactor(Pressure::light), 0.4f);
        QCOMPARE(pressureFactor(Pressure::medium), 0.8f);
        QCOMPARE(pressureFactor(Pressure::heavy), 1.6f);
        QCOMPARE(nameOf(Pressure{1.4f}), "light");
        QCOMPARE(nameOf(Pressure{1.6f}), "medium");
        const Pigment blue = Swatch::pigmentOf("#2b4fa0", materials::Kind::soft);
        for (const Manner manner : {Manner::scumble, Manner::hatch, Manner::press, Manner::dab, Manner::wash}) {
            float covered = -1, amount = -1;
            for (float p = 0; p <= 3.001f; p += 0.125f) {
                const Stroke stroke{&blue, manner, Pressure{p}};
                const float nowCovered = coverages(stroke, materials::profileOf(materials::Surface::sanded600)).mean();
                const float nowAmount = offerOf(stroke).amount;
                QVERIFY(nowCovered >= covered - 1e-6f && nowAmount >= amount);
                covered = nowCovered;
                amount = nowAmount;
            }
        }
    }

    /// Every manner, the tools too, leaves a patch as it is at no pressure, and changes it the less the nearer to none.
    void noPressureLaysNothing() {
        const Pigment blue = Swatch::pigmentOf("#2b4fa0", materials::Kind::soft);
        const Swatch under("#c2ab86: #8f4a24 soft scumble heavy");
        for (int m = 0; m < mannerCount; ++m) {
            const Manner manner = Manner(m);
            const auto after = [&](float pressure) {
                Patch patch = under.patch;
                lay(patch, {laysPigment(manner) ? &blue : nullptr, manner, Pressure{pressure}});
                return patch;
            };
            QVERIFY((after(0).seen == under.patch.seen).all() && (after(0).filled == under.patch.filled).all());
            const auto change = [&](float pressure) { return (after(pressure).seen - under.patch.seen).abs().sum(); };
            QVERIFY2(change(0.02f) < 0.4f * change(1) + 1e-4f, nameOf(manner).data());
        }
    }

    /// Tones by their numbers are what laying the strokes one by one gives; some of them are the same as among all.
    void tonesAreWhatTheirPressuresGive() {
        const Pigment blue = Swatch::pigmentOf("#2b4fa0", materials::Kind::soft);
        const Pigment ochre = Swatch::pigmentOf("#c08a3c", materials::Kind::pencil);
        const std::vector<Stroke> strokes{{&blue, Manner::scumble}, {nullptr, Manner::blend}, {&ochre, Manner::hatch}};
        const Patch paper = Swatch("#8a7f74").patch;
        std::vector<Patch> all;
        forEachTone(paper, strokes, [&](int tone, const Patch& patch) {
            QCOMPARE(tone, int(all.size()));
            all.push_back(patch);
        });
        QCOMPARE(int(all.size()), toneCount(3));
        for (int tone = 0; tone < toneCount(3); ++tone) {
            Patch patch = paper;
            for (int i = 0; i < 3; ++i) {
                Stroke stroke = strokes[std::size_t(i)];
                stroke.pressure = Pressure{float(pressureIn(tone, i, 3))};
                lay(patch, stroke);
            }
            QVERIFY((patch.seen == all[std::size_t(tone)].seen).all());
        }
        const std::vector<int> some{0, 5, 6, 21, 63};
        std::vector<int> visited;
        forTones(paper, strokes, some, [&](int tone, const Patch& patch) {
            visited.push_back(tone);
            QVERIFY((patch.seen == all[std::size_t(tone)].seen).all());
        });
        QCOMPARE(visited, some);
    }

    /// Between the levels the tones around have parts that add up to 1, keep the mean pressure, and never jump.
    void tonesAreMixedWithoutAJump() {
        Numbers random(91);
        for (int round = 0; round < 2000; ++round) {
            std::array<float, 4> at{};
            for (float& p : at) p = random.below(3) == 0 ? float(random.below(4)) : float(random.between(0, 3));
            const ToneMix<4> mix(at.data(), 4);
            std::array<float, 4> mean{};
            float sum = 0;
            for (int i = 0; i < mix.count; ++i) {
                const float part = mix.parts[std::size_t(i)];
                QVERIFY(part >= 0 && mix.count <= 5);
                sum += part;
                for (int k = 0; k < 4; ++k)
                    mean[std::size_t(k)] += part * float(pressureIn(mix.tones[std::size_t(i)], k, 4));
            }
            QVERIFY(std::fabs(sum - 1) < 1e-5f);
            for (std::size_t k = 0; k < 4; ++k) QVERIFY(std::fabs(mean[k] - at[k]) < 1e-4f);
        }
    }
};

QTEST_GUILESS_MAIN(TestFilm)
#include "test_film.moc"
