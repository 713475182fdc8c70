#include <QApplication>
#include <QDir>
#include <QTemporaryDir>
#include <QtTest>

#include "app/layers/layers_station.h"
#include "app/main_window.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/library_csv.h"

/// Draws every main view of the demo study with the real window into the folder given.
int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (argc != 2 || !QDir().mkpath(argv[1])) return 2;
    const QDir folder(argv[1]);
    drawing::loadFonts();
    app::applyTheme(app::ThemeName::mid);
    auto starter = storage::readThingsFolder(TEST_DATA "/materials");
    if (!starter) return 1;
    const QTemporaryDir own;
    auto store = storage::MaterialsStore::open(own.filePath("materials.sqlite"));
    if (!store || !(*store)->apply({.put = *starter})) return 1;
    app::MainWindow window(materials::libraryOf({*starter, {}}), store->get());
    window.resize(1280, 800);
    window.show();
    if (!window.openFile(TEST_DATA "/demo/kettle.dune")) return 1;
    if (!QTest::qWaitFor([&] { return window.session().isPlanCurrent(); }, 60000)) return 1;
    const auto save = [&](const char* name) {
        QTest::qWait(150);
        return window.grab().save(folder.filePath(QString::fromLatin1(name)));
    };
    const auto clickAt = [&](double x, double y) { Q_EMIT window.pictures().pointed(QPointF(x, y)); };
    bool ok = true;
    window.goTo(0);
    // As wide as the kettle is, drawn with the mouse.
    app::PicturePair& pictures = window.pictures();
    const QPoint left(pictures.width() * 9 / 100, pictures.height() * 58 / 100);
    QTest::mousePress(&pictures, Qt::LeftButton, {}, left);
    QTest::mouseMove(&pictures, left + QPoint(60, 0));
    QTest::mouseMove(&pictures, left + QPoint(149, -4));
    QTest::mouseRelease(&pictures, Qt::LeftButton, {}, left + QPoint(149, -4));
    ok &= save("subject.png");
    window.goTo(1);
    ok &= save("values.png");
    window.goTo(2);
    ok &= save("paper.png");
    window.goTo(3);
    ok &= save("sticks.png");
    window.goTo(4);
    ok &= save("underpainting.png");
    window.goTo(5);
    auto* layers = window.findChild<app::LayersStation*>();
    layers->scrubber().setStep(int(window.session().plan()->steps.size()) * 6 / 10);
    clickAt(0.27, 0.66);
    ok &= save("layers.png");
    QTest::keyPress(&window, Qt::Key_T);
    ok &= save("layers-lamp.png");
    QTest::keyRelease(&window, Qt::Key_T);
    app::applyTheme(app::ThemeName::evening);
    ok &= save("layers-evening.png");
    app::applyTheme(app::ThemeName::mid);
    app::MaterialsWindow& materials = *window.materialsWindow();
    materials.resize(1280, 800);
    materials.show();
    QTest::qWait(100);
    materials.view().select({materials.view().sections()[1].things[12]});
    ok &= QTest::qWaitFor([&] { return materials.margin().text().paragraphs.join(' ').contains("missing"); }, 20000);
    ok &= materials.grab().save(folder.filePath("materials.png"));
    return ok ? 0 : 1;
}
