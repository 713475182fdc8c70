#pragma once

#include "window_hand.h"

/// What is seen of a subject that is read in the real main window, and the way there.

inline QString told(app::MainWindow& window) {
    const app::MarginText text = window.margin().text();
    return (text.paragraphs + text.why).join(QLatin1Char(' '));
}
inline int label(app::MainWindow& window, double x, double y) {
    return subject::labelAt(window.session().reading()->areas.map, x, y);
}
inline std::size_t areaCount(app::MainWindow& window) {
    return window.session().reading()->areas.list.size();
}

/// The studies that a test goes through: undone to the first, done again to the last.
struct Went {
    app::MainWindow& window;
    QList<planning::Study> studies{window.session().study()};

    void on() {
        QVERIFY(planned(window));
        QVERIFY2(!(window.session().study() == studies.last()), "nothing was chosen");
        studies << window.session().study();
    }
    void backAndForth() {
        window.setFocus();
        for (qsizetype i = studies.size() - 2; i >= 0; --i) {
            QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier);
            QVERIFY2(window.session().study() == studies[i], qPrintable(QString::number(i)));
        }
        for (qsizetype i = 1; i < studies.size(); ++i) {
            QTest::keyClick(&window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
            QVERIFY2(window.session().study() == studies[i], qPrintable(QString::number(i)));
        }
    }
};
