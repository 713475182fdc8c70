#include "app/recovery/journal_keeper.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QDir>
#include <QUuid>

namespace app {

namespace {

/// With the writing this stays within two seconds of a change.
constexpr int journalDelayMilliseconds = 800;

const QString journalEnding = QStringLiteral(".journal");

/// A lock is only stale when its program is gone.
std::shared_ptr<QLockFile> lockOf(const QString& journal) {
    auto lock = std::make_shared<QLockFile>(journal + QStringLiteral(".lock"));
    lock->setStaleLockTime(0);
    return lock->tryLock() ? lock : nullptr;
}

}  // namespace

QString JournalKeeper::usualFolder() {
    QString state = qEnvironmentVariable("XDG_STATE_HOME");
    if (state.isEmpty()) state = QDir::homePath() + QStringLiteral("/.local/state");
    return state + QStringLiteral("/yawning-dune/unsaved");
}

std::vector<UnsavedWork> JournalKeeper::unsavedWork(const QString& folder) {
    std::vector<UnsavedWork> all;
    for (const QFileInfo& info : QDir(folder).entryInfoList({QStringLiteral("*") + journalEnding}, QDir::Files))
        if (auto lock = lockOf(info.filePath()))
            all.push_back({info.filePath(), storage::readJournalHead(info.filePath().toStdString()), std::move(lock)});
    return all;
}

void JournalKeeper::throwAway(const UnsavedWork& work) {
    QFile::remove(work.journal);
    work.lock->unlock();
}

JournalKeeper::JournalKeeper(Session& session, QString folder, QObject* parent)
    : QObject(parent), session_(session), folder_(std::move(folder)) {
    delay_.setSingleShot(true);
    connect(&delay_, &QTimer::timeout, this, &JournalKeeper::write);
    connect(&session_, &Session::studyChanged, this, [this] {
        // Not begun anew by each change: steady work is journalled too.
        if (session_.study().reference && !delay_.isActive()) delay_.start(journalDelayMilliseconds);
    });
    connect(&session_.history(), &QUndoStack::cleanChanged, this, [this](bool isClean) {
        if (isClean) discard();
    });
}

JournalKeeper::~JournalKeeper() {
    writer_.finish();
}

void JournalKeeper::adopt(const UnsavedWork& work) {
    journal_ = work.journal;
    lock_ = work.lock;
}

void JournalKeeper::write() {
    if (session_.history().isClean() || !session_.study().reference) return;
    if (writer_.isBusy()) return delay_.start(journalDelayMilliseconds);  // nothing that waits there is dropped
    if (journal_.isEmpty()) {
        QDir().mkpath(folder_);
        journal_ = folder_ + QStringLiteral("/") + QUuid::createUuid().toString(QUuid::WithoutBraces) + journalEnding;
        lock_ = lockOf(journal_);
    }
    const auto plan = session_.plan();
    const QImage look = plan ? session_.sheetAfter(int(plan->steps.size())) : session_.shownPicture();
    storage::Journal journal{studyFile_, session_.steps(), session_.history().index(), {}};
    writer_.run(
        [journal = std::move(journal), look, file = journal_.toStdString()](const common::Progress&) mutable {
            constexpr int side = 240;
            QBuffer png(&journal.thumbnailPng);
            if (!look.isNull())
                look.scaled(side, side, Qt::KeepAspectRatio, Qt::SmoothTransformation).save(&png, "PNG");
            return storage::writeJournal(journal, file);
        },
        [this](const common::Done& done) {
            if (!done && !isTold_) Q_EMIT problemMet(done.problem());
            isTold_ = !done;
        });
}

void JournalKeeper::discard() {
    delay_.stop();
    if (journal_.isEmpty()) return;
    // After what is being written; the next choices go into a file of their own.
    writer_.append(
        [file = std::exchange(journal_, {}), lock = std::exchange(lock_, nullptr)](const common::Progress&) {
            QFile::remove(file);
            if (lock) lock->unlock();
            return true;
        },
        [](bool) {});
}

void JournalKeeper::flush() {
    delay_.stop();
    writer_.finish();
    QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);  // it is told that it is free
    write();
    writer_.finish();
}

}  // namespace app
