#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFile>
#include <QInputDialog>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QtTest>
#include <set>

#include "app/main_window.h"
#include "app/materials/card_sheet.h"
#include "app/materials/colour_pick.h"
#include "app/materials/list_sheet.h"
#include "app/materials/materials_window.h"
#include "app/materials/reader_sheet.h"
#include "app/materials/thing_editor.h"
#include "app/widgets/theme.h"
#include "colour/difference.h"
#include "drawing/fonts.h"
#include "own_home.h"
#include "review/stand_in_camera.h"
#include "small_study.h"
#include "window_hand.h"

using namespace app;
using materials::Owned;

/// The artist's own materials, driven by mouse and keys in the real window.
class TestDrawer : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<storage::MaterialsStore> store_;
    std::unique_ptr<OwnDrawer> own_;
    std::unique_ptr<MaterialsWindow> window_;

    void openWindow() {
        window_.reset();
        own_ = std::make_unique<OwnDrawer>(*store_);
        window_ = std::make_unique<MaterialsWindow>(*own_);
        window_->resize(1200, 1400);
        window_->show();
        window_->activateWindow();
        QVERIFY(QTest::qWaitForWindowExposed(window_.get()));
    }
    /// So many steps back, or forth again, by the menu: the keys belong to a field that has the keyboard.
    void undone(int steps = 1, const char* way = "Undo ") {
        for (int i = 0; i < steps; ++i) {
            const int before = own_->history().index();
            for (QAction* action : window_->findChildren<QAction*>())
                if (action->text().startsWith(QLatin1String(way))) action->trigger();
            QTRY_VERIFY(own_->history().index() != before && !own_->isWriting());
        }
    }
    void redone(int steps = 1) { undone(steps, "Redo "); }

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
    void write(const char* name, const QByteArray& bytes) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    }
    template <typename Field>
    static Field* in(QWidget* sheet, const QString& name) {
        for (Field* field : sheet->findChildren<Field*>())
            if (field->accessibleName() == name) return field;
        return nullptr;
    }
    template <typename... Numbers>
    static QPushButton* button(QWidget* sheet, const char* text, Numbers... numbers) {
        QString wanted = QString::fromUtf8(text);
        ((wanted = wanted.arg(numbers)), ...);
        for (QPushButton* found : sheet->findChildren<QPushButton*>())
            if (found->text() == wanted) return found;
        qFatal("no button \"%s\"", qPrintable(wanted));
    }
    static QCheckBox* checkBox(QWidget* sheet, const QString& text) {
        for (QCheckBox* found : sheet->findChildren<QCheckBox*>())
            if (found->text() == text) return found;
        return nullptr;
    }
    static void type(QWidget* sheet, const QString& field, const QString& words) {
        auto* line = in<QLineEdit>(sheet, field);
        QVERIFY(line && line->isVisible());
        line->setFocus();
        QTest::keyClicks(line, words);
    }
    static void choose(QComboBox* box, int index) {
        box->setCurrentIndex(index);
        Q_EMIT box->activated(index);
    }
    /// The sheet that `open` opens.
    template <typename Opened>
    Opened* opened(const std::function<void()>& open) {
        open();
        const auto found = [&]() -> Opened* {
            for (Opened* sheet : window_->findChildren<Opened*>())
                if (sheet->isVisible()) return sheet;
            return nullptr;
        };
        if (!QTest::qWaitFor([&] { return found() != nullptr; }, 5000)) qFatal("no sheet was opened");
        return found();
    }
    void trigger(const QString& text) {
        for (QAction* action : window_->findChildren<QAction*>())
            if (action->text() == text) return action->trigger();
        QFAIL(qPrintable(text));
    }
    /// Types an answer into the box that `ask` opens, and Return.
    void answering(const QString& words, const std::function<void()>& ask) {
        QTimer::singleShot(200, window_.get(), [words] {
            auto* box = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            QVERIFY(box);
            auto* line = box->findChild<QLineEdit*>();
            line->selectAll();
            QTest::keyClicks(line, words);
            QTest::keyClick(box, Qt::Key_Return);
        });
        ask();
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
        own_.reset();
        store_.reset();
        QFile::remove(at("own.sqlite"));
        auto store = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(store.ok());
        store_ = *std::move(store);
        QVERIFY(store_->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        QVERIFY(store_->apply({.put = {{materials::Tool{"u1", "", "a stump", materials::ToolKind::stump}}}}).ok());
        openWindow();
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

        undone(3);
        QCOMPARE(thing("t3").stock, materials::Stock::full);
        QCOMPARE(thing("t7").box, std::string());
        redone(3);
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
        // With nothing chosen, the ends of the set are told.
        window_->view().select({});
        QVERIFY(QTest::qWaitFor([&] { return said().contains("The strong black is stick t"); }, 20000));
        QVERIFY(said().contains("brilliant") && said().contains("chalky"));
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

    void aListIsLookedThroughAndTakenInAndTakenBack() {
        write("list.csv",
              "kind,id,called,hex,Pigment\nsoft,z1,new red,#b02020,PR108\npencil,t1,changed,#404040,\n"
              "soft,z2,no colour,#zz,\nsoft,z3,gr\xFCn,#208020,\n");
        const materials::Drawer before = window_->drawer();
        auto* sheet = opened<ListSheet>([&] { window_->takeIn(at("list.csv")); });
        QTRY_VERIFY(!sheet->isBusy());
        // Which column the name stands in is not guessed from "called": it is said.
        auto* column = in<QComboBox>(sheet, "Column 3");
        QCOMPARE(column->currentText(), QStringLiteral("passed over"));
        column->setFocus();
        QTest::keyClicks(column, "name");
        Q_EMIT column->activated(column->currentIndex());
        QTRY_VERIFY(!sheet->isBusy());
        QCOMPARE(column->currentText(), QStringLiteral("name"));
        auto* bad = in<QListWidget>(sheet, "Rows that cannot be taken");
        QCOMPARE(bad->count(), 2);
        QVERIFY(bad->item(0)->text().startsWith("This list, row 4: hex \"#zz\" will not do"));
        QVERIFY(bad->item(1)->text().startsWith("This list, row 5 is not written in UTF-8"));
        QVERIFY(window_->drawer() == before);
        QTest::mouseClick(button(sheet, "Take in the 2 good rows"), Qt::LeftButton);
        QTRY_COMPARE(window_->margin().text().head, QStringLiteral("List taken in"));
        QCOMPARE(window_->drawer().things.size(), before.things.size() + 1);
        const auto& red = std::get<materials::Material>(thing("z1").what);
        QCOMPARE(red.hazards, std::vector<std::string>{"cadmium"});
        QCOMPARE(red.name, std::string("new red"));
        const auto& changed = std::get<materials::Material>(thing("t1").what);
        QCOMPARE(changed.name, std::string("changed"));
        QCOMPARE(changed.maker, std::string("Test & Sons"));  // the list has no column for it
        undone();
        QVERIFY(window_->drawer() == before);
        redone();
        QVERIFY(*store_->drawer() == window_->drawer() && !(window_->drawer() == before));
    }

    void listsThatAreNoneAreRefusedInOneSentence() {
        const materials::Drawer before = window_->drawer();
        write("none.doc", "words");
        write("wide.csv", QByteArray("n\0a\0m\0e\0\n\0", 10));
        write("colourless.csv", "shelf,drawer\n1,2\n");
        for (const auto& [name, words] : {std::pair{"none.doc", "is no list"},
                                          {"wide.csv", "not written in UTF-8"},
                                          {"colourless.csv", "has no column \"name\""},
                                          {"nowhere.csv", "is not there"}}) {
            auto* sheet = opened<ListSheet>([&] { window_->takeIn(at(name)); });
            QTRY_VERIFY(!sheet->isBusy());
            QVERIFY2(sheet->problem().contains(words), qPrintable(sheet->problem()));
            QVERIFY(!button(sheet, "Take in")->isEnabled());
            QTest::mouseClick(button(sheet, "Leave it"), Qt::LeftButton);
            QTRY_VERIFY(!window_->findChild<ListSheet*>());
        }
        QVERIFY(window_->drawer() == before);
    }

    void theDrawerIsCarriedElsewhere() {
        click("t5");
        write("front.png", QByteArray(reinterpret_cast<const char*>(smallStudy().reference->bytes.data()),
                                      qsizetype(smallStudy().reference->bytes.size())));
        window_->attach(at("front.png"));
        QTRY_COMPARE(thing("t5").photographs.size(), std::size_t(1));
        QVERIFY(store_->apply({.trays = {{"field box", {"t1", "t5"}}}}).ok());
        for (const char* name : {"all.json", "all.csv", "all.gpl", "all.txt"}) QVERIFY(window_->exportTo(at(name)));
        QVERIFY(!window_->exportTo(at("all.doc")));
        QVERIFY(!window_->margin().problem().isEmpty());
        const materials::Drawer whole = *store_->drawer();

        QFile::remove(at("other.sqlite"));
        auto other = storage::MaterialsStore::open(at("other.sqlite"));
        const auto store = *std::move(other);
        OwnDrawer own(*store);
        MaterialsWindow window(own);
        window.takeIn(at("all.json"));
        QTRY_COMPARE(window.margin().text().head, QStringLiteral("Drawer taken in"));
        QVERIFY(window.drawer() == whole);
        own.undo();
        QTRY_VERIFY(window.drawer().things.empty() && window.drawer().trays.empty());
        write("cut.json", "{\"format\":");
        window.takeIn(at("cut.json"));
        QTRY_VERIFY(window.margin().problem().contains("cut off or damaged"));
    }

    void somethingNewIsPutInByHand() {
        auto* editor = opened<ThingEditor>([&] { QTest::keyClick(window_.get(), Qt::Key_N, Qt::ControlModifier); });
        QTest::mouseClick(button(editor, "Put it into the drawer"), Qt::LeftButton);
        QVERIFY(editor->problem().contains("name"));
        auto* kind = in<QComboBox>(editor, "Kind");
        kind->setCurrentIndex(kind->findText("pencil"));
        Q_EMIT kind->activated(kind->currentIndex());
        type(editor, "Name", "leaf green");
        type(editor, "Colour", "#4a7a3");
        type(editor, "Pigments", "PG36, PY35");
        QTest::mouseClick(button(editor, "Put it into the drawer"), Qt::LeftButton);
        QVERIFY(editor->problem().contains("is no colour"));
        type(editor, "Colour", "0");
        QTest::mouseClick(button(editor, "Put it into the drawer"), Qt::LeftButton);
        QTRY_COMPARE(window_->margin().text().head, QStringLiteral("leaf green"));
        const auto& stick = std::get<materials::Material>(thing("leaf-green").what);
        QCOMPARE(stick.kind, materials::Kind::pencil);
        QCOMPARE(stick.hardness, materials::usualHardness(materials::Kind::pencil));
        QCOMPARE(stick.masstone, (colour::Srgb8{0x4a, 0x7a, 0x30}));
        QCOMPARE(stick.hazards, std::vector<std::string>{"cadmium"});
        QCOMPARE(thing("leaf-green").source, materials::ColourSource::typed);
        // A tool has no colour, and a second thing of that name another id.
        editor = opened<ThingEditor>([&] { window_->addThing(); });
        kind = in<QComboBox>(editor, "Kind");
        kind->setCurrentIndex(kind->findText("sandpaper"));
        Q_EMIT kind->activated(kind->currentIndex());
        QVERIFY(!in<QLineEdit>(editor, "Colour")->isVisible());
        type(editor, "Name", "Leaf green");
        QTest::mouseClick(button(editor, "Put it into the drawer"), Qt::LeftButton);
        QVERIFY(std::holds_alternative<materials::Tool>(thing("leaf-green-2").what));
        undone(2);
        QCOMPARE(indexOf("leaf-green"), int(window_->drawer().things.size()));
    }

    void severalAreToldAtOnceEachKeepingItsOwn() {
        click("t3");
        click("t7", Qt::ControlModifier);
        const Owned t3 = thing("t3"), t7 = thing("t7");
        auto* editor = opened<ThingEditor>([&] { QTest::keyClick(&window_->view(), Qt::Key_Return); });
        QVERIFY(!in<QLineEdit>(editor, "Name"));
        QCOMPARE(in<QLineEdit>(editor, "Maker")->text(), QStringLiteral("Test & Sons"));
        QCOMPARE(in<QLineEdit>(editor, "Colour")->placeholderText(), QStringLiteral("several"));
        in<QLineEdit>(editor, "Lightfastness")->clear();
        type(editor, "Lightfastness", "fugitive");
        auto* hides = in<QDoubleSpinBox>(editor, "Hides");
        hides->setValue(1.35);
        QTest::mouseClick(button(editor, "Take these changes"), Qt::LeftButton);
        for (const Owned& before : {t3, t7}) {
            Owned wanted = before;
            std::get<materials::Material>(wanted.what).lightfastness = "fugitive";
            std::get<materials::Material>(wanted.what).hiding = 1.35;
            QVERIFY(thing(materials::idOf(before)) == wanted);
        }
        click("t3");
        click("p-grey", Qt::ControlModifier);
        QTest::keyClick(&window_->view(), Qt::Key_Return);
        QVERIFY(!window_->margin().problem().isEmpty());
    }

    void photographsStayAttachedAndGiveColours() {
        const auto bytes = smallStudy().reference->bytes;
        write("ball.png", QByteArray(reinterpret_cast<const char*>(bytes.data()), qsizetype(bytes.size())));
        write("none.png", "no picture");
        click("t9");
        window_->attach(at("none.png"));
        QTRY_VERIFY(window_->margin().problem().contains("no picture"));
        window_->attach(at("ball.png"));
        QTRY_COMPARE(thing("t9").photographs.size(), std::size_t(1));
        QCOMPARE(store_->photograph(thing("t9").photographs[0])->bytes, bytes);
        QTRY_VERIFY(named<QPushButton>("Photograph"));
        auto* pick = opened<ColourPick>([&] { QTest::mouseClick(named<QPushButton>("Photograph"), Qt::LeftButton); });
        auto* spot = in<QWidget>(pick, "Photograph");
        QVERIFY(!button(pick, "Take this colour")->isEnabled());
        QTest::mouseClick(spot, Qt::LeftButton, {}, QPoint(spot->width() / 3, 20));
        QTest::keyClick(spot, Qt::Key_Left);
        QTest::mouseClick(button(pick, "Take this colour"), Qt::LeftButton);
        // The wall, of which the picture was painted in BGR (150, 165, 170).
        const colour::Srgb8 wall{170, 165, 150};
        QCOMPARE(*materials::colourOf(thing("t9")), wall);
        QCOMPARE(thing("t9").source, materials::ColourSource::picked);

        pick = opened<ColourPick>([&] { window_->findColourIn(at("ball.png")); });
        spot = in<QWidget>(pick, "Photograph");
        QTest::mouseClick(spot, Qt::LeftButton, {}, QPoint(spot->width() / 3, 20));
        QTest::mouseClick(button(pick, "Take this colour"), Qt::LeftButton);
        QCOMPARE(named<QLineEdit>("Find")->text(), QStringLiteral("#aaa596"));
        QCOMPARE(window_->view().sections()[0].things[0], indexOf("t9"));
        named<QLineEdit>("Find")->clear();

        click("t9");
        QTRY_VERIFY(named<QPushButton>("Photograph"));
        pick = opened<ColourPick>([&] { QTest::mouseClick(named<QPushButton>("Photograph"), Qt::LeftButton); });
        QTest::mouseClick(button(pick, "Detach it"), Qt::LeftButton);
        QVERIFY(thing("t9").photographs.empty());
        undone(2);
        QCOMPARE(thing("t9").photographs.size(), std::size_t(1));
    }

    void traysAreFilledShownRenamedAndGivenUp() {
        const materials::Drawer before = window_->drawer();
        click("t3");
        click("t7", Qt::ControlModifier);
        answering("field box", [&] { QTest::keyClick(window_.get(), Qt::Key_T, Qt::ControlModifier); });
        QCOMPARE(window_->drawer().trays.size(), std::size_t(1));
        auto* show = named<QComboBox>("Show");
        QCOMPARE(show->count(), 2);
        choose(show, 1);
        QCOMPARE(shown(), 2);
        QVERIFY(QTest::qWaitFor([&] { return window_->margin().text().head == "2 things chosen"; }));
        click("t3");
        trigger("Take what is chosen out of this tray");
        QCOMPARE(shown(), 1);
        answering("class set of 12", [&] { trigger("Call this tray otherwise…"); });
        QCOMPARE(window_->drawer().trays[0].name, std::string("class set of 12"));
        QCOMPARE(show->currentText(), QStringLiteral("tray: class set of 12"));
        trigger("Give this tray up");
        QVERIFY(window_->drawer().trays.empty());
        QCOMPARE(show->currentIndex(), 0);
        trigger("Give this tray up");
        QVERIFY(!window_->margin().problem().isEmpty());
        undone(own_->history().index());
        QVERIFY(window_->drawer() == before);
    }

    void doublesAreFoundAndMadeOne() {
        Owned twin = thing("t4");
        auto& what = std::get<materials::Material>(twin.what);
        what.id = "w4";
        what.name = " Stick  T4";
        what.masstone = {1, 2, 3};
        what.pigments = {"PW6", "PR108"};
        twin.source = materials::ColourSource::reader;
        twin.stock = materials::Stock::full;
        twin.notes = "the other box";
        twin.box = "studio";
        Owned first = thing("t4");
        first.stock = materials::Stock::stub;
        first.notes = "crumbles";
        QVERIFY(store_->apply({.put = {twin, first}, .trays = {{"field box", {"w4", "t1"}}}}).ok());
        openWindow();
        const materials::Drawer before = window_->drawer();
        trigger("Show what is likely there twice");
        QCOMPARE(window_->view().sections().size(), std::size_t(1));
        QCOMPARE(shown(), 2);
        click("t4");
        trigger("Make one of what is chosen");
        QVERIFY(!window_->margin().problem().isEmpty());
        click("w4", Qt::ControlModifier);
        trigger("Make one of what is chosen");
        QCOMPARE(shown(), 0);
        QCOMPARE(window_->drawer().things.size(), before.things.size() - 1);
        const Owned& one = thing("t4");
        QCOMPARE(*materials::colourOf(one), (colour::Srgb8{1, 2, 3}));
        QCOMPARE(one.source, materials::ColourSource::reader);
        QCOMPARE(one.stock, materials::Stock::full);
        QCOMPARE(one.notes, std::string("crumbles; the other box"));
        QCOMPARE(one.box, std::string("studio"));
        QCOMPARE(std::get<materials::Material>(one.what).pigments, (std::vector<std::string>{"PW6", "PR108"}));
        QCOMPARE(window_->drawer().trays[0].ids, (std::vector<std::string>{"t1", "t4"}));
        undone();
        QVERIFY(window_->drawer() == before);
        trigger("Show what is likely there twice");
        click("u1");
        QTest::keyClick(window_.get(), Qt::Key_Delete);
        QCOMPARE(window_->drawer().things.size(), before.things.size() - 1);
    }

    void theReaderReadsOneThingAfterTheOther() {
        click("t3");
        click("t7", Qt::ControlModifier);
        auto* sheet = opened<ReaderSheet>([&] { window_->readWithReader(); });
        QVERIFY(!button(sheet, "Read the swatch")->isEnabled());
        auto* under = in<QComboBox>(sheet, "Under it lies");
        const auto press = [&](const char* text) {
            QTest::mouseClick(button(sheet, text), Qt::LeftButton);
            QTRY_VERIFY(!sheet->isBusy());
        };
        choose(under, 1);
        press("Read the white tile");
        QVERIFY(sheet->problem().contains("not its white tile"));
        choose(under, 0);
        press("Read the white tile");
        QVERIFY(sheet->problem().isEmpty());
        choose(under, 1);
        const Owned before = thing("t3");
        press("Read the swatch");
        QVERIFY(thing("t3") == before);
        press("Take this reading");
        QCOMPARE(thing("t3").source, materials::ColourSource::reader);
        QVERIFY(thing("t3").colourError > 0 && thing("t3").colourError < 1);
        const double off = colour::differenceCie2000(colour::labFromSrgb8(*materials::colourOf(before)),
                                                     colour::labFromSrgb8(*materials::colourOf(thing("t3"))));
        QVERIFY2(off < 8, qPrintable(QString::number(off)));
        auto* lost = sheet->findChild<QCheckBox*>();
        lost->click();
        press("Read the swatch");
        QVERIFY(sheet->problem().contains("does not answer"));
        QVERIFY(!button(sheet, "Read the swatch")->isEnabled() && !button(sheet, "Take this reading")->isEnabled());
        lost->click();
        choose(under, 0);
        press("Read the white tile");
        choose(under, 2);
        QString refused;
        for (int i = 0; i < 12 && refused.isEmpty(); ++i) {
            press("Read the swatch");
            refused = sheet->problem();
        }
        QVERIFY2(refused.contains("readings of this touch differ"), qPrintable(refused));
        press("Pass over");
        QVERIFY(!button(sheet, "Read the swatch")->isEnabled());  // all are read
        QTest::mouseClick(button(sheet, "Close"), Qt::LeftButton);
        undone();
        QVERIFY(thing("t3") == before);
    }

    void cardsArePrintedForWhatIsShown() {
        QVERIFY(window_->printCards(review::CardPaper::a4, at("cards.pdf")));
        QVERIFY(QFile(at("cards.pdf")).size() > 1000);
        const auto remembered = store_->cardRows(0);
        QCOMPARE(remembered->size(), window_->drawer().things.size() - 1);  // all but the stump
        QVERIFY(window_->printCards(review::CardPaper::letter, at("letter.pdf")));
        QCOMPARE(*store_->cardRows(1), *remembered);
        named<QLineEdit>("Find")->setText("stump");
        QVERIFY(!window_->printCards(review::CardPaper::a4, at("none.pdf")));
        QVERIFY(!window_->margin().problem().isEmpty());
    }

    /// A card that was printed before, filled by the stand-in camera's hand with sticks that are not what the drawer
    /// says: its rows are known whatever is shown when it is read.
    void aFilledCardIsLookedThroughAndTaken() {
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
        write("card.jpg", QByteArray(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size())));
        QVERIFY(window_->printCards(review::CardPaper::a4, at("blank.pdf")));
        named<QLineEdit>("Find")->setText("pencil");

        const materials::Drawer before = window_->drawer();
        auto* sheet = opened<CardSheet>([&] { window_->readCard(at("card.jpg")); });
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, 30000));
        QVERIFY(window_->drawer() == before);
        QVERIFY(!sheet->readingOf(1));
        const auto labOf = [](const Owned& owned) { return colour::labFromSrgb8(*materials::colourOf(owned)); };
        // A field is passed over, used again, a row given to nothing, and a colour put right by hand.
        const colour::Lab whole = labOf(*sheet->readingOf(0));
        auto* heavy = checkBox(sheet, "Use the heavy field");
        QVERIFY(heavy->isChecked());
        heavy->click();
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, 30000));
        QVERIFY(!(labOf(*sheet->readingOf(0)) == whole));
        heavy->click();
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, 30000));
        QVERIFY(labOf(*sheet->readingOf(0)) == whole);
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        type(sheet, "Colour by hand", "#010203");
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        auto* is = in<QComboBox>(sheet, "It is");
        QVERIFY(is->currentText().endsWith(QString::fromStdString(ids[3])));
        choose(is, 0);
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, 30000));
        QTest::mouseClick(button(sheet, "Take %1 readings", int(rows.size()) - 2), Qt::LeftButton);
        QCOMPARE(window_->margin().text().head, QStringLiteral("Card read"));
        for (std::size_t r = 0; r < ids.size(); ++r) {
            const Owned& now = thing(ids[r]);
            const Owned& was = *std::ranges::find(before.things, ids[r], &materials::idOf);
            if (r == 1 || r == 3) {
                QVERIFY(now == was);
                continue;
            }
            if (r == 2) {
                QCOMPARE(*materials::colourOf(now), (colour::Srgb8{1, 2, 3}));
                QCOMPARE(now.source, materials::ColourSource::typed);
                continue;
            }
            QCOMPARE(now.source, materials::ColourSource::card);
            QVERIFY(now.colourError > 0 && now.colourError < 3);
            Owned laid = was;
            colour::Srgb8 tone = *materials::colourOf(was);
            tone.r = std::uint8_t(tone.r * 0.8);
            materials::setColour(laid, tone);
            QVERIFY(colour::differenceCie2000(labOf(now), labOf(laid)) < 3);
        }
        undone();
        QVERIFY(window_->drawer() == before);

        // Left while it is being read, and one that is not there.
        sheet = opened<CardSheet>([&] { window_->readCard(at("card.jpg")); });
        QTest::keyClick(sheet, Qt::Key_Escape);
        QTRY_VERIFY(!window_->findChild<CardSheet*>());
        sheet = opened<CardSheet>([&] { window_->readCard(at("nothing.jpg")); });
        QTRY_VERIFY(sheet->problem().contains("is not there"));
        QVERIFY(window_->drawer() == before);
    }

    void aSecondCopyMayOnlyLook() {
        auto second = storage::MaterialsStore::open(at("own.sqlite"));
        QVERIFY(second.ok());
        const auto held = *std::move(second);
        OwnDrawer looked(*held);
        MaterialsWindow other(looked);
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
        QVERIFY(QTest::qWaitFor([&] { return !main.isOpening(); }, 20000));
        QVERIFY(main.session().library().medium("t6"));
        QVERIFY(!main.session().library().medium("t5"));
        main.session().stopPlanning();

        // From a tray, chosen at the Sticks station; undone and done again.
        QVERIFY(main.materialsWindow());
        QVERIFY(main.materialsWindow()->own().apply("tray", {.trays = {{"field box", {"t1", "t2", "t9"}}}}));
        main.goTo(3);
        QComboBox* from = nullptr;
        for (QComboBox* box : main.findChildren<QComboBox*>())
            if (box->accessibleName() == "Draw from") from = box;
        choose(from, from->findText("field box"));
        QCOMPARE(main.session().study().tray, std::string("field box"));
        QCOMPARE(main.session().library().media.size(), std::size_t(3));
        QCOMPARE(main.session().library().papers.size(), std::size_t(3));  // those of the drawer
        main.session().history().undo();
        QVERIFY(main.session().library().medium("t6") && main.session().study().tray.empty());
        QCOMPARE(from->currentIndex(), 0);
        main.session().history().redo();
        QVERIFY(!main.session().library().medium("t6"));
        QVERIFY(main.saveTo(at("tray.dune")) && hasOpened(main, at("tray.dune")));
        QCOMPARE(from->currentText(), QStringLiteral("field box"));
        // A tray that is not there any more.
        QVERIFY(main.materialsWindow()->own().apply("no tray", {.trays = {{"field box", {}}}}));
        choose(from, from->findText("field box"));
        QVERIFY(main.margin().problem().contains("no tray"));
        QCOMPARE(main.session().library().media.size(), std::size_t(3));
        main.session().stopPlanning();
        QTest::keyClick(&main, Qt::Key_M);
        QVERIFY(main.materialsWindow());
    }
};

QTEST_MAIN(TestDrawer)
#include "test_drawer.moc"
