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

std::optional<colour::Lab> labOf(cmsHANDLE it8, int row, const Told& told) {
    std::vector<double> values;
    for (const auto& [column, nanometres] : told.columns) {
        const char* field = cmsIT8GetDataRowCol(it8, row, column);
        bool ok = false;
        values.push_back(QByteArray(field ? field : "").toDouble(&ok));
        if (!ok || !std::isfinite(values.back())) return std::nullopt;
    }
    if (told.as == Told::lab) return colour::Lab{values[0], values[1], values[2]};
    if (told.as == Told::xyz) return colour::labFromXyz({values[0] / 100, values[1] / 100, values[2] / 100});
    const double scale = std::ranges::max(values) > 2 ? 100 : 1;
    std::vector<std::pair<double, double>> readings;
    for (std::size_t i = 0; i < values.size(); ++i) readings.emplace_back(told.columns[i].second, values[i] / scale);
    return colour::labOfReflectance(bandsFrom(readings), colour::Light::daylight65);
}

}  // namespace

common::Result<Table> tableFromReadings(const common::Bytes& text, const std::string& name) {
    const Handle it8 = owned(cmsIT8LoadFromMem(nullptr, text.data(), cmsUInt32Number(text.size())));
    if (!it8) return Problem{ProblemKind::listUnknown, name};
    char** formats = nullptr;
    const int count = cmsIT8EnumDataFormat(it8.get(), &formats);
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
                if (const char* field = cmsIT8GetDataRowCol(it8.get(), row, found->second)) return field;
        return {};
    };
    const int sets = int(cmsIT8GetPropertyDbl(it8.get(), "NUMBER_OF_SETS"));
    for (int row = 0; row < std::min(sets, mostRows); ++row) {
        const auto lab = labOf(it8.get(), row, *told);
        if (!lab) {
            table.bad.push_back({ProblemKind::rowBad, name, row + 1});
            continue;
        }
        const std::string id = word(row, {"SAMPLE_ID", "SAMPLEID"});
        const std::string called = word(row, {"SAMPLE_NAME", "SAMPLE_LOC"});
        const auto number = [](double v) { return QString::number(v, 'f', 4).toStdString(); };
        table.rows.push_back(
            {row + 1, {id, called.empty() ? id : called, number(lab->L), number(lab->a), number(lab->b)}});
    }
    return table;
}

QByteArray readingsText(const std::vector<materials::Owned>& things) {
    const Handle it8 = owned(cmsIT8Alloc(nullptr));
    cmsIT8SetSheetType(it8.get(), "CGATS.17");
    cmsIT8SetPropertyStr(it8.get(), "ORIGINATOR", "Yawning Dune");
    cmsIT8SetPropertyStr(it8.get(), "DESCRIPTOR", "Colours of a drawer, CIELAB under D50");
    std::vector<std::pair<const materials::Owned*, colour::Lab>> coloured;
    for (const materials::Owned& thing : things)
        if (const auto colour = materials::colourOf(thing))
            coloured.emplace_back(&thing, colour::labFromSrgb8(*colour));
    static const char* headings[] = {"SAMPLE_ID", "SAMPLE_NAME", "LAB_L", "LAB_A", "LAB_B"};
    cmsIT8SetPropertyDbl(it8.get(), "NUMBER_OF_FIELDS", std::size(headings));
    cmsIT8SetPropertyDbl(it8.get(), "NUMBER_OF_SETS", double(coloured.size()));
    for (int i = 0; i < int(std::size(headings)); ++i) cmsIT8SetDataFormat(it8.get(), i, headings[i]);
    // The format has no way to write a quote inside a word.
    const auto words = [](const std::string& s) { return QString::fromStdString(s).replace('"', '\'').toStdString(); };
    for (int row = 0; row < int(coloured.size()); ++row) {
        const auto& [thing, lab] = coloured[std::size_t(row)];
        cmsIT8SetDataRowCol(it8.get(), row, 0, words(materials::idOf(*thing)).c_str());
        cmsIT8SetDataRowCol(it8.get(), row, 1, words(materials::nameOf(*thing)).c_str());
        const double values[] = {lab.L, lab.a, lab.b};
        for (int c = 0; c < 3; ++c) cmsIT8SetDataRowColDbl(it8.get(), row, 2 + c, values[c]);
    }
    cmsUInt32Number size = 0;
    cmsIT8SaveToMem(it8.get(), nullptr, &size);
    QByteArray text{qsizetype(size), Qt::Uninitialized};
    cmsIT8SaveToMem(it8.get(), text.data(), &size);
    // The library counts a closing zero.
    while (text.endsWith('\0')) text.chop(1);
    return text;
}

}  // namespace storage
