#include <QtTest>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/reflectance.h"
#include "numbers.h"
#include "pigment/patch.h"

using namespace pigment;
using colour::Lab;
using materials::Kind;
using materials::Surface;

namespace {

colour::Spectrum reflectance(const char* hex) {
    return colour::reflectanceFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex)));
}

Pigment pigmentOfHex(const char* hex, Kind kind) {
    materials::Material material;
    material.kind = kind;
    material.masstone = *colour::srgb8FromHex(hex);
    material.hardness = materials::usualHardness(kind);
    return pigmentOf(material);
}

/// A sheet on which strokes are laid by name.
struct Sheet {
    Patch patch;
    explicit Sheet(const char* paper, Surface surface = Surface::sanded400)
        : patch(barePatch(materials::profileOf(surface), reflectance(paper))) {}
    Sheet& lay(const char* hex, Kind kind, Manner manner, Pressure pressure) {
        const Pigment pigment = pigmentOfHex(hex, kind);
        pigment::lay(patch, {laysPigment(manner) ? &pigment : nullptr, manner, pressure});
        return *this;
    }
    Sheet& rub(Manner manner, Pressure pressure = Pressure::heavy) {
        pigment::lay(patch, {nullptr, manner, pressure});
        return *this;
    }
    Lab lab() const { return labOf(patch); }
};

Lab labOfHex(const char* hex) {
    return colour::labFromSrgb(colour::srgbFromSrgb8(*colour::srgb8FromHex(hex)));
}

colour::Spectrum randomSpectrum(Numbers& random) {
    colour::Spectrum s;
    for (int i = 0; i < colour::bandCount; ++i) s[i] = float(random.between(0.01, 0.97));
    return s;
}

constexpr const char* blue = "#2b4fa0";
constexpr const char* brown = "#6b3f22";

}  // namespace

class TestPigment : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    // ---- exact properties of the film: P. Kubelka, J. Opt. Soc. Am. 38 (1948) -----------------------------------

    void filmHasItsExactProperties() {
        Numbers random(11);
        for (int i = 0; i < 5000; ++i) {
            const colour::Spectrum ground = randomSpectrum(random);
            const colour::Spectrum masstone = randomSpectrum(random);
            const FilmConstants film = filmConstants(absorptionOverScatter(masstone));
            const float x = float(random.between(0.01, 3));
            QVERIFY((filmOver(film, 0.0f, ground) - ground).abs().maxCoeff() < 1e-6f);
            QVERIFY((filmOver(film, 500.0f, ground) - masstone).abs().maxCoeff() < 2e-4f);
            const colour::Spectrum once = filmOver(film, x, ground);
            QVERIFY((filmOver(film, x, once) - filmOver(film, 2 * x, ground)).abs().maxCoeff() < 2e-4f);
            QVERIFY(once.minCoeff() >= 0 && once.maxCoeff() <= 1);
            const colour::Spectrum thicker = filmOver(film, x * 1.5f, ground);
            QVERIFY(((thicker - masstone).abs() <= (once - masstone).abs() + 1e-4f).all());
        }
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

    void strokesKeepEveryCellInBounds() {
        Numbers random(13);
        std::vector<Pigment> pigments;
        for (int kind = 0; kind < 9; ++kind) pigments.push_back(pigmentOfHex(kind % 2 ? blue : brown, Kind(kind)));
        for (int i = 0; i < 2000; ++i) {
            Patch patch =
                barePatch(materials::profileOf(Surface(random.below(materials::surfaceCount))), randomSpectrum(random));
            for (int n = 0; n < 12; ++n) {
                const Manner manner = Manner(random.below(8));
                lay(patch,
                    {laysPigment(manner) ? &pigments[random.below(9)] : nullptr, manner, Pressure(random.below(3))});
                QVERIFY(patch.seen.minCoeff() >= 0 && patch.seen.maxCoeff() <= 1.0001f);
                QVERIFY(patch.seen.allFinite() && patch.beneath.allFinite());
                QVERIFY((patch.filled <= patch.capacity + 1e-4f).all() && (patch.filled >= 0).all());
                QVERIFY(patch.loose.minCoeff() >= 0);
            }
        }
    }

    // ---- facts of the trade: common practice, no source ------------------------------------------------------------

    void lightBlueOnRedOrangeLooksPurpleHeavyLooksBlue() {
        const char* paper = "#c2502c";
        const Lab light = Sheet(paper).lay(blue, Kind::soft, Manner::scumble, Pressure::light).lab();
        const Lab heavy = Sheet(paper).lay(blue, Kind::soft, Manner::scumble, Pressure::heavy).lab();
        const double purple = 330;
        QVERIFY(colour::hueDistance(colour::hue(light), purple) <
                colour::hueDistance(colour::hue(light), colour::hue(labOfHex(paper))));
        QVERIFY(colour::hueDistance(colour::hue(light), purple) <
                colour::hueDistance(colour::hue(light), colour::hue(labOfHex(blue))));
        QVERIFY(colour::hueDistance(colour::hue(heavy), colour::hue(labOfHex(blue))) <
                colour::hueDistance(colour::hue(heavy), purple));
    }

    void skyBlueTurnsGreenOnCreamYellow() {
        const char* sky = "#7fb2dc";
        const double own = colour::hue(labOfHex(sky));
        // Towards green is towards a smaller hue angle.
        const auto shift = [&](const char* paper, Kind kind, Manner manner, Pressure pressure) {
            return own - colour::hue(Sheet(paper).lay(sky, kind, manner, pressure).lab());
        };
        const double cream = shift("#ecd98f", Kind::soft, Manner::scumble, Pressure::medium);
        QVERIFY(cream > 5);
        for (const char* paper : {"#808080", "#6f5a45", "#8a5a3a"})
            QVERIFY(std::fabs(shift(paper, Kind::soft, Manner::scumble, Pressure::medium)) < cream / 2 ||
                    shift(paper, Kind::soft, Manner::scumble, Pressure::medium) < 0);
        QVERIFY(shift("#ecd98f", Kind::pencil, Manner::hatch, Pressure::medium) > cream);
        QVERIFY(shift("#ecd98f", Kind::pan, Manner::press, Pressure::heavy) < cream);
    }

    void brownBlendedWithDarkBlueIsDarkAndNearNeutral() {
        const char* darkBlue = "#22306b";
        const Lab mixed = Sheet("#8a7f74")
                              .lay(brown, Kind::soft, Manner::press, Pressure::heavy)
                              .lay(darkBlue, Kind::soft, Manner::scumble, Pressure::heavy)
                              .rub(Manner::blend)
                              .lab();
        QVERIFY(mixed.L < 38);
        QVERIFY(colour::chroma(mixed) < colour::chroma(labOfHex(brown)));
        QVERIFY(colour::chroma(mixed) < colour::chroma(labOfHex(darkBlue)));
    }

    void orangeHatchedWithBlueUnderWhiteIsLightAndNearNeutral() {
        const Lab lab = Sheet("#c8c4bc")
                            .lay("#e0752a", Kind::soft, Manner::hatch, Pressure::light)
                            .lay("#2f62b5", Kind::soft, Manner::hatch, Pressure::light)
                            .lay("#f6f4ee", Kind::soft, Manner::scumble, Pressure::heavy)
                            .lab();
        QVERIFY(lab.L > 75);
        QVERIFY(colour::chroma(lab) < 10);
    }

    void complementsLowerChroma() {
        const auto over = [](const char* below, const char* above) {
            Sheet sheet("#8a7f74");
            const double before = colour::chroma(sheet.lay(below, Kind::soft, Manner::press, Pressure::heavy).lab());
            return std::pair(before,
                             colour::chroma(sheet.lay(above, Kind::soft, Manner::scumble, Pressure::light).lab()));
        };
        for (const auto& [below, above] :
             {std::pair("#c03028", "#67672f"), std::pair("#3f9a3c", "#6b3a86"), std::pair("#3f9a3c", "#7d4026")}) {
            const auto [before, after] = over(below, above);
            QVERIFY2(after < before, above);
        }
    }

    void yellowOverBlackOverYellowIsADarkerYellow() {
        const char* yellow = "#edc32a";
        Sheet sheet("#8a7f74");
        const Lab first = sheet.lay(yellow, Kind::soft, Manner::press, Pressure::medium).lab();
        sheet.lay("#1d1c1c", Kind::soft, Manner::scumble, Pressure::light);
        const Lab again = sheet.lay(yellow, Kind::soft, Manner::scumble, Pressure::medium).lab();
        QVERIFY(again.L < first.L - 3);
        QVERIFY(colour::hue(again) > 65 && colour::hue(again) < 110 && colour::chroma(again) > 20);
    }

    void bothEndsShowOnAMidTone() {
        const auto value = [](const Lab& lab) { return colour::munsellValueOfLightness(lab.L); };
        const auto steps = [&](const char* paper, const char* stick) {
            return std::fabs(value(Sheet(paper).lay(stick, Kind::soft, Manner::press, Pressure::heavy).lab()) -
                             value(labOfHex(paper)));
        };
        QVERIFY(steps("#f4f2ec", "#f6f5f1") < 0.3);
        QVERIFY(steps("#1f1e1e", "#1d1c1c") < 0.3);
        QVERIFY(steps("#8a7f74", "#f6f5f1") > 3 && steps("#8a7f74", "#1d1c1c") > 3);
    }

    void roughSheetsTakeMoreLayersThanCartridge() {
        const auto layers = [](Surface surface) {
            Sheet sheet("#8a7f74", surface);
            const auto laid = [&] {
                const double before = sheet.patch.filled.mean();
                sheet.lay(brown, Kind::soft, Manner::press, Pressure::medium);
                return sheet.patch.filled.mean() - before;
            };
            // Until less than half of what the first layer left will hold.
            const double first = laid();
            int count = 1;
            while (laid() > first / 2 && count < 100) ++count;
            return count;
        };
        QVERIFY(layers(Surface::sanded400) > layers(Surface::cartridge));
        QVERIFY(layers(Surface::honeycombRough) > layers(Surface::cartridge));
    }

    void aPencilHoldsBadlyOnThickLoosePastel() {
        const auto deposited = [](const std::function<void(Sheet&)>& prepare) {
            Sheet sheet("#8a7f74");
            prepare(sheet);
            const double before = sheet.patch.filled.mean();
            sheet.lay("#f6f5f1", Kind::pencil, Manner::hatch, Pressure::medium);
            return sheet.patch.filled.mean() - before;
        };
        const auto thick = [](Sheet& s) {
            for (int i = 0; i < 2; ++i) s.lay(brown, Kind::soft, Manner::scumble, Pressure::heavy);
        };
        const double bare = deposited([](Sheet&) {});
        const double loose = deposited(thick);
        const double blendedIn = deposited([&](Sheet& s) {
            thick(s);
            s.rub(Manner::blend);
        });
        QVERIFY(loose < 0.5 * bare);
        QVERIFY(loose < blendedIn);
    }

    void fixativeDarkensAndGivesToothBack() {
        Sheet sheet("#8a7f74");
        for (int i = 0; i < 6; ++i) sheet.lay("#c8a888", Kind::soft, Manner::scumble, Pressure::heavy);
        const double used = toothUsed(sheet.patch);
        const double L = sheet.lab().L;
        sheet.rub(Manner::fix, Pressure::medium);
        QVERIFY(sheet.lab().L < L);
        QVERIFY(toothUsed(sheet.patch) < used);
        QCOMPARE(looseLoad(sheet.patch), 0.0);
    }

    void liftingBringsBackWhatLiesBelow() {
        Sheet sheet("#f0ede6");
        sheet.lay("#5570b0", Kind::soft, Manner::scumble, Pressure::light);
        const double dark = sheet.lab().L;
        sheet.rub(Manner::lift);
        QVERIFY(sheet.lab().L > dark);
    }

    void aTransparentWashHardlyShowsOnADarkPaperButGouacheDoes() {
        const auto change = [](Kind kind) {
            const char* paper = "#4f3d33";
            return colour::differenceCie2000(labOfHex(paper),
                                             Sheet(paper).lay("#5c93c8", kind, Manner::wash, Pressure::medium).lab());
        };
        QVERIFY(change(Kind::gouache) > 2 * change(Kind::watercolour));
    }
};

QTEST_GUILESS_MAIN(TestPigment)
#include "test_pigment.moc"
