#include "app/materials/colour_pick.h"

#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <optional>

#include "app/widgets/theme.h"
#include "colour/image_colour.h"
#include "colour/munsell.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "subject/picture.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

/// The photograph with a ring round the spot; the spot's colour lies beside it, large.
class ColourPick::Spot : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::ColourPick)

 public:
    explicit Spot(const QImage& photograph) : photograph_(photograph) {
        setFocusPolicy(Qt::StrongFocus);
        setMinimumSize(560, 360);
        setAccessibleName(tr("Photograph"));
    }
    std::function<void()> onMoved;

    std::optional<colour::Srgb8> colour() const {
        if (!at_) return std::nullopt;
        const int radius = std::max(2, std::max(photograph_.width(), photograph_.height()) / 160);
        colour::Xyz sum;
        int count = 0;
        for (int y = at_->y() - radius; y <= at_->y() + radius; ++y)
            for (int x = at_->x() - radius; x <= at_->x() + radius; ++x) {
                const QPoint off = QPoint(x, y) - *at_;
                if (QPoint::dotProduct(off, off) > radius * radius || !photograph_.valid(x, y)) continue;
                const QRgb pixel = photograph_.pixel(x, y);
                const colour::Xyz xyz = colour::xyzFromSrgb(colour::srgbFromSrgb8(
                    {std::uint8_t(qRed(pixel)), std::uint8_t(qGreen(pixel)), std::uint8_t(qBlue(pixel))}));
                sum = {sum.x + xyz.x, sum.y + xyz.y, sum.z + xyz.z};
                ++count;
            }
        return colour::srgb8FromSrgb(colour::srgbFromXyz({sum.x / count, sum.y / count, sum.z / count}));
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override { moveTo(event->position()); }
    void mouseMoveEvent(QMouseEvent* event) override { moveTo(event->position()); }
    void keyPressEvent(QKeyEvent* event) override {
        const int step = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
        const QPoint by = event->key() == Qt::Key_Left    ? QPoint(-step, 0)
                          : event->key() == Qt::Key_Right ? QPoint(step, 0)
                          : event->key() == Qt::Key_Up    ? QPoint(0, -step)
                          : event->key() == Qt::Key_Down  ? QPoint(0, step)
                                                          : QPoint();
        if (by.isNull()) return QWidget::keyPressEvent(event);
        place(at_.value_or(photograph_.rect().center()) + by);
    }
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
        painter.fillRect(rect(), theme().well);
        const QRectF room = shown();
        painter.drawImage(room, photograph_);
        const auto colour = this->colour();
        if (!colour) return;
        painter.fillRect(QRectF(width() - side, 0, side, height()), drawing::colourOf(*colour));
        const QPointF centre(room.left() + (at_->x() + 0.5) * room.width() / photograph_.width(),
                             room.top() + (at_->y() + 0.5) * room.height() / photograph_.height());
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(Qt::white, 3.5));
        painter.drawEllipse(centre, 8, 8);
        painter.setPen(QPen(Qt::black, 1.5));
        painter.drawEllipse(centre, 8, 8);
    }

 private:
    static constexpr int side = 90;

    QRectF shown() const {
        const QSizeF size =
            QSizeF(photograph_.size()).scaled(QSizeF(width() - side - 8, height()), Qt::KeepAspectRatio);
        return {{(width() - side - 8 - size.width()) / 2, (height() - size.height()) / 2}, size};
    }
    void moveTo(const QPointF& place_) {
        const QRectF room = shown();
        if (!room.contains(place_)) return;
        const QPointF fraction = place_ - room.topLeft();
        place({int(fraction.x() * photograph_.width() / room.width()),
               int(fraction.y() * photograph_.height() / room.height())});
    }
    void place(const QPoint& at) {
        at_ = {std::clamp(at.x(), 0, photograph_.width() - 1), std::clamp(at.y(), 0, photograph_.height() - 1)};
        update();
        onMoved();
    }

    QImage photograph_;
    std::optional<QPoint> at_;
};

common::Result<QImage> ColourPick::read(const common::Bytes& bytes, const std::string& name) {
    const auto picture = subject::readPicture(bytes, name, 2000);
    if (!picture) return picture.problem();
    return drawing::imageOf(colour::srgb8ImageFromXyz(picture->xyz));
}

ColourPick::ColourPick(QWidget* parent, const QImage& photograph)
    : Sheet(
          parent, tr("Pick a colour"),
          tr("Click where the swatch lies flat in even daylight; arrow keys move the spot. A photograph shows its own "
             "light: a swatch card or a colour reader tells a colour better.")) {
    spot_ = new Spot(photograph);
    body_->addWidget(spot_, 1);
    auto* words = new QLabel(tr("Nothing is picked yet."));
    body_->addWidget(words);
    take_ = addButton(tr("Take this colour"));
    take_->setEnabled(false);
    connect(addButton(tr("Leave it")), &QPushButton::clicked, this, &QDialog::reject);
    spot_->onMoved = [this, words] {
        const colour::Lab lab = colour::labFromSrgb8(*spot_->colour());
        words->setText(tr("%1, value %2, chroma %3")
                           .arg(wording::colourWords(lab))
                           .arg(wording::decimal(colour::munsellValueOfLightness(lab.L), 1))
                           .arg(std::lround(colour::chroma(lab))));
        take_->setEnabled(true);
    };
    connect(take_, &QPushButton::clicked, this, [this] {
        Q_EMIT picked(*spot_->colour());
        accept();
    });
    resize(860, 620);
}

void ColourPick::allowDetaching() {
    connect(addButton(tr("Detach it")), &QPushButton::clicked, this, [this] {
        Q_EMIT detached();
        reject();
    });
}

}  // namespace app
