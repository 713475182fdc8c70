#pragma once

#include <QMainWindow>
#include <QUndoStack>

#include "app/background.h"
#include "app/station.h"
#include "app/trial/swatch_grid.h"
#include "app/widgets/margin.h"
#include "matching/mixture_reasons.h"
#include "review/card.h"
#include "subject/target.h"

class QComboBox;
class QLineEdit;
class QListWidget;
class QListWidgetItem;
class QMenu;
class QPushButton;

namespace app {

class SampleView;
class StrokesEditor;
class TargetView;

/// The trial sheet: a piece of paper on which strokes are tried over each other, held against a colour of the subject.
/// What proves itself is kept as a mixture of one's own, or laid for real on a card and read back.
class TrialWindow : public QMainWindow {
    Q_OBJECT

 public:
    /// The desk must live longer.
    explicit TrialWindow(Desk& desk);

    enum class Arrangement { ladder, everyOverEvery, gradedRun, areasMixtures };

    void take(const TrialWish& wish);
    const planning::TrialSheet& sheet() const { return state_.sheet; }
    const std::vector<planning::Tried>& tried() const { return tried_; }
    const std::vector<materials::Material>& media() const { return media_; }
    const std::optional<subject::Target>& target() const { return target_; }
    const std::vector<matching::Mixture>& mixtures() const { return mixtures_; }
    const Margin& margin() const { return *margin_; }
    SwatchGrid& grid() { return *grid_; }
    bool isMixing() const { return mixer_.isBusy() || finder_.isBusy(); }
    /// Keeps the selected swatch in the drawer; false, with a sentence in the margin, where it cannot be.
    bool keep(const QString& name);
    /// Lays the best mixtures of every area of the subject, found in the background.
    void layAreas();
    /// Lays one that was kept in the selected swatch.
    void layKept(const materials::OwnMixture& mixture);
    /// Prints what is on the card, or the first swatches where nothing is; false, with a sentence, if it cannot be.
    bool printCard(review::CardPaper format, const QString& file);
    void readCard(const QString& file);

 protected:
    void closeEvent(QCloseEvent* event) override;
    void showEvent(QShowEvent* event) override;

 private:
    /// What is undone as one.
    struct State {
        Arrangement arrangement = Arrangement::ladder;
        std::vector<int> sticks;  // that are tried, in the order in which they were ticked
        planning::HowLaid under, over;
        planning::TrialSheet sheet;
        std::vector<int> stacks;  // of the plan, row by row, where these are its areas' mixtures
        bool operator==(const State&) const = default;
    };
    class Change;
    /// What is wanted where it is no area, as data of the field.
    static constexpr int noColour = -1, pickedColour = -2;

    void makeFrame();
    QWidget* makeChoices();
    QWidget* makeBelow();
    QWidget* makeMargin();
    void makeMenus();
    void makeMixtureMenu();
    /// What the study in hand draws from, and its paper and subject.
    void takeMaterials();
    void listSticks();
    /// One undoable change; lays the sheet out anew where what it is laid out of has changed.
    void change(const QString& what, State state);
    void set(const State& state);
    planning::TrialSheet laidOut(const State& state) const;
    void layOutOfSticks(State& state) const;
    void showHeads();
    void tickStick(const QListWidgetItem& item);
    void takeFields();
    void setStrokes(const planning::Strokes& strokes);
    void setTarget(const std::optional<subject::Target>& target);
    void choose(int swatch);
    /// The mean colour of areas is what swatches are held against.
    void want(const std::vector<int>& areas);
    void takeWanted();
    void pick(const QPointF& place);
    /// Looks in the background for the mixtures that come nearest to what is wanted.
    void mix();
    void listOffers();
    void layOffer();
    void describe();
    /// Those that were put onto it; the first of the sheet where none was.
    std::vector<int> swatchesOnCard() const;
    int selected() const { return grid_->selected(); }
    bool hasSwatch() const { return !state_.sheet.swatches.empty(); }
    const planning::Strokes& strokes() const { return state_.sheet.swatches[std::size_t(selected())]; }

    Desk& desk_;
    Session& session_ = desk_.session();
    std::vector<materials::Material> media_;
    std::vector<materials::Paper> papers_;
    std::vector<matching::PreparedStick> prepared_;
    colour::Light light_ = colour::Light::daylight65;
    cv::Mat subject_;  // CV_32FC3, CIELAB under the light; empty without a plan
    State state_;
    std::vector<planning::Tried> tried_;
    std::optional<subject::Target> target_;
    std::vector<planning::NextStroke> next_;             // over the selected swatch
    std::vector<matching::Mixture> mixtures_;            // for the target on this paper, from all dry sticks
    std::shared_ptr<const planning::Reading> stacksOf_;  // what the rows' stacks are of
    QUndoStack history_;

    QComboBox *paper_ = nullptr, *arrangement_ = nullptr, *area_ = nullptr;
    QComboBox *underManner_ = nullptr, *underPressure_ = nullptr, *overManner_ = nullptr, *overPressure_ = nullptr;
    QWidget *underRow_ = nullptr, *overRow_ = nullptr;
    QLineEdit* find_ = nullptr;
    QListWidget *sticks_ = nullptr, *offers_ = nullptr;
    QPushButton *plans_ = nullptr, *none_ = nullptr, *lay_ = nullptr;
    QMenu *laid_ = nullptr, *givenUp_ = nullptr;
    SwatchGrid* grid_ = nullptr;
    TargetView* targetView_ = nullptr;
    SampleView* sample_ = nullptr;
    StrokesEditor* editor_ = nullptr;
    Margin* margin_ = nullptr;
    Background mixer_{this}, finder_{this};
};

}  // namespace app
