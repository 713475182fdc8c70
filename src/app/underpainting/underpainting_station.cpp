#include "app/underpainting/underpainting_station.h"

#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>

#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/stage_picture.h"
#include "rendering/sheet_picture.h"
#include "wording/sentences.h"

namespace app {

/// Small pictures in a row: the bare sheet, the proposed ground, and what the chosen one ends in.
class UnderpaintingStation::Board : public QWidget {
 public:
    struct Card {
        QImage image;
        QString words;
        bool chosen = false;
    };
    std::function<void(int)> onChosen;
    void show(QList<Card> cards) {
        cards_ = std::move(cards);
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        for (int i = 0; i < int(cards_.size()); ++i)
            if (boxOf(i).contains(event->position())) onChosen(i);
    }
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        for (int i = 0; i < int(cards_.size()); ++i) {
            const QRectF box = boxOf(i);
            painter.drawImage(box, cards_[i].image);
            if (cards_[i].chosen) drawing::paintSelection(painter, box);
            painter.setPen(theme().ink);
            painter.setFont(drawing::font(drawing::TypeSize::small, cards_[i].chosen));
            painter.drawText(QRectF(box.left(), box.bottom() + 5, box.width(), 20), Qt::AlignLeft | Qt::AlignVCenter,
                             cards_[i].words);
        }
    }

 private:
    QRectF boxOf(int i) const {
        const double gap = 26;
        const double ratio =
            cards_[i].image.isNull() ? 0.75 : double(cards_[i].image.height()) / cards_[i].image.width();
        const double slot = (width() - gap * 2 - 8) / 3;
        const double w = std::min(slot, (height() - 34) / ratio);
        return {4 + i * (w + gap), 4, w, w * ratio};
    }
    QList<Card> cards_;
};

UnderpaintingStation::UnderpaintingStation(Desk& desk)
    : Station(desk, tr("The wash board"), tr("the ways to begin, and where the chosen one ends")) {
    bare_ = new QPushButton(tr("Start on bare paper"));
    lay_ = new QPushButton(tr("Lay this ground"));
    choices_->addWidget(bare_);
    choices_->addWidget(lay_);
    board_ = new Board;
    board_->setAccessibleName(tr("Wash board"));
    board_->setMinimumHeight(180);
    body_->addWidget(board_, 1);
    board_->onChosen = [this](int card) {
        if (card < 2) take(card == 0 ? planning::Ground::none : planning::Ground::proposed);
    };
    connect(bare_, &QPushButton::clicked, this, [this] { take(planning::Ground::none); });
    connect(lay_, &QPushButton::clicked, this, [this] { take(planning::Ground::proposed); });
}

void UnderpaintingStation::take(planning::Ground ground) {
    session_.choose(tr("Underpainting"), [&](planning::Study& study) { study.ground = ground; });
}

int UnderpaintingStation::groundSteps() const {
    const auto plan = session_.plan();
    int steps = 0;
    if (plan)
        for (const planning::Step& step : plan->steps)
            if (step.stage == planning::Stage::drawing || step.stage == planning::Stage::underpainting)
                steps = step.number;
    return steps;
}

QImage UnderpaintingStation::groundPicture(const planning::Plan& plan, const planning::GroundProposal& ground) {
    std::vector<rendering::LaidPart> parts;
    for (const planning::PlannedStack& stack : plan.stacks)
        parts.push_back({ground.patches[std::size_t(stack.areas.front())], {}});
    return drawing::imageOf(rendering::sheetPicture(plan.stackMap, parts, {}, plan.grain, plan.light));
}

void UnderpaintingStation::refresh() {
    const auto plan = session_.plan();
    const bool proposed = session_.study().ground == planning::Ground::proposed;
    bare_->setEnabled(plan && proposed);
    lay_->setEnabled(plan && !proposed && !plan->grounds.back().layers.empty());
    // The board is asked for anew at every change; its pictures are the plan's.
    if (plan != pictured_) {
        pictured_ = plan;
        groundPictures_.clear();
        if (plan)
            for (const planning::GroundProposal& proposal : plan->grounds)
                groundPictures_ << groundPicture(*plan, proposal);
    }
    QList<Board::Card> cards;
    if (plan) {
        for (std::size_t i = 0; i < plan->grounds.size(); ++i) {
            const planning::GroundProposal& proposal = plan->grounds[i];
            const bool isNothing = i > 0 && proposal.layers.empty();
            QString words =
                isNothing ? tr("No ground brings this picture nearer") : wording::groundWord(proposal.strategy);
            words[0] = words[0].toUpper();
            cards << Board::Card{groundPictures_[qsizetype(i)], words, int(i) == plan->ground && !isNothing};
        }
        cards << Board::Card{sheetAfter(int(plan->steps.size())), tr("The end result on the chosen one"), false};
    }
    board_->show(cards);
}

QString UnderpaintingStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return wording::groundWord(plan->chosenGround().layers.empty() ? planning::GroundStrategy::none
                                                                   : plan->chosenGround().strategy);
}

Views UnderpaintingStation::views() const {
    Views views = Station::views();
    if (!session_.plan()) return views;
    views.sheet = sheetAfter(groundSteps());
    views.figure = tr("at the end %1").arg(wording::differenceFigure(session_.plan()->summary.picture.mean));
    views.sheetCaption =
        session_.study().ground == planning::Ground::none ? tr("Sheet, bare") : tr("Sheet with its ground");
    return views;
}

QString UnderpaintingStation::introduction() const {
    return tr(
        "What goes under the dry layers, and what it does to the end result. Take the "
        "proposed ground or stay on the bare paper.");
}

MarginText UnderpaintingStation::margin() const {
    MarginText text;
    text.head = tr("Underpainting");
    const auto plan = session_.plan();
    if (!plan) {
        text.paragraphs << tr("A ground is proposed as soon as the subject is read.");
        return text;
    }
    const bool wet = plan->paper.water != materials::Water::none;
    text.why << (wet ? tr("%1 takes a wash. Each area gets a flat local tone, a little darker than itself, "
                          "since the layers above lighten it; ink goes under the deepest darks.")
                     : tr("%1 takes no water: the ground is a dry layer, rubbed in."))
                    .arg(QString::fromStdString(plan->paper.name));
    text.paragraphs << tr("With what is chosen now the finished sheet is %1.").arg(wording::pictureWords(*plan));
    bool any = false;
    for (const planning::Step& step : plan->steps) {
        if (step.stage != planning::Stage::underpainting) continue;
        if (!any) text.listHead = tr("Its layers");
        any = true;
        StrokeLine line{materials::Kind::soft,
                        {},
                        wording::mannerWord(step.manner),
                        {},
                        step.manner,
                        plan->chosenGround().layers[std::size_t(step.groundLayer)].pressure,
                        step.stick >= 0};
        if (step.stick >= 0) {
            const materials::Material& stick = plan->sticks[std::size_t(step.stick)];
            line.kind = stick.kind;
            line.colour = stick.masstone;
            line.name = QString::fromStdString(stick.name);
        }
        const QString told = step.waitMinutes > 0 ? tr("step %1, %2, then dry %4: %3") : tr("step %1, %2: %3");
        line.how = told.arg(step.number).arg(wording::duration(step.minutes), wording::reasonPhrase(step.why.front()));
        if (step.waitMinutes > 0) line.how = line.how.arg(wording::duration(step.waitMinutes));
        text.strokes.push_back(line);
    }
    for (const planning::Note& note : plan->notes)
        if (note.topic == planning::NoteTopic::heatAndWater) text.cautions << wording::noteSentence(note, *plan);
    return text;
}

}  // namespace app
