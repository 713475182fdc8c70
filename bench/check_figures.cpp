// Measures what Check makes of photographs whose truth is known, and prints the figures. No benchmark: it takes from
// minutes to hours, and nothing depends on how fast the machine is.
//
//   check_figures conditions N FIRST FILE.dune...   stand-in photographs under random conditions
//   check_figures easel DIR N FIRST FILE.dune...    the same rendered by another program: see scripts/check-figures
//   check_figures artists N FIRST FILE.dune...      how much one Check and its corrections gain

#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <map>
#include <numeric>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>
#include <string_view>

#include "colour/difference.h"
#include "colour/image_colour.h"
#include "common/median.h"
#include "planning/replanning.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "planning/work_check.h"
#include "review/easel_photograph.h"
#include "storage/document.h"
#include "subject/picture.h"

namespace {

using planning::Plan;
using planning::Study;

struct Subject {
    storage::Document document;
    Plan plan;
    planning::Kept kept;
};

std::vector<int> stepsUpTo(int last) {
    std::vector<int> steps(static_cast<std::size_t>(last));
    std::iota(steps.begin(), steps.end(), 1);
    return steps;
}

/// Tape as makers differ: by 3 % in how light it is, by half of that in its colour. From memory.
cv::Vec3f someTape(cv::RNG& dice) {
    const double light = 1 + dice.gaussian(0.03);
    cv::Vec3f tape = review::creamTape;
    for (int c = 0; c < 3; ++c) tape[c] *= float(light * (1 + dice.gaussian(0.015)));
    return tape;
}

/// A sheet as it was laid up to a step, with two faults or with a shape beside its place.
struct Case {
    const Subject* subject;
    int step = 0;
    review::Mount mount;
    std::vector<review::PlantedFault> faults;
    int moved = -1;  // area
    cv::Point2d by;  // millimetres

    cv::Mat sheet() const { return planning::pictureAfter(subject->plan, step, subject->plan.light); }
    const cv::Mat& areas() const { return subject->plan.reading->areas.map; }
    review::MountedSheet mounted() const {
        std::vector<review::PlantedShift> shifts;
        if (moved >= 0) shifts.push_back({areas() == moved, by.x, by.y});
        return review::mountedSheet(sheet(), subject->document.study.widthMillimetres, mount, faults, shifts);
    }
};

Case caseOf(const std::vector<Subject>& subjects, int seed) {
    cv::RNG dice(std::uint64_t(seed) * 7919 + 13);
    Case made{&subjects[std::size_t(dice.uniform(0, int(subjects.size())))], 0, {}, {}, -1, {}};
    const Plan& plan = made.subject->plan;
    const Study& study = made.subject->document.study;
    made.step = dice.uniform(5, int(plan.steps.size()) + 1);
    if (dice.uniform(0, 2) == 1) made.mount.bareMargin = plan.paper.tone;
    made.mount.borderMillimetres = planning::usualTapeMillimetres;
    made.mount.hasGreyCard = seed % 4 < 2;
    made.mount.tape = someTape(dice);
    const double w = study.widthMillimetres, h = study.heightMillimetres;
    if (seed % 2 == 0) {
        for (int k = 0; k < 2; ++k) {
            review::PlantedFault fault;
            fault.radius = dice.uniform(8.0, 25.0);
            fault.x = dice.uniform(0.1, 0.9) * w;
            fault.y = dice.uniform(0.13, 0.87) * h;
            const double way = dice.uniform(0.0, 2 * CV_PI), up = dice.uniform(-1.0, 1.0),
                         off = dice.uniform(5.0, 12.0);
            const double out = off * std::sqrt(1 - up * up);
            fault.off = {off * up, out * std::cos(way), out * std::sin(way)};
            const auto& faults = made.faults;
            if (k == 1 &&
                std::hypot(fault.x - faults[0].x, fault.y - faults[0].y) < fault.radius + faults[0].radius + 8)
                continue;
            made.faults.push_back(fault);
        }
        return made;
    }
    // A middling shape, which stays on the sheet.
    const int count = int(plan.reading->areas.list.size());
    const double pixels = made.areas().cols / w;
    for (double left = 0; left < 0.9;) {
        made.moved = dice.uniform(0, count);
        const double way = dice.uniform(0.0, 2 * CV_PI), far = dice.uniform(5.0, 13.0);
        made.by = {far * std::cos(way), far * std::sin(way)};
        const cv::Mat mask = made.areas() == made.moved;
        const double before = cv::countNonZero(mask), share = before / double(mask.total());
        if (share < 0.015 || share > 0.25) continue;
        cv::Mat after;
        cv::warpAffine(mask, after, cv::Matx23d(1, 0, pixels * made.by.x, 0, 1, pixels * made.by.y), mask.size(),
                       cv::INTER_NEAREST);
        left = cv::countNonZero(after) / before;
    }
    return made;
}

review::CameraConditions randomConditions(int seed) {
    cv::RNG dice(std::uint64_t(seed) * 104729 + 7);
    review::CameraConditions camera;
    camera.pixels = {2400, 1800};
    camera.tiltDegrees = dice.uniform(0.0, 20.0);
    camera.tiltDirectionDegrees = dice.uniform(0.0, 360.0);
    camera.turnDegrees = dice.uniform(-6.0, 6.0);
    camera.filled = dice.uniform(0.65, 0.85);
    camera.kelvin = dice.uniform(3000.0, 7500.0);
    camera.sideLight = dice.uniform(0.0, 0.3);
    camera.sideLightDegrees = dice.uniform(0.0, 360.0);
    camera.exposure = dice.uniform(0.6, 0.95);
    camera.noise = dice.uniform(0.004, 0.02);
    camera.blurPixels = dice.uniform(0.4, 1.5);
    camera.jpegQuality = 70;
    camera.seed = unsigned(seed);
    if (std::getenv("LENS")) camera.bow = dice.uniform(-0.06, 0.03);
    // Of things that fall on the sheet: run apart, since the figures are asked for without them.
    if (std::getenv("SHADOWS")) {
        const bool isBelow = dice.uniform(0, 2) == 1;
        camera.shadow = {
            {isBelow ? dice.uniform(0.2, 0.8) : double(dice.uniform(0, 2)), isBelow ? 0.8 : dice.uniform(0.1, 0.7)},
            dice.uniform(0.15, 0.3),
            dice.uniform(0.2, 0.5)};
        camera.gleam = {{dice.uniform(0.3, 0.7), dice.uniform(0.2, 0.55)}, dice.uniform(0.02, 0.05), 1.5};
    }
    return camera;
}

/// What was told of all photographs, beside the truth.
struct Figures {
    int photographs = 0, found = 0, farCorners = 0;
    int planted = 0, plantedFound = 0, faultsTold = 0, falseFaults = 0, besideMoved = 0;
    int moved = 0, movedFound = 0, movedRight = 0, falseShifts = 0, areas = 0;
    std::map<std::string, std::vector<double>> colours;  // CIEDE2000 of areas, by what balanced them
    std::vector<double> corners;                         // shares of the width

    void take(const Case& it, int seed, const common::Result<planning::WorkCheck>& check,
              const std::array<cv::Point2d, 4>& corners);
    void print() const;
};

void Figures::take(const Case& it, int seed, const common::Result<planning::WorkCheck>& check,
                   const std::array<cv::Point2d, 4>& truth) {
    const Study& study = it.subject->document.study;
    const double w = study.widthMillimetres, h = study.heightMillimetres;
    ++photographs;
    if (!check) {
        std::printf("%d: refused, %d\n", seed, int(check.problem().kind));
        return;
    }
    ++found;
    if (const char* folder = std::getenv("KEEP_IN")) {
        std::ofstream out(std::string(folder) + "/" + std::to_string(seed) + ".png", std::ios::binary);
        const common::Bytes png = planning::sheetPng(check->sheet, check->hidden);
        out.write(reinterpret_cast<const char*>(png.data()), std::streamsize(png.size()));
    }
    if (check->shadow + check->gleam > 0)
        std::printf("%d: shadow over %.0f %%, gleam over %.0f %%\n", seed, 100 * check->shadow, 100 * check->gleam);
    double off = 0;
    const std::array<cv::Point2d, 4> own{{{0, 0}, {w, 0}, {w, h}, {0, h}}};
    for (std::size_t i = 0; i < 4; ++i) off = std::max(off, cv::norm(check->place.inPhotograph(own[i]) - truth[i]));
    corners.push_back(off / cv::norm(truth[1] - truth[0]));
    if (corners.back() > 0.005) {
        ++farCorners;
        std::printf("%d: a corner is off by %.2f %%\n", seed, 100 * corners.back());
    }
    const review::MountedSheet mounted = it.mounted();
    const cv::Mat really = colour::xyzOfLinearSrgb(mounted.flat(mounted.picture));
    const char* by = check->balancedBy == review::BalancedBy::greyCard     ? "grey card"
                     : check->balancedBy == review::BalancedBy::paper      ? "paper"
                     : check->balancedBy == review::BalancedBy::swatchCard ? "swatch card"
                                                                           : "tape";
    for (const planning::CheckedArea& area : check->areas) {
        const cv::Scalar mean = cv::mean(really, (it.areas() == area.area) & (check->hidden == 0));
        const colour::Lab truly = colour::labFromXyz({mean[0], mean[1], mean[2]});
        colours[by].push_back(colour::differenceCie2000(truly, area.work));
    }
    areas += int(check->areas.size()) - (it.moved >= 0 ? 1 : 0);
    for (const review::ShiftedArea& shift : check->shifts) {
        if (shift.area != it.moved) {
            ++falseShifts;
            std::printf("%d: area %d is said to lie beside its place\n", seed, shift.area + 1);
            continue;
        }
        ++movedFound;
        const double beside = cv::norm(shift.shift.millimetres - it.by);
        if (beside <= 1.5)
            ++movedRight;
        else
            std::printf("%d: of area %d %.1f %.1f is told for %.1f %.1f, %.2f sure\n", seed, it.moved + 1,
                        shift.shift.millimetres.x, shift.shift.millimetres.y, it.by.x, it.by.y, shift.shift.sureness);
    }
    if (it.moved >= 0) ++moved;
    const double pixels = it.areas().cols / w;
    cv::Mat meant = colour::labOfSrgb8Image(it.sheet());
    for (const review::PlantedFault& fault : it.faults) {
        cv::Mat place = cv::Mat::zeros(it.areas().size(), CV_8U);
        cv::circle(place, {int(fault.x * pixels), int(fault.y * pixels)}, int(0.8 * fault.radius * pixels), 255, -1);
        const cv::Scalar under = cv::mean(meant, place);
        const colour::Lab was{under[0], under[1], under[2]};
        const colour::Lab is{was.L + fault.off.L, was.a + fault.off.a, was.b + fault.off.b};
        if (colour::differenceCie2000(was, is) < 4) continue;
        ++planted;
        const bool isFound = std::ranges::any_of(check->faults, [&](const review::WorkFault& told) {
            return std::hypot(told.centre.x - fault.x, told.centre.y - fault.y) < fault.radius;
        });
        plantedFound += isFound ? 1 : 0;
        if (!isFound) std::printf("%d: the fault at %.0f %.0f is missed\n", seed, fault.x, fault.y);
    }
    for (const review::WorkFault& told : check->faults) {
        ++faultsTold;
        const bool isPlanted = std::ranges::any_of(it.faults, [&](const review::PlantedFault& fault) {
            return std::hypot(told.centre.x - fault.x, told.centre.y - fault.y) < fault.radius + told.radius;
        });
        if (isPlanted) continue;
        const cv::Point at(int(told.centre.x * pixels), int(told.centre.y * pixels));
        cv::Mat near;
        if (it.moved >= 0) {
            const int reach = 2 * int((cv::norm(it.by) + told.radius) * pixels) + 1;
            cv::dilate(it.areas() == it.moved, near, cv::getStructuringElement(cv::MORPH_ELLIPSE, {reach, reach}));
        }
        if (!near.empty() && near.at<uchar>(at)) {
            ++besideMoved;
        } else {
            ++falseFaults;
            std::printf("%d: false fault at %.0f %.0f, %.1f mm, %.1f\n", seed, told.centre.x, told.centre.y,
                        told.radius, told.difference);
        }
    }
}

void Figures::print() const {
    std::printf("found %d of %d; corners beyond 0.5 %% in %d, at worst %.2f %% of the width\n", found, photographs,
                farCorners, corners.empty() ? 0 : 100 * *std::ranges::max_element(corners));
    for (const auto& [by, all] : colours) {
        std::vector<double> sorted = all;
        std::ranges::sort(sorted);
        std::printf("areas balanced by %s: median %.2f, 95th %.2f (%zu)\n", by.c_str(), common::median(sorted),
                    sorted[sorted.size() * 95 / 100], sorted.size());
    }
    std::printf("faults %d of %d found, %d told, of these %d false and %d in or beside a moved shape\n", plantedFound,
                planted, faultsTold, falseFaults, besideMoved);
    std::printf("moved shapes %d of %d found, %d within 1.5 mm; %d false in %d areas\n", movedFound, moved, movedRight,
                falseShifts, areas);
}

common::Result<planning::WorkCheck> checked(const Case& it, const cv::Mat& xyz) {
    Study study = it.subject->document.study;
    study.borderMillimetres = 0;  // as where nobody said whether tape lies there
    return planning::checkWork(it.subject->plan, study, stepsUpTo(it.step), {xyz, {}, "photograph"});
}

int conditions(const std::vector<Subject>& subjects, int count, int first) {
    Figures figures;
    for (int seed = first; seed < first + count; ++seed) {
        const Case it = caseOf(subjects, seed);
        const review::MountedSheet mounted = it.mounted();
        const review::CameraConditions camera = randomConditions(seed);
        const cv::Mat photograph = cv::imdecode(review::photographed(mounted.flat, camera), cv::IMREAD_COLOR);
        if (const char* folder = std::getenv("KEEP_IN"))
            cv::imwrite(std::string(folder) + "/" + std::to_string(seed) + ".jpg", photograph);
        const cv::Matx33d seen = review::toPhotograph(mounted.flat.size(), camera);
        std::array<cv::Point2d, 4> truth;
        const cv::Point2d tl = mounted.picture.tl(), br = mounted.picture.br();
        for (std::size_t i = 0; i < 4; ++i) {
            const std::array<cv::Point2d, 4> at{{tl, {br.x, tl.y}, br, {tl.x, br.y}}};
            const cv::Vec3d p = seen * cv::Vec3d(at[i].x, at[i].y, 1);
            truth[i] = review::Lens(camera.pixels, camera.bow).bent({p[0] / p[2], p[1] / p[2]});
        }
        figures.take(it, seed, checked(it, *colour::xyzImage(photograph, {}, "photograph")), truth);
        std::fflush(stdout);
    }
    figures.print();
    return 0;
}

/// Writes the sheets that are not rendered yet, and reads those that are.
int easel(const std::vector<Subject>& subjects, const std::filesystem::path& folder, int count, int first) {
    Figures figures;
    for (int seed = first; seed < first + count; ++seed) {
        const std::filesystem::path own = folder / std::to_string(seed);
        Case it = caseOf(subjects, seed);
        it.mount.bareMargin.reset();
        std::ifstream written(own / "corners.txt");
        if (!written || !std::filesystem::exists(own / "photograph.jpg")) {
            std::filesystem::create_directories(own);
            const review::MountedSheet mounted = it.mounted();
            const cv::Mat sheet = colour::srgb8ImageFromXyz(colour::xyzOfLinearSrgb(mounted.flat(mounted.picture)));
            cv::Mat bgr;
            cv::cvtColor(sheet, bgr, cv::COLOR_RGB2BGR);
            cv::imwrite((own / "sheet.png").string(), bgr);
            continue;
        }
        const auto photograph = subject::readPictureFile((own / "photograph.jpg").string(), 2400);
        if (!photograph) return 1;
        std::array<cv::Point2d, 4> truth;
        for (cv::Point2d& corner : truth) {
            written >> corner.x >> corner.y;
            corner = {corner.x * photograph->xyz.cols, corner.y * photograph->xyz.rows};
        }
        figures.take(it, seed, checked(it, photograph->xyz), truth);
        std::fflush(stdout);
    }
    if (figures.photographs > 0) figures.print();
    return 0;
}

double differenceOf(const Plan& plan, const cv::Mat& sheet) {
    return rendering::figuresOf(planning::differenceMapOf(plan, sheet)).mean;
}

struct Gained {
    double asPlanned = 0, mended = 0;
};

/// An artist lays the picture, has it checked once when two steps are left at most, takes every correction and lays
/// what is left.
std::optional<Gained> gainedBy(Subject& subject, int seed) {
    const Plan& plan = subject.plan;
    const Study& study = subject.document.study;
    planning::SimulatedHand hand = planning::handOf(unsigned(seed));
    const double millimetres = study.widthMillimetres / plan.stackMap.cols;
    const int steps = int(plan.steps.size());
    cv::RNG dice(std::uint64_t(seed) * 77 + 5);
    const int reached = steps - seed % 3;
    // What is checked has faults; slips of what is laid after it are another question.
    if (!std::getenv("SLIPS_GO_ON")) hand.mistakenUpTo = reached;
    planning::Record record;
    record.id = "artist";
    record.paper = plan.paper.id;
    record.ground = std::string(planning::nameOf(plan.ground.strategy));
    const auto add = [&](planning::EntryKind kind, int step) -> planning::Entry& {
        constexpr int apart = 60000;  // milliseconds
        planning::Entry entry;
        entry.kind = kind;
        entry.at = std::int64_t(record.entries.size() + 1) * apart;
        entry.step = step;
        record.entries.push_back(entry);
        return record.entries.back();
    };
    for (int step = 1; step <= reached; ++step) {
        add(planning::EntryKind::begun, step);
        add(planning::EntryKind::done, step).laid = planning::laidStep(plan, plan.steps[std::size_t(step - 1)],
                                                                       study.widthMillimetres, study.heightMillimetres);
    }
    review::Mount mount;
    mount.borderMillimetres = planning::usualTapeMillimetres;
    mount.hasGreyCard = seed % 2 == 0;  // half of them have one
    mount.tape = someTape(dice);
    const cv::Mat now = planning::laidByHand(plan, reached, hand, millimetres);
    const auto mounted = review::mountedSheet(now, study.widthMillimetres, mount);
    const auto jpeg = review::photographed(mounted.flat, review::atTheEasel(mounted.flat.size(), unsigned(seed)));
    const auto check = planning::checkWork(
        plan, study, stepsUpTo(reached),
        {*colour::xyzImage(cv::imdecode(jpeg, cv::IMREAD_COLOR), {}, "photograph"), {}, "photograph"});
    if (!check) return std::nullopt;
    const auto bytes = std::make_shared<const common::Bytes>(planning::sheetPng(check->sheet, check->hidden));
    const auto mending =
        planning::waysToMend(plan, study, subject.document.library, stepsUpTo(reached), bytes, subject.kept);
    if (!mending) return std::nullopt;
    planning::Entry& entry = add(planning::EntryKind::checked, reached);
    entry.bytes = bytes;
    entry.check = planning::Checked{check->error, {}, mending->hand};
    for (std::size_t s = 0; s < mending->stacks.size(); ++s)
        if (const auto& mends = mending->stacks[s].mends; !mends.empty())
            entry.check->mends.push_back(
                {plan.reading->areas.list[std::size_t(plan.stacks[s].areas.front())].key, mends.front().mend});
    const auto anew = planning::makePlan(study, subject.document.library, record, subject.kept);
    if (!anew) return std::nullopt;
    const Gained gained{differenceOf(plan, planning::laidByHand(plan, steps, hand, millimetres)),
                        differenceOf(*anew, planning::laidByHand(*anew, int(anew->steps.size()), hand, millimetres))};
    std::printf("%d: after %d of %d; as planned %.2f, mended %.2f (foretold %.2f), %d steps; hand %.2f, told %.2f\n",
                seed, reached, steps, gained.asPlanned, gained.mended, anew->summary.picture.mean,
                int(anew->steps.size()), double(hand.amount), double(mending->hand.amount));
    std::fflush(stdout);
    return gained;
}

int artists(std::vector<Subject>& subjects, int count, int first) {
    double asPlanned = 0, mended = 0, worst = -100;
    int lost = 0;
    for (int seed = first; seed < first + count; ++seed) {
        const auto gained = gainedBy(subjects[std::size_t(seed) % subjects.size()], seed);
        if (!gained) {
            ++lost;
            continue;
        }
        asPlanned += gained->asPlanned;
        mended += gained->mended;
        worst = std::max(worst, gained->mended - gained->asPlanned);
    }
    const int counted = count - lost;
    std::printf("%d artists, %d lost: %.2f as planned, %.2f mended, %.0f %% lower; at worst %+.2f\n", count, lost,
                asPlanned / counted, mended / counted, 100 * (1 - mended / asPlanned), worst);
    return 0;
}

}  // namespace

int main(int count, char** words) {
    const std::vector<std::string> all(words + 1, words + count);
    const std::string mode = all.empty() ? "" : all[0];
    const std::size_t numbers = mode == "easel" ? 2 : 1;
    if ((mode != "conditions" && mode != "easel" && mode != "artists") || all.size() < numbers + 3) {
        std::puts("see the head of bench/check_figures.cpp");
        return 2;
    }
    std::vector<Subject> subjects;
    for (std::size_t i = numbers + 2; i < all.size(); ++i) {
        auto document = storage::readDocument(all[i]);
        if (!document) return 1;
        Subject subject{*std::move(document), {}, {}};
        subject.document.record = {};
        auto plan = planning::makePlan(subject.document.study, subject.document.library, subject.kept);
        if (!plan) return 1;
        subject.plan = *std::move(plan);
        subjects.push_back(std::move(subject));
    }
    const int many = std::atoi(all[numbers].c_str()), first = std::atoi(all[numbers + 1].c_str());
    if (mode == "conditions") return conditions(subjects, many, first);
    if (mode == "easel") return easel(subjects, all[1], many, first);
    return artists(subjects, many, first);
}
