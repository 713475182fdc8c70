#include "drawer_hand.h"

/// What comes into the drawer and out of it: lists, whole drawers, cards, the colour reader.
class TestTakingIn : public DrawerHand {
    Q_OBJECT

 private Q_SLOTS:
    void initTestCase() { beginAll(); }
    void init() { beginOne(); }

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
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, patience));
        QVERIFY(window_->drawer() == before);
        QVERIFY(!sheet->readingOf(1));
        const auto labOf = [](const Owned& owned) { return colour::labFromSrgb8(*materials::colourOf(owned)); };
        // A field is passed over, used again, a row given to nothing, and a colour put right by hand.
        const colour::Lab whole = labOf(*sheet->readingOf(0));
        auto* heavy = checkBox(sheet, "Use the heavy field");
        QVERIFY(heavy->isChecked());
        heavy->click();
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, patience));
        QVERIFY(!(labOf(*sheet->readingOf(0)) == whole));
        heavy->click();
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, patience));
        QVERIFY(labOf(*sheet->readingOf(0)) == whole);
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        type(sheet, "Colour by hand", "#010203");
        QTest::keyClick(in<QWidget>(sheet, "Rows of the card"), Qt::Key_Down);
        auto* is = in<QComboBox>(sheet, "It is");
        QVERIFY(is->currentText().endsWith(QString::fromStdString(ids[3])));
        choose(is, 0);
        QVERIFY(QTest::qWaitFor([&] { return !sheet->isBusy(); }, patience));
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
};

QTEST_MAIN(TestTakingIn)
#include "patience.h"
#include "test_taking_in.moc"
