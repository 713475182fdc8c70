#include <lcms2.h>

#include <QtTest>
#include <cmath>
#include <exiv2/exiv2.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/munsell.h"
#include "numbers.h"
#include "subject/areas.h"
#include "subject/areas_by_colour.h"
#include "subject/frame.h"
#include "subject/masses.h"
#include "subject/picture.h"
#include "subject/pyramid.h"
#include "subject/squint.h"

using namespace subject;
using common::ProblemKind;

namespace {

std::vector<std::uint8_t> encoded(const cv::Mat& image, const char* ending) {
    std::vector<uchar> bytes;
    cv::imencode(ending, image, bytes);
    return bytes;
}

cv::Mat photo(int width = 120, int height = 80) {
    cv::Mat image(height, width, CV_8UC3);
    for (int y = 0; y < height; ++y)
        for (int x = 0; x < width; ++x)
            image.at<cv::Vec3b>(y, x) = cv::Vec3b(uchar(x * 2), uchar(y * 3), uchar((x ^ y) & 255));
    return image;
}

struct RgbSpace {
    const char* name;
    cmsCIExyY white;
    cmsCIExyYTRIPLE primaries;
    double gamma;  // 0: the curve of sRGB
};
/// Primaries and whites as published: IEC 61966-2-1 (sRGB), ITU-R BT.2020-2 (wider), ISO 22028-2 (ROMM RGB, wider
/// still); the curves of the two wider are plain powers here, which a profile may have.
const RgbSpace rgbSpaces[] = {
    {"sRGB", {0.3127, 0.3290, 1}, {{0.64, 0.33, 1}, {0.30, 0.60, 1}, {0.15, 0.06, 1}}, 0},
    {"BT.2020", {0.3127, 0.3290, 1}, {{0.708, 0.292, 1}, {0.170, 0.797, 1}, {0.131, 0.046, 1}}, 2.2},
    {"ROMM", {0.3457, 0.3585, 1}, {{0.7347, 0.2653, 1}, {0.1596, 0.8404, 1}, {0.0366, 0.0001, 1}}, 1.8},
};

/// A JPEG with an APP2 segment that claims to hold a profile (ICC.1:2010, annex B.4).
std::vector<std::uint8_t> withProfile(std::vector<std::uint8_t> jpeg, const std::vector<std::uint8_t>& profile) {
    const std::string name("ICC_PROFILE\0\x01\x01", 14);
    const std::size_t size = 2 + name.size() + profile.size();
    std::vector<std::uint8_t> segment(2 + size);
    segment[0] = 0xFF;
    segment[1] = 0xE2;
    segment[2] = std::uint8_t(size >> 8);
    segment[3] = std::uint8_t(size);
    std::ranges::copy(profile, std::ranges::copy(name, segment.begin() + 4).out);
    jpeg.insert(jpeg.begin() + 2, segment.begin(), segment.end());
    return jpeg;
}

/// A picture of sRGB codes (CV_8UC3, B G R) in another space by Little CMS, in 16 bits, as PNG with the profile in it.
std::vector<std::uint8_t> savedIn(const RgbSpace& space, const cv::Mat& srgb) {
    const cmsFloat64Number curve[] = {2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045};
    cmsToneCurve* tone =
        space.gamma > 0 ? cmsBuildGamma(nullptr, space.gamma) : cmsBuildParametricToneCurve(nullptr, 4, curve);
    cmsToneCurve* curves[] = {tone, tone, tone};
    cmsHPROFILE own = cmsCreateRGBProfile(&space.white, &space.primaries, curves), from = cmsCreate_sRGBProfile();
    cmsUInt32Number size = 0;
    cmsSaveProfileToMem(own, nullptr, &size);
    std::vector<std::uint8_t> profile(size);
    cmsSaveProfileToMem(own, profile.data(), &size);
    cmsHTRANSFORM transform =
        cmsCreateTransform(from, TYPE_BGR_8, own, TYPE_BGR_16, INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOOPTIMIZE);
    cv::Mat codes(srgb.size(), CV_16UC3);
    cmsDoTransform(transform, srgb.data, codes.data, cmsUInt32Number(srgb.total()));
    cmsDeleteTransform(transform);
    cmsCloseProfile(own);
    cmsCloseProfile(from);
    cmsFreeToneCurve(tone);
    const std::vector<std::uint8_t> png = encoded(codes, ".png");
    const auto image = Exiv2::ImageFactory::open(png.data(), long(png.size()));
    image->readMetadata();
    Exiv2::DataBuf icc(profile.data(), long(profile.size()));
    image->setIccProfile(icc);
    image->writeMetadata();
    Exiv2::BasicIo& io = image->io();
    io.open();
    std::vector<std::uint8_t> bytes(io.size());
    io.read(bytes.data(), long(bytes.size()));
    return bytes;
}

}  // namespace

/// The reference as it comes in and as it is framed.
class TestReference : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void picturesComeInUpright_data() {
        QTest::addColumn<int>("orientation");
        for (int o = 1; o <= 8; ++o) QTest::newRow(qPrintable(QString::number(o))) << o;
    }
    /// Source: EXIF 2.3, tag 274. The picture is stored turned, as a camera would, and must come back.
    void picturesComeInUpright() {
        QFETCH(int, orientation);
        const cv::Mat wanted = photo();
        cv::Mat stored = wanted.clone();
        // What undoes each orientation: flips first, then the transposition.
        if (orientation == 2 || orientation == 6) cv::flip(stored, stored, 1);
        if (orientation == 3 || orientation == 7) cv::flip(stored, stored, -1);
        if (orientation == 4 || orientation == 8) cv::flip(stored, stored, 0);
        if (orientation >= 5) cv::transpose(stored, stored);
        std::vector<std::uint8_t> jpeg = encoded(stored, ".jpg");
        const std::uint8_t exif[] = {0xFF, 0xE1, 0, 34, 'E', 'x', 'i', 'f', 0, 0,
                                     'M',  'M',  0, 42, 0,   0,   0,   8,   0, 1,
                                     0x01, 0x12, 0, 3,  0,   0,   0,   1,   0, std::uint8_t(orientation),
                                     0,    0,    0, 0,  0,   0};
        jpeg.insert(jpeg.begin() + 2, std::begin(exif), std::end(exif));
        const auto upright = readPicture(jpeg, "turned.jpg");
        const auto plain = readPicture(encoded(wanted, ".jpg"), "plain.jpg");
        QVERIFY(upright.ok() && plain.ok());
        QCOMPARE(upright->xyz.size(), plain->xyz.size());
        QVERIFY(cv::norm(upright->xyz, plain->xyz, cv::NORM_L1) / double(plain->xyz.total()) < 0.03);
    }

    /// The same picture in three RGB spaces gives the same masses and the same colours in every area.
    void profilesMakeNoDifference() {
        cv::Mat image = cv::imread(TEST_DATA "/demo/kettle.png");
        QVERIFY(!image.empty());
        cv::resize(image, image, {}, 0.4, 0.4, cv::INTER_AREA);
        struct Read {
            Masses masses;
            std::vector<colour::Lab> means;  // of the areas
        };
        std::vector<Read> reads;
        Areas areas;
        for (const RgbSpace& space : rgbSpaces) {
            const auto picture = readPicture(savedIn(space, image), "kettle.png");
            QVERIFY2(picture.ok(), space.name);
            cv::Mat lab = picture->xyz.clone();
            colour::toLab(lab);
            const cv::Mat soft = squinted(lab, 0.4);
            // A superpixel may fall the other way on a hair: the same areas are looked at.
            if (areas.list.empty()) areas = areasOf(regionsByColour(soft, 12), soft);
            reads.push_back({valueMasses(soft, 5), {}});
            for (int i = 0; i < int(areas.list.size()); ++i) {
                const cv::Scalar mean = cv::mean(lab, areas.map == i);
                reads.back().means.push_back({mean[0], mean[1], mean[2]});
            }
        }
        double worst = 0;
        for (std::size_t i = 1; i < reads.size(); ++i) {
            const Read &one = reads[0], &other = reads[i];
            QCOMPARE(other.masses.values.size(), one.masses.values.size());
            for (std::size_t m = 0; m < one.masses.values.size(); ++m) {
                const colour::Lab a{colour::lightnessOfMunsellValue(one.masses.values[m]), 0, 0};
                const colour::Lab b{colour::lightnessOfMunsellValue(other.masses.values[m]), 0, 0};
                worst = std::max(worst, colour::differenceCie2000(a, b));
                QVERIFY(std::fabs(one.masses.shares[m] - other.masses.shares[m]) < 0.003);
            }
            for (std::size_t a = 0; a < one.means.size(); ++a)
                worst = std::max(worst, colour::differenceCie2000(one.means[a], other.means[a]));
        }
        qInfo("worst difference %.3f", worst);
        QVERIFY2(worst <= 0.3, qPrintable(QString::number(worst)));
    }

    void picturesAreReducedAndCropped() {
        const auto picture = readPicture(encoded(photo(400, 200), ".png"), "x.png", 100);
        QVERIFY(picture.ok());
        QCOMPARE(picture->xyz.size(), cv::Size(100, 50));
        QCOMPARE(picture->sourcePixels, cv::Size(400, 200));
        QCOMPARE(framed(picture->xyz, {}, 1.0, 1000).size(), cv::Size(50, 50));
        QCOMPARE(framed(picture->xyz, {}, 4.0, 1000).size(), cv::Size(100, 25));
        QCOMPARE(framed(picture->xyz, {}, 4.0, 40).size(), cv::Size(40, 10));
        // Light is what is averaged: a board of black and white squares has half of the white's, at any size.
        cv::Mat board(384, 512, CV_8UC3);
        for (int y = 0; y < board.rows; ++y)
            for (int x = 0; x < board.cols; ++x) board.at<cv::Vec3b>(y, x) = cv::Vec3b::all((x + y) % 2 ? 255 : 0);
        for (const int side : {512, 256, 171, 100, 64}) {
            const auto small = readPicture(encoded(board, ".png"), "board.png", side);
            QVERIFY(small.ok());
            QCOMPARE(std::max(small->xyz.cols, small->xyz.rows), side);
            const cv::Scalar light = cv::mean(small->xyz), least = cv::mean(framed(small->xyz, {}, 4.0 / 3, side / 2));
            QVERIFY2(std::fabs(light[1] - 0.5) < 0.005, qPrintable(QString::number(light[1])));
            QVERIFY2(std::fabs(least[1] - 0.5) < 0.01, qPrintable(QString::number(least[1])));
            QVERIFY(std::fabs(light[0] / light[1] - 0.9642) < 0.002 && std::fabs(light[2] / light[1] - 0.8249) < 0.002);
        }
    }

    void printingInksAreRefused() {
        auto tiff = encoded(photo(), ".tiff");
        const std::array<std::uint8_t, 8> rgb{0x06, 0x01, 0x03, 0x00, 0x01, 0x00, 0x00, 0x00};  // its meaning, one word
        const auto tag = std::search(tiff.begin(), tiff.end(), rgb.begin(), rgb.end());
        QVERIFY(tag != tiff.end());
        tag[rgb.size()] = 5;
        const auto result = readPicture(tiff, "inks.tif");
        QVERIFY(!result.ok());
        QCOMPARE(result.problem().kind, common::ProblemKind::pictureColourSpace);
    }

    /// Each pixel of a crop is the reference's pixel there, wherever the crop lies.
    void cropsHoldTheirPixels() {
        cv::Mat places(80, 100, CV_32FC3);
        for (int y = 0; y < 80; ++y)
            for (int x = 0; x < 100; ++x) places.at<cv::Vec3f>(y, x) = {float(x), float(y), 0};
        struct Crop {
            double centreX, centreY, width;
            int left, top;
        };
        for (const Crop& crop : {Crop{0.5, 0.5, 1, 0, 0}, Crop{0.3, 0.7, 0.4, 10, 40}, Crop{0.25, 0.5, 0.5, 0, 20},
                                 Crop{0.75, 0.75, 0.5, 50, 40}, Crop{0.62, 0.41, 0.2, 52, 24}}) {
            const cv::Mat held = framed(places, {crop.centreX, crop.centreY, crop.width}, 1.25, 1000);
            QCOMPARE(held.size(), cv::Size(int(crop.width * 100), int(crop.width * 80)));
            for (const cv::Point& at : {cv::Point(0, 0), cv::Point(held.cols - 1, held.rows - 1)}) {
                const auto& from = held.at<cv::Vec3f>(at);
                QCOMPARE(int(from[0]), crop.left + at.x);
                QCOMPARE(int(from[1]), crop.top + at.y);
            }
        }
    }

    /// Source: ITU-T T.81, annex B: segments begin with FF and a marker, may be filled up with more FF, and the frame's
    /// (C0 to CF but for C4, C8, CC) tells how many components there are.
    void jpegsInInksAreRefused() {
        for (const int isProgressive : {0, 1}) {
            std::vector<std::uint8_t> jpeg;
            cv::imencode(".jpg", photo(), jpeg, {cv::IMWRITE_JPEG_PROGRESSIVE, isProgressive});
            const auto segment = [&](std::uint8_t marker, std::uint8_t fifth) {
                for (std::size_t i = 2; i + 5 < jpeg.size(); i += 2 + std::size_t(jpeg[i + 2] * 256 + jpeg[i + 3]))
                    if (jpeg[i] == 0xFF && jpeg[i + 1] == marker && (fifth == 0 || jpeg[i + 4] == fifth)) return i;
                return std::size_t(0);
            };
            const std::size_t frame = segment(isProgressive ? 0xC2 : 0xC0, 0);
            QVERIFY(frame > 0);
            std::vector<std::uint8_t> inks = jpeg;
            inks[frame + 9] = 4;
            // Another segment and filling before the frame make no difference.
            for (const std::vector<std::uint8_t>& before :
                 {std::vector<std::uint8_t>{}, {0xFF, 0xFE, 0, 9, 4, 4, 4, 4, 4, 4, 4}, {0xFF, 0xFF, 0xFF}}) {
                std::vector<std::uint8_t> bytes = inks;
                bytes.insert(bytes.begin() + std::ptrdiff_t(frame), before.begin(), before.end());
                const auto result = readPicture(bytes, "inks.jpg");
                QVERIFY(!result.ok());
                QCOMPARE(result.problem().kind, ProblemKind::pictureColourSpace);
                bytes = jpeg;
                bytes.insert(bytes.begin() + std::ptrdiff_t(frame), before.begin(), before.end());
                QVERIFY(readPicture(bytes, "light.jpg").ok());
            }
            // A table of codes (C4) is no frame, though its tenth byte may be a four.
            if (isProgressive) continue;
            const std::size_t table = segment(0xC4, 0x11);
            QVERIFY(table > 0 && jpeg[table + 9] == 4);
            const std::vector<std::uint8_t> codes(
                jpeg.begin() + std::ptrdiff_t(table),
                jpeg.begin() + std::ptrdiff_t(table + 2 + std::size_t(jpeg[table + 2] * 256 + jpeg[table + 3])));
            jpeg.insert(jpeg.begin() + std::ptrdiff_t(frame), codes.begin(), codes.end());
            QVERIFY(readPicture(jpeg, "table.jpg").ok());
        }
    }

    void badPicturesAreRefused_data() {
        QTest::addColumn<QByteArray>("bytes");
        QTest::addColumn<int>("kind");
        const auto add = [](const char* name, const std::vector<std::uint8_t>& bytes, ProblemKind kind) {
            QTest::newRow(name) << QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size()))
                                << int(kind);
        };
        const std::string text = "this is no picture at all";
        add("text", {text.begin(), text.end()}, ProblemKind::pictureUnknown);
        add("nothing", {}, ProblemKind::pictureUnknown);
        auto png = encoded(photo(), ".png");
        png.resize(png.size() / 2);
        add("cut PNG", png, ProblemKind::pictureTruncated);
        auto jpeg = encoded(photo(), ".jpg");
        jpeg.resize(jpeg.size() * 2 / 3);
        add("cut JPEG", jpeg, ProblemKind::pictureTruncated);
        add("one pixel", encoded(photo(1, 1), ".png"), ProblemKind::pictureTooSmall);
        auto huge = encoded(photo(), ".png");
        for (const int at : {16, 20}) {
            huge[at] = huge[at + 1] = 0;
            huge[at + 2] = 40000 >> 8;
            huge[at + 3] = 40000 & 255;
        }
        add("40,000 x 40,000", huge, ProblemKind::pictureTooLarge);
        const std::string map = "\xFF\xD8 NITF02.10", tiff = "MM and no TIFF";
        add("a map of the earth", {map.begin(), map.end()}, ProblemKind::pictureUnknown);
        add("two letters of a TIFF", {tiff.begin(), tiff.end()}, ProblemKind::pictureUnknown);
        const std::string gif = "GIF89a\x01\x01";
        add("GIF", {gif.begin(), gif.end()}, ProblemKind::pictureUnknown);
        // RFC 9649: an extended header that says that frames follow.
        const std::string moving("RIFF\x1E\0\0\0WEBPVP8X\x0A\0\0\0\x02\0\0\0\x3F\0\0\x3F\0\0", 30);
        add("WebP of 20 bytes", {moving.begin(), moving.begin() + 20}, ProblemKind::pictureTruncated);
        // Whole by its end marker, but its frame header (ITU-T T.81, B.2.2) tells of far more than so few bytes can
        // hold.
        auto hollow = encoded(photo(), ".jpg");
        for (std::size_t i = 2; hollow[i] == 0xFF; i += 2 + std::size_t(hollow[i + 2]) * 256 + hollow[i + 3])
            if (hollow[i + 1] == 0xC0) {
                hollow[i + 5] = hollow[i + 7] = 9000 >> 8;
                hollow[i + 6] = hollow[i + 8] = 9000 & 255;
                break;
            }
        add("hollow JPEG", hollow, ProblemKind::pictureTruncated);
        add("animated WebP", {moving.begin(), moving.end()}, ProblemKind::pictureMoving);
        add("cut profile", withProfile(encoded(photo(), ".jpg"), std::vector<std::uint8_t>(90, 1)),
            ProblemKind::pictureProfile);
    }
    void badPicturesAreRefused() {
        QFETCH(QByteArray, bytes);
        QFETCH(int, kind);
        const auto result =
            readPicture({reinterpret_cast<const std::uint8_t*>(bytes.constData()), std::size_t(bytes.size())}, "bad");
        QVERIFY(!result.ok());
        QCOMPARE(int(result.problem().kind), kind);
    }

    /// An orientation that is told without a value is none (EXIF 2.3 has one short for tag 274).
    void anEmptyOrientationIsNone() {
        std::vector<std::uint8_t> jpeg = encoded(photo(), ".jpg");
        const std::uint8_t exif[] = {0xFF, 0xE1, 0,    34,   'E', 'x', 'i', 'f', 0, 0, 'M', 'M', 0, 42, 0, 0, 0, 8,
                                     0,    1,    0x01, 0x12, 0,   3,   0,   0,   0, 0, 0,   0,   0, 0,  0, 0, 0, 0};
        jpeg.insert(jpeg.begin() + 2, std::begin(exif), std::end(exif));
        QVERIFY(readPicture(jpeg, "empty.jpg").ok());
    }

    /// A profile that opens and gives no transform: its only table is cut off.
    void aProfileWithoutATransformIsRefused() {
        cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
        cmsSetProfileVersion(profile, 2.1);
        cmsSetDeviceClass(profile, cmsSigInputClass);
        cmsSetColorSpace(profile, cmsSigRgbData);
        cmsSetPCS(profile, cmsSigLabData);
        cmsWriteTag(profile, cmsSigMediaWhitePointTag, cmsD50_XYZ());
        cmsUInt32Number size = 0;
        cmsSaveProfileToMem(profile, nullptr, &size);
        std::vector<std::uint8_t> bytes(size);
        cmsSaveProfileToMem(profile, bytes.data(), &size);
        cmsCloseProfile(profile);
        const auto result = colour::xyzImage(photo(), bytes, "bare.png");
        QVERIFY(!result.ok());
        QCOMPARE(result.problem().kind, ProblemKind::pictureColourSpace);
    }

    /// Strips that reducing would leave no pixel of, and frames of a pixel or two.
    void thinPicturesAreStillPictures() {
        const auto strip = readPicture(encoded(photo(40000, 32), ".png"), "strip.png", 512);
        QVERIFY(strip.ok());
        QVERIFY(strip->xyz.rows >= 1 && strip->xyz.cols <= 512);
        const auto pyramid = readPyramid(encoded(photo(40000, 32), ".png"), "strip.png");
        QVERIFY(pyramid.ok());
        QCOMPARE(pyramid->view({}, 40, {0, 0, 1, 1}, {80, 2}).size(), cv::Size(80, 2));
        const cv::Mat small = readPicture(encoded(photo(32, 32), ".png"), "small.png")->xyz;
        QCOMPARE(framed(small, {}, 40, 10).size(), cv::Size(10, 1));
        QCOMPARE(framed(small, {}, 1 / 40.0, 10).size(), cv::Size(1, 10));
        for (const double format : {40.0, 1.0, 1 / 40.0}) {
            const cv::Mat whole = framed(small, {}, format, 1024);
            QVERIFY(std::min(whole.cols, whole.rows) >= leastFramedPixels);
            const cv::Mat part = framed(small, {0.5, 0.5, 0.03, 30}, format, 1024);
            QVERIFY(std::min(part.cols, part.rows) >= leastFramedPixels && std::max(part.cols, part.rows) <= 1024);
            // A part thinner than a pixel is one pixel thick.
            const cv::Mat line = framed(small, {0.5, 0.5, format > 1 ? 0.5 : 0.02}, format, 1024);
            if (format > 1) QCOMPARE(cv::norm(line.row(0), line.row(line.rows - 1), cv::NORM_INF), 0.0);
            if (format < 1) QCOMPARE(cv::norm(line.col(0), line.col(line.cols - 1), cv::NORM_INF), 0.0);
        }
    }

    /// Levelled and cropped again and again, a frame stays one that a file may hold, and shows what it showed.
    void framesStayWithinTheirBounds() {
        std::mt19937 random(5);
        std::uniform_real_distribution<double> anywhere(0, 1);
        const cv::Size tall(300, 900);
        Frame frame;
        double format = 0.75;
        for (int i = 0; i < 400; ++i) {
            const FramePlace place(frame, tall, format);
            const cv::Point2d from(anywhere(random), anywhere(random)), to(anywhere(random), anywhere(random));
            if (i % 3 == 0) {
                const Cropped part = cropped(frame, place, from, to, i % 2 ? format : 0);
                const FramePlace cropPlace(part.frame, tall, part.format);
                QVERIFY(std::fabs(part.frame.width * tall.width - cropPlace.width()) < 1e-6);
                frame = i % 30 == 0 ? Frame{} : part.frame;
            } else {
                frame = levelled(frame, place, from, to);
            }
            QVERIFY(frame == withinBounds(frame));
        }
        QCOMPARE(withinBounds({0.5, 0.5, 0.2, 725}).degrees, 5.0);
    }

    /// Places go through a frame and back, and every frame lies inside its reference.
    void framesMapBothWaysAndFit() {
        Numbers random(81);
        for (int round = 0; round < 2000; ++round) {
            const cv::Size size(40 + random.below(400), 40 + random.below(400));
            const Frame frame{random.between(0.05, 0.95), random.between(0.05, 0.95),
                              round % 3 ? random.between(0.01, 1) : 0, random.between(-200, 200)};
            const FramePlace place(frame, size, random.between(0.3, 3));
            const cv::Point2d p(random.between(-1, 2), random.between(-1, 2));
            QVERIFY(cv::norm(place.inFrame(place.inReference(p)) - p) < 1e-9);
            for (const cv::Point2d corner : {cv::Point2d(0, 0), {1, 0}, {0, 1}, {1, 1}}) {
                const cv::Point2d q = place.inReference(corner);
                QVERIFY(q.x > -1e-9 && q.y > -1e-9 && q.x < 1 + 1e-9 && q.y < 1 + 1e-9);
            }
        }
    }

    /// A line that leans is drawn, and the frame that is levelled by it shows it level, or plumb if it is steep, within
    /// a tenth of a degree; what was under its ends still is.
    void aFrameIsLevelledByALine() {
        Numbers random(82);
        const cv::Size size(3000, 2000);
        for (int round = 0; round < 300; ++round) {
            const Frame frame{0.5, 0.5, 0.4, random.between(-20, 20)};
            const FramePlace place(frame, size, 4.0 / 3);
            const cv::Point2d from(random.between(0, 1), random.between(0, 1)),
                to(random.between(0, 1), random.between(0, 1));
            if (cv::norm(from - to) < 0.05) continue;
            const Frame turned = levelled(frame, place, from, to);
            QVERIFY(std::fabs(turned.degrees - frame.degrees) <= 45 + 1e-9);
            const FramePlace after(turned, size, 4.0 / 3);
            const cv::Point2d a = after.inFrame(place.inReference(from)), b = after.inFrame(place.inReference(to));
            const double dx = std::fabs(b.x - a.x) * after.width(), dy = std::fabs(b.y - a.y) * after.height();
            QVERIFY(std::atan2(std::min(dx, dy), std::max(dx, dy)) * 180 / M_PI < 0.1);
        }
    }

    /// A drawn square turned by hand comes out level: the pixels agree, not only the arithmetic.
    void aLevelledPictureIsLevel() {
        cv::Mat picture(600, 800, CV_32FC3, cv::Scalar(0.1, 0.1, 0.1));
        const cv::RotatedRect leaning({400, 300}, {240, 240}, 7);
        cv::Point2f corners[4];
        leaning.points(corners);
        std::vector<cv::Point> outline(corners, corners + 4);
        cv::fillConvexPoly(picture, outline, cv::Scalar(0.8, 0.8, 0.8), cv::LINE_AA);
        const FramePlace plain({}, picture.size(), 4.0 / 3);
        // Along the square's lower edge, from the lower left corner.
        const cv::Point2d from(corners[0].x / 800, corners[0].y / 600), to(corners[3].x / 800, corners[3].y / 600);
        const Frame frame = levelled({}, plain, from, to);
        QVERIFY(std::fabs(frame.degrees - 7) < 0.3);
        const cv::Mat level = framed(picture, frame, 4.0 / 3, 4000);
        cv::Mat grey, bright;
        cv::extractChannel(level, grey, 1);
        bright = grey > 0.5;
        const cv::Rect box = cv::boundingRect(bright);
        // A level square fills its bounding box; one that leans by 7 degrees fills four fifths of it.
        QVERIFY(double(cv::countNonZero(bright)) / box.area() > 0.975);
        QVERIFY(std::abs(box.width - 240) <= 3 && std::abs(box.height - 240) <= 3);
    }

    void aFrameIsCroppedToABox() {
        const cv::Size size(1000, 800);
        const FramePlace place({}, size, 1.25);
        // Locked to the format, and free.
        const auto locked = cropped({}, place, {0.6, 0.7}, {0.2, 0.4}, 1.25);
        QCOMPARE(locked.format, 1.25);
        QVERIFY(std::fabs(locked.frame.centreX - 0.4) < 1e-9 && std::fabs(locked.frame.centreY - 0.55) < 1e-9);
        QVERIFY(std::fabs(locked.frame.width - 0.4) < 1e-9);  // 400 x 240 grown to 400 x 320
        const auto free = cropped({}, place, {0.6, 0.7}, {0.2, 0.4}, 0);
        QVERIFY(std::fabs(free.format - 400.0 / 240) < 1e-9);
        QCOMPARE(cropped({}, place, {0.6, 0.7}, {0.2, 0.4}, 0.8).format, 0.8);
        // A crop of a crop, turned: the box's corners are the new frame's.
        const Frame turned{0.5, 0.5, 0.5, 12};
        const FramePlace leaning(turned, size, 1.25);
        const auto part = cropped(turned, leaning, {0.1, 0.1}, {0.5, 0.4}, 0);
        const FramePlace inner(part.frame, size, part.format);
        QVERIFY(cv::norm(inner.inReference({0, 0}) - leaning.inReference({0.1, 0.1})) < 1e-9);
        QVERIFY(cv::norm(inner.inReference({1, 1}) - leaning.inReference({0.5, 0.4})) < 1e-9);
    }

    /// What is said to be grey becomes neutral at its own luminance, whatever was said before.
    void aPickedGreyBecomesNeutral() {
        const colour::Xyz warm{0.35, 0.33, 0.17}, other{0.2, 0.21, 0.25};
        cv::Mat picture(40, 40, CV_32FC3, cv::Scalar(warm.x, warm.y, warm.z));
        picture(cv::Rect(0, 0, 20, 40)).setTo(cv::Scalar(other.x, other.y, other.z));
        const auto shownAt = [&](const Frame& frame, int x) {
            const cv::Vec3f v = framed(picture, frame, 1, 100).at<cv::Vec3f>(20, x);
            return colour::Xyz{v[0], v[1], v[2]};
        };
        Frame frame = withGrey({}, shownAt({}, 30));
        colour::Lab lab = colour::labFromXyz(shownAt(frame, 30));
        QVERIFY(colour::chroma(lab) < 0.01 && std::fabs(shownAt(frame, 30).y - warm.y) < 1e-6);
        frame = withGrey(frame, shownAt(frame, 5));
        lab = colour::labFromXyz(shownAt(frame, 5));
        QVERIFY(colour::chroma(lab) < 0.01);
        QVERIFY(std::fabs(frame.grey->x - other.x) < 1e-6);
    }
};

QTEST_GUILESS_MAIN(TestReference)
#include "test_reference.moc"
