#include "app/sticks/sticks_station.h"

#include <QComboBox>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "colour/difference.h"
#include "colour/munsell.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/approach.h"
#include "wording/sentences.h"

namespace app {

/// Rows by value, light above dark; in a row the greys first, then round the hues from red.
class SticksStation::Tray : public QWidget {
 public:
    Tray() {
        setFocusPolicy(Qt::StrongFocus);
        setAccessibleName(tr("Tray"));
        setMinimumHeight(190);
    }
    std::function<void(int)> onChosen;

    void show(std::shared_ptr<const planning::Plan> plan, int selected,
              const std::vector<planning::StickChoice>& choices) {
        plan_ = std::move(plan);
        choices_ = choices;
        selected_ = selected;
        for (auto& row : rows_) row.clear();
        if (plan_) {
            std::vector<int> byValue;
            for (int i = 0; i < int(plan_->sticks.size()); ++i) byValue.push_back(i);
            std::ranges::stable_sort(byValue, std::greater{}, [&](int i) { return plan_->prepared[i].masstone.L; });
            // Rows of one length: no row is crowded.
            const std::size_t length = (byValue.size() + rowCount - 1) / rowCount;
            for (std::size_t n = 0; n < byValue.size(); ++n) rows_[n / length].push_back(byValue[n]);
            for (auto& row : rows_)
                std::ranges::stable_sort(row, {}, [&](int i) {
                    const colour::Lab& lab = plan_->prepared[i].masstone;
                    // Reds stand on both sides of hue 0.
                    return colour::chroma(lab) < 8 ? -1.0 : std::fmod(colour::hue(lab) + 20.0, 360.0);
                });
        }
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        for (int r = 0; r < rowCount; ++r)
            for (int n = 0; n < int(rows_[r].size()); ++n)
                if (boxOf(r, n).contains(event->position())) return onChosen(rows_[r][n]);
        onChosen(-1);
    }
    void keyPressEvent(QKeyEvent* event) override {
        std::vector<int> all;
        for (const auto& row : rows_) all.insert(all.end(), row.begin(), row.end());
        const int step = event->key() == Qt::Key_Right ? 1 : event->key() == Qt::Key_Left ? -1 : 0;
        if (step == 0 || all.empty()) return QWidget::keyPressEvent(event);
        const auto at = std::ranges::find(all, selected_);
        const auto next = at == all.end()
                              ? 0
                              : std::clamp<std::ptrdiff_t>(at - all.begin() + step, 0, std::ptrdiff_t(all.size()) - 1);
        onChosen(all[std::size_t(next)]);
    }
    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        for (int r = 0; r < rowCount; ++r) {
            painter.setPen(t.quiet);
            painter.setFont(drawing::font(drawing::TypeSize::small));
            painter.drawText(QRectF(0, rowTop(r), labels, rowHeight()),
                             Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, rangeOf(r));
            if (r > 0) {
                painter.setPen(QPen(t.line, 1));
                painter.drawLine(QPointF(0, rowTop(r)), QPointF(width(), rowTop(r)));
            }
            for (int n = 0; n < int(rows_[r].size()); ++n) paintStick(painter, rows_[r][n], boxOf(r, n));
        }
    }

 private:
    static constexpr int rowCount = 4;
    static constexpr double labels = 62;

    /// "value 6.2 to 8.9" of a row.
    QString rangeOf(int row) const {
        double least = 10, most = 0;
        for (const int i : rows_[row]) {
            const double value = colour::munsellValueOfLightness(plan_->prepared[i].masstone.L);
            least = std::min(least, value);
            most = std::max(most, value);
        }
        return rows_[row].empty() ? QString() : tr("value %1 to %2").arg(least, 0, 'f', 1).arg(most, 0, 'f', 1);
    }
    double rowHeight() const { return double(height()) / rowCount; }
    double rowTop(int row) const { return row * rowHeight(); }
    QRectF boxOf(int row, int place) const {
        const double pitch = std::min(116.0, (width() - labels) / std::max(1.0, double(rows_[row].size())));
        return {labels + pitch * place + 3, rowTop(row) + 4, pitch - 8, rowHeight() - 8};
    }
    void paintStick(QPainter& painter, int i, const QRectF& box) {
        const materials::Material& stick = plan_->sticks[i];
        const double wide = std::min(64.0, box.width());
        const double high = std::min(26.0, box.height() - 38);
        drawing::paintMaterial(painter, QRectF(box.left(), box.top() + 2, wide, high), stick.kind,
                               drawing::colourOf(stick.masstone));
        const planning::StickChoice kept{stick.id, planning::StickUse::pinned};
        if (std::ranges::count(choices_, kept) > 0) {  // a line of ink under what is kept in
            painter.setPen(QPen(theme().ink, 2));
            painter.drawLine(QPointF(box.left(), box.top() + high + 4),
                             QPointF(box.left() + wide, box.top() + high + 4));
        }
        if (!stick.hazards.empty()) {
            painter.setPen(QPen(theme().ink, 1.4));
            painter.setBrush(Qt::NoBrush);
            const QPointF at(box.left() + wide + 9, box.top() + 8);
            if (box.width() > wide + 18)
                painter.drawPolygon(QPolygonF({at + QPointF(-6, 5), at + QPointF(6, 5), at + QPointF(0, -5)}));
        }
        painter.setPen(theme().ink);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        const QString words = QString::fromStdString(stick.name);
        painter.drawText(QRectF(box.left(), box.top() + high + 3, box.width(), 34),
                         Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
        if (i == selected_) drawing::paintSelection(painter, box.adjusted(-1, 0, 1, 1));
    }

    std::shared_ptr<const planning::Plan> plan_;
    std::vector<int> rows_[rowCount];
    std::vector<planning::StickChoice> choices_;
    int selected_ = -1;
};

SticksStation::SticksStation(Desk& desk) : Station(desk, tr("The tray"), tr("light above dark")), trials_(session_) {
    connect(&trials_, &StudyTrials::triedOne, this, &SticksStation::looksDifferent);
    connect(&trials_, &StudyTrials::said, &desk_, &Desk::said);
    curve_ = new CurveLeaf(session_);
    gaps_ = new GapsLeaf(desk_);
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Tray"), tr("The sticks of this picture"), makeTrayLeaf());
    leaves_->addLeaf(choices_, tr("How many"), tr("How near fewer or more sticks come"), curve_);
    leaves_->addLeaf(choices_, tr("To buy"), tr("What is not at hand and would bring it nearer"), gaps_);
    body_->addWidget(leaves_, 1);
    connect(curve_, &CurveLeaf::looksDifferent, this, &SticksStation::looksDifferent);
    connect(curve_, &CurveLeaf::said, &desk_, &Desk::said);
    connect(gaps_, &GapsLeaf::looksDifferent, this, &SticksStation::looksDifferent);
    connect(leaves_, &QStackedWidget::currentChanged, this, [this] {
        refresh();
        Q_EMIT looksDifferent();
    });
    tray_->onChosen = [this](int stick) {
        selected_ = stick;
        refresh();
        Q_EMIT looksDifferent();
    };
    connect(from_, &QComboBox::activated, this, [this] { desk_.drawFrom(from_->currentData().toString()); });
    connect(&desk_, &Desk::traysChanged, this, &SticksStation::listTrays);
    connect(limit_, &QSpinBox::valueChanged, this, [this](int sticks) {
        session_.choose(
            tr("Number of sticks"), [&](planning::Study& study) { study.stickLimit = sticks; },
            QStringLiteral("sticks"));
    });
    connect(layers_, &QSpinBox::valueChanged, this, [this](int layers) {
        session_.choose(
            tr("Layers an area"), [&](planning::Study& study) { study.layers = layers; }, QStringLiteral("layers"));
    });
    listTrays();
}

QWidget* SticksStation::makeTrayLeaf() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    tray_ = new Tray;
    column->addWidget(tray_, 1);
    auto* row = new FlowRow;
    from_ = new QComboBox;
    addField(row, tr("Draw from"), from_);
    limit_ = wholeNumber(int(planning::stickBounds.least), int(planning::stickBounds.most));
    addField(row, tr("At most"), limit_);
    limit_->setSuffix(tr(" sticks"));
    layers_ = wholeNumber(int(planning::layerBounds.least), int(planning::layerBounds.most));
    addField(row, tr("Layers an area"), layers_);
    pin_ = new QPushButton(tr("Keep it in"));
    pin_->setCheckable(true);
    pin_->setToolTip(tr("It is used in this picture, whatever the plan would choose."));
    bar_ = new QPushButton(tr("Leave it out"));
    bar_->setToolTip(tr("It is not used in this picture."));
    takeBack_ = new QPushButton(tr("Take back what is left out"));
    takeBack_->setToolTip(tr("What was left out may be used again."));
    row->addWidget(pin_);
    row->addWidget(bar_);
    row->addStretch();
    row->addWidget(takeBack_);
    column->addLayout(row);
    connect(pin_, &QPushButton::clicked, this, [this] { say(planning::StickUse::pinned); });
    connect(bar_, &QPushButton::clicked, this, [this] { say(planning::StickUse::barred); });
    connect(takeBack_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Sticks taken back"), [](planning::Study& study) {
            std::erase_if(study.stickChoices,
                          [](const planning::StickChoice& choice) { return choice.use == planning::StickUse::barred; });
        });
    });
    return leaf;
}

void SticksStation::say(planning::StickUse use) {
    const auto plan = session_.plan();
    if (!plan || selected_ < 0) return;
    const std::string id = plan->sticks[std::size_t(selected_)].id;
    session_.choose(use == planning::StickUse::pinned ? tr("Stick kept in") : tr("Stick left out"),
                    [&](planning::Study& study) {
                        const planning::StickChoice choice{id, use};
                        const bool wasSaid = std::ranges::count(study.stickChoices, choice) > 0;
                        std::erase_if(study.stickChoices, [&](const auto& other) { return other.stick == id; });
                        if (!wasSaid) study.stickChoices.push_back(choice);
                    });
}

void SticksStation::listTrays() {
    from_->clear();
    from_->addItem(tr("the whole drawer"), QString());
    for (const QString& name : desk_.trays()) from_->addItem(name, name);
    refresh();
}

void SticksStation::refresh() {
    const QString tray = QString::fromStdString(session_.study().tray);
    if (from_->findData(tray) < 0) from_->addItem(tray, tray);  // one that is not there any more
    from_->setCurrentIndex(from_->findData(tray));
    showValue(limit_, session_.study().stickLimit);
    showValue(layers_, session_.study().layers);
    const auto plan = session_.plan();
    if (!plan || selected_ >= int(plan->sticks.size())) selected_ = -1;
    const auto& choices = session_.study().stickChoices;
    const auto barred = std::ranges::count(choices, planning::StickUse::barred, &planning::StickChoice::use);
    const std::string id = selected_ < 0 ? std::string() : plan->sticks[std::size_t(selected_)].id;
    pin_->setEnabled(selected_ >= 0);
    pin_->setChecked(std::ranges::count(choices, planning::StickChoice{id, planning::StickUse::pinned}) > 0);
    bar_->setEnabled(selected_ >= 0);
    takeBack_->setVisible(barred > 0);
    takeBack_->setText(tr("Take back what is left out (%1)").arg(barred));
    tray_->show(plan, selected_, choices);
    curve_->refresh();
    gaps_->refresh();
    if (isVisible() && selected_ >= 0 && plan->sticks.size() > 1)
        trials_.tryOut({withoutIt()});
    else
        trials_.stop();
}

planning::Study SticksStation::withoutIt() const {
    planning::Study study = session_.study();
    const std::string id = session_.plan()->sticks[std::size_t(selected_)].id;
    std::erase_if(study.stickChoices, [&](const auto& choice) { return choice.stick == id; });
    study.stickChoices.push_back({id, planning::StickUse::barred});
    return study;
}

void SticksStation::addSubstitute(MarginText& text) const {
    const auto plan = session_.plan();
    const materials::Material& stick = plan->sticks[std::size_t(selected_)];
    if (materials::isWet(stick.kind) || plan->sticks.size() < 2) return;
    const colour::Lab wanted = colour::labFromSrgb8(stick.masstone);
    const auto apart = [&](const materials::Material& other) {
        const bool isOther = !materials::isWet(other.kind) && other.id != stick.id;
        return isOther ? colour::differenceCie2000(wanted, colour::labFromSrgb8(other.masstone)) : 1e9;
    };
    const auto& media = session_.library().media;
    const auto nearest = std::ranges::min_element(media, {}, apart);
    const planning::PlanOutcome* without = trials_.outcomeOf(withoutIt());
    if (nearest == media.end() || apart(*nearest) > 1e8) return;
    text.paragraphs << tr("Should it be missing or used up: the nearest at hand is %1 (%2, %3).")
                           .arg(QString::fromStdString(nearest->name), wording::kindWord(nearest->kind),
                                wording::differenceFigure(apart(*nearest)))
                    << (without ? tr("\"Leave it out\" plans the picture without it: %1.")
                                      .arg(wording::outcomeAgainst(*without, planning::outcomeOf(*plan)))
                                : tr("What the picture would be without it is being tried."));
}

QString SticksStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return tr("%1 of %2 at hand").arg(plan->sticks.size()).arg(session_.library().media.size());
}

std::vector<planning::LayerPlace> SticksStation::layersOf(int stick) const {
    std::vector<planning::LayerPlace> places;
    const auto plan = session_.plan();
    for (int s = 0; s < int(plan->stacks.size()); ++s)
        for (int i = 0; i < int(plan->stacks[std::size_t(s)].layers.size()); ++i)
            if (plan->stacks[std::size_t(s)].layers[std::size_t(i)].stick == stick) places.push_back({s, i});
    return places;
}

Views SticksStation::views() const {
    Views views = Station::views();
    if (!session_.plan() || selected_ < 0) return views;
    std::vector<int> stacks;
    for (const planning::LayerPlace& place : layersOf(selected_)) stacks.push_back(place.stack);
    views.outline = maskOf(stacks);
    return views;
}

void SticksStation::point(const QPointF& fraction) {
    const int stack = stackAt(fraction);
    if (stack < 0) return;
    // The stick that lies on top there.
    const auto plan = session_.plan();
    const auto& layers = plan->stacks[std::size_t(stack)].layers;
    for (std::size_t i = layers.size(); i-- > 0;)
        if (layers[i].stick >= 0 &&
            subject::levelAt(plan->pressures[i], fraction.x(), fraction.y()) > rendering::mapStep / 2) {
            selected_ = layers[i].stick;
            break;
        }
    refresh();
    Q_EMIT looksDifferent();
}

QString SticksStation::introduction() const {
    return tr(
        "These sticks are to be pulled for this picture. Say from which tray to draw and how "
        "many to use at most; a stick that is missing has its nearest substitute here.");
}

MarginText SticksStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    text.head = tr("Sticks");
    if (!plan) {
        text.paragraphs << tr("Sticks are chosen as soon as the subject is read.");
        return text;
    }
    if (leaves_->currentWidget() == curve_) return curve_->margin();
    if (leaves_->currentWidget() == gaps_) return gaps_->margin();
    if (selected_ < 0) {
        text.paragraphs << tr("%1 sticks serve the whole picture. With them the sheet is %2.")
                               .arg(plan->sticks.size())
                               .arg(wording::pictureWords(*plan));
        const materials::Library& library = session_.library();
        text.paragraphs
            << tr("The study draws from %1 sticks and paints and %2 papers, as they were when it was begun. "
                  "Choose again what to draw from, and it takes them as they are now.")
                   .arg(library.media.size())
                   .arg(library.papers.size());
        text.paragraphs << tr("Click one to see where it goes.");
        text.why << tr("They were chosen by giving up, one after the other, the stick that the picture misses least.");
        text.why
            << tr("The nearest single stick in each place, of all at hand, would leave %1: layers with more and less "
                  "pressure do the rest.")
                   .arg(wording::differenceFigure(plan->summary.nearestStickDifference));
        for (const planning::Note& note : plan->notes)
            if (note.topic == planning::NoteTopic::toxicPigments || note.topic == planning::NoteTopic::sticksAreFew)
                text.cautions << wording::noteSentence(note, *plan);
        return text;
    }
    const materials::Material& stick = plan->sticks[std::size_t(selected_)];
    const colour::Lab lab = plan->prepared[std::size_t(selected_)].masstone;
    text.head = QString::fromStdString(stick.name);
    text.paragraphs << tr("%1, %2, number %3. Pigment %4, lightfastness %5.")
                           .arg(QString::fromStdString(stick.maker), wording::kindWord(stick.kind),
                                QString::fromStdString(stick.id), wording::listed(stick.pigments),
                                QString::fromStdString(stick.lightfastness));
    text.paragraphs << tr("It looks %1, at value %2.")
                           .arg(wording::colourWords(lab))
                           .arg(colour::munsellValueOfLightness(lab.L), 0, 'f', 1);
    addSubstitute(text);
    if (pin_->isChecked()) text.paragraphs << tr("You keep it in, whatever the plan would choose.");
    const std::vector<planning::LayerPlace> places = layersOf(selected_);
    std::vector<int> areas;
    if (!places.empty()) text.listHead = tr("Where it goes");
    for (const planning::LayerPlace& place : places) {
        const planning::PlannedStack& stack = plan->stacks[std::size_t(place.stack)];
        const planning::Layer& layer = stack.layers[std::size_t(place.layer)];
        areas.insert(areas.end(), stack.areas.begin(), stack.areas.end());
        text.strokes.push_back({stick.kind, stick.masstone, wording::stackName(*plan, place.stack),
                                tr("layer %1 of %2, step %3: %4, %5")
                                    .arg(place.layer + 1)
                                    .arg(stack.layers.size())
                                    .arg(layer.step)
                                    .arg(wording::mannerWord(layer.manner), wording::laidWords(layer)),
                                layer.manner, layer.hardest()});
    }
    for (const planning::GroundLayer& layer : plan->ground.layers)
        if (pigment::laysPigment(layer.manner) &&
            std::ranges::any_of(layer.mixture, [&](const auto& part) { return part.medium.id == stick.id; }))
            text.paragraphs << tr("It is laid as a ground under %1.").arg(wording::areasNamed(*plan, layer.areas));
    if (areas.size() > 1)
        text.why << tr("It comes back in %1 areas and ties them together: %2.")
                        .arg(areas.size())
                        .arg(wording::areasNamed(*plan, areas, 6));
    if (!stick.hazards.empty()) {
        text.cautions << tr("It holds a toxic pigment (%1): make no dust, wear gloves, follow the label and the safety "
                            "data sheet.")
                             .arg(wording::listed(stick.hazards));
    }
    return text;
}

}  // namespace app
