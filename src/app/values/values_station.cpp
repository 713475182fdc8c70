#include "app/values/values_station.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSlider>
#include <algorithm>
#include <cmath>

#include "app/preferences.h"
#include "app/values/colour_leaf.h"
#include "app/values/groupings_leaf.h"
#include "app/values/ladder.h"
#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "drawing/pictures.h"
#include "subject/planes.h"
#include "subject/reduced.h"
#include "subject/squint.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// Long side in pixels of what follows the hand while something is dragged: the subject's on the screen.
constexpr double screenSide = 400;

}  // namespace

ValuesStation::ValuesStation(Desk& desk) : Station(desk, tr("The value ladder"), tr("each mass on its rung")) {
    groupings_ = new GroupingsLeaf(session_);
    colour_ = new ColourLeaf(session_);
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Ladder"), tr("The masses on their rungs, and where they part"), makeLadderLeaf());
    leaves_->addLeaf(choices_, tr("Groupings"), tr("Other ways to group the values, side by side"), groupings_);
    leaves_->addLeaf(choices_, tr("Colour choices"), tr("What is changed on purpose, before and after"), colour_);
    body_->addWidget(leaves_, 1);
    connect(groupings_, &GroupingsLeaf::looksDifferent, this, &ValuesStation::looksDifferent);
    connect(colour_, &ColourLeaf::looksDifferent, this, &ValuesStation::looksDifferent);
    connect(leaves_, &QStackedWidget::currentChanged, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
}

QWidget* ValuesStation::makeLadderLeaf() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    ladder_ = new Ladder;
    column->addWidget(ladder_, 1);
    auto* row = new FlowRow;
    levels_ = wholeNumber(int(planning::levelBounds.least), int(planning::levelBounds.most));
    levels_->setToolTip(tr("How many masses of value the subject is read in."));
    addField(row, tr("Value steps"), levels_);
    exact_ = new QPushButton(tr("Part them exactly"));
    exact_->setToolTip(tr("Puts the marks where the squared distance from the subject is the least."));
    row->addWidget(exact_);
    squint_ = new QSlider(Qt::Horizontal);
    squint_->setToolTip(tr("How far the eyes are closed: small things melt into their masses."));
    squint_->setRange(0, 100);
    squint_->setFixedWidth(110);
    addField(row, tr("Squint"), squint_);
    row->addStretch();
    counting_ = new QComboBox;
    counting_->setToolTip(tr("Whether black or white is counted as 1."));
    counting_->addItems({tr("1 is black"), tr("1 is white")});
    addField(row, tr("Counting"), counting_);
    column->addLayout(row);
    connectLadder();
    return leaf;
}

void ValuesStation::connectLadder() {
    connect(ladder_, &Ladder::chosen, this, [this](int mass) {
        selected_ = mass == selected_ ? -1 : mass;
        refresh();
        Q_EMIT looksDifferent();
    });
    connect(ladder_, &Ladder::dragged, this, [this](const std::vector<double>& thresholds) {
        if (!smallSquinted_.empty()) previewMasses(subject::massesParted(smallSquinted_, thresholds));
    });
    connect(ladder_, &Ladder::dropped, this, [this](const std::vector<double>& thresholds) {
        session_.choose(tr("Where the masses part"), [&](planning::Study& study) { study.thresholds = thresholds; });
    });
    connect(exact_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Masses parted exactly"), [&](planning::Study& study) { study.thresholds.clear(); });
    });
    connect(levels_, &QSpinBox::valueChanged, this, [this](int levels) {
        session_.choose(
            tr("Value steps"),
            [&](planning::Study& study) {
                study.valueLevels = levels;
                study.thresholds.clear();
            },
            QStringLiteral("levels"));
    });
    connect(squint_, &QSlider::valueChanged, this, [this](int percent) {
        if (squint_->isSliderDown()) return previewSquint(percent / 100.0);
        session_.choose(
            tr("Squint"), [&](planning::Study& study) { study.squint = percent / 100.0; }, QStringLiteral("squint"));
    });
    connect(squint_, &QSlider::sliderReleased, this, [this] {
        session_.choose(tr("Squint"), [&](planning::Study& study) { study.squint = squint_->value() / 100.0; });
    });
    connect(counting_, &QComboBox::activated, this, [this](int index) {
        setCounting(wording::Counting(index));
        refresh();
        Q_EMIT looksDifferent();
    });
}

void ValuesStation::previewSquint(double amount) {
    if (small_.empty()) return;
    const planning::Study& study = session_.study();
    smallSquinted_ = subject::squintedLightness(small_, amount);
    previewMasses(study.thresholds.empty() ? subject::valueMasses(smallSquinted_, study.valueLevels)
                                           : subject::massesParted(smallSquinted_, study.thresholds));
}

void ValuesStation::previewMasses(const subject::Masses& masses) {
    preview_ = masses;
    selected_ = -1;
    ladder_->show(masses, -1, counting());
    Q_EMIT looksDifferent();
}

const subject::Masses* ValuesStation::shownMasses() const {
    if (preview_) return &*preview_;
    const auto reading = session_.reading();
    return reading ? &reading->masses : nullptr;
}

void ValuesStation::forgetStudy() {
    selected_ = -1;
}

void ValuesStation::refresh() {
    const planning::Study& study = session_.study();
    const auto reading = session_.reading();
    // While another station is in hand nothing of this is seen.
    if ((!reading || reading != smallOf_.lock()) && isVisibleTo(window())) {
        // What was seen while dragging is read now.
        preview_.reset();
        smallOf_ = reading;
        strongest_.reset();
        if (reading) {
            strongest_ = subject::strongestContrast(reading->wantedSquinted, reading->areas);
            small_ = subject::reduced(reading->wanted, screenSide);
            smallSquinted_ = subject::reduced(reading->wantedSquinted, screenSide);
        }
    }
    showValue(levels_, study.thresholds.empty() ? study.valueLevels : int(study.thresholds.size()) + 1);
    if (!squint_->isSliderDown()) showValue(squint_, int(std::lround(study.squint * 100)));
    counting_->setCurrentIndex(static_cast<int>(counting()));
    exact_->setEnabled(!study.thresholds.empty());
    const subject::Masses* masses = shownMasses();
    if (!masses || selected_ >= int(masses->values.size())) selected_ = -1;
    ladder_->show(masses ? *masses : subject::Masses(), selected_, counting());
    groupings_->refresh();
    colour_->refresh();
}

QString ValuesStation::decided() const {
    const auto reading = session_.reading();
    return reading ? wording::keyInShort(subject::contrastOf(reading->masses), counting()) : tr("not read yet");
}

Views ValuesStation::views() const {
    Views views = Station::views();
    const auto reading = session_.reading();
    if (!reading) return views;
    views.isReference = false;
    if (leaves_->currentWidget() == colour_) {
        views.subject = drawing::imageOf(reading->wantedPicture);
        views.subjectCaption = tr("Subject, as it is meant to be");
        if (const int area = colour_->area(); area >= 0) views.outline = maskOf(reading->areas.map, area);
        return views;
    }
    const bool isGrouping = leaves_->currentWidget() == groupings_ && groupings_->looked();
    const subject::Masses& masses = isGrouping ? *groupings_->looked() : *shownMasses();
    views.subject = imageOfMasses(masses);
    views.subjectCaption = tr("Subject, %1 value masses").arg(masses.values.size());
    if (selected_ >= 0 && !isGrouping) views.outline = maskOf(masses.map, selected_);
    if (strongest_ && !preview_ && !isGrouping) {
        // A cross at the strongest contrast.
        const QPointF at(strongest_->place.x, strongest_->place.y);
        const double across = 0.02, down = 0.02 * reading->lab.cols / reading->lab.rows;
        views.overlays.push_back({{at - QPointF(across, 0), at + QPointF(across, 0)}});
        views.overlays.push_back(
            {{at + QPointF(0, down), at - QPointF(0, down)}, Overlay::Kind::line, false, tr("strongest contrast")});
    }
    return views;
}

void ValuesStation::point(const QPointF& fraction) {
    const auto reading = session_.reading();
    if (!reading) return;
    if (leaves_->currentWidget() == colour_)
        colour_->chooseFor(fraction);
    else
        selected_ = subject::labelAt(reading->masses.map, fraction.x(), fraction.y());
    refresh();
    Q_EMIT looksDifferent();
}

QStringList ValuesStation::ladderSentences(MarginText& text) const {
    const auto reading = session_.reading();
    const subject::Contrast contrast = subject::contrastOf(*shownMasses());
    const double range = contrast.lightest - contrast.darkest;
    const wording::Counting way = counting();
    QStringList sentences;
    sentences << tr("The subject is %1: its masses span %2 steps of the ladder.")
                     .arg(wording::keyWords(contrast, way))
                     .arg(wording::decimal(range, 1));
    sentences << tr("%1 % of the picture is dark, %2 % medium and %3 % light (parted at %4 and %5).")
                     .arg(std::lround(contrast.dark * 100))
                     .arg(std::lround(contrast.medium * 100))
                     .arg(std::lround(contrast.light * 100))
                     .arg(wording::valueFigure(subject::darkBelow, way),
                          wording::valueFigure(subject::lightAbove, way));
    const QStringList names = wording::areaNames(session_.study(), reading->areas);
    if (strongest_)
        sentences << wording::contrastSentence(
            *strongest_, names[subject::labelAt(reading->areas.map, strongest_->place.x, strongest_->place.y)]);
    else
        sentences << tr(
            "Say under Subject, Areas, what the picture is about: then the strongest contrast is held against it.");
    text.why << (session_.study().thresholds.empty()
                     ? tr("The masses part where the squared distance from the subject is the least possible; small "
                          "islands are given to their neighbours. Drag the marks to part them elsewhere.")
                     : tr("The masses part where you put the marks."));
    if (selected_ >= 0)
        sentences << tr("The mass in the frame stands at value %1 and holds %2 % of the picture.")
                         .arg(wording::valueFigure(reading->masses.values[std::size_t(selected_)], way))
                         .arg(std::lround(reading->masses.shares[std::size_t(selected_)] * 100));
    if (range < 3)
        text.cautions << tr(
            "The range is narrow: a picture of so few steps reads flat unless edges or colour carry it.");
    return sentences;
}

QString ValuesStation::introduction() const {
    return tr(
        "The masses of light and dark stand on the nine rungs of the ladder. Hold Q to squint "
        "and W to see values only; drag the marks where the masses should part otherwise.");
}

MarginText ValuesStation::margin() const {
    MarginText text;
    const auto reading = session_.reading();
    text.head = tr("Values");
    if (!reading) {
        text.paragraphs << tr("The values are read as soon as there is a picture.");
        return text;
    }
    if (leaves_->currentWidget() == groupings_) {
        text.paragraphs = groupings_->sentences();
        return text;
    }
    if (leaves_->currentWidget() != colour_) {
        text.paragraphs = ladderSentences(text);
        return text;
    }
    text.paragraphs = colour_->sentences();
    const QStringList names = wording::areaNames(session_.study(), reading->areas);
    for (const subject::PlaneFault& fault : subject::planeFaults(reading->areas, reading->wanted))
        text.cautions << wording::planeSentence(fault, names[fault.area]);
    return text;
}

}  // namespace app
