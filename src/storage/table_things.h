#pragma once

#include <string_view>
#include <vector>

#include "materials/owned.h"
#include "storage/table.h"

namespace storage {

/// What a column of a table may be of a thing.
enum class Column {
    none,
    kind,
    id,
    name,
    maker,
    number,
    hex,
    L,
    a,
    b,
    hiding,
    hardness,
    pigments,
    lightfastness,
    hazard,
    surface,
    water,
    stock,
    box,
    slot,
    notes,
    source,
    capacity,
    grip,
    sheetWidth,
    sheetHeight,
    sheets,
    fibres,
    otherSideOf,
};
inline constexpr int columnCount = 29;

/// The heading under which this program writes it ("hex"); empty for none.
std::string_view headingOf(Column column);

/// What the headings are likely to be: this program's own, and other words in use for them, each column once at most.
std::vector<Column> guessedColumns(const std::vector<std::string>& headings);

/// What goes for all rows where the table says nothing.
struct TableDefaults {
    std::string kind;  // "soft", "paper", "stump", ...; empty: a row must say it
    materials::ColourSource source = materials::ColourSource::file;
};

struct TableThings {
    std::vector<materials::Owned> things;
    std::vector<common::Problem> bad;  // rows that cannot be read or taken, in order
    int known = 0;                     // of the things, those that are in the drawer already
};

/// Things out of the rows. A row that names a thing of `known` (by id; by number on the label or by name where the
/// table has no ids) changes what the table has columns for and leaves the rest. New ones need a name or id, and a
/// colour if they are no tools. Refuses (columnMissing) a table without columns for these; stops on progress.stop.
common::Result<TableThings> thingsFrom(const Table& table, const std::vector<Column>& columns,
                                       const std::vector<materials::Owned>& known, const TableDefaults& defaults,
                                       const common::Progress& progress = {});

}  // namespace storage
