#include "app/preferences.h"

#include <QCoreApplication>
#include <QDir>
#include <QScreen>
#include <QSettings>
#include <QStandardPaths>
#include <algorithm>

#include "app/file_to_write.h"

namespace app {

namespace {

constexpr qsizetype mostLastStudies = 6;

QSettings settings() {
    return QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("yawning-dune"),
                     QStringLiteral("yawning-dune"));
}

const QString countingKey = QStringLiteral("values/whiteIsOne");
const QString leftHandKey = QStringLiteral("hand/left");
const QString eveningKey = QStringLiteral("frame/evening");
const QString languageKey = QStringLiteral("frame/language");
const QString magnificationKey = QStringLiteral("frame/magnification");
const QString stationKey = QStringLiteral("frame/station");
const QString studiesKey = QStringLiteral("studies/last");

const QString stepBackKey = QStringLiteral("easel/stepBackMinutes");
const QString soundKey = QStringLiteral("easel/sound");
const QString touchKey = QStringLiteral("easel/ownTouchWanted");
const QString paceKey = QStringLiteral("easel/paceLearntSince");
const QString exportFolderKey = QStringLiteral("export/folder");
const QString exportTitleKey = QStringLiteral("export/title");

QString partKey(int part) {
    return QStringLiteral("export/") + QString::fromUtf8(print::nameOf(print::PlanPart(part)).data());
}

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

planning::Hand workingHand() {
    return settings().value(leftHandKey, false).toBool() ? planning::Hand::left : planning::Hand::right;
}

void setWorkingHand(planning::Hand hand) {
    settings().setValue(leftHandKey, hand == planning::Hand::left);
}

QString language() {
    return settings().value(languageKey).toString();
}

void setLanguage(const QString& code) {
    settings().setValue(languageKey, code);
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

void putInPlace(QWidget& window, const QString& name, const QSize& usual) {
    constexpr int titleBar = 40;              // pixels, about as high as window managers draw it
    constexpr QSize everyStation(1024, 700);  // what all is made for; what finds no room in that scrolls
    const QSize room = window.screen()->availableSize() - QSize(0, titleBar);
    window.resize(usual.boundedTo(room.expandedTo(everyStation)));
    window.restoreGeometry(settings().value(placeKey(name)).toByteArray());
}

void keepPlace(const QWidget& window, const QString& name) {
    settings().setValue(placeKey(name), window.saveGeometry());
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

print::PlanParts exportParts() {
    print::PlanParts parts = print::allParts;
    for (int i = 0; i < print::planPartCount; ++i) parts[std::size_t(i)] = settings().value(partKey(i), true).toBool();
    return parts;
}

void setExportParts(const print::PlanParts& parts) {
    for (int i = 0; i < print::planPartCount; ++i) settings().setValue(partKey(i), parts[std::size_t(i)]);
}

QString exportFolder(const QString& title) {
    QString last = settings().value(exportFolderKey).toString();
    if (!last.isEmpty() && settings().value(exportTitleKey).toString() == title) return last;
    const QDir beside(last.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation)
                                     : QFileInfo(last).path());
    return beside.filePath(fileNameFrom(title, QCoreApplication::translate("app", "Plan")));
}

void setExportFolder(const QString& title, const QString& folder) {
    settings().setValue(exportTitleKey, title);
    settings().setValue(exportFolderKey, folder);
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

int stepBackMinutes() {
    constexpr int usual = 20, most = 120;
    return std::clamp(settings().value(stepBackKey, usual).toInt(), 0, most);
}

std::int64_t paceLearntSince() {
    return settings().value(paceKey, 0).toLongLong();
}

void setPaceLearntSince(std::int64_t time) {
    settings().setValue(paceKey, qlonglong(time));
}

bool isOwnTouchWanted() {
    return settings().value(touchKey, false).toBool();
}

void setOwnTouchWanted(bool wanted) {
    settings().setValue(touchKey, wanted);
}

void setStepBackMinutes(int minutes) {
    settings().setValue(stepBackKey, minutes);
}

bool isSoundWanted() {
    return settings().value(soundKey, false).toBool();
}

void setSoundWanted(bool wanted) {
    settings().setValue(soundKey, wanted);
}

}  // namespace app
