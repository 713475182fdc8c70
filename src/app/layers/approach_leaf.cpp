#include "app/layers/approach_leaf.h"

#include <QComboBox>
#include <QGridLayout>
#include <QInputDialog>
#include <QLabel>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>

#include "app/widgets/fields.h"
#include "app/widgets/flow_row.h"
#include "wording/approach.h"
#include "wording/sentences.h"

namespace app {

using planning::Question;

namespace {

/// The underpainting has a station of its own, where each way shows what comes of it.
std::vector<Question> askedHere() {
    std::vector<Question> questions;
    for (int i = 0; i < planning::questionCount; ++i)
        if (Question(i) != Question::ground) questions.push_back(Question(i));
    return questions;
}

}  // namespace

ApproachLeaf::ApproachLeaf(Session& session) : session_(session), trials_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    column->addWidget(makeNamesRow());
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidget(makeQuestions());
    scroll->viewport()->setAutoFillBackground(false);
    scroll->widget()->setAutoFillBackground(false);
    column->addWidget(scroll, 1);
    connect(&trials_, &StudyTrials::triedOne, this, &ApproachLeaf::showFigures);
    connect(&trials_, &StudyTrials::said, this, &ApproachLeaf::said);
}

QWidget* ApproachLeaf::makeNamesRow() {
    auto* whole = new QWidget;
    auto* row = new FlowRow;
    whole->setLayout(row);
    names_ = new QComboBox;
    names_->setToolTip(tr("Ways of working: those that ship, and your own."));
    names_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    names_->setMinimumContentsLength(34);
    addField(row, tr("Approach"), names_);
    auto* save = new QPushButton(tr("Save under a name"));
    save->setToolTip(tr("Keeps these answers, to be taken in any study."));
    row->addWidget(save);
    forget_ = new QPushButton(tr("Forget this one"));
    forget_->setToolTip(tr("Takes this approach off the list; studies that have it keep it."));
    row->addWidget(forget_);
    now_ = new QLabel;
    row->addStretch();
    row->addWidget(now_);
    connect(save, &QPushButton::clicked, this, &ApproachLeaf::saveUnderName);
    connect(forget_, &QPushButton::clicked, this, &ApproachLeaf::forget);
    connect(names_, &QComboBox::activated, this, [this](int index) {
        const int known = index - 1, saved = known - planning::knownApproachCount;
        if (saved >= 0)
            take(saved_[std::size_t(saved)].approach);
        else if (known >= 0)
            take(planning::approachOf(planning::KnownApproach(known)));
        else
            refresh();
    });
    return whole;
}

QWidget* ApproachLeaf::makeQuestions() {
    auto* whole = new QWidget;
    auto* grid = new QGridLayout(whole);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(measure::grid);
    grid->setVerticalSpacing(0);
    grid->setColumnStretch(1, 1);
    for (const Question question : askedHere()) {
        const int row = grid->rowCount();
        grid->addWidget(new QLabel(wording::questionWord(question)), row, 0, Qt::AlignLeft | Qt::AlignTop);
        auto* answers = new FlowRow;
        grid->addLayout(answers, row, 1);
        for (int answer = 0; answer < planning::answerCount(question); ++answer) {
            auto* button = new AnswerButton(wording::answerWord(question, answer), wording::questionWord(question));
            button->setToolTip(wording::answerSentence(question, answer));
            answers->addWidget(button);
            answers_.push_back({question, answer, button});
            connect(button, &QAbstractButton::clicked, this, [this, question, answer] {
                take(planning::answered(session_.study().approach, question, answer));
            });
            connect(button, &AnswerButton::lookedAt, this, [this, question, answer] {
                lookedAt_ = {question, answer};
                Q_EMIT looksDifferent();
            });
        }
    }
    grid->setRowStretch(grid->rowCount(), 1);
    return whole;
}

void ApproachLeaf::readSaved() {
    isRead_ = true;
    auto saved = storage::readApproaches(storage::usualApproachFile());
    if (saved)
        saved_ = *std::move(saved);
    else
        Q_EMIT said(wording::problemSentence(saved.problem()));
}

void ApproachLeaf::take(const planning::Approach& approach) {
    session_.choose(tr("Approach"), [&](planning::Study& study) { study.approach = approach; });
    refresh();
}

void ApproachLeaf::saveUnderName() {
    bool isTaken = false;
    const QString name =
        QInputDialog::getText(this, tr("Save the approach"), tr("Its name"), QLineEdit::Normal, QString(), &isTaken)
            .trimmed();
    if (!isTaken || name.isEmpty()) return;
    // As they are on the disk now: what cannot be read there is not written over.
    const auto before = storage::readApproaches(storage::usualApproachFile());
    if (!before) return Q_EMIT said(wording::problemSentence(before.problem()));
    keep(storage::with(*before, {name.left(int(planning::mostLetters)).toStdString(), session_.study().approach}));
}

void ApproachLeaf::keep(std::vector<storage::NamedApproach> approaches) {
    const auto done = storage::writeApproaches(storage::usualApproachFile(), approaches);
    if (!done) return Q_EMIT said(wording::problemSentence(done.problem()));
    saved_ = std::move(approaches);
    refresh();
}

void ApproachLeaf::forget() {
    auto without = saved_;
    std::erase_if(without,
                  [&](const storage::NamedApproach& named) { return named.approach == session_.study().approach; });
    keep(std::move(without));
}

void ApproachLeaf::fillNames() {
    const planning::Approach& approach = session_.study().approach;
    names_->clear();
    int current = 0;
    const auto add = [&](const QString& name, const planning::Approach& it) {
        const QString figures = it == approach ? QString() : figuresOf(it);
        names_->addItem(figures.isEmpty() ? name : tr("%1 (%2)").arg(name, figures));
        if (it == approach) current = names_->count() - 1;
    };
    names_->addItem(tr("answers of your own"));
    for (int i = 0; i < planning::knownApproachCount; ++i) {
        const auto known = planning::KnownApproach(i);
        add(wording::knownApproachWord(known), planning::approachOf(known));
    }
    for (const storage::NamedApproach& named : saved_) add(QString::fromStdString(named.name), named.approach);
    names_->setCurrentIndex(current);
    forget_->setEnabled(std::ranges::find(saved_, approach, &storage::NamedApproach::approach) != saved_.end());
}

std::vector<planning::Approach> ApproachLeaf::others() const {
    const planning::Approach& now = session_.study().approach;
    std::vector<planning::Approach> all;
    const auto add = [&](const planning::Approach& approach) {
        if (approach != now && std::ranges::find(all, approach) == all.end()) all.push_back(approach);
    };
    for (const Answer& answer : answers_) add(planning::answered(now, answer.question, answer.answer));
    for (int i = 0; i < planning::knownApproachCount; ++i) add(planning::approachOf(planning::KnownApproach(i)));
    for (const storage::NamedApproach& named : saved_) add(named.approach);
    return all;
}

planning::Study ApproachLeaf::studyBy(const planning::Approach& approach) const {
    planning::Study study = session_.study();
    study.approach = approach;
    return study;
}

bool ApproachLeaf::isTried() const {
    return session_.isPlanCurrent() && std::ranges::all_of(others(), [&](const planning::Approach& approach) {
               return trials_.outcomeOf(studyBy(approach)) != nullptr;
           });
}

QString ApproachLeaf::figuresOf(const planning::Approach& approach) const {
    const planning::PlanOutcome* outcome = trials_.outcomeOf(studyBy(approach));
    return outcome ? wording::outcomeAgainst(*outcome, planning::outcomeOf(*session_.plan())) : QString();
}

void ApproachLeaf::showFigures() {
    const planning::Approach& now = session_.study().approach;
    for (const Answer& it : answers_) {
        const bool isTaken = planning::answerTo(it.question, now) == it.answer;
        it.button->setChecked(isTaken);
        const QString figures = isTaken ? QString() : figuresOf(planning::answered(now, it.question, it.answer));
        it.button->setFigures(isTaken ? tr("as planned") : figures.isEmpty() ? tr("being tried") : figures);
    }
    fillNames();
    now_->setText(session_.plan()
                      ? tr("As planned: %1").arg(wording::outcomeWords(planning::outcomeOf(*session_.plan())))
                      : QString());
    Q_EMIT looksDifferent();
}

void ApproachLeaf::refresh() {
    if (!isVisible()) return trials_.stop();
    std::vector<planning::Study> studies;
    for (const planning::Approach& approach : others()) studies.push_back(studyBy(approach));
    trials_.tryOut(studies);
    showFigures();
}

void ApproachLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    if (!isRead_) readSaved();
    refresh();
}

void ApproachLeaf::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    trials_.stop();
}

MarginText ApproachLeaf::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    text.head = tr("Your way");
    if (lookedAt_) {
        const auto [question, answer] = *lookedAt_;
        text.head = tr("%1: %2").arg(wording::questionWord(question), wording::answerWord(question, answer));
        text.paragraphs << wording::answerSentence(question, answer);
        const QString figures = figuresOf(planning::answered(session_.study().approach, question, answer));
        if (!figures.isEmpty()) text.paragraphs << tr("Against the plan as it is: %1.").arg(figures);
    } else {
        text.paragraphs << tr(
            "No answer is right or wrong. Each says what it would change in this picture: how near the finished sheet "
            "comes, how many layers it takes, and how long, on the paper and the ground of the plan as it is.");
    }
    if (!plan) return text;
    for (const planning::Note& note : plan->notes)
        if (note.topic == planning::NoteTopic::reasonsClash || note.topic == planning::NoteTopic::noFocalArea ||
            note.topic == planning::NoteTopic::noPoints)
            text.cautions << wording::noteSentence(note, *plan);
    return text;
}

}  // namespace app
