#pragma once

#include <opencv2/core/mat.hpp>
#include <optional>

#include "colour/lab.h"

namespace subject {

/// The part of the reference that the sheet shows, and how it is taken. Places in the reference and in the frame are
/// fractions of their width and height.
struct Frame {
    double centreX = 0.5, centreY = 0.5;  // in the reference
    double width = 0;                     // of the frame, as a fraction of the reference's width; 0: as wide as fits
    double degrees = 0;                   // by which the frame's upper edge is turned, clockwise, in the reference
    /// XYZ relative to D50, as the file has it, of what is grey in truth.
    std::optional<colour::Xyz> grey = {};

    bool operator==(const Frame&) const = default;
};

/// A frame that is turned across a tall reference is wider than that.
inline constexpr double mostFrameWidth = 1000;

/// The same frame with its turn between -180° and 180°, its centre on the reference and no wider than any may be.
Frame withinBounds(Frame frame);

/// How a frame lies on a reference of this size for a sheet of this format (width by height). What does not fit is made
/// smaller round its centre.
class FramePlace {
 public:
    FramePlace(const Frame& frame, cv::Size2d reference, double format);

    double width() const { return width_; }  // in the reference's pixels
    double height() const { return height_; }
    cv::Point2d inReference(const cv::Point2d& inFrame) const;
    cv::Point2d inFrame(const cv::Point2d& inReference) const;
    cv::Size2d reference() const { return reference_; }  // in pixels

 private:
    cv::Size2d reference_;
    cv::Point2d centre_;  // pixels
    double width_, height_, cos_, sin_;
};

inline constexpr int leastFramedPixels = 16;

/// The framed part of a picture (CV_32FC3, XYZ relative to D50), reduced to at most `longSide` pixels and enlarged to
/// leastFramedPixels on each side as far as that allows, the grey made neutral by Bradford scaling at its own
/// luminance.
cv::Mat framed(const cv::Mat& xyz, const Frame& frame, double format, int longSide);

/// Makes the frame's grey neutral in a picture of CV_32FC3, XYZ relative to D50, in place; nothing without one.
void neutralise(cv::Mat& xyz, const Frame& frame);

/// The same frame turned so that a line of the frame (two places in it) stands level or plumb, whichever is nearer.
Frame levelled(const Frame& frame, const FramePlace& place, const cv::Point2d& from, const cv::Point2d& to);

/// The frame that holds the box between two places of this one: grown to `format`, or, with `format` 0, as it is; its
/// own format is given back.
struct Cropped {
    Frame frame;
    double format;
};
Cropped cropped(const Frame& frame, const FramePlace& place, const cv::Point2d& from, const cv::Point2d& to,
                double format);

/// With another grey, of which the frame shows this colour (XYZ relative to D50).
Frame withGrey(const Frame& frame, const colour::Xyz& shown);

}  // namespace subject
