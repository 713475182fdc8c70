#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

#include "colour/lab.h"
#include "subject/line.h"

namespace subject {

/// The colours of a part of a picture from its darkest to its lightest, to be laid on another shape.
class Borrowed {
 public:
    /// `part`: two opposite corners in the picture (CV_32FC3, CIELAB).
    Borrowed(const cv::Mat& lab, const Line& part);

    /// Gives the pixels under `mask` the borrowed colours: the darkest its darkest, by rank of lightness. Both pictures
    /// are changed alike: `squintedLab` leads.
    void layOn(cv::Mat& lab, cv::Mat& squintedLab, const cv::Mat& mask) const;

 private:
    std::vector<colour::Lab> byRank_;
};

}  // namespace subject
