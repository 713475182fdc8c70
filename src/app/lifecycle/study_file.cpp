#include "app/lifecycle/study_file.h"

#include <QPointer>
#include <algorithm>
#include <utility>

namespace app {

StudyFile::StudyFile(Session& session) : session_(session) {
    const auto ofStudyInHand = [this] {
        begin(std::make_unique<StudyWriter>(QString(), session_.record(), session_.writtenWith()));
    };
    ofStudyInHand();
    connect(&session_, &Session::opened, this, ofStudyInHand);
}

StudyFile::~StudyFile() {
    // What is on its way is written yet, but nobody is left to be told.
    for (const auto& writer : leaving_) disconnect(writer.get(), nullptr, this, nullptr);
    disconnect(writer_.get(), nullptr, this, nullptr);
}

void StudyFile::begin(std::unique_ptr<StudyWriter> writer) {
    if (writer_ && writer_->isBusy()) leaving_.push_back(std::move(writer_));
    writer_ = std::move(writer);
    StudyWriter* one = writer_.get();
    connect(one, &StudyWriter::written, this,
            [this, one](const planning::Record& record, const planning::Study& study, bool hasEntry) {
                ++writes_;
                if (one != writer_.get()) return;  // it is in its file; nothing that is shown hangs on it
                session_.takeRecord(record, study);
                if (hasEntry) Q_EMIT kept(record.entries.back());
            });
    connect(one, &StudyWriter::refused, this, &StudyFile::problemMet);
    connect(one, &StudyWriter::idle, this, [this, one] {
        const auto gone = std::ranges::find(leaving_, one, &std::unique_ptr<StudyWriter>::get);
        if (gone != leaving_.end()) {
            gone->release()->deleteLater();
            leaving_.erase(gone);
        }
        Q_EMIT settled();
    });
}

void StudyFile::startFrom(const QString& path, planning::Record record, planning::Study writtenWith) {
    begin(std::make_unique<StudyWriter>(path, std::move(record), std::move(writtenWith)));
}

StudySnapshot StudyFile::snapshot() const {
    StudySnapshot now{session_.study(), session_.sharedLibrary(), session_.reading(), {}, {}, {}, {}};
    if (const auto plan = session_.plan()) {
        now.sheet = session_.sheetAfter(int(plan->steps.size()));
        now.paper = plan->paper.id;
        now.paperName = plan->paper.name;
        now.ground = nameOf(plan->ground.strategy);
    }
    return now;
}

void StudyFile::saveTo(const QString& path, std::function<void(const common::Done&)> then) {
    writer_->saveTo(path, snapshot(), std::move(then));
}

void StudyFile::record(planning::Entry entry) {
    if (path().isEmpty() && !savedSomewhere()) return Q_EMIT pathMissing();
    writer_->add(snapshot(), std::move(entry));
}

std::shared_ptr<void> StudyFile::entryToCome() {
    ++toCome_;
    return {this, [self = QPointer(this)](void*) {
                if (!self) return;
                --self->toCome_;
                QMetaObject::invokeMethod(self, &StudyFile::settled, Qt::QueuedConnection);
            }};
}

void StudyFile::finish() {
    while (!leaving_.empty()) leaving_.front()->finish();  // it leaves the list by itself
    writer_->finish();
}

}  // namespace app
