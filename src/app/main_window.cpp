#include "app/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QJsonDocument>
#include <QKeyEvent>
#include <QLabel>
#include <QMenu>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <cmath>

#include "app/layers/layers_station.h"
#include "app/paper/paper_station.h"
#include "app/sticks/sticks_station.h"
#include "app/subject/subject_station.h"
#include "app/underpainting/underpainting_station.h"
#include "app/values/values_station.h"
#include "app/widgets/theme.h"
#include "common/file.h"
#include "drawing/fonts.h"
#include "drawing/section.h"
#include "planning/stage_picture.h"
#include "print/construction_sheets.h"
#include "print/plan_sheets.h"
#include "storage/document.h"
#include "storage/plan_export.h"
#include "subject/squint.h"
#include "wording/sentences.h"

namespace app {

namespace {

QString pictureFiles() {
    return MainWindow::tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp)");
}

}  // namespace

MainWindow::MainWindow(materials::Library starter, storage::MaterialsStore* store)
    : starter_(std::move(starter)), store_(store) {
    setWindowTitle(tr("Yawning Dune"));
    setAcceptDrops(true);
    makeFrame();
    makeMenus();
    connect(&session_, &Session::studyChanged, this, [this] {
        margin_->setProblem({});
        refresh();
    });
    connect(&session_, &Session::readingChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::planChanged, this, &MainWindow::refresh);
    connect(&session_, &Session::shownLightChanged, this, &MainWindow::showStation);
    connect(&session_, &Session::problemMet, this, &MainWindow::say);
    connect(&session_, &Session::planningStarted, this, [this] { showProgress(tr("Planning anew")); });
    connect(&session_, &Session::detailSeen, pictures_, &PicturePair::setDetail);
    connect(pictures_, &PicturePair::detailWanted, this, [this](const QRectF& part, const QSize& pixels) {
        if (stations_[station()]->views().isReference) session_.lookCloser(part, pixels * devicePixelRatio());
    });
    connect(&session_, &Session::planningProgress, this, [this](double f) { progress_->setValue(int(f * 100)); });
    connect(&session_, &Session::planningEnded, this, [this] {
        progressRow_->hide();
        refresh();
    });
    connect(&session_.history(), &QUndoStack::cleanChanged, this, [this](bool clean) { setWindowModified(!clean); });
    resize(1280, 800);
    refresh();
    goTo(0);
    pictures_->setFocus();
}

void MainWindow::makeFrame() {
    auto* subject = new SubjectStation(session_);
    sticks_ = new SticksStation(session_);
    stations_ = {subject, new ValuesStation(session_),        new PaperStation(session_),
                 sticks_, new UnderpaintingStation(session_), new LayersStation(session_)};
    connect(sticks_, &SticksStation::trayWanted, this, &MainWindow::drawFrom);
    listTrays();
    connect(subject, &SubjectStation::openPictureWanted, this, [this] { chooseAndOpen(true); });
    connect(subject, &SubjectStation::otherPictureWanted, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Pin up another reference"), {}, pictureFiles());
        if (!file.isEmpty()) pinUp(file);
    });
    connect(subject, &SubjectStation::constructionWanted, this, [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Export the construction drawing"), {},
                                                          tr("Real size (*.svg);;A4 pages to join (*.pdf)"));
        if (!file.isEmpty()) exportConstruction(file);
    });

    auto* whole = new QWidget;
    auto* row = new QHBoxLayout(whole);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);

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
    stop_->setFocusPolicy(Qt::TabFocus);
    connect(stop_, &QPushButton::clicked, this, &MainWindow::stopWork);
    progressColumn->addWidget(stop_);
    progressRow_->hide();
    railColumn->addWidget(progressRow_);
    row->addWidget(rail);

    auto* middle = new QVBoxLayout;
    middle->setSpacing(0);
    pictures_ = new PicturePair;
    instruments_ = new QStackedWidget;
    for (Station* station : stations_) {
        instruments_->addWidget(station);
        connect(station, &Station::looksDifferent, this, &MainWindow::showStation);
    }
    middle->addWidget(pictures_, 10);
    middle->addWidget(instruments_, 11);
    row->addLayout(middle, 1);

    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setFixedWidth(262);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFrameShape(QFrame::NoFrame);
    margin_ = new Margin;
    scroll->setWidget(margin_);
    row->addWidget(scroll);
    setCentralWidget(whole);

    connect(route_, &Route::chosen, this, &MainWindow::goTo);
    connect(pictures_, &PicturePair::pointed, this, [this](QPointF f) { stations_[station()]->point(f); });
    connect(pictures_, &PicturePair::measured, this, [this](QLineF f) { stations_[station()]->measure(f); });
    connect(pictures_, &PicturePair::scribbled, this,
            [this](const QPolygonF& f) { stations_[station()]->scribble(f); });
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
    add(study, tr("Open study…"), QKeySequence::Open, [this] { chooseAndOpen(false); });
    study->addSeparator();
    add(study, tr("Save"), QKeySequence::Save, [this] { save(); });
    add(study, tr("Save as…"), QKeySequence::SaveAs, [this] { saveAs(); });
    add(study, tr("Export plan (PDF, JSON, CSV)…"), QKeySequence(Qt::CTRL | Qt::Key_E), [this] { chooseAndExport(); });
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

    QMenu* look = menuBar()->addMenu(tr("&Look"));
    using Way = PicturePair::Way;
    for (const auto& [way, text] :
         {std::pair(Way::squint, tr("Squint (hold Q)")), std::pair(Way::values, tr("Values only (hold W)")),
          std::pair(Way::mirror, tr("Mirror (hold E)")), std::pair(Way::upsideDown, tr("Upside down (hold D)")),
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
    add(look, tr("Whole picture"), QKeySequence(Qt::CTRL | Qt::Key_0), [this] { pictures_->fit(); });
    look->addSeparator();
    const auto takeTheme = [this](ThemeName name) {
        applyTheme(name);
        for (QWidget* widget : findChildren<QWidget*>()) widget->update();
    };
    add(look, tr("Mid grey frame"), {}, [takeTheme] { takeTheme(ThemeName::mid); });
    add(look, tr("Evening frame"), {}, [takeTheme] { takeTheme(ThemeName::evening); });

    QMenu* go = menuBar()->addMenu(tr("&Route"));
    for (int i = 0; i < int(stations_.size()); ++i)
        add(go, stations_[i]->name(), QKeySequence(Qt::Key_1 + i), [this, i] { goTo(i); });

    go->addSeparator();
    add(go, tr("Materials"), QKeySequence(Qt::Key_M), [this] {
        materialsWindow()->show();
        materialsWindow()->raise();
        materialsWindow()->activateWindow();
    })->setEnabled(store_ != nullptr);

    QMenu* help = menuBar()->addMenu(tr("&Help"));
    add(help, tr("Working safely"), QKeySequence::HelpContents, [this] {
        QStringList sentences;
        for (const planning::NoteTopic topic : {planning::NoteTopic::dust, planning::NoteTopic::heatAndWater})
            sentences << wording::noteSentence({planning::NoteKind::safety, topic, {}, {}, 0}, {});
        QMessageBox::information(this, tr("Working safely"), sentences.join(QStringLiteral("\n\n")));
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
}

void MainWindow::refresh() {
    const planning::Study& study = session_.study();
    const auto plan = session_.plan();
    QString summary = tr("no plan yet");
    if (plan)
        summary = tr("%1 steps, %2, %3 sticks")
                      .arg(plan->steps.size())
                      .arg(wording::duration(plan->summary.minutes))
                      .arg(plan->sticks.size());
    route_->setTitle(study.title.empty() ? tr("New study") : QString::fromStdString(study.title), summary);
    for (int i = 0; i < int(stations_.size()); ++i) {
        stations_[i]->refresh();
        route_->setDecided(i, stations_[i]->decided(), stations_[i]->mark());
    }
    setWindowTitle(
        tr("%1[*] · Yawning Dune").arg(study.title.empty() ? tr("New study") : QString::fromStdString(study.title)));
    showStation();
}

void MainWindow::showStation() {
    const Station* current = stations_[station()];
    const Views views = current->views();
    const colour::Light light = session_.shownLight();
    const QString under =
        light == colour::Light::daylight65 ? QString() : tr(", both under %1").arg(wording::lightWord(light));
    const planning::Study& study = session_.study();
    pictures_->setSquint(study.squint, [](const QImage& image, double amount) {
        const QImage rgb = image.convertToFormat(QImage::Format_RGB888);
        const cv::Mat pixels(rgb.height(), rgb.width(), CV_8UC3, const_cast<uchar*>(rgb.constBits()),
                             std::size_t(rgb.bytesPerLine()));
        return drawing::imageOf(subject::squintedPicture(pixels, amount));
    });
    pictures_->setGrid(views.gridMillimetres, {study.widthMillimetres, study.heightMillimetres});
    pictures_->setSubject(views.subject, views.subjectCaption + under);
    pictures_->setSheet(views.sheet, views.sheetCaption, views.figure);
    pictures_->setOutline(views.outline);
    pictures_->setHand(views.hand);
    pictures_->setOverlays(views.overlays);
    margin_->setText(current->margin());
}

void MainWindow::say(const QString& problem) {
    margin_->setProblem(problem);
}

materials::Library MainWindow::ownMaterials(const materials::Tray* tray) const {
    if (!store_) return starter_;
    const auto drawer = store_->drawer();
    if (!drawer) return starter_;
    materials::Library own = materials::libraryOf(*drawer, tray);
    if (!tray && own.media.empty()) own.media = starter_.media;
    // A tray of sticks alone is planned on all papers, those of the drawer or those that ship with the program.
    if (own.papers.empty()) own.papers = materials::libraryOf(*drawer).papers;
    if (own.papers.empty()) own.papers = starter_.papers;
    return own;
}

void MainWindow::listTrays() {
    QStringList names;
    if (store_)
        if (const auto trays = store_->trays())
            for (const materials::Tray& tray : *trays) names << QString::fromStdString(tray.name);
    sticks_->setTrays(names);
}

void MainWindow::drawFrom(const QString& name) {
    planning::Study study = session_.study();
    study.tray = name.toStdString();
    const auto trays = store_ ? store_->trays() : common::Result(std::vector<materials::Tray>());
    if (!trays) return say(wording::problemSentence(trays.problem()));
    const auto tray = std::ranges::find(*trays, study.tray, &materials::Tray::name);
    if (!name.isEmpty() && tray == trays->end()) {
        say(tr("There is no tray %1 any more: choose another.").arg(name));
        return sticks_->refresh();
    }
    materials::Library library = ownMaterials(name.isEmpty() ? nullptr : &*tray);
    if (library.media.empty()) {
        say(tr("The tray %1 has no stick, pencil or pan to plan with that is not used up: put some into it.")
                .arg(name));
        return sticks_->refresh();
    }
    if (!library.paper(study.paper)) study.paper.clear();
    session_.chooseMaterials(tr("Draw from %1").arg(name.isEmpty() ? tr("the whole drawer") : name), study,
                             std::move(library));
}

MaterialsWindow* MainWindow::materialsWindow() {
    if (store_ && !materials_) {
        materials_ = std::make_unique<MaterialsWindow>(*store_);
        connect(materials_.get(), &MaterialsWindow::drawerChanged, this, &MainWindow::listTrays);
    }
    return materials_.get();
}

bool MainWindow::openFile(const QString& file) {
    const QFileInfo info(file);
    if (info.suffix().toLower() == "dune") {
        auto document = storage::readDocument(file.toStdString());
        if (!document) {
            say(wording::problemSentence(document.problem()));
            return false;
        }
        file_ = file;
        margin_->setProblem({});
        opening_.stop();
        session_.open(document->study, document->library);
        pictures_->fit();
        return true;
    }
    return readInBackground(file, [this, title = info.completeBaseName().toStdString()](auto reference, auto picture) {
        planning::Study study;
        study.title = title;
        if (picture->sourcePixels.height > picture->sourcePixels.width)
            std::swap(study.widthMillimetres, study.heightMillimetres);
        study.reference = std::move(reference);
        file_.clear();
        margin_->setProblem({});
        session_.open(std::move(study), ownMaterials(), std::move(picture));
        pictures_->fit();
    });
}

bool MainWindow::pinUp(const QString& file) {
    if (!session_.study().reference || session_.study().others.size() >= planning::mostOthers) {
        say(tr("Open the leading picture first; %1 more can be pinned up beside it.").arg(planning::mostOthers));
        return false;
    }
    return readInBackground(file, [this](auto reference, auto) {
        planning::Study study = session_.study();
        study.others.push_back(std::move(reference));
        session_.choose(tr("Pin up a reference"), study);
    });
}

bool MainWindow::readInBackground(
    const QString& file,
    std::function<void(std::shared_ptr<const planning::ReferenceFile>, std::shared_ptr<const subject::Picture>)> then) {
    auto bytes = common::readFile(file.toStdString());
    if (!bytes) {
        say(wording::problemSentence(bytes.problem()));
        return false;
    }
    if (const auto problem = subject::pictureProblem(*bytes, file.toStdString())) {
        say(wording::problemSentence(*problem));
        return false;
    }
    const auto reference = std::make_shared<planning::ReferenceFile>(
        planning::ReferenceFile{QFileInfo(file).fileName().toStdString(), *std::move(bytes)});
    showProgress(tr("Reading the picture"));
    progress_->setRange(0, 0);  // how far it is the decoder does not tell
    opening_.run(
        [reference, name = file.toStdString()](const common::Progress&) {
            return subject::readPicture(reference->bytes, name, planning::heldLongSide);
        },
        [this, reference, then = std::move(then)](common::Result<subject::Picture> picture) {
            progressRow_->setVisible(session_.isPlanning());
            if (!picture) return say(wording::problemSentence(picture.problem()));
            then(reference, std::make_shared<subject::Picture>(*std::move(picture)));
        });
    return true;
}

void MainWindow::showProgress(const QString& what) {
    progressWords_->setText(what);
    progress_->setRange(0, 100);
    progress_->setValue(0);
    progressRow_->show();
}

void MainWindow::stopWork() {
    if (opening_.isBusy()) {
        opening_.stop();
        progressRow_->setVisible(session_.isPlanning());
    }
    session_.stopPlanning();
}

bool MainWindow::saveTo(const QString& file) {
    if (!session_.study().reference) {
        say(tr("There is nothing to save yet: open a picture first."));
        return false;
    }
    QByteArray areas, thumbnail;
    if (const auto reading = session_.reading()) areas = storage::areasPng(*reading);
    if (const auto plan = session_.plan())
        thumbnail =
            storage::pngOf(planning::pictureAfter(*plan, int(plan->steps.size()), session_.grain(), plan->light));
    auto done = storage::writeDocument({session_.study(), session_.library()}, file.toStdString(), areas, thumbnail);
    if (!done) {
        say(wording::problemSentence(done.problem()));
        return false;
    }
    file_ = file;
    margin_->setProblem({});
    session_.history().setClean();
    return true;
}

bool MainWindow::exportTo(const QString& file) {
    const auto plan = session_.plan();
    if (!plan || !session_.isPlanCurrent()) {
        say(tr("The plan is not ready yet: wait until it is made, then export it."));
        return false;
    }
    const planning::Study& study = session_.study();
    const QString ending = QFileInfo(file).suffix().toLower();
    common::Done done = std::monostate{};
    if (ending == "pdf") {
        done = print::writePlanPdf(*plan, study, file);
    } else if (ending == "json") {
        done = storage::writeWhole(file.toStdString(), QJsonDocument(storage::planJson(*plan, study)).toJson());
    } else if (ending == "csv") {
        done = storage::writeWhole(file.toStdString(), storage::stepsCsv(*plan));
        const QString beside = file.left(file.size() - 4) + QStringLiteral("-pull-list.csv");
        if (done) done = storage::writeWhole(beside.toStdString(), storage::pullListCsv(*plan));
    } else {
        say(tr("A plan is exported as .pdf, .json or .csv: give the file one of these endings."));
        return false;
    }
    if (!done) say(wording::problemSentence(done.problem()));
    return done.ok();
}

bool MainWindow::exportConstruction(const QString& file) {
    const auto reading = session_.reading();
    if (!reading) {
        say(tr("There is nothing to construct yet: open a picture first."));
        return false;
    }
    const planning::Study& study = session_.study();
    const planning::Construction construction = planning::constructionOf(study, *reading);
    const QStringList names = wording::areaNames(study, reading->areas);
    const QString ending = QFileInfo(file).suffix().toLower();
    if (ending != "svg" && ending != "pdf") {
        say(tr("A construction drawing is exported as .svg or .pdf: give the file one of these endings."));
        return false;
    }
    const common::Done done =
        ending == "svg" ? print::writeConstructionSvg(construction, names, file)
                        : print::writeConstructionPdf(construction, names, QString::fromStdString(study.title), file);
    if (!done) say(wording::problemSentence(done.problem()));
    return done.ok();
}

bool MainWindow::mayDiscard() {
    if (session_.history().isClean() || !session_.study().reference) return true;
    const auto answer =
        QMessageBox::question(this, tr("Unsaved choices"), tr("This study has choices that are not saved."),
                              QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
    return answer == QMessageBox::Discard || (answer == QMessageBox::Save && save());
}

void MainWindow::chooseAndOpen(bool picture) {
    if (!mayDiscard()) return;
    const QString file = QFileDialog::getOpenFileName(this, picture ? tr("Open picture") : tr("Open study"), {},
                                                      picture ? pictureFiles() : tr("Studies (*.dune)"));
    if (!file.isEmpty()) openFile(file);
}

bool MainWindow::save() {
    return file_.isEmpty() ? saveAs() : saveTo(file_);
}

bool MainWindow::saveAs() {
    QString file = QFileDialog::getSaveFileName(this, tr("Save study"), file_, tr("Studies (*.dune)"));
    if (file.isEmpty()) return false;
    if (QFileInfo(file).suffix().isEmpty()) file += QStringLiteral(".dune");
    return saveTo(file);
}

void MainWindow::chooseAndExport() {
    const QString file = QFileDialog::getSaveFileName(this, tr("Export plan"), {},
                                                      tr("Plan sheets (*.pdf);;Plan data (*.json);;Tables (*.csv)"));
    if (!file.isEmpty()) exportTo(file);
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
        default:
            return std::nullopt;
    }
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
    if (mayDiscard())
        event->accept();
    else
        event->ignore();
}

}  // namespace app
