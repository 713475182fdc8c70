#include "app/widgets/theme.h"

#include <QApplication>
#include <QPalette>

#include "app/widgets/quiet_style.h"
#include "drawing/fonts.h"

namespace app {

namespace {

QColor grey(int level) {
    return QColor(level, level, level);
}

const Theme mid{grey(0x79), grey(0xc6), grey(0xd8), grey(0xa2), grey(0x14), grey(0x3a), grey(0xff), grey(0x6c)};
const Theme evening{grey(0x79), grey(0x2e), grey(0x42), grey(0x58), grey(0xee), grey(0xc4), grey(0xff), grey(0x6c)};

const Theme* current = &mid;

}  // namespace

const Theme& theme() {
    return *current;
}

void applyTheme(ThemeName name) {
    current = name == ThemeName::mid ? &mid : &evening;
    const Theme& t = *current;
    QApplication::setStyle(new QuietStyle);
    QApplication::setFont(drawing::font(drawing::TypeSize::text));
    QPalette palette;
    palette.setColor(QPalette::Window, t.panel);
    palette.setColor(QPalette::Base, t.raised);
    palette.setColor(QPalette::AlternateBase, t.panel);
    palette.setColor(QPalette::Button, t.raised);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
        palette.setColor(role, t.ink);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        palette.setColor(QPalette::Disabled, role, t.quiet);
    palette.setColor(QPalette::PlaceholderText, t.quiet);
    palette.setColor(QPalette::Highlight, t.line);
    palette.setColor(QPalette::HighlightedText, t.ink);
    palette.setColor(QPalette::ToolTipBase, t.raised);
    QApplication::setPalette(palette);
}

}  // namespace app
