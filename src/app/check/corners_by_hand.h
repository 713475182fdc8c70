#pragma once

#include <QImage>
#include <QPolygonF>
#include <array>
#include <opencv2/core/mat.hpp>
#include <optional>

namespace app {

/// The picture's four corners in a photograph, clicked one after the other where the sheet is not found by itself.
class CornersByHand {
 public:
    /// `photograph` is CV_32FC3, XYZ relative to D50; it is shown in a picture of this format, with bars beside it.
    void begin(const cv::Mat& photograph, const QSizeF& format);
    void end() { *this = {}; }
    bool isOpen() const { return !shown_.isNull(); }
    /// A click, as a fraction of what is shown; one beside the photograph sets nothing.
    void set(const QPointF& fraction);
    /// From upper left clockwise, as fractions of the photograph, once all are set.
    std::optional<std::array<cv::Point2d, 4>> corners() const;

    /// With the corners that are set.
    QImage image() const;
    /// What is to be clicked next.
    QString caption() const;

 private:
    QImage shown_;
    QRectF photograph_;  // where it lies in that, as fractions
    QPolygonF set_;      // fractions of the photograph
};

}  // namespace app
