#include <QBuffer>
#include <QCheckBox>
#include <QLineEdit>
#include <QListWidget>
#include <QProcess>
#include <QTemporaryDir>
#include <algorithm>

#include "app/log/log_station.h"
#include "materials/stock.h"
#include "recorded.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;
using planning::EntryKind;

/// The log of an evening and a half, its search, its last steps and the card for the back.
class TestLog : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;

    std::unique_ptr<MainWindow> opened() {
        planning::Study study = smallStudy();
        study.approach.ground = planning::Ground::none;
        study.paper = smallLibrary().papers.front().id;
        planning::Kept kept;
        const auto plan = planning::makePlan(study, smallLibrary(), kept);
        if (!plan) return nullptr;
        planning::Record record = recordOn(*plan);
        constexpr std::int64_t hour = 3'600'000, evening = 1'795'201'500'000;
        for (int step = 1; step <= 3; ++step) {
            record.entries.push_back(laidEntry(*plan, study, step));
            record.entries.back().at = evening + step * hour / 4;
        }
        record.entries.back().laid->areas = {"the green-black pot"};
        planning::Entry note = entryOf(EntryKind::note, 3);
        note.words = "slid off by the rim";
        note.at = evening + hour;
        planning::Entry photograph = entryOf(EntryKind::photograph, 3);
        QImage picture(200, 150, QImage::Format_RGB32);
        picture.fill(QColor(200, 60, 60));
        QByteArray jpeg;
        QBuffer buffer(&jpeg);
        picture.save(&buffer, "JPEG");
        photograph.bytes = std::make_shared<const common::Bytes>(jpeg.begin(), jpeg.end());
        photograph.picture = "photo-001.jpg";
        photograph.at = evening + 2 * hour;
        planning::Entry next = laidEntry(*plan, study, 4);
        next.at = evening + 24 * hour;
        record.entries.insert(record.entries.end(), {note, photograph, next});
        const QString file = folder_.filePath("ball.dune");
        if (!storage::writeDocument({study, smallLibrary(), record}, file.toStdString())) return nullptr;
        auto window = openedWindow(file);
        if (window) window->goTo(8);
        return window;
    }
    static LogStation& logOf(MainWindow& window) { return *window.findChild<LogStation*>(); }
    static QStringList linesOf(MainWindow& window) {
        QStringList lines;
        const QListWidget& list = logOf(window).days();
        for (int i = 0; i < list.count(); ++i) lines << list.item(i)->text();
        return lines;
    }

 private Q_SLOTS:
    void initTestCase() { QVERIFY(folder_.isValid()); }

    void theDaysStandInOrder() {
        auto window = opened();
        QVERIFY(window);
        const QStringList lines = linesOf(*window);
        QCOMPARE(lines.size(), 2 + 6);
        QVERIFY(lines[0].contains("3 steps"));
        QVERIFY(lines[6].contains("one step"));
        QVERIFY(lines[4].contains("slid off by the rim"));
        // Picked, an entry shows the sheet of its moment, or its photograph.
        logOf(*window).days().setCurrentRow(5);
        QVERIFY(logOf(*window).views().sheetCaption.contains("Photographed after step 3"));
        logOf(*window).days().setCurrentRow(1);
        QVERIFY(logOf(*window).views().sheetCaption.contains("after step 1"));
    }

    void aWordIsFoundInThisLogAndInOthers() {
        auto window = opened();
        QVERIFY(window);
        QTest::keyClicks(&logOf(*window).searchField(), "green black");
        QCOMPARE(linesOf(*window).size(), 2);  // the day and the step: both words are in its line
        logOf(*window).searchField().setText("pot");
        QCOMPARE(linesOf(*window).size(), 2);
        logOf(*window).searchField().setText("no such thing");
        QVERIFY(linesOf(*window).first().contains("Nothing"));
        // Another study's log, on the shelf.
        planning::Record other{"other", "p", "paper", "none", {entryOf(EntryKind::note, 1)}};
        other.entries.back().words = "celadon over umber";
        QVERIFY(storage::shelve(storage::usualLogFolder(), {"Hills", "hills.dune", other}).ok());
        logOf(*window).searchField().setText("celadon");
        pressed(*window, "In all logs");
        QTRY_COMPARE(linesOf(*window).size(), 2);
        QVERIFY(linesOf(*window).first().startsWith("Hills"));
    }

    void thePictureGrowsInAStrip() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Progress");
        ProgressStrip& strip = logOf(*window).strip();
        QTRY_COMPARE(strip.moments().size(), std::size_t(1));
        QCOMPARE(strip.moments().front().photograph.pixelColor(100, 50).red() > 150, true);
        QVERIFY(!strip.moments().front().predicted.isNull());
        QTest::mouseClick(&strip, Qt::LeftButton, {}, QPoint(130, 40));
        QCOMPARE(strip.chosen(), 4);
        QVERIFY(logOf(*window).views().sheetCaption.contains("Photographed"));
    }

    void theLastStepsAreTicked() {
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Finishing");
        QCheckBox* tape = nullptr;
        for (QCheckBox* box : logOf(*window).findChildren<QCheckBox*>())
            if (box->text().startsWith("Tape off")) tape = box;
        QVERIFY(tape);
        QTest::mouseClick(tape, Qt::LeftButton, {}, QPoint(8, tape->height() / 2));
        QTRY_VERIFY(tape->isChecked());
        const auto saved = [&] { return storage::readDocument(folder_.filePath("ball.dune").toStdString())->record; };
        QVERIFY(planning::Standing(saved()).isTicked(planning::Finishing::tapeOff));
        QTest::mouseClick(tape, Qt::LeftButton, {}, QPoint(8, tape->height() / 2));
        QTRY_VERIFY(!planning::Standing(window->session().record()).isTicked(planning::Finishing::tapeOff));
        QVERIFY(!planning::Standing(saved()).isTicked(planning::Finishing::tapeOff));
        window->session().history().setClean();
    }

    /// What was laid tells how fast the artist works; later studies are planned by it, until it is set back.
    void thePaceIsLearnt() {
        QDir(QString::fromStdString(storage::usualLogFolder().string())).removeRecursively();
        auto window = opened();
        QVERIFY(window);
        pressed(*window, "Finishing");
        QTest::mouseClick(logOf(*window).findChildren<QCheckBox*>().back(), Qt::LeftButton, {}, QPoint(8, 8));
        QTRY_COMPARE(storage::shelvedLogs(storage::usualLogFolder()).size(), std::size_t(1));  // an entry shelves it
        pressed(*window, "Pace");
        PaceLeaf& pace = logOf(*window).pace();
        QTRY_COMPARE(pace.learnt().all.steps, 4);
        QVERIFY(pace.learnt().all.areFew());
        QVERIFY(window->session().study().pace.isUsual());
        // Steps of this log took a fifth longer than planned.
        const double factor = pace.learnt().pace.all;
        QVERIFY2(factor > 1 && factor < 1.2, qPrintable(QString::number(factor)));
        QVERIFY(logOf(*window).margin().paragraphs.join(" ").contains("usual pace"));
        pressed(*window, "Plan this sheet by it");
        QVERIFY(window->session().study().pace == pace.learnt().pace);
        QVERIFY(planned(*window));
        window->session().history().setClean();
        // Another sheet goes by it from the start; one that is begun keeps its own.
        window->beginAnotherSheet();
        QVERIFY(window->session().study().pace == pace.learnt().pace);
        QVERIFY(hasOpened(*window, folder_.filePath("ball.dune")));
        QVERIFY(window->session().study().pace.isUsual());
        pressed(*window, "Set the pace back");
        QTRY_COMPARE(pace.learnt().all.steps, 0);
        window->beginAnotherSheet();
        QVERIFY(window->session().study().pace.isUsual());
        window->session().history().setClean();
    }

    /// What sticks have lost is told, and taken into the drawer once.
    void whatSticksLoseIsTakenIntoTheDrawer() {
        auto first = opened();
        QVERIFY(first);
        const planning::Record record = first->session().record();
        first.reset();
        auto store = storage::MaterialsStore::open(folder_.filePath("own.sqlite"));
        QVERIFY(store.ok());
        const auto served = planning::servedSticks(record);
        QVERIFY(!served.empty() && served.front().untaken > 0);
        QVERIFY((*store)->apply({.put = materials::ownedOf(smallLibrary())}).ok());
        MainWindow window(smallLibrary(), store->get());
        window.show();
        QVERIFY(hasOpened(window, folder_.filePath("ball.dune")) && planned(window));
        window.goTo(8);
        pressed(window, "Stock");
        const QListWidget& list = logOf(window).stock().list();
        QCOMPARE(list.count(), int(served.size()));
        QVERIFY2(list.item(0)->text().contains("left"), qPrintable(list.item(0)->text()));
        pressed(window, "Take it into the drawer");
        QTRY_VERIFY(window.session().record().entries.back().kind == EntryKind::stockTaken);
        const auto lost = [&] {
            const materials::Drawer drawer = *(*store)->drawer();
            for (const materials::Owned& thing : drawer.things)
                if (materials::idOf(thing) == served.front().stick.id) return 1 - materials::leftOf(thing);
            return 0.0;
        };
        const double once = lost();
        QVERIFY(std::fabs(once - served.front().amount / *materials::squareCentimetresIn(served.front().stick.kind)) <
                1e-9);
        QTRY_VERIFY(!buttonOf(window, "Take it into the drawer")->isEnabled());
        QCOMPARE(lost(), once);
        window.session().history().setClean();
    }

    void theCardTellsWhatWasUsed() {
        auto window = opened();
        QVERIFY(window);
        const QString pdf = folder_.filePath("card.pdf"), csv = folder_.filePath("card.csv");
        QVERIFY(logOf(*window).writeCard(pdf));
        QVERIFY(logOf(*window).writeCard(csv));
        QVERIFY(!logOf(*window).writeCard(folder_.filePath("card.doc")));
        QFile file(csv);
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QList<QByteArray> rows = file.readAll().trimmed().split('\n');
        QCOMPARE(rows.size(), 1 + 6);
        QVERIFY(rows[3].contains("the green-black pot"));
        QVERIFY(rows[4].contains("slid off by the rim"));
        // Read by poppler.
        QProcess reader;
        reader.start("pdftotext", {"-layout", pdf, "-"});
        QVERIFY(reader.waitForFinished());
        const QString words = QString::fromUtf8(reader.readAllStandardOutput());
        const std::string name = window->session().record().entries[2].laid->stick->name;
        for (const QString& word : {QString("slid off by the rim"), QString("the green-black pot"),
                                    QString("2 evenings"), QString::fromStdString(name)})
            QVERIFY2(words.contains(word), qPrintable(word));
        const QString nowhere = folder_.filePath("no/such/card.pdf");
        QVERIFY(!logOf(*window).writeCard(nowhere));
        QVERIFY(window->margin().problem().contains("card.pdf"));
    }
};

QTEST_MAIN(TestLog)
#include "test_log.moc"
