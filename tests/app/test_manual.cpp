#include <QAction>
#include <QFileInfo>
#include <QLineEdit>
#include <QMenu>
#include <QMenuBar>
#include <QRegularExpression>

#include "app/practice/practice_window.h"
#include "app/trial/trial_window.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "run_cli.h"
#include "storage/document.h"
#include "storage/materials_store.h"
#include "window_hand.h"

using namespace app;

/// Every sentence of the manual about a key, a menu or a command is tried, in every language that it is written in.
class TestManual : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString study_;
    std::unique_ptr<storage::MaterialsStore> store_;

    static QString plain(QString words) { return words.remove(QLatin1Char('&')); }

    /// All that the menus of a window offer: "Study › Save", with its keys.
    static QMap<QString, QStringList> offered(const QList<QMainWindow*>& windows) {
        QMap<QString, QStringList> all;
        for (const QMainWindow* window : windows)
            for (const QAction* head : window->menuBar()->actions())
                if (head->menu())
                    for (const QAction* action : head->menu()->actions()) {
                        QStringList& keys =
                            all[QStringLiteral("%1 › %2").arg(plain(head->text()), plain(action->text()))];
                        for (const QKeySequence& key : action->shortcuts())
                            keys << key.toString(QKeySequence::NativeText);
                    }
        return all;
    }

    std::unique_ptr<MainWindow> window() {
        auto window = std::make_unique<MainWindow>(smallLibrary(), store_.get());
        window->show();
        window->activateWindow();
        return window;
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        study_ = folder_.filePath("begun.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, study_.toStdString()).ok());
        auto store = storage::MaterialsStore::open(folder_.filePath("materials.sqlite"));
        QVERIFY(store.ok());
        store_ = *std::move(store);
    }
    void cleanup() { wording::speak("en"); }

    void menusAndTheirKeysAreThere_data() {
        QTest::addColumn<QString>("language");
        for (const wording::Language& language : wording::languages())
            QTest::addRow("%s", qPrintable(language.code)) << language.code;
    }

    void menusAndTheirKeysAreThere() {
        QFETCH(const QString, language);
        wording::speak(language);
        const auto main = window();
        const QMap<QString, QStringList> menus =
            offered({main.get(), main->materialsWindow(), &main->trialWindow(), main->practiceWindow()});
        static const QRegularExpression told(QStringLiteral("\\*([^*\\n]+ › [^*\\n]+)\\*(?: \\(`([^`]+)`\\))?"));
        int count = 0;
        for (const ManualPage& page : manualPages())
            for (auto it = told.globalMatch(page.text); it.hasNext(); ++count) {
                const auto found = it.next();
                const QString path = found.captured(1), key = found.captured(2);
                QVERIFY2(menus.contains(path), qPrintable(page.name + ": " + path));
                QVERIFY2(key.isEmpty() || menus[path].contains(key), qPrintable(page.name + ": " + path + " " + key));
            }
        QVERIFY2(count > 35, qPrintable(QString::number(count)));
    }

    void pagesLinksAndPicturesAreThere_data() { menusAndTheirKeysAreThere_data(); }
    void pagesLinksAndPicturesAreThere() {
        QFETCH(const QString, language);
        wording::speak(language);
        const std::vector<ManualPage> pages = manualPages();
        QCOMPARE(pages.size(), 16u);
        QSet<QString> names;
        for (const ManualPage& page : pages) names << page.name;
        static const QRegularExpression link(QStringLiteral("\\]\\(([^)]+)\\)"));
        for (const ManualPage& page : pages) {
            QVERIFY2(page.text.startsWith("# ") && page.title.size() > 2, qPrintable(page.name));
            for (auto it = link.globalMatch(page.text); it.hasNext();) {
                const QString to = it.next().captured(1);
                const bool isThere = to.startsWith("pictures/")
                                         ? QFileInfo::exists(manualPictures() + "/" + to.section('/', 1))
                                         : names.contains(QFileInfo(to).completeBaseName());
                QVERIFY2(isThere, qPrintable(page.name + ": " + to));
            }
        }
        const ManualPage index = manualIndex(pages);
        QVERIFY(index.text.count("\n* ") > 40);
    }

    /// The keys in the table of the Bench do what stands beside them: each is bound there.
    void keysOfTheBenchAreBound() {
        const auto main = window();
        QVERIFY(main->openFile(study_) && planned(*main));
        main->goTo(6);
        QSet<QString> bound;
        for (const QAction* action : main->findChildren<QAction*>()) bound << action->shortcut().toString();
        static const QRegularExpression row(QStringLiteral("^\\| `(\\w+)` \\|"), QRegularExpression::MultilineOption);
        for (const ManualPage& page : manualPages())
            if (page.name == "bench") {
                int rows = 0;
                for (auto it = row.globalMatch(page.text); it.hasNext(); ++rows) {
                    const QString key = it.next().captured(1);
                    QVERIFY2(bound.contains(key), qPrintable(key));
                }
                QCOMPARE(rows, 10);
            }
    }

    void heldKeysLookOtherwise() {
        const auto main = window();
        QVERIFY(main->openFile(study_) && planned(*main));
        main->activateWindow();
        main->pictures().setFocus();
        using Way = PicturePair::Way;
        for (const auto& [key, way] :
             {std::pair(Qt::Key_Q, Way::squint), std::pair(Qt::Key_W, Way::values), std::pair(Qt::Key_E, Way::mirror),
              std::pair(Qt::Key_D, Way::upsideDown), std::pair(Qt::Key_A, Way::other)}) {
            QTest::keyPress(main.get(), key);
            QVERIFY(main->pictures().way(way));
            QTest::keyRelease(main.get(), key);
            QVERIFY(!main->pictures().way(way));
        }
        QTest::keyClick(main.get(), Qt::Key_R);
        QVERIFY(main->pictures().way(Way::grid));
        QTest::keyClick(main.get(), Qt::Key_R);
        QVERIFY(!main->pictures().way(Way::grid));
    }

    /// F1 opens the page of the place where it is pressed.
    void helpOpensTheRightPage() {
        const auto main = window();
        const auto opened = [&](QMainWindow& from) {
            from.show();
            from.activateWindow();
            if (!QTest::qWaitFor([&] { return from.isActiveWindow(); }, patience)) return QString("not active");
            QTest::keyClick(&from, Qt::Key_F1);
            return main->manualWindow().isVisible() ? main->manualWindow().page() : QString("not open");
        };
        QCOMPARE(opened(*main), QString("begin"));
        QVERIFY(main->openFile(study_) && planned(*main));
        const QStringList pages{"subject", "values", "paper", "sticks", "underpainting",
                                "layers",  "bench",  "check", "log"};
        for (int station = 0; station < pages.size(); ++station) {
            main->goTo(station);
            QCOMPARE(opened(*main), pages[station]);
        }
        QCOMPARE(opened(*main->materialsWindow()), QString("materials"));
        QCOMPARE(opened(main->trialWindow()), QString("trial"));
        QCOMPARE(opened(*main->practiceWindow()), QString("practice"));
        // No window outlives the main one.
        main->session().history().setClean();
        main->close();
        for (const QWidget* other :
             {static_cast<QWidget*>(&main->manualWindow()), static_cast<QWidget*>(&main->trialWindow()),
              static_cast<QWidget*>(main->materialsWindow())})
            QVERIFY(!other->isVisible());
    }

    void theManualIsSearched() {
        const auto main = window();
        ManualWindow& manual = main->manualWindow();
        manual.open("safety");
        QVERIFY(manual.text().toPlainText().contains("never blow it"));
        manual.show();
        auto* find = manual.findChild<QLineEdit*>();
        auto* list = manual.findChild<QListWidget*>();
        const int all = list->count();
        QTest::keyClicks(find, "haddock");
        QCOMPARE(list->count(), 0);
        QVERIFY(manual.text().toPlainText().contains("Nothing in the manual"));
        find->clear();
        QTest::keyClicks(find, "stand-in");
        QVERIFY(list->count() > 0 && list->count() < all);
        manual.open("keys");
        const QString keys = manual.text().toPlainText();
        for (const char* key : {"Ctrl+S", "F1", "Backspace", "Ctrl+T"}) QVERIFY2(keys.contains(key), key);
        manual.open("no such page");
        QCOMPARE(manual.page(), QString("begin"));
    }

    /// The commands of the manual are run one after the other, in a folder with the files that they name.
    void commandsRun() {
        QTemporaryDir work;
        const auto reference = smallStudy().reference;
        write(work.filePath("photo.jpg"),
              QByteArray(reinterpret_cast<const char*>(reference->bytes.data()), qsizetype(reference->bytes.size())));
        QFile::copy(TEST_DATA "/demo/kettle-evening.dune", work.filePath("begun.dune"));
        QFile::copy(TEST_DATA "/materials/soft_sticks.csv", work.filePath("mine.csv"));
        QString commands;
        for (const ManualPage& page : manualPages())
            if (page.name == "commandline") commands = page.text;
        int count = 0;
        for (const QString& line : commands.split('\n')) {
            if (!line.startsWith("    yawning-dune-cli ")) continue;
            QProcess process;
            process.setWorkingDirectory(work.path());
            QStringList words = QProcess::splitCommand(line.trimmed().replace('\'', '"')).mid(1);
            process.start(QStringLiteral(CLI_PROGRAM), words);
            QVERIFY(process.waitForFinished(240000));
            QVERIFY2(process.exitCode() == 0, qPrintable(line + process.readAllStandardError()));
            ++count;
        }
        QVERIFY(count >= 11);
    }

    /// What the command line offers stands in its man page and is completed by the shells.
    void thePagesOfTheShellAreWhole() {
        const QByteArray help = run({"--help"}).out;
        const QByteArray man = fileBytes(TEST_DATA "/man/yawning-dune-cli.1").replace("\\-", "-");
        const QByteArray bash = fileBytes(TEST_DATA "/completion/yawning-dune-cli.bash"),
                         zsh = fileBytes(TEST_DATA "/completion/_yawning-dune-cli");
        static const QRegularExpression option(QStringLiteral("--[a-z][a-z-]+")),
            command(QStringLiteral("^yawning-dune-cli ([a-z-]+)"), QRegularExpression::MultilineOption);
        QSet<QString> words;
        for (auto it = option.globalMatch(QString::fromUtf8(help)); it.hasNext();) words << it.next().captured();
        for (auto it = command.globalMatch(QString::fromUtf8(help)); it.hasNext();) words << it.next().captured(1);
        QVERIFY(words.size() > 60);
        for (const QString& word : words) {
            QVERIFY2(man.contains(word.toUtf8()), qPrintable("man page: " + word));
            QVERIFY2(bash.contains(word.toUtf8()), qPrintable("bash: " + word));
            QVERIFY2(zsh.contains(word.toUtf8()), qPrintable("zsh: " + word));
        }
    }
};

QTEST_MAIN(TestManual)
#include "test_manual.moc"
