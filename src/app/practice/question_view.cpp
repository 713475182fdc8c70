#include "app/practice/question_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/practice/well_words.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "wording/practising.h"

namespace app {

using practice::Exercise;

QuestionView::QuestionView() {
    setAccessibleName(tr("The question"));
    setMinimumSize(420, 300);
}

void QuestionView::ask(const practice::Question& question) {
    question_ = question;
    isTruthTold_ = false;
    setAccessibleDescription(wording::questionSentence(question));
    update();
}

void QuestionView::tellTruth() {
    isTruthTold_ = true;
    if (question_) setAccessibleDescription(wording::truthSentence(*question_));
    update();
}

void QuestionView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.fillRect(rect(), theme().well);
    if (!question_) return;
    if (!question_->pictures.empty())
        paintPictures(painter);
    else if (question_->lines.empty())
        paintSwatches(painter);
    else
        paintLines(painter);
}

void QuestionView::paintSwatches(QPainter& painter) const {
    const practice::Question& question = *question_;
    const QRectF room = QRectF(rect()).adjusted(measure::edge, measure::edge, -measure::edge, -measure::edge);
    if (question.given.empty()) return paintRow(painter, room, question.shown, true);
    const double upper = room.height() * 0.45;
    paintRow(painter, QRectF(room.left(), room.top(), room.width(), upper), question.given, false);
    paintRow(painter, QRectF(room.left(), room.top() + upper, room.width(), room.height() - upper), question.shown,
             true);
}

void QuestionView::paintRow(QPainter& painter, const QRectF& room, const std::vector<colour::Lab>& colours,
                            bool isShown) const {
    const practice::Question& question = *question_;
    const int count = int(colours.size());
    const bool isOnGrounds = isShown && !question.grounds.empty();
    const double line = painter.fontMetrics().height() + measure::edge;
    const double each = room.width() / count, gap = isOnGrounds ? 0.55 * each : 2 * measure::edge;
    const double side = std::min({each - gap, room.height() - 3 * line, 220.0});
    // What is compared stands close together, unless its grounds part it.
    const double apart = isOnGrounds ? each : side + 2 * measure::edge;
    const double left = room.center().x() - apart * (count - 1) / 2;
    const QStringList captions = isTruthTold_ && isShown ? wording::truthCaptions(question) : QStringList();
    const bool isOrder = question.exercise == Exercise::order;
    for (int i = 0; i < count; ++i) {
        const QPointF middle(left + apart * i, room.center().y() - line / 2);
        if (isOnGrounds)
            painter.fillRect(QRectF(room.left() + each * i, room.top(), each, room.height()),
                             drawing::colourOf(question.grounds[std::size_t(i)]));
        QRectF swatch(0, 0, side, side);
        swatch.moveCenter(middle);
        painter.fillRect(swatch, drawing::colourOf(colours[std::size_t(i)]));
        if (!isShown) {
            if (count > 1)
                writeOnWell(painter, {middle.x(), swatch.bottom() + line / 2}, i == 0 ? tr("first") : tr("over it"),
                            drawing::TypeSize::text);
            continue;
        }
        const bool isTrue = isOrder ? i == question.right || i == question.right + 1 : i == question.right;
        if (isTruthTold_ && isTrue) drawing::paintSelection(painter, swatch.adjusted(-2, -2, 2, 2));
        if (i < int(captions.size()))
            writeOnWell(painter, {middle.x(), swatch.bottom() + 1.5 * line}, captions[i], drawing::TypeSize::head);
        const double numberAt = isOrder ? middle.x() + apart / 2 : middle.x();
        if (!isOrder || i + 1 < count)
            writeOnWell(painter, {numberAt, swatch.bottom() + line / 2}, QString::number(i + 1),
                        drawing::TypeSize::text);
    }
}

void QuestionView::paintPictures(QPainter& painter) const {
    const practice::Question& question = *question_;
    const QRectF room = QRectF(rect()).adjusted(measure::edge, measure::edge, -measure::edge, -measure::edge);
    const double line = painter.fontMetrics().height() + measure::edge;
    const bool isOfSheets = question.pictures.size() > 1;
    const auto paint = [&](const cv::Mat& picture, const QRectF& where) {
        const double scale = std::min(where.width() / picture.cols, where.height() / picture.rows);
        QRectF place(0, 0, scale * picture.cols, scale * picture.rows);
        place.moveCenter(where.center());
        painter.drawImage(place, drawing::imageOf(picture));
        return place;
    };
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const double high = isOfSheets ? (room.height() - line) / 2 : room.height();
    const QRectF subject = paint(question.pictures[0], QRectF(room.left(), room.top(), room.width(), high));
    for (int i = 0; isOfSheets && i < 2; ++i) {
        const QRectF half(room.left() + i * room.width() / 2, room.top() + high + measure::grid,
                          room.width() / 2 - measure::grid, high - measure::grid);
        const QRectF sheet = paint(question.pictures[std::size_t(i) + 1], half);
        if (isTruthTold_ && i == question.right) drawing::paintSelection(painter, sheet.adjusted(-2, -2, 2, 2));
        writeOnWell(painter, {sheet.center().x(), sheet.bottom() + line / 2}, QString::number(i + 1),
                    drawing::TypeSize::text);
    }
    for (int i = 0; i < int(question.places.size()); ++i) {
        const cv::Point2d& place = question.places[std::size_t(i)];
        const QPointF at = subject.topLeft() + QPointF(place.x * subject.width(), place.y * subject.height());
        writeOnWell(painter, at, QString::number(i + 1), drawing::TypeSize::head);
        if (isTruthTold_ && i == question.right)
            drawing::paintSelection(painter, QRectF(at - QPointF(22, 22), QSizeF(44, 44)));
    }
}

void QuestionView::paintLines(QPainter& painter) const {
    const double side = std::min(width(), height()) - 2.0 * measure::edge;
    QRectF square(0, 0, side, side);
    square.moveCenter(QRectF(rect()).center());
    painter.fillRect(square, QColor(200, 200, 200));
    const auto at = [&](double x, double y) { return square.topLeft() + QPointF(x, y) * side; };
    for (const practice::Line& line : question_->lines) {
        painter.setPen(QPen(Qt::black, line.isUnit ? 4 : 2, Qt::SolidLine, Qt::FlatCap));
        painter.drawLine(at(line.x1, line.y1), at(line.x2, line.y2));
    }
    if (isTruthTold_) paintMeasured(painter, square);
}

void QuestionView::paintMeasured(QPainter& painter, const QRectF& square) const {
    const practice::Question& question = *question_;
    const double side = square.width();
    const auto at = [&](double x, double y) { return square.topLeft() + QPointF(x, y) * side; };
    const practice::Line& first = question.lines[0];
    constexpr double mark = 0.05;
    painter.setPen(QPen(Qt::black, 1, Qt::DashLine));
    switch (question.exercise) {
        case Exercise::plumb:
            painter.drawLine(at(0.5, first.y1), at(0.5, first.y2));
            break;
        case Exercise::centre: {
            const double x = (first.x1 + first.x2) / 2, y = (first.y1 + first.y2) / 2;
            const bool isAcross = std::fabs(first.x2 - first.x1) > std::fabs(first.y2 - first.y1);
            painter.drawLine(isAcross ? at(x, y - 2 * mark) : at(x - 2 * mark, y),
                             isAcross ? at(x, y + 2 * mark) : at(x + 2 * mark, y));
            break;
        }
        case Exercise::length: {
            const practice::Line& unit = question.lines[1];
            const double length = std::hypot(unit.x2 - unit.x1, unit.y2 - unit.y1);
            for (int i = 0; i <= question.units; ++i)
                painter.drawLine(at(first.x1 + i * length, first.y1 - mark),
                                 at(first.x1 + i * length, first.y1 + mark));
            break;
        }
        case Exercise::angle: {
            const QStringList captions = wording::truthCaptions(question);
            for (int i = 0; i < 2; ++i)
                writeOnWell(painter, at(i == 0 ? 0.25 : 0.75, 0.85), captions[i], drawing::TypeSize::head);
            return;
        }
        default:
            break;
    }
    writeOnWell(painter, at(0.5, 0.95), wording::apartWords(question.exercise, question.apart),
                drawing::TypeSize::head);
}

}  // namespace app
