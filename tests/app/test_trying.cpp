#include <QComboBox>
#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLineEdit>
#include <QListWidget>
#include <QTemporaryDir>

#include "app/trial/strokes_editor.h"
#include "app/trial/trial_card_sheet.h"
#include "app/trial/trial_rows.h"
#include "app/trial/trial_window.h"
#include "app/widgets/theme.h"
#include "colour/difference.h"
#include "drawing/fonts.h"
#include "planning/stacks.h"
#include "planning/trial_mixtures.h"
#include "review/stand_in_camera.h"
#include "run_cli.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;
using pigment::Manner;
using pigment::Pressure;

/// The trial sheet, driven by keys; its card laid for real by a hand with other sticks, photographed and read.
class TestTrying : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<MainWindow> main_;

    TrialWindow& window() const { return main_->trialWindow(); }
    template <typename Field>
    Field& field(const QString& name) const {
        return *named<Field>(window(), name);
    }
    QListWidget& sticks() const { return field<QListWidget>("Sticks that are tried"); }
    void broughtUp(int key) {
        main_->activateWindow();
        main_->setFocus();
        QTRY_VERIFY(main_->isActiveWindow());
        QTest::keyClick(main_.get(), Qt::Key(key));
        QTRY_VERIFY(window().isVisible());
        window().activateWindow();
        QTRY_VERIFY(window().isActiveWindow());
    }
    /// Ticks or unticks a stick with Space, found by its name.
    void ticked(const QString& name) {
        auto& find = field<QLineEdit>("Find a stick");
        find.setFocus();
        find.clear();
        QTest::keyClicks(&find, name);
        for (int row = 0; row < sticks().count(); ++row) {
            if (sticks().item(row)->isHidden() || sticks().item(row)->text() != name) continue;
            sticks().setFocus();
            sticks().setCurrentRow(row);
            QTest::keyClick(&sticks(), Qt::Key_Space);
        }
        find.clear();
    }
    /// Down a field to what it is to be.
    void chosen(const QString& name, int index) {
        auto& box = field<QComboBox>(name);
        box.setFocus();
        QTest::keyClick(&box, Qt::Key_Home);
        for (int i = 0; i < index; ++i) QTest::keyClick(&box, Qt::Key_Down);
        QCOMPARE(box.currentIndex(), index);
    }
    void gridKey(int key) { QTest::keyClick(&window().grid(), Qt::Key(key)); }
    std::size_t stickAt(const std::string& id) const {
        const auto& media = window().media();
        return std::size_t(std::ranges::find(media, id, &materials::Material::id) - media.begin());
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        store_ = *storage::MaterialsStore::open(folder_.filePath("materials.sqlite"));
        QVERIFY(store_->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        const QString file = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        main_ = std::make_unique<MainWindow>(smallLibrary(), store_.get());
        main_->show();
        QVERIFY(hasOpened(*main_, file) && planned(*main_));
        main_->session().history().setClean();
    }

    /// From Layers the area in hand comes along with its sticks, and is what is wanted.
    void whatIsInHandComesAlong() {
        main_->goTo(5);
        clicked(*main_, 0.5, 0.5);
        broughtUp(Qt::Key_Y);
        QVERIFY(window().target().has_value());
        const auto plan = main_->session().plan();
        const int ball = plan->stackOfArea[std::size_t(subject::labelAt(plan->reading->areas.map, 0.5, 0.5))];
        std::size_t dry = 0;
        for (const planning::Layer& layer : plan->stacks[std::size_t(ball)].layers) dry += layer.stick >= 0;
        QCOMPARE(window().sheet().rows(), int(dry));
        QCOMPARE(window().sheet().columns, planning::ladderRungs);
        QCOMPARE(window().sheet().paper.id, std::string("p-grey"));
        QTRY_VERIFY(!window().isMixing() && !window().mixtures().empty());
        QVERIFY(window().margin().text().paragraphs.front().contains("ΔE00"));
    }

    void sticksAreTickedAndTheSheetIsLaidOutByKeys() {
        QTest::mouseClick(buttonOf(window(), "None"), Qt::LeftButton);
        QVERIFY(window().sheet().swatches.empty());
        for (const char* name : {"stick t5", "stick t6", "stick t11"}) ticked(name);
        QCOMPARE(window().sheet().rows(), 3);
        chosen("Laid out as", 1);
        QCOMPARE(window().sheet().columns, 3);
        chosen("Laid: pressure", 3);
        chosen("Over it: manner", 1);
        const planning::Strokes& middle = window().sheet().swatches[1];
        QCOMPARE(middle, (planning::Strokes{{int(stickAt("t5")), Manner::scumble, Pressure::medium},
                                            {int(stickAt("t6")), Manner::hatch, Pressure::medium}}));
        ticked("stick t11");
        QCOMPARE(window().sheet().rows(), 2);
        chosen("Laid out as", 2);
        QCOMPARE(window().sheet().columns, planning::runSteps);
        // All of it can be undone and done again.
        QTest::keyClick(&window(), Qt::Key_Z, Qt::ControlModifier);
        QCOMPARE(window().sheet().columns, 2);
        QTest::keyClick(&window(), Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
        QCOMPARE(window().sheet().columns, planning::runSteps);
    }

    /// The swatches are what the `film` command says, to the last digit.
    void swatchesAreWhatTheCommandLineSays() {
        chosen("Laid out as", 1);
        const auto& media = window().media();
        const auto stroke = [&](const pigment::Lay& lay) {
            const materials::Material& medium = media[std::size_t(lay.stick)];
            return QStringLiteral("%1,%2,%3,%4")
                .arg(QString::fromStdString(colour::hexFromSrgb8(medium.masstone)))
                .arg(medium.kind == materials::Kind::pencil ? "pencil" : "soft")
                .arg(QLatin1String(pigment::nameOf(lay.manner)))
                .arg(double(lay.pressure.value));
        };
        for (std::size_t i = 0; i < window().sheet().swatches.size(); ++i) {
            QStringList arguments{"film", "--paper",
                                  QString::fromStdString(colour::hexFromSrgb8(window().sheet().paper.tone)), "--tooth",
                                  "sanded-400"};
            for (const pigment::Lay& lay : window().sheet().swatches[i]) arguments << "--stroke" << stroke(lay);
            const Run film = run(arguments);
            QCOMPARE(film.status, 0);
            const QJsonObject last = QJsonDocument::fromJson(film.out)["patches"].toArray().last().toObject();
            const planning::Tried& tried = window().tried()[i];
            QCOMPARE(last["L"].toDouble(), tried.seen.L);
            QCOMPARE(last["a"].toDouble(), tried.seen.a);
            QCOMPARE(last["b"].toDouble(), tried.seen.b);
            QCOMPARE(last["toothUsed"].toDouble(), tried.toothUsed);
            QCOMPARE(last["looseLoad"].toDouble(), tried.looseLoad);
        }
    }

    void aSwatchIsChangedStrokeByStroke() {
        gridKey(Qt::Key_Home);
        gridKey(Qt::Key_Right);
        QCOMPARE(window().grid().selected(), 1);
        const std::size_t before = window().sheet().swatches[1].size();
        QTest::mouseClick(buttonOf(window(), "Lay one more"), Qt::LeftButton);
        QCOMPARE(window().sheet().swatches[1].size(), before + 1);
        chosen("Pressure of the stroke", 5);
        QCOMPARE(window().sheet().swatches[1].back().pressure, Pressure::heavy);
        auto& stick = field<QComboBox>("Stick of the stroke");
        chosen("Stick of the stroke", stick.count() - 3);
        QCOMPARE(window().sheet().swatches[1].back().manner, Manner::blend);
        QTest::mouseClick(buttonOf(window(), "Leave this out"), Qt::LeftButton);
        QCOMPARE(window().sheet().swatches[1].size(), before);
        // What is offered is laid with Return.
        auto& offers = field<QListWidget>("What would come nearer");
        QTRY_VERIFY(!window().isMixing() && offers.count() > 0);
        const double far = colour::differenceCie2000(window().target()->colour, window().tried()[1].seen);
        offers.setFocus();
        offers.setCurrentRow(offers.count() - 1);
        QVERIFY(!window().margin().text().why.isEmpty());
        QTest::keyClick(&offers, Qt::Key_Return);
        QVERIFY(colour::differenceCie2000(window().target()->colour, window().tried()[1].seen) < far);
    }

    void aMixtureIsKeptAndThePlanMayLayIt() {
        QVERIFY(!window().keep("  "));
        QVERIFY(window().keep("shade of the ball"));
        QVERIFY(!window().keep("shade of the ball"));
        QVERIFY(window().margin().problem().contains("already"));
        const auto kept = *store_->mixtures();
        QCOMPARE(kept.size(), std::size_t(1));
        QCOMPARE(kept.front(),
                 mixtureOf(window().sheet().swatches[1], window().media(), "shade of the ball", "p-grey"));
        QCOMPARE(main_->session().library().mixtures.size(), std::size_t(1));
        QVERIFY(planned(*main_));
        gridKey(Qt::Key_Home);
        const planning::Strokes before = window().sheet().swatches[0];
        window().layKept(kept.front());
        QVERIFY(window().sheet().swatches[0] != before);
        QCOMPARE(window().sheet().swatches[0], window().sheet().swatches[1]);
    }

    /// The whole way: swatches are put onto the card with Space, it is printed, laid by another hand with other sticks,
    /// photographed, read and taken.
    void theCardIsLaidForRealAndTeaches() {
        for (const char* name : {"stick t7", "stick t12", "stick t4"}) ticked(name);
        chosen("Laid out as", 1);
        QCOMPARE(window().sheet().rows(), 5);
        gridKey(Qt::Key_Home);
        gridKey(Qt::Key_Space);
        gridKey(Qt::Key_Space);
        QVERIFY(window().grid().onCard().empty());
        for (int i = 0; i < 25; ++i) {
            gridKey(Qt::Key_Space);
            gridKey(i % 5 == 4 ? Qt::Key_Down : Qt::Key_Right);
            if (i % 5 == 4)
                for (int back = 0; back < 4; ++back) gridKey(Qt::Key_Left);
        }
        QCOMPARE(window().grid().onCard().size(), std::size_t(25));
        const QString pdf = folder_.filePath("trial.pdf");
        QVERIFY(window().printCard(review::CardPaper::a4, pdf));
        QVERIFY(QFile(pdf).size() > 10000);

        const auto rows = *store_->cardRows(0);
        const auto printed = trialCardOf(rows, main_->session().library());
        QVERIFY(printed.has_value());
        QCOMPARE(printed->windows.size(), std::size_t(3));
        QCOMPARE(rowsOf(*printed), rows);
        // The sticks are of other batches than the drawer has them.
        std::vector<std::optional<materials::Material>> truly;
        for (const materials::Owned& owned : printed->sticks) {
            auto stick = std::get<materials::Material>(owned.what);
            colour::Lab lab = colour::labFromSrgb8(stick.masstone);
            const double sign = truly.size() % 2 ? 1 : -1;
            lab = {lab.L + 6 * sign, lab.a - 4 * sign, lab.b + 5};
            stick.masstone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
            truly.emplace_back(stick);
        }
        std::vector<review::FilledWindow> filled;
        for (const review::TrialWindow& window : printed->windows)
            filled.push_back({window.paper, window.fields, truly, 1.1f, 0.05});
        review::CameraConditions conditions;
        conditions.filled = 0.8;
        conditions.tiltDegrees = 8;
        const auto jpeg = review::photographed(
            review::filledWindows(review::CardKind::trials, review::CardPaper::a4, 0, filled, 10, 4), conditions);
        const QString photograph = folder_.filePath("trial.jpg");
        write(photograph, QByteArray(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size())));

        window().readCard(photograph);
        auto* sheet = window().findChild<TrialCardSheet*>();
        QVERIFY(sheet);
        QTRY_VERIFY(!sheet->isBusy());
        QVERIFY2(sheet->findings().has_value(), qPrintable(sheet->problem()));
        QVERIFY(sheet->findings()->difference < 0.5 * sheet->findings()->differenceBefore);
        const materials::Owned before = *window().findChild<TrialCardSheet*>()->findings()->sticks.front();
        QTest::mouseClick(buttonOf(*sheet, "Take these readings"), Qt::LeftButton);
        QTRY_VERIFY(!sheet->isVisible());
        const auto drawer = *store_->drawer();
        int taught = 0;
        for (std::size_t i = 0; i < truly.size(); ++i)
            for (const materials::Owned& owned : drawer.things)
                if (materials::idOf(owned) == truly[i]->id) {
                    const auto& now = std::get<materials::Material>(owned.what);
                    const auto far = [&](const materials::Material& m) {
                        return colour::differenceCie2000(colour::labFromSrgb8(m.masstone),
                                                         colour::labFromSrgb8(truly[i]->masstone));
                    };
                    taught += far(now) < 0.5 * far(std::get<materials::Material>(printed->sticks[i].what));
                    QCOMPARE(owned.source, materials::ColourSource::card);
                }
        QVERIFY2(taught >= int(truly.size()) - 1, qPrintable(QString::number(taught)));
        // The study in hand has them too.
        QCOMPARE(main_->session().library().medium(truly[0]->id)->masstone,
                 std::get<materials::Material>(before.what).masstone);
    }

    void badPhotographsGetOneSentence() {
        const QString none = folder_.filePath("none.jpg");
        write(none, "no picture");
        for (const auto& [file, says] :
             {std::pair(none, "none.jpg"), std::pair(QString(folder_.filePath("gone.jpg")), "gone.jpg")}) {
            window().readCard(file);
            TrialCardSheet* sheet = nullptr;
            for (auto* one : window().findChildren<TrialCardSheet*>())
                if (one->isVisible()) sheet = one;
            QVERIFY(sheet);
            QTRY_VERIFY(!sheet->isBusy());
            QVERIFY2(sheet->problem().contains(says), qPrintable(sheet->problem()));
            QTest::keyClick(sheet, Qt::Key_Escape);
            QTRY_VERIFY(!sheet->isVisible());
        }
        QVERIFY(!window().printCard(review::CardPaper::a4, folder_.filePath("no/such/folder/card.pdf")));
        QVERIFY(window().margin().problem().endsWith('.'));
    }

    /// A colour is picked in the subject with the arrows; without a study there is nothing to pick.
    void aColourIsPickedByKeys() {
        auto& wanted = field<QComboBox>("Wanted");
        chosen("Wanted", 0);
        QVERIFY(!window().target().has_value());
        chosen("Wanted", wanted.findText("Where it is picked"));
        QVERIFY(window().target().has_value());
        const colour::Lab first = window().target()->colour;
        QWidget* subject = named<QWidget>(window(), "Subject: the colour that is wanted");
        subject->setFocus();
        for (int i = 0; i < 10; ++i) QTest::keyClick(subject, Qt::Key_Up);
        QVERIFY(colour::differenceCie2000(window().target()->colour, first) > 3);
        MainWindow empty(smallLibrary());
        empty.trialWindow().show();
        QVERIFY(!empty.trialWindow().target().has_value());
        QVERIFY(!empty.trialWindow().media().empty());
    }

    void everyAreasMixturesAreLaid() {
        auto& laidOut = field<QComboBox>("Laid out as");
        laidOut.setFocus();
        QTest::keyClick(&laidOut, Qt::Key_End);
        QTRY_VERIFY(!window().isMixing());
        const auto plan = main_->session().plan();
        QCOMPARE(window().sheet().columns, planning::mixturesForArea);
        QCOMPARE(window().sheet().rows(), int(plan->stacks.size()));
        // The best at the left, for the largest first.
        const auto largest = std::ranges::max_element(plan->stacks, {}, &planning::PlannedStack::share);
        const colour::Lab wanted = planning::meanColour(*largest);
        const auto off = [&](std::size_t i) { return colour::differenceCie2000(wanted, window().tried()[i].seen); };
        QVERIFY(off(0) <= off(1) && off(1) <= off(2) && off(0) < 4);
    }

    /// What is offered is of the sticks at hand: a smaller tray is chosen while offers stand there.
    void offersAreLetGoWithTheirSticks() {
        chosen("Wanted", field<QComboBox>("Wanted").findText("Where it is picked"));
        QTRY_VERIFY(!window().isMixing() && !window().mixtures().empty());
        Session& session = main_->session();
        const materials::Library all = session.library();
        materials::Library few = all;
        few.media.resize(3);
        session.chooseMaterials("Draw from three", session.study(), few);
        QCOMPARE(window().media().size(), std::size_t(3));
        auto& offers = field<QListWidget>("What would come nearer");
        for (int row = 0; row < offers.count(); ++row) offers.setCurrentRow(row);  // each is described
        QTRY_VERIFY(!window().isMixing());
        for (const matching::Mixture& mixture : window().mixtures())
            for (const pigment::Lay& lay : mixture.lays) QVERIFY(lay.stick < 3);
        session.history().undo();
        QVERIFY(QTest::qWaitFor([&] { return session.isPlanCurrent(); }, patience));
    }

    /// From Materials what is chosen comes along.
    void sticksAndPapersComeFromTheDrawer() {
        MaterialsWindow& materials = *main_->materialsWindow();
        materials.show();
        materials.activateWindow();
        QTRY_VERIFY(materials.isActiveWindow());
        QVERIFY(materials.margin().text().paragraphs.join(' ').contains("shade of the ball"));
        QTest::mouseClick(buttonOf(window(), "None"), Qt::LeftButton);
        std::set<int> things;
        const auto& drawer = materials.drawer().things;
        for (int i = 0; i < int(drawer.size()); ++i) {
            const std::string& id = materials::idOf(drawer[std::size_t(i)]);
            if (id == "t3" || id == "t8" || id == "p-white") things.insert(i);
        }
        materials.view().select(things);
        QTest::keyClick(&materials.view(), Qt::Key_Y);
        QCOMPARE(window().sheet().paper.id, std::string("p-white"));
        QCOMPARE(window().sheet().swatches.size(), std::size_t(2 * planning::ladderRungs));
    }
};

QTEST_MAIN(TestTrying)
#include "test_trying.moc"
