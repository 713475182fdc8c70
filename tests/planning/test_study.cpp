#include <QtTest>
#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <set>

#include "colour/munsell.h"
#include "planning/construction.h"
#include "planning/planner.h"
#include "planning/study_fields.h"
#include "rounds.h"
#include "small_study.h"

using namespace planning;
using common::ProblemKind;

namespace {

/// Two eyes on a face, lit a little differently.
Study facedStudy() {
    cv::Mat image(150, 200, CV_8UC3, cv::Scalar(140, 160, 190)), grain(image.size(), CV_8UC3);
    for (const int x : {60, 140}) {
        cv::ellipse(image, {x, 70}, {26, 18}, 0, 0, 360, cv::Scalar(90 + x / 10, 120, 60), cv::FILLED, cv::LINE_AA);
        cv::circle(image, {x, 70}, 9, cv::Scalar(20, 20, 18 + x / 20), cv::FILLED, cv::LINE_AA);
        cv::circle(image, {x - 12, 66}, 5, cv::Scalar(190, 205, 180), cv::FILLED, cv::LINE_AA);
    }
    cv::RNG random(4);
    random.fill(grain, cv::RNG::UNIFORM, 0, 9);
    std::vector<uchar> png;
    cv::imencode(".png", image + grain, png);
    Study study = smallStudy();
    study.reference = std::make_shared<ReferenceFile>(ReferenceFile{"eyes.png", png});
    study.areaChoices = {{0.3, 0.52, "left eye"}, {0.7, 0.52, "right eye"}};
    study.areaEdits = {
        {subject::AreaEdit::Kind::border, {{{0.16, 0.34}, {0.44, 0.34}, {0.44, 0.6}, {0.16, 0.6}}}},
        {subject::AreaEdit::Kind::border, {{{0.56, 0.34}, {0.84, 0.34}, {0.84, 0.6}, {0.56, 0.6}}}},
    };
    study.areas = 2;
    return study;
}

std::shared_ptr<const ReferenceFile> flatPicture(const cv::Scalar& bgr) {
    std::vector<uchar> png;
    cv::imencode(".png", cv::Mat(64, 64, CV_8UC3, bgr), png);
    return std::make_shared<ReferenceFile>(ReferenceFile{"flat.png", png});
}

std::shared_ptr<const Reading> readingOf(const Study& study) {
    Kept kept;
    const auto reading = readSubject(study, kept);
    if (!reading) qFatal("the study must be read");
    return *reading;
}

/// Median of what is wanted in the area at a place.
colour::Lab wantedAt(const Reading& reading, double x, double y) {
    const cv::Scalar mean = cv::mean(reading.wanted, reading.areas.map == subject::labelAt(reading.areas.map, x, y));
    return {mean[0], mean[1], mean[2]};
}

/// A study in which every field says something.
Study fullStudy() {
    Study study = smallStudy();
    study.others = {flatPicture({40, 160, 60}), flatPicture({150, 60, 40})};
    study.areaEdits = {{subject::AreaEdit::Kind::border, {{{0.1, 0.1}, {0.3, 0.1}, {0.2, 0.4}}}}};
    study.areaChoices[0].borrowed = Borrowing{1, {{0, 0}, {1, 1}}};
    study.areaChoices[0].plane = subject::Plane::middle;
    study.areaChoices[0].mixed = OwnMixture{{{"t16", 2}}, 2};
    study.areaChoices[0].stack = OwnStack{{{"t9", pigment::Manner::hatch, 1}}};
    study.areaChoices[0].barred = {{"t3"}};
    study.hand = Hand::left;
    study.stickChoices = {{"t9", StickUse::pinned}};
    study.eveningMinutes = 90;
    study.eveningEnds = {{"drawing"}};
    study.thresholds = {3, 6};
    study.pairs = {{{0.1, 0.1}, {0.9, 0.9}}};
    study.edges = {{{{0.1, 0.1}, {0.9, 0.9}}, subject::Edge::lost}};
    study.noFaces = {{0.4, 0.4}};
    study.directions = {{{0.5, 0.4}, {0.5, 0.6}}};
    study.measures = {{{0.1, 0.5}, {0.4, 0.5}}};
    study.unit = 0;
    study.frame = {0.5, 0.5, 0.8, 3, colour::Xyz{0.3, 0.31, 0.22}};
    return study;
}

/// Changes one field after the other, each a little, and calls changed(name, study).
class Changer {
 public:
    Changer(Study start, std::function<void(const std::string&, const Study&)> changed)
        : study_(std::move(start)), changed_(std::move(changed)) {}
    void run() { describe(*this, study_); }

    void text(const Field& field, std::string& value) { with(field, value, value + "x"); }
    void flag(const Field& field, bool& value) { with(field, value, !value); }
    template <typename Number>
    void number(const Field& field, Number& value, const Bounds& bounds) {
        const double step = std::is_integral_v<Number> ? 1 : (bounds.most - bounds.least) / 50;
        // There are only two other pictures.
        if (std::string(field.name) == "picture") return with(field, value, Number(1 - value));
        with(field, value, Number(double(value) + step <= bounds.most ? value + Number(step) : value - Number(step)));
    }
    template <typename Enum, typename Named>
    void word(const Field& field, Enum& value, Named) {
        with(field, value, int(value) == 0 ? Enum(1) : Enum(0));
    }
    template <typename Enum, typename Named>
    void optionalWord(const Field& field, std::optional<Enum>& value, Named) {
        with(field, value, std::optional<Enum>());
    }
    void numbers(const Field& field, std::vector<double>& values, const Bounds&, std::size_t) {
        with(field, values, std::vector<double>{2.5, 6});
    }
    template <typename Files>
    void files(const Field& field, Files& files) {
        Files other = files;
        std::swap(other[0], other[1]);
        with(field, files, other);
    }
    void light(const Field& field, std::optional<colour::Xyz>& light) {
        with(field, light, std::optional(colour::Xyz{0.3, 0.31, 0.27}));
    }
    void place(const Field& field, const Field&, double& x, double&) { with(field, x, x > 0.5 ? x - 0.3 : x + 0.3); }
    void line(const Field& field, subject::Line& line) { with(field, line, subject::Line{{0.1, 0.1}, {0.4, 0.6}}); }
    void path(subject::Line& line) { with({"path", ""}, line, subject::Line{line.from, {0.7, 0.2}}); }
    void scribbles(const Field& field, std::vector<subject::Scribble>& scribbles) {
        auto other = scribbles;
        other[0][0].x += 0.25;
        with(field, scribbles, other);
    }
    template <typename Object>
    void object(const Field&, Object& object) {
        describe(*this, object);
    }
    template <typename Object>
    void optionalObject(const Field& field, std::optional<Object>& object) {
        describe(*this, *object);
        with(field, object, std::optional<Object>());
    }
    template <typename Item>
    void list(const Field& field, std::vector<Item>& items) {
        for (Item& item : items) describe(*this, item);
        with(field, items, std::vector<Item>());
    }
    template <typename List>
    void index(const Field& field, int& index, const List&) {
        with(field, index, -1);
    }

 private:
    template <typename Value>
    void with(const Field& field, Value& value, const Value& other) {
        const Value before = value;
        value = other;
        if (study_.unit >= int(study_.measures.size())) study_.unit = -1;
        changed_(field.name, study_);
        value = before;
        study_.unit = study_.measures.empty() ? -1 : 0;
    }

    Study study_;
    std::function<void(const std::string&, const Study&)> changed_;
};

bool alike(const cv::Mat& one, const cv::Mat& other) {
    return one.size() == other.size() && (one.empty() || cv::norm(one, other, cv::NORM_INF) == 0);
}

}  // namespace

/// What the artist chooses on the subject reaches the plan.
class TestStudy : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// Common practice, no source: both eyes together, or the mixture is forgotten hours later.
    void aPairIsLaidWithTheSameMixturesInTheSameSteps() {
        Study study = facedStudy();
        study.pairs = {{{0.3, 0.52}, {0.7, 0.52}}};
        Kept kept;
        const auto plan = makePlan(study, smallLibrary(), kept);
        QVERIFY(plan.ok());
        const int left = subject::labelAt(plan->reading->areas.map, 0.3, 0.52);
        const int right = subject::labelAt(plan->reading->areas.map, 0.7, 0.52);
        QVERIFY(left != right);
        const int stack = plan->stackOfArea[std::size_t(left)];
        QCOMPARE(plan->stackOfArea[std::size_t(right)], stack);
        QCOMPARE(plan->stacks[std::size_t(stack)].areas,
                 (std::vector<int>{std::min(left, right), std::max(left, right)}));
        int together = 0;
        for (const Step& step : plan->steps) {
            if (step.stage == Stage::drawing || step.stage == Stage::underpainting) continue;
            const std::set<int> laid(step.areas.begin(), step.areas.end());
            QCOMPARE(laid.contains(left), laid.contains(right));
            if (!laid.contains(left)) continue;
            ++together;
            QVERIFY(step.why.front().kind == ReasonKind::hardBeforeSoft ||
                    step.why.front().kind == ReasonKind::highlightsLast || step.tool != Tool::none ||
                    step.why.front().kind == ReasonKind::blackLast ||
                    std::ranges::any_of(step.why, [](const Reason& r) { return r.kind == ReasonKind::pairTogether; }));
        }
        QCOMPARE(together, int(plan->stacks[std::size_t(stack)].layers.size()));
        for (const Step& step : plan->steps)
            for (const int earlier : step.after) QVERIFY(earlier < step.number);
    }

    /// Three that are paired two by two, in any order, are planned as one.
    void pairsGrowTogether() {
        Study study = smallStudy();
        study.areas = 5;
        const auto apart = readingOf(study);
        QVERIFY(apart->areas.list.size() >= 4);
        const auto place = [&](int i) {
            cv::Point at;
            cv::minMaxLoc(apart->areas.map == i, nullptr, nullptr, nullptr, &at);
            return subject::Place((at.x + 0.5) / apart->areas.map.cols, (at.y + 0.5) / apart->areas.map.rows);
        };
        for (const auto& [a, b, c, d] : {std::tuple(0, 2, 1, 2), std::tuple(2, 1, 0, 1), std::tuple(1, 2, 0, 2)}) {
            study.pairs = {{place(a), place(b)}, {place(c), place(d)}};
            const auto reading = readingOf(study);
            for (int i = 0; i < int(reading->areas.list.size()); ++i)
                QCOMPARE(reading->areas.list[std::size_t(i)].together, i < 3 ? 1 : i + 1);
            QCOMPARE(int(reading->areas.list[0].plane), int(reading->areas.list[2].plane));
        }
    }

    void thresholdsMakeTheMasses() {
        Study study = smallStudy();
        study.thresholds = {3, 5.5};
        const auto reading = readingOf(study);
        QCOMPARE(reading->masses.values.size(), std::size_t(3));
        QVERIFY(std::fabs(reading->masses.upTo[0] - colour::lightnessOfMunsellValue(3)) < 1e-9);
        study.thresholds = {5, 3};
        Kept kept;
        QVERIFY(!readSubject(study, kept).ok());
        study.thresholds = {11};
        QVERIFY(!readSubject(study, kept).ok());
    }

    void colourChoicesMoveTheTargets() {
        Study study = smallStudy();
        const auto before = readingOf(study);
        study.colour.chroma = 0.5;
        study.areaChoices[0].colour.lighter = 1;
        const auto after = readingOf(study);
        QCOMPARE(cv::norm(before->areas.map, after->areas.map, cv::NORM_INF), 0.0);
        QCOMPARE(cv::norm(before->lab, after->lab, cv::NORM_INF), 0.0);
        const colour::Lab ball = wantedAt(*before, 0.5, 0.5), pushed = wantedAt(*after, 0.5, 0.5);
        QVERIFY(std::fabs(pushed.L - ball.L - 10) < 1.5);
        QVERIFY(std::fabs(colour::chroma(pushed) - colour::chroma(ball) / 2) < 1.5);
        const colour::Lab wall = wantedAt(*before, 0.1, 0.1), calmed = wantedAt(*after, 0.1, 0.1);
        QVERIFY(std::fabs(calmed.L - wall.L) < 1.5);
        study.colour.chroma = 9;
        Kept kept;
        QVERIFY(!readSubject(study, kept).ok());
    }

    void anAreaTakesItsColoursFromAnotherReference() {
        Study study = smallStudy();
        study.others = {flatPicture({40, 160, 60}), flatPicture({150, 60, 40})};
        study.areaChoices[0].borrowed = Borrowing{1, {{0, 0}, {1, 1}}};
        Kept kept;
        const auto reading = *readSubject(study, kept);
        QCOMPARE(reading->others.size(), std::size_t(2));
        const colour::Lab blue = wantedAt(*reading, 0.5, 0.5);
        QVERIFY2(blue.b < -20, qPrintable(QString::number(blue.b)));
        // Another picture in its place is noticed, and what was read before is not mistaken for it.
        study.areaChoices[0].borrowed->picture = 0;
        const auto green = *readSubject(study, kept);
        QVERIFY(wantedAt(*green, 0.5, 0.5).a < -20);
        study.areaChoices[0].borrowed->picture = 2;
        QVERIFY(!readSubject(study, kept).ok());
    }

    void whatLiesOnThePictureMovesWithTheFrame() {
        Study study = smallStudy();
        study.areaEdits = {{subject::AreaEdit::Kind::part, {{{0.5, 0.5}, {0.6, 0.5}}, {{0.4, 0.4}}}},
                           {subject::AreaEdit::Kind::join, {{{0.02, 0.02}, {0.04, 0.02}}}}};
        study.pairs = {{{0.4, 0.5}, {0.6, 0.5}}, {{0.01, 0.5}, {0.6, 0.5}}};
        study.edges = {{{{0.01, 0.5}, {0.6, 0.5}}, subject::Edge::lost},
                       {{{0.45, 0.5}, {0.55, 0.5}}, subject::Edge::soft},
                       {{{0.6, 0.5}, {0.99, 0.5}}, subject::Edge::hard}};
        study.noFaces = {{0.5, 0.4}, {0.01, 0.4}};
        study.directions = {{{0.5, 0.4}, {0.5, 0.6}}};
        study.measures = {{{0.0, 0.5}, {0.9, 0.5}}, {{0.45, 0.5}, {0.55, 0.5}}};
        study.unit = 1;
        const cv::Size reference(200, 150);
        subject::Frame part;
        part.width = 0.5;
        moveWithFrame(study, {{}, reference, 4.0 / 3}, {part, reference, 4.0 / 3});
        QCOMPARE(study.areaEdits.size(), std::size_t(1));
        QVERIFY(cv::norm(study.areaEdits[0].scribbles[0][1] - subject::Place(0.7, 0.5)) < 1e-9);
        QCOMPARE(study.pairs.size(), std::size_t(1));
        // Of an edge both ends stay, or it goes; of what is no face its one place.
        QCOMPARE(study.edges.size(), std::size_t(1));
        QCOMPARE(study.edges[0].edge, subject::Edge::soft);
        QVERIFY(cv::norm(study.edges[0].between.to - subject::Place(0.6, 0.5)) < 1e-9);
        QCOMPARE(study.noFaces.size(), std::size_t(1));
        QVERIFY(std::fabs(study.noFaces[0].x - 0.5) < 1e-9 && std::fabs(study.noFaces[0].y - 0.3) < 1e-9);
        QVERIFY(cv::norm(study.directions[0].from - subject::Place(0.5, 0.3)) < 1e-9);
        QCOMPARE(study.measures.size(), std::size_t(1));
        QCOMPARE(study.unit, 0);
        QVERIFY(cv::norm(study.measures[0].to - subject::Place(0.6, 0.5)) < 1e-9);
        // A unit that has left the frame is none any more, and none stays none.
        for (const int unit : {0, -1, 7}) {
            study.measures = {{{0.0, 0.5}, {0.9, 0.5}}};
            study.unit = unit;
            moveWithFrame(study, {{}, reference, 4.0 / 3}, {part, reference, 4.0 / 3});
            QCOMPARE(study.unit, -1);
        }
    }

    void kindsAndPlanesAreTakenFromTheArtist() {
        Study study = smallStudy();
        study.areaChoices[0].kind = subject::AreaKind::metal;
        const auto reading = readingOf(study);
        const auto ball = std::size_t(subject::labelAt(reading->areas.map, 0.5, 0.5));
        QCOMPARE(int(reading->areas.list[ball].kind), int(subject::AreaKind::metal));
        for (int i = 0; i < subject::areaKindCount; ++i)
            QCOMPARE(subject::areaKindNamed(subject::nameOf(subject::AreaKind(i))),
                     std::optional(subject::AreaKind(i)));
    }

    /// Every field changed with a warm cache: what is read is what a cold reading reads. So no field is forgotten in
    /// the keys that the cache goes by.
    void everyFieldIsReadAnew() {
        Kept warm;
        const Study start = fullStudy();
        QVERIFY(readSubject(start, warm).ok());
        std::map<std::string, int> changed;
        // The sanitizers see a part of them only.
        constexpr int every = 8 / roundsOf(8);
        int field = 0;
        Changer(start, [&](const std::string& name, const Study& study) {
            if (field++ % every != 0) return;
            Kept cold;
            const auto before = *readSubject(start, warm);
            const auto now = readSubject(study, warm), anew = readSubject(study, cold);
            QVERIFY2(now.ok() && anew.ok(), name.c_str());
            const Reading &a = **now, &b = **anew;
            QVERIFY2(alike(a.lab, b.lab) && alike(a.wanted, b.wanted) && alike(a.areas.map, b.areas.map) &&
                         alike(a.masses.map, b.masses.map) && alike(a.squinted, b.squinted) && alike(a.edges, b.edges),
                     name.c_str());
            QCOMPARE(a.areas.list.size(), b.areas.list.size());
            for (std::size_t i = 0; i < a.areas.list.size(); ++i) {
                const subject::Area &one = a.areas.list[i], &other = b.areas.list[i];
                QVERIFY2(one.plane == other.plane && one.focal == other.focal && one.kind == other.kind &&
                             one.together == other.together && one.key == other.key &&
                             one.recognised == other.recognised,
                         name.c_str());
            }
            ++changed[name];
        }).run();
        QVERIFY2(int(changed.size()) >= 30 / every, qPrintable(QString::number(changed.size())));
    }

    /// Whatever may yet be chosen on a begun sheet leaves its areas as they are: by their keys what is laid is found
    /// again. What a sheet settles is told by each field.
    void whatMayBeChosenOnABegunSheetKeepsItsAreas() {
        Kept kept;
        const Study start = fullStudy();
        const auto before = *readSubject(start, kept);
        std::set<std::string> settled, free;
        Changer(start, [&](const std::string& name, const Study& study) {
            if (changesBegunSheet(start, study)) return void(settled.insert(name));
            free.insert(name);
            const auto now = readSubject(study, kept);
            QVERIFY2(now.ok(), name.c_str());
            QVERIFY2(alike((*now)->areas.map, before->areas.map), name.c_str());
            for (std::size_t i = 0; i < before->areas.list.size(); ++i)
                QCOMPARE((*now)->areas.list[i].key, before->areas.list[i].key);
        }).run();
        for (const char* name : {"widthMillimetres", "heightMillimetres", "centreX", "degrees", "grey", "areas",
                                 "parting", "squint", "paper", "ground", "areaEdits", "noFaces", "pairs", "mixed"})
            QVERIFY2(settled.contains(name), name);
        for (const char* name : {"title", "valueLevels", "thresholds", "chroma", "stickLimit", "school", "stack",
                                 "barred", "kind", "measures", "light", "series", "name"})
            QVERIFY2(free.contains(name), name);
        Study another = start;
        another.reference = flatPicture({1, 2, 3});
        QVERIFY(changesBegunSheet(start, another));
    }

    void changedFieldsAreTold() {
        const Study start = fullStudy();
        QVERIFY(changedFields(start, start).empty());
        Study other = start;
        other.areas = 9;
        QCOMPARE(changedFields(start, other), std::vector<std::string>{"areas"});
        other.areaChoices.front().name = "globe";
        other.approach.first = FirstPart::focal;
        other.reference = flatPicture({1, 2, 3});
        QCOMPARE(changedFields(start, other), (std::vector<std::string>{"reference", "areas", "first", "areaNames"}));
        // A place alone says nothing; what is said there does, and where.
        Study named = start, moved = start;
        named.areaChoices.push_back({0.1, 0.9, ""});
        QVERIFY(!differIn(start, named, Affects::stacks));
        named.areaChoices.back().kind = subject::AreaKind::sky;
        QVERIFY(differIn(start, named, Affects::stacks) && differIn(start, named, Affects::reading));
        moved.areaChoices.front().x = 0.2;
        QVERIFY(differIn(start, moved, Affects::stacks));
    }

    /// Of the picture's own colours masses are kept, as long as nothing is changed about them.
    void massesAreFoundAnew() {
        Study study = smallStudy();
        Kept warm;
        const auto isAsCold = [&] {
            Kept cold;
            const auto one = readSubject(study, warm), other = readSubject(study, cold);
            return one.ok() && other.ok() && alike((*one)->masses.map, (*other)->masses.map);
        };
        QVERIFY(isAsCold());
        study.thresholds = {3, 6};
        QVERIFY(isAsCold());
        study.thresholds = {5, 6};
        QVERIFY(isAsCold());
        study.thresholds.clear();
        QVERIFY(isAsCold());
        study.valueLevels += 1;
        QVERIFY(isAsCold());
    }

    void linesAreAsLongAsOnTheSheet() {
        Study study;
        study.widthMillimetres = 400;
        study.heightMillimetres = 300;
        study.measures = {{{0.1, 0.5}, {0.6, 0.5}}, {{0.2, 0.2}, {0.2, 0.8}}, {{0, 0}, {1, 1}}};
        for (const auto& [unit, millimetres] : {std::pair(0, 200.0), std::pair(1, 180.0), std::pair(2, 500.0)}) {
            study.unit = unit;
            QVERIFY(std::fabs(unitOf(study) - millimetres) < 1e-9);
        }
        for (const int unit : {-1, 3}) {
            study.unit = unit;
            QCOMPARE(unitOf(study), 0.0);
        }
    }

    /// Each figure beyond its bounds is refused by its name.
    void everyFigureHasItsBounds() {
        QVERIFY(!outOfBounds(fullStudy()));
        Study study = fullStudy();
        study.layers = 7;
        QCOMPARE(outOfBounds(study)->where, std::string("layers an area"));
        QCOMPARE(outOfBounds(study)->allowed, std::string("2 to 6"));
        study = fullStudy();
        study.areaChoices[0].colour.warmer = 21;
        QCOMPARE(outOfBounds(study)->where, std::string("warmth"));
        study = fullStudy();
        study.thresholds.assign(9, 5);
        QVERIFY(outOfBounds(study));
        study = fullStudy();
        study.frame.degrees = 361;
        QCOMPARE(outOfBounds(study)->where, std::string("frame's turn"));
        study = fullStudy();
        study.areaChoices[0].borrowed->picture = 2;
        QCOMPARE(outOfBounds(study)->what, std::string("3"));
        QCOMPARE(outOfBounds(study)->allowed, std::string("1 to 2"));
        study = fullStudy();
        study.title.assign(planning::mostLetters + 1, 'x');
        QVERIFY(outOfBounds(study) && outOfBounds(study)->what == "1001 letters long");
        study.title.pop_back();
        QVERIFY(!outOfBounds(study));
        study = fullStudy();
        study.frame.grey = colour::Xyz{0.5, 0, 0.4};
        QCOMPARE(outOfBounds(study)->what, std::string("black"));
        study = fullStudy();
        study.squint = NAN;
        QVERIFY(outOfBounds(study));
    }

    void badStudiesAreRefused() {
        Kept kept;
        const auto kindOf = [&](const Study& study, const materials::Library& library) {
            auto plan = makePlan(study, library, kept);
            return plan ? -1 : int(plan.problem().kind);
        };
        const auto library = smallLibrary();
        Study study = smallStudy();
        study.paper = "no such paper";
        QCOMPARE(kindOf(study, library), int(ProblemKind::paperUnknown));
        for (const auto& [w, limit, areas] : {std::tuple(1e9, 10, 4), std::tuple(double(NAN), 10, 4),
                                              std::tuple(240.0, -5, 4), std::tuple(240.0, 10, 100000)}) {
            study = smallStudy();
            study.widthMillimetres = w;
            study.stickLimit = limit;
            study.areas = areas;
            QCOMPARE(kindOf(study, library), int(ProblemKind::numberBad));
        }
        QCOMPARE(kindOf(smallStudy(), {}), int(ProblemKind::trayEmpty));
        materials::Library wetOnly = library;
        std::erase_if(wetOnly.media, [](const auto& m) { return !materials::isWet(m.kind); });
        QCOMPARE(kindOf(smallStudy(), wetOnly), int(ProblemKind::trayEmpty));
        materials::Library hoard = library;
        hoard.media.resize(5000, library.media[0]);
        QCOMPARE(kindOf(smallStudy(), hoard), int(ProblemKind::trayTooLarge));
        materials::Library noPaper = library;
        noPaper.papers.clear();
        QCOMPARE(kindOf(smallStudy(), noPaper), int(ProblemKind::paperMissing));
        QCOMPARE(kindOf(Study{}, library), int(ProblemKind::fileMissing));
    }
};

QTEST_APPLESS_MAIN(TestStudy)
#include "test_study.moc"
