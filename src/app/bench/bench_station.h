#pragma once

#include "app/bench/bench_view.h"
#include "app/bench/photographs.h"
#include "app/bench/wakefulness.h"
#include "app/station.h"

class QAction;
class QCheckBox;
class QPushButton;
class QSpinBox;

namespace app {

class WholeScreen;

/// Bench: the step in hand, and what was done kept as it happens.
class BenchStation : public Station {
    Q_OBJECT

 public:
    explicit BenchStation(Desk& desk);
    ~BenchStation() override;
    QString name() const override { return tr("Bench"); }
    QString decided() const override;
    Route::Mark mark() const override;
    MarginText margin() const override;
    TrialWish trialWish() const override;
    QString introduction() const override;
    Views views() const override;
    void refresh() override;
    void forgetStudy() override;

    Easel& easel() { return easel_; }
    StudyFile& file() { return desk_.file(); }
    /// Null until something was said on the whole screen.
    WholeScreen* wholeScreen() { return whole_; }
    /// Keeps a photograph; it is read in the background.
    void photograph(const QString& file);
    void watchFolder(const QString& folder);

 protected:
    void showEvent(QShowEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

 private:
    QPushButton* addButton(QLayout* row, const QString& words, const QKeySequence& key, const QString& does,
                           std::function<void()> act);
    void showState();
    void spaceBar();
    QAction* addKey(const QKeySequence& key, const QString& does, std::function<void()> act);
    void takeOther();
    void fix();
    void writeNote();
    void choosePhotograph();
    void stepBack();
    void sayDry(int step);
    /// The last step that is laid; 0 for none.
    int laidUpTo() const;
    QString placeOf(const std::string& id) const;
    /// What is at hand: the drawer, or what the study draws from.
    std::vector<materials::Material> atHand() const;

    Easel easel_;
    BenchView* view_;
    WholeScreen* whole_ = nullptr;
    QPushButton *done_, *back_, *pass_, *other_, *lighter_, *heavier_, *note_, *photograph_, *pause_, *dry_, *fixed_;
    QList<QPushButton*> large_;
    QSpinBox* stepBack_;
    QCheckBox* sound_;
    QPushButton* folder_;
    WatchedFolder watched_{this};
    Background reader_{this};
    Wakefulness wakefulness_;
    double differenceBefore_ = -1;  // picture difference before the last deviation
    QString otherwise_;             // what it changed, in words
};

}  // namespace app
