#include "app/export_sheet.h"

#include <QCheckBox>
#include <QDir>
#include <QFileDialog>
#include <QLineEdit>
#include <QProgressBar>

#include "app/preferences.h"
#include "wording/sentences.h"

namespace app {

ExportSheet::ExportSheet(QWidget* parent, std::shared_ptr<const planning::Plan> plan, planning::Study study)
    : Sheet(parent, tr("Write the plan for the easel"),
            tr("Everything goes into one folder, with plan.json, which other programs read. What an earlier plan left "
               "there is replaced; other files stay.")),
      plan_(std::move(plan)),
      study_(std::move(study)) {
    auto* row = new QHBoxLayout;
    folder_ = new QLineEdit(exportFolder(QString::fromStdString(study_.title)));
    folder_->setAccessibleName(tr("Folder"));
    auto* choose = new QPushButton(tr("Choose a folder…"));
    row->addWidget(new QLabel(tr("Folder")));
    row->addWidget(folder_, 1);
    row->addWidget(choose);
    body_->addLayout(row);
    const QStringList words{tr("Sheets to print (PDF): plan, sticks to pull, a page for each step and evening"),
                            tr("Tables of the steps and of the sticks to pull (CSV)"),
                            tr("The sheet after each step (PNG)"),
                            tr("Where each step goes and how hard (PNG)"),
                            tr("The sheet with a layer for each stage of the work (OpenRaster)"),
                            tr("The colours of the sticks (palette text file, .gpl)")};
    const print::PlanParts wanted = exportParts();
    for (int i = 0; i < print::planPartCount; ++i) {
        auto* box = parts_[std::size_t(i)] = new QCheckBox(words[i]);
        box->setChecked(wanted[std::size_t(i)]);
        body_->addWidget(box);
    }
    progress_ = addWaiting(tr("Writing the plan"));
    progress_->setRange(0, 100);
    progress_->hide();
    body_->addStretch(1);
    write_ = addButton(tr("Write the plan"));
    connect(folder_, &QLineEdit::textChanged, this,
            [this] { write_->setEnabled(!folder_->text().trimmed().isEmpty() && !writer_.isBusy()); });
    connect(write_, &QPushButton::clicked, this, &ExportSheet::write);
    connect(addButton(tr("Close")), &QPushButton::clicked, this, &QDialog::reject);
    connect(choose, &QPushButton::clicked, this, [this] {
        const QString chosen = QFileDialog::getExistingDirectory(this, tr("A folder for the plan"), folder_->text());
        if (!chosen.isEmpty()) folder_->setText(chosen);
    });
    resize(640, 420);
}

print::PlanParts ExportSheet::chosen() const {
    print::PlanParts parts{};
    for (std::size_t i = 0; i < parts.size(); ++i) parts[i] = parts_[i]->isChecked();
    return parts;
}

void ExportSheet::write() {
    const QString folder = QDir::cleanPath(folder_->text().trimmed());
    const print::PlanParts parts = chosen();
    setExportParts(parts);
    setExportFolder(QString::fromStdString(study_.title), folder);
    setProblem({});
    write_->setEnabled(false);
    progress_->show();
    writer_.run(
        [plan = plan_, study = study_, folder = folder.toStdString(), parts](const common::Progress& progress) {
            return print::writePlanFolder(*plan, study, folder, parts, progress);
        },
        [this, folder](const common::Done& done) {
            progress_->hide();
            write_->setEnabled(true);
            if (!done) return setProblem(wording::problemSentence(done.problem()));
            Q_EMIT written(tr("The plan is in %1.").arg(folder));
            accept();
        },
        [this](double fraction) { progress_->setValue(int(100 * fraction)); });
}

}  // namespace app
