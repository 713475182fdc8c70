#pragma once

#include <QLockFile>
#include <QObject>
#include <QTimer>
#include <memory>
#include <vector>

#include "app/background.h"
#include "app/session.h"
#include "storage/journal.h"

namespace app {

/// Work of an earlier run that was not saved, held so that no other window takes it.
struct UnsavedWork {
    QString journal;  // its file
    common::Result<storage::JournalHead> head;
    std::shared_ptr<QLockFile> lock;
};

/// Writes the choices that are not saved into a journal of their own within two seconds, off the interface thread, and
/// throws it away when they are saved or discarded. One file a window; a lock tells other windows that it is in use.
class JournalKeeper : public QObject {
    Q_OBJECT

 public:
    /// In the folder "yawning-dune/unsaved" of the XDG state folder.
    static QString usualFolder();
    /// What earlier runs left there that no running window has.
    static std::vector<UnsavedWork> unsavedWork(const QString& folder);
    static void throwAway(const UnsavedWork& work);

    JournalKeeper(Session& session, QString folder, QObject* parent = nullptr);
    ~JournalKeeper() override;

    /// Where the study in hand is saved, which is told again when its journal is taken up.
    void setStudyFile(const QString& file) { studyFile_ = file; }
    /// From now on the session's choices are those of this work, and are kept in its journal.
    void adopt(const UnsavedWork& work);
    void discard();
    /// Blocks until choices that are not saved are in the journal.
    void flush();
    QString folder() const { return folder_; }

 Q_SIGNALS:
    /// The first time that it cannot be written; what was written before is still there.
    void problemMet(const common::Problem& problem);

 private:
    void write();

    Session& session_;
    QString folder_, studyFile_, journal_;
    std::shared_ptr<QLockFile> lock_;
    QTimer delay_;
    bool isTold_ = false;
    Background writer_{this};
};

}  // namespace app
