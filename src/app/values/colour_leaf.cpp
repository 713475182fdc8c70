#include "app/values/colour_leaf.h"

#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QSlider>
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "app/area_choice.h"
#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "app/widgets/theme.h"
#include "colour/image_colour.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "subject/reduced.h"
#include "wording/decimal.h"
#include "wording/sentences.h"
#include "wording/subject.h"

namespace app {

namespace {

constexpr double smallSide = 360;
/// A slider's unit: hundredths of the factors, tenths of a step, one unit of warmth.
constexpr double units[] = {0.01, 0.01, 0.1, 1};

}  // namespace

ColourLeaf::ColourLeaf(Session& session) : session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addStretch(1);
    auto* row = new FlowRow;
    row_ = row;
    column->addLayout(row);
    const QString words[] = {tr("Chroma"), tr("Contrast"), tr("Lighter"), tr("Warmer")};
    const QString tips[] = {tr("How vivid it is meant, against the photograph."),
                            tr("How far its values are meant apart, against the photograph."),
                            tr("By how many value steps it is meant lighter or darker."),
                            tr("How far its colours are meant towards orange or blue.")};
    const planning::Bounds bounds[] = {planning::factorBounds, planning::factorBounds, planning::lighterBounds,
                                       planning::warmerBounds};
    for (int i = 0; i < partCount; ++i) {
        QSlider*& slider = sliders_[std::size_t(i)] = new QSlider(Qt::Horizontal);
        slider->setToolTip(tips[i]);
        slider->setRange(int(std::lround(bounds[i].least / units[i])), int(std::lround(bounds[i].most / units[i])));
        slider->setFixedWidth(120);
        figures_[std::size_t(i)] = new QLabel;
        figures_[std::size_t(i)]->setMinimumWidth(fontMetrics().horizontalAdvance(tr("−0.3 steps ")));
        QWidget* both = addField(row, words[i], slider);
        both->layout()->addWidget(figures_[std::size_t(i)]);
        // The sliders stand below each other where the row goes on in the next line.
        both->findChild<QLabel*>()->setMinimumWidth(fontMetrics().horizontalAdvance(words[1]));
        connect(slider, &QSlider::valueChanged, this, [this, slider, name = words[i]] {
            preview(onSliders());
            // While it is dragged only the pictures here follow; the plan, when it is let go.
            if (!slider->isSliderDown()) choose(onSliders(), name, QStringLiteral("colour") + name);
        });
        connect(slider, &QSlider::sliderReleased, this, [this, name = words[i]] { choose(onSliders(), name); });
    }
    whole_ = new QPushButton(tr("Whole picture"));
    whole_->setToolTip(tr("Chooses for the whole picture again; a click on the subject chooses for the area there."));
    setBack_ = new QPushButton(tr("Set it back"));
    setBack_->setToolTip(tr("Softer, calmer, a little lighter and bluer: further away."));
    asItIs_ = new QPushButton(tr("As it is"));
    asItIs_->setToolTip(tr("Takes back all that is changed here on purpose."));
    for (QPushButton* button : {whole_, setBack_, asItIs_}) row->addWidget(button);
    connect(whole_, &QPushButton::clicked, this, [this] {
        chooseFor(std::nullopt);
        Q_EMIT looksDifferent();
    });
    connect(setBack_, &QPushButton::clicked, this,
            [this] { choose(subject::setBack(chosen()), tr("Set an area back")); });
    connect(asItIs_, &QPushButton::clicked, this, [this] { choose({}, tr("Colours as they are")); });
}

int ColourLeaf::area() const {
    const auto reading = session_.reading();
    return reading && place_ ? subject::labelAt(reading->areas.map, place_->x(), place_->y()) : -1;
}

void ColourLeaf::chooseFor(const std::optional<QPointF>& place) {
    place_ = place;
    refresh();
}

subject::ColourChoice ColourLeaf::chosen() const {
    const int index = area();
    if (index < 0) return session_.study().colour;
    const planning::AreaChoice* said = saidOf(session_.study(), session_.reading()->areas, index);
    return said ? said->colour : subject::ColourChoice{};
}

subject::ColourChoice ColourLeaf::onSliders() const {
    const auto value = [&](Part part) { return sliders_[part]->value() * units[part]; };
    return {value(chroma), value(contrast), value(lighter), value(warmer)};
}

void ColourLeaf::choose(const subject::ColourChoice& choice, const QString& what, const QString& key) {
    const auto bound = [](double v, const planning::Bounds& bounds) {
        return std::clamp(v, bounds.least, bounds.most);
    };
    const subject::ColourChoice within{
        bound(choice.chroma, planning::factorBounds), bound(choice.contrast, planning::factorBounds),
        bound(choice.lighter, planning::lighterBounds), bound(choice.warmer, planning::warmerBounds)};
    session_.choose(
        what,
        [&](planning::Study& study) {
            if (area() >= 0) {
                toSayOf(study, session_.reading()->areas, *place_).colour = within;
            } else {
                study.colour = within;
            }
        },
        key);
}

void ColourLeaf::preview(const subject::ColourChoice& choice) {
    showFigures(choice);
    if (small_.empty()) return;
    const planning::Study& study = session_.study();
    cv::Mat lab = small_.clone();
    const auto lay = [&](const subject::ColourChoice& of, int index) {
        const cv::Mat mask = index < 0 ? cv::Mat() : cv::Mat(smallMap_ == index);
        subject::choose(lab, of, cv::mean(lab, mask.empty() ? cv::noArray() : cv::InputArray(mask))[0], mask);
    };
    const int mine = area();
    bool isLaid = false;
    for (const planning::AreaChoice& said : study.areaChoices) {
        const int index = subject::labelAt(session_.reading()->areas.map, said.x, said.y);
        lay(index == mine ? choice : said.colour, index);
        isLaid |= index == mine;
    }
    if (mine >= 0 && !isLaid) lay(choice, mine);
    lay(mine < 0 ? choice : study.colour, -1);
    after_ = drawing::imageOf(colour::srgb8ImageFromLab(lab));
    update();
}

void ColourLeaf::showFigures(const subject::ColourChoice& choice) {
    const auto percent = [](double factor) { return tr("%1 %").arg(std::lround(factor * 100)); };
    figures_[chroma]->setText(percent(choice.chroma));
    figures_[contrast]->setText(percent(choice.contrast));
    figures_[lighter]->setText(tr("%1 steps").arg(wording::decimal(choice.lighter, 1)));
    figures_[warmer]->setText(QString::number(std::lround(choice.warmer)).replace(QLatin1Char('-'), QChar(0x2212)));
}

void ColourLeaf::refresh() {
    const auto reading = session_.reading();
    setEnabled(reading != nullptr);
    const subject::ColourChoice choice = chosen();
    const double values[] = {choice.chroma, choice.contrast, choice.lighter, choice.warmer};
    for (int i = 0; i < partCount; ++i)
        if (!sliders_[std::size_t(i)]->isSliderDown())
            showValue(sliders_[std::size_t(i)], int(std::lround(values[i] / units[i])));
    showFigures(choice);
    whole_->setEnabled(area() >= 0);
    setBack_->setEnabled(area() >= 0);
    asItIs_->setEnabled(choice != subject::ColourChoice{});
    if (!reading || reading == shownOf_.lock() || !isVisible()) return;
    shownOf_ = reading;
    small_ = subject::reduced(reading->coloured, smallSide);
    cv::Mat map;
    reading->areas.map.convertTo(map, CV_16S);
    cv::resize(map, map, small_.size(), 0, 0, cv::INTER_NEAREST);
    map.convertTo(smallMap_, CV_32S);
    before_ = drawing::imageOf(subject::reduced(reading->picture, smallSide));
    after_ = drawing::imageOf(subject::reduced(reading->wantedPicture, smallSide));
    update();
}

QRectF ColourLeaf::pictureOf(bool after) const {
    const double wide = (width() - 12) / 2.0, high = row_->geometry().top() - 34.0;
    if (before_.isNull()) return {};
    const double scale = std::min(wide / before_.width(), high / before_.height());
    return {QPointF(after ? before_.width() * scale + 12 : 0, 22), QSizeF(before_.size()) * scale};
}

void ColourLeaf::paintEvent(QPaintEvent*) {
    if (before_.isNull()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.setPen(theme().ink);
    for (const bool after : {false, true}) {
        const QRectF place = pictureOf(after);
        painter.drawText(QRectF(place.left(), 0, place.width(), 20), Qt::AlignLeft | Qt::AlignVCenter,
                         after ? tr("after") : tr("before: as photographed"));
        painter.drawImage(place, after ? after_ : before_);
    }
}

QStringList ColourLeaf::sentences() const {
    const auto reading = session_.reading();
    const QStringList names = wording::areaNames(session_.study(), reading->areas);
    QStringList sentences;
    sentences << (area() < 0 ? tr("You choose for the whole picture. Click on the subject to choose for an area alone.")
                             : tr("You choose for %1.").arg(names[area()]));
    const QString whole = wording::choiceWords(session_.study().colour);
    if (!whole.isEmpty()) sentences << tr("Whole picture: %1.").arg(whole);
    for (const planning::AreaChoice& said : session_.study().areaChoices) {
        const QString words = wording::choiceWords(said.colour);
        if (!words.isEmpty())
            sentences << tr("%1: %2.").arg(names[subject::labelAt(reading->areas.map, said.x, said.y)], words);
    }
    return sentences;
}

}  // namespace app
