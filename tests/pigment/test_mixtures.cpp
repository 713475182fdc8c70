#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QtTest>

#include "matching/paint_mixes.h"
#include "pigment/film.h"
#include "pigment/mixture.h"
#include "swatch.h"

using namespace pigment;
using materials::Kind;

namespace {

Spectrum spectrumOf(const QJsonValue& values) {
    Spectrum spectrum;
    const QJsonArray array = values.toArray();
    if (array.size() != colour::bandCount) qFatal("a spectrum of another length");
    for (int i = 0; i < colour::bandCount; ++i) spectrum[i] = float(array[i].toDouble());
    return spectrum;
}

/// A paint of this masstone and scattering power.
Pigment paintOf(const Spectrum& masstone, float scatter) {
    Pigment paint = Swatch::pigmentOf("#808080", Kind::gouache);
    paint.scatter.setConstant(scatter);
    paint.absorb = paint.scatter * absorptionOverScatter(masstone);
    paint.root = (paint.absorb * (paint.absorb + 2.0f * paint.scatter)).sqrt();
    return paint;
}

/// What an endlessly thick film looks like.
Spectrum masstoneOf(const Pigment& paint) {
    return filmOver(paint.absorb * 1000, paint.scatter * 1000, Spectrum::Constant(0.5f));
}

}  // namespace

/// Paints stirred together.
class TestMixtures : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Against spectral.js 3.0.0 (npm registry; MIT), an independent implementation of Kubelka-Munk mixing; see
    /// paint_mixtures.js.
    void mixturesAgreeWithSpectralJs() {
        QFile file(QStringLiteral(TEST_OWN "/pigment/paint_mixtures.json"));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QJsonArray mixtures = QJsonDocument::fromJson(file.readAll()).array();
        QCOMPARE(mixtures.size(), 6);
        for (const QJsonValue& mixture : mixtures) {
            std::vector<Pigment> paints;
            std::vector<float> parts;
            for (const QJsonValue& paint : mixture["paints"].toArray()) {
                paints.push_back(paintOf(spectrumOf(paint["reflectance"]), float(paint["scatter"].toDouble())));
                parts.push_back(float(paint["part"].toDouble()));
            }
            const Spectrum off = masstoneOf(mixed(paints, parts)) - spectrumOf(mixture["reflectance"]);
            QVERIFY2(off.abs().maxCoeff() < 2e-4f, qPrintable(QString::number(off.abs().maxCoeff())));
        }
    }

    void onePaintAloneIsItself() {
        const Pigment ochre = Swatch::pigmentOf("#b9822e", Kind::gouache);
        const Pigment same = mixed(std::array{ochre}, std::array{3.0f});
        QVERIFY((same.absorb - ochre.absorb).abs().maxCoeff() < 1e-6f);
        QVERIFY((same.scatter - ochre.scatter).abs().maxCoeff() < 1e-6f);
        QVERIFY(std::fabs(same.amount - ochre.amount) < 1e-6f && std::fabs(same.wetScatter - ochre.wetScatter) < 1e-6f);
        // Two of the same make it too, and parts count against each other only.
        const Pigment twice = mixed(std::array{ochre, ochre}, std::array{1.0f, 2.0f});
        QVERIFY((twice.root - ochre.root).abs().maxCoeff() < 1e-5f);
    }

    /// More of a paint brings the mixture nearer to it, band by band.
    void moreOfAPaintComesNearerToIt() {
        const Pigment ochre = Swatch::pigmentOf("#b9822e", Kind::gouache),
                      blue = Swatch::pigmentOf("#2b3a9c", Kind::gouache);
        Spectrum before = masstoneOf(ochre);
        const Spectrum end = masstoneOf(blue);
        for (const float part : {0.2f, 0.5f, 1.0f, 3.0f, 20.0f}) {
            const Spectrum now = masstoneOf(mixed(std::array{ochre, blue}, std::array{1.0f, part}));
            QVERIFY(((now - end).abs() <= (before - end).abs() + 1e-6f).all());
            before = now;
        }
    }

    /// Practice: brown with blue gives living greys, less chroma than either.
    void brownAndBlueMakeGrey() {
        const auto labOf = [](const Pigment& paint) {
            return colour::labOfReflectance(masstoneOf(paint), colour::Light::daylight65);
        };
        const Pigment brown = Swatch::pigmentOf("#7d4026", Kind::gouache),
                      blue = Swatch::pigmentOf("#2b3a9c", Kind::gouache);
        const double grey = colour::chroma(labOf(mixed(std::array{brown, blue}, std::array{2.0f, 1.0f})));
        QVERIFY(grey < colour::chroma(labOf(brown)) / 2 && grey < colour::chroma(labOf(blue)) / 2);
    }

    /// All mixtures of three at most, in few parts, of one kind of paint only, none twice.
    void mixesAreInFewParts() {
        std::vector<materials::Material> media(4);
        for (auto& medium : media) medium.kind = Kind::gouache;
        media[3].kind = Kind::watercolour;
        const auto tray = matching::prepared(media, colour::Light::daylight65);
        const auto mixes = matching::paintMixesOf({0, 1, 2, 3}, tray);
        QCOMPARE(mixes.size(), std::size_t(4 + 3 * 5 + 4));
        for (std::size_t i = 0; i < mixes.size(); ++i) {
            const matching::PaintMix& mix = mixes[i];
            QVERIFY(mix.media.size() == mix.parts.size() && int(mix.media.size()) <= matching::mostMixed);
            QVERIFY(std::ranges::is_sorted(mix.parts, std::greater{}));
            const bool hasOther = std::ranges::find(mix.media, 3) != mix.media.end();
            QVERIFY(!hasOther || mix.media.size() == 1);
            QCOMPARE(std::ranges::find(mixes, mix) - mixes.begin(), std::ptrdiff_t(i));
        }
    }
};

QTEST_GUILESS_MAIN(TestMixtures)
#include "test_mixtures.moc"
