#include "storage/library_csv.h"

#include <algorithm>
#include <cstdlib>

#include "storage/table_things.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

common::Result<std::vector<materials::Owned>> thingsFromCsv(const common::Bytes& csv, const std::string& name) {
    const auto table = tableFromCsv(csv, name);
    if (!table) return table.problem();
    const std::vector<Column> columns = guessedColumns(table->headings);
    for (const Column needed : {Column::kind, Column::id, Column::hex})
        if (std::ranges::find(columns, needed) == columns.end())
            return Problem{ProblemKind::columnMissing, name, 0, std::string(headingOf(needed))};
    auto found = thingsFrom(*table, columns, {}, {});
    if (!found) return found.problem();
    if (!found->bad.empty()) return found->bad.front();
    return std::move(*std::move(found)).things;
}

common::Result<materials::Library> libraryFromCsv(const common::Bytes& csv, const std::string& name) {
    auto things = thingsFromCsv(csv, name);
    if (!things) return things.problem();
    return materials::libraryOf({*std::move(things), {}});
}

common::Result<materials::Library> readLibraryCsv(const std::filesystem::path& file) {
    auto bytes = common::readFile(file, mostListBytes);
    if (!bytes) return bytes.problem();
    return libraryFromCsv(*bytes, file.string());
}

common::Result<std::vector<materials::Owned>> readThingsFolder(const std::filesystem::path& folder) {
    std::vector<std::filesystem::path> files;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(folder, error))
        if (entry.path().extension() == ".csv") files.push_back(entry.path());
    if (files.empty()) return Problem{ProblemKind::fileMissing, folder.string()};
    std::ranges::sort(files);
    std::vector<materials::Owned> things;
    for (const auto& file : files) {
        const auto bytes = common::readFile(file, mostListBytes);
        if (!bytes) return bytes.problem();
        auto part = thingsFromCsv(*bytes, file.string());
        if (!part) return part.problem();
        things.insert(things.end(), part->begin(), part->end());
    }
    return things;
}

common::Result<materials::Library> readLibraryFolder(const std::filesystem::path& folder) {
    auto things = readThingsFolder(folder);
    if (!things) return things.problem();
    return materials::libraryOf({*std::move(things), {}});
}

std::filesystem::path dataFolder() {
    if (const char* set = std::getenv("YAWNING_DUNE_DATA")) return set;
    // Beside the program, wherever it was installed; else where it was built.
    std::error_code missing;
    const std::filesystem::path program = std::filesystem::read_symlink("/proc/self/exe", missing);
    const std::filesystem::path installed = program.parent_path().parent_path() / "share" / "yawning-dune";
    return std::filesystem::is_directory(installed, missing) ? installed : YAWNING_DUNE_SOURCE_DATA;
}

}  // namespace storage
