#pragma once

#include <QMainWindow>
#include <QThreadPool>
#include <QUndoStack>
#include <functional>

#include "app/materials/drawer_view.h"
#include "app/widgets/margin.h"
#include "review/card_materials.h"
#include "storage/materials_store.h"

class QCheckBox;
class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace app {

/// What the artist owns: the drawer, laid out and searched, and what is known of what is selected. Changes are on the
/// disk when they are shown, and can be undone while the window stands.
class MaterialsWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// The store must live longer than the window.
    explicit MaterialsWindow(storage::MaterialsStore& store);
    ~MaterialsWindow() override;

    const materials::Drawer& drawer() const { return drawer_; }
    DrawerView& view() { return *view_; }
    Margin& margin() { return *margin_; }
    QUndoStack& history() { return history_; }

    /// Takes sticks and papers in from a CSV list; those with an id that is there already take its place. A problem is
    /// said in the margin and nothing changes.
    bool takeIn(const QString& file);
    /// Prints blank cards with a row for each thing that leaves colour and is shown.
    bool printCards(const QString& file);
    /// Reads a photograph of a filled card, its rows being what is shown, in the background; what could be read is put
    /// into the drawer as one step.
    void readCard(const QString& file);
    void stopReading();

 Q_SIGNALS:
    void drawerChanged();

 private:
    class Change;
    void makeFrame();
    QWidget* makeFields();
    void makeMenus();
    void arrange();
    void describe();
    /// Changes all that is selected, as one step.
    void change(const QString& what, const std::function<void(materials::Owned&)>& edit);
    bool write(const std::vector<materials::Owned>& put, const std::vector<std::string>& removed);
    std::vector<materials::Owned> selected() const;
    /// The media that are shown, in their order: the rows of a card.
    std::vector<materials::Owned> cardRows() const;
    void applyCard(const std::vector<materials::Owned>& rows, const review::CardMaterials& card);
    /// Looks in the background for what could stand for the one thing that is selected.
    void seekSubstitutes();
    void listPapers();
    void say(const common::Problem& problem);

    storage::MaterialsStore& store_;
    materials::Drawer drawer_;
    Wanted wanted_;
    QUndoStack history_;

    QComboBox* by_ = nullptr;
    QLineEdit* find_ = nullptr;
    QCheckBox* runsLow_ = nullptr;
    QPushButton* nearest_ = nullptr;
    DrawerView* view_ = nullptr;
    Margin* margin_ = nullptr;
    QWidget* fields_ = nullptr;
    bool describing_ = false;  // the fields are being filled, not edited
    QComboBox* stock_ = nullptr;
    QLineEdit* box_ = nullptr;
    QSpinBox* slot_ = nullptr;
    QLineEdit* notes_ = nullptr;
    QComboBox* paper_ = nullptr;
    QThreadPool worker_;  // one thread
    int job_ = 0;
    QThreadPool reader_;  // one thread
    int cardJob_ = 0;
};

}  // namespace app
