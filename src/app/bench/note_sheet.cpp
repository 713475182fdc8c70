#include "app/bench/note_sheet.h"

#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>

#include "planning/study.h"
#include "wording/easel.h"

namespace app {

NoteSheet::NoteSheet(QWidget* parent, const QString& about) : Sheet(parent, tr("Note"), about) {
    auto* grid = new QGridLayout;
    const QStringList remarks = wording::usualRemarks();
    constexpr int across = 4, tall = 48;
    for (int i = 0; i < remarks.size(); ++i) {
        auto* button = new QPushButton(remarks[i]);
        button->setMinimumHeight(tall);
        button->setAutoDefault(false);
        connect(button, &QPushButton::clicked, this, [this, words = remarks[i]] { tell(words); });
        grid->addWidget(button, i / across, i % across);
    }
    body_->addLayout(grid);
    words_ = new QLineEdit;
    words_->setAccessibleName(tr("In your own words"));
    words_->setPlaceholderText(tr("In your own words"));
    words_->setMaxLength(int(planning::mostLetters));
    body_->addWidget(words_);
    connect(addButton(tr("Keep the note")), &QPushButton::clicked, this, [this] { tell(words_->text()); });
    connect(addButton(tr("No note")), &QPushButton::clicked, this, &QDialog::reject);
    words_->setFocus();
}

void NoteSheet::tell(const QString& words) {
    if (words.trimmed().isEmpty()) return setProblem(tr("Choose a word, or write what you want to remember."));
    Q_EMIT said(words);
    accept();
}

}  // namespace app
