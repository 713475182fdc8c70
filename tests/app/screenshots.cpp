#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QTemporaryDir>
#include <QtTest>

#include "app/beginning/beginning.h"
#include "app/check/check_station.h"
#include "app/layers/layers_station.h"
#include "app/log/progress_strip.h"
#include "app/main_window.h"
#include "app/materials/card_sheet.h"
#include "app/preferences.h"
#include "app/sticks/curve_leaf.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "own_home.h"
#include "pigment/readings.h"
#include "planning/simulated_hand.h"
#include "review/easel_photograph.h"
#include "review/stand_in_camera.h"
#include "storage/library_csv.h"
#include "wording/language.h"

namespace {

void write(const QString& name, const QByteArray& bytes) {
    QFile file(name);
    if (file.open(QIODevice::WriteOnly)) file.write(bytes);
}

/// A card of the first things that are shown, as the stand-in camera sees it.
void photographCard(app::MaterialsWindow& materials, const QString& file) {
    std::vector<review::FilledRow> rows;
    for (const app::Section& section : materials.view().sections())
        for (const int i : section.things)
            if (const auto* medium = std::get_if<materials::Material>(&materials.drawer().things[std::size_t(i)].what))
                rows.push_back(review::filledRow(pigment::pigmentOf(*medium), 1.1f));
    rows.resize(std::min<std::size_t>(rows.size(), 32));
    rows[3].gloss = true;
    rows[6].laid = false;
    review::CameraConditions conditions;
    conditions.kelvin = 4200;
    conditions.tiltDegrees = 10;
    const auto jpeg = review::photographed(review::filledCard(review::CardPaper::a4, 0, rows, 10, 1), conditions);
    write(file, QByteArray(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size())));
}

template <typename Sheet>
bool saveSheet(app::MaterialsWindow& materials, const QString& file, const std::function<void(Sheet&)>& prepare) {
    auto* sheet = materials.findChild<Sheet*>();
    if (!sheet) return false;
    prepare(*sheet);
    QTest::qWait(150);
    const bool ok = sheet->grab().save(file);
    sheet->reject();
    QTest::qWait(50);
    return ok;
}

/// What the beginning shows: the left third of the subject, the middle one of the sheet half laid, the right one of the
/// sheet.
bool saveWay(app::Session& session, const QString& file) {
    constexpr int wide = 400, high = 900;
    QImage way(3 * wide, high, QImage::Format_RGB888);
    QPainter painter(&way);
    const int steps = int(session.plan()->steps.size());
    int x = 0;
    for (const QImage& part : {session.shownPicture(), session.sheetAfter(steps * 6 / 10), session.sheetAfter(steps)}) {
        const QImage whole = part.scaled(way.size(), Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
        painter.drawImage(x, 0, whole, x, 0, wide, high);
        x += wide;
    }
    painter.end();
    return way.save(file);
}

/// Has Check read a photograph of the evening's sheet as a hand has laid it.
bool readWork(app::MainWindow& window, const QTemporaryDir& own) {
    const auto plan = window.session().plan();
    const double wide = window.session().study().widthMillimetres;
    const int steps = planning::Standing(window.session().record()).laid().back();
    const cv::Mat sheet = planning::laidByHand(*plan, steps, planning::handOf(4), wide / plan->stackMap.cols);
    const auto mounted = review::mountedSheet(sheet, wide, {}, {}, {{plan->reading->areas.map == 2, 0, 6}});
    const auto jpeg = review::photographed(mounted.flat, review::atTheEasel(mounted.flat.size(), 3));
    QFile file(own.filePath("work.jpg"));
    if (!file.open(QIODevice::WriteOnly)) return false;
    file.write(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size()));
    file.close();
    auto* check = window.findChild<app::CheckStation*>();
    check->check(file.fileName());
    return QTest::qWaitFor([&] { return check->mending() && !check->isBusy(); }, 300000);
}

bool saveMaterials(app::MaterialsWindow& materials, const QTemporaryDir& own, const QDir& folder) {
    materials.resize(1280, 800);
    materials.show();
    QTest::qWait(100);
    materials.view().select({materials.view().sections()[1].things[12]});
    materials.attach(TEST_DATA "/demo/kettle.png");
    bool ok = QTest::qWaitFor([&] { return materials.own().history().canUndo(); }, 20000);
    ok &= QTest::qWaitFor([&] { return materials.margin().text().paragraphs.join(' ').contains("missing"); }, 20000);
    // The photograph is seen when another can be attached beside it.
    const auto isSeen = [](const QAbstractButton* button) { return button->text() == QStringLiteral("Attach…"); };
    ok &=
        QTest::qWaitFor([&] { return std::ranges::any_of(materials.findChildren<QAbstractButton*>(), isSeen); }, 20000);
    QTest::qWait(100);
    ok &= materials.grab().save(folder.filePath("materials.png"));
    ok &= materials.printCards(review::CardPaper::a4, own.filePath("cards.pdf"));
    photographCard(materials, own.filePath("card.jpg"));
    materials.readCard(own.filePath("card.jpg"));
    ok &= saveSheet<app::CardSheet>(materials, folder.filePath("materials-card.png"), [](app::CardSheet& sheet) {
        (void)QTest::qWaitFor([&] { return !sheet.isBusy(); }, 30000);
        sheet.selectRow(4);
    });
    return ok;
}

/// Ten of the plan's sticks over each other against an area, and the best mixture for that.
bool saveTrial(app::TrialWindow& trial, app::TrialWish wish, const planning::Plan& plan, const QString& file) {
    trial.resize(1280, 800);
    trial.show();
    constexpr std::size_t tried = 10;
    for (const materials::Material& stick : plan.sticks)
        if (wish.sticks.size() < tried && std::ranges::find(wish.sticks, stick.id) == wish.sticks.end())
            wish.sticks.push_back(stick.id);
    trial.take(wish);
    for (QComboBox* field : trial.findChildren<QComboBox*>())
        if (field->accessibleName() == QStringLiteral("Laid out as")) {
            field->setFocus();
            QTest::keyClick(field, Qt::Key_Down);
        }
    for (int i = 0; i < 13; ++i) QTest::keyClick(&trial.grid(), i % 10 == 9 ? Qt::Key_Down : Qt::Key_Right);
    if (!QTest::qWaitFor([&] { return !trial.isMixing() && !trial.mixtures().empty(); }, 20000)) return false;
    for (QListWidget* list : trial.findChildren<QListWidget*>())
        if (list->accessibleName() == QStringLiteral("What would come nearer")) list->setCurrentRow(3);
    QTest::qWait(100);
    const bool ok = trial.grab().save(file);
    trial.close();
    return ok;
}

/// Two colours on two grounds, and the truth after a wrong answer.
bool savePractice(app::PracticeWindow& practice, const QString& file) {
    practice.resize(1280, 800);
    practice.show();
    auto* exercises = practice.findChild<QListWidget*>();
    for (int row = 0; practice.exercise() != practice::Exercise::lighterOnGrounds; ++row) exercises->setCurrentRow(row);
    QTest::keyClick(&practice, Qt::Key_Return);
    const int right = practice.view().question()->right;
    QTest::keyClick(&practice, Qt::Key(Qt::Key_2 - right));
    QTest::qWait(50);
    return practice.grab().save(file);
}

}  // namespace

/// Draws every main view of the demo study with the real window into the folder given.
int main(int argc, char** argv) {
    QApplication application(argc, argv);
    if (argc != 2 || !QDir().mkpath(argv[1])) return 2;
    const QDir folder(argv[1]);
    wording::speak(QStringLiteral("en"));
    drawing::loadFonts();
    app::applyTheme(app::ThemeName::mid);
    auto starter = storage::readThingsFolder(TEST_DATA "/materials");
    if (!starter) return 1;
    const QTemporaryDir own;
    auto store = storage::MaterialsStore::open(own.filePath("materials.sqlite"));
    if (!store || !(*store)->apply({.put = *starter})) return 1;
    for (const char* station : {"Subject", "Values", "Paper", "Sticks", "Underpainting", "Layers", "Check"})
        app::takeNoteAway(QStringLiteral("app::%1Station").arg(QLatin1String(station)));
    app::MainWindow window(materials::libraryOf({*starter, {}}), store->get());
    window.resize(1280, 800);
    window.show();
    const auto* beginning = window.findChild<app::Beginning*>();
    if (!QTest::qWaitFor([&] { return !beginning->isBusy(); }, 20000)) return 1;
    if (!window.grab().save(folder.filePath("beginning.png"))) return 1;
    if (!window.openFile(TEST_DATA "/demo/kettle.dune")) return 1;
    const auto rested = [&] {
        return QTest::qWaitFor([&] { return !window.isOpening() && window.session().isPlanCurrent(); }, 60000);
    };
    if (!rested()) return 1;
    const auto save = [&](const char* name) {
        QTest::qWait(150);
        return rested() && window.grab().save(folder.filePath(QString::fromLatin1(name)));
    };
    const auto clickAt = [&](double x, double y) { Q_EMIT window.pictures().pointed(QPointF(x, y)); };
    bool ok = saveWay(window.session(), QStringLiteral(TEST_DATA "/demo/way.png"));
    window.goTo(0);
    app::PicturePair& pictures = window.pictures();
    const auto press = [&](const QString& text) {
        for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
            if (button->text() == text && button->isVisible()) return button->click();
        ok = false;
    };
    const auto draw = [&](std::initializer_list<QPointF> places) {
        // Fractions of the left well.
        const auto at = [&](const QPointF& p) {
            return QPoint(int(p.x() * pictures.width() / 2), int(p.y() * pictures.height()));
        };
        QTest::mousePress(&pictures, Qt::LeftButton, {}, at(*places.begin()));
        for (const QPointF& p : places) QTest::mouseMove(&pictures, at(p));
        QTest::mouseRelease(&pictures, Qt::LeftButton, {}, at(*(places.end() - 1)));
    };
    ok &= window.pinUp(TEST_DATA "/demo/hills.png");
    ok &= save("subject.png");
    press("Measure");
    // As wide as the bowl is, taken for the unit; as wide as the kettle is, told in it.
    draw({{0.48, 0.62}, {0.6, 0.62}, {0.76, 0.62}});
    press("As the unit");
    draw({{0.18, 0.58}, {0.3, 0.58}, {0.48, 0.57}});
    press("Keep the length");
    clickAt(0.27, 0.6);
    press("Construction drawing on the sheet");
    ok &= save("subject-measure.png");
    press("Areas");
    draw({{0.3, 0.5}, {0.35, 0.6}, {0.38, 0.7}});
    ok &= save("subject-areas.png");
    press("Wipe off");
    window.goTo(1);
    ok &= save("values.png");
    press("Colour choices");
    clickAt(0.1, 0.2);
    press("Set it back");
    ok &= save("values-colour.png");
    window.session().history().undo();
    window.goTo(2);
    ok &= save("paper.png");
    window.goTo(3);
    clickAt(0.3, 0.55);
    ok &= save("sticks.png");
    press("How many");
    const auto* curve = window.findChild<app::CurveLeaf*>();
    ok &= QTest::qWaitFor([&] { return curve->isWhole(); }, 600000) && save("sticks-how-many.png");
    press("Tray");
    window.goTo(4);
    ok &= save("underpainting.png");
    window.goTo(5);
    auto* layers = window.findChild<app::LayersStation*>();
    clickAt(0.27, 0.66);
    ok &= save("layers.png");
    ok &= saveTrial(window.trialWindow(), layers->trialWish(), *window.session().plan(), folder.filePath("trial.png"));
    clickAt(0.27, 0.66);
    press("Approach");
    ok &= QTest::qWaitFor([&] { return layers->approach().isTried(); }, 600000) && save("layers-approach.png");
    window.session().history().setClean();  // nobody is there to be asked
    ok &= window.openFile(TEST_DATA "/demo/kettle-evening.dune") &&
          QTest::qWaitFor([&] { return !window.isOpening(); }, 20000) && rested();
    window.goTo(6);
    ok &= save("bench.png");
    window.goTo(7);
    ok &= readWork(window, own) && save("check.png");
    window.goTo(8);
    press("Progress");
    const auto* strip = window.findChild<app::ProgressStrip*>();
    ok &= QTest::qWaitFor([&] { return strip->moments().size() == 3; }, 60000) && save("log.png");
    ok &= saveMaterials(*window.materialsWindow(), own, folder);
    ok &= savePractice(*window.practiceWindow(), folder.filePath("practice.png"));
    return ok ? 0 : 1;
}
