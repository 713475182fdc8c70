#include "storage/record_csv.h"

#include <QDateTime>

#include "materials/names.h"
#include "storage/list_export.h"
#include "storage/record_json.h"
#include "storage/text.h"

namespace storage {

QByteArray logCsv(const planning::Record& record) {
    using planning::EntryKind;
    const planning::Standing standing(record);
    const auto minutes = [](double value) { return QString::number(value, 'f', 1); };
    QByteArray csv =
        csvRow({"time", "step", "what", "stick", "name", "kind", "tool", "manner", "areas", "planned_minutes",
                "minutes", "square_centimetres", "pressure", "words", "picture", "holds"});
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const planning::Entry& entry = record.entries[i];
        const planning::LaidStep* laid = entry.laid ? &*entry.laid : nullptr;
        const materials::Material* stick = laid && laid->stick ? &*laid->stick : entry.stick ? &*entry.stick : nullptr;
        QStringList areas;
        if (laid)
            for (const std::string& area : laid->areas) areas << text(area);
        csv += csvRow({timeOf(entry), entry.step > 0 ? QString::number(entry.step) : QString(),
                       text(nameOf(entry.kind)), stick ? text(stick->id) : QString(),
                       stick ? text(stick->name) : QString(), stick ? text(materials::nameOf(stick->kind)) : QString(),
                       laid ? text(nameOf(laid->tool)) : QString(), laid ? text(nameOf(laid->manner)) : QString(),
                       areas.join(QStringLiteral("; ")), laid ? minutes(laid->plannedMinutes) : QString(),
                       laid ? minutes(laid->minutes) : QString(), laid ? minutes(laid->squareCentimetres) : QString(),
                       entry.kind == EntryKind::pressed ? QString::fromLatin1(entry.heavier < 0   ? "lighter"
                                                                              : entry.heavier > 0 ? "heavier"
                                                                                                  : "as planned")
                                                        : QString(),
                       entry.kind == EntryKind::finishing ? text(nameOf(entry.finishing)) : text(entry.words),
                       text(entry.picture), standing.holds(i) ? "yes" : "no"});
    }
    return csv;
}

}  // namespace storage
