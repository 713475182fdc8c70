#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "common/result.h"
#include "review/card.h"

namespace review {

enum class FieldState { good, empty, glossy, unsure };

/// One field: reflectances as XYZ relative to D50, and the CIEDE2000 by which their mean may be off for the texture and
/// the noise in the field (one standard error).
struct FieldReading {
    FieldState state = FieldState::unsure;
    colour::Xyz overWhite, overBlack;
    double error = 0;
};

struct CardReading {
    CardPaper paper = CardPaper::a4;
    int page = 0;
    std::vector<std::array<FieldReading, 3>> rows;  // as in the layout, by pressure
    colour::Xyz white, black;                       // what lies under the fields
};

/// Reads a photograph of a filled card (CV_32FC3, XYZ relative to D50, as colour::xyzImage gives it): finds the card by
/// its markers, takes uneven light and the light's cast off by the bare paper between the fields, and the camera's tone
/// curve by the grey ladders. Refuses (cardMissing, cardCutOff, cardTooDark, cardTooBright, cardBlurred); `name` stands
/// in the problem.
common::Result<CardReading> readCard(const cv::Mat& xyz, const std::string& name);

}  // namespace review
