#pragma once

#include <QByteArray>
#include <QString>
#include <opencv2/core/mat.hpp>
#include <optional>
#include <vector>

namespace storage {

struct RasterLayer {
    QString name;
    cv::Mat picture;  // CV_8UC4: R G B and opacity
};

/// An OpenRaster file (freedesktop.org, baseline of version 0.0.5): `layers` from the bottom up, each as large as
/// `merged` (CV_8UC3, R G B), which is what they come to when they are laid over each other. Nullopt if there was no
/// room for it.
std::optional<QByteArray> openRaster(const std::vector<RasterLayer>& layers, const cv::Mat& merged);

}  // namespace storage
