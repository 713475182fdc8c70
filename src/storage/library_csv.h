#pragma once

#include <filesystem>
#include <vector>

#include "common/file.h"
#include "common/result.h"
#include "materials/owned.h"

namespace storage {

/// Reads sticks, paints, papers and tools from CSV (RFC 4180, UTF-8) with a header row; columns in any order, those it
/// does not know are passed over. Needed: kind, id, hex. Also read: what storage::Column names (where hazard is empty,
/// what the pigments' names tell). The first bad row is refused with its number and column.
common::Result<std::vector<materials::Owned>> thingsFromCsv(const common::Bytes& csv, const std::string& name);
/// Of these what a study can draw from.
common::Result<materials::Library> libraryFromCsv(const common::Bytes& csv, const std::string& name);
common::Result<materials::Library> readLibraryCsv(const std::filesystem::path& file);

/// The starter materials that ship with the program, from every *.csv of a folder in the order of names.
common::Result<std::vector<materials::Owned>> readThingsFolder(const std::filesystem::path& folder);
common::Result<materials::Library> readLibraryFolder(const std::filesystem::path& folder);

/// Where the program's own data lies: beside the source when run from a build, else below the install prefix; the
/// environment variable YAWNING_DUNE_DATA goes before both.
std::filesystem::path dataFolder();

}  // namespace storage
