#include "app/session.h"

#include <QHash>
#include <QUndoCommand>
#include <utility>

#include "colour/picture_under.h"
#include "drawing/pictures.h"
#include "planning/chosen_stacks.h"
#include "planning/stage_picture.h"
#include "planning/study_fields.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// Choices that follow each other faster are planned once.
constexpr int pauseMilliseconds = 120;

}  // namespace

class Session::Choice : public QUndoCommand {
 public:
    Choice(Session& session, const QString& what, Chosen before, Chosen after, const QString& key)
        : QUndoCommand(what), session_(session), before_(std::move(before)), after_(std::move(after)), key_(key) {}

    void undo() override { session_.set(before_); }
    void redo() override { session_.set(after_); }
    int id() const override { return key_.isEmpty() ? -1 : int(qHash(key_) & 0x7fffffff); }
    const Chosen& before() const { return before_; }
    const Chosen& after() const { return after_; }
    const QString& key() const { return key_; }
    bool mergeWith(const QUndoCommand* other) override {
        if (session_.isTakingUp_) return false;
        after_ = static_cast<const Choice*>(other)->after_;
        return true;
    }

 private:
    Session& session_;
    Chosen before_, after_;
    QString key_;
};

Session::Session(QObject* parent) : QObject(parent) {
    delay_.setSingleShot(true);
    connect(&delay_, &QTimer::timeout, this, &Session::startPlanning);
    rest_.setSingleShot(true);
    connect(&rest_, &QTimer::timeout, this, [this] {
        if (const auto begin = std::exchange(atRest_, {})) begin();
    });
}

Session::~Session() = default;

void Session::forget() {
    planner_.stop();
    marker_.stop();
    looker_.stop();
    atRest_ = {};
    plan_.reset();
    marked_ = std::make_shared<Marked>();
    looked_ = std::make_shared<Looked>();
    sheets_.clear();
    reading_.reset();
    picture_ = cv::Mat();
    shown_ = QImage();
    kept_ = std::make_shared<planning::Kept>();
    history_.clear();
    record_ = {};
    writtenWith_ = {};
}

void Session::begin(Chosen chosen) {
    chosen_ = std::move(chosen);
    Q_EMIT opened();
    Q_EMIT studyChanged();
    goOnPlanning();  // there is no second choice to wait for
}

Session::Course Session::courseOf(const planning::Record& record) {
    const planning::Standing standing(record);
    return {standing.planChangedAt(), standing.deviations()};
}

bool Session::hasChosenSince() const {
    return planning::Standing(record_).isAnythingDone() && writtenWith_ != study();
}

planning::Record Session::recordToPlan() const {
    planning::Record record = record_;
    if (hasChosenSince()) {
        planning::Entry changed;
        changed.kind = planning::EntryKind::planChanged;
        record.entries.push_back(changed);
    }
    return record;
}

void Session::takeRecord(planning::Record record, const planning::Study& writtenWith) {
    const bool wasBegun = planning::Standing(record_).isAnythingDone();
    record_ = std::move(record);
    writtenWith_ = writtenWith;
    if (!wasBegun && planning::Standing(record_).isAnythingDone()) history_.clear();
    if (study() == writtenWith) history_.setClean();
    Q_EMIT recordChanged();
    if (plan_ && planCourse_ != courseOf(recordToPlan())) startPlanning();
}

void Session::open(planning::Study study, materials::Library library, std::shared_ptr<const subject::Picture> picture,
                   planning::Record record) {
    forget();
    record_ = std::move(record);
    writtenWith_ = study;
    if (picture) {
        kept_->reference = study.reference;
        kept_->picture = std::move(picture);
    }
    begin({std::move(study), std::make_shared<materials::Library>(std::move(library))});
}

std::vector<storage::JournalStep> Session::steps() const {
    std::vector<storage::JournalStep> steps;
    for (int i = 0; i < history_.count(); ++i) {
        const auto* choice = static_cast<const Choice*>(history_.command(i));
        if (i == 0) steps.push_back({{}, {}, choice->before().study, choice->before().library});
        steps.push_back({choice->text(), choice->key(), choice->after().study, choice->after().library});
    }
    if (steps.empty()) steps.push_back({{}, {}, chosen_.study, chosen_.library});
    return steps;
}

void Session::takeUp(const std::vector<storage::JournalStep>& steps, int at, planning::Record record,
                     const planning::Study& writtenWith) {
    forget();
    record_ = std::move(record);
    writtenWith_ = writtenWith;
    isTakingUp_ = true;
    const auto stateOf = [](const storage::JournalStep& step) { return Chosen{step.study, step.library}; };
    for (std::size_t i = 1; i < steps.size(); ++i)
        history_.push(new Choice(*this, steps[i].what, stateOf(steps[i - 1]), stateOf(steps[i]), steps[i].mergeKey));
    history_.setIndex(at);
    isTakingUp_ = false;
    history_.resetClean();
    begin(stateOf(steps[std::size_t(at)]));
}

void Session::choose(const QString& what, const std::function<void(planning::Study&)>& change,
                     const QString& mergeKey) {
    Chosen changed = chosen_;
    change(changed.study);
    push(what, std::move(changed), mergeKey);
}

void Session::chooseMaterials(const QString& what, const planning::Study& changed, materials::Library library) {
    const bool isSame = library == *chosen_.library;
    push(what, {changed, isSame ? chosen_.library : std::make_shared<materials::Library>(std::move(library))}, {});
}

void Session::push(const QString& what, Chosen changed, const QString& mergeKey) {
    if (changed == chosen_) return;
    if (planning::Standing(record_).isAnythingDone() && planning::changesBegunSheet(chosen_.study, changed.study)) {
        Q_EMIT studyChanged();  // what was asked for is not shown
        Q_EMIT problemMet(
            tr("The sheet is begun, so picture, areas, paper and ground stay as they are: begin another "
               "sheet of this study to choose them anew."));
        return;
    }
    history_.push(new Choice(*this, what, chosen_, std::move(changed), mergeKey));
}

void Session::set(const Chosen& chosen) {
    if (isTakingUp_) return;
    // More or fewer areas of the same picture are read at once: a slider is being moved.
    const std::vector<std::string> changed = planning::changedFields(study(), chosen.study);
    const bool isQuick = chosen.library == chosen_.library && changed == std::vector<std::string>{"areas"};
    chosen_ = chosen;
    Q_EMIT studyChanged();
    delay_.start(isQuick ? 0 : pauseMilliseconds);
    rest_.start(pauseMilliseconds);
}

void Session::glanceUnder(std::optional<colour::Light> light) {
    if (glance_ == light) return;
    glance_ = light;
    Q_EMIT shownLightChanged();
}

const QImage& Session::shownPicture() {
    if ((shown_.isNull() || shownUnder_ != shownLight()) && !picture_.empty()) {
        shownUnder_ = shownLight();
        shown_ = drawing::imageOf(colour::pictureUnder(picture_, shownUnder_));
    }
    return shown_;
}

QImage Session::sheetAfter(int steps) {
    constexpr std::size_t keptSheets = 6;
    if (!plan_) return {};
    for (const Sheet& sheet : sheets_)
        if (sheet.steps == steps && sheet.light == shownLight()) return sheet.image;
    if (sheets_.size() == keptSheets) sheets_.erase(sheets_.begin());
    sheets_.push_back({steps, shownLight(), drawing::imageOf(planning::pictureAfter(*plan_, steps, shownLight()))});
    return sheets_.back().image;
}

void Session::lookCloser(const QRectF& part, const QSize& pixels) {
    // The pyramid is made when it is first looked into, after the reading, which comes first.
    if (!reading_ || !study().reference) return;
    const subject::FramePlace whole(study().frame, reading_->source,
                                    study().widthMillimetres / study().heightMillimetres);
    if (whole.width() <= picture_.cols * 1.05) return;  // there is no more to be seen than what is shown
    const planning::Study& now = study();
    looker_.run(
        [looked = looked_, reference = now.reference, frame = now.frame, light = shownLight(),
         format = now.widthMillimetres / now.heightMillimetres, part, pixels](const common::Progress&) -> QImage {
            if (looked->reference != reference) {
                auto read = subject::readPyramid(reference->bytes, reference->name);
                if (!read) return {};
                *looked = {reference, std::make_shared<subject::Pyramid>(*std::move(read))};
            }
            const cv::Rect2d place(part.x(), part.y(), part.width(), part.height());
            const cv::Mat view = looked->pyramid->view(frame, format, place, {pixels.width(), pixels.height()});
            return drawing::imageOf(colour::pictureUnder(view, light));
        },
        [this, reference = now.reference, frame = now.frame, light = shownLight(), part](const QImage& image) {
            const bool isStillShown = reference == study().reference && frame == study().frame && light == shownLight();
            if (isStillShown && !image.isNull()) Q_EMIT detailSeen(image, part);
        });
}

void Session::lookAtMarks(int steps, const QRectF& part, const QSize& pixels) {
    if (!plan_ || pixels.isEmpty()) return;
    marker_.run(
        [marked = marked_, plan = plan_, study = planOf_.study, light = shownLight(), steps, part,
         pixels](const common::Progress&) {
            if (!marked->view || marked->plan != plan || marked->light != light || marked->part != part ||
                marked->pixels != pixels) {
                const cv::Rect2d place(part.x(), part.y(), part.width(), part.height());
                marked->view.emplace(*plan, study, light, place, cv::Size(pixels.width(), pixels.height()));
                marked->plan = plan;
                marked->light = light;
                marked->part = part;
                marked->pixels = pixels;
            }
            return drawing::imageOf(marked->view->after(steps));
        },
        [this, plan = plan_, light = shownLight(), part, steps](const QImage& image) {
            if (plan == plan_ && light == shownLight()) Q_EMIT marksSeen(image, part, steps);
        });
}

void Session::goOnPlanning() {
    rest_.stop();
    delay_.start(0);
}

void Session::stopPlanning() {
    const bool isWaiting = delay_.isActive();
    delay_.stop();
    atRest_ = {};
    if (isPlanning_)
        end();
    else if (!isWaiting)
        return;
    Q_EMIT planningStopped();
}

template <typename Work, typename Then>
void Session::stage(const Chosen& of, double from, double to, Work work, Then then) {
    const auto report = [this, from, to](double f) { Q_EMIT planningProgress(from + (to - from) * f); };
    planner_.run([work = std::move(work), of,
                  kept = kept_](const common::Progress& progress) { return work(of, *kept, progress); },
                 [this, then = std::move(then)](auto made) mutable {
                     if (made) return then(*std::move(made));
                     kept_ = std::make_shared<planning::Kept>();  // what was half done
                     end();
                     Q_EMIT problemMet(wording::problemSentence(made.problem()));
                 },
                 report);
}

void Session::startPlanning() {
    planner_.stop();
    atRest_ = {};
    if (!study().reference) return isPlanning_ ? end() : void();
    using common::Progress;
    using planning::Fineness;
    using planning::Kept;
    isPlanning_ = true;
    triedSoFar_.clear();
    firstOrder_.clear();
    Q_EMIT planningStarted();
    const auto coarsePlan = [](const Chosen& of, Kept& kept, const Progress& progress) {
        return planning::makePlan(of.study, *of.library, kept, progress, 0, Fineness::coarse);
    };
    const auto fullPlan = [record = recordToPlan()](const Chosen& of, Kept& kept, const Progress& progress) {
        return planning::makePlan(of.study, *of.library, record, kept, progress);
    };
    const Course course = courseOf(recordToPlan());
    // The reference, the reading, and once the hand rests a coarse plan and the full one, each shown as soon as it is
    // there. The next begins before it is shown: whoever sees it may choose otherwise, which then ends what has begun.
    const auto full = [this, fullPlan, course](const Chosen& of) {
        stage(of, 0.4, 1, fullPlan, [this, of, course](planning::Plan made) {
            planCourse_ = course;
            take(std::move(made), of);
            end();
            compareMissing();  // a station has asked meanwhile
        });
    };
    const auto coarse = [this, coarsePlan, full](const Chosen& of) {
        // What is laid is not what a first plan would lay.
        if (!record_.isEmpty()) return compareWanted(of, [full, of] { full(of); });
        // Around what is set by hand the full plan is there as soon.
        if (plan_ && !plan_->isCoarse && planOf_.library == of.library &&
            planning::differOnlyByHand(planOf_.study, of.study))
            return compareWanted(of, [full, of] { full(of); });
        stage(of, 0, 0.1, coarsePlan, [this, full, of](planning::Plan made) {
            compareWanted(of, [full, of] { full(of); });
            take(std::move(made), of);
        });
    };
    const auto read = [this, coarse](const Chosen& of) {
        stage(
            of, 0, 0,
            [](const Chosen& chosen, Kept& kept, const Progress&) { return planning::readSubject(chosen.study, kept); },
            [this, coarse, of](std::shared_ptr<const planning::Reading> made) {
                if (rest_.isActive())
                    atRest_ = [coarse, of] { coarse(of); };
                else
                    coarse(of);
                reading_ = std::move(made);
                Q_EMIT readingChanged();
            });
    };
    stage(
        chosen_, 0, 0,
        [](const Chosen& chosen, Kept& kept, const Progress&) { return planning::readReference(chosen.study, kept); },
        [this, read, of = chosen_](const cv::Mat& picture) {
            read(of);
            if (picture.data == picture_.data) return;
            picture_ = picture;
            shown_ = QImage();
            Q_EMIT readingChanged();
        });
}

void Session::compareWanted(const Chosen& of, std::function<void()> then) {
    const bool papers = papersWanted_ || of.study.paper.empty();
    const bool grounds = groundsWanted_ || planning::groundOf(of.study.approach) == planning::Ground::proposed;
    using common::Progress;
    using planning::Kept;
    const auto compareGrounds = [this, of, grounds, then] {
        if (!grounds) return then();
        const auto tell = [this](const planning::TriedGround& tried) {
            // One that is searched in full after the quick look takes its place.
            std::erase_if(triedSoFar_, [&](const planning::TriedGround& before) {
                return before.proposal.strategy == tried.proposal.strategy;
            });
            triedSoFar_.push_back(tried);
            Q_EMIT groundTried();
        };
        stage(
            of, 0.2, 0.4,
            [inOrder = planner_.teller<planning::TriedGround>(tell)](const Chosen& chosen, Kept& kept,
                                                                     const Progress& progress) {
                return planning::comparedGrounds(chosen.study, *chosen.library, kept, progress, inOrder);
            },
            [then](const planning::ComparedGrounds&) { then(); });
    };
    if (!papers) return compareGrounds();
    const auto order = [this](const std::vector<materials::Paper>& first) {
        firstOrder_ = first;
        Q_EMIT papersOrdered();
    };
    stage(
        of, 0.1, 0.2,
        [inOrder = planner_.teller<std::vector<materials::Paper>>(order)](const Chosen& chosen, Kept& kept,
                                                                          const Progress& progress) {
            return planning::comparedPapers(chosen.study, *chosen.library, kept, progress, inOrder);
        },
        [compareGrounds](const planning::Ranking&) { compareGrounds(); });
}

void Session::compare(Compared what) {
    (what == Compared::papers ? papersWanted_ : groundsWanted_) = true;
    compareMissing();
}

void Session::compareMissing() {
    if (isPlanning_ || !isPlanCurrent()) return;
    if ((papersWanted_ && !plan_->papers) || (groundsWanted_ && !plan_->grounds)) startPlanning();
}

void Session::end() {
    planner_.stop();
    isPlanning_ = false;
    Q_EMIT planningEnded();
}

void Session::take(planning::Plan plan, const Chosen& of) {
    plan_ = std::make_shared<planning::Plan>(std::move(plan));
    sheets_.clear();
    reading_ = plan_->reading;
    planOf_ = of;
    Q_EMIT planChanged();
}

}  // namespace app
