#include "planning/grounds.h"

#include <algorithm>
#include <array>

#include "planning/area_grounds.h"

namespace planning {

namespace {

/// Behind one another on the board: what gains, the bare sheet, what gains nothing, what cannot be had.
int standingOf(const TriedGround& tried) {
    if (tried.proposal.obstacle) return 3;
    if (tried.proposal.strategy == Ground::none) return 1;
    return tried.gains ? 0 : 2;
}

Ground strategyOf(const TriedGround& tried) {
    return tried.proposal.strategy;
}

// Those that are laid most come first. Common practice, no source.
constexpr std::array<Ground, groundCount - 1> triedInTurn{
    Ground::none, Ground::localWash, Ground::complement,  Ground::warm,     Ground::values,
    Ground::ink,  Ground::dryBase,   Ground::coolShadows, Ground::charcoal, Ground::brushedOut};
constexpr int mostInFull = 3;
// Of the bare sheet's layers: one more or less is the search's own scatter.
constexpr double clearGain = 0.1;

class Trials {
 public:
    Trials(const TrialSubject& subject, const Study& study, const std::vector<materials::Material>& media,
           const std::vector<matching::PreparedStick>& tray, std::vector<TriedGround>& known,
           const common::Progress& progress, const std::function<void(const TriedGround&)>& onTried)
        : subject_(subject),
          study_(study),
          media_(media),
          tray_(tray),
          known_(known),
          progress_(progress),
          onTried_(onTried),
          grain_(rendering::grainMap(subject.plan.paper.surface, subject.plan.stackMap.size(),
                                     study.widthMillimetres / subject.plan.stackMap.cols)) {}

    std::optional<std::vector<TriedGround>> board() {
        for (const Ground strategy : triedInTurn) {
            TriedGround tried;
            tried.proposal = groundFor(study_, strategy, subject_.plan, media_, tray_);
            if (tried.proposal.obstacle)
                tell(tried);
            else if (!tryWith(tried, Care::quick))
                return std::nullopt;
            all_.push_back(std::move(tried));
        }
        sort();
        if (!searchLeaders()) return std::nullopt;
        sort();
        return std::move(all_);
    }

 private:
    void tell(const TriedGround& tried) {
        if (onTried_) onTried_(tried);
        progress_.at(double(++told_) / double(triedInTurn.size() + 1 + mostInFull));
    }

    bool tryWith(TriedGround& tried, Care care) {
        const auto before = std::ranges::find_if(known_, [&](const TriedGround& other) {
            return other.proposal.strategy == tried.proposal.strategy && other.care == care;
        });
        if (before != known_.end())
            tried = *before;
        else if (tryAnew(tried, care))
            known_.push_back(tried);
        else
            return false;
        constexpr double endsAreThePapers = 1;
        tried.score = scoreOf(tried.outcome, endsAreThePapers, study_.goal);
        if (tried.proposal.strategy == Ground::none) bare_ = tried.outcome;
        tell(tried);
        return true;
    }

    /// Against the bare sheet that was tried with as much care before.
    bool tryAnew(TriedGround& tried, Care care) {
        const cv::Mat& stackMap = subject_.plan.stackMap;
        auto trial =
            tryOut(subject_, study_, media_, tray_, subject_.plan.paper, tried.proposal, care, {{}, progress_.stop});
        if (!trial || progress_.cancelled()) return false;
        tried.care = care;
        tried.outcome = trial->outcome;
        tried.sparkles = trial->sparkles;
        tried.layersEnough = tried.outcome.layers;
        tried.gains = false;
        if (tried.proposal.strategy != Ground::none && tried.outcome.picture.mean <= bare_.picture.mean &&
            !tried.proposal.layers.empty()) {
            tried.layersEnough = layersEnough(*trial, subject_, study_, bare_.picture.mean);
            tried.gains = tried.layersEnough + tried.outcome.groundLayers <= bare_.layers * (1 - clearGain);
        }
        tried.plan = std::move(trial->plan);
        tried.ground = sheetOf(tried.plan, stackMap, grain_, Laid::ground);
        tried.sheet = sheetOf(tried.plan, stackMap, grain_, Laid::all);
        return true;
    }

    /// The bare sheet and those that lead, until one holds what it promised; who comes behind that one is not searched.
    bool searchLeaders() {
        const int leaders = int(std::ranges::count_if(all_, &TriedGround::gains));
        if (leaders == 0) return true;
        if (!tryWith(*std::ranges::find(all_, Ground::none, strategyOf), Care::full)) return false;
        bool holds = false;
        for (int i = 0; i < leaders; ++i) {
            TriedGround& leader = all_[std::size_t(i)];
            if (holds || i >= mostInFull)
                leader.gains = false;
            else if (!tryWith(leader, Care::full))
                return false;
            holds = holds || leader.gains;
        }
        return true;
    }

    void sort() {
        std::ranges::stable_sort(all_, [](const TriedGround& one, const TriedGround& other) {
            return std::pair(standingOf(one), -one.score.points) < std::pair(standingOf(other), -other.score.points);
        });
    }

    const TrialSubject& subject_;
    const Study& study_;
    const std::vector<materials::Material>& media_;
    const std::vector<matching::PreparedStick>& tray_;
    std::vector<TriedGround>& known_;
    const common::Progress& progress_;
    const std::function<void(const TriedGround&)>& onTried_;
    cv::Mat grain_;
    std::vector<TriedGround> all_;
    Outcome bare_;
    int told_ = 0;
};

}  // namespace

const TriedGround& bareOf(const std::vector<TriedGround>& board) {
    return *std::ranges::find(board, Ground::none, strategyOf);
}

std::optional<std::vector<TriedGround>> triedGrounds(const TrialSubject& subject, const Study& study,
                                                     const std::vector<materials::Material>& media,
                                                     const std::vector<matching::PreparedStick>& tray,
                                                     std::vector<TriedGround>& known, const common::Progress& progress,
                                                     const std::function<void(const TriedGround&)>& onTried) {
    return Trials(subject, study, media, tray, known, progress, onTried).board();
}

}  // namespace planning
