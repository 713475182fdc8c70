#include <cstdio>

#include "cli/commands.h"
#include "colour/srgb.h"
#include "storage/library_csv.h"
#include "wording/sentences.h"

namespace cli {

int refuse(const common::Problem& problem) {
    std::fprintf(stderr, "%s\n", wording::problemSentence(problem).toUtf8().constData());
    return 2;
}

int refuseIncomplete(const char* command, const char* written) {
    return refuse({common::ProblemKind::commandIncomplete, {}, 0, command, written});
}

QString Options::last(const QString& name, const QString& otherwise) const {
    QString value = otherwise;
    for (const auto& [key, v] : pairs)
        if (key == name) value = v;
    return value;
}

QStringList Options::all(const QString& name) const {
    QStringList values;
    for (const auto& [key, v] : pairs)
        if (key == name) values << v;
    return values;
}

common::Result<colour::Light> lightIn(const QString& name) {
    if (const auto light = colour::lightNamed(name.toStdString())) return *light;
    return common::Problem{common::ProblemKind::nameUnknown, "The light", 0, name.toStdString(),
                           "daylight65, daylight50, lamp, led"};
}

common::Result<materials::Library> chosenLibrary(const QStringList& files) {
    auto starter = storage::readLibraryFolder(storage::dataFolder() / "materials");
    if (files.isEmpty()) return starter;
    materials::Library library;
    for (const QString& file : files) {
        auto part = storage::readLibraryCsv(file.toStdString());
        if (!part) return part.problem();
        library.media.insert(library.media.end(), part->media.begin(), part->media.end());
        library.papers.insert(library.papers.end(), part->papers.begin(), part->papers.end());
    }
    if (library.media.empty()) return common::Problem{common::ProblemKind::trayEmpty, files.last().toStdString()};
    // A list of sticks alone is planned on the papers that ship with the program.
    if (library.papers.empty() && starter) library.papers = starter->papers;
    return library;
}

QJsonObject labJson(const colour::Lab& lab) {
    return {{"L", lab.L}, {"a", lab.a}, {"b", lab.b}};
}

QJsonObject colourJson(const colour::Lab& lab) {
    QJsonObject json = labJson(lab);
    json["hex"] = QString::fromStdString(colour::hexFromSrgb8(colour::srgb8FromSrgb(colour::srgbFromLab(lab))));
    return json;
}

bool parse(const QStringList& arguments, const QStringList& known, Options& options) {
    const std::string allowed = known.join(QStringLiteral(", ")).toStdString();
    for (qsizetype i = 0; i < arguments.size(); ++i) {
        if (!arguments[i].startsWith("--")) {
            options.words << arguments[i];
            continue;
        }
        if (!known.contains(arguments[i]) || i + 1 >= arguments.size()) {
            refuse({common::ProblemKind::nameUnknown, "The option", 0, arguments[i].toStdString(), allowed});
            return false;
        }
        options.pairs.append({arguments[i], arguments[i + 1]});
        ++i;
    }
    return true;
}

}  // namespace cli
