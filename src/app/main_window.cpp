#include "app/main_window.h"

#include <QAbstractSpinBox>
#include <QApplication>
#include <QCloseEvent>
#include <QDialog>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/beginning/beginning.h"
#include "app/preferences.h"
#include "app/stations.h"
#include "app/widgets/drawn_parts.h"
#include "app/widgets/room.h"
#include "app/widgets/squinted.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "wording/counts.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// By which the note of a station is remembered.
QString noteOf(const Station& station) {
    return QLatin1String(station.metaObject()->className());
}

}  // namespace

MainWindow::MainWindow(materials::Library starter, storage::MaterialsStore* store) : desk_(std::move(starter), store) {
    setWindowTitle(tr("Yawning Dune"));
    setAcceptDrops(true);
    letDrawnPartsBeTold();
    makeFrame();
    makeMenus();
    qApp->installEventFilter(this);
    followLifecycle();
    connect(&session_, &Session::studyChanged, this, [this] {
        margin_->setProblem({});
        refresh();
    });
    connect(&session_, &Session::readingChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::planChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::shownLightChanged, this, &MainWindow::showStation);
    connect(&session_, &Session::problemMet, this, &MainWindow::tell);
    connect(&session_, &Session::planningStarted, this, [this] {
        if (!isLeavingShown_) showProgress(tr("Planning anew"));
    });
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
        progressRow_->setVisible(isLeavingShown_);
        refresh();
    });
    connect(&session_, &Session::planningStopped, this, [this] {
        showProgress(tr("Planning stopped"));
        progress_->hide();
        stop_->setText(tr("Go on"));
    });
    connect(&session_.history(), &QUndoStack::cleanChanged, this, [this](bool clean) { setWindowModified(!clean); });
    StudyFile& file = desk_.file();
    connect(&file, &StudyFile::pathMissing, this,
            [this] { tell(tr("What is done at the easel is kept in the study's file: save the study first.")); });
    connect(&file, &StudyFile::problemMet, this, [this](const common::Problem& problem) {
        tell(tr("This is not kept yet, so nothing has moved on. %1").arg(wording::problemSentence(problem)));
    });
    connect(&session_, &Session::recordChanged, this, &MainWindow::refresh);
    connect(&lifecycle_.keeper(), &JournalKeeper::problemMet, this, [this](const common::Problem& problem) {
        tell(tr("What you choose cannot be kept for the case of a crash; save the study elsewhere. %1")
                 .arg(wording::problemSentence(problem)));
    });
    putInPlace(*this, QStringLiteral("main"), {1280, 800});
    refresh();
    goTo(lastStation());
    pictures_->setFocus();
}

MainWindow::~MainWindow() {
    hide();
    desk_.file().finish();
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
    connect(beginning_, &Beginning::demoWanted, &lifecycle_, &StudyLifecycle::openDemo);
    connect(beginning_, &Beginning::fileWanted, &lifecycle_, &StudyLifecycle::openFile);
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
    progressWords_->setWordWrap(true);
    progressColumn->addWidget(progressWords_);
    progress_ = new QProgressBar;
    progress_->setTextVisible(false);
    progress_->setAccessibleName(tr("Planning"));
    progressColumn->addWidget(progress_);
    stop_ = new QPushButton(tr("Stop"));
    stop_->setToolTip(tr("Stops what is being made, or goes on with it; nothing is lost."));
    stop_->setFocusPolicy(Qt::TabFocus);
    connect(stop_, &QPushButton::clicked, this, [this] {
        if (session_.isPlanning() || isOpening())
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

void MainWindow::wantAllNotes() {
    for (const Station* one : stations_) wantNote(noteOf(*one));
    showNote();
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
    whole_->setCurrentIndex(study.reference || isOpening() ? 1 : 0);
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
    route_->setDecided(station(), current->decided(), current->mark());
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
    if (lifecycle_.isLeaving()) return lifecycle_.stay();
    lifecycle_.stopReading();
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

bool MainWindow::isField(const QObject* object) const {
    const auto* widget = qobject_cast<const QWidget*>(object);
    return widget && widget->window() == this &&
           (qobject_cast<const QLineEdit*>(widget) || qobject_cast<const QAbstractSpinBox*>(widget));
}

void MainWindow::holdWhileOpen(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::Show && event->type() != QEvent::Hide) return;
    const auto* sheet = qobject_cast<QDialog*>(watched);
    if (!sheet) return;
    if (event->type() == QEvent::Hide)
        open_.erase(sheet);
    else if (sheet->isModal() && sheet->parentWidget() && sheet->parentWidget()->window() == this)
        open_[sheet] = desk_.file().entryToCome();
}

bool MainWindow::eventFilter(QObject* watched, QEvent* event) {
    holdWhileOpen(watched, event);
    const auto isEscape = [event] { return static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape; };
    // An open list closes by Escape and a field is left by it, which then must not stop the planning too.
    if (event->type() == QEvent::ShortcutOverride && isEscape() &&
        (QApplication::activePopupWidget() || isField(watched)))
        event->accept();
    if (event->type() == QEvent::KeyPress && isEscape() && isField(watched)) {
        // Not all stations show the pictures.
        (pictures_->isVisible() ? static_cast<QWidget*>(pictures_) : route_)->setFocus();
        return true;
    }
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
    openFile(event->mimeData()->urls().first().toLocalFile());
}

void MainWindow::closeEvent(QCloseEvent* event) {
    const bool hasEnded = lifecycle_.hasEnded();
    isClosing_ = true;
    if (hasEnded)
        isLeft_ = true;
    else if (!isLeft_)
        lifecycle_.leave([this] {
            isLeft_ = true;
            if (!isClosing_) close();
        });
    isClosing_ = false;
    if (!isLeft_) return event->ignore();
    isLeft_ = false;
    lifecycle_.stopReading();
    if (!hasEnded) lifecycle_.keeper().discard();  // else it is offered at the next start
    keepPlace(*this, QStringLiteral("main"));
    setLastStation(station());
    for (QWidget* other :
         std::initializer_list<QWidget*>{materials_.get(), practice_.get(), trial_.get(), manual_.get()})
        if (other) other->close();
    event->accept();
}

}  // namespace app
