#pragma once

#include <QByteArray>
#include <filesystem>

#include "common/result.h"
#include "materials/material.h"
#include "planning/study.h"

namespace storage {

/// What a .dune file holds: the choices, and every material that they draw on, so that it opens anywhere.
struct Document {
    planning::Study study;
    materials::Library library;
};

/// Reads a .dune archive (ZIP). Refuses one that is cut off or damaged, and one that a newer program wrote.
common::Result<Document> readDocument(const std::filesystem::path& file);

/// Writes it whole to a new file that then takes the old one's place. `areasPng` and `thumbnailPng` may be empty.
common::Done writeDocument(const Document& document, const std::filesystem::path& file, const QByteArray& areasPng = {},
                           const QByteArray& thumbnailPng = {});

/// Writes bytes whole or not at all (QSaveFile); folderUnwritable or writeFailed otherwise.
common::Done writeWhole(const std::filesystem::path& file, const QByteArray& bytes);

}  // namespace storage
