#include <QtTest>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "swatch.h"

using colour::Lab;

namespace {

/// A hue angle, or the hue of "#rrggbb".
double hueWritten(const QString& written) {
    return written.startsWith('#') ? colour::hue(Swatch::labOfHex(written)) : written.toDouble();
}

/// Layers of one stroke until the last holds less than half of the first.
int layersThatHold(const QString& swatch) {
    const auto layer = [&](int n) { return Swatch(swatch + " x" + QString::number(n)).lastDeposit; };
    int count = 1;
    while (count < 100 && layer(count + 1) > layer(1) / 2) ++count;
    return count;
}

/// A number, or "<quantity> [to <hue or colour>] of <swatch>".
double measured(const QString& written) {
    const auto cut = written.indexOf(" of ");
    if (cut < 0) return written.toDouble();
    const QString swatch = written.mid(cut + 4);
    const QStringList words = written.left(cut).simplified().split(' ');
    const QString& quantity = words[0];
    if (quantity == "layers") return layersThatHold(swatch);
    const Swatch seen(swatch);
    const Lab lab = seen.lab();
    const QString to = words.last();
    if (quantity == "lightness") return lab.L;
    if (quantity == "value") return colour::munsellValueOfLightness(lab.L);
    if (quantity == "value-from-middle") return std::fabs(colour::munsellValueOfLightness(lab.L) - 5);
    if (quantity == "value-steps")
        return std::fabs(colour::munsellValueOfLightness(lab.L) -
                         colour::munsellValueOfLightness(Swatch::labOfHex(to).L));
    if (quantity == "chroma") return colour::chroma(lab);
    if (quantity == "difference") return colour::differenceCie2000(lab, Swatch::labOfHex(to));
    if (quantity == "hue-distance") return colour::hueDistance(colour::hue(lab), hueWritten(to));
    // "turn from <colour> to <hue>": how much nearer to the hue than the colour itself.
    if (quantity == "turn")
        return colour::hueDistance(hueWritten(words[2]), hueWritten(to)) -
               colour::hueDistance(colour::hue(lab), hueWritten(to));
    if (quantity == "deposit") return seen.lastDeposit;
    if (quantity == "tooth") return pigment::toothUsed(seen.patch);
    throw std::invalid_argument(qPrintable(written));
}

}  // namespace

/// The facts of the trade that the film must bring out: common practice, no source. Each row states what is less than
/// what, and by how much at least.
class TestCheckValues : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void strokesComeOutAsTheTradeKnowsThem_data() {
        QTest::addColumn<QString>("less");
        QTest::addColumn<QString>("more");
        QTest::addColumn<double>("by");
        const auto row = [](const char* fact, const QString& less, const QString& more, double by = 0) {
            QTest::newRow(fact) << less << more << by;
        };

        // Mid blue scumbled lightly on red-orange paper looks purple; heavy, it looks blue.
        const QString light = "#c2502c: #2b4fa0 soft scumble light", heavy = "#c2502c: #2b4fa0 soft scumble heavy";
        row("light blue on red-orange is nearer purple than the paper", "hue-distance to 330 of " + light,
            "hue-distance to #c2502c of " + light);
        row("light blue on red-orange is nearer purple than blue", "hue-distance to 330 of " + light,
            "hue-distance to #2b4fa0 of " + light);
        row("heavy blue on red-orange looks blue", "hue-distance to #2b4fa0 of " + heavy,
            "hue-distance to 330 of " + heavy, 20);

        // Sky blue shifts towards green on cream-yellow; the turn is towards hue 150.
        const QString sky = "turn from #7fb2dc to 150 of %1: #7fb2dc %2";
        const auto skyOn = [&](const char* paper) { return sky.arg(paper, "soft scumble medium"); };
        row("sky blue turns green on cream-yellow", "5", skyOn("#ecd98f"));
        row("sky blue turns much less on mid grey", skyOn("#808080"), skyOn("#ecd98f"), 10);
        row("sky blue turns much less on brown", skyOn("#6f5a45"), skyOn("#ecd98f"), 10);
        row("sky blue turns much less on sienna", skyOn("#8a5a3a"), skyOn("#ecd98f"), 10);
        row("a pencil turns more than a soft stick", skyOn("#ecd98f"), sky.arg("#ecd98f", "pencil hatch medium"), 5);
        row("a soft stick turns more than a heavy pan colour", sky.arg("#ecd98f", "pan press heavy"), skyOn("#ecd98f"),
            2);

        const QString living = "#8a7f74: #6b3f22 soft press heavy; #22306b soft scumble heavy; blend heavy";
        row("brown blended with dark blue is dark", "lightness of " + living, "35");
        row("brown with dark blue has less chroma than the brown", "chroma of " + living, "chroma of #6b3f22", 8);
        row("brown with dark blue has less chroma than the blue", "chroma of " + living, "chroma of #22306b", 8);

        const QString eyeWhite =
            "#c8c4bc: #e0752a soft hatch light; #2f62b5 soft hatch light; #f6f4ee soft scumble heavy";
        row("orange hatched with blue under white is light", "75", "lightness of " + eyeWhite);
        row("orange hatched with blue under white is near neutral", "chroma of " + eyeWhite, "10");

        const auto over = [](const char* below, const char* above) {
            return QStringLiteral("chroma of #8a7f74: %1 soft press heavy; %2 soft scumble light").arg(below, above);
        };
        const QString red = "chroma of #8a7f74: #c03028 soft press heavy";
        const QString green = "chroma of #8a7f74: #3f9a3c soft press heavy";
        row("olive over red lowers its chroma", over("#c03028", "#67672f"), red, 5);
        row("purple over a bright green lowers its chroma", over("#3f9a3c", "#6b3a86"), green, 5);
        row("red-brown over a bright green lowers its chroma", over("#3f9a3c", "#7d4026"), green, 5);

        const QString yellow = "#8a7f74: #edc32a soft press medium";
        const QString again = yellow + "; #1d1c1c soft scumble light; #edc32a soft scumble medium";
        row("yellow over black over yellow is darker", "lightness of " + again, "lightness of " + yellow, 3);
        row("and still yellow in hue", "hue-distance to #edc32a of " + again, "25");
        row("and still yellow in chroma", "20", "chroma of " + again);

        // Two, four and six colours rubbed together, lights and brights first.
        const QString two = "#f0ede6: #f0d84a soft scumble heavy; #e8842a soft scumble heavy";
        const QString four = two + "; #3a9a4a soft scumble heavy; #3a62b0 soft scumble heavy";
        const QString six = four + "; #8a3a9a soft scumble heavy; #b02a3a soft scumble heavy";
        row("four blended layers are greyer than two", "chroma of " + four + "; blend heavy",
            "chroma of " + two + "; blend heavy", 10);
        row("six blended layers are greyer than four", "chroma of " + six + "; blend heavy",
            "chroma of " + four + "; blend heavy");
        row("four blended layers are nearer middle value than two", "value-from-middle of " + four + "; blend heavy",
            "value-from-middle of " + two + "; blend heavy", 0.5);
        const QString darks = "#2a2826: #262a5a soft scumble heavy; #5a2a22 soft scumble heavy";
        row("lights blended into darks drift up to the middle",
            "value-from-middle of " + darks + "; #d8c090 soft scumble heavy; #a0c0d0 soft scumble heavy; blend heavy",
            "value-from-middle of " + darks + "; blend heavy", 0.5);

        // A light base under a colour: over a thick one the same stick registers weaker and chalkier.
        const QString base = "chroma of #8a7f74: #f0ede6 soft %1; #b8472a soft scumble medium";
        row("a stick is weaker and chalkier over a thick light base", base.arg("press heavy x2"),
            base.arg("scumble light"), 3);

        row("white on white paper shows nothing", "value-steps to #f4f2ec of #f4f2ec: #f6f5f1 soft press heavy", "0.3");
        row("black on black paper shows nothing", "value-steps to #1f1e1e of #1f1e1e: #1d1c1c soft press heavy", "0.3");
        row("white shows on a mid tone", "3", "value-steps to #8a7f74 of #8a7f74: #f6f5f1 soft press heavy");
        row("black shows on a mid tone", "3", "value-steps to #8a7f74 of #8a7f74: #1d1c1c soft press heavy");

        const QString layers = "layers of #8a7f74 %1: #6b3f22 soft press medium";
        for (const char* surface : {"sanded-400", "sanded-600", "microfibre", "velour", "honeycomb-rough"})
            row(qPrintable(QStringLiteral("%1 takes more layers than cartridge").arg(surface)), layers.arg("cartridge"),
                layers.arg(surface));

        const QString pencil = "; #f6f5f1 pencil hatch medium",
                      thick = "deposit of #8a7f74: #6b3f22 soft scumble heavy x2";
        row("a pencil leaves far less on thick loose pastel than on bare tooth", thick + pencil,
            "deposit of #8a7f74: #f6f5f1 pencil hatch medium", 0.05);
        row("a pencil leaves less on loose pastel than on the same blended in", thick + pencil,
            thick + "; blend heavy" + pencil, 0.01);

        const QString full = "#8a7f74: #c8a888 soft scumble heavy x6";
        row("fixative darkens", "lightness of " + full + "; fix medium", "lightness of " + full, 0.5);
        row("after fixative another layer sticks again", "deposit of " + full + "; #e8d8c0 soft scumble medium",
            "deposit of " + full + "; fix medium; #e8d8c0 soft scumble medium", 0.02);

        for (const char* paint : {"#5c93c8", "#d8a040", "#c05040"}) {
            const auto washed = [&](const char* kind) {
                return QStringLiteral("difference to #4f3d33 of #4f3d33: %1 %2 wash medium").arg(paint, kind);
            };
            row(qPrintable(QStringLiteral("watercolour %1 hardly changes a mid-dark paper").arg(paint)),
                washed("watercolour"), "7");
            row(qPrintable(QStringLiteral("gouache %1 changes it").arg(paint)), washed("watercolour"),
                washed("gouache"), 15);
        }
        for (const char* paint : {"#5c93c8", "#a04030", "#d8c8a0"})
            row(qPrintable(QStringLiteral("gouache %1 is lighter dry than wet").arg(paint)),
                QStringLiteral("lightness of #8a7f74: %1 gouache wash medium wet").arg(paint),
                QStringLiteral("lightness of #8a7f74: %1 gouache wash medium").arg(paint), 0.5);
        row("acrylic is darker dry than wet", "lightness of #8a7f74: #a04030 acrylic wash medium",
            "lightness of #8a7f74: #a04030 acrylic wash medium wet", 0.5);

        const QString skin = "#8a7f74: #a06a50 soft press medium";
        const QString shadow =
            skin + "; #d08a78 soft scumble light; #efeae2 soft scumble light; #4f6fae soft scumble light";
        row("blue with light red and white calms a skin shadow", "chroma of " + shadow, "chroma of " + skin, 10);
        row("and keeps its value", "value-steps to #a06a50 of " + shadow, "0.3");

        // What the manners themselves promise.
        row("lifting brings back what lies below", "lightness of #f0ede6: #5570b0 soft scumble light",
            "lightness of #f0ede6: #5570b0 soft scumble light; lift heavy", 0.1);
        row("blending fills the valleys", "difference to #5570b0 of #f0ede6: #5570b0 soft scumble medium; blend heavy",
            "difference to #5570b0 of #f0ede6: #5570b0 soft scumble medium", 2);
        row("alcohol carries loose pastel into the valleys",
            "difference to #5570b0 of #f0ede6: #5570b0 soft scumble medium; alcohol",
            "difference to #5570b0 of #f0ede6: #5570b0 soft scumble medium", 2);
        row("a pencil bites again once alcohol has bound the base", thick + pencil, thick + "; alcohol" + pencil, 0.01);
    }
    void strokesComeOutAsTheTradeKnowsThem() {
        QFETCH(QString, less);
        QFETCH(QString, more);
        QFETCH(double, by);
        const double one = measured(less), other = measured(more);
        QVERIFY2(one + by < other,
                 qPrintable(QStringLiteral("%1 = %2, %3 = %4").arg(less).arg(one).arg(more).arg(other)));
    }

    /// One stick graded from nothing to heavy over a darker one: a run of at least five steps that the eye tells apart,
    /// each between its neighbours. Common practice, no source.
    void aFormIsGradedByPressure() {
        constexpr double toldApart = 1.5;  // CIEDE2000
        const pigment::Pigment light = Swatch::pigmentOf("#e2a070", materials::Kind::soft);
        for (const char* under : {"#8a7f74: #3a1f14 soft scumble heavy", "#8a7f74: #2a2c34 soft press medium"})
            for (const auto manner : {pigment::Manner::scumble, pigment::Manner::hatch}) {
                int steps = 0;
                double before = -1;
                Lab told = Swatch(under).lab();
                for (float pressure = 0; pressure <= 3.001f; pressure += 0.1f) {
                    pigment::Patch patch = Swatch(under).patch;
                    pigment::lay(patch, {&light, manner, pigment::Pressure{pressure}});
                    const Lab lab = pigment::labOf(patch, colour::Light::daylight65);
                    QVERIFY(lab.L > before - 1e-6);  // each between its neighbours
                    before = lab.L;
                    if (colour::differenceCie2000(told, lab) < toldApart) continue;
                    told = lab;
                    ++steps;
                }
                QVERIFY2(steps >= 5, qPrintable(QString::number(steps)));
            }
    }
};

QTEST_GUILESS_MAIN(TestCheckValues)
#include "test_check_values.moc"
