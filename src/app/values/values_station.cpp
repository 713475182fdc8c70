#include "app/values/values_station.h"

#include <QComboBox>
#include <QMouseEvent>
#include <QPainter>
#include <QSlider>
#include <algorithm>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "colour/munsell.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"

namespace app {

namespace {

QColor greyOfValue(double value) {
    return drawing::colourOf(colour::Lab{colour::lightnessOfMunsellValue(value), 0, 0});
}

constexpr int rungs = 9;

}  // namespace

/// Rungs stand side by side from dark to light; each mass hangs on its own as a block whose area is its share.
class ValuesStation::Ladder : public QWidget {
 public:
    void show(std::shared_ptr<const planning::Reading> reading, int selected) {
        reading_ = std::move(reading);
        selected_ = selected;
        update();
    }
    int massAt(const QPointF& position) const {
        if (!reading_) return -1;
        for (int i = 0; i < int(reading_->masses.values.size()); ++i)
            if (blockOf(i).adjusted(-2, -2, 2, 24).contains(position)) return i;
        return -1;
    }
    std::function<void(int)> onChosen;

 protected:
    void mousePressEvent(QMouseEvent* event) override { onChosen(massAt(event->position())); }

    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        const double y = railTop();
        for (int rung = 1; rung <= rungs; ++rung) {
            const QRectF box(xOf(rung) - pitch() * 0.5 + 1, y, pitch() - 2, 30);
            painter.fillRect(box, greyOfValue(rung));
            painter.setPen(QPen(t.line, 1));
            painter.drawRect(box);
            painter.setPen(t.ink);
            painter.drawText(QRectF(box.left(), y + 33, box.width(), 18), Qt::AlignHCenter, QString::number(rung));
        }
        painter.drawText(QRectF(edge(), y + 50, 200, 18), Qt::AlignLeft, tr("black"));
        painter.drawText(QRectF(width() - edge() - 200, y + 50, 200, 18), Qt::AlignRight, tr("white"));
        if (!reading_) return;
        const subject::Masses& masses = reading_->masses;
        for (int i = 0; i < int(masses.values.size()); ++i) {
            const QRectF block = blockOf(i);
            painter.setPen(QPen(t.ink, 1));
            painter.drawLine(QPointF(block.center().x(), block.bottom()), QPointF(block.center().x(), y));
            painter.fillRect(block, greyOfValue(masses.values[i]));
            painter.setPen(QPen(t.line, 1));
            painter.setBrush(Qt::NoBrush);
            painter.drawRect(block);
            if (i == selected_) drawing::paintSelection(painter, block);
            painter.setPen(t.ink);
            painter.drawText(QRectF(block.center().x() - 60, block.top() - 21, 120, 18), Qt::AlignHCenter,
                             tr("%1 %").arg(std::lround(masses.shares[i] * 100)));
        }
    }

 private:
    double edge() const { return 8; }
    double pitch() const { return (width() - 2 * edge()) / rungs; }
    double railTop() const { return height() - 72; }
    double xOf(double value) const { return edge() + pitch() * (value - 0.5); }
    QRectF blockOf(int mass) const {
        const double share = reading_->masses.shares[mass];
        const double room = railTop() - 34;
        const double wide = std::min(pitch() * 0.86, 96.0);
        // As high as its share asks for, the largest mass filling the room.
        const double largest = *std::ranges::max_element(reading_->masses.shares);
        const double high = std::max(8.0, room * share / largest);
        return {xOf(reading_->masses.values[mass]) - wide / 2, railTop() - 10 - high, wide, high};
    }

    std::shared_ptr<const planning::Reading> reading_;
    int selected_ = -1;
};

ValuesStation::ValuesStation(Session& session) : Station(session, tr("The value ladder"), tr("each mass on its rung")) {
    school_ = new QComboBox;
    school_->addItem(wording::schoolWord(planning::School::darkFirst));
    school_->addItem(wording::schoolWord(planning::School::lightBase));
    addField(choices_, tr("Order"), school_);
    choices_->addSpacing(10);
    levels_ = wholeNumber(int(planning::levelBounds.least), int(planning::levelBounds.most));
    addField(choices_, tr("Value steps"), levels_);
    choices_->addSpacing(10);
    squint_ = new QSlider(Qt::Horizontal);
    squint_->setRange(0, 100);
    squint_->setFixedWidth(110);
    addField(choices_, tr("Squint"), squint_);
    ladder_ = new Ladder;
    ladder_->setAccessibleName(tr("Value ladder"));
    ladder_->setMinimumHeight(170);
    body_->addWidget(ladder_, 1);

    ladder_->onChosen = [this](int mass) {
        selected_ = mass == selected_ ? -1 : mass;
        refresh();
        Q_EMIT looksDifferent();
    };
    connect(levels_, &QSpinBox::valueChanged, this, [this](int levels) {
        planning::Study study = session_.study();
        study.valueLevels = levels;
        session_.choose(tr("Value steps"), study, QStringLiteral("levels"));
    });
    connect(squint_, &QSlider::valueChanged, this, [this](int percent) {
        planning::Study study = session_.study();
        study.squint = percent / 100.0;
        session_.choose(tr("Squint"), study, QStringLiteral("squint"));
    });
    connect(school_, &QComboBox::activated, this, [this](int index) {
        planning::Study study = session_.study();
        study.school = static_cast<planning::School>(index);
        session_.choose(tr("Order of values"), study);
    });
}

void ValuesStation::refresh() {
    showValue(levels_, session_.study().valueLevels);
    showValue(squint_, int(std::lround(session_.study().squint * 100)));
    school_->setCurrentIndex(static_cast<int>(session_.study().school));
    const auto reading = session_.reading();
    if (!reading || selected_ >= int(reading->masses.values.size())) selected_ = -1;
    ladder_->show(reading, selected_);
}

QString ValuesStation::decided() const {
    const auto reading = session_.reading();
    return reading ? wording::keyWords(subject::contrastOf(reading->masses)) : tr("not read yet");
}

Views ValuesStation::views() const {
    Views views = Station::views();
    const auto reading = session_.reading();
    if (!reading) return views;
    const cv::Mat& map = reading->masses.map;
    std::vector<QRgb> greys;
    for (const double value : reading->masses.values) greys.push_back(greyOfValue(value).rgb());
    QImage masses(map.cols, map.rows, QImage::Format_RGB32);
    QImage mask(map.cols, map.rows, QImage::Format_Grayscale8);
    for (int y = 0; y < map.rows; ++y) {
        auto* line = reinterpret_cast<QRgb*>(masses.scanLine(y));
        uchar* inside = mask.scanLine(y);
        for (int x = 0; x < map.cols; ++x) {
            line[x] = greys[map.at<int>(y, x)];
            inside[x] = map.at<int>(y, x) == selected_ ? 255 : 0;
        }
    }
    views.subject = masses;
    views.subjectCaption = tr("Subject, %1 value masses").arg(greys.size());
    if (selected_ >= 0) views.outline = mask;
    return views;
}

void ValuesStation::point(const QPointF& fraction) {
    const auto reading = session_.reading();
    if (!reading) return;
    selected_ = subject::labelAt(reading->masses.map, fraction.x(), fraction.y());
    refresh();
    Q_EMIT looksDifferent();
}

MarginText ValuesStation::margin() const {
    MarginText text;
    const auto reading = session_.reading();
    text.head = tr("Values");
    if (!reading) {
        text.paragraphs << tr("The values are read as soon as there is a picture.");
        return text;
    }
    const subject::Contrast contrast = subject::contrastOf(reading->masses);
    const double range = contrast.lightest - contrast.darkest;
    text.paragraphs << tr("The subject is in a %1: its masses span %2 steps of the ladder.")
                           .arg(wording::keyWords(contrast))
                           .arg(range, 0, 'f', 1);
    text.paragraphs << tr("%1 % of the picture is dark, %2 % medium and %3 % light (below 4, from 4 to 7, above 7).")
                           .arg(std::lround(contrast.dark * 100))
                           .arg(std::lround(contrast.medium * 100))
                           .arg(std::lround(contrast.light * 100));
    text.paragraphs << tr(
        "The steps are chosen so that the squared distance from the subject is the least possible; small islands are "
        "given to their neighbours.");
    if (selected_ >= 0)
        text.paragraphs << tr("The mass in the frame stands at value %1 and holds %2 % of the picture.")
                               .arg(reading->masses.values[selected_], 0, 'f', 1)
                               .arg(std::lround(reading->masses.shares[selected_] * 100));
    if (range < 3)
        text.cautions << tr(
            "The range is narrow: a picture of so few steps reads flat unless edges or colour carry it.");
    return text;
}

}  // namespace app
