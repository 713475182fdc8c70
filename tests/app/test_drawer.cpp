#include "drawer_hand.h"

/// The artist's own materials, driven by mouse and keys in the real window: found, told, changed.
class TestDrawer : public DrawerHand {
    Q_OBJECT

 private Q_SLOTS:
    void initTestCase() { beginAll(); }
    void init() { beginOne(); }

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
        QVERIFY(QTest::qWaitFor([&] { return said().contains("If it is missing, the nearest is stick t"); }, patience));
        QVERIFY(said().contains("ΔE00") && !said().contains("nearest is stick t5"));
        // Another paper, another answer; a paper or a paint has none.
        auto* paper = named<QComboBox>("Tried on");
        QCOMPARE(paper->count(), 3);
        click("p-grey");
        QTest::qWait(50);
        QVERIFY(!said().contains("If it is missing"));
        // With nothing chosen, the ends of the set are told.
        window_->view().select({});
        QVERIFY(QTest::qWaitFor([&] { return said().contains("The strong black is stick t"); }, patience));
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

    /// What is known of a paper's sheets and tooth is said here, and which paper's back it is.
    void aPaperIsChanged() {
        click("p-grey");
        auto* editor = opened<ThingEditor>([&] { QTest::keyClick(&window_->view(), Qt::Key_Return); });
        QVERIFY(!in<QLineEdit>(editor, "Pigments")->isVisible());
        materials::Paper wanted = std::get<materials::Paper>(thing("p-grey").what);
        const std::pair<const char*, double> figures[] = {{"Tooth holds", 1.2},
                                                          {"Takes off a stick", 0.9},
                                                          {"Sheet, width", 500},
                                                          {"Sheet, height", 650},
                                                          {"Sheets at hand", 3}};
        for (const auto& [name, value] : figures) in<QDoubleSpinBox>(editor, name)->setValue(value);
        const auto choose = [&](const char* name, const QString& words) {
            auto* box = in<QComboBox>(editor, name);
            box->setCurrentIndex(box->findText(words));
            Q_EMIT box->activated(box->currentIndex());
        };
        choose("Fibres run", "along the height");
        choose("Other side of", "velour brown");
        QTest::mouseClick(button(editor, "Take these changes"), Qt::LeftButton);
        wanted.capacity = 1.2;
        wanted.grip = 0.9;
        wanted.sheetWidthMillimetres = 500;
        wanted.sheetHeightMillimetres = 650;
        wanted.sheets = 3;
        wanted.fibres = materials::FibreDirection::alongHeight;
        wanted.otherSideOf = "p-dry";
        QVERIFY(std::get<materials::Paper>(thing("p-grey").what) == wanted);
        undone(1);
        QCOMPARE(std::get<materials::Paper>(thing("p-grey").what).sheets, 0);
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
        QVERIFY(QTest::qWaitFor([&] { return !main.isOpening(); }, patience));
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
#include "patience.h"
#include "test_drawer.moc"
