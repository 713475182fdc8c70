#include "rendering/close_up.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <random>

#include "common/parallel.h"

namespace rendering {

namespace {

constexpr int streakSide = 512;  // pixels of the tile, which repeats
constexpr float markPixels = 6;  // that a mark is broad in it

/// Of one stroke at one pixel: its level (0 to 3), and whether a line of it is here.
constexpr uchar levelBits = 3, lineBit = 4;

/// Streaks along x, in bytes, each value equally often.
const cv::Mat& streaks() {
    static const cv::Mat tile = [] {
        cv::Mat noise(streakSide, streakSide, CV_32F), wrapped, smooth;
        std::mt19937 random(53);
        for (float& v : cv::Mat_<float>(noise)) v = float(random() >> 8) / 16777216.0f;
        constexpr int around = 96;
        cv::copyMakeBorder(noise, wrapped, around, around, around, around, cv::BORDER_WRAP);
        cv::GaussianBlur(wrapped, smooth, {}, 3.0 * markPixels, 0.3 * markPixels);
        smooth = smooth(cv::Rect(around, around, streakSide, streakSide)).clone();
        return evenLevels(smooth, 256);
    }();
    return tile;
}

/// A field of thresholds over the sheet, uniform between 0 and 1, in streaks of a breadth along a direction.
class Streaks {
 public:
    Streaks() = default;
    Streaks(float direction, float millimetres, int turn)
        : along_(std::cos(direction) * markPixels / millimetres),
          down_(std::sin(direction) * markPixels / millimetres),
          shift_(float(turn * 331 % streakSide)) {}
    float at(float x, float y) const {
        // Above 0 the cast rounds down, and is no call.
        constexpr float above = 64 * streakSide;
        const int u = int(x * along_ + y * down_ + shift_ + above) & (streakSide - 1);
        const int v = int(y * along_ - x * down_ + 0.61f * shift_ + above) & (streakSide - 1);
        return (float(tile_->ptr<uchar>(v)[u]) + 0.5f) / 256;
    }

 private:
    const cv::Mat* tile_ = &streaks();
    float along_ = 1, down_ = 0, shift_ = 0;
};

/// The grain of a part of the sheet: a piece that repeats, mirrored, so that it has no seams.
cv::Mat grainOf(const MarkedSheet& sheet, const cv::Rect2d& part, cv::Size pixels) {
    const double millimetres = sheet.widthMillimetres * part.width / pixels.width;
    constexpr double large = 16;  // pixels of one speckle from which few of them fit into the piece
    const int side = materials::profileOf(sheet.surface).grainMillimetres > large * millimetres ? 1024 : 512;
    const cv::Mat tile = grainMap(sheet.surface, {side, side}, millimetres);
    const auto mirrored = [side](int at) {
        const int turn = ((at % (2 * side)) + 2 * side) % (2 * side);
        return turn < side ? turn : 2 * side - 1 - turn;
    };
    const int left = int(std::lround(part.x / part.width * pixels.width));
    const int top = int(std::lround(part.y / part.height * pixels.height));
    cv::Mat cells(pixels, CV_8U);
    for (int y = 0; y < pixels.height; ++y) {
        const uchar* from = tile.ptr<uchar>(mirrored(top + y));
        for (int x = 0; x < pixels.width; ++x) cells.at<uchar>(y, x) = from[mirrored(left + x)];
    }
    return cells;
}

/// How clearly the lines of a hatched layer stand apart: dust lies between them too.
constexpr float parted = 0.6f;

/// The share that a stroke's lines take where it is laid at a level, 1 where it is not of lines.
float coveredBy(pigment::Stroke stroke, int level, materials::Surface surface) {
    if (stroke.manner != pigment::Manner::hatch) return 1;
    stroke.pressure = pigment::Pressure{float(level)};
    return pigment::coverages(stroke, materials::profileOf(surface)).mean();
}

/// How the marks of a part lie: one threshold for all its pressures, and lines of their own for hatched strokes, which
/// cross; and by stroke and level the share that its lines take.
struct PartFields {
    int strokes = 0;
    Streaks pressed;
    std::array<Streaks, mostStrokes> lines;
    std::array<std::array<float, 4>, mostStrokes> covered{};
};

struct Fields {
    explicit Fields(const MarkedSheet& sheet) {
        constexpr float broadest = 1.0f, crossing = 0.5f;  // millimetres; radians
        for (std::size_t i = 0; i < sheet.parts.size(); ++i) {
            const auto& marks = sheet.markMillimetres[i];
            const float width = marks.empty() ? broadest : std::min(broadest, marks.back());
            PartFields& part = parts.emplace_back();
            part.strokes = int(sheet.parts[i].strokes.size());
            part.pressed = Streaks(sheet.directions[i], width, int(i));
            for (std::size_t k = 0; k < marks.size(); ++k) {
                part.lines[k] = Streaks(sheet.directions[i] + (k % 2 == 1 ? crossing : 0), std::min(broadest, marks[k]),
                                        int(i + 17 * (k + 1)));
                part.covered[k][0] = 1;
                for (int level = 1; level <= levelBits; ++level)
                    part.covered[k][std::size_t(level)] = coveredBy(sheet.parts[i].strokes[k], level, sheet.surface);
            }
        }
    }

    std::vector<PartFields> parts;
    Streaks runningIn{0.8f, 1.5f, 5}, ragged{0, 1.2f, 3};
};

/// What is seen of one row of pixels. Cells far off, which have nothing to do with the one here, are thresholds too.
void markRow(const MarkedSheet& sheet, const cv::Rect2d& part, const Fields& fields, const cv::Mat& cells, int y,
             cv::Mat& wholeParts, std::vector<cv::Mat>& marks) {
    const cv::Size pixels = cells.size(), from = sheet.partMap.size();
    // In pixels of the plan, and in millimetres.
    const auto stepX = float(part.width * from.width / pixels.width);
    const auto beginX = float(part.x * from.width) + 0.5f * stepX;
    const auto fromY = float((part.y + (y + 0.5) / pixels.height * part.height) * from.height);
    const float millimetres = float(sheet.widthMillimetres) / float(from.width), my = fromY * millimetres;
    int* parts = wholeParts.ptr<int>(y);
    std::array<uchar*, mostStrokes> marksHere{};
    for (std::size_t k = 0; k < marks.size(); ++k) marksHere[k] = marks[k].ptr<uchar>(y);
    constexpr int far = 101, nearer = 53;
    const uchar *farCells = cells.ptr<uchar>((y + far) % pixels.height),
                *nearerCells = cells.ptr<uchar>((y + nearer) % pixels.height);
    const auto beside = [&](const uchar* row, int x, int by) { return row[(x + 2 * by) % pixels.width]; };
    for (int x = 0; x < pixels.width; ++x) {
        const float fromX = beginX + stepX * float(x), mx = fromX * millimetres;
        // Edges are as ragged as marks end: by half a pixel of the plan either way.
        const float ragged = fields.ragged.at(mx, my) - 0.5f;
        const int sx = std::clamp(int(fromX + ragged), 0, from.width - 1);
        const int sy = std::clamp(int(fromY + ragged), 0, from.height - 1);
        int own = sheet.partMap.ptr<int>(sy)[sx];
        const std::vector<cv::Mat>* pressures = &sheet.pressures;
        const uchar share = sheet.runIn.share.empty() ? 0 : sheet.runIn.share.ptr<uchar>(sy)[sx];
        if (share > 0 && float(share) / 255 > fields.runningIn.at(mx, my)) {
            own = sheet.runIn.part.ptr<int>(sy)[sx];
            pressures = &sheet.runIn.pressures;
        }
        parts[x] = own;
        const PartFields& its = fields.parts[std::size_t(own)];
        float threshold = -1;  // found where one is needed: most of the sheet fades by its tooth, the rest by the marks
        for (int k = 0; k < its.strokes; ++k) {
            const int pressure = (*pressures)[std::size_t(k)].ptr<uchar>(sy)[sx];
            int level = pressure / mapStep;
            if (const int above = pressure % mapStep; above > 0) {
                if (threshold < 0) {
                    const bool byTooth = 4 * beside(farCells, x, far) < 3 * pigment::cellCount;
                    threshold = byTooth ? (float(beside(nearerCells, x, nearer)) + 0.5f) / pigment::cellCount
                                        : its.pressed.at(mx, my);
                }
                level += float(above) > threshold * mapStep;
            }
            const float lined = its.covered[std::size_t(k)][std::size_t(level)];
            const bool isHere = lined >= 1 || its.lines[std::size_t(k)].at(mx, my) < lined;
            marksHere[std::size_t(k)][x] = uchar(level | (isHere ? lineBit : 0));
        }
    }
}

}  // namespace

CloseUp::CloseUp(const MarkedSheet& sheet, const cv::Rect2d& part, cv::Size pixels)
    : lights_(sheet.parts.size()), gains_(sheet.parts.size()) {
    const int count = int(lights_.size());
    common::forEachIndex(count + 1, [&](int i) {
        if (i == count) {
            cells_ = grainOf(sheet, part, pixels);
            return;
        }
        const LaidPart& laid = sheet.parts[std::size_t(i)];
        lights_[std::size_t(i)] = lightOf(laid, sheet.light, false);
        for (std::size_t k = 0; k < laid.strokes.size(); ++k)
            for (int level = 1; level <= levelBits; ++level) {
                const float covered = coveredBy(laid.strokes[k], level, sheet.surface);
                auto& gains = gains_[std::size_t(i)][k];
                gains[std::size_t(level)] = covered < 1 ? 1 - parted : 0;
                gains[std::size_t(level | lineBit)] = covered < 1 ? 1 - parted + parted / covered : 1;
            }
    });
    mark(sheet, part);
}

void CloseUp::mark(const MarkedSheet& sheet, const cv::Rect2d& part) {
    const cv::Size pixels = cells_.size();
    std::size_t deepest = 0;
    for (const LaidPart& laid : sheet.parts) deepest = std::max(deepest, laid.strokes.size());
    parts_.create(pixels, CV_32S);
    for (std::size_t k = 0; k < deepest; ++k) marks_.emplace_back(pixels, CV_8U);
    const Fields fields(sheet);
    common::forEachIndex(pixels.height, [&](int y) { markRow(sheet, part, fields, cells_, y, parts_, marks_); });
}

void CloseUp::paintRow(cv::Mat& picture, int y, const std::vector<int>& strokes, const std::vector<int>* before) const {
    std::array<const uchar*, mostStrokes> marks{};
    for (std::size_t k = 0; k < marks_.size(); ++k) marks[k] = marks_[k].ptr<uchar>(y);
    const int* parts = parts_.ptr<int>(y);
    const uchar* cells = cells_.ptr<uchar>(y);
    cv::Vec3b* row = picture.ptr<cv::Vec3b>(y);
    for (int x = 0; x < picture.cols; ++x) {
        const auto part = std::size_t(parts[x]);
        // Where none of the strokes is laid by which the two differ, nothing has changed.
        if (before) {
            const auto [first, last] = std::minmax((*before)[part], strokes[part]);
            bool isLaid = false;
            for (int k = first; k < last; ++k) isLaid |= (marks[std::size_t(k)][x] & levelBits) > 0;
            if (!isLaid) continue;
        }
        const PartLight& light = lights_[part];
        const uchar cell = cells[x];
        int tone = 0;
        const auto lightOf = [&](int at) {
            return Eigen::Map<const Eigen::Array4f>(light.tones[std::size_t(at)][cell].data());
        };
        Eigen::Array4f sum = lightOf(0), last = sum;
        for (int k = 0; k < strokes[part]; ++k) {
            const uchar mark = marks[std::size_t(k)][x];
            // Not laid it adds nothing; asking whether it is would cost more than that.
            tone += (mark & levelBits) << (2 * (light.strokes - 1 - k));
            const Eigen::Array4f now = lightOf(tone);
            sum += gains_[part][std::size_t(k)][mark] * (now - last);
            last = now;
        }
        row[x] = encoded(sum);
    }
}

cv::Mat CloseUp::picture(const std::vector<int>& strokes) const {
    cv::Mat picture(cells_.size(), CV_8UC3);
    common::forEachIndex(picture.rows, [&](int y) { paintRow(picture, y, strokes, nullptr); });
    return picture;
}

void CloseUp::goOn(cv::Mat& picture, const std::vector<int>& before, const std::vector<int>& now) const {
    common::forEachIndex(picture.rows, [&](int y) { paintRow(picture, y, now, &before); });
}

}  // namespace rendering
