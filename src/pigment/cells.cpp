#include "pigment/cells.h"

#include "common/vector_loop.h"

namespace pigment {

VECTOR_LOOP void layFilms(Patch& patch, const Pigment& pigment, const CellAmounts& amounts) {
    const float loose = amounts.looseShare, bound = 1.0f - loose, stirred = amounts.stirred;
    for (int band = 0; band < colour::bandCount; ++band) {
        const float absorb = pigment.absorb[band], scatter = pigment.scatter[band], root = pigment.root[band];
        float* seen = patch.seen.col(band).data();
        float* beneath = patch.beneath.col(band).data();
        float* looseAbsorb = patch.looseAbsorb.col(band).data();
        float* looseScatter = patch.looseScatter.col(band).data();
#pragma omp simd
        for (int i = 0; i < cellCount; ++i) {
            const float covered = amounts.covered[i], laid = amounts.laid[i], kept = bound * laid;
            const float k = laid * absorb + stirred * looseAbsorb[i];
            const float s = laid * scatter + stirred * looseScatter[i];
            seen[i] += covered * (filmOver(k, s, filmRoot(k, s), seen[i]) - seen[i]);
            beneath[i] += covered * (filmOver(kept * absorb, kept * scatter, kept * root, beneath[i]) - beneath[i]);
            looseAbsorb[i] += covered * loose * laid * absorb;
            looseScatter[i] += covered * loose * laid * scatter;
        }
    }
}

VECTOR_LOOP void spreadLoose(Patch& patch, float rubbed, float pressedIn, float share) {
    for (int band = 0; band < colour::bandCount; ++band) {
        float* seen = patch.seen.col(band).data();
        float* beneath = patch.beneath.col(band).data();
        float* looseAbsorb = patch.looseAbsorb.col(band).data();
        float* looseScatter = patch.looseScatter.col(band).data();
        const float pooledAbsorb = rubbed * patch.looseAbsorb.col(band).mean();
        const float pooledScatter = rubbed * patch.looseScatter.col(band).mean();
#pragma omp simd
        for (int i = 0; i < cellCount; ++i) {
            const float k = (1.0f - rubbed) * looseAbsorb[i] + pooledAbsorb;
            const float s = (1.0f - rubbed) * looseScatter[i] + pooledScatter;
            const float root = filmRoot(k, s), ground = beneath[i];
            seen[i] += share * (filmOver(k, s, root, ground) - seen[i]);
            beneath[i] = filmOver(pressedIn * k, pressedIn * s, pressedIn * root, ground);
            looseAbsorb[i] = (1.0f - pressedIn) * k;
            looseScatter[i] = (1.0f - pressedIn) * s;
        }
    }
}

}  // namespace pigment
