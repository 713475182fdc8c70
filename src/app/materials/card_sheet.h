#pragma once

#include <memory>

#include "app/background.h"
#include "app/materials/own_drawer.h"
#include "app/widgets/sheet.h"
#include "review/card_materials.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QProgressBar;

namespace app {

/// A filled swatch card as it was read: every field with what was made of it, the thing that each row is, and what that
/// tells. Rows can be given to other things, fields be passed over or used after all, and colours be put right by hand
/// before anything is changed.
class CardSheet : public Sheet {
    Q_OBJECT

 public:
    /// `shown` are the things that the rows are when no printed card is remembered.
    CardSheet(QWidget* parent, OwnDrawer& drawer, const QString& file, std::vector<std::string> shown);

    bool isBusy() const { return background_.isBusy(); }
    int rowCount() const { return int(ids_.size()); }
    /// As it is printed on the card.
    int numberOf(int row) const;
    void selectRow(int row);
    /// Nothing for a row that tells nothing.
    std::optional<materials::Owned> readingOf(int row) const;

 Q_SIGNALS:
    void taken(const QString& sentence);

 private:
    class Rows;
    void makeDetails();
    void begin(std::vector<std::string> shown);
    void judge();
    void showRow();
    void take();

    OwnDrawer& drawer_;
    QString file_;
    std::shared_ptr<review::CardReading> card_;  // field states as they are used
    std::vector<std::string> ids_;               // of the rows' things, empty for none
    std::vector<std::optional<colour::Srgb8>> byHand_;
    review::CardMaterials found_;
    int row_ = 0;
    bool isShowing_ = false;

    QProgressBar* progress_;
    Rows* rows_;
    QWidget* details_;
    QLabel* rowHead_;
    QComboBox* thing_;
    QCheckBox* used_[3];
    QLineEdit* hex_;
    QLabel* told_;
    QPushButton* take_;
    Background background_{this};  // goes first: what it does uses all of the above
};

}  // namespace app
