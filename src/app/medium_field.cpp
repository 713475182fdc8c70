#include "app/medium_field.h"

#include <QCompleter>
#include <QPainter>
#include <algorithm>

#include "colour/lab.h"
#include "drawing/shapes.h"
#include "wording/sentences.h"

namespace app {

QIcon mediumIcon(const materials::Material& medium) {
    QPixmap shape(mediumShape);
    shape.fill(Qt::transparent);
    QPainter painter(&shape);
    drawing::paintMaterial(painter, QRectF(1, 1, mediumShape.width() - 2, mediumShape.height() - 2), medium.kind,
                           drawing::colourOf(medium.masstone));
    return QIcon(shape);
}

std::vector<materials::Material> inOrderOfValue(std::vector<materials::Material> media) {
    std::ranges::stable_sort(media, {}, [](const materials::Material& medium) {
        return std::tuple(!materials::isWet(medium.kind), medium.kind, colour::labFromSrgb8(medium.masstone).L);
    });
    return media;
}

QString mediumWords(const materials::Material& medium) {
    return QObject::tr("%1, %2").arg(QString::fromStdString(medium.name), wording::kindWord(medium.kind));
}

void addMedium(QComboBox& field, const materials::Material& medium) {
    field.addItem(mediumIcon(medium), mediumWords(medium), QString::fromStdString(medium.id));
}

QComboBox* mediumField(const QString& name, const std::vector<std::pair<QString, QString>>& beside,
                       const std::vector<materials::Material>& media) {
    auto* field = new QComboBox;
    field->setEditable(true);
    field->setInsertPolicy(QComboBox::NoInsert);
    field->completer()->setFilterMode(Qt::MatchContains);
    field->completer()->setCompletionMode(QCompleter::PopupCompletion);
    field->setIconSize(mediumShape);
    field->setAccessibleName(name);
    for (const auto& [words, data] : beside) field->addItem(words, data);
    for (const materials::Material& medium : media) addMedium(*field, medium);
    return field;
}

}  // namespace app
