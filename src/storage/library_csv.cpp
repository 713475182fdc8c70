#include "storage/library_csv.h"

#include <csv.h>

#include <QString>
#include <QStringList>
#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <map>
#include <set>

#include "materials/hazards.h"
#include "materials/names.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

struct Rows {
    std::vector<std::vector<std::string>> all;
    std::vector<std::string> current;
};

void onField(void* field, std::size_t size, void* data) {
    static_cast<Rows*>(data)->current.emplace_back(static_cast<const char*>(field), size);
}

void onRow(int, void* data) {
    auto* rows = static_cast<Rows*>(data);
    rows->all.push_back(std::move(rows->current));
    rows->current.clear();
}

common::Result<Rows> rowsOf(const common::Bytes& csv, const std::string& name) {
    Rows rows;
    csv_parser parser;
    csv_init(&parser, CSV_STRICT | CSV_STRICT_FINI | CSV_APPEND_NULL);
    // A byte order mark would stick to the first column's name.
    const std::size_t start = csv.size() >= 3 && csv[0] == 0xEF && csv[1] == 0xBB && csv[2] == 0xBF ? 3 : 0;
    const std::size_t size = csv.size() - start;
    const bool whole = csv_parse(&parser, csv.data() + start, size, onField, onRow, &rows) == size &&
                       csv_fini(&parser, onField, onRow, &rows) == 0;
    csv_free(&parser);
    if (!whole) return Problem{ProblemKind::rowBad, name, int(rows.all.size()) + 1};
    return rows;
}

/// One row, read by column name.
class RowReader {
 public:
    RowReader(const std::map<std::string, int>& columns, const std::vector<std::string>& fields, int number,
              const std::string& file)
        : columns_(columns), fields_(fields), number_(number), file_(file) {}

    std::string text(const std::string& column) const {
        const auto found = columns_.find(column);
        if (found == columns_.end() || found->second >= int(fields_.size())) return {};
        return QString::fromStdString(fields_[found->second]).trimmed().toStdString();
    }
    double number(const std::string& column, double byDefault, double least, double most) {
        const std::string field = text(column);
        if (field.empty()) return byDefault;
        bool ok = false;
        const double value = QString::fromStdString(field).toDouble(&ok);
        if (!ok || !std::isfinite(value) || value < least || value > most)
            fail(column, field, QStringLiteral("%1 to %2").arg(least).arg(most).toStdString());
        return value;
    }
    colour::Srgb8 hex() {
        const auto colour = colour::srgb8FromHex(text("hex"));
        if (!colour) fail("hex", text("hex"), "#rrggbb");
        return colour.value_or(colour::Srgb8{});
    }
    template <typename Enum>
    Enum word(const std::string& column, std::optional<Enum> (*named)(std::string_view), Enum byDefault) {
        const std::string field = text(column);
        if (field.empty()) return byDefault;
        const auto value = named(field);
        if (!value) fail(column, field, {});
        return value.value_or(byDefault);
    }
    void fail(const std::string& column, const std::string& field, const std::string& allowed) {
        if (!problem) problem = Problem{ProblemKind::fieldBad, file_, number_, column + " \"" + field + "\"", allowed};
    }

    std::optional<Problem> problem;

 private:
    const std::map<std::string, int>& columns_;
    const std::vector<std::string>& fields_;
    int number_;
    const std::string& file_;
};

std::vector<std::string> listOf(const std::string& field, QChar separator) {
    std::vector<std::string> list;
    for (const QString& part : QString::fromStdString(field).split(separator, Qt::SkipEmptyParts))
        list.push_back(part.trimmed().toStdString());
    return list;
}

void readPaper(RowReader& row, materials::Library& library) {
    materials::Paper paper{row.text("id"), row.text("maker"), row.text("name"), {}, row.hex(), {}};
    paper.surface = row.word("surface", &materials::surfaceNamed, materials::Surface::sanded400);
    paper.water = row.word("water", &materials::waterNamed, materials::Water::none);
    if (paper.name.empty()) paper.name = paper.id;
    library.papers.push_back(paper);
}

void readMedium(RowReader& row, materials::Library& library) {
    materials::Material medium;
    medium.id = row.text("id");
    medium.maker = row.text("maker");
    medium.name = row.text("name");
    medium.kind = row.word("kind", &materials::kindNamed, materials::Kind::soft);
    medium.masstone = row.hex();
    medium.hiding = row.number("hiding", 1.0, 0.05, 5.0);
    medium.hardness = row.number("hardness", materials::usualHardness(medium.kind), 0.0, 1.0);
    medium.pigments = listOf(row.text("pigments"), ';');
    medium.lightfastness = row.text("lightfastness");
    medium.hazards = listOf(row.text("hazard"), ',');
    // A list that says nothing is no all-clear.
    if (medium.hazards.empty()) medium.hazards = materials::hazardsOf(medium.pigments);
    if (medium.name.empty()) medium.name = medium.id;
    library.media.push_back(medium);
}

}  // namespace

common::Result<materials::Library> libraryFromCsv(const common::Bytes& csv, const std::string& name) {
    auto rows = rowsOf(csv, name);
    if (!rows) return rows.problem();
    std::map<std::string, int> columns;
    if (!rows->all.empty())
        for (const std::string& column : rows->all.front())
            columns.emplace(QString::fromStdString(column).trimmed().toLower().toStdString(), int(columns.size()));
    for (const char* needed : {"kind", "id", "hex"})
        if (!columns.contains(needed)) return Problem{ProblemKind::columnMissing, name, 0, needed};

    materials::Library library;
    std::set<std::string> ids;
    for (std::size_t i = 1; i < rows->all.size(); ++i) {
        RowReader row(columns, rows->all[i], int(i) + 1, name);
        const std::string id = row.text("id");
        if (id.empty() || !ids.insert(id).second) row.fail("id", id, {});
        if (row.text("kind") == "paper")
            readPaper(row, library);
        else
            readMedium(row, library);
        if (row.problem) return *row.problem;
    }
    return library;
}

common::Result<materials::Library> readLibraryCsv(const std::filesystem::path& file) {
    auto bytes = common::readFile(file);
    if (!bytes) return bytes.problem();
    return libraryFromCsv(*bytes, file.string());
}

common::Result<materials::Library> readLibraryFolder(const std::filesystem::path& folder) {
    std::vector<std::filesystem::path> files;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error))
        if (entry.path().extension() == ".csv") files.push_back(entry.path());
    if (files.empty()) return Problem{ProblemKind::fileMissing, folder.string()};
    std::ranges::sort(files);
    materials::Library library;
    for (const auto& file : files) {
        auto part = readLibraryCsv(file);
        if (!part) return part.problem();
        library.media.insert(library.media.end(), part->media.begin(), part->media.end());
        library.papers.insert(library.papers.end(), part->papers.begin(), part->papers.end());
    }
    return library;
}

std::filesystem::path dataFolder() {
    if (const char* set = std::getenv("YAWNING_DUNE_DATA")) return set;
    const std::filesystem::path source = YAWNING_DUNE_SOURCE_DATA;
    return std::filesystem::exists(source) ? source : std::filesystem::path(YAWNING_DUNE_INSTALLED_DATA);
}

}  // namespace storage
