#include "app/log/pace_leaf.h"

#include <QBoxLayout>
#include <QCoreApplication>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <cmath>

#include "app/widgets/flow_row.h"
#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

/// Rows of what was learnt, in a column each for manners, media and sizes; a mark on a line between half as long and
/// twice as long as usual.
class PaceLeaf::Table : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::PaceLeaf)

 public:
    struct Row {
        QString name;
        planning::PaceTally tally;
        double factor = 1;
    };
    using Column = std::pair<QString, std::vector<Row>>;

    Table() { setMinimumHeight(5 * rowHeight); }

    void show(std::vector<Column> columns) {
        columns_ = std::move(columns);
        QStringList words;
        for (const auto& [title, rows] : columns_)
            for (const Row& row : rows)
                words << (row.tally.areFew() ? tr("%1, few yet: %2") : tr("%1: %2")).arg(row.name, wordsOf(row));
        setAccessibleName(tr("Pace"));
        setAccessibleDescription(words.join(QStringLiteral("; ")));
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        const double wide = (width() + 2.0 * measure::inset) / double(std::max<std::size_t>(1, columns_.size()));
        for (std::size_t c = 0; c < columns_.size(); ++c) {
            QRectF room(wide * double(c), 0, wide - 2 * measure::inset, rowHeight / 2.0);
            painter.setPen(theme().quiet);
            painter.setFont(drawing::font(drawing::TypeSize::small));
            painter.drawText(room, Qt::AlignLeft | Qt::AlignVCenter, columns_[c].first);
            room.translate(0, rowHeight / 2.0);
            room.setHeight(rowHeight);
            for (const Row& row : columns_[c].second) {
                paintRow(painter, room, row);
                room.translate(0, rowHeight);
            }
        }
    }

 private:
    static constexpr int rowHeight = 40;

    static QString wordsOf(const Row& row) {
        return tr("%1, %2 of %3")
            .arg(wording::stepCount(row.tally.steps), wording::duration(row.tally.minutes),
                 wording::duration(row.tally.plannedMinutes));
    }

    static void paintRow(QPainter& painter, const QRectF& room, const Row& row) {
        constexpr double scaleWidth = 88;
        const QRectF words = room.adjusted(0, 2, -scaleWidth - measure::inset, -2);
        painter.setPen(theme().ink);
        painter.setFont(drawing::font(drawing::TypeSize::text));
        painter.drawText(words, Qt::AlignLeft | Qt::AlignTop, row.name);
        painter.setPen(theme().quiet);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.drawText(words, Qt::AlignLeft | Qt::AlignBottom, wordsOf(row));
        const QRectF scale(room.right() - scaleWidth, room.center().y() + 6, scaleWidth, 0);
        painter.setPen(QPen(theme().line, 1));
        painter.drawLine(scale.topLeft(), scale.topRight());
        painter.drawLine(QPointF(scale.center().x(), scale.y() - 4), QPointF(scale.center().x(), scale.y() + 4));
        const double at = std::clamp(std::log2(row.factor), -1.0, 1.0);
        painter.setPen(QPen(theme().ink, 1.4));
        // What rests on few steps is drawn hollow.
        painter.setBrush(row.tally.areFew() ? QBrush(Qt::NoBrush) : QBrush(theme().ink));
        painter.drawEllipse(QPointF(scale.center().x() + at * scaleWidth / 2, scale.y()), 4, 4);
        painter.setPen(theme().ink);
        painter.drawText(QRectF(scale.left(), room.top() + 2, scaleWidth, 18), Qt::AlignRight | Qt::AlignTop,
                         tr("%1 × usual").arg(wording::decimal(row.factor, 2)));
    }

    std::vector<Column> columns_;
};

PaceLeaf::PaceLeaf(Session& session) : session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    head_ = new QLabel;
    head_->setWordWrap(true);
    column->addWidget(head_);
    table_ = new Table;
    column->addWidget(table_, 1);
    auto* row = new FlowRow;
    take_ = new QPushButton(tr("Plan this sheet by it"));
    take_->setToolTip(tr("The minutes of what is left are told by the pace that was learnt."));
    setBack_ = new QPushButton(tr("Set the pace back"));
    setBack_->setToolTip(tr("What was learnt is let go, and later plans go by the usual pace again. The logs stay."));
    row->addWidget(take_);
    row->addWidget(setBack_);
    column->addLayout(row);
    connect(take_, &QPushButton::clicked, this, [this] {
        session_.choose(tr("Pace"), [this](planning::Study& study) { study.pace = learnt_.pace; });
        show(std::move(learnt_));
    });
    connect(setBack_, &QPushButton::clicked, this, [this] {
        setOwnPaceBack();
        refresh();
    });
}

void PaceLeaf::refresh() {
    if (isVisible())
        reader_.run([](const common::Progress&) { return ownPace(); },
                    [this](planning::LearntPace learnt) { show(std::move(learnt)); });
}

void PaceLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void PaceLeaf::show(planning::LearntPace learnt) {
    learnt_ = std::move(learnt);
    const auto rows = [](const auto& parts, auto key, const auto& tallies, auto word) {
        std::vector<Table::Row> all;
        for (const auto& part : parts) all.push_back({word(part.*key), tallies[std::size_t(part.*key)], part.factor});
        return all;
    };
    table_->show(
        {{tr("By manner: time taken of planned"),
          rows(learnt_.pace.manners, &planning::MannerPace::manner, learnt_.manners, &wording::mannerWord)},
         {tr("By medium"), rows(learnt_.pace.media, &planning::MediumPace::medium, learnt_.media, &wording::kindWord)},
         {tr("By size"), rows(learnt_.pace.sizes, &planning::SizePace::size, learnt_.sizes, &wording::placeSizeWord)}});
    table_->setVisible(learnt_.all.steps > 0);
    head_->setText(
        learnt_.all.steps == 0
            ? tr("Nothing has been learnt yet: plans go by the usual pace. Each step that you lay at the Bench tells "
                 "how long you take.")
            : tr("You take %1 times as long as usual: from %2, %3 at the easel where %4 were planned.%5")
                  .arg(wording::decimal(learnt_.pace.all, 2))
                  .arg(wording::stepCount(learnt_.all.steps), wording::duration(learnt_.all.minutes),
                       wording::duration(learnt_.all.plannedMinutes),
                       learnt_.all.areFew() ? tr(" That is few: much of it is the usual pace still.") : QString()));
    take_->setEnabled(session_.study().reference && session_.study().pace != learnt_.pace);
    setBack_->setEnabled(learnt_.all.steps > 0);
    Q_EMIT looksDifferent();
}

MarginText PaceLeaf::margin() const {
    MarginText text;
    text.head = tr("Your pace");
    text.paragraphs << tr(
        "Learnt from all your logs, it sets the minutes of every sheet that you begin. A sheet that is begun keeps the "
        "pace that it was planned with, until you say otherwise.");
    text.paragraphs
        << (session_.study().pace.isUsual()
                ? tr("This sheet goes by the usual pace.")
                : tr("This sheet goes by %1 times the usual pace, and what was learnt of manners, media and "
                     "sizes.")
                      .arg(wording::decimal(session_.study().pace.all, 2)));
    text.why << tr(
        "Each line multiplies the others: a pencil, hatched, in a small place. A hollow mark rests on few steps. A "
        "step that took very much longer or "
        "shorter than all others (a key forgotten) does not count.");
    return text;
}

}  // namespace app
