#pragma once

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

/// A drawn head before a wall (CV_8UC3, R G B), 480 x 400: its middle at `centre`, from ear to ear `wide` pixels.
inline cv::Mat drawnFace(cv::Point centre = {240, 200}, int wide = 170) {
    cv::Mat picture(400, 480, CV_8UC3, cv::Scalar(96, 112, 124));
    const double s = wide / 170.0;
    const auto at = [&](double x, double y) { return cv::Point(int(centre.x + x * s), int(centre.y + y * s)); };
    const auto blob = [&](double x, double y, double w, double h, const cv::Scalar& colour) {
        cv::ellipse(picture, at(x, y), {int(w * s), int(h * s)}, 0, 0, 360, colour, cv::FILLED, cv::LINE_AA);
    };
    const cv::Scalar skin(222, 176, 150), shade(186, 134, 112), hair(62, 42, 34), lip(176, 84, 84);
    blob(0, -18, 98, 128, hair);
    blob(0, 95, 42, 70, shade);  // neck
    blob(0, 10, 84, 112, skin);
    blob(0, -66, 70, 34, skin);
    for (const int side : {-1, 1}) {
        blob(side * 36, -12, 27, 16, shade);  // socket
        blob(side * 36, -30, 26, 6, hair);    // brow
        blob(side * 36, -9, 19, 9, {240, 236, 230});
        blob(side * 36, -9, 9, 9, {60, 70, 90});
        blob(side * 36, -9, 4, 4, {10, 10, 10});
        blob(side * 62, 40, 16, 34, {206, 156, 132});
        blob(side * 10, 34, 6, 4, shade);
    }
    blob(0, 12, 8, 26, {236, 196, 170});
    blob(0, 62, 30, 9, lip);
    blob(0, 62, 26, 2, {110, 40, 44});
    cv::GaussianBlur(picture, picture, {}, 2.2 * s);
    return picture;
}
