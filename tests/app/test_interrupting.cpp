#include <QDirIterator>
#include <QJsonDocument>
#include <random>

#include "app/export_sheet.h"
#include "planned_study.h"
#include "storage/document.h"
#include "storage/plan_export.h"
#include "window_hand.h"

using namespace app;

namespace {

/// All files of a folder and what is in them.
QMap<QString, QByteArray> filesIn(const QString& folder) {
    QMap<QString, QByteArray> files;
    for (QDirIterator at(folder, QDir::Files | QDir::Hidden, QDirIterator::Subdirectories); at.hasNext();) {
        QFile file(at.next());
        if (!file.open(QIODevice::ReadOnly)) qFatal("a file that is there must open");
        files[QDir(folder).relativeFilePath(file.fileName())] = file.readAll();
    }
    return files;
}

QByteArray jsonOf(const planning::Plan& plan, const planning::Study& study) {
    return QJsonDocument(storage::planJson(plan, study)).toJson();
}

}  // namespace

/// An artist who does not wait: whatever is under way in the window is stopped, taken back or overtaken at random
/// moments, and nothing is left half done.
class TestInterrupting : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::unique_ptr<MainWindow> window_;
    std::mt19937 random_{11};

    QString at(const char* name) const { return folder_.filePath(QLatin1String(name)); }
    int below(int most) { return int(random_() % unsigned(most)); }
    void waits(int mostMilliseconds) { QTest::qWait(below(mostMilliseconds)); }
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) { QTest::keyClick(window_.get(), key, modifiers); }

    /// A study with this title in a file.
    QString saved(const char* title) {
        planning::Study study = smallStudy();
        study.title = title;
        const QString file = folder_.filePath(QLatin1String(title) + ".dune");
        if (!storage::writeDocument({study, smallLibrary()}, file.toStdString())) qFatal("the study must be written");
        return file;
    }

 private Q_SLOTS:
    void init() {
        window_ = openedWindow(saved("Ball"));
        QVERIFY(window_);
    }
    void cleanup() { window_.reset(); }

    void planning() {
        Session& session = window_->session();
        int stops = 0;
        connect(&session, &Session::planningStopped, this, [&] { ++stops; });
        for (int i = 0; i < 30; ++i) {
            switch (below(6)) {
                case 0:
                    session.choose("layers", [&](planning::Study& study) { study.layers = 2 + below(3); });
                    break;
                case 1:
                    session.choose("sticks", [&](planning::Study& study) { study.stickLimit = 6 + below(5); });
                    break;
                case 2:
                    session.choose("areas", [&](planning::Study& study) { study.areas = 3 + below(3); });
                    break;
                case 3:
                    key(Qt::Key_Z, Qt::ControlModifier);
                    break;
                case 4:
                    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
                    break;
                default:
                    key(Qt::Key_Escape);
            }
            waits(900);
        }
        QVERIFY(stops > 0);
        session.choose("layers", [&](planning::Study& study) { study.layers = study.layers == 3 ? 4 : 3; });
        QVERIFY(planned(*window_));
        QCOMPARE(jsonOf(*session.plan(), session.study()), jsonOf(planOf(session.study()), session.study()));
    }

    void opening() {
        const QStringList files{saved("Ball"), saved("Jug"), saved("Shell")};
        for (int i = 0; i < 30; ++i) {
            window_->session().history().setClean();
            QVERIFY(window_->openFile(files[below(3)]));
            waits(60);
            if (below(3) == 0) key(Qt::Key_Escape);
            // The study in hand is whole, whether it is the one before or the next.
            const planning::Study& study = window_->session().study();
            QVERIFY(files.contains(folder_.filePath(QString::fromStdString(study.title) + ".dune")));
            QVERIFY(study.reference && !study.areaChoices.empty());
        }
        window_->session().history().setClean();
        QVERIFY(window_->openFile(files[1]) && planned(*window_));
        QCOMPARE(window_->session().study().title, std::string("Jug"));
    }

    void writingThePlan() {
        const QString folder = at("easel");
        const auto write = [&](int waitAtMost) {
            ExportSheet* sheet = window_->chooseAndExport();
            sheet->folder().setText(folder);
            QTest::mouseClick(buttonOf(*sheet, "Write the plan"), Qt::LeftButton);
            QPointer<ExportSheet> open(sheet);
            if (waitAtMost > 0) waits(waitAtMost);
            if (waitAtMost > 0 && open && open->isVisible()) QTest::keyClick(open, Qt::Key_Escape);
            QTRY_VERIFY(!open || !open->isVisible());
            delete open;  // which waits for what it has begun
        };
        QElapsedTimer clock;
        clock.start();
        write(0);
        const int takes = int(clock.elapsed());
        QMap<QString, QByteArray> there = filesIn(folder);
        QVERIFY(there.contains("plan.json") && there.contains("plan.pdf"));
        int stopped = 0;
        for (int i = 0; i < 8; ++i) {
            window_->session().choose("title",
                                      [&](planning::Study& study) { study.title = "Ball " + std::to_string(i); });
            QVERIFY(planned(*window_));
            write(takes);
            const auto now = filesIn(folder);
            QCOMPARE(now.keys(), there.keys());
            const bool isNew = now["plan.json"] != there["plan.json"];
            // All of the new plan or all of the old one: its title stands in both of these.
            QCOMPARE(now["plan.pdf"] != there["plan.pdf"], isNew);
            QVERIFY(isNew || now == there);
            stopped += !isNew;
            there = now;
        }
        QVERIFY(stopped > 0);
    }

    void saving() {
        const QString file = at("Ball.dune");
        for (int i = 0; i < 8; ++i) {
            window_->session().choose("title",
                                      [&](planning::Study& study) { study.title = "Ball " + std::to_string(i); });
            QVERIFY(window_->saveTo(file));
            waits(40);
            // As another program would find it at this moment.
            const auto document = storage::readDocument(file.toStdString());
            QVERIFY(document.ok());
            QVERIFY(QString::fromStdString(document->study.title).startsWith("Ball"));
        }
        window_->session().history().setClean();
        window_.reset();
        QCOMPARE(storage::readDocument(file.toStdString())->study.title, std::string("Ball 7"));
    }
};

QTEST_MAIN(TestInterrupting)
#include "test_interrupting.moc"
