#pragma once

#include <QMainWindow>
#include <map>
#include <memory>

#include "app/desk.h"
#include "app/help/manual_window.h"
#include "app/lifecycle/study_lifecycle.h"
#include "app/materials/materials_window.h"
#include "app/practice/practice_window.h"
#include "app/station.h"
#include "app/trial/trial_window.h"
#include "app/widgets/picture_pair.h"

class QLabel;
class QProgressBar;
class QPushButton;
class QSessionManager;
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

    /// Fields that lose the keyboard make their choice yet, while there is a session; and what was done is written.
    ~MainWindow() override;

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

    /// Which study is in hand; see there for what these do.
    StudyLifecycle& lifecycle() { return lifecycle_; }
    bool openFile(const QString& file) { return lifecycle_.openFile(file); }
    bool openDemo(const QString& name) { return lifecycle_.openDemo(name); }
    bool pinUp(const QString& file) { return lifecycle_.pinUp(file); }
    bool saveTo(const QString& file) { return lifecycle_.saveTo(file); }
    void beginAnotherSheet() { lifecycle_.beginAnotherSheet(); }
    /// Whether a picture or a study is being read, or the one in hand is being left for it.
    bool isOpening() const { return lifecycle_.isReading() || lifecycle_.isLeaving(); }
    /// Offers what earlier runs did not save, once their journals have been looked at in the background.
    void offerUnsavedWork();
    /// The program ends in order when the system asks it to (SIGTERM, SIGINT, SIGHUP, the desktop's logout): what was
    /// done is written, and choices that are not saved are offered at the next start.
    void endWithTheSystem();
    /// Whether the beginning is shown, which is as long as nothing is open.
    bool isAtBeginning() const;
    /// Says a problem in the margin.
    void tell(const QString& problem);
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
    void followLifecycle();
    /// The study in hand stays while a sheet over the window is open: what is asked there is asked of this study.
    void holdWhileOpen(QObject* watched, QEvent* event);
    void refresh();
    void showStation();
    void showNote();
    void wantAllNotes();
    void chooseAndOpen(bool picture);
    /// The desktop's session ends: the artist may stay where the session lets her be asked.
    void endWith(QSessionManager& session);
    void showProgress(const QString& what);
    void stopWork();
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
    StudyLifecycle lifecycle_{desk_, JournalKeeper::usualFolder()};
    Background recovering_{this};                           // looks for what earlier runs did not save
    std::map<const QObject*, std::shared_ptr<void>> open_;  // sheets over the window, and what they hold
    bool isClosing_ = false, isLeft_ = false, isLeavingShown_ = false;
};

}  // namespace app
