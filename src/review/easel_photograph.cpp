#include "review/easel_photograph.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "review/work_differences.h"

namespace review {

namespace {

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

MountedSheet mountedSheet(const cv::Mat& sheet, double widthMillimetres, const Mount& mount,
                          const std::vector<PlantedFault>& faults, const std::vector<PlantedShift>& shifts) {
    CV_Assert(sheet.type() == CV_8UC3);
    const double pixelsPerMillimetre = sheet.cols / widthMillimetres;
    cv::Mat lab = colour::labOfSrgb8Image(sheet);
    for (const PlantedShift& shift : shifts)
        lab = movedAside(lab, shift.mask, pixelsPerMillimetre * cv::Point2d(shift.dx, shift.dy));
    for (const PlantedFault& fault : faults) plant(lab, fault, pixelsPerMillimetre);
    const cv::Mat off = colour::srgb8ImageFromLab(lab);
    std::array<float, 256> linear{};
    for (std::size_t i = 0; i < linear.size(); ++i) linear[i] = float(colour::linearFromEncoded(double(i) / 255));
    const auto lightOf = [&](const auto& code) { return cv::Vec3f(linear[code[0]], linear[code[1]], linear[code[2]]); };
    const auto pixels = [&](double millimetres) { return int(std::lround(millimetres * pixelsPerMillimetre)); };
    constexpr double greyWidth = 60, greyHeight = 90, cardApart = 15;  // millimetres
    cv::Mat card;
    if (mount.hasSwatchCard)
        card = filledCard(CardPaper::a4, 0, {}, pixelsPerMillimetre, 0);
    else if (mount.hasGreyCard)
        card = cv::Mat(pixels(greyHeight), pixels(greyWidth), CV_32FC3, cv::Scalar::all(greyCardReflectance));
    const int border = pixels(mount.borderMillimetres);
    // As much table on the other side, so that the sheet lies in the middle.
    const int beside = card.empty() ? 0 : card.cols + 2 * pixels(cardApart);
    MountedSheet mounted;
    mounted.picture = {beside + border, border, off.cols, off.rows};
    mounted.flat.create(std::max(off.rows + 2 * border, card.rows + 2 * pixels(cardApart)),
                        off.cols + 2 * (border + beside), CV_32FC3);
    mounted.flat.setTo(cv::Scalar::all(tableReflectance));
    const cv::Vec3f round = mount.bareMargin
                                ? lightOf(std::array{mount.bareMargin->r, mount.bareMargin->g, mount.bareMargin->b})
                                : mount.tape;
    mounted.flat(cv::Rect(beside, 0, off.cols + 2 * border, off.rows + 2 * border)).setTo(round);
    for (int y = 0; y < off.rows; ++y)
        for (int x = 0; x < off.cols; ++x)
            mounted.flat.at<cv::Vec3f>(y + border, x + beside + border) = lightOf(off.at<cv::Vec3b>(y, x));
    if (!card.empty())
        card.copyTo(mounted.flat(
            cv::Rect({mounted.picture.br().x + border + pixels(cardApart), pixels(cardApart)}, card.size())));
    return mounted;
}

CameraConditions atTheEasel(cv::Size mounted, unsigned seed) {
    cv::RNG random(seed * 2654435761u + 1);
    CameraConditions camera;
    constexpr int longSide = 2000, shortSide = 1500;
    camera.pixels = mounted.width >= mounted.height ? cv::Size(longSide, shortSide) : cv::Size(shortSide, longSide);
    camera.tiltDegrees = random.uniform(0.0, 6.0);
    camera.tiltDirectionDegrees = random.uniform(0.0, 360.0);
    camera.turnDegrees = random.uniform(-3.0, 3.0);
    camera.filled = random.uniform(0.78, 0.88);
    // With a card beside the sheet one steps back until that is in the picture too.
    constexpr double acrossAtMost = 0.9;
    const double across = camera.filled * camera.pixels.height * mounted.aspectRatio() / camera.pixels.width;
    camera.filled *= std::min(1.0, acrossAtMost / across);
    camera.kelvin = random.uniform(3200.0, 6500.0);
    camera.exposure = random.uniform(0.75, 0.92);
    camera.seed = seed;
    return camera;
}

}  // namespace review
