#pragma once

#include "materials/owned.h"

namespace materials {

/// What is left of a thing of which this is said, as a share of a whole one.
double shareLeft(Stock stock);
/// The word for such a share: half below three quarters, a stub below three tenths.
Stock stockOf(double share);

/// Share of a whole one that is left of it, 0..1.
double leftOf(const Owned& owned);
/// Says what is left of it, 0..1, in word and share.
void setLeft(Owned& owned, double share);

/// Square centimetres of full layers that a whole stick gives; nullopt for what is no stick. Common practice, no
/// source, from memory: a soft stick of 8 g lays some 2 mg/cm²; half of a pencil goes in sharpening.
std::optional<double> squareCentimetresIn(Kind kind);

/// What is left of it, 0..1, when so many square centimetres of full layers have been laid with it; nullopt for what
/// is no stick.
std::optional<double> leftAfter(const Owned& owned, double squareCentimetres);
/// It is used as that tells. What is left of a stub only the artist knows: nothing is called used up.
void use(Owned& owned, double squareCentimetres);

}  // namespace materials
