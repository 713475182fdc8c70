#pragma once

#include <QStringList>
#include <QWidget>

#include "app/widgets/drawn_parts.h"

namespace app {

/// The rail of the stations in the order of the work, with what was decided at each.
class Route : public QWidget, public HasParts {
    Q_OBJECT

 public:
    enum class Mark { open, decided, attention };

    explicit Route(QWidget* parent = nullptr);

    void setTitle(const QString& title, const QString& summary);
    void setStations(const QStringList& names);
    void setDecided(int station, const QString& words, Mark mark);
    void setCurrent(int station);
    int current() const { return current_; }

    QSize sizeHint() const override { return {176, 400}; }

    std::vector<DrawnPart> drawnParts() const override;
    void choosePart(int part) override;

 Q_SIGNALS:
    void chosen(int station);

 protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

 private:
    struct Stop {
        QString name, decided;
        Mark mark = Mark::open;
    };
    QRectF boxOf(int station) const;

    QString title_, summary_;
    QList<Stop> stops_;
    int current_ = 0;
};

}  // namespace app
