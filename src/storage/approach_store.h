#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "common/result.h"
#include "planning/approach.h"

namespace storage {

/// An approach that the artist has saved.
struct NamedApproach {
    std::string name;
    planning::Approach approach;
    bool operator==(const NamedApproach&) const = default;
};

/// Where they are kept: beside the artist's materials in the XDG data folder.
std::filesystem::path usualApproachFile();

/// In the order in which they were saved; none where there is no file. Refuses (duneDamaged) what is no such file.
common::Result<std::vector<NamedApproach>> readApproaches(const std::filesystem::path& file);
/// Problems as writeWhole has them.
common::Done writeApproaches(const std::filesystem::path& file, const std::vector<NamedApproach>& approaches);

/// With one more, or in the place of one of that name.
std::vector<NamedApproach> with(std::vector<NamedApproach> approaches, const NamedApproach& added);

}  // namespace storage
