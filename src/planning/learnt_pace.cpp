#include "planning/learnt_pace.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "common/median.h"
#include "planning/minutes.h"

namespace planning {

namespace {

constexpr int mannersAt = 1, mediaAt = mannersAt + pigment::mannerCount, sizesAt = mediaAt + materials::kindCount,
              paceParts = sizesAt + placeSizeCount;

/// The spread of one step about the pace (natural logarithm) before anything is known, and how many steps that is
/// worth.
constexpr double usualSpread = 0.35;
constexpr int stepsForSpread = 8;

/// As many steps at the usual pace each part is drawn by.
constexpr double drawnBy = 3;

Eigen::MatrixXd partsOf(const std::vector<TimedWork>& works) {
    Eigen::MatrixXd has = Eigen::MatrixXd::Zero(Eigen::Index(works.size()), paceParts);
    for (std::size_t i = 0; i < works.size(); ++i) {
        const Work& work = works[i].work;
        const auto row = Eigen::Index(i);
        has(row, 0) = 1;
        has(row, mannersAt + int(work.manner)) = 1;
        if (work.medium) has(row, mediaAt + int(*work.medium)) = 1;
        has(row, sizesAt + int(placeSize(work.squareCentimetres))) = 1;
    }
    return has;
}

/// The parts' logarithms.
Eigen::VectorXd fitted(const std::vector<TimedWork>& works) {
    const Eigen::MatrixXd has = partsOf(works);
    Eigen::VectorXd took(Eigen::Index(works.size()));
    std::vector<double> begin(std::size_t(drawnBy), 0.0);  // so that a first wrong entry is seen as such
    for (std::size_t i = 0; i < works.size(); ++i) {
        took(Eigen::Index(i)) = std::log(works[i].minutes / usualMinutes(works[i].work));
        begin.push_back(took(Eigen::Index(i)));
    }
    Eigen::VectorXd found = Eigen::VectorXd::Zero(paceParts);
    found(0) = common::median(begin);
    constexpr int turns = 30;
    constexpr double widest = 0.6, narrowing = 0.7;
    for (int turn = 0; turn < turns; ++turn) {
        const Eigen::VectorXd off = took - has * found;
        std::vector<double> apart(std::size_t(drawnBy), 0.0);
        for (const double it : off) apart.push_back(std::fabs(it));
        const double ofThese = 1.4826 * common::median(apart), count = double(works.size());
        // Wide at first: parts that differ are not to be taken for wrong entries.
        const double spread =
            std::max(widest * std::pow(narrowing, turn),
                     std::sqrt((stepsForSpread * usualSpread * usualSpread + count * ofThese * ofThese) /
                               (stepsForSpread + count)));
        const Eigen::ArrayXd away = off.array() / (4.685 * spread);
        const Eigen::ArrayXd kept = (1 - away.square()).max(0);
        const Eigen::VectorXd weights = kept.square();
        Eigen::MatrixXd normal = has.transpose() * weights.asDiagonal() * has;
        normal.diagonal().array() += drawnBy;
        const Eigen::VectorXd next = normal.ldlt().solve(has.transpose() * (weights.asDiagonal() * took));
        const bool isStill = turn > 8 && (next - found).cwiseAbs().maxCoeff() < 1e-6;
        found = next;
        if (isStill) break;
    }
    return found;
}

}  // namespace

std::vector<TimedWork> timedWorks(const Record& record, std::int64_t since) {
    const Standing standing(record);
    std::vector<TimedWork> works;
    for (std::size_t i = 0; i < record.entries.size(); ++i) {
        const Entry& entry = record.entries[i];
        if (entry.kind != EntryKind::done || !standing.holds(i) || entry.at < since || entry.laid->minutes <= 0)
            continue;
        works.push_back({workOf(*entry.laid), entry.laid->minutes, entry.laid->plannedMinutes});
    }
    return works;
}

LearntPace learntPace(const std::vector<TimedWork>& works) {
    LearntPace learnt;
    if (works.empty()) return learnt;
    for (const TimedWork& it : works) {
        const auto tally = [&](PaceTally& into) {
            ++into.steps;
            into.minutes += it.minutes;
            into.plannedMinutes += it.plannedMinutes;
        };
        tally(learnt.all);
        tally(learnt.manners[std::size_t(it.work.manner)]);
        if (it.work.medium) tally(learnt.media[std::size_t(*it.work.medium)]);
        tally(learnt.sizes[std::size_t(placeSize(it.work.squareCentimetres))]);
    }
    const Eigen::VectorXd found = fitted(works);
    // Two figures after the point are more than is known.
    const auto factorAt = [&](int part) {
        return std::clamp(std::round(100 * std::exp(found(part))) / 100, paceBounds.least, paceBounds.most);
    };
    learnt.pace.all = factorAt(0);
    for (int i = 0; i < pigment::mannerCount; ++i)
        if (learnt.manners[std::size_t(i)].steps > 0)
            learnt.pace.manners.push_back({pigment::Manner(i), factorAt(mannersAt + i)});
    for (int i = 0; i < materials::kindCount; ++i)
        if (learnt.media[std::size_t(i)].steps > 0)
            learnt.pace.media.push_back({materials::Kind(i), factorAt(mediaAt + i)});
    for (int i = 0; i < placeSizeCount; ++i)
        if (learnt.sizes[std::size_t(i)].steps > 0) learnt.pace.sizes.push_back({PlaceSize(i), factorAt(sizesAt + i)});
    return learnt;
}

}  // namespace planning
