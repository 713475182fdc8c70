#include "storage/list_export.h"

#include <csv.h>

#include <QFileInfo>

#include "materials/names.h"
#include "storage/table_things.h"
#include "storage/text.h"

namespace storage {

namespace {

QByteArray csvField(const QString& field) {
    const QByteArray raw = QString(field).remove(QChar(0)).toUtf8();  // no table in text has a zero in it
    QByteArray out(qsizetype(csv_write(nullptr, 0, raw.constData(), std::size_t(raw.size()))), Qt::Uninitialized);
    csv_write(out.data(), std::size_t(out.size()), raw.constData(), std::size_t(raw.size()));
    return out;
}

QString joined(const std::vector<std::string>& list, const char* separator) {
    QStringList parts;
    for (const std::string& part : list) parts << text(part);
    return parts.join(QLatin1String(separator));
}

/// What is known of a thing, in the order of Column from kind on.
struct Fields {
    QString kind, hiding, hardness, pigments, lightfastness, hazard, surface, water;
    QStringList ofPaper = QStringList(7);  // the last columns

    void operator()(const materials::Material& medium) {
        kind = text(materials::nameOf(medium.kind));
        hiding = QString::number(medium.hiding);
        hardness = QString::number(medium.hardness);
        pigments = joined(medium.pigments, "; ");
        lightfastness = text(medium.lightfastness);
        hazard = joined(medium.hazards, ", ");
    }
    void operator()(const materials::Paper& paper) {
        kind = QStringLiteral("paper");
        surface = text(materials::nameOf(paper.surface));
        water = text(materials::nameOf(paper.water));
        const auto told = [](double value) { return value > 0 ? QString::number(value) : QString(); };
        ofPaper = {told(paper.capacity),
                   told(paper.grip),
                   told(paper.sheetWidthMillimetres),
                   told(paper.sheetHeightMillimetres),
                   told(paper.sheets),
                   text(materials::nameOf(paper.fibres)),
                   text(paper.otherSideOf)};
    }
    void operator()(const materials::Tool& tool) { kind = text(materials::nameOf(tool.kind)); }
};

}  // namespace

QByteArray csvRow(const QStringList& fields) {
    QByteArray row;
    for (const QString& value : fields) row += (row.isEmpty() ? QByteArray() : QByteArray(",")) + csvField(value);
    return row + "\r\n";
}

QByteArray drawerCsv(const std::vector<materials::Owned>& things) {
    QStringList titles;
    for (int c = 1; c < columnCount; ++c)
        // The colour is told as hex: L, a and b are for reading.
        if (Column(c) != Column::L && Column(c) != Column::a && Column(c) != Column::b)
            titles << text(headingOf(Column(c)));
    QByteArray csv = csvRow(titles);
    for (const materials::Owned& owned : things) {
        Fields fields;
        std::visit(fields, owned.what);
        const auto colour = materials::colourOf(owned);
        csv += csvRow(QStringList{fields.kind, text(materials::idOf(owned)), text(materials::nameOf(owned)),
                                  text(materials::makerOf(owned)), text(owned.number),
                                  colour ? text(colour::hexFromSrgb8(*colour)) : QString(), fields.hiding,
                                  fields.hardness, fields.pigments, fields.lightfastness, fields.hazard, fields.surface,
                                  fields.water, text(materials::nameOf(owned.stock)), text(owned.box),
                                  owned.slot > 0 ? QString::number(owned.slot) : QString(), text(owned.notes),
                                  text(materials::nameOf(owned.source))} +
                      fields.ofPaper);
    }
    return csv;
}

std::optional<QByteArray> listFor(const QString& file, const std::vector<materials::Owned>& things) {
    const QFileInfo info(file);
    const QString ending = info.suffix().toLower();
    if (ending == "csv") return drawerCsv(things);
    if (ending == "gpl") return paletteText(things, info.completeBaseName());
    if (ending == "txt") return readingsText(things);
    return std::nullopt;
}

}  // namespace storage
