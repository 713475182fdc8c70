#include "app/trial/strokes_editor.h"

#include <QComboBox>
#include <QListWidget>
#include <QPushButton>
#include <algorithm>

#include "app/medium_field.h"
#include "app/widgets/fields.h"
#include "wording/sentences.h"
#include "wording/trying.h"

namespace app {

namespace {

std::vector<pigment::Manner> mannersFor(materials::Kind kind) {
    if (materials::isWet(kind)) return {pigment::Manner::wash};
    return matching::mannersOf(kind);
}

/// What works on what lies there, in the order in which it is offered behind the sticks.
constexpr std::array strokeTools{pigment::Manner::blend, pigment::Manner::fix, pigment::Manner::lift};

QString toolName(pigment::Manner manner) {
    switch (manner) {
        case pigment::Manner::blend:
            return StrokesEditor::tr("A finger");
        case pigment::Manner::fix:
            return StrokesEditor::tr("Fixative");
        default:
            return StrokesEditor::tr("A putty eraser");
    }
}

/// Items of tools have -1 and less.
int toolItem(pigment::Manner tool) {
    return -1 - int(tool);
}

}  // namespace

void fillManners(QComboBox& field, materials::Kind kind) {
    for (const pigment::Manner manner : mannersFor(kind)) field.addItem(wording::mannerWord(manner), int(manner));
}

void fillPressures(QComboBox& field) {
    for (int half = 1; half <= 6; ++half)
        field.addItem(wording::pressureName(pigment::Pressure{float(half) / 2}), double(half) / 2);
}

StrokesEditor::StrokesEditor() {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    list_ = new QListWidget;
    list_->setWordWrap(true);
    list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    list_->setAccessibleName(tr("Strokes of the swatch, the last on top"));
    column->addWidget(list_, 1);
    stick_ = new QComboBox;
    stick_->setToolTip(tr("What the chosen stroke is laid with."));
    stick_->setIconSize(mediumShape);
    stick_->setAccessibleName(tr("Stick of the stroke"));
    stick_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    stick_->setMinimumContentsLength(10);
    manner_ = new QComboBox;
    manner_->setToolTip(tr("How it is laid."));
    manner_->setAccessibleName(tr("Manner of the stroke"));
    pressure_ = new QComboBox;
    pressure_->setToolTip(tr("How hard, by half steps."));
    pressure_->setAccessibleName(tr("Pressure of the stroke"));
    fillPressures(*pressure_);
    for (QComboBox* field : {stick_, manner_, pressure_}) {
        column->addWidget(field);
        addUnseenLabel(column, field);
    }
    auto* buttons = new QHBoxLayout;
    more_ = new QPushButton(tr("Lay one more"));
    more_->setToolTip(tr("One more stroke on top."));
    off_ = new QPushButton(tr("Leave this out"));
    off_->setToolTip(tr("Takes the chosen stroke off."));
    for (QPushButton* button : {more_, off_}) {
        button->setFocusPolicy(Qt::TabFocus);
        buttons->addWidget(button);
    }
    buttons->addStretch(1);
    column->addLayout(buttons);
    connect(list_, &QListWidget::currentRowChanged, this, &StrokesEditor::showFields);
    for (QComboBox* field : {stick_, manner_, pressure_})
        connect(field, &QComboBox::activated, this, &StrokesEditor::takeFields);
    connect(more_, &QPushButton::clicked, this, &StrokesEditor::layOneMore);
    connect(off_, &QPushButton::clicked, this, &StrokesEditor::takeOff);
}

void StrokesEditor::setMedia(const std::vector<materials::Material>& media) {
    media_ = &media;
    stick_->clear();
    for (const materials::Material& medium : inOrderOfValue(media)) {
        addMedium(*stick_, medium);
        const auto at = std::ranges::find(media, medium.id, &materials::Material::id);
        stick_->setItemData(stick_->count() - 1, int(at - media.begin()));
    }
    for (const pigment::Manner tool : strokeTools) stick_->addItem(toolName(tool), toolItem(tool));
}

void StrokesEditor::show(const planning::Strokes& strokes) {
    const int kept = current();
    const bool isLonger = strokes.size() > strokes_.size();
    strokes_ = strokes;
    {
        const QSignalBlocker quiet(list_);
        list_->clear();
        for (auto stroke = strokes.rbegin(); stroke != strokes.rend(); ++stroke)
            list_->addItem(wording::strokeShort(*stroke, *media_));
    }
    select(isLonger || kept < 0 ? int(strokes_.size()) - 1 : std::min(kept, int(strokes_.size()) - 1));
}

int StrokesEditor::current() const {
    const int row = list_->currentRow();
    return row < 0 ? -1 : int(strokes_.size()) - 1 - row;
}

void StrokesEditor::select(int stroke) {
    const QSignalBlocker quiet(list_);
    list_->setCurrentRow(stroke < 0 ? -1 : int(strokes_.size()) - 1 - stroke);
    showFields();
}

void StrokesEditor::showFields() {
    const int at = current();
    for (QWidget* field : std::initializer_list<QWidget*>{stick_, manner_, pressure_, off_}) field->setEnabled(at >= 0);
    more_->setEnabled(media_ && !media_->empty() && strokes_.size() < materials::mostMixtureStrokes);
    if (at < 0) return;
    const pigment::Lay& lay = strokes_[std::size_t(at)];
    const bool isStick = pigment::laysPigment(lay.manner);
    stick_->setCurrentIndex(stick_->findData(isStick ? lay.stick : toolItem(lay.manner)));
    manner_->clear();
    manner_->setEnabled(isStick);
    if (isStick) fillManners(*manner_, (*media_)[std::size_t(lay.stick)].kind);
    manner_->setCurrentIndex(manner_->findData(int(lay.manner)));
    pressure_->setEnabled(lay.manner != pigment::Manner::fix);
    pressure_->setCurrentIndex(std::clamp(int(lay.pressure.value * 2 + 0.5f) - 1, 0, pressure_->count() - 1));
}

void StrokesEditor::takeFields() {
    const int at = current();
    if (at < 0) return;
    planning::Strokes strokes = strokes_;
    pigment::Lay& lay = strokes[std::size_t(at)];
    const int stick = stick_->currentData().toInt();
    if (stick < 0) {
        lay.manner = pigment::Manner(-1 - stick);
    } else {
        lay.stick = stick;
        lay.manner = pigment::Manner(manner_->currentData().toInt());
        // Not every stick is laid in every manner.
        const std::vector<pigment::Manner> possible = mannersFor((*media_)[std::size_t(stick)].kind);
        if (manner_->currentIndex() < 0 || std::ranges::find(possible, lay.manner) == possible.end())
            lay.manner = possible.front();
    }
    lay.pressure = {float(pressure_->currentData().toDouble())};
    Q_EMIT changed(strokes);
}

void StrokesEditor::layOneMore() {
    planning::Strokes strokes = strokes_;
    pigment::Lay lay{0, pigment::Manner::scumble, pigment::Pressure::medium};
    if (const int at = current(); at >= 0) lay = strokes[std::size_t(at)];
    if (strokes.empty()) lay.manner = mannersFor(media_->front().kind).front();
    strokes.push_back(lay);
    Q_EMIT changed(strokes);
}

void StrokesEditor::takeOff() {
    planning::Strokes strokes = strokes_;
    if (const int at = current(); at >= 0) strokes.erase(strokes.begin() + at);
    Q_EMIT changed(strokes);
}

}  // namespace app
