#include <QRegularExpression>
#include <QtTest>
#include <set>

#include "colour/difference.h"
#include "hand_plan.h"
#include "matching/paint_mixes.h"
#include "planned_study.h"
#include "planning/area_grounds.h"
#include "planning/compatibility.h"
#include "planning/minutes.h"
#include "planning/stage_picture.h"
#include "planning/underpainting.h"

using namespace planning;
using materials::Kind;
using materials::Water;
using pigment::Manner;

namespace {

/// Two areas, and media to lay under them. What an area is to look like is one colour.
class HandGround {
 public:
    explicit HandGround(Water water = Water::full, std::uint8_t tone = 128) : hand_(2) {
        hand_.plan.paper.water = water;
        hand_.plan.paper.tone = {tone, tone, tone};
        // A wash would be a step darker than this: the very grey of the paper.
        wants(0, {61.6, 0, 0});
        wants(1, {61.6, 0, 0});
    }
    void wants(int area, const colour::Lab& lab, double share = 0.5) {
        PlannedStack& stack = hand_.plan.stacks[std::size_t(area)];
        stack.samples = {{lab, 1.0}};
        stack.share = share;
    }
    void add(Kind kind, const char* hex, const char* id) {
        materials::Material m;
        m.id = id;
        m.kind = kind;
        m.hardness = materials::usualHardness(kind);
        m.masstone = *colour::srgb8FromHex(hex);
        media_.push_back(m);
    }
    GroundProposal proposal(Ground strategy, int most = 4) const {
        return groundBy(strategy, hand_.plan, media_, matching::prepared(media_, hand_.plan.light), most);
    }
    /// "2 red + 1 blue wash 2 under 0; ...": mixture, manner, pressure and areas of each layer.
    QString laid(Ground strategy = Ground::localWash, int most = 4) const { return told(proposal(strategy, most)); }
    static QString told(const GroundProposal& ground) {
        QStringList all;
        for (const GroundLayer& layer : ground.layers) {
            QStringList mixture, areas;
            for (const MixPart& part : layer.mixture)
                mixture << (layer.mixture.size() > 1 ? QString::number(part.parts) + " " : QString()) +
                               QString::fromStdString(part.medium.id);
            for (const int area : layer.areas) areas << QString::number(area);
            all << QStringLiteral("%1 %2 %3 under %4")
                       .arg(mixture.join(" + "), QString::fromUtf8(nameOf(layer.manner).data()))
                       .arg(double(layer.pressure.value))
                       .arg(areas.join(','))
                       .trimmed();
        }
        return all.join("; ");
    }
    colour::Lab colourOf(const GroundProposal& ground, int area) const {
        return pigment::labOf(ground.patches[std::size_t(area)], hand_.plan.light);
    }
    const std::vector<materials::Material>& media() const { return media_; }
    HandPlan& hand() { return hand_; }
    PlannedStack& stack(int area) { return hand_.plan.stacks[std::size_t(area)]; }

 private:
    HandPlan hand_;
    std::vector<materials::Material> media_;
};

}  // namespace

/// What each way to begin lays, rule by rule.
class TestGrounds : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// What the artist mixes takes the place of everything under its area, and of that alone; the end follows.
    void anAreaIsMixedByHand() {
        Study study = smallStudy();
        const auto under = [](const Plan& plan, double x, double y) {
            const int area = subject::labelAt(plan.reading->areas.map, x, y);
            std::vector<const GroundLayer*> layers;
            for (const GroundLayer& layer : plan.ground.layers)
                if (std::ranges::count(layer.areas, area) > 0) layers.push_back(&layer);
            return layers;
        };
        const Plan before = planOf(study);
        study.areaChoices.front().mixed = OwnMixture{{{"t17", 1}, {"t16", 3}}, 3};
        const Plan after = planOf(study);
        auto layers = under(after, 0.5, 0.5);
        QCOMPARE(layers.size(), std::size_t(1));
        QVERIFY(layers[0]->reason.kind == ReasonKind::groundByHand && isWet(*layers[0]));
        QCOMPARE(layers[0]->mixture.size(), std::size_t(2));
        QCOMPARE(layers[0]->mixture[0].medium.id, std::string("t16"));  // the larger part first
        QCOMPARE(layers[0]->mixture[0].parts, 3);
        QCOMPARE(layers[0]->pressure, pigment::Pressure::heavy);
        // Elsewhere all is as it was.
        QCOMPARE(under(after, 0.05, 0.9).size(), under(before, 0.05, 0.9).size());
        const auto patchAt = [](const Plan& plan, double x, double y) {
            return pigment::meanReflectance(
                plan.ground.patches[std::size_t(subject::labelAt(plan.reading->areas.map, x, y))]);
        };
        QVERIFY((patchAt(after, 0.05, 0.9) == patchAt(before, 0.05, 0.9)).all());
        QVERIFY((patchAt(after, 0.5, 0.5) - patchAt(before, 0.5, 0.5)).abs().maxCoeff() > 0.01f);
        QVERIFY(after.summary.picture.mean != before.summary.picture.mean);

        // Sticks are laid one after the other and rubbed in; paint is no part of that, and neither is what is not
        // there.
        study.areaChoices.front().mixed = OwnMixture{{{"t5", 1}, {"gone", 2}, {"t16", 1}, {"t8", 1}}, 1};
        const Plan rubbed = planOf(study);
        layers = under(rubbed, 0.5, 0.5);
        QCOMPARE(layers.size(), std::size_t(3));
        QVERIFY(layers[0]->manner == Manner::scumble && layers[1]->manner == Manner::scumble);
        QVERIFY(layers[2]->manner == Manner::blend && layers[2]->mixture.empty());
        // Nothing that is at hand: bare paper there.
        study.areaChoices.front().mixed = OwnMixture{{{"gone", 2}}, 1};
        QVERIFY(under(planOf(study), 0.5, 0.5).empty());
    }

    /// Common practice, no source: a wash near the area's own colour, a little darker.
    void eachAreaGetsAWashNearItsColour() {
        HandGround ground;
        QCOMPARE(ground.proposal(Ground::localWash).obstacle, GroundObstacle::noWetMedia);
        ground.wants(0, {52, 40, 30});
        ground.add(Kind::gouache, "#9a4a30", "red");
        ground.add(Kind::gouache, "#30507a", "blue");
        QVERIFY(ground.laid().startsWith("red wash"));
        QCOMPARE(ground.proposal(Ground::localWash).layers.size(), std::size_t(1));
        ground.wants(1, {40, 0, -28});
        const GroundProposal both = ground.proposal(Ground::localWash);
        QCOMPARE(both.layers.size(), std::size_t(2));
        QVERIFY(ground.colourOf(both, 0).a > 15 && ground.colourOf(both, 1).b < -10);
        QVERIFY(both.layers[0].reason.figure > 5);
        QCOMPARE(ground.proposal(Ground::localWash, 1).layers.size(), std::size_t(1));
        QCOMPARE(ground.laid(Ground::localWash, 0), QString());
        // One of two that are alike serves both.
        ground.wants(1, {52, 40, 30});
        QVERIFY(ground.laid().endsWith("under 0,1"));
        // Too small an area is not worth mixing for.
        HandGround small;
        small.add(Kind::gouache, "#30507a", "blue");
        small.wants(0, {40, 0, -28});
        QVERIFY(!small.laid().isEmpty());
        small.wants(0, {40, 0, -28}, 0.008);
        QCOMPARE(small.laid(), QString());
    }

    /// A colour that lies between two paints is mixed of them, in parts.
    void whatLiesBetweenIsMixed() {
        HandGround ground;
        ground.add(Kind::gouache, "#b9822e", "yellow");
        ground.add(Kind::gouache, "#30507a", "blue");
        ground.add(Kind::watercolour, "#1e6b56", "green");
        // A step lighter than a mixture of the two, so that this is what is aimed at.
        const matching::PaintMix mix{{0, 1}, {2, 1}};
        const auto tray = matching::prepared(ground.media(), colour::Light::daylight65);
        const pigment::Pigment paint = matching::pigmentOf(mix, tray);
        pigment::Patch patch = pigment::barePatch(ground.hand().plan.paper);
        pigment::lay(patch, {&paint, Manner::wash, pigment::Pressure::medium});
        const colour::Lab seen = pigment::labOf(patch, colour::Light::daylight65);
        ground.wants(0, {seen.L + 8, seen.a / 0.9, seen.b / 0.9}, 1);
        const GroundProposal found = ground.proposal(Ground::localWash);
        QCOMPARE(HandGround::told(found), QStringLiteral("2 yellow + 1 blue wash 2 under 0"));
        QVERIFY(colour::differenceCie2000(ground.colourOf(found, 0), seen) < 0.1);
    }

    /// Common practice: the complement lies opposite on the hue circle at the same value; cool goes under what is dark;
    /// warm under everything; values are put down in one colour, in several strengths.
    void everyWayHasItsAim() {
        HandGround ground(Water::full, 225);
        for (const auto& [hex, id] :
             {std::pair("#9a4a30", "red"), std::pair("#30507a", "blue"), std::pair("#1e6b56", "green"),
              std::pair("#332344", "violet"), std::pair("#d8963c", "orange"), std::pair("#6b737c", "grey")})
            ground.add(Kind::gouache, hex, id);
        ground.wants(0, {45, 35, 25});
        ground.wants(1, {78, 0, 0});
        const auto opposite = ground.proposal(Ground::complement);
        const double turn = colour::hueDistance(colour::hue(ground.colourOf(opposite, 0)), colour::hue({45, 35, 25}));
        QVERIFY2(turn > 120, qPrintable(QString::number(turn)));
        QVERIFY(std::fabs(ground.colourOf(opposite, 0).L - 45) < 12);

        ground.wants(0, {25, 5, 10});
        const auto cool = ground.proposal(Ground::coolShadows);
        QVERIFY(ground.colourOf(cool, 0).b < -5);
        for (const GroundLayer& layer : cool.layers) QCOMPARE(layer.areas, std::vector<int>{0});

        const auto warm = ground.proposal(Ground::warm);
        QCOMPARE(warm.layers.size(), std::size_t(1));
        QCOMPARE(warm.layers[0].areas, (std::vector<int>{0, 1}));
        const double hue = colour::hue(ground.colourOf(warm, 0));
        QVERIFY2(hue > 30 && hue < 90, qPrintable(QString::number(hue)));

        HandGround washed(Water::full, 240);
        washed.add(Kind::watercolour, "#3a3a40", "grey");
        washed.add(Kind::watercolour, "#b3204f", "rose");
        washed.wants(0, {30, 0, 0});
        washed.wants(1, {62, 0, 0});
        const auto values = washed.proposal(Ground::values);
        QVERIFY2(values.layers.size() == 2 && values.layers[0].mixture == values.layers[1].mixture,
                 qPrintable(HandGround::told(values)));
        QVERIFY(washed.colourOf(values, 0).L < washed.colourOf(values, 1).L - 8);
    }

    /// Transparent paint on a coloured sheet does not show, and the film finds that by itself.
    void transparentPaintWantsLightPaper() {
        for (const bool isLight : {true, false}) {
            HandGround ground(Water::full, isLight ? 235 : 70);
            ground.wants(0, {52, 40, 30});
            ground.add(Kind::watercolour, "#c26a50", "red");
            QCOMPARE(!ground.laid().isEmpty(), isLight);
        }
        // On a sheet that bears little water no wash is strong.
        HandGround thin(Water::thin, 235);
        thin.wants(0, {20, 0, 0}, 1);
        thin.wants(1, {100, 0, 0}, 0.001);
        thin.add(Kind::watercolour, "#202020", "black");
        QCOMPARE(thin.laid(), QStringLiteral("black wash 2 under 0"));
    }

    void dryGroundsAreRubbedInOrBrushedOut() {
        HandGround ground(Water::none);
        ground.wants(0, {52, 40, 30});
        ground.add(Kind::gouache, "#9a4a30", "paint");
        ground.add(Kind::pencil, "#9a4a30", "point");
        QCOMPARE(ground.proposal(Ground::localWash).obstacle, GroundObstacle::paperTakesNoWater);
        QCOMPARE(ground.proposal(Ground::dryBase).obstacle, GroundObstacle::noStick);
        ground.add(Kind::soft, "#9a4a30", "soft");
        QVERIFY(
            ground.laid(Ground::dryBase).contains(QRegularExpression("^soft scumble [123] under 0; blend 2 under 0$")));
        QVERIFY(ground.laid(Ground::warm).contains("blend"));  // what is wet elsewhere is dry here
        QVERIFY(ground.laid(Ground::brushedOut)
                    .contains(QRegularExpression("^soft scumble [123] under 0; wash 2 under 0$")));
        ground.hand().plan.paper.surface = materials::Surface::velour;
        QCOMPARE(ground.proposal(Ground::brushedOut).obstacle, GroundObstacle::paperTakesNoAlcohol);
        HandGround black(Water::none, 200);
        black.wants(0, {10, 0, 0});
        black.add(Kind::soft, "#1a1a1a", "black");
        QCOMPARE(black.proposal(Ground::dryBase).obstacle, GroundObstacle::noStick);
        QCOMPARE(black.proposal(Ground::charcoal).obstacle, GroundObstacle::noCharcoal);
        black.wants(1, {75, 0, 0});
        black.add(Kind::charcoal, "#262424", "charcoal");
        QVERIFY(black.laid(Ground::charcoal).contains("charcoal scumble"));
    }

    /// Ink goes under what is nearly all darker than soft pastel gets, the darkest ink there is.
    void inkGoesUnderTheDeepestDarks() {
        HandGround ground;
        ground.wants(0, {12, 0, 0});
        QCOMPARE(ground.proposal(Ground::ink).obstacle, GroundObstacle::noInk);
        for (const auto& [hex, id] : {std::pair("#303040", "blue ink"), std::pair("#101010", "black ink")})
            ground.add(Kind::ink, hex, id);
        QCOMPARE(ground.laid(Ground::ink), QStringLiteral("black ink wash 3 under 0"));
        ground.stack(0).samples = {{{12, 0, 0}, 0.61}, {{60, 0, 0}, 0.39}};
        QCOMPARE(ground.laid(Ground::ink), QStringLiteral("black ink wash 3 under 0"));
        ground.stack(0).samples = {{{12, 0, 0}, 0.6}, {{60, 0, 0}, 0.4}};
        QCOMPARE(ground.proposal(Ground::ink).obstacle, GroundObstacle::noDeepDarks);
        ground.wants(0, {16, 0, 0});
        QCOMPARE(ground.proposal(Ground::ink).obstacle, GroundObstacle::noDeepDarks);
        ground.wants(0, {12, 0, 0});
        ground.hand().plan.paper.water = Water::none;
        QCOMPARE(ground.proposal(Ground::ink).obstacle, GroundObstacle::paperTakesNoWater);
    }

    void areasMayTakeDifferentWays() {
        HandGround ground;
        ground.wants(0, {12, 0, 0});
        ground.wants(1, {52, 40, 30});
        ground.add(Kind::ink, "#101010", "ink");
        ground.add(Kind::gouache, "#9a4a30", "red");
        Study study;
        study.areaChoices = {{0.25, 0.5, "", {}, false, {}, {}, {}, Ground::ink}};
        const auto prepared = matching::prepared(ground.media(), colour::Light::daylight65);
        const auto mixed = groundFor(study, Ground::localWash, ground.hand().plan, ground.media(), prepared);
        QCOMPARE(mixed.strategies, (std::vector{Ground::ink, Ground::localWash}));
        const QString told = HandGround::told(mixed);
        QVERIFY2(told.contains("ink wash 3 under 0") && told.contains(QRegularExpression("red wash [123] under 1")),
                 qPrintable(told));
        QVERIFY(ground.colourOf(mixed, 0).L < 20 && ground.colourOf(mixed, 1).a > 15);
        QVERIFY(mixed.refused.empty());
        study.areaChoices[0].ground = Ground::charcoal;
        const auto refused = groundFor(study, Ground::localWash, ground.hand().plan, ground.media(), prepared).refused;
        QVERIFY(refused.size() == 1 && refused[0].why == GroundObstacle::noCharcoal &&
                refused[0].areas == std::vector<int>{0});
        study.areaChoices[0].ground = Ground::none;
        const auto bare = groundFor(study, Ground::localWash, ground.hand().plan, ground.media(), prepared);
        QCOMPARE(bare.layers.size(), std::size_t(1));
        QVERIFY(std::fabs(ground.colourOf(bare, 0).L -
                          pigment::labOf(pigment::barePatch(ground.hand().plan.paper), colour::Light::daylight65).L) <
                1e-4);
    }

    /// Common practice, no source, where a figure is not the film's own.
    void whatDoesNotGoTogetherIsTold() {
        HandGround ground(Water::full, 70);
        ground.add(Kind::watercolour, "#d8d8d8", "watercolour");
        ground.add(Kind::acrylic, "#9a4a30", "acrylic");
        const auto kinds = [&](int medium, pigment::Pressure pressure, Drying help = Drying::air) {
            GroundProposal proposal = ground.proposal(Ground::none);
            GroundLayer layer;
            if (medium >= 0) layer.mixture = {{ground.media()[std::size_t(medium)], 1}};
            layer.pressure = pressure;
            layer.areas = {0};
            proposal.layers = {layer};
            std::set<GroundCautionKind> all;
            for (const GroundCaution& caution : cautionsOf(proposal, ground.hand().plan.paper, help))
                all.insert(caution.kind);
            return all;
        };
        using Kinds = std::set<GroundCautionKind>;
        using pigment::Pressure;
        QCOMPARE(kinds(0, Pressure::medium), Kinds{GroundCautionKind::hardlyShows});
        QCOMPARE(kinds(1, Pressure::medium), Kinds{});
        ground.hand().plan.paper.surface = materials::Surface::cartridge;
        ground.hand().plan.paper.water = Water::thin;
        QCOMPARE(kinds(1, Pressure::heavy), (Kinds{GroundCautionKind::fillsGrain, GroundCautionKind::waterCockles}));
        ground.hand().plan.paper.water = Water::none;
        QVERIFY(kinds(0, Pressure::medium).contains(GroundCautionKind::matsPile));
        QCOMPARE(kinds(-1, Pressure::medium), Kinds{});
        QCOMPARE(kinds(-1, Pressure::medium, Drying::heatGun),
                 (Kinds{GroundCautionKind::alcoholAndHeat, GroundCautionKind::keepHeatMoving}));
    }

    void wetComesBeforeDryAndIsWaitedFor() {
        Study study = smallStudy();
        study.paper = "p-grey";
        study.approach.ground = Ground::localWash;
        const Plan plan = planOf(study);
        int lastWet = 0;
        double clock = 0;
        std::vector<double> dryAt(plan.stackOfArea.size(), 0);  // by area
        for (const Step& step : plan.steps) {
            // Nothing dry goes over it before it is dry; areas without a wash need not wait.
            if (!step.layers.empty())
                for (const int area : step.areas) QVERIFY(clock >= dryAt[std::size_t(area)]);
            clock += step.minutes;
            if (step.stick >= 0 && materials::isWet(plan.sticks[std::size_t(step.stick)].kind)) {
                lastWet = step.number;
                for (const int area : step.areas) dryAt[std::size_t(area)] = clock + driesFor(step, plan, study);
            }
            clock += step.waitMinutes;
        }
        QVERIFY(lastWet > 0);
        for (const Step& step : plan.steps)
            if (step.number < lastWet && step.stage != Stage::drawing) QVERIFY(step.stage == Stage::underpainting);
        study.approach.ground = Ground::none;
        for (const Step& step : planOf(study).steps) QVERIFY(step.stage != Stage::underpainting);
    }

    /// Common practice: gouache dries lighter than it looks wet, and the step says so.
    void washesSayHowTheyDry() {
        Study study = smallStudy();
        study.paper = "p-grey";
        study.approach.ground = Ground::localWash;
        const Plan plan = planOf(study);
        int washes = 0;
        for (const Step& step : plan.steps) {
            const bool gouache =
                step.stick >= 0 && plan.sticks[std::size_t(step.stick)].kind == materials::Kind::gouache;
            washes += gouache;
            if (gouache) QVERIFY(stepsLighterWhenDry(plan, step) > 0.02);
            if (step.stick >= 0 && !plan.prepared[std::size_t(step.stick)].pigment.wet)
                QCOMPARE(stepsLighterWhenDry(plan, step), 0.0);
        }
        QVERIFY(washes > 0);
    }
};

QTEST_GUILESS_MAIN(TestGrounds)
#include "test_grounds.moc"
