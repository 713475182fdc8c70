#include <QtTest>
#include <algorithm>
#include <array>
#include <cmath>

#include "colour/difference.h"
#include "colour/munsell.h"
#include "matching/mixture_reasons.h"
#include "materials/owned.h"
#include "numbers.h"
#include "planning/own_mixtures.h"
#include "planning/planner.h"
#include "planning/trial_sheet.h"
#include "small_study.h"

using namespace planning;
using colour::Lab;
using materials::Kind;
using pigment::Lay;
using pigment::Manner;
using pigment::Pressure;
using pigment::slidesBelow;

namespace {

constexpr auto d65 = colour::Light::daylight65;

materials::Material mediumOf(Kind kind, const char* hex) {
    materials::Material medium;
    medium.kind = kind;
    medium.masstone = *colour::srgb8FromHex(hex);
    medium.hardness = materials::usualHardness(kind);
    return medium;
}

std::vector<materials::Material> randomMedia(int count, unsigned seed) {
    Numbers random(seed);
    std::vector<materials::Material> media;
    for (int i = 0; i < count; ++i) {
        media.push_back(mediumOf(random.below(4) == 0 ? Kind::pencil : Kind::soft, "#000000"));
        for (std::uint8_t* part : {&media.back().masstone.r, &media.back().masstone.g, &media.back().masstone.b})
            *part = std::uint8_t(20 + random.below(220));
    }
    return media;
}

materials::Paper paperOf(const char* hex, materials::Surface surface = materials::Surface::sanded400) {
    materials::Paper paper;
    paper.tone = *colour::srgb8FromHex(hex);
    paper.surface = surface;
    return paper;
}

std::vector<int> all(int count) {
    std::vector<int> sticks;
    for (int i = 0; i < count; ++i) sticks.push_back(i);
    return sticks;
}

Lab seenOf(const materials::Paper& paper, const Strokes& strokes, const std::vector<matching::PreparedStick>& sticks) {
    return pigment::labOf(matching::laidOn(pigment::barePatch(paper), strokes, sticks), d65);
}

pigment::Hold holdOver(const Strokes& under, const Lay& over, const std::vector<matching::PreparedStick>& sticks,
                       const materials::Paper& paper = paperOf("#8a7f74")) {
    return pigment::holdOf(matching::laidOn(pigment::barePatch(paper), under, sticks),
                           {&sticks[std::size_t(over.stick)].pigment, over.manner, over.pressure});
}

bool has(const std::vector<matching::MixtureReason>& reasons, matching::MixtureEffect effect) {
    return std::ranges::find(reasons, effect, &matching::MixtureReason::effect) != reasons.end();
}

}  // namespace

/// Strokes tried over each other, and mixtures of one's own.
class TestTrialSheet : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void sheetsAreLaidOutInRowsAndColumns() {
        const materials::Paper paper = paperOf("#8a7f74");
        const TrialSheet ladder = pressureLadder(paper, {4, 2}, Manner::hatch);
        QCOMPARE(ladder.rows(), 2);
        for (int i = 0; i < int(ladder.swatches.size()); ++i) {
            const Strokes rung{{i < ladderRungs ? 4 : 2, Manner::hatch, {0.5f * float(i % ladderRungs + 1)}}};
            QCOMPARE(ladder.swatches[std::size_t(i)], rung);
        }
        const HowLaid under{Manner::press, Pressure::heavy}, over{Manner::scumble, Pressure::light};
        const TrialSheet grid = everyOverEvery(paper, {4, 2, 7}, under, over);
        QCOMPARE(grid.columns, 3);
        QCOMPARE(grid.swatches[5],
                 (Strokes{{2, Manner::press, Pressure::heavy}, {7, Manner::scumble, Pressure::light}}));
        QCOMPARE(grid.swatches[4], (Strokes{{2, Manner::press, Pressure::heavy}}));
        // One is let go as the other comes, never both at full, and each alone at its end.
        const TrialSheet run = gradedRun(paper, {4, 2, 7}, Manner::scumble);
        QCOMPARE(run.rows(), 2);
        QCOMPARE(run.swatches[0], (Strokes{{4, Manner::scumble, Pressure::heavy}}));
        QCOMPARE(run.swatches[runSteps - 1], (Strokes{{2, Manner::scumble, Pressure::heavy}}));
        QCOMPARE(run.swatches[runSteps + 4], (Strokes{{4, Manner::scumble, {1.5f}}, {7, Manner::scumble, {1.5f}}}));
        QCOMPARE(gradedRun(paper, {3}, Manner::scumble).rows(), 1);
    }

    void swatchesAreTheFilmsToTheLastDigit() {
        const auto media = randomMedia(9, 3);
        const auto sticks = matching::prepared(media, d65);
        TrialSheet sheet =
            everyOverEvery(paperOf("#6f7a70"), all(9), {Manner::scumble, {1.5f}}, {Manner::hatch, Pressure::medium});
        sheet.swatches[40] = {{1, Manner::press, Pressure::heavy},
                              {0, Manner::blend, Pressure::medium},
                              {0, Manner::fix, Pressure::medium},
                              {5, Manner::scumble, Pressure::light}};
        std::vector<Tried> tried = triedOn(sheet, sticks, d65);
        for (std::size_t i = 0; i < tried.size(); ++i) {
            const pigment::Patch patch = matching::laidOn(pigment::barePatch(sheet.paper), sheet.swatches[i], sticks);
            QCOMPARE(tried[i].seen, pigment::labOf(patch, d65));
            QCOMPARE(tried[i].toothUsed, pigment::toothUsed(patch));
            QCOMPARE(tried[i].looseLoad, pigment::looseLoad(patch));
            QCOMPARE(tried[i].holds.size(), sheet.swatches[i].size());
        }
        // A change in one place is what laying all anew gives.
        for (const int swatch : {0, 13, 44, 80}) {
            sheet.swatches[std::size_t(swatch)].push_back({3, Manner::scumble, Pressure::heavy});
            tryAgain(tried, sheet, swatch, sticks, d65);
            QCOMPARE(tried, triedOn(sheet, sticks, d65));
        }
    }

    /// Common practice, no source: a pencil slides on thick loose soft pastel, holds on bare tooth, and on the same
    /// pastel blended in; a sheet that is full takes nothing more, and a rough one is full later than cartridge.
    void whatSlidesIsTold() {
        const auto sticks =
            matching::prepared({mediumOf(Kind::soft, "#c08050"), mediumOf(Kind::pencil, "#203050")}, d65);
        const Lay soft{0, Manner::press, Pressure::heavy}, point{1, Manner::hatch, Pressure::medium};
        const pigment::Hold bare = holdOver({}, point, sticks), loose = holdOver({soft}, point, sticks),
                            blended = holdOver({soft, {0, Manner::blend, Pressure::heavy}}, point, sticks);
        QCOMPARE(bare.held, 1.0);
        QVERIFY(loose.held < slidesBelow && loose.inTooth > 2 * loose.held);
        QVERIFY(blended.held > 1.5 * loose.held);
        const Strokes thick(6, soft);
        const pigment::Hold full = holdOver(thick, soft, sticks);
        QVERIFY(full.held < slidesBelow && full.held > 0.7 * full.inTooth);  // it is the tooth
        const materials::Paper smooth = paperOf("#8a7f74", materials::Surface::cartridge);
        for (int layers = 1; layers < 4; ++layers)
            QVERIFY(holdOver(Strokes(std::size_t(layers), soft), soft, sticks).held >
                    holdOver(Strokes(std::size_t(layers), soft), soft, sticks, smooth).held);
        QCOMPARE(holdOver({}, {0, Manner::lift, Pressure::medium}, sticks).held, 1.0);
    }

    /// Simultaneous contrast: lighter among darks, darker among lights (M. E. Chevreul, 1839).
    void neighboursChangeWhatASwatchLooksLike() {
        const auto sticks = matching::prepared(
            {mediumOf(Kind::soft, "#808080"), mediumOf(Kind::soft, "#202020"), mediumOf(Kind::soft, "#f0f0f0")}, d65);
        const auto amid = [&](const char* paper, int neighbour) {
            TrialSheet sheet{paperOf(paper), 3, std::vector<Strokes>(9, {{neighbour, Manner::press, Pressure::heavy}})};
            sheet.swatches[4] = {{0, Manner::press, Pressure::heavy}, {0, Manner::press, Pressure::heavy}};
            return triedOn(sheet, sticks, d65)[4].looksLighter;
        };
        const double amongDarks = amid("#303030", 1), amongLights = amid("#e8e8e8", 2);
        QVERIFY(amongDarks > 0.3);
        QVERIFY(amongLights < -0.3);
    }

    void theNextStrokeIsTheBestThereIs() {
        const auto sticks = matching::prepared(randomMedia(30, 5), d65);
        const materials::Paper paper = paperOf("#74695e");
        const Lab wanted{58, 18, 24};
        const Strokes lying{{3, Manner::scumble, Pressure::medium}};
        const pigment::Patch patch = matching::laidOn(pigment::barePatch(paper), lying, sticks);
        const auto next = nextStrokes(wanted, patch, sticks, all(30), 4, d65);
        QCOMPARE(next.size(), std::size_t(4));
        double least = 1e9;
        for (int stick = 0; stick < 30; ++stick)
            for (const Manner manner : matching::mannersOf(sticks[std::size_t(stick)].kind))
                for (int half = 1; half <= 6; ++half) {
                    const Lay lay{stick, manner, {float(half) / 2}};
                    if (holdOver(lying, lay, sticks, paper).held < slidesBelow) continue;
                    least =
                        std::min(least, colour::differenceCie2000(wanted, seenOf(paper, {lying.front(), lay}, sticks)));
                }
        QCOMPARE(next.front().difference, least);
        const double now = colour::differenceCie2000(wanted, pigment::labOf(patch, d65));
        for (std::size_t i = 0; i < next.size(); ++i) {
            QVERIFY(next[i].difference < now);
            QCOMPARE(next[i].seen, seenOf(paper, {lying.front(), next[i].lay}, sticks));
            if (i > 0) QVERIFY(next[i - 1].difference <= next[i].difference);
        }
        // Nothing comes nearer to what is there already.
        QVERIFY(nextStrokes(pigment::labOf(patch, d65), patch, sticks, all(30), 4, d65).empty());
    }

    /// Common practice, no source: a complement takes chroma; white tints and black shades; over a thin layer the paper
    /// counts, under a flat one it does not.
    void mixturesAreExplained() {
        using matching::MixtureEffect;
        const auto sticks = matching::prepared(
            {mediumOf(Kind::soft, "#b03030"), mediumOf(Kind::soft, "#2f7d52"), mediumOf(Kind::soft, "#f4f4f2"),
             mediumOf(Kind::soft, "#1c1c1c"), mediumOf(Kind::soft, "#d8b020"), mediumOf(Kind::soft, "#3a5fb0")},
            d65);
        const materials::Paper paper = paperOf("#8a8a8a");
        const auto reasons = [&](int under, int over, Lay how = {0, Manner::press, Pressure::heavy}) {
            how.stick = over;
            return matching::mixtureReasons(std::array{Lay{under, Manner::press, Pressure::heavy}, how}, sticks, paper,
                                            d65);
        };
        const Lay light{0, Manner::scumble, Pressure::medium};
        const auto calmed = reasons(0, 1, light);
        QVERIFY(has(calmed, MixtureEffect::calms));
        QVERIFY(calmed.front().figure <
                std::min(colour::chroma(sticks[0].masstone), colour::chroma(sticks[1].masstone)));
        QVERIFY(has(reasons(0, 2), MixtureEffect::tints));
        QVERIFY(has(reasons(0, 3), MixtureEffect::shades));
        QVERIFY(has(reasons(0, 4), MixtureEffect::between));
        QVERIFY(has(reasons(4, 5, {0, Manner::hatch, Pressure::medium}), MixtureEffect::apart));
        QVERIFY(!has(reasons(0, 2), MixtureEffect::paperShows));
        const auto thin =
            matching::mixtureReasons(std::array{Lay{0, Manner::scumble, Pressure::light}}, sticks, paper, d65);
        QVERIFY(has(thin, MixtureEffect::paperShows));
        QVERIFY(thin.back().figure > 0.3 && thin.back().figure < 1);
        QVERIFY(matching::mixtureReasons({}, sticks, paper, d65).empty());
    }

    void ownMixturesAreStacksWhereTheyCanBe() {
        const materials::Library library = smallLibrary();
        const materials::MixtureStroke brown{"t5", Manner::press, Pressure::medium},
            ochre{"t6", Manner::hatch, Pressure::light}, wash{"t16", Manner::wash, Pressure::medium},
            finger{"", Manner::blend, Pressure::medium}, gone{"t99", Manner::press, Pressure::medium};
        const auto layers = ownLayers({{"a", "p-grey", {brown, ochre}},
                                       {"twice", "p-grey", {brown, ochre, brown}},
                                       {"wet", "p-grey", {wash, brown}},
                                       {"rubbed", "p-grey", {brown, finger}},
                                       {"gone", "p-grey", {gone}}},
                                      library.media);
        QCOMPARE(layers, (std::vector<matching::Layers>{{{4, Manner::press}, {5, Manner::hatch}}}));
        QVERIFY(matching::holds({{4, Manner::press}, {9, Manner::press}, {5, Manner::hatch}}, layers.front()));
        QVERIFY(!matching::holds({{5, Manner::hatch}, {4, Manner::press}}, layers.front()));
        QVERIFY(!matching::holds({{4, Manner::press}}, {}));
        QVERIFY(materials::canBeLaid({"b", "", {brown, finger}}, library));
        QVERIFY(!materials::canBeLaid({"c", "", {gone}}, library));
    }

    /// A mixture is laid where it serves, and said; one that does not is left alone. A plan is no worse for it than the
    /// layer's price that it is worth.
    void plansUseOwnMixturesWhereTheyServe() {
        Study study = smallStudy();
        study.approach.ground = Ground::none;
        materials::Library library = smallLibrary();
        Kept kept;
        const auto plain = makePlan(study, library, kept, {});
        QVERIFY(plain.ok());
        const int ball = plain->stackOfArea[std::size_t(subject::labelAt(plain->reading->areas.map, 0.5, 0.5))];
        // Nearly what the search found: one of its sticks is laid otherwise.
        materials::OwnMixture mixture{"shadow of the ball", "p-grey", {}};
        for (const Layer& layer : plain->stacks[std::size_t(ball)].layers)
            if (layer.stick >= 0 && mixture.strokes.size() < 2)
                mixture.strokes.push_back({plain->sticks[std::size_t(layer.stick)].id, layer.manner, Pressure::medium});
        QCOMPARE(mixture.strokes.size(), std::size_t(2));
        const materials::OwnMixture silly{"moonlight", "p-grey", {{"t2", Manner::press, Pressure::heavy}}};
        library.mixtures = {silly, mixture};
        const auto with = makePlan(study, library, kept, {});
        QVERIFY(with.ok());
        std::vector<std::string> named;
        for (const PlannedStack& stack : with->stacks)
            named.insert(named.end(), stack.mixtures.begin(), stack.mixtures.end());
        QVERIFY(std::ranges::find(named, mixture.name) != named.end());
        const auto note = std::ranges::find(with->notes, NoteTopic::ownMixture, &Note::topic);
        QVERIFY(note != with->notes.end() && !note->areas.empty());
        QVERIFY(with->summary.picture.mean < plain->summary.picture.mean + 0.08);
        // Without them it is what it was.
        library.mixtures.clear();
        const auto again = makePlan(study, library, kept, {});
        QCOMPARE(again->summary.picture.mean, plain->summary.picture.mean);
    }
};

QTEST_GUILESS_MAIN(TestTrialSheet)
#include "test_trial_sheet.moc"
