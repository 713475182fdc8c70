#pragma once

#include "app/background.h"
#include "app/desk.h"
#include "app/widgets/sheet.h"
#include "review/trial_card.h"

class QCheckBox;
class QProgressBar;

namespace app {

/// A filled trial card as it was read: of each field what was expected beside what was laid, and what that says of the
/// sticks and papers. What is taken changes them in the study and, where they lie there, in the drawer.
class TrialCardSheet : public Sheet {
    Q_OBJECT

 public:
    /// Printed cards are looked up in `library`; `usual` is the card where none is remembered.
    TrialCardSheet(QWidget* parent, Desk& desk, const QString& file, const materials::Library& library,
                   review::TrialCard usual);

    bool isBusy() const { return background_.isBusy(); }
    const std::optional<review::TrialFindings>& findings() const { return findings_; }

 Q_SIGNALS:
    void taken(const QString& sentence);

 private:
    class Fields;
    /// The card that was printed on that page; nothing where none is remembered.
    std::optional<review::TrialCard> cardOn(int page, const materials::Library& library);
    /// Fits what the card teaches, in the background.
    void learn(const review::WindowsReading& reading, review::TrialCard card);
    void begin();
    void addWindow(std::size_t window);
    void addSticks();
    void take();

    Desk& desk_;
    review::TrialCard card_;
    std::optional<review::TrialFindings> findings_;
    std::vector<std::pair<QCheckBox*, std::size_t>> papers_, sticks_;  // to be taken
    QVBoxLayout* column_;
    QProgressBar* progress_;
    QPushButton* take_;
    Background background_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
