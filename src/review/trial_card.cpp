#include "review/trial_card.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "colour/difference.h"
#include "colour/reflectance.h"
#include "colour/srgb.h"
#include "review/least_squares.h"

namespace review {

namespace {

using colour::Lab;

/// How far things may be from what is known of them where nothing tells it: sticks that were named by eye or by a
/// maker's chart; papers out of another batch; a hand.
constexpr double usualColourError = 6, usualHidingError = 0.35;  // CIEDE2000, and a share
constexpr double toothSpread = 0.35, handSpread = 0.2;           // of logarithms

/// Unknowns are in units of ten CIELAB units and of logarithms, so that all are about as large.
constexpr double labUnit = 10;
constexpr std::size_t perStick = 4, perPaper = 2;

/// The unknowns of a card: of each stick L, a, b of the masstone off what was known and the logarithm of its hiding
/// power's share; of each paper the logarithms of capacity and grip; and that of the hand's amounts.
class Unknown {
 public:
    Unknown(std::size_t sticks, std::size_t papers) : sticks_(sticks), papers_(papers) {}
    std::size_t ofStick(std::size_t stick) const { return perStick * stick; }
    std::size_t ofPaper(std::size_t paper) const { return perStick * sticks_ + perPaper * paper; }
    std::size_t ofHand() const { return ofPaper(papers_); }
    std::size_t count() const { return ofHand() + 1; }

 private:
    std::size_t sticks_, papers_;
};

Lab masstoneOf(const materials::Material& known, const double* off) {
    const Lab lab = colour::labFromSrgb8(known.masstone);
    return {std::clamp(lab.L + labUnit * off[0], 1.0, 99.0), lab.a + labUnit * off[1], lab.b + labUnit * off[2]};
}

double hidingOf(const materials::Material& known, const double* off) {
    return std::clamp(known.hiding * std::exp(off[3]), 0.05, 5.0);
}

const materials::Material& mediumOf(const materials::Owned& owned) {
    return std::get<materials::Material>(owned.what);
}

/// One laid field of the card.
struct LaidField {
    std::size_t window, field;
    Lab read;
    double error;
};

/// A paper may lie in several windows: for each of these, which of the card's papers it is.
std::vector<std::size_t> papersOf(const TrialCard& card) {
    std::vector<std::size_t> which;
    std::vector<std::string> ids;
    for (const TrialWindow& window : card.windows) {
        const auto known = std::ranges::find(ids, window.paper.id);
        which.push_back(std::size_t(known - ids.begin()));
        if (known == ids.end()) ids.push_back(window.paper.id);
    }
    return which;
}

/// How far a stick may be from what is known of it.
double colourSpread(const materials::Owned& stick) {
    return stick.colourError > 0 ? std::max(1.0, stick.colourError) : usualColourError;
}
double hidingSpread(const materials::Owned& stick) {
    return stick.hidingError > 0 ? std::max(0.05, stick.hidingError) : usualHidingError;
}

class Card {
 public:
    Card(const WindowsReading& reading, const TrialCard& card)
        : card_(card),
          paperIn_(papersOf(card)),
          papers_(paperIn_.empty() ? 0 : std::ranges::max(paperIn_) + 1),
          unknown_(card.sticks.size(), papers_.size()) {
        for (const materials::Owned& stick : card.sticks) known_.push_back(pigment::pigmentOf(mediumOf(stick)));
        for (std::size_t w = 0; w < card.windows.size(); ++w) {
            const WindowReading& window = reading.windows[w];
            const Lab bare = labOf(window[0]);
            materials::Paper& paper = papers_[paperIn_[w]];
            paper = card.windows[w].paper;
            paper.tone = colour::srgb8FromSrgb(colour::srgbFromXyz(meanBare(reading, paperIn_[w])));
            for (std::size_t i = 1; i < windowFields; ++i) {
                const FieldStrokes& strokes = card.windows[w].fields[i];
                constexpr double nothingLaid = 1.5;  // CIEDE2000, and more was expected
                const Lab read = labOf(window[i]);
                if (strokes.empty() || (colour::differenceCie2000(bare, read) < nothingLaid &&
                                        colour::differenceCie2000(bare, expected(w, i)) > 3 * nothingLaid))
                    continue;
                // What a hand lays differs from field to field by this, in CIEDE2000.
                constexpr double leastError = 1;
                laid_.push_back({w, i, read, std::hypot(leastError, window[i].error)});
                for (const pigment::Lay& lay : strokes)
                    if (pigment::laysPigment(lay.manner)) used_.push_back(std::size_t(lay.stick));
            }
        }
        std::ranges::sort(used_);
        used_.erase(std::unique(used_.begin(), used_.end()), used_.end());
        pigments_.resize(card.sticks.size());
        bare_.resize(papers_.size());
        seen_.resize(laid_.size());
    }

    const std::vector<LaidField>& laid() const { return laid_; }
    const Unknown& unknown() const { return unknown_; }
    bool isUsed(std::size_t stick) const { return std::ranges::binary_search(used_, stick); }

    /// As the drawer would have had it.
    Lab expected(std::size_t window, std::size_t field) const {
        return seen(pigment::barePatch(card_.windows[window].paper), window, field, known_, 1);
    }

    /// The laid fields with these unknowns. What is as it was when they were last asked for is not reckoned again.
    const std::vector<Lab>& all(const Unknowns& x) {
        const auto isOther = [&](std::size_t first, std::size_t count) {
            return last_.empty() ||
                   !std::equal(x.begin() + std::ptrdiff_t(first), x.begin() + std::ptrdiff_t(first + count),
                               last_.begin() + std::ptrdiff_t(first));
        };
        std::vector<bool> isOtherStick(card_.sticks.size()), isOtherPaper(papers_.size());
        for (const std::size_t i : used_) {
            isOtherStick[i] = isOther(unknown_.ofStick(i), perStick);
            if (isOtherStick[i]) pigments_[i] = pigmentOf(i, &x[unknown_.ofStick(i)]);
        }
        for (std::size_t p = 0; p < papers_.size(); ++p) {
            isOtherPaper[p] = isOther(unknown_.ofPaper(p), perPaper);
            if (isOtherPaper[p]) bare_[p] = pigment::barePatch(paperOf(p, x));
        }
        const bool isOtherHand = isOther(unknown_.ofHand(), 1);
        const auto hand = float(std::exp(x[unknown_.ofHand()]));
        last_ = x;
        for (std::size_t n = 0; n < laid_.size(); ++n) {
            const LaidField& it = laid_[n];
            const bool isLaidOtherwise =
                std::ranges::any_of(card_.windows[it.window].fields[it.field], [&](const pigment::Lay& lay) {
                    return pigment::laysPigment(lay.manner) && isOtherStick[std::size_t(lay.stick)];
                });
            const std::size_t paper = paperIn_[it.window];
            if (isLaidOtherwise || isOtherHand || isOtherPaper[paper])
                seen_[n] = seen(bare_[paper], it.window, it.field, pigments_, hand);
        }
        return seen_;
    }

    materials::Paper paperIn(std::size_t window, const Unknowns& x) const { return paperOf(paperIn_[window], x); }

    materials::Paper paperOf(std::size_t paper, const Unknowns& x) const {
        materials::Paper with = papers_[paper];
        const double* off = &x[unknown_.ofPaper(paper)];
        with.capacity = std::clamp(with.capacity * std::exp(off[0]), materials::leastTooth, materials::mostTooth);
        with.grip = std::clamp(with.grip * std::exp(off[1]), materials::leastTooth, materials::mostTooth);
        return with;
    }

    std::vector<double> residuals(const Unknowns& x) {
        std::vector<double> off;
        const std::vector<Lab>& labs = all(x);
        for (std::size_t i = 0; i < labs.size(); ++i) {
            const Lab &now = labs[i], &read = laid_[i].read;
            const double error = laid_[i].error;
            off.insert(off.end(), {(now.L - read.L) / error, (now.a - read.a) / error, (now.b - read.b) / error});
        }
        for (std::size_t s = 0; s < card_.sticks.size(); ++s) {
            const materials::Owned& known = card_.sticks[s];
            const double* at = &x[unknown_.ofStick(s)];
            for (int c = 0; c < 3; ++c) off.push_back(at[c] * labUnit / colourSpread(known));
            off.push_back(at[3] / hidingSpread(known));
        }
        for (std::size_t i = unknown_.ofPaper(0); i < unknown_.ofHand(); ++i) off.push_back(x[i] / toothSpread);
        off.push_back(x[unknown_.ofHand()] / handSpread);
        return off;
    }

 private:
    Lab seen(const pigment::Patch& paper, std::size_t window, std::size_t field,
             const std::vector<pigment::Pigment>& pigments, float hand) const {
        const auto pigmentAt = [&](int stick) -> const pigment::Pigment& { return pigments[std::size_t(stick)]; };
        return pigment::labOf(pigment::laidOn(paper, card_.windows[window].fields[field], pigmentAt, hand),
                              colour::Light::daylight65);
    }
    pigment::Pigment pigmentOf(std::size_t stick, const double* off) const {
        const materials::Material& known = mediumOf(card_.sticks[stick]);
        return pigment::pigmentOf(known, colour::reflectanceFromXyz(colour::xyzFromLab(masstoneOf(known, off))),
                                  hidingOf(known, off));
    }

    /// Of a paper's bare fields.
    colour::Xyz meanBare(const WindowsReading& reading, std::size_t paper) const {
        colour::Xyz sum{0, 0, 0};
        double count = 0;
        for (std::size_t w = 0; w < paperIn_.size(); ++w) {
            if (paperIn_[w] != paper) continue;
            const colour::Xyz& bare = reading.windows[w][0].xyz;
            sum = {sum.x + bare.x, sum.y + bare.y, sum.z + bare.z};
            ++count;
        }
        return {sum.x / count, sum.y / count, sum.z / count};
    }

    const TrialCard& card_;
    std::vector<std::size_t> paperIn_;      // by window
    std::vector<materials::Paper> papers_;  // with their tones as read
    Unknown unknown_;
    std::vector<pigment::Pigment> known_;  // of the sticks
    std::vector<LaidField> laid_;
    std::vector<std::size_t> used_;  // sticks of the laid fields
    // As they were last reckoned.
    Unknowns last_;
    std::vector<pigment::Pigment> pigments_;
    std::vector<pigment::Patch> bare_;
    std::vector<Lab> seen_;
};

}  // namespace

std::optional<TrialFindings> taughtBy(const WindowsReading& reading, const TrialCard& trial) {
    Card card(reading, trial);
    if (card.laid().empty()) return std::nullopt;
    const Unknown& unknown = card.unknown();
    constexpr int steps = 40;
    const Fitted fitted =
        leastSquares([&](const Unknowns& x) { return card.residuals(x); }, Unknowns(unknown.count(), 0.0), steps);
    const Unknowns& x = fitted.values;
    const auto errorOf = [&](std::size_t i) {
        return std::sqrt(std::max(0.0, fitted.covariance.at<double>(int(i), int(i))));
    };

    TrialFindings taught;
    taught.hand = std::exp(x[unknown.ofHand()]);
    taught.sticks.resize(trial.sticks.size());
    for (std::size_t s = 0; s < trial.sticks.size(); ++s) {
        if (!card.isUsed(s)) continue;
        materials::Owned owned = trial.sticks[s];
        auto& medium = std::get<materials::Material>(owned.what);
        const std::size_t at = unknown.ofStick(s);
        const Lab masstone = masstoneOf(medium, &x[at]);
        medium.hiding = hidingOf(medium, &x[at]);
        medium.masstone = colour::srgb8FromSrgb(colour::srgbFromLab(masstone));
        owned.colourError = labUnit * std::hypot(errorOf(at), errorOf(at + 1), errorOf(at + 2)) / std::sqrt(3.0);
        owned.hidingError = errorOf(at + 3);
        owned.source = materials::ColourSource::card;
        // What lies hidden under others is no better known than before.
        constexpr double better = 0.8;
        if (owned.colourError < better * colourSpread(trial.sticks[s]) ||
            owned.hidingError < better * hidingSpread(trial.sticks[s]))
            taught.sticks[s] = owned;
    }
    taught.papers.resize(trial.windows.size());
    taught.windows.resize(trial.windows.size());
    for (std::size_t w = 0; w < taught.windows.size(); ++w) {
        const Lab bare = labOf(reading.windows[w][0]);
        taught.windows[w].resize(windowFields);
        taught.windows[w][0] = TriedField{colour::labFromSrgb8(trial.windows[w].paper.tone), bare, bare};
    }
    const std::vector<Lab>& mended = card.all(x);
    for (std::size_t i = 0; i < mended.size(); ++i) {
        const LaidField& laid = card.laid()[i];
        const TriedField tried{card.expected(laid.window, laid.field), laid.read, mended[i]};
        taught.windows[laid.window][laid.field] = tried;
        taught.papers[laid.window] = card.paperIn(laid.window, x);
        taught.differenceBefore += colour::differenceCie2000(tried.expected, tried.read) / double(mended.size());
        taught.difference += colour::differenceCie2000(tried.mended, tried.read) / double(mended.size());
    }
    return taught;
}

}  // namespace review
