#include <QString>
#include <QStringList>

#include "colour/srgb.h"
#include "storage/list_export.h"
#include "storage/table.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

common::Result<Table> tableFromPalette(const common::Bytes& text, const std::string& name) {
    const QUtf8StringView utf8(reinterpret_cast<const char*>(text.data()), qsizetype(text.size()));
    if (!utf8.isValidUtf8()) return Problem{ProblemKind::encodingBad, name};
    const QStringList lines = utf8.toString().split('\n');
    if (!lines.value(0).startsWith(QStringLiteral("GIMP Palette"))) return Problem{ProblemKind::listUnknown, name};
    Table table{name, {"name", "hex"}, {}, {}};
    for (qsizetype i = 1; i < lines.size(); ++i) {
        const QString line = lines[i].simplified();
        // Comments, and what is said of the palette as a whole.
        if (line.isEmpty() || line.startsWith('#') || line.startsWith("Name:") || line.startsWith("Columns:")) continue;
        const QStringList words = line.split(' ');
        std::uint8_t components[3] = {};
        bool good = words.size() >= 3;
        for (qsizetype c = 0; good && c < 3; ++c) {
            const int value = words[c].toInt(&good);
            good = good && value >= 0 && value <= 255;
            components[c] = std::uint8_t(value);
        }
        if (!good) {
            table.bad.push_back({ProblemKind::rowBad, name, int(i) + 1, line.toStdString()});
            continue;
        }
        const QString called = words.mid(3).join(' ');
        const std::string hex = colour::hexFromSrgb8({components[0], components[1], components[2]});
        // Without the sign, which begins a remark in some lists.
        table.rows.push_back({int(i) + 1, {called.isEmpty() ? hex.substr(1) : called.toStdString(), hex}});
    }
    return table;
}

QByteArray paletteText(const std::vector<materials::Owned>& things, const QString& name) {
    QByteArray text = "GIMP Palette\nName: " + name.simplified().toUtf8() + "\nColumns: 8\n#\n";
    for (const materials::Owned& owned : things)
        if (const auto colour = materials::colourOf(owned))
            text += QStringLiteral("%1 %2 %3\t%4\n")
                        .arg(colour->r, 3)
                        .arg(colour->g, 3)
                        .arg(colour->b, 3)
                        .arg(QString::fromStdString(materials::nameOf(owned)).simplified())
                        .toUtf8();
    return text;
}

}  // namespace storage
