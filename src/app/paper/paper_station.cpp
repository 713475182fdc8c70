#include "app/paper/paper_station.h"

#include <QCheckBox>
#include <QComboBox>
#include <QCoreApplication>
#include <QDir>
#include <QFileDialog>
#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <QSpinBox>
#include <algorithm>
#include <cmath>

#include "app/file_to_write.h"
#include "app/paper/card_rows.h"
#include "app/paper/offcuts_view.h"
#include "app/paper/test_sheet.h"
#include "app/widgets/fields.h"
#include "app/widgets/measure.h"
#include "app/widgets/theme.h"
#include "colour/picture_under.h"
#include "drawing/cutting.h"
#include "drawing/fonts.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "planning/offcuts.h"
#include "print/paper_card.h"
#include "rendering/sheet_picture.h"
#include "wording/choosing.h"
#include "wording/decimal.h"
#include "wording/sentences.h"
#include "wording/testing.h"

namespace app {

namespace {

const planning::RankedPaper* ranked(const planning::Plan& plan, const std::string& id) {
    if (!plan.papers) return nullptr;
    const auto found = std::ranges::find(*plan.papers, id, [](const auto& r) { return r.paper.id; });
    return found == plan.papers->end() ? nullptr : &*found;
}

/// The largest area of what stands before the background.
int largestInFront(const planning::Plan& plan) {
    int largest = -1;
    const auto& areas = plan.reading->areas.list;
    for (int i = 0; i < int(areas.size()); ++i)
        if (areas[std::size_t(i)].plane != subject::Plane::background &&
            (largest < 0 || areas[std::size_t(i)].share > areas[std::size_t(largest)].share))
            largest = i;
    return largest;
}

}  // namespace

/// How the sheets of the paper that is looked at are cut.
class PaperStation::CutSheet : public QWidget {
    Q_DECLARE_TR_FUNCTIONS(app::PaperStation)

 public:
    CutSheet() { setAccessibleName(tr("The sheet, cut")); }
    void show(const planning::Cutting& cutting, double borderMillimetres, const materials::Paper& paper) {
        cutting_ = cutting;
        border_ = borderMillimetres;
        paper_ = paper;
        update();
    }

 protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(drawing::font(drawing::TypeSize::small));
        painter.setPen(theme().ink);
        const QRectF words(0, height() - 38, width(), 36);
        if (!cutting_.isKnown) {
            painter.setPen(theme().quiet);
            painter.drawText(rect(), Qt::TextWordWrap,
                             tr("How large its sheets are is not known: say it in Materials, and they are cut here."));
            return;
        }
        drawing::paintCutting(painter, QRectF(0, 0, width() - 1, height() - 44), cutting_, border_,
                              drawing::colourOf(paper_.tone));
        const QString sheet = tr("%1 × %2 mm")
                                  .arg(wording::decimal(cutting_.sheet.width, 0))
                                  .arg(wording::decimal(cutting_.sheet.height, 0));
        painter.drawText(words, Qt::TextWordWrap,
                         cutting_.isTooSmall() ? tr("%1: too small for the picture").arg(sheet)
                                               : tr("%1 gives %n pieces", nullptr, cutting_.pieces()).arg(sheet));
    }

 private:
    planning::Cutting cutting_;
    double border_ = 0;
    materials::Paper paper_;
};

PaperStation::PaperStation(Desk& desk) : Station(desk, tr("The offcuts"), tr("the best for your goal first")) {
    asSeen_ = new QCheckBox(tr("As it looks there"));
    asSeen_->setToolTip(tr("Beside its neighbours a colour looks lighter or darker than it measures."));
    choices_->addWidget(asSeen_);
    goal_ = new GoalField(session_);
    addField(choices_, tr("Goal"), goal_);
    best_ = new QPushButton(tr("Take the best paper"));
    best_->setToolTip(tr("Leaves the paper to the plan, which takes the one that ranks first for your goal."));
    set_ = new QPushButton(tr("Set this paper"));
    set_->setToolTip(tr("Plans on the paper that is looked at, whatever its rank."));
    choices_->addWidget(best_);
    choices_->addWidget(set_);
    test_ = new QPushButton(tr("Test cards"));
    test_->setToolTip(tr(
        "A card to lay on real offcuts of the best three papers; its photograph tells how much they hold and take."));
    auto* menu = new QMenu(test_);
    for (const auto& [format, words] :
         {std::pair(review::CardPaper::a4, tr("Print a test card of the best three, A4…")),
          std::pair(review::CardPaper::letter, tr("The same, Letter…"))})
        connect(menu->addAction(words), &QAction::triggered, this, [this, format = format] {
            const QString file = fileToWrite(this, tr("Print a test card"), {}, tr("Cards (*.pdf)"));
            if (!file.isEmpty()) printTestCard(format, file);
        });
    connect(menu->addAction(tr("Read a filled test card…")), &QAction::triggered, this, [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Read a filled test card"), {}, photographKinds());
        if (!file.isEmpty()) readTestCard(file);
    });
    test_->setMenu(menu);
    choices_->addWidget(test_);
    auto* across = new QHBoxLayout;
    across->setSpacing(measure::grid);
    offcuts_ = new OffcutsView;
    across->addWidget(offcuts_, 1);
    across->addWidget(cuttingColumn());
    body_->addLayout(across, 1);
    offcuts_->onLooked = [this](const std::string& id) {
        looked_ = id;
        refresh();
        Q_EMIT looksDifferent();
    };
    offcuts_->onTaken = [this](const std::string& id) { take(id); };
    connect(asSeen_, &QCheckBox::toggled, this, &PaperStation::looksDifferent);
    connect(set_, &QPushButton::clicked, this, [this] { take(looked_); });
    connect(best_, &QPushButton::clicked, this, [this] { take({}); });
    connect(&session_, &Session::papersOrdered, this, &PaperStation::refresh);
}

std::vector<review::PaperTest> PaperStation::toTest() const {
    const auto plan = session_.plan();
    if (!plan || !plan->papers) return {};
    return planning::testsOf(*plan, *plan->papers, session_.library().media);
}

bool PaperStation::printTestCard(review::CardPaper format, const QString& file) {
    const std::vector<review::PaperTest> tests = toTest();
    int page = 0;
    if (desk_.hasDrawer() && !desk_.drawer()->store().isReadOnly()) {
        const std::vector<std::string> rows = rowsOf(tests);
        const auto remembered = desk_.drawer()->store().rememberCards(rows, int(rows.size()), review::mostPages);
        if (!remembered) return Q_EMIT desk_.said(wording::problemSentence(remembered.problem())), false;
        page = *remembered;
    }
    const auto done = print::writePaperCard(format, page, tests, file);
    Q_EMIT desk_.said(done ? tr("The test card is in %1. It tells what to lay on real offcuts and what should be seen.")
                                 .arg(QDir::toNativeSeparators(file))
                           : wording::problemSentence(done.problem()));
    return done.ok();
}

void PaperStation::readTestCard(const QString& file) {
    auto* sheet = new TestSheet(this, desk_, file, toTest());
    connect(sheet, &TestSheet::taken, &desk_, &Desk::said);
    sheet->open();
}

QWidget* PaperStation::cuttingColumn() {
    cutting_ = new QWidget;
    cutting_->setFixedWidth(150);
    auto* column = new QVBoxLayout(cutting_);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(measure::grid);
    border_ = wholeNumber(int(planning::borderBounds.least), int(planning::borderBounds.most), tr(" mm"));
    border_->setToolTip(tr("Under the tape, on each side of the picture."));
    series_ = wholeNumber(int(planning::seriesBounds.least), int(planning::seriesBounds.most));
    series_->setToolTip(tr("Pictures of this size on the same paper."));
    addField(column, tr("Border"), border_);
    addField(column, tr("Pictures"), series_);
    connect(border_, &QSpinBox::valueChanged, this, [this](int millimetres) {
        session_.choose(tr("Border"), [=](planning::Study& study) { study.borderMillimetres = millimetres; });
    });
    connect(series_, &QSpinBox::valueChanged, this, [this](int pictures) {
        session_.choose(tr("Pictures in the series"), [=](planning::Study& study) { study.series = pictures; });
    });
    cutSheet_ = new CutSheet;
    column->addWidget(cutSheet_, 1);
    return cutting_;
}

void PaperStation::showEvent(QShowEvent* event) {
    Station::showEvent(event);
    session_.compare(Session::Compared::papers);
}

void PaperStation::take(const std::string& id) {
    if (!id.empty() && !session_.library().paper(id)) return;  // to be bought first
    session_.choose(tr("Paper"), [&](planning::Study& study) {
        study.paper = id;
        looked_.clear();
    });
}

void PaperStation::forgetStudy() {
    looked_.clear();
}

void PaperStation::refresh() {
    const auto plan = session_.plan();
    goal_->refresh();
    showValue(border_, int(std::lround(session_.study().borderMillimetres)));
    showValue(series_, session_.study().series);
    if (plan && lookedAt(*plan).id != looked_) looked_.clear();
    set_->setEnabled(plan && looked_ != plan->paper.id && session_.library().paper(looked_));
    best_->setEnabled(plan && !session_.study().paper.empty());
    test_->setEnabled(plan && plan->papers);
    std::vector<materials::Paper> papers;
    const bool isJudged = plan && plan->papers;
    std::size_t atHand = 0;
    if (isJudged) {
        for (const planning::RankedPaper& entry : *plan->papers) {
            papers.push_back(entry.paper);
            atHand += entry.isAtHand;
        }
    } else if (plan) {
        papers = session_.firstOrder().empty() ? session_.library().papers : session_.firstOrder();
        atHand = papers.size();
    }
    offcuts_->show(plan, session_.library(), std::move(papers), atHand, isJudged,
                   plan ? lookedAt(*plan).id : std::string());
    cutting_->setVisible(plan != nullptr);
    if (plan)
        cutSheet_->show(planning::cuttingOf(session_.study(), lookedAt(*plan), session_.library()),
                        session_.study().borderMillimetres, lookedAt(*plan));
}

const materials::Paper& PaperStation::lookedAt(const planning::Plan& plan) const {
    const materials::Library& library = session_.library();
    if (const materials::Paper* looked = library.paper(looked_)) return *looked;
    const auto toBuy = std::ranges::find(library.papersToBuy, looked_, &materials::Paper::id);
    return toBuy == library.papersToBuy.end() ? plan.paper : *toBuy;
}

QString PaperStation::decided() const {
    const auto plan = session_.plan();
    if (!plan) return tr("not chosen yet");
    return QString::fromStdString(plan->paper.name);
}

Views PaperStation::views() const {
    Views views = Station::views();
    const auto plan = session_.plan();
    if (!plan) return views;
    const materials::Paper& paper = lookedAt(*plan);
    const cv::Mat picture = colour::pictureUnder(plan->reading->picture, session_.shownLight());
    const cv::Mat zero(plan->stackMap.size(), CV_32S, cv::Scalar(0));
    const cv::Mat grain =
        rendering::grainMap(paper.surface, zero.size(), session_.study().widthMillimetres / zero.cols);
    const cv::Mat sheet =
        rendering::sheetPicture(zero, {{pigment::barePatch(paper), {}}}, {}, grain, session_.shownLight());
    views.sheet = drawing::imageOf(planning::cutOutOn(*plan->reading, picture, sheet, paper, asSeen_->isChecked()));
    views.figure.clear();
    views.sheetCaption =
        (asSeen_->isChecked() ? tr("Subject cut out, as it looks on %1") : tr("Subject cut out, as it measures, on %1"))
            .arg(QString::fromStdString(paper.name));
    return views;
}

QString PaperStation::introduction() const {
    return tr(
        "All your papers, tried with your sticks, the best for your goal first. Choose one by a click and "
        "set it, or leave it to the plan.");
}

MarginText PaperStation::margin() const {
    MarginText text;
    const auto plan = session_.plan();
    if (!plan) {
        text.head = tr("Paper");
        text.paragraphs << tr("Papers are tried as soon as the subject is read.");
        return text;
    }
    const materials::Paper& paper = lookedAt(*plan);
    text.head = QString::fromStdString(paper.name);
    const planning::Cutting cut = planning::cuttingOf(session_.study(), paper, session_.library());
    if (paper.id == plan->paper.id)
        text.paragraphs << (session_.study().paper.empty() ? tr("It is taken because it ranks first.")
                                                           : tr("You have set it."));
    if (const planning::RankedPaper* entry = ranked(*plan, paper.id)) {
        if (!entry->isAtHand) text.paragraphs << tr("It is not at hand: used up, or not bought yet.");
        text.paragraphs << tr("%1. Score %2 of 100, %3 of %4: %5.")
                               .arg(QString::fromStdString(paper.maker))
                               .arg(wording::decimal(entry->score.points, 1))
                               .arg(entry - plan->papers->data() + 1)
                               .arg(plan->papers->size())
                               .arg(wording::scoreParts(entry->score));
        text.paragraphs << tr("A quick plan on it, in at most three layers, ends %1 (%2).")
                               .arg(wording::nearnessWords(entry->outcome.picture.mean),
                                    wording::differenceFigure(entry->outcome.picture.mean));
        text.paragraphs << tr("On each piece lie the subject's dark, medium and light, in pencil, soft stick and pan.");
        for (const planning::PaperReason& reason : entry->reasons)
            text.why << wording::paperReasonSentence(reason, *plan);
    } else {
        text.paragraphs << tr("%1. It is being tried.").arg(QString::fromStdString(paper.maker));
    }
    if (const QString tooth = wording::toothSentence(paper); !tooth.isEmpty()) text.paragraphs << tooth;
    if (const QString told = wording::cuttingSentences(cut, session_.study()).join(QLatin1Char(' ')); !told.isEmpty())
        text.paragraphs << told;
    if (const int area = largestInFront(*plan); area >= 0) {
        const auto& samples = plan->stacks[std::size_t(plan->stackOfArea[std::size_t(area)])].samples;
        const auto& most = *std::ranges::max_element(samples, {}, &matching::Sample::weight);
        const double steps = planning::contrastSteps(most.wanted, colour::labFromSrgb8(paper.tone));
        text.why
            << (steps > 0
                    ? tr("Beside it %1 looks %2 of a step lighter than on a middle grey, though it measures the same.")
                    : tr("Beside it %1 looks %2 of a step darker than on a middle grey, though it measures the same."))
                   .arg(wording::areasNamed(*plan, {area}), wording::decimal(std::fabs(steps), 1));
    }
    return text;
}

TrialWish PaperStation::trialWish() const {
    return {.paper = looked_.empty() && session_.plan() ? session_.plan()->paper.id : looked_};
}

}  // namespace app
