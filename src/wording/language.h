#pragma once

#include <QString>
#include <vector>

namespace wording {

struct Language {
    QString code;  ///< ISO 639-1
    QString name;  ///< its own, as "Deutsch"
};

/// The languages that every word of the program is in, English first.
const std::vector<Language>& languages();

/// From now on sentences, numbers and dates are in this language, and Qt's own words too where it has them; empty: in
/// the first of the system's languages that the program speaks, else in English. The numbers keep the system's form
/// where it is of the same language, as in Austria or Canada. Takes an application that runs.
void speak(const QString& code = {});

}  // namespace wording
