#include "app/bench/bench_station.h"

#include <QAction>
#include <QApplication>
#include <QCheckBox>
#include <QDir>
#include <QFileDialog>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>

#include "app/bench/note_sheet.h"
#include "app/bench/other_stick_sheet.h"
#include "app/bench/whole_screen.h"
#include "app/preferences.h"
#include "app/widgets/fields.h"
#include "app/widgets/squinted.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "planning/stage_picture.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// Wide enough for a knuckle.
constexpr int buttonHeight = 7 * measure::grid, buttonWidth = 80;

/// Width of the station at which they are so large.
constexpr double usualWidth = 834;

}  // namespace

BenchStation::BenchStation(Desk& desk)
    : Station(desk, tr("The step in hand"), tr("as it is laid, so it is kept")), easel_(desk) {
    view_ = new BenchView(easel_, session_);
    view_->placeOf = [this](const std::string& id) { return placeOf(id); };
    body_->addWidget(view_, 1);
    auto* row = new FlowRow;
    done_ = addButton(row, tr("Laid"), Qt::Key_Space, tr("The step is laid"), [this] { spaceBar(); });
    back_ = addButton(row, tr("Take back"), Qt::Key_Backspace, tr("Take back what was done last"),
                      [this] { easel_.takeBack(); });
    lighter_ = addButton(row, tr("Lighter"), Qt::Key_L, tr("Laid lighter than planned"), [this] { easel_.press(-1); });
    heavier_ = addButton(row, tr("Heavier"), Qt::Key_H, tr("Laid heavier than planned"), [this] { easel_.press(1); });
    other_ = addButton(row, tr("Other stick"), Qt::Key_S, tr("Another stick was taken"), [this] { takeOther(); });
    pass_ = addButton(row, tr("Pass over"), Qt::Key_X, tr("Pass this step over"), [this] { easel_.passOver(); });
    note_ = addButton(row, tr("Note"), Qt::Key_N, tr("Write a note"), [this] { writeNote(); });
    photograph_ =
        addButton(row, tr("Photo"), Qt::Key_P, tr("Keep a photograph of the sheet"), [this] { choosePhotograph(); });
    pause_ = addButton(row, tr("Pause"), Qt::Key_U, tr("Pause, or go on"),
                       [this] { easel_.isWorking() ? easel_.pause() : easel_.begin(); });
    body_->addLayout(row);
    dry_ = new QPushButton(tr("It is dry"));
    dry_->setToolTip(tr("What dries longest is dry already: nothing waits for it any more."));
    dry_->setFocusPolicy(Qt::TabFocus);
    connect(dry_, &QPushButton::clicked, this, [this] {
        if (!easel_.timers().waits().empty()) easel_.itIsDry(easel_.timers().waits().front().step);
    });
    choices_->addWidget(dry_);
    fixed_ = new QPushButton(tr("Fixed  F"));
    fixed_->setToolTip(tr("A pass of fixative went over the whole sheet, beside the plan."));
    fixed_->setFocusPolicy(Qt::TabFocus);
    connect(fixed_, &QPushButton::clicked, addKey(Qt::Key_F, tr("The sheet was fixed"), [this] { fix(); }),
            &QAction::trigger);
    choices_->addWidget(fixed_);
    stepBack_ = wholeNumber(0, 120, tr(" min"));
    stepBack_->setToolTip(tr("After so many minutes of work you are asked to step back and look."));
    stepBack_->setSingleStep(5);
    stepBack_->setSpecialValueText(tr("never"));
    stepBack_->setMinimumWidth(stepBack_->sizeHint().width() + measure::inset);
    stepBack_->setValue(stepBackMinutes());
    addField(choices_, tr("Step back every"), stepBack_);
    sound_ = new QCheckBox(tr("Sound when dry"));
    sound_->setToolTip(tr("A sound when something that you wait for is dry."));
    sound_->setChecked(isSoundWanted());
    choices_->addWidget(sound_);
    folder_ = new QPushButton(tr("Watch a folder"));
    folder_->setToolTip(tr("New pictures that a camera puts into a folder are kept by themselves."));
    choices_->addWidget(folder_);
    easel_.stepBackEvery(stepBack_->value());
    connect(stepBack_, &QSpinBox::valueChanged, this, [this](int minutes) {
        setStepBackMinutes(minutes);
        easel_.stepBackEvery(minutes);
    });
    connect(sound_, &QCheckBox::toggled, this, &setSoundWanted);
    connect(folder_, &QPushButton::clicked, this, [this] {
        if (!watched_.folder().isEmpty()) return watchFolder({});
        const QString folder = QFileDialog::getExistingDirectory(this, tr("Where new photographs arrive"));
        if (!folder.isEmpty()) watchFolder(folder);
    });
    connect(&watched_, &WatchedFolder::pictureCame, this, &BenchStation::photograph);
    connect(&easel_, &Easel::changed, this, [this] {
        showState();
        // The pictures are drawn anew for who sees them; the window itself follows the session.
        if (isVisible()) Q_EMIT looksDifferent();
    });
    connect(&easel_, &Easel::dried, this, &BenchStation::sayDry);
    connect(&easel_, &Easel::stepBackDue, this, &BenchStation::stepBack);
    connect(&session_, &Session::planChanged, this, [this] {
        const auto plan = session_.plan();
        if (differenceBefore_ < 0 || !session_.isPlanCurrent()) return;
        otherwise_ = tr("What is left was planned anew: the finished sheet would be %1, and was to be %2.")
                         .arg(wording::differenceFigure(plan->summary.picture.mean),
                              wording::differenceFigure(differenceBefore_));
        differenceBefore_ = -1;
        Q_EMIT looksDifferent();
    });
    connect(&desk_.file(), &StudyFile::kept, this, [this](const planning::Entry& entry) {
        using planning::EntryKind;
        if (entry.kind == EntryKind::done) otherwise_.clear();
    });
    showState();
}

BenchStation::~BenchStation() = default;

QPushButton* BenchStation::addButton(QLayout* row, const QString& words, const QKeySequence& key, const QString& does,
                                     std::function<void()> act) {
    auto* button = new QPushButton(tr("%1\n%2").arg(words, key.toString(QKeySequence::NativeText)));
    button->setMinimumSize(buttonWidth, buttonHeight);
    button->setFocusPolicy(Qt::TabFocus);
    button->setToolTip(does);
    button->setAccessibleName(does);
    row->addWidget(button);
    large_ << button;
    connect(button, &QPushButton::clicked, addKey(key, does, std::move(act)), &QAction::trigger);
    return button;
}

QAction* BenchStation::addKey(const QKeySequence& key, const QString& does, std::function<void()> act) {
    auto* action = new QAction(does, this);
    action->setShortcut(key);
    action->setShortcutContext(Qt::WindowShortcut);
    connect(action, &QAction::triggered, this, std::move(act));
    addAction(action);
    return action;
}

void BenchStation::spaceBar() {
    if (!easel_.isBegun() || easel_.timers().isPaused())
        easel_.begin();
    else
        easel_.done();
}

void BenchStation::showState() {
    const bool isStep = easel_.step() != nullptr, isFree = !easel_.isBusy();
    const bool isRunning = easel_.isWorking();
    done_->setText(tr("%1\nSpace").arg(isRunning ? tr("Laid") : easel_.isBegun() ? tr("Go on") : tr("Begin")));
    done_->setEnabled(isStep && isFree);
    back_->setEnabled(isFree && easel_.standing().toTakeBack() >= 0);
    const int heavier = isStep ? easel_.standing().of(easel_.inHand()).heavier : 0;
    const bool isLaidDry = isStep && easel_.step()->stage != planning::Stage::drawing;
    lighter_->setEnabled(isLaidDry && isFree && isRunning && heavier > -1);
    heavier_->setEnabled(isLaidDry && isFree && isRunning && heavier < 1);
    other_->setEnabled(isStep && isFree && isRunning && easel_.step()->stick >= 0);
    pass_->setEnabled(isStep && isFree && isRunning);
    pause_->setText(tr("%1\nU").arg(easel_.timers().isPaused() ? tr("Go on") : tr("Pause")));
    pause_->setEnabled(easel_.isBegun() && isFree);
    note_->setEnabled(session_.plan() != nullptr);
    photograph_->setEnabled(session_.plan() != nullptr);
    const auto& waits = easel_.timers().waits();
    dry_->setVisible(!waits.empty());
    if (!waits.empty())
        dry_->setText(waits.front().step == planning::wholeSheet ? tr("The sheet is dry")
                                                                 : tr("Step %1 is dry").arg(waits.front().step));
    fixed_->setEnabled(isFree && easel_.standing().isAnythingDone());
    wakefulness_.keep(isVisible() && isRunning);
    const bool isHere = isVisible();
    for (QAction* action : actions()) action->setEnabled(isHere);
}

void BenchStation::forgetStudy() {
    differenceBefore_ = -1;
    otherwise_.clear();
}

void BenchStation::refresh() {
    showState();
    view_->update();
}

void BenchStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    showState();
}

void BenchStation::hideEvent(QHideEvent* event) {
    Station::hideEvent(event);
    showState();
}

void BenchStation::fix() {
    const auto plan = session_.plan();
    if (!plan || easel_.isBusy()) return;
    differenceBefore_ = plan->summary.picture.mean;
    easel_.fixSheet();
}

void BenchStation::resizeEvent(QResizeEvent* event) {
    Station::resizeEvent(event);
    // As all that is read from the easel they grow with the room.
    const double factor = std::clamp(width() / usualWidth, 1.0, 2.0);
    QFont font = drawing::font(drawing::TypeSize::text);
    font.setPixelSize(int(factor * font.pixelSize()));
    for (QPushButton* button : large_) {
        button->setFont(font);
        button->setMinimumSize((factor * QSizeF(buttonWidth, buttonHeight)).toSize());
    }
}

void BenchStation::takeOther() {
    const auto plan = session_.plan();
    const planning::Step* step = easel_.step();
    if (!plan || !step || step->stick < 0 || !easel_.isWorking() || easel_.isBusy()) return;
    auto* sheet =
        new OtherStickSheet(this, *plan, *step, atHand(), [this](const std::string& id) { return placeOf(id); });
    connect(sheet, &OtherStickSheet::taken, this, [this](const materials::Material& stick) {
        differenceBefore_ = session_.plan()->summary.picture.mean;
        easel_.takeStick(stick);
    });
    sheet->open();
}

void BenchStation::writeNote() {
    const planning::Step* step = easel_.step();
    const auto plan = session_.plan();
    if (!plan) return;
    auto* sheet = new NoteSheet(
        this, step ? tr("Step %1: %2").arg(step->number).arg(wording::stepPlace(*plan, *step)) : QString());
    connect(sheet, &NoteSheet::said, this, [this](const QString& words) { easel_.remark(words); });
    sheet->open();
}

void BenchStation::choosePhotograph() {
    if (!session_.plan()) return;
    const QString file = QFileDialog::getOpenFileName(this, tr("A photograph of the sheet as it is now"), {},
                                                      tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)"));
    if (!file.isEmpty()) photograph(file);
}

void BenchStation::photograph(const QString& file) {
    // Several may come at once, and none takes the place of another.
    reader_.append([file](const common::Progress&) { return photographFrom(file); },
                   [this, entry = desk_.file().entryToCome()](const common::Result<planning::SharedBytes>& bytes) {
                       if (!bytes) return desk_.said(wording::problemSentence(bytes.problem()));
                       easel_.photograph(*bytes, QStringLiteral("photo.jpg"));
                   });
}

void BenchStation::watchFolder(const QString& folder) {
    watched_.watch(folder);
    folder_->setText(folder.isEmpty() ? tr("Watch a folder") : tr("Watching %1").arg(QDir(folder).dirName()));
}

void BenchStation::sayDry(int step) {
    const auto plan = session_.plan();
    if (!plan || step > int(plan->steps.size())) return;
    if (sound_->isChecked()) QApplication::beep();
    if (!whole_) whole_ = new WholeScreen(window());
    const QString what =
        step == planning::wholeSheet
            ? tr("The fixed sheet")
            : tr("Step %1: %2").arg(step).arg(wording::stepPlace(*plan, plan->steps[std::size_t(step - 1)]));
    whole_->tell(tr("Dry"), tr("%1. Feel it with the back of a finger: what is still cold is not dry.").arg(what));
}

void BenchStation::stepBack() {
    easel_.steppedBack();
    if (!isVisible()) return;
    const auto plan = session_.plan();
    if (!plan) return;
    const auto looked = [](const QImage& image) {
        constexpr double halfClosed = 0.5;
        return squinted(image.mirrored(true, false), halfClosed);
    };
    if (!whole_) whole_ = new WholeScreen(window());
    whole_->tell(tr("Step back"),
                 tr("What needs to be lighter, darker, warmer? Tap the dust off; rest your eyes and your shoulders."),
                 {{looked(session_.shownPicture()), tr("Subject, mirrored, half-closed eyes")},
                  {looked(sheetAfter(laidUpTo())), tr("Sheet as planned by now, likewise")}});
}

int BenchStation::laidUpTo() const {
    const std::vector<int>& laid = easel_.standing().laid();
    return laid.empty() ? 0 : std::min(*std::ranges::max_element(laid), int(session_.plan()->steps.size()));
}

QString BenchStation::placeOf(const std::string& id) const {
    OwnDrawer* drawer = desk_.drawer();
    const materials::Owned* thing = drawer ? drawer->thing(id) : nullptr;
    if (!thing) return {};
    QStringList words;
    if (!thing->box.empty()) words << QString::fromStdString(thing->box);
    if (thing->slot > 0) words << tr("slot %1").arg(thing->slot);
    return words.join(QStringLiteral(", "));
}

std::vector<materials::Material> BenchStation::atHand() const {
    std::vector<materials::Material> media = session_.library().media;
    if (OwnDrawer* drawer = desk_.drawer())
        for (const materials::Material& own : materials::libraryOf(drawer->drawer()).media)
            if (std::ranges::count(media, own.id, &materials::Material::id) == 0) media.push_back(own);
    return media;
}

QString BenchStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not begun");
    if (easel_.isFinished()) return tr("all is laid");
    int laid = 0;
    for (const planning::Step& step : plan->steps) laid += step.isEmpty || !easel_.standing().isOpen(step.number);
    return easel_.standing().isAnythingDone() ? tr("%1 of %n steps", nullptr, int(plan->steps.size())).arg(laid)
                                              : tr("not begun");
}

Route::Mark BenchStation::mark() const {
    return easel_.isFinished() ? Route::Mark::decided : Route::Mark::open;
}

QString BenchStation::introduction() const {
    return tr(
        "The step in hand stands here in large letters, to be read from the easel. Space begins, and then says "
        "that a step is laid; Backspace takes that back. S: another stick was taken; L and H: laid lighter or "
        "heavier; X passes a step over; N is a note, P a photograph, U a pause; F: the sheet was fixed. Whatever you "
        "do is kept at once, "
        "and what is left is planned from it.");
}

MarginText BenchStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    const planning::Step* step = easel_.step();
    if (!plan) return {tr("No plan yet")};
    QStringList waits;
    for (const planning::EaselWait& wait : easel_.timers().waits())
        if (wait.step <= int(plan->steps.size())) waits << wording::waitHelp(*plan, wait);
    const bool isSheetWet =
        std::ranges::count(easel_.timers().waits(), planning::wholeSheet, &planning::EaselWait::step) > 0;
    if (isSheetWet) text.cautions << wording::solventCaution();
    if (!otherwise_.isEmpty()) text.paragraphs << otherwise_;
    if (!step) {
        text.head = easel_.isFinished() ? tr("All is laid") : tr("Wait");
        text.paragraphs << waits;
        return text;
    }
    text.head = tr("Step %1: %2").arg(step->number).arg(wording::stageWord(step->stage));
    for (const planning::Reason& reason : step->why) text.why << wording::reasonSentence(reason);
    text.paragraphs << waits;
    for (const QString& caution : wording::stepCautions(*plan, session_.study(), *step))
        if (!text.cautions.contains(caution)) text.cautions << caution;
    QStringList notes;
    const planning::Record& record = session_.record();
    for (const planning::Entry& entry : record.entries)
        if (entry.kind == planning::EntryKind::note && entry.step == step->number)
            notes << QString::fromStdString(entry.words);
    if (!notes.isEmpty()) text.paragraphs << tr("You noted here: %1.").arg(notes.join(QStringLiteral("; ")));
    return text;
}

Views BenchStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    const planning::Step* step = easel_.step();
    if (!plan) return views;
    if (!step) {
        views.sheetSteps = laidUpTo();
        views.sheet = sheetAfter(views.sheetSteps);
        views.sheetCaption = easel_.isFinished() ? tr("Sheet, all layers laid") : tr("Sheet as it is laid by now");
        return views;
    }
    views.subject = drawing::hatchedMap(*plan, *step, mapWidth);
    views.subjectCaption = tr("Where step %1 goes, and how hard").arg(step->number);
    views.isReference = false;
    views.sheetSteps = step->number;
    views.sheet = sheetAfter(step->number);
    views.sheetCaption = tr("Sheet when step %1 is laid").arg(step->number);
    views.figure = tr("at the end %1").arg(wording::differenceFigure(plan->summary.picture.mean));
    return views;
}

TrialWish BenchStation::trialWish() const {
    const auto plan = session_.plan();
    const planning::Step* step = easel_.step();
    if (!plan || !step) return {};
    TrialWish wish{{}, plan->paper.id, step->areas};
    if (step->stick >= 0) wish.sticks.push_back(plan->sticks[std::size_t(step->stick)].id);
    return wish;
}

}  // namespace app
