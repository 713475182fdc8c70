#pragma once

#include "common/result.h"
#include "planning/grounds.h"
#include "planning/papers.h"

namespace planning {

/// A first plan looks at fewer stacks and makes its pressure maps at half the size: there in a fraction of the time,
/// and soon replaced.
enum class Fineness { coarse, full };

/// What can be told before a paper is chosen: a plan with its stacks found, what it wants, and the tray prepared.
struct PlanSubject {
    Plan plan;
    cv::Mat wanted;                             // CV_32FC3, CIELAB under the study's light
    std::vector<matching::PreparedStick> tray;  // of the library's media
};
common::Result<PlanSubject> planSubject(const Study& study, const materials::Library& library, Kept& kept);

/// What the study draws from: the library without the sticks that are barred.
materials::Library trayOf(const Study& study, const materials::Library& library);

/// What cannot be planned: an empty tray, an unknown paper, figures out of bounds.
std::optional<common::Problem> problemOf(const Study& study, const materials::Library& library);

/// The paper that the study names, or the one that is ranked best (in a coarse plan: that looks best at once).
/// nullopt if cancelled.
std::optional<materials::Paper> paperFor(const Study& study, const materials::Library& library,
                                         const PlanSubject& subject, Kept& kept, Fineness fineness,
                                         const common::Progress& progress);

/// The ground that the study names, or the one that serves best on the subject's paper (in a coarse plan, unless it is
/// known: the bare sheet). nullopt if cancelled.
std::optional<GroundProposal> groundFor(const Study& study, const materials::Library& library,
                                        const PlanSubject& subject, Kept& kept, Fineness fineness,
                                        const common::Progress& progress);

/// What is known of papers and grounds for this study; null where nothing is.
void tellKnown(Plan& plan, const Study& study, const materials::Library& library, Kept& kept);

/// The papers at hand, judged for the study, best first (see rankedPapers). Refuses what makePlan refuses; gives the
/// problem `cancelled` when stopped. `kept` only saves time. `onOrder` gets the order that is there at once.
common::Result<Ranking> comparedPapers(const Study& study, const materials::Library& library, Kept& kept,
                                       const common::Progress& progress = {},
                                       const std::function<void(const std::vector<materials::Paper>&)>& onOrder = {});

/// The ways to begin on the study's paper, best first (see triedGrounds); the same.
struct ComparedGrounds {
    materials::Paper paper;
    Board board;
};
common::Result<ComparedGrounds> comparedGrounds(const Study& study, const materials::Library& library, Kept& kept,
                                                const common::Progress& progress = {},
                                                const std::function<void(const TriedGround&)>& onTried = {});

}  // namespace planning
