#include <QJsonArray>
#include <QJsonDocument>
#include <cstdio>

#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/reading.h"
#include "storage/plan_export.h"
#include "storage/whole_file.h"
#include "wording/sentences.h"

namespace cli {

int areas(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--areas", "--out"}, options)) return 2;
    const QString out = options.last("--out");
    if (options.words.size() != 1 || out.isEmpty())
        return refuseIncomplete("areas", "areas PICTURE --out areas.png or areas FILE.dune --out areas.png");
    auto document = documentFrom(options.words[0], options);
    if (!document) return refuse(document.problem());
    planning::Study study = document->study;
    if (auto problem = applyNumber(options, "--areas", planning::areaBounds, study.areas)) return refuse(*problem);
    planning::Kept kept;
    const auto reading = planning::readSubject(study, kept);
    if (!reading) return refuse(reading.problem());
    if (auto done = storage::writeWhole(out.toStdString(), storage::areasPng(**reading)); !done)
        return refuse(done.problem());
    const subject::Areas& found = (*reading)->areas;
    const QStringList names = wording::areaNames(study, found);
    QJsonArray list;
    for (qsizetype i = 0; i < names.size(); ++i) list.append(storage::areaJson(found.list[std::size_t(i)], names[i]));
    std::fputs(QJsonDocument(list).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
