#include "app/preferences.h"

#include <QFileInfo>
#include <QSettings>
#include <algorithm>

namespace app {

namespace {

constexpr qsizetype mostLastStudies = 6;

QSettings settings() {
    return QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("yawning-dune"),
                     QStringLiteral("yawning-dune"));
}

const QString countingKey = QStringLiteral("values/whiteIsOne");
const QString eveningKey = QStringLiteral("frame/evening");
const QString magnificationKey = QStringLiteral("frame/magnification");
const QString stationKey = QStringLiteral("frame/station");
const QString studiesKey = QStringLiteral("studies/last");

QString placeKey(const QString& window) {
    return QStringLiteral("windows/") + window;
}

QString noteKey(const QString& station) {
    return QStringLiteral("notesTakenAway/") + station;
}

}  // namespace

wording::Counting counting() {
    return settings().value(countingKey, false).toBool() ? wording::Counting::whiteIsOne
                                                         : wording::Counting::blackIsOne;
}

void setCounting(wording::Counting counting) {
    settings().setValue(countingKey, counting == wording::Counting::whiteIsOne);
}

ThemeName frameTheme() {
    return settings().value(eveningKey, false).toBool() ? ThemeName::evening : ThemeName::mid;
}

void setFrameTheme(ThemeName name) {
    settings().setValue(eveningKey, name == ThemeName::evening);
}

double magnification() {
    return std::clamp(settings().value(magnificationKey, 1.0).toDouble(), 1.0, 2.0);
}

void setMagnification(double factor) {
    settings().setValue(magnificationKey, factor);
}

QByteArray windowPlace(const QString& window) {
    return settings().value(placeKey(window)).toByteArray();
}

void setWindowPlace(const QString& window, const QByteArray& place) {
    settings().setValue(placeKey(window), place);
}

int lastStation() {
    return settings().value(stationKey, 0).toInt();
}

void setLastStation(int station) {
    settings().setValue(stationKey, station);
}

QStringList lastStudies() {
    QStringList there;
    for (const QString& file : settings().value(studiesKey).toStringList())
        if (QFileInfo::exists(file)) there << file;
    return there;
}

void rememberStudy(const QString& file) {
    QStringList studies = lastStudies();
    const QString whole = QFileInfo(file).absoluteFilePath();
    studies.removeAll(whole);
    studies.prepend(whole);
    settings().setValue(studiesKey, QStringList(studies.mid(0, mostLastStudies)));
}

bool isNoteWanted(const QString& station) {
    return !settings().value(noteKey(station), false).toBool();
}

void takeNoteAway(const QString& station) {
    settings().setValue(noteKey(station), true);
}

void wantNote(const QString& station) {
    settings().remove(noteKey(station));
}

}  // namespace app
