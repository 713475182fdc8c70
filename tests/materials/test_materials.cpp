#include <QtTest>
#include <algorithm>
#include <cmath>
#include <functional>
#include <set>

#include "materials/doubles.h"
#include "materials/families.h"
#include "materials/hazards.h"
#include "materials/names.h"
#include "materials/stock.h"

using namespace materials;
using Srgb = std::array<std::uint8_t, 3>;

class TestMaterials : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void namesTurnBack() {
        for (int i = 0; i < 9; ++i) QCOMPARE(kindNamed(nameOf(Kind(i))), std::optional(Kind(i)));
        for (int i = 0; i < surfaceCount; ++i) QCOMPARE(surfaceNamed(nameOf(Surface(i))), std::optional(Surface(i)));
        for (int i = 0; i < 3; ++i) QCOMPARE(waterNamed(nameOf(Water(i))), std::optional(Water(i)));
        QVERIFY(!kindNamed("crayon") && !surfaceNamed("sand") && !waterNamed("maybe"));
    }

    /// By pigment where one is said (Colour Index generic names, from memory), else by the look.
    void familiesOfColours() {
        const auto family = [](Srgb look, std::vector<std::string> pigments) {
            Material medium;
            medium.masstone = {look[0], look[1], look[2]};
            medium.pigments = std::move(pigments);
            return familyOf(medium);
        };
        QCOMPARE(family({154, 63, 40}, {"PR101"}), ColourFamily::earths);
        QCOMPARE(family({218, 182, 92}, {"PY43", "PW6"}), ColourFamily::earths);
        QCOMPARE(family({52, 50, 38}, {"PY43", "PBk7"}), ColourFamily::earths);
        QCOMPARE(family({207, 42, 34}, {"PR254"}), ColourFamily::reds);
        QCOMPARE(family({240, 215, 30}, {"PY3"}), ColourFamily::yellows);
        QCOMPARE(family({229, 105, 28}, {"PO62"}), ColourFamily::yellows);
        QCOMPARE(family({43, 58, 156}, {"PB29"}), ColourFamily::blues);
        QCOMPARE(family({35, 45, 68}, {"PB15:3", "PBk7"}), ColourFamily::blues);
        QCOMPARE(family({90, 60, 140}, {"PV23"}), ColourFamily::violets);
        QCOMPARE(family({60, 120, 60}, {"PG7"}), ColourFamily::greens);
        QCOMPARE(family({250, 250, 250}, {"PW6"}), ColourFamily::greys);
        QCOMPARE(family({40, 40, 60}, {"PBk7", "PW6"}), ColourFamily::greys);
        // A red earth with a bright red in it is no earth; browns and ochres without a pigment are taken for earths.
        QCOMPARE(family({180, 50, 40}, {"PR101", "PR254"}), ColourFamily::reds);
        QCOMPARE(family({110, 65, 40}, {}), ColourFamily::earths);
        QCOMPARE(family({170, 125, 60}, {}), ColourFamily::earths);
        QCOMPARE(family({240, 200, 30}, {}), ColourFamily::yellows);
        QCOMPARE(family({128, 128, 128}, {}), ColourFamily::greys);
        for (const ColourFamily it : allFamilies) QCOMPARE(familyNamed(nameOf(it)), std::optional(it));
        QVERIFY(!familyNamed("browns"));
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

    void doublesAreOfOneKindMakerAndNumberOrName() {
        const auto stick = [](const char* id, Kind kind, const char* maker, const char* name, const char* number) {
            Owned owned{Material{id, maker, name, kind, {}, 1, 0.1, {}, "", {}}};
            owned.number = number;
            return owned;
        };
        const std::vector<Owned> things{
            stick("a", Kind::soft, "Quoyle", "warm grey", "12"),  // 0
            stick("b", Kind::soft, "quoyle", "Warm  Grey", ""),   // 1: the same name, no number
            stick("c", Kind::soft, "Quoyle", "warm grey", "13"),  // 2: another number
            stick("d", Kind::pencil, "Quoyle", "warm grey", "12"),
            stick("e", Kind::soft, "Vennick", "warm grey", "12"),
            stick("f", Kind::soft, "Quoyle", "mouse", "7"),       // 5
            stick("g", Kind::soft, "Quoyle", "mouse grey", "7"),  // 6: the same number, another name
            {Paper{"p", "Quoyle", "warm grey", Surface::laid, {}, Water::none}},
            {Tool{"t", "Quoyle", "warm grey", ToolKind::stump}},
        };
        const std::vector<std::vector<int>> wanted{{0, 1}, {5, 6}};
        QVERIFY(doublesIn(things) == wanted);
        QVERIFY(doublesIn({}).empty());
        QVERIFY(canMerge({things[0], things[3]}) && !canMerge({things[0]}) && !canMerge({things[0], things[7]}));
    }

    void whatIsKnownBestIsKept() {
        Owned told{Material{"a", "", "grey", Kind::soft, {10, 10, 10}, 1, 0.1, {"PBk7"}, "", {}}};
        Owned carded{Material{"b", "Quoyle", "other", Kind::soft, {20, 20, 20}, 1.4, 0.1, {"PW6"}, "good", {"lead"}}};
        carded.source = ColourSource::card;
        carded.colourError = 0.8;
        carded.hidingError = 0.05;
        Owned better = carded;
        better.colourError = 0.3;
        setColour(better, {30, 30, 30});
        better.hidingError = 0;
        const Owned one = merged({told, carded, better});
        const Material& medium = std::get<Material>(one.what);
        QCOMPARE(medium.id, std::string("a"));
        QCOMPARE(medium.maker, std::string("Quoyle"));
        QCOMPARE(medium.name, std::string("grey"));
        QCOMPARE(medium.masstone, (colour::Srgb8{30, 30, 30}));
        QCOMPARE(one.colourError, 0.3);
        QCOMPARE(medium.hiding, 1.4);  // the measured one
        QCOMPARE(medium.pigments, (std::vector<std::string>{"PBk7", "PW6"}));
        QCOMPARE(medium.hazards, std::vector<std::string>{"lead"});
    }

    void whatIsLeftFallsAsItIsUsed() {
        Owned stick{Material{"a", "", "grey", Kind::soft, {}, 1, 0.1, {}, "", {}}};
        const double whole = *squareCentimetresIn(Kind::soft);
        use(stick, 0.2 * whole);
        QVERIFY(std::fabs(leftOf(stick) - 0.8) < 1e-9);
        QCOMPARE(stick.stock, Stock::full);
        use(stick, 0.2 * whole);
        QCOMPARE(stick.stock, Stock::half);
        QVERIFY(std::fabs(leftOf(stick) - 0.6) < 1e-9);
        for (int i = 0; i < 4; ++i) use(stick, 0.2 * whole);
        QCOMPARE(stick.stock, Stock::stub);  // only the artist says that it is used up
        QVERIFY(leftOf(stick) > 0);
        for (const Stock stock : {Stock::full, Stock::half, Stock::stub, Stock::usedUp})
            QCOMPARE(stockOf(shareLeft(stock)), stock);
        Owned tube{Material{"b", "", "grey", Kind::gouache, {}, 1, 0.1, {}, "", {}}};
        use(tube, 1e6);
        QCOMPARE(leftOf(tube), 1.0);
        QVERIFY(!leftAfter(Owned{Tool{"t", "", "knife", ToolKind::knife}}, 1));
    }

    void idsAreMadeOfWords() {
        QCOMPARE(idStem("Warm grey, No. 7 "), std::string("warm-grey-no-7"));
        QCOMPARE(idStem("Grün"), std::string("grün"));
        QCOMPARE(idStem(" -- "), std::string("own"));
        int tried = 0;
        const std::set<std::string> there{"red", "red-2", "red-3"};
        const auto isTaken = [&](const std::string& id) { return there.contains(id); };
        QCOMPARE(freeId("Red", isTaken, tried), std::string("red-4"));
        QCOMPARE(tried, 3);
        QCOMPARE(freeId("Blue", isTaken, tried = 0), std::string("blue"));
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
