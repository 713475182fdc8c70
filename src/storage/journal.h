#pragma once

#include <QByteArray>
#include <QDateTime>
#include <QString>
#include <memory>
#include <vector>

#include "common/result.h"
#include "materials/material.h"
#include "planning/study.h"

namespace storage {

/// A state of a study in the history of its choices, and the choice that led to it.
struct JournalStep {
    QString what;  // as undo names it; empty for the first, which no choice led to
    QString mergeKey;
    planning::Study study;
    std::shared_ptr<const materials::Library> library;  // shared by the steps that draw from the same
};

/// Work that is not saved: the states that undo and redo reach. Pictures and materials that steps share are held once.
struct Journal {
    QString file;  // the .dune that it was opened from or last saved to, or empty
    std::vector<JournalStep> steps;
    int at = 0;               // the state in hand
    QByteArray thumbnailPng;  // of the sheet, or of the subject while there is no plan
};

/// What is told of a journal before it is taken up.
struct JournalHead {
    QString title, file;
    QDateTime written;
    int choices = 0;
    QByteArray thumbnailPng;
};

/// Writes it whole, or leaves the one that was there; only the last 200 steps are kept. Problems: those of writeWhole.
common::Done writeJournal(const Journal& journal, const std::filesystem::path& file);

/// journalDamaged for what is cut off, damaged or no journal.
common::Result<Journal> readJournal(const std::filesystem::path& file);
common::Result<JournalHead> readJournalHead(const std::filesystem::path& file);

}  // namespace storage
