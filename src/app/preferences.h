#pragma once

#include <QStringList>
#include <QWidget>

#include "app/widgets/theme.h"
#include "print/plan_folder.h"
#include "wording/subject.h"

namespace app {

/// What the artist prefers in every study, and how the windows were left; kept in the XDG configuration folder.
wording::Counting counting();
void setCounting(wording::Counting counting);
/// Of new studies.
planning::Hand workingHand();
void setWorkingHand(planning::Hand hand);
/// Code of the language that was chosen, from the next start on (wording::languages); empty: the system's.
QString language();
void setLanguage(const QString& code);
ThemeName frameTheme();
/// By how much everything in the windows is larger than usual, from the next start on: 1, 1.25, 1.5 or 2.
double magnification();
void setMagnification(double factor);
void setFrameTheme(ThemeName name);

/// Puts a window where the one of this name was closed; the first time it gets its usual size, or as much of that as
/// the screen has.
void putInPlace(QWidget& window, const QString& name, const QSize& usual);
void keepPlace(const QWidget& window, const QString& name);
int lastStation();
void setLastStation(int station);

/// The .dune files that were last opened or saved and still are there, the last first.
QStringList lastStudies();
void rememberStudy(const QString& file);

/// What of a plan is written for the easel.
print::PlanParts exportParts();
void setExportParts(const print::PlanParts& parts);
/// Where the plan of the study of this title went last; for another study a folder of its title beside that, at first
/// among the documents.
QString exportFolder(const QString& title);
void setExportFolder(const QString& title, const QString& folder);

/// At the easel: after how many minutes of work the artist is asked to step back (0: never), and whether a sound tells
/// that something is dry.
int stepBackMinutes();
void setStepBackMinutes(int minutes);
bool isSoundWanted();
void setSoundWanted(bool wanted);

/// From when on the artist's pace is learnt, in milliseconds since 1970; 0: from the first log.
std::int64_t paceLearntSince();
void setPaceLearntSince(std::int64_t time);

/// Whether new studies are planned for the artist's own touch, as her work has shown it.
bool isOwnTouchWanted();
void setOwnTouchWanted(bool wanted);

/// The notes of a first study: one of a station stands in the margin until it is taken away for good.
bool isNoteWanted(const QString& station);
void takeNoteAway(const QString& station);
void wantNote(const QString& station);

}  // namespace app
