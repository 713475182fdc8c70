#include "app/log/stock_leaf.h"

#include <QBoxLayout>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/lifecycle/entry_now.h"
#include "app/widgets/measure.h"
#include "drawing/shapes.h"
#include "materials/stock.h"
#include "wording/counts.h"
#include "wording/decimal.h"
#include "wording/easel.h"
#include "wording/sentences.h"

namespace app {

namespace {

constexpr QSize shapeSize(72, 26);

QIcon shapeOf(const materials::Material& stick, double factor) {
    QPixmap picture(shapeSize * factor);
    picture.setDevicePixelRatio(factor);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    drawing::paintMaterial(painter, QRectF(1, 3, shapeSize.width() - 2, shapeSize.height() - 6), stick.kind,
                           drawing::colourOf(stick.masstone));
    return picture;
}

}  // namespace

StockLeaf::StockLeaf(Desk& desk) : desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("What the sticks have lost"));
    list_->setIconSize(shapeSize);
    list_->setWordWrap(true);
    column->addWidget(list_, 1);
    auto* row = new QHBoxLayout;
    take_ = new QPushButton(tr("Take it into the drawer"));
    take_->setToolTip(tr("What is left of your sticks is said in the drawer; there it can be undone."));
    row->addWidget(take_);
    row->addStretch(1);
    column->addLayout(row);
    connect(take_, &QPushButton::clicked, this, &StockLeaf::take);
    connect(&desk_.session(), &Session::recordChanged, this, &StockLeaf::refresh);
}

const materials::Owned* StockLeaf::ownedOf(const planning::ServedStick& served) const {
    OwnDrawer* drawer = desk_.drawer();
    return drawer ? drawer->thing(served.stick.id) : nullptr;
}

std::vector<planning::ServedStick> StockLeaf::served() const {
    const planning::Record& record = desk_.session().record();
    OwnDrawer* drawer = desk_.drawer();
    return planning::servedSticks(record, drawer ? drawer->stockTakenOf(record.id) : std::nullopt);
}

void StockLeaf::refresh() {
    if (!isVisible()) return;
    list_->clear();
    bool isAnyUntaken = false;
    for (const planning::ServedStick& served : served()) {
        const materials::Owned* own = ownedOf(served);
        const materials::Owned whole{served.stick};
        const auto left = materials::leftAfter(own ? *own : whole, own ? served.untaken : served.amount);
        if (!left) continue;  // paint: nobody knows what is left in a tube
        isAnyUntaken = isAnyUntaken || (own && served.untaken > 0);
        const double lost = served.amount / *materials::squareCentimetresIn(served.stick.kind);
        QString line = tr("%1: %2 laid in %3, probably %4 % of a whole one")
                           .arg(QString::fromStdString(served.stick.name), wording::squareCentimetres(served.amount),
                                wording::stepCount(int(served.steps.size())))
                           .arg(wording::decimal(100 * lost, lost < 0.1 ? 1 : 0));
        constexpr double soon = 0.4;
        if (!own)
            line += tr("; not in your drawer");
        else if (materials::stockOf(*left) == materials::Stock::stub)
            line += tr("; a stub");
        else if (*left < soon)
            line += tr("; a stub soon");
        else
            line += tr("; some %1 % left").arg(std::lround(100 * *left));
        list_->addItem(new QListWidgetItem(shapeOf(served.stick, devicePixelRatioF()), line));
    }
    if (list_->count() == 0) list_->addItem(tr("No stick has served yet."));
    take_->setEnabled(isAnyUntaken);
}

void StockLeaf::take() {
    OwnDrawer* drawer = desk_.drawer();
    if (!drawer) return;
    storage::DrawerChange change;
    for (const planning::ServedStick& served : served())
        if (const materials::Owned* own = ownedOf(served); own && served.untaken > 0) {
            change.put.push_back(*own);
            materials::use(change.put.back(), served.untaken);
        }
    if (change.put.empty()) return;
    // What is counted off and how far it was counted are one change on the disk: a second click finds nothing to take.
    const planning::Record& record = desk_.session().record();
    change.stockTaken = {{record.id, int(record.entries.size())}};
    if (!drawer->apply(tr("What was used"), std::move(change))) return;
    refresh();
    planning::Entry entry = entryNow();
    entry.kind = planning::EntryKind::stockTaken;
    desk_.file().record(std::move(entry));
}

void StockLeaf::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

MarginText StockLeaf::margin() const {
    MarginText text;
    text.head = tr("What the sticks have lost");
    text.paragraphs << tr(
        "Reckoned from the places that were laid and how hard: a guess, which your eye corrects in the drawer. A soft "
        "stick lays some 4000 square centimetres, of a pencil half goes in sharpening.");
    text.why << tr("A thick layer takes twice a full one, a light one less than half.");
    return text;
}

}  // namespace app
