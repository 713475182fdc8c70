#include "app/file_to_write.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QRegularExpression>

namespace app {

QString fileToWrite(QWidget* parent, const QString& title, const QString& suggested, const QString& kinds) {
    QFileDialog dialog(parent, title, {}, kinds);
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    if (!suggested.isEmpty()) dialog.selectFile(suggested);
    const auto giveEnding = [&](const QString& kind) {
        dialog.setDefaultSuffix(
            kind.section(QStringLiteral("(*."), 1).section(QRegularExpression(QStringLiteral("[ )]")), 0, 0));
    };
    giveEnding(dialog.selectedNameFilter());
    QObject::connect(&dialog, &QFileDialog::filterSelected, &dialog, giveEnding);
    return dialog.exec() == QDialog::Accepted ? dialog.selectedFiles().value(0) : QString();
}

QString fileNameFrom(const QString& title, const QString& otherwise) {
    constexpr int mostLetters = 60;
    QString name = title.left(mostLetters).replace('/', ' ');
    while (name.startsWith('.')) name.remove(0, 1);
    name = name.simplified();
    return name.isEmpty() ? otherwise : name;
}

QString photographKinds() {
    return QCoreApplication::translate("app", "Photographs (*.jpg *.jpeg *.png *.tif *.tiff *.webp)");
}

}  // namespace app
