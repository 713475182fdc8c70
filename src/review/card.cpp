#include "review/card.h"

#include <opencv2/aruco.hpp>

namespace review {

namespace {

constexpr double edge = 12, marker = 16, step = 14, rowHeight = 14, fieldWidth = 25, fieldHeight = 10;
constexpr double numberWidth = 11, columnGap = 8;

CardLayout laidOut(cv::Size2d page) {
    CardLayout layout;
    layout.page = page;
    const double right = page.width - edge - marker, bottom = page.height - edge - marker;
    layout.corners = {cv::Rect2d(edge, edge, marker, marker), cv::Rect2d(right, edge, marker, marker),
                      cv::Rect2d(right, bottom, marker, marker), cv::Rect2d(edge, bottom, marker, marker)};
    // Ladder in the middle between the corners; the page's marker stands left of the upper one.
    const auto steps = double(ladderReflectances().size());
    const double left = (page.width - steps * step) / 2;
    for (const double y : {edge + 3, bottom + 3})
        for (int i = 0; i < int(steps); ++i) layout.ladder.emplace_back(left + i * step, y, step, 10.0);
    layout.pageMarker = {edge + marker + 5, edge + 4, 8, 8};

    const double column = numberWidth + 3 * fieldWidth;
    const double top = edge + marker + 5, room = bottom - 5 - top;
    const int rows = int(room / rowHeight);
    const double first = (page.width - 2 * column - columnGap) / 2;
    for (int c = 0; c < 2; ++c)
        for (int r = 0; r < rows; ++r) {
            const double x = first + c * (column + columnGap), y = top + r * rowHeight;
            CardRow row;
            row.number = {x, y, numberWidth, fieldHeight};
            for (int p = 0; p < 3; ++p) {
                const double at = x + numberWidth + p * fieldWidth;
                row.fields[std::size_t(p)] = {{at, y, fieldWidth / 2 - 1, fieldHeight},
                                              {at + fieldWidth / 2 - 1, y, fieldWidth / 2 - 1, fieldHeight}};
            }
            layout.rows.push_back(row);
        }
    return layout;
}

}  // namespace

const CardLayout& layoutOf(CardPaper paper) {
    static const CardLayout a4 = laidOut({210, 297}), letter = laidOut({215.9, 279.4});
    return paper == CardPaper::a4 ? a4 : letter;
}

const std::vector<double>& ladderReflectances() {
    // L* 88, 80, 70 ... 30 and 25.
    static const std::vector<double> reflectances{0.7207, 0.5668, 0.4075, 0.2812, 0.1842, 0.1125, 0.0624, 0.0442};
    return reflectances;
}

int cornerId(CardPaper paper, int corner) {
    return static_cast<int>(paper) * 4 + corner;
}

cv::Mat markerModules(int id) {
    cv::Mat image;
    cv::aruco::drawMarker(cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_100), id, 6, image, 1);
    return image;
}

}  // namespace review
