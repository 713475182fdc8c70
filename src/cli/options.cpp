#include <cstdio>

#include "cli/commands.h"
#include "wording/sentences.h"

namespace cli {

int refuse(const common::Problem& problem) {
    std::fprintf(stderr, "%s\n", wording::problemSentence(problem).toUtf8().constData());
    return 2;
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
