#pragma once

#include "app/background.h"
#include "app/desk.h"
#include "app/widgets/sheet.h"
#include "review/paper_card.h"

class QCheckBox;
class QProgressBar;

namespace app {

/// A filled test card of papers as it was read: what was expected in each field and what is seen, and what that tells
/// of the paper. What is taken changes the paper in the study and, where it lies there, in the drawer.
class TestSheet : public Sheet {
    Q_OBJECT

 public:
    /// `usual` are the windows where no printed card is remembered.
    TestSheet(QWidget* parent, Desk& desk, const QString& file, std::vector<review::PaperTest> usual);

    bool isBusy() const { return background_.isBusy(); }
    /// What the window says of its paper; nothing for an empty one.
    const std::optional<review::TestedPaper>& tested(std::size_t window) const { return tested_[window]; }

 Q_SIGNALS:
    void taken(const QString& sentence);

 private:
    class Fields;
    void begin(const review::WindowsReading& card);
    void addWindow(std::size_t window, const review::WindowReading& reading);
    void take();

    Desk& desk_;
    std::vector<review::PaperTest> tests_;
    std::array<std::optional<review::TestedPaper>, review::cardWindows> tested_;
    std::array<QCheckBox*, review::cardWindows> isTaken_{};
    QVBoxLayout* column_;
    QProgressBar* progress_;
    QPushButton* take_;
    Background background_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
