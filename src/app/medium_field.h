#pragma once

#include <QComboBox>
#include <vector>

#include "materials/material.h"

namespace app {

/// Paint before sticks, each from dark to light.
std::vector<materials::Material> inOrderOfValue(std::vector<materials::Material> media);

/// How large a medium is drawn in a field.
inline constexpr QSize mediumShape{40, 16};
QIcon mediumIcon(const materials::Material& medium);
/// "madder red, soft stick".
QString mediumWords(const materials::Material& medium);
/// One more item: its shape and words; its data is the medium's id.
void addMedium(QComboBox& field, const materials::Material& medium);

/// A field that a medium is chosen in by its name or look, after what is offered beside (words, data); an item's data
/// is the medium's id.
QComboBox* mediumField(const QString& name, const std::vector<std::pair<QString, QString>>& beside,
                       const std::vector<materials::Material>& media);

}  // namespace app
