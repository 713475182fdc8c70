#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QtTest>
#include <set>

#include "app/main_window.h"
#include "app/materials/materials_window.h"
#include "app/widgets/theme.h"
#include "colour/difference.h"
#include "drawing/fonts.h"
#include "review/stand_in_camera.h"
#include "small_study.h"

using namespace app;
using materials::Owned;

/// The artist's own materials, driven by mouse and keys in the real window.
class TestDrawer : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<MaterialsWindow> window_;

    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }
    template <typename Field>
    Field* named(const QString& name) {
        for (Field* field : window_->findChildren<Field*>())
            if (field->accessibleName() == name) return field;
        return nullptr;
    }
    int indexOf(const std::string& id) const {
        const auto& things = window_->drawer().things;
        return int(std::ranges::find(things, id, &materials::idOf) - things.begin());
    }
    const Owned& thing(const std::string& id) const { return window_->drawer().things[std::size_t(indexOf(id))]; }
    int shown() const {
        int count = 0;
        for (const Section& section : window_->view().sections()) count += int(section.things.size());
        return count;
    }
    void click(const std::string& id, Qt::KeyboardModifiers modifiers = {}) {
        const QRect box = window_->view().boxOf(indexOf(id));
        QVERIFY(!box.isEmpty());
        QTest::mouseClick(window_->view().viewport(), Qt::LeftButton, modifiers, box.center());
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
    }
    void init() {
        window_.reset();
        store_.reset();
        QFile::remove(at("own.sqlite"));
        auto store = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(store.ok());
        store_ = *std::move(store);
        QVERIFY(store_->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        QVERIFY(store_->apply({.put = {{materials::Tool{"u1", "", "a stump", materials::ToolKind::stump}}}}).ok());
        window_ = std::make_unique<MaterialsWindow>(*store_);
        window_->resize(1200, 1400);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
    }

    void everythingLiesInOneSection() {
        auto* by = named<QComboBox>("Lay out by");
        QVERIFY(by);
        for (int i = 0; i < 3; ++i) {
            by->setCurrentIndex(i);
            std::multiset<int> seen;
            for (const Section& section : window_->view().sections()) {
                QVERIFY(!section.head.isEmpty() && !section.things.empty());
                seen.insert(section.things.begin(), section.things.end());
            }
            QCOMPARE(seen.size(), window_->drawer().things.size());
            QCOMPARE(std::set<int>(seen.begin(), seen.end()).size(), seen.size());
        }
    }

    void thingsAreFoundByWords() {
        auto* find = named<QLineEdit>("Find");
        find->setFocus();
        const int all = shown();
        QTest::keyClicks(find, "PENCIL brown");
        QVERIFY(shown() > 0 && shown() < all);
        for (const Section& section : window_->view().sections())
            for (const int i : section.things) {
                const auto& medium = std::get<materials::Material>(window_->drawer().things[std::size_t(i)].what);
                QCOMPARE(medium.kind, materials::Kind::pencil);
            }
        QTest::keyClicks(find, " nosuchword");
        QCOMPARE(shown(), 0);
        find->clear();
        QCOMPARE(shown(), all);
    }

    void thingsAreFoundByColour() {
        click("t5");
        auto* nearest = window_->findChild<QPushButton*>();
        for (QPushButton* button : window_->findChildren<QPushButton*>())
            if (button->text() == "Nearest to this") nearest = button;
        QVERIFY(nearest->isEnabled());
        QTest::mouseClick(nearest, Qt::LeftButton);
        QCOMPARE(window_->view().sections().size(), std::size_t(1));
        const auto& order = window_->view().sections()[0].things;
        QCOMPARE(order[0], indexOf("t5"));
        double before = 0;
        const auto labOf = [&](int i) {
            return colour::labFromSrgb8(*materials::colourOf(window_->drawer().things[std::size_t(i)]));
        };
        for (const int i : order) {
            const double difference = colour::differenceCie2000(labOf(order[0]), labOf(i));
            QVERIFY(difference >= before - 1e-9);
            before = difference;
        }
        QTest::mouseClick(nearest, Qt::LeftButton);
        QVERIFY(window_->view().sections().size() > 1);
    }

    void manyAreChangedAtOnceAndUndone() {
        click("t3");
        click("t7", Qt::ControlModifier);
        QCOMPARE(window_->view().selected().size(), std::size_t(2));
        QCOMPARE(window_->margin().text().head, QStringLiteral("2 things chosen"));
        auto* stock = named<QComboBox>("Left");
        stock->setFocus();
        QTest::keyClick(stock, Qt::Key_Down);
        QTest::keyClick(stock, Qt::Key_Down);
        QCOMPARE(thing("t3").stock, materials::Stock::stub);
        QCOMPARE(thing("t7").stock, materials::Stock::stub);
        auto* box = named<QLineEdit>("Box");
        box->setFocus();
        QTest::keyClicks(box, "field box");
        QTest::keyClick(box, Qt::Key_Return);
        QCOMPARE(thing("t7").box, std::string("field box"));
        QCOMPARE(thing("t1").box, std::string());
        // It is on the disk.
        const materials::Drawer stored = *store_->drawer();
        QVERIFY(stored == window_->drawer());
        window_->findChild<QCheckBox*>()->click();
        QCOMPARE(shown(), 2);
        window_->findChild<QCheckBox*>()->click();

        for (int i = 0; i < 3; ++i) window_->history().undo();
        QCOMPARE(thing("t3").stock, materials::Stock::full);
        QCOMPARE(thing("t7").box, std::string());
        for (int i = 0; i < 3; ++i) window_->history().redo();
        QVERIFY(*store_->drawer() == stored);
    }

    void substitutesAreNamedWithWhatTheyChange() {
        click("t5");
        const auto said = [&] { return window_->margin().text().paragraphs.join(' '); };
        QVERIFY(QTest::qWaitFor([&] { return said().contains("If it is missing, the nearest is stick t"); }, 20000));
        QVERIFY(said().contains("ΔE00") && !said().contains("nearest is stick t5"));
        // Another paper, another answer; a paper or a paint has none.
        auto* paper = named<QComboBox>("Tried on");
        QCOMPARE(paper->count(), 3);
        click("p-grey");
        QTest::qWait(50);
        QVERIFY(!said().contains("If it is missing"));
    }

    void whatIsKnownIsSaid() {
        click("t15");
        const MarginText& text = window_->margin().text();
        QCOMPARE(text.head, QStringLiteral("stick t15"));
        QVERIFY(text.paragraphs.join(' ').contains("hard stick by Test & Sons"));
        QVERIFY(text.cautions.join(' ').contains("cadmium"));
        QTest::keyClick(&window_->view(), Qt::Key_Right);
        QVERIFY(window_->margin().text().head != "stick t15");
        QTest::keyClick(&window_->view(), Qt::Key_A, Qt::ControlModifier);
        QCOMPARE(window_->view().selected().size(), window_->drawer().things.size());
    }

    void aListIsTakenInAndTakenBack() {
        QFile list(at("list.csv"));
        QVERIFY(list.open(QIODevice::WriteOnly));
        list.write("kind,id,name,hex,pigments\nsoft,z1,new red,#b02020,PR108\npencil,t1,changed,#404040,\n");
        list.close();
        const materials::Drawer before = window_->drawer();
        QVERIFY(window_->takeIn(at("list.csv")));
        QCOMPARE(window_->drawer().things.size(), before.things.size() + 1);
        QCOMPARE(std::get<materials::Material>(thing("z1").what).hazards, std::vector<std::string>{"cadmium"});
        QCOMPARE(std::get<materials::Material>(thing("t1").what).name, std::string("changed"));
        window_->history().undo();
        QVERIFY(window_->drawer() == before);

        QFile bad(at("bad.csv"));
        QVERIFY(bad.open(QIODevice::WriteOnly));
        bad.write("kind,id,hex\nsoft,z2,#zz\n");
        bad.close();
        QVERIFY(!window_->takeIn(at("bad.csv")));
        QVERIFY(window_->margin().problem().contains("row 2"));
        QVERIFY(window_->drawer() == before);
    }

    void cardsArePrintedForWhatIsShown() {
        QVERIFY(window_->printCards(at("cards.pdf")));
        QVERIFY(QFile(at("cards.pdf")).size() > 1000);
        named<QLineEdit>("Find")->setText("stump");
        QVERIFY(!window_->printCards(at("none.pdf")));
        QVERIFY(!window_->margin().problem().isEmpty());
    }

    /// The card of what is shown, filled by the stand-in camera's hand with sticks that are not what the drawer says.
    void aFilledCardIsReadIntoTheDrawer() {
        named<QLineEdit>("Find")->setText("soft stick");
        std::vector<review::FilledRow> rows;
        std::vector<std::string> ids;
        for (const Section& section : window_->view().sections())
            for (const int i : section.things) {
                materials::Material medium =
                    std::get<materials::Material>(window_->drawer().things[std::size_t(i)].what);
                ids.push_back(medium.id);
                medium.masstone.r = std::uint8_t(medium.masstone.r * 0.8);
                rows.push_back(review::filledRow(pigment::pigmentOf(medium), 1.2f));
            }
        rows[1].laid = false;
        const auto jpeg = review::photographed(review::filledCard(review::CardPaper::a4, 0, rows, 8, 1), {});
        QFile file(at("card.jpg"));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(reinterpret_cast<const char*>(jpeg.data()), qint64(jpeg.size()));
        file.close();

        const materials::Drawer before = window_->drawer();
        window_->readCard(at("card.jpg"));
        QVERIFY(QTest::qWaitFor([&] { return window_->margin().text().head == "Card read"; }, 30000));
        QVERIFY(window_->margin().text().paragraphs[0].startsWith(
            QStringLiteral("%1 of %2 things").arg(rows.size() - 1).arg(rows.size())));
        for (std::size_t r = 0; r < ids.size(); ++r) {
            const Owned& now = thing(ids[r]);
            const Owned& was = *std::ranges::find(before.things, ids[r], &materials::idOf);
            if (r == 1) {
                QVERIFY(now == was);
                continue;
            }
            QCOMPARE(now.source, materials::ColourSource::card);
            colour::Srgb8 laid = *materials::colourOf(was);
            laid.r = std::uint8_t(laid.r * 0.8);
            const auto labOf = [](colour::Srgb8 srgb) { return colour::labFromSrgb8(srgb); };
            QVERIFY(colour::differenceCie2000(labOf(*materials::colourOf(now)), labOf(laid)) < 3);
        }
        window_->history().undo();
        QVERIFY(window_->drawer() == before);

        window_->readCard(at("card.jpg"));
        QTest::keyClick(window_.get(), Qt::Key_Escape);
        QVERIFY(window_->margin().text().head != "Reading the card");
        QTest::qWait(2500);
        QVERIFY(window_->drawer() == before);

        window_->readCard(at("nothing.jpg"));
        QVERIFY(QTest::qWaitFor([&] { return window_->margin().problem().contains("is not there"); }, 10000));
        QVERIFY(window_->drawer() == before);
    }

    void aSecondCopyMayOnlyLook() {
        auto second = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(second.ok());
        const auto held = *std::move(second);
        MaterialsWindow other(*held);
        QVERIFY(other.margin().problem().startsWith("Another Yawning Dune has"));
        QCOMPARE(other.drawer().things.size(), window_->drawer().things.size());
    }

    void aStudyDrawsFromTheDrawer() {
        Owned used = thing("t5");
        used.stock = materials::Stock::usedUp;
        QVERIFY(store_->apply({.put = {used}}).ok());
        MainWindow main({}, store_.get());
        QFile picture(at("ball.png"));
        QVERIFY(picture.open(QIODevice::WriteOnly));
        const common::Bytes bytes = smallStudy().reference->bytes;
        picture.write(reinterpret_cast<const char*>(bytes.data()), qint64(bytes.size()));
        picture.close();
        QVERIFY(main.openFile(at("ball.png")));
        QVERIFY(main.session().library().medium("t6"));
        QVERIFY(!main.session().library().medium("t5"));
        main.session().stopPlanning();
        QTest::keyClick(&main, Qt::Key_M);
        QVERIFY(main.materialsWindow());
    }
};

QTEST_MAIN(TestDrawer)
#include "test_drawer.moc"
