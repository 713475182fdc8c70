#include "app/underpainting/mix_sheet.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QPainter>
#include <QSpinBox>
#include <algorithm>

#include "app/medium_field.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "planning/area_grounds.h"
#include "planning/compatibility.h"
#include "planning/stage_picture.h"
#include "wording/choosing.h"
#include "wording/sentences.h"

namespace app {

/// Side by side: the bare paper, the ground wet, the ground dry, and what the area is to become.
class MixSheet::Swatches : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::MixSheet)

 public:
    struct Swatch {
        QString name;
        QColor colour;
    };
    Swatches() {
        setFixedHeight(96);
        setAccessibleName(tr("What it looks like"));
    }
    void show(std::vector<Swatch> swatches) {
        swatches_ = std::move(swatches);
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.setPen(theme().ink);
        const double step = double(width()) / double(std::max<std::size_t>(1, swatches_.size()));
        for (std::size_t i = 0; i < swatches_.size(); ++i) {
            const QRectF box(double(i) * step, 0, step - 8, 70);
            painter.fillRect(box, swatches_[i].colour);
            painter.drawText(QRectF(box.left(), 72, step - 8, 20), Qt::AlignLeft | Qt::AlignVCenter, swatches_[i].name);
        }
    }

 private:
    std::vector<Swatch> swatches_;
};

MixSheet::MixSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, const planning::Study& study,
                   const materials::Library& library, int stack, const planning::OwnMixture& start)
    : Sheet(parent,
            tr("Mixed by hand under %1").arg(wording::areasNamed(*plan, plan->stacks[std::size_t(stack)].areas)),
            tr("Up to three paints in parts are one wash; sticks are laid one after the other and rubbed in.")),
      plan_(std::move(plan)),
      drying_(study.drying),
      media_(inOrderOfValue(library.media)),
      stack_(stack) {
    for (std::size_t i = 0; i < planning::mostOwnParts; ++i) {
        auto* row = new QHBoxLayout;
        medium_[i] = mediumField(tr("Medium %1").arg(i + 1), {{tr("nothing"), QString()}}, media_);
        parts_[i] = wholeNumber(int(planning::partsBounds.least), int(planning::partsBounds.most));
        row->addWidget(medium_[i], 1);
        addField(row, tr("Parts"), parts_[i]);
        body_->addLayout(row);
        if (i < start.parts.size()) {
            medium_[i]->setCurrentIndex(
                std::max(0, medium_[i]->findData(QString::fromStdString(start.parts[i].medium))));
            parts_[i]->setValue(start.parts[i].parts);
        }
        connect(medium_[i], &QComboBox::currentIndexChanged, this, &MixSheet::showMixture);
        connect(parts_[i], &QSpinBox::valueChanged, this, &MixSheet::showMixture);
    }
    strength_ = new QComboBox;
    strength_->addItems({tr("thin, or light pressure"), tr("middling"), tr("strong, or heavy pressure")});
    strength_->setCurrentIndex(start.strength - 1);
    auto* row = new QHBoxLayout;
    addField(row, tr("Laid"), strength_);
    row->addStretch(1);
    body_->addLayout(row);
    connect(strength_, &QComboBox::currentIndexChanged, this, &MixSheet::showMixture);
    swatches_ = new Swatches;
    body_->addWidget(swatches_);
    told_ = new QLabel;
    told_->setWordWrap(true);
    body_->addWidget(told_);
    body_->addStretch(1);
    lay_ = addButton(tr("Lay this mixture"));
    connect(lay_, &QPushButton::clicked, this, [this] {
        Q_EMIT taken(mixed());
        accept();
    });
    connect(addButton(tr("Leave it to the plan")), &QPushButton::clicked, this, [this] {
        Q_EMIT taken(std::nullopt);
        accept();
    });
    connect(addButton(tr("Close")), &QPushButton::clicked, this, &QDialog::reject);
    resize(620, 460);
    showMixture();
}

planning::OwnMixture MixSheet::mixed() const {
    planning::OwnMixture mixed;
    mixed.strength = strength_->currentIndex() + 1;
    for (std::size_t i = 0; i < planning::mostOwnParts; ++i)
        if (const std::string id = medium_[i]->currentData().toString().toStdString(); !id.empty())
            mixed.parts.push_back({id, parts_[i]->value()});
    return mixed;
}

void MixSheet::showMixture() {
    const planning::PlannedStack& stack = plan_->stacks[std::size_t(stack_)];
    const std::vector<planning::GroundLayer> layers = planning::layersOf(mixed(), stack.areas, media_);
    std::size_t used = 0;
    for (const planning::GroundLayer& layer : layers) used += layer.mixture.size();
    setProblem(used < mixed().parts.size()
                   ? tr("Paint and sticks do not go into one mixture: what differs from the first is left out.")
                   : QString());
    lay_->setEnabled(!layers.empty());
    pigment::Patch patch = pigment::barePatch(plan_->paper);
    const colour::Lab bare = pigment::labOf(patch, plan_->light);
    std::vector<Swatches::Swatch> shown{{tr("bare paper"), drawing::colourOf(bare)}};
    for (const planning::GroundLayer& layer : layers) patch = planning::laidOver(patch, layer);
    const colour::Lab dry = pigment::labOf(patch, plan_->light);
    const colour::Lab wanted = std::ranges::max_element(stack.samples, {}, &matching::Sample::weight)->wanted;
    if (!layers.empty() && planning::isWet(layers.front()))
        shown.push_back({tr("wet"), drawing::colourOf(planning::coloursOf(*plan_, layers.front()).wet)});
    if (!layers.empty()) shown.push_back({tr("dry"), drawing::colourOf(dry)});
    shown.push_back({tr("most of the area"), drawing::colourOf(wanted)});
    swatches_->show(std::move(shown));

    QStringList sentences;
    if (!layers.empty()) {
        sentences << tr("Laid, against most of the area: %1.").arg(wording::differenceWords(wanted, dry));
        planning::GroundProposal ground;
        ground.layers = layers;
        for (const planning::GroundCaution& caution : planning::cautionsOf(ground, plan_->paper, drying_))
            sentences << wording::groundCautionSentence(caution, plan_->paper);
    }
    told_->setText(sentences.join(QLatin1Char(' ')));
}

}  // namespace app
