#pragma once

#include <QAbstractButton>
#include <QImage>
#include <QWidget>

#include "app/background.h"

class QLabel;

namespace app {

/// A study by its picture, title and one line; opens it.
class StudyButton : public QAbstractButton {
    Q_OBJECT

 public:
    StudyButton(const QString& title, const QString& line);
    void setLook(const QImage& look);
    QSize sizeHint() const override;

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    QString line_;
    QImage look_;
};

/// What stands in the window while nothing is open: what the program does in one picture, a place for one's own
/// picture, the studies that ship, and those that were open last.
class Beginning : public QWidget {
    Q_OBJECT

 public:
    /// The pictures of the studies are read in the background.
    Beginning();
    /// A sentence over the buttons; empty for none.
    void setProblem(const QString& sentence);
    bool isBusy() const { return reader_.isBusy(); }

 Q_SIGNALS:
    void pictureWanted();
    void studyWanted();
    void demoWanted(const QString& name);
    void fileWanted(const QString& file);

 private:
    class Way;
    QWidget* makeOwn();
    void readLooks();

    QLabel* problem_;
    std::vector<std::pair<QString, StudyButton*>> waiting_;  // a picture, or a .dune whose sheet is to be shown
    Background reader_{this};
};

}  // namespace app
