#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QSpinBox>
#include <QTranslator>
#include <cctype>

#include "app/materials/materials_window.h"
#include "app/practice/practice_window.h"
#include "app/trial/trial_window.h"
#include "app/widgets/margin.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/document.h"
#include "window_hand.h"
#include "wording/language.h"

using namespace app;

/// A language that is none: every vowel carries a mark, and every word is a third longer. What shows a bare vowel has
/// not gone through translation.
class Pseudo : public QTranslator {
 public:
    bool isEmpty() const override { return false; }
    QString translate(const char* context, const char* source, const char*, int) const override {
        if (context[0] == 'Q' && !std::islower(context[1])) return {};  // Qt's own words
        static const QRegularExpression word(QStringLiteral("(?<!%)\\p{L}+"));
        const QString english = QString::fromUtf8(source);
        QString words;
        qsizetype from = 0;
        for (auto it = word.globalMatch(english); it.hasNext();) {
            const auto found = it.next();
            words += english.mid(from, found.capturedStart() - from);
            QString marked = found.captured();
            for (QChar& letter : marked)
                if (const qsizetype vowel = bare.indexOf(letter); vowel >= 0) letter = accented[vowel];
            words += marked + (marked.size() < 3 ? QString() : marked.right((marked.size() + 2) / 3));
            from = found.capturedEnd();
        }
        return words + english.mid(from);
    }

    /// Whether a word of it has not gone through translation.
    static bool isBare(const QString& text) {
        static const QRegularExpression untranslated(QStringLiteral("\\p{L}*[aeiouAEIOU]\\p{L}*"));
        return text.contains(untranslated);
    }

 private:
    static inline const QString bare = QStringLiteral("aeiouAEIOU"), accented = QStringLiteral("áéíóúÁÉÍÓÚ");
};

/// In every language no word of the windows is clipped and no control lies over another, at the sizes that windows
/// have; and no word is left in English.
class TestWords : public QObject {
    Q_OBJECT

    QTemporaryDir folder_;
    QString study_;

    /// What is wrong with the controls that are seen, a line each.
    static QStringList faults(QWidget& window) {
        QStringList faults;
        QList<QWidget*> controls;
        for (QWidget* widget : window.findChildren<QWidget*>()) {
            if (!widget->isVisible() || widget->size().isEmpty()) continue;
            const auto* label = qobject_cast<QLabel*>(widget);
            const auto* button = qobject_cast<QAbstractButton*>(widget);
            const auto* list = qobject_cast<QComboBox*>(widget);
            if (!(label && !label->text().isEmpty()) && !button && !list && !qobject_cast<QAbstractSpinBox*>(widget))
                continue;
            controls << widget;
            const QString name = label ? label->text() : button ? button->text() : widget->accessibleName();
            const QSize needed = label && label->wordWrap() ? QSize(0, label->heightForWidth(label->width()))
                                 : button && button->inherits("app::StudyButton") ? QSize()
                                                                                  : widget->sizeHint();
            if (widget->width() < needed.width() || widget->height() < std::min(needed.height(), 28))
                faults << QStringLiteral("clipped: %1, %2 of %3 px wide, %4 of %5 high")
                              .arg(name)
                              .arg(widget->width())
                              .arg(needed.width())
                              .arg(widget->height())
                              .arg(needed.height());
            const QRect place(widget->mapTo(&window, QPoint()), widget->size());
            // What is scrolled to may lie partly beyond.
            const bool isScrolled = [&] {
                for (QWidget* up = widget->parentWidget(); up; up = up->parentWidget())
                    if (qobject_cast<QScrollArea*>(up)) return true;
                return false;
            }();
            if (!isScrolled && !widget->visibleRegion().isEmpty() && !window.rect().contains(place))
                faults << QStringLiteral("beyond the window: %1").arg(name);
        }
        for (qsizetype i = 0; i < controls.size(); ++i)
            for (qsizetype j = i + 1; j < controls.size(); ++j) {
                const auto place = [&](QWidget* widget) {
                    return QRect(widget->mapTo(&window, QPoint()), widget->size());
                };
                if (controls[i]->isAncestorOf(controls[j]) || controls[j]->isAncestorOf(controls[i])) continue;
                if (!place(controls[i]).intersects(place(controls[j]))) continue;
                faults << QStringLiteral("over each other: %1 %2, %3 %4")
                              .arg(QLatin1String(controls[i]->metaObject()->className()), controls[i]->accessibleName(),
                                   QLatin1String(controls[j]->metaObject()->className()),
                                   controls[j]->accessibleName());
            }
        return faults;
    }

    /// What is written in a window and has not gone through translation, a line each.
    static QStringList untranslated(QWidget& window) {
        QStringList texts{window.windowTitle()};
        for (QWidget* widget : window.findChildren<QWidget*>()) {
            texts << widget->accessibleName() << widget->accessibleDescription() << widget->toolTip()
                  << widget->statusTip();
            if (const auto* label = qobject_cast<QLabel*>(widget)) texts << label->text();
            if (const auto* button = qobject_cast<QAbstractButton*>(widget)) texts << button->text();
            if (const auto* line = qobject_cast<QLineEdit*>(widget)) texts << line->placeholderText();
            if (const auto* spin = qobject_cast<QSpinBox*>(widget))
                texts << spin->prefix() << spin->suffix() << spin->specialValueText();
            if (const auto* spin = qobject_cast<QDoubleSpinBox*>(widget)) texts << spin->prefix() << spin->suffix();
            if (const auto* choice = qobject_cast<QComboBox*>(widget))
                for (int i = 0; i < choice->count(); ++i) texts << choice->itemText(i);
            if (const auto* margin = qobject_cast<Margin*>(widget)) {
                const MarginText& text = margin->text();
                texts << text.head << text.listHead << text.paragraphs << text.why << text.cautions;
            }
        }
        for (const QAction* action : window.findChildren<QAction*>()) texts << action->text();
        QStringList found;
        for (QString text : texts) {
            static const QRegularExpression file(QStringLiteral("(\\d+ \\w+ \\d+ [\\d:]+, )?/tmp/\\S*"));
            text.remove(file);
            for (const QString& datum : data()) text.remove(datum);
            if (Pseudo::isBare(text)) found << "not translated: " + text;
        }
        return found;
    }

    /// What the study and the drawer call their things is theirs in every language.
    static const QStringList& data() {
        static const QStringList all = [] {
            QStringList words{"ball.png", "ball.dune", "ball", "Ball", "Backspace", "Space"};  // and two of Qt's keys
            const auto add = [&](const std::string& word) {
                if (!word.empty()) words << QString::fromStdString(word);
            };
            const materials::Library library = smallLibrary();
            for (const materials::Material& medium : library.media) {
                add(medium.name), add(medium.maker), add(medium.lightfastness);
                for (const std::string& hazard : medium.hazards) add(hazard);
            }
            for (const materials::Paper& paper : library.papers) add(paper.name), add(paper.maker);
            for (const wording::Language& language : wording::languages()) words << language.name;
            std::ranges::sort(words, std::greater{}, &QString::size);
            return words;
        }();
        return all;
    }

    /// The language, size and magnification of a row of the data; English again at the end.
    class Spoken {
     public:
        Spoken() {
            QFETCH(const QString, language);
            QFETCH(const QSize, size);
            QFETCH(const int, percent);
            // Magnified, a window of as many dots has room for fewer.
            room_ = size * 100 / percent;
            isPseudo_ = language == "pseudo";
            wording::speak(isPseudo_ ? "en" : language);
            if (isPseudo_) QCoreApplication::installTranslator(&pseudo_);
        }
        ~Spoken() { wording::speak("en"); }
        Spoken(const Spoken&) = delete;
        Spoken& operator=(const Spoken&) = delete;

        void resize(QWidget& window) const { window.resize(room_); }
        QStringList faults(QWidget& window) const {
            QTest::qWait(20);  // what was read last is written, and laid out
            // On a busy machine that takes longer: what is wrong then stays wrong.
            QStringList found;
            constexpr int settled = 5000;
            (void)QTest::qWaitFor([&] { return (found = TestWords::faults(window)).isEmpty(); }, settled);
            return found << (isPseudo_ ? TestWords::untranslated(window) : QStringList());
        }
        /// In the window's own pixels.
        QSize room() const { return room_; }

     private:
        QSize room_;
        Pseudo pseudo_;
        bool isPseudo_ = false;
    };

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        study_ = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, study_.toStdString()).ok());
    }

    void noWordIsClipped_data() {
        QTest::addColumn<QString>("language");
        QTest::addColumn<QSize>("size");
        QTest::addColumn<int>("percent");
        const auto row = [](const QString& language, const QSize& size, int percent) {
            QTest::addRow("%s, %dx%d at %d %%", qPrintable(language), size.width(), size.height(), percent)
                << language << size << percent;
        };
        QStringList all{"pseudo"};
        for (const wording::Language& language : wording::languages()) all << language.code;
        for (const QString& language : all)
            for (const QSize& size : {QSize(1024, 700), QSize(1280, 800)})
                for (const int percent : {100, 150}) row(language, size, percent);
        row("en", {1920, 1080}, 100);
        row("en", {1920, 1080}, 150);
    }

    void noWordIsClipped() {
        const Spoken spoken;
        MainWindow window(smallLibrary());
        spoken.resize(window);
        window.show();
        QTest::qWait(50);
        QCOMPARE(window.size(), spoken.room());
        QStringList all = spoken.faults(window);
        QVERIFY(window.openFile(study_) && planned(window));
        atEveryLeaf(window, [&] { all << spoken.faults(window); });
        all.removeDuplicates();
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), spoken.room());
    }

    void noWordOfAnExerciseIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfAnExerciseIsClipped() {
        const Spoken spoken;
        const auto store = storage::MaterialsStore::open(folder_.filePath("%1.sqlite").arg(QTest::currentDataTag()));
        QVERIFY(store.ok());
        practice::Sources sources;
        for (int i = 0; i < 6; ++i) sources.colours.push_back({20.0 + 12 * i, 25.0 - 10 * i, 8.0 * i - 20});
        sources.squinted = cv::Mat(60, 90, CV_32FC3, cv::Scalar(40, 0, 0));
        sources.areas = cv::Mat::zeros(60, 90, CV_32S);
        sources.squinted.rowRange(0, 30).setTo(cv::Scalar(70, 10, 0));
        sources.areas.rowRange(0, 30).setTo(1);
        sources.picture = cv::Mat(60, 80, CV_8UC3, cv::Scalar(120, 90, 60));
        sources.sticks = smallLibrary().media;
        std::erase_if(sources.sticks, [](const materials::Material& stick) { return materials::isWet(stick.kind); });
        PracticeWindow window(**store, [&] { return sources; });
        spoken.resize(window);
        window.show();
        auto* exercises = window.findChild<QListWidget*>();
        QStringList all = spoken.faults(window);
        for (const practice::Exercise exercise : practice::allExercises()) {
            for (int row = 0; window.exercise() != exercise; ++row) exercises->setCurrentRow(row);
            QTest::keyClick(&window, Qt::Key_Return);
            if (practice::isDrawn(exercise)) {
                QCOMPARE(window.lesson().stage(), DrawingLesson::Stage::looking);
                QTest::qWait(20);
                all << spoken.faults(window);
                QTest::keyClick(&window, Qt::Key_Return);
                QTest::qWait(20);
                all << spoken.faults(window);
                QTest::keyClick(&window, Qt::Key_Escape);
                continue;
            }
            QVERIFY(window.isAsking());
            QTest::qWait(20);
            all << spoken.faults(window);
            const int right = window.view().question()->right;
            QTest::keyClick(&window, Qt::Key(right == 0 ? Qt::Key_2 : Qt::Key_1));
            QTest::qWait(20);
            all << spoken.faults(window);
            QTest::keyClick(&window, Qt::Key_Escape);
        }
        all.removeDuplicates();
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), spoken.room());
    }

    void noWordOfTheTrialSheetIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfTheTrialSheetIsClipped() {
        const Spoken spoken;
        MainWindow main(smallLibrary());
        main.show();
        QVERIFY(main.openFile(study_) && planned(main));
        TrialWindow& window = main.trialWindow();
        spoken.resize(window);
        window.show();
        QTest::qWait(50);
        QStringList all = spoken.faults(window);
        window.take({{"t3", "t5", "t12"}, "p-white", {0}});
        for (int arrangement = 0; arrangement < 3; ++arrangement) {
            auto* laidOut = named<QComboBox>(window, TrialWindow::tr("Laid out as"));
            QVERIFY(laidOut);
            laidOut->setFocus();
            QTest::keyClick(laidOut, arrangement == 0 ? Qt::Key_Home : Qt::Key_Down);
            QTRY_VERIFY(!window.isMixing());
            all << spoken.faults(window);
        }
        all.removeDuplicates();
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), spoken.room());
    }

    void noWordOfTheManualIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfTheManualIsClipped() {
        const Spoken spoken;
        MainWindow main(smallLibrary());
        ManualWindow& window = main.manualWindow();
        spoken.resize(window);
        window.show();
        QTest::qWait(20);
        const QStringList all = spoken.faults(window);
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), spoken.room());
    }

    void noWordOfTheDrawerIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfTheDrawerIsClipped() {
        const Spoken spoken;
        const auto store = storage::MaterialsStore::open(folder_.filePath("%1.drawer").arg(QTest::currentDataTag()));
        QVERIFY(store.ok());
        const materials::Library library = smallLibrary();
        std::vector<materials::Owned> things;
        for (const materials::Material& medium : library.media) things.push_back({.what = medium});
        for (const materials::Paper& paper : library.papers) things.push_back({.what = paper});
        QVERIFY((*store)->apply({.put = things}).ok());
        OwnDrawer own(**store);
        MaterialsWindow window(own);
        spoken.resize(window);
        window.show();
        QTest::qWait(30);
        QStringList all = spoken.faults(window);
        QTest::keyClick(&window.view(), Qt::Key_Home);
        QTest::qWait(30);
        all << spoken.faults(window);
        all.removeDuplicates();
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), spoken.room());
    }

    /// The walk itself notices what it is for.
    void theWalkNotices() {
        QWidget window;
        window.resize(300, 200);
        auto* label = new QLabel("Words that need more room than they have", &window);
        label->setGeometry(10, 10, 60, 20);
        auto* button = new QPushButton("Under it", &window);
        button->setGeometry(QRect(QPoint(40, 12), button->sizeHint()));
        window.show();
        const QStringList found = faults(window);
        QCOMPARE(found.size(), 2);
        QVERIFY(found[0].startsWith("clipped") && found[1].startsWith("over each other"));
    }
};

QTEST_MAIN(TestWords)
#include "test_words.moc"
