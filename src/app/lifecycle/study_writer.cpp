#include "app/lifecycle/study_writer.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QFileInfo>
#include <QUuid>
#include <algorithm>
#include <utility>

#include "app/lifecycle/entry_now.h"
#include "storage/log_shelf.h"
#include "storage/plan_export.h"

namespace app {

namespace {

common::Done writeStudy(const storage::Document& document, const QString& path, const StudySnapshot& as) {
    QByteArray areas, thumbnail;
    if (as.reading) areas = storage::areasPng(*as.reading);
    QBuffer png(&thumbnail);
    if (!as.sheet.isNull()) as.sheet.save(&png, "PNG");
    auto done = storage::writeDocument(document, path.toStdString(), areas, thumbnail);
    // The shelf only serves searching: that the study is written does not hang on it.
    if (done && !document.record.isEmpty())
        (void)storage::shelve(storage::usualLogFolder(), {document.study.title, path.toStdString(), document.record});
    return done;
}

/// A name for a picture that no entry of the record has: numbered, with this stem and ending.
std::string freePictureName(const planning::Record& record, const std::string& wanted) {
    const QFileInfo info(QString::fromStdString(wanted));
    auto number = std::ranges::count_if(record.entries, [](const planning::Entry& it) { return !it.picture.empty(); });
    for (;;) {
        std::string name = QStringLiteral("%1-%2.%3")
                               .arg(info.completeBaseName())
                               .arg(++number, 3, 10, QLatin1Char('0'))
                               .arg(info.suffix())
                               .toStdString();
        if (std::ranges::find(record.entries, name, &planning::Entry::picture) == record.entries.end()) return name;
    }
}

}  // namespace

StudyWriter::StudyWriter(QString path, planning::Record record, planning::Study writtenWith)
    : path_(std::move(path)), record_(std::move(record)), writtenWith_(std::move(writtenWith)) {}

StudyWriter::~StudyWriter() {
    finish();
}

void StudyWriter::add(StudySnapshot as, planning::Entry entry) {
    push({std::move(as), std::move(entry), {}, {}});
}

void StudyWriter::saveTo(const QString& path, StudySnapshot as, std::function<void(const common::Done&)> then) {
    push({std::move(as), std::nullopt, path, std::move(then)});
}

void StudyWriter::push(Act act) {
    acts_.push_back(std::move(act));
    if (!isRunning_) writeNext();
}

planning::Record StudyWriter::recordWith(const Act& act) const {
    planning::Record record = record_;
    if (record.isEmpty() && act.entry) {
        record.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
        record.paper = act.as.paper;
        record.paperName = act.as.paperName;
        record.ground = act.as.ground;
    }
    // From here on the plan follows from the study as it is now.
    if (planning::Standing(record).isAnythingDone() && writtenWith_ != act.as.study) {
        planning::Entry changed = entryNow();
        changed.kind = planning::EntryKind::planChanged;
        record.entries.push_back(std::move(changed));
    }
    if (act.entry) {
        planning::Entry entry = *act.entry;
        if (entry.bytes) entry.picture = freePictureName(record, entry.picture);
        record.entries.push_back(std::move(entry));
    }
    return record;
}

void StudyWriter::writeNext() {
    if (acts_.empty()) return Q_EMIT idle();
    isRunning_ = true;
    const auto act = std::make_shared<const Act>(std::move(acts_.front()));
    acts_.pop_front();
    const auto document =
        std::make_shared<const storage::Document>(storage::Document{act->as.study, *act->as.library, recordWith(*act)});
    const QString path = act->path.isEmpty() ? path_ : act->path;
    worker_.run([document, path, act](const common::Progress&) { return writeStudy(*document, path, act->as); },
                [this, document, path, act](const common::Done& done) {
                    isRunning_ = false;
                    if (done) {
                        path_ = path;
                        record_ = document->record;
                        writtenWith_ = document->study;
                        Q_EMIT written(record_, writtenWith_, act->entry.has_value());
                        if (act->then) act->then(done);
                    } else {
                        letGo(*act, done);
                    }
                    if (!isRunning_) writeNext();
                });
}

void StudyWriter::letGo(const Act& act, const common::Done& done) {
    std::deque<Act> all = std::exchange(acts_, {});
    all.push_front(act);
    if (std::ranges::any_of(all, [](const Act& one) { return one.entry.has_value(); })) Q_EMIT refused(done.problem());
    for (const Act& one : all)
        if (one.then) one.then(done);
}

void StudyWriter::finish() {
    while (isBusy()) {
        worker_.finish();
        QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
    }
}

}  // namespace app
