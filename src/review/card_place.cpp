#include "review/card_place.h"

#include <algorithm>
#include <opencv2/aruco.hpp>
#include <opencv2/calib3d.hpp>
#include <opencv2/imgproc.hpp>

namespace review {

using common::Problem;
using common::ProblemKind;

namespace {

using Corners = std::vector<cv::Point2f>;

/// Fine detail against coarse: a sharp picture of anything printed has far more than this.
bool isBlurred(const cv::Mat& grey) {
    cv::Mat small, edges;
    const double scale = std::min(1.0, 1600.0 / std::max(grey.cols, grey.rows));
    cv::resize(grey, small, {std::max(1, int(grey.cols * scale)), std::max(1, int(grey.rows * scale))}, 0, 0,
               cv::INTER_AREA);
    cv::Sobel(small, edges, CV_32F, 1, 0);
    double steepest = 0;
    cv::minMaxLoc(edges, nullptr, &steepest);
    cv::Scalar mean, spread;
    cv::meanStdDev(small, mean, spread);
    return steepest < 4 * spread[0];
}

ProblemKind whyNotFound(const cv::Mat& grey, int cornersSeen) {
    if (cornersSeen > 0) return ProblemKind::cardCutOff;
    cv::Mat small;
    cv::resize(grey, small, {64, 64}, 0, 0, cv::INTER_AREA);
    double brightest = 0;
    cv::minMaxLoc(small, nullptr, &brightest);
    if (brightest < 60) return ProblemKind::cardTooDark;
    return isBlurred(grey) ? ProblemKind::cardBlurred : ProblemKind::cardMissing;
}

void addPair(const cv::Rect2d& place, const Corners& seen, Corners& millimetres, Corners& pixels) {
    const double l = place.x, t = place.y, r = place.br().x, b = place.br().y;
    for (const cv::Point2d corner : {cv::Point2d(l, t), {r, t}, {r, b}, {l, b}})
        millimetres.emplace_back(float(corner.x), float(corner.y));
    pixels.insert(pixels.end(), seen.begin(), seen.end());
}

}  // namespace

cv::Point2d CardPlace::inPicture(const cv::Point2d& millimetres) const {
    const cv::Vec3d p = toPicture * cv::Vec3d(millimetres.x, millimetres.y, 1);
    return {p[0] / p[2], p[1] / p[2]};
}

common::Result<CardPlace> findCard(const cv::Mat& grey, CardKind kind, const std::string& name) {
    CV_Assert(grey.type() == CV_8UC1);
    const auto parameters = cv::aruco::DetectorParameters::create();
    parameters->cornerRefinementMethod = cv::aruco::CORNER_REFINE_SUBPIX;
    parameters->adaptiveThreshWinSizeMax = 53;
    std::vector<int> ids;
    std::vector<Corners> seen;
    cv::aruco::detectMarkers(grey, cv::aruco::getPredefinedDictionary(cv::aruco::DICT_4X4_100), seen, ids, parameters);
    const auto cornersOf = [&](CardKind of, CardPaper paper) {
        return std::ranges::count_if(
            ids, [&](int id) { return id >= cornerId(of, paper, 0) && id <= cornerId(of, paper, 3); });
    };
    for (const CardKind other : {CardKind::swatches, CardKind::papers, CardKind::trials})
        for (const CardPaper paper : {CardPaper::a4, CardPaper::letter})
            if (other != kind && cornersOf(other, paper) >= 3) return Problem{ProblemKind::cardOther, name};
    CardPlace place;
    place.paper =
        cornersOf(kind, CardPaper::letter) > cornersOf(kind, CardPaper::a4) ? CardPaper::letter : CardPaper::a4;
    const CardFrame& layout = frameOf(place.paper);
    Corners millimetres, pixels;
    std::array<bool, 4> found{};
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const int corner = ids[i] - cornerId(kind, place.paper, 0);
        if (corner >= 0 && corner < 4 && !found[std::size_t(corner)]) {
            found[std::size_t(corner)] = true;
            addPair(layout.corners[std::size_t(corner)], seen[i], millimetres, pixels);
        }
    }
    const auto corners = std::ranges::count(found, true);
    if (corners < 4) return Problem{whyNotFound(grey, int(corners)), name};
    const cv::Mat homography = cv::findHomography(millimetres, pixels);
    if (homography.empty()) return Problem{ProblemKind::cardMissing, name};
    place.toPicture = cv::Matx33d(homography.ptr<double>());
    // What looks like a page's marker in another place is none.
    const cv::Point2d wanted = place.inPicture((layout.pageMarker.tl() + layout.pageMarker.br()) * 0.5);
    const double side = cv::norm(place.inPicture(layout.pageMarker.br()) - place.inPicture(layout.pageMarker.tl()));
    for (std::size_t i = 0; i < ids.size(); ++i) {
        const cv::Point2d centre = cv::Point2d(seen[i][0] + seen[i][1] + seen[i][2] + seen[i][3]) * 0.25;
        const bool isPage = ids[i] >= firstPageId && ids[i] < firstPageId + mostPages;
        if (isPage && cv::norm(centre - wanted) < side / 4) place.page = ids[i] - firstPageId;
    }
    return place;
}

}  // namespace review
