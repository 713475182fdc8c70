#include "storage/practice_csv.h"

#include <QDateTime>
#include <array>

#include "storage/list_export.h"
#include "storage/text.h"

namespace storage {

namespace {

QString nameOf(practice::Measure measure) {
    constexpr std::array<const char*, 4> names{"value steps", "CIEDE2000", "degrees", "per cent"};
    return QString::fromLatin1(names[std::size_t(measure)]);
}

}  // namespace

QByteArray practiceCsv(const std::vector<practice::Sitting>& sittings) {
    QByteArray csv = csvRow({"begun", "exercise", "measure", "answers", "threshold", "least", "most", "enough"});
    const auto figure = [](double value) { return QString::number(value, 'g', 4); };
    for (const practice::Sitting& sitting : sittings) {
        const practice::ExerciseFacts& facts = practice::factsOf(sitting.exercise);
        csv +=
            csvRow({QDateTime::fromMSecsSinceEpoch(sitting.begun).toString(Qt::ISODate),
                    QString::fromUtf8(facts.name.data(), qsizetype(facts.name.size())), nameOf(facts.measure),
                    QString::number(sitting.trials), figure(sitting.threshold.middle), figure(sitting.threshold.least),
                    figure(sitting.threshold.most), sitting.isEnough ? QStringLiteral("yes") : QStringLiteral("no")});
    }
    return csv;
}

}  // namespace storage
