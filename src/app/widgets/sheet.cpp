#include "app/widgets/sheet.h"

#include <QProgressBar>
#include <QScrollArea>

#include "drawing/fonts.h"

namespace app {

namespace {

QLabel* sentence() {
    auto* label = new QLabel;
    label->setWordWrap(true);
    label->setTextFormat(Qt::PlainText);
    return label;
}

}  // namespace

Sheet::Sheet(QWidget* parent, const QString& title, const QString& explanation) : QDialog(parent) {
    setObjectName(QStringLiteral("panel"));
    setWindowTitle(title);
    setAttribute(Qt::WA_DeleteOnClose);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(10);
    auto* head = new QLabel(title);
    head->setFont(drawing::font(drawing::TypeSize::head, true));
    column->addWidget(head);
    explanation_ = sentence();
    column->addWidget(explanation_);
    explain(explanation);
    body_ = new QVBoxLayout;
    column->addLayout(body_, 1);
    problem_ = sentence();
    problem_->hide();
    column->addWidget(problem_);
    buttons_ = new QHBoxLayout;
    buttons_->addStretch(1);
    column->addLayout(buttons_);
}

void Sheet::setProblem(const QString& sentence) {
    problem_->setText(sentence);
    problem_->setVisible(!sentence.isEmpty());
}

void Sheet::explain(const QString& explanation) {
    explanation_->setText(explanation);
    explanation_->setVisible(!explanation.isEmpty());
}

QProgressBar* Sheet::addWaiting(const QString& name) {
    auto* progress = new QProgressBar;
    progress->setRange(0, 0);
    progress->setTextVisible(false);
    progress->setAccessibleName(name);
    body_->addWidget(progress);
    return progress;
}

QScrollArea* Sheet::scrolledDown(QWidget* inside) {
    auto* scroll = new QScrollArea;
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(inside);
    return scroll;
}

QPushButton* Sheet::addButton(const QString& text) {
    auto* button = new QPushButton(text);
    button->setAutoDefault(buttons_->count() == 1);
    button->setDefault(buttons_->count() == 1);
    buttons_->addWidget(button);
    return button;
}

}  // namespace app
