#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>
#include <random>
#include <set>

#include "own_home.h"
#include "small_study.h"
#include "storage/document.h"

/// An evening at the easel whose program is killed again and again.
class TestKilled : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What the screen has confirmed is in the file, once, whenever the program is killed; and the file opens.
    void nothingConfirmedIsLost() {
        QTemporaryDir folder;
        const QString file = folder.filePath("evening.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
        std::mt19937 random(20261130);
        int confirmed = 0, inMidst = 0;
        constexpr int moments = 200, mostEntries = 150;
        for (int moment = 0; moment < moments; ++moment) {
            QProcess hand;
            hand.start(EASEL_HAND, {file, QString::number(confirmed)});
            QVERIFY(hand.waitForStarted());
            QVERIFY(hand.waitForReadyRead(patience));  // it works
            QTest::qSleep(int(random() % 60));
            hand.kill();
            QVERIFY(hand.waitForFinished());
            QCOMPARE(hand.exitStatus(), QProcess::CrashExit);
            const QList<QByteArray> told = hand.readAllStandardOutput().trimmed().split('\n');
            confirmed = told.last().toInt();

            const auto document = storage::readDocument(file.toStdString());
            QVERIFY2(document.ok(), qPrintable(QString("moment %1").arg(moment)));
            std::set<std::string> words;
            for (const planning::Entry& entry : document->record.entries) QVERIFY(words.insert(entry.words).second);
            for (int i = 1; i <= confirmed; ++i) QVERIFY(words.contains("entry " + std::to_string(i)));
            // One may be on the disk that was not confirmed any more; no more than that.
            QVERIFY(int(words.size()) <= confirmed + 1);
            inMidst += int(words.size()) > confirmed;
            confirmed = int(words.size());
            if (confirmed > mostEntries) {  // a new sheet, so that the file does not grow without end
                QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, file.toStdString()).ok());
                confirmed = 0;
            }
        }
        // It was killed between the disk and the screen too.
        qInfo("%d times between the disk and the screen", inMidst);
    }
};

QTEST_GUILESS_MAIN(TestKilled)
#include "patience.h"
#include "test_killed.moc"
