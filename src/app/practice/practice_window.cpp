#include "app/practice/practice_window.h"

#include <QCloseEvent>
#include <QDateTime>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QLocale>
#include <QMenuBar>
#include <QPushButton>
#include <QStackedWidget>
#include <algorithm>

#include "app/file_to_write.h"
#include "app/own_hand.h"
#include "app/preferences.h"
#include "app/widgets/measure.h"
#include "app/widgets/room.h"
#include "drawing/fonts.h"
#include "planning/eye_training.h"
#include "print/practice_report.h"
#include "storage/practice_csv.h"
#include "storage/whole_file.h"
#include "wording/practising.h"
#include "wording/sentences.h"

namespace app {

using practice::Exercise;

namespace {

constexpr int mostChoices = 4;

std::int64_t now() {
    return QDateTime::currentMSecsSinceEpoch();
}

}  // namespace

PracticeWindow::PracticeWindow(storage::MaterialsStore& store, std::function<practice::Sources()> sources)
    : store_(store), sources_(std::move(sources)) {
    setWindowTitle(tr("Practice · Yawning Dune"));
    makeFrame();
    makeMenu();
    putInPlace(*this, QStringLiteral("practice"), {1180, 740});
    if (const auto why = store_.whyReadOnly()) margin_->setProblem(wording::problemSentence(*why));
    read();
}

void PracticeWindow::makeFrame() {
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(measure::edge, measure::edge, 0, measure::edge);
    row->setSpacing(measure::edge);
    exercises_ = new QListWidget;
    exercises_->setAccessibleName(tr("Exercises, what wants training most first"));
    exercises_->setFixedWidth(260);
    exercises_->setWordWrap(true);
    row->addWidget(exercises_);

    auto* middle = new QVBoxLayout;
    sentence_ = new QLabel;
    sentence_->setFont(drawing::font(drawing::TypeSize::head));
    sentence_->setWordWrap(true);
    middle->addWidget(sentence_);
    middle_ = new QStackedWidget;
    curve_ = new ThresholdCurve;
    view_ = new QuestionView;
    middle_->addWidget(curve_);
    middle_->addWidget(view_);
    lesson_ = new DrawingLesson;
    middle_->addWidget(lesson_);
    connect(lesson_, &DrawingLesson::measured, this, &PracticeWindow::takeDrawing);
    connect(lesson_, &DrawingLesson::refused, this, [this](const QString& sentence) {
        margin_->setProblem(sentence);
        describe();
    });
    middle->addWidget(middle_, 1);
    auto* buttons = new QHBoxLayout;
    for (int i = 0; i < mostChoices; ++i) {
        auto* choice = new QPushButton;
        choice->setFocusPolicy(Qt::TabFocus);
        choice->setVisible(false);
        connect(choice, &QPushButton::clicked, this, [this, i] { answer(i); });
        buttons->addWidget(choice);
        choices_.push_back(choice);
    }
    begin_ = new QPushButton;
    begin_->setToolTip(tr("Begins the exercise that is chosen, or goes on with it."));
    begin_->setFocusPolicy(Qt::TabFocus);
    connect(begin_, &QPushButton::clicked, this, [this] {
        if (isDrawing()) return goOnDrawing();
        isAsking() ? goOn() : begin();
    });
    buttons->addWidget(begin_);
    buttons->addStretch(1);
    end_ = new QPushButton(tr("Break off"));
    end_->setFocusPolicy(Qt::TabFocus);
    end_->setToolTip(tr("Nothing is lost: the sitting can be gone on with today"));
    connect(end_, &QPushButton::clicked, this, &PracticeWindow::end);
    buttons->addWidget(end_);
    middle->addLayout(buttons);
    row->addLayout(middle, 1);

    margin_ = new Margin;
    row->addWidget(scrolled(*margin_, 282));
    setCentralWidget(roomFor(whole));

    connect(exercises_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item) choose(static_cast<Exercise>(item->data(Qt::UserRole).toInt()));
    });
    // Return comes through the window.
    connect(exercises_, &QListWidget::itemDoubleClicked, this, [this] { begin(); });
}

void PracticeWindow::makeMenu() {
    QMenu* menu = menuBar()->addMenu(tr("&Practice"));
    QAction* write = menu->addAction(tr("Export results…"));
    write->setShortcut(QKeySequence(Qt::CTRL | Qt::Key_E));
    connect(write, &QAction::triggered, this, [this] {
        const QString file = fileToWrite(this, tr("Export results"), {}, tr("Tables (*.csv)"));
        if (!file.isEmpty()) exportTo(file);
    });
    QAction* week = menu->addAction(tr("The week as PDF…"));
    week->setShortcut(QKeySequence::Print);
    connect(week, &QAction::triggered, this, [this] {
        const QString file = fileToWrite(this, tr("The week as PDF"), {}, tr("Sheets (*.pdf)"));
        if (!file.isEmpty()) printTo(file);
    });
    QAction* shut = menu->addAction(tr("Close"));
    shut->setShortcut(QKeySequence::Close);
    connect(shut, &QAction::triggered, this, &QWidget::close);
}

void PracticeWindow::exportTo(const QString& file) {
    tellWritten(storage::writeWhole(file.toStdString(), storage::practiceCsv(practice::sittingsOf(answers_))), file);
}

void PracticeWindow::printTo(const QString& file) {
    tellWritten(print::writePracticeReport({answers_, noticed_, now()}, file), file);
}

void PracticeWindow::tellWritten(const common::Done& written, const QString& file) {
    margin_->setProblem(written ? tr("Written to %1.").arg(file) : wording::problemSentence(written.problem()));
}

void PracticeWindow::read() {
    const auto answers = store_.answers();
    if (answers)
        answers_ = *answers;
    else
        margin_->setProblem(wording::problemSentence(answers.problem()));
    list();
    if (!exercises_->currentItem()) exercises_->setCurrentRow(0);
}

void PracticeWindow::list() {
    const Exercise chosen = exercise();
    const bool hadChosen = exercises_->currentItem() != nullptr;
    sittings_ = practice::sittingsOf(answers_);
    const QSignalBlocker quiet(exercises_);
    exercises_->clear();
    for (const practice::Training& training : practice::trainingOf(sittings_, noticed_, now())) {
        const auto last = std::find_if(sittings_.rbegin(), sittings_.rend(), [&](const practice::Sitting& sitting) {
            return sitting.exercise == training.exercise;
        });
        QString told;
        if (last != sittings_.rend()) {
            told = wording::apartWords(training.exercise, last->threshold.middle);
            if (!last->isEnough)
                told = tr("broken off after %n answers", nullptr, last->trials);
            else if (training.due > now())
                told = tr("%1, again on %2")
                           .arg(told, QLocale().toString(QDateTime::fromMSecsSinceEpoch(training.due),
                                                         QStringLiteral("d MMM")));
            else
                told = tr("%1, to be repeated").arg(told);
        }
        const QString name = wording::exerciseName(training.exercise);
        auto* item = new QListWidgetItem(told.isEmpty() ? name : name + QLatin1Char('\n') + told, exercises_);
        const int lines = told.isEmpty() ? 1 : 2;
        item->setSizeHint({0, lines * exercises_->fontMetrics().height() + measure::grid});
        item->setData(Qt::UserRole, int(training.exercise));
        if (hadChosen && training.exercise == chosen) exercises_->setCurrentItem(item);
    }
}

Exercise PracticeWindow::exercise() const {
    const QListWidgetItem* item = exercises_->currentItem();
    return item ? static_cast<Exercise>(item->data(Qt::UserRole).toInt()) : Exercise::lighter;
}

std::vector<practice::Sitting> PracticeWindow::sittings() const {
    std::vector<practice::Sitting> own = sittings_;
    std::erase_if(own, [this](const practice::Sitting& sitting) { return sitting.exercise != exercise(); });
    return own;
}

bool PracticeWindow::isAsking() const {
    return staircase_.has_value();
}

void PracticeWindow::choose(Exercise exercise) {
    staircase_.reset();
    isAnsweredWrong_ = false;
    curve_->show(exercise, sittings());
    describe();
}

void PracticeWindow::begin() {
    asked_ = sources_();
    if (!practice::canAsk(exercise(), asked_)) return describe();
    margin_->setProblem({});
    sitting_ = now();
    if (practice::isDrawn(exercise())) return beginDrawing();
    std::vector<practice::Answer> given;
    // One that was broken off today is gone on with.
    if (const auto own = sittings(); !own.empty() && !own.back().isEnough &&
                                     QDateTime::fromMSecsSinceEpoch(own.back().begun).date() == QDate::currentDate()) {
        sitting_ = own.back().begun;
        for (const practice::Answer& answer : answers_)
            if (answer.sitting == sitting_ && answer.exercise == exercise()) given.push_back(answer);
    }
    staircase_ = practice::after(practice::Staircase(practice::factsOf(exercise()).scale), given);
    ask();
}

void PracticeWindow::beginDrawing() {
    lesson_->begin(asked_);
    describe();
}

void PracticeWindow::goOnDrawing() {
    switch (lesson_->stage()) {
        case DrawingLesson::Stage::looking:
            lesson_->hideSubject();
            return describe();
        case DrawingLesson::Stage::drawing: {
            const QString file =
                QFileDialog::getOpenFileName(this, tr("The drawing's photograph"), {}, photographKinds());
            if (!file.isEmpty()) readDrawing(file);
            return;
        }
        case DrawingLesson::Stage::told:
        case DrawingLesson::Stage::off:
            return end();
    }
}

void PracticeWindow::readDrawing(const QString& file) {
    margin_->setProblem({});
    lesson_->read(file);
    describe();
}

void PracticeWindow::takeDrawing() {
    const double trained = practice::factsOf(exercise()).trained;
    for (const review::DrawnShape& shape : lesson_->drawn().shapes) {
        const double off = 100 * shape.apart;
        const practice::Answer measured{exercise(), sitting_, now(), off, off <= trained};
        if (const auto kept = store_.addAnswer(measured); !kept)
            margin_->setProblem(wording::problemSentence(kept.problem()));
        answers_.push_back(measured);
    }
    describe();
}

void PracticeWindow::ask() {
    isAnsweredWrong_ = false;
    // One that was not answered comes again.
    view_->ask(practice::ask(exercise(), staircase_->next(), asked_, unsigned(answers_.size())));
    describe();
}

void PracticeWindow::answer(int choice) {
    if (!isAsking() || isAnsweredWrong_ || choice >= wording::answerWords(*view_->question()).size()) return;
    const practice::Question& question = *view_->question();
    const practice::Answer given{exercise(), sitting_, now(), question.apart, choice == question.right};
    // What cannot be kept is said, and still counts for this sitting.
    if (const auto kept = store_.addAnswer(given); !kept) margin_->setProblem(wording::problemSentence(kept.problem()));
    answers_.push_back(given);
    staircase_->answer(given.apart, given.isRight);
    if (given.isRight) return goOn();
    isAnsweredWrong_ = true;
    view_->tellTruth();
    describe();
}

void PracticeWindow::goOn() {
    if (practice::isEnough(*staircase_)) return end();
    ask();
}

void PracticeWindow::end() {
    staircase_.reset();
    lesson_->end();
    isAnsweredWrong_ = false;
    list();
    curve_->show(exercise(), sittings());
    describe();
}

void PracticeWindow::keyPressEvent(QKeyEvent* event) {
    const int key = event->key();
    if (isAsking() && isAnsweredWrong_ && (key == Qt::Key_Return || key == Qt::Key_Enter || key == Qt::Key_Space))
        return goOn();
    if (isAsking() && key >= Qt::Key_1 && key < Qt::Key_1 + mostChoices) return answer(key - Qt::Key_1);
    if ((isAsking() || isDrawing()) && key == Qt::Key_Escape) return end();
    if (isDrawing() && (key == Qt::Key_Return || key == Qt::Key_Enter)) return goOnDrawing();
    if (!isAsking() && (key == Qt::Key_Return || key == Qt::Key_Enter)) return begin();
    QMainWindow::keyPressEvent(event);
}

void PracticeWindow::showEvent(QShowEvent* event) {
    QMainWindow::showEvent(event);
    if (!isAsking()) read();
    // What Check has noticed lies in the logs.
    hand_.run([](const common::Progress&) { return planning::noticedIn(ownHand()); },
              [this](std::vector<practice::Noticed> noticed) {
                  noticed_ = std::move(noticed);
                  if (isAsking()) return;
                  list();
                  describe();
              });
}

void PracticeWindow::closeEvent(QCloseEvent* event) {
    if (isAsking() || isDrawing()) end();
    keepPlace(*this, QStringLiteral("practice"));
    event->accept();
}

void PracticeWindow::describeDrawing(MarginText& text) const {
    switch (lesson_->stage()) {
        case DrawingLesson::Stage::looking:
            sentence_->setText(wording::exerciseQuestion(exercise()));
            text.paragraphs << tr("Look as long as you like, then go on with Return: the picture is gone then.");
            break;
        case DrawingLesson::Stage::drawing:
            sentence_->setText(lesson_->isReading() ? tr("The photograph is being read.")
                                                    : tr("Draw it from memory, on a sheet of its format."));
            text.paragraphs << tr("The sheet's edges are the picture's. Draw the outlines closed and dark.");
            text.paragraphs << tr(
                "Photograph it whole and upright on a darker table, then choose the photograph with Return.");
            break;
        case DrawingLesson::Stage::told:
        case DrawingLesson::Stage::off:
            sentence_->setText(wording::drawnSentence(lesson_->drawn()));
            text.paragraphs << tr("The double lines are where the subject has its shapes.");
            text.paragraphs << tr("Shapes that were found: %1.").arg(lesson_->drawn().shapes.size());
            break;
    }
}

void PracticeWindow::describe() {
    middle_->setCurrentWidget(isDrawing()  ? static_cast<QWidget*>(lesson_)
                              : isAsking() ? static_cast<QWidget*>(view_)
                                           : curve_);
    const bool isOn = isAsking() || isDrawing();
    exercises_->setEnabled(!isOn);
    const QStringList words =
        isAsking() && !isAnsweredWrong_ ? wording::answerWords(*view_->question()) : QStringList();
    for (int i = 0; i < mostChoices; ++i) {
        QPushButton& choice = *choices_[std::size_t(i)];
        choice.setVisible(i < words.size());
        if (i >= words.size()) continue;
        // Of more than two the number is enough: it stands by what is meant.
        choice.setText(words.size() == 2 ? tr("%1  %2").arg(i + 1).arg(words[i]) : QLocale().toString(i + 1));
        choice.setAccessibleName(words[i]);
    }
    const bool isPossible = practice::canAsk(exercise(), isAsking() ? asked_ : sources_());
    const std::vector<practice::Sitting> own = sittings();
    begin_->setVisible(!isAsking() || isAnsweredWrong_);
    begin_->setEnabled(isPossible && !lesson_->isReading());
    begin_->setText(lesson_->stage() == DrawingLesson::Stage::drawing ? tr("Choose the photograph…")
                    : isOn                                            ? tr("Go on")
                                                                      : tr("Begin"));
    end_->setVisible(isOn && lesson_->stage() != DrawingLesson::Stage::told);
    // Where keys go: to the question, or to the list.
    isOn ? setFocus() : exercises_->setFocus();

    MarginText text;
    text.head = wording::exerciseName(exercise());
    text.paragraphs << wording::exerciseSentence(exercise());
    if (!isPossible) text.paragraphs << tr("It needs the colours of a subject and five sticks: open a study first.");
    if (isDrawing()) {
        describeDrawing(text);
    } else if (isAsking()) {
        sentence_->setText(isAnsweredWrong_ ? wording::truthSentence(*view_->question())
                                            : wording::questionSentence(*view_->question()));
        text.paragraphs << tr("Answered so far: %1.").arg(staircase_->trials());
        text.paragraphs << (isAnsweredWrong_ ? tr("Look until you see it, then go on with Return.")
                                             : tr("Press the number of your answer; Escape breaks off."));
    } else {
        sentence_->setText(text.head);
        if (!own.empty())
            text.paragraphs << (practice::isDrawn(exercise())
                                    ? tr("You were off by %1, over %n shapes.", nullptr, own.back().trials)
                                    : tr("You tell %1 apart, after %n answers.", nullptr, own.back().trials))
                                   .arg(wording::thresholdWords(exercise(), own.back().threshold));
        for (const practice::Noticed& it : noticed_)
            if (it.exercise == exercise())
                text.paragraphs << tr("Check has noticed that your sheets come out otherwise in this.");
    }
    text.why
        << (practice::isDrawn(exercise())
                ? tr("Measured is how far outlines lie beside their places, once what the whole drawing is off by "
                     "has been taken off. The bounds hold the mean in nine of ten.")
                : tr("Each question stands where its answer tells most. What you tell apart is where you are right "
                     "in about two of three cases beyond guessing; the bounds hold it in nine of ten."));
    margin_->setText(text);
}

}  // namespace app
