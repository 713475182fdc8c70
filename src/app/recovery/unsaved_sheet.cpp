#include "app/recovery/unsaved_sheet.h"

#include <QLocale>
#include <QPushButton>

#include "app/widgets/measure.h"
#include "wording/sentences.h"

namespace app {

UnsavedSheet::UnsavedSheet(std::vector<UnsavedWork> works, QWidget* parent)
    : Sheet(
          parent, tr("Work that was not saved"),
          tr("The program ended before these choices were saved. What you leave is offered again at the next start.")),
      undecided_(int(works.size())) {
    for (const UnsavedWork& work : works) body_->addWidget(rowOf(work));
    connect(addButton(tr("Leave it")), &QPushButton::clicked, this, &QDialog::reject);
}

QWidget* UnsavedSheet::rowOf(const UnsavedWork& work) {
    auto* row = new QWidget;
    auto* across = new QHBoxLayout(row);
    across->setContentsMargins(0, measure::grid, 0, measure::grid);
    across->setSpacing(2 * measure::grid);
    auto* look = new QLabel;
    look->setFixedWidth(160);
    auto* words = new QLabel;
    words->setWordWrap(true);
    words->setTextFormat(Qt::PlainText);
    words->setMinimumWidth(260);
    if (work.head) {
        QPixmap picture;
        picture.loadFromData(work.head->thumbnailPng);
        look->setPixmap(picture.scaled(160, 120, Qt::KeepAspectRatio, Qt::SmoothTransformation));
        look->setAccessibleName(tr("The sheet of %1").arg(work.head->title));
        words->setText(tr("%1\nChoices: %2, last written %3")
                           .arg(work.head->title.isEmpty() ? tr("A study without a title") : work.head->title,
                                QString::number(work.head->choices),
                                QLocale().toString(work.head->written.toLocalTime(), QLocale::ShortFormat)));
    } else {
        words->setText(wording::problemSentence(work.head.problem()));
    }
    across->addWidget(look);
    across->addWidget(words, 1);
    const auto decided = [this, row] {
        row->hide();
        if (--undecided_ == 0) accept();
    };
    if (work.head) {
        auto* take = new QPushButton(tr("Take it up"));
        connect(take, &QPushButton::clicked, this, [this, work] {
            Q_EMIT takeUpWanted(work);
            accept();
        });
        across->addWidget(take);
    }
    auto* away = new QPushButton(tr("Throw it away"));
    connect(away, &QPushButton::clicked, this, [work, decided] {
        JournalKeeper::throwAway(work);
        decided();
    });
    across->addWidget(away);
    return row;
}

}  // namespace app
