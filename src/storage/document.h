#pragma once

#include <QByteArray>
#include <filesystem>

#include "common/result.h"
#include "materials/material.h"
#include "planning/record.h"
#include "planning/study.h"

namespace storage {

/// What a .dune file holds: the choices, every material that they draw on, so that it opens anywhere, and what has been
/// done.
struct Document {
    planning::Study study;
    materials::Library library;
    planning::Record record = {};
    bool isFrameMended = false;  // the file's frame went beyond its picture
};

/// Reads a .dune archive (ZIP). Refuses one that is cut off or damaged or larger than any study, and one that a newer
/// program wrote.
common::Result<Document> readDocument(const std::filesystem::path& file);

/// Writes it whole to a new file that then takes the old one's place. Refuses (numberBad) what could not be read again.
/// `areasPng` and `thumbnailPng` may be empty.
common::Done writeDocument(const Document& document, const std::filesystem::path& file, const QByteArray& areasPng = {},
                           const QByteArray& thumbnailPng = {});

/// The picture of the sheet that a .dune file holds (PNG); empty if it was saved before there was a plan.
common::Result<QByteArray> readThumbnail(const std::filesystem::path& file);

}  // namespace storage
