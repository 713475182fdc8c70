#include "planning/replanning.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <set>
#include <string_view>

#include "planning/completing.h"
#include "planning/fades.h"
#include "planning/laying.h"
#include "planning/on_threads.h"
#include "planning/own_stacks.h"
#include "planning/rest_order.h"
#include "planning/rest_stacks.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "planning/standing_on.h"

namespace planning {

using common::Problem;
using common::ProblemKind;

/// The plan without a record, and the plans that went on from it one after the other, each with what it was made from.
struct KeptReplans {
    Study study;
    materials::Library library;
    PlanSubject subject;
    Plan asChosen;
    struct Next {
        std::optional<Deviation> deviation;
        std::vector<LaidStep> laid;
        Plan plan;
    };
    std::vector<Next> next;
};

namespace {

bool isSameMap(const cv::Mat& one, const cv::Mat& other) {
    return one.size() == other.size() && cv::norm(one, other, cv::NORM_INF) == 0;
}

/// Goes on with a plan over what lies there.
class Replanner {
 public:
    Replanner(const Plan& before, const Study& study, const materials::Library& library, const PlanSubject& subject)
        : study_(study), library_(library), subject_(subject), plan_(before), slots_(slotsOf(before)) {
        for (cv::Mat& map : plan_.pressures) map = map.clone();
        for (const PlannedStack& stack : plan_.stacks) goings_.push_back({{}, {}, stack.layers, false});
    }

    /// These steps lie there as the plan has them.
    void lay(const std::vector<int>& steps) {
        for (const int number : steps)
            if (number >= 1 && number <= int(slots_.size())) layAsPlanned(slots_[std::size_t(number - 1)]);
    }

    /// One step is, or will be, laid otherwise than planned, or the sheet was fixed.
    void take(const Deviation& deviation) {
        if (deviation.isFixed) return fix();
        if (deviation.check) return see(*deviation.check, deviation.sheet);
        if (deviation.step < 1 || deviation.step > int(slots_.size())) return;
        RestSlot& slot = slots_[std::size_t(deviation.step - 1)];
        const int stick = deviation.stick ? indexOf(*deviation.stick) : -1;
        if (slot.step.groundLayer >= 0) takeGround(slot.step, deviation, stick);
        if (deviation.isPassed) {
            slot.isEmpty = true;
            for (const RestSlot::Piece& piece : slot.pieces) {
                Going& going = goings_[std::size_t(piece.stack)];
                std::erase_if(going.rest, [&](const Layer& layer) { return layer.key == piece.layer; });
                going.isOtherwise = true;
            }
            slot.pieces.clear();
            return;
        }
        layAsPlanned(slot);
        if (stick >= 0) slot.step.stick = stick;
        for (RestSlot::Piece& piece : slot.pieces) {
            Going& going = goings_[std::size_t(piece.stack)];
            const auto layer = std::ranges::find(going.laid, piece.layer, &Layer::key);
            if (layer == going.laid.end()) continue;
            going.isOtherwise = true;
            press(going.maps[std::size_t(layer - going.laid.begin())], plan_.stackMap == piece.stack,
                  deviation.heavier);
            if (stick < 0 || layer->stick < 0) continue;
            *layer = layerIn(piece.stack, going.laid.begin(), layer, {stick, mannerFor(stick, layer->manner)});
            piece.layer = layer->key;
            slot.step.manner = layer->manner;
        }
    }

    /// What lies there is what was laid, whatever this plan would have laid.
    void takeRecorded(const Record& record, const Standing& standing) {
        const std::size_t begun = std::size_t(std::ranges::count_if(slots_, [](const RestSlot& slot) {
            return slot.step.stage == Stage::drawing || slot.step.groundLayer >= 0;
        }));
        std::vector<RestSlot> slots(slots_.begin(), slots_.begin() + std::ptrdiff_t(begun));
        for (const auto& [number, doing] : standing.steps()) {
            if (!doing.isDone && !doing.isPassed) continue;
            while (int(slots.size()) < number) slots.push_back(emptySlot(int(slots.size()) + 1));
            RestSlot& slot = slots[std::size_t(number - 1)];
            if (std::size_t(number) > begun) continue;
            slot.isLaid = doing.isDone;
            slot.isEmpty = doing.isPassed;
            const int stick = doing.stick ? indexOf(*doing.stick) : -1;
            if (stick >= 0) slot.step.stick = stick;
            const bool isOtherwise = stick >= 0 || doing.heavier != 0 || doing.isPassed;
            if (slot.step.groundLayer >= 0 && isOtherwise)
                takeGround(slot.step, {number, doing.stick, doing.heavier, doing.isPassed}, stick);
        }
        // What lies there, what was done to all of it, and how it was seen, in the order of time.
        std::map<int, std::function<void()>> events;
        for (const int fixing : standing.fixings()) events[fixing] = [this] { fix(); };
        for (const int check : standing.checks()) {
            const Entry& entry = record.entries[std::size_t(check)];
            events[check] = [this, &entry] { see({entry.check->error, {}, entry.check->hand}, entry.bytes); };
        }
        for (const int number : standing.laid()) {
            const int doneAt = standing.of(number).doneAt;
            if (std::size_t(number) > begun)
                events[doneAt] = [this, &slots, &record, number, doneAt] {
                    slots[std::size_t(number - 1)] = recordedSlot(number, *record.entries[std::size_t(doneAt)].laid);
                };
        }
        for (const auto& [entry, happen] : events) happen();
        for (std::size_t s = 0; s < goings_.size(); ++s) settle(s);
        for (std::size_t i = begun; i < slots_.size(); ++i) {
            RestSlot& slot = slots_[i];
            std::erase_if(slot.pieces, [&](const RestSlot::Piece& piece) {
                return std::ranges::count(goings_[std::size_t(piece.stack)].rest, piece.layer, &Layer::key) == 0;
            });
            if (slot.pieces.empty()) continue;
            slot.step.number = int(slots.size()) + 1;
            slots.push_back(std::move(slot));
        }
        slots_ = std::move(slots);
    }

    /// What a photograph shows is how it stands.
    void see(const Checked& check, const SharedBytes& sheet) {
        if (!sheet) return;
        if (check.hand && *check.hand != plan_.hand) {
            plan_.hand = *check.hand;
            for (Going& going : goings_) going.isToPress = !going.rest.empty();
        }
        auto seen = seenIn(*sheet);
        if (!seen) return;
        plan_.seen = std::make_shared<const SeenWork>(*std::move(seen));
        for (const Checked::Taken& taken : check.mends)
            for (std::size_t s = 0; s < goings_.size(); ++s) {
                const int first = plan_.stacks[s].areas.front();
                if (plan_.reading->areas.list[std::size_t(first)].key != taken.area) continue;
                goings_[s].mend = taken.mend;
                goings_[s].isOtherwise = true;
            }
    }

    /// The hand that has laid what lies there.
    pigment::HandSample handIn(const SharedBytes& sheet) const {
        const auto seen = sheet ? seenIn(*sheet) : std::nullopt;
        if (!seen) return plan_.hand;
        std::vector<LaidStack> laid;
        for (int s = 0; s < int(goings_.size()); ++s) {
            const Going& going = goings_[std::size_t(s)];
            laid.push_back({s, chosenIn(going.laid), going.maps});
        }
        return handSeen(plan_, laid, seen->lab);
    }

    std::vector<Ways> ways(const common::Progress& progress) {
        const RestStacks rests(plan_, study_, library_, subject_.wanted);
        const cv::Mat off = squaresOff();
        std::vector<Ways> all(goings_.size());
        for (std::size_t s = 0; s < goings_.size() && !progress.cancelled(); ++s) {
            bar(int(s));
            all[s] = rests.waysFor(int(s), goings_[s], isOff(int(s), off));
            progress.at(double(s + 1) / double(goings_.size()));
        }
        return all;
    }

    Plan made() {
        std::vector<int> otherwise;
        for (int s = 0; s < int(goings_.size()); ++s) {
            const Going& going = goings_[std::size_t(s)];
            if (going.isOtherwise) goOn(s);
            if (going.isOtherwise || going.isToPress) otherwise.push_back(s);
        }
        for (const int s : otherwise) {
            pressOver(plan_, study_, s, subject_.wanted, goings_[std::size_t(s)].maps);
            pressAsSet(plan_, study_, s, goings_[std::size_t(s)].laid.size());
        }
        dropUnused();
        for (PlannedStack& stack : plan_.stacks) {
            stack.tones.clear();
            for (Layer& layer : stack.layers) layer.light = layer.medium = layer.heavy = 0;
        }
        plan_.summary = {};
        fadeEdges(plan_, study_, subject_.wanted);
        complete(plan_, study_, subject_,
                 [this](const Plan& plan, const Study& study) { return orderedOn(plan, study, slots_); });
        return std::move(plan_);
    }

 private:
    static RestSlot emptySlot(int number) {
        RestSlot slot;
        slot.step.number = number;
        slot.isEmpty = true;
        return slot;
    }

    pigment::Manner mannerFor(int stick, pigment::Manner manner) const {
        const auto manners = matching::mannersOf(plan_.sticks[std::size_t(stick)].kind);
        return std::ranges::find(manners, manner) == manners.end() ? manners.front() : manner;
    }

    /// A layer of a stack over those from `first` to `end`.
    template <typename At>
    Layer layerIn(int stack, At first, At end, const matching::StackLayer& chosen) const {
        PlannedStack below = plan_.stacks[std::size_t(stack)];
        below.layers.assign(first, end);
        return nextLayer(plan_, study_, below, chosen);
    }

    /// Its place among the plan's sticks, to which it is added if it is new.
    int indexOf(const materials::Material& stick) {
        const auto at = std::ranges::find(plan_.sticks, stick.id, &materials::Material::id);
        if (at != plan_.sticks.end()) return int(at - plan_.sticks.begin());
        plan_.sticks.push_back(stick);
        plan_.prepared.push_back(matching::prepared({stick}, plan_.light).front());
        return int(plan_.sticks.size()) - 1;
    }

    void layAsPlanned(RestSlot& slot) {
        slot.isLaid = true;
        for (const LayerPlace& place : slot.step.layers) {
            Going& going = goings_[std::size_t(place.stack)];
            while (int(going.laid.size()) <= place.layer && !going.rest.empty()) {
                going.maps.push_back(mapIn(place.stack, plan_.pressures[going.laid.size()]));
                going.laid.push_back(going.rest.front());
                going.rest.erase(going.rest.begin());
            }
        }
    }

    /// What lies there is fixed.
    void fix() {
        for (Going& going : goings_) {
            if (going.laid.empty()) continue;
            going.laid.back().isFixed = true;
            going.isOtherwise = true;
        }
    }

    /// The sheet as the film tells of what lies there.
    cv::Mat predicted() const {
        std::vector<rendering::LaidPart> parts;
        std::vector<cv::Mat> maps;
        for (std::size_t s = 0; s < goings_.size(); ++s) {
            PlannedStack laid = plan_.stacks[s];
            laid.layers = goings_[s].laid;
            parts.push_back({laid.start, strokesOf(plan_, laid)});
            while (maps.size() < goings_[s].maps.size()) maps.push_back(cv::Mat::zeros(plan_.stackMap.size(), CV_8U));
            for (std::size_t k = 0; k < goings_[s].maps.size(); ++k) maps[k] += goings_[s].maps[k];
        }
        return rendering::sheetPicture(plan_.stackMap, parts, maps, {}, plan_.light, plan_.runIn);
    }

    std::optional<SeenWork> seenIn(const common::Bytes& sheet) const {
        std::vector<int> layers;
        for (const Going& going : goings_) layers.push_back(int(going.laid.size()));
        return seenWork(sheet, predicted(), layers, pixelsPerMillimetre(plan_, study_));
    }

    /// By how much the sheet was seen to be off, small details aside: squared (CV_32FC3, CIELAB); empty if it never
    /// was.
    cv::Mat squaresOff() const {
        constexpr double detail = 3;  // millimetres
        if (!plan_.seen) return {};
        cv::Mat joined, squares;
        cv::GaussianBlur(plan_.seen->lab, joined, {}, detail * pixelsPerMillimetre(plan_, study_));
        cv::multiply(joined, joined, squares);
        return squares;
    }

    /// Whether a stack is off by so much that it is felt.
    bool isOff(int s, const cv::Mat& squares) const {
        constexpr double felt = 1;  // CIELAB
        if (squares.empty()) return false;
        const cv::Scalar mean = cv::mean(squares, plan_.stackMap == s);
        return std::sqrt(mean[0] + mean[1] + mean[2]) > felt;
    }

    /// A stick whose step the artist passed over is not to be laid there.
    void bar(int s) {
        Going& going = goings_[std::size_t(s)];
        going.barred.clear();
        for (const RestSlot& slot : slots_)
            if (slot.isEmpty && std::ranges::count(slot.step.areas, plan_.stacks[std::size_t(s)].areas.front()) > 0)
                going.barred.push_back(slot.step.stick);
    }

    cv::Mat mapIn(int stack, const cv::Mat& pressures) const {
        cv::Mat map = cv::Mat::zeros(plan_.stackMap.size(), CV_8U);
        pressures.copyTo(map, plan_.stackMap == stack);
        return map;
    }

    void takeGround(const Step& step, const Deviation& deviation, int stick) {
        GroundLayer& layer = plan_.ground.layers[std::size_t(step.groundLayer)];
        const std::vector<int> areas = layer.areas;
        if (stick >= 0 && !layer.mixture.empty()) layer.mixture = {{plan_.sticks[std::size_t(stick)], 1}};
        layer.pressure.value = std::clamp(layer.pressure.value + float(deviation.heavier), 1.0f, 3.0f);
        if (deviation.isPassed) layer.areas.clear();
        std::vector<pigment::Patch>& patches = plan_.ground.patches;
        for (const int area : areas) {
            patches[std::size_t(area)] = pigment::barePatch(plan_.paper);
            for (const GroundLayer& it : plan_.ground.layers)
                if (std::ranges::binary_search(it.areas, area))
                    patches[std::size_t(area)] = laidOver(patches[std::size_t(area)], it);
            goings_[std::size_t(plan_.stackOfArea[std::size_t(area)])].isOtherwise = true;
        }
        standOnGround(plan_);
    }

    /// The areas' part of a layer's key.
    static std::string_view areasIn(std::string_view layerKey) { return layerKey.substr(0, layerKey.find('/')); }

    RestSlot recordedSlot(int number, const LaidStep& laid) {
        RestSlot slot;
        slot.isLaid = true;
        slot.step.number = number;
        slot.step.key = laid.key;
        slot.step.stage = laid.stage;
        slot.step.tool = laid.tool;
        slot.step.manner = laid.manner;
        slot.step.minutes = laid.plannedMinutes;
        // What went as this plan has it keeps its reasons.
        const RestSlot* planned = number <= int(slots_.size()) ? &slots_[std::size_t(number - 1)] : nullptr;
        const bool isAsPlanned = planned && planned->step.key == laid.key &&
                                 std::ranges::equal(planned->pieces, laid.layers, {}, &RestSlot::Piece::layer);
        if (isAsPlanned) slot.step = planned->step;
        if (laid.stick) slot.step.stick = indexOf(*laid.stick);
        const cv::Mat map = mapOf(laid);
        if (map.size() != plan_.stackMap.size()) return slot;
        for (int s = 0; s < int(goings_.size()); ++s) {
            const PlannedStack& stack = plan_.stacks[std::size_t(s)];
            Going& going = goings_[std::size_t(s)];
            const Layer next = layerIn(s, going.laid.begin(), going.laid.end(), {slot.step.stick, laid.manner});
            const bool isHere = std::ranges::any_of(
                laid.layers, [&](const std::string& key) { return areasIn(key) == areasIn(next.key); });
            if (!isHere || int(going.laid.size()) == mostWithMends) continue;
            going.laid.push_back(next);
            going.laid.back().tool = laid.tool;
            going.maps.push_back(mapIn(s, map));
            slot.pieces.push_back({s, going.laid.back().key});
            if (!isAsPlanned) slot.step.areas.insert(slot.step.areas.end(), stack.areas.begin(), stack.areas.end());
        }
        return slot;
    }

    /// What a recorded stack was to be is what is left of it.
    void settle(std::size_t s) {
        Going& going = goings_[s];
        const std::vector<Layer> planned = going.rest;
        for (std::size_t k = 0; k < going.laid.size(); ++k) {
            going.isOtherwise = going.isOtherwise || k >= planned.size() || planned[k].key != going.laid[k].key ||
                                planned[k].isFixed != going.laid[k].isFixed ||
                                !isSameMap(going.maps[k], mapIn(int(s), plan_.pressures[k]));
            std::erase_if(going.rest, [&](const Layer& layer) { return layer.key == going.laid[k].key; });
        }
    }

    /// Finds what is to follow over what lies there.
    void goOn(int s) {
        Going& going = goings_[std::size_t(s)];
        PlannedStack& stack = plan_.stacks[std::size_t(s)];
        const std::size_t laid = going.laid.size();
        going.rest.resize(std::min(going.rest.size(), std::size_t(mostWithMends) - laid));
        bar(s);
        const RestStacks rests(plan_, study_, library_, subject_.wanted);
        const matching::Layers layers = rests.found(s, going);
        const std::vector<materials::Material>& media = rests.media();
        stack.layers = going.laid;
        const std::vector<Layer> before = going.rest;
        going.rest.clear();
        for (std::size_t i = laid; i < layers.size(); ++i) {
            matching::StackLayer next = layers[i];
            if (next.stick >= 0) next.stick = indexOf(media[std::size_t(next.stick)]);
            stack.layers.push_back(nextLayer(plan_, study_, stack, next));
            going.rest.push_back(stack.layers.back());
        }
        handOver(s, before, going.rest);
    }

    /// Layers that are new take the places in time of those that are gone, in their order.
    void handOver(int s, const std::vector<Layer>& before, const std::vector<Layer>& after) {
        const auto isIn = [](const std::vector<Layer>& all, const std::string& key) {
            return std::ranges::count(all, key, &Layer::key) > 0;
        };
        auto next = after.begin();
        for (const Layer& gone : before) {
            if (isIn(after, gone.key)) continue;
            next = std::find_if(next, after.end(), [&](const Layer& layer) { return !isIn(before, layer.key); });
            for (RestSlot& slot : slots_) {
                const auto piece = std::ranges::find_if(
                    slot.pieces, [&](const RestSlot::Piece& it) { return it.stack == s && it.layer == gone.key; });
                if (piece == slot.pieces.end()) continue;
                if (next != after.end())
                    piece->layer = next->key;
                else
                    slot.pieces.erase(piece);
            }
            if (next != after.end()) ++next;
        }
    }

    void dropUnused() {
        std::set<int> used;
        for (const PlannedStack& stack : plan_.stacks)
            for (const Layer& layer : stack.layers) used.insert(layer.stick);
        for (const RestSlot& slot : slots_)
            if (slot.isLaid || slot.isEmpty) used.insert(slot.step.stick);
        for (const GroundLayer& layer : plan_.ground.layers)
            for (const MixPart& part : layer.mixture) used.insert(indexOf(part.medium));
        std::vector<int> newIndex(plan_.sticks.size(), -1);
        std::vector<materials::Material> sticks;
        for (std::size_t i = 0; i < plan_.sticks.size(); ++i)
            if (used.contains(int(i))) {
                newIndex[i] = int(sticks.size());
                sticks.push_back(plan_.sticks[i]);
            }
        plan_.sticks = std::move(sticks);
        plan_.prepared = matching::prepared(plan_.sticks, plan_.light);
        const auto moved = [&](int stick) { return stick < 0 ? -1 : newIndex[std::size_t(stick)]; };
        for (PlannedStack& stack : plan_.stacks)
            for (Layer& layer : stack.layers) layer.stick = moved(layer.stick);
        for (RestSlot& slot : slots_) slot.step.stick = moved(slot.step.stick);
    }

    const Study& study_;
    const materials::Library& library_;
    const PlanSubject& subject_;
    Plan plan_;
    std::vector<RestSlot> slots_;
    std::vector<Going> goings_;
};

/// The study on the sheet that was begun.
Study begunWith(Study study, const Record& record) {
    if (!record.paper.empty()) study.paper = record.paper;
    if (const auto ground = groundNamed(record.ground); ground && study.approach.ground == Ground::proposed)
        study.approach.ground = *ground;
    return study;
}

std::vector<LaidStep> laidIn(const Record& record, const Standing& standing) {
    std::vector<LaidStep> laid;
    for (const int number : standing.laid())
        laid.push_back(*record.entries[std::size_t(standing.of(number).doneAt)].laid);
    return laid;
}

/// Goes on as the record tells until this entry, for the `turn`th time; what is known is not made anew.
void goOn(KeptReplans& known, std::size_t turn, const Record& record, int entry,
          const std::optional<Deviation>& deviation) {
    const Standing then(record, std::size_t(entry) + 1);
    KeptReplans::Next next{deviation, laidIn(record, then), {}};
    if (turn < known.next.size()) {
        const KeptReplans::Next& made = known.next[turn];
        if (made.deviation == next.deviation && made.laid == next.laid) return;
        known.next.resize(turn);
    }
    Replanner replanner(turn == 0 ? known.asChosen : known.next[turn - 1].plan, known.study, known.library,
                        known.subject);
    if (deviation) {
        replanner.lay(then.laid());
        replanner.take(*deviation);
    } else {
        replanner.takeRecorded(record, then);
    }
    next.plan = replanner.made();
    known.next.push_back(std::move(next));
}

}  // namespace

common::Result<Mending> waysToMend(const Plan& plan, const Study& study, const materials::Library& library,
                                   const std::vector<int>& laid, const SharedBytes& sheet, Kept& kept,
                                   const common::Progress& progress, int threads) {
    const materials::Library tray = trayOf(study, library);
    const auto subject = planSubject(study, tray, kept);
    if (!subject) return subject.problem();
    Mending mending;
    onThreads(threads, [&] {
        Replanner replanner(plan, study, tray, *subject);
        replanner.lay(laid);
        mending.hand = replanner.handIn(sheet);
        replanner.see({0, {}, mending.hand}, sheet);
        mending.stacks = replanner.ways(progress);
    });
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};
    return mending;
}

common::Result<Plan> makePlan(const Study& study, const materials::Library& library, const Record& record, Kept& kept,
                              const common::Progress& progress, int threads) {
    if (record.isEmpty()) return makePlan(study, library, kept, progress, threads);
    const Standing standing(record);
    const bool isChanged = standing.planChangedAt() >= 0;
    const Study asked = isChanged ? begunWith(study, record) : study;
    const materials::Library tray = trayOf(asked, library);
    auto& known = kept.replans;
    if (!known || known->study != asked || known->library != tray) {
        auto made = makePlan(asked, library, kept, progress.part(0, 0.7), threads);
        if (!made) return made;
        auto subject = planSubject(asked, tray, kept);
        if (!subject) return subject.problem();
        known = std::make_shared<KeptReplans>(KeptReplans{asked, tray, *std::move(subject), *std::move(made), {}});
    }
    progress.at(0.7);
    std::size_t turns = 0;
    onThreads(threads, [&] {
        if (isChanged) goOn(*known, turns++, record, standing.planChangedAt(), std::nullopt);
        for (const Deviation& deviation : standing.deviations()) {
            if (progress.cancelled()) return;
            goOn(*known, turns++, record, deviation.entry, deviation);
        }
    });
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};
    progress.at(1);
    known->next.resize(turns);
    return turns == 0 ? known->asChosen : known->next.back().plan;
}

bool isOfTheSheet(const Study& before, const Study& after) {
    const auto sheetOf = [](const Study& study) {
        Study sheet;
        sheet.reference = study.reference;
        sheet.widthMillimetres = study.widthMillimetres;
        sheet.heightMillimetres = study.heightMillimetres;
        sheet.frame = study.frame;
        sheet.areas = study.areas;
        sheet.parting = study.parting;
        sheet.areaEdits = study.areaEdits;
        sheet.pairs = study.pairs;
        sheet.paper = study.paper;
        sheet.approach.ground = study.approach.ground;
        return sheet;
    };
    return sheetOf(before) != sheetOf(after);
}

}  // namespace planning
