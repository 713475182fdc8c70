#include <zip.h>

#include <QFile>
#include <QMessageBox>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QtTest>
#include <opencv2/imgcodecs.hpp>

#include "app/background.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/document.h"
#include "storage/materials_store.h"
#include "window_hand.h"

using namespace app;

/// Nothing is lost and nothing is swapped unasked, at the real window.
class TestSafety : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)); }

    void write(const char* name, const common::Bytes& bytes) {
        QFile file(at(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write(reinterpret_cast<const char*>(bytes.data()), qint64(bytes.size()));
    }

    /// A library of the artist's own sticks, which a statement then damages.
    std::unique_ptr<storage::MaterialsStore> libraryWith(const char* name, const QString& statement) {
        {
            auto store = storage::MaterialsStore::open(at(name));
            std::vector<materials::Owned> things;
            for (const auto& medium : smallLibrary().media) things.push_back({medium});
            for (const auto& paper : smallLibrary().papers) things.push_back({paper});
            if (!store || !(*store)->apply({.put = things})) return nullptr;
        }
        {
            QSqlDatabase database = QSqlDatabase::addDatabase("QSQLITE", "other");
            database.setDatabaseName(at(name));
            if (!database.open() || !QSqlQuery(database).exec(statement)) return nullptr;
        }
        QSqlDatabase::removeDatabase("other");
        auto store = storage::MaterialsStore::open(at(name));
        return store ? *std::move(store) : nullptr;
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        write("ball.png", smallStudy().reference->bytes);
    }

    void aBadRowIsToldAndTheOthersAreTaken() {
        const auto store = libraryWith("row.sqlite", "UPDATE thing SET hex = 'no colour' WHERE id = 't3'");
        QVERIFY(store);
        materials::Library starter = smallLibrary();
        for (materials::Material& medium : starter.media) medium.id = "starter-" + medium.id;
        MainWindow window(starter, store.get());
        window.show();
        QVERIFY(hasOpened(window, at("ball.png")));
        QVERIFY2(window.margin().problem().contains("(t3)"), qPrintable(window.margin().problem()));
        QVERIFY(window.session().library().medium("t2") && !window.session().library().medium("t3"));
        QVERIFY(!window.session().library().medium("starter-t1"));
        QVERIFY(window.materialsWindow()->margin().problem().contains("(t3)"));
        window.session().stopPlanning();
    }

    void materialsThatCannotBeReadAreNotSwappedUnasked() {
        const auto store = libraryWith("gone.sqlite", "DROP TABLE tray");
        QVERIFY(store);
        MainWindow window(smallLibrary(), store.get());
        window.show();
        answeredWith(QMessageBox::No);
        QVERIFY(hasOpened(window, at("ball.png")));
        QVERIFY(!window.session().study().reference);
        QVERIFY(window.margin().problem().contains("damaged"));
        answeredWith(QMessageBox::Yes);
        QVERIFY(hasOpened(window, at("ball.png")));
        QVERIFY(window.session().study().reference);
        window.session().stopPlanning();
    }

    void materialsThatDoNotOpenAreNotSwappedEither() {
        MainWindow window(smallLibrary());
        window.show();
        window.setStoreProblem({common::ProblemKind::libraryDamaged, "own.sqlite"});
        QVERIFY(window.margin().problem().contains("own.sqlite"));
        answeredWith(QMessageBox::No);
        QVERIFY(hasOpened(window, at("ball.png")));
        QVERIFY(!window.session().study().reference);
    }

    void anEmptyDrawerIsTold() {
        auto store = storage::MaterialsStore::open(at("empty.sqlite"));
        QVERIFY(store.ok());
        const auto held = *std::move(store);
        MainWindow window(smallLibrary(), held.get());
        window.show();
        QVERIFY(hasOpened(window, at("ball.png")));
        QVERIFY(window.margin().problem().contains("starter materials"));
        window.session().stopPlanning();
    }

    /// A portrait picture, levelled again and again and cropped over the diagonal: it saves, and opens as it was.
    void whatCanBeChosenCanBeOpened() {
        cv::Mat tall(300, 200, CV_8UC3);
        cv::randu(tall, 60, 200);
        std::vector<uchar> png;
        cv::imencode(".png", tall, png);
        write("tall.png", png);
        MainWindow window(smallLibrary());
        window.show();
        QVERIFY(window.openFile(at("tall.png")) && planned(window));
        window.goTo(0);
        for (int i = 0; i < 9; ++i) {
            dragged(window, {{0.2, 0.2}, {0.7, 0.62}});
            pressed(window, "Level by it");
            QVERIFY(QTest::qWaitFor([&] { return window.session().isPlanCurrent(); }, patience));
        }
        dragged(window, {{0.0, 0.0}, {1.0, 1.0}});
        pressed(window, "Crop freely");
        QVERIFY(planned(window));
        const planning::Study study = window.session().study();
        QVERIFY(!planning::outOfBounds(study));
        QVERIFY2(window.saveTo(at("tall.dune")), qPrintable(window.margin().problem()));
        QVERIFY(hasOpened(window, at("tall.dune")));
        QVERIFY(window.session().study().frame == study.frame);
        QVERIFY(window.margin().problem().isEmpty());
        window.session().stopPlanning();
    }

    void aFrameThatWasPutRightIsTold() {
        planning::Study study = smallStudy();
        QVERIFY(storage::writeDocument({study, smallLibrary()}, at("old.dune").toStdString()).ok());
        // An earlier program's file: the same with a frame that goes round once more.
        zip_t* archive = zip_open(at("old.dune").toUtf8().constData(), 0, nullptr);
        QVERIFY(archive);
        QByteArray json(1 << 16, 0);
        zip_file_t* part = zip_fopen(archive, "study.json", 0);
        json.resize(qsizetype(zip_fread(part, json.data(), zip_uint64_t(json.size()))));
        zip_fclose(part);
        json.replace("\"degrees\": 0", "\"degrees\": 400");
        zip_file_add(archive, "study.json", zip_source_buffer(archive, json.constData(), zip_uint64_t(json.size()), 0),
                     ZIP_FL_OVERWRITE);
        QCOMPARE(zip_close(archive), 0);
        MainWindow window(smallLibrary());
        QVERIFY(hasOpened(window, at("old.dune")));
        QVERIFY(window.margin().problem().contains("put right"));
        QCOMPARE(window.session().study().frame.degrees, 40.0);
        window.session().stopPlanning();
    }

    void whatBackgroundWorkThrowsIsAProblem() {
        QObject context;
        Background background(&context);
        std::optional<common::Problem> met;
        background.run([](const common::Progress&) -> common::Result<int> { throw std::bad_alloc(); },
                       [&](common::Result<int> result) { met = result.problem(); });
        QTRY_VERIFY(met);
        QCOMPARE(met->kind, common::ProblemKind::memoryShort);
        met.reset();
        background.failed = [&](const common::Problem& problem) { met = problem; };
        background.run([](const common::Progress&) -> int { throw std::runtime_error("a fault"); }, [](int) {});
        QTRY_VERIFY(met);
        QCOMPARE(met->what, std::string("a fault"));
        QVERIFY(!background.isBusy());
    }
};

QTEST_MAIN(TestSafety)
#include "test_safety.moc"
