#pragma once

#include <QColor>
#include <QString>

namespace app {

/// The frame's greys; all of them neutral, since colours are judged inside it.
struct Theme {
    QColor well;  // behind the pictures, Munsell N5
    QColor panel;
    QColor raised;  // the station in hand, fields
    QColor line;
    QColor ink;
    QColor quiet;  // second-rank text, still 4.5 : 1 on the panel
    QColor wellInk;
    QColor caption;  // behind the pictures' captions: no text is readable enough on N5 itself
};

enum class ThemeName { mid, evening };

const Theme& theme();
/// Sets the palette and style of the whole application.
void applyTheme(ThemeName name);

}  // namespace app
