#pragma once

#include <QMainWindow>
#include <memory>

#include "app/desk.h"
#include "app/help/manual_window.h"
#include "app/materials/materials_window.h"
#include "app/practice/practice_window.h"
#include "app/recovery/journal_keeper.h"
#include "app/station.h"
#include "app/trial/trial_window.h"
#include "app/widgets/picture_pair.h"

class QLabel;
class QProgressBar;
class QPushButton;
class QStackedWidget;

namespace app {

class ExportSheet;

class Beginning;

/// The one frame: route, two pictures, instrument, margin.
class MainWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// New studies draw from what the store holds; without one, or when it is empty, from the starter materials.
    explicit MainWindow(materials::Library starter, storage::MaterialsStore* store = nullptr);

    /// Fields that lose the keyboard make their choice yet, while there is a session.
    ~MainWindow() override { hide(); }

    /// The artist's own materials could not be opened: that is said, and asked again before others are taken.
    void setStoreProblem(const common::Problem& problem);

    Session& session() { return session_; }
    /// The window of the artist's own materials; null without a store.
    MaterialsWindow* materialsWindow();
    /// Exercises from the study in hand; null without a store, which keeps their results.
    PracticeWindow* practiceWindow();
    /// Where strokes are tried over each other.
    TrialWindow& trialWindow();
    ManualWindow& manualWindow();
    PicturePair& pictures() { return *pictures_; }
    Margin& margin() { return *margin_; }
    void goTo(int station);
    int station() const;

    /// A picture starts a new study on the own materials; a .dune opens it. Both are read in the background, and the
    /// study in hand stays until they have been. A problem is said in the margin and nothing changes; false for one
    /// that is found at once.
    bool openFile(const QString& file);
    /// A study that ships ("kettle", "hills"), as one that has no file yet.
    bool openDemo(const QString& name);
    /// Pins another reference up beside the leading one, likewise.
    bool pinUp(const QString& file);
    /// Whether a picture or a study is being read.
    bool isOpening() const { return opening_.isBusy(); }
    bool saveTo(const QString& file);
    /// Offers what earlier runs did not save, once their journals have been looked at in the background.
    void offerUnsavedWork();
    /// Goes on with it; it is read in the background.
    void takeUp(const UnsavedWork& work);
    /// Whether the beginning is shown, which is as long as nothing is open.
    bool isAtBeginning() const;
    /// Says a problem in the margin.
    void tell(const QString& problem);
    /// The study in hand on a fresh sheet: nothing is laid, and it has no file yet.
    void beginAnotherSheet();
    /// Offers to write the plan into a folder; null while there is none.
    ExportSheet* chooseAndExport();
    /// The construction drawing at real size; by ending: .svg, or .pdf on pages to be joined.
    bool exportConstruction(const QString& file);

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    void closeEvent(QCloseEvent* event) override;

 private:
    void makeMenus();
    void makeFrame();
    QWidget* makeRail();
    QWidget* makeMiddle();
    QWidget* makeMargin();
    void makeBeginning();
    void beginStudy(const QString& file);
    void refresh();
    void showStation();
    void showNote();
    void wantAllNotes();
    bool mayDiscard();
    void chooseAndOpen(bool picture);
    /// Opens a study that is, or is not, to be saved to the file it comes from.
    bool openStudy(const QString& file, const QString& savedAs);
    /// Reads a picture file in the background, then does something with it.
    bool readPicture(
        const QString& file,
        std::function<void(std::shared_ptr<const planning::ReferenceFile>, std::shared_ptr<const subject::Picture>)>
            then);
    /// Reads a file in the background (`work` gives a common::Result), then does something with what was read.
    template <typename Work, typename Then>
    bool readInBackground(const QString& file, std::uintmax_t mostBytes, const QString& what, Work work, Then then);
    void showProgress(const QString& what);
    void stopWork();
    bool save();
    bool saveAs();
    void chooseAndPinUp();
    void chooseAndExportConstruction();
    std::optional<PicturePair::Way> heldWay(int key) const;
    /// Whether something is written in it, in this window.
    bool isField(const QObject* object) const;

    /// Takes something along to the trial sheet, and shows that.
    void tryOut(const TrialWish& wish);
    TrialWish wishFor(const std::vector<std::string>& ids);
    static void toFront(QMainWindow& window);
    /// Of what is looked at.
    QString manualPage() const;
    void openManual(const QString& page);
    /// Its help opens the manual at this page.
    void addManual(QMainWindow& window, const QString& page);

    Desk desk_;
    Session& session_ = desk_.session();
    std::unique_ptr<MaterialsWindow> materials_;
    std::unique_ptr<PracticeWindow> practice_;
    std::unique_ptr<TrialWindow> trial_;
    std::unique_ptr<ManualWindow> manual_;
    QList<Station*> stations_;
    Route* route_ = nullptr;
    PicturePair* pictures_ = nullptr;
    bool isReferenceShown_ = false;    // which may be looked into
    int sheetSteps_ = -1;              // see Views
    QStackedWidget* whole_ = nullptr;  // the beginning, then the frame
    Beginning* beginning_ = nullptr;
    QStackedWidget* instruments_ = nullptr;
    Margin* margin_ = nullptr;
    QWidget* progressRow_ = nullptr;
    QLabel* progressWords_ = nullptr;
    QProgressBar* progress_ = nullptr;
    QPushButton* stop_ = nullptr;
    QAction* leftHand_ = nullptr;
    QAction* glance_ = nullptr;  // looks at the pictures under another light
    Background opening_{this}, recovering_{this};
    JournalKeeper keeper_{session_, JournalKeeper::usualFolder()};
};

}  // namespace app
