#include <QFileInfo>
#include <cstdio>
#include <optional>

#include "cli/commands.h"
#include "storage/drawer_json.h"
#include "storage/list_export.h"
#include "storage/table_things.h"
#include "storage/whole_file.h"
#include "wording/sentences.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;
using materials::Owned;

/// Things out of a list in any format. Rows that cannot be taken are refused, or said on stderr and left out.
common::Result<std::vector<Owned>> thingsIn(const std::string& file, const std::string& kind, bool leaveBadOut) {
    if (QString::fromStdString(file).endsWith(QStringLiteral(".json"), Qt::CaseInsensitive)) {
        const auto bytes = common::readFile(file, storage::mostDrawerBytes);
        if (!bytes) return bytes.problem();
        auto whole = storage::drawerFromJson(*bytes, file);
        if (!whole) return whole.problem();
        return std::move(*std::move(whole)).drawer.things;
    }
    const auto table = storage::readTable(file);
    if (!table) return table.problem();
    auto found = storage::thingsFrom(*table, storage::guessedColumns(table->headings), {}, {kind});
    if (!found) return found.problem();
    if (!found->bad.empty() && !leaveBadOut) return found->bad.front();
    for (const Problem& problem : found->bad)
        std::fprintf(stderr, "%s\n", qPrintable(wording::problemSentence(problem)));
    return std::move(*std::move(found)).things;
}

}  // namespace

int list(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--out", "--kind", "--bad-rows"}, options)) return 2;
    const QString out = options.last("--out"), badRows = options.last("--bad-rows", "refuse");
    if (options.words.size() != 1 || out.isEmpty()) return refuseIncomplete("list", "list FILE --out FILE");
    if (badRows != "refuse" && badRows != "leave-out")
        return refuse(
            {ProblemKind::nameUnknown, "The value of --bad-rows", 0, badRows.toStdString(), "refuse, leave-out"});
    const auto things =
        thingsIn(options.words[0].toStdString(), options.last("--kind", "soft").toStdString(), badRows == "leave-out");
    if (!things) return refuse(things.problem());
    const QString ending = QFileInfo(out).suffix().toLower();
    const std::optional<QByteArray> bytes =
        ending == "json" ? storage::drawerJson({{*things, {}}, {}}) : storage::listFor(out, *things);
    if (!bytes)
        return refuse({ProblemKind::nameUnknown, "The ending of", 0, out.toStdString(), ".csv, .gpl, .txt, .json"});
    const auto done = storage::writeWhole(out.toStdString(), *bytes);
    return done ? 0 : refuse(done.problem());
}

}  // namespace cli
