#include <Eigen/LU>
#include <QtTest>
#include <cmath>

#include "colour/adaptation.h"
#include "colour/appearance.h"
#include "colour/difference.h"
#include "colour/reflectance.h"
#include "numbers.h"
#include "tables.h"

using namespace colour;

namespace {

Spectrum spectrumFrom(const QList<double>& numbers, int first, int step) {
    Spectrum s;
    for (int i = 0; i < bandCount; ++i) s[i] = float(numbers[first + i * step]);
    return s;
}

/// The plain way to turn a colour into a spectrum: three flat blocks, red from 590 nm, green from 490 nm, blue below.
Spectrum threeBlocks(const Spectrum& seen) {
    Spectrum blocks[3];
    Eigen::Matrix3d whole;
    for (int c = 0; c < 3; ++c) {
        for (int i = 0; i < bandCount; ++i) {
            const double nanometres = firstNanometres + i * bandWidthNanometres;
            const int block = nanometres < 490 ? 2 : nanometres < 590 ? 1 : 0;
            blocks[c][i] = block == c ? 1.0f : 0.0f;
        }
        const Xyz xyz = xyzOfReflectance(blocks[c], colour::Light::daylight65);
        whole.col(c) = Eigen::Vector3d(xyz.x, xyz.y, xyz.z);
    }
    const Xyz xyz = xyzOfReflectance(seen, colour::Light::daylight65);
    const Eigen::Vector3d shares = whole.inverse() * Eigen::Vector3d(xyz.x, xyz.y, xyz.z);
    return float(shares[0]) * blocks[0] + float(shares[1]) * blocks[1] + float(shares[2]) * blocks[2];
}

}  // namespace

/// Spectra, lights, adaptation and appearance.
class TestLight : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void lightsAreThoseOfTheCie_data() {
        QTest::addColumn<Light>("light");
        QTest::addColumn<int>("first");    // place of 380 nm in the table
        QTest::addColumn<int>("perBand");  // numbers for 10 nm
        QTest::newRow("CIE-A") << Light::lamp << 80 << 10;
        QTest::newRow("CIE-D50") << Light::daylight50 << 0 << 2;
        QTest::newRow("CIE-D65") << Light::daylight65 << 16 << 2;
    }
    /// Source: CIE tables as carried by Debian's colord-data.
    void lightsAreThoseOfTheCie() {
        QFETCH(Light, light);
        QFETCH(int, first);
        QFETCH(int, perBand);
        const auto rows = rowsOf(QStringLiteral("/usr/share/colord/illuminant/%1.sp").arg(QTest::currentDataTag()));
        if (rows.isEmpty()) QSKIP("colord-data is not installed");
        const double at560 = rows[0][first + 18 * perBand];
        for (int i = 0; i < bandCount; ++i)
            QVERIFY(std::fabs(rows[0][first + i * perBand] / at560 - spectrumOf(light)[std::size_t(i)]) < 2e-3);
    }

    /// Chromaticities of CIE 015:2018: A (0.4476, 0.4074), D50 (0.3457, 0.3585), D65 (0.3127, 0.3290), LED-B3 (0.3756,
    /// 0.3723). From memory.
    void lightsHaveTheirChromaticity() {
        const std::pair<double, double> want[] = {
            {0.3127, 0.3290}, {0.3457, 0.3585}, {0.4476, 0.4074}, {0.3756, 0.3723}};
        for (int i = 0; i < lightCount; ++i) {
            const Xyz white = whiteOf(Light(i));
            const double sum = white.x + white.y + white.z;
            QVERIFY2(
                std::fabs(white.x / sum - want[i].first) < 1e-3 && std::fabs(white.y / sum - want[i].second) < 1e-3,
                nameOf(Light(i)).data());
        }
    }

    void adaptationTakesWhiteToWhiteAndBack() {
        Numbers random(31);
        for (int i = 0; i < 100; ++i) {
            const Xyz from{random.between(0.8, 1.2), 1, random.between(0.3, 1.4)};
            const Xyz to{random.between(0.8, 1.2), 1, random.between(0.3, 1.4)};
            const Eigen::Vector3d white = bradford(from, to) * Eigen::Vector3d(from.x, from.y, from.z);
            QVERIFY((white - Eigen::Vector3d(to.x, to.y, to.z)).norm() < 1e-12);
            QVERIFY((bradford(from, to) * bradford(to, from) - Eigen::Matrix3d::Identity()).norm() < 1e-9);
        }
        // Source: ICC.1:2010 annex E gives the matrix from D65 to D50 to four digits (from memory).
        const Eigen::Matrix3d published =
            (Eigen::Matrix3d() << 1.0479, 0.0229, -0.0502, 0.0296, 0.9904, -0.0171, -0.0092, 0.0151, 0.7519).finished();
        QVERIFY((bradford({0.9505, 1, 1.0891}, whiteD50) - published).cwiseAbs().maxCoeff() < 5e-4);
    }

    /// Source: 1,000 random conditions by the npm package colorjs.io (see make_ciecam16_table.mjs).
    void ciecam16AgreesWithAnIndependentImplementation() {
        const auto rows = rowsOf(QStringLiteral(TEST_OWN "/colour/ciecam16_table.txt"));
        QCOMPARE(rows.size(), 1000);
        double worstJ = 0, worstC = 0, worstHue = 0;
        for (const auto& r : rows) {
            ViewingConditions conditions;
            conditions.white = {r[0], r[1], r[2]};
            conditions.adaptingLuminance = r[3];
            conditions.backgroundY = r[4] / 100;
            conditions.surround = Surround(int(r[5]));
            const Appearance seen = AppearanceModel(conditions).of({r[6], r[7], r[8]});
            worstJ = std::max(worstJ, std::fabs(seen.J / r[9] - 1));
            worstC = std::max(worstC, std::fabs(seen.C / r[10] - 1));
            worstHue = std::max(worstHue, hueDistance(seen.h, r[11]) / r[11]);
        }
        QVERIFY2(worstJ <= 1e-3 && worstC <= 1e-3 && worstHue <= 1e-3,
                 qPrintable(QStringLiteral("J %1, C %2, h %3").arg(worstJ).arg(worstC).arg(worstHue)));
    }

    /// The worked example that textbooks give (XYZ 19.01, 20.00, 21.78 in D65, 318.31 cd/m2, background 20); from
    /// memory: J 41.731, C 0.1034, h 217.07.
    void ciecam16HasItsWorkedExample() {
        ViewingConditions conditions;
        conditions.white = {0.9505, 1, 1.0888};
        conditions.adaptingLuminance = 318.31;
        const Appearance seen = AppearanceModel(conditions).of({0.1901, 0.2, 0.2178});
        QVERIFY(std::fabs(seen.J - 41.731) < 1e-3 && std::fabs(seen.C - 0.1034) < 1e-4 &&
                std::fabs(seen.h - 217.07) < 0.01);
    }

    /// Common practice, no source: a swatch looks darker on light grey and lighter on dark grey, though it measures the
    /// same.
    void aSwatchLooksDarkerOnLightGrey() {
        Numbers random(32);
        for (int i = 0; i < 1000; ++i) {
            const Xyz swatch =
                xyzFromSrgb({random.between(0.1, 0.9), random.between(0.1, 0.9), random.between(0.1, 0.9)});
            ViewingConditions onDark, onLight;
            onDark.backgroundY = random.between(0.03, 0.15);
            onLight.backgroundY = random.between(0.4, 0.8);
            QVERIFY(AppearanceModel(onLight).of(swatch).J < AppearanceModel(onDark).of(swatch).J - 1);
        }
    }

    /// Source: CIELAB (D50) of the 24 fields of the published colour chart for photography, as its reference file in
    /// Debian's argyll-ref has them. Four lie outside sRGB.
    void chartColoursHaveReflectances() {
        constexpr double chart[24][3] = {
            {37.99, 13.56, 14.06},  {65.71, 18.13, 17.81},   {49.93, -4.88, -21.93}, {43.14, -13.10, 21.91},
            {55.11, 8.84, -25.40},  {70.72, -33.40, -0.20},  {62.66, 36.07, 57.10},  {40.02, 10.41, -45.96},
            {51.12, 48.24, 16.25},  {30.33, 22.98, -21.59},  {72.53, -23.71, 57.26}, {71.94, 19.36, 67.86},
            {28.78, 14.18, -50.30}, {55.26, -38.34, 31.37},  {42.10, 53.38, 28.19},  {81.73, 4.04, 79.82},
            {51.94, 49.99, -14.57}, {51.04, -28.63, -28.64}, {96.54, -0.43, 1.19},   {81.26, -0.64, -0.34},
            {66.77, -0.73, -0.50},  {50.87, -0.15, -0.27},   {35.66, -0.42, -1.23},  {20.46, -0.08, -0.97}};
        double worst = 0;
        for (const auto& c : chart) {
            const Lab lab{c[0], c[1], c[2]};
            const Spectrum reflectance = reflectanceFromXyz(xyzFromLab(lab));
            QVERIFY(reflectance.minCoeff() >= 0 && reflectance.maxCoeff() <= 1);
            worst = std::max(worst, differenceCie2000(lab, labOfReflectance(reflectance, colour::Light::daylight65)));
        }
        QVERIFY2(worst <= 0.05, qPrintable(QString::number(worst)));
    }

    /// A colour that no reflectance can have still gives one, of its hue and luminance.
    void impossibleColoursAreBroughtInside() {
        for (const Lab lab : {Lab{50, 150, 0}, Lab{60, -160, 20}, Lab{30, 60, -160}, Lab{97, 0, 140}, Lab{0, 0, 0},
                              Lab{100, 0, 0}, Lab{110, 5, 5}}) {
            const Spectrum reflectance = reflectanceFromXyz(xyzFromLab(lab));
            QVERIFY(reflectance.allFinite() && reflectance.minCoeff() >= 0 && reflectance.maxCoeff() <= 1);
            const Lab got = labOfReflectance(reflectance, colour::Light::daylight65);
            QVERIFY(std::fabs(got.L - std::min(lab.L, 100.0)) < 0.5);
            if (chroma(lab) > 20) QVERIFY(chroma(got) > 20 && hueDistance(hue(got), hue(lab)) < 35);
        }
    }

    /// Published spectra of the CIE test colour samples (colord-data), known only by their colour in daylight and then
    /// seen under light A: how far is the recovered spectrum from the truth?
    void recoveredSpectraHoldUnderLampLight() {
        const auto samples = tableOf(QStringLiteral("/usr/share/colord/ref/CIE-TCS.sp"));
        if (samples.isEmpty()) QSKIP("colord-data is not installed");
        double smooth = 0, blocks = 0;
        for (const TableRow& sample : samples) {
            const Spectrum truth = spectrumFrom(sample.numbers, 4, 2);
            const Lab want = labOfReflectance(truth, Light::lamp);
            smooth += differenceCie2000(
                want,
                labOfReflectance(reflectanceFromXyz(xyzOfReflectance(truth, colour::Light::daylight65)), Light::lamp));
            blocks += differenceCie2000(want, labOfReflectance(threeBlocks(truth), Light::lamp));
        }
        const auto count = double(samples.size());
        qInfo("CIE test colour samples under light A: mean %.2f; from three blocks %.2f", smooth / count,
              blocks / count);
        QVERIFY(smooth / count <= 2.5);
        QVERIFY(smooth < blocks);
    }

    /// Two greys that agree in daylight and part under a lamp: adaptation does not hide it.
    void metamersPartUnderAnotherLight() {
        Spectrum flat = Spectrum::Constant(0.4f);
        Spectrum wavy = flat;
        for (int i = 0; i < bandCount; ++i) wavy[i] += 0.25f * std::sin(float(i) * 0.45f);
        // What the wave does to the colour in daylight is taken off again by the smooth part.
        const Spectrum match = reflectanceFromXyz(xyzOfReflectance(wavy, colour::Light::daylight65));
        QVERIFY(differenceCie2000(labOfReflectance(wavy, colour::Light::daylight65),
                                  labOfReflectance(match, colour::Light::daylight65)) < 0.1);
        QVERIFY(differenceCie2000(labOfReflectance(wavy, Light::lamp), labOfReflectance(match, Light::lamp)) > 2);
        QVERIFY(differenceCie2000(labOfReflectance(wavy, Light::led), labOfReflectance(match, Light::led)) > 2);
    }
};

QTEST_GUILESS_MAIN(TestLight)
#include "test_light.moc"
