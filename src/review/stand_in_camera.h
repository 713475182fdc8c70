#pragma once

#include <cstdint>
#include <opencv2/core.hpp>
#include <optional>
#include <vector>

#include "review/card_windows.h"

namespace review {

/// A stand-in for the telephone's camera: makes cards as an artist would fill them, and photographs of them with all
/// that goes wrong in a kitchen. For the demo and the tests.

/// Linear sRGB, 0..1, of one stick's three fields over white and over black.
struct FilledRow {
    cv::Vec3f overWhite[3], overBlack[3];
    bool laid = true;    // else the row is empty
    bool gloss = false;  // a lamp is reflected in it
};

/// The fields of a stick that is pressed in by a hand whose amounts are `hand` times the usual ones, by the film model.
FilledRow filledRow(const pigment::Pigment& pigment, float hand);

/// The card lying flat, `pixelsPerMillimetre` large: CV_32FC3, linear sRGB in the order R G B. Rows beyond `rows` are
/// empty. Swatches have the tooth's texture.
cv::Mat filledCard(CardPaper paper, int page, const std::vector<FilledRow>& rows, double pixelsPerMillimetre,
                   unsigned seed);

/// An offcut of `paper` on which the fields of a card of windows have been laid, by a hand whose amounts are `hand`
/// times the usual ones, and from field to field by `handSpread` (a standard deviation) more or less.
struct FilledWindow {
    materials::Paper paper;
    CardFields fields;
    std::vector<std::optional<materials::Material>> sticks;
    float hand = 1;
    double handSpread = 0;
};

/// A card of windows lying flat, like filledCard; the fields have the paper's grain. Windows beyond `windows` are
/// empty.
cv::Mat filledWindows(CardKind kind, CardPaper paper, int page, const std::vector<FilledWindow>& windows,
                      double pixelsPerMillimetre, unsigned seed);

/// Of the table on which everything lies.
inline constexpr double tableReflectance = 0.22;

/// The soft shadow of a hand or of the telephone, and the gleam of a lamp: round, in shares of the photograph's width.
struct CastShadow {
    cv::Point2d at;
    double radius = 0.25;
    double takes = 0.4;  // of the light
};
struct Gleam {
    cv::Point2d at;
    double radius = 0.04;
    double adds = 1;  // of what white gives
};

struct CameraConditions {
    cv::Size pixels{2400, 3200};
    double tiltDegrees = 0, tiltDirectionDegrees = 0;  // of the lens against the card
    double turnDegrees = 0;                            // of the card in the picture
    double filled = 0.88;                              // of the picture's height by the card
    double kelvin = 5500;                              // of the light; the camera corrects a part of its cast
    double castCorrected = 0.6;                        // 0..1
    double vignetting = 0.1;                           // share of light missing in the corners
    double sideLight = 0;                              // share by which it falls from one side to the other
    double sideLightDegrees = 0;                       // from which side it comes
    double exposure = 0.9;                             // that white paper is brought to, 1 saturates
    double contrast = 1;                               // exponent of the camera's own tone curve on top of sRGB's
    double noise = 0.006;                              // standard deviation at white, in shares of the full scale
    double bow = 0;                                    // of the lens, as Lens has it
    double blurPixels = 0.6;                           // standard deviation
    int jpegQuality = 90;
    std::optional<CastShadow> shadow = {};
    std::optional<Gleam> gleam = {};
    unsigned seed = 1;
};

/// From pixels of what lies flat to those of the photograph, for a lens at some distance that looks at it from aside.
cv::Matx33d toPhotograph(const cv::Size& flat, const CameraConditions& conditions);

/// A JPEG file of the scene: `flat` lies in the middle of a grey table.
std::vector<std::uint8_t> photographed(const cv::Mat& flat, const CameraConditions& conditions);

}  // namespace review
