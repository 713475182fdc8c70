#pragma once

#include <QObject>
#include <QString>
#include <functional>
#include <memory>
#include <vector>

#include "app/lifecycle/study_writer.h"
#include "app/session.h"

namespace app {

/// The file of the study in hand: study, materials and record together. An entry of the record is on the disk before
/// the session has it, and so before anything shows it. Each study has a writer of its own (StudyWriter): what is on
/// its way when another study comes in hand still goes to its own file.
class StudyFile : public QObject {
    Q_OBJECT

 public:
    explicit StudyFile(Session& session);
    /// Waits for what is on its way.
    ~StudyFile() override;

    const QString& path() const { return writer_->path(); }
    /// The study in hand is, or is to be, in this file; empty while it has none.
    void setPath(const QString& path) { writer_->setPath(path); }
    /// The study in hand lies in this file with this record, which it has yet to take in: that is done by the next
    /// save.
    void startFrom(const QString& path, planning::Record record, planning::Study writtenWith);

    /// Asks where a study without a file is to be kept, and saves it there; false if the artist will not say.
    std::function<bool()> savedSomewhere = [] { return false; };

    /// Writes what is in hand here, after the entries that are on their way; `then` tells how it went.
    void saveTo(const QString& path, std::function<void(const common::Done&)> then);

    /// Adds to the record of the study in hand. Written in the background, in the order of the calls; `kept` tells when
    /// one is on the disk. What cannot be written is told and forgotten.
    void record(planning::Entry entry);
    /// Held while an entry is still to be made of something (a photograph that is being read, an act that waits for the
    /// plan): the study in hand stays until then.
    std::shared_ptr<void> entryToCome();

    /// Something of the study in hand is on its way to the disk.
    bool isWriting() const { return writer_->isBusy(); }
    /// Nothing is on its way, of any study, and no entry is still to come.
    bool isSettled() const { return !isWriting() && leaving_.empty() && toCome_ == 0; }
    /// How often a study was written so far: what was read from a file before may be old since.
    int writes() const { return writes_; }
    /// Blocks until all that is on its way is written or refused.
    void finish();

 Q_SIGNALS:
    void kept(const planning::Entry& entry);
    void problemMet(const common::Problem& problem);
    void pathMissing();
    /// isSettled() may have become true.
    void settled();

 private:
    void begin(std::unique_ptr<StudyWriter> writer);
    StudySnapshot snapshot() const;

    Session& session_;
    std::unique_ptr<StudyWriter> writer_;
    std::vector<std::unique_ptr<StudyWriter>> leaving_;  // of studies that are no longer in hand
    int toCome_ = 0, writes_ = 0;
};

}  // namespace app
