#include "app/subject/frame_leaf.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QLabel>
#include <QLineEdit>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "subject/measures.h"
#include "wording/decimal.h"
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

/// The references as they are pinned up: the leading one with its frame on it, then the others. A click looks at one.
class FrameLeaf::Board : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::FrameLeaf)

 public:
    explicit Board(OnSubject& on) : on_(on) { setMinimumHeight(110); }
    std::function<void(int)> onChosen;

    void show(const Session& session) {
        const auto reading = session.reading();
        pictures_.clear();
        words_.clear();
        if (reading) {
            pictures_ << drawing::imageOf(reading->whole);
            for (const cv::Mat& other : reading->others) pictures_ << drawing::imageOf(other);
            words_ << tr("leading");
            for (const auto& file : session.study().others) words_ << QString::fromStdString(file->name);
            const planning::Study& study = session.study();
            const subject::FramePlace place(study.frame, reading->reference,
                                            study.widthMillimetres / study.heightMillimetres);
            frame_.clear();
            for (const auto& [x, y] : {std::pair(0, 0), std::pair(1, 0), std::pair(1, 1), std::pair(0, 1)}) {
                const cv::Point2d p = place.inReference({double(x), double(y)});
                frame_ << QPointF(p.x, p.y);
            }
        }
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        for (int i = 0; i < pictures_.size(); ++i)
            if (placeOf(i).contains(event->position())) onChosen(i - 1);
    }

    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        const Theme& t = theme();
        if (pictures_.isEmpty()) {
            painter.setPen(t.quiet);
            painter.drawText(rect(), Qt::AlignCenter, tr("The references are pinned up here."));
            return;
        }
        for (int i = 0; i < pictures_.size(); ++i) {
            const QRectF place = placeOf(i);
            painter.drawImage(place, pictures_[i]);
            painter.setPen(t.ink);
            const QString words =
                QFontMetricsF(painter.font()).elidedText(words_.value(i), Qt::ElideMiddle, place.width());
            painter.drawText(QRectF(place.left(), place.bottom() + 2, place.width(), 18), Qt::AlignLeft, words);
            if (i == on_.lookedAt + 1 && pictures_.size() > 1)
                drawing::paintSelection(painter, place.adjusted(-2, -2, 2, 2));
            if (i > 0) continue;
            Overlay frame{{}, Overlay::Kind::line, true};
            for (const QPointF& p : frame_)
                frame.path << QPointF(place.left() + p.x() * place.width(), place.top() + p.y() * place.height());
            paintOverlay(painter, frame);
        }
    }

 private:
    QRectF placeOf(int index) const {
        const double high = height() - 26.0;
        double x = 4;
        for (int i = 0; i < index; ++i) x += widthOf(i, high) + 14;
        return {x, 4, widthOf(index, high), high};
    }
    double widthOf(int i, double high) const {
        return high * pictures_[i].width() / std::max(1, pictures_[i].height());
    }

    OnSubject& on_;
    QList<QImage> pictures_;
    QStringList words_;
    QPolygonF frame_;  // fractions of the leading reference
};

FrameLeaf::FrameLeaf(Desk& desk, OnSubject& on) : SubjectLeaf(desk, on) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    board_ = new Board(on_);
    board_->setAccessibleName(tr("References"));
    auto* top = new QHBoxLayout;
    top->addWidget(board_, 1);
    top->addLayout(makePinColumn());
    column->addLayout(top, 1);
    column->addLayout(makeFrameRow());
    column->addLayout(makeSheetRow());
    board_->onChosen = [this](int other) {
        on_.lookedAt = other;
        on_.line.reset();
        refresh();
        Q_EMIT looksDifferent();
    };
}

QLayout* FrameLeaf::makePinColumn() {
    auto* column = new QVBoxLayout;
    column->setSpacing(6);
    auto* open = new QPushButton(tr("Open picture…"));
    open->setToolTip(tr("A photograph of the subject: a new study begins with it."));
    connect(open, &QPushButton::clicked, &desk_, &Desk::openPictureWanted);
    other_ = new QPushButton(tr("Pin up another…"));
    other_->setToolTip(tr("A second reference: areas may take their colours from it."));
    connect(other_, &QPushButton::clicked, &desk_, &Desk::otherPictureWanted);
    letGo_ = new QPushButton(tr("Take it down"));
    letGo_->setToolTip(tr("The reference that is looked at, with the colours that areas took from it."));
    connect(letGo_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Take a reference down"), [&](planning::Study& study) {
            study.others.erase(study.others.begin() + on_.lookedAt);
            for (planning::AreaChoice& name : study.areaChoices) {
                if (!name.borrowed || name.borrowed->picture < on_.lookedAt) continue;
                if (name.borrowed->picture == on_.lookedAt)
                    name.borrowed.reset();
                else
                    --name.borrowed->picture;
            }
            on_.lookedAt = -1;
        });
    });
    for (QPushButton* button : {open, other_, letGo_}) column->addWidget(button);
    column->addStretch(1);
    return column;
}

QLayout* FrameLeaf::makeFrameRow() {
    auto* row = new FlowRow;
    row->addWidget(new QLabel(tr("With the line")));
    auto* levelIt = new QPushButton(tr("Level by it"));
    levelIt->setToolTip(tr("Turns the picture so that the line is level, or plumb if it is steep."));
    auto* cropIt = new QPushButton(tr("Crop to it"));
    cropIt->setToolTip(tr("Takes the line for a diagonal and shows that part, grown to the sheet's format."));
    auto* cropFree = new QPushButton(tr("Crop freely"));
    cropFree->setToolTip(tr("The same, and the sheet's height follows."));
    byLine_ = {levelIt, cropIt, cropFree};
    for (QPushButton* button : byLine_) row->addWidget(button);
    row->addStretch();
    grey_ = new QPushButton(tr("Point at a grey"));
    grey_->setCheckable(true);
    grey_->setToolTip(tr("Then click on something that is grey in truth: the picture's cast is taken off by it."));
    row->addWidget(grey_);
    whole_ = new QPushButton(tr("As photographed"));
    whole_->setToolTip(tr("The whole reference again, not turned, with the colours that it came with."));
    row->addWidget(whole_);
    light_ = new QComboBox;
    light_->setToolTip(
        tr("The light that the picture will be seen in: colours are matched for it, each light with its spectrum."));
    for (int i = 0; i < colour::lightCount; ++i) light_->addItem(wording::lightWord(colour::Light(i)));
    addField(row, tr("Seen under"), light_);
    connect(light_, &QComboBox::activated, this, [this](int index) {
        session_.choose(tr("Light"), [&](planning::Study& study) { study.light = static_cast<colour::Light>(index); });
    });
    connect(levelIt, &QPushButton::clicked, this, &FrameLeaf::level);
    connect(cropIt, &QPushButton::clicked, this, [this] { crop(true); });
    connect(cropFree, &QPushButton::clicked, this, [this] { crop(false); });
    connect(grey_, &QPushButton::toggled, this, &FrameLeaf::looksDifferent);
    connect(whole_, &QPushButton::clicked, this,
            [this] { chooseFrame(tr("As photographed"), {}, session_.study().heightMillimetres); });
    return row;
}

QLayout* FrameLeaf::makeSheetRow() {
    auto* row = new FlowRow;
    title_ = new QLineEdit;
    title_->setToolTip(tr("What the study is called, on the plan and in the log."));
    title_->setMaxLength(120);
    title_->setMinimumWidth(160);
    row->setGrowing(addField(row, tr("Title"), title_));
    format_ = new QComboBox;
    format_->setToolTip(tr("Usual sizes of sheets; the picture is cut to the format."));
    for (const Format& format : formats) format_->addItem(QString::fromUtf8(format.name));
    format_->addItem(tr("own size"));
    addField(row, tr("Sheet"), format_);
    width_ = wholeNumber(int(planning::sheetBounds.least), int(planning::sheetBounds.most), tr(" mm"));
    width_->setToolTip(tr("How wide the picture is on the sheet, in millimetres."));
    height_ = wholeNumber(int(planning::sheetBounds.least), int(planning::sheetBounds.most), tr(" mm"));
    height_->setToolTip(tr("How high the picture is on the sheet, in millimetres."));
    addField(row, tr("wide"), width_);
    addField(row, tr("high"), height_);
    connect(format_, &QComboBox::activated, this, [this](int index) {
        if (index < int(std::size(formats))) chooseSize(formats[index].width, formats[index].height);
    });
    connect(width_, &QSpinBox::valueChanged, this,
            [this](int w) { chooseSize(w, session_.study().heightMillimetres); });
    connect(height_, &QSpinBox::valueChanged, this,
            [this](int h) { chooseSize(session_.study().widthMillimetres, h); });
    connect(title_, &QLineEdit::editingFinished, this, [this] {
        session_.choose(tr("Title"), [&](planning::Study& study) { study.title = title_->text().toStdString(); });
    });
    return row;
}

subject::FramePlace FrameLeaf::framePlace() const {
    const planning::Study& study = session_.study();
    return {study.frame, session_.reading()->reference, study.widthMillimetres / study.heightMillimetres};
}

void FrameLeaf::chooseFrame(const QString& what, const subject::Frame& frame, double heightMillimetres) {
    session_.choose(what, [&](planning::Study& study) {
        const subject::FramePlace before = framePlace();
        study.frame = frame;
        study.heightMillimetres = std::round(heightMillimetres);
        planning::moveWithFrame(
            study, before, {frame, session_.reading()->reference, study.widthMillimetres / study.heightMillimetres});
        on_.clear();  // it was drawn on what is not shown any more
    });
}

void FrameLeaf::level() {
    const auto line = on_.taken(session_);
    if (!line) return;
    chooseFrame(tr("Level"), subject::levelled(session_.study().frame, framePlace(), line->from, line->to),
                session_.study().heightMillimetres);
}

void FrameLeaf::crop(bool toFormat) {
    if (!on_.line) return;
    const planning::Study& study = session_.study();
    const double format = study.widthMillimetres / study.heightMillimetres;
    const auto part = subject::cropped(study.frame, framePlace(), {on_.line->x1(), on_.line->y1()},
                                       {on_.line->x2(), on_.line->y2()}, toFormat ? format : 0);
    const double height = study.widthMillimetres / part.format;
    if (toFormat) return chooseFrame(tr("Crop"), part.frame, study.heightMillimetres);
    chooseFrame(tr("Crop freely"), part.frame,
                std::clamp(height, planning::sheetBounds.least, planning::sheetBounds.most));
}

bool FrameLeaf::takesPoint(const QPointF& fraction) {
    const auto reading = session_.reading();
    if (!grey_->isChecked() || !reading) return false;
    grey_->setChecked(false);
    const cv::Mat& xyz = reading->xyz;
    const int radius = std::max(2, std::max(xyz.cols, xyz.rows) / 160);
    const cv::Rect spot(int(fraction.x() * xyz.cols) - radius, int(fraction.y() * xyz.rows) - radius, 2 * radius + 1,
                        2 * radius + 1);
    const cv::Scalar mean = cv::mean(xyz(spot & cv::Rect({}, xyz.size())));
    if (mean[1] < 0.01) return true;  // in the black there is no hue to go by
    chooseFrame(tr("Grey"), subject::withGrey(session_.study().frame, {mean[0], mean[1], mean[2]}),
                session_.study().heightMillimetres);
    return true;
}

void FrameLeaf::chooseSize(double width, double height) {
    session_.choose(tr("Sheet size"), [&](planning::Study& study) {
        study.widthMillimetres = width;
        study.heightMillimetres = height;
    });
}

void FrameLeaf::refresh() {
    const planning::Study& study = session_.study();
    const bool hasReading = session_.reading() != nullptr;
    for (QPushButton* button : byLine_)
        button->setEnabled(hasReading && on_.lookedAt < 0 && on_.line && inMillimetres(*on_.line).length() > 0.5);
    grey_->setEnabled(hasReading && on_.lookedAt < 0);
    other_->setEnabled(hasReading && study.others.size() < planning::mostOthers);
    letGo_->setEnabled(on_.lookedAt >= 0 && on_.lookedAt < int(study.others.size()));
    whole_->setEnabled(hasReading && study.frame != subject::Frame{});
    showValue(width_, int(std::lround(study.widthMillimetres)));
    showValue(height_, int(std::lround(study.heightMillimetres)));
    light_->setCurrentIndex(static_cast<int>(study.light));
    if (!title_->hasFocus()) {
        title_->setText(QString::fromStdString(study.title));
        title_->setCursorPosition(0);
    }
    int index = int(std::size(formats));
    for (int i = 0; i < int(std::size(formats)); ++i)
        if (formats[i].width == study.widthMillimetres && formats[i].height == study.heightMillimetres) index = i;
    format_->setCurrentIndex(index);
    board_->show(session_);
}

QString FrameLeaf::frameSentence() const {
    const subject::Frame& frame = session_.study().frame;
    QStringList parts;
    const double shown = framePlace().width() / session_.reading()->reference.width;
    parts << (frame.width > 0 || frame.degrees != 0
                  ? tr("The sheet shows %1 % of the reference's width").arg(std::lround(shown * 100))
                  : tr("The reference is cut to the sheet's format from its middle"));
    if (frame.degrees != 0) parts << tr("it is turned by %1°").arg(wording::decimal(frame.degrees, 1));
    if (frame.grey) parts << tr("its cast is taken off by the grey that you pointed at");
    return parts.join(QStringLiteral("; ")) + QStringLiteral(".");
}

QStringList FrameLeaf::sentences() const {
    const planning::Study& study = session_.study();
    QStringList sentences{frameSentence()};
    if (grey_->isChecked())
        sentences << tr("Click on something that is grey in truth: stone, a white wall in shade, a grey card.");
    sentences << tr("Planned to be seen under %1. Hold T to see subject and sheet under %2.")
                     .arg(wording::lightWord(study.light),
                          wording::lightWord(study.light == colour::Light::lamp ? colour::Light::daylight65
                                                                                : colour::Light::lamp));
    if (const auto horizon = subject::horizonOf(session_.reading()->areas)) {
        const long down = std::lround(*horizon * 100);
        sentences
            << (subject::isMiddle(*horizon)
                    ? tr("The horizon runs through the middle (%1 % down) and cuts the picture into halves: crop so "
                         "that it lies on a third.")
                          .arg(down)
                    : tr("The horizon lies %1 % down, off the middle.").arg(down));
    }
    QStringList others;
    for (const auto& file : study.others) others << QString::fromStdString(file->name);
    if (!others.isEmpty())
        sentences << tr("Also pinned up: %1. Under Areas, an area may take its colours from there.")
                         .arg(others.join(QStringLiteral(", ")));
    return sentences;
}

}  // namespace app
