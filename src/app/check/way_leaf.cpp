#include "app/check/way_leaf.h"

#include <QBoxLayout>
#include <QCheckBox>

#include "app/check/kept_way.h"
#include "app/own_hand.h"
#include "app/preferences.h"
#include "wording/checking.h"

namespace app {

WayLeaf::WayLeaf(Session& session) : session_(session), strip_(new WayStrip) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->addWidget(strip_, 1);
    touch_ = new QCheckBox(tr("Plan new pictures for my touch"));
    touch_->setToolTip(
        tr("How much your hand lays and covers, in the mean of what was checked, is what later plans "
           "reckon with; this sheet too as long as it is not begun."));
    touch_->setChecked(isOwnTouchWanted());
    column->addWidget(touch_);
    connect(touch_, &QCheckBox::clicked, this, [this](bool isWanted) {
        setOwnTouchWanted(isWanted);
        if (session_.record().isEmpty())
            session_.choose(tr("Touch"), [](planning::Study& study) { study.touch = touchOfNewStudies(); });
    });
}

void WayLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void WayLeaf::refresh() {
    const auto plan = session_.plan();
    const planning::Record& record = session_.record();
    if (!plan || !isVisible() || (of_.lock() == plan && entries_ == record.entries.size())) return;
    of_ = plan;
    entries_ = record.entries.size();
    struct Way {
        std::vector<WayStrip::Moment> moments;
        double goal;
        planning::LearntHand learnt;
    };
    reader_.run(
        [plan, record](const common::Progress& progress) {
            return Way{keptWay(*plan, record, progress), plan->summary.picture.mean, ownHand()};
        },
        [this](Way way) {
            strip_->show(std::move(way.moments), way.goal);
            learnt_ = std::move(way.learnt);
            Q_EMIT looksDifferent();
        });
}

MarginText WayLeaf::margin() const {
    MarginText text;
    text.head = tr("What your hand tends to do");
    if (learnt_.photographs == 0) {
        text.paragraphs << tr("That is told once a photograph of the work has been kept.");
        return text;
    }
    text.paragraphs << wording::touchSentence(learnt_.touch);
    for (const planning::Tendency& tendency : learnt_.tendencies)
        text.paragraphs << wording::tendencySentence(tendency);
    if (learnt_.tendencies.empty()) text.paragraphs << tr("Nothing more that chance would not explain.");
    text.why << wording::learntFromSentence(learnt_);
    return text;
}

}  // namespace app
