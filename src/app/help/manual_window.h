#pragma once

#include <QListWidget>
#include <QMainWindow>
#include <QTextBrowser>
#include <functional>

#include "app/help/manual_text.h"

class QLineEdit;

namespace app {

/// The manual: its pages, all keys, an index, and a search over all of it. It ships with the program and reads nothing
/// else.
class ManualWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// `keys` gives the page of keys, which is read off the windows when it is looked at.
    explicit ManualWindow(std::function<ManualPage()> keys);
    /// "subject", "keys", "index"; the first page for a name that it has not.
    void open(const QString& page);
    QString page() const;
    const QTextBrowser& text() const { return *text_; }

 protected:
    void closeEvent(QCloseEvent*) override;

 private:
    void list();
    void showPage(const QListWidgetItem* item);

    std::function<ManualPage()> keys_;
    std::vector<ManualPage> pages_;
    QLineEdit* find_;
    QListWidget* list_;
    QTextBrowser* text_;
};

}  // namespace app
