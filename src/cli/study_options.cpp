#include "cli/study_options.h"

#include <QFileInfo>
#include <algorithm>

#include "common/file.h"
#include "storage/document.h"

namespace cli {

common::Result<storage::Document> documentFrom(const QString& reference, const Options& options) {
    const QFileInfo info(reference);
    if (info.suffix().toLower() == "dune") return storage::readDocument(reference.toStdString());
    auto bytes = common::readFile(reference.toStdString(), subject::mostPictureBytes);
    if (!bytes) return bytes.problem();
    storage::Document document;
    document.study.title = info.completeBaseName().toStdString();
    document.study.reference = std::make_shared<planning::ReferenceFile>(
        planning::ReferenceFile{info.fileName().toStdString(), *std::move(bytes)});
    constexpr int small = 64;  // only its shape is asked for
    auto picture = subject::readPicture(document.study.reference->bytes, reference.toStdString(), small);
    if (!picture) return picture.problem();
    // A strip gets a larger sheet, or is cut, so that both sides are ones that a sheet can have.
    const planning::Bounds& bounds = planning::sheetBounds;
    const double longest = bounds.most / bounds.least;
    const double ratio =
        std::clamp(double(picture->sourcePixels.width) / picture->sourcePixels.height, 1 / longest, longest);
    const double longSide = std::max(400.0, bounds.least * std::max(ratio, 1 / ratio));
    bool ok = true;
    double width = options.last("--width-mm", "0").toDouble(&ok);
    if (!ok || !bounds.holds(width)) width = std::round(ratio >= 1 ? longSide : longSide * ratio);
    document.study.widthMillimetres = width;
    document.study.heightMillimetres = std::clamp(std::round(width / ratio), bounds.least, bounds.most);
    auto library = chosenLibrary(options.all("--library"));
    if (!library) return library.problem();
    document.library = *std::move(library);
    return document;
}

}  // namespace cli
