#include "app/sticks/gaps_leaf.h"

#include <QPainter>
#include <algorithm>

#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "wording/decimal.h"
#include "wording/sentences.h"

namespace app {

namespace {

constexpr double rowHeight = 44;

}  // namespace

GapsLeaf::GapsLeaf(Desk& desk) : desk_(desk), kept_(desk.session()) {
    setAccessibleName(tr("What would be worth buying"));
    finder_.failed = [this](const common::Problem& problem) { Q_EMIT desk_.said(wording::problemSentence(problem)); };
    connect(&desk_.session(), &Session::opened, this, [this] {
        finder_.stop();
        of_.reset();
        gaps_.clear();
    });
}

std::vector<materials::Material> GapsLeaf::catalogue() const {
    std::vector<materials::Material> all;
    if (desk_.hasDrawer())
        if (const OwnDrawer* own = desk_.drawer())
            for (const materials::Owned& owned : own->drawer().things)
                if (const auto* medium = std::get_if<materials::Material>(&owned.what);
                    medium && owned.stock == materials::Stock::usedUp)
                    all.push_back(*medium);
    all.insert(all.end(), desk_.starter().media.begin(), desk_.starter().media.end());
    return all;
}

void GapsLeaf::find() {
    Session& session = desk_.session();
    if (!session.isPlanCurrent()) return finder_.stop();
    const auto plan = session.plan();
    if (plan == of_) return;
    of_ = plan;
    gaps_.clear();
    const auto tell = finder_.teller<planning::Gap>([this](const planning::Gap& gap) {
        gaps_.push_back(gap);
        std::ranges::stable_sort(gaps_, std::greater{}, &planning::Gap::gain);
        update();
        Q_EMIT looksDifferent();
    });
    finder_.run(
        [plan, tell, study = session.study(), library = session.library(), wanted = catalogue(),
         kept = kept_.inHand()](const common::Progress& progress) {
            return planning::gapsIn(*plan, study, library, wanted, *kept, progress, tell);
        },
        [this](const common::Result<std::vector<planning::Gap>>& found) {
            if (!found) {
                kept_.letGo();
                Q_EMIT desk_.said(wording::problemSentence(found.problem()));
            }
            update();
            Q_EMIT looksDifferent();
        });
}

void GapsLeaf::refresh() {
    if (!isVisible()) {
        if (finder_.isBusy()) of_.reset();  // to be found anew
        return finder_.stop();
    }
    find();
    update();
}

void GapsLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void GapsLeaf::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    refresh();
}

void GapsLeaf::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    double y = 4;
    for (const planning::Gap& gap : gaps_) {
        drawing::paintMaterial(painter, QRectF(0, y + 4, 72, 26), gap.stick.kind,
                               drawing::colourOf(gap.stick.masstone));
        painter.setPen(t.ink);
        painter.setFont(drawing::font(drawing::TypeSize::text, true));
        painter.drawText(QRectF(88, y, width() - 88, 20), Qt::AlignLeft | Qt::AlignVCenter,
                         QString::fromStdString(gap.stick.name));
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.setPen(t.quiet);
        painter.drawText(QRectF(88, y + 19, width() - 88, 18), Qt::AlignLeft | Qt::AlignVCenter,
                         tr("%1, %2, number %3: brings the picture %4 nearer")
                             .arg(QString::fromStdString(gap.stick.maker), wording::kindWord(gap.stick.kind),
                                  QString::fromStdString(gap.stick.id))
                             .arg(wording::decimal(gap.gain, 2)));
        y += rowHeight;
    }
    painter.setPen(t.quiet);
    painter.setFont(drawing::font(drawing::TypeSize::text));
    const QString words = !isWhole()      ? tr("Sticks that are not at hand are being tried.")
                          : gaps_.empty() ? tr("Nothing that is not at hand would bring this picture nearer.")
                                          : QString();
    painter.drawText(QRectF(0, y, width(), 24), Qt::AlignLeft | Qt::AlignVCenter, words);
}

MarginText GapsLeaf::margin() const {
    MarginText text;
    text.head = tr("What to buy");
    text.paragraphs << tr(
        "Of all sticks in the starter materials that you do not own, and of what you have used up, those that would "
        "bring this picture nearest: each was planned with as if you had it.");
    if (!gaps_.empty())
        text.paragraphs << tr("With %1 the difference falls from %2 to %3.")
                               .arg(QString::fromStdString(gaps_.front().stick.name))
                               .arg(wording::decimal(of_->summary.picture.mean, 2))
                               .arg(wording::differenceFigure(of_->summary.picture.mean - gaps_.front().gain));
    text.why << tr("What each gains is told for it alone: two alike do not gain twice.");
    return text;
}

}  // namespace app
