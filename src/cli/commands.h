#pragma once

#include <QJsonObject>
#include <QStringList>

#include "colour/lab.h"
#include "colour/light.h"
#include "common/result.h"
#include "materials/material.h"

namespace cli {

/// Each takes the arguments after the command's name and gives the exit status: 0, or 2 after one sentence on stderr.
int plan(const QStringList& arguments);
int convert(const QStringList& arguments);
int difference(const QStringList& arguments);
int film(const QStringList& arguments);
int inspect(const QStringList& arguments);
int areas(const QStringList& arguments);
int card(const QStringList& arguments);
int readCard(const QStringList& arguments);
int testCard(const QStringList& arguments);
int readTestCard(const QStringList& arguments);
int trialCard(const QStringList& arguments);
int readTrialCard(const QStringList& arguments);
int list(const QStringList& arguments);
int compare(const QStringList& arguments);
int log(const QStringList& arguments);
int photograph(const QStringList& arguments);
int check(const QStringList& arguments);

/// Says the problem on stderr; gives 2.
int refuse(const common::Problem& problem);
/// The same for a command that lacks a word or has one too many, with how it is to be written.
int refuseIncomplete(const char* command, const char* written);

/// "--name value" pairs (a name may come more than once) and the words between them. Fails on a name that is not in
/// `known` or has no value; `command` stands in the problem.
struct Options {
    QStringList words;
    QList<std::pair<QString, QString>> pairs;

    QString last(const QString& name, const QString& otherwise = {}) const;
    QStringList all(const QString& name) const;
};
/// {"L", "a", "b"}, and the same with "hex".
QJsonObject labJson(const colour::Lab& lab);
QJsonObject colourJson(const colour::Lab& lab);
/// The materials of the CSV files that `--library` names, or the starter materials.
common::Result<materials::Library> chosenLibrary(const QStringList& files);
/// The light that an option names; nameUnknown otherwise.
common::Result<colour::Light> lightIn(const QString& name);
bool parse(const QStringList& arguments, const QStringList& known, Options& options);

}  // namespace cli
