#pragma once

#include <QDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

class QProgressBar;
class QScrollArea;

namespace app {

/// A sheet of paper over a window: what it is about, its body, a sentence when something is wrong, and its buttons.
class Sheet : public QDialog {
    Q_OBJECT

 public:
    Sheet(QWidget* parent, const QString& title, const QString& explanation);
    /// The sentence that is shown, empty for none.
    QString problem() const { return problem_->text(); }

 protected:
    void setProblem(const QString& sentence);
    void explain(const QString& explanation);
    /// For work whose length is not known; hidden when it is done.
    QProgressBar* addWaiting(const QString& name);
    /// What may be higher than the sheet, in what scrolls up and down.
    static QScrollArea* scrolledDown(QWidget* inside);
    /// Buttons stand from left to right as they are added; the first is what Return does.
    QPushButton* addButton(const QString& text);

    QVBoxLayout* body_;

 private:
    QLabel* explanation_;
    QLabel* problem_;
    QHBoxLayout* buttons_;
};

}  // namespace app
