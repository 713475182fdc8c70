#include "app/check/mend_answers.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QLabel>
#include <QRadioButton>

#include "wording/checking.h"
#include "wording/sentences.h"

namespace app {

MendAnswers::MendAnswers() : head_(new QLabel), buttons_(new QWidget), group_(new QButtonGroup(this)) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->addWidget(head_);
    auto* across = new QHBoxLayout(buttons_);
    across->setContentsMargins(0, 0, 0, 0);
    row->addWidget(buttons_);
    connect(group_, &QButtonGroup::idClicked, this, [this](int id) {
        answers_[stack_] = id == int(mending_->stacks[std::size_t(stack_)].mends.size()) ? letBe : id;
        Q_EMIT answered();
    });
}

void MendAnswers::begin(std::shared_ptr<const planning::Plan> plan) {
    plan_ = std::move(plan);
    mending_.reset();
    answers_.clear();
}

void MendAnswers::offer(planning::Mending mending) {
    mending_ = std::move(mending);
}

int MendAnswers::stackOf(int area) const {
    return plan_ && area >= 0 ? plan_->stackOfArea[std::size_t(area)] : -1;
}

const planning::Ways* MendAnswers::waysFor(int area) const {
    const int stack = stackOf(area);
    return mending_ && stack >= 0 ? &mending_->stacks[std::size_t(stack)] : nullptr;
}

int MendAnswers::answerFor(int stack) const {
    if (mending_->stacks[std::size_t(stack)].mends.empty()) return letBe;
    const auto answered = answers_.find(stack);
    return answered == answers_.end() ? 0 : answered->second;
}

const planning::Ways::Way* MendAnswers::takenFor(int area) const {
    const planning::Ways* ways = waysFor(area);
    const int answer = ways ? answerFor(stackOf(area)) : letBe;
    return answer == letBe ? nullptr : &ways->mends[std::size_t(answer)];
}

int MendAnswers::takenCount() const {
    return int(taken().size());
}

std::vector<planning::Checked::Taken> MendAnswers::taken() const {
    std::vector<planning::Checked::Taken> all;
    for (int s = 0; mending_ && s < int(mending_->stacks.size()); ++s) {
        const int area = plan_->stacks[std::size_t(s)].areas.front();
        if (const planning::Ways::Way* way = takenFor(area))
            all.push_back({plan_->reading->areas.list[std::size_t(area)].key, way->mend});
    }
    return all;
}

void MendAnswers::ask(int area) {
    qDeleteAll(buttons_->findChildren<QRadioButton*>());
    stack_ = stackOf(area);
    const planning::Ways* ways = waysFor(area);
    if (!ways) {
        head_->setText(!plan_     ? QString()
                       : mending_ ? tr("Choose an area to answer for it.")
                                  : tr("What would mend it is being tried."));
        return;
    }
    const int count = int(ways->mends.size()), answer = answerFor(stack_);
    const auto add = [&](int id, const QString& words, const QString& sentence) {
        auto* button = new QRadioButton(words);
        button->setToolTip(sentence);
        button->setChecked(id == (answer == letBe ? count : answer));
        group_->addButton(button, id);
        buttons_->layout()->addWidget(button);
    };
    for (int i = 0; i < count; ++i)
        add(i, wording::mendWord(ways->mends[std::size_t(i)].mend), wording::mendSentence(ways->mends[std::size_t(i)]));
    add(count, tr("Let it be"), wording::letBeSentence(*ways));
    head_->setText(tr("%1:").arg(wording::areaName(*plan_, area)));
}

}  // namespace app
