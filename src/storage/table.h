#pragma once

#include <string>
#include <vector>

#include "common/file.h"
#include "common/progress.h"
#include "common/result.h"

namespace storage {

/// A list as it stands in a file: a row of headings and rows of fields, not yet understood.
struct TableRow {
    int number = 0;  // in the file, counted from 1, the headings being row 1
    std::vector<std::string> fields;
};

struct Table {
    std::string name;  // of the file, for problems
    std::vector<std::string> headings;
    std::vector<TableRow> rows;
    std::vector<common::Problem> bad;  // rows that could not be read, in order
};

inline constexpr int mostRows = 1'000'000;
inline constexpr std::uintmax_t mostListBytes = 256'000'000;

/// A table out of CSV (RFC 4180, UTF-8). Fields may also be parted by semicolons or tabs: what the first row has most
/// of. Rows that are not UTF-8 and what follows a quote that is never closed are listed as bad. Refuses a file in
/// another encoding altogether (encodingBad), one without headings (listUnknown), and more than mostRows (tooManyRows).
common::Result<Table> tableFromCsv(const common::Bytes& csv, const std::string& name,
                                   const common::Progress& progress = {});

/// A table out of a palette text file (.gpl): headings name and hex. Lines that are no colour are listed as bad.
common::Result<Table> tableFromPalette(const common::Bytes& text, const std::string& name);

/// A table out of colour readings (CGATS.17, read by Little CMS): headings id, name, L, a, b. Takes LAB, XYZ (0..100)
/// or spectral columns ("SPECTRAL_NM380", "SPEC_380", "NM_380"; in 0..1 or percent; seen in daylight, D65), in this
/// order; refuses others, and LAB and XYZ under another illuminant than D50, as coloursUnknown.
common::Result<Table> tableFromReadings(const common::Bytes& text, const std::string& name);

/// A palette or colour readings by what the file holds, CSV by its ending; listUnknown otherwise.
common::Result<Table> readTable(const std::string& file, const common::Progress& progress = {});

}  // namespace storage
