#include "planning/seen_work.h"

#include <Eigen/LU>
#include <algorithm>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "common/parallel.h"
#include "planning/record.h"

namespace planning {

namespace {

/// As much as is likely true of a reading that scatters so.
float likelyPart(double apart, double error) {
    return float(apart * apart / std::max(1e-9, apart * apart + error * error));
}

colour::Lab labOf(const cv::Vec3f& v) {
    return {v[0], v[1], v[2]};
}

}  // namespace

common::Bytes sheetPng(const cv::Mat& xyz, const cv::Mat& hidden) {
    cv::Mat colours, whole;
    cv::cvtColor(colour::srgb8ImageFromXyz(xyz), colours, cv::COLOR_RGB2BGR);
    std::vector<cv::Mat> channels;
    cv::split(colours, channels);
    channels.push_back(hidden == 0);
    cv::merge(channels, whole);
    common::Bytes png;
    cv::imencode(".png", whole, png);
    return png;
}

std::optional<SeenWork> seenWork(const common::Bytes& png, const cv::Mat& meant, const std::vector<int>& layers,
                                 double pixelsPerMillimetre) {
    const cv::Mat read = png.empty() || isOverLarge(png) ? cv::Mat() : cv::imdecode(png, cv::IMREAD_UNCHANGED);
    if (read.size() != meant.size() || read.type() != CV_8UC4) return std::nullopt;
    cv::Mat colours, visible;
    cv::cvtColor(read, colours, cv::COLOR_BGRA2RGB);
    cv::extractChannel(read, visible, 3);
    // Where it is hidden nothing is known to be off.
    meant.copyTo(colours, visible == 0);
    const auto seen = [&](const cv::Mat& picture) {
        cv::Mat xyz = colour::xyzOfSrgb8Image(picture);
        constexpr double least = 2;  // pixels: the grain is joined in any picture
        cv::GaussianBlur(xyz, xyz, {}, std::max(least, pixelsPerMillimetre));
        return xyz;
    };
    cv::Mat is = seen(colours), was = seen(meant);
    SeenWork work;
    work.layers = layers;
    work.light.create(is.size(), CV_32FC3);
    const Eigen::Matrix3d toLinear = colour::d50FromLinearSrgb().inverse();
    cv::Mat labIs = is.clone(), labWas = was.clone();
    colour::toLab(labIs);
    colour::toLab(labWas);
    work.lab = labIs - labWas;
    // What is off all over was weighed when the photograph was read.
    constexpr double error = 0.6;  // CIEDE2000 by which a place is off beside others
    const cv::Scalar mean = cv::mean(work.lab, visible);
    const cv::Vec3f all{float(mean[0]), float(mean[1]), float(mean[2])};
    common::forEachIndex(is.rows, [&](int y) {
        for (int x = 0; x < is.cols; ++x) {
            const cv::Vec3f &one = labWas.at<cv::Vec3f>(y, x), beside = one + work.lab.at<cv::Vec3f>(y, x) - all;
            const double apart = colour::differenceCie2000(labOf(one), labOf(beside));
            cv::Vec3f& off = work.lab.at<cv::Vec3f>(y, x);
            off = visible.at<uchar>(y, x) ? cv::Vec3f(all + likelyPart(apart, error) * (off - all)) : cv::Vec3f();
            const cv::Vec3f& from = was.at<cv::Vec3f>(y, x);
            const colour::Xyz to = colour::xyzFromLab(labOf(one + off));
            const Eigen::Vector3d linear =
                toLinear * Eigen::Vector3d(to.x - double(from[0]), to.y - double(from[1]), to.z - double(from[2]));
            work.light.at<cv::Vec3f>(y, x) = {float(linear[0]), float(linear[1]), float(linear[2])};
        }
    });
    return work;
}

}  // namespace planning
