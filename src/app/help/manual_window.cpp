#include "app/help/manual_window.h"

#include <QCloseEvent>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QShortcut>
#include <QTextBlock>
#include <QTextCursor>
#include <QTextTable>
#include <QVBoxLayout>

#include "app/preferences.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"

namespace app {

namespace {

/// A page; its pictures are made as broad as the text.
class PageView : public QTextBrowser {
 public:
    QVariant loadResource(int type, const QUrl& name) override {
        if (type != QTextDocument::ImageResource) return QTextBrowser::loadResource(type, name);
        QImage image(manualPictures() + QLatin1Char('/') + name.fileName());
        constexpr int broad = 640;
        if (image.isNull()) return {};
        const double dots = devicePixelRatio();
        image = image.scaledToWidth(int(broad * dots), Qt::SmoothTransformation);
        image.setDevicePixelRatio(dots);
        return image;
    }
};

/// Room between what is read, and the window's own type.
void setForReading(QTextDocument& page) {
    page.setDocumentMargin(2 * measure::grid);
    for (QTextBlock block = page.begin(); block.isValid(); block = block.next()) {
        QTextCursor cursor(block);
        QTextBlockFormat format = block.blockFormat();
        format.setTopMargin(block.blockFormat().headingLevel() > 1 ? measure::grid : 0);
        format.setBottomMargin(cursor.currentTable() ? 0 : measure::grid);
        cursor.setBlockFormat(format);
        for (auto it = block.begin(); !it.atEnd(); ++it) {
            const QTextFragment part = it.fragment();
            const bool isKey = part.charFormat().fontFixedPitch(), isHead = format.headingLevel() > 0;
            if (!isKey && !isHead) continue;
            cursor.setPosition(part.position());
            cursor.setPosition(part.position() + part.length(), QTextCursor::KeepAnchor);
            QTextCharFormat type = part.charFormat();
            type.setFont(drawing::font(isHead ? drawing::TypeSize::head : drawing::TypeSize::text, true),
                         QTextCharFormat::FontPropertiesSpecifiedOnly);
            type.setFontFixedPitch(false);
            type.clearProperty(QTextFormat::FontSizeAdjustment);
            cursor.setCharFormat(type);
        }
    }
}

}  // namespace

ManualWindow::ManualWindow(std::function<ManualPage()> keys) : keys_(std::move(keys)), pages_(manualPages()) {
    setWindowTitle(tr("Manual · Yawning Dune"));
    auto* whole = new QWidget;
    whole->setObjectName(QStringLiteral("panel"));
    auto* row = new QHBoxLayout(whole);
    auto* side = new QVBoxLayout;
    find_ = new QLineEdit;
    find_->setToolTip(tr("Lists the pages that have these words."));
    find_->setPlaceholderText(tr("Find in the manual"));
    find_->setAccessibleName(tr("Find in the manual"));
    side->addWidget(find_);
    list_ = new QListWidget;
    list_->setAccessibleName(tr("Pages of the manual"));
    for (QWidget* each : {static_cast<QWidget*>(find_), static_cast<QWidget*>(list_)})
        each->setFixedWidth(26 * measure::grid);
    side->addWidget(list_, 1);
    row->addLayout(side);
    text_ = new PageView;
    text_->setAccessibleName(tr("Page"));
    text_->setOpenLinks(false);
    row->addWidget(text_, 1);
    setCentralWidget(whole);
    pages_.push_back({QStringLiteral("keys"), tr("All keys"), {}});
    pages_.push_back(manualIndex(pages_));
    list();
    connect(find_, &QLineEdit::textChanged, this, &ManualWindow::list);
    connect(list_, &QListWidget::currentItemChanged, this, [this](QListWidgetItem* item) { showPage(item); });
    connect(text_, &QTextBrowser::anchorClicked, this,
            [this](const QUrl& link) { open(QFileInfo(link.path()).completeBaseName()); });
    new QShortcut(QKeySequence::Find, this, [this] { find_->setFocus(); });
    new QShortcut(QKeySequence::Close, this, [this] { close(); });
    new QShortcut(QKeySequence(Qt::Key_Escape), this, [this] { close(); });
    putInPlace(*this, QStringLiteral("manual"), {960, 720});
    list_->setFocus();
}

void ManualWindow::closeEvent(QCloseEvent* event) {
    keepPlace(*this, QStringLiteral("manual"));
    event->accept();
}

void ManualWindow::list() {
    const QString before = page(), sought = find_->text().trimmed();
    const QSignalBlocker quiet(list_);
    list_->clear();
    for (const ManualPage& page : pages_) {
        if (!sought.isEmpty() && !page.title.contains(sought, Qt::CaseInsensitive) &&
            !page.text.contains(sought, Qt::CaseInsensitive))
            continue;
        auto* item = new QListWidgetItem(page.title, list_);
        item->setData(Qt::UserRole, page.name);
        if (page.name == before) list_->setCurrentItem(item);
    }
    if (!list_->currentItem() && list_->count() > 0) list_->setCurrentRow(0);
    showPage(list_->currentItem());
}

QString ManualWindow::page() const {
    return list_->currentItem() ? list_->currentItem()->data(Qt::UserRole).toString() : QString();
}

void ManualWindow::open(const QString& page) {
    find_->clear();
    for (int i = 0; i < list_->count(); ++i)
        if (list_->item(i)->data(Qt::UserRole) == page) return list_->setCurrentRow(i);
    list_->setCurrentRow(0);
}

void ManualWindow::showPage(const QListWidgetItem* item) {
    if (!item) return text_->setMarkdown(tr("Nothing in the manual is like that."));
    for (const ManualPage& page : pages_)
        if (page.name == item->data(Qt::UserRole))
            text_->setMarkdown(page.name == QLatin1String("keys") ? keys_().text : page.text);
    setForReading(*text_->document());
    text_->moveCursor(QTextCursor::Start);
    if (const QString sought = find_->text().trimmed(); !sought.isEmpty()) text_->find(sought);
}

}  // namespace app
