#include "app/underpainting/underpainting_station.h"

#include <QCheckBox>
#include <QCoreApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/area_choice.h"
#include "app/underpainting/mix_sheet.h"
#include "app/widgets/drawn_parts.h"
#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/comparison.h"
#include "planning/compatibility.h"
#include "planning/minutes.h"
#include "planning/stage_picture.h"
#include "wording/choosing.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

namespace {

QString capital(QString words) {
    words[0] = words[0].toUpper();
    return words;
}

planning::MinuteRange dryingOf(const planning::GroundProposal& ground, const materials::Paper& paper,
                               planning::Drying help) {
    planning::MinuteRange longest;
    for (const planning::GroundLayer& layer : ground.layers) {
        const planning::MinuteRange time = planning::dryingTime(layer, paper, help);
        longest = {std::max(longest.least, time.least), std::max(longest.most, time.most)};
    }
    return longest;
}

}  // namespace

/// Cards in rows, each two small pictures side by side, the ground and what it ends in, over two lines of words.
class UnderpaintingStation::Board : public QWidget, public HasParts {
    Q_DECLARE_TR_FUNCTIONS(app::UnderpaintingStation)

 public:
    struct Card {
        planning::Ground strategy = planning::Ground::none;
        QImage ground, end;  // null where it cannot be had
        QString name, words;
        bool isChosen = false;
    };
    std::function<void(planning::Ground)> onLooked, onTaken;

    Board() {
        setFocusPolicy(Qt::StrongFocus);
        setAccessibleName(tr("Wash board"));
        setMinimumHeight(190);
    }
    void show(QList<Card> cards, planning::Ground looked) {
        cards_ = std::move(cards);
        looked_ = looked;
        tellOfParts(*this);
        update();
    }
    std::vector<DrawnPart> drawnParts() const override {
        std::vector<DrawnPart> parts;
        for (int i = 0; i < int(cards_.size()); ++i) {
            const Card& card = cards_[i];
            const QString name = card.isChosen ? tr("%1 · laid").arg(card.name) : card.name;
            parts.push_back({tr("%1: %2").arg(name, card.words), boxOf(i).toRect(), card.strategy == looked_});
        }
        return parts;
    }
    void choosePart(int part) override { onLooked(cards_[part].strategy); }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        if (const int i = cardAt(event->position()); i >= 0) onLooked(cards_[i].strategy);
    }
    void mouseDoubleClickEvent(QMouseEvent* event) override {
        if (const int i = cardAt(event->position()); i >= 0 && !cards_[i].end.isNull()) onTaken(cards_[i].strategy);
    }
    void keyPressEvent(QKeyEvent* event) override {
        const auto looked = std::ranges::find(cards_, looked_, &Card::strategy);
        if (event->key() == Qt::Key_Return && looked != cards_.end() && !looked->end.isNull()) return onTaken(looked_);
        if (!goOn(*this, *event, columns())) QWidget::keyPressEvent(event);
    }
    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        for (int i = 0; i < int(cards_.size()); ++i) {
            const Card& card = cards_[i];
            const QRectF box = boxOf(i), pictures(box.left(), box.top(), box.width(), box.height() - wordsHeight);
            if (card.end.isNull()) {
                painter.fillRect(pictures, t.well);
            } else {
                const double each = (pictures.width() - 4) / 2;
                const auto placed = [&](const QImage& image, double left) {
                    const QSizeF size = QSizeF(image.size()).scaled({each, pictures.height()}, Qt::KeepAspectRatio);
                    painter.drawImage(QRectF(QPointF(left, pictures.top()), size), image);
                    return size;
                };
                placed(card.ground, pictures.left());
                placed(card.end, pictures.left() + each + 4);
            }
            if (card.strategy == looked_) drawing::paintSelection(painter, pictures);
            painter.setPen(t.ink);
            painter.setFont(drawing::font(drawing::TypeSize::small, card.isChosen));
            const auto line = [&](const QString& words, double top) {
                painter.drawText(QRectF(box.left(), top, box.width(), 17), Qt::AlignLeft | Qt::AlignVCenter,
                                 painter.fontMetrics().elidedText(words, Qt::ElideRight, int(box.width())));
            };
            line(card.isChosen ? tr("%1 · laid").arg(card.name) : card.name, pictures.bottom() + 2);
            painter.setFont(drawing::font(drawing::TypeSize::small));
            painter.setPen(t.quiet);
            line(card.words, pictures.bottom() + 18);
        }
    }

 private:
    static constexpr double wordsHeight = 38, gap = 12;

    /// As many as let the pictures be largest.
    int columns() const {
        const int count = std::max(1, int(cards_.size()));
        double ratio = 0.75;
        for (const Card& card : cards_)
            if (!card.end.isNull()) ratio = double(card.end.height()) / card.end.width();
        int best = 1;
        double largest = 0;
        for (int columns = 1; columns <= count; ++columns) {
            const int rows = (count + columns - 1) / columns;
            const double across = (double(width()) / columns - gap - 4) / 2;
            const double size = std::min(across, (double(height()) / rows - wordsHeight) / ratio);
            if (size <= largest) continue;
            largest = size;
            best = columns;
        }
        return best;
    }
    QRectF boxOf(int i) const {
        const int across = columns(), rows = (int(cards_.size()) + across - 1) / across;
        const double w = double(width()) / across, h = double(height()) / std::max(1, rows);
        const int row = i / across, column = i % across;
        const QRectF slot(w * column, h * row, w - gap, h);
        double ratio = 0.75;
        for (const Card& card : cards_)
            if (!card.end.isNull()) ratio = double(card.end.height()) / card.end.width();
        const double each = std::min((slot.width() - 4) / 2, (slot.height() - wordsHeight) / ratio);
        return {slot.left() + 2, slot.top() + 2, 2 * each + 4, each * ratio + wordsHeight - 2};
    }
    int cardAt(const QPointF& position) const {
        for (int i = 0; i < int(cards_.size()); ++i)
            if (boxOf(i).contains(position)) return i;
        return -1;
    }

    QList<Card> cards_;
    planning::Ground looked_ = planning::Ground::none;
};

UnderpaintingStation::UnderpaintingStation(Desk& desk)
    : Station(desk, tr("The wash board"), tr("each way's ground, and what it ends in")) {
    groundOnly_ = new QCheckBox(tr("Ground alone"));
    groundOnly_->setToolTip(tr("Shows the ground that is looked at without what goes over it."));
    beside_ = new QCheckBox(tr("Beside what is laid"));
    beside_->setToolTip(tr("Left of the line what is laid, right of it what is looked at; a click moves the line."));
    choices_->addWidget(groundOnly_);
    choices_->addWidget(beside_);
    goal_ = new GoalField(session_);
    addField(choices_, tr("Goal"), goal_);
    drying_ = new QComboBox;
    drying_->setToolTip(tr("How washes are dried: their waiting times follow from it."));
    for (const auto help : {planning::Drying::air, planning::Drying::hairDryer, planning::Drying::heatGun})
        drying_->addItem(wording::dryingWord(help), int(help));
    addField(choices_, tr("Drying"), drying_);
    areaGround_ = new QComboBox;
    areaGround_->setToolTip(tr("A ground of its own for the area that is chosen."));
    areaGround_->addItem(tr("as the whole picture"));
    for (int i = int(planning::Ground::none); i < planning::groundCount; ++i)
        areaGround_->addItem(wording::groundWord(planning::Ground(i)), i);
    addField(choices_, tr("Under this area"), areaGround_);
    mix_ = new QPushButton(tr("Mix by hand…"));
    mix_->setToolTip(tr("Click an area first."));
    choices_->addWidget(mix_);
    connect(mix_, &QPushButton::clicked, this, &UnderpaintingStation::mixByHand);
    best_ = new QPushButton(tr("Take the best"));
    best_->setToolTip(tr("Leaves the ground to the plan, which lays what serves best for your goal."));
    lay_ = new QPushButton(tr("Lay this ground"));
    lay_->setToolTip(tr("Lays the ground that is looked at, under the whole picture."));
    choices_->addWidget(best_);
    choices_->addWidget(lay_);
    board_ = new Board;
    body_->addWidget(board_, 1);
    board_->onLooked = [this](planning::Ground ground) {
        looked_ = ground;
        refresh();
        Q_EMIT looksDifferent();
    };
    board_->onTaken = [this](planning::Ground ground) { take(ground); };
    for (QCheckBox* box : {groundOnly_, beside_})
        connect(box, &QCheckBox::toggled, this, &UnderpaintingStation::looksDifferent);
    connect(best_, &QPushButton::clicked, this, [this] { take(planning::Ground::proposed); });
    connect(lay_, &QPushButton::clicked, this, [this] { take(lookedAt()); });
    connect(drying_, &QComboBox::activated, this, [this](int index) {
        session_.choose(tr("Drying"), [&](planning::Study& study) {
            study.drying = planning::Drying(drying_->itemData(index).toInt());
        });
    });
    connect(areaGround_, &QComboBox::activated, this, [this](int index) {
        if (index == 0) return takeForArea(std::nullopt);
        takeForArea(planning::Ground(areaGround_->itemData(index).toInt()));
    });
    connect(&session_, &Session::groundTried, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
}

void UnderpaintingStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    session_.compare(Session::Compared::grounds);
}

void UnderpaintingStation::take(planning::Ground ground) {
    session_.choose(tr("Underpainting"), [&](planning::Study& study) { study.approach.ground = ground; });
    looked_.reset();
}

void UnderpaintingStation::chooseForArea(const QString& what,
                                         const std::function<void(planning::AreaChoice&)>& change) {
    if (!area_) return;
    const auto plan = session_.plan();
    session_.choose(what, [&](planning::Study& study) { change(toSayOf(study, plan->reading->areas, *area_)); });
}

void UnderpaintingStation::takeForArea(std::optional<planning::Ground> ground) {
    chooseForArea(tr("Underpainting of an area"), [&](planning::AreaChoice& choice) {
        choice.ground = ground;
        choice.mixed.reset();
    });
}

void UnderpaintingStation::mixByHand() {
    const auto plan = session_.plan();
    if (!plan || !area_) return;
    const int stack = stackAt(*area_);
    planning::OwnMixture start;
    if (const planning::AreaChoice* said = areaChoice(); said && said->mixed) {
        start = *said->mixed;
    } else {
        // From what the plan lays there.
        const int area = plan->stacks[std::size_t(stack)].areas.front();
        for (const planning::GroundLayer& layer : plan->ground.layers) {
            if (layer.mixture.empty() || std::ranges::count(layer.areas, area) == 0) continue;
            for (const planning::MixPart& part : layer.mixture)
                start.parts.push_back({part.medium.id, std::min(part.parts, int(planning::partsBounds.most))});
            start.strength = std::clamp(int(std::lround(layer.pressure.value)), 1, 3);
            break;
        }
    }
    auto* sheet = new MixSheet(this, plan, session_.study(), session_.library(), stack, start);
    connect(sheet, &MixSheet::taken, this, [this](const std::optional<planning::OwnMixture>& mixed) {
        chooseForArea(tr("Ground mixed by hand"), [&](planning::AreaChoice& choice) { choice.mixed = mixed; });
    });
    sheet->open();
}

const std::vector<planning::TriedGround>& UnderpaintingStation::tried() const {
    const auto plan = session_.plan();
    return plan && plan->grounds ? *plan->grounds : session_.triedSoFar();
}

const planning::TriedGround* UnderpaintingStation::triedBy(planning::Ground ground) const {
    const auto at = std::ranges::find(tried(), ground, [](const auto& t) { return t.proposal.strategy; });
    return at == tried().end() ? nullptr : &*at;
}

planning::Ground UnderpaintingStation::chosen() const {
    const auto plan = session_.plan();
    return plan ? plan->ground.strategy : planning::Ground::none;
}

const planning::AreaChoice* UnderpaintingStation::areaChoice() const {
    const auto plan = session_.plan();
    if (!plan || !area_) return nullptr;
    const cv::Mat& map = plan->reading->areas.map;
    const int area = subject::labelAt(map, area_->x(), area_->y());
    for (const planning::AreaChoice& choice : session_.study().areaChoices)
        if ((choice.ground || choice.mixed) && subject::labelAt(map, choice.x, choice.y) == area) return &choice;
    return nullptr;
}

void UnderpaintingStation::point(const QPointF& fraction) {
    if (beside_->isChecked()) {
        split_ = fraction.x();
    } else {
        const int before = area_ ? stackAt(*area_) : -1;
        area_ = before == stackAt(fraction) ? std::nullopt : std::optional(fraction);
    }
    refresh();
    Q_EMIT looksDifferent();
}

void UnderpaintingStation::forgetStudy() {
    looked_.reset();
    area_.reset();
}

void UnderpaintingStation::refresh() {
    const auto plan = session_.plan();
    goal_->refresh();
    drying_->setCurrentIndex(drying_->findData(int(session_.study().drying)));
    const planning::AreaChoice* own = areaChoice();
    areaGround_->setEnabled(plan && area_);
    areaGround_->setCurrentIndex(own && own->ground ? areaGround_->findData(int(*own->ground)) : 0);
    mix_->setEnabled(plan && area_);
    const planning::TriedGround* looked = triedBy(lookedAt());
    best_->setEnabled(plan && session_.study().approach.ground != planning::Ground::proposed);
    lay_->setEnabled(plan && looked && !looked->proposal.obstacle && chosen() != lookedAt());
    QList<Board::Card> cards;
    const planning::TriedGround* bare = triedBy(planning::Ground::none);
    for (const planning::TriedGround& it : tried()) {
        const planning::Ground strategy = it.proposal.strategy;
        Board::Card card{strategy, {}, {}, capital(wording::groundWord(strategy)), {}, plan && strategy == chosen()};
        if (it.proposal.obstacle) {
            card.words = tr("cannot be had here");
        } else {
            card.ground = drawing::imageOf(it.ground);
            card.end = drawing::imageOf(it.sheet);
            const QString ends = wording::differenceFigure(it.outcome.picture.mean);
            card.words =
                it.gains && bare ? tr("%1, %n layers less", nullptr, bare->outcome.layers - it.layersEnough).arg(ends)
                : strategy == planning::Ground::none ? tr("%1, %2").arg(ends, wording::layerCount(it.outcome.layers))
                : it.care == planning::Care::quick   ? tr("%1, no gain (quick)").arg(ends)
                                                     : tr("%1, gains nothing").arg(ends);
        }
        cards << card;
    }
    board_->show(cards, lookedAt());
}

QString UnderpaintingStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    const auto& strategies = plan->ground.strategies;
    const bool byHand = std::ranges::any_of(
        plan->ground.layers, [](const auto& layer) { return layer.reason.kind == planning::ReasonKind::groundByHand; });
    const bool isMixed = byHand || std::ranges::any_of(strategies, [&](planning::Ground ground) {
                             return ground != strategies.front();
                         });
    if (isMixed) return tr("by area");
    return wording::groundWord(plan->ground.layers.empty() ? planning::Ground::none : strategies.front());
}

int UnderpaintingStation::groundSteps() const {
    int steps = 0;
    for (const planning::Step& step : session_.plan()->steps)
        if (step.stage == planning::Stage::drawing || step.stage == planning::Stage::underpainting) steps = step.number;
    return steps;
}

QImage UnderpaintingStation::largeSheet(const planning::TriedGround& it) const {
    const auto plan = session_.plan();
    if (it.proposal.strategy == chosen())
        return sheetAfter(groundOnly_->isChecked() ? groundSteps() : int(plan->steps.size()));
    const auto laid = groundOnly_->isChecked() ? planning::Laid::ground : planning::Laid::all;
    return drawing::imageOf(planning::sheetOf(it.plan, plan->stackMap, plan->grain, laid));
}

Views UnderpaintingStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    const planning::TriedGround* looked = triedBy(lookedAt());
    const planning::TriedGround* laid = triedBy(chosen());
    if (!plan) return views;
    if (area_) views.outline = maskOf({stackAt(*area_)});
    const bool isTried = looked && looked->plan.stacks.size() == plan->stacks.size() && !looked->proposal.obstacle;
    if (!isTried) return views;
    const QString name = wording::groundWord(lookedAt());
    views.sheet = largeSheet(*looked);
    const bool isLaid = lookedAt() == chosen();
    views.sheetCaption = groundOnly_->isChecked() ? tr("The ground: %1").arg(name)
                         : isLaid                 ? tr("The sheet over: %1").arg(name)
                                                  : tr("A quick plan over: %1").arg(name);
    views.figure = tr("ends %1").arg(
        wording::differenceFigure(isLaid ? plan->summary.picture.mean : looked->outcome.picture.mean));
    if (!beside_->isChecked() || !laid || laid == looked || laid->proposal.obstacle) return views;
    const QImage left = largeSheet(*laid);
    QPainter painter(&views.sheet);
    const int x = int(std::lround(split_ * views.sheet.width()));
    painter.drawImage(0, 0, left, 0, 0, x, left.height());
    painter.fillRect(x - 1, 0, 1, left.height(), drawing::markInk);
    painter.fillRect(x, 0, 1, left.height(), drawing::markLight);
    views.sheetCaption = tr("Left %1, right %2").arg(wording::groundWord(chosen()), name);
    return views;
}

QString UnderpaintingStation::introduction() const {
    return tr(
        "The ways to begin, each tried to its end with your sticks, the best for your goal first. A click looks at one "
        "large; lay it, take the best, or click an area and give it a ground of its own.");
}

void UnderpaintingStation::addLayers(MarginText& text, const planning::GroundProposal& ground) const {
    const auto plan = session_.plan();
    const bool anyWet = std::ranges::any_of(
        ground.layers, [](const auto& layer) { return planning::isWet(layer) && !layer.mixture.empty(); });
    if (!ground.layers.empty()) text.listHead = anyWet ? tr("Its layers, wet above, dry below") : tr("Its layers");
    for (const planning::GroundLayer& layer : ground.layers) {
        const bool lays = !layer.mixture.empty();
        const planning::GroundColours colours = planning::coloursOf(*plan, layer);
        StrokeLine line{lays ? layer.mixture.front().medium.kind : materials::Kind::soft,
                        colours.dry,
                        wording::mixtureWords(layer),
                        tr("%1, under %2: %3")
                            .arg(wording::strengthWords(layer), wording::areasNamed(*plan, layer.areas),
                                 wording::reasonPhrase(layer.reason)),
                        layer.manner,
                        layer.pressure,
                        lays,
                        {}};
        if (lays && planning::isWet(layer)) line.wet = colours.wet;
        text.strokes.push_back(line);
    }
}

MarginText UnderpaintingStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    text.head = tr("Underpainting");
    if (!plan) {
        text.paragraphs << tr("The ways to begin are tried as soon as the subject is read.");
        return text;
    }
    const planning::Ground ground = lookedAt();
    text.head = capital(wording::groundWord(ground));
    text.paragraphs << wording::groundSentence(ground);
    if (ground == chosen())
        text.paragraphs << (session_.study().approach.ground == planning::Ground::proposed
                                ? tr("It is laid because it serves best.")
                                : tr("You have laid it."))
                        << tr("The whole plan over it ends %1.").arg(wording::pictureWords(*plan));
    const planning::TriedGround* it = triedBy(ground);
    if (!it) {
        text.paragraphs << tr("It is being tried.");
        return text;
    }
    if (it->proposal.obstacle) {
        text.cautions << wording::obstacleSentence(*it->proposal.obstacle, plan->paper);
        return text;
    }
    text.paragraphs
        << tr("Score %1 of 100: %2.").arg(wording::decimal(it->score.points, 1)).arg(wording::scoreParts(it->score));
    const planning::TriedGround* bare = triedBy(planning::Ground::none);
    if (bare && it != bare) text.why << wording::gainSentence(*it, *bare);
    if (!it->proposal.layers.empty()) {
        const auto most = std::ranges::max_element(it->sparkles, {}, &planning::Sparkle::shows);
        const auto stack = std::size_t(most - it->sparkles.begin());
        if (most->shows > 0.005 && stack < plan->stacks.size())
            text.why << tr("It glints through most in %1: %2 % of its light comes through there.")
                            .arg(wording::areasNamed(*plan, plan->stacks[stack].areas, 1))
                            .arg(std::lround(most->shows * 100));
        const planning::MinuteRange dries = dryingOf(it->proposal, plan->paper, session_.study().drying);
        if (dries.most > 0)
            text.why << tr("It dries in %1 (common practice).").arg(wording::minuteRange(dries.least, dries.most));
    }
    text.why << tr("In all some %1 to lay; the tooth is %2 % used at the end, %3 % where it is used most.")
                    .arg(wording::duration(it->outcome.minutes))
                    .arg(std::lround(it->outcome.toothUsed * 100))
                    .arg(std::lround(it->outcome.toothMost * 100));
    addLayers(text, it->proposal);
    for (const planning::GroundCaution& caution :
         planning::cautionsOf(it->proposal, plan->paper, session_.study().drying))
        text.cautions << wording::groundCautionSentence(caution, plan->paper);
    return text;
}

}  // namespace app
