#pragma once

#include <QMainWindow>
#include <functional>

#include "app/background.h"
#include "app/materials/drawer_view.h"
#include "app/materials/own_drawer.h"
#include "app/widgets/margin.h"
#include "review/card.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;

namespace app {

class KeptFields;
class ThingEditor;

/// What the artist owns: the drawer or one of its trays, laid out and searched, and what is known of what is selected.
class MaterialsWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// The drawer must live longer than the window.
    explicit MaterialsWindow(OwnDrawer& own);

    const materials::Drawer& drawer() const { return own_.drawer(); }
    DrawerView& view() { return *view_; }
    Margin& margin() { return *margin_; }
    OwnDrawer& own() { return own_; }

    /// Opens the sheet on which a list (CSV, .gpl, CGATS) is looked through before it is taken in; a whole drawer
    /// (.json) is taken in at once.
    void takeIn(const QString& file);
    /// What is shown as .csv, .gpl or .txt (CGATS), by ending; as .json the whole drawer with its photographs.
    bool exportTo(const QString& file);
    /// Prints blank cards with a row for each thing with a colour that is shown, and remembers which is which.
    bool printCards(review::CardPaper paper, const QString& file);
    /// Opens the sheet on which a filled card is read.
    void readCard(const QString& file);
    void readWithReader();
    void editChosen();
    void addThing();
    /// Takes a photograph or scan of the one thing that is chosen in.
    void attach(const QString& file);
    /// Lays what is shown out by how near it is to a colour of this picture.
    void findColourIn(const QString& file);

 Q_SIGNALS:
    /// What is chosen is to be tried on the trial sheet.
    void trialWanted(const std::vector<std::string>& ids);

 protected:
    void closeEvent(QCloseEvent* event) override;

 private:
    void makeFrame();
    void makeMenus();
    void makeTrayMenu();
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& key, std::function<void()> work);
    void arrange();
    void describe();
    MarginText wholeText() const;
    void onDrawerChanged();
    /// Changes all that is selected, as one step.
    void change(const QString& what, const std::function<void(materials::Owned&)>& edit);
    void change(const QString& what, std::vector<materials::Owned> things,
                const std::function<void(materials::Owned&)>& edit);
    std::vector<materials::Owned> selected() const;
    /// What is shown, in its order; and of that the ids of what has a colour, as the rows of a card.
    std::vector<materials::Owned> shown() const;
    std::vector<std::string> shownIds() const;
    /// Looks in the background for what could stand for the one thing that is selected, or for the ends of the set.
    void seekSubstitutes();
    void listPapers();
    void listTrays();
    void showTray();
    const materials::Tray* shownTray() const;
    void putIntoTray();
    void takeOutOfTray();
    void renameTray();
    void giveUpTray();
    void merge();
    /// Shows the photographs of the one thing that is chosen, small, once they have been read in the background.
    void seekPhotographs(const materials::Owned& thing);
    void openPhotograph(const QString& key);
    void pickFrom(const QString& file, const std::function<void(colour::Srgb8)>& take);
    ThingEditor* openEditor(std::vector<materials::Owned> things, bool isNew);
    void tellProblem(const common::Problem& problem);
    void tell(const QString& head, const QString& sentence);

    OwnDrawer& own_;
    Wanted wanted_;

    QComboBox* tray_ = nullptr;
    QComboBox* by_ = nullptr;
    QLineEdit* find_ = nullptr;
    QCheckBox* runsLow_ = nullptr;
    QPushButton* nearest_ = nullptr;
    DrawerView* view_ = nullptr;
    Margin* margin_ = nullptr;
    KeptFields* fields_ = nullptr;
    QComboBox* paper_ = nullptr;
    QList<QAction*> changing_;   // need a drawer that may be changed
    QList<QAction*> forChosen_;  // and something that is chosen
    Background substitutes_{this};
    Background photographs_{this};
    Background files_{this};
};

}  // namespace app
