#include "app/beginning/beginning.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/preferences.h"
#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "drawing/shapes.h"
#include "storage/document.h"
#include "storage/library_csv.h"

namespace app {

namespace {

constexpr QSize lookSize(96, 72);
constexpr int ownWidth = 380;

QString demoFile(const QString& name) {
    return QString::fromStdString((storage::dataFolder() / "demo" / name.toStdString()).string());
}

QLabel* headOf(const QString& words) {
    auto* label = new QLabel(words);
    label->setFont(drawing::font(drawing::TypeSize::text, true));
    return label;
}

}  // namespace

StudyButton::StudyButton(const QString& title, const QString& line) : line_(line) {
    setText(title);
    setAccessibleDescription(line);
    setCursor(Qt::PointingHandCursor);
    setAttribute(Qt::WA_Hover);
}

void StudyButton::setLook(const QImage& look) {
    look_ = look;
    update();
}

QSize StudyButton::sizeHint() const {
    return {ownWidth, lookSize.height() + measure::grid};
}

void StudyButton::paintEvent(QPaintEvent*) {
    const Theme& t = theme();
    QPainter painter(this);
    if (underMouse() || isDown()) painter.fillRect(rect(), t.raised);
    const QRect room(QPoint(measure::grid / 2, measure::grid / 2), lookSize);
    if (look_.isNull()) {
        painter.fillRect(room, t.well);
    } else {
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        const QSize size = look_.size().scaled(lookSize, Qt::KeepAspectRatio);
        painter.drawImage(QRect(room.center() - QPoint(size.width(), size.height()) / 2, size), look_);
    }
    const int x = room.right() + 2 * measure::grid, wide = width() - x - measure::grid;
    painter.setPen(t.ink);
    painter.setFont(drawing::font(drawing::TypeSize::text, true));
    const int high = painter.fontMetrics().height();
    painter.drawText(QRect(x, height() / 2 - high, wide, high), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(text(), Qt::ElideRight, wide));
    painter.setPen(t.quiet);
    painter.setFont(drawing::font(drawing::TypeSize::small));
    painter.drawText(QRect(x, height() / 2, wide, high), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(line_, Qt::ElideRight, wide));
    if (hasFocus()) drawing::paintSelection(painter, QRectF(rect()).adjusted(1, 1, -2, -2), 1);
}

/// The way of a picture, as the demo has it: the subject passes into the sheet half laid, and this into the sheet.
class Beginning::Way : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::Beginning)

 public:
    Way() : way_(demoFile(QStringLiteral("way.png"))) {
        words_ = {tr("Your picture, measured: areas, values, colours."),
                  tr("Paper, sticks, underpainting and each layer, in the order of the work."),
                  tr("How the sheet will look, before a stroke is laid.")};
        setAccessibleName(words_.join(QStringLiteral(" ")));
        setMinimumSize(480, 300);
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        if (way_.isNull()) return;
        const Theme& t = theme();
        QPainter painter(this);
        painter.setRenderHint(QPainter::SmoothPixmapTransform);
        painter.setFont(drawing::font(drawing::TypeSize::text));
        const int count = int(words_.size());
        const int high = 3 * painter.fontMetrics().height();
        const QSize shown = way_.size().scaled(width(), height() - high, Qt::KeepAspectRatio);
        painter.drawImage(QRect(QPoint(0, 0), shown), way_);
        const int wide = shown.width() / count;
        for (int i = 0; i < count; ++i) {
            if (i > 0) painter.fillRect(QRect(i * wide - 1, 0, 2, shown.height()), drawing::markLight);
            painter.setPen(t.ink);
            painter.drawText(QRect(i * wide, shown.height() + measure::grid, wide - 2 * measure::grid, high),
                             Qt::AlignLeft | Qt::TextWordWrap, words_[i]);
        }
    }

 private:
    QImage way_;
    QStringList words_;
};

Beginning::Beginning() {
    setObjectName(QStringLiteral("panel"));
    auto* across = new QHBoxLayout(this);
    across->setContentsMargins(6 * measure::grid, 4 * measure::grid, 6 * measure::grid, 4 * measure::grid);
    across->setSpacing(6 * measure::grid);
    auto* left = new QVBoxLayout;
    auto* head = new QLabel(tr("Plan a pastel before you touch the paper"));
    head->setFont(drawing::font(drawing::TypeSize::head, true));
    left->addWidget(head);
    left->addWidget(new Way, 1);
    across->addLayout(left, 1);
    across->addWidget(makeOwn());
    readLooks();
}

QWidget* Beginning::makeOwn() {
    auto* own = new QWidget;
    own->setFixedWidth(ownWidth);
    auto* column = new QVBoxLayout(own);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(measure::grid);
    problem_ = new QLabel;
    problem_->setWordWrap(true);
    problem_->setTextFormat(Qt::PlainText);
    problem_->hide();
    column->addWidget(problem_);
    auto* open = new QPushButton(tr("Open a picture…"));
    open->setMinimumHeight(9 * measure::grid);
    open->setFont(drawing::font(drawing::TypeSize::head, true));
    connect(open, &QPushButton::clicked, this, &Beginning::pictureWanted);
    column->addWidget(open);
    auto* drop = new QLabel(tr("or drop a picture or a study anywhere in this window"));
    drop->setObjectName(QStringLiteral("quiet"));
    drop->setAlignment(Qt::AlignCenter);
    drop->setWordWrap(true);
    column->addWidget(drop);
    auto* study = new QPushButton(tr("Open a study…"));
    connect(study, &QPushButton::clicked, this, &Beginning::studyWanted);
    column->addWidget(study);

    column->addSpacing(2 * measure::grid);
    column->addWidget(headOf(tr("Try one of these")));
    for (const auto& [name, title, line] :
         {std::tuple("kettle", tr("Kettle by the window"), tr("a still life, dark and warm")),
          std::tuple("hills", tr("Tea hills at first light"), tr("a landscape with mist"))}) {
        auto* demo = new StudyButton(title, line);
        const QString key = QString::fromLatin1(name);
        connect(demo, &QAbstractButton::clicked, this, [this, key] { Q_EMIT demoWanted(key); });
        column->addWidget(demo);
        waiting_.emplace_back(demoFile(key + QStringLiteral(".png")), demo);
    }

    constexpr qsizetype most = 4;
    const QStringList files = lastStudies().mid(0, most);
    if (!files.isEmpty()) {
        column->addSpacing(2 * measure::grid);
        column->addWidget(headOf(tr("Open last")));
    }
    for (const QString& file : files) {
        const QFileInfo info(file);
        auto* button = new StudyButton(
            info.completeBaseName(),
            tr("%1, %2").arg(QLocale().toString(info.lastModified(), QLocale::ShortFormat), info.absolutePath()));
        button->setToolTip(file);
        connect(button, &QAbstractButton::clicked, this, [this, file] { Q_EMIT fileWanted(file); });
        column->addWidget(button);
        waiting_.emplace_back(file, button);
    }
    column->addStretch(1);
    return own;
}

void Beginning::setProblem(const QString& sentence) {
    problem_->setText(sentence);
    problem_->setVisible(!sentence.isEmpty());
}

void Beginning::readLooks() {
    std::vector<QString> files;
    for (const auto& [file, button] : waiting_) files.push_back(file);
    reader_.run(
        [files](const common::Progress& progress) {
            std::vector<QImage> looks;
            for (const QString& file : files) {
                if (progress.cancelled()) break;
                QImage look;
                if (!file.endsWith(QLatin1String(".dune")))
                    look.load(file);
                else if (const auto png = storage::readThumbnail(file.toStdString()))
                    look = QImage::fromData(*png);
                looks.push_back(
                    look.isNull() ? look : look.scaled(2 * lookSize, Qt::KeepAspectRatio, Qt::SmoothTransformation));
            }
            return looks;
        },
        [this](const std::vector<QImage>& looks) {
            for (std::size_t i = 0; i < std::min(looks.size(), waiting_.size()); ++i)
                waiting_[i].second->setLook(looks[i]);
        });
}

}  // namespace app
