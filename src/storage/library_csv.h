#pragma once

#include <filesystem>
#include <vector>

#include "common/file.h"
#include "common/result.h"
#include "materials/material.h"

namespace storage {

/// Reads sticks, paints and papers from CSV (RFC 4180, UTF-8) with a header row; columns in any order, those it does
/// not know are passed over. Needed: kind, id, hex. Also read: maker, name, hiding, hardness, pigments, lightfastness,
/// hazard (where it is empty, what the pigments' names tell), and for the kind "paper" surface and water. The first bad
/// row is refused with its number and column.
common::Result<materials::Library> libraryFromCsv(const common::Bytes& csv, const std::string& name);
common::Result<materials::Library> readLibraryCsv(const std::filesystem::path& file);

/// The starter materials that ship with the program, from every *.csv of a folder in the order of names.
common::Result<materials::Library> readLibraryFolder(const std::filesystem::path& folder);

/// Where the program's own data lies: beside the source when run from a build, else below the install prefix; the
/// environment variable YAWNING_DUNE_DATA goes before both.
std::filesystem::path dataFolder();

}  // namespace storage
