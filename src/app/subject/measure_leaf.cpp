#include "app/subject/measure_leaf.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "print/construction_sheets.h"
#include "subject/measures.h"
#include "wording/decimal.h"
#include "wording/sentences.h"
#include "wording/subject.h"

namespace app {

namespace {

/// Millimetres of the grid; 0 is thirds.
constexpr int grids[] = {0, 10, 20, 25, 50, 100};

QLineF lineOf(const subject::Line& line) {
    return {line.from.x, line.from.y, line.to.x, line.to.y};
}

}  // namespace

/// The readings of the line: a ruler in sheet units with the line on it, and its slope as a drawn angle.
class MeasureLeaf::Strip : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::MeasureLeaf)

 public:
    void show(const std::optional<QLineF>& millimetres, const QList<double>& kept, double unit) {
        line_ = millimetres;
        kept_ = kept;
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
                             tr("Draw a line on the subject: its length on the\nsheet, its slope and how often the "
                                "unit goes\ninto it stand here."));
            return;
        }
        const double length = line_->length();
        const double longest = kept_.isEmpty() ? 0 : *std::ranges::max_element(kept_);
        const double most = std::max({length, longest, 10.0}) * 1.08;
        const double slopeSide = std::min(width() * 0.36, height() * 1.1);
        const double left = 26, right = width() - slopeSide - 40, scale = (right - left) / most;
        const double y = height() - 52.0;
        const double step = most > 400 ? 50 : most > 120 ? 20 : most > 40 ? 10 : 5;
        painter.setPen(QPen(t.ink, 1));
        painter.drawLine(QPointF(left, y), QPointF(right, y));
        painter.setFont(drawing::font(drawing::TypeSize::small));
        for (double mm = 0; mm <= most; mm += step) {
            painter.drawLine(QPointF(left + mm * scale, y), QPointF(left + mm * scale, y + 7));
            painter.drawText(QRectF(left + mm * scale - 30, y + 8, 60, 16), Qt::AlignHCenter, QString::number(mm));
        }
        painter.drawText(QPointF(left, y + 40), tr("millimetres on the sheet"));
        // The rows share the height.
        const double pitch = std::clamp((y - 4) / double(kept_.size() + 1), 22.0, 56.0), thick = pitch * 0.6;
        painter.fillRect(QRectF(left, y - pitch, length * scale, thick), t.ink);
        // What is kept stands above it, one length against the other, each parted into units.
        double top = y - 2 * pitch;
        for (qsizetype i = 0; i < kept_.size() && top > 0; ++i, top -= pitch) {
            painter.setPen(QPen(t.ink, 1));
            const double part = unit_ > 0 ? unit_ : kept_[i];
            for (double at = 0; at < kept_[i] - 0.01; at += part)
                painter.drawRect(QRectF(left + at * scale, top, std::min(part, kept_[i] - at) * scale, thick));
            painter.drawText(QRectF(0, top + thick / 2 - 9, left - 6, 18), Qt::AlignRight | Qt::AlignVCenter,
                             QString::number(i + 1));
        }
        paintSlope(painter, QRectF(right + 26, 4, slopeSide, height() - 8));
    }

 private:
    void paintSlope(QPainter& painter, const QRectF& box) const {
        const Theme& t = theme();
        const double radius = std::min(box.width() * 0.8, box.height() - 60);
        const QPointF corner(box.left() + 10, box.top() + radius + 6);
        painter.setPen(QPen(t.quiet, 1, Qt::DashLine));
        painter.drawLine(corner, corner + QPointF(radius * 1.2, 0));
        painter.drawLine(corner, corner - QPointF(0, radius));
        const double slope = std::atan2(std::fabs(line_->dy()), std::fabs(line_->dx()));
        painter.setPen(QPen(t.ink, 2.4));
        painter.drawLine(corner, corner + QPointF(std::cos(slope), -std::sin(slope)) * radius);
        const double degrees = slope * 180 / M_PI;
        painter.setFont(drawing::font(drawing::TypeSize::text, true));
        painter.drawText(QPointF(box.left() + 10, corner.y() + 22),
                         tr("%1° from level").arg(wording::decimal(degrees, 1)));
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(QPointF(box.left() + 10, corner.y() + 42),
                         tr("%1° from plumb").arg(wording::decimal(90 - degrees, 1)));
    }

    std::optional<QLineF> line_;
    QList<double> kept_;  // millimetres
    double unit_ = 0;
};

MeasureLeaf::MeasureLeaf(Desk& desk, OnSubject& on) : SubjectLeaf(desk, on) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* top = new QHBoxLayout;
    strip_ = new Strip;
    strip_->setAccessibleName(tr("Measuring strip"));
    strip_->setMinimumHeight(120);
    top->addWidget(strip_, 1);
    kept_ = new QListWidget;
    kept_->setAccessibleName(tr("Kept lengths"));
    kept_->setFixedWidth(250);
    kept_->setFrameShape(QFrame::NoFrame);
    top->addWidget(kept_);
    column->addLayout(top, 1);
    column->addLayout(makeLineRow());
    column->addLayout(makeDrawingRow());
    connect(kept_, &QListWidget::currentRowChanged, this, [this](int row) {
        const auto& measures = session_.study().measures;
        if (row < 0 || row >= int(measures.size())) return;
        on_.line = lineOf(measures[std::size_t(row)]);
        refresh();
        Q_EMIT looksDifferent();
    });
}

QLayout* MeasureLeaf::makeLineRow() {
    auto* row = new FlowRow;
    keep_ = new QPushButton(tr("Keep the length"));
    keep_->setToolTip(tr("It is listed, told in the unit, and stands in the construction drawing."));
    unit_ = new QPushButton(tr("As the unit"));
    unit_->setToolTip(tr("Other lengths are told in this one."));
    letGo_ = new QPushButton(tr("Let it go"));
    letGo_->setToolTip(tr("The kept length that is chosen in the list."));
    catches_ = new QCheckBox(tr("Lines catch borders"));
    catches_->setChecked(on_.catchesEdges);
    catches_->setToolTip(
        tr("Ends move to the hardest border within a few pixels; a line along a border is laid on it."));
    for (QWidget* widget : QList<QWidget*>{keep_, unit_, letGo_, catches_}) row->addWidget(widget);
    row->addStretch();
    grid_ = new QComboBox;
    grid_->setToolTip(tr("What the grid divides the picture into."));
    for (const int every : grids) grid_->addItem(every == 0 ? tr("thirds") : tr("every %1 mm").arg(every));
    addField(row, tr("Grid (R)"), grid_);
    connect(keep_, &QPushButton::clicked, this, [this] { keep(false); });
    connect(unit_, &QPushButton::clicked, this, [this] { keep(true); });
    connect(letGo_, &QPushButton::clicked, this, &MeasureLeaf::letGo);
    connect(catches_, &QCheckBox::toggled, this, [this](bool on) {
        on_.catchesEdges = on;
        refresh();
        Q_EMIT looksDifferent();
    });
    connect(grid_, &QComboBox::activated, this, &MeasureLeaf::looksDifferent);
    return row;
}

QLayout* MeasureLeaf::makeDrawingRow() {
    auto* row = new FlowRow;
    construction_ = new QCheckBox(tr("Construction drawing on the sheet"));
    construction_->setToolTip(
        tr("Shows on the sheet what to draw, in its order: format, heights, widths, outlines, kept lengths."));
    row->addWidget(construction_);
    marks_ = wholeNumber(1, 1);
    marks_->setToolTip(tr("Up to which line of the construction drawing is shown."));
    marks_->setKeyboardTracking(true);
    addField(row, tr("up to mark"), marks_);
    row->addStretch();
    export_ = new QPushButton(tr("Export it at real size…"));
    export_->setToolTip(tr("SVG, or PDF on A4 pages with crosses to join them by."));
    row->addWidget(export_);
    connect(construction_, &QCheckBox::toggled, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
    connect(marks_, &QSpinBox::valueChanged, this, &MeasureLeaf::looksDifferent);
    connect(export_, &QPushButton::clicked, &desk_, &Desk::constructionWanted);
    return row;
}

void MeasureLeaf::keep(bool asUnit) {
    const auto line = on_.taken(session_);
    if (!line) return;
    session_.choose(asUnit ? tr("Unit of length") : tr("Keep a length"), [&](planning::Study& study) {
        const auto known = std::ranges::find(study.measures, *line);
        const int index = int(known - study.measures.begin());
        if (known == study.measures.end()) study.measures.push_back(*line);
        if (asUnit) study.unit = index;
    });
}

void MeasureLeaf::letGo() {
    const int row = kept_->currentRow();
    if (row < 0 || row >= int(session_.study().measures.size())) return;
    on_.line.reset();
    session_.choose(tr("Let a length go"), [row](planning::Study& study) {
        study.measures.erase(study.measures.begin() + row);
        if (study.unit == row)
            study.unit = -1;
        else if (study.unit > row)
            --study.unit;
    });
}

void MeasureLeaf::refresh() {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    const auto line = on_.taken(session_);
    const bool isLine = line && planning::lengthOf(study, *line) > 0.5;
    QList<double> lengths;
    for (const subject::Line& measure : study.measures) lengths << planning::lengthOf(study, measure);
    strip_->show(line ? std::optional(inMillimetres(lineOf(*line))) : std::nullopt, lengths,
                 planning::unitOf(session_.study()));
    keep_->setEnabled(isLine);
    unit_->setEnabled(isLine);
    const QSignalBlocker quiet(kept_);
    kept_->clear();
    int current = -1;
    for (std::size_t i = 0; i < study.measures.size(); ++i) {
        const double length = lengths[qsizetype(i)];
        const double unit = planning::unitOf(session_.study());
        QString words = wording::lengthWords(length, unit > 0 ? length / unit : 0);
        if (int(i) == study.unit) words = tr("%1: the unit").arg(wording::lengthWords(length, 0));
        kept_->addItem(tr("%1  %2").arg(i + 1).arg(words));
        if (line && study.measures[i] == *line) current = int(i);
    }
    kept_->setCurrentRow(current);
    letGo_->setEnabled(current >= 0);
    construction_->setEnabled(reading != nullptr);
    export_->setEnabled(reading != nullptr);
    if (reading && construction_->isChecked() && (drawnOf_.lock() != reading || !(drawingOf_ == study))) {
        drawing_ = planning::constructionOf(study, *reading);
        drawnOf_ = reading;
        drawingOf_ = study;
        const bool wasAll = marks_->value() == marks_->maximum();
        const QSignalBlocker quietMarks(marks_);
        marks_->setMaximum(std::max(1, int(drawing_.marks.size())));
        if (wasAll) marks_->setValue(marks_->maximum());
    }
    marks_->setEnabled(construction_->isChecked());
}

QStringList MeasureLeaf::areaNames() const {
    return wording::areaNames(session_.study(), session_.reading()->areas);
}

void MeasureLeaf::addTo(Views& views) const {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    views.gridMillimetres = grids[grid_->currentIndex()];
    for (std::size_t i = 0; i < study.measures.size(); ++i) {
        const QLineF line = lineOf(study.measures[i]);
        views.overlays.push_back({{line.p1(), line.p2()}, Overlay::Kind::line, false, QString::number(i + 1)});
    }
    if (const int area = on_.chosenArea(session_); area >= 0) {
        const subject::Extents e =
            subject::extentsOf(reading->areas.map, int(reading->areas.list.size()))[std::size_t(area)];
        for (const double x : {e.left, e.right})
            views.overlays.push_back({{QPointF(x, 0), QPointF(x, 1)}, Overlay::Kind::guide});
        for (const double y : {e.top, e.bottom})
            views.overlays.push_back({{QPointF(0, y), QPointF(1, y)}, Overlay::Kind::guide});
    }
    if (!construction_->isChecked() || !reading || drawnOf_.lock() != reading) return;
    // On the sheet's own picture, or on a light ground of its size as long as there is none.
    QImage sheet = views.sheet;
    if (sheet.isNull()) {
        sheet = QImage(reading->lab.cols, reading->lab.rows, QImage::Format_RGB888);
        sheet.fill(theme().raised);
    }
    QPainter painter(&sheet);
    painter.setRenderHint(QPainter::Antialiasing);
    const double scale = sheet.width() / drawing_.widthMillimetres;
    painter.scale(scale, scale);
    const QColor ground = sheet.pixelColor(sheet.width() / 2, sheet.height() / 2);
    const QColor ink = qGray(ground.rgb()) > 110 ? drawing::markInk : drawing::markLight;
    print::paintConstruction(painter, drawing_, areaNames(), marks_->value(), {2.0 / scale, 26.0 / scale, ink, ground});
    painter.end();
    views.sheet = sheet;
    views.figure.clear();
    views.sheetCaption = tr("Sheet, constructed up to mark %1 of %2").arg(marks_->value()).arg(drawing_.marks.size());
}

QStringList MeasureLeaf::extentSentences(int area) const {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    const auto extents = subject::extentsOf(reading->areas.map, int(reading->areas.list.size()));
    const subject::Extents& e = extents[std::size_t(area)];
    const QStringList names = areaNames();
    const double unit = planning::unitOf(session_.study());
    const auto length = [&](double mm) { return wording::lengthWords(mm, unit > 0 ? mm / unit : 0); };
    QStringList sentences;
    sentences << tr("%1 is %2 wide and %3 high: it reaches from %4 to %5 mm across and from %6 to %7 mm down.")
                     .arg(names[area], length(e.width() * study.widthMillimetres),
                          length(e.height() * study.heightMillimetres))
                     .arg(wording::decimal(e.left * study.widthMillimetres, 0))
                     .arg(wording::decimal(e.right * study.widthMillimetres, 0))
                     .arg(wording::decimal(e.top * study.heightMillimetres, 0))
                     .arg(wording::decimal(e.bottom * study.heightMillimetres, 0));
    QStringList plumb, level;
    const subject::Place place(on_.clicked->x(), on_.clicked->y());
    for (const subject::Alignment& a : subject::alignmentsThrough(place, extents, 0.012)) {
        if (a.area == area) continue;
        const double off = a.off * (a.isPlumb ? study.widthMillimetres : study.heightMillimetres);
        QStringList& list = a.isPlumb ? plumb : level;
        if (list.size() < 3) list << wording::alignmentWords(a, names[a.area], off);
    }
    if (!plumb.isEmpty())
        sentences << tr("Plumb with the place that you clicked: %1.").arg(plumb.join(QStringLiteral("; ")));
    if (!level.isEmpty()) sentences << tr("Level with it: %1.").arg(level.join(QStringLiteral("; ")));
    return sentences;
}

QStringList MeasureLeaf::sentences() const {
    QStringList sentences;
    const planning::Study& study = session_.study();
    if (const auto line = on_.taken(session_)) {
        const QLineF mm = inMillimetres(lineOf(*line));
        const double slope = std::atan2(std::fabs(mm.dy()), std::fabs(mm.dx())) * 180 / M_PI;
        sentences << tr("The line is %1 mm long on the sheet, %2° from level and %3° from plumb.")
                         .arg(wording::decimal(mm.length(), 0))
                         .arg(wording::decimal(slope, 1))
                         .arg(wording::decimal(90 - slope, 1));
        if (const double unit = planning::unitOf(session_.study()); unit > 0)
            sentences << tr("That is %1 of your units.").arg(wording::decimal(mm.length() / unit, 2));
    }
    if (const int area = on_.chosenArea(session_); area >= 0)
        sentences << extentSentences(area);
    else
        sentences << tr("Click on a shape: its extents, and what stands plumb or level with the place, are told here.");
    if (construction_->isChecked() && !drawing_.objects.empty())
        sentences
            << tr("Drawn in this order: the format with its middle and thirds, all heights from %1, the tallest, on, "
                  "all widths, the outlines, the lengths that you kept.")
                   .arg(areaNames()[drawing_.objects.front()])
            << tr("Outlines are full where an edge is hard, dashed where it is soft, dotted where it is lost.");
    if (!study.measures.empty() && study.unit < 0)
        sentences << tr("Take one length as the unit, and the others are told in it.");
    return sentences;
}

}  // namespace app
