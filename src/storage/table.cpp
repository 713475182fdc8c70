#include "storage/table.h"

#include <QByteArrayView>
#include <QFileInfo>

#include "storage/text.h"

namespace storage {

common::Result<Table> readTable(const std::string& file, const common::Progress& progress) {
    const auto bytes = common::readFile(file, mostListBytes);
    if (!bytes) return bytes.problem();
    const auto view =
        QByteArrayView(bytes->data(), std::ssize(*bytes)).first(std::min<qsizetype>(1 << 16, std::ssize(*bytes)));
    if (view.startsWith("GIMP Palette")) return tableFromPalette(*bytes, file);
    if (view.contains("BEGIN_DATA_FORMAT")) return tableFromReadings(*bytes, file);
    const QString ending = QFileInfo(text(file)).suffix().toLower();
    static const QStringList lists{"csv", "tsv", "tab"};
    if (!lists.contains(ending)) return common::Problem{common::ProblemKind::listUnknown, file};
    return tableFromCsv(*bytes, file, progress);
}

}  // namespace storage
