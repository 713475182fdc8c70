#include "app/materials/kept_fields.h"

#include <QComboBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>

#include "app/widgets/fields.h"
#include "wording/sentences.h"

namespace app {

using materials::Owned;

KeptFields::KeptFields(QWidget* parent) : QWidget(parent) {
    auto* form = new QFormLayout(this);
    form->setContentsMargins(16, 4, 16, 0);
    stock_ = new QComboBox;
    stock_->setToolTip(tr("How much of it is left; what is used up is not planned with."));
    for (int i = 0; i < 4; ++i) stock_->addItem(wording::stockWord(materials::Stock(i)));
    box_ = new QLineEdit;
    box_->setToolTip(tr("The box that it lies in."));
    slot_ = wholeNumber(0, 9999);
    slot_->setToolTip(tr("Which place in the box is its own."));
    slot_->setSpecialValueText(tr("none"));
    notes_ = new QLineEdit;
    notes_->setToolTip(tr("What you noticed about it."));
    const std::pair<QString, QWidget*> rows[] = {
        {tr("Left"), stock_}, {tr("Box"), box_}, {tr("Slot"), slot_}, {tr("Notes"), notes_}};
    for (const auto& [label, field] : rows) {
        form->addRow(label, field);
        field->setAccessibleName(label);
    }
    // As wide as the label that the window sets below these.
    form->labelForField(stock_)->setMinimumWidth(fontMetrics().horizontalAdvance(tr("Tried on")));
    auto* strip = new QWidget;
    photographs_ = new QHBoxLayout(strip);
    photographs_->setContentsMargins(0, 0, 0, 0);
    photographs_->setSpacing(4);
    attach_ = new QPushButton;
    attach_->setToolTip(tr("Keeps a photograph of it, as of its label."));
    connect(attach_, &QPushButton::clicked, this, &KeptFields::attachWanted);
    photographs_->addWidget(attach_);
    photographs_->addStretch(1);
    showPhotographs({});
    form->addRow(tr("Photos"), strip);
    connect(stock_, &QComboBox::activated, this, [this](int stock) {
        Q_EMIT edited(tr("What is left"), [stock](Owned& owned) {
            owned.stock = static_cast<materials::Stock>(stock);
            owned.lost = 0;
        });
    });
    connect(slot_, &QSpinBox::valueChanged, this,
            [this](int slot) { Q_EMIT edited(tr("Slot"), [slot](Owned& owned) { owned.slot = slot; }); });
    const auto line = [this](QLineEdit* field, const QString& what, std::string Owned::*member) {
        connect(field, &QLineEdit::editingFinished, this, [this, field, what, member] {
            if (!field->isModified()) return;
            field->setModified(false);
            const std::string words = field->text().trimmed().toStdString();
            Q_EMIT edited(what, [words, member](Owned& owned) { owned.*member = words; });
        });
    };
    line(box_, tr("Box"), &Owned::box);
    line(notes_, tr("Notes"), &Owned::notes);
}

void KeptFields::show(const std::vector<Owned>& things) {
    const Owned shown = things.empty() ? Owned{} : things.front();
    stock_->setCurrentIndex(int(shown.stock));
    box_->setText(QString::fromStdString(shown.box));
    showValue(slot_, shown.slot);
    notes_->setText(QString::fromStdString(shown.notes));
    attach_->setEnabled(things.size() == 1);
    showPhotographs({});
}

void KeptFields::showPhotographs(const QList<std::pair<QString, QImage>>& photographs) {
    while (photographs_->indexOf(attach_) > 0) {
        QLayoutItem* item = photographs_->takeAt(0);
        item->widget()->deleteLater();
        delete item;
    }
    for (qsizetype i = 0; i < photographs.size(); ++i) {
        auto* button = new QPushButton;
        button->setIcon(QPixmap::fromImage(photographs[i].second));
        button->setIconSize({36, 26});
        button->setAccessibleName(tr("Photograph"));
        connect(button, &QPushButton::clicked, this,
                [this, key = photographs[i].first] { Q_EMIT photographOpened(key); });
        photographs_->insertWidget(int(i), button);
    }
    attach_->setText(photographs.isEmpty() ? tr("Attach a photograph…") : tr("Attach…"));
}

}  // namespace app
