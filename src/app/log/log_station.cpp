#include "app/log/log_station.h"

#include <QCheckBox>
#include <QDateTime>
#include <QFileInfo>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <algorithm>

#include "app/bench/easel.h"
#include "app/file_to_write.h"
#include "app/lifecycle/entry_now.h"
#include "app/widgets/fields.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "planning/stage_picture.h"
#include "planning/worked_days.h"
#include "print/record_card.h"
#include "storage/record_csv.h"
#include "storage/whole_file.h"
#include "wording/counts.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

namespace {

QDateTime timeOf(const planning::Entry& entry) {
    return QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60);
}

QString clockOf(const planning::Entry& entry) {
    return timeOf(entry).time().toString(QStringLiteral("HH:mm"));
}

QString dateOf(const planning::Entry& entry) {
    return QLocale().toString(timeOf(entry).date(), QLocale::LongFormat);
}

QImage photographOf(const planning::Entry& entry) {
    return entry.bytes ? QImage::fromData(entry.bytes->data(), int(entry.bytes->size())) : QImage();
}

/// The step up to which all was laid at an entry.
int laidAt(const planning::Record& record, std::size_t entry) {
    const planning::Standing standing(record, entry + 1);
    return standing.laid().empty() ? 0 : *std::ranges::max_element(standing.laid());
}

bool finds(const QString& line, const QString& sought) {
    const QStringList words = sought.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    return std::ranges::all_of(words, [&](const QString& word) { return line.contains(word, Qt::CaseInsensitive); });
}

}  // namespace

LogStation::LogStation(Desk& desk) : Station(desk, tr("The log"), tr("what was done, as it was kept")) {
    leaves_ = new Leaves;
    leaves_->addLeaf(choices_, tr("Days"), tr("Evenings, steps, notes; a search over all logs"), makeDays());
    leaves_->addLeaf(choices_, tr("Progress"), tr("Photographs over the sheet as planned for the same moment"),
                     makeProgress());
    leaves_->addLeaf(choices_, tr("Finishing"), tr("What is left to do when all is laid"), makeFinishing());
    card_ = new QPushButton(tr("Card for the back…"));
    card_->setToolTip(tr("What was used and how long it took, as PDF or CSV."));
    pace_ = new PaceLeaf(session_);
    leaves_->addLeaf(choices_, tr("Pace"), tr("Planned against real minutes, and what is learnt from it"), pace_);
    stock_ = new StockLeaf(desk_);
    leaves_->addLeaf(choices_, tr("Stock"), tr("What the sticks have probably lost"), stock_);
    choices_->addWidget(card_);
    body_->addWidget(leaves_, 1);
    connect(card_, &QPushButton::clicked, this, [this] {
        const QString file =
            fileToWrite(this, tr("Card for the picture's back"), {}, tr("Card (*.pdf);;A row an entry (*.csv)"));
        if (!file.isEmpty()) writeCard(file);
    });
    connect(pace_, &PaceLeaf::looksDifferent, this, &LogStation::looksDifferent);
    connect(leaves_, &QStackedWidget::currentChanged, this, &LogStation::looksDifferent);
    connect(&session_, &Session::recordChanged, this, &LogStation::refresh);
}

QWidget* LogStation::makeDays() {
    auto* leaf = new QWidget;
    auto* column = new QVBoxLayout(leaf);
    column->setContentsMargins(0, 0, 0, 0);
    auto* row = new QHBoxLayout;
    search_ = new QLineEdit;
    search_->setToolTip(tr("A stick, an area or any word of a note."));
    search_->setPlaceholderText(tr("Where did I use … ?"));
    search_->setAccessibleName(tr("Search"));
    search_->setClearButtonEnabled(false);
    row->addWidget(search_, 1);
    everywhere_ = new QCheckBox(tr("In all logs"));
    everywhere_->setToolTip(tr("Searches the logs of all studies."));
    row->addWidget(everywhere_);
    column->addLayout(row);
    days_ = new QListWidget;
    days_->setAccessibleName(tr("What was done"));
    days_->setWordWrap(true);
    column->addWidget(days_, 1);
    connect(search_, &QLineEdit::textChanged, this, &LogStation::showDays);
    connect(everywhere_, &QCheckBox::toggled, this, [this](bool on) {
        if (!on) return showDays();
        shelf_.run([](const common::Progress&) { return storage::shelvedLogs(storage::usualLogFolder()); },
                   [this](std::vector<storage::ShelvedLog> logs) {
                       logs_ = std::move(logs);
                       showDays();
                   });
    });
    connect(days_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) {
        if (item) chooseEntry(item->data(Qt::UserRole).toInt());
    });
    return leaf;
}

QWidget* LogStation::makeProgress() {
    strip_ = new ProgressStrip;
    strip_->onChosen = [this](int entry) { chooseEntry(entry); };
    return strip_;
}

QWidget* LogStation::makeFinishing() {
    auto* leaf = new QWidget;
    auto* rows = new QFormLayout(leaf);
    rows->setContentsMargins(0, 0, 0, 0);
    for (int i = 0; i < planning::finishingCount; ++i) {
        const auto what = planning::Finishing(i);
        auto* box = new QCheckBox(wording::finishingWord(what));
        box->setToolTip(wording::finishingSentence(what));
        auto* how = new QLabel(box->toolTip());
        how->setWordWrap(true);
        connect(box, &QCheckBox::clicked, this, [this, what](bool on) { tick(what, on); });
        finishing_ << box;
        rows->addRow(box, how);
    }
    return leaf;
}

void LogStation::tick(planning::Finishing what, bool on) {
    if (desk_.file().isWriting()) return showFinishing();  // what stands there is not known yet
    const planning::Record& record = session_.record();
    planning::Entry entry = entryNow();
    if (on) {
        entry.kind = planning::EntryKind::finishing;
        entry.finishing = what;
    } else {
        const planning::Standing standing(record);
        for (std::size_t i = 0; i < record.entries.size(); ++i)
            if (record.entries[i].kind == planning::EntryKind::finishing && record.entries[i].finishing == what &&
                standing.holds(i))
                entry.takes = int(i);
        if (entry.takes < 0) return showFinishing();
        entry.kind = planning::EntryKind::takenBack;
    }
    desk_.file().record(std::move(entry));
    showFinishing();  // ticked when it is kept
}

void LogStation::showFinishing() {
    const planning::Standing standing(session_.record());
    for (int i = 0; i < finishing_.size(); ++i) {
        const QSignalBlocker quiet(finishing_[i]);
        finishing_[i]->setChecked(standing.isTicked(planning::Finishing(i)));
    }
}

void LogStation::addLine(const QString& words, int entry, bool isHead) {
    auto* item = new QListWidgetItem(words);
    item->setData(Qt::UserRole, entry);
    if (isHead) {
        item->setFont(drawing::font(drawing::TypeSize::text, true));
        item->setFlags(Qt::ItemIsEnabled);
    }
    days_->addItem(item);
}

void LogStation::showDays() {
    const QSignalBlocker quiet(days_);
    days_->clear();
    const QString sought = search_->text();
    const auto showRecord = [&](const planning::Record& record, const QString& title, bool isOwn) {
        for (const planning::WorkedDay& day : planning::workedDays(record)) {
            QString head = tr("%1: %2 at the easel for %3, planned %4")
                               .arg(dateOf(record.entries[day.first]), wording::duration(day.minutes),
                                    wording::stepCount(day.steps), wording::duration(day.plannedMinutes));
            if (!isOwn) head = tr("%1. %2").arg(title, head);
            bool isHeadShown = false;
            for (std::size_t i = day.first; i <= day.last; ++i) {
                const QString line = wording::entryLine(record, i);
                if (!sought.isEmpty() && !finds(line, sought)) continue;
                if (!isHeadShown) addLine(head, -1, true);
                isHeadShown = true;
                addLine(QStringLiteral("%1   %2").arg(clockOf(record.entries[i]), line), isOwn ? int(i) : -1, false);
            }
        }
    };
    showRecord(session_.record(), {}, true);
    if (everywhere_->isChecked())
        for (const storage::ShelvedLog& log : logs_)
            if (log.record.id != session_.record().id) showRecord(log.record, QString::fromStdString(log.title), false);
    if (days_->count() == 0)
        addLine(sought.isEmpty() ? tr("Nothing has been done yet: the Bench keeps what you do.")
                                 : tr("Nothing is found of that."),
                -1, true);
}

void LogStation::showProgress() {
    const auto plan = session_.plan();
    const planning::Record& record = session_.record();
    if (!plan || !session_.isPlanCurrent() || (stripOf_.lock() == plan && stripEntries_ == record.entries.size()))
        return;
    stripOf_ = plan;
    stripEntries_ = record.entries.size();
    painter_.run(
        [plan, record](const common::Progress& progress) {
            constexpr int wide = 320;
            std::vector<ProgressStrip::Moment> moments;
            for (std::size_t i = 0; i < record.entries.size() && !progress.cancelled(); ++i) {
                const planning::Entry& entry = record.entries[i];
                if (entry.kind != planning::EntryKind::photograph) continue;
                const int step = std::min(laidAt(record, i), int(plan->steps.size()));
                moments.push_back({i, tr("%1, step %2").arg(clockOf(entry)).arg(step),
                                   photographOf(entry).scaledToWidth(wide, Qt::SmoothTransformation),
                                   drawing::imageOf(planning::pictureAfter(*plan, step, plan->light))
                                       .scaledToWidth(wide, Qt::SmoothTransformation)});
            }
            return moments;
        },
        [this](std::vector<ProgressStrip::Moment> moments) { strip_->show(std::move(moments)); });
}

void LogStation::forgetStudy() {
    chosen_ = -1;
}

void LogStation::refresh() {
    if (chosen_ >= int(session_.record().entries.size())) chosen_ = -1;
    card_->setEnabled(!session_.record().isEmpty());
    if (!isVisible()) return;
    showDays();
    showProgress();
    showFinishing();
    pace_->refresh();
}

void LogStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    refresh();
}

void LogStation::chooseEntry(int entry) {
    chosen_ = entry;
    Q_EMIT looksDifferent();
}

bool LogStation::writeCard(const QString& file) {
    const planning::Record& record = session_.record();
    const QString ending = QFileInfo(file).suffix().toLower();
    if (ending != "pdf" && ending != "csv") {
        desk_.said(tr("The card is written as .pdf or .csv: give the file one of these endings."));
        return false;
    }
    QImage picture;
    for (const planning::Entry& entry : record.entries)
        if (entry.bytes) picture = photographOf(entry);
    if (const auto plan = session_.plan(); picture.isNull() && plan)
        picture = sheetAfter(laidAt(record, record.entries.size() - 1));
    const auto done = ending == "csv" ? storage::writeWhole(file.toStdString(), storage::logCsv(record))
                                      : print::writeRecordCard(
                                            {QString::fromStdString(session_.study().title), picture, record}, file);
    if (!done) desk_.said(wording::problemSentence(done.problem()));
    return done.ok();
}

QString LogStation::decided() const {
    const auto days = planning::workedDays(session_.record());
    if (days.empty()) return tr("empty");
    double minutes = 0;
    for (const planning::WorkedDay& day : days) minutes += day.minutes;
    return tr("%1, %2").arg(wording::eveningCount(int(days.size())), wording::duration(minutes));
}

Route::Mark LogStation::mark() const {
    return session_.record().isEmpty() ? Route::Mark::open : Route::Mark::decided;
}

QString LogStation::introduction() const {
    return tr(
        "Everything that was done at the easel stands here in its order, with your notes and photographs. Search "
        "for a stick, an area or a word, in this log or in all; the card for the picture's back tells what was "
        "used and how long it took.");
}

MarginText LogStation::margin() const {
    if (leaves_->currentWidget() == pace_) return pace_->margin();
    if (leaves_->currentWidget() == stock_) return stock_->margin();
    MarginText text;
    const planning::Record& record = session_.record();
    if (chosen_ >= 0 && chosen_ < int(record.entries.size())) {
        const planning::Entry& entry = record.entries[std::size_t(chosen_)];
        text.head = tr("%1, %2").arg(dateOf(entry), clockOf(entry));
        text.paragraphs << wording::entryLine(record, std::size_t(chosen_));
        if (!planning::Standing(record).holds(std::size_t(chosen_))) text.paragraphs << tr("This was taken back.");
        if (entry.laid)
            text.paragraphs << tr("%1 were planned for it.").arg(wording::duration(entry.laid->plannedMinutes));
        return text;
    }
    text.head = tr("What was used");
    for (const planning::ServedStick& served : planning::servedSticks(record)) {
        QStringList areas;
        for (const std::string& area : served.areas) areas << QString::fromStdString(area);
        text.strokes.push_back({served.stick.kind, served.stick.masstone, QString::fromStdString(served.stick.name),
                                areas.join(QStringLiteral("; "))});
        text.strokes.back().isLaid = false;
    }
    if (text.strokes.empty()) text.paragraphs << tr("Nothing is laid yet.");
    return text;
}

Views LogStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    const planning::Record& record = session_.record();
    if (!plan || record.isEmpty()) return views;
    const std::size_t at = chosen_ >= 0 ? std::size_t(chosen_) : record.entries.size() - 1;
    const int step = std::min(laidAt(record, at), int(plan->steps.size()));
    const planning::Entry& entry = record.entries[at];
    views.sheetSteps = step;
    views.sheet = sheetAfter(step);
    views.sheetCaption = tr("Sheet as planned after step %1").arg(step);
    if (const QImage photograph = photographOf(entry); !photograph.isNull() && entry.bytes) {
        views.sheet = photograph;
        views.sheetSteps = -1;
        views.figure.clear();
        views.sheetCaption = tr("Photographed after step %1").arg(step);
    }
    return views;
}

}  // namespace app
