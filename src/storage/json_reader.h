#pragma once

#include <QJsonArray>
#include <QJsonObject>
#include <cmath>
#include <optional>
#include <string>
#include <vector>

#include "colour/srgb.h"
#include "common/problem.h"
#include "storage/text.h"

namespace storage {

inline std::string stringIn(const QJsonObject& json, const char* key) {
    // A zero would end the word for some who read it later, and not for others.
    return json[QLatin1String(key)].toString().remove(QChar(0)).toStdString();
}

/// The "version" of a file, 1 if it has none; nullopt for anything but a whole number from 1.
inline std::optional<double> versionIn(const QJsonObject& json) {
    const QJsonValue told = json[QLatin1String("version")];
    if (told.isUndefined()) return 1;
    const double version = told.toDouble(0);
    if (version < 1 || version != std::floor(version)) return std::nullopt;
    return version;
}

inline QJsonArray arrayOf(const std::vector<std::string>& list) {
    QJsonArray array;
    for (const std::string& s : list) array.append(text(s));
    return array;
}

inline std::vector<std::string> listIn(const QJsonObject& json, const char* key) {
    std::vector<std::string> list;
    for (const QJsonValue& value : json[QLatin1String(key)].toArray()) list.push_back(value.toString().toStdString());
    return list;
}

/// Reads fields and remembers the first that will not do.
class Reader {
 public:
    Reader(const QJsonObject& json, const std::string& name) : json_(json), name_(name) {}

    double number(const char* key, double least, double most) {
        const QJsonValue value = json_[QLatin1String(key)];
        const double v = value.toDouble();
        if (value.isDouble() && v >= least && v <= most) return v;
        fail(key);
        return least;
    }
    template <typename Enum>
    Enum word(const char* key, std::optional<Enum> (*named)(std::string_view)) {
        const auto value = named(stringIn(json_, key));
        if (!value) fail(key);
        return value.value_or(Enum{});
    }
    colour::Srgb8 hex(const char* key) {
        const auto value = colour::srgb8FromHex(stringIn(json_, key));
        if (!value) fail(key);
        return value.value_or(colour::Srgb8{});
    }
    bool has(const char* key) const { return json_.contains(QLatin1String(key)); }
    std::string string(const char* key) const { return stringIn(json_, key); }
    std::vector<std::string> list(const char* key) const { return listIn(json_, key); }
    void fail(const char* key) {
        if (!problem) problem = common::Problem{common::ProblemKind::duneDamaged, name_, 0, key};
    }

    std::optional<common::Problem> problem;

 private:
    const QJsonObject& json_;
    const std::string& name_;
};

}  // namespace storage
