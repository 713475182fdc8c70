#include "app/subject/subject_station.h"

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

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
    : Station(session, tr("The measuring strip"), tr("draw a line on the subject")) {
    light_ = new QComboBox;
    for (int i = 0; i < colour::lightCount; ++i) light_->addItem(wording::lightWord(colour::Light(i)));
    addField(choices_, tr("Seen under"), light_);
    strip_ = new Strip;
    strip_->setAccessibleName(tr("Measuring strip"));
    body_->addWidget(strip_, 1);
    body_->addLayout(makeFrameRow());
    body_->addLayout(makeAreaRow());

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

QLayout* SubjectStation::makeFrameRow() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    row->addWidget(new QLabel(tr("With the line")));
    takeUnit_ = new QPushButton(tr("As the unit"));
    takeUnit_->setToolTip(tr("Other lengths are told in this one."));
    auto* levelIt = new QPushButton(tr("Level by it"));
    levelIt->setToolTip(tr("Turns the picture so that the line is level, or plumb if it is steep."));
    auto* cropIt = new QPushButton(tr("Crop to it"));
    cropIt->setToolTip(tr("Takes the line for a diagonal and shows that part, grown to the sheet's format."));
    auto* cropFree = new QPushButton(tr("Crop freely"));
    cropFree->setToolTip(tr("The same, and the sheet's height follows."));
    byLine_ = {takeUnit_, levelIt, cropIt, cropFree};
    join_ = new QPushButton(tr("Join areas"));
    part_ = new QPushButton(tr("Part the area"));
    join_->setToolTip(tr("The areas in which the line's ends lie become one."));
    part_->setToolTip(
        tr("Both ends lie in one area: it becomes two, parted where its colours change most between them."));
    for (QPushButton* button : byLine_) row->addWidget(button);
    row->addSpacing(8);
    row->addWidget(join_);
    row->addWidget(part_);
    row->addStretch(1);
    connect(join_, &QPushButton::clicked, this, [this] { editAreas(subject::AreaEdit::Kind::join); });
    connect(part_, &QPushButton::clicked, this, [this] { editAreas(subject::AreaEdit::Kind::part); });
    grey_ = new QPushButton(tr("Point at a grey"));
    grey_->setCheckable(true);
    grey_->setToolTip(tr("Then click on something that is grey in truth: the picture's cast is taken off by it."));
    choices_->addSpacing(12);
    choices_->addWidget(grey_);
    whole_ = new QPushButton(tr("As photographed"));
    whole_->setToolTip(tr("The whole reference again, not turned, with the colours that it came with."));
    choices_->addWidget(whole_);
    connect(levelIt, &QPushButton::clicked, this, &SubjectStation::level);
    connect(cropIt, &QPushButton::clicked, this, [this] { crop(true); });
    connect(cropFree, &QPushButton::clicked, this, [this] { crop(false); });
    connect(grey_, &QPushButton::toggled, this, &SubjectStation::looksDifferent);
    connect(whole_, &QPushButton::clicked, this,
            [this] { chooseFrame(tr("As photographed"), {}, session_.study().heightMillimetres); });
    return row;
}

QLayout* SubjectStation::makeAreaRow() {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    areaName_ = new QLineEdit;
    areaName_->setMaxLength(60);
    addField(row, tr("The area that you click on is"), areaName_);
    areaName_->setAccessibleName(tr("Area's name"));
    row->setStretchFactor(areaName_, 1);
    plane_ = new QComboBox;
    plane_->addItems({tr("background"), tr("middle"), tr("foreground")});
    addField(row, tr("in the"), plane_);
    plane_->setAccessibleName(tr("Area's plane"));
    row->addSpacing(8);
    focal_ = new QCheckBox(tr("What the picture is about"));
    row->addWidget(focal_);
    connect(areaName_, &QLineEdit::editingFinished, this, [this] {
        if (!areaName_->isModified()) return;
        areaName_->setModified(false);
        sayOfArea(tr("Area's name"),
                  [name = areaName_->text().trimmed().toStdString()](planning::AreaName& area) { area.name = name; });
    });
    connect(plane_, &QComboBox::activated, this, [this](int plane) {
        sayOfArea(tr("Area's plane"), [plane](planning::AreaName& area) { area.plane = subject::Plane(plane); });
    });
    connect(focal_, &QCheckBox::clicked, this, [this](bool on) {
        sayOfArea(tr("What the picture is about"), [on](planning::AreaName& area) { area.focal = on; });
    });
    return row;
}

int SubjectStation::chosenArea() const {
    const auto reading = session_.reading();
    return reading && clicked_ ? subject::labelAt(reading->areas.map, clicked_->x(), clicked_->y()) : -1;
}

void SubjectStation::editAreas(subject::AreaEdit::Kind kind) {
    planning::Study study = session_.study();
    study.areaEdits.push_back({kind, line_->x1(), line_->y1(), line_->x2(), line_->y2()});
    session_.choose(kind == subject::AreaEdit::Kind::join ? tr("Join areas") : tr("Part an area"), study);
}

void SubjectStation::sayOfArea(const QString& what, const std::function<void(planning::AreaName&)>& say) {
    const int area = chosenArea();
    if (area < 0) return;
    planning::Study study = session_.study();
    const cv::Mat& map = session_.reading()->areas.map;
    auto said = std::ranges::find_if(
        study.areaNames, [&](const planning::AreaName& name) { return subject::labelAt(map, name.x, name.y) == area; });
    if (said == study.areaNames.end())
        said = study.areaNames.insert(said, planning::AreaName{clicked_->x(), clicked_->y(), {}});
    say(*said);
    session_.choose(what, study);
}

void SubjectStation::showArea() {
    const auto reading = session_.reading();
    const int area = chosenArea();
    for (QWidget* field : QList<QWidget*>{areaName_, plane_, focal_}) field->setEnabled(area >= 0);
    const bool isAcross = reading && line_ &&
                          subject::labelAt(reading->areas.map, line_->x1(), line_->y1()) !=
                              subject::labelAt(reading->areas.map, line_->x2(), line_->y2());
    join_->setEnabled(reading && line_ && isAcross);
    part_->setEnabled(reading && line_ && !isAcross && inMillimetres(*line_).length() > 5);
    if (area < 0) {
        areaName_->clear();
        focal_->setChecked(false);
        return;
    }
    if (!areaName_->hasFocus() || !areaName_->isModified()) {
        QString name;
        for (const planning::AreaName& said : session_.study().areaNames)
            if (subject::labelAt(reading->areas.map, said.x, said.y) == area) name = QString::fromStdString(said.name);
        areaName_->setText(name);
        const auto plan = session_.plan();
        areaName_->setPlaceholderText(plan && plan->reading == reading ? wording::areaName(*plan, area) : QString());
    }
    plane_->setCurrentIndex(int(reading->areas.list[std::size_t(area)].plane));
    focal_->setChecked(reading->areas.list[std::size_t(area)].focal);
}

subject::FramePlace SubjectStation::framePlace() const {
    const planning::Study& study = session_.study();
    return {study.frame, session_.reading()->reference, study.widthMillimetres / study.heightMillimetres};
}

void SubjectStation::chooseFrame(const QString& what, const subject::Frame& frame, double heightMillimetres) {
    planning::Study study = session_.study();
    const subject::FramePlace before = framePlace();
    study.frame = frame;
    study.heightMillimetres = std::round(heightMillimetres);
    planning::moveAreas(study, before,
                        {frame, session_.reading()->reference, study.widthMillimetres / study.heightMillimetres});
    clicked_.reset();
    line_.reset();  // it was drawn on what is not shown any more
    session_.choose(what, study);
}

void SubjectStation::level() {
    if (!line_) return;
    chooseFrame(
        tr("Level"),
        subject::levelled(session_.study().frame, framePlace(), {line_->x1(), line_->y1()}, {line_->x2(), line_->y2()}),
        session_.study().heightMillimetres);
}

void SubjectStation::crop(bool toFormat) {
    if (!line_) return;
    const planning::Study& study = session_.study();
    const double format = study.widthMillimetres / study.heightMillimetres;
    const auto part = subject::cropped(study.frame, framePlace(), {line_->x1(), line_->y1()},
                                       {line_->x2(), line_->y2()}, toFormat ? format : 0);
    const double height = study.widthMillimetres / part.format;
    if (toFormat) return chooseFrame(tr("Crop"), part.frame, study.heightMillimetres);
    chooseFrame(tr("Crop freely"), part.frame,
                std::clamp(height, planning::sheetBounds.least, planning::sheetBounds.most));
}

void SubjectStation::point(const QPointF& fraction) {
    const auto reading = session_.reading();
    if (!reading) return;
    if (!grey_->isChecked()) {
        clicked_ = fraction;
        refresh();
        Q_EMIT looksDifferent();
        return;
    }
    grey_->setChecked(false);
    const cv::Mat& xyz = reading->xyz;
    const int radius = std::max(2, std::max(xyz.cols, xyz.rows) / 160);
    const cv::Rect spot(int(fraction.x() * xyz.cols) - radius, int(fraction.y() * xyz.rows) - radius, 2 * radius + 1,
                        2 * radius + 1);
    const cv::Scalar mean = cv::mean(xyz(spot & cv::Rect({}, xyz.size())));
    if (mean[1] < 0.01) return;  // in the black there is no hue to go by
    chooseFrame(tr("Grey"), subject::withGrey(session_.study().frame, {mean[0], mean[1], mean[2]}),
                session_.study().heightMillimetres);
}

QString SubjectStation::frameSentence() const {
    const subject::Frame& frame = session_.study().frame;
    QStringList parts;
    const double shown = framePlace().width() / session_.reading()->reference.width;
    parts << (frame.width > 0 || frame.degrees != 0
                  ? tr("The sheet shows %1 % of the reference's width").arg(std::lround(shown * 100))
                  : tr("The reference is cut to the sheet's format from its middle"));
    if (frame.degrees != 0) parts << tr("it is turned by %1°").arg(frame.degrees, 0, 'f', 1);
    if (frame.grey) parts << tr("its cast is taken off by the grey that you pointed at");
    return parts.join(QStringLiteral("; ")) + QStringLiteral(".");
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
    refresh();
    strip_->show(inMillimetres(fractions), unitMillimetres_);
    Q_EMIT looksDifferent();
}

void SubjectStation::refresh() {
    const planning::Study& study = session_.study();
    const bool hasReading = session_.reading() != nullptr;
    for (QPushButton* button : byLine_) button->setEnabled(hasReading && line_ && inMillimetres(*line_).length() > 0.5);
    grey_->setEnabled(hasReading);
    showArea();
    whole_->setEnabled(hasReading && study.frame != subject::Frame{});
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
    views.line = line_;
    if (const int area = chosenArea(); area >= 0) {
        const cv::Mat mask = session_.reading()->areas.map == area;
        views.outline = QImage(mask.data, mask.cols, mask.rows, int(mask.step), QImage::Format_Grayscale8).copy();
    }
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
    text.paragraphs << frameSentence();
    if (grey_->isChecked())
        text.paragraphs << tr("Click on something that is grey in truth: stone, a white wall in shade, a grey card.");
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
