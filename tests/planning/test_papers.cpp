#include <QtTest>

#include "colour/difference.h"
#include "planned_study.h"
#include "planning/offcuts.h"
#include "planning/stage_picture.h"
#include "planning/underpainting.h"
#include "rounds.h"
#include "storage/library_csv.h"

using namespace planning;

namespace {

/// A scene that practice describes, painted flat: a background and what stands before it.
Study sceneOf(const cv::Scalar& background, const std::vector<cv::Scalar>& things, int areas = 4) {
    cv::Mat image(150, 200, CV_8UC3, background);
    for (int i = 0; i < int(things.size()); ++i)
        cv::circle(image, {40 + 120 * i / std::max(1, int(things.size()) - 1), 90}, 26, things[std::size_t(i)],
                   cv::FILLED);
    std::vector<uchar> png;
    cv::imencode(".png", image, png);
    Study study;
    study.reference = std::make_shared<ReferenceFile>(ReferenceFile{"scene.png", png});
    study.widthMillimetres = 240;
    study.heightMillimetres = 180;
    study.areas = areas;
    study.approach.ground = Ground::none;
    study.parting = subject::Parting::byColour;
    return study;
}

materials::Library starter() {
    auto library = storage::readLibraryFolder(storage::dataFolder() / "materials");
    if (!library) qFatal("no starter materials");
    materials::Library starter = *std::move(library);
#ifdef YAWNING_DUNE_SANITIZED
    starter.papers.resize(5);  // the sanitizers take their time
#endif
    return starter;
}

/// The same sheet in other colours.
std::vector<materials::Paper> papersOf(const std::vector<std::pair<const char*, const char*>>& colours) {
    std::vector<materials::Paper> papers;
    for (const auto& [id, hex] : colours)
        papers.push_back(
            {id, "Mill", id, materials::Surface::sanded600, *colour::srgb8FromHex(hex), materials::Water::full});
    return papers;
}

std::vector<RankedPaper> rankedFor(const Study& study, const materials::Library& library) {
    Kept kept;
    const auto ranking = comparedPapers(study, library, kept);
    if (!ranking) qFatal("the papers must be ranked");
    return **ranking;
}

const RankedPaper& in(const std::vector<RankedPaper>& papers, const std::string& id) {
    const auto at = std::ranges::find(papers, id, [](const RankedPaper& r) { return r.paper.id; });
    if (at == papers.end()) qFatal("no such paper");
    return *at;
}

bool tells(const RankedPaper& paper, PaperReasonKind kind) {
    return std::ranges::find(paper.reasons, kind, &PaperReason::kind) != paper.reasons.end();
}

}  // namespace

/// Papers are tried to the end for a subject, and ranked as the trade would.
class TestPapers : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Common practice, no source: sky blue turns green over cream, where it shows through thin layers, and hardly over
    /// grey, brown or sienna.
    void aBlueSkyIsTintedByCream() {
        Study study = sceneOf({196, 142, 92}, {{70, 110, 80}});  // B, G, R
        materials::Library library = starter();
        library.papers =
            papersOf({{"cream", "#f2dc9a"}, {"grey", "#8c8b88"}, {"brown", "#6b4a38"}, {"sienna", "#9a5634"}});
        const auto papers = rankedFor(study, library);
        const auto tintOf = [&](const char* id) -> const Tint* {
            for (const PaperReason& reason : in(papers, id).reasons)
                if (reason.kind == PaperReasonKind::tints && reason.tint.meant.b < -8) return &reason.tint;
            return nullptr;
        };
        const Tint* onCream = tintOf("cream");
        QVERIFY(onCream);
        // Towards green, and cured by soft layers.
        QVERIFY(colour::hue(onCream->seen) < colour::hue(onCream->meant) - 20 && colour::hue(onCream->seen) > 90);
        for (const char* other : {"grey", "brown"}) QVERIFY(!tintOf(other));
        // The paper spoils the first layer most, and comes last.
        for (const char* other : {"grey", "brown", "sienna"})
            QVERIFY(in(papers, "cream").outcome.firstLayer > in(papers, other).outcome.firstLayer + 0.5);
        QCOMPARE(papers.back().paper.id, std::string("cream"));
    }

    /// Common practice, no source: a very light paper for vivid flowers.
    void vividFlowersWantLightPaper() {
        Study study = sceneOf({225, 232, 228}, {{60, 40, 235}, {50, 200, 250}, {190, 60, 200}}, 5);
        study.goal = Goal::mostVivid;
        materials::Library library = starter();
        // Pencils and pans lie thin, so that the paper's light comes through them.
        std::erase_if(library.media, [](const materials::Material& m) {
            return m.kind != materials::Kind::pencil && m.kind != materials::Kind::pan;
        });
        std::erase_if(library.media, [](const auto& m) {
            return m.kind != materials::Kind::pencil && m.kind != materials::Kind::pan;
        });
        library.papers =
            papersOf({{"light", "#f0ece2"}, {"dark", "#3a3a3c"}, {"brown", "#6b4a38"}, {"olive", "#5c5a3c"}});
        const auto papers = rankedFor(study, library);
        QCOMPARE(papers.front().paper.id, std::string("light"));
        QVERIFY(in(papers, "light").outcome.picture.mean < in(papers, "dark").outcome.picture.mean - 0.3);
    }

    /// Common practice, no source: near the subject's own colour means fewer layers.
    void aBirdNearTheBrownOfThePaperWantsFewerLayers() {
        Study study = sceneOf({78, 98, 122}, {{52, 70, 96}, {60, 84, 112}});
        study.goal = Goal::leastWork;
        materials::Library library = starter();
        library.papers =
            papersOf({{"brown", "#7a624e"}, {"blue", "#5a78a0"}, {"white", "#f4f2ee"}, {"green", "#6a8a50"}});
        const auto papers = rankedFor(study, library);
        QCOMPARE(papers.front().paper.id, std::string("brown"));
        QVERIFY(tells(papers.front(), PaperReasonKind::nearSubject));
        for (const char* other : {"blue", "white", "green"}) {
            QVERIFY(!tells(in(papers, other), PaperReasonKind::nearSubject));
            QVERIFY(papers.front().outcome.layers < in(papers, other).outcome.layers);
            QVERIFY(papers.front().outcome.minutes < in(papers, other).outcome.minutes - 10);
            QVERIFY(papers.front().outcome.firstLayer < in(papers, other).outcome.firstLayer - 0.5);
        }
    }

    /// Common practice, no source: white paper hides the lights, black paper the darks; a mid tone shows both from the
    /// first stroke.
    void aMidToneShowsBlackAndWhiteAtOnce() {
        Study study = sceneOf({126, 130, 131}, {{12, 12, 12}, {245, 245, 245}});
        materials::Library library = starter();
        library.papers =
            papersOf({{"white", "#f6f5f2"}, {"black", "#1c1c1d"}, {"grey", "#84837f"}, {"dark", "#3f3f41"}});
        const auto papers = rankedFor(study, library);
        QVERIFY(tells(in(papers, "grey"), PaperReasonKind::showsBothEnds));
        QVERIFY(tells(in(papers, "white"), PaperReasonKind::hidesLights));
        QVERIFY(tells(in(papers, "black"), PaperReasonKind::hidesDarks));
        QCOMPARE(papers.front().paper.id, std::string("grey"));
        const auto ends = [](const RankedPaper& p) { return p.score.parts[std::size_t(Criterion::ends)].points; };
        QVERIFY(ends(in(papers, "grey")) > ends(in(papers, "white")) &&
                ends(in(papers, "grey")) > ends(in(papers, "black")));
    }

    /// For every goal: parts that add up to the score and to a hundred; the first paper no further off than the middle
    /// one.
    void partsAddUpAndTheBestIsNoWorseThanTheMiddle() {
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::proposed;
        materials::Library library = starter();
        for (const Goal goal : {Goal::truestColour, Goal::leastWork, Goal::mostSparkle, Goal::mostVivid}) {
            study.goal = goal;
            const auto papers = rankedFor(study, library);
            QCOMPARE(papers.size(), library.papers.size());
            std::vector<double> differences;
            for (const RankedPaper& paper : papers) {
                double points = 0, most = 0;
                for (const ScorePart& part : paper.score.parts) {
                    QVERIFY(part.points >= 0 && part.points <= part.most + 1e-9);
                    points += part.points;
                    most += part.most;
                }
                QVERIFY(std::fabs(points - paper.score.points) < 1e-9 && std::fabs(most - 100) < 1e-9);
                differences.push_back(paper.outcome.picture.mean);
            }
            const double first = differences.front();
            std::ranges::sort(differences);
            const std::size_t below = (differences.size() - 1) / 2, above = differences.size() / 2;
            QVERIFY(first <= (differences[below] + differences[above]) / 2);
            for (std::size_t i = 2; i < papers.size(); ++i)
                QVERIFY(papers[i].score.points <= papers[i - 1].score.points);
        }
    }

    /// A goal moves what it names.
    void goalsAreFollowed() {
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::proposed;
        const materials::Library library = starter();
        const auto leaderOf = [&](Goal goal) {
            study.goal = goal;
            return rankedFor(study, library).front().outcome;
        };
        const Outcome true_ = leaderOf(Goal::truestColour);
        QVERIFY(leaderOf(Goal::mostSparkle).sparkle >= true_.sparkle);
        QVERIFY(leaderOf(Goal::leastWork).firstLayer <= true_.firstLayer + 1e-9);
        const auto vivid = [](const Outcome& o) { return std::min(1.0, (o.chroma + o.firstChroma) / 2); };
        QVERIFY(vivid(leaderOf(Goal::mostVivid)) >= vivid(true_) - 1e-9);
    }

    void comparingCanBeStoppedAndTellsHowFarItIs() {
        Kept kept;
        std::stop_source stop;
        double last = 0;
        int told = 0;
        common::Progress progress{[&](double f) {
                                      QVERIFY(f >= last && f <= 1);
                                      last = f;
                                      ++told;
                                  },
                                  {}};
        materials::Library library = starter();
        library.papers = smallLibrary().papers;
        std::vector<materials::Paper> order;
        QVERIFY(comparedGrounds(smallStudy(), smallLibrary(), kept, progress).ok());
        QVERIFY(told > 5);
        QVERIFY(comparedPapers(smallStudy(), smallLibrary(), kept, {}, [&](const std::vector<materials::Paper>& first) {
                    order = first;
                }).ok());
        QCOMPARE(order.size(), smallLibrary().papers.size());
        stop.request_stop();
        Kept other;
        const auto papers = comparedPapers(smallStudy(), library, other, {{}, stop.get_token()});
        QVERIFY(!papers && papers.problem().kind == common::ProblemKind::cancelled);
        const auto grounds = comparedGrounds(smallStudy(), library, other, {{}, stop.get_token()});
        QVERIFY(!grounds && grounds.problem().kind == common::ProblemKind::cancelled);
        // What was stopped is not taken for found.
        QVERIFY(comparedPapers(smallStudy(), smallLibrary(), other).ok());
        for (const materials::Library& bad : {materials::Library{}, materials::Library{smallLibrary().media, {}}})
            QVERIFY(!comparedPapers(smallStudy(), bad, other) && !comparedGrounds(smallStudy(), bad, other));
    }

    /// What could be bought is judged like what is at hand, stands behind it and is never taken.
    void papersToBuyStandApart() {
        materials::Library library = smallLibrary();
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::none;
        const std::vector<RankedPaper> owned = rankedFor(study, library);
        std::erase_if(library.papers, [&](const auto& paper) { return paper.id == owned.front().paper.id; });
        library.papersToBuy = {owned.front().paper};
        const std::vector<RankedPaper> ranked = rankedFor(study, library);
        QCOMPARE(ranked.size(), owned.size());
        QVERIFY(!ranked.back().isAtHand && ranked.back().paper == owned.front().paper);
        QCOMPARE(std::ranges::count(ranked, true, &RankedPaper::isAtHand), std::ptrdiff_t(2));
        QVERIFY(ranked.back().score.points > 0);
        Kept kept;
        QCOMPARE(makePlan(study, library, kept)->paper, ranked.front().paper);
        study.paper = owned.front().paper.id;
        const auto refused = makePlan(study, library, kept);
        QVERIFY(!refused && refused.problem().kind == common::ProblemKind::paperUnknown);
    }

    /// The two sides of a sheet tell of each other.
    void aSheetHasTwoSides() {
        materials::Library library = smallLibrary();
        library.papers[2].otherSideOf = library.papers[0].id;
        Study study = smallStudy();
        study.paper.clear();
        double sum = 0;
        int told = 0;
        for (const RankedPaper& paper : rankedFor(study, library))
            for (const PaperReason& reason : paper.reasons)
                if (reason.kind == PaperReasonKind::otherSide) {
                    sum += reason.figure;
                    ++told;
                }
        QCOMPARE(told, 2);
        QVERIFY(std::fabs(sum) < 1e-9);
    }

    /// Another goal puts in another order what has been tried, as if it had been tried for it; nothing is tried again
    /// that is known.
    void aNewGoalOnlyOrders() {
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::proposed;
        Kept kept;
        QVERIFY(comparedPapers(study, smallLibrary(), kept) && comparedGrounds(study, smallLibrary(), kept));
        constexpr std::array goals{Goal::leastWork, Goal::mostVivid};
        for (int g = 0; g < roundsOf(int(goals.size())); ++g) {
            study.goal = goals[std::size_t(g)];
            int steps = 0;
            const auto again = comparedPapers(study, smallLibrary(), kept, {[&](double) { ++steps; }, {}});
            QCOMPARE(steps, 0);
            const std::vector<RankedPaper> fresh = rankedFor(study, smallLibrary());
            QCOMPARE((*again)->size(), fresh.size());
            for (std::size_t i = 0; i < fresh.size(); ++i) {
                QVERIFY((**again)[i].paper == fresh[i].paper);
                QCOMPARE((**again)[i].score.points, fresh[i].score.points);
                QCOMPARE((**again)[i].reasons.size(), fresh[i].reasons.size());
            }
            Kept other;
            const auto board = comparedGrounds(study, smallLibrary(), kept),
                       anew = comparedGrounds(study, smallLibrary(), other);
            QVERIFY(board && anew && board->paper == anew->paper);
            for (std::size_t i = 0; i < board->board->size(); ++i) {
                const TriedGround &one = (*board->board)[i], &two = (*anew->board)[i];
                QCOMPARE(one.proposal.strategy, two.proposal.strategy);
                QCOMPARE(one.score.points, two.score.points);
                QCOMPARE(one.gains, two.gains);
            }
        }
    }

    /// The board: the bare sheet is always on it, all ten ways are; what gains is no further off than the bare sheet
    /// with fewer layers in all, searched as the plan searches; what does not stands behind it.
    void theBoardTellsWhatGains() {
        for (const char* paper : {"p-white", "p-dry", "p-grey"}) {
            Study study = smallStudy();
            study.approach.ground = Ground::proposed;
            study.paper = paper;
            Kept kept;
            int told = 0;
            const auto compared = comparedGrounds(study, smallLibrary(), kept, {}, [&](const TriedGround&) { ++told; });
            QVERIFY(compared);
            const std::vector<TriedGround>& board = *compared->board;
            QCOMPARE(board.size(), std::size_t(10));
            QVERIFY(told >= 10);
            const TriedGround& bare = bareOf(board);
            bool isBehindBare = false;
            for (const TriedGround& tried : board) {
                isBehindBare = isBehindBare || &tried == &bare;
                QCOMPARE(tried.gains, !isBehindBare);
                QVERIFY(tried.layersEnough <= tried.outcome.layers);
                if (!tried.gains) continue;
                QVERIFY(tried.care == Care::full && bare.care == Care::full);
                QVERIFY(tried.outcome.picture.mean <= bare.outcome.picture.mean);
                QVERIFY(tried.layersEnough + tried.outcome.groundLayers < bare.outcome.layers);
            }
            // The plan lies on the first.
            const Plan plan = planOf(study);
            QCOMPARE(plan.ground.strategy, board.front().proposal.strategy);
        }
    }

    /// Layers are left out as long as the sheet is no further off than asked.
    void layersEnoughAreThoseThatAreMissed() {
        Study study = smallStudy();
        study.paper = "p-grey";
        Kept kept;
        auto begun = planSubject(study, smallLibrary(), kept);
        QVERIFY(begun);
        PlanSubject subject = *std::move(begun);
        subject.plan.paper = *smallLibrary().paper("p-grey");
        const TrialSubject small = trialSubject(subject.plan, subject.wanted, 96);
        const auto ground = bareGround(*subject.plan.reading, subject.plan.paper);
        const auto trial =
            tryOut(small, study, smallLibrary().media, subject.tray, subject.plan.paper, ground, Care::quick, {});
        QVERIFY(trial);
        QCOMPARE(layersEnough(*trial, small, study, 1000), 0);
        QCOMPARE(layersEnough(*trial, small, study, 0), trial->outcome.layers);
        int before = trial->outcome.layers;
        for (const double more : {1.2, 2.0, 4.0}) {
            const int enough = layersEnough(*trial, small, study, trial->outcome.picture.mean * more);
            QVERIFY(enough <= before);
            before = enough;
        }
        QVERIFY(before < trial->outcome.layers);
    }

    /// What shows of a ground: all of it bare, nothing under a film that hides; ISO 6504-3 tells hiding power so.
    void bareGroundShowsWhole() {
        Study study = smallStudy();
        Kept kept;
        auto begun = planSubject(study, smallLibrary(), kept);
        PlanSubject subject = *std::move(begun);
        const TrialSubject small = trialSubject(subject.plan, subject.wanted, 96);
        const materials::Paper paper = *smallLibrary().paper("p-grey");
        const auto trial = tryOut(small, study, smallLibrary().media, subject.tray, paper,
                                  bareGround(*subject.plan.reading, paper), Care::quick, {});
        QVERIFY(trial);
        for (std::size_t s = 0; s < trial->sparkles.size(); ++s) {
            const Sparkle& sparkle = trial->sparkles[s];
            QVERIFY(sparkle.shows >= 0 && sparkle.shows <= 1);
            if (trial->plan.stacks[s].layers.empty()) QVERIFY(sparkle.shows > 0.999);
        }
    }

    /// Practice: a swatch looks darker on light grey and lighter on dark grey though it measures the same (CIECAM16).
    void aColourLooksOtherwiseOnAnotherPaper() {
        const colour::Lab swatch{50, 10, 10};
        QVERIFY(contrastSteps(swatch, {90, 0, 0}) < -0.2);
        QVERIFY(contrastSteps(swatch, {15, 0, 0}) > 0.2);
        const double middle = colour::labFromLch({51.8, 0, 0}).L;  // Y = 0.2
        QVERIFY(std::fabs(contrastSteps(swatch, {middle, 0, 0})) < 0.02);
    }

    /// The subject is cut off its background; as it looks on light paper it is darker.
    void theSubjectIsCutOut() {
        const Plan plan = planOf(smallStudy(), 0, Fineness::coarse);
        const materials::Paper white{"w", "Mill", "white", materials::Surface::sanded600, {240, 240, 240}, {}};
        const cv::Mat sheet(plan.stackMap.size(), CV_8UC3, cv::Scalar(240, 240, 240));
        const cv::Mat measured = cutOutOn(*plan.reading, plan.reading->picture, sheet, white, false);
        const cv::Mat seen = cutOutOn(*plan.reading, plan.reading->picture, sheet, white, true);
        int front = 0;
        for (int y = 0; y < sheet.rows; y += 7)
            for (int x = 0; x < sheet.cols; x += 7) {
                const auto area = std::size_t(plan.reading->areas.map.at<int>(y, x));
                const bool isBehind = plan.reading->areas.list[area].plane == subject::Plane::background;
                front += !isBehind;
                QCOMPARE(measured.at<cv::Vec3b>(y, x),
                         isBehind ? sheet.at<cv::Vec3b>(y, x) : plan.reading->picture.at<cv::Vec3b>(y, x));
                for (int c = 0; c < 3; ++c) QVERIFY(seen.at<cv::Vec3b>(y, x)[c] <= measured.at<cv::Vec3b>(y, x)[c]);
            }
        QVERIFY(front > 10);
        QVERIFY(cv::mean(seen)[0] < cv::mean(measured)[0] - 0.5);
    }

    /// Dark, medium and light of the subject, in each kind that is there.
    void offcutsBearTheSubjectsOwnColours() {
        const Plan plan = planOf(smallStudy(), 0, Fineness::coarse);
        const materials::Library library = smallLibrary();
        const OffcutStrokes strokes = offcutStrokes(plan, library.media);
        for (std::size_t kind = 0; kind < offcutKinds.size(); ++kind) {
            double before = -1;
            for (const OffcutStroke& stroke : strokes[kind]) {
                QCOMPARE(stroke.medium >= 0, offcutKinds[kind] != materials::Kind::pan);
                if (stroke.medium < 0) continue;
                const materials::Material& medium = library.media[std::size_t(stroke.medium)];
                QCOMPARE(medium.kind, offcutKinds[kind]);
                QVERIFY(colour::labFromSrgb8(medium.masstone).L >= before);
                before = colour::labFromSrgb8(medium.masstone).L;
            }
        }
    }
};

QTEST_GUILESS_MAIN(TestPapers)
#include "test_papers.moc"
