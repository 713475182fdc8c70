#include <csv.h>

#include <QUtf8StringView>
#include <algorithm>
#include <cstring>
#include <memory>

#include "storage/table.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

bool isUtf8(const std::string& text) {
    const bool plain = std::ranges::all_of(text, [](char c) { return static_cast<unsigned char>(c) < 0x80; });
    return plain || QUtf8StringView(text.data(), qsizetype(text.size())).isValidUtf8();
}

/// What libcsv finds.
struct Reading {
    Table table;
    TableRow current;
    int number = 1;
    bool isText = true, headingsAreText = true, tooMany = false;

    void field(const char* text, std::size_t size) {
        std::string value(text, size);
        isText = isText && isUtf8(value);
        current.fields.push_back(std::move(value));
    }
    void row() {
        if (!isText && number == 1) headingsAreText = false;
        if (!isText && number > 1) {
            table.bad.push_back({ProblemKind::encodingBad, table.name, number});
        } else if (number == 1) {
            table.headings = std::move(current.fields);
        } else if (int(table.rows.size()) < mostRows) {
            current.number = number;
            table.rows.push_back(std::move(current));
        } else {
            tooMany = true;
        }
        current = {};
        isText = true;
        ++number;
    }
};

void onField(void* field, std::size_t size, void* data) {
    static_cast<Reading*>(data)->field(static_cast<const char*>(field), size);
}

void onRow(int, void* data) {
    static_cast<Reading*>(data)->row();
}

unsigned char delimiterIn(const common::Bytes& csv, std::size_t start) {
    const auto end = std::find(csv.begin() + std::ptrdiff_t(start), csv.end(), '\n');
    unsigned char best = ',';
    std::ptrdiff_t most = 0;
    for (const unsigned char c : {',', ';', '\t'}) {
        const auto count = std::count(csv.begin() + std::ptrdiff_t(start), end, c);
        if (count > most) {
            most = count;
            best = c;
        }
    }
    return best;
}

}  // namespace

common::Result<Table> tableFromCsv(const common::Bytes& csv, const std::string& name,
                                   const common::Progress& progress) {
    // A byte order mark would stick to the first column's name.
    const std::size_t start = csv.size() >= 3 && csv[0] == 0xEF && csv[1] == 0xBB && csv[2] == 0xBF ? 3 : 0;
    // No text in UTF-8 has a zero in it; that of UTF-16 is full of them.
    if (std::find(csv.begin(), csv.end(), 0) != csv.end()) return Problem{ProblemKind::encodingBad, name};
    Reading reading;
    reading.table.name = name;
    const std::unique_ptr<csv_parser, void (*)(csv_parser*)> parser(new csv_parser, [](csv_parser* p) {
        csv_free(p);
        delete p;
    });
    csv_init(parser.get(), CSV_STRICT | CSV_STRICT_FINI | CSV_APPEND_NULL);
    csv_set_delim(parser.get(), delimiterIn(csv, start));
    constexpr std::size_t piece = 1 << 18;
    bool whole = true;
    for (std::size_t at = start; at < csv.size() && whole && !reading.tooMany; at += piece) {
        if (progress.cancelled()) return Problem{ProblemKind::cancelled, name};
        progress.at(double(at) / double(csv.size()));
        const std::size_t size = std::min(piece, csv.size() - at);
        whole = csv_parse(parser.get(), csv.data() + at, size, onField, onRow, &reading) == size;
    }
    whole = whole && csv_fini(parser.get(), onField, onRow, &reading) == 0;
    if (reading.tooMany) return Problem{ProblemKind::tooManyRows, name, 0, "", std::to_string(mostRows)};
    if (!whole) reading.table.bad.push_back({ProblemKind::rowBad, name, reading.number});
    if (!reading.headingsAreText) return Problem{ProblemKind::encodingBad, name, 1};
    return std::move(reading.table);
}

}  // namespace storage
