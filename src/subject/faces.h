#pragma once

#include <array>
#include <opencv2/core/mat.hpp>
#include <optional>
#include <vector>

#include "subject/line.h"

namespace subject {

/// A head that looks at the painter.
struct Face {
    enum class Of { person, cat };
    Of of = Of::person;
    cv::Mat head;  // CV_8U: where its skin or fur is, without the eyes
    /// The one on the left of the picture first; eyes are laid as a pair, so that one alone is none.
    std::optional<std::array<cv::Mat, 2>> eyes;
};

/// Whether a place lies in the upright box round the head.
bool holds(const Face& face, const Place& place);

/// Heads of people and of cats in a picture (CV_8UC3, R G B, and the same in CIELAB), the largest first: what OpenCV's
/// cascades find (P. Viola, M. Jones, 2001; R. Lienhart, J. Maydt, 2002), with a pair of eyes or many times over. Each
/// is cut out by its colours. None, too, where the cascades are not installed (Debian: opencv-data).
std::vector<Face> facesIn(const cv::Mat& picture, const cv::Mat& lab);

/// The labels (CV_32S, from 0) with each head and each eye as a label of its own; slivers that are left round them go
/// to their neighbours.
cv::Mat withFaces(const cv::Mat& labels, const std::vector<Face>& faces);

}  // namespace subject
