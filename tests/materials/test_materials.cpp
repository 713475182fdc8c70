#include <QtTest>

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
        const double sanded = profileOf(Surface::sanded400).capacity;
        const double cartridge = profileOf(Surface::cartridge).capacity;
        for (int i = 0; i < surfaceCount; ++i) {
            const SurfaceProfile& profile = profileOf(Surface(i));
            QVERIFY(profile.capacity <= sanded && profile.capacity >= cartridge);
            QVERIFY(profile.relief > 0 && profile.relief < 1 && profile.reach > 0.5 && profile.reach < 1.5);
        }
        QVERIFY(profileOf(Surface::honeycombRough).relief > profileOf(Surface::honeycombSmooth).relief);
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
