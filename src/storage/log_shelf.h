#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "common/result.h"
#include "planning/record.h"

namespace storage {

/// The logs of all studies, without their photographs and maps, so that they can be searched and learnt from wherever
/// the studies lie: a file each in a folder.
struct ShelvedLog {
    std::string title;  // of the study
    std::string file;   // .dune, where it was last written
    planning::Record record;
};

/// In the XDG data folder.
std::filesystem::path usualLogFolder();

/// Puts a log into the folder, in the place of what was there of the same record. Problems as writeWhole has them.
common::Done shelve(const std::filesystem::path& folder, const ShelvedLog& log);
/// All that can be read, in the order of their file names.
std::vector<ShelvedLog> shelvedLogs(const std::filesystem::path& folder);

}  // namespace storage
