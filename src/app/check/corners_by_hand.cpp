#include "app/check/corners_by_hand.h"

#include <QCoreApplication>
#include <QPainter>
#include <algorithm>

#include "app/widgets/theme.h"
#include "colour/image_colour.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"

namespace app {

void CornersByHand::begin(const cv::Mat& photograph, const QSizeF& format) {
    const QImage raw = drawing::imageOf(colour::srgb8ImageFromXyz(photograph));
    const double wide = std::max<double>(raw.width(), raw.height() * format.width() / format.height());
    const QSize size(int(wide), int(wide * format.height() / format.width()));
    shown_ = QImage(size, QImage::Format_RGB888);
    shown_.fill(theme().well);
    const QPoint at((size.width() - raw.width()) / 2, (size.height() - raw.height()) / 2);
    QPainter(&shown_).drawImage(at, raw);
    photograph_ = {double(at.x()) / size.width(), double(at.y()) / size.height(), double(raw.width()) / size.width(),
                   double(raw.height()) / size.height()};
    set_.clear();
}

void CornersByHand::set(const QPointF& fraction) {
    const QPointF at((fraction.x() - photograph_.left()) / photograph_.width(),
                     (fraction.y() - photograph_.top()) / photograph_.height());
    if (QRectF(0, 0, 1, 1).contains(at) && set_.size() < 4) set_ << at;
}

std::optional<std::array<cv::Point2d, 4>> CornersByHand::corners() const {
    if (set_.size() < 4) return std::nullopt;
    std::array<cv::Point2d, 4> all;
    std::ranges::transform(set_, all.begin(), [](const QPointF& it) { return cv::Point2d(it.x(), it.y()); });
    return all;
}

QImage CornersByHand::image() const {
    QImage marked = shown_;
    QPainter painter(&marked);
    for (const QPointF& corner : set_) {
        const QPointF at((photograph_.left() + corner.x() * photograph_.width()) * marked.width(),
                         (photograph_.top() + corner.y() * photograph_.height()) * marked.height());
        for (const auto& [ink, width] : {std::pair(drawing::markLight, 9), std::pair(drawing::markInk, 4)}) {
            painter.setPen(QPen(ink, width));
            painter.drawEllipse(at, 18, 18);
        }
    }
    return marked;
}

QString CornersByHand::caption() const {
    static constexpr std::array<const char*, 4> corners{
        QT_TRANSLATE_NOOP("app::CornersByHand", "Click the picture's upper left corner"),
        QT_TRANSLATE_NOOP("app::CornersByHand", "Click the picture's upper right corner"),
        QT_TRANSLATE_NOOP("app::CornersByHand", "Click the picture's lower right corner"),
        QT_TRANSLATE_NOOP("app::CornersByHand", "Click the picture's lower left corner")};
    return QCoreApplication::translate("app::CornersByHand",
                                       corners[std::min<std::size_t>(3, std::size_t(set_.size()))]);
}

}  // namespace app
