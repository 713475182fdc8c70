#include "colour/image_colour.h"

#include <lcms2.h>

#include <cmath>
#include <memory>
#include <opencv2/core.hpp>
#include <opencv2/core/utility.hpp>

#include "colour/lab.h"
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

template <typename PerPixel>
cv::Mat mapPixels(const cv::Mat& source, int type, PerPixel perPixel) {
    cv::Mat out(source.size(), type);
    cv::parallel_for_(cv::Range(0, source.rows), [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y) perPixel(source.ptr<cv::Vec3f>(y), out.ptr(y));
    });
    return out;
}

}  // namespace

common::Result<cv::Mat> xyzImage(const cv::Mat& bgr, std::span<const std::uint8_t> iccProfile,
                                 const std::string& name) {
    CV_Assert(bgr.type() == CV_8UC3 || bgr.type() == CV_16UC3);
    Profile source;
    if (!iccProfile.empty())
        source.reset(cmsOpenProfileFromMem(iccProfile.data(), static_cast<cmsUInt32Number>(iccProfile.size())));
    if (source) {
        const cmsColorSpaceSignature space = cmsGetColorSpace(source.get());
        // A grey profile describes the one channel that the reader has already spread over three.
        if (space == cmsSigGrayData)
            source.reset();
        else if (space != cmsSigRgbData)
            return common::Problem{common::ProblemKind::pictureColourSpace, name};
    }
    if (!source) source.reset(cmsCreate_sRGBProfile());
    const Profile xyzProfile(cmsCreateXYZProfile());
    const cmsUInt32Number format = bgr.depth() == CV_8U ? TYPE_BGR_8 : TYPE_BGR_16;
    const Transform transform(cmsCreateTransform(source.get(), format, xyzProfile.get(), TYPE_XYZ_FLT,
                                                 INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE));
    if (!transform) return common::Problem{common::ProblemKind::pictureColourSpace, name};

    cv::Mat xyz(bgr.size(), CV_32FC3);
    cv::parallel_for_(cv::Range(0, bgr.rows), [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y)
            cmsDoTransform(transform.get(), bgr.ptr(y), xyz.ptr(y), static_cast<cmsUInt32Number>(bgr.cols));
    });
    return xyz;
}

cv::Mat labImageFromXyz(const cv::Mat& xyz) {
    return mapPixels(xyz, CV_32FC3, [width = xyz.cols](const cv::Vec3f* in, uchar* outBytes) {
        auto* out = reinterpret_cast<cv::Vec3f*>(outBytes);
        for (int x = 0; x < width; ++x) {
            const Lab lab = labFromXyz({in[x][0], in[x][1], in[x][2]});
            out[x] = cv::Vec3f(float(lab.L), float(lab.a), float(lab.b));
        }
    });
}

cv::Mat srgb8ImageFromXyz(const cv::Mat& xyz) {
    return mapPixels(xyz, CV_8UC3, [width = xyz.cols](const cv::Vec3f* in, uchar* outBytes) {
        auto* out = reinterpret_cast<cv::Vec3b*>(outBytes);
        for (int x = 0; x < width; ++x) {
            const Srgb8 c = srgb8FromSrgb(srgbFromXyz({in[x][0], in[x][1], in[x][2]}));
            out[x] = cv::Vec3b(c.r, c.g, c.b);
        }
    });
}

}  // namespace colour
