#include "app/check/check_station.h"

#include <QButtonGroup>
#include <QDateTime>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QMimeData>
#include <QPainter>
#include <QProgressBar>
#include <QPushButton>
#include <QRadioButton>
#include <algorithm>
#include <numeric>

#include "app/widgets/fields.h"
#include "app/widgets/theme.h"
#include "colour/image_colour.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/stage_picture.h"
#include "wording/checking.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// A picture within the format of another, bars of the well's grey beside it; and where it then lies in it.
struct Boxed {
    QImage image;
    QRectF part;
};
Boxed boxed(const QImage& image, const QSizeF& format) {
    const double wide = std::max<double>(image.width(), image.height() * format.width() / format.height());
    const QSize size(int(wide), int(wide * format.height() / format.width()));
    Boxed made{QImage(size, QImage::Format_RGB888), {}};
    made.image.fill(theme().well);
    const QPoint at((size.width() - image.width()) / 2, (size.height() - image.height()) / 2);
    QPainter(&made.image).drawImage(at, image);
    made.part = {double(at.x()) / size.width(), double(at.y()) / size.height(), double(image.width()) / size.width(),
                 double(image.height()) / size.height()};
    return made;
}

}  // namespace

CheckStation::CheckStation(Desk& desk) : Station(desk, tr("What the work wants"), tr("read from a photograph of it")) {
    setAcceptDrops(true);
    leaves_ = new Leaves;
    open_ = new QPushButton(tr("Photograph…"));
    open_->setToolTip(tr("A photograph of the whole sheet, from straight before it, with some of the board round it"));
    byHand_ = new QPushButton(tr("Corners by hand"));
    byHand_->setToolTip(tr("Set the picture's four corners in the photograph yourself"));
    choices_->addWidget(open_);
    choices_->addWidget(byHand_);
    step_ = wholeNumber(0, 1);
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
    way_ = new WayStrip;
    leaves_->addLeaf(choices_, tr("The way"), tr("The photographs that were kept, and how near each was"), way_);
    body_->addWidget(leaves_, 1);
    connect(against, &QButtonGroup::buttonClicked, this, &CheckStation::showRows);
    connect(open_, &QPushButton::clicked, this, &CheckStation::choosePhotograph);
    connect(byHand_, &QPushButton::clicked, this, [this] {
        corners_.clear();
        isByHand_ = picture_ != nullptr;
        Q_EMIT looksDifferent();
    });
    connect(step_, &QSpinBox::valueChanged, this, [this] {
        if (picture_) read();
    });
    connect(leaves_, &QStackedWidget::currentChanged, this, &CheckStation::looksDifferent);
    connect(&session_, &Session::recordChanged, this, &CheckStation::refresh);
    connect(&session_, &Session::opened, this, [this] {
        reader_.stop();
        mender_.stop();
        file_.clear();
        picture_ = nullptr;
        read_ = nullptr;
        mending_.reset();
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
    answersHead_ = new QLabel;
    row->addWidget(answersHead_);
    answers_ = new QWidget;
    auto* across = new QHBoxLayout(answers_);
    across->setContentsMargins(0, 0, 0, 0);
    row->addWidget(answers_);
    answerGroup_ = new QButtonGroup(this);
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
    connect(answerGroup_, &QButtonGroup::idClicked, this, &CheckStation::answer);
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
    raw_ = {};
    isByHand_ = false;
    corners_.clear();
    read();
}

void CheckStation::read() {
    const auto plan = session_.plan();
    if (!plan || !session_.isPlanCurrent()) return;
    readOf_ = plan;
    progress_->setRange(0, 0);
    progress_->show();
    mender_.stop();
    std::optional<std::array<cv::Point2d, 4>> corners;
    if (corners_.size() == 4) corners = {corners_[0], corners_[1], corners_[2], corners_[3]};
    struct Read {
        std::shared_ptr<const cv::Mat> picture;
        common::Result<std::shared_ptr<const CheckedPhotograph>> read;
    };
    reader_.run(
        [plan, study = session_.study(), laid = laid(), file = file_, picture = picture_,
         corners](const common::Progress&) mutable -> Read {
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
    corners_.clear();
    mending_.reset();
    taken_.clear();
    if (!read) {
        read_ = nullptr;
        const common::ProblemKind kind = read.problem().kind;
        isByHand_ = picture_ && (kind == common::ProblemKind::workMissing || kind == common::ProblemKind::workCutOff);
        desk_.said(isByHand_ ? tr("%1 If it is there, set its corners by hand: click them in the photograph.")
                                   .arg(wording::problemSentence(read.problem()))
                             : wording::problemSentence(read.problem()));
        showRows();
        return;
    }
    read_ = *read;
    isByHand_ = false;
    raw_ = {};
    if (const int turns = read_->check.place.quarterTurns; turns != 0)
        desk_.said(turns == 2 ? tr("The photograph is upside down; it was read turned.")
                              : tr("The photograph lies on its side; it was read turned."));
    showRows();
    if (const std::vector<int> first = firstAreas(); !first.empty()) strip_->choose(first.front());
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
         kept = kept_](const common::Progress& progress) {
            return planning::waysToMend(*plan, study, library, read->laid, read->png, *kept, progress);
        },
        [this](common::Result<planning::Mending> mending) {
            progress_->hide();
            if (!mending) {
                desk_.said(wording::problemSentence(mending.problem()));
                return;
            }
            mending_ = *std::move(mending);
            showRows();
        },
        [this](double part) { progress_->setValue(int(100 * part)); });
}

bool CheckStation::isAgainstPlan() const {
    return againstPlan_->isChecked();
}

double CheckStation::differenceOf(const planning::CheckedArea& area) const {
    return isAgainstPlan() ? area.toPlan : area.toSubject;
}

const planning::CheckedArea* CheckStation::checkedArea(int area) const {
    if (!read_) return nullptr;
    const auto at = std::ranges::find(read_->check.areas, area, &planning::CheckedArea::area);
    return at == read_->check.areas.end() ? nullptr : &*at;
}

int CheckStation::stackOf(int area) const {
    return readOf_ && area >= 0 ? readOf_->stackOfArea[std::size_t(area)] : -1;
}

int CheckStation::takenFor(int stack) const {
    if (!mending_ || stack < 0 || mending_->stacks[std::size_t(stack)].mends.empty()) return letBe;
    const auto answered = taken_.find(stack);
    return answered == taken_.end() ? 0 : answered->second;
}

int CheckStation::takenCount() const {
    int count = 0;
    for (int s = 0; mending_ && s < int(mending_->stacks.size()); ++s) count += takenFor(s) != letBe;
    return count;
}

std::vector<int> CheckStation::firstAreas() const {
    constexpr std::size_t most = 3;
    std::vector<std::pair<double, int>> gains;
    if (!read_) return {};
    for (const planning::CheckedArea& area : read_->check.areas) {
        const double share = readOf_->reading->areas.list[std::size_t(area.area)].share;
        double gain = differenceOf(area) - read_->check.error;
        if (mending_) {
            const planning::Ways& ways = mending_->stacks[std::size_t(stackOf(area.area))];
            gain = ways.mends.empty() ? 0 : ways.asIs - ways.mends.front().difference;
        }
        if (gain > 0) gains.emplace_back(gain * share, area.area);
    }
    std::ranges::stable_sort(gains, std::greater{}, &std::pair<double, int>::first);
    gains.resize(std::min(gains.size(), most));
    std::vector<int> areas;
    for (const auto& gain : gains) areas.push_back(gain.second);
    return areas;
}

QString CheckStation::correctionWords(int area) const {
    if (!mending_) return {};
    const planning::Ways& ways = mending_->stacks[std::size_t(stackOf(area))];
    const int taken = takenFor(stackOf(area));
    return taken == letBe ? wording::letBeSentence(ways) : wording::mendSentence(ways.mends[std::size_t(taken)]);
}

QString CheckStation::shortWords(int area) const {
    if (!mending_) return {};
    const planning::Ways& ways = mending_->stacks[std::size_t(stackOf(area))];
    const int taken = takenFor(stackOf(area));
    return taken == letBe ? wording::letBeShort(ways) : wording::mendShort(ways.mends[std::size_t(taken)]);
}

void CheckStation::showRows() {
    std::vector<DifferenceStrip::Row> rows;
    const std::vector<int> first = firstAreas();
    if (read_)
        for (const planning::CheckedArea& area : read_->check.areas) {
            const colour::Lab& wanted = isAgainstPlan() ? area.plan : area.subject;
            QString words = wording::differenceWords(wanted, area.work);
            for (const review::ShiftedArea& shifted : read_->check.shifts)
                if (shifted.area == area.area) words += QStringLiteral("; ") + wording::shiftWords(shifted.shift);
            const auto colourOf = [](const colour::Lab& lab) {
                return drawing::colourOf(colour::srgb8FromSrgb(colour::srgbFromLab(lab)));
            };
            rows.push_back({area.area, colourOf(area.work), colourOf(wanted), wording::areaName(*readOf_, area.area),
                            words, wording::differenceFigure(differenceOf(area)), shortWords(area.area),
                            differenceOf(area), std::ranges::count(first, area.area) > 0,
                            takenFor(stackOf(area.area)) != letBe});
        }
    std::ranges::stable_sort(rows, std::greater{}, &DifferenceStrip::Row::difference);
    strip_->setRows(std::move(rows), read_ ? read_->check.error : 0);
    showAnswers();
    Q_EMIT looksDifferent();
}

void CheckStation::showAnswers() {
    qDeleteAll(answers_->findChildren<QRadioButton*>());
    const int stack = stackOf(strip_->chosen());
    if (mending_ && stack >= 0) {
        const planning::Ways& ways = mending_->stacks[std::size_t(stack)];
        const auto add = [&](int id, const QString& words, const QString& sentence) {
            auto* button = new QRadioButton(words);
            button->setToolTip(sentence);
            button->setChecked(takenFor(stack) == id);
            answerGroup_->addButton(button, id == letBe ? int(ways.mends.size()) : id);
            answers_->layout()->addWidget(button);
        };
        for (int i = 0; i < int(ways.mends.size()); ++i)
            add(i, wording::mendWord(ways.mends[std::size_t(i)].mend),
                wording::mendSentence(ways.mends[std::size_t(i)]));
        add(letBe, tr("Let it be"), wording::letBeSentence(ways));
        answersHead_->setText(tr("%1:").arg(wording::areaName(*readOf_, strip_->chosen())));
    } else {
        answersHead_->setText(!read_     ? QString()
                              : mending_ ? tr("Choose an area to answer for it.")
                                         : tr("What would mend it is being tried."));
    }
    const bool isLaid = !planning::Standing(session_.record()).laid().empty();
    const bool isOfPlan = read_ && session_.isPlanCurrent() && session_.plan() == readOf_;
    keep_->setEnabled(isOfPlan && isLaid);
    take_->setEnabled(isOfPlan && isLaid && mending_ && takenCount() > 0);
    const int count = takenCount();
    take_->setText(count == 0   ? tr("Take the corrections")
                   : count == 1 ? tr("Take one correction")
                                : tr("Take %1 corrections").arg(count));
    byHand_->setEnabled(picture_ != nullptr);
}

void CheckStation::answer(int id) {
    const int stack = stackOf(strip_->chosen());
    if (!mending_ || stack < 0) return;
    taken_[stack] = id == int(mending_->stacks[std::size_t(stack)].mends.size()) ? int(letBe) : id;
    showRows();
}

void CheckStation::keep(bool withMends) {
    if (!read_) return;
    planning::Entry entry = entryNow();
    entry.kind = planning::EntryKind::checked;
    entry.step = read_->step;
    entry.bytes = read_->png;
    const auto number =
        std::ranges::count_if(session_.record().entries, [](const planning::Entry& it) { return !it.picture.empty(); });
    entry.picture = "work-" + std::to_string(number + 1) + ".png";
    planning::Checked check{read_->check.error, {}, {}};
    if (withMends && mending_) {
        check.hand = mending_->hand;
        for (int s = 0; s < int(mending_->stacks.size()); ++s) {
            if (takenFor(s) == letBe) continue;
            const int area = readOf_->stacks[std::size_t(s)].areas.front();
            check.mends.push_back({readOf_->reading->areas.list[std::size_t(area)].key,
                                   mending_->stacks[std::size_t(s)].mends[std::size_t(takenFor(s))].mend});
        }
    }
    entry.check = std::move(check);
    desk_.file().record(std::move(entry));
    take_->setEnabled(false);
    keep_->setEnabled(false);
}

void CheckStation::showWay() {
    const auto plan = session_.plan();
    const planning::Record& record = session_.record();
    if (!plan || !isVisible() || (wayOf_ == plan && wayEntries_ == record.entries.size())) return;
    wayOf_ = plan;
    wayEntries_ = record.entries.size();
    struct Way {
        std::vector<WayStrip::Moment> moments;
        double goal;
    };
    painter_.run(
        [plan, record](const common::Progress& progress) {
            Way way{{}, plan->summary.picture.mean};
            const planning::Standing standing(record);
            for (const int check : standing.checks()) {
                if (progress.cancelled()) break;
                const planning::Entry& entry = record.entries[std::size_t(check)];
                if (!entry.bytes) continue;
                const QImage sheet = QImage::fromData(entry.bytes->data(), int(entry.bytes->size()));
                const QImage plain = sheet.convertToFormat(QImage::Format_RGB888);
                const cv::Mat seen(plain.height(), plain.width(), CV_8UC3, const_cast<uchar*>(plain.constBits()),
                                   std::size_t(plain.bytesPerLine()));
                if (seen.size() != plan->reference.size()) continue;
                const auto apart = rendering::differenceSeen(plan->reference, seen, rendering::easelSigma(seen.size()));
                const auto at = QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60);
                way.moments.push_back(
                    {tr("%1, step %2").arg(at.toString(QStringLiteral("d.M., HH:mm"))).arg(entry.step),
                     plain.scaledToWidth(320, Qt::SmoothTransformation), rendering::figuresOf(apart).mean});
            }
            return way;
        },
        [this](Way way) { way_->show(std::move(way.moments), way.goal); });
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
    showWay();
}

void CheckStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    refresh();
}

void CheckStation::point(const QPointF& fraction) {
    const auto plan = session_.plan();
    if (!plan) return;
    if (isByHand_ && picture_) {
        const QRectF part = boxed(raw_, plan ? QSizeF(plan->reference.cols, plan->reference.rows) : QSizeF(4, 3)).part;
        const cv::Point2d at((fraction.x() - part.left()) / part.width(), (fraction.y() - part.top()) / part.height());
        if (at.x < 0 || at.y < 0 || at.x > 1 || at.y > 1) return;
        corners_.push_back(at);
        if (corners_.size() == 4) read();
        Q_EMIT looksDifferent();
        return;
    }
    if (!read_) return;
    const int area = subject::labelAt(plan->reading->areas.map, fraction.x(), fraction.y());
    strip_->choose(area);
    showAnswers();
    Q_EMIT looksDifferent();
}

QString CheckStation::decided() const {
    const auto checks = planning::Standing(session_.record()).checks();
    if (read_) return tr("%1 from the plan").arg(wording::differenceFigure(read_->check.toPlan.mean));
    return checks.empty()       ? tr("not yet")
           : checks.size() == 1 ? tr("one photograph")
                                : tr("%1 photographs").arg(checks.size());
}

Route::Mark CheckStation::mark() const {
    return planning::Standing(session_.record()).checks().empty() ? Route::Mark::open : Route::Mark::decided;
}

QString CheckStation::introduction() const {
    return tr(
        "Photograph the whole sheet from straight before it, evenly lit, with some of the board round it; a grey card "
        "beside it makes the colours surer. Check tells what each area is off by against the plan or the subject, what "
        "would mend it, and plans what is left from there. Hold A to lay what it is compared with over the work.");
}

Views CheckStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    if (isByHand_ && picture_) {
        auto* self = const_cast<CheckStation*>(this);
        if (raw_.isNull()) self->raw_ = drawing::imageOf(colour::srgb8ImageFromXyz(*picture_));
        QImage marked = raw_;
        QPainter painter(&marked);
        for (const cv::Point2d& corner : corners_) {
            const QPointF at(corner.x * marked.width(), corner.y * marked.height());
            for (const auto& [ink, width] : {std::pair(drawing::markLight, 9), std::pair(drawing::markInk, 4)}) {
                painter.setPen(QPen(ink, width));
                painter.drawEllipse(at, 18, 18);
            }
        }
        painter.end();
        views.sheet = boxed(marked, QSizeF(plan->reference.cols, plan->reference.rows)).image;
        views.sheetSteps = -1;
        views.figure.clear();
        static constexpr std::array<const char*, 4> corners{QT_TR_NOOP("upper left"), QT_TR_NOOP("upper right"),
                                                            QT_TR_NOOP("lower right"), QT_TR_NOOP("lower left")};
        views.sheetCaption =
            tr("Click the picture's %1 corner").arg(tr(corners[std::min<std::size_t>(3, corners_.size())]));
        return views;
    }
    const std::vector<int> steps = laid();
    const int step = read_ ? read_->step : steps.empty() ? 0 : std::ranges::max(steps);
    views.other = isAgainstPlan() ? sheetAfter(std::min(step, int(plan->steps.size()))) : views.subject;
    if (!read_) {
        views.sheetSteps = std::min(step, int(plan->steps.size()));
        views.sheet = sheetAfter(views.sheetSteps);
        views.sheetCaption = tr("Sheet as planned after step %1").arg(step);
        views.figure.clear();
        return views;
    }
    views.sheet = read_->sheet;
    views.sheetSteps = -1;
    views.sheetCaption = tr("The work after step %1").arg(step);
    const double apart = isAgainstPlan() ? read_->check.toPlan.mean : read_->check.toSubject.mean;
    views.figure =
        (isAgainstPlan() ? tr("%1 from the plan") : tr("%1 from the subject")).arg(wording::differenceFigure(apart));
    if (strip_->chosen() >= 0) views.outline = maskOf(plan->reading->areas.map, strip_->chosen());
    // What lies beside its place, from where it lies to where it belongs.
    const double wide = session_.study().widthMillimetres, high = session_.study().heightMillimetres;
    for (const review::ShiftedArea& shifted : read_->check.shifts) {
        const subject::Area& area = plan->reading->areas.list[std::size_t(shifted.area)];
        const QPointF place(area.centreX, area.centreY);
        const QPointF by(shifted.shift.millimetres.x / wide, shifted.shift.millimetres.y / high);
        views.overlays.push_back(
            {QPolygonF({place + by, place}), Overlay::Kind::arrow, false, wording::shiftWords(shifted.shift)});
    }
    return views;
}

MarginText CheckStation::margin() const {
    MarginText text;
    if (!read_) {
        text.head = tr("No photograph is read");
        text.paragraphs << tr("Photograph the sheet on its board and give the picture here, or drop it on this panel.");
        return text;
    }
    if (leaves_->currentWidget() == way_) {
        text.head = tr("The way to the goal");
        if (mending_) text.paragraphs << wording::handSentence(mending_->hand);
        return text;
    }
    const planning::CheckedArea* area = checkedArea(strip_->chosen());
    if (area) {
        text.head = wording::areaName(*readOf_, area->area);
        text.paragraphs << tr("Against the plan: %1, %2.")
                               .arg(wording::differenceWords(area->plan, area->work),
                                    wording::differenceFigure(area->toPlan));
        text.paragraphs << tr("Against the subject: %1, %2.")
                               .arg(wording::differenceWords(area->subject, area->work),
                                    wording::differenceFigure(area->toSubject));
        for (const planning::BrokenAlignment& broken : read_->check.alignments)
            if (broken.area == area->area)
                text.paragraphs << wording::brokenAlignmentSentence(broken,
                                                                    wording::areaName(*readOf_, broken.with.area));
        if (mending_) {
            const planning::Ways& ways = mending_->stacks[std::size_t(stackOf(area->area))];
            const int taken = takenFor(stackOf(area->area));
            text.listHead = tr("What may be done");
            for (const planning::Ways::Way& way : ways.mends) text.paragraphs << wording::mendSentence(way);
            text.paragraphs << wording::letBeSentence(ways);
            if (taken != letBe)
                for (const materials::Material& stick : ways.mends[std::size_t(taken)].sticks) {
                    text.strokes.push_back({stick.kind, stick.masstone, QString::fromStdString(stick.name), {}});
                    text.strokes.back().isLaid = false;
                }
        }
        if (area->toPlan <= read_->check.error)
            text.why << tr("The photograph's own error could explain what it is off the plan.");
    } else {
        text.head = tr("What comes first");
        const std::vector<int> first = firstAreas();
        if (first.empty()) text.paragraphs << tr("Nothing stands out: go on as planned.");
        for (const int one : first)
            text.paragraphs << tr("%1. %2").arg(wording::areaName(*readOf_, one), correctionWords(one));
    }
    if (mending_) text.why << wording::handSentence(mending_->hand);
    text.why << wording::balanceSentence(read_->check);
    if (const QString hidden = wording::hiddenSentence(read_->check); !hidden.isEmpty()) text.cautions << hidden;
    if (planning::Standing(session_.record()).laid().empty())
        text.cautions << tr("The Bench tells of no laid step: corrections can be taken once it does.");
    return text;
}

}  // namespace app
