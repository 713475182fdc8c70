#include <QDir>
#include <QFileDialog>
#include <QLineEdit>
#include <QPointer>

#include "app/bench/bench_station.h"
#include "app/export_sheet.h"
#include "app/widgets/scrubber.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "storage/document.h"
#include "window_hand.h"

using namespace app;

/// An artist who has no mouse: every key goes to what has the keyboard, and that is reached by Tab alone.
class TestKeyboard : public QObject {
    Q_OBJECT

    static inline QString offered_;  // by the last file dialog
    QTemporaryDir folder_;
    std::unique_ptr<MainWindow> window_;

    static QWidget* hand() { return QApplication::focusWidget(); }
    static void key(Qt::Key key, Qt::KeyboardModifiers modifiers = {}) {
        QVERIFY(hand());
        QTest::keyClick(hand(), key, modifiers);
    }
    /// Goes on by Tab until this is reached; false if the way round does not come by it.
    template <typename Wanted>
    static bool reached(Wanted wanted) {
        for (int i = 0; i < 120; ++i) {
            if (hand() && wanted(*hand())) return true;
            QTest::keyClick(hand() ? hand() : QApplication::activeWindow(), Qt::Key_Tab);
        }
        return false;
    }
    static bool reachedNamed(const QString& name) {
        return reached([&](const QWidget& widget) { return widget.accessibleName() == name; });
    }
    static bool reachedButton(const QString& text) {
        return reached([&](const QWidget& widget) {
            const auto* button = qobject_cast<const QAbstractButton*>(&widget);
            return button && button->text() == text && button->isEnabled();
        });
    }
    /// The file dialog that a key opens is told a name.
    static void typedIntoTheDialog(const QString& file) {
        QTimer::singleShot(100, [file] {
            const QPointer<QFileDialog> dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
            if (!dialog || !dialog->isVisible()) return typedIntoTheDialog(file);  // not yet there
            // No names are offered while typing: when such a list closes, the offscreen platform gives the keyboard to
            // whichever window it likes, and the letters go with it.
            auto* name = dialog->findChild<QLineEdit*>("fileNameEdit");
            name->setCompleter(nullptr);
            offered_ = name->text();
            // Again until it is taken: a Return may come before the folder has been read.
            for (int i = 0; i < 100 && dialog && dialog->isVisible(); ++i) {
                // Letters are keys of the window that is active.
                dialog->activateWindow();
                if (!QTest::qWaitForWindowActive(dialog, 1000)) continue;
                name->setFocus();
                name->selectAll();
                QTest::keyClicks(name, file);
                QTest::keyClick(name, Qt::Key_Return);
                QTest::qWait(200);
            }
            if (dialog && dialog->isVisible()) dialog->reject();
        });
    }

 private Q_SLOTS:
    void initTestCase() {
        drawing::loadFonts();
        applyTheme(ThemeName::mid);
        QFile picture(folder_.filePath("ball.png"));
        QVERIFY(picture.open(QIODevice::WriteOnly));
        const auto reference = smallStudy().reference;
        const common::Bytes& bytes = reference->bytes;
        picture.write(reinterpret_cast<const char*>(bytes.data()), qint64(bytes.size()));
    }

    void aPictureByKeysAlone() {
        window_ = std::make_unique<MainWindow>(smallLibrary());
        window_->show();
        window_->activateWindow();
        QTRY_VERIFY(window_->isActiveWindow());

        // A picture is opened, from the beginning's own button.
        QVERIFY(reachedButton("Open a picture…"));
        typedIntoTheDialog(folder_.filePath("ball.png"));
        key(Qt::Key_Space);
        QVERIFY(planned(*window_));

        // An area is pointed at with the cross, and named.
        window_->activateWindow();
        QTRY_VERIFY(window_->isActiveWindow());
        key(Qt::Key_1);
        QVERIFY(reachedButton("Frame"));  // leaves exclude each other: arrows go from one to the next
        key(Qt::Key_Right);
        key(Qt::Key_Right);
        QVERIFY(reachedNamed("Subject and sheet"));
        for (int i = 0; i < 3; ++i) key(Qt::Key_Up);
        key(Qt::Key_Return);  // begins a scribble,
        key(Qt::Key_Return);  // which is a point where it ends at once
        QVERIFY(reachedNamed("Area's name"));
        QTest::keyClicks(hand(), "globe");
        key(Qt::Key_Return);
        QTRY_VERIFY(!window_->session().study().areaChoices.empty() &&
                    window_->session().study().areaChoices.back().name == "globe");
        key(Qt::Key_Escape);  // leaves the field, and lets the planning go on
        QCOMPARE(hand()->accessibleName(), QStringLiteral("Subject and sheet"));

        // A paper is chosen.
        QVERIFY(reachedNamed("Route"));
        key(Qt::Key_3);
        QVERIFY(planned(*window_));
        QVERIFY(reachedNamed("Offcuts"));
        const std::string before = window_->session().study().paper;
        key(Qt::Key_Right);
        key(Qt::Key_Right);
        QVERIFY(reachedButton("Set this paper"));
        key(Qt::Key_Space);
        QTRY_VERIFY(window_->session().study().paper != before && !window_->session().study().paper.empty());
        QVERIFY(planned(*window_));

        // The plan is read, step by step.
        QVERIFY(reachedNamed("Route"));
        key(Qt::Key_6);
        QVERIFY(reachedNamed("Steps laid"));
        auto* scrubber = qobject_cast<Scrubber*>(hand());
        key(Qt::Key_Home);
        key(Qt::Key_Right);
        key(Qt::Key_Right);
        QCOMPARE(scrubber->step(), 2);
        QVERIFY(window_->margin().text().head.contains("2"));

        // Saved; an evening at the easel.
        typedIntoTheDialog(folder_.filePath("globe.dune"));
        key(Qt::Key_S, Qt::ControlModifier);
        QTRY_VERIFY(QFile::exists(folder_.filePath("globe.dune")));
        QCOMPARE(offered_, QStringLiteral("ball.dune"));
        window_->activateWindow();
        QTRY_VERIFY(window_->isActiveWindow());
        QVERIFY(reachedNamed("Route"));
        key(Qt::Key_7);
        Easel& easel = window_->findChild<BenchStation*>()->easel();
        for (const Qt::Key each : {Qt::Key_Space, Qt::Key_Space, Qt::Key_Space, Qt::Key_Backspace, Qt::Key_Space}) {
            key(each);
            QTRY_VERIFY(!easel.isBusy() && window_->session().isPlanCurrent());
        }
        QCOMPARE(easel.inHand(), 3);
        const auto saved = storage::readDocument(folder_.filePath("globe.dune").toStdString());
        QVERIFY(saved.ok() && planning::Standing(saved->record).laid().size() == 2);

        // And the plan is written for it.
        key(Qt::Key_E, Qt::ControlModifier);
        ExportSheet* sheet = nullptr;
        QTRY_VERIFY((sheet = window_->findChild<ExportSheet*>()) && sheet->isVisible());
        sheet->activateWindow();
        QTRY_VERIFY(sheet->isActiveWindow());
        QVERIFY(reachedNamed("Folder"));
        key(Qt::Key_A, Qt::ControlModifier);
        QTest::keyClicks(hand(), folder_.filePath("plan"));
        QVERIFY(reachedButton("Write the plan"));
        key(Qt::Key_Space);
        QTRY_VERIFY(QFile::exists(folder_.filePath("plan/plan.json")));
        QTRY_VERIFY(QFile::exists(folder_.filePath("plan/plan.pdf")));
    }
    void cleanupTestCase() {
        if (window_) window_->session().history().setClean();
        window_.reset();
    }
};

QTEST_MAIN(TestKeyboard)
#include "test_keyboard.moc"
