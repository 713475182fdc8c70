#pragma once

#include <QAbstractButton>

namespace app {

/// An answer to a question of the approach: a filled mark where it is taken, and under it what it would change.
class AnswerButton : public QAbstractButton {
    Q_OBJECT

 public:
    AnswerButton(const QString& words, const QString& question);
    /// What it would change; empty while that is not known.
    void setFigures(const QString& figures);
    QString figures() const { return figures_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

 Q_SIGNALS:
    /// The pointer or the keyboard has come to it.
    void lookedAt();

 protected:
    void paintEvent(QPaintEvent*) override;
    void enterEvent(QEnterEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

 private:
    QString figures_;
};

}  // namespace app
