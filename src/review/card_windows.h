#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "common/result.h"
#include "pigment/lay.h"
#include "review/card.h"

namespace review {

/// The strokes of one field, one over the other.
using FieldStrokes = std::vector<pigment::Lay>;
/// What goes into each field of a window, in the order in which it is laid. The first stays bare.
using CardFields = std::array<FieldStrokes, windowFields>;

/// What strokes are laid with, by their sticks' places; one that is missing leaves its fields out.
using CardSticks = std::span<const std::optional<materials::Material>>;

/// Whether all sticks of a field are there.
bool canBeLaid(const FieldStrokes& field, CardSticks sticks);

/// What the field is to look like by the film model, all its sticks being there; a hand may lay so many times the usual
/// amounts.
pigment::Patch laidField(const FieldStrokes& field, const materials::Paper& paper, CardSticks sticks, float hand = 1);

using FieldPigments = std::vector<std::optional<pigment::Pigment>>;
FieldPigments pigmentsOf(CardSticks sticks);
pigment::Patch laidOver(pigment::Patch patch, const FieldStrokes& field, const FieldPigments& pigments, float hand);

struct WindowField {
    colour::Xyz xyz;   // relative to D50
    double error = 0;  // CIEDE2000 by which the mean may be off for grain and noise, one standard error
};
using WindowReading = std::array<WindowField, windowFields>;
colour::Lab labOf(const WindowField& field);

struct WindowsReading {
    CardPaper paper = CardPaper::a4;
    int page = 0;
    std::array<WindowReading, cardWindows> windows;
};

/// Reads a photograph of a filled card of windows (CV_32FC3, XYZ relative to D50). Refuses as readCard does.
common::Result<WindowsReading> readWindows(const cv::Mat& xyz, CardKind kind, const std::string& name);

}  // namespace review
