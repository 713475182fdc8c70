#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>
#include <random>

#include "cli/card_files.h"
#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/comparison.h"
#include "planning/offcuts.h"
#include "print/paper_card.h"
#include "review/stand_in_camera.h"
#include "subject/picture.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;

/// The tests of a study's three best papers.
common::Result<std::vector<review::PaperTest>> testsFor(const QString& reference, const Options& options) {
    auto document = documentFrom(reference, options);
    if (!document) return document.problem();
    storage::Document chosen = *std::move(document);
    if (auto problem = applyOptions(options, chosen.study)) return *problem;
    planning::Kept kept;
    const auto papers = planning::comparedPapers(chosen.study, chosen.library, kept);
    if (!papers) return papers.problem();
    const auto subject = planning::planSubject(chosen.study, chosen.library, kept);
    if (!subject) return subject.problem();
    return planning::testsOf(subject->plan, **papers, chosen.library.media);
}

QJsonObject toothJson(const materials::Paper& paper) {
    return {{"paper", QString::fromStdString(paper.id)},
            {"colour", colourJson(colour::labFromSrgb8(paper.tone))},
            {"capacity", paper.capacity},
            {"grip", paper.grip}};
}

/// The same paper out of another mill's batch: a little off in colour, and a tooth of its own.
materials::Paper anotherBatch(materials::Paper paper, std::mt19937& random) {
    const auto between = [&](double least, double most) {
        return std::uniform_real_distribution<>(least, most)(random);
    };
    colour::Lab lab = colour::labFromSrgb8(paper.tone);
    lab = {lab.L + between(-5, 5), lab.a + between(-3, 3), lab.b + between(-3, 3)};
    paper.tone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    paper.capacity *= between(0.6, 1.6);
    paper.grip *= between(0.75, 1.3);
    return paper;
}

std::optional<Problem> photograph(review::CardPaper format, int page, unsigned seed,
                                  const std::vector<review::PaperTest>& tests, const QString& file, QJsonArray& truth) {
    std::mt19937 random(seed);
    std::vector<review::FilledWindow> windows;
    for (const review::PaperTest& test : tests) {
        constexpr double handSpread = 0.1;
        windows.push_back({anotherBatch(test.paper, random),
                           review::testFieldsOn(test.paper.surface),
                           {test.sticks.begin(), test.sticks.end()},
                           1,
                           handSpread});
        truth.append(toothJson(windows.back().paper));
    }
    review::CameraConditions conditions;
    conditions.filled = 0.8;
    conditions.tiltDegrees = 6;
    conditions.kelvin = 4600;
    conditions.seed = seed;
    const auto jpeg = review::photographed(
        review::filledWindows(review::CardKind::papers, format, page, windows, 10, seed), conditions);
    const auto done = writePhotograph(file, jpeg);
    if (!done) return done.problem();
    return std::nullopt;
}

}  // namespace

int testCard(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions() + QStringList{"--out", "--format", "--page", "--stand-in", "--seed"}, options))
        return 2;
    const QString out = options.last("--out"), standIn = options.last("--stand-in");
    if (options.words.size() != 1 || (out.isEmpty() && standIn.isEmpty()))
        return refuseIncomplete("test-card", "test-card PICTURE|FILE.dune --out CARD.pdf");
    const auto paper = cardPaperNamed(options.last("--format", "a4"));
    if (!paper) return refuse(paper.problem());
    int page = 1, seed = 1;
    if (auto problem = applyNumber(options, "--page", {1, double(review::mostPages)}, page)) return refuse(*problem);
    if (auto problem = applyNumber(options, "--seed", {0, 1e9}, seed)) return refuse(*problem);
    const auto tests = testsFor(options.words[0], options);
    if (!tests) return refuse(tests.problem());
    if (!out.isEmpty())
        if (const auto done = print::writePaperCard(*paper, page - 1, *tests, out); !done)
            return refuse(done.problem());
    if (standIn.isEmpty()) return 0;
    QJsonArray truth;
    if (auto problem = photograph(*paper, page - 1, unsigned(seed), *tests, standIn, truth)) return refuse(*problem);
    std::fputs(QJsonDocument(truth).toJson().constData(), stdout);
    return 0;
}

int readTestCard(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions(), options)) return 2;
    if (options.words.size() != 2)
        return refuseIncomplete("read-test-card", "read-test-card PHOTOGRAPH PICTURE|FILE.dune");
    const std::string name = options.words[0].toStdString();
    const auto photograph = subject::readPictureFile(name, review::photographLongSide);
    if (!photograph) return refuse(photograph.problem());
    const auto card = review::readWindows(photograph->xyz, review::CardKind::papers, name);
    if (!card) return refuse(card.problem());
    const auto tests = testsFor(options.words[1], options);
    if (!tests) return refuse(tests.problem());
    QJsonArray told;
    for (std::size_t w = 0; w < tests->size(); ++w) {
        const auto tested = review::testedPaper(card->windows[w], (*tests)[w]);
        if (!tested) continue;
        QJsonObject json = toothJson(tested->paper);
        json["colourError"] = tested->colourError;
        json["capacityError"] = tested->capacityError;
        json["gripError"] = tested->gripError;
        json["differenceBefore"] = tested->differenceBefore;
        json["difference"] = tested->difference;
        told.append(json);
    }
    std::fputs(QJsonDocument(told).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
