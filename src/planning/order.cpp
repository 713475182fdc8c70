#include "planning/order.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "colour/munsell.h"
#include "planning/minutes.h"

namespace planning {

namespace {

/// One stroke of one passage: the smallest thing to order.
struct Task {
    int passage;
    int lay;  // index into the recipe
    Stage stage;
    std::vector<std::pair<int, Reason>> before;  // tasks that must be done, and why
    int step = -1;                               // where it has been put
};

Stage stageOf(const subject::Passage& passage, int lay, int lays) {
    if (passage.band == subject::Band::accent) return Stage::accent;
    if (lay == 0) return Stage::blockIn;
    return lay + 1 == lays && lays > 2 ? Stage::refine : Stage::build;
}

/// How much of a hard point's pigment would hold if the order of the two strokes were turned round, against now.
double heldTurnedRound(const Plan& plan, const PlannedPassage& passage, int lay) {
    const matching::Lay& hard = passage.recipe.lays[lay - 1];
    const matching::Lay& soft = passage.recipe.lays[lay];
    const auto gain = [&](std::vector<matching::Lay> before) {
        const pigment::Patch& ground = plan.grounds[passage.groundIndex].patch;
        const pigment::Patch under = matching::laidOn(ground, before, plan.prepared);
        before.push_back(hard);
        const pigment::Patch over = matching::laidOn(ground, before, plan.prepared);
        return std::max(0.0, pigment::toothUsed(over) - pigment::toothUsed(under));
    };
    const double now = gain({});
    return now > 0 ? gain({soft}) / now : 1.0;
}

class Orderer {
 public:
    /// `taste` settles what the rules leave open; 0 takes holds in their own order.
    Orderer(const Plan& plan, const Study& study, unsigned taste) : plan_(plan), study_(study), taste_(taste) {}

    std::vector<Step> steps() {
        addDrawing();
        addUnderpainting();
        makeTasks();
        addEdges();
        for (const Stage stage : {Stage::blockIn, Stage::build, Stage::refine, Stage::accent}) schedule(stage);
        return std::move(steps_);
    }

 private:
    const subject::Passage& passage(int index) const { return plan_.reading->passages.list[index]; }
    const subject::Area& area(int index) const { return plan_.reading->areas.list[passage(index).area - 1]; }

    void push(Step step) {
        step.number = int(steps_.size()) + 1;
        step.minutes = minutesFor(step, plan_, study_);
        steps_.push_back(std::move(step));
    }

    void addDrawing() {
        Step step;
        step.stage = Stage::drawing;
        for (int p = 0; p < int(plan_.passages.size()); ++p) step.passages.push_back(p);
        step.manner = pigment::Manner::hatch;
        step.pressure = pigment::Pressure::light;
        step.stick = drawingStick();
        step.why = {{ReasonKind::firstMarks}};
        push(std::move(step));
    }

    /// A point of little chroma that shows on the paper without standing out, if the palette has one.
    int drawingStick() const {
        int best = -1;
        double least = 1e9;
        const double paper = colour::munsellValueOfLightness(pigment::labOf(plan_.grounds[0].patch).L);
        for (std::size_t i = 0; i < plan_.sticks.size(); ++i) {
            const materials::Kind kind = plan_.sticks[i].kind;
            if (kind != materials::Kind::pencil && kind != materials::Kind::hard && kind != materials::Kind::charcoal)
                continue;
            const colour::Lab& lab = plan_.prepared[i].masstone;
            const double apart = std::fabs(colour::munsellValueOfLightness(lab.L) - paper);
            const double fault = std::fabs(apart - 2.5) + colour::chroma(lab) / 15.0;
            if (apart > 1.0 && fault < least) {
                least = fault;
                best = int(i);
            }
        }
        return best;
    }

    void addUnderpainting() {
        double clock = 0, dryAt = 0;
        for (std::size_t g = 1; g < plan_.grounds.size(); ++g) {
            for (const matching::Lay& lay : plan_.grounds[g].lays) {
                Step step;
                step.stage = Stage::underpainting;
                for (int p = 0; p < int(plan_.passages.size()); ++p)
                    if (plan_.passages[p].groundIndex == int(g)) step.passages.push_back(p);
                const bool ink = plan_.sticks[lay.stick].kind == materials::Kind::ink;
                step.stick = pigment::laysPigment(lay.manner) ? lay.stick : -1;
                step.manner = lay.manner;
                step.pressure = lay.pressure;
                step.after = {int(steps_.size())};
                step.why = {{ink ? ReasonKind::inkDeepestDarks : ReasonKind::groundFirst}};
                push(std::move(step));
                clock += steps_.back().minutes;
                dryAt = std::max(dryAt, clock + dryingMinutes(plan_.sticks[lay.stick].kind));
            }
        }
        lastGround_ = int(steps_.size());
        // Each wash dries while the next is laid: only what is left after the last is waited for.
        if (dryAt > clock) {
            steps_.back().waitMinutes = std::ceil(dryAt - clock);
            steps_.back().why.push_back({ReasonKind::wetBeforeDry, steps_.back().waitMinutes});
        }
    }

    void makeTasks() {
        firstTask_.resize(plan_.passages.size());
        for (std::size_t p = 0; p < plan_.passages.size(); ++p) {
            firstTask_[p] = int(tasks_.size());
            const int lays = int(plan_.passages[p].recipe.lays.size());
            for (int lay = 0; lay < lays; ++lay)
                tasks_.push_back({int(p), lay, stageOf(passage(int(p)), lay, lays), {}, -1});
        }
    }

    /// Task of passage `p` in `stage`, or -1.
    int taskIn(int p, Stage stage) const {
        const int lays = int(plan_.passages[p].recipe.lays.size());
        for (int lay = 0; lay < lays; ++lay)
            if (tasks_[firstTask_[p] + lay].stage == stage) return firstTask_[p] + lay;
        return -1;
    }

    void addEdges() {
        const int count = int(plan_.passages.size());
        for (int p = 0; p < count; ++p) {
            const auto& lays = plan_.passages[p].recipe.lays;
            for (int lay = 1; lay < int(lays.size()); ++lay) {
                Reason reason{ReasonKind::overEarlierStroke};
                const auto hardness = [&](int i) { return plan_.sticks[lays[i].stick].hardness; };
                if (hardness(lay - 1) > hardness(lay) + 0.3) {
                    const double held = heldTurnedRound(plan_, plan_.passages[p], lay);
                    if (held < 0.8) reason = {ReasonKind::hardBeforeSoft, held};
                }
                tasks_[firstTask_[p] + lay].before.push_back({firstTask_[p] + lay - 1, reason});
            }
        }
        const bool darkFirst = study_.school == School::darkFirst;
        for (int p = 0; p < count; ++p)
            for (int q = 0; q < count; ++q) {
                if (p == q) continue;
                for (const Stage stage : {Stage::blockIn, Stage::build, Stage::refine}) {
                    const int first = taskIn(p, stage);
                    const int second = taskIn(q, stage);
                    if (first < 0 || second < 0) continue;
                    if (passage(p).area == passage(q).area) {
                        const bool darker = passage(p).band < passage(q).band;
                        if (darker == darkFirst)
                            tasks_[second].before.push_back(
                                {first, {darkFirst ? ReasonKind::darkBeforeLight : ReasonKind::lightBaseFirst}});
                    } else if (stage == Stage::blockIn && area(p).plane < area(q).plane && touch(p, q)) {
                        tasks_[second].before.push_back({first, {ReasonKind::backgroundFirst}});
                    }
                }
            }
        waitForEachOther();
    }

    bool isTogether(int p, int q) const {
        return area(p).together == area(q).together && passage(p).area != passage(q).area;
    }

    /// What is planned together is laid in the same step: each waits for all that the other waits for. Edges only lead
    /// from a farther plane to a nearer one or from band to band, which the pair shares: no circle comes of it.
    void waitForEachOther() {
        for (int p = 0; p < int(plan_.passages.size()); ++p)
            for (int q = p + 1; q < int(plan_.passages.size()); ++q) {
                if (!isTogether(p, q) || passage(p).band != passage(q).band) continue;
                for (const Stage stage : {Stage::blockIn, Stage::build, Stage::refine, Stage::accent}) {
                    const int one = taskIn(p, stage), other = taskIn(q, stage);
                    if (one < 0 || other < 0 || holdOf(tasks_[one]) != holdOf(tasks_[other])) continue;
                    auto both = tasks_[one].before;
                    both.insert(both.end(), tasks_[other].before.begin(), tasks_[other].before.end());
                    tasks_[one].before = tasks_[other].before = both;
                }
            }
    }

    bool touch(int p, int q) const { return std::ranges::binary_search(area(p).neighbours, passage(q).area); }

    using Hold = std::tuple<int, pigment::Manner, pigment::Pressure>;  // what is in the hand, and how

    Hold holdOf(const Task& task) const {
        const matching::Lay& lay = plan_.passages[task.passage].recipe.lays[task.lay];
        return {lay.stick, lay.manner, lay.pressure};
    }

    bool ready(const Task& task) const {
        return std::ranges::all_of(task.before, [&](const auto& edge) { return tasks_[edge.first].step >= 0; });
    }

    /// A stick's place in this taste's order of sticks: any fixed shuffle will do.
    unsigned liking(int stick) const { return taste_ == 0 ? 0 : (unsigned(stick) + 1) * taste_ * 2654435761u >> 8; }

    /// Lays a stage's tasks out: what is ready for one hold is one step. Goes on with the stick in hand if it can, else
    /// takes the hold of which the largest part is ready, since what is left of it has to be picked up again.
    void schedule(Stage stage) {
        std::vector<int> open;
        for (std::size_t t = 0; t < tasks_.size(); ++t)
            if (tasks_[t].stage == stage) open.push_back(int(t));
        const int stageBefore = int(steps_.size());
        while (!open.empty()) {
            std::map<Hold, std::vector<int>> readyBy;
            std::map<int, double> leftOfStick, readyOfStick;
            for (const int t : open) {
                const int stick = std::get<0>(holdOf(tasks_[t]));
                leftOfStick[stick] += 1;
                if (!ready(tasks_[t])) continue;
                readyOfStick[stick] += 1;
                readyBy[holdOf(tasks_[t])].push_back(t);
            }
            const auto worth = [&](const std::pair<const Hold, std::vector<int>>& entry) {
                const int stick = std::get<0>(entry.first);
                const bool inHand = !steps_.empty() && steps_.back().stick == stick;
                return std::tuple(inHand, readyOfStick[stick] / leftOfStick[stick], liking(stick), entry.second.size());
            };
            auto best = readyBy.begin();
            for (auto it = readyBy.begin(); it != readyBy.end(); ++it)
                if (worth(*it) > worth(*best)) best = it;
            addStep(stage, best->first, best->second, stageBefore);
            std::erase_if(open, [&](int t) { return tasks_[t].step >= 0; });
        }
    }

    void addStep(Stage stage, const Hold& hold, std::vector<int> tasks, int stageBefore) {
        Step step;
        step.stage = stage;
        std::tie(step.stick, step.manner, step.pressure) = hold;
        // Far before near, then from the top down: the hand does not rest on what is done.
        std::ranges::sort(tasks, {}, [&](int t) {
            const subject::Area& a = area(tasks_[t].passage);
            return std::tuple(a.plane, a.centreY, a.centreX, tasks_[t].passage);
        });
        std::vector<Reason> why;
        if (!steps_.empty() && steps_.back().stick == step.stick) why.push_back({ReasonKind::stickInHand});
        for (const int t : tasks) {
            tasks_[t].step = int(steps_.size()) + 1;
            step.passages.push_back(tasks_[t].passage);
            if (plan_.passages[tasks_[t].passage].groundIndex > 0 && tasks_[t].lay == 0) {
                step.after.push_back(lastGround_);
                why.push_back({ReasonKind::groundFirst});
            }
            for (const auto& [earlier, reason] : tasks_[t].before) {
                step.after.push_back(tasks_[earlier].step);
                why.push_back(reason);
            }
        }
        for (const int p : step.passages)
            if (std::ranges::any_of(step.passages, [&](int q) { return isTogether(p, q); })) {
                why.insert(why.begin(), {ReasonKind::pairTogether});
                break;
            }
        if (stage == Stage::accent) why.insert(why.begin(), {ReasonKind::highlightsLast});
        step.after.push_back(stageBefore);
        why.push_back({stage == Stage::blockIn ? ReasonKind::groundFirst : ReasonKind::wholePictureTogether});
        std::ranges::sort(step.after);
        step.after.erase(std::unique(step.after.begin(), step.after.end()), step.after.end());
        for (const Reason& reason : why) {
            const auto same = std::ranges::find(step.why, reason.kind, &Reason::kind);
            if (same == step.why.end())
                step.why.push_back(reason);
            else
                same->figure = std::min(same->figure, reason.figure);
        }
        push(std::move(step));
    }

    const Plan& plan_;
    const Study& study_;
    unsigned taste_;
    std::vector<Task> tasks_;
    std::vector<int> firstTask_;
    std::vector<Step> steps_;
    int lastGround_ = 1;
};

}  // namespace

std::vector<Step> orderedSteps(const Plan& plan, const Study& study) {
    // The greedy choice is quick, so many tastes are tried and the one that picks up least is taken.
    constexpr unsigned tastes = 48;
    std::vector<Step> best;
    for (unsigned taste = 0; taste < tastes; ++taste) {
        std::vector<Step> steps = Orderer(plan, study, taste).steps();
        if (best.empty() || std::pair(stickChanges(steps), steps.size()) < std::pair(stickChanges(best), best.size()))
            best = std::move(steps);
    }
    return best;
}

int stickChanges(const std::vector<Step>& steps) {
    int changes = 0, inHand = -1;
    for (const Step& step : steps) {
        if (step.stick < 0 || step.stick == inHand) continue;
        ++changes;
        inHand = step.stick;
    }
    return changes;
}

int stickChangesPlain(const Plan& plan) {
    std::vector<Step> plain;
    for (const Step& step : plan.steps)
        if (step.stage == Stage::drawing || step.stage == Stage::underpainting) plain.push_back(step);
    for (const Stage stage : {Stage::blockIn, Stage::build, Stage::refine, Stage::accent})
        for (std::size_t p = 0; p < plan.passages.size(); ++p) {
            const std::vector<matching::Lay>& lays = plan.passages[p].recipe.lays;
            for (int lay = 0; lay < int(lays.size()); ++lay) {
                if (stageOf(plan.reading->passages.list[p], lay, int(lays.size())) != stage) continue;
                Step step;
                step.stick = lays[lay].stick;
                plain.push_back(step);
            }
        }
    return stickChanges(plain);
}

}  // namespace planning
