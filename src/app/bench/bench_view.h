#pragma once

#include <QWidget>
#include <memory>

#include "app/bench/easel.h"

namespace app {

/// The step in hand, to be read from two metres: the stick in its true colour, its name and where it lies, where and
/// how it is laid, for how long, what to watch and what comes next. All sizes follow from the room that it has.
class BenchView : public QWidget {
    Q_OBJECT

 public:
    explicit BenchView(Easel& easel, Session& session);

    /// Where a stick lies, by its id: "box 2, slot 14"; empty where nobody has said.
    std::function<QString(const std::string& id)> placeOf = [](const std::string&) { return QString(); };

    QSize minimumSizeHint() const override { return {480, 140}; }

 protected:
    void paintEvent(QPaintEvent*) override;

 private:
    void paintStep(QPainter& painter, const planning::Plan& plan, const planning::Step& step, const QRectF& room);
    void paintTimes(QPainter& painter, const planning::Plan& plan, const planning::Step* step, const QRectF& room);
    /// What dries, and for how long yet.
    QStringList waitsOf(const planning::Plan& plan) const;
    void paintNext(QPainter& painter, const planning::Plan& plan, const QRectF& room);
    void paintWord(QPainter& painter, const QString& head, const QString& words);
    /// Draws words as large as fit, up to `pixels`; gives the height that they took.
    double fitted(QPainter& painter, const QRectF& room, const QString& words, double pixels, bool isBold,
                  int lines) const;

    Easel& easel_;
    Session& session_;
};

}  // namespace app
