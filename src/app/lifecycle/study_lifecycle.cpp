#include "app/lifecycle/study_lifecycle.h"

#include <QElapsedTimer>
#include <QEventLoop>
#include <QFileInfo>
#include <utility>

#include "app/own_hand.h"
#include "app/own_pace.h"
#include "app/preferences.h"
#include "common/file.h"
#include "storage/archive.h"
#include "storage/document.h"
#include "storage/library_csv.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// What takes longer than this shows progress.
constexpr int slowMilliseconds = 500;

bool isSameFile(const QString& one, const QString& other) {
    const QFileInfo first(one), second(other);
    return first.absoluteFilePath() == second.absoluteFilePath() ||
           (first.exists() && second.exists() && first.canonicalFilePath() == second.canonicalFilePath());
}

}  // namespace

StudyLifecycle::StudyLifecycle(Desk& desk, const QString& journalFolder)
    : desk_(desk), session_(desk.session()), file_(desk.file()), keeper_(session_, journalFolder) {
    file_.savedSomewhere = [this] { return save(); };
    reader_.failed = [this](const common::Problem& problem) { Q_EMIT said(wording::problemSentence(problem)); };
    slowly_.setSingleShot(true);
    slowly_.setInterval(slowMilliseconds);
    connect(&slowly_, &QTimer::timeout, this, &StudyLifecycle::leavingSlowly);
    connect(&file_, &StudyFile::settled, this, &StudyLifecycle::goOnLeaving);
    const auto goesOn = [this] { hasEnded_ = false; };
    connect(&session_, &Session::studyChanged, this, goesOn);
    connect(&session_, &Session::recordChanged, this, goesOn);
    // What could not be written is told; the artist stays with it, whatever was to be opened.
    connect(&file_, &StudyFile::problemMet, this, [this] {
        stopReading();
        stay();
    });
}

void StudyLifecycle::leave(std::function<void()> then) {
    afterLeaving_ = std::move(then);
    goOnLeaving();
}

void StudyLifecycle::stay() {
    if (!afterLeaving_) return;
    afterLeaving_ = {};
    slowly_.stop();
    Q_EMIT waitEnded();
}

void StudyLifecycle::goOnLeaving() {
    if (!afterLeaving_ || isAsking_) return;
    if (!file_.isSettled()) {
        if (!slowly_.isActive()) slowly_.start();
        return;
    }
    slowly_.stop();
    if (session_.study().reference && !session_.history().isClean()) {
        if (!mayLetGo()) return stay();
        // The question stood open for a while: a photograph may have come in.
        if (!file_.isSettled()) return goOnLeaving();
    }
    const auto then = std::exchange(afterLeaving_, {});
    if (!then) return;
    Q_EMIT waitEnded();
    then();
}

bool StudyLifecycle::mayLetGo() {
    isAsking_ = true;
    const Unsaved answer = ask.unsavedChoices();
    const bool mayGo = answer == Unsaved::discard || (answer == Unsaved::save && save());
    isAsking_ = false;
    return mayGo;
}

bool StudyLifecycle::askBeforeEnd() {
    return !session_.study().reference || session_.history().isClean() || isAsking_ || mayLetGo();
}

void StudyLifecycle::begin(const QString& file) {
    reader_.stop();  // what is still being read was for the study before
    unread_.reset();
    file_.setPath(file);
    keeper_.setStudyFile(file);
    if (!file.isEmpty() && !file.startsWith(QString::fromStdString(storage::dataFolder().string())))
        rememberStudy(file);
    Q_EMIT problemGone();
    Q_EMIT swapped();
}

bool StudyLifecycle::openFile(const QString& file) {
    if (QFileInfo(file).suffix().toLower() == QStringLiteral("dune")) return openStudy(file, file);
    return readPicture(file, [this, file](auto reference, auto picture) {
        openPicture(file, std::move(reference), std::move(picture));
    });
}

void StudyLifecycle::openPicture(const QString& file, std::shared_ptr<const planning::ReferenceFile> reference,
                                 std::shared_ptr<const subject::Picture> picture) {
    planning::Study study;
    study.title = QFileInfo(file).completeBaseName().toStdString();
    study.hand = workingHand();
    study.pace = ownPace().pace;
    study.touch = touchOfNewStudies();
    if (picture->sourcePixels.height > picture->sourcePixels.width)
        std::swap(study.widthMillimetres, study.heightMillimetres);
    study.reference = std::move(reference);
    leave([this, study = std::move(study), picture = std::move(picture)]() mutable {
        QString word;  // of the materials, told once the picture is there
        const auto heard = connect(&desk_, &Desk::said, this, [&word](const QString& sentence) { word = sentence; });
        auto materials = desk_.materials();
        disconnect(heard);
        if (!materials) {
            const QString why = wording::problemSentence(materials.problem());
            Q_EMIT said(why);
            if (!ask.starterMaterials(why)) return;
            word = why;
            materials = desk_.starter();
        }
        session_.open(std::move(study), *std::move(materials), std::move(picture));
        begin({});
        if (!word.isEmpty()) Q_EMIT said(word);
    });
}

bool StudyLifecycle::openStudy(const QString& file, const QString& savedAs) {
    return readInBackground(
        file, storage::mostArchiveBytes, tr("Reading the study"),
        [file](const common::Progress&) -> common::Result<storage::Document> {
            auto read = storage::readDocument(file.toStdString());
            // A sheet that is begun keeps the pace that it was planned with.
            if (!read || !read->record.isEmpty()) return read;
            storage::Document document = *std::move(read);
            document.study.pace = ownPace().pace;
            return document;
        },
        [this, file, savedAs, writes = file_.writes()](storage::Document read) {
            const auto document = std::make_shared<storage::Document>(std::move(read));
            leave([this, file, savedAs, document, writes] {
                // It may be the very file that was still being written.
                if (file_.writes() != writes) return void(openStudy(file, savedAs));
                session_.open(std::move(document->study), std::move(document->library), nullptr,
                              std::move(document->record));
                begin(savedAs);
                if (document->isFrameMended)
                    Q_EMIT said(wording::problemSentence({common::ProblemKind::frameMended, file.toStdString()}));
            });
        });
}

bool StudyLifecycle::openDemo(const QString& name) {
    const auto file = storage::dataFolder() / "demo" / (name.toStdString() + ".dune");
    return openStudy(QString::fromStdString(file.string()), {});
}

bool StudyLifecycle::pinUp(const QString& file) {
    if (!session_.study().reference || session_.study().others.size() >= planning::mostOthers) {
        Q_EMIT said(
            tr("Open the leading picture first; %1 more can be pinned up beside it.").arg(planning::mostOthers));
        return false;
    }
    return readPicture(file, [this](auto reference, auto) {
        session_.choose(tr("Pin up a reference"),
                        [&](planning::Study& study) { study.others.push_back(std::move(reference)); });
    });
}

void StudyLifecycle::beginAnotherSheet() {
    if (!session_.study().reference) return;
    leave([this] {
        planning::Study study = session_.study();
        study.pace = ownPace().pace;
        study.touch = touchOfNewStudies();
        materials::Library library = session_.library();
        session_.open(std::move(study), std::move(library));
        begin({});
    });
}

void StudyLifecycle::takeUp(const UnsavedWork& work) {
    // What was done is in the study's file, whatever choices were not saved.
    struct Read {
        storage::Journal journal;
        storage::Document saved;
        std::optional<Unread> unread;
    };
    readInBackground(
        work.journal, storage::mostArchiveBytes, tr("Reading what was not saved"),
        [file = work.journal.toStdString()](const common::Progress&) -> common::Result<Read> {
            auto journal = storage::readJournal(file);
            if (!journal) return journal.problem();
            Read read{*std::move(journal), {}, {}};
            if (read.journal.file.isEmpty()) return read;
            auto saved = storage::readDocument(read.journal.file.toStdString());
            if (saved)
                read.saved = *std::move(saved);
            else
                read.unread = Unread{read.journal.file, saved.problem()};
            return read;
        },
        [this, work, writes = file_.writes()](Read all) {
            leave([this, work, writes, read = std::make_shared<Read>(std::move(all))] {
                if (file_.writes() != writes) return takeUp(work);
                const storage::Journal& journal = read->journal;
                session_.takeUp(journal.steps, journal.at, read->saved.record, read->saved.study);
                begin(read->unread ? QString() : journal.file);
                keeper_.setStudyFile(journal.file);
                keeper_.adopt(work);
                unread_ = read->unread;
                if (unread_)
                    Q_EMIT said(tr("%1 Your choices are here, but what was done at the easel is in that file. Make it "
                                   "readable and save, or save under another name.")
                                    .arg(wording::problemSentence(unread_->why)));
            });
        });
}

bool StudyLifecycle::readPicture(
    const QString& file,
    std::function<void(std::shared_ptr<const planning::ReferenceFile>, std::shared_ptr<const subject::Picture>)> then) {
    struct Read {
        std::shared_ptr<const planning::ReferenceFile> reference;
        std::shared_ptr<const subject::Picture> picture;
    };
    return readInBackground(
        file, subject::mostPictureBytes, tr("Reading the picture"),
        [file](const common::Progress&) -> common::Result<Read> {
            auto bytes = common::readFile(file.toStdString(), subject::mostPictureBytes);
            if (!bytes) return bytes.problem();
            auto picture = subject::readPicture(*bytes, file.toStdString(), planning::heldLongSide);
            if (!picture) return picture.problem();
            return Read{std::make_shared<planning::ReferenceFile>(
                            planning::ReferenceFile{QFileInfo(file).fileName().toStdString(), *std::move(bytes)}),
                        std::make_shared<subject::Picture>(*std::move(picture))};
        },
        [then = std::move(then)](Read read) { then(read.reference, read.picture); });
}

template <typename Work, typename Then>
bool StudyLifecycle::readInBackground(const QString& file, std::uintmax_t mostBytes, const QString& what, Work work,
                                      Then then) {
    stay();  // what is asked for last counts
    if (const auto size = common::fileSize(file.toStdString(), mostBytes); !size) {
        Q_EMIT said(wording::problemSentence(size.problem()));
        return false;
    }
    Q_EMIT waitBegan(what);
    reader_.run(std::move(work), [this, then = std::move(then)](auto read) mutable {
        Q_EMIT waitEnded();
        if (!read) return Q_EMIT said(wording::problemSentence(read.problem()));
        then(*std::move(read));
    });
    return true;
}

void StudyLifecycle::stopReading() {
    if (!isReading()) return;
    reader_.stop();
    Q_EMIT waitEnded();
}

bool StudyLifecycle::save() {
    if (unread_) return takeInUnread() ? saveTo(unread_->file) : saveAs();
    return file_.path().isEmpty() ? saveAs() : saveTo(file_.path());
}

bool StudyLifecycle::saveAs() {
    const QString file = ask.nameToSave();
    return !file.isEmpty() && saveTo(file);
}

bool StudyLifecycle::saveTo(const QString& file) {
    if (!session_.study().reference) {
        Q_EMIT said(tr("There is nothing to save yet: open a picture first."));
        return false;
    }
    if (unread_ && isSameFile(file, unread_->file) && file_.path().isEmpty() && !takeInUnread()) return false;
    std::optional<common::Done> done;
    file_.saveTo(file, [&done](const common::Done& result) { done = result; });
    waitUntil([&] { return done.has_value(); });
    if (!*done) {
        Q_EMIT said(wording::problemSentence(done->problem()));
        return false;
    }
    unread_.reset();
    keeper_.setStudyFile(file);
    rememberStudy(file);
    Q_EMIT problemGone();
    session_.history().setClean();
    return true;
}

bool StudyLifecycle::takeInUnread() {
    std::optional<common::Result<storage::Document>> read;
    reader_.run([file = unread_->file.toStdString()](const common::Progress&) { return storage::readDocument(file); },
                [&read](common::Result<storage::Document> document) { read = std::move(document); });
    waitUntil([&] { return read.has_value(); });
    if (!*read) {
        unread_->why = read->problem();
        Q_EMIT said(
            tr("%1 Nothing is written over it: save under another name.").arg(wording::problemSentence(unread_->why)));
        return false;
    }
    storage::Document document = *std::move(*read);
    file_.startFrom(unread_->file, std::move(document.record), std::move(document.study));
    return true;
}

void StudyLifecycle::waitUntil(const std::function<bool()>& isOver, int mostMilliseconds) {
    QElapsedTimer since;
    since.start();
    bool isSlow = false;
    QEventLoop loop;
    QTimer wake;  // so that the loop looks again
    wake.start(20);
    while (!isOver() && (mostMilliseconds < 0 || since.elapsed() < mostMilliseconds)) {
        loop.processEvents(QEventLoop::ExcludeUserInputEvents | QEventLoop::WaitForMoreEvents);
        if (!isSlow && since.elapsed() > slowMilliseconds) {
            isSlow = true;
            Q_EMIT waitBegan(tr("Writing the study"));
        }
    }
    if (isSlow) Q_EMIT waitEnded();
}

void StudyLifecycle::endSession() {
    constexpr int mostMilliseconds = 5000;  // for a photograph that is being read, or a plan that an act waits for
    afterLeaving_ = {};
    waitUntil([this] { return file_.isSettled(); }, mostMilliseconds);
    file_.finish();
    keeper_.flush();
    hasEnded_ = true;
}

}  // namespace app
