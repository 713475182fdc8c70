#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

namespace app {

/// Says one thing over the whole window, large, until a key or a knuckle takes it away: that something is dry, or that
/// it is time to step back, with small pictures to look at.
class WholeScreen : public QWidget {
    Q_OBJECT

 public:
    struct Picture {
        QImage image;
        QString caption;
    };
    explicit WholeScreen(QWidget* window);
    void tell(const QString& head, const QString& words, std::vector<Picture> pictures = {});
    const QString& head() const { return head_; }

 Q_SIGNALS:
    void taken();

 protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    bool event(QEvent* event) override;

 private:
    void takeAway();

    QString head_, words_;
    std::vector<Picture> pictures_;
};

}  // namespace app
