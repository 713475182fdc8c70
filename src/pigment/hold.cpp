#include "pigment/hold.h"

#include "pigment/tooth.h"

namespace pigment {

Hold holdOf(const Patch& patch, const Stroke& stroke) {
    if (!stroke.pigment || stroke.pigment->wet || !laysPigment(stroke.manner)) return {};
    const Patch::Cells covered = coverages(stroke, *patch.surface);
    const float slide = offerOf(stroke).slide;
    double touched = 0, inTooth = 0, held = 0;
    for (int cell = 0; cell < cellCount; ++cell) {
        touched += double(covered[cell]);
        inTooth += double(covered[cell] * heldShare(patch.filled[cell], patch.capacity[cell], 0, slide));
        held += double(covered[cell] * heldShare(patch.filled[cell], patch.capacity[cell], patch.loose[cell], slide));
    }
    if (touched == 0) return {};
    return {inTooth / touched, held / touched};
}

}  // namespace pigment
