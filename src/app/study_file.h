#pragma once

#include <QObject>
#include <QString>
#include <deque>
#include <functional>
#include <vector>

#include "app/background.h"
#include "app/session.h"
#include "storage/document.h"

namespace app {

/// An entry of a record at this time, its kind not said.
planning::Entry entryNow();

/// The file of the study in hand, and the only one that writes it: study, materials and record together. An entry of
/// the record is on the disk before the session has it, and so before anything shows it.
class StudyFile : public QObject {
    Q_OBJECT

 public:
    explicit StudyFile(Session& session);
    ~StudyFile() override;

    const QString& path() const { return path_; }
    /// The study in hand is, or is to be, in this file; empty while it has none.
    void setPath(const QString& path) { path_ = path; }

    /// Asks where a study without a file is to be kept, and saves it there; false if the artist will not say.
    std::function<bool()> savedSomewhere = [] { return false; };

    /// Writes what is in hand here, after the entries that are on their way.
    common::Done saveTo(const QString& path);

    /// Adds to the record. Written in the background, in the order of the calls; `kept` tells when one is on the disk.
    /// What cannot be written is told and forgotten.
    void record(planning::Entry entry);
    bool isWriting() const { return writer_.isBusy(); }
    /// Waits until all entries are written or refused.
    void settle();

 Q_SIGNALS:
    void kept(const planning::Entry& entry);
    void problemMet(const common::Problem& problem);
    void pathMissing();

 private:
    struct Pictures {
        std::shared_ptr<const planning::Reading> reading;
        QImage sheet;
    };
    Pictures pictures() const;
    static common::Done written(const storage::Document& document, const QString& path, const Pictures& pictures);
    void writeNext();

    Session& session_;
    QString path_;
    std::deque<planning::Entry> waiting_;
    Background writer_{this};
};

}  // namespace app
