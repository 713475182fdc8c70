#include "planning/work_check.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "common/median.h"
#include "planning/stage_picture.h"
#include "review/hidden_places.h"
#include "review/sharpness.h"

namespace planning {

namespace {

/// Of a light: logarithms of how strong it is, how red against green, and how blue against yellow; or their standard
/// deviations.
struct Cast {
    double strength = 0, redness = 0, blueness = 0;
};

/// By which the photograph's light may be off what balanced it. From memory, but for what a JPEG file does to a card.
Cast spreadOf(review::BalancedBy by) {
    switch (by) {
        case review::BalancedBy::greyCard:
            return {0.01, 0.004, 0.011};
        case review::BalancedBy::swatchCard:
            return {0.015, 0.005, 0.012};
        case review::BalancedBy::paper:
            return {0.02, 0.005, 0.013};
        case review::BalancedBy::tape:
            return {0.03, 0.0065, 0.018};
    }
    return {};
}

/// By which a hand is off all over (48 stand-in hands, rounded): too light or too dark, seldom too red or too green.
constexpr Cast handSpread{0.05, 0.0045, 0.025};

/// What the photograph's light is off the plan's in the middle of all places, as far as it may be the photograph's own
/// fault.
Cast castIn(const cv::Mat& work, const cv::Mat& meant, const cv::Mat& hidden, const Cast& spread) {
    constexpr int apart = 3;             // pixels
    constexpr float leastLight = 0.03f;  // the darks tell little
    std::array<double, 3> logs{};
    for (int c = 0; c < 3; ++c) {
        std::vector<double> ratios;
        for (int y = 0; y < work.rows; y += apart)
            for (int x = 0; x < work.cols; x += apart)
                if (meant.at<cv::Vec3f>(y, x)[1] > leastLight && !hidden.at<uchar>(y, x))
                    ratios.push_back(double(work.at<cv::Vec3f>(y, x)[c] / meant.at<cv::Vec3f>(y, x)[c]));
        constexpr std::size_t few = 200;
        if (ratios.size() < few) return {};
        logs[std::size_t(c)] = std::log(std::max(0.01, common::median(ratios)));
    }
    const auto within = [](double off, double deviation) { return std::clamp(off, -2.5 * deviation, 2.5 * deviation); };
    return {within(logs[1], spread.strength), within(logs[0] - logs[1], spread.redness),
            within(logs[2] - logs[1], spread.blueness)};
}

/// Whether the photograph or the hand is off all over: the likelier it is of each, the more is its own.
Cast photographsOwn(const Cast& cast, const Cast& spread) {
    const auto part = [](double photograph, double hand) {
        return photograph * photograph / (photograph * photograph + hand * hand);
    };
    return {cast.strength * part(spread.strength, handSpread.strength),
            cast.redness * part(spread.redness, handSpread.redness),
            cast.blueness * part(spread.blueness, handSpread.blueness)};
}

cv::Mat without(const cv::Mat& work, const Cast& cast) {
    cv::Mat made;
    cv::multiply(work,
                 cv::Scalar(std::exp(-cast.strength - cast.redness), std::exp(-cast.strength),
                            std::exp(-cast.strength - cast.blueness)),
                 made);
    return made;
}

colour::Lab meanLab(const cv::Mat& xyz, const cv::Mat& mask) {
    const cv::Scalar mean = cv::mean(xyz, mask);
    return colour::labFromXyz({mean[0], mean[1], mean[2]});
}

/// Without areas of which a good part is behind something: their shapes are not told by the rest. Where nothing is left
/// it says -1.
cv::Mat judgedForShape(const cv::Mat& areas, int count, const cv::Mat& hidden) {
    constexpr double goodPart = 0.2;
    if (cv::countNonZero(hidden) == 0) return areas;
    cv::Mat judged = areas.clone();
    for (int area = 0; area < count; ++area) {
        const cv::Mat mask = areas == area;
        if (cv::countNonZero(mask & hidden) > goodPart * cv::countNonZero(mask)) judged.setTo(-1, mask);
    }
    return judged;
}

rendering::DifferenceFigures seenApart(const cv::Mat& one, const cv::Mat& other, const cv::Mat& hidden) {
    return rendering::figuresOf(rendering::differenceSeen(one, other, rendering::easelSigma(one.size())), hidden);
}

/// `areas` (CV_32S) and what was meant (XYZ) are the plan's, as the sheet lies.
std::vector<CheckedPlace> strikingPlaces(const WorkCheck& check, const cv::Mat& areas, const cv::Mat& meant,
                                         double pixelsPerMillimetre) {
    constexpr double clearly = 2;  // CIEDE2000
    const double sheet = double(areas.total()) / (pixelsPerMillimetre * pixelsPerMillimetre);
    const auto pixelOf = [&](const review::WorkFault& fault) {
        const cv::Point2d at = pixelsPerMillimetre * fault.centre;
        return cv::Point(std::clamp(int(at.x), 0, areas.cols - 1), std::clamp(int(at.y), 0, areas.rows - 1));
    };
    std::vector<CheckedPlace> places;
    for (const CheckedArea& area : check.areas) {
        if (std::ranges::count(check.shifts, area.area, &review::ShiftedArea::area) > 0) continue;
        CheckedPlace place{area.area, {}, 0, {}, {}};
        for (const review::WorkFault& fault : check.faults) {
            const double share = CV_PI * fault.radius * fault.radius / sheet;
            if (areas.at<int>(pixelOf(fault)) == area.area && fault.difference > area.toPlan + clearly &&
                fault.difference * share > place.fault.difference * place.share)
                place = {area.area, fault, share, {}, {}};
        }
        if (place.share == 0) continue;
        cv::Mat there = cv::Mat::zeros(areas.size(), CV_8U);
        cv::circle(there, pixelOf(place.fault), int(pixelsPerMillimetre * place.fault.radius), 255, cv::FILLED);
        there &= areas == area.area;
        there &= check.hidden == 0;
        // The place is seldom a circle: what it is off by is known better than how it looks within one.
        const colour::Lab& off = place.fault.off;
        place.plan = meanLab(meant, there);
        place.work = {place.plan.L + off.L, place.plan.a + off.a, place.plan.b + off.b};
        places.push_back(place);
    }
    return places;
}

}  // namespace

common::Result<WorkCheck> checkWork(const Plan& plan, const Study& study, const std::vector<int>& laid,
                                    const WorkPhotograph& photograph) {
    const cv::Mat sheet = pictureAfter(plan, laid, plan.light);
    review::SoughtSheet sought{sheet, study.widthMillimetres, study.heightMillimetres, study.borderMillimetres, {}};
    const bool isBorderKnown = study.borderMillimetres > 0;
    if (!isBorderKnown) sought.borderMillimetres = usualTapeMillimetres;
    std::vector<review::SoughtSheet> tried{sought};
    if (!isBorderKnown && !photograph.corners) {
        tried.push_back(sought);
        tried.back().bareMargin = plan.paper.tone;
    }
    std::optional<review::FoundSheet> found;
    if (photograph.corners) {
        found = {review::sheetPlaceBy(*photograph.corners, sought), 0};
    } else {
        const auto looked = review::findSheet(photograph.xyz, tried, photograph.name);
        if (!looked) return looked.problem();
        found = *looked;
    }
    const review::SheetPlace& place = found->place;
    const review::SoughtSheet& seenAs = tried[found->which];
    const auto reference = review::lightReferenceBeside(photograph.xyz, place, seenAs);
    auto flat = review::flattened(photograph.xyz, place, seenAs, reference, photograph.name);
    if (!flat) return flat.problem();

    WorkCheck check;
    check.place = place;
    check.balancedBy = flat->by;
    check.error = flat->error;
    check.unevenness = flat->unevenness;
    cv::Mat meant = colour::xyzOfSrgb8Image(sheet);
    const cv::Mat subject = colour::xyzOfSrgb8Image(plan.reference);
    const Cast spread = spreadOf(flat->by), cast = castIn(flat->xyz, meant, flat->hidden, spread);
    const cv::Mat work = without(flat->xyz, photographsOwn(cast, spread));
    // What stands off the rest of the sheet does so whatever the light is.
    const cv::Mat beside = without(flat->xyz, cast);
    const double pixelsPerMillimetre = sheet.cols / study.widthMillimetres;
    const review::HiddenPlaces behind = review::hiddenPlaces(*flat, beside, meant, pixelsPerMillimetre);
    check.shadow = cv::countNonZero(behind.shadow) / double(behind.shadow.total());
    check.gleam = cv::countNonZero(behind.gleam) / double(behind.gleam.total());
    check.behind = behind.shadow | behind.gleam;
    flat->hidden |= check.behind;
    constexpr double leastSharp = 0.3;
    check.sharpness = review::sharpnessOf(work, meant, flat->hidden);
    if (check.sharpness < leastSharp) return common::Problem{common::ProblemKind::workBlurred, photograph.name};
    check.sheet = work.clone();
    check.hidden = flat->hidden;
    const cv::Mat seen = colour::srgb8ImageFromXyz(work);
    check.toPlan = seenApart(seen, sheet, flat->hidden);
    check.toSubject = seenApart(seen, plan.reference, flat->hidden);
    const auto areas = int(plan.reading->areas.list.size());
    const cv::Mat visible = flat->hidden == 0;
    for (int area = 0; area < areas; ++area) {
        const cv::Mat mask = (plan.reading->areas.map == area) & visible;
        if (cv::countNonZero(mask) == 0) continue;
        CheckedArea checked{area, meanLab(work, mask), meanLab(meant, mask), meanLab(subject, mask)};
        checked.toPlan = colour::differenceCie2000(checked.plan, checked.work);
        checked.toSubject = colour::differenceCie2000(checked.subject, checked.work);
        check.areas.push_back(checked);
    }
    std::ranges::stable_sort(check.areas, std::greater{}, &CheckedArea::toPlan);
    check.shifts =
        review::shiftsIn(beside, meant, flat->hidden, judgedForShape(plan.reading->areas.map, areas, check.behind),
                         areas, pixelsPerMillimetre);
    check.alignments = brokenAlignments(check.shifts, plan.reading->areas.map, areas);
    check.faults = review::faultsIn(beside, meant, flat->hidden, pixelsPerMillimetre, flat->exposure);
    // A shape that was moved lies within a millimetre of where it is told to: what that leaves in its details is small.
    constexpr double leastWhereMoved = 4.5;
    std::erase_if(check.faults, [&](const review::WorkFault& fault) {
        return fault.difference < leastWhereMoved &&
               std::ranges::any_of(check.shifts, [&](const review::ShiftedArea& shifted) {
                   const cv::Point2d at = fault.centre - pixelsPerMillimetre * shifted.shift.millimetres;
                   const cv::Point pixel(int(at.x), int(at.y));
                   return cv::Rect({}, plan.reading->areas.map.size()).contains(pixel) &&
                          plan.reading->areas.map.at<int>(pixel) == shifted.area;
               });
    });
    for (review::WorkFault& fault : check.faults) {
        fault.centre *= 1 / pixelsPerMillimetre;
        fault.radius /= pixelsPerMillimetre;
    }
    check.places = strikingPlaces(check, plan.reading->areas.map, meant, pixelsPerMillimetre);
    return check;
}

}  // namespace planning
