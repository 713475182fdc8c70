#include "cli/study_options.h"

#include <QFileInfo>
#include <algorithm>

#include "common/file.h"
#include "planning/limited_palettes.h"
#include "planning/questions.h"
#include "storage/document.h"
#include "subject/picture.h"

namespace cli {

common::Result<storage::Document> documentFrom(const QString& reference, const Options& options) {
    const QFileInfo info(reference);
    if (info.suffix().toLower() == "dune") return storage::readDocument(reference.toStdString());
    auto bytes = common::readFile(reference.toStdString(), subject::mostPictureBytes);
    if (!bytes) return bytes.problem();
    storage::Document document;
    document.study.title = info.completeBaseName().toStdString();
    document.study.reference = std::make_shared<planning::ReferenceFile>(
        planning::ReferenceFile{info.fileName().toStdString(), *std::move(bytes)});
    constexpr int small = 64;  // only its shape is asked for
    auto picture = subject::readPicture(document.study.reference->bytes, reference.toStdString(), small);
    if (!picture) return picture.problem();
    // A strip gets a larger sheet, or is cut, so that both sides are ones that a sheet can have.
    const planning::Bounds& bounds = planning::sheetBounds;
    const double longest = bounds.most / bounds.least;
    const double ratio =
        std::clamp(double(picture->sourcePixels.width) / picture->sourcePixels.height, 1 / longest, longest);
    const double longSide = std::max(400.0, bounds.least * std::max(ratio, 1 / ratio));
    bool ok = true;
    double width = options.last("--width-mm", "0").toDouble(&ok);
    if (!ok || !bounds.holds(width)) width = std::round(ratio >= 1 ? longSide : longSide * ratio);
    document.study.widthMillimetres = width;
    document.study.heightMillimetres = std::clamp(std::round(width / ratio), bounds.least, bounds.most);
    auto library = chosenLibrary(options.all("--library"));
    if (!library) return library.problem();
    document.library = *std::move(library);
    return document;
}

namespace {

QString optionOf(planning::Question question) {
    return QStringLiteral("--") + QString::fromUtf8(planning::nameOf(question).data());
}

/// "dark-first, light-base": what may be answered.
template <typename Name>
std::string namesIn(int count, const Name& name) {
    std::string names;
    for (int i = 0; i < count; ++i) names += (i > 0 ? ", " : "") + std::string(name(i));
    return names;
}

/// A whole approach first, then answers to single questions.
std::optional<common::Problem> applyApproach(const Options& options, planning::Approach& approach) {
    using common::Problem;
    using common::ProblemKind;
    if (const std::string name = options.last("--approach").toStdString(); !name.empty()) {
        const auto known = planning::knownApproachNamed(name);
        if (!known)
            return Problem{ProblemKind::nameUnknown, "The approach", 0, name,
                           namesIn(planning::knownApproachCount,
                                   [](int i) { return planning::nameOf(planning::KnownApproach(i)); })};
        approach = planning::approachOf(*known);
    }
    for (int i = 0; i < planning::questionCount; ++i) {
        const auto question = planning::Question(i);
        const std::string name = options.last(optionOf(question)).toStdString();
        if (name.empty()) continue;
        const auto answer = planning::answerNamed(question, name);
        if (!answer)
            return Problem{
                ProblemKind::nameUnknown, "The answer to --" + std::string(planning::nameOf(question)), 0, name,
                namesIn(planning::answerCount(question), [&](int a) { return planning::nameOfAnswer(question, a); })};
        approach = planning::answered(approach, question, *answer);
    }
    return std::nullopt;
}

}  // namespace

const QStringList& studyOptions() {
    static const QStringList names = [] {
        QStringList all{"--library", "--paper",  "--approach", "--sticks",    "--width-mm",  "--height-mm",
                        "--areas",   "--values", "--layers",   "--detail",    "--goal",      "--light",
                        "--pin",     "--bar",    "--title",    "--area-name", "--border-mm", "--evenings-min",
                        "--series",  "--hand",   "--instead",  "--family"};
        for (int i = 0; i < planning::questionCount; ++i) all << optionOf(planning::Question(i));
        return all;
    }();
    return names;
}

std::optional<common::Problem> applyOptions(const Options& options, planning::Study& study) {
    using common::Problem;
    using common::ProblemKind;
    if (auto p = applyNumber(options, "--width-mm", planning::sheetBounds, study.widthMillimetres)) return p;
    if (auto p = applyNumber(options, "--height-mm", planning::sheetBounds, study.heightMillimetres)) return p;
    if (auto p = applyNumber(options, "--sticks", planning::stickBounds, study.stickLimit)) return p;
    if (auto p = applyNumber(options, "--areas", planning::areaBounds, study.areas)) return p;
    if (auto p = applyNumber(options, "--values", planning::levelBounds, study.valueLevels)) return p;
    if (auto p = applyNumber(options, "--layers", planning::layerBounds, study.layers)) return p;
    if (auto p = applyNumber(options, "--border-mm", planning::borderBounds, study.borderMillimetres)) return p;
    if (auto p = applyNumber(options, "--evenings-min", planning::eveningBounds, study.eveningMinutes)) return p;
    if (auto p = applyNumber(options, "--series", planning::seriesBounds, study.series)) return p;
    if (auto p = applyApproach(options, study.approach)) return p;
    for (const auto& [option, use] :
         {std::pair("--pin", planning::StickUse::pinned), std::pair("--bar", planning::StickUse::barred)})
        for (const QString& stick : options.all(option)) study.stickChoices.push_back({stick.toStdString(), use});
    for (const QString& pair : options.all("--family")) {
        const auto family = materials::familyNamed(pair.section('=', 0, 0).toStdString());
        bool isNumber = false;
        const int most = pair.section('=', 1).toInt(&isNumber);
        if (!family || !isNumber || !planning::familyBounds.holds(most))
            return Problem{ProblemKind::nameUnknown, "The family of colours", 0, pair.toStdString(),
                           "greys, earths, yellows, reds, violets, blues or greens with a number: blues=1"};
        study.familyLimits = planning::limited(std::move(study.familyLimits), *family, most);
    }
    for (const QString& pair : options.all("--instead")) {
        const QString missing = pair.section('=', 0, 0), other = pair.section('=', 1);
        if (missing.isEmpty() || other.isEmpty())
            return Problem{ProblemKind::nameUnknown, "What is laid instead", 0, pair.toStdString(), "MISSING=OTHER"};
        study.stickChoices.push_back({missing.toStdString(), planning::StickUse::replaced, other.toStdString()});
    }
    const std::string detail = options.last("--detail").toStdString();
    if (!detail.empty()) {
        const auto named = planning::detailNamed(detail);
        if (!named) return Problem{ProblemKind::nameUnknown, "The detail", 0, detail, "suggest, usual, fine"};
        study.detail = *named;
    }
    const std::string goal = options.last("--goal").toStdString();
    if (!goal.empty()) {
        const auto named = planning::goalNamed(goal);
        if (!named)
            return Problem{ProblemKind::nameUnknown, "The goal", 0, goal,
                           "truest-colour, least-work, most-sparkle, most-vivid"};
        study.goal = *named;
    }
    if (const std::string hand = options.last("--hand").toStdString(); !hand.empty()) {
        const auto named = planning::handNamed(hand);
        if (!named) return Problem{ProblemKind::nameUnknown, "The hand", 0, hand, "right, left"};
        study.hand = *named;
    }
    if (const QString light = options.last("--light"); !light.isEmpty()) {
        const auto named = lightIn(light);
        if (!named) return named.problem();
        study.light = *named;
    }
    for (const QString& written : options.all("--area-name")) {
        bool okX = false, okY = false;
        const double x = written.section(',', 0, 0).toDouble(&okX);
        const double y = written.section(',', 1, 1).toDouble(&okY);
        const planning::Bounds fraction{0, 1};
        const std::string name = written.section(',', 2).toStdString();
        if (!okX || !okY || !fraction.holds(x) || !fraction.holds(y) || name.empty())
            return Problem{ProblemKind::nameUnknown, "The area's name", 0, written.toStdString(),
                           "X,Y,NAME with fractions of the sheet's width and height"};
        study.areaChoices.push_back({x, y, name});
    }
    if (!options.last("--paper").isEmpty()) study.paper = options.last("--paper").toStdString();
    if (!options.last("--title").isEmpty()) study.title = options.last("--title").toStdString();
    return std::nullopt;
}

}  // namespace cli
