#include "app/widgets/theme.h"

#include <QApplication>
#include <QPalette>
#include <QStyleFactory>

#include "drawing/fonts.h"

namespace app {

namespace {

QColor grey(int level) {
    return QColor(level, level, level);
}

const Theme mid{grey(0x79), grey(0xc6), grey(0xd8), grey(0xa2), grey(0x14), grey(0x3a), grey(0xff), grey(0x6c)};
const Theme evening{grey(0x79), grey(0x2e), grey(0x42), grey(0x58), grey(0xee), grey(0xc4), grey(0xff), grey(0x6c)};

const Theme* current = &mid;

QString styleSheet(const Theme& t) {
    return QStringLiteral(
               "QMainWindow, QMenuBar, QWidget#panel { background: %1; }"
               "QMenuBar, QMenu { color: %2; background: %1; border: none; }"
               "QMenuBar::item { padding: 3px 9px; background: transparent; }"
               "QMenu { border: 1px solid %4; padding: 3px; } QMenu::item { padding: 4px 26px 4px 14px; }"
               "QMenuBar::item:selected, QMenu::item:selected { background: %3; }"
               "QMenu::item:disabled { color: %5; }"
               "QPushButton, QSpinBox, QDoubleSpinBox, QComboBox, QLineEdit {"
               "  color: %2; background: %3; border: 1px solid %4; border-radius: 2px; padding: 3px 8px; min-height: "
               "20px; }"
               "QPushButton:focus, QSpinBox:focus, QDoubleSpinBox:focus, QComboBox:focus, QLineEdit:focus { border: "
               "2px solid %2; padding: 2px 7px; }"
               "QPushButton:disabled, QSpinBox:disabled, QDoubleSpinBox:disabled, QComboBox:disabled, "
               "QLineEdit:disabled { color: %5; background: %1; }"
               "QDialog#panel { background: %1; border: 1px solid %2; }"
               "QPushButton:pressed { background: %4; }"
               "QPushButton:checked { background: %4; border: 2px solid %2; padding: 2px 7px; }"
               "QComboBox QAbstractItemView { background: %3; color: %2; selection-background-color: %4; "
               "selection-color: %2; }"
               "QLabel { color: %2; } QLabel#quiet { color: %5; }"
               "QScrollArea { background: transparent; border: none; }"
               "QProgressBar { border: none; background: %4; max-height: 5px; min-height: 5px; } QProgressBar::chunk { "
               "background: %2; }"
               "QSlider::groove:horizontal { height: 3px; background: %4; }"
               "QSlider::handle:horizontal { width: 11px; margin: -7px 0; background: %2; border-radius: 2px; }"
               "QSlider:focus { border: 1px solid %2; }"
               "QToolTip { color: %2; background: %3; border: 1px solid %4; }")
        .arg(t.panel.name(), t.ink.name(), t.raised.name(), t.line.name(), t.quiet.name());
}

}  // namespace

const Theme& theme() {
    return *current;
}

void applyTheme(ThemeName name) {
    current = name == ThemeName::mid ? &mid : &evening;
    const Theme& t = *current;
    QApplication::setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    QApplication::setFont(drawing::font(drawing::TypeSize::text));
    QPalette palette;
    palette.setColor(QPalette::Window, t.panel);
    palette.setColor(QPalette::Base, t.raised);
    palette.setColor(QPalette::AlternateBase, t.panel);
    palette.setColor(QPalette::Button, t.raised);
    for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText, QPalette::ToolTipText})
        palette.setColor(role, t.ink);
    palette.setColor(QPalette::PlaceholderText, t.quiet);
    palette.setColor(QPalette::Highlight, t.line);
    palette.setColor(QPalette::HighlightedText, t.ink);
    palette.setColor(QPalette::ToolTipBase, t.raised);
    QApplication::setPalette(palette);
    qApp->setStyleSheet(styleSheet(t));
}

}  // namespace app
