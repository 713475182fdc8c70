#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>

#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/comparison.h"
#include "planning/gaps.h"
#include "planning/palette_curve.h"
#include "planning/questions.h"
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

/// A plan to compare others with, and what it was made from.
struct Compared {
    planning::Plan plan;
    const storage::Document& chosen;
    planning::Kept kept;
};

QJsonObject outcomeJson(const planning::PlanOutcome& outcome) {
    return {{"pictureDifference", outcome.difference},
            {"layers", outcome.layers},
            {"sticks", outcome.sticks},
            {"minutes", outcome.minutes}};
}

/// Every answer to every question, and the approaches that come with the program.
int compareApproaches(Compared& with) {
    const planning::Study& study = with.chosen.study;
    std::vector<std::pair<planning::Approach, QJsonObject>> all;
    for (int q = 0; q < planning::questionCount; ++q) {
        const auto question = planning::Question(q);
        if (question == planning::Question::ground) continue;  // compare grounds
        for (int a = 0; a < planning::answerCount(question); ++a)
            all.push_back({planning::answered(study.approach, question, a),
                           {{"question", QString::fromUtf8(planning::nameOf(question).data())},
                            {"answer", QString::fromUtf8(planning::nameOfAnswer(question, a).data())},
                            {"taken", planning::answerTo(question, study.approach) == a}}});
    }
    for (int i = 0; i < planning::knownApproachCount; ++i) {
        const auto known = planning::KnownApproach(i);
        all.push_back({planning::approachOf(known), {{"approach", QString::fromUtf8(planning::nameOf(known).data())}}});
    }
    QJsonArray candidates;
    for (auto& [approach, json] : all) {
        planning::Study other = study;
        other.approach = approach;
        const auto outcome = planning::triedPlan(with.plan, study, other, with.chosen.library, with.kept);
        if (!outcome) return refuse(outcome.problem());
        const QJsonObject figures = outcomeJson(*outcome);
        for (auto it = figures.begin(); it != figures.end(); ++it) json[it.key()] = it.value();
        candidates.append(json);
    }
    return print(candidates);
}

/// The curve of picture difference against the number of sticks, as far as more are taken up.
int comparePalettes(Compared& with) {
    const planning::Study& study = with.chosen.study;
    std::vector<planning::PalettePoint> curve;
    std::vector<planning::PlanOutcome> outcomes;
    for (const int count : planning::curveCounts()) {
        const auto outcome =
            planning::triedPlan(with.plan, study, planning::withSticks(study, count), with.chosen.library, with.kept);
        if (!outcome) return refuse(outcome.problem());
        curve.push_back({count, outcome->difference});
        outcomes.push_back(*outcome);
        if (outcome->sticks < count) break;
    }
    const int knee = planning::kneeOf(curve);
    QJsonArray candidates;
    for (std::size_t i = 0; i < curve.size(); ++i) {
        QJsonObject json = outcomeJson(outcomes[i]);
        json["limit"] = curve[i].sticks;
        json["knee"] = curve[i].sticks == knee;
        candidates.append(json);
    }
    return print(candidates);
}

/// What of a catalogue (or of the materials that come with the program) would be worth buying.
int compareGaps(Compared& with, const QStringList& catalogues) {
    const auto catalogue = chosenLibrary(catalogues);
    if (!catalogue) return refuse(catalogue.problem());
    const auto gaps = planning::gapsIn(with.plan, with.chosen.study, with.chosen.library, catalogue->media, with.kept);
    if (!gaps) return refuse(gaps.problem());
    QJsonArray candidates;
    for (const planning::Gap& gap : *gaps)
        candidates.append(QJsonObject{{"stick", QString::fromStdString(gap.stick.id)},
                                      {"name", QString::fromStdString(gap.stick.name)},
                                      {"hex", QString::fromStdString(colour::hexFromSrgb8(gap.stick.masstone))},
                                      {"gain", gap.gain}});
    return print(candidates);
}

}  // namespace

int compare(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions() + QStringList{"--catalogue"}, options)) return 2;
    const QString what = options.words.value(0);
    static const QStringList known{"papers", "grounds", "approaches", "palettes", "gaps"};
    if (options.words.size() != 2 || !known.contains(what))
        return refuseIncomplete("compare", "compare papers|grounds|approaches|palettes|gaps PICTURE|FILE.dune");
    auto document = documentFrom(options.words[1], options);
    if (!document) return refuse(document.problem());
    storage::Document chosen = *std::move(document);
    if (auto problem = applyOptions(options, chosen.study)) return refuse(*problem);
    if (what == "papers") return comparePapers(chosen);
    if (what == "grounds") return compareGrounds(chosen);
    planning::Kept kept;
    auto plan = planning::makePlan(chosen.study, chosen.library, kept);
    if (!plan) return refuse(plan.problem());
    Compared with{*std::move(plan), chosen, std::move(kept)};
    if (what == "approaches") return compareApproaches(with);
    return what == "palettes" ? comparePalettes(with) : compareGaps(with, options.all("--catalogue"));
}

}  // namespace cli
