#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>

#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/comparison.h"
#include "storage/plan_export.h"

namespace cli {

namespace {

int print(const QJsonArray& candidates) {
    std::fputs(QJsonDocument(candidates).toJson().constData(), stdout);
    return 0;
}

int comparePapers(const storage::Document& chosen) {
    planning::Kept kept;
    const auto papers = planning::comparedPapers(chosen.study, chosen.library, kept);
    if (!papers) return refuse(papers.problem());
    const auto subject = planning::planSubject(chosen.study, chosen.library, kept);
    if (!subject) return refuse(subject.problem());
    QJsonArray candidates;
    for (const planning::RankedPaper& ranked : **papers)
        candidates.append(storage::rankedPaperJson(ranked, subject->plan));
    return print(candidates);
}

int compareGrounds(const storage::Document& chosen) {
    planning::Kept kept;
    const auto grounds = planning::comparedGrounds(chosen.study, chosen.library, kept);
    if (!grounds) return refuse(grounds.problem());
    const planning::ComparedGrounds& compared = *grounds;
    QJsonArray candidates;
    for (const planning::TriedGround& tried : *compared.board)
        candidates.append(
            storage::triedGroundJson(tried, planning::bareOf(*compared.board), compared.paper, chosen.study.drying));
    return print(candidates);
}

}  // namespace

int compare(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions(), options)) return 2;
    const QString what = options.words.value(0);
    if (options.words.size() != 2 || (what != "papers" && what != "grounds"))
        return refuseIncomplete("compare", "compare papers PICTURE|FILE.dune or compare grounds PICTURE|FILE.dune");
    auto document = documentFrom(options.words[1], options);
    if (!document) return refuse(document.problem());
    storage::Document chosen = *std::move(document);
    if (auto problem = applyOptions(options, chosen.study)) return refuse(*problem);
    return what == "papers" ? comparePapers(chosen) : compareGrounds(chosen);
}

}  // namespace cli
