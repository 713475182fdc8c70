#include <cstdio>

#include "cli/commands.h"
#include "storage/document.h"
#include "storage/record_csv.h"
#include "storage/whole_file.h"

namespace cli {

int log(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--out"}, options)) return 2;
    if (options.words.size() != 1) return refuseIncomplete("log", "log FILE.dune [--out log.csv]");
    const auto document = storage::readDocument(options.words[0].toStdString());
    if (!document) return refuse(document.problem());
    const QByteArray csv = storage::logCsv(document->record);
    const QString out = options.last("--out");
    if (out.isEmpty()) {
        std::fwrite(csv.constData(), 1, std::size_t(csv.size()), stdout);
        return 0;
    }
    if (auto done = storage::writeWhole(out.toStdString(), csv); !done) return refuse(done.problem());
    return 0;
}

}  // namespace cli
