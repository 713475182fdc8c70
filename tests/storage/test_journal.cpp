#include <QFile>
#include <QTemporaryDir>
#include <QtTest>

#include "numbers.h"
#include "small_study.h"
#include "storage/journal.h"

using namespace storage;

/// Journals of unsaved choices: as they were, or refused.
class TestJournal : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    std::string at(const char* name) const { return folder_.filePath(QString::fromLatin1(name)).toStdString(); }

    /// A study whose sheet grew by a millimetre with each choice; the materials change half way.
    static Journal history(int choices) {
        Journal journal{"/home/a/ball.dune", {}, choices, "a picture"};
        auto library = std::make_shared<const materials::Library>(smallLibrary());
        for (int i = 0; i <= choices; ++i) {
            JournalStep step{i == 0 ? QString() : QStringLiteral("Choice %1").arg(i), {}, smallStudy(), library};
            if (i > 0) step.study.reference = journal.steps[0].study.reference;
            step.study.widthMillimetres = 200 + i;
            journal.steps.push_back(std::move(step));
            if (i == choices / 2) {
                materials::Library other = *library;
                other.media.resize(5);
                library = std::make_shared<const materials::Library>(std::move(other));
            }
        }
        return journal;
    }

    static QByteArray bytesOf(const std::string& name) {
        QFile file(QString::fromStdString(name));
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    }
    static void write(const std::string& name, const QByteArray& bytes) {
        QFile file(QString::fromStdString(name));
        QVERIFY(file.open(QIODevice::WriteOnly));
        QCOMPARE(file.write(bytes), bytes.size());
    }

 private Q_SLOTS:
    void aHistoryComesBack() {
        Journal journal = history(7);
        journal.at = 5;
        QVERIFY(writeJournal(journal, at("a.journal")).ok());
        const auto read = readJournal(at("a.journal"));
        QVERIFY(read.ok());
        QCOMPARE(read->file, journal.file);
        QCOMPARE(read->at, 5);
        QCOMPARE(read->steps.size(), journal.steps.size());
        for (std::size_t i = 0; i < journal.steps.size(); ++i) {
            planning::Study expected = journal.steps[i].study;
            // Pictures are compared by their bytes, since they are other objects now.
            QCOMPARE(read->steps[i].study.reference->bytes, expected.reference->bytes);
            expected.reference = read->steps[i].study.reference;
            QVERIFY(read->steps[i].study == expected);
            QVERIFY(*read->steps[i].library == *journal.steps[i].library);
            QCOMPARE(read->steps[i].what, journal.steps[i].what);
        }
        QCOMPARE(read->steps[0].study.reference, read->steps[7].study.reference);
        const auto head = readJournalHead(at("a.journal"));
        QVERIFY(head.ok());
        QCOMPARE(head->title, QStringLiteral("Ball"));
        QCOMPARE(head->choices, 5);
        QCOMPARE(head->thumbnailPng, QByteArray("a picture"));
        QVERIFY(std::abs(head->written.secsTo(QDateTime::currentDateTimeUtc())) < 60);
    }

    void otherReferencesComeBackInTheirOrder() {
        Journal journal = history(1);
        const auto picture = [](const char* name, std::uint8_t byte) {
            return std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{name, {byte, 2, 3}});
        };
        journal.steps[1].study.others = {picture("b.png", 1), picture("c.png", 2)};
        QVERIFY(writeJournal(journal, at("others.journal")).ok());
        const auto read = readJournal(at("others.journal"));
        QVERIFY(read.ok());
        QVERIFY(read->steps[0].study.others.empty());
        QCOMPARE(read->steps[1].study.others.size(), std::size_t(2));
        QCOMPARE(read->steps[1].study.others[1]->name, std::string("c.png"));
        QCOMPARE(read->steps[1].study.others[1]->bytes[0], std::uint8_t(2));
    }

    /// Only the last steps of a long history; what they share is held once.
    void longHistoriesAreCut() {
        QVERIFY(writeJournal(history(0), at("short.journal")).ok());
        QVERIFY(writeJournal(history(350), at("long.journal")).ok());
        const auto read = readJournal(at("long.journal"));
        QVERIFY(read.ok());
        QCOMPARE(read->steps.size(), std::size_t(200));
        QCOMPARE(read->at, 199);
        QCOMPARE(read->steps.back().study.widthMillimetres, 550.0);
        QVERIFY(bytesOf(at("long.journal")).size() < 8 * bytesOf(at("short.journal")).size());
    }

    void cutAtAnyByteItIsRefused() {
        QVERIFY(writeJournal(history(2), at("whole.journal")).ok());
        const QByteArray whole = bytesOf(at("whole.journal"));
        for (qsizetype length = 0; length<whole.size(); length += length> whole.size() - 300 ? 1 : 37) {
            write(at("cut.journal"), whole.left(length));
            const auto read = readJournal(at("cut.journal"));
            QVERIFY2(!read.ok() && read.problem().kind == common::ProblemKind::journalDamaged,
                     qPrintable(QString::number(length)));
            QVERIFY(!readJournalHead(at("cut.journal")).ok());
        }
    }

    /// A byte that was flipped is either noticed or of no consequence.
    void flippedBytesDoNoHarm() {
        const Journal journal = history(2);
        QVERIFY(writeJournal(journal, at("whole.journal")).ok());
        const QByteArray whole = bytesOf(at("whole.journal"));
        Numbers random(17);
        int refused = 0;
        for (int round = 0; round < 300; ++round) {
            QByteArray flipped = whole;
            flipped[random.below(int(whole.size()))] ^= char(1 << random.below(8));
            write(at("flipped.journal"), flipped);
            const auto read = readJournal(at("flipped.journal"));
            if (!read.ok())
                ++refused;
            else
                QCOMPARE(read->steps.size(), journal.steps.size());
        }
        QVERIFY(refused > 150);
    }

    void whatIsNoJournalIsRefused() {
        write(at("text.journal"), "nothing of the kind");
        QCOMPARE(readJournal(at("text.journal")).problem().kind, common::ProblemKind::journalDamaged);
        QVERIFY(!readJournal(at("none.journal")).ok());
    }
};

QTEST_GUILESS_MAIN(TestJournal)
#include "test_journal.moc"
