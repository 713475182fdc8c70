#include <QApplication>
#include <QCommandLineParser>
#include <cstdio>

#include "app/main_window.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/library_csv.h"
#include "storage/materials_store.h"
#include "wording/sentences.h"

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("Yawning Dune"));
    QApplication::setApplicationVersion(QStringLiteral("0.1.0"));
    QCommandLineParser parser;
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Open the demo study."));
    parser.addOption(demo);
    parser.addPositionalArgument(QStringLiteral("file"), QStringLiteral("A picture or a .dune study."));
    parser.process(application);

    drawing::loadFonts();
    app::applyTheme(app::ThemeName::mid);
    const auto data = storage::dataFolder();
    const auto starter = storage::readThingsFolder(data / "materials");
    if (!starter) {
        std::fprintf(stderr, "%s\n", qPrintable(wording::problemSentence(starter.problem())));
        return 2;
    }
    // The first time, the drawer is filled with the starter materials.
    auto store = storage::MaterialsStore::open(storage::MaterialsStore::usualFile());
    if (store && (*store)->isNew()) {
        const auto filled = (*store)->apply({.put = *starter});
        if (!filled) store = filled.problem();
    }
    if (!store) std::fprintf(stderr, "%s\n", qPrintable(wording::problemSentence(store.problem())));
    app::MainWindow window(materials::libraryOf({*starter, {}}), store ? store->get() : nullptr);
    window.show();
    if (!store) window.say(wording::problemSentence(store.problem()));
    const QString file = parser.positionalArguments().value(0);
    if (parser.isSet(demo))
        window.openDemo(QStringLiteral("kettle"));
    else if (!file.isEmpty())
        window.openFile(file);
    return QApplication::exec();
}
