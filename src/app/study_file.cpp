#include "app/study_file.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QDateTime>
#include <QUuid>

#include "storage/log_shelf.h"
#include "storage/plan_export.h"

namespace app {

namespace {

planning::Entry planChanged() {
    planning::Entry entry = entryNow();
    entry.kind = planning::EntryKind::planChanged;
    return entry;
}

}  // namespace

planning::Entry entryNow() {
    const QDateTime now = QDateTime::currentDateTime();
    planning::Entry entry;
    entry.at = now.toMSecsSinceEpoch();
    entry.offsetMinutes = now.offsetFromUtc() / 60;
    return entry;
}

StudyFile::StudyFile(Session& session) : session_(session) {
    writer_.failed = [this](const common::Problem& problem) { Q_EMIT problemMet(problem); };
}

StudyFile::~StudyFile() {
    writer_.finish();
}

StudyFile::Pictures StudyFile::pictures() const {
    Pictures pictures{session_.reading(), {}};
    if (const auto plan = session_.plan()) pictures.sheet = session_.sheetAfter(int(plan->steps.size()));
    return pictures;
}

common::Done StudyFile::written(const storage::Document& document, const QString& path, const Pictures& pictures) {
    QByteArray areas, thumbnail;
    if (pictures.reading) areas = storage::areasPng(*pictures.reading);
    QBuffer png(&thumbnail);
    if (!pictures.sheet.isNull()) pictures.sheet.save(&png, "PNG");
    auto done = storage::writeDocument(document, path.toStdString(), areas, thumbnail);
    // The shelf only serves searching: that the study is written does not hang on it.
    if (done && !document.record.isEmpty())
        (void)storage::shelve(storage::usualLogFolder(), {document.study.title, path.toStdString(), document.record});
    return done;
}

common::Done StudyFile::saveTo(const QString& path) {
    settle();
    planning::Record record = session_.record();
    if (session_.hasChosenSince()) record.entries.push_back(planChanged());
    auto done = written({session_.study(), session_.library(), record}, path, pictures());
    if (!done) return done;
    path_ = path;
    session_.takeRecord(std::move(record), session_.study());
    return done;
}

void StudyFile::record(planning::Entry entry) {
    if (path_.isEmpty() && !savedSomewhere()) return Q_EMIT pathMissing();
    waiting_.push_back(std::move(entry));
    if (!writer_.isBusy()) writeNext();
}

void StudyFile::writeNext() {
    if (waiting_.empty()) return;
    planning::Record record = session_.record();
    if (record.isEmpty()) {
        record.id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
        if (const auto plan = session_.plan()) {
            record.paper = plan->paper.id;
            record.paperName = plan->paper.name;
            record.ground = nameOf(plan->ground.strategy);
        }
    }
    if (session_.hasChosenSince()) record.entries.push_back(planChanged());
    record.entries.push_back(waiting_.front());
    waiting_.pop_front();
    const storage::Document document{session_.study(), session_.library(), record};
    writer_.run([document, path = path_,
                 pictures = pictures()](const common::Progress&) { return written(document, path, pictures); },
                [this, document](const common::Done& done) {
                    if (done) {
                        session_.takeRecord(document.record, document.study);
                        Q_EMIT kept(document.record.entries.back());
                    } else {
                        waiting_.clear();
                        Q_EMIT problemMet(done.problem());
                    }
                    writeNext();
                });
}

void StudyFile::settle() {
    while (writer_.isBusy()) {
        writer_.finish();
        QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
    }
}

}  // namespace app
