#pragma once

#include <Eigen/Core>

namespace practice {

/// How often an observer is right, by how far apart what is asked about stands: a Weibull curve, from guessing up to
/// all but lapses (W. Weibull, J. Appl. Mech. 18, 1951; F. A. Wichmann, N. J. Hill, Perception & Psychophysics 63,
/// 2001).
struct Observer {
    double threshold = 1;  // where 1 - 1/e of the way from guessing to knowing is made
    double slope = 3;
    double guess = 0.5;   // right by chance: one in the number of choices
    double lapse = 0.03;  // wrong however far apart

    double rightAt(double apart) const;
};

/// A threshold as answers tell it, in the exercise's own measure: the median, and bounds that hold it in nine of ten.
struct Threshold {
    double middle = 0, least = 0, most = 0;
};

/// What an exercise may ask: from `least` to `most` apart, with so many answers to choose from.
struct Scale {
    double least = 0.1, most = 10;
    int choices = 2;
};

/// Asks where the answer tells most about the threshold, whatever slope and lapses are (L. L. Kontsevich, C. W. Tyler,
/// Vision Research 39, 1999; slope and lapses as nuisances: N. Prins, J. Vision 13(7):3, 2013). Thresholds are as
/// likely in each octave of the scale, slopes from 1.8 to 5.6, lapses from 1 to 6 %.
class Staircase {
 public:
    explicit Staircase(const Scale& scale);

    /// How far apart the next question should be.
    double next() const;
    /// `apart` need not be what was asked for: what is nearest on the scale counts.
    void answer(double apart, bool isRight);
    Threshold threshold() const;
    int trials() const { return trials_; }

 private:
    int levelOf(double apart) const;

    Scale scale_;
    Eigen::ArrayXd thresholds_;  // logarithms
    Eigen::ArrayXd levels_;      // likewise
    Eigen::MatrixXd right_;      // levels by hypotheses; those of one threshold lie together
    Eigen::VectorXd belief_;     // by hypothesis
    int trials_ = 0;
};

}  // namespace practice
