#include "review/card.h"

#include <opencv2/aruco.hpp>

namespace review {

namespace {

constexpr double edge = 12, marker = 16, step = 14, rowHeight = 14, fieldWidth = 25, fieldHeight = 10;
constexpr double numberWidth = 11, columnGap = 8;

CardFrame framed(cv::Size2d page) {
    CardFrame frame;
    frame.page = page;
    const double right = page.width - edge - marker, bottom = page.height - edge - marker;
    frame.corners = {cv::Rect2d(edge, edge, marker, marker), cv::Rect2d(right, edge, marker, marker),
                     cv::Rect2d(right, bottom, marker, marker), cv::Rect2d(edge, bottom, marker, marker)};
    // Ladder in the middle between the corners; the page's marker stands left of the upper one.
    const auto steps = double(ladderReflectances().size());
    const double left = (page.width - steps * step) / 2;
    for (const double y : {edge + 3, bottom + 3})
        for (int i = 0; i < int(steps); ++i) frame.ladder.emplace_back(left + i * step, y, step, 10.0);
    frame.pageMarker = {edge + marker + 5, edge + 4, 8, 8};
    frame.top = edge + marker + 5;
    frame.bottom = bottom - 5;
    frame.left = edge;
    frame.right = page.width - edge;
    return frame;
}

/// The card shows beside its corners.
std::vector<cv::Rect2d> besideCorners(const CardFrame& frame) {
    std::vector<cv::Rect2d> spots;
    for (const cv::Rect2d& corner : frame.corners) {
        const double beside = corner.x < frame.page.width / 2 ? corner.br().x + 1.2 : corner.x - 2.8;
        spots.emplace_back(beside, corner.y + 2, 1.6, corner.height - 4);
    }
    return spots;
}

CardLayout laidOut(const CardFrame& frame) {
    CardLayout layout;
    const double column = numberWidth + 3 * fieldWidth;
    const int rows = int((frame.bottom - frame.top) / rowHeight);
    const double first = (frame.page.width - 2 * column - columnGap) / 2;
    for (int c = 0; c < 2; ++c)
        for (int r = 0; r < rows; ++r) {
            const double x = first + c * (column + columnGap), y = frame.top + r * rowHeight;
            CardRow row;
            row.number = {x, y, numberWidth, fieldHeight};
            for (int p = 0; p < 3; ++p) {
                const double at = x + numberWidth + p * fieldWidth;
                row.fields[std::size_t(p)] = {{at, y, fieldWidth / 2 - 1, fieldHeight},
                                              {at + fieldWidth / 2 - 1, y, fieldWidth / 2 - 1, fieldHeight}};
            }
            layout.rows.push_back(row);
        }
    for (const CardRow& row : layout.rows)
        for (const CardField& field : row.fields)
            for (const cv::Rect2d& half : {field.overWhite, field.overBlack})
                layout.white.emplace_back(half.x + 2, half.br().y + 1.2, half.width - 4, 1.6);
    for (const cv::Rect2d& spot : besideCorners(frame)) layout.white.push_back(spot);
    return layout;
}

/// Words above and below a window say what goes into each field; between the windows and beside them the card shows.
WindowsLayout papersLaidOut(const CardFrame& frame) {
    constexpr double offcutHeight = 34, margin = 3, words = 18.5, beside = 9;
    constexpr int columns = int(windowFields) / 2;
    WindowsLayout layout;
    const double band = (frame.bottom - frame.top) / double(cardWindows);
    for (std::size_t w = 0; w < cardWindows; ++w) {
        const double y = frame.top + double(w) * band;
        CardWindow& window = layout.windows[w];
        window.offcut = {frame.left + beside, y + words, frame.right - frame.left - 2 * beside, offcutHeight};
        const double width = (window.offcut.width - 2 * margin) / columns, height = offcutHeight / 2 - margin;
        for (std::size_t i = 0; i < windowFields; ++i) {
            const std::size_t column = i % columns, line = i / columns;
            window.fields[i] = {window.offcut.x + margin + double(column) * width + 1,
                                window.offcut.y + margin / 2 + double(line) * (offcutHeight / 2), width - 2, height};
        }
        constexpr int spots = 6;
        for (int i = 0; i < spots; ++i)
            layout.white.emplace_back(window.offcut.x + (i + 0.25) * window.offcut.width / spots, y + band - 3.2,
                                      window.offcut.width / spots / 2, 1.6);
        for (const double x : {frame.left + 2, frame.right - 5})
            for (int i = 0; i < 4; ++i) layout.white.emplace_back(x, window.offcut.y + 1 + i * 8.5, 3, 5);
    }
    for (const cv::Rect2d& spot : besideCorners(frame)) layout.white.push_back(spot);
    return layout;
}

}  // namespace

const CardFrame& frameOf(CardPaper paper) {
    static const CardFrame a4 = framed({210, 297}), letter = framed({215.9, 279.4});
    return paper == CardPaper::a4 ? a4 : letter;
}

const CardLayout& layoutOf(CardPaper paper) {
    static const CardLayout a4 = laidOut(frameOf(CardPaper::a4)), letter = laidOut(frameOf(CardPaper::letter));
    return paper == CardPaper::a4 ? a4 : letter;
}

const WindowsLayout& windowsOf(CardPaper paper) {
    static const WindowsLayout a4 = papersLaidOut(frameOf(CardPaper::a4)),
                               letter = papersLaidOut(frameOf(CardPaper::letter));
    return paper == CardPaper::a4 ? a4 : letter;
}

const std::vector<double>& ladderReflectances() {
    // L* 88, 80, 70 ... 30 and 25.
    static const std::vector<double> reflectances{0.7207, 0.5668, 0.4075, 0.2812, 0.1842, 0.1125, 0.0624, 0.0442};
    return reflectances;
}

int cornerId(CardKind kind, CardPaper paper, int corner) {
    // The third kind came when the pages' had been given.
    const int first = kind == CardKind::trials ? firstPageId + mostPages : static_cast<int>(kind) * 8;
    return first + static_cast<int>(paper) * 4 + corner;
}

cv::Mat markerModules(int id) {
    cv::Mat image;
    cv::aruco::drawMarker(cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_100), id, 6, image, 1);
    return image;
}

}  // namespace review
