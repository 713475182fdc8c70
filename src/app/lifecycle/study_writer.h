#pragma once

#include <QImage>
#include <QObject>
#include <QString>
#include <deque>
#include <functional>
#include <memory>
#include <optional>

#include "app/background.h"
#include "planning/record.h"
#include "storage/document.h"

namespace app {

/// A study as an act found it: a copy, so that no later choice and no other study gets into what is written.
struct StudySnapshot {
    planning::Study study;
    std::shared_ptr<const materials::Library> library;
    std::shared_ptr<const planning::Reading> reading;  // null until there is one
    QImage sheet;                                      // as the plan ends; null without a plan
    std::string paper, paperName, ground;              // of the plan: what a record is begun on
};

/// Writes one study's file, and can reach no other: acts one after the other, each on the disk before the next is
/// begun. It outlives its study in the window for as long as anything is on its way.
class StudyWriter : public QObject {
    Q_OBJECT

 public:
    /// `record` and `writtenWith` are as they lie in the file. The path is empty while there is no file.
    StudyWriter(QString path, planning::Record record, planning::Study writtenWith);
    /// Waits for what is on its way.
    ~StudyWriter() override;

    const QString& path() const { return path_; }
    void setPath(const QString& path) { path_ = path; }
    bool isBusy() const { return isRunning_ || !acts_.empty(); }

    /// Adds an entry to the record. A picture gets a name that is free in the record: "photo.jpg" becomes
    /// "photo-001.jpg".
    void add(StudySnapshot as, planning::Entry entry);
    /// Writes the study to this file, which is its own from then on.
    void saveTo(const QString& path, StudySnapshot as, std::function<void(const common::Done&)> then);
    /// Blocks until all is written or refused.
    void finish();

 Q_SIGNALS:
    /// The record on the disk, the study beside it, and whether an entry (its last) was added.
    void written(const planning::Record& record, const planning::Study& study, bool hasEntry);
    /// What waited after this one is let go too, since it follows from it.
    void refused(const common::Problem& problem);
    void idle();

 private:
    struct Act {
        StudySnapshot as;
        std::optional<planning::Entry> entry;
        QString path;  // empty: its own
        std::function<void(const common::Done&)> then;
    };
    void push(Act act);
    void writeNext();
    /// What could not be done, and all that waited for it.
    void letGo(const Act& act, const common::Done& done);
    planning::Record recordWith(const Act& act) const;

    QString path_;
    planning::Record record_;
    planning::Study writtenWith_;
    std::deque<Act> acts_;
    bool isRunning_ = false;
    Background worker_{this};
};

}  // namespace app
