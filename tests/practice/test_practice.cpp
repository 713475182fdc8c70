#include <QtTest>
#include <cmath>
#include <random>
#include <set>

#include "colour/appearance.h"
#include "colour/difference.h"
#include "colour/munsell.h"
#include "colour/warmth.h"
#include "pigment/patch.h"
#include "practice/ground_shift.h"
#include "practice/question.h"
#include "practice/training.h"
#include "rounds.h"

using namespace practice;
using colour::Lab;

namespace {

Sources someSources() {
    Sources sources;
    sources.colours = {{62, 30, 45}, {35, -5, -30}, {80, -2, 12}, {48, 45, 20}, {55, -30, 25}, {20, 4, 2}};
    for (int i = 0; i < 40; ++i) {
        materials::Material stick;
        stick.id = std::to_string(i);
        stick.masstone = {std::uint8_t(30 + 53 * i % 211), std::uint8_t(25 + 97 * i % 223),
                          std::uint8_t(20 + 31 * i % 199)};
        sources.sticks.push_back(stick);
    }
    sources.paper.tone = {120, 115, 108};
    sources.squinted.create(90, 120, CV_32FC3);
    sources.areas.create(sources.squinted.size(), CV_32S);
    for (int y = 0; y < 90; ++y)
        for (int x = 0; x < 120; ++x) {
            const int area = x / 40 + 3 * (y / 45);
            const Lab& lab = sources.colours[std::size_t(area)];
            sources.areas.at<int>(y, x) = area;
            sources.squinted.at<cv::Vec3f>(y, x) = {float(lab.L), float(lab.a), float(lab.b)};
        }
    return sources;
}

double lightnessOn(const Lab& lab, double ground) {
    colour::ViewingConditions conditions;
    conditions.backgroundY = colour::xyzFromLab({ground, 0, 0}).y;
    return colour::AppearanceModel(conditions).of(colour::xyzFromLab(lab)).J;
}

/// An exercise's threshold after so many answers of an observer.
Threshold found(const Observer& observer, const Scale& scale, int trials, std::mt19937& random) {
    std::uniform_real_distribution<double> chance(0, 1);
    Staircase staircase(scale);
    for (int i = 0; i < trials; ++i) {
        const double apart = staircase.next();
        staircase.answer(apart, chance(random) < observer.rightAt(apart));
    }
    return staircase.threshold();
}

Answer answerOf(Exercise exercise, std::int64_t sitting, int number, double apart, bool isRight) {
    return {exercise, sitting, sitting + 1000 * number, apart, isRight};
}

}  // namespace

/// The eye's exercises: thresholds, questions, and what is trained when.
class TestPractice : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void anObserverGuessesAndLapses() {
        // Wichmann and Hill (2001): guessing rate and lapse rate bound the curve; at the threshold of a Weibull
        // function 1 - 1/e of it is climbed.
        const Observer observer{2, 3, 0.25, 0.04};
        QCOMPARE(observer.rightAt(0), 0.25);
        QVERIFY(std::fabs(observer.rightAt(100) - 0.96) < 1e-9);
        QVERIFY(std::fabs(observer.rightAt(2) - (0.25 + 0.71 * 0.6321205588)) < 1e-9);
    }

    void thresholdsAreFoundAndTheirBoundsHold_data() {
        QTest::addColumn<int>("choices");
        QTest::newRow("two") << 2;
        QTest::newRow("four") << 4;
    }
    void thresholdsAreFoundAndTheirBoundsHold() {
        QFETCH(int, choices);
        const Scale scale{0.2, 20, choices};
        std::mt19937 random(11);
        std::uniform_real_distribution<double> chance(0, 1);
        constexpr int runs = roundsOf(500), trials = 60;
        int held = 0;
        double off = 0, bias = 0;
        for (int run = 0; run < runs; ++run) {
            const auto between = [&](double least, double most) {
                return std::exp(std::log(least) + chance(random) * std::log(most / least));
            };
            const Observer observer{between(scale.least, scale.most), between(1.8, 5.6), 1.0 / choices, 0.03};
            const Threshold told = found(observer, scale, trials, random);
            held += told.least <= observer.threshold && observer.threshold <= told.most ? 1 : 0;
            off += std::fabs(told.middle / observer.threshold - 1) / runs;
            bias += (told.middle / observer.threshold - 1) / runs;
        }
        qInfo("threshold off by %.1f %% in the mean (%+.1f %%), bounds hold in %.1f %%", 100 * off, 100 * bias,
              100.0 * held / runs);
        constexpr double wider = runs < 500 ? 2 : 1;  // fewer tell less
        QVERIFY(off <= 0.10 * wider);
        QVERIFY(std::fabs(bias) < 0.02 * wider);
        QVERIFY(std::fabs(double(held) / runs - 0.90) <= 0.05 * wider);
    }

    void whatWillTellMostIsAsked() {
        // At first in the middle of the scale; near the threshold once that is known.
        const Scale scale{0.2, 20, 2};
        std::mt19937 random(3);
        Staircase staircase(scale);
        const double first = staircase.next();
        QVERIFY(first > 0.6 && first < 8);
        const Observer observer{1, 3.5, 0.5, 0.02};
        std::uniform_real_distribution<double> chance(0, 1);
        for (int i = 0; i < 50; ++i) {
            const double apart = staircase.next();
            staircase.answer(apart, chance(random) < observer.rightAt(apart));
        }
        QVERIFY(staircase.next() > 0.6 && staircase.next() < 2.2);
        QCOMPARE(staircase.trials(), 50);
    }

    void groundsShiftWhatLooksAlikeAsCiecam16Says() {
        for (const Lab& colour : {Lab{50, 0, 0}, Lab{40, 30, 20}, Lab{65, -20, 30}})
            for (const double ground : {15.0, 50.0, 90.0}) {
                const double as = looksAsLightOn({ground, 0, 0}, colour, {30, 0, 0});
                QVERIFY(std::fabs(lightnessOn({as, colour.a, colour.b}, ground) - lightnessOn(colour, 30)) < 1e-6);
            }
        // Simultaneous contrast: lighter on the dark ground (common practice, no source).
        const Lab grey{50, 0, 0};
        QVERIFY(looksLighterBy(grey, {15, 0, 0}) > 0.2);
        QVERIFY(looksLighterBy(grey, {92, 0, 0}) < -0.2);
        QVERIFY(std::fabs(looksLighterBy(grey, {colour::lightnessOfMunsellValue(5), 0, 0})) < 1e-6);
    }

    void theRightAnswerIsTrue_data() {
        QTest::addColumn<Exercise>("exercise");
        for (const Exercise exercise : allExercises())
            if (!isDrawn(exercise)) QTest::newRow(std::string(factsOf(exercise).name).c_str()) << exercise;
    }
    /// What is drawn is not asked about: its sitting is the mean over the shapes, with its standard error.
    void aDrawingIsASittingOfItsOwn() {
        std::vector<Answer> measured;
        for (const double off : {1.0, 2.0, 3.0, 2.0}) measured.push_back({Exercise::fromMemory, 7, 8, off, off <= 2});
        const auto sittings = sittingsOf(measured);
        QCOMPARE(sittings.size(), std::size_t(1));
        QVERIFY(sittings[0].isEnough && sittings[0].trials == 4);
        QCOMPARE(sittings[0].threshold.middle, 2.0);
        const double error = std::sqrt(2.0 / 3.0 / 4.0);
        QVERIFY(std::fabs(sittings[0].threshold.most - (2 + 1.645 * error)) < 1e-12);
        QVERIFY(std::fabs(sittings[0].threshold.least - (2 - 1.645 * error)) < 1e-12);
        const auto training = trainingOf(sittings, {}, 9);
        const auto own = std::ranges::find(training, Exercise::fromMemory, &Training::exercise);
        QVERIFY(own->due > 9);
        QVERIFY(!canAsk(Exercise::fromMemory, {}));
    }

    void theRightAnswerIsTrue() {
        QFETCH(Exercise, exercise);
        const Sources sources = someSources();
        const Scale scale = factsOf(exercise).scale;
        std::vector<int> rights(std::size_t(scale.choices), 0);
        double logOff = 0;
        int counted = 0;
        for (unsigned seed = 0; seed < 200; ++seed) {
            const double asked = scale.least * std::pow(scale.most / scale.least, (seed % 20) / 19.0);
            const Question question = ask(exercise, asked, sources, seed);
            QVERIFY(question.right >= 0 && question.right < scale.choices);
            ++rights[std::size_t(question.right)];
            QVERIFY(question.apart > 0);
            if (seed % 20 > 2 && seed % 20 < 14) {
                logOff += std::fabs(std::log2(question.apart / asked));
                ++counted;
            }
            for (const Lab& lab : question.shown) {
                const colour::Srgb srgb = colour::srgbFromLab(lab);
                QVERIFY(std::min({srgb.r, srgb.g, srgb.b}) > -1e-3 && std::max({srgb.r, srgb.g, srgb.b}) < 1 + 1e-3);
            }
            checkTruth(question, sources);
            if (QTest::currentTestFailed()) return;
        }
        for (const int count : rights) QVERIFY(count > 200 / scale.choices / 2);
        // Things stand about as far apart as was asked for; what depends on sticks as far as there are such.
        const bool isOfFew = exercise == Exercise::nearestStick || exercise == Exercise::masses;
        const double most = isOfFew ? 2 : 0.3;  // octaves
        QVERIFY2(logOff / counted < most, qPrintable(QString::number(logOff / counted)));
        const Question one = ask(exercise, 1, sources, 5), same = ask(exercise, 1, sources, 5);
        QCOMPARE(one.right, same.right);
        QVERIFY(one.shown == same.shown);
    }

    void whatAPictureCannotTellIsNotAsked() {
        Sources sources = someSources();
        QVERIFY(canAsk(Exercise::masses, sources) && canAsk(Exercise::nearerSheet, sources));
        sources.areas.setTo(0);  // one mass alone
        QVERIFY(!canAsk(Exercise::masses, sources));
        sources = someSources();
        sources.squinted.setTo(cv::Scalar(50, 0, 0));  // all of one value
        QVERIFY(!canAsk(Exercise::masses, sources));
        sources.squinted = cv::Mat();
        QVERIFY(!canAsk(Exercise::masses, sources) && !canAsk(Exercise::nearerSheet, sources));
    }

    void sittingsAndWhatIsDueFollowFromTheAnswers() {
        constexpr std::int64_t day = 24 * 3600 * 1000, first = 1'780'000'000'000;
        QVERIFY(trainingOf({}, {}, first).size() == exerciseCount);
        std::vector<Answer> answers;
        // A sitting of ten answers is none yet.
        for (int i = 0; i < 10; ++i) answers.push_back(answerOf(Exercise::plumb, first, i, 1, true));
        QVERIFY(!sittingsOf(answers).front().isEnough);
        const auto of = [](const std::vector<Training>& all, Exercise exercise) {
            return *std::ranges::find(all, exercise, &Training::exercise);
        };
        QCOMPARE(of(trainingOf(sittingsOf(answers), {}, first), Exercise::plumb).due, 0);
        // Two sittings of a steady observer: again after one day, then after two.
        answers.clear();
        const auto sit = [&](std::int64_t begun, double threshold) {
            Staircase staircase(factsOf(Exercise::plumb).scale);
            std::mt19937 random(unsigned(begun / day));
            std::uniform_real_distribution<double> chance(0, 1);
            const Observer observer{threshold, 3.5, 0.5, 0.02};
            for (int i = 0; !isEnough(staircase); ++i) {
                answers.push_back(answerOf(Exercise::plumb, begun, i, staircase.next(), false));
                answers.back().isRight = chance(random) < observer.rightAt(answers.back().apart);
                staircase.answer(answers.back().apart, answers.back().isRight);
            }
        };
        sit(first, 1);
        QCOMPARE(of(trainingOf(sittingsOf(answers), {}, first), Exercise::plumb).due, first + day);
        sit(first + 2 * day, 0.9);
        QCOMPARE(of(trainingOf(sittingsOf(answers), {}, first + 2 * day), Exercise::plumb).due, first + 4 * day);
        // What is repeated before it is due proves nothing new.
        sit(first + 3 * day, 0.9);
        QCOMPARE(of(trainingOf(sittingsOf(answers), {}, first + 3 * day), Exercise::plumb).due, first + 5 * day);
        // One that has become much worse comes again after a day.
        sit(first + 5 * day, 6);
        QCOMPARE(of(trainingOf(sittingsOf(answers), {}, first + 5 * day), Exercise::plumb).due, first + 6 * day);
        QCOMPARE(sittingsOf(answers).size(), 4u);
        // What is worst, and what Check has noticed, stands first.
        QCOMPARE(trainingOf(sittingsOf(answers), {}, first + 7 * day).front().exercise, Exercise::plumb);
        QCOMPARE(trainingOf({}, {{Exercise::warmer, 1}}, first).front().exercise, Exercise::warmer);
    }

 private:
    static void checkTruth(const Question& question, const Sources& sources) {
        const auto& shown = question.shown;
        const auto right = std::size_t(question.right), wrong = 1 - right;
        const auto value = [](const Lab& lab) { return colour::munsellValueOfLightness(lab.L); };
        const auto length = [&](int i) {
            const Line& line = question.lines[std::size_t(i)];
            return std::hypot(line.x2 - line.x1, line.y2 - line.y1);
        };
        switch (question.exercise) {
            case Exercise::lighter:
            case Exercise::lighterOnGrounds:
                QVERIFY(std::fabs(value(shown[right]) - value(shown[wrong]) - question.apart) < 1e-6);
                break;
            case Exercise::valueOfColour:
                QVERIFY(std::fabs(value(shown[right]) - value(question.given[0])) < 0.01);
                QVERIFY(std::fabs(std::fabs(value(shown[wrong]) - value(shown[right])) - question.apart) < 1e-3);
                break;
            case Exercise::order: {
                int rises = 0;
                for (std::size_t i = 0; i + 1 < shown.size(); ++i)
                    if (shown[i].L < shown[i + 1].L) {
                        ++rises;
                        QCOMPARE(i, right);
                    }
                QCOMPARE(rises, 1);
                break;
            }
            case Exercise::warmer:
                QVERIFY(colour::warmth(shown[right]) > colour::warmth(shown[wrong]));
                QVERIFY(std::fabs(shown[right].L - shown[wrong].L) < 1e-9);
                break;
            case Exercise::duller:
                QVERIFY(colour::chroma(shown[right]) < colour::chroma(shown[wrong]));
                QVERIFY(colour::hueDistance(colour::hue(shown[right]), colour::hue(shown[wrong])) < 1 ||
                        colour::chroma(shown[right]) < 1);
                break;
            case Exercise::nearestStick:
                for (std::size_t i = 0; i < shown.size(); ++i)
                    if (i != right)
                        QVERIFY(colour::differenceCie2000(question.given[0], shown[i]) >=
                                colour::differenceCie2000(question.given[0], shown[right]) + question.apart - 1e-9);
                break;
            case Exercise::mixture: {
                // Some two of the sticks give it, laid by the film.
                int given = 0;
                for (const materials::Material& under : sources.sticks)
                    for (const materials::Material& over : sources.sticks) {
                        if (colour::labFromSrgb8(under.masstone) != question.given[0] ||
                            colour::labFromSrgb8(over.masstone) != question.given[1])
                            continue;
                        pigment::Patch patch = pigment::barePatch(sources.paper);
                        const pigment::Pigment first = pigment::pigmentOf(under), second = pigment::pigmentOf(over);
                        pigment::lay(patch, {&first, pigment::Manner::press, pigment::Pressure::medium});
                        pigment::lay(patch, {&second, pigment::Manner::scumble, pigment::Pressure::medium});
                        given += colour::differenceCie2000(pigment::labOf(patch, colour::Light::daylight65),
                                                           shown[right]) < 1e-6
                                     ? 1
                                     : 0;
                    }
                QVERIFY(given > 0);
                break;
            }
            case Exercise::masses: {
                const auto at = [&](std::size_t i) {
                    const cv::Point2d& place = question.places[i];
                    return sources.squinted.at<cv::Vec3f>(int(place.y * 90), int(place.x * 120));
                };
                const auto is = [&](std::size_t i) { return colour::munsellValueOfLightness(double(at(i)[0])); };
                QVERIFY(std::fabs(is(wrong) - is(right) - question.apart) < 1e-3);
                break;
            }
            case Exercise::nearerSheet: {
                // As a person with a colour meter would: the mean of CIEDE2000 over many places.
                const auto off = [&](std::size_t sheet) {
                    double sum = 0;
                    int places = 0;
                    for (int y = 2; y < 90; y += 4)
                        for (int x = 2; x < 120; x += 4, ++places) {
                            const auto lab = [&](const cv::Mat& picture) {
                                const cv::Vec3b& rgb = picture.at<cv::Vec3b>(y, x);
                                return colour::labFromSrgb8({rgb[0], rgb[1], rgb[2]});
                            };
                            sum +=
                                colour::differenceCie2000(lab(question.pictures[0]), lab(question.pictures[sheet + 1]));
                        }
                    return sum / places;
                };
                QVERIFY(std::fabs(off(wrong) - off(right) - question.apart) < 0.1);
                break;
            }
            case Exercise::plumb: {
                const Line& line = question.lines[0];
                const bool leansRight = (line.x1 - line.x2) * (line.y1 - line.y2) < 0;
                QCOMPARE(leansRight, right == 1);
                break;
            }
            case Exercise::centre: {
                const Line &line = question.lines[0], &mark = question.lines[1];
                const double to = std::hypot((mark.x1 + mark.x2) / 2 - line.x1, (mark.y1 + mark.y2) / 2 - line.y1);
                QCOMPARE(to > length(0) / 2, right == 1);
                break;
            }
            case Exercise::angle: {
                const auto opens = [&](std::size_t side) {
                    const Line &one = question.lines[2 * side], &other = question.lines[2 * side + 1];
                    const double dot =
                        (one.x2 - one.x1) * (other.x2 - other.x1) + (one.y2 - one.y1) * (other.y2 - other.y1);
                    return std::acos(dot / length(int(2 * side)) / length(int(2 * side + 1))) * 180 / M_PI;
                };
                QVERIFY(std::fabs(opens(right) - opens(wrong) - question.apart) < 1e-6);
                break;
            }
            case Exercise::length:
                QCOMPARE(length(0) > question.units * length(1), right == 0);
                break;
            case Exercise::fromMemory:
                QFAIL("It is drawn, and not asked.");
        }
    }
};

QTEST_GUILESS_MAIN(TestPractice)
#include "test_practice.moc"
