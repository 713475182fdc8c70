#include <lcms2.h>

#include <QtTest>
#include <cmath>

#include "colour/adaptation.h"
#include "colour/cie_tables.h"
#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/reflectance.h"
#include "colour/srgb.h"
#include "numbers.h"
#include "tables.h"

using namespace colour;

class TestColour : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Source: Sharma, Wu, Dalal (2005), table 1, as carried by scikit-image.
    void ciede2000AgreesWithPublishedPairs() {
        const auto rows = rowsOf(QStringLiteral(TEST_OWN "/colour/ciede2000_pairs.txt"));
        QCOMPARE(rows.size(), 34);
        for (const auto& r : rows) {
            QVERIFY(std::fabs(differenceCie2000({r[0], r[1], r[2]}, {r[3], r[4], r[5]}) - r[6]) < 1e-4);
            QVERIFY(std::fabs(differenceCie2000({r[3], r[4], r[5]}, {r[0], r[1], r[2]}) - r[6]) < 1e-4);
        }
    }

    /// Against Little CMS on random pairs.
    void ciede2000AgreesWithLittleCms() {
        Numbers random(1);
        const auto lab = [&] {
            return Lab{random.between(0, 100), random.between(-100, 100), random.between(-100, 100)};
        };
        double worst = 0;
        for (int i = 0; i < 100000; ++i) {
            const Lab p = lab(), q = lab();
            const cmsCIELab cp{p.L, p.a, p.b}, cq{q.L, q.a, q.b};
            worst = std::max(worst, std::fabs(differenceCie2000(p, q) - cmsCIE2000DeltaE(&cp, &cq, 1, 1, 1)));
        }
        QVERIFY2(worst < 1e-3, qPrintable(QString::number(worst)));
    }

    /// Source: CIE tables as carried by Debian's colord-data.
    void tablesAreThoseOfTheCie() {
        const auto rows = rowsOf(QStringLiteral("/usr/share/colord/cmf/CIE1931-2deg-XYZ.cmf"));
        if (rows.isEmpty()) QSKIP("colord-data is not installed");
        QCOMPARE(rows.size(), 3);
        // The file starts at 360 nm and goes by 5 nm.
        for (int i = 0; i < bandCount; ++i) {
            QVERIFY(std::fabs(rows[0][4 + 2 * i] - cie::xBar[i]) < 1e-6);
            QVERIFY(std::fabs(rows[1][4 + 2 * i] - cie::yBar[i]) < 1e-6);
            QVERIFY(std::fabs(rows[2][4 + 2 * i] - cie::zBar[i]) < 1e-6);
        }
    }

    void labAgreesWithLittleCms() {
        Numbers random(2);
        for (int i = 0; i < 10000; ++i) {
            const Xyz xyz{random.between(0, 1), random.between(0, 1), random.between(0, 1)};
            const cmsCIEXYZ theirs{xyz.x, xyz.y, xyz.z};
            cmsCIELab lab;
            cmsXYZ2Lab(cmsD50_XYZ(), &lab, &theirs);
            const Lab ours = labFromXyz(xyz);
            QVERIFY(std::fabs(ours.L - lab.L) < 1e-3 && std::fabs(ours.a - lab.a) < 1e-2 &&
                    std::fabs(ours.b - lab.b) < 1e-2);
            const Xyz back = xyzFromLab(ours);
            QVERIFY(std::fabs(back.x - xyz.x) + std::fabs(back.y - xyz.y) + std::fabs(back.z - xyz.z) < 1e-9);
        }
    }

    void cylinderCoordinatesTurnBack() {
        Numbers random(3);
        for (int i = 0; i < 1000; ++i) {
            const Lab lab{50, random.between(-90, 90), random.between(-90, 90)};
            QVERIFY(differenceCie76(lab, labFromLch(lchFromLab(lab))) < 1e-9);
        }
        QCOMPARE(hue({50, 0, 0}), 0.0);
        QCOMPARE(hue({50, 10, 0}), 0.0);
        QCOMPARE(hue({50, -10, 0}), 180.0);
        QCOMPARE(hue({50, 0, -10}), 270.0);
        QCOMPARE(hueDistance(350, 10), 20.0);
        QCOMPARE(hueDistance(10, 350), 20.0);
    }

    /// Source: IEC 61966-2-1; the white must come out neutral and the primaries where ICC profiles have them
    /// (Lindbloom's D50-adapted sRGB matrix, from memory: red Y 0.2225).
    void srgbIsThePublishedSpace() {
        const Lab white = labFromSrgb({1, 1, 1});
        QVERIFY(differenceCie76(white, {100, 0, 0}) < 0.02);
        QVERIFY(std::fabs(xyzFromSrgb({1, 0, 0}).y - 0.2225) < 2e-4);
        Numbers random(4);
        for (int i = 0; i < 1000; ++i) {
            const Srgb8 c{std::uint8_t(random.below(256)), std::uint8_t(random.below(256)),
                          std::uint8_t(random.below(256))};
            QCOMPARE(srgb8FromSrgb(srgbFromLab(labFromSrgb8(c))), c);
            QCOMPARE(*srgb8FromHex(hexFromSrgb8(c)), c);
        }
    }

    void hexRefusesWhatIsNoColour() {
        for (const char* bad : {"", "#12345", "123456", "#1234567", "#12345g", "red"}) QVERIFY(!srgb8FromHex(bad));
        QCOMPARE(srgb8FromHex("#FFaa00")->r, 255);
    }

    /// Source: ASTM D1535: value 5 has Y = 19.27 % of the perfect diffuser (from memory), value 10 has 100 %.
    void munsellValueHasItsPublishedPoints() {
        QVERIFY(std::fabs(luminanceOfMunsellValue(5) - 0.1927) < 2e-4);
        QVERIFY(std::fabs(luminanceOfMunsellValue(10) - 1.0) < 1e-9);
        for (double v = 0; v <= 10; v += 0.05) QVERIFY(std::fabs(munsellValue(luminanceOfMunsellValue(v)) - v) < 1e-6);
        for (double v = 0.5; v <= 9.5; v += 0.5)
            QVERIFY(std::fabs(munsellValueOfLightness(lightnessOfMunsellValue(v)) - v) < 1e-6);
    }

    void bradfordTakesWhiteToWhite() {
        const Eigen::Vector3d w =
            bradford(whiteSrgb, whiteD50) * Eigen::Vector3d(whiteSrgb.x, whiteSrgb.y, whiteSrgb.z);
        QVERIFY((w - Eigen::Vector3d(whiteD50.x, whiteD50.y, whiteD50.z)).norm() < 1e-12);
    }

    void everyTriedSrgbColourHasAReflectance() {
        double worst = 0;
        Srgb8 at;
        for (int r = 0; r <= 255; r += 15)
            for (int g = 0; g <= 255; g += 15)
                for (int b = 0; b <= 255; b += 15) {
                    const Srgb srgb = srgbFromSrgb8({std::uint8_t(r), std::uint8_t(g), std::uint8_t(b)});
                    const Spectrum reflectance = reflectanceFromSrgb(srgb);
                    QVERIFY(reflectance.minCoeff() >= 0 && reflectance.maxCoeff() <= 1);
                    const double d =
                        differenceCie2000(labFromSrgb(srgb), labOfReflectance(reflectance, colour::Light::daylight65));
                    if (d > worst) {
                        worst = d;
                        at = {std::uint8_t(r), std::uint8_t(g), std::uint8_t(b)};
                    }
                }
        QVERIFY2(worst < 0.05, (hexFromSrgb8(at) + " " + std::to_string(worst)).c_str());
    }

    /// Published spectra (CIE test colour samples, as carried by colord-data): 36 bands of 10 nm against the table's
    /// own 5 nm from 380 to 730, under D65.
    void bandsOfTenNanometresAreEnough() {
        const auto observer = rowsOf(QStringLiteral("/usr/share/colord/cmf/CIE1931-2deg-XYZ.cmf"));
        const auto samples = tableOf(QStringLiteral("/usr/share/colord/ref/CIE-TCS.sp"));
        if (observer.isEmpty() || samples.isEmpty()) QSKIP("colord-data is not installed");
        for (const TableRow& sample : samples) {
            // From 360 nm by 5 nm.
            Spectrum coarse;
            for (int i = 0; i < bandCount; ++i) coarse[i] = float(sample.numbers[4 + 2 * i]);
            QVERIFY(coarse.minCoeff() >= 0 && coarse.maxCoeff() <= 1);
            double sum[3] = {0, 0, 0}, white[3] = {0, 0, 0};
            for (int k = 0; k <= 70; ++k) {
                // D65 between its bands by the mean of its neighbours.
                const double light = k % 2 == 0 ? cie::illuminantD65[k / 2]
                                                : (cie::illuminantD65[k / 2] + cie::illuminantD65[k / 2 + 1]) / 2;
                for (int c = 0; c < 3; ++c) {
                    sum[c] += light * observer[c][4 + k] * sample.numbers[4 + k];
                    white[c] += light * observer[c][4 + k];
                }
            }
            const Eigen::Vector3d adapted = bradford({white[0] / white[1], 1, white[2] / white[1]}, whiteD50) *
                                            Eigen::Vector3d(sum[0] / white[1], sum[1] / white[1], sum[2] / white[1]);
            const Lab fine = labFromXyz({adapted[0], adapted[1], adapted[2]});
            QVERIFY2(differenceCie2000(fine, labOfReflectance(coarse, colour::Light::daylight65)) < 0.4,
                     sample.name.constData());
        }
        QVERIFY(samples.size() >= 14);
    }

    void whiteStaysWhiteUnderEveryLight() {
        const Spectrum white = Spectrum::Ones();
        for (int light = 0; light < lightCount; ++light) {
            QVERIFY(differenceCie2000(labOfReflectance(white, Light(light)), {100, 0, 0}) < 0.02);
            QCOMPARE(lightNamed(nameOf(Light(light))), std::optional(Light(light)));
        }
        QVERIFY(!lightNamed("moonlight"));
    }
};

QTEST_GUILESS_MAIN(TestColour)
#include "test_colour.moc"
