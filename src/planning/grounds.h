#pragma once

#include <functional>

#include "planning/judgement.h"

namespace planning {

/// A way to begin, and what comes of it.
struct TriedGround {
    GroundProposal proposal;
    Outcome outcome;
    Score score;
    std::vector<Sparkle> sparkles;  // by stack
    /// How few dry layers are enough over it to be no further off than all of those on the bare sheet; all of them
    /// where it is further off.
    int layersEnough = 0;
    bool gains = false;  // no further off with clearly fewer layers in all than the bare sheet, both searched in full
    Care care = Care::quick;
    Plan plan;              // the trial's: small, without steps
    cv::Mat ground, sheet;  // small pictures of it (CV_8UC3, R G B)
};

/// The bare sheet among them.
const TriedGround& bareOf(const std::vector<TriedGround>& board);

/// Every way to begin on the plan's paper, the one that serves the study's goal best first. All are tried by a quick
/// search; then the bare sheet and those that lead are searched in full, until one holds what it promised. Those that
/// gain nothing come after the bare sheet, those that cannot be had last. `onTried` gets each as it is found, the bare
/// sheet first; those that are searched in full twice. `known` holds what was tried for another goal, and is added to.
/// nullopt if cancelled.
std::optional<std::vector<TriedGround>> triedGrounds(const TrialSubject& subject, const Study& study,
                                                     const std::vector<materials::Material>& media,
                                                     const std::vector<matching::PreparedStick>& tray,
                                                     std::vector<TriedGround>& known, const common::Progress& progress,
                                                     const std::function<void(const TriedGround&)>& onTried = {});

}  // namespace planning
