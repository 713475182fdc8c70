#include "subject/picture.h"

#include <algorithm>
#include <cmath>
#include <exiv2/exiv2.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <string_view>

#include "colour/image_colour.h"
#include "common/file.h"
#include "subject/reduced.h"

namespace subject {

using common::Problem;
using common::ProblemKind;

namespace {

struct Metadata {
    double width = 0, height = 0;
    int orientation = 1;
    bool inInks = false;  // TIFF: cyan, magenta, yellow and black
    std::vector<std::uint8_t> iccProfile;
};

bool stands(std::span<const std::uint8_t> bytes, std::size_t at, std::string_view word) {
    return bytes.size() >= at + word.size() && std::equal(word.begin(), word.end(), bytes.begin() + std::ptrdiff_t(at),
                                                          [](char c, std::uint8_t b) { return std::uint8_t(c) == b; });
}

/// By the first bytes of PNG, JPEG, TIFF and WebP, all of them: OpenCV would try what it does not know as maps of the
/// earth, which may name other files.
bool looksLikePicture(std::span<const std::uint8_t> bytes) {
    using namespace std::string_view_literals;
    const auto begins = [&](std::string_view magic) { return stands(bytes, 0, magic); };
    const bool isWebp = begins("RIFF") && stands(bytes, 8, "WEBPVP8");
    return begins("\x89PNG\r\n\x1A\n") || begins("\xFF\xD8\xFF") || begins("II*\0"sv) || begins("MM\0*"sv) || isWebp;
}

/// The animation flag of WebP's extended header (RFC 9649, section 2.7).
bool webpMoves(std::span<const std::uint8_t> bytes) {
    return stands(bytes, 8, "WEBPVP8X") && bytes.size() > 20 && (bytes[20] & 0x02) != 0;
}

common::Result<Metadata> readMetadata(std::span<const std::uint8_t> bytes, const std::string& name) {
    Exiv2::LogMsg::setLevel(Exiv2::LogMsg::mute);
    Metadata metadata;
    try {
        const auto image = Exiv2::ImageFactory::open(bytes.data(), static_cast<long>(bytes.size()));
        image->readMetadata();
        metadata.width = image->pixelWidth();
        metadata.height = image->pixelHeight();
        const auto& exif = image->exifData();
        const auto found = exif.findKey(Exiv2::ExifKey("Exif.Image.Orientation"));
        if (found != exif.end() && found->count() > 0) metadata.orientation = static_cast<int>(found->toLong());
        const auto meaning = exif.findKey(Exiv2::ExifKey("Exif.Image.PhotometricInterpretation"));
        constexpr int separated = 5;  // TIFF 6.0, section 16
        if (meaning != exif.end() && meaning->count() > 0) metadata.inInks = meaning->toLong() == separated;
        if (image->iccProfileDefined()) {
            const Exiv2::DataBuf* profile = image->iccProfile();
            metadata.iccProfile.assign(profile->pData_, profile->pData_ + profile->size_);
        }
    } catch (const Exiv2::Error& error) {
        if (error.code() == Exiv2::kerInvalidIccProfile) return Problem{ProblemKind::pictureProfile, name};
        return Problem{ProblemKind::pictureTruncated, name};
    } catch (const std::exception&) {  // what the library lets through of others
        return Problem{ProblemKind::pictureTruncated, name};
    }
    return metadata;
}

/// A JPEG decoder fills what is missing with grey and calls it success. The end marker stands after the last scan of a
/// whole file; in a cut one the last scan has none. And a block takes a bit at least in one scan (ITU-T T.81).
bool jpegIsCut(std::span<const std::uint8_t> bytes, double pixels) {
    if (bytes.size() < 2 || bytes[0] != 0xFF || bytes[1] != 0xD8) return false;
    constexpr double mostPixelsInByte = 1024;
    if (pixels > mostPixelsInByte * double(bytes.size())) return true;
    for (std::size_t i = bytes.size() - 1; i > 0; --i) {
        if (bytes[i - 1] != 0xFF) continue;
        if (bytes[i] == 0xD9) return false;
        if (bytes[i] == 0xDA) return true;
    }
    return true;
}

/// A JPEG of four components is meant for printing (ITU-T T.81: the frame header tells how many there are).
bool jpegIsInInks(std::span<const std::uint8_t> bytes) {
    if (bytes.size() < 2 || bytes[0] != 0xFF || bytes[1] != 0xD8) return false;
    for (std::size_t i = 2; i + 9 < bytes.size() && bytes[i] == 0xFF;) {
        const int marker = bytes[i + 1];
        const bool isFrame = marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC;
        if (isFrame) return bytes[i + 9] == 4;
        i += marker == 0xFF ? 1 : 2 + std::size_t(bytes[i + 2]) * 256 + bytes[i + 3];
    }
    return false;
}

cv::Mat upright(const cv::Mat& image, int orientation) {
    cv::Mat out = image;
    if (orientation >= 5 && orientation <= 8) cv::transpose(image, out);
    // After the transposition of 5..8 the remaining flips are: 5 none, 6 left-right, 7 both, 8 up-down.
    switch (orientation) {
        case 2:
        case 6:
            cv::flip(out, out, 1);
            break;
        case 3:
        case 7:
            cv::flip(out, out, -1);
            break;
        case 4:
        case 8:
            cv::flip(out, out, 0);
            break;
        default:
            break;
    }
    return out;
}

cv::Mat decoded(std::span<const std::uint8_t> bytes, double pixels) {
    const cv::Mat wrapped(1, static_cast<int>(bytes.size()), CV_8U, const_cast<std::uint8_t*>(bytes.data()));
    constexpr double mostInDepth = 100e6;  // more pixels of 16 bits than this would not fit into a gigabyte
    const int depth = pixels > mostInDepth ? 0 : cv::IMREAD_ANYDEPTH;
    cv::Mat image;
    try {
        image = cv::imdecode(wrapped, cv::IMREAD_COLOR | depth | cv::IMREAD_IGNORE_ORIENTATION);
    } catch (const cv::Exception&) {
        return {};
    }
    if (!image.empty() && image.depth() != CV_8U && image.depth() != CV_16U) image.convertTo(image, CV_8U, 255.0);
    return image;
}

/// What a header tells, and no more than it takes to refuse.
common::Result<Metadata> checked(std::span<const std::uint8_t> bytes, const std::string& name) {
    if (!looksLikePicture(bytes)) return Problem{ProblemKind::pictureUnknown, name};
    if (webpMoves(bytes)) return Problem{ProblemKind::pictureMoving, name};
    auto metadata = readMetadata(bytes, name);
    if (!metadata) return metadata.problem();
    if (metadata->width * metadata->height > mostMegapixels * 1e6) return Problem{ProblemKind::pictureTooLarge, name};
    if (jpegIsCut(bytes, metadata->width * metadata->height)) return Problem{ProblemKind::pictureTruncated, name};
    // The decoder would turn inks into RGB by a rule of its own.
    if (metadata->inInks || jpegIsInInks(bytes)) return Problem{ProblemKind::pictureColourSpace, name};
    return metadata;
}

/// As the file has it, not yet upright, and the orientation to turn it by.
common::Result<std::pair<DecodedPicture, int>> asStored(std::span<const std::uint8_t> bytes, const std::string& name) {
    auto metadata = checked(bytes, name);
    if (!metadata) return metadata.problem();
    const cv::Mat source = decoded(bytes, metadata->width * metadata->height);
    if (source.empty()) return Problem{ProblemKind::pictureTruncated, name};
    if (std::min(source.cols, source.rows) < leastSidePixels) return Problem{ProblemKind::pictureTooSmall, name};
    return std::pair(DecodedPicture{source, metadata->iccProfile}, metadata->orientation);
}

}  // namespace

common::Result<DecodedPicture> decodePicture(std::span<const std::uint8_t> bytes, const std::string& name) {
    auto stored = asStored(bytes, name);
    if (!stored) return stored.problem();
    auto& [picture, orientation] = *stored;
    return DecodedPicture{upright(picture.bgr, orientation), picture.iccProfile};
}

common::Result<Picture> readPicture(std::span<const std::uint8_t> bytes, const std::string& name, int workingLongSide) {
    auto stored = asStored(bytes, name);
    if (!stored) return stored.problem();
    const auto& [source, orientation] = *stored;
    // By a whole factor while the light is measured, which saves most of the memory; the rest of the way afterwards.
    const int longSide = std::max(source.bgr.cols, source.bgr.rows);
    const int shortSide = std::min(source.bgr.cols, source.bgr.rows);
    const int factor = std::min(longSide / workingLongSide, shortSide);  // of a strip a row is left
    auto measured = colour::xyzImageReduced(source.bgr, source.iccProfile, name, factor);
    if (!measured) return measured.problem();
    Picture picture;
    picture.xyz = *measured;
    const bool isTurned = orientation >= 5 && orientation <= 8;
    picture.sourcePixels = isTurned ? cv::Size(source.bgr.rows, source.bgr.cols) : source.bgr.size();
    const double scale = double(workingLongSide) / std::max(picture.xyz.cols, picture.xyz.rows);
    // Light is averaged, not code values, as the eye does from the easel.
    if (scale < 1) picture.xyz = scaledDown(picture.xyz, scale);
    // Turned last, when it is small.
    picture.xyz = upright(picture.xyz, orientation);
    return picture;
}

common::Result<Picture> readPictureFile(const std::string& name, int workingLongSide) {
    const auto bytes = common::readFile(name, mostPictureBytes);
    if (!bytes) return bytes.problem();
    return readPicture(*bytes, name, workingLongSide);
}

}  // namespace subject
