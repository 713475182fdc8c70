#include "review/stand_in_camera.h"

#include <Eigen/LU>
#include <algorithm>
#include <cmath>
#include <opencv2/core/utility.hpp>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "colour/reflectance.h"
#include "colour/srgb.h"
#include "pigment/patch.h"
#include "review/lens.h"

namespace review {

namespace {

cv::Rect inPixels(const cv::Rect2d& millimetres, double scale) {
    const cv::Point first(int(std::lround(millimetres.x * scale)), int(std::lround(millimetres.y * scale)));
    const cv::Point last(int(std::lround(millimetres.br().x * scale)), int(std::lround(millimetres.br().y * scale)));
    return {first, last};
}

void placeMarker(cv::Mat& card, const cv::Rect2d& place, int id, double scale) {
    const cv::Rect box = inPixels(place, scale);
    cv::Mat modules, grey;
    cv::resize(markerModules(id), modules, box.size(), 0, 0, cv::INTER_NEAREST);
    modules.convertTo(grey, CV_32F, (cardWhite - cardBlack) / 255, cardBlack);
    cv::cvtColor(grey, card(box), cv::COLOR_GRAY2RGB);
}

/// Strokes leave a little more here and less there.
void paintSwatch(cv::Mat& card, const cv::Rect2d& place, const cv::Vec3f& colour, double scale, cv::RNG& random) {
    cv::Mat area = card(inPixels(place, scale));
    cv::Mat texture(area.size(), CV_32F);
    random.fill(texture, cv::RNG::NORMAL, 0, 0.14);
    cv::GaussianBlur(texture, texture, {}, 0.18 * scale);
    for (int y = 0; y < area.rows; ++y)
        for (int x = 0; x < area.cols; ++x)
            area.at<cv::Vec3f>(y, x) = colour * std::max(0.0f, 1 + texture.at<float>(y, x));
}

void paintGloss(cv::Mat& card, const CardField& field, double scale, cv::RNG& random) {
    const cv::Rect2d whole = field.overWhite | field.overBlack;
    const cv::Point2d centre(whole.x + whole.width * random.uniform(0.35, 0.65),
                             whole.y + whole.height * random.uniform(0.35, 0.65));
    cv::Mat area = card(inPixels(whole, scale));
    for (int y = 0; y < area.rows; ++y)
        for (int x = 0; x < area.cols; ++x) {
            const double dx = (whole.x + x / scale - centre.x) / 5.0, dy = (whole.y + y / scale - centre.y) / 3.0;
            area.at<cv::Vec3f>(y, x) += cv::Vec3f::all(float(0.9 * std::exp(-dx * dx - dy * dy)));
        }
}

/// The colour of a black body's or daylight's cast: linear sRGB, green 1. Y. Kang and others, J. Korean Physical
/// Society 41, 2002, fits the chromaticity of black bodies (from memory).
cv::Vec3d castOf(double kelvin) {
    const double t = 1000 / std::clamp(kelvin, 1700.0, 25000.0);
    const double x = kelvin < 4000 ? ((-0.2661239 * t - 0.2343589) * t + 0.8776956) * t + 0.179910
                                   : ((-3.0258469 * t + 2.1070379) * t + 0.2226347) * t + 0.240390;
    const double y = kelvin < 4000 ? ((-0.9549476 * x - 1.37418593) * x + 2.09137015) * x - 0.16748867
                                   : ((3.0817580 * x - 5.87338670) * x + 3.75112997) * x - 0.37001483;
    const Eigen::Vector3d rgb = colour::xyzFromLinearSrgb().inverse() * Eigen::Vector3d(x / y, 1, (1 - x - y) / y);
    return {rgb[0] / rgb[1], 1, std::max(0.02, rgb[2] / rgb[1])};
}

cv::Vec3f linearOf(const colour::Spectrum& reflectance) {
    const colour::Xyz xyz = colour::xyzOfReflectance(reflectance, colour::Light::daylight65);
    const Eigen::Vector3d linear = colour::d50FromLinearSrgb().inverse() * Eigen::Vector3d(xyz.x, xyz.y, xyz.z);
    return {std::max(0.0f, float(linear[0])), std::max(0.0f, float(linear[1])), std::max(0.0f, float(linear[2]))};
}

/// The share of the light that is taken; its edge is a third of its radius wide.
double shadeAt(const CastShadow& shadow, const cv::Point2d& at) {
    const double in = std::clamp((1 - cv::norm(at - shadow.at) / shadow.radius) * 3 + 0.5, 0.0, 1.0);
    return shadow.takes * in * in * (3 - 2 * in);
}

double gleamAt(const Gleam& gleam, const cv::Point2d& at) {
    return gleam.adds * std::exp(-(at - gleam.at).dot(at - gleam.at) / (gleam.radius * gleam.radius));
}

/// The page as it comes from the printer, without what is printed into its rows or windows.
cv::Mat emptyCard(CardKind kind, CardPaper paper, int page, double scale) {
    const CardFrame& frame = frameOf(paper);
    cv::Mat card(inPixels({{0, 0}, frame.page}, scale).size(), CV_32FC3, cv::Scalar::all(cardWhite));
    for (int i = 0; i < 4; ++i) placeMarker(card, frame.corners[std::size_t(i)], cornerId(kind, paper, i), scale);
    placeMarker(card, frame.pageMarker, firstPageId + page, scale);
    const auto& greys = ladderReflectances();
    for (std::size_t i = 0; i < frame.ladder.size(); ++i)
        card(inPixels(frame.ladder[i], scale)).setTo(cv::Scalar::all(greys[i % greys.size()]));
    return card;
}

/// Each place shows one height of the grain: heights are as frequent as the patch's cells, and as large as the
/// surface's speckle.
void paintPatch(cv::Mat& card, const cv::Rect2d& place, const pigment::Patch& patch, double scale, cv::RNG& random) {
    std::array<cv::Vec3f, pigment::cellCount> seen;
    for (int cell = 0; cell < pigment::cellCount; ++cell)
        seen[std::size_t(cell)] = linearOf(patch.seen.row(cell).transpose());
    cv::Mat area = card(inPixels(place, scale)), heights(area.size(), CV_32F), deviation;
    random.fill(heights, cv::RNG::NORMAL, 0, 1);
    cv::GaussianBlur(heights, heights, {}, std::max(0.3, patch.surface->grainMillimetres * scale / 2));
    cv::meanStdDev(heights, cv::noArray(), deviation);
    const double spread = deviation.at<double>(0);
    for (int y = 0; y < area.rows; ++y)
        for (int x = 0; x < area.cols; ++x) {
            const double rank = 0.5 * std::erfc(-heights.at<float>(y, x) / spread / std::sqrt(2.0));
            area.at<cv::Vec3f>(y, x) =
                seen[std::size_t(std::clamp(int(rank * pigment::cellCount), 0, pigment::cellCount - 1))];
        }
}

}  // namespace

FilledRow filledRow(const pigment::Pigment& pigment, float hand) {
    FilledRow row;
    for (int p = 0; p < 3; ++p) {
        const auto laid = [&](double ground) {
            pigment::Patch patch = pigment::barePatch(materials::profileOf(materials::Surface::cartridge),
                                                      colour::Spectrum::Constant(float(ground)));
            pigment::lay(patch, {&pigment, pigment::Manner::press, pigment::Pressure{float(p + 1)}, hand});
            return linearOf(pigment::meanReflectance(patch));
        };
        row.overWhite[p] = laid(cardWhite);
        row.overBlack[p] = laid(cardBlack);
    }
    return row;
}

cv::Mat filledCard(CardPaper paper, int page, const std::vector<FilledRow>& rows, double pixelsPerMillimetre,
                   unsigned seed) {
    const CardLayout& layout = layoutOf(paper);
    const double scale = pixelsPerMillimetre;
    cv::RNG random(seed + 1);
    cv::Mat card = emptyCard(CardKind::swatches, paper, page, scale);
    for (std::size_t r = 0; r < layout.rows.size(); ++r)
        for (std::size_t p = 0; p < 3; ++p) {
            const CardField& field = layout.rows[r].fields[p];
            card(inPixels(field.overBlack, scale)).setTo(cv::Scalar::all(cardBlack));
            if (r >= rows.size() || !rows[r].laid) continue;
            paintSwatch(card, field.overWhite, rows[r].overWhite[p], scale, random);
            paintSwatch(card, field.overBlack, rows[r].overBlack[p], scale, random);
            if (rows[r].gloss) paintGloss(card, field, scale, random);
        }
    return card;
}

cv::Mat filledWindows(CardKind kind, CardPaper paper, int page, const std::vector<FilledWindow>& windows,
                      double pixelsPerMillimetre, unsigned seed) {
    const WindowsLayout& layout = windowsOf(paper);
    cv::RNG random(seed + 1);
    cv::Mat card = emptyCard(kind, paper, page, pixelsPerMillimetre);
    for (std::size_t w = 0; w < std::min(windows.size(), cardWindows); ++w) {
        const FilledWindow& window = windows[w];
        paintPatch(card, layout.windows[w].offcut, pigment::barePatch(window.paper), pixelsPerMillimetre, random);
        for (std::size_t i = 0; i < windowFields; ++i) {
            if (!canBeLaid(window.fields[i], window.sticks)) continue;
            const auto hand = float(window.hand * std::max(0.2, 1 + random.gaussian(window.handSpread)));
            const pigment::Patch patch = laidField(window.fields[i], window.paper, window.sticks, hand);
            paintPatch(card, layout.windows[w].fields[i], patch, pixelsPerMillimetre, random);
        }
    }
    return card;
}

cv::Matx33d toPhotograph(const cv::Size& flat, const CameraConditions& c) {
    const double tilt = c.tiltDegrees * CV_PI / 180, direction = c.tiltDirectionDegrees * CV_PI / 180;
    const double turn = c.turnDegrees * CV_PI / 180;
    constexpr double distance = 1.9;  // in card heights
    std::vector<cv::Point2f> from, to;
    for (const cv::Point2d corner : {cv::Point2d(-0.5, -0.5), {0.5, -0.5}, {0.5, 0.5}, {-0.5, 0.5}}) {
        from.emplace_back(float((corner.x + 0.5) * flat.width), float((corner.y + 0.5) * flat.height));
        const double px = corner.x * flat.width / flat.height, py = corner.y;
        const double x = px * std::cos(turn) - py * std::sin(turn), y = px * std::sin(turn) + py * std::cos(turn);
        // Turned about an axis in the card's plane: what lies along `direction` comes nearer or goes further.
        const double along = x * std::cos(direction) + y * std::sin(direction);
        const double across = -x * std::sin(direction) + y * std::cos(direction);
        const double depth = distance + along * std::sin(tilt);
        const double seenAlong = along * std::cos(tilt) * distance / depth, seenAcross = across * distance / depth;
        const double scale = c.filled * c.pixels.height;
        to.emplace_back(
            float(c.pixels.width / 2.0 + scale * (seenAlong * std::cos(direction) - seenAcross * std::sin(direction))),
            float(c.pixels.height / 2.0 +
                  scale * (seenAlong * std::sin(direction) + seenAcross * std::cos(direction))));
    }
    return cv::Matx33d(cv::getPerspectiveTransform(from, to).ptr<double>());
}

std::vector<std::uint8_t> photographed(const cv::Mat& flat, const CameraConditions& c) {
    CV_Assert(flat.type() == CV_32FC3);
    cv::RNG random(c.seed);
    cv::Mat scene;
    cv::warpPerspective(flat, scene, toPhotograph(flat.size(), c), c.pixels, cv::INTER_AREA, cv::BORDER_CONSTANT,
                        cv::Scalar::all(tableReflectance));
    scene = Lens(c.pixels, c.bow).bentOnto(scene);
    cv::GaussianBlur(scene, scene, {}, std::max(0.05, c.blurPixels));
    const cv::Vec3d cast = castOf(c.kelvin);
    cv::Vec3d gain;
    for (int i = 0; i < 3; ++i) gain[i] = c.exposure / cardWhite * std::pow(cast[i], 1 - c.castCorrected);
    const double brightest = std::max({gain[0], gain[1], gain[2]}) / (c.exposure / cardWhite);
    const cv::Point2d middle(c.pixels.width / 2.0, c.pixels.height / 2.0);
    const double corner = middle.dot(middle);
    const double side = c.sideLightDegrees * CV_PI / 180;
    const cv::Point2d fromSide(std::cos(side) / std::sqrt(corner), std::sin(side) / std::sqrt(corner));
    cv::Mat noise(c.pixels, CV_32FC3), picture(c.pixels, CV_8UC3);
    random.fill(noise, cv::RNG::NORMAL, 0, c.noise);
    // The camera's tone curve, in steps finer than it can tell.
    std::vector<uchar> codes(65536);
    for (std::size_t i = 0; i < codes.size(); ++i)
        codes[i] = cv::saturate_cast<uchar>(255 * colour::encodedFromLinear(std::pow(double(i) / 65535, c.contrast)));
    cv::parallel_for_(cv::Range(0, scene.rows), [&](const cv::Range& rows) {
        for (int y = rows.start; y < rows.end; ++y)
            for (int x = 0; x < scene.cols; ++x) {
                const cv::Point2d off = cv::Point2d(x, y) - middle;
                const double light = (1 - c.vignetting * off.dot(off) / corner) *
                                     (1 - c.sideLight * (0.5 - 0.5 * off.dot(fromSide))) / brightest;
                const cv::Point2d there(double(x) / scene.cols, double(y) / scene.cols);
                const double lit = c.shadow ? light * (1 - shadeAt(*c.shadow, there)) : light;
                const double gleam = c.gleam ? gleamAt(*c.gleam, there) : 0;
                for (int i = 0; i < 3; ++i) {
                    const double v = std::max(0.0, (scene.at<cv::Vec3f>(y, x)[i] * lit + gleam * light) * gain[i]);
                    // Shot noise grows with the root of the light, and the sensor adds its own.
                    const double seen = v + noise.at<cv::Vec3f>(y, x)[i] * std::sqrt(v + 0.02);
                    picture.at<cv::Vec3b>(y, x)[2 - i] = codes[std::size_t(65535 * std::clamp(seen, 0.0, 1.0))];
                }
            }
    });
    std::vector<std::uint8_t> jpeg;
    cv::imencode(".jpg", picture, jpeg, {cv::IMWRITE_JPEG_QUALITY, c.jpegQuality});
    return jpeg;
}

}  // namespace review
