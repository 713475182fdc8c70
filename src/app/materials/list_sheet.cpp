#include "app/materials/list_sheet.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHeaderView>
#include <QListWidget>
#include <QPointer>
#include <QProgressBar>
#include <QTableWidget>
#include <algorithm>
#include <set>

#include "app/widgets/fields.h"
#include "materials/names.h"
#include "wording/sentences.h"
#include "wording/text.h"

namespace app {

using wording::text;

namespace {

constexpr int shownRows = 6, shownBad = 500;

}  // namespace

ListSheet::ListSheet(QWidget* parent, OwnDrawer& drawer, const QString& file)
    : Sheet(parent, tr("Take in %1").arg(QFileInfo(file).fileName()),
            tr("Say above each column what it tells. Nothing is changed before you take the list in.")),
      drawer_(drawer),
      file_(file) {
    rows_ = new QTableWidget;
    rows_->setAccessibleName(tr("First rows"));
    rows_->verticalHeader()->hide();
    rows_->horizontalHeader()->hide();
    rows_->setEditTriggers(QAbstractItemView::NoEditTriggers);
    rows_->setSelectionMode(QAbstractItemView::NoSelection);
    rows_->setFocusPolicy(Qt::NoFocus);
    rows_->setFixedHeight(262);
    body_->addWidget(rows_);

    auto* choices = new QHBoxLayout;
    kind_ = new QComboBox;
    for (int i = 0; i <= int(materials::Kind::ink); ++i)
        kind_->addItem(wording::kindWord(materials::Kind(i)), text(materials::nameOf(materials::Kind(i))));
    kind_->addItem(tr("paper"), QStringLiteral("paper"));
    addField(choices, tr("New things that say no kind are"), kind_);
    choices->addSpacing(16);
    source_ = new QComboBox;
    for (const auto source : {materials::ColourSource::file, materials::ColourSource::reader,
                              materials::ColourSource::typed, materials::ColourSource::card})
        source_->addItem(wording::sourceWords(source), int(source));
    addField(choices, tr("Its colours were"), source_);
    choices->addStretch(1);
    body_->addLayout(choices);

    summary_ = new QLabel;
    summary_->setWordWrap(true);
    body_->addWidget(summary_);
    bad_ = new QListWidget;
    bad_->setAccessibleName(tr("Rows that cannot be taken"));
    bad_->setSelectionMode(QAbstractItemView::NoSelection);
    bad_->setWordWrap(true);
    body_->addWidget(bad_, 1);
    progress_ = new QProgressBar;
    progress_->setTextVisible(false);
    progress_->setAccessibleName(tr("Reading the list"));
    body_->addWidget(progress_);
    take_ = addButton(tr("Take in"));
    take_->setEnabled(false);
    connect(take_, &QPushButton::clicked, this, &ListSheet::take);
    connect(addButton(tr("Leave it")), &QPushButton::clicked, this, &QDialog::reject);
    for (QComboBox* box : {kind_, source_}) connect(box, &QComboBox::activated, this, &ListSheet::attempt);
    resize(980, 660);
    begin();
}

void ListSheet::begin() {
    summary_->setText(tr("The list is being read."));
    background_.run(
        [file = file_.toStdString()](const common::Progress& progress) { return storage::readTable(file, progress); },
        [this](common::Result<storage::Table> table) {
            if (!table) {
                progress_->hide();
                summary_->hide();
                return setProblem(wording::problemSentence(table.problem()));
            }
            table_ = std::make_shared<storage::Table>(*std::move(table));
            // A file of readings comes out of a device.
            if (std::ranges::find(table_->headings, "L") != table_->headings.end())
                source_->setCurrentIndex(source_->findData(int(materials::ColourSource::reader)));
            showTable();
            attempt();
        },
        [this](double fraction) { progress_->setValue(int(fraction * 50)); });
}

void ListSheet::showTable() {
    const auto guessed = storage::guessedColumns(table_->headings);
    const int columns = int(table_->headings.size()), rows = std::min(shownRows, int(table_->rows.size()));
    rows_->setColumnCount(columns);
    rows_->setRowCount(rows + 2);
    for (int c = 0; c < columns; ++c) {
        auto* box = new QComboBox;
        for (int i = 0; i < storage::columnCount; ++i)
            box->addItem(i == 0 ? tr("passed over") : wording::columnWord(storage::headingOf(storage::Column(i))));
        box->setCurrentIndex(int(guessed[std::size_t(c)]));
        box->setAccessibleName(tr("Column %1").arg(c + 1));
        connect(box, &QComboBox::activated, this, [this, box] {
            // A second column for the same thing takes it over.
            for (QComboBox* other : columnBoxes_)
                if (other != box && other->currentIndex() == box->currentIndex()) other->setCurrentIndex(0);
            attempt();
        });
        columnBoxes_ << box;
        rows_->setCellWidget(0, c, box);
        auto* heading = new QTableWidgetItem(text(table_->headings[std::size_t(c)]));
        QFont bold = rows_->font();
        bold.setBold(true);
        heading->setFont(bold);
        rows_->setItem(1, c, heading);
        for (int r = 0; r < rows; ++r) {
            const auto& fields = table_->rows[std::size_t(r)].fields;
            rows_->setItem(r + 2, c,
                           new QTableWidgetItem(c < int(fields.size()) ? text(fields[std::size_t(c)]) : QString()));
        }
    }
    rows_->resizeColumnsToContents();
    for (int c = 0; c < columns; ++c) rows_->setColumnWidth(c, std::clamp(rows_->columnWidth(c), 112, 260));
}

std::vector<storage::Column> ListSheet::columns() const {
    std::vector<storage::Column> columns;
    for (const QComboBox* box : columnBoxes_) columns.push_back(storage::Column(box->currentIndex()));
    return columns;
}

void ListSheet::attempt() {
    take_->setEnabled(false);
    progress_->show();
    const storage::TableDefaults defaults{kind_->currentData().toString().toStdString(),
                                          materials::ColourSource(source_->currentData().toInt())};
    background_.run(
        [table = table_, columns = columns(), known = drawer_.drawer().things,
         defaults](const common::Progress& progress) {
            return storage::thingsFrom(*table, columns, known, defaults, progress);
        },
        [this](common::Result<storage::TableThings> result) { showAttempt(std::move(result)); },
        [this](double fraction) { progress_->setValue(50 + int(fraction * 50)); });
}

void ListSheet::showAttempt(common::Result<storage::TableThings> result) {
    progress_->hide();
    bad_->clear();
    found_.reset();
    if (!result) {
        summary_->setText({});
        return setProblem(wording::problemSentence(result.problem()));
    }
    setProblem({});
    found_ = std::make_shared<storage::TableThings>(*std::move(result));
    const std::vector<common::Problem>& bad = found_->bad;
    const int good = int(found_->things.size());
    QString words =
        good == 0 ? tr("No row can be taken in.")
                  : tr("%n rows can be taken in: %1 new, %2 that change what is in the drawer.", nullptr, int(good))
                        .arg(good - found_->known)
                        .arg(found_->known);
    if (!bad.empty()) words += ' ' + tr("These %n cannot:", nullptr, int(bad.size()));
    summary_->setText(words);
    for (std::size_t i = 0; i < std::min<std::size_t>(bad.size(), shownBad); ++i) {
        common::Problem problem = bad[i];
        problem.where = tr("This list").toStdString();  // the file is named in the head
        bad_->addItem(wording::problemSentence(problem));
    }
    if (bad.size() > shownBad) bad_->addItem(tr("… and %n more.", nullptr, int(bad.size() - shownBad)));
    bad_->setVisible(!bad.empty());
    take_->setEnabled(good > 0 && !drawer_.store().isReadOnly());
    take_->setText(good == 0     ? tr("Take in")
                   : bad.empty() ? tr("Take in %1").arg(good)
                                 : tr("Take in the %1 good rows").arg(good));
}

void ListSheet::take() {
    isWriting_ = true;
    take_->setEnabled(false);
    for (QComboBox* box : columnBoxes_) box->setEnabled(false);
    progress_->setRange(0, 0);  // how long the disk takes is not known
    progress_->show();
    const int count = int(found_->things.size());
    drawer_.applyInBackground(tr("Take in %1").arg(QFileInfo(file_).fileName()), {.put = found_->things},
                              [this, count, sheet = QPointer<ListSheet>(this)](bool isWritten) {
                                  if (!sheet) return;
                                  isWriting_ = false;
                                  if (isWritten) {
                                      Q_EMIT taken(count);
                                      accept();
                                  } else {
                                      progress_->hide();
                                      setProblem(tr("The list could not be written: see what the window says."));
                                  }
                              });
}

}  // namespace app
