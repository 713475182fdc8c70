#include "colour/image_colour.h"

#include <lcms2.h>

#include <Eigen/LU>

#include <array>
#include <functional>
#include <memory>
#include <opencv2/core.hpp>
#include <opencv2/core/utility.hpp>
#include <vector>

#include "colour/pixel_rows.h"
#include "colour/srgb.h"

namespace colour {

namespace {

struct ProfileCloser {
    void operator()(void* profile) const { cmsCloseProfile(profile); }
};
struct TransformDeleter {
    void operator()(void* transform) const { cmsDeleteTransform(transform); }
};
using Profile = std::unique_ptr<void, ProfileCloser>;
using Transform = std::unique_ptr<void, TransformDeleter>;

/// From a row of code values to a row of XYZ.
using RowReader = std::function<void(const std::uint8_t* row, float* xyz, int count)>;

void forRows(int rows, const std::function<void(int)>& work) {
    cv::parallel_for_(cv::Range(0, rows), [&](const cv::Range& range) {
        for (int y = range.start; y < range.end; ++y) work(y);
    });
}

/// Curves of as many entries as the depth has code values, and what they are multiplied by.
struct OwnedLight {
    std::array<std::vector<float>, 3> curves;
    std::array<float, 9> matrix{};
};

RowReader curveReader(OwnedLight owned, int depth) {
    return [light = std::make_shared<const OwnedLight>(std::move(owned)), depth](const std::uint8_t* row, float* xyz,
                                                                                 int count) {
        const CodeLight view{{light->curves[0].data(), light->curves[1].data(), light->curves[2].data()},
                             light->matrix};
        if (depth == CV_8U)
            xyzRowFromCodes(row, view, xyz, count);
        else
            xyzRowFromCodes(reinterpret_cast<const std::uint16_t*>(row), view, xyz, count);
    };
}

/// Whether light is a curve for each component and a matrix, with no table that would go before them.
bool isCurvesAndMatrix(cmsHPROFILE profile) {
    for (const cmsTagSignature table : {cmsSigAToB0Tag, cmsSigAToB1Tag, cmsSigDToB0Tag, cmsSigDToB1Tag})
        if (cmsIsTag(profile, table)) return false;
    return cmsIsMatrixShaper(profile) && cmsGetPCS(profile) == cmsSigXYZData;
}

RowReader matrixReader(cmsHPROFILE profile, int depth) {
    constexpr cmsTagSignature curves[] = {cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
    constexpr cmsTagSignature colorants[] = {cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag};
    OwnedLight light;
    const int levels = depth == CV_8U ? 256 : 65536;
    for (int c = 0; c < 3; ++c) {
        const auto* curve = static_cast<const cmsToneCurve*>(cmsReadTag(profile, curves[c]));
        const auto* colorant = static_cast<const cmsCIEXYZ*>(cmsReadTag(profile, colorants[c]));
        if (!curve || !colorant) return {};
        for (int level = 0; level < levels; ++level)
            light.curves[c].push_back(cmsEvalToneCurveFloat(curve, float(level) / float(levels - 1)));
        light.matrix[c] = float(colorant->X);
        light.matrix[3 + c] = float(colorant->Y);
        light.matrix[6 + c] = float(colorant->Z);
    }
    return curveReader(std::move(light), depth);
}

/// Grey has one curve: Little CMS is asked for every level once. XYZ of a grey is a multiple of the white.
RowReader greyReader(cmsHPROFILE profile, cmsHPROFILE xyzProfile, int depth) {
    const Transform transform(cmsCreateTransform(profile, TYPE_GRAY_16, xyzProfile, TYPE_XYZ_FLT,
                                                 INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE));
    if (!transform) return {};
    OwnedLight light;
    const int levels = depth == CV_8U ? 256 : 65536;
    for (int level = 0; level < levels; ++level) {
        const std::uint16_t code = std::uint16_t(level * (65535 / (levels - 1)));
        float xyz[3];
        cmsDoTransform(transform.get(), &code, xyz, 1);
        light.curves[0].push_back(xyz[1]);
    }
    light.curves[1] = light.curves[2] = light.curves[0];
    light.matrix = {float(whiteD50.x), 0, 0, float(whiteD50.y), 0, 0, float(whiteD50.z), 0, 0};
    return curveReader(std::move(light), depth);
}

RowReader tableReader(cmsHPROFILE profile, cmsHPROFILE xyzProfile, int depth) {
    // Unique first: a shared pointer would have none deleted too.
    Transform made(cmsCreateTransform(profile, depth == CV_8U ? TYPE_BGR_8 : TYPE_BGR_16, xyzProfile, TYPE_XYZ_FLT,
                                      INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE));
    if (!made) return {};
    return [transform = std::shared_ptr<void>(std::move(made))](const std::uint8_t* row, float* xyz, int count) {
        cmsDoTransform(transform.get(), row, xyz, static_cast<cmsUInt32Number>(count));
    };
}

common::Result<RowReader> readerFor(const cv::Mat& bgr, std::span<const std::uint8_t> icc, const std::string& name) {
    CV_Assert(bgr.type() == CV_8UC3 || bgr.type() == CV_16UC3);
    Profile source;
    if (!icc.empty()) source.reset(cmsOpenProfileFromMem(icc.data(), static_cast<cmsUInt32Number>(icc.size())));
    if (!source) source.reset(cmsCreate_sRGBProfile());
    const Profile xyzProfile(cmsCreateXYZProfile());
    const cmsColorSpaceSignature space = cmsGetColorSpace(source.get());
    RowReader reader;
    if (space == cmsSigGrayData)
        reader = greyReader(source.get(), xyzProfile.get(), bgr.depth());
    else if (space == cmsSigRgbData && isCurvesAndMatrix(source.get()))
        reader = matrixReader(source.get(), bgr.depth());
    else if (space == cmsSigRgbData)
        reader = tableReader(source.get(), xyzProfile.get(), bgr.depth());
    if (!reader) return common::Problem{common::ProblemKind::pictureColourSpace, name};
    return reader;
}

}  // namespace

common::Result<cv::Mat> xyzImage(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile,
                                 const std::string& name) {
    const auto reader = readerFor(bgr, iccProfile, name);
    if (!reader) return reader.problem();
    cv::Mat xyz(bgr.size(), CV_32FC3);
    forRows(bgr.rows, [&](int y) { (*reader)(bgr.ptr(y), xyz.ptr<float>(y), bgr.cols); });
    return xyz;
}

common::Result<cv::Mat> xyzImageReduced(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile,
                                        const std::string& name, int factor) {
    if (factor <= 1) return xyzImage(bgr, iccProfile, name);
    const auto reader = readerFor(bgr, iccProfile, name);
    if (!reader) return reader.problem();
    cv::Mat xyz(bgr.rows / factor, bgr.cols / factor, CV_32FC3);
    const float share = 1.0f / float(factor * factor);
    forRows(xyz.rows, [&](int y) {
        thread_local std::vector<float> row;
        row.resize(std::size_t(bgr.cols) * 3);
        auto* out = xyz.ptr<float>(y);
        std::fill_n(out, std::size_t(xyz.cols) * 3, 0.0f);
        for (int v = 0; v < factor; ++v) {
            (*reader)(bgr.ptr(y * factor + v), row.data(), bgr.cols);
            const float* in = row.data();
            for (int x = 0; x < xyz.cols; ++x)
                for (int u = 0; u < factor; ++u, in += 3)
                    for (int c = 0; c < 3; ++c) out[3 * x + c] += in[c];
        }
        for (int i = 0; i < xyz.cols * 3; ++i) out[i] *= share;
    });
    return xyz;
}

common::Result<cv::Mat> labImage(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile,
                                 const std::string& name) {
    const auto reader = readerFor(bgr, iccProfile, name);
    if (!reader) return reader.problem();
    cv::Mat lab(bgr.size(), CV_32FC3);
    forRows(bgr.rows, [&](int y) {
        auto* row = lab.ptr<float>(y);
        (*reader)(bgr.ptr(y), row, bgr.cols);
        labRowFromXyz(row, row, bgr.cols);
    });
    return lab;
}

void toLab(cv::Mat& xyz) {
    CV_Assert(xyz.type() == CV_32FC3);
    forRows(xyz.rows, [&](int y) { labRowFromXyz(xyz.ptr<float>(y), xyz.ptr<float>(y), xyz.cols); });
}

namespace {

/// `toXyz` takes three numbers of a pixel.
template <typename ToXyz>
cv::Mat srgb8Image(const cv::Mat& image, ToXyz toXyz) {
    cv::Mat out(image.size(), CV_8UC3);
    forRows(image.rows, [&](int y) {
        const auto* in = image.ptr<cv::Vec3f>(y);
        auto* row = out.ptr<cv::Vec3b>(y);
        for (int x = 0; x < image.cols; ++x) {
            const Srgb8 c = srgb8FromSrgb(srgbFromXyz(toXyz(in[x])));
            row[x] = cv::Vec3b(c.r, c.g, c.b);
        }
    });
    return out;
}

}  // namespace

cv::Mat srgb8ImageFromXyz(const cv::Mat& xyz) {
    return srgb8Image(xyz, [](const cv::Vec3f& v) { return Xyz{v[0], v[1], v[2]}; });
}

cv::Mat srgb8ImageFromLab(const cv::Mat& lab) {
    return srgb8Image(lab, [](const cv::Vec3f& v) { return xyzFromLab({v[0], v[1], v[2]}); });
}

cv::Mat xyzOfSrgb8Image(const cv::Mat& rgb) {
    CV_Assert(rgb.type() == CV_8UC3);
    static const std::array<float, 256> curve = [] {
        std::array<float, 256> table;
        for (std::size_t i = 0; i < table.size(); ++i) table[i] = float(linearFromEncoded(double(i) / 255));
        return table;
    }();
    CodeLight light;
    light.curves = {curve.data(), curve.data(), curve.data()};
    // The loop takes pixels as B G R and curves and columns as R G B: the order of both is turned round.
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) light.matrix[std::size_t(3 * i + j)] = float(d50FromLinearSrgb()(i, 2 - j));
    cv::Mat xyz(rgb.size(), CV_32FC3);
    forRows(rgb.rows, [&](int y) { xyzRowFromCodes(rgb.ptr<std::uint8_t>(y), light, xyz.ptr<float>(y), rgb.cols); });
    return xyz;
}

cv::Mat labOfSrgb8Image(const cv::Mat& rgb) {
    cv::Mat lab = xyzOfSrgb8Image(rgb);
    toLab(lab);
    return lab;
}

namespace {

cv::Mat transformed(const cv::Mat& image, const Eigen::Matrix3d& by) {
    CV_Assert(image.type() == CV_32FC3);
    const cv::Matx33f matrix(float(by(0, 0)), float(by(0, 1)), float(by(0, 2)), float(by(1, 0)), float(by(1, 1)),
                             float(by(1, 2)), float(by(2, 0)), float(by(2, 1)), float(by(2, 2)));
    cv::Mat made;
    cv::transform(image, made, matrix);
    return made;
}

}  // namespace

cv::Mat linearSrgbOfXyz(const cv::Mat& xyz) {
    return transformed(xyz, d50FromLinearSrgb().inverse());
}

cv::Mat xyzOfLinearSrgb(const cv::Mat& linear) {
    return transformed(linear, d50FromLinearSrgb());
}

}  // namespace colour
