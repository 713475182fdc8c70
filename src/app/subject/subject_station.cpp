#include "app/subject/subject_station.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "wording/sentences.h"

namespace app {

namespace {

struct Format {
    const char* name;
    int width, height;
};
constexpr Format formats[] = {{"40 × 30 cm", 400, 300}, {"30 × 40 cm", 300, 400}, {"50 × 35 cm", 500, 350},
                              {"35 × 50 cm", 350, 500}, {"24 × 18 cm", 240, 180}, {"30 × 30 cm", 300, 300},
                              {"65 × 50 cm", 650, 500}};

}  // namespace

/// The readings of the line: a ruler in sheet units with the line on it, and its slope as a drawn angle.
class SubjectStation::Strip : public QWidget {
 public:
    void show(const std::optional<QLineF>& millimetres, double unit) {
        line_ = millimetres;
        unit_ = unit;
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(t.ink);
        painter.setFont(drawing::font(drawing::TypeSize::text));
        if (!line_ || line_->length() < 0.5) {
            painter.setPen(t.quiet);
            painter.drawText(rect(), Qt::AlignCenter,
                             tr("Draw a line on the subject: its length on the sheet, its slope and how often the unit "
                                "goes into it stand here."));
            return;
        }
        const double length = line_->length();
        const double most = std::max({length, unit_, 10.0}) * 1.08;
        const double left = 8, right = width() - 250.0, scale = (right - left) / most;
        const double y = height() * 0.52;
        const double step = most > 400 ? 50 : most > 120 ? 20 : most > 40 ? 10 : 5;
        painter.setPen(QPen(t.ink, 1));
        painter.drawLine(QPointF(left, y), QPointF(right, y));
        painter.setFont(drawing::font(drawing::TypeSize::small));
        for (double mm = 0; mm <= most; mm += step) {
            painter.drawLine(QPointF(left + mm * scale, y), QPointF(left + mm * scale, y + 7));
            painter.drawText(QRectF(left + mm * scale - 30, y + 8, 60, 16), Qt::AlignHCenter, QString::number(mm));
        }
        painter.drawText(QPointF(left, y + 40), tr("millimetres on the sheet"));
        painter.fillRect(QRectF(left, y - 16, length * scale, 12), t.ink);
        if (unit_ > 0) {
            painter.setPen(QPen(t.ink, 1));
            for (double at = 0; at < length - 0.01; at += unit_)
                painter.drawRect(QRectF(left + at * scale, y - 36, std::min(unit_, length - at) * scale, 10));
            painter.drawText(QPointF(left, y - 44),
                             tr("%1 units of %2 mm").arg(length / unit_, 0, 'f', 2).arg(unit_, 0, 'f', 0));
        }
        paintSlope(painter, QRectF(right + 36, 12, 200, height() - 24));
    }

 private:
    void paintSlope(QPainter& painter, const QRectF& box) const {
        const Theme& t = theme();
        const double radius = std::min(box.width() * 0.36, box.height() - 54);
        const QPointF corner(box.left() + 10, box.top() + radius + 6);
        painter.setPen(QPen(t.quiet, 1, Qt::DashLine));
        painter.drawLine(corner, corner + QPointF(radius * 1.2, 0));
        painter.drawLine(corner, corner - QPointF(0, radius));
        const double slope = std::atan2(std::fabs(line_->dy()), std::fabs(line_->dx()));
        painter.setPen(QPen(t.ink, 2.4));
        painter.drawLine(corner, corner + QPointF(std::cos(slope), -std::sin(slope)) * radius);
        const double degrees = slope * 180 / M_PI;
        painter.setFont(drawing::font(drawing::TypeSize::text, true));
        painter.drawText(QPointF(box.left() + 10, corner.y() + 22), tr("%1° from level").arg(degrees, 0, 'f', 1));
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(QPointF(box.left() + 10, corner.y() + 42), tr("%1° from plumb").arg(90 - degrees, 0, 'f', 1));
    }

    std::optional<QLineF> line_;
    double unit_ = 0;
};

SubjectStation::SubjectStation(Session& session)
    : Station(session, tr("The measuring strip"), tr("draw as with a pencil at arm's length")) {
    light_ = new QComboBox;
    for (int i = 0; i < colour::lightCount; ++i) light_->addItem(wording::lightWord(colour::Light(i)));
    addField(choices_, tr("Seen under"), light_);
    choices_->addSpacing(12);
    takeUnit_ = new QPushButton(tr("Take this length as the unit"));
    takeUnit_->setEnabled(false);
    choices_->addWidget(takeUnit_);
    strip_ = new Strip;
    strip_->setAccessibleName(tr("Measuring strip"));
    body_->addWidget(strip_, 1);

    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    auto* open = new QPushButton(tr("Open picture…"));
    row->addWidget(open);
    row->addSpacing(8);
    title_ = new QLineEdit;
    title_->setMaxLength(120);
    title_->setMinimumWidth(110);
    addField(row, tr("Title"), title_);
    row->addSpacing(12);
    format_ = new QComboBox;
    for (const Format& format : formats) format_->addItem(QString::fromUtf8(format.name));
    format_->addItem(tr("own size"));
    addField(row, tr("Sheet"), format_);
    width_ = wholeNumber(int(planning::sheetBounds.least), int(planning::sheetBounds.most), tr(" mm"));
    height_ = wholeNumber(int(planning::sheetBounds.least), int(planning::sheetBounds.most), tr(" mm"));
    for (QSpinBox* side : {width_, height_}) side->setFixedWidth(86);
    addField(row, tr("wide"), width_);
    addField(row, tr("high"), height_);
    row->addSpacing(12);
    areas_ = wholeNumber(int(planning::areaBounds.least), int(planning::areaBounds.most));
    addField(row, tr("Areas"), areas_);
    row->setStretchFactor(title_, 1);
    body_->addLayout(row);

    connect(open, &QPushButton::clicked, this, &SubjectStation::openPictureWanted);
    connect(takeUnit_, &QPushButton::clicked, this, [this] {
        unitMillimetres_ = inMillimetres(*line_).length();
        strip_->show(inMillimetres(*line_), unitMillimetres_);
        Q_EMIT looksDifferent();
    });
    connect(format_, &QComboBox::activated, this, [this](int index) {
        if (index < int(std::size(formats))) chooseSize(formats[index].width, formats[index].height);
    });
    connect(width_, &QSpinBox::valueChanged, this,
            [this](int w) { chooseSize(w, session_.study().heightMillimetres); });
    connect(height_, &QSpinBox::valueChanged, this,
            [this](int h) { chooseSize(session_.study().widthMillimetres, h); });
    connect(areas_, &QSpinBox::valueChanged, this, [this](int areas) {
        planning::Study study = session_.study();
        study.areas = areas;
        session_.choose(tr("Number of areas"), study, QStringLiteral("areas"));
    });
    connect(light_, &QComboBox::activated, this, [this](int index) {
        planning::Study study = session_.study();
        study.light = static_cast<colour::Light>(index);
        session_.choose(tr("Light"), study);
    });
    connect(title_, &QLineEdit::editingFinished, this, [this] {
        planning::Study study = session_.study();
        study.title = title_->text().toStdString();
        session_.choose(tr("Title"), study);
    });
}

void SubjectStation::chooseSize(double width, double height) {
    planning::Study study = session_.study();
    study.widthMillimetres = width;
    study.heightMillimetres = height;
    session_.choose(tr("Sheet size"), study);
}

QLineF SubjectStation::inMillimetres(const QLineF& f) const {
    const double w = session_.study().widthMillimetres;
    const double h = session_.study().heightMillimetres;
    return {f.x1() * w, f.y1() * h, f.x2() * w, f.y2() * h};
}

void SubjectStation::measure(const QLineF& fractions) {
    line_ = fractions;
    takeUnit_->setEnabled(inMillimetres(fractions).length() > 0.5);
    strip_->show(inMillimetres(fractions), unitMillimetres_);
    Q_EMIT looksDifferent();
}

void SubjectStation::refresh() {
    const planning::Study& study = session_.study();
    showValue(width_, int(std::lround(study.widthMillimetres)));
    showValue(height_, int(std::lround(study.heightMillimetres)));
    showValue(areas_, study.areas);
    light_->setCurrentIndex(static_cast<int>(study.light));
    if (!title_->hasFocus()) {
        title_->setText(QString::fromStdString(study.title));
        title_->setCursorPosition(0);
    }
    int index = int(std::size(formats));
    for (int i = 0; i < int(std::size(formats)); ++i)
        if (formats[i].width == study.widthMillimetres && formats[i].height == study.heightMillimetres) index = i;
    format_->setCurrentIndex(index);
    strip_->show(line_ ? std::optional(inMillimetres(*line_)) : std::nullopt, unitMillimetres_);
}

QString SubjectStation::decided() const {
    const planning::Study& study = session_.study();
    if (!study.reference) return tr("no picture yet");
    const QString size = wording::sheetSize(study.widthMillimetres, study.heightMillimetres);
    if (study.light != colour::Light::daylight65) return tr("%1, for %2").arg(size, wording::lightWord(study.light));
    return tr("%1, %2 areas").arg(size).arg(study.areas);
}

Views SubjectStation::views() const {
    Views views = Station::views();
    views.measuring = true;
    if (session_.plan()) {
        views.sheet = sheetAfter(0);
        views.sheetCaption = tr("Sheet, bare");
    }
    return views;
}

MarginText SubjectStation::margin() const {
    MarginText text;
    const auto reading = session_.reading();
    if (!reading) {
        text.head = tr("Begin with a picture");
        text.paragraphs << tr(
            "Open a photograph of the subject, or drop one into this window. It stays on the left, always in view; the "
            "sheet stands beside it.");
        return text;
    }
    const planning::Study& study = session_.study();
    text.head = QString::fromStdString(study.title);
    text.paragraphs << tr("Planned to be seen under %1. Hold T to see subject and sheet under %2.")
                           .arg(wording::lightWord(study.light),
                                wording::lightWord(study.light == colour::Light::lamp ? colour::Light::daylight65
                                                                                      : colour::Light::lamp));
    text.paragraphs << tr("The reference is cut to the sheet's format from its middle.");
    if (line_) {
        const QLineF line = inMillimetres(*line_);
        QString sentence = tr("The line is %1 mm long on the sheet").arg(line.length(), 0, 'f', 0);
        if (unitMillimetres_ > 0) sentence += tr(", %1 of your units").arg(line.length() / unitMillimetres_, 0, 'f', 2);
        text.paragraphs << sentence + QStringLiteral(".");
    }
    if (const auto plan = session_.plan()) {
        QStringList names;
        for (int i = 0; i < int(plan->reading->areas.list.size()); ++i) {
            const subject::Area& area = plan->reading->areas.list[i];
            names << tr("%1 (%2 %)").arg(wording::areaName(*plan, i)).arg(std::lround(area.share * 100));
        }
        text.paragraphs << tr("%1 areas: %2.").arg(names.size()).arg(names.join(QStringLiteral("; ")));
    }
    return text;
}

}  // namespace app
