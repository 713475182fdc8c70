#include "drawing/fonts.h"

#include <QFontDatabase>

void initDrawingResources() {
    Q_INIT_RESOURCE(fonts);
}

namespace drawing {

void loadFonts() {
    initDrawingResources();
    QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Carlito-Regular.ttf"));
    QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Carlito-Bold.ttf"));
}

QFont font(TypeSize size, bool bold) {
    QFont font(QStringLiteral("Carlito"));
    font.setPixelSize(size == TypeSize::small ? 13 : size == TypeSize::text ? 15 : 19);
    font.setBold(bold);
    // Any letter spacing turns ligatures off, which would leave holes in the text of a PDF.
    font.setLetterSpacing(QFont::AbsoluteSpacing, 0.05);
    return font;
}

}  // namespace drawing
