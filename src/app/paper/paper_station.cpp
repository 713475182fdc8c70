#include "app/paper/paper_station.h"

#include <QCheckBox>
#include <QComboBox>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "colour/picture_under.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/offcuts.h"
#include "rendering/sheet_picture.h"
#include "wording/choosing.h"
#include "wording/sentences.h"

namespace app {

namespace {

const planning::RankedPaper* ranked(const planning::Plan& plan, const std::string& id) {
    if (!plan.papers) return nullptr;
    const auto found = std::ranges::find(*plan.papers, id, [](const auto& r) { return r.paper.id; });
    return found == plan.papers->end() ? nullptr : &*found;
}

/// The largest area of what stands before the background.
int largestInFront(const planning::Plan& plan) {
    int largest = -1;
    const auto& areas = plan.reading->areas.list;
    for (int i = 0; i < int(areas.size()); ++i)
        if (areas[std::size_t(i)].plane != subject::Plane::background &&
            (largest < 0 || areas[std::size_t(i)].share > areas[std::size_t(largest)].share))
            largest = i;
    return largest;
}

}  // namespace

class PaperStation::Offcuts : public QWidget {
 public:
    Offcuts() {
        setFocusPolicy(Qt::StrongFocus);
        setAccessibleName(tr("Offcuts"));
        setMinimumHeight(190);
    }
    std::function<void(const std::string&)> onLooked;
    std::function<void(const std::string&)> onTaken;

    /// `papers` in the order in which they are shown, `isJudged` if that is their rank.
    void show(std::shared_ptr<const planning::Plan> plan, const materials::Library& library,
              std::vector<materials::Paper> papers, bool isJudged, const std::string& looked) {
        looked_ = looked;
        isJudged_ = isJudged;
        if (plan != plan_ || papers != papers_) {
            plan_ = std::move(plan);
            papers_ = std::move(papers);
            makeSwatches(library);
        }
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        if (const int i = offcutAt(event->position()); i >= 0) onLooked(papers_[std::size_t(i)].id);
    }
    void mouseDoubleClickEvent(QMouseEvent* event) override {
        if (const int i = offcutAt(event->position()); i >= 0) onTaken(papers_[std::size_t(i)].id);
    }
    void keyPressEvent(QKeyEvent* event) override {
        const int count = int(papers_.size());
        if (count == 0) return;
        int i = 0;
        while (i < count && papers_[std::size_t(i)].id != looked_) ++i;
        const int step = event->key() == Qt::Key_Right  ? 1
                         : event->key() == Qt::Key_Left ? -1
                         : event->key() == Qt::Key_Down ? columns()
                         : event->key() == Qt::Key_Up   ? -columns()
                                                        : 0;
        if (event->key() == Qt::Key_Return && i < count) return onTaken(looked_);
        if (step == 0) return QWidget::keyPressEvent(event);
        onLooked(papers_[std::size_t(std::clamp((i == count ? 0 : i) + step, 0, count - 1))].id);
    }

    void paintEvent(QPaintEvent*) override {
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        for (int i = 0; i < int(papers_.size()); ++i) {
            const materials::Paper& paper = papers_[std::size_t(i)];
            const QRectF box = boxOf(i);
            const QRectF piece(box.left(), box.top(), box.width(), box.height() - 21);
            drawing::paintOffcut(painter, piece, paper, unsigned(i) * 7 + 3);
            paintSwatches(painter, piece, swatches_[i]);
            if (paper.id == looked_) drawing::paintSelection(painter, piece);
            const bool taken = plan_ && paper.id == plan_->paper.id;
            painter.setPen(t.ink);
            painter.setFont(drawing::font(drawing::TypeSize::small, taken));
            const QString name = QString::fromStdString(paper.name);
            const QString words =
                (isJudged_ ? tr("%1. %2").arg(i + 1).arg(name) : name) + (taken ? tr(" · set") : QString());
            painter.drawText(QRectF(box.left(), box.bottom() - 19, box.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                             painter.fontMetrics().elidedText(words, Qt::ElideRight, int(box.width())));
        }
    }

 private:
    int columns() const { return std::max(1, width() / 196); }
    QRectF boxOf(int i) const {
        const int rows = (int(papers_.size()) + columns() - 1) / columns();
        const double w = double(width()) / columns();
        const double h = double(height()) / std::max(1, rows);
        const int row = i / columns(), column = i % columns();
        return {w * column, h * row, w - 12, h - 4};
    }
    int offcutAt(const QPointF& position) const {
        for (int i = 0; i < int(papers_.size()); ++i)
            if (boxOf(i).contains(position)) return i;
        return -1;
    }

    /// Three groups side by side, each dark, medium and light.
    static void paintSwatches(QPainter& painter, const QRectF& piece, const QList<QImage>& swatches) {
        constexpr double margin = 7, between = 9;
        constexpr int groups = int(planning::offcutKinds.size());
        const double width = (piece.width() - 2 * margin - (groups - 1) * between) / groups;
        for (int i = 0; i < int(swatches.size()); ++i) {
            const int group = i / 3, value = i % 3;
            const QRectF place(piece.left() + margin + group * (width + between) + value * width / 3, piece.top() + 7,
                               width / 3 - 1, piece.height() - 20);
            if (!swatches[i].isNull()) painter.drawImage(place, swatches[i]);
        }
    }

    /// The same sticks on every paper: the subject's dark, medium and light in each kind, one medium layer.
    void makeSwatches(const materials::Library& library) {
        swatches_.clear();
        if (!plan_) return;
        const planning::OffcutStrokes strokes = planning::offcutStrokes(*plan_, library.media);
        const cv::Mat spot(56, 26, CV_32S, cv::Scalar(0));
        for (const materials::Paper& paper : papers_) {
            QList<QImage> images;
            const cv::Mat grain = rendering::grainMap(paper.surface, spot.size(), 0.35);
            for (const auto& group : strokes)
                for (const planning::OffcutStroke& stroke : group) {
                    if (stroke.medium < 0) {
                        images << QImage();
                        continue;
                    }
                    const pigment::Pigment pigment = pigment::pigmentOf(library.media[std::size_t(stroke.medium)]);
                    pigment::Patch patch = pigment::barePatch(paper);
                    pigment::lay(patch, {&pigment, stroke.manner, pigment::Pressure::medium});
                    images << drawing::imageOf(rendering::sheetPicture(spot, {{patch, {}}}, {}, grain, plan_->light));
                }
            swatches_ << images;
        }
    }

    std::shared_ptr<const planning::Plan> plan_;
    std::vector<materials::Paper> papers_;
    bool isJudged_ = false;
    std::string looked_;
    QList<QList<QImage>> swatches_;
};

PaperStation::PaperStation(Desk& desk) : Station(desk, tr("The offcuts"), tr("the best for your goal first")) {
    asSeen_ = new QCheckBox(tr("As it looks there"));
    asSeen_->setToolTip(tr("Beside its neighbours a colour looks lighter or darker than it measures."));
    choices_->addWidget(asSeen_);
    goal_ = new GoalField(session_);
    addField(choices_, tr("Goal"), goal_);
    best_ = new QPushButton(tr("Take the best ranked"));
    set_ = new QPushButton(tr("Set this paper"));
    choices_->addWidget(best_);
    choices_->addWidget(set_);
    offcuts_ = new Offcuts;
    body_->addWidget(offcuts_, 1);
    offcuts_->onLooked = [this](const std::string& id) {
        looked_ = id;
        refresh();
        Q_EMIT looksDifferent();
    };
    offcuts_->onTaken = [this](const std::string& id) { take(id); };
    connect(asSeen_, &QCheckBox::toggled, this, &PaperStation::looksDifferent);
    connect(set_, &QPushButton::clicked, this, [this] { take(looked_); });
    connect(best_, &QPushButton::clicked, this, [this] { take({}); });
    connect(&session_, &Session::papersOrdered, this, &PaperStation::refresh);
}

void PaperStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    session_.compare(Session::Compared::papers);
}

void PaperStation::take(const std::string& id) {
    session_.choose(tr("Paper"), [&](planning::Study& study) {
        study.paper = id;
        looked_.clear();
    });
}

void PaperStation::refresh() {
    const auto plan = session_.plan();
    goal_->refresh();
    if (!session_.library().paper(looked_)) looked_.clear();
    set_->setEnabled(plan && !looked_.empty() && looked_ != plan->paper.id);
    best_->setEnabled(plan && !session_.study().paper.empty());
    std::vector<materials::Paper> papers;
    const bool isJudged = plan && plan->papers;
    if (isJudged)
        for (const planning::RankedPaper& entry : *plan->papers) papers.push_back(entry.paper);
    else
        papers = session_.firstOrder().empty() ? session_.library().papers : session_.firstOrder();
    if (!plan) papers.clear();
    offcuts_->show(plan, session_.library(), std::move(papers), isJudged, plan ? lookedAt(*plan).id : std::string());
}

const materials::Paper& PaperStation::lookedAt(const planning::Plan& plan) const {
    const materials::Paper* looked = session_.library().paper(looked_);
    return looked ? *looked : plan.paper;
}

QString PaperStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return QString::fromStdString(plan->paper.name);
}

Views PaperStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    const materials::Paper& paper = lookedAt(*plan);
    const cv::Mat picture = colour::pictureUnder(plan->reading->picture, session_.shownLight());
    const cv::Mat zero(plan->stackMap.size(), CV_32S, cv::Scalar(0));
    const cv::Mat grain =
        rendering::grainMap(paper.surface, zero.size(), session_.study().widthMillimetres / zero.cols);
    const cv::Mat sheet =
        rendering::sheetPicture(zero, {{pigment::barePatch(paper), {}}}, {}, grain, session_.shownLight());
    views.sheet = drawing::imageOf(planning::cutOutOn(*plan->reading, picture, sheet, paper, asSeen_->isChecked()));
    views.figure.clear();
    views.sheetCaption =
        (asSeen_->isChecked() ? tr("Subject cut out, as it looks on %1") : tr("Subject cut out, as it measures, on %1"))
            .arg(QString::fromStdString(paper.name));
    return views;
}

QString PaperStation::introduction() const {
    return tr(
        "All your papers, tried with your sticks, the best for your goal first. Choose one by a click and "
        "set it, or leave it to the plan.");
}

MarginText PaperStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    if (!plan) {
        text.head = tr("Paper");
        text.paragraphs << tr("Papers are tried as soon as the subject is read.");
        return text;
    }
    const materials::Paper& paper = lookedAt(*plan);
    text.head = QString::fromStdString(paper.name);
    if (paper.id == plan->paper.id)
        text.paragraphs << (session_.study().paper.empty() ? tr("It is taken because it ranks first.")
                                                           : tr("You have set it."));
    if (const planning::RankedPaper* entry = ranked(*plan, paper.id)) {
        text.paragraphs << tr("%1. Score %2 of 100, %3 of %4: %5.")
                               .arg(QString::fromStdString(paper.maker))
                               .arg(entry->score.points, 0, 'f', 1)
                               .arg(entry - plan->papers->data() + 1)
                               .arg(plan->papers->size())
                               .arg(wording::scoreParts(entry->score));
        text.paragraphs << tr("A quick plan on it, in at most three layers, ends %1 (%2).")
                               .arg(wording::nearnessWords(entry->outcome.picture.mean),
                                    wording::differenceFigure(entry->outcome.picture.mean));
        text.paragraphs << tr("On each piece lie the subject's dark, medium and light, in pencil, soft stick and pan.");
        for (const planning::PaperReason& reason : entry->reasons)
            text.why << wording::paperReasonSentence(reason, *plan);
    } else {
        text.paragraphs << tr("%1. It is being tried.").arg(QString::fromStdString(paper.maker));
    }
    if (const int area = largestInFront(*plan); area >= 0) {
        const auto& samples = plan->stacks[std::size_t(plan->stackOfArea[std::size_t(area)])].samples;
        const auto& most = *std::ranges::max_element(samples, {}, &matching::Sample::weight);
        const double steps = planning::contrastSteps(most.wanted, colour::labFromSrgb8(paper.tone));
        text.why
            << (steps > 0
                    ? tr("Beside it %1 looks %2 of a step lighter than on a middle grey, though it measures the same.")
                    : tr("Beside it %1 looks %2 of a step darker than on a middle grey, though it measures the same."))
                   .arg(wording::areasNamed(*plan, {area}), QString::number(std::fabs(steps), 'f', 1));
    }
    return text;
}

}  // namespace app
