#include <QDir>
#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <QtTest>

#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/language.h"
#include "wording/sentences.h"

/// A word of the program and what a language says for it, with all its plural forms.
struct Said {
    QString source;
    QStringList forms;
    bool isFinished = true;
};

/// The languages are whole, and say what the English does.
class TestLanguages : public QObject {
    Q_OBJECT

    static QString fileOf(const QString& folder, const QString& language) {
        return QStringLiteral("%1/yawning-dune_%2.ts").arg(folder, language);
    }

    static std::vector<Said> said(const QString& name) {
        QFile file(name);
        if (!file.open(QIODevice::ReadOnly)) return {};
        std::vector<Said> all;
        QXmlStreamReader xml(&file);
        while (!xml.atEnd()) {
            if (xml.readNext() != QXmlStreamReader::StartElement) continue;
            if (xml.name() == u"message") all.emplace_back();
            if (xml.name() == u"source") all.back().source = xml.readElementText();
            if (xml.name() == u"translation") {
                all.back().isFinished = !xml.attributes().hasAttribute("type");
                QString text = xml.readElementText(QXmlStreamReader::IncludeChildElements);
                if (!text.trimmed().isEmpty()) all.back().forms << text;
            }
        }
        return all;
    }

    static QStringList places(const QString& text) {
        static const QRegularExpression place(QStringLiteral("%(L?\\d|n)"));
        QSet<QString> found;
        for (auto it = place.globalMatch(text); it.hasNext();) found << it.next().captured();
        QStringList sorted = found.values();
        sorted.sort();
        return sorted;
    }

 private Q_SLOTS:
    void everyLanguageHasEveryWord_data() {
        QTest::addColumn<QString>("language");
        for (const wording::Language& language : wording::languages())
            QTest::addRow("%s", qPrintable(language.code)) << language.code;
    }

    /// The files are what scripts/translate makes of the sources, and nothing in them is left open.
    void everyLanguageHasEveryWord() {
        QFETCH(const QString, language);
        static const QTemporaryDir folder;
        static const bool isRenewed = [] {
            for (const wording::Language& each : wording::languages())
                QFile::copy(fileOf(TEST_DATA "/translations", each.code), fileOf(folder.path(), each.code));
            QProcess renewing;
            renewing.start(QStringLiteral(TEST_DATA "/../scripts/translate"), {folder.path()});
            return renewing.waitForFinished(120000) && renewing.exitCode() == 0;
        }();
        QVERIFY(isRenewed);
        const std::vector<Said> words = said(fileOf(folder.path(), language));
        QVERIFY(words.size() > (language == "en" ? 40 : 2000));
        QCOMPARE(words.size(), said(fileOf(TEST_DATA "/translations", language)).size());
        for (const Said& each : words) QVERIFY2(each.isFinished && !each.forms.isEmpty(), qPrintable(each.source));
    }

    /// What is put into a sentence stands in it in every language.
    void nothingThatIsPutInIsLost_data() { everyLanguageHasEveryWord_data(); }
    void nothingThatIsPutInIsLost() {
        QFETCH(const QString, language);
        for (const Said& each : said(fileOf(TEST_DATA "/translations", language)))
            for (const QString& form : each.forms) QCOMPARE(places(form), places(each.source));
    }

    void oneIsOneAndManyAreMany() {
        const auto counted = [](const QString& language) {
            wording::speak(language);
            return QStringList{wording::stepCount(1), wording::stepCount(12)};
        };
        QCOMPARE(counted("en"), QStringList({"one step", "12 steps"}));
        QCOMPARE(counted("de"), QStringList({"1 Schritt", "12 Schritte"}));
        QCOMPARE(counted("fr"), QStringList({"1 étape", "12 étapes"}));
        QCOMPARE(counted("es"), QStringList({"1 paso", "12 pasos"}));
        wording::speak("fr");
        QCOMPARE(wording::stepCount(0), QString("0 étape"));  // none is one in French: Unicode CLDR, plural rules
    }

    /// Decimal signs after Unicode CLDR, as QLocale has them.
    void numbersAreWrittenAsTheLanguageDoes() {
        wording::speak("en");
        QCOMPARE(wording::decimal(2.5, 1), QString("2.5"));
        QCOMPARE(wording::decimal(1250, 0), QString("1250"));
        for (const char* language : {"de", "fr", "es"}) {
            wording::speak(language);
            QCOMPARE(wording::decimal(2.5, 1), QString("2,5"));
            QCOMPARE(wording::differenceFigure(1.25), QString("1,3 ΔE00"));
        }
    }

    void equalWordsOfOtherMeaningDiffer() {
        wording::speak("de");
        QCOMPARE(wording::surfaceWord(materials::Surface::laid), QString("gerippt"));
        QCOMPARE(wording::colourWords({80, 60, -5}), QString("helles Rosa"));
        wording::speak("fr");
        QCOMPARE(wording::colourWords({40, 5, -45}), QString("bleu sombre"));
    }

    void aLanguageThatIsNotSpokenIsEnglish() {
        wording::speak("xx");
        QCOMPARE(wording::stepCount(1), QString("one step"));
    }
};

QTEST_GUILESS_MAIN(TestLanguages)
#include "test_languages.moc"
