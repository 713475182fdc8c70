#pragma once

#include <opencv2/core.hpp>
#include <vector>

#include "materials/material.h"
#include "practice/exercise.h"

namespace practice {

/// In a square of side 1, y downwards.
struct Line {
    double x1 = 0, y1 = 0, x2 = 0, y2 = 0;
    bool isUnit = false;  // what is measured with
};

/// What is shown, and which answer is true. Colours are CIELAB under D50, all of them within sRGB.
struct Question {
    Exercise exercise = Exercise::lighter;
    double apart = 0;                  // in the exercise's measure, as it has come out
    int right = 0;                     // which answer, from 0
    std::vector<colour::Lab> given;    // what is asked about, if it is not the choices themselves
    std::vector<colour::Lab> shown;    // from left to right; but for `order` the answers
    std::vector<colour::Lab> grounds;  // that each of them lies on; empty: all on the same grey
    std::vector<Line> lines;
    int units = 0;                    // that a length is compared with
    std::vector<cv::Mat> pictures;    // CV_8UC3, R G B: the subject, and two sheets if these are asked about
    std::vector<cv::Point2d> places;  // of two masses in it, as fractions of the width and height
};

/// What questions are made from: the subject's colours, and the artist's sticks.
struct Sources {
    std::vector<colour::Lab> colours;
    std::vector<materials::Material> sticks;
    materials::Paper paper;  // that mixtures are laid on
    cv::Mat squinted;        // the subject with half-closed eyes, CV_32FC3, CIELAB
    cv::Mat areas;           // CV_32S, as large: which area a place belongs to, from 0
    cv::Mat picture = {};    // the subject itself, CV_8UC3, R G B
};

/// Whether these sources give questions of a kind: they need colours, what is asked of sticks five of these, what is
/// asked of the picture a picture, and that of masses two of different value. What is drawn needs areas.
bool canAsk(Exercise exercise, const Sources& sources);

/// One question of an exercise that asks, with things about so far apart (`apart`, in the exercise's measure); the same
/// for the same seed. Only of what canAsk.
Question ask(Exercise exercise, double apart, const Sources& sources, unsigned seed);

}  // namespace practice
