#include <QAbstractButton>
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QRegularExpression>
#include <QScrollArea>
#include <QSpinBox>
#include <QTranslator>

#include "app/practice/practice_window.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;

/// A language of long words: every word of the interface is a third longer.
class LongWords : public QTranslator {
 public:
    bool isEmpty() const override { return false; }
    QString translate(const char*, const char* source, const char*, int) const override {
        static const QRegularExpression word(QStringLiteral("\\p{L}{3,}"));
        QString words = QString::fromUtf8(source);
        for (auto it = word.globalMatch(QString(words)); it.hasNext();) {
            const QString found = it.next().captured();
            words.replace(QRegularExpression("\\b" + found + "\\b"), found + found.right((found.size() + 2) / 3));
        }
        return words;
    }
};

/// No word of the window is clipped and no control lies over another, at the sizes that windows have.
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

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        study_ = folder_.filePath("ball.dune");
        QVERIFY(storage::writeDocument({smallStudy(), smallLibrary()}, study_.toStdString()).ok());
    }

    void noWordIsClipped_data() {
        QTest::addColumn<QSize>("size");
        QTest::addColumn<bool>("hasLongWords");
        // 1920x1080 with all half as large again is 1280x720.
        for (const QSize& size : {QSize(1024, 700), QSize(1280, 720), QSize(1280, 800), QSize(1920, 1080)})
            QTest::addRow("%dx%d", size.width(), size.height()) << size << false;
        for (const QSize& size : {QSize(1280, 800), QSize(1920, 1080)})
            QTest::addRow("%dx%d, long words", size.width(), size.height()) << size << true;
    }

    void noWordIsClipped() {
        QFETCH(const QSize, size);
        QFETCH(const bool, hasLongWords);
        LongWords longWords;
        if (hasLongWords) QVERIFY(QCoreApplication::installTranslator(&longWords));
        MainWindow window(smallLibrary());
        window.resize(size);
        window.show();
        QTest::qWait(50);
        QCOMPARE(window.size(), size);
        QStringList all = faults(window);
        QVERIFY(window.openFile(study_) && planned(window));
        for (int station = 0; station < 6; ++station) {
            window.goTo(station);
            QTest::qWait(30);
            // The leaves of an instrument are those of its buttons that exclude each other.
            QList<QAbstractButton*> leaves;
            for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
                if (button->autoExclusive() && button->isCheckable() && button->isVisible()) leaves << button;
            if (leaves.isEmpty()) all << faults(window);
            for (QAbstractButton* leaf : leaves) {
                leaf->click();
                QTest::qWait(30);
                all << faults(window);
            }
        }
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), size);
    }

    void noWordOfAnExerciseIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfAnExerciseIsClipped() {
        QFETCH(const QSize, size);
        QFETCH(const bool, hasLongWords);
        LongWords longWords;
        if (hasLongWords) QVERIFY(QCoreApplication::installTranslator(&longWords));
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
        window.resize(size);
        window.show();
        auto* exercises = window.findChild<QListWidget*>();
        QStringList all = faults(window);
        for (const practice::Exercise exercise : practice::allExercises()) {
            for (int row = 0; window.exercise() != exercise; ++row) exercises->setCurrentRow(row);
            QTest::keyClick(&window, Qt::Key_Return);
            if (practice::isDrawn(exercise)) {
                QCOMPARE(window.lesson().stage(), DrawingLesson::Stage::looking);
                QTest::qWait(20);
                all << faults(window);
                QTest::keyClick(&window, Qt::Key_Return);
                QTest::qWait(20);
                all << faults(window);
                QTest::keyClick(&window, Qt::Key_Escape);
                continue;
            }
            QVERIFY(window.isAsking());
            QTest::qWait(20);
            all << faults(window);
            const int right = window.view().question()->right;
            QTest::keyClick(&window, Qt::Key(right == 0 ? Qt::Key_2 : Qt::Key_1));
            QTest::qWait(20);
            all << faults(window);
            QTest::keyClick(&window, Qt::Key_Escape);
        }
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), size);
    }

    void noWordOfTheTrialSheetIsClipped_data() { noWordIsClipped_data(); }
    void noWordOfTheTrialSheetIsClipped() {
        QFETCH(const QSize, size);
        QFETCH(const bool, hasLongWords);
        LongWords longWords;
        if (hasLongWords) QVERIFY(QCoreApplication::installTranslator(&longWords));
        MainWindow main(smallLibrary());
        main.show();
        QVERIFY(main.openFile(study_) && planned(main));
        TrialWindow& window = main.trialWindow();
        window.resize(size);
        window.show();
        QTest::qWait(50);
        QStringList all = faults(window);
        window.take({{"t3", "t5", "t12"}, "p-white", {0}});
        for (int arrangement = 0; arrangement < 3; ++arrangement) {
            auto* laidOut = named<QComboBox>(window, "Laid out as");
            if (!laidOut) break;  // in long words it is called otherwise
            laidOut->setFocus();
            QTest::keyClick(laidOut, arrangement == 0 ? Qt::Key_Home : Qt::Key_Down);
            QTRY_VERIFY(!window.isMixing());
            all << faults(window);
        }
        QVERIFY2(all.isEmpty(), qPrintable(all.join('\n')));
        QCOMPARE(window.size(), size);
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
