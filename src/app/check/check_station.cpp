#include "app/check/check_station.h"

#include <QButtonGroup>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QMimeData>
#include <QProgressBar>
#include <QPushButton>
#include <algorithm>
#include <numeric>

#include "app/lifecycle/entry_now.h"
#include "app/widgets/fields.h"
#include "wording/sentences.h"

namespace app {

CheckStation::CheckStation(Desk& desk)
    : Station(desk, tr("What the work wants"), tr("read from a photograph of it")), kept_(session_) {
    setAcceptDrops(true);
    leaves_ = new Leaves;
    open_ = new QPushButton(tr("Photograph…"));
    open_->setToolTip(tr("A photograph of the whole sheet, from straight before it, with some of the board round it"));
    byHand_ = new QPushButton(tr("Corners by hand"));
    byHand_->setToolTip(tr("Set the picture's four corners in the photograph yourself"));
    choices_->addWidget(open_);
    choices_->addWidget(byHand_);
    step_ = wholeNumber(0, 1);
    step_->setToolTip(tr("Up to which step the sheet was laid when it was photographed."));
    stepRow_ = addField(choices_, tr("Laid up to step"), step_);
    againstPlan_ = new QPushButton(tr("Against the plan"));
    againstSubject_ = new QPushButton(tr("Against the subject"));
    auto* against = new QButtonGroup(this);
    for (QPushButton* button : {againstPlan_, againstSubject_}) {
        button->setCheckable(true);
        against->addButton(button);
        choices_->addWidget(button);
    }
    againstPlan_->setToolTip(tr("Has it been laid as it was meant?"));
    againstSubject_->setToolTip(tr("What is left to do?"));
    againstPlan_->setChecked(true);
    leaves_->addLeaf(choices_, tr("Areas"), tr("What each area wants, from the worst to the best"), makeStrip());
    way_ = new WayLeaf(session_);
    connect(way_, &WayLeaf::looksDifferent, this, &CheckStation::looksDifferent);
    leaves_->addLeaf(choices_, tr("The way"), tr("The photographs that were kept, and how near each was"), way_);
    body_->addWidget(leaves_, 1);
    connect(against, &QButtonGroup::buttonClicked, this, &CheckStation::showRows);
    connect(open_, &QPushButton::clicked, this, &CheckStation::choosePhotograph);
    connect(byHand_, &QPushButton::clicked, this, [this] {
        takeCorners();
        Q_EMIT looksDifferent();
    });
    connect(step_, &QSpinBox::valueChanged, this, [this] {
        if (picture_) read();
    });
    connect(leaves_, &QStackedWidget::currentChanged, this, &CheckStation::looksDifferent);
    connect(&session_, &Session::recordChanged, this, &CheckStation::refresh);
    connect(&desk_.file(), &StudyFile::problemMet, this, [this] {
        isKept_ = false;
        showAnswers();
    });
    connect(&session_, &Session::opened, this, [this] {
        reader_.stop();
        mender_.stop();
        file_.clear();
        picture_ = nullptr;
        read_ = nullptr;
        readOf_ = nullptr;
        corners_.end();
        answers_->begin(nullptr);
        showRows();
    });
    reader_.failed = mender_.failed = [this](const common::Problem& problem) {
        progress_->hide();
        desk_.said(wording::problemSentence(problem));
    };
    showRows();
}

QWidget* CheckStation::makeStrip() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    strip_ = new DifferenceStrip;
    column->addWidget(strip_, 1);
    progress_ = new QProgressBar;
    progress_->setTextVisible(false);
    progress_->setAccessibleName(tr("Reading the photograph"));
    progress_->hide();
    column->addWidget(progress_);
    auto* row = new FlowRow;
    answers_ = new MendAnswers;
    row->addWidget(answers_);
    row->addStretch();
    keep_ = new QPushButton(tr("Only keep it"));
    keep_->setToolTip(tr("The photograph goes into the log; the plan stays as it is"));
    take_ = new QPushButton(tr("Take the corrections"));
    take_->setToolTip(tr("What is left is planned anew from the sheet as the photograph shows it"));
    row->addWidget(keep_);
    row->addWidget(take_);
    column->addLayout(row);
    connect(strip_, &DifferenceStrip::areaChosen, this, [this] {
        showAnswers();
        Q_EMIT looksDifferent();
    });
    connect(answers_, &MendAnswers::answered, this, &CheckStation::showRows);
    connect(keep_, &QPushButton::clicked, this, [this] { keep(false); });
    connect(take_, &QPushButton::clicked, this, [this] { keep(true); });
    return leaf;
}

void CheckStation::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() && event->mimeData()->urls().first().isLocalFile()) event->acceptProposedAction();
}

void CheckStation::dropEvent(QDropEvent* event) {
    check(event->mimeData()->urls().first().toLocalFile());
}

void CheckStation::choosePhotograph() {
    const QString file =
        QFileDialog::getOpenFileName(this, tr("A photograph of the sheet as it is now"), {},
                                     tr("Pictures (*.png *.jpg *.jpeg *.tif *.tiff *.webp);;All files (*)"));
    if (!file.isEmpty()) check(file);
}

std::vector<int> CheckStation::laid() const {
    std::vector<int> steps = planning::Standing(session_.record()).laid();
    if (!steps.empty()) return steps;
    steps.resize(std::size_t(step_->value()));
    std::iota(steps.begin(), steps.end(), 1);
    return steps;
}

void CheckStation::check(const QString& file) {
    if (!session_.isPlanCurrent()) {
        desk_.said(tr("The photograph is read against the plan: wait until that is made."));
        return;
    }
    file_ = file;
    picture_ = nullptr;
    corners_.end();
    read();
}

void CheckStation::takeCorners() {
    if (picture_ && session_.plan())
        corners_.begin(*picture_, QSizeF(session_.plan()->reference.cols, session_.plan()->reference.rows));
}

void CheckStation::read() {
    const auto plan = session_.plan();
    if (!plan || !session_.isPlanCurrent()) return;
    readOf_ = plan;
    progress_->setRange(0, 0);
    progress_->show();
    mender_.stop();
    struct Read {
        std::shared_ptr<const cv::Mat> picture;
        common::Result<std::shared_ptr<const CheckedPhotograph>> read;
    };
    reader_.run(
        [plan, study = session_.study(), laid = laid(), file = file_, picture = picture_,
         corners = corners_.corners()](const common::Progress&) mutable -> Read {
            if (!picture) {
                auto fresh = workPictureFrom(file);
                if (!fresh) return {nullptr, fresh.problem()};
                picture = std::make_shared<const cv::Mat>(*std::move(fresh));
            }
            return {picture, checkedPhotograph(*plan, study, laid, *picture, corners, QFileInfo(file).fileName())};
        },
        [this](Read read) {
            picture_ = std::move(read.picture);
            takeRead(std::move(read.read));
        });
}

void CheckStation::takeRead(common::Result<std::shared_ptr<const CheckedPhotograph>> read) {
    progress_->hide();
    corners_.end();
    if (!read) {
        read_ = nullptr;
        answers_->begin(nullptr);
        const common::ProblemKind kind = read.problem().kind;
        if (kind == common::ProblemKind::workMissing || kind == common::ProblemKind::workCutOff) takeCorners();
        desk_.said(corners_.isOpen() ? tr("%1 If it is there, set its corners by hand: click them in the photograph.")
                                           .arg(wording::problemSentence(read.problem()))
                                     : wording::problemSentence(read.problem()));
        showRows();
        return;
    }
    read_ = *read;
    isKept_ = false;
    answers_->begin(readOf_);
    if (const int turns = read_->check.place.quarterTurns; turns != 0)
        desk_.said(turns == 2 ? tr("The photograph is upside down; it was read turned.")
                              : tr("The photograph lies on its side; it was read turned."));
    showRows();
    if (const std::vector<First> all = first(); !all.empty()) strip_->choose(all.front().area, all.front().isPlace);
    showAnswers();
    Q_EMIT looksDifferent();
    findMends();
}

void CheckStation::findMends() {
    if (!read_) return;
    progress_->setRange(0, 100);
    progress_->setValue(0);
    progress_->show();
    mender_.run(
        [plan = readOf_, study = session_.study(), library = session_.library(), read = read_,
         kept = kept_.inHand()](const common::Progress& progress) {
            return planning::waysToMend(*plan, study, library, read->laid, read->png, *kept, progress);
        },
        [this](common::Result<planning::Mending> mending) {
            progress_->hide();
            if (!mending) {
                kept_.letGo();
                desk_.said(wording::problemSentence(mending.problem()));
                return;
            }
            answers_->offer(*std::move(mending));
            showRows();
        },
        [this](double part) { progress_->setValue(int(100 * part)); });
}

void CheckStation::showAnswers() {
    answers_->ask(strip_->chosen());
    const bool isLaid = !planning::Standing(session_.record()).laid().empty();
    const bool isOfPlan = read_ && session_.isPlanCurrent() && session_.plan() == readOf_;
    const bool isBusy = desk_.file().isWriting();
    keep_->setEnabled(isOfPlan && isLaid && !isBusy && !isKept_);
    const int count = answers_->takenCount();
    take_->setEnabled(isOfPlan && isLaid && !isBusy && count > 0);
    take_->setText(count == 0 ? tr("Take the corrections") : tr("Take %n corrections", nullptr, count));
    byHand_->setEnabled(picture_ != nullptr);
}

void CheckStation::keep(bool withMends) {
    if (!read_) return;
    planning::Entry entry = entryNow();
    entry.kind = planning::EntryKind::checked;
    entry.step = read_->step;
    entry.bytes = read_->png;
    entry.picture = "work.png";  // numbered when it is written
    planning::Checked check{read_->check.error, {}, {}};
    for (const planning::CheckedArea& area : read_->check.areas) check.areas.push_back({area.plan, area.work});
    if (const auto& mending = answers_->mending(); withMends && mending) {
        check.hand = mending->hand;
        check.mends = answers_->taken();
    }
    entry.check = std::move(check);
    isKept_ = true;
    desk_.file().record(std::move(entry));
    showAnswers();
}

void CheckStation::refresh() {
    const auto plan = session_.plan();
    const bool isToldByRecord = !planning::Standing(session_.record()).laid().empty();
    stepRow_->setVisible(!isToldByRecord);
    if (plan && step_->maximum() != int(plan->steps.size())) {
        const QSignalBlocker quiet(step_);
        step_->setMaximum(int(plan->steps.size()));
        step_->setValue(step_->maximum());
    }
    open_->setEnabled(plan != nullptr);
    showAnswers();
    way_->refresh();
}

void CheckStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    refresh();
}

void CheckStation::point(const QPointF& fraction) {
    const auto plan = session_.plan();
    if (!plan) return;
    if (corners_.isOpen()) {
        corners_.set(fraction);
        if (corners_.corners()) read();
        Q_EMIT looksDifferent();
        return;
    }
    if (!read_) return;
    if (const planning::CheckedPlace* place = placeAt(fraction))
        strip_->choose(place->area, true);
    else
        strip_->choose(subject::labelAt(plan->reading->areas.map, fraction.x(), fraction.y()));
    showAnswers();
    Q_EMIT looksDifferent();
}

Route::Mark CheckStation::mark() const {
    return planning::Standing(session_.record()).checks().empty() ? Route::Mark::open : Route::Mark::decided;
}

}  // namespace app
