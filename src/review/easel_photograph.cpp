#include "review/easel_photograph.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "colour/srgb.h"

namespace review {

namespace {

/// Crêpe tape, a little warm; from memory.
const cv::Vec3f tape(0.78f, 0.74f, 0.62f);

/// Areas that were laid beside their place; what they leave bare keeps what was beside it.
cv::Mat shifted(const cv::Mat& lab, const std::vector<PlantedShift>& shifts, double pixelsPerMillimetre) {
    cv::Mat moved = lab.clone();
    for (const PlantedShift& shift : shifts) {
        const cv::Mat way =
            (cv::Mat_<double>(2, 3) << 1, 0, shift.dx * pixelsPerMillimetre, 0, 1, shift.dy * pixelsPerMillimetre);
        cv::Mat there, mask, beside = lab.clone(), grown;
        cv::warpAffine(lab, there, way, lab.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
        cv::warpAffine(shift.mask, mask, way, lab.size(), cv::INTER_NEAREST);
        // From the other side the same way off: what lies round the area there.
        const cv::Mat back = (cv::Mat_<double>(2, 3) << 1, 0, 2 * shift.dx * pixelsPerMillimetre, 0, 1,
                              2 * shift.dy * pixelsPerMillimetre);
        cv::warpAffine(lab, beside, back, lab.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
        beside.copyTo(moved, shift.mask & ~mask);
        there.copyTo(moved, mask);
    }
    return moved;
}

void plant(cv::Mat& lab, const PlantedFault& fault, double pixelsPerMillimetre) {
    for (int y = 0; y < lab.rows; ++y)
        for (int x = 0; x < lab.cols; ++x) {
            const double away =
                std::hypot((x + 0.5) / pixelsPerMillimetre - fault.x, (y + 0.5) / pixelsPerMillimetre - fault.y);
            // It fades over the last millimetre and a half, as an edge of pastel does.
            constexpr double fade = 1.5;
            const float part = float(std::clamp((fault.radius - away) / fade + 0.5, 0.0, 1.0));
            if (part > 0)
                lab.at<cv::Vec3f>(y, x) += part * cv::Vec3f(float(fault.off.L), float(fault.off.a), float(fault.off.b));
        }
}

}  // namespace

cv::Mat tapedSheet(const cv::Mat& sheet, double widthMillimetres, double borderMillimetres,
                   const std::vector<PlantedFault>& faults, const std::vector<PlantedShift>& shifts) {
    CV_Assert(sheet.type() == CV_8UC3);
    const double pixelsPerMillimetre = sheet.cols / widthMillimetres;
    cv::Mat lab = shifted(colour::labOfSrgb8Image(sheet), shifts, pixelsPerMillimetre);
    for (const PlantedFault& fault : faults) plant(lab, fault, pixelsPerMillimetre);
    const cv::Mat off = colour::srgb8ImageFromLab(lab);
    std::array<float, 256> linear{};
    for (std::size_t i = 0; i < linear.size(); ++i) linear[i] = float(colour::linearFromEncoded(double(i) / 255));
    const int border = int(std::lround(borderMillimetres * pixelsPerMillimetre));
    cv::Mat flat(off.rows + 2 * border, off.cols + 2 * border, CV_32FC3, cv::Scalar(tape[0], tape[1], tape[2]));
    for (int y = 0; y < off.rows; ++y)
        for (int x = 0; x < off.cols; ++x) {
            const cv::Vec3b& code = off.at<cv::Vec3b>(y, x);
            flat.at<cv::Vec3f>(y + border, x + border) = {linear[code[0]], linear[code[1]], linear[code[2]]};
        }
    return flat;
}

CameraConditions atTheEasel(cv::Size sheet, unsigned seed) {
    cv::RNG random(seed * 2654435761u + 1);
    CameraConditions camera;
    constexpr int longSide = 2000, shortSide = 1500;
    camera.pixels = sheet.width >= sheet.height ? cv::Size(longSide, shortSide) : cv::Size(shortSide, longSide);
    camera.tiltDegrees = random.uniform(0.0, 6.0);
    camera.tiltDirectionDegrees = random.uniform(0.0, 360.0);
    camera.turnDegrees = random.uniform(-3.0, 3.0);
    camera.filled = random.uniform(0.78, 0.88);
    camera.kelvin = random.uniform(3200.0, 6500.0);
    camera.exposure = random.uniform(0.75, 0.92);
    camera.seed = seed;
    return camera;
}

}  // namespace review
