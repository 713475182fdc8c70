#include "app/sticks/families_leaf.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <algorithm>

#include "app/medium_field.h"
#include "app/widgets/flow_row.h"
#include "app/widgets/measure.h"
#include "drawing/shapes.h"
#include "wording/approach.h"
#include "wording/palettes.h"

namespace app {

namespace {

/// Offered numbers of sticks; the first item is "as many as serve".
constexpr std::array offered{0, 1, 2, 3, 4, 6, 8};

}  // namespace

/// The sticks of a family, side by side as they are.
class FamiliesLeaf::Strip : public QWidget {
 public:
    void show(std::vector<materials::Material> sticks) {
        sticks_ = std::move(sticks);
        QStringList names;
        for (const materials::Material& stick : sticks_) names << QString::fromStdString(stick.name);
        setToolTip(names.join(QStringLiteral("; ")));
        setAccessibleName(toolTip());
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        constexpr double wide = 40, high = 16;
        const double pitch = std::min(wide + measure::grid, width() / std::max(1.0, double(sticks_.size())));
        for (std::size_t i = 0; i < sticks_.size(); ++i)
            drawing::paintMaterial(painter, QRectF(pitch * double(i), (height() - high) / 2, pitch - 4, high),
                                   sticks_[i].kind, drawing::colourOf(sticks_[i].masstone));
    }

 private:
    std::vector<materials::Material> sticks_;
};

FamiliesLeaf::FamiliesLeaf(Session& session) : session_(session), trials_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* known = new FlowRow;
    column->addLayout(known);
    for (int i = 0; i < planning::knownPaletteCount; ++i) {
        const auto palette = planning::KnownPalette(i);
        known_.push_back(new AnswerButton(wording::paletteWord(palette), tr("Limited palette")));
        known_.back()->setToolTip(tr("A palette of few colours: the whole plan is tried with it."));
        known->addWidget(known_.back());
        connect(known_.back(), &QAbstractButton::clicked, this, [this, palette] { take(planning::limitsOf(palette)); });
    }
    column->addSpacing(measure::grid);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(measure::inset);
    grid->setVerticalSpacing(2);
    grid->setColumnStretch(2, 1);
    column->addLayout(grid);
    for (const materials::ColourFamily family : materials::allFamilies) {
        families_.push_back(new QComboBox);
        strips_.push_back(new Strip);
        const QString word = wording::familyWord(family);
        families_.back()->setAccessibleName(word);
        families_.back()->setToolTip(tr("How many sticks of this family the picture may have."));
        const int row = grid->rowCount();
        auto* label = new QLabel(word);
        label->setBuddy(families_.back());
        grid->addWidget(label, row, 0);
        grid->addWidget(families_.back(), row, 1);
        grid->addWidget(strips_.back(), row, 2);
        connect(families_.back(), &QComboBox::activated, this, [this, family, field = families_.back()] {
            const QVariant most = field->currentData();
            take(planning::limited(session_.study().familyLimits, family,
                                   most.isValid() ? std::optional(most.toInt()) : std::nullopt));
        });
    }
    column->addStretch(1);
    connect(&trials_, &StudyTrials::triedOne, this, &FamiliesLeaf::showFigures);
    connect(&trials_, &StudyTrials::said, this, &FamiliesLeaf::said);
}

void FamiliesLeaf::take(const std::vector<planning::FamilyLimit>& limits) {
    session_.choose(tr("Limited palette"), [&](planning::Study& study) { study.familyLimits = limits; });
    refresh();
}

planning::Study FamiliesLeaf::studyWith(planning::KnownPalette palette) const {
    planning::Study study = session_.study();
    study.familyLimits = planning::limitsOf(palette);
    return study;
}

void FamiliesLeaf::showFigures() {
    const auto plan = session_.plan();
    for (int i = 0; i < planning::knownPaletteCount; ++i) {
        const planning::Study study = studyWith(planning::KnownPalette(i));
        const bool isTaken = study.familyLimits == session_.study().familyLimits;
        const planning::PlanOutcome* outcome = trials_.outcomeOf(study);
        AnswerButton& button = *known_[std::size_t(i)];
        button.setChecked(isTaken);
        button.setFigures(isTaken           ? tr("as planned")
                          : plan && outcome ? wording::outcomeAgainst(*outcome, planning::outcomeOf(*plan))
                                            : tr("being tried"));
    }
    for (const materials::ColourFamily family : materials::allFamilies) {
        QComboBox& field = *families_[std::size_t(family)];
        const std::optional<int> most = planning::mostOf(session_.study().familyLimits, family);
        field.clear();
        field.addItem(tr("as many as serve"));
        for (const int count : offered) field.addItem(count == 0 ? tr("none") : tr("at most %1").arg(count), count);
        if (most && field.findData(*most) < 0) field.addItem(tr("at most %1").arg(*most), *most);
        field.setCurrentIndex(most ? field.findData(*most) : 0);
        std::vector<materials::Material> sticks;
        if (plan)
            std::ranges::copy_if(plan->sticks, std::back_inserter(sticks),
                                 [&](const auto& stick) { return materials::familyOf(stick) == family; });
        strips_[std::size_t(family)]->show(inOrderOfValue(std::move(sticks)));
    }
    Q_EMIT looksDifferent();
}

void FamiliesLeaf::refresh() {
    if (!isVisible()) return trials_.stop();
    std::vector<planning::Study> studies;
    for (int i = 0; i < planning::knownPaletteCount; ++i) studies.push_back(studyWith(planning::KnownPalette(i)));
    std::erase(studies, session_.study());
    trials_.tryOut(studies);
    showFigures();
}

void FamiliesLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void FamiliesLeaf::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    trials_.stop();
}

MarginText FamiliesLeaf::margin() const {
    MarginText text;
    text.head = tr("A limited palette");
    text.paragraphs << tr(
        "Fewer colours hold a picture together. Say how many sticks of each family it may have; each palette says what "
        "it would change in this picture. Black, white and greys are a family of their own.");
    text.why << tr(
        "Earths are known by their pigments, or by a warm hue of little light where none is said; all else by "
        "its look.");
    return text;
}

}  // namespace app
