#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include "app/medium_field.h"
#include "app/trial/sample_view.h"
#include "app/trial/strokes_editor.h"
#include "app/trial/target_view.h"
#include "app/trial/trial_window.h"
#include "app/widgets/fields.h"
#include "app/widgets/room.h"
#include "drawing/fonts.h"

namespace app {

namespace {

constexpr int marginWidth = 262;

/// A label with fields below it, each as broad as the column. Gives what holds them.
QWidget* addBelow(QVBoxLayout* column, const QString& label, const QList<QComboBox*>& fields) {
    auto* all = new QWidget;
    auto* below = new QVBoxLayout(all);
    below->setContentsMargins(0, 0, 0, 0);
    below->setSpacing(measure::grid / 2);
    auto* words = new QLabel(label);
    words->setBuddy(fields.first());
    below->addWidget(words);
    for (QComboBox* field : fields) {
        if (field->accessibleName().isEmpty()) field->setAccessibleName(label);
        below->addWidget(field);
        if (field != fields.first()) addUnseenLabel(below, field);
    }
    column->addWidget(all);
    return all;
}

}  // namespace

void TrialWindow::makeFrame() {
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(measure::edge, measure::edge, 0, measure::edge);
    row->setSpacing(measure::edge);
    row->addWidget(makeChoices());
    auto* middle = new QVBoxLayout;
    middle->setSpacing(measure::edge);
    grid_ = new SwatchGrid;
    middle->addWidget(grid_, 3);
    middle->addWidget(makeBelow(), 2);
    row->addLayout(middle, 1);
    row->addWidget(makeMargin());
    setCentralWidget(roomFor(whole));
    connect(grid_, &SwatchGrid::chosen, this, &TrialWindow::choose);
    connect(grid_, &SwatchGrid::cardChanged, this, &TrialWindow::describe);
}

QWidget* TrialWindow::makeChoices() {
    auto* choices = new QWidget;
    choices->setFixedWidth(240);
    auto* column = new QVBoxLayout(choices);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(measure::grid);
    paper_ = new QComboBox;
    paper_->setToolTip(tr("The paper that is tried on."));
    paper_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    addBelow(column, tr("Paper"), {paper_});
    arrangement_ = new QComboBox;
    arrangement_->setToolTip(tr("What lies in the columns and rows."));
    arrangement_->addItems({tr("Ladder of pressures"), tr("Each over every other"), tr("One run into another"),
                            tr("The areas' mixtures")});
    addBelow(column, tr("Laid out as"), {arrangement_});
    const auto layingRow = [&](const QString& words, QComboBox*& manner, QComboBox*& pressure) {
        manner = new QComboBox;
        manner->setToolTip(tr("How it is laid."));
        manner->setAccessibleName(tr("%1: manner").arg(words));
        fillManners(*manner, materials::Kind::soft);
        pressure = new QComboBox;
        pressure->setToolTip(tr("How hard, by half steps."));
        pressure->setAccessibleName(tr("%1: pressure").arg(words));
        fillPressures(*pressure);
        return addBelow(column, words, {manner, pressure});
    };
    underRow_ = layingRow(tr("Laid"), underManner_, underPressure_);
    overRow_ = layingRow(tr("Over it"), overManner_, overPressure_);
    find_ = new QLineEdit;
    find_->setToolTip(tr("Shows only sticks that have these words."));
    find_->setPlaceholderText(tr("Find a stick"));
    find_->setAccessibleName(tr("Find a stick"));
    find_->setClearButtonEnabled(true);
    column->addWidget(find_);
    sticks_ = new QListWidget;
    sticks_->setIconSize(mediumShape);
    sticks_->setAccessibleName(tr("Sticks that are tried"));
    column->addWidget(sticks_, 1);
    auto* buttons = new QHBoxLayout;
    plans_ = new QPushButton(tr("The plan's sticks"));
    plans_->setToolTip(tr("Tries the sticks of the plan."));
    none_ = new QPushButton(tr("None"));
    none_->setToolTip(tr("Takes all sticks off."));
    for (QPushButton* button : {plans_, none_}) {
        button->setFocusPolicy(Qt::TabFocus);
        buttons->addWidget(button);
    }
    buttons->addStretch(1);
    column->addLayout(buttons);

    for (QComboBox* field : {paper_, arrangement_, underManner_, underPressure_, overManner_, overPressure_})
        connect(field, &QComboBox::activated, this, &TrialWindow::takeFields);
    connect(find_, &QLineEdit::textChanged, this, [this](const QString& words) {
        for (int i = 0; i < sticks_->count(); ++i)
            sticks_->item(i)->setHidden(!sticks_->item(i)->toolTip().contains(words, Qt::CaseInsensitive));
    });
    connect(sticks_, &QListWidget::itemChanged, this, [this](QListWidgetItem* item) { tickStick(*item); });
    connect(plans_, &QPushButton::clicked, this, [this] {
        const auto plan = session_.plan();
        TrialWish wish;
        if (plan)
            for (const materials::Material& stick : plan->sticks) wish.sticks.push_back(stick.id);
        take(wish);
    });
    connect(none_, &QPushButton::clicked, this, [this] {
        State state = state_;
        state.sticks.clear();
        layOutOfSticks(state);
        change(tr("No sticks"), std::move(state));
    });
    return choices;
}

QWidget* TrialWindow::makeBelow() {
    auto* below = new QWidget;
    auto* row = new QHBoxLayout(below);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(measure::edge);
    auto* wanted = new QVBoxLayout;
    area_ = new QComboBox;
    area_->setToolTip(tr("The colour that swatches are held against: an area, or one picked in the subject."));
    area_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    addBelow(wanted, tr("Wanted"), {area_});
    targetView_ = new TargetView;
    wanted->addWidget(targetView_, 1);
    row->addLayout(wanted, 4);
    sample_ = new SampleView;
    row->addWidget(sample_, 3);
    editor_ = new StrokesEditor;
    row->addWidget(editor_, 6);
    connect(area_, &QComboBox::activated, this, &TrialWindow::takeWanted);
    connect(targetView_, &TargetView::picked, this, &TrialWindow::pick);
    connect(editor_, &StrokesEditor::changed, this, &TrialWindow::setStrokes);
    return below;
}

QWidget* TrialWindow::makeMargin() {
    auto* right = new QWidget;
    right->setFixedWidth(marginWidth + measure::edge);
    auto* column = new QVBoxLayout(right);
    column->setContentsMargins(0, 0, measure::edge, 0);
    margin_ = new Margin;
    column->addWidget(scrolled(*margin_, marginWidth), 3);
    auto* offered = new QVBoxLayout;
    offered->setContentsMargins(measure::edge, 0, 0, 0);  // as the margin's words stand
    column->addLayout(offered, 2);
    auto* words = new QLabel(tr("What would come nearer"));
    words->setFont(drawing::font(drawing::TypeSize::text, true));
    offered->addWidget(words);
    offers_ = new QListWidget;
    offers_->setIconSize({28, 16});
    offers_->setWordWrap(true);
    offers_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    offers_->setResizeMode(QListView::Adjust);
    offers_->setAccessibleName(words->text());
    offered->addWidget(offers_, 1);
    lay_ = new QPushButton(tr("Lay this"));
    lay_->setToolTip(tr("Lays the offer that is chosen onto the sheet."));
    lay_->setFocusPolicy(Qt::TabFocus);
    offered->addWidget(lay_, 0, Qt::AlignLeft);
    connect(offers_, &QListWidget::currentRowChanged, this, [this] { describe(); });
    connect(offers_, &QListWidget::itemActivated, this, [this] { layOffer(); });
    connect(lay_, &QPushButton::clicked, this, &TrialWindow::layOffer);
    return right;
}

}  // namespace app
