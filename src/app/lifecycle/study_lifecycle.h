#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

#include "app/desk.h"
#include "app/recovery/journal_keeper.h"

namespace app {

/// Which study is in hand, and the one owner of that: opening, closing, recovering, beginning anew and the end of the
/// program all go through it. Another study comes in hand only when all that was done on this one is on the disk and
/// the artist has decided about its unsaved choices; until then this one stays, and so do acts and choices made
/// meanwhile.
class StudyLifecycle : public QObject {
    Q_OBJECT

 public:
    enum class Unsaved { save, discard, stay };
    /// What the artist is asked; the window answers for her.
    struct Questions {
        std::function<Unsaved()> unsavedChoices = [] { return Unsaved::stay; };
        /// The own materials cannot be read (the sentence says why): plan with the starter materials meanwhile?
        std::function<bool(const QString&)> starterMaterials = [](const QString&) { return false; };
        /// Where the study is to be saved; empty for nowhere.
        std::function<QString()> nameToSave = [] { return QString(); };
    };

    /// The desk must live longer.
    StudyLifecycle(Desk& desk, const QString& journalFolder);

    Questions ask;
    JournalKeeper& keeper() { return keeper_; }

    /// A picture starts a new study on the own materials; a .dune opens it. Read in the background, and the study in
    /// hand stays until then. False, with a sentence, for a problem that is found at once.
    bool openFile(const QString& file);
    /// A study that ships ("kettle", "hills"), as one that has no file yet.
    bool openDemo(const QString& name);
    /// Pins another reference up beside the leading one, likewise.
    bool pinUp(const QString& file);
    /// Goes on with what an earlier run did not save; read in the background.
    void takeUp(const UnsavedWork& work);
    /// The study in hand on a fresh sheet: nothing is laid, and it has no file yet.
    void beginAnotherSheet();

    /// Does something once the study in hand may be left: at once, or when what is on its way is written. What was to
    /// be done before is dropped.
    void leave(std::function<void()> then);
    /// The study in hand stays, whatever was to be done.
    void stay();
    bool isLeaving() const { return bool(afterLeaving_); }

    bool isReading() const { return reader_.isBusy(); }
    void stopReading();

    /// False, with a sentence, if it cannot be.
    bool save();
    bool saveAs();
    bool saveTo(const QString& file);

    /// Asks about choices that are not saved, where the session's end leaves time for it; false: the artist stays.
    bool askBeforeEnd();
    /// The program ends without asking (logout, SIGTERM): what was done is written, and choices that are not saved go
    /// into the journal, which the next start offers.
    void endSession();
    /// That was done, and nothing has been chosen or done since: the window may close unasked.
    bool hasEnded() const { return hasEnded_; }

 Q_SIGNALS:
    void said(const QString& sentence);
    /// A problem of the study before is no longer told.
    void problemGone();
    /// Another study is in hand.
    void swapped();
    void waitBegan(const QString& what);
    /// ... of what takes longer than half a second, where the artist may also stay.
    void leavingSlowly();
    void waitEnded();

 private:
    struct Unread {
        QString file;
        common::Problem why;
    };

    bool openStudy(const QString& file, const QString& savedAs);
    void openPicture(const QString& file, std::shared_ptr<const planning::ReferenceFile> reference,
                     std::shared_ptr<const subject::Picture> picture);
    bool readPicture(
        const QString& file,
        std::function<void(std::shared_ptr<const planning::ReferenceFile>, std::shared_ptr<const subject::Picture>)>
            then);
    /// Reads a file in the background (`work` gives a common::Result), then does something with what was read.
    template <typename Work, typename Then>
    bool readInBackground(const QString& file, std::uintmax_t mostBytes, const QString& what, Work work, Then then);
    void goOnLeaving();
    /// Whether the artist lets the choices that are not saved go, or has saved them.
    bool mayLetGo();
    /// The new study is in hand: where it is saved is remembered, and nothing is told of the old one.
    void begin(const QString& file);
    /// Reads the record of a recovered study's own file, which could not be read before; false if it still cannot.
    bool takeInUnread();
    /// Waits with the window alive but deaf.
    void waitUntil(const std::function<bool()>& isOver, int mostMilliseconds = -1);

    Desk& desk_;
    Session& session_;
    StudyFile& file_;
    JournalKeeper keeper_;
    std::function<void()> afterLeaving_;
    bool isAsking_ = false, hasEnded_ = false;
    QTimer slowly_;
    std::optional<Unread> unread_;  // the file of a recovered study
    Background reader_{this};
};

}  // namespace app
