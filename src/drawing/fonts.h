#pragma once

#include <QFont>

namespace drawing {

/// Registers the type that ships with the program (Carlito: humanist, tabular figures). Call once after the application
/// object stands; without the font files the system's sans is used.
void loadFonts();

/// The three sizes.
enum class TypeSize { small, text, head };
QFont font(TypeSize size, bool bold = false);

}  // namespace drawing
