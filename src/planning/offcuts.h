#pragma once

#include <array>

#include "planning/papers.h"
#include "review/paper_card.h"

namespace planning {

/// What is tried on an offcut of each paper: the subject's dark, medium and light, each in pencil, soft stick and pan.
struct OffcutStroke {
    int medium = -1;  // into the library's media; -1 where there is none of the kind
    pigment::Manner manner = pigment::Manner::scumble;
};
inline constexpr std::array offcutKinds{materials::Kind::pencil, materials::Kind::soft, materials::Kind::pan};
/// By kind, and within it dark, medium, light.
using OffcutStrokes = std::array<std::array<OffcutStroke, 3>, offcutKinds.size()>;

/// The sticks nearest to the colours that a tenth, half and nine tenths of the picture are darker than.
OffcutStrokes offcutStrokes(const Plan& plan, const std::vector<materials::Material>& media);

/// The three papers at hand that a ranking puts first, to be tested on real offcuts with sticks for this subject (see
/// review::TestStick). A soft stick that is missing gives way to a pan or a hard one.
std::vector<review::PaperTest> testsOf(const Plan& plan, const std::vector<RankedPaper>& ranking,
                                       const std::vector<materials::Material>& media);

/// By how many value steps a colour looks darker (below 0) or lighter on a paper than on a neutral middle grey, though
/// it measures the same (CIECAM16, simultaneous contrast). Both in CIELAB, D50.
double contrastSteps(const colour::Lab& seen, const colour::Lab& paper);

/// The subject cut off its background and laid on a sheet (`picture` and `sheet` CV_8UC3, R G B, as large as the
/// reading), as is done with scissors. `isAsSeen`: its lightness as it looks beside the paper.
cv::Mat cutOutOn(const Reading& reading, const cv::Mat& picture, const cv::Mat& sheet, const materials::Paper& paper,
                 bool isAsSeen);

}  // namespace planning
