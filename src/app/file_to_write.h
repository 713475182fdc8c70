#pragma once

#include <QString>

class QWidget;

namespace app {

/// Asks for a file to be written, `suggested` first; empty when none is chosen. A name without an ending gets that of
/// the kind chosen among `kinds` ("Tables (*.csv);;..."), before it is asked whether a file that is there may be
/// written over.
QString fileToWrite(QWidget* parent, const QString& title, const QString& suggested, const QString& kinds);

/// A study's title as the name of a file or folder; `otherwise` where nothing of it can be one.
QString fileNameFrom(const QString& title, const QString& otherwise);

/// What photographs may be among the files to open.
QString photographKinds();

}  // namespace app
