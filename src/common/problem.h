#pragma once

#include <string>

namespace common {

/// What a user's input can do wrong. `wording` has one sentence for each.
enum class ProblemKind {
    fileMissing,
    fileUnreadable,
    fileTooLarge,
    pictureUnknown,
    pictureTruncated,
    pictureTooSmall,
    pictureTooLarge,
    pictureColourSpace,
    pictureProfile,
    pictureMoving,
    cardMissing,
    cardOther,  // a swatch card where a test card of papers is wanted, or the other way round
    cardCutOff,
    cardTooDark,
    cardTooBright,
    cardBlurred,
    workMissing,  // the sheet is not in the photograph, or another one
    workCutOff,
    workTooDark,
    workTooBright,
    workBlurred,
    sketchMissing,  // no sheet of the right format is in the photograph
    sketchEmpty,    // nothing is drawn on it
    folderUnwritable,
    diskFull,
    writeFailed,
    outputFailed,
    trayEmpty,
    trayTooLarge,
    paperMissing,
    paperUnknown,
    columnMissing,
    fieldBad,
    rowBad,
    encodingBad,
    listUnknown,
    listIncludes,
    coloursUnknown,
    drawerDamaged,
    drawerNewer,
    tooManyRows,
    readerLost,
    readerUncalibrated,
    readerUnsteady,
    tileWrong,
    duneDamaged,
    duneNewer,
    journalDamaged,
    libraryDamaged,
    libraryNewer,
    libraryBusy,
    libraryReadOnly,
    thingsUnreadable,
    frameMended,
    numberBad,
    colourBad,
    nameUnknown,
    commandIncomplete,
    memoryShort,
    unexpected,
    cancelled,
};

/// A problem as a value: what, where (file or option, row counted from 1, 0 for none) and the offending text.
struct Problem {
    ProblemKind kind;
    std::string where;
    int row = 0;
    std::string what = {};
    std::string allowed = {};

    bool operator==(const Problem&) const = default;
};

}  // namespace common
