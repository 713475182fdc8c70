#include "app/main_window.h"

#include <QActionGroup>
#include <QApplication>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <cmath>

#include "app/beginning/beginning.h"
#include "app/preferences.h"
#include "app/stations.h"
#include "app/widgets/drawn_parts.h"
#include "app/widgets/room.h"
#include "app/widgets/squinted.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "wording/counts.h"
#include "wording/language.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// By which the note of a station is remembered.
QString noteOf(const Station& station) {
    return QLatin1String(station.metaObject()->className());
}

/// "subject" for the station of that name.
QString manualPageOf(const Station& station) {
    QString name = QLatin1String(station.metaObject()->className()).mid(5);
    return name.remove(QStringLiteral("Station")).toLower();
}

}  // namespace

MainWindow::MainWindow(materials::Library starter, storage::MaterialsStore* store) : desk_(std::move(starter), store) {
    setWindowTitle(tr("Yawning Dune"));
    setAcceptDrops(true);
    letDrawnPartsBeTold();
    makeFrame();
    makeMenus();
    qApp->installEventFilter(this);
    opening_.failed = [this](const common::Problem& problem) { tell(wording::problemSentence(problem)); };
    connect(&session_, &Session::studyChanged, this, [this] {
        margin_->setProblem({});
        refresh();
    });
    connect(&session_, &Session::readingChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::planChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::shownLightChanged, this, &MainWindow::showStation);
    connect(&session_, &Session::problemMet, this, &MainWindow::tell);
    connect(&session_, &Session::planningStarted, this, [this] { showProgress(tr("Planning anew")); });
    connect(&session_, &Session::detailSeen, pictures_,
            [this](const QImage& image, const QRectF& part) { pictures_->setDetail(false, image, part); });
    connect(&session_, &Session::marksSeen, pictures_, [this](const QImage& image, const QRectF& part, int steps) {
        if (steps == sheetSteps_) pictures_->setDetail(true, image, part);
    });
    connect(pictures_, &PicturePair::detailWanted, this, [this](bool sheet, const QRectF& part, const QSize& pixels) {
        if (!sheet && isReferenceShown_) session_.lookCloser(part, pixels * devicePixelRatio());
        if (sheet && sheetSteps_ >= 0) session_.lookAtMarks(sheetSteps_, part, pixels * devicePixelRatio());
    });
    connect(&session_, &Session::planningProgress, this, [this](double f) { progress_->setValue(int(f * 100)); });
    connect(&session_, &Session::planningEnded, this, [this] {
        progressRow_->hide();
        refresh();
    });
    connect(&session_, &Session::planningStopped, this, [this] {
        showProgress(tr("Planning stopped"));
        progress_->hide();
        stop_->setText(tr("Go on"));
    });
    connect(&session_.history(), &QUndoStack::cleanChanged, this, [this](bool clean) { setWindowModified(!clean); });
    StudyFile& file = desk_.file();
    file.savedSomewhere = [this] { return saveAs(); };
    connect(&file, &StudyFile::pathMissing, this,
            [this] { tell(tr("What is done at the easel is kept in the study's file: save the study first.")); });
    connect(&file, &StudyFile::problemMet, this, [this](const common::Problem& problem) {
        tell(tr("This is not kept yet, so nothing has moved on. %1").arg(wording::problemSentence(problem)));
    });
    connect(&session_, &Session::recordChanged, this, &MainWindow::refresh);
    connect(&keeper_, &JournalKeeper::problemMet, this, [this](const common::Problem& problem) {
        tell(tr("What you choose cannot be kept for the case of a crash; save the study elsewhere. %1")
                 .arg(wording::problemSentence(problem)));
    });
    resize(1280, 800);
    restoreGeometry(windowPlace(QStringLiteral("main")));
    refresh();
    goTo(lastStation());
    pictures_->setFocus();
}

void MainWindow::makeFrame() {
    stations_ = stationsOfTheRoute(desk_);
    connect(&desk_, &Desk::said, this, &MainWindow::tell);
    connect(&desk_, &Desk::openPictureWanted, this, [this] { chooseAndOpen(true); });
    connect(&desk_, &Desk::otherPictureWanted, this, &MainWindow::chooseAndPinUp);
    connect(&desk_, &Desk::constructionWanted, this, &MainWindow::chooseAndExportConstruction);

    auto* frame = new QWidget;
    auto* row = new QHBoxLayout(frame);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    row->addWidget(makeRail());
    row->addWidget(makeMiddle(), 1);
    row->addWidget(makeMargin());
    connect(route_, &Route::chosen, this, &MainWindow::goTo);
    connect(pictures_, &PicturePair::pointed, this, [this](QPointF f) { stations_[station()]->point(f); });
    connect(pictures_, &PicturePair::measured, this, [this](QLineF f) { stations_[station()]->measure(f); });
    connect(pictures_, &PicturePair::scribbled, this,
            [this](const QPolygonF& f) { stations_[station()]->scribble(f); });
    whole_ = new QStackedWidget;
    makeBeginning();
    whole_->addWidget(frame);
    setCentralWidget(roomFor(whole_));
}

void MainWindow::makeBeginning() {
    beginning_ = new Beginning;
    connect(beginning_, &Beginning::pictureWanted, this, [this] { chooseAndOpen(true); });
    connect(beginning_, &Beginning::studyWanted, this, [this] { chooseAndOpen(false); });
    connect(beginning_, &Beginning::demoWanted, this, &MainWindow::openDemo);
    connect(beginning_, &Beginning::fileWanted, this, &MainWindow::openFile);
    whole_->addWidget(beginning_);
}

QWidget* MainWindow::makeRail() {
    auto* rail = new QWidget;
    rail->setObjectName(QStringLiteral("panel"));
    auto* railColumn = new QVBoxLayout(rail);
    railColumn->setContentsMargins(0, 0, 0, 10);
    route_ = new Route;
    QStringList names;
    for (const Station* station : stations_) names << station->name();
    route_->setStations(names);
    railColumn->addWidget(route_, 1);
    progressRow_ = new QWidget;
    auto* progressColumn = new QVBoxLayout(progressRow_);
    progressColumn->setContentsMargins(16, 0, 16, 0);
    progressWords_ = new QLabel;
    progressColumn->addWidget(progressWords_);
    progress_ = new QProgressBar;
    progress_->setTextVisible(false);
    progress_->setAccessibleName(tr("Planning"));
    progressColumn->addWidget(progress_);
    stop_ = new QPushButton(tr("Stop"));
    stop_->setToolTip(tr("Stops what is being made, or goes on with it; nothing is lost."));
    stop_->setFocusPolicy(Qt::TabFocus);
    connect(stop_, &QPushButton::clicked, this, [this] {
        if (session_.isPlanning() || opening_.isBusy())
            stopWork();
        else
            session_.goOnPlanning();
    });
    progressColumn->addWidget(stop_);
    progressRow_->hide();
    railColumn->addWidget(progressRow_);
    return rail;
}

QWidget* MainWindow::makeMiddle() {
    auto* room = new QWidget;
    auto* middle = new QVBoxLayout(room);
    middle->setContentsMargins(0, 0, 0, 0);
    middle->setSpacing(0);
    pictures_ = new PicturePair;
    instruments_ = new QStackedWidget;
    for (Station* station : stations_) {
        instruments_->addWidget(station);
        connect(station, &Station::looksDifferent, this, &MainWindow::showStation);
    }
    middle->addWidget(pictures_, 10);
    middle->addWidget(instruments_, 11);
    return room;
}

QWidget* MainWindow::makeMargin() {
    margin_ = new Margin;
    connect(margin_, &Margin::noteTakenAway, this, [this] {
        takeNoteAway(noteOf(*stations_[station()]));
        showNote();
    });
    return scrolled(*margin_, 262);
}

void MainWindow::makeMenus() {
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& key, auto work) {
        QAction* action = menu->addAction(text);
        action->setShortcut(key);
        connect(action, &QAction::triggered, this, work);
        return action;
    };
    QMenu* study = menuBar()->addMenu(tr("&Study"));
    add(study, tr("New from picture…"), QKeySequence::New, [this] { chooseAndOpen(true); });
    add(study, tr("Pin up another reference…"), {}, [this] { chooseAndPinUp(); });
    add(study, tr("Open study…"), QKeySequence::Open, [this] { chooseAndOpen(false); });
    add(study, tr("Open the demo study \"Kettle\""), {}, [this] { openDemo(QStringLiteral("kettle")); });
    add(study, tr("Open the demo study \"Tea hills\""), {}, [this] { openDemo(QStringLiteral("hills")); });
    add(study, tr("Open the demo evening at the easel"), {}, [this] { openDemo(QStringLiteral("kettle-evening")); });
    study->addSeparator();
    add(study, tr("Begin another sheet of this study"), {}, [this] { beginAnotherSheet(); });
    add(study, tr("Save"), QKeySequence::Save, [this] { save(); });
    add(study, tr("Save as…"), QKeySequence::SaveAs, [this] { saveAs(); });
    add(study, tr("Write the plan for the easel…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { chooseAndExport(); });
    add(study, tr("Export construction drawing (SVG, PDF)…"), {}, [this] { chooseAndExportConstruction(); });
    study->addSeparator();
    add(study, tr("Quit"), QKeySequence::Quit, [this] { close(); });

    QMenu* edit = menuBar()->addMenu(tr("&Edit"));
    QAction* undo = session_.history().createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    QAction* redo = session_.history().createRedoAction(this, tr("Redo"));
    redo->setShortcuts({QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), QKeySequence(Qt::CTRL | Qt::Key_Y)});
    edit->addActions({undo, redo});
    edit->addSeparator();
    add(edit, tr("Stop reading or planning"), QKeySequence(Qt::Key_Escape), [this] { stopWork(); });

    edit->addSeparator();
    for (const Station* station : stations_) edit->addActions(station->actions());
    leftHand_ = edit->addAction(tr("I work with the left hand"));
    leftHand_->setCheckable(true);
    leftHand_->setChecked(workingHand() == planning::Hand::left);
    connect(leftHand_, &QAction::triggered, this, [this](bool left) {
        const planning::Hand hand = left ? planning::Hand::left : planning::Hand::right;
        setWorkingHand(hand);
        if (session_.study().reference)
            session_.choose(tr("The hand that works"), [&](planning::Study& changed) { changed.hand = hand; });
    });
    connect(&session_, &Session::studyChanged, leftHand_, [this] {
        if (session_.study().reference) leftHand_->setChecked(session_.study().hand == planning::Hand::left);
    });

    QMenu* look = menuBar()->addMenu(tr("&Look"));
    using Way = PicturePair::Way;
    for (const auto& [way, text] :
         {std::pair(Way::squint, tr("Squint (hold Q)")), std::pair(Way::values, tr("Values only (hold W)")),
          std::pair(Way::mirror, tr("Mirror (hold E)")), std::pair(Way::upsideDown, tr("Upside down (hold D)")),
          std::pair(Way::other, tr("What the sheet is compared with, in its place (hold A)")),
          std::pair(Way::grid, tr("Grid (R)"))}) {
        QAction* action = look->addAction(text);
        action->setCheckable(true);
        connect(action, &QAction::toggled, this, [this, w = way](bool on) { pictures_->setWay(w, on); });
        connect(pictures_, &PicturePair::wayChanged, action, [action, w = way](Way changed, bool on) {
            if (changed == w) action->setChecked(on);
        });
    }
    glance_ = look->addAction(tr("Under lamp light, or daylight again (hold T)"));
    glance_->setCheckable(true);
    connect(glance_, &QAction::toggled, this, [this](bool on) {
        using colour::Light;
        const Light other = session_.study().light == Light::lamp ? Light::daylight65 : Light::lamp;
        session_.glanceUnder(on ? std::optional(other) : std::nullopt);
    });
    look->addSeparator();
    add(look, tr("Nearer"), QKeySequence::ZoomIn,
        [this] { pictures_->zoomBy(1.4, QPointF(pictures_->width() / 4.0, pictures_->height() / 2.0)); });
    add(look, tr("Further"), QKeySequence::ZoomOut,
        [this] { pictures_->zoomBy(1 / 1.4, QPointF(pictures_->width() / 4.0, pictures_->height() / 2.0)); });
    for (const auto& [words, centimetres] :
         {std::pair(tr("The sheet from 2 cm"), 2.0), std::pair(tr("The sheet from 20 cm"), 20.0),
          std::pair(tr("The sheet from 2 m"), 200.0)})
        add(look, words, {}, [this, away = centimetres] { pictures_->lookFrom(away); });
    add(look, tr("Whole picture"), QKeySequence(Qt::CTRL | Qt::Key_0), [this] { pictures_->fit(); });
    look->addSeparator();
    const auto takeTheme = [this](ThemeName name) {
        applyTheme(name);
        setFrameTheme(name);
        for (QWidget* widget : findChildren<QWidget*>()) widget->update();
    };
    add(look, tr("Mid grey frame"), {}, [takeTheme] { takeTheme(ThemeName::mid); });
    add(look, tr("Evening frame"), {}, [takeTheme] { takeTheme(ThemeName::evening); });

    look->addSeparator();
    QMenu* larger = look->addMenu(tr("Words and controls larger"));
    auto* sizes = new QActionGroup(this);
    for (const int percent : {100, 125, 150, 200}) {
        QAction* action = larger->addAction(tr("%1 %").arg(percent));
        action->setCheckable(true);
        action->setChecked(std::lround(magnification() * 100) == percent);
        sizes->addAction(action);
        connect(action, &QAction::triggered, this, [this, percent] {
            setMagnification(percent / 100.0);
            tell(tr("Words and controls have %1 % of their usual size from the next start on.").arg(percent));
        });
    }

    QMenu* spoken = look->addMenu(tr("Language"));
    auto* tongues = new QActionGroup(this);
    std::vector<wording::Language> choices{{{}, tr("As the system")}};
    choices.insert(choices.end(), wording::languages().begin(), wording::languages().end());
    for (const wording::Language& choice : choices) {
        QAction* action = spoken->addAction(choice.name);
        action->setCheckable(true);
        action->setChecked(choice.code == language());
        tongues->addAction(action);
        connect(action, &QAction::triggered, this, [this, choice] {
            setLanguage(choice.code);
            tell(tr("Yawning Dune speaks this language from its next start on."));
        });
    }

    QMenu* go = menuBar()->addMenu(tr("&Route"));
    for (int i = 0; i < int(stations_.size()); ++i)
        add(go, stations_[i]->name(), QKeySequence(Qt::Key_1 + i), [this, i] { goTo(i); });

    go->addSeparator();
    add(go, tr("Materials"), QKeySequence(Qt::Key_M), [this] {
        toFront(*materialsWindow());
    })->setEnabled(desk_.hasDrawer());
    add(go, tr("Practice"), QKeySequence(Qt::Key_I), [this] {
        toFront(*practiceWindow());
    })->setEnabled(desk_.hasDrawer());
    add(go, tr("Trial sheet, with what is in hand"), QKeySequence(Qt::Key_Y),
        [this] { tryOut(stations_[station()]->trialWish()); });

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("Manual, at this page"), QKeySequence::HelpContents,
        [this] { openManual(isAtBeginning() ? QStringLiteral("begin") : manualPageOf(*stations_[station()])); });
    add(help, tr("All keys"), QKeySequence(Qt::CTRL | Qt::Key_F1), [this] { openManual(QStringLiteral("keys")); });
    help->addSeparator();
    add(help, tr("Working safely"), {}, [this] {
        QStringList sentences;
        for (const planning::NoteTopic topic : {planning::NoteTopic::dust, planning::NoteTopic::heatAndWater})
            sentences << wording::noteSentence({planning::NoteKind::safety, topic, {}, {}, 0}, {});
        QMessageBox::information(this, tr("Working safely"), sentences.join(QStringLiteral("\n\n")));
    });
    add(help, tr("Notes of a first study again"), {}, [this] {
        for (const Station* one : stations_) wantNote(noteOf(*one));
        showNote();
    });
    add(help, tr("About Yawning Dune"), {}, [this] {
        QMessageBox::about(this, tr("About Yawning Dune"),
                           tr("Yawning Dune %1 plans soft-pastel pictures: paper, sticks, underpainting and the order "
                              "of layers.\nFree software under the GNU GPL, version 3 or later.")
                               .arg(QApplication::applicationVersion()));
    });
}

int MainWindow::station() const {
    return instruments_->currentIndex();
}

void MainWindow::goTo(int station) {
    if (station < 0 || station >= int(stations_.size())) return;
    instruments_->setCurrentIndex(station);
    route_->setCurrent(station);
    stations_[station]->refresh();
    showStation();
    showNote();
}

void MainWindow::refresh() {
    const planning::Study& study = session_.study();
    const auto plan = session_.plan();
    QString summary = tr("no plan yet");
    if (plan)
        summary = tr("%1, %2, %3")
                      .arg(wording::stepCount(int(plan->steps.size())), wording::duration(plan->summary.minutes),
                           wording::stickCount(int(plan->sticks.size())));
    route_->setTitle(study.title.empty() ? tr("New study") : QString::fromStdString(study.title), summary);
    for (int i = 0; i < int(stations_.size()); ++i) {
        stations_[i]->refresh();
        route_->setDecided(i, stations_[i]->decided(), stations_[i]->mark());
    }
    whole_->setCurrentIndex(study.reference || opening_.isBusy() ? 1 : 0);
    setWindowTitle(
        tr("%1[*] · Yawning Dune").arg(study.title.empty() ? tr("New study") : QString::fromStdString(study.title)));
    showStation();
}

void MainWindow::showStation() {
    const Station* current = stations_[station()];
    const Views views = current->views();
    const colour::Light light = session_.shownLight();
    const QString subjectCaption = light == colour::Light::daylight65
                                       ? views.subjectCaption
                                       : tr("%1, both under %2").arg(views.subjectCaption, wording::lightWord(light));
    const planning::Study& study = session_.study();
    pictures_->setSquint(study.squint, squinted);
    isReferenceShown_ = views.isReference;
    sheetSteps_ = views.sheetSteps;
    pictures_->setGrid(views.gridMillimetres, {study.widthMillimetres, study.heightMillimetres});
    pictures_->setSubject(views.subject, subjectCaption);
    pictures_->setSheet(views.sheet, views.sheetCaption, views.figure);
    pictures_->setOther(views.other);
    pictures_->setOutline(views.outline);
    pictures_->setHand(views.hand);
    pictures_->setOverlays(views.overlays);
    margin_->setText(current->margin());
}

void MainWindow::showNote() {
    const Station& current = *stations_[station()];
    margin_->setNote(isNoteWanted(noteOf(current)) ? current.introduction() : QString());
}

void MainWindow::tell(const QString& problem) {
    beginning_->setProblem(problem);
    margin_->setProblem(problem);
}

void MainWindow::setStoreProblem(const common::Problem& problem) {
    desk_.setStoreProblem(problem);
    tell(wording::problemSentence(problem));
}

void MainWindow::showProgress(const QString& what) {
    progressWords_->setText(what);
    progress_->setRange(0, 100);
    progress_->setValue(0);
    progress_->show();
    stop_->setText(tr("Stop"));
    progressRow_->show();
}

void MainWindow::stopWork() {
    if (opening_.isBusy()) {
        opening_.stop();
        progressRow_->setVisible(session_.isPlanning());
    }
    session_.stopPlanning();
}

std::optional<PicturePair::Way> MainWindow::heldWay(int key) const {
    switch (key) {
        case Qt::Key_Q:
            return PicturePair::Way::squint;
        case Qt::Key_W:
            return PicturePair::Way::values;
        case Qt::Key_E:
            return PicturePair::Way::mirror;
        case Qt::Key_D:
            return PicturePair::Way::upsideDown;
        case Qt::Key_A:
            return PicturePair::Way::other;
        default:
            return std::nullopt;
    }
}

bool MainWindow::isAtBeginning() const {
    return whole_->currentWidget() == beginning_;
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    // An open list closes by Escape, which then must not stop the planning too.
    if (event->type() == QEvent::ShortcutOverride && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape &&
        QApplication::activePopupWidget())
        event->accept();
    return QMainWindow::eventFilter(watched, event);
}

void MainWindow::keyPressEvent(QKeyEvent* event) {
    const auto way = heldWay(event->key());
    if (way && event->modifiers() == Qt::NoModifier) {
        if (!event->isAutoRepeat()) pictures_->setWay(*way, true);
    } else if (event->key() == Qt::Key_T && event->modifiers() == Qt::NoModifier) {
        if (!event->isAutoRepeat()) glance_->setChecked(true);
    } else if (event->key() == Qt::Key_R && event->modifiers() == Qt::NoModifier && !event->isAutoRepeat()) {
        pictures_->setWay(PicturePair::Way::grid, !pictures_->way(PicturePair::Way::grid));
    } else {
        QMainWindow::keyPressEvent(event);
    }
}

void MainWindow::keyReleaseEvent(QKeyEvent* event) {
    const auto way = heldWay(event->key());
    if (way && !event->isAutoRepeat())
        pictures_->setWay(*way, false);
    else if (event->key() == Qt::Key_T && !event->isAutoRepeat())
        glance_->setChecked(false);
    else
        QMainWindow::keyReleaseEvent(event);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() && event->mimeData()->urls().first().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    if (mayDiscard()) openFile(event->mimeData()->urls().first().toLocalFile());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    if (!mayDiscard()) return event->ignore();
    keeper_.discard();
    setWindowPlace(QStringLiteral("main"), saveGeometry());
    setLastStation(station());
    if (materials_) materials_->close();
    if (practice_) practice_->close();
    event->accept();
}

}  // namespace app
