#include <lcms2.h>

#include <QRegularExpression>
#include <QString>
#include <algorithm>
#include <map>
#include <memory>
#include <optional>

#include "colour/reflectance.h"
#include "storage/list_export.h"
#include "storage/table.h"

namespace storage {

using common::Problem;
using common::ProblemKind;

namespace {

using Handle = std::unique_ptr<void, void (*)(void*)>;

Handle owned(cmsHANDLE handle) {
    return {handle, [](void* it8) {
                if (it8) cmsIT8Free(it8);
            }};
}

/// How a set's colour is told: the columns it stands in.
struct Told {
    enum { lab, xyz, spectrum } as = lab;
    std::vector<std::pair<int, double>> columns;  // with the wavelength of a spectrum's band
};

std::optional<Told> toldBy(const std::map<QString, int>& columns) {
    const auto three = [&](const char* x, const char* y, const char* z) -> std::vector<std::pair<int, double>> {
        for (const char* name : {x, y, z})
            if (!columns.contains(QLatin1String(name))) return {};
        return {
            {columns.at(QLatin1String(x)), 0}, {columns.at(QLatin1String(y)), 0}, {columns.at(QLatin1String(z)), 0}};
    };
    if (auto lab = three("LAB_L", "LAB_A", "LAB_B"); !lab.empty()) return Told{Told::lab, lab};
    if (auto xyz = three("XYZ_X", "XYZ_Y", "XYZ_Z"); !xyz.empty()) return Told{Told::xyz, xyz};
    static const QRegularExpression band(QStringLiteral("^(?:SPECTRAL_|SPEC_)?(?:NM_?)?(\\d{3})(?:NM)?$"));
    Told told{Told::spectrum, {}};
    for (const auto& [name, column] : columns)
        if (const auto match = band.match(name); match.hasMatch())
            told.columns.emplace_back(column, match.captured(1).toDouble());
    std::ranges::sort(told.columns, {}, [](const auto& c) { return c.second; });
    // Coarser than 20 nm, or blind at an end of the spectrum that counts, is no colour.
    if (told.columns.size() < 2 || told.columns.front().second > 420 || told.columns.back().second < 680)
        return std::nullopt;
    for (std::size_t i = 1; i < told.columns.size(); ++i)
        if (told.columns[i].second - told.columns[i - 1].second > 20) return std::nullopt;
    return told;
}

/// Between the nearest two readings, and the last one beyond them.
colour::Spectrum bandsFrom(const std::vector<std::pair<double, double>>& readings) {
    colour::Spectrum bands;
    for (int i = 0; i < colour::bandCount; ++i) {
        const double at = colour::firstNanometres + i * colour::bandWidthNanometres;
        const auto above = std::ranges::find_if(readings, [&](const auto& r) { return r.first >= at; });
        if (above == readings.begin()) {
            bands[i] = float(above->second);
        } else if (above == readings.end()) {
            bands[i] = float(readings.back().second);
        } else {
            const auto below = above - 1;
            const double t = (at - below->first) / (above->first - below->first);
            bands[i] = float(below->second + t * (above->second - below->second));
        }
    }
    return bands;
}

/// The numbers of a row that tell its colour; none if one of them is no number.
std::vector<double> valuesIn(cmsHANDLE it8, int row, const Told& told) {
    std::vector<double> values;
    for (const auto& [column, nanometres] : told.columns) {
        const char* field = cmsIT8GetDataRowCol(it8, row, column);
        bool ok = false;
        values.push_back(QByteArray(field ? field : "").toDouble(&ok));
        if (!ok || !std::isfinite(values.back())) return {};
    }
    return values;
}

/// `scale` is what a spectrum of a perfect white would read in this file.
colour::Lab labOf(const std::vector<double>& values, const Told& told, double scale) {
    if (told.as == Told::lab) return {values[0], values[1], values[2]};
    if (told.as == Told::xyz) return colour::labFromXyz({values[0] / 100, values[1] / 100, values[2] / 100});
    std::vector<std::pair<double, double>> readings;
    for (std::size_t i = 0; i < values.size(); ++i) readings.emplace_back(told.columns[i].second, values[i] / scale);
    return colour::labOfReflectance(bandsFrom(readings), colour::Light::daylight65);
}

/// A word in UTF-8; in Latin 1 if it is not.
std::string utf8(const QByteArray& word) {
    return word.isValidUtf8() ? word.toStdString() : QString::fromLatin1(word).toStdString();
}

/// What Little CMS does not stand: it opens whatever `.INCLUDE` names, and falls over readings that come before their
/// format and over a number of fields that comes after it. Words stand between blanks or in quotes, and # begins a
/// remark.
std::optional<Problem> structureProblem(const common::Bytes& text, const std::string& name) {
    bool hasFields = false, hasFormat = false;
    for (std::size_t at = 0; at < text.size();) {
        const auto until = [&](auto isEnd) {
            const std::size_t first = at;
            while (at < text.size() && !isEnd(text[at])) ++at;
            return QByteArray(reinterpret_cast<const char*>(text.data()) + first, qsizetype(at - first)).toUpper();
        };
        const std::uint8_t c = text[at];
        if (c == '"' || c == '\'') {
            ++at;
            until([c](std::uint8_t b) { return b == c || b == '\n'; });
            ++at;
        } else if (c == '#') {
            until([](std::uint8_t b) { return b == '\n'; });
        } else if (c <= ' ') {
            ++at;
        } else {
            const QByteArray word = until([](std::uint8_t b) { return b <= ' ' || b == '"' || b == '\''; });
            if (word.contains(".INCLUDE")) return Problem{ProblemKind::listIncludes, name};
            if (word.contains("NUMBER_OF_FIELDS")) {
                if (hasFields) return Problem{ProblemKind::listUnknown, name};
                hasFields = true;
            }
            if (word == "BEGIN_DATA_FORMAT" && !hasFields) return Problem{ProblemKind::listUnknown, name};
            if (word == "END_DATA_FORMAT") hasFormat = true;
            if (word == "BEGIN_DATA" && !hasFormat) return Problem{ProblemKind::listUnknown, name};
            if (word == "END_DATA") hasFields = hasFormat = false;  // the next table has its own
        }
    }
    return std::nullopt;
}

}  // namespace

common::Result<Table> tableFromReadings(const common::Bytes& text, const std::string& name) {
    if (text.empty()) return Problem{ProblemKind::listUnknown, name};
    if (auto problem = structureProblem(text, name)) return *problem;
    const Handle it8 = owned(cmsIT8LoadFromMem(nullptr, text.data(), cmsUInt32Number(text.size())));
    if (!it8) return Problem{ProblemKind::listUnknown, name};
    char** formats = nullptr;
    const int fields = cmsIT8EnumDataFormat(it8.get(), &formats);
    const int count = formats ? fields : 0;
    std::map<QString, int> columns;
    for (int i = 0; i < count; ++i) columns.emplace(QString::fromUtf8(formats[i]).toUpper(), i);
    const auto told = toldBy(columns);
    if (!told) {
        QStringList there;
        for (int i = 0; i < std::min(count, 6); ++i) there << QString::fromUtf8(formats[i]);
        return Problem{ProblemKind::coloursUnknown, name, 0, there.join(QStringLiteral(", ")).toStdString()};
    }
    // Colours under another light cannot be told from these three numbers.
    const char* light = cmsIT8GetProperty(it8.get(), "ILLUMINATION_NAME");
    if (told->as != Told::spectrum && light && QByteArray(light).toUpper() != "D50")
        return Problem{ProblemKind::coloursUnknown, name, 0, light};

    Table table{name, {"id", "name", "L", "a", "b"}, {}, {}};
    const auto word = [&](int row, std::initializer_list<const char*> names) -> std::string {
        for (const char* heading : names)
            if (const auto found = columns.find(QLatin1String(heading)); found != columns.end())
                if (const char* field = cmsIT8GetDataRowCol(it8.get(), row, found->second)) return utf8(field);
        return {};
    };
    const int sets = int(std::max(0.0, std::min(double(mostRows), cmsIT8GetPropertyDbl(it8.get(), "NUMBER_OF_SETS"))));
    // More are told of than there are: it is cut off.
    if (sets > 0 && !cmsIT8GetDataRowCol(it8.get(), sets - 1, 0)) return Problem{ProblemKind::listUnknown, name};
    std::vector<std::vector<double>> values;
    double highest = 0;
    for (int row = 0; row < sets; ++row) {
        values.push_back(valuesIn(it8.get(), row, *told));
        for (const double v : values.back()) highest = std::max(highest, v);
    }
    // Percent or not is the whole file's: a black reads below 1 % by itself.
    const double scale = highest > 2 ? 100 : 1;
    for (int row = 0; row < int(values.size()); ++row) {
        if (values[std::size_t(row)].empty()) {
            table.bad.push_back({ProblemKind::rowBad, name, row + 1});
            continue;
        }
        const colour::Lab lab = labOf(values[std::size_t(row)], *told, scale);
        const std::string id = word(row, {"SAMPLE_ID", "SAMPLEID"});
        const std::string called = word(row, {"SAMPLE_NAME", "SAMPLE_LOC"});
        const auto number = [](double v) { return QString::number(v, 'f', 4).toStdString(); };
        table.rows.push_back(
            {row + 1, {id, called.empty() ? id : called, number(lab.L), number(lab.a), number(lab.b)}});
    }
    return table;
}

QByteArray readingsText(const std::vector<materials::Owned>& things) {
    // Little CMS puts quotes round words with blanks only; others need them too. There is no way to write a quote or a
    // line's end inside a word.
    const auto word = [](const std::string& s) {
        return '"' + QString::fromStdString(s).simplified().remove(QChar(0)).replace('"', '\'').toUtf8() + '"';
    };
    QByteArray rows;
    int count = 0;
    for (const materials::Owned& thing : things)
        if (const auto colour = materials::colourOf(thing)) {
            const colour::Lab lab = colour::labFromSrgb8(*colour);
            rows += word(materials::idOf(thing)) + ' ' + word(materials::nameOf(thing));
            for (const double v : {lab.L, lab.a, lab.b}) rows += ' ' + QByteArray::number(v, 'f', 6);
            rows += '\n';
            ++count;
        }
    return "CGATS.17\n\nORIGINATOR\t\"Yawning Dune\"\nDESCRIPTOR\t\"Colours of a drawer, CIELAB under D50\"\n"
           "NUMBER_OF_FIELDS\t5\nBEGIN_DATA_FORMAT\nSAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n"
           "NUMBER_OF_SETS\t" +
           QByteArray::number(count) + "\nBEGIN_DATA\n" + rows + "END_DATA\n";
}

}  // namespace storage
