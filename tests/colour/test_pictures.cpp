#include <lcms2.h>

#include <QDir>
#include <QtTest>
#include <cmath>
#include <opencv2/core.hpp>

#include "colour/difference.h"
#include "colour/difference_map.h"
#include "colour/image_colour.h"
#include "colour/picture_under.h"
#include "colour/reflectance.h"
#include "colour/srgb.h"
#include "numbers.h"
#include "tables.h"

using namespace colour;

namespace {

using Bytes = std::vector<std::uint8_t>;

Bytes bytesOf(cmsHPROFILE profile) {
    cmsUInt32Number size = 0;
    if (!cmsSaveProfileToMem(profile, nullptr, &size)) qFatal("the profile cannot be written");
    Bytes bytes(size);
    cmsSaveProfileToMem(profile, bytes.data(), &size);
    cmsCloseProfile(profile);
    return bytes;
}

/// An RGB profile that is a table and no matrix: twisted on purpose, so that no matrix could stand for it.
Bytes tableProfile() {
    cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
    cmsSetProfileVersion(profile, 2.1);  // whose tables may be a grid alone
    cmsSetDeviceClass(profile, cmsSigInputClass);
    cmsSetColorSpace(profile, cmsSigRgbData);
    cmsSetPCS(profile, cmsSigLabData);
    cmsPipeline* pipeline = cmsPipelineAlloc(nullptr, 3, 3);
    cmsStage* grid = cmsStageAllocCLut16bit(nullptr, 9, 3, 3, nullptr);
    cmsStageSampleCLut16bit(
        grid,
        [](const cmsUInt16Number in[], cmsUInt16Number out[], void*) -> cmsInt32Number {
            const double r = in[0] / 65535.0, g = in[1] / 65535.0, b = in[2] / 65535.0;
            const cmsCIELab lab{100 * (0.3 * r + 0.6 * g * g + 0.1 * b), 60 * (r - g) * (1 - b / 2), 60 * (g - b) * r};
            cmsFloat2LabEncodedV2(out, &lab);
            return 1;
        },
        nullptr, 0);
    cmsPipelineInsertStage(pipeline, cmsAT_END, grid);
    cmsWriteTag(profile, cmsSigAToB0Tag, pipeline);
    cmsWriteTag(profile, cmsSigMediaWhitePointTag, cmsD50_XYZ());
    cmsPipelineFree(pipeline);
    return bytesOf(profile);
}

Bytes fileBytes(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return {};
    const QByteArray all = file.readAll();
    return {all.begin(), all.end()};
}

cv::Mat randomPixels(int type, unsigned seed) {
    cv::Mat pixels(20, 1000, type);
    cv::RNG random(seed);
    random.fill(pixels, cv::RNG::UNIFORM, 0, type == CV_8UC3 ? 256 : 65536);
    return pixels;
}

/// CIELAB of every pixel by Little CMS in double precision.
template <typename Pixel>
std::vector<Lab> byLittleCms(const cv::Mat& pixels, cmsHPROFILE source) {
    const double top = sizeof(Pixel) == 3 ? 255 : 65535;
    const bool grey = cmsGetColorSpace(source) == cmsSigGrayData;
    cmsHPROFILE target = cmsCreateLab4Profile(nullptr);
    cmsHTRANSFORM transform = cmsCreateTransform(source, grey ? TYPE_GRAY_DBL : TYPE_RGB_DBL, target, TYPE_Lab_DBL,
                                                 INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE | cmsFLAGS_NOOPTIMIZE);
    std::vector<Lab> labs;
    for (int y = 0; y < pixels.rows; ++y)
        for (int x = 0; x < pixels.cols; ++x) {
            const Pixel& p = pixels.at<Pixel>(y, x);
            const double rgb[3] = {p[2] / top, p[1] / top, p[0] / top};
            cmsCIELab lab;
            cmsDoTransform(transform, rgb, &lab, 1);
            labs.push_back({lab.L, lab.a, lab.b});
        }
    cmsDeleteTransform(transform);
    cmsCloseProfile(target);
    cmsCloseProfile(source);
    return labs;
}

double worstDifference(const cv::Mat& lab, const std::vector<Lab>& wanted) {
    double worst = 0;
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const auto& p = lab.at<cv::Vec3f>(y, x);
            worst = std::max(worst, differenceCie2000({p[0], p[1], p[2]}, wanted[std::size_t(y * lab.cols + x)]));
        }
    return worst;
}

}  // namespace

/// Whole pictures: profiles, and the maps of differences.
class TestPictures : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void picturesGoThroughTheirProfile_data() {
        QTest::addColumn<Bytes>("profile");
        QTest::newRow("none: sRGB") << Bytes{};
        QTest::newRow("sRGB") << bytesOf(cmsCreate_sRGBProfile());
        QTest::newRow("table") << tableProfile();
        // Open profiles as Debian's colord-data carries them: narrow and wide, of many gammas.
        for (const QFileInfo& file : QDir(QStringLiteral("/usr/share/color/icc/colord")).entryInfoList({"*RGB*.icc"}))
            QTest::newRow(qPrintable(file.baseName())) << fileBytes(file.filePath());
    }
    /// Against Little CMS in double precision, 8 and 16 bits.
    void picturesGoThroughTheirProfile() {
        QFETCH(Bytes, profile);
        const auto opened = [&] {
            return profile.empty() ? cmsCreate_sRGBProfile()
                                   : cmsOpenProfileFromMem(profile.data(), cmsUInt32Number(profile.size()));
        };
        const cv::Mat eight = randomPixels(CV_8UC3, 5), sixteen = randomPixels(CV_16UC3, 6);
        const auto ours8 = labImage(eight, profile, "x"), ours16 = labImage(sixteen, profile, "x");
        QVERIFY(ours8.ok() && ours16.ok());
        const double worst8 = worstDifference(*ours8, byLittleCms<cv::Vec3b>(eight, opened()));
        const double worst16 = worstDifference(*ours16, byLittleCms<cv::Vec3w>(sixteen, opened()));
        QVERIFY2(worst8 <= 0.02 && worst16 <= 0.02, qPrintable(QStringLiteral("%1 %2").arg(worst8).arg(worst16)));
        // By way of XYZ, in place: the same.
        auto xyz = xyzImage(eight, profile, "x");
        QVERIFY(xyz.ok());
        const float* place = xyz->ptr<float>();
        cv::Mat lab = *xyz;
        toLab(lab);
        QCOMPARE(lab.ptr<float>(), place);
        QCOMPARE(cv::norm(lab, *ours8, cv::NORM_INF), 0.0);
    }

    /// Grey pictures come with three like components; the profile's one curve counts.
    void greyProfilesKeepTheirCurve() {
        for (const double gamma : {1.0, 1.8, 2.2, 2.6}) {
            const auto profile = [gamma] {
                cmsToneCurve* curve = cmsBuildGamma(nullptr, gamma);
                cmsHPROFILE made = cmsCreateGrayProfile(cmsD50_xyY(), curve);
                cmsFreeToneCurve(curve);
                return made;
            };
            cv::Mat pixels(1, 256, CV_8UC3);
            for (int x = 0; x < 256; ++x) pixels.at<cv::Vec3b>(0, x) = cv::Vec3b::all(uchar(x));
            const auto lab = labImage(pixels, bytesOf(profile()), "grey");
            QVERIFY(lab.ok());
            for (int x = 0; x < 256; ++x) {
                const Lab want = labFromXyz({whiteD50.x * std::pow(x / 255.0, gamma), std::pow(x / 255.0, gamma),
                                             whiteD50.z * std::pow(x / 255.0, gamma)});
                const auto& got = lab->at<cv::Vec3f>(0, x);
                QVERIFY2(
                    differenceCie2000(want, {got[0], got[1], got[2]}) < 0.05,
                    qPrintable(QStringLiteral("gamma %1 at %2: %3 for %4").arg(gamma).arg(x).arg(got[0]).arg(want.L)));
            }
        }
    }

    void picturesComeBackAsTheyWere() {
        const cv::Mat pixels = randomPixels(CV_8UC3, 8);
        const cv::Mat back = srgb8ImageFromXyz(*xyzImage(pixels, {}, "x"));
        for (int x = 0; x < pixels.cols; ++x) {
            const cv::Vec3b p = pixels.at<cv::Vec3b>(0, x);
            QCOMPARE(back.at<cv::Vec3b>(0, x), cv::Vec3b(p[2], p[1], p[0]));
        }
    }

    /// Against the reflectance of every single pixel.
    void picturesAreSeenUnderOtherLights() {
        cv::Mat pixels(1, 1000, CV_8UC3);
        cv::RNG random(11);
        random.fill(pixels, cv::RNG::UNIFORM, 0, 256);
        QCOMPARE(pictureUnder(pixels, Light::daylight65).data, pixels.data);
        for (const Light light : {Light::daylight50, Light::lamp, Light::led}) {
            const cv::Mat seen = pictureUnder(pixels, light);
            double worst = 0, moved = 0;
            for (int x = 0; x < 1000; ++x) {
                const auto labAt = [x](const cv::Mat& from) {
                    const cv::Vec3b p = from.at<cv::Vec3b>(0, x);
                    return labFromSrgb8({p[0], p[1], p[2]});
                };
                // What leaves the gamut is clipped, on both sides.
                const Lab want = labFromSrgb8(srgb8FromSrgb(srgbFromLab(labUnder(labAt(pixels), light))));
                worst = std::max(worst, differenceCie2000(labAt(seen), want));
                moved = std::max(moved, differenceCie2000(labAt(seen), labAt(pixels)));
            }
            QVERIFY2(worst < 1.5, qPrintable(QString::number(worst)));
            QVERIFY(moved > 2);
        }
    }

    void printingProfilesAreRefused() {
        const Bytes bytes = bytesOf(cmsCreateInkLimitingDeviceLink(cmsSigCmykData, 200));
        const auto result = xyzImage(cv::Mat(4, 4, CV_8UC3, cv::Scalar::all(9)), bytes, "sheet.jpg");
        QVERIFY(!result.ok());
        QCOMPARE(result.problem().kind, common::ProblemKind::pictureColourSpace);
        QCOMPARE(result.problem().where, std::string("sheet.jpg"));
    }

    void aBrokenProfileCountsAsNone() {
        const cv::Mat pixels = randomPixels(CV_8UC3, 9);
        const auto broken = labImage(pixels, Bytes(300, 7), "x");
        QVERIFY(broken.ok());
        QCOMPARE(cv::norm(*broken, *labImage(pixels, {}, "x"), cv::NORM_INF), 0.0);
    }

    /// The published pairs (Sharma, Wu, Dalal 2005) and random ones, among them greys and like colours, against the
    /// double precision of differenceCie2000. The formula jumps where two hues stand opposite: published pairs 8 to 15
    /// sit on that edge, and random pairs within 0.01 degrees of it are left out.
    void mapsAreTheFormulaPixelByPixel() {
        const auto published = rowsOf(QStringLiteral(TEST_OWN "/colour/ciede2000_pairs.txt"));
        QCOMPARE(published.size(), 34);
        Numbers random(21);
        std::vector<std::pair<Lab, Lab>> pairs;
        for (const auto& r : published) pairs.push_back({{r[0], r[1], r[2]}, {r[3], r[4], r[5]}});
        while (pairs.size() < 100000) {
            const double reach = pairs.size() % 3 == 0 ? 2 : 110;
            const Lab p{random.between(0, 100), random.between(-reach, reach), random.between(-reach, reach)};
            Lab q{random.between(0, 100), random.between(-reach, reach), random.between(-reach, reach)};
            if (pairs.size() % 5 == 0) q = {p.L + random.between(-1, 1), p.a + random.between(-1, 1), p.b};
            if (pairs.size() % 97 == 0) q.a = q.b = 0;
            if (pairs.size() % 101 == 0) q = p;
            pairs.push_back({p, q});
        }
        cv::Mat one(100, 1000, CV_32FC3), other(100, 1000, CV_32FC3);
        for (int i = 0; i < 100000; ++i) {
            const auto& [p, q] = pairs[std::size_t(i)];
            one.at<cv::Vec3f>(i / 1000, i % 1000) = {float(p.L), float(p.a), float(p.b)};
            other.at<cv::Vec3f>(i / 1000, i % 1000) = {float(q.L), float(q.a), float(q.b)};
        }
        cv::Mat map;
        differenceMap(one, other, map);
        double worst = 0;
        for (int i = 0; i < 100000; ++i) {
            const auto& [p, q] = pairs[std::size_t(i)];
            const bool onTheEdge = hueDistance(hue(p), hue(q)) > 179.99;
            if (onTheEdge || (i >= 7 && i < 15)) continue;
            worst = std::max(worst, std::fabs(map.at<float>(i / 1000, i % 1000) - differenceCie2000(p, q)));
        }
        QVERIFY2(worst < 1e-3, qPrintable(QString::number(worst)));
        QCOMPARE(map.rows, 100);
    }
};

QTEST_GUILESS_MAIN(TestPictures)
#include "test_pictures.moc"
