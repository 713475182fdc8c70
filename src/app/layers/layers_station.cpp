#include "app/layers/layers_station.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "planning/stage_picture.h"
#include "wording/sentences.h"

namespace app {

class LayersStation::SectionView : public QWidget {
 public:
    std::function<void(int)> onChosen;
    void setPlan(const std::shared_ptr<const planning::Plan>& plan) {
        section_ = plan ? drawing::Section(*plan) : drawing::Section();
        any_ = plan != nullptr;
        update();
    }
    void show(int steps, int selected) {
        steps_ = steps;
        selected_ = selected;
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override { onChosen(section_.passageAt(box(), event->position())); }
    void paintEvent(QPaintEvent*) override {
        if (!any_) return;
        QPainter painter(this);
        painter.setPen(theme().ink);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        section_.paint(painter, box(), steps_, selected_);
        painter.setPen(theme().quiet);
        painter.drawText(QRectF(0, height() - 17, width(), 17), Qt::AlignLeft, tr("dark passages"));
        painter.drawText(QRectF(0, height() - 17, width(), 17), Qt::AlignRight, tr("light passages"));
    }

 private:
    QRectF box() const { return QRectF(16, 4, width() - 32, height() - 24); }
    drawing::Section section_;
    bool any_ = false;
    int steps_ = 0, selected_ = -1;
};

LayersStation::LayersStation(Session& session)
    : Station(session, tr("The section"),
              tr("a cut through the sheet: one column a passage, paper below, the last stroke above")) {
    section_ = new SectionView;
    section_->setAccessibleName(tr("Section"));
    section_->setMinimumHeight(140);
    scrubber_ = new Scrubber;
    body_->addWidget(section_, 1);
    body_->addWidget(scrubber_);
    section_->onChosen = [this](int passage) {
        selected_ = passage == selected_ ? -1 : passage;
        section_->show(scrubber_->step(), selected_);
        Q_EMIT looksDifferent();
    };
    connect(scrubber_, &Scrubber::stepChanged, this, [this](int step) {
        section_->show(step, selected_);
        Q_EMIT looksDifferent();
    });
}

void LayersStation::refresh() {
    const auto plan = session_.plan();
    if (plan == shown_) return;
    const bool wasAtEnd = !shown_ || scrubber_->step() >= int(shown_->steps.size());
    shown_ = plan;
    if (!plan || selected_ >= int(plan->passages.size())) selected_ = -1;
    section_->setPlan(plan);
    scrubber_->setPlan(plan);
    if (plan) scrubber_->setStep(wasAtEnd ? int(plan->steps.size()) : scrubber_->step());
    section_->show(scrubber_->step(), selected_);
}

QString LayersStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not planned yet");
    return tr("%1 steps, %2").arg(plan->steps.size()).arg(wording::duration(plan->summary.minutes));
}

Views LayersStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    const int step = scrubber_->step();
    views.sheet = sheetAfter(step);
    views.sheetCaption =
        step == 0 ? tr("Sheet, bare") : tr("Sheet after step %1 of %2").arg(step).arg(plan->steps.size());
    views.figure = tr("mean %1, at the end %2")
                       .arg(planning::meanDifferenceAfter(*plan, step), 0, 'f', 1)
                       .arg(wording::differenceFigure(plan->summary.meanDifference));
    if (selected_ >= 0) views.outline = maskOf({selected_});
    return views;
}

void LayersStation::point(const QPointF& fraction) {
    selected_ = passageAt(fraction);
    section_->show(scrubber_->step(), selected_);
    Q_EMIT looksDifferent();
}

MarginText LayersStation::stepMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const int at = scrubber_->step();
    if (at == 0) {
        text.head = tr("The bare sheet");
        text.paragraphs << tr(
            "Move the pointer under the section, or use the arrow keys, to lay the steps down one by one.");
        text.paragraphs << tr("Click a passage in a picture or a column to read how it is made.");
        return text;
    }
    const planning::Step& step = plan->steps[at - 1];
    text.head = tr("Step %1: %2").arg(step.number).arg(wording::stageWord(step.stage));
    QStringList where;
    for (const int p : step.passages) {
        if (where.size() == 4 && step.passages.size() > 5) {
            where << tr("and %1 more").arg(step.passages.size() - 4);
            break;
        }
        where << wording::passageName(*plan, p);
    }
    text.paragraphs << (step.stage == planning::Stage::drawing
                            ? tr("Everything, in a few lines.")
                            : where.join(QStringLiteral("; ")) + QStringLiteral("."));
    QStringList why;
    for (const planning::Reason& reason : step.why) why << wording::reasonPhrase(reason);
    text.paragraphs << tr("Why here: %1.").arg(why.join(QStringLiteral("; ")));
    if (step.waitMinutes > 0) text.paragraphs << tr("Then wait %1.").arg(wording::duration(step.waitMinutes));
    const double dries = planning::stepsLighterWhenDry(*plan, step);
    if (std::fabs(dries) >= 0.05)
        text.paragraphs << (dries > 0 ? tr("It dries %1 of a step lighter: judge it when it is dry.")
                                      : tr("It dries %1 of a step darker: judge it when it is dry."))
                               .arg(std::fabs(dries), 0, 'f', 1);
    if (step.stick >= 0) {
        const materials::Material& stick = plan->sticks[step.stick];
        text.listHead = tr("In the hand");
        text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name),
                                tr("%1, %2, %3, %4")
                                    .arg(wording::kindWord(stick.kind), wording::mannerWord(step.manner),
                                         wording::pressureWord(step.pressure), wording::duration(step.minutes)),
                                step.manner, step.pressure});
    }
    for (const planning::Note& note : plan->notes)
        if (note.topic == planning::NoteTopic::toothRunsOut) text.cautions << wording::noteSentence(note, *plan);
    return text;
}

MarginText LayersStation::passageMargin() const {
    MarginText text;
    const auto plan = session_.plan();
    const subject::Passage& passage = plan->reading->passages.list[selected_];
    const planning::PlannedPassage& planned = plan->passages[selected_];
    const matching::Recipe& recipe = planned.recipe;
    text.head = wording::passageName(*plan, selected_);
    const QString strokes =
        recipe.lays.size() == 1 ? tr("One stroke brings") : tr("%1 strokes bring").arg(recipe.lays.size());
    text.paragraphs << tr("%1 it within %2 of the reference (%3); with an unsteady hand it stays within %4.")
                           .arg(strokes, wording::differenceFigure(recipe.difference),
                                wording::differenceWords(planned.target, recipe.predicted),
                                wording::differenceFigure(recipe.unsteady));
    text.paragraphs << tr("It holds %1 % of the picture and wants to be %2.")
                           .arg(passage.share * 100, 0, 'f', 1)
                           .arg(wording::colourWords(planned.target));
    const auto& under = planned.differenceUnder;
    const auto worst = std::ranges::max_element(under);
    const QString light = wording::lightWord(colour::Light(worst - under.begin()));
    text.paragraphs
        << (*worst > recipe.difference + 1.5
                ? tr("The match is one of %1: under %2 it is %3 away.")
                      .arg(wording::lightWord(plan->light), light, wording::differenceFigure(*worst))
                : tr("It holds under other lights too, at most %1 away.").arg(wording::differenceFigure(*worst)));
    text.paragraphs << tr("The tooth is %1 % full at the end.").arg(std::lround(recipe.toothUsed * 100));
    text.listHead = tr("Its strokes");
    const auto add = [&](const matching::Lay& lay) {
        const materials::Material& stick = plan->sticks[lay.stick];
        text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name),
                                tr("%1, %2, %3")
                                    .arg(wording::kindWord(stick.kind), wording::mannerWord(lay.manner),
                                         wording::pressureWord(lay.pressure)),
                                lay.manner, lay.pressure, pigment::laysPigment(lay.manner)});
    };
    for (const matching::Lay& lay : plan->grounds[planned.groundIndex].lays) add(lay);
    for (const matching::Lay& lay : recipe.lays) add(lay);
    if (recipe.toothUsed > 0.85) text.cautions << tr("The tooth is nearly full here: keep the last strokes light.");
    return text;
}

MarginText LayersStation::margin() const {
    if (!session_.plan())
        return {tr("Layers"), {tr("The layers are planned as soon as the subject is read.")}, {}, {}, {}};
    return selected_ >= 0 ? passageMargin() : stepMargin();
}

}  // namespace app
