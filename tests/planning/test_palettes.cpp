#include <QtTest>
#include <algorithm>

#include "planned_study.h"
#include "planning/chosen_stacks.h"
#include "planning/gaps.h"
#include "planning/limited_palettes.h"
#include "planning/palette_curve.h"
#include "planning/stick_triad.h"

using namespace planning;

/// What more or other sticks would make of a picture.
class TestPalettes : public QObject {
    Q_OBJECT

    static Study plain() {
        Study study = smallStudy();
        study.approach.ground = Ground::none;
        return study;
    }
    /// The small library without some sticks, and those as a catalogue.
    static materials::Library without(std::initializer_list<const char*> ids, std::vector<materials::Material>& taken) {
        materials::Library library = smallLibrary();
        for (const char* id : ids) {
            const auto at = std::ranges::find(library.media, id, &materials::Material::id);
            taken.push_back(*at);
            library.media.erase(at);
        }
        return library;
    }

 private Q_SLOTS:
    /// Buying what the list tells first lowers the difference by what was told; nothing on it gains less than nothing.
    void whatIsBoughtGainsWhatWasTold() {
        std::vector<materials::Material> catalogue;
        const materials::Library library = without({"t5", "t6", "t2", "t3", "t9"}, catalogue);
        Kept kept;
        const auto plan = makePlan(plain(), library, kept);
        QVERIFY(plan.ok());
        int told = 0;
        const auto gaps = gapsIn(*plan, plain(), library, catalogue, kept, {}, [&](const Gap&) { ++told; });
        QVERIFY(gaps.ok() && !gaps->empty() && gaps->size() <= gapsTried && told == int(gaps->size()));
        for (std::size_t i = 0; i < gaps->size(); ++i)
            QVERIFY((*gaps)[i].gain > 0 && (i == 0 || (*gaps)[i - 1].gain >= (*gaps)[i].gain));
        materials::Library bought = library;
        bought.media.insert(bought.media.begin(), gaps->front().stick);
        const auto after = makePlan(plain(), bought, kept);
        QVERIFY(after.ok());
        QVERIFY(std::fabs(plan->summary.picture.mean - after->summary.picture.mean - gaps->front().gain) < 0.1);
        // What is at hand already, and what is wet, is no gap.
        const auto none = gapsIn(*plan, plain(), library, library.media, kept);
        QVERIFY(none.ok() && none->empty());
        std::stop_source stop;
        stop.request_stop();
        const auto stopped = gapsIn(*plan, plain(), library, catalogue, kept, {{}, stop.get_token()});
        QVERIFY(!stopped && stopped.problem().kind == common::ProblemKind::cancelled);
    }

    void theKneeIsWhereTheCurveBends() {
        QCOMPARE(kneeOf({{3, 5}, {4, 3}, {6, 1.2}, {12, 1.1}, {24, 1.0}}), 6);
        QCOMPARE(kneeOf({{3, 5}, {4, 4}, {5, 3}}), -1);  // a straight line
        QCOMPARE(kneeOf({{3, 5}, {8, 1}}), -1);
        QCOMPARE(kneeOf({}), -1);
        const std::vector<PalettePoint> curve{{3, 5}, {5, 2}, {8, 1.4}, {12, 1.5}};
        QCOMPARE(fewestWithin(curve, 2), 5);
        QCOMPARE(fewestWithin(curve, 1.5), 8);
        QCOMPARE(fewestWithin(curve, 1), -1);
    }

    /// A stick that is kept in is laid, one that is left out is not, and whatever is said of others stays as it is.
    void sticksAreKeptInAndLeftOut() {
        const Plan plan = planOf(plain());
        std::vector<std::string> used;
        for (const materials::Material& stick : plan.sticks) used.push_back(stick.id);
        const auto isIn = [](const Plan& it, const std::string& id) {
            return std::ranges::find(it.sticks, id, &materials::Material::id) != it.sticks.end();
        };
        std::string unused;
        for (const materials::Material& m : smallLibrary().media)
            if (!materials::isWet(m.kind) && !isIn(plan, m.id)) unused = m.id;
        QVERIFY(!unused.empty() && !used.empty());
        Study study = plain();
        study.stickChoices = {{unused, StickUse::pinned}, {used.front(), StickUse::barred}};
        const Plan held = planOf(study);
        QVERIFY(isIn(held, unused) && !isIn(held, used.front()));
        bool isLaid = false;
        for (const PlannedStack& stack : held.stacks)
            for (const Layer& layer : stack.layers)
                isLaid |= layer.stick >= 0 && held.sticks[std::size_t(layer.stick)].id == unused;
        QVERIFY(isLaid);
        // One that is not there any more changes nothing.
        study.stickChoices = {{"gone", StickUse::pinned}, {"gone too", StickUse::barred}};
        QCOMPARE(outcomeOf(planOf(study)), outcomeOf(plan));
    }

    /// What stands in is laid in the missing stick's very layers, all else as it was; found without a search, and the
    /// colours that it gives are those that are told. Undone it is the first plan.
    void aSubstituteIsLaidInTheVeryLayers() {
        Kept kept;
        const Study asIs = plain();
        const Plan plan = *makePlan(asIs, smallLibrary(), kept);
        for (const materials::Material& missing : plan.sticks) {
            for (const materials::Material& other : smallLibrary().media) {
                if (materials::isWet(other.kind) || other.kind != missing.kind ||
                    std::ranges::count(plan.sticks, other.id, &materials::Material::id) > 0)
                    continue;
                Study study = asIs;
                study.stickChoices = {{missing.id, StickUse::replaced, other.id}};
                QVERIFY(differOnlyByHand(study, asIs));
                const Plan held = *makePlan(study, smallLibrary(), kept);
                QCOMPARE(held.stacks.size(), plan.stacks.size());
                bool isLaid = false;
                for (std::size_t s = 0; s < plan.stacks.size(); ++s) {
                    QCOMPARE(held.stacks[s].layers.size(), plan.stacks[s].layers.size());
                    for (std::size_t i = 0; i < plan.stacks[s].layers.size(); ++i) {
                        const Layer &was = plan.stacks[s].layers[i], &is = held.stacks[s].layers[i];
                        QCOMPARE(is.manner, was.manner);
                        QCOMPARE(is.stick < 0, was.stick < 0);
                        if (was.stick < 0) continue;
                        const std::string& id = plan.sticks[std::size_t(was.stick)].id;
                        QCOMPARE(held.sticks[std::size_t(is.stick)].id, id == missing.id ? other.id : id);
                        isLaid |= id == missing.id;
                    }
                }
                QVERIFY(isLaid);
                QCOMPARE(outcomeOf(held), outcomeOf(planOf(study)));
                break;
            }
        }
        QCOMPARE(outcomeOf(*makePlan(asIs, smallLibrary(), kept)), outcomeOf(plan));
        // What is gone, or wet, stands in for nothing.
        Study study = asIs;
        study.stickChoices = {{plan.sticks.front().id, StickUse::replaced, "gone"}};
        QCOMPARE(outcomeOf(planOf(study)), outcomeOf(plan));
    }

    /// A limited palette holds, whatever it costs; what is pinned is let be; without limits the plan is what it was.
    void limitedPalettesHold() {
        using materials::ColourFamily;
        const auto countIn = [](const Plan& plan, ColourFamily family) {
            return std::ranges::count(plan.sticks, family, [](const auto& it) { return materials::familyOf(it); });
        };
        const Plan plan = planOf(plain());
        for (int i = 0; i < knownPaletteCount; ++i) {
            Study study = plain();
            study.familyLimits = limitsOf(KnownPalette(i));
            const Plan held = planOf(study);
            for (const ColourFamily family : materials::allFamilies)
                if (const auto most = mostOf(study.familyLimits, family)) QVERIFY(countIn(held, family) <= *most);
            QVERIFY(held.summary.picture.mean >= plan.summary.picture.mean - 0.05);
        }
        // The ground draws from the same few: it leaves them to the layers.
        for (const Ground ground : {Ground::dryBase, Ground::localWash}) {
            Study study = plain();
            study.approach.ground = ground;
            study.familyLimits = {{ColourFamily::blues, 1}, {ColourFamily::earths, 2}};
            const Plan held = planOf(study);
            QVERIFY(countIn(held, ColourFamily::blues) <= 1 && countIn(held, ColourFamily::earths) <= 2);
        }
        Study study = plain();
        std::string blue;
        for (const materials::Material& it : smallLibrary().media)
            if (!materials::isWet(it.kind) && materials::familyOf(it) == ColourFamily::blues) blue = it.id;
        QVERIFY(!blue.empty());
        study.familyLimits = {{ColourFamily::blues, 0}};
        study.stickChoices = {{blue, StickUse::pinned}};
        QCOMPARE(countIn(planOf(study), ColourFamily::blues), 1);
        QCOMPARE(limited(limitsOf(KnownPalette::earths), ColourFamily::blues, 1),
                 limitsOf(KnownPalette::earthsAndOneBlue));
        QVERIFY(limited({{ColourFamily::blues, 2}}, ColourFamily::blues, std::nullopt).empty());
    }

    /// Dark, medium and light of an area are sticks that it is laid with, the nearest to its thirds, never lighter in
    /// the dark than in the light by more than the film can turn round.
    void everyAreaHasItsDarkMediumAndLight() {
        const Plan plan = planOf(plain());
        for (int s = 0; s < int(plan.stacks.size()); ++s) {
            const std::array<int, 3> triad = stickTriad(plan, s);
            const auto& layers = plan.stacks[std::size_t(s)].layers;
            for (const int stick : triad)
                QCOMPARE(stick >= 0, std::ranges::any_of(layers, [](const Layer& it) { return it.stick >= 0; }));
            for (const int stick : triad) QVERIFY(stick < 0 || std::ranges::count(layers, stick, &Layer::stick) > 0);
        }
        // Three greys that are exactly the thirds.
        Plan hand;
        hand.stacks.resize(1);
        for (const int grey : {200, 40, 120}) {
            materials::Material stick;
            stick.masstone = {std::uint8_t(grey), std::uint8_t(grey), std::uint8_t(grey)};
            hand.sticks.push_back(stick);
            Layer layer;
            layer.stick = int(hand.sticks.size()) - 1;
            hand.stacks[0].layers.push_back(layer);
        }
        hand.prepared = matching::prepared(hand.sticks, hand.light);
        for (const int i : {2, 0, 1}) hand.stacks[0].samples.push_back({hand.prepared[std::size_t(i)].masstone, 1.0f});
        QCOMPARE(stickTriad(hand, 0), (std::array{1, 2, 0}));
        hand.stacks[0].layers.erase(hand.stacks[0].layers.begin());  // without the light one
        QCOMPARE(stickTriad(hand, 0), (std::array{1, 2, 2}));
        hand.stacks[0].layers.clear();
        QCOMPARE(stickTriad(hand, 0), (std::array{-1, -1, -1}));
    }

    void allSticksLeftOutIsSaid() {
        Study study = plain();
        for (const materials::Material& m : smallLibrary().media)
            study.stickChoices.push_back({m.id, StickUse::barred});
        Kept kept;
        const auto refused = makePlan(study, smallLibrary(), kept);
        QVERIFY(!refused && refused.problem().kind == common::ProblemKind::trayEmpty);
    }
};

QTEST_GUILESS_MAIN(TestPalettes)
#include "test_palettes.moc"
