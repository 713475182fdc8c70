#include "app/bench/other_stick_sheet.h"

#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <algorithm>

#include "colour/difference.h"
#include "drawing/shapes.h"
#include "matching/tray.h"
#include "wording/sentences.h"

namespace app {

namespace {

QIcon iconOf(const materials::Material& stick, const QSize& size) {
    QPixmap pixmap(size);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    painter.setRenderHint(QPainter::Antialiasing);
    drawing::paintMaterial(painter, QRectF(QPointF(), QSizeF(size)).adjusted(2, 4, -2, -4), stick.kind,
                           drawing::colourOf(stick.masstone));
    return QIcon(pixmap);
}

}  // namespace

OtherStickSheet::OtherStickSheet(QWidget* parent, const planning::Plan& plan, const planning::Step& step,
                                 const std::vector<materials::Material>& media,
                                 const std::function<QString(const std::string& id)>& placeOf)
    : Sheet(parent, tr("Another stick was taken"),
            tr("The plan has %1. What you lay instead is laid by the film as it is, and what is left is planned anew "
               "over it.")
                .arg(wording::inHandWords(plan, step))) {
    constexpr int most = 40;
    const QSize iconSize(88, 40);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Sticks at hand, the nearest first"));
    list_->setIconSize(iconSize);
    list_->setMinimumSize(560, 320);
    list_->setSelectionMode(QAbstractItemView::SingleSelection);
    const materials::Material& planned = plan.sticks[std::size_t(step.stick)];
    const colour::Lab wanted = plan.prepared[std::size_t(step.stick)].masstone;
    std::vector<materials::Material> open;
    for (const materials::Material& it : media)
        if (it.id != planned.id && materials::isWet(it.kind) == materials::isWet(planned.kind)) open.push_back(it);
    const auto prepared = matching::prepared(open, plan.light);
    std::vector<int> order(open.size());
    for (std::size_t i = 0; i < order.size(); ++i) order[i] = int(i);
    const auto apart = [&](int i) { return colour::differenceCie2000(wanted, prepared[std::size_t(i)].masstone); };
    std::ranges::stable_sort(order, {}, apart);
    for (const int i : order) {
        if (int(nearest_.size()) == most) break;
        const materials::Material& stick = open[std::size_t(i)];
        QStringList words{QString::fromStdString(stick.name), wording::kindWord(stick.kind)};
        if (const QString place = placeOf(stick.id); !place.isEmpty()) words << place;
        auto* item = new QListWidgetItem(iconOf(stick, iconSize),
                                         tr("%1\n%2 (%3)")
                                             .arg(words.join(QStringLiteral(", ")),
                                                  wording::differenceWords(wanted, prepared[std::size_t(i)].masstone),
                                                  wording::differenceFigure(apart(i))));
        item->setSizeHint({0, 52});
        list_->addItem(item);
        nearest_.push_back(stick);
    }
    body_->addWidget(list_);
    list_->setCurrentRow(0);
    connect(list_, &QListWidget::itemActivated, this, &OtherStickSheet::take);
    auto* takeIt = addButton(tr("This one was taken"));
    connect(takeIt, &QPushButton::clicked, this, &OtherStickSheet::take);
    connect(addButton(tr("As planned")), &QPushButton::clicked, this, &QDialog::reject);
    takeIt->setEnabled(!nearest_.empty());
    if (nearest_.empty()) setProblem(tr("There is no other stick at hand: put some into the drawer."));
    list_->setFocus();
}

void OtherStickSheet::take() {
    const int row = list_->currentRow();
    if (row < 0 || row >= int(nearest_.size())) return;
    Q_EMIT taken(nearest_[std::size_t(row)]);
    accept();
}

}  // namespace app
