#include "app/paper/paper_station.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/widgets/theme.h"
#include "colour/picture_under.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "rendering/sheet_picture.h"
#include "wording/sentences.h"

namespace app {

namespace {

const planning::RankedPaper* ranked(const planning::Plan& plan, const std::string& id) {
    const auto found = std::ranges::find(plan.papers, id, [](const auto& r) { return r.paper.id; });
    return found == plan.papers.end() ? nullptr : &*found;
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

    void show(std::shared_ptr<const planning::Plan> plan, const std::string& looked) {
        looked_ = looked;
        if (plan != plan_) {
            plan_ = std::move(plan);
            makeSwatches();
        }
        update();
    }

 protected:
    void mousePressEvent(QMouseEvent* event) override {
        if (const int i = offcutAt(event->position()); i >= 0) onLooked(plan_->papers[i].paper.id);
    }
    void mouseDoubleClickEvent(QMouseEvent* event) override {
        if (const int i = offcutAt(event->position()); i >= 0) onTaken(plan_->papers[i].paper.id);
    }
    void keyPressEvent(QKeyEvent* event) override {
        if (!plan_) return;
        const int count = int(plan_->papers.size());
        int i = 0;
        while (i < count && plan_->papers[i].paper.id != looked_) ++i;
        const int step = event->key() == Qt::Key_Right  ? 1
                         : event->key() == Qt::Key_Left ? -1
                         : event->key() == Qt::Key_Down ? columns()
                         : event->key() == Qt::Key_Up   ? -columns()
                                                        : 0;
        if (event->key() == Qt::Key_Return && i < count) return onTaken(looked_);
        if (step == 0) return QWidget::keyPressEvent(event);
        onLooked(plan_->papers[std::clamp((i == count ? 0 : i) + step, 0, count - 1)].paper.id);
    }

    void paintEvent(QPaintEvent*) override {
        if (!plan_) return;
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        for (int i = 0; i < int(plan_->papers.size()); ++i) {
            const planning::RankedPaper& entry = plan_->papers[i];
            const QRectF box = boxOf(i);
            const QRectF piece(box.left(), box.top(), box.width(), box.height() - 21);
            drawing::paintOffcut(painter, piece, entry.paper, unsigned(i) * 7 + 3);
            const double pitch = piece.width() / (double(swatches_[i].size()) + 0.5);
            for (int s = 0; s < int(swatches_[i].size()); ++s)
                painter.drawImage(
                    QRectF(piece.left() + pitch * (s + 0.25), piece.top() + 7, pitch * 0.86, piece.height() - 20),
                    swatches_[i][s]);
            if (entry.paper.id == looked_) drawing::paintSelection(painter, piece);
            const bool taken = entry.paper.id == plan_->paper.id;
            painter.setPen(t.ink);
            painter.setFont(drawing::font(drawing::TypeSize::small, taken));
            const QString words = tr("%1. %2%3")
                                      .arg(i + 1)
                                      .arg(QString::fromStdString(entry.paper.name), taken ? tr(" · set") : QString());
            painter.drawText(QRectF(box.left(), box.bottom() - 19, box.width(), 18), Qt::AlignLeft | Qt::AlignVCenter,
                             painter.fontMetrics().elidedText(words, Qt::ElideRight, int(box.width())));
        }
    }

 private:
    int columns() const { return std::max(1, width() / 196); }
    QRectF boxOf(int i) const {
        const int rows = (int(plan_->papers.size()) + columns() - 1) / columns();
        const double w = double(width()) / columns();
        const double h = double(height()) / std::max(1, rows);
        const int row = i / columns(), column = i % columns();
        return {w * column, h * row, w - 12, h - 4};
    }
    int offcutAt(const QPointF& position) const {
        if (plan_)
            for (int i = 0; i < int(plan_->papers.size()); ++i)
                if (boxOf(i).contains(position)) return i;
        return -1;
    }

    /// The same strokes on every paper: one medium scumble of five of the plan's sticks, spread from dark to light.
    void makeSwatches() {
        swatches_.clear();
        if (!plan_) return;
        std::vector<int> dry;
        for (int i = 0; i < int(plan_->sticks.size()); ++i)
            if (!materials::isWet(plan_->sticks[i].kind)) dry.push_back(i);
        std::ranges::sort(dry, {}, [&](int i) { return plan_->prepared[i].masstone.L; });
        const cv::Mat spot(56, 40, CV_32S, cv::Scalar(0));
        for (const planning::RankedPaper& entry : plan_->papers) {
            QList<QImage> images;
            const cv::Mat grain = rendering::grainMap(entry.paper.surface, spot.size(), 0.35);
            for (int s = 0; s < 5 && !dry.empty(); ++s) {
                const int stick = dry[std::size_t(s) * (dry.size() - 1) / 4];
                pigment::Patch patch = pigment::barePatch(entry.paper);
                pigment::lay(patch,
                             {&plan_->prepared[stick].pigment, pigment::Manner::scumble, pigment::Pressure::medium});
                images << drawing::imageOf(rendering::sheetPicture(spot, {{patch, {}}}, {}, grain, plan_->light));
            }
            swatches_ << images;
        }
    }

    std::shared_ptr<const planning::Plan> plan_;
    std::string looked_;
    QList<QList<QImage>> swatches_;
};

PaperStation::PaperStation(Desk& desk)
    : Station(desk, tr("The offcuts"), tr("the same five sticks on each, best paper first")) {
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
    connect(set_, &QPushButton::clicked, this, [this] { take(looked_); });
    connect(best_, &QPushButton::clicked, this, [this] { take({}); });
}

void PaperStation::take(const std::string& id) {
    session_.choose(tr("Paper"), [&](planning::Study& study) {
        study.paper = id;
        looked_.clear();
    });
}

void PaperStation::refresh() {
    const auto plan = session_.plan();
    if (plan && !ranked(*plan, looked_)) looked_.clear();
    set_->setEnabled(plan && !looked_.empty() && looked_ != plan->paper.id);
    best_->setEnabled(plan && !session_.study().paper.empty());
    offcuts_->show(plan, plan ? lookedAt(*plan) : std::string());
}

const std::string& PaperStation::lookedAt(const planning::Plan& plan) const {
    return looked_.empty() ? plan.paper.id : looked_;
}

QString PaperStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return QString::fromStdString(plan->paper.name);
}

Views PaperStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    const planning::RankedPaper* entry = plan ? ranked(*plan, lookedAt(*plan)) : nullptr;
    if (!entry) return views;
    // The subject cut off its background and set on the paper, as is done with scissors.
    const planning::Reading& reading = *plan->reading;
    const cv::Mat picture = colour::pictureUnder(reading.picture, session_.shownLight());
    const cv::Mat zero(plan->stackMap.size(), CV_32S, cv::Scalar(0));
    const cv::Mat grain =
        rendering::grainMap(entry->paper.surface, zero.size(), session_.study().widthMillimetres / zero.cols);
    cv::Mat sheet =
        rendering::sheetPicture(zero, {{pigment::barePatch(entry->paper), {}}}, {}, grain, session_.shownLight());
    for (int y = 0; y < sheet.rows; ++y)
        for (int x = 0; x < sheet.cols; ++x)
            if (reading.areas.list[reading.areas.map.at<int>(y, x)].plane != subject::Plane::background)
                sheet.at<cv::Vec3b>(y, x) = picture.at<cv::Vec3b>(y, x);
    views.sheet = drawing::imageOf(sheet);
    views.figure.clear();
    views.sheetCaption = tr("Subject without its background, on %1").arg(QString::fromStdString(entry->paper.name));
    return views;
}

QString PaperStation::introduction() const {
    return tr(
        "All your papers with the same swatches, the best first. Choose one by a click and "
        "set it, or leave it to the plan.");
}

MarginText PaperStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    const planning::RankedPaper* entry = plan ? ranked(*plan, lookedAt(*plan)) : nullptr;
    if (!entry) {
        text.head = tr("Paper");
        text.paragraphs << tr("Papers are ranked as soon as the subject is read.");
        return text;
    }
    text.head = QString::fromStdString(entry->paper.name);
    text.paragraphs << tr("%1. Score %2 of 100, %3 of %4.")
                           .arg(QString::fromStdString(entry->paper.maker))
                           .arg(std::lround(entry->score * 100))
                           .arg(entry - plan->papers.data() + 1)
                           .arg(plan->papers.size());
    for (const planning::Reason& reason : entry->reasons) text.why << wording::reasonSentence(reason);
    if (entry->paper.id == plan->paper.id)
        text.paragraphs << (session_.study().paper.empty() ? tr("It is taken because it ranks first.")
                                                           : tr("You have set it."));
    return text;
}

}  // namespace app
