#include <malloc.h>

#include <QApplication>
#include <QCommandLineParser>
#include <QThreadPool>
#include <cstdio>

#include "app/main_window.h"
#include "app/preferences.h"
#include "app/widgets/theme.h"
#include "common/current_problem.h"
#include "drawing/fonts.h"
#include "storage/library_csv.h"
#include "storage/materials_store.h"
#include "wording/language.h"
#include "wording/sentences.h"

namespace {

/// What is still thrown on the interface thread is said, and the study is as it was.
class Application : public QApplication {
 public:
    using QApplication::QApplication;

    bool notify(QObject* receiver, QEvent* event) override {
        try {
            return QApplication::notify(receiver, event);
        } catch (...) {
            const QString sentence = wording::problemSentence(common::currentProblem());
            std::fprintf(stderr, "%s\n", qPrintable(sentence));
            for (QWidget* widget : topLevelWidgets())
                if (auto* window = dynamic_cast<app::MainWindow*>(widget)) window->tell(sentence);
            return true;
        }
    }
};

}  // namespace

int main(int argc, char** argv) {
    // Pictures come and go by the hundred while plans are made. From a megabyte on each gets pages of its own, which
    // are given back at once: else what is small and stays keeps the room of the large ones that went, hour after hour.
    constexpr int pagesOfItsOwn = 1 << 20;  // bytes
    mallopt(M_MMAP_THRESHOLD, pagesOfItsOwn);
    // Read before there is a screen to ask; what the environment says goes before it.
    if (!qEnvironmentVariableIsSet("QT_SCALE_FACTOR"))
        qputenv("QT_SCALE_FACTOR", QByteArray::number(app::magnification()));
    Application application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("Yawning Dune"));
    QApplication::setApplicationVersion(QStringLiteral(YAWNING_DUNE_VERSION));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.yawningdune.YawningDune"));
    QApplication::setWindowIcon(QIcon(QStringLiteral(":/icon.svg")));
    wording::speak(app::language());
    QCommandLineParser parser;
    parser.addHelpOption();
    parser.addVersionOption();
    const QCommandLineOption demo(QStringLiteral("demo"), QStringLiteral("Open the demo study."));
    parser.addOption(demo);
    parser.addPositionalArgument(QStringLiteral("file"), QStringLiteral("A picture or a .dune study."));
    parser.process(application);

    drawing::loadFonts();
    app::applyTheme(app::frameTheme());
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
    // What stays small and many goes back when a plan is made, off the interface thread: the threads that made it each
    // hold room of their own.
    QObject::connect(&window.session(), &app::Session::planningEnded,
                     [] { QThreadPool::globalInstance()->start([] { malloc_trim(0); }); });
    window.show();
    if (!store) window.setStoreProblem(store.problem());
    const QString file = parser.positionalArguments().value(0);
    if (parser.isSet(demo))
        window.openDemo(QStringLiteral("kettle"));
    else if (!file.isEmpty())
        window.openFile(file);
    window.offerUnsavedWork();
    window.endWithTheSystem();
    return QApplication::exec();
}
