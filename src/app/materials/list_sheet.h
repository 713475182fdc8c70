#pragma once

#include "app/background.h"
#include "app/materials/own_drawer.h"
#include "app/widgets/sheet.h"
#include "storage/table_things.h"

class QComboBox;
class QListWidget;
class QProgressBar;
class QTableWidget;

namespace app {

/// A list that is to be taken into the drawer: its first rows, what each column is, how many rows can be taken, and
/// which cannot and why. Reading, trying and writing run in the background; leaving the sheet stops them.
class ListSheet : public Sheet {
    Q_OBJECT

 public:
    ListSheet(QWidget* parent, OwnDrawer& drawer, const QString& file);

    bool isBusy() const { return background_.isBusy() || isWriting_; }

 Q_SIGNALS:
    void taken(int things);

 private:
    void begin();
    void showTable();
    /// Tries the list with the columns as they are said to be.
    void attempt();
    void showAttempt(common::Result<storage::TableThings> result);
    void take();
    std::vector<storage::Column> columns() const;

    OwnDrawer& drawer_;
    QString file_;
    std::shared_ptr<const storage::Table> table_;
    std::shared_ptr<const storage::TableThings> found_;
    bool isWriting_ = false;

    QTableWidget* rows_;
    QList<QComboBox*> columnBoxes_;
    QComboBox* kind_;
    QComboBox* source_;
    QLabel* summary_;
    QListWidget* bad_;
    QProgressBar* progress_;
    QPushButton* take_;
    Background background_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
