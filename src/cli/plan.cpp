#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>
#include <filesystem>

#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/replanning.h"
#include "print/plan_folder.h"
#include "storage/document.h"
#include "storage/library_csv.h"
#include "storage/plan_export.h"
#include "wording/sentences.h"

namespace cli {

using common::ProblemKind;

int plan(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions() + QStringList{"--out", "--threads", "--save"}, options)) return 2;
    if (options.words.size() != 1 || options.last("--out").isEmpty())
        return refuseIncomplete("plan", "plan REFERENCE --out DIR or plan FILE.dune --out DIR");
    auto document = documentFrom(options.words[0], options);
    if (!document) return refuse(document.problem());
    storage::Document chosen = *std::move(document);
    if (chosen.isFrameMended)
        std::fprintf(stderr, "%s\n",
                     qPrintable(wording::problemSentence({ProblemKind::frameMended, options.words[0].toStdString()})));
    int threads = 0;
    if (auto problem = applyNumber(options, "--threads", {1, 256}, threads)) return refuse(*problem);
    const planning::Study saved = chosen.study;
    if (auto problem = applyOptions(options, chosen.study)) return refuse(*problem);
    if (!chosen.record.isEmpty() && chosen.study != saved) {
        planning::Entry changed = chosen.record.entries.back();
        changed = {changed.at, changed.offsetMinutes, planning::EntryKind::planChanged};
        chosen.record.entries.push_back(changed);
    }

    // Before minutes of work: is there a place for it?
    const std::filesystem::path out = options.last("--out").toStdString();
    std::error_code error;
    const bool folderIsNew = !std::filesystem::exists(out, error);
    std::filesystem::create_directories(out, error);
    if (error || !QFileInfo(QString::fromStdString(out.string())).isWritable())
        return refuse({ProblemKind::folderUnwritable, out.string()});

    planning::Kept kept;
    auto papers = planning::comparedPapers(chosen.study, chosen.library, kept);
    if (!papers) {
        if (folderIsNew) std::filesystem::remove(out, error);
        return refuse(papers.problem());
    }
    auto made = planning::makePlan(chosen.study, chosen.library, chosen.record, kept, {}, threads);
    if (!made) {
        if (folderIsNew) std::filesystem::remove(out, error);
        return refuse(made.problem());
    }
    if (auto done = print::writePlanFolder(*made, chosen.study, out); !done) return refuse(done.problem());
    if (const QString save = options.last("--save"); !save.isEmpty()) {
        auto written = storage::writeDocument(chosen, save.toStdString(), storage::areasPng(*made->reading));
        if (!written) return refuse(written.problem());
    }
    const planning::Summary& s = made->summary;
    int layers = 0;
    for (const planning::PlannedStack& stack : made->stacks) layers += int(stack.layers.size());
    std::printf("%s: picture difference %.2f (95 %% within %.2f), squinted %.2f; %d steps, %d layers, %d sticks, %s\n",
                out.c_str(), s.picture.mean, s.picture.p95, s.squinted.mean, int(made->steps.size()), layers,
                int(made->sticks.size()), wording::duration(s.minutes).toUtf8().constData());
    return 0;
}

int inspect(const QStringList& arguments) {
    if (arguments.size() != 1) return refuseIncomplete("inspect", "inspect FILE.dune");
    auto document = storage::readDocument(arguments[0].toStdString());
    if (!document) return refuse(document.problem());
    const planning::Study& study = document->study;
    const QJsonObject summary{{"title", QString::fromStdString(study.title)},
                              {"reference", QString::fromStdString(study.reference->name)},
                              {"referenceBytes", qint64(study.reference->bytes.size())},
                              {"widthMillimetres", study.widthMillimetres},
                              {"heightMillimetres", study.heightMillimetres},
                              {"paper", QString::fromStdString(study.paper)},
                              {"areas", study.areas},
                              {"stickLimit", study.stickLimit},
                              {"media", qint64(document->library.media.size())},
                              {"papers", qint64(document->library.papers.size())}};
    std::fputs(QJsonDocument(summary).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
