#include "app/layers/stack_sheet.h"

#include <QComboBox>
#include <QGridLayout>
#include <algorithm>

#include "app/medium_field.h"
#include "wording/counts.h"
#include "wording/sentences.h"

namespace app {

using pigment::Manner;

namespace {

constexpr std::array stickManners{Manner::scumble, Manner::hatch, Manner::press, Manner::dab};

/// What stands for a tool among the sticks.
QString dataOf(Manner tool) {
    return QStringLiteral("tool:") + QString::fromUtf8(pigment::nameOf(tool).data());
}

std::vector<materials::Material> dryOf(const std::vector<materials::Material>& media) {
    std::vector<materials::Material> dry = inOrderOfValue(media);
    std::erase_if(dry, [](const materials::Material& medium) { return materials::isWet(medium.kind); });
    return dry;
}

}  // namespace

StackSheet::StackSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, const planning::Study& study,
                       const materials::Library& library, int stack)
    : Sheet(parent, tr("The layers of %1").arg(wording::areasNamed(*plan, plan->stacks[std::size_t(stack)].areas)),
            tr("From the paper up. What you set stays as it is; the rest of the plan is made around it.")),
      plan_(std::move(plan)),
      study_(study),
      media_(planning::trayOf(study, library).media),
      index_(stack),
      before_(planning::ownStackFrom(*plan_, study_, index_)),
      beforeWords_(figureWords(before_)) {
    auto* grid = new QGridLayout;
    grid->setColumnStretch(1, 1);
    for (int row = 0; row < planning::mostWithMends; ++row) addRow(grid, row);
    body_->addLayout(grid);
    makeAlternatives();
    told_ = new QLabel;
    told_->setWordWrap(true);
    body_->addWidget(told_);
    body_->addStretch(1);
    take_ = addButton(tr("Take these layers"));
    connect(take_, &QPushButton::clicked, this, [this] {
        Q_EMIT taken(this->stack());
        accept();
    });
    connect(addButton(tr("Leave it to the plan")), &QPushButton::clicked, this, [this] {
        Q_EMIT taken(std::nullopt);
        accept();
    });
    connect(addButton(tr("Close")), &QPushButton::clicked, this, &QDialog::reject);
    resize(720, 520);
    show(before_);
}

void StackSheet::addRow(QGridLayout* grid, int row) {
    Row& it = rows_[std::size_t(row)];
    it.stick = mediumField(tr("Layer %1").arg(row + 1),
                           {{tr("nothing"), QString()},
                            {tr("blend what lies there"), dataOf(Manner::blend)},
                            {tr("lift what lies loose"), dataOf(Manner::lift)},
                            {tr("fixative"), dataOf(Manner::fix)}},
                           dryOf(media_));
    it.manner = new QComboBox;
    for (const Manner manner : stickManners) it.manner->addItem(wording::mannerWord(manner));
    it.manner->setAccessibleName(tr("How layer %1 is laid").arg(row + 1));
    it.weight = new QComboBox;
    it.weight->addItems({tr("lighter over all"), tr("as it is wanted"), tr("heavier over all")});
    it.weight->setAccessibleName(tr("How heavily layer %1 is laid").arg(row + 1));
    grid->addWidget(new QLabel(QString::number(row + 1)), row, 0);
    grid->addWidget(it.stick, row, 1);
    grid->addWidget(it.manner, row, 2);
    grid->addWidget(it.weight, row, 3);
    it.bar = new QPushButton(tr("Not here"));
    it.bar->setToolTip(tr("The plan is not to lay this stick in this area, and finds others."));
    it.bar->setAccessibleName(tr("The stick of layer %1 is not to be laid here").arg(row + 1));
    grid->addWidget(it.bar, row, 4);
    connect(it.bar, &QPushButton::clicked, this, [this, stick = it.stick] {
        Q_EMIT barred(stick->currentData().toString().toStdString());
        accept();
    });
    for (QWidget* field : std::initializer_list<QWidget*>{it.manner, it.weight, it.bar}) {
        QSizePolicy policy = field->sizePolicy();
        policy.setRetainSizeWhenHidden(true);
        field->setSizePolicy(policy);
    }
    for (QComboBox* field : {it.stick, it.manner, it.weight})
        connect(field, &QComboBox::currentIndexChanged, this, &StackSheet::showFigures);
}

void StackSheet::makeAlternatives() {
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(tr("Or another way:")));
    const QStringList words{tr("Fewest layers"), tr("Liveliest"), tr("Safest")};
    const QStringList hints{tr("As few layers as serve it"), tr("Lines of colours that stay apart and glint"),
                            tr("What an unsteady hand spoils least, with tooth to spare")};
    for (int i = 0; i < planning::alternativeCount; ++i) {
        auto* button = new QPushButton(words[i]);
        button->setToolTip(hints[i]);
        button->setEnabled(false);
        row->addWidget(button);
        alternatives_[std::size_t(i)] = button;
        connect(button, &QPushButton::clicked, this, [this, i] { show(found_[std::size_t(i)]); });
    }
    row->addStretch(1);
    body_->addLayout(row);
    finder_.failed = [this](const common::Problem& problem) { setProblem(wording::problemSentence(problem)); };
    finder_.run([plan = plan_, study = study_, media = media_, stack = index_](
                    const common::Progress&) { return planning::alternativesFor(*plan, study, media, stack); },
                [this, hints](const std::array<planning::OwnStack, planning::alternativeCount>& found) {
                    found_ = found;
                    for (int i = 0; i < planning::alternativeCount; ++i) {
                        const planning::OwnStack& own = found_[std::size_t(i)];
                        QPushButton* button = alternatives_[std::size_t(i)];
                        button->setEnabled(!own.layers.empty());
                        if (!own.layers.empty()) button->setToolTip(tr("%1: %2").arg(hints[i], figureWords(own)));
                    }
                });
}

void StackSheet::show(const planning::OwnStack& stack) {
    isShowing_ = true;
    for (std::size_t i = 0; i < rows_.size(); ++i) {
        const planning::OwnLayer layer = i < stack.layers.size() ? stack.layers[i] : planning::OwnLayer{};
        QString held = QString::fromStdString(layer.stick);
        if (i < stack.layers.size() && !pigment::laysPigment(layer.manner)) held = dataOf(layer.manner);
        rows_[i].stick->setCurrentIndex(std::max(0, rows_[i].stick->findData(held)));
        const auto manner = std::ranges::find(stickManners, layer.manner);
        rows_[i].manner->setCurrentIndex(manner == stickManners.end() ? 0 : int(manner - stickManners.begin()));
        rows_[i].weight->setCurrentIndex(layer.heavier + 1);
    }
    isShowing_ = false;
    showFigures();
}

planning::OwnStack StackSheet::stack() const {
    planning::OwnStack stack;
    for (const Row& row : rows_) {
        const QString held = row.stick->currentData().toString();
        if (held.isEmpty()) continue;
        const int heavier = row.weight->currentIndex() - 1;
        bool isTool = false;
        for (const Manner tool : {Manner::blend, Manner::fix})
            if (held == dataOf(tool)) {
                stack.layers.push_back({{}, tool, heavier});
                isTool = true;
            }
        if (!isTool)
            stack.layers.push_back(
                {held.toStdString(), stickManners[std::size_t(row.manner->currentIndex())], heavier});
    }
    return stack;
}

QString StackSheet::figureWords(const planning::OwnStack& stack) const {
    const planning::StackFigures figures = planning::figuresOf(stack, *plan_, study_, media_, index_);
    return tr("%1 where its colours are laid, %2 by an unsteady hand, %3, the tooth %4 % full")
        .arg(wording::differenceFigure(figures.difference), wording::differenceFigure(figures.unsteady),
             wording::layerCount(int(figures.layers)))
        .arg(std::lround(figures.tooth * 100));
}

void StackSheet::showFigures() {
    if (isShowing_) return;
    const planning::OwnStack own = stack();
    for (const Row& row : rows_) {
        const QString held = row.stick->currentData().toString();
        row.manner->setVisible(!held.isEmpty() && !held.startsWith(QLatin1String("tool:")));
        row.weight->setVisible(!held.isEmpty());
        row.bar->setVisible(!row.manner->isHidden());
    }
    const bool isLaid = planning::layersOf(own, media_).has_value();
    take_->setEnabled(isLaid);
    if (!isLaid) return told_->setText(tr("Choose a stick for the first layer; a tool needs something to work on."));
    told_->setText(tr("As planned: %1. So: %2.").arg(beforeWords_, own == before_ ? tr("the same") : figureWords(own)));
}

}  // namespace app
