#pragma once

#include <QImage>

#include "drawing/pictures.h"
#include "subject/squint.h"

namespace app {

/// A picture as half-closed eyes see it, by amount (0..1).
inline QImage squinted(const QImage& image, double amount) {
    const QImage rgb = image.convertToFormat(QImage::Format_RGB888);
    const cv::Mat pixels(rgb.height(), rgb.width(), CV_8UC3, const_cast<uchar*>(rgb.constBits()),
                         std::size_t(rgb.bytesPerLine()));
    return drawing::imageOf(subject::squintedPicture(pixels, amount));
}

}  // namespace app
