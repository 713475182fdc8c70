#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <cstdio>
#include <numeric>
#include <random>

#include "cli/card_files.h"
#include "cli/commands.h"
#include "cli/study_options.h"
#include "planning/planner.h"
#include "planning/trial_mixtures.h"
#include "print/trial_card.h"
#include "review/stand_in_camera.h"
#include "subject/picture.h"

namespace cli {

namespace {

using common::Problem;

/// The best mixtures of a study's areas.
common::Result<review::TrialCard> trialFor(const QString& reference, const Options& options) {
    auto document = documentFrom(reference, options);
    if (!document) return document.problem();
    storage::Document chosen = *std::move(document);
    if (auto problem = applyOptions(options, chosen.study)) return *problem;
    planning::Kept kept;
    const auto plan = planning::makePlan(chosen.study, chosen.library, kept);
    if (!plan) return plan.problem();
    const planning::TrialSheet sheet = planning::mixturesOfAreas(*plan, chosen.library.media, {})->sheet;
    std::vector<int> all(sheet.swatches.size());
    std::iota(all.begin(), all.end(), 0);
    return planning::cardOf(sheet, all, chosen.library.media);
}

QJsonObject stickJson(const materials::Material& stick) {
    return {{"stick", QString::fromStdString(stick.id)},
            {"colour", colourJson(colour::labFromSrgb8(stick.masstone))},
            {"hiding", stick.hiding}};
}

/// Lays the card with sticks out of other batches than the library has, by a hand of its own.
std::optional<Problem> photograph(review::CardPaper format, int page, unsigned seed, const review::TrialCard& card,
                                  const QString& file, QJsonArray& truth) {
    std::mt19937 random(seed);
    const auto between = [&](double least, double most) {
        return std::uniform_real_distribution<>(least, most)(random);
    };
    std::vector<std::optional<materials::Material>> truly;
    for (const materials::Owned& owned : card.sticks) {
        auto stick = std::get<materials::Material>(owned.what);
        const colour::Lab lab = colour::labFromSrgb8(stick.masstone);
        stick.masstone = colour::srgb8FromSrgb(
            colour::srgbFromLab({lab.L + between(-5, 5), lab.a + between(-4, 4), lab.b + between(-4, 4)}));
        stick.hiding *= between(0.75, 1.3);
        truth.append(stickJson(stick));
        truly.emplace_back(std::move(stick));
    }
    const auto hand = float(between(0.85, 1.2));
    std::vector<review::FilledWindow> windows;
    for (const review::TrialWindow& window : card.windows)
        windows.push_back({window.paper, window.fields, truly, hand, 0.1});
    review::CameraConditions conditions;
    conditions.filled = 0.8;
    conditions.tiltDegrees = 6;
    conditions.kelvin = 4600;
    conditions.seed = seed;
    const auto done = writePhotograph(
        file, review::photographed(review::filledWindows(review::CardKind::trials, format, page, windows, 10, seed),
                                   conditions));
    if (!done) return done.problem();
    return std::nullopt;
}

}  // namespace

int trialCard(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions() + QStringList{"--out", "--format", "--page", "--stand-in", "--seed"}, options))
        return 2;
    const QString out = options.last("--out"), standIn = options.last("--stand-in");
    if (options.words.size() != 1 || (out.isEmpty() && standIn.isEmpty()))
        return refuseIncomplete("trial-card", "trial-card PICTURE|FILE.dune --out CARD.pdf");
    const auto format = cardPaperNamed(options.last("--format", "a4"));
    if (!format) return refuse(format.problem());
    int page = 1, seed = 1;
    if (auto problem = applyNumber(options, "--page", {1, double(review::mostPages)}, page)) return refuse(*problem);
    if (auto problem = applyNumber(options, "--seed", {0, 1e9}, seed)) return refuse(*problem);
    const auto card = trialFor(options.words[0], options);
    if (!card) return refuse(card.problem());
    if (!out.isEmpty())
        if (const auto done = print::writeTrialCard(*format, page - 1, *card, out); !done)
            return refuse(done.problem());
    if (standIn.isEmpty()) return 0;
    QJsonArray truth;
    if (auto problem = photograph(*format, page - 1, unsigned(seed), *card, standIn, truth)) return refuse(*problem);
    std::fputs(QJsonDocument(truth).toJson().constData(), stdout);
    return 0;
}

int readTrialCard(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, studyOptions(), options)) return 2;
    if (options.words.size() != 2)
        return refuseIncomplete("read-trial-card", "read-trial-card PHOTOGRAPH PICTURE|FILE.dune");
    const std::string name = options.words[0].toStdString();
    const auto photograph = subject::readPictureFile(name, review::photographLongSide);
    if (!photograph) return refuse(photograph.problem());
    const auto reading = review::readWindows(photograph->xyz, review::CardKind::trials, name);
    if (!reading) return refuse(reading.problem());
    const auto card = trialFor(options.words[1], options);
    if (!card) return refuse(card.problem());
    QJsonObject told;
    if (const auto taught = review::taughtBy(*reading, *card)) {
        QJsonArray sticks;
        for (const auto& stick : taught->sticks) {
            if (!stick) continue;
            QJsonObject json = stickJson(std::get<materials::Material>(stick->what));
            json["colourError"] = stick->colourError;
            json["hidingError"] = stick->hidingError;
            sticks.append(json);
        }
        told = {{"differenceBefore", taught->differenceBefore},
                {"difference", taught->difference},
                {"hand", taught->hand},
                {"sticks", sticks}};
    }
    std::fputs(QJsonDocument(told).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
