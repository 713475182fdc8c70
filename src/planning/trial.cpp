#include "planning/trial.h"

#include <algorithm>
#include <limits>
#include <numeric>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "common/parallel.h"
#include "matching/palette.h"
#include "planning/laying.h"
#include "planning/minutes.h"
#include "planning/stacks.h"
#include "planning/stage_picture.h"
#include "subject/reduced.h"

namespace planning {

namespace {

/// A stack that the screen alone finds for one area, however many sticks that takes in all: the layer that betters it
/// most is added as long as one pays, and after each every layer is exchanged once for what does better in its place.
class QuickSearch {
 public:
    /// What it is made from must outlive it.
    QuickSearch(const matching::Want& want, const matching::OptionBank& bank, const matching::StackWeights& weights)
        : bank_(bank),
          screen_(want, bank, weights),
          open_(bank.all()),
          promise_(bank.options.size(), std::numeric_limits<float>::infinity()) {}

    /// The same from layers that did well elsewhere, each exchanged once.
    matching::Stack bettered(const std::vector<matching::StackLayer>& from, const std::vector<int>& promising) {
        open_ = promising;
        layers_ = from;
        float cost = 0;
        for (std::size_t layer = 0; layer < layers_.size(); ++layer) cost = exchanged(layer);
        return {layers_, {}, 0, 0, double(cost) + screen_.want().layerPrice * double(layers_.size())};
    }

    const std::vector<int>& promising() const { return open_; }
    /// What does best as the only layer.
    const std::vector<int>& firsts() const { return firsts_; }
    void lookOnlyAt(std::vector<int> options) { open_ = std::move(options); }

    matching::Stack stack(int layers) {
        float cost = std::numeric_limits<float>::infinity();
        for (int depth = 1; depth <= layers; ++depth) {
            if (depth == 3) open_ = mostPromising(48);
            const auto [option, next] = bestIn(layers_);
            if (depth == 1) firsts_ = mostPromising(16);
            const float price = float(screen_.want().layerPrice) * float(depth);
            if (option < 0 || next + price >= cost) break;
            cost = next + price;
            layers_ = bank_.with(std::move(layers_), option);
            for (std::size_t layer = 0; depth > 1 && layer < layers_.size(); ++layer)
                cost = std::min(cost, exchanged(layer) + price);
        }
        return {layers_, {}, 0, 0, 0};
    }

 private:
    /// The open option that betters some layers most, and what the stack then costs but for its layers' price.
    std::pair<int, float> bestIn(const std::vector<matching::StackLayer>& layers) {
        const auto tones = layers.size() > 3 ? screen_.judged(layers).tones : std::vector<int>{};
        std::pair<int, float> best{-1, std::numeric_limits<float>::infinity()};
        for (const matching::Screened& tried : screen_.tried(layers, tones, open_).with) {
            float& promise = promise_[std::size_t(tried.option)];
            promise = std::min(promise, tried.cost);
            if (tried.cost < best.second) best = {tried.option, tried.cost};
        }
        return best;
    }

    /// Puts the best open option in a layer's place, which may be the layer itself; gives the cost.
    float exchanged(std::size_t layer) {
        const int mine = bank_.indexOf(layers_[layer]);
        if (const auto at = std::ranges::lower_bound(open_, mine); at == open_.end() || *at != mine)
            open_.insert(at, mine);
        std::vector<matching::StackLayer> rest = layers_;
        rest.erase(rest.begin() + std::ptrdiff_t(layer));
        const auto [option, cost] = bestIn(rest);
        layers_ = bank_.with(std::move(rest), option);
        return cost;
    }

    /// So many of the open options, those that have done best so far; rising.
    std::vector<int> mostPromising(std::size_t count) const {
        std::vector<int> best = open_;
        if (best.size() <= count) return best;
        std::ranges::nth_element(best, best.begin() + std::ptrdiff_t(count), {},
                                 [&](int option) { return std::pair(promise_[std::size_t(option)], option); });
        best.resize(count);
        std::ranges::sort(best);
        return best;
    }

    const matching::OptionBank& bank_;
    matching::Screen screen_;
    std::vector<int> open_;
    std::vector<int> firsts_;
    std::vector<float> promise_;
    std::vector<matching::StackLayer> layers_;
};

/// Each area's quick stack, and what was found on the way.
std::vector<matching::Stack> quickStacks(Trial& trial, const matching::OptionBank& bank, const Study& study,
                                         const std::vector<Found>& from, const common::Progress& progress) {
    const std::vector<matching::Want> wants = wantsOf(trial.plan);
    const matching::StackWeights weights = weightsFor(study);
    std::vector<matching::Stack> stacks(wants.size());
    trial.found.stacks.resize(wants.size());
    trial.found.promising.resize(wants.size());
    trial.found.firsts.resize(wants.size());
    common::forEachIndex(int(wants.size()), [&](int s) {
        if (progress.cancelled()) return;
        QuickSearch search(wants[std::size_t(s)], bank, weights);
        matching::Stack& best = stacks[std::size_t(s)];
        if (from.empty()) {
            best = search.stack(study.layers);
        } else {
            best.cost = std::numeric_limits<double>::infinity();
            for (const Found& start : from) {
                auto stack = search.bettered(start.stacks[std::size_t(s)], start.promising[std::size_t(s)]);
                if (stack.cost < best.cost) best = std::move(stack);
            }
        }
        trial.found.stacks[std::size_t(s)] = stacks[std::size_t(s)].layers;
        trial.found.promising[std::size_t(s)] = search.promising();
        trial.found.firsts[std::size_t(s)] = search.firsts();
    });
    return stacks;
}

/// The sheet with the mean light of every place, without grain: at this size that would be noise.
rendering::DifferenceFigures seenDifference(const Plan& plan) {
    std::vector<rendering::LaidPart> parts;
    for (const PlannedStack& stack : plan.stacks) parts.push_back({stack.start, strokesOf(plan, stack)});
    const cv::Mat sheet = rendering::sheetPicture(plan.stackMap, parts, plan.pressures, {}, plan.light);
    return rendering::figuresOf(differenceMapOf(plan, sheet));
}

/// The patch with its reflectance the same everywhere, its tooth as it is.
pigment::Patch withReflectance(pigment::Patch patch, float reflectance) {
    patch.seen.setConstant(reflectance);
    patch.beneath.setConstant(reflectance);
    patch.looseAbsorb.setZero();
    patch.looseScatter.setZero();
    return patch;
}

/// By the difference that a white and a black ground make, as hiding power is told (ISO 6504-3).
Sparkle sparkleOf(const Plan& plan, const PlannedStack& stack) {
    constexpr double tellingShare = 0.01;  // of the stack
    std::vector<const Tone*> tones;
    for (const Tone& tone : stack.tones)
        if (tone.share > tellingShare * stack.share) tones.push_back(&tone);
    std::ranges::sort(tones, {}, &Tone::number);
    std::vector<int> numbers;
    double all = 0;
    for (const Tone* tone : tones) {
        numbers.push_back(tone->number);
        all += tone->share;
    }
    std::vector<double> shows(tones.size(), 0.0);
    const auto strokes = strokesOf(plan, stack);
    for (const float reflectance : {1.0f, 0.0f}) {
        auto at = shows.begin();
        pigment::forTones(withReflectance(stack.start, reflectance), strokes, numbers,
                          [&](int, const pigment::Patch& patch) {
                              const double light = double(pigment::meanReflectance(patch).mean());
                              *at++ += reflectance > 0 ? light : -light;
                          });
    }
    const colour::Lab ground = pigment::labOf(stack.start, plan.light);
    Sparkle sparkle;
    for (std::size_t i = 0; i < tones.size(); ++i) {
        const double part = tones[i]->share / all * shows[i];
        sparkle.shows += part;
        sparkle.differs += part * colour::differenceCie2000(ground, tones[i]->predicted);
    }
    return sparkle;
}

double minutesToLay(const Plan& plan, const Study& study) {
    double minutes = 0;
    for (int i = 0; i < int(plan.ground.layers.size()); ++i) {
        const GroundLayer& layer = plan.ground.layers[std::size_t(i)];
        Step step;
        step.stage = Stage::underpainting;
        step.groundLayer = i;
        step.areas = layer.areas;
        step.manner = layer.manner;
        minutes += minutesFor(step, plan, study);
    }
    for (int s = 0; s < int(plan.stacks.size()); ++s) {
        const PlannedStack& stack = plan.stacks[std::size_t(s)];
        for (int i = 0; i < int(stack.layers.size()); ++i) {
            Step step;
            step.layers = {{s, i}};
            step.stick = stack.layers[std::size_t(i)].stick;
            step.manner = stack.layers[std::size_t(i)].manner;
            minutes += minutesFor(step, plan, study);
        }
    }
    return minutes;
}

int layersIn(const Plan& plan) {
    return std::accumulate(plan.stacks.begin(), plan.stacks.end(), 0,
                           [](int sum, const PlannedStack& stack) { return sum + int(stack.layers.size()); });
}

/// The tooth that only `share` of the sheet uses more than.
double toothBeyond(const Plan& plan, double share) {
    std::vector<std::pair<double, double>> used;
    for (const PlannedStack& stack : plan.stacks)
        for (const Tone& tone : stack.tones) used.push_back({tone.toothUsed, tone.share});
    std::ranges::sort(used, std::greater{});
    double sum = 0;
    for (const auto& [tooth, part] : used) {
        sum += part;
        if (sum > share) return tooth;
    }
    return used.back().first;
}

/// Of the sheet, as a share of what is wanted; 1 where that is nearly grey.
double chromaOf(const Plan& plan) {
    constexpr double nearlyGrey = 1;
    double wanted = 0, reached = 0;
    for (const PlannedStack& stack : plan.stacks)
        for (const Tone& tone : stack.tones) {
            wanted += tone.share * colour::chroma(tone.target);
            reached += tone.share * colour::chroma(tone.predicted);
        }
    return wanted > nearlyGrey ? reached / wanted : 1;
}

/// What does best anywhere as an area's only layer; indices into the option bank, rising.
std::vector<int> firstsIn(const std::vector<Found>& from, std::size_t stack) {
    std::vector<int> all;
    for (const Found& found : from) all.insert(all.end(), found.firsts[stack].begin(), found.firsts[stack].end());
    std::ranges::sort(all);
    all.erase(std::unique(all.begin(), all.end()), all.end());
    return all;
}

/// One layer in each area: how far a paper or a ground carries the work by itself.
void layFirst(Plan& plan, const matching::OptionBank& bank, const Study& study,
              const std::vector<materials::Material>& media, const cv::Mat& wanted, const std::vector<Found>& from) {
    const std::vector<matching::Want> wants = wantsOf(plan);
    const matching::StackWeights weights = weightsFor(study);
    std::vector<matching::Stack> stacks(wants.size());
    common::forEachIndex(int(wants.size()), [&](int s) {
        QuickSearch search(wants[std::size_t(s)], bank, weights);
        if (!from.empty()) search.lookOnlyAt(firstsIn(from, std::size_t(s)));
        stacks[std::size_t(s)] = search.stack(1);
    });
    takeStacks(plan, study, media, stacks);
    makePressureMaps(plan, study, wanted, 1.0);
    tallyTones(plan, wanted);
}

Outcome outcomeOf(const Trial& trial, const Study& study) {
    const Plan& plan = trial.plan;
    Outcome outcome;
    outcome.picture = seenDifference(plan);
    outcome.layers = layersIn(plan);
    outcome.groundLayers = int(plan.ground.layers.size());
    outcome.minutes = minutesToLay(plan, study);
    for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
        const PlannedStack& stack = plan.stacks[s];
        outcome.sparkle += stack.share * trial.sparkles[s].differs;
        for (const Tone& tone : stack.tones) outcome.toothUsed += tone.share * tone.toothUsed;
    }
    constexpr double fewPlaces = 0.05;
    outcome.toothMost = toothBeyond(plan, fewPlaces);
    outcome.chroma = chromaOf(plan);
    return outcome;
}

/// The layers in the order in which they are missed least, each judged with those before it gone.
std::vector<LayerPlace> leastMissed(const Plan& plan) {
    matching::StackWeights weights;
    weights.light = plan.light;
    struct Left {
        std::vector<int> layers;
        double difference = 0;
        std::vector<double> without;  // the difference when that layer goes too
    };
    std::vector<Left> left(plan.stacks.size());
    const auto judge = [&](std::size_t s, const std::vector<int>& layers) {
        const PlannedStack& stack = plan.stacks[s];
        std::vector<matching::StackLayer> kept;
        for (const int layer : layers) {
            const Layer& it = stack.layers[std::size_t(layer)];
            kept.push_back({it.stick, it.manner});
        }
        return matching::judged(kept, {stack.samples, stack.start}, plan.prepared, weights).difference;
    };
    const auto judgeLeft = [&](std::size_t s) {
        Left& it = left[s];
        it.difference = judge(s, it.layers);
        it.without.clear();
        for (std::size_t i = 0; i < it.layers.size(); ++i) {
            std::vector<int> rest = it.layers;
            rest.erase(rest.begin() + std::ptrdiff_t(i));
            it.without.push_back(judge(s, rest));
        }
    };
    common::forEachIndex(int(left.size()), [&](int s) {
        Left& it = left[std::size_t(s)];
        it.layers.resize(plan.stacks[std::size_t(s)].layers.size());
        std::iota(it.layers.begin(), it.layers.end(), 0);
        judgeLeft(std::size_t(s));
    });
    std::vector<LayerPlace> order;
    for (int count = layersIn(plan); count > 0; --count) {
        std::size_t stack = 0, place = 0;
        double least = 1e300;
        for (std::size_t s = 0; s < left.size(); ++s)
            for (std::size_t i = 0; i < left[s].layers.size(); ++i) {
                const double loss = plan.stacks[s].share * (left[s].without[i] - left[s].difference);
                if (loss >= least) continue;
                least = loss;
                stack = s;
                place = i;
            }
        std::vector<int>& layers = left[stack].layers;
        order.push_back({int(stack), layers[place]});
        layers.erase(layers.begin() + std::ptrdiff_t(place));
        judgeLeft(stack);
    }
    return order;
}

}  // namespace

TrialSubject trialSubject(const Plan& plan, const cv::Mat& wanted, double longSide) {
    TrialSubject subject{plan, subject::reduced(wanted, longSide)};
    const cv::Size size = subject.wanted.size();
    subject.plan.reference = subject::reduced(plan.reference, longSide);
    cv::resize(plan.stackMap, subject.plan.stackMap, size, 0, 0, cv::INTER_NEAREST);
    subject.plan.grain.release();
    return subject;
}

std::optional<Trial> tryOut(const TrialSubject& subject, const Study& study,
                            const std::vector<materials::Material>& media,
                            const std::vector<matching::PreparedStick>& tray, const materials::Paper& paper,
                            const GroundProposal& ground, Care care, const common::Progress& progress,
                            const std::vector<Found>& from) {
    Trial trial{subject.plan, {}, {}, {}};
    trial.plan.paper = paper;
    trial.plan.ground = ground;
    standOnGround(trial.plan);
    Plan first = trial.plan;
    const matching::OptionBank bank(tray, materials::profileOf(paper.surface), weightsFor(study));
    std::vector<matching::Stack> stacks;
    if (care == Care::full) {
        // What is set by hand would make nothing of the difference between papers or grounds.
        auto palette =
            matching::choosePalette(wantsOf(trial.plan, study, media), bank, paletteRules(trial.plan, study, media),
                                    fullWidth(study), weightsFor(study), {{}, progress.stop});
        if (!palette) return std::nullopt;
        stacks = std::move(palette->stacks);
    } else {
        stacks = quickStacks(trial, bank, study, from, progress);
    }
    if (progress.cancelled()) return std::nullopt;
    takeStacks(trial.plan, study, media, stacks);
    makePressureMaps(trial.plan, study, subject.wanted, 1.0);
    tallyTones(trial.plan, subject.wanted);
    trial.sparkles.resize(trial.plan.stacks.size());
    common::forEachIndex(int(trial.sparkles.size()), [&](int s) {
        trial.sparkles[std::size_t(s)] = sparkleOf(trial.plan, trial.plan.stacks[std::size_t(s)]);
    });
    trial.outcome = outcomeOf(trial, study);
    layFirst(first, bank, study, media, subject.wanted, from);
    trial.outcome.firstLayer = seenDifference(first).mean;
    trial.outcome.firstChroma = chromaOf(first);
    return trial;
}

int layersEnough(const Trial& trial, const TrialSubject& subject, const Study& study, double difference) {
    const std::vector<LayerPlace> order = leastMissed(trial.plan);
    std::shared_ptr<const KeptMaps> kept;  // only what loses a layer is mapped anew
    const auto reaches = [&](int leftOut) {
        Plan plan = trial.plan;
        plan.pressures.clear();
        std::vector<LayerPlace> out(order.begin(), order.begin() + leftOut);
        std::ranges::sort(out, std::greater{}, &LayerPlace::layer);  // from above, so that places stay
        for (const LayerPlace& place : out) {
            auto& layers = plan.stacks[std::size_t(place.stack)].layers;
            layers.erase(layers.begin() + place.layer);
        }
        makePressureMaps(plan, study, subject.wanted, 1.0, &kept);
        return seenDifference(plan).mean <= difference;
    };
    int least = 0, most = int(order.size());
    while (least < most) {
        const int middle = (least + most + 1) / 2;
        if (reaches(middle))
            least = middle;
        else
            most = middle - 1;
    }
    return int(order.size()) - least;
}

namespace {

/// The pressure maps at another size, each stack's own so that none fades into its neighbour's.
std::vector<cv::Mat> enlarged(const Plan& tried, const cv::Mat& stackMap) {
    std::vector<cv::Mat> maps(tried.pressures.size());
    for (cv::Mat& map : maps) map = cv::Mat::zeros(stackMap.size(), CV_8U);
    for (int s = 0; s < int(tried.stacks.size()); ++s) {
        const cv::Mat inside = tried.stackMap == s, place = stackMap == s;
        cv::Mat weight;
        inside.convertTo(weight, CV_32F, 1.0 / 255);
        cv::resize(weight, weight, stackMap.size(), 0, 0, cv::INTER_LINEAR);
        cv::max(weight, 1e-3, weight);
        for (std::size_t k = 0; k < tried.stacks[std::size_t(s)].layers.size(); ++k) {
            cv::Mat own = cv::Mat::zeros(inside.size(), CV_32F);
            tried.pressures[k].convertTo(own, CV_32F);
            own.setTo(0, inside == 0);
            cv::resize(own, own, stackMap.size(), 0, 0, cv::INTER_LINEAR);
            own /= weight;
            own.convertTo(own, CV_8U);
            own.copyTo(maps[k], place);
        }
    }
    return maps;
}

}  // namespace

cv::Mat sheetOf(const Plan& tried, const cv::Mat& stackMap, const cv::Mat& grain, Laid laid) {
    std::vector<rendering::LaidPart> parts;
    for (const PlannedStack& stack : tried.stacks)
        parts.push_back({stack.start, laid == Laid::all ? strokesOf(tried, stack) : std::vector<pigment::Stroke>{}});
    const bool isLarger = stackMap.size() != tried.stackMap.size();
    return rendering::sheetPicture(stackMap, parts, isLarger ? enlarged(tried, stackMap) : tried.pressures, grain,
                                   tried.light);
}

}  // namespace planning
