#pragma once

#include <QImage>
#include <QString>

#include "common/result.h"
#include "planning/record.h"

namespace print {

/// What a picture was made of and how long it took, for its back.
struct RecordCard {
    QString title;
    QImage picture;  // the last photograph, or the sheet as predicted
    const planning::Record& record;
};

/// Writes the card as PDF (A4), whole or not at all. Needs a QGuiApplication.
common::Done writeRecordCard(const RecordCard& card, const QString& file);

}  // namespace print
