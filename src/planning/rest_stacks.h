#pragma once

#include "matching/rest_search.h"
#include "planning/plan.h"
#include "planning/record.h"
#include "planning/study.h"

namespace planning {

/// A stack on its way: what lies there, with its pressure maps, and what is to follow.
struct Going {
    std::vector<Layer> laid;
    std::vector<cv::Mat> maps;  // of `laid`, CV_8U, as large as the plan's
    std::vector<Layer> rest;
    bool isOtherwise = false;  // what lies there is not what the rest was planned over
    bool isToPress =
        false;  // its layers are right, but what is left is laid by another hand than they were planned for
    std::optional<Mend> mend = {};
    std::vector<int> barred = {};  // sticks of the plan that are not to be laid: the artist passed them over
};

/// A plan's layers as the search knows them.
matching::Layers chosenIn(const std::vector<Layer>& layers);

/// What an area comes to when what is left is laid as it is planned, and when it is mended; CIEDE2000, in the mean over
/// its samples and the spread of the hand.
struct Ways {
    double now = 0;   // as it stands
    double asIs = 0;  // as planned
    struct Way {
        Mend mend = Mend::layers;
        double difference = 0;
        double cost = 0;                          // with what layers, tooth and strays cost
        std::vector<materials::Material> sticks;  // that are new to what is left to lay
    };
    std::vector<Way> mends;  // that better it, the best first
};

/// Goes on with the stacks of a plan from what lies there: out of the plan's sticks, and of others at hand as far as
/// the study allows them.
class RestStacks {
 public:
    /// `wanted` is the reference as it is wanted (CV_32FC3, CIELAB). Keeps references.
    RestStacks(const Plan& plan, const Study& study, const materials::Library& library, const cv::Mat& wanted);

    /// The layers over those that lie there, in terms of media(). What the artist has set by hand stays as it is, after
    /// what mends.
    matching::Layers found(int stack, const Going& going) const;
    /// The plan's sticks first, in their order.
    const std::vector<materials::Material>& media() const { return media_; }

    /// `isSought`: else it is only told what comes of it as planned.
    Ways waysFor(int stack, const Going& going, bool isSought) const;

 private:
    matching::Want wantOver(int stack, const Going& going) const;
    matching::RestRules rulesFor(const matching::Want& want, const Going& going, int layers) const;
    matching::Layers begunBy(std::optional<Mend> mend, const Going& going) const;

    const Plan& plan_;
    const Study& study_;
    const materials::Library& library_;
    const cv::Mat& wanted_;
    std::vector<materials::Material> media_;
    std::vector<matching::PreparedStick> prepared_;
    std::vector<matching::Want> wants_;
    matching::StackWeights weights_;
};

}  // namespace planning
