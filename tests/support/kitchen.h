#pragma once

#include <cmath>
#include <opencv2/imgcodecs.hpp>

#include "colour/image_colour.h"
#include "colour/srgb.h"
#include "numbers.h"
#include "review/stand_in_camera.h"

/// Sticks that an artist may lay on a card, and how the card may be photographed.

inline materials::Material randomStick(Numbers& random) {
    materials::Material stick;
    stick.kind = random.below(4) == 0 ? materials::Kind::pencil : materials::Kind::soft;
    stick.hardness = materials::usualHardness(stick.kind);
    const colour::Lab lab{random.between(18, 92), random.between(-45, 55), random.between(-45, 60)};
    stick.masstone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    stick.hiding = random.between(0.5, 1.5);
    return stick;
}

/// The same paper as it lies on the table: another batch, another tooth.
inline materials::Paper anotherBatch(materials::Paper paper, Numbers& random) {
    colour::Lab lab = colour::labFromSrgb8(paper.tone);
    const double sign = random.below(2) == 0 ? 1 : -1;
    lab = {lab.L + sign * random.between(2, 6), lab.a + random.between(-4, 4), lab.b + random.between(-4, 4)};
    paper.tone = colour::srgb8FromSrgb(colour::srgbFromLab(lab));
    paper.capacity = std::exp(random.between(0.35, 0.6) * (random.below(2) == 0 ? 1 : -1));
    paper.grip = std::exp(random.between(-0.3, 0.3));
    return paper;
}

inline review::CameraConditions randomConditions(Numbers& random, unsigned seed) {
    review::CameraConditions c;
    c.tiltDegrees = random.between(0, 25);
    c.tiltDirectionDegrees = random.between(0, 360);
    c.turnDegrees = random.between(-12, 12) + 90 * (random.below(8) == 0 ? 2 : 0);
    c.filled = random.between(0.7, 0.8);
    c.kelvin = random.between(3000, 7500);
    c.castCorrected = random.between(0, 0.9);
    c.vignetting = random.between(0, 0.3);
    c.exposure = random.between(0.6, 0.95);
    c.contrast = random.between(0.92, 1.12);
    c.noise = random.between(0.002, 0.02);
    c.blurPixels = random.between(0.3, 1.2);
    c.jpegQuality = 70;
    c.seed = seed;
    return c;
}

/// What is read of a photograph of the flat card.
inline cv::Mat photographOf(const cv::Mat& flat, const review::CameraConditions& conditions) {
    const auto jpeg = review::photographed(flat, conditions);
    return colour::xyzImage(cv::imdecode(jpeg, cv::IMREAD_COLOR), {}, "card.jpg").value();
}
