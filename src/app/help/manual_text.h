#pragma once

#include <QStringList>
#include <vector>

namespace app {

/// A page of the manual that ships with the program: Markdown, with pictures/NAME.png.
struct ManualPage {
    QString name;  ///< of its file: "subject"
    QString title;
    QString text;
};

/// All pages in their order, in the language of the interface, in English where it has none.
std::vector<ManualPage> manualPages();

/// Folder of the pictures.
QString manualPictures();

/// What stands in bold or in a heading, in the order of the alphabet, each with the pages that have it.
ManualPage manualIndex(const std::vector<ManualPage>& pages);

}  // namespace app
