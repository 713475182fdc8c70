#pragma once

#include <QAbstractButton>
#include <QApplication>
#include <QMessageBox>
#include <QtTest>
#include <memory>

#include "app/main_window.h"
#include "own_home.h"
#include "patience.h"
#include "small_study.h"
#include "wording/language.h"

/// Windows count one thing as one, as the program does.
inline void speakEnglish() {
    wording::speak(QStringLiteral("en"));
}
Q_COREAPP_STARTUP_FUNCTION(speakEnglish)

/// What a hand does at the real main window.

inline bool planned(app::MainWindow& window) {
    return QTest::qWaitFor([&] { return !window.isOpening() && window.session().isPlanCurrent(); }, patience);
}

/// Opens a file and waits until it has been read.
inline bool hasOpened(app::MainWindow& window, const QString& file) {
    return window.openFile(file) && QTest::qWaitFor([&] { return !window.isOpening(); }, patience);
}

/// A window with this study, planned and active; null if it does not come to that.
inline std::unique_ptr<app::MainWindow> openedWindow(const QString& file) {
    auto window = std::make_unique<app::MainWindow>(smallLibrary());
    window->show();
    if (!window->openFile(file) || !planned(*window)) return nullptr;
    window->session().history().setClean();
    // Shortcuts go to the active window; a bare X server has no window manager to make it so.
    window->activateWindow();
    window->setFocus();
    return QTest::qWaitFor([&] { return window->isActiveWindow(); }, patience) ? std::move(window) : nullptr;
}

/// The question that will be asked is answered by this button, whenever it comes; tells whether it has come.
inline std::shared_ptr<bool> answeredWith(QMessageBox::StandardButton button) {
    auto asked = std::make_shared<bool>(false);
    auto* timer = new QTimer(qApp);
    QObject::connect(timer, &QTimer::timeout, timer, [timer, asked, button, waited = 0]() mutable {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        waited += timer->interval();
        if ((!box || !box->button(button)) && waited < patience) return;
        timer->stop();
        timer->deleteLater();
        QVERIFY2(box, "nothing was asked");
        *asked = true;
        QTest::mouseClick(box->button(button), Qt::LeftButton);
    });
    timer->start(20);
    return asked;
}

template <typename Field>
Field* named(QWidget& window, const QString& name) {
    for (Field* field : window.findChildren<Field*>())
        if (field->accessibleName() == name) return field;
    return nullptr;
}

/// A place on the subject as it lies in the window, by fractions of the picture.
inline QPoint placeIn(app::MainWindow& window, double x, double y) {
    const app::PicturePair& pictures = window.pictures();
    const double room = (pictures.width() - 32) / 2.0, high = pictures.height() - 36.0;
    const planning::Study& study = window.session().study();
    const double scale = std::min(room / study.widthMillimetres, high / study.heightMillimetres);
    const QPointF middle(10 + room / 2, 26 + high / 2);
    return (middle + QPointF((x - 0.5) * study.widthMillimetres, (y - 0.5) * study.heightMillimetres) * scale)
        .toPoint();
}

/// A drag of the left button over places of the subject.
inline void dragged(app::MainWindow& window, const QList<QPointF>& places) {
    app::PicturePair& pictures = window.pictures();
    const auto at = [&](const QPointF& place) { return placeIn(window, place.x(), place.y()); };
    QTest::mousePress(&pictures, Qt::LeftButton, {}, at(places.first()));
    for (qsizetype i = 1; i < places.size(); ++i)
        for (const double part : {0.5, 1.0})
            QTest::mouseMove(&pictures, at(places[i - 1] + (places[i] - places[i - 1]) * part));
    QTest::mouseRelease(&pictures, Qt::LeftButton, {}, at(places.last()));
}

inline void clicked(app::MainWindow& window, double x, double y) {
    QTest::mouseClick(&window.pictures(), Qt::LeftButton, {}, placeIn(window, x, y));
}

/// The button that says this, if one can be seen.
inline QAbstractButton* buttonOf(QWidget& window, const QString& text) {
    for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
        if (button->text() == text && button->isVisible()) return button;
    return nullptr;
}

/// Clicks on it.
inline void pressed(QWidget& window, const QString& text) {
    QAbstractButton* button = buttonOf(window, text);
    QVERIFY2(button && button->isEnabled(), qPrintable(text));
    // A tick is taken at its left end.
    QTest::mouseClick(button, Qt::LeftButton, {}, QPoint(8, button->height() / 2));
}

/// Looks at every leaf of every station. The leaves of an instrument are those of its buttons that exclude each other.
template <typename Look>
void atEveryLeaf(app::MainWindow& window, Look look) {
    constexpr int stations = 9, drawn = 30;  // milliseconds
    for (int station = 0; station < stations; ++station) {
        window.goTo(station);
        QTest::qWait(drawn);
        QList<QAbstractButton*> leaves;
        for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
            if (button->autoExclusive() && button->isCheckable() && button->isVisible()) leaves << button;
        if (leaves.isEmpty()) look();
        for (QAbstractButton* leaf : leaves) {
            leaf->click();
            QTest::qWait(drawn);
            look();
        }
    }
}
