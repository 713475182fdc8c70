#include <QtTest>
#include <algorithm>
#include <cmath>
#include <functional>

#include "materials/hazards.h"
#include "materials/names.h"

using namespace materials;

class TestMaterials : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void namesTurnBack() {
        for (int i = 0; i < 9; ++i) QCOMPARE(kindNamed(nameOf(Kind(i))), std::optional(Kind(i)));
        for (int i = 0; i < surfaceCount; ++i) QCOMPARE(surfaceNamed(nameOf(Surface(i))), std::optional(Surface(i)));
        for (int i = 0; i < 3; ++i) QCOMPARE(waterNamed(nameOf(Water(i))), std::optional(Water(i)));
        QVERIFY(!kindNamed("crayon") && !surfaceNamed("sand") && !waterNamed("maybe"));
    }

    /// Common practice, no source: sanded takes the most layers, cartridge the fewest.
    void surfacesAreOrderedAsTheTradeKnowsThem() {
        const double sanded = meanCapacity(profileOf(Surface::sanded400));
        const double cartridge = meanCapacity(profileOf(Surface::cartridge));
        for (int i = 0; i < surfaceCount; ++i) {
            const double capacity = meanCapacity(profileOf(Surface(i)));
            QVERIFY(capacity <= sanded && capacity >= cartridge);
        }
        QVERIFY(meanDepth(profileOf(Surface::honeycombRough)) > meanDepth(profileOf(Surface::honeycombSmooth)));
    }

    void bearingCurvesTurnBack() {
        for (int i = 0; i < surfaceCount; ++i) {
            const SurfaceProfile& profile = profileOf(Surface(i));
            QVERIFY(std::ranges::is_sorted(profile.depths, std::less_equal{}));
            double sum = 0;
            for (int k = 0; k < 1000; ++k) {
                const double share = (k + 0.5) / 1000;
                QVERIFY(std::fabs(shareAbove(profile, depthAt(profile, share)) - share) < 1e-9);
                sum += depthAt(profile, share) / 1000;
            }
            QVERIFY(std::fabs(sum - meanDepth(profile)) < 0.05);
            QCOMPARE(shareAbove(profile, -1), 0.0);
            QCOMPARE(shareAbove(profile, 1000), 1.0);
        }
        // Source: ISO 6344: median grain 35 and 25.8 micrometres for P400 and P600 (from memory); the sheets scale so.
        const double ratio = meanDepth(profileOf(Surface::sanded600)) / meanDepth(profileOf(Surface::sanded400));
        QVERIFY(std::fabs(ratio - 25.8 / 35) < 0.02);
    }

    /// Common practice, no source: the same pressure covers more of a flat sheet than of a rough one, and the wells of
    /// honeycomb stay open when its walls have long been covered.
    void pressureTurnsIntoCoverageByTheSurface() {
        const auto covered = [](Surface surface, double depth) {
            const SurfaceProfile& profile = profileOf(surface);
            return shareAbove(profile, reachOn(profile, depth));
        };
        constexpr double light = 28.5, heavy = 54;  // micrometres on sanded 400
        QVERIFY(std::fabs(covered(Surface::sanded400, light) - 0.35) < 1e-9);
        QVERIFY(std::fabs(covered(Surface::sanded400, heavy) - 0.9) < 1e-9);
        QVERIFY(covered(Surface::cartridge, light) > covered(Surface::sanded400, light));
        QVERIFY(covered(Surface::honeycombRough, light) > covered(Surface::sanded400, light));
        QVERIFY(covered(Surface::honeycombRough, heavy) < covered(Surface::sanded400, heavy) - 0.1);
        QVERIFY(covered(Surface::honeycombSmooth, heavy) > covered(Surface::honeycombRough, heavy));
    }

    /// Compositions of the Colour Index's pigments, from memory.
    void hazardsFollowFromTheColourIndex() {
        using Names = std::vector<std::string>;
        QCOMPARE(hazardsOf({"PR108"}), Names{"cadmium"});
        QCOMPARE(hazardsOf({"pr 108:1", "PW6"}), Names{"cadmium"});
        QCOMPARE(hazardsOf({"PB28", "PG18", "PBr7"}), (Names{"cobalt", "chromium", "manganese"}));
        QCOMPARE(hazardsOf({"PG50"}), (Names{"cobalt", "nickel"}));
        QCOMPARE(hazardsOf({"PY34"}), (Names{"chromium", "lead"}));
        for (const char* harmless :
             {"PW6", "PR101", "PY43", "PB29", "PB15:3", "PV19", "PBk7", "", "nonsense", "PR1080"})
            QVERIFY2(hazardsOf({harmless}).empty(), harmless);
    }

    void wetAndDryAreTold() {
        for (const Kind kind : {Kind::soft, Kind::hard, Kind::pencil, Kind::pan, Kind::charcoal}) QVERIFY(!isWet(kind));
        for (const Kind kind : {Kind::watercolour, Kind::gouache, Kind::acrylic, Kind::ink}) QVERIFY(isWet(kind));
        QVERIFY(usualHardness(Kind::pencil) > usualHardness(Kind::hard));
        QVERIFY(usualHardness(Kind::hard) > usualHardness(Kind::soft));
    }

    void aLibraryFindsById() {
        Library library;
        library.media = {{"a", "", "", Kind::soft, {}, 1, 0.1, {}, "", {}},
                         {"b", "", "", Kind::pan, {}, 1, 0.1, {}, "", {}}};
        library.papers = {{"p", "", "", Surface::laid, {}, Water::none}};
        QCOMPARE(library.medium("b")->kind, Kind::pan);
        QVERIFY(!library.medium("c") && !library.paper("a"));
        QCOMPARE(library.paper("p")->surface, Surface::laid);
    }
};

QTEST_GUILESS_MAIN(TestMaterials)
#include "test_materials.moc"
