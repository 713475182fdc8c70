#pragma once

#include "app/log/pace_leaf.h"
#include "app/log/progress_strip.h"
#include "app/log/stock_leaf.h"
#include "app/station.h"
#include "app/widgets/leaves.h"
#include "storage/log_shelf.h"

class QCheckBox;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace app {

/// Log: the days and what was done in them, the picture as it grew, the last steps, and a search over all logs.
class LogStation : public Station {
    Q_OBJECT

 public:
    explicit LogStation(Desk& desk);
    QString name() const override { return tr("Log"); }
    QString decided() const override;
    Route::Mark mark() const override;
    MarginText margin() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;
    void forgetStudy() override;

    QListWidget& days() { return *days_; }
    QLineEdit& searchField() { return *search_; }
    ProgressStrip& strip() { return *strip_; }
    Leaves& leaves() { return *leaves_; }
    PaceLeaf& pace() { return *pace_; }
    StockLeaf& stock() { return *stock_; }
    /// The card for the picture's back: .pdf, or .csv as the command line writes it.
    bool writeCard(const QString& file);

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    QWidget* makeDays();
    QWidget* makeProgress();
    QWidget* makeFinishing();
    void showDays();
    void showProgress();
    void showFinishing();
    void tick(planning::Finishing what, bool on);
    /// A line of the list; `entry` of the record in hand, -1 for another's or a heading.
    void addLine(const QString& words, int entry, bool isHead);
    void chooseEntry(int entry);

    Leaves* leaves_;
    PaceLeaf* pace_;
    StockLeaf* stock_;
    QLineEdit* search_;
    QListWidget* days_;
    QCheckBox* everywhere_;
    QPushButton* card_;
    ProgressStrip* strip_;
    QList<QCheckBox*> finishing_;
    Background painter_{this}, shelf_{this};
    std::vector<storage::ShelvedLog> logs_;  // as last read
    std::weak_ptr<const planning::Plan> stripOf_;
    std::size_t stripEntries_ = 0;
    int chosen_ = -1;  // entry
};

}  // namespace app
