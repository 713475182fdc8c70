#pragma once

#include <Eigen/Core>

#include "colour/lab.h"

namespace colour {

/// How bright the room around the picture is.
enum class Surround { average, dim, dark };

/// What surrounds a colour. `white` as CIE XYZ with Y = 1; adapting luminance in cd/m2 (a fifth of the white's);
/// `backgroundY`, the luminance factor 0..1 of what the colour lies on.
struct ViewingConditions {
    Xyz white = whiteD50;
    double adaptingLuminance = 64;
    double backgroundY = 0.2;
    Surround surround = Surround::average;
};

/// Lightness J (0 black, 100 the white), chroma C and hue angle h in degrees, as they look.
struct Appearance {
    double J = 0, C = 0, h = 0;
};

/// CIECAM16 (C. Li and others, Color Research & Application 42, 2017; CIE 248:2022) for one set of conditions. Unlike
/// CIELAB it knows simultaneous contrast: the same colour looks lighter on a dark background.
class AppearanceModel {
 public:
    explicit AppearanceModel(const ViewingConditions& conditions);

    /// `xyz` under the white of the conditions, Y = 1 for that white.
    Appearance of(const Xyz& xyz) const;

 private:
    Eigen::Vector3d adapted(const Xyz& xyz) const;

    double exponent_, chromaFactor_, inductionFactor_, luminanceLevel_, brightnessInduction_;
    double whiteResponse_ = 0;
    Eigen::Vector3d coneFactors_;
};

}  // namespace colour
