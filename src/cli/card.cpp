#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <algorithm>
#include <cstdio>
#include <optional>

#include "cli/card_files.h"
#include "cli/commands.h"
#include "colour/srgb.h"
#include "common/file.h"
#include "print/swatch_card.h"
#include "review/stand_in_camera.h"
#include "review/stick_reading.h"
#include "subject/picture.h"

namespace cli {

namespace {

using common::ProblemKind;

QJsonObject rowJson(int number, const std::array<review::FieldReading, 3>& fields, const review::CardReading& card) {
    static const char* pressures[] = {"light", "medium", "heavy"};
    static const char* states[] = {"good", "empty", "glossy", "unsure"};
    QJsonObject row{{"row", number}};
    const auto stick = review::stickFrom(fields, card);
    if (stick) {
        row["masstone"] = colourJson(colour::labFromXyz(stick->masstone));
        row["masstoneError"] = stick->masstoneError;
    }
    for (std::size_t p = 0; p < 3; ++p) {
        QJsonObject field{{"state", states[int(fields[p].state)]}};
        if (fields[p].state == review::FieldState::good) {
            field["overWhite"] = colourJson(colour::labFromXyz(fields[p].overWhite));
            field["overBlack"] = colourJson(colour::labFromXyz(fields[p].overBlack));
            field["error"] = fields[p].error;
            field["contrastRatio"] = stick->contrastRatio[p];
            field["scatter"] = stick->scatter[p];
            field["scatterError"] = stick->scatterError[p];
            field["coverage"] = stick->coverage[p];
        }
        row[pressures[p]] = field;
    }
    return row;
}

}  // namespace

namespace {

std::optional<common::Problem> standIn(const Options& options, review::CardPaper paper, const QString& file) {
    review::CameraConditions conditions;
    const std::pair<const char*, double*> numbers[] = {{"--kelvin", &conditions.kelvin},
                                                       {"--tilt", &conditions.tiltDegrees}};
    constexpr double least[] = {2000, 0}, most[] = {12000, 30};
    for (std::size_t i = 0; i < std::size(numbers); ++i) {
        const QString text = options.last(numbers[i].first);
        bool ok = true;
        const double value = text.isEmpty() ? *numbers[i].second : text.toDouble(&ok);
        if (!ok || !(value >= least[i] && value <= most[i]))
            return common::Problem{ProblemKind::numberBad, std::string("value of ") + numbers[i].first, 0,
                                   text.toStdString(),
                                   QStringLiteral("%1 to %2").arg(least[i]).arg(most[i]).toStdString()};
        *numbers[i].second = value;
    }
    auto library = chosenLibrary(options.all("--library"));
    if (!library) return library.problem();
    std::vector<review::FilledRow> rows;
    for (const materials::Material& medium : library->media)
        if (!materials::isWet(medium.kind) && rows.size() < review::layoutOf(paper).rows.size())
            rows.push_back(review::filledRow(pigment::pigmentOf(medium), 1));
    conditions.filled = 0.8;
    const auto jpeg = review::photographed(review::filledCard(paper, 0, rows, 10, 1), conditions);
    const auto done = writePhotograph(file, jpeg);
    if (!done) return done.problem();
    return std::nullopt;
}

}  // namespace

int card(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--out", "--rows", "--format", "--stand-in", "--library", "--kelvin", "--tilt"}, options))
        return 2;
    const QString rows = options.last("--rows", "32");
    const QString out = options.last("--out"), photograph = options.last("--stand-in");
    const auto paper = cardPaperNamed(options.last("--format", "a4"));
    if (!paper) return refuse(paper.problem());
    if (out.isEmpty() && photograph.isEmpty())
        return refuseIncomplete("card", "card --out FILE.pdf or card --stand-in FILE.jpg");
    bool ok = false;
    const int count = rows.toInt(&ok);
    if (!ok || count < 1 || count > 1000)
        return refuse({ProblemKind::numberBad, "value of --rows", 0, rows.toStdString(), "1 to 1000"});
    if (!out.isEmpty())
        if (const auto done = print::writeSwatchCards(*paper, {count}, out); !done) return refuse(done.problem());
    if (!photograph.isEmpty())
        if (const auto problem = standIn(options, *paper, photograph)) return refuse(*problem);
    return 0;
}

int readCard(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {}, options)) return 2;
    if (options.words.size() != 1) return refuseIncomplete("read-card", "read-card PHOTOGRAPH");
    const std::string name = options.words[0].toStdString();
    const auto photograph = subject::readPictureFile(name, review::photographLongSide);
    if (!photograph) return refuse(photograph.problem());
    const auto reading = review::readCard(photograph->xyz, name);
    if (!reading) return refuse(reading.problem());
    QJsonArray rows;
    const int first = reading->page * int(reading->rows.size());
    for (std::size_t r = 0; r < reading->rows.size(); ++r) {
        const auto& fields = reading->rows[r];
        const bool empty = std::ranges::all_of(
            fields, [](const review::FieldReading& f) { return f.state == review::FieldState::empty; });
        if (!empty) rows.append(rowJson(first + int(r) + 1, fields, *reading));
    }
    const QString format = reading->paper == review::CardPaper::a4 ? "a4" : "letter";
    const QJsonObject json{{"format", format}, {"page", reading->page + 1}, {"rows", rows}};
    std::fputs(QJsonDocument(json).toJson().constData(), stdout);
    return 0;
}

}  // namespace cli
