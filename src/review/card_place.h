#pragma once

#include <opencv2/core.hpp>
#include <string>

#include "common/result.h"
#include "review/card.h"

namespace review {

/// Where a card lies in a photograph.
struct CardPlace {
    CardPaper paper = CardPaper::a4;
    int page = 0;
    cv::Matx33d toPicture;  // from millimetres on the card to pixels
    cv::Point2d inPicture(const cv::Point2d& millimetres) const;
};

/// Finds a card of this kind in a photograph (CV_8UC1) by its markers. When it cannot, says what the matter is:
/// cardTooDark, cardBlurred, cardCutOff, cardOther (one of another kind) or cardMissing.
common::Result<CardPlace> findCard(const cv::Mat& grey, CardKind kind, const std::string& name);

}  // namespace review
