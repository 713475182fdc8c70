#pragma once

#include "pigment/patch.h"

namespace pigment {

/// A patch of which the sheet shows another colour than the film tells: its reflectance scaled band by band so that it
/// has the `measured` colour under the light. Tooth and loose load stay. A colour beyond all reflectances is met as
/// nearly as can be.
Patch asSeen(Patch patch, const colour::Lab& measured, colour::Light light);

}  // namespace pigment
