#include <QtTest>

#include "hand_plan.h"
#include "planned_study.h"
#include "planning/paper_ranking.h"
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
        wants(0, {50, 0, 0});
        wants(1, {50, 0, 0});
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
    /// "gouache-red wash 2 under 0; ...": medium, manner, pressure and areas of each layer.
    QString laid(int most = 3) {
        const GroundProposal ground =
            localGround(hand_.plan, media_, matching::prepared(media_, hand_.plan.light), most);
        QStringList all;
        for (const GroundLayer& layer : ground.layers) {
            QStringList areas;
            for (const int area : layer.areas) areas << QString::number(area);
            all << QStringLiteral("%1 %2 %3 under %4")
                       .arg(QString::fromStdString(layer.medium.id), QString::fromUtf8(nameOf(layer.manner).data()))
                       .arg(double(layer.pressure.value))
                       .arg(areas.join(','));
        }
        return all.join("; ");
    }
    PlannedStack& stack(int area) { return hand_.plan.stacks[std::size_t(area)]; }

 private:
    HandPlan hand_;
    std::vector<materials::Material> media_;
};

}  // namespace

/// How a ground and a paper are chosen, rule by rule.
class TestGrounds : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Common practice, no source: a wash near the area's own colour, a little darker; transparent paint on light paper
    /// only; none where the paper takes no water, there a dry layer rubbed in, and never a black one.
    void eachAreaGetsAWashNearItsColour() {
        HandGround ground;
        QCOMPARE(ground.laid(), QString());  // nothing to lay
        ground.wants(0, {52, 40, 30});
        ground.add(Kind::gouache, "#9a4a30", "red");
        ground.add(Kind::gouache, "#30507a", "blue");
        QCOMPARE(ground.laid(), QStringLiteral("red wash 2 under 0"));
        ground.wants(1, {40, 0, -28});
        QCOMPARE(ground.laid(), QStringLiteral("red wash 2 under 0; blue wash 2 under 1"));
        QCOMPARE(ground.laid(1).count("wash"), 1);
        QCOMPARE(ground.laid(0), QString());
        // One of two that are alike serves both.
        ground.wants(1, {52, 40, 30});
        QCOMPARE(ground.laid(), QStringLiteral("red wash 2 under 0,1"));
        // The first of the list counts like the last.
        HandGround turned;
        turned.add(Kind::gouache, "#30507a", "blue");
        turned.wants(0, {40, 0, -28});
        QCOMPARE(turned.laid(), QStringLiteral("blue wash 2 under 0"));
        // Too small an area is not worth mixing for.
        turned.wants(0, {40, 0, -28}, 0.008);
        QCOMPARE(turned.laid(), QString());
    }

    void transparentPaintWantsLightPaper() {
        for (const bool isLight : {true, false}) {
            HandGround ground(Water::full, isLight ? 235 : 128);
            ground.wants(0, {52, 40, 30});
            ground.add(Kind::watercolour, "#9a4a30", "red");
            QCOMPARE(!ground.laid().isEmpty(), isLight);
        }
    }

    void dryPaperIsRubbedIn() {
        HandGround ground(Water::none);
        ground.wants(0, {52, 40, 30});
        ground.add(Kind::gouache, "#9a4a30", "paint");
        ground.add(Kind::pencil, "#9a4a30", "point");
        QCOMPARE(ground.laid(), QString());
        ground.add(Kind::soft, "#9a4a30", "soft");
        QCOMPARE(ground.laid(), QStringLiteral("soft scumble 2 under 0; soft blend 2 under 0"));
        HandGround hard(Water::none);
        hard.wants(0, {52, 40, 30});
        hard.add(Kind::hard, "#9a4a30", "hard");
        QCOMPARE(hard.laid(), QStringLiteral("hard scumble 2 under 0; hard blend 2 under 0"));
        HandGround black(Water::none, 200);
        black.wants(0, {10, 0, 0});
        black.add(Kind::soft, "#1a1a1a", "black");
        QCOMPARE(black.laid(), QString());
        // Where the paper takes water, sticks are no ground.
        HandGround wet;
        wet.wants(0, {52, 40, 30});
        wet.add(Kind::soft, "#9a4a30", "soft");
        QCOMPARE(wet.laid(), QString());
    }

    /// Ink goes under what is nearly all darker than soft pastel gets, the darkest ink there is.
    void inkGoesUnderTheDeepestDarks() {
        HandGround ground;
        ground.wants(0, {12, 0, 0});
        for (const auto& [hex, id] : {std::pair("#101010", "black ink"), std::pair("#303040", "blue ink")})
            ground.add(Kind::ink, hex, id);
        QCOMPARE(ground.laid(), QStringLiteral("black ink wash 3 under 0"));
        ground.stack(0).samples = {{{12, 0, 0}, 0.61}, {{60, 0, 0}, 0.39}};
        QCOMPARE(ground.laid(), QStringLiteral("black ink wash 3 under 0"));
        ground.stack(0).samples = {{{12, 0, 0}, 0.6}, {{60, 0, 0}, 0.4}};
        QCOMPARE(ground.laid(), QString());
        ground.wants(0, {16, 0, 0});
        QCOMPARE(ground.laid(), QString());
        HandGround dry(Water::none);
        dry.wants(0, {12, 0, 0});
        dry.add(Kind::ink, "#101010", "black ink");
        QCOMPARE(dry.laid(), QString());
    }

    void wetComesBeforeDryAndIsWaitedFor() {
        Study study = smallStudy();
        study.paper = "p-grey";
        const Plan plan = planOf(study);
        int lastWet = 0;
        double waits = 0;
        for (const Step& step : plan.steps)
            if (step.stick >= 0 && materials::isWet(plan.sticks[std::size_t(step.stick)].kind)) {
                lastWet = step.number;
                waits += step.waitMinutes;
            }
        QVERIFY(lastWet > 0);
        QVERIFY(waits > 0);
        for (const Step& step : plan.steps)
            if (step.number < lastWet && step.stage != Stage::drawing) QVERIFY(step.stage == Stage::underpainting);
        study.ground = Ground::none;
        for (const Step& step : planOf(study).steps) QVERIFY(step.stage != Stage::underpainting);
    }

    void aPaperThatTakesNoWaterGetsADryGround() {
        Study study = smallStudy();
        study.paper = "p-dry";
        const Plan plan = planOf(study);
        for (const materials::Material& stick : plan.sticks) QVERIFY(!materials::isWet(stick.kind));
    }

    /// Common practice: gouache dries lighter than it looks wet, and the step says so.
    void washesSayHowTheyDry() {
        const Plan plan = planOf(smallStudy());
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

    /// What a paper is ranked by, each reason with the figure at which it begins.
    void papersSayWhyTheyRank() {
        const auto reasons = [](std::uint8_t tone, std::vector<double> masses, const colour::Lab& wanted, Water water,
                                materials::Surface surface, int layers = 4) {
            HandPlan hand(2);
            auto reading = std::make_shared<Reading>(*hand.plan.reading);
            reading->masses.values = std::move(masses);
            reading->masses.shares.assign(reading->masses.values.size(), 1.0 / double(reading->masses.values.size()));
            hand.plan.reading = reading;
            for (PlannedStack& stack : hand.plan.stacks) stack.samples = {{wanted, 1.0}};
            const materials::Paper paper{"p", "Mill", "grey", surface, {tone, tone, tone}, water};
            materials::Material stick;
            stick.kind = Kind::soft;
            stick.masstone = {90, 90, 90};
            const auto ranked = rankedPapers(hand.plan, {paper}, matching::prepared({stick}, hand.plan.light), layers);
            return ranked.front();
        };
        const auto tells = [](const RankedPaper& paper, ReasonKind kind) {
            return std::ranges::find(paper.reasons, kind, &Reason::kind) != paper.reasons.end();
        };
        using materials::Surface;
        const auto middle = reasons(128, {2, 8}, {50, 0, 0}, Water::full, Surface::sanded400);
        QVERIFY(tells(middle, ReasonKind::showsBothEnds) && tells(middle, ReasonKind::takesWater));
        QVERIFY(tells(middle, ReasonKind::holdsLayers) && tells(middle, ReasonKind::nearSubject));
        // Within a step of the lightest or the darkest mass, that end does not show.
        const auto hidesLights = reasons(128, {2, 6}, {50, 0, 0}, Water::full, Surface::sanded400);
        QVERIFY(tells(hidesLights, ReasonKind::hidesLights) && !tells(hidesLights, ReasonKind::showsBothEnds));
        const auto hidesDarks = reasons(128, {4.5, 9}, {50, 0, 0}, Water::none, Surface::sanded400);
        QVERIFY(tells(hidesDarks, ReasonKind::hidesDarks) && tells(hidesDarks, ReasonKind::noWater));
        QVERIFY(hidesDarks.score < middle.score && hidesLights.score < middle.score);
        // Value 5.2: a little more than a step away shows.
        for (const std::vector<double>& ends : {std::vector{4.0, 9.0}, std::vector{2.0, 6.4}})
            QVERIFY(tells(reasons(128, ends, {50, 0, 0}, Water::full, Surface::sanded400), ReasonKind::showsBothEnds));
        // Far from all that is wanted it is no neighbour.
        QVERIFY(!tells(reasons(128, {2, 8}, {10, 0, 0}, Water::full, Surface::sanded400), ReasonKind::nearSubject));
        // A smooth sheet holds few layers; whether that is few depends on how many are wanted.
        const auto few = reasons(128, {2, 8}, {50, 0, 0}, Water::full, Surface::cartridge);
        QVERIFY(tells(few, ReasonKind::fewLayers) && few.score < middle.score);
        QVERIFY(tells(reasons(128, {2, 8}, {50, 0, 0}, Water::full, Surface::cartridge, 2), ReasonKind::holdsLayers));
        // Much of the subject in the paper's opposite: its specks make that sparkle.
        const auto ochre = [&](double share, const colour::Lab& wanted) {
            HandPlan hand(2);
            for (PlannedStack& stack : hand.plan.stacks) stack.samples = {{wanted, share}, {{90, 0, 0}, 1 - share}};
            const materials::Paper paper{"p", "Mill", "ochre", Surface::sanded400, {190, 150, 90}, Water::full};
            materials::Material stick;
            stick.kind = Kind::soft;
            stick.masstone = {90, 90, 90};
            const auto prepared = matching::prepared({stick}, hand.plan.light);
            return rankedPapers(hand.plan, {paper}, prepared, 4).front();
        };
        const colour::Lab blue{45, 0, -30};
        QVERIFY(tells(ochre(0.25, blue), ReasonKind::complementSparkles));
        QVERIFY(!tells(ochre(0.19, blue), ReasonKind::complementSparkles));
        QVERIFY(!tells(ochre(0.25, {45, 0, -14}), ReasonKind::complementSparkles));  // too grey to be seen as one
        QVERIFY(!tells(ochre(0.25, {45, 25, -20}), ReasonKind::complementSparkles));
        QVERIFY(std::fabs(ochre(0.25, blue).score - ochre(0.15, blue).score - 0.14 * 0.10) < 0.02);
        // Three steps to each end are as good as more.
        const double three = reasons(128, {2.1, 8.3}, {50, 0, 0}, Water::full, Surface::sanded400).score;
        QVERIFY(std::fabs(reasons(128, {1, 9.5}, {50, 0, 0}, Water::full, Surface::sanded400).score - three) < 1e-9);
        QVERIFY(reasons(128, {2.6, 8.3}, {50, 0, 0}, Water::full, Surface::sanded400).score < three - 0.01);
    }
};

QTEST_GUILESS_MAIN(TestGrounds)
#include "test_grounds.moc"
