#include <QAbstractItemView>
#include <QApplication>
#include <QCompleter>
#include <QFile>
#include <QFileDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <QTemporaryDir>
#include <QTimer>
#include <QtTest>

#include "app/file_to_write.h"

using namespace app;

class TestFileToWrite : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void aFileIsChosenByItsNameAlone() {
        const QTemporaryDir folder;
        QWidget window;
        const QString place = folder.filePath(QStringLiteral("tables"));
        const auto named = [&](const char* kind) {
            // As soon as it is there, and as long as it is, however slow the machine is.
            QTimer asked;
            connect(&asked, &QTimer::timeout, this, [place, kind] {
                auto* dialog = qobject_cast<QFileDialog*>(QApplication::activeModalWidget());
                if (!dialog || !dialog->isVisible()) return;
                auto* name = dialog->findChild<QLineEdit*>();
                if (name->text() != place) {
                    for (const QString& filter : dialog->nameFilters())
                        if (filter.contains(QLatin1String(kind))) {
                            dialog->selectNameFilter(filter);
                            Q_EMIT dialog->filterSelected(filter);
                        }
                    name->selectAll();
                    QTest::keyClicks(name, place);
                }
                // Names that are offered to complete it would take the key.
                if (name->completer()) name->completer()->popup()->hide();
                QTest::keyClick(name, Qt::Key_Return);
            });
            asked.start(100);
            return fileToWrite(&window, "Export", {}, "Sheets (*.pdf);;Tables (*.csv)");
        };
        QCOMPARE(named("csv"), place + ".csv");
        QCOMPARE(named("pdf"), place + ".pdf");
        QFile there(place + ".csv");
        QVERIFY(there.open(QIODevice::WriteOnly));
        bool isAsked = false;
        QTimer answered;
        connect(&answered, &QTimer::timeout, this, [&] {
            auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
            if (!box || !box->isVisible()) return;
            answered.stop();
            isAsked = true;
            QTest::mouseClick(box->button(QMessageBox::No), Qt::LeftButton);
            QTest::keyClick(QApplication::activeModalWidget(), Qt::Key_Escape);
        });
        answered.start(100);
        QCOMPARE(named("csv"), QString());
        QVERIFY(isAsked);
    }
};

QTEST_MAIN(TestFileToWrite)
#include "test_file_to_write.moc"
