#include <QtTest>
#include <array>
#include <opencv2/imgproc.hpp>

#include "colour/difference.h"
#include "planning/construction.h"
#include "planning/reading.h"
#include "subject/attention.h"
#include "subject/groupings.h"
#include "subject/measures.h"
#include "subject/outlines.h"
#include "subject/planes.h"
#include "subject/triad.h"
#include "worked.h"

using namespace planning;

namespace {

Study studyOf(const char* picture) {
    Study study;
    QFile file(QStringLiteral(TEST_DATA "/demo/") + picture);
    if (!file.open(QIODevice::ReadOnly)) qFatal("the demo picture must be there");
    const QByteArray bytes = file.readAll();
    study.reference =
        std::make_shared<ReferenceFile>(ReferenceFile{picture, common::Bytes(bytes.begin(), bytes.end())});
    study.areas = 9;
    return study;
}

Worked& place(Worked& worked, const subject::Place& at) {
    return worked.figure(at.x).figure(at.y);
}

void addAreas(Worked& worked, const Reading& reading) {
    const auto extents = subject::extentsOf(reading.areas.map, int(reading.areas.list.size()));
    const auto triads = subject::triadsOf(reading.areas, reading.lab);
    for (std::size_t i = 0; i < reading.areas.list.size(); ++i) {
        const subject::Area& area = reading.areas.list[i];
        worked.line("area").figures(std::array{area.share, area.centreX, area.centreY}).figures(area.colour);
        worked.figures(std::array{double(area.plane), double(area.focal), double(area.kind), double(area.together)});
        worked.line("  beside");
        for (const int neighbour : area.neighbours) worked.figure(neighbour);
        worked.line("  reaches")
            .figures(std::array{extents[i].left, extents[i].right, extents[i].top, extents[i].bottom});
        const subject::Triad& triad = triads[i];
        worked.line("  triad").figures(triad.dark.colour).figures(triad.medium.colour).figures(triad.light.colour);
        worked.figure(triad.lightWarmer);
        worked.line("  outlines").figure(double(subject::outlinesOf(reading.areas.map, int(i)).size()));
    }
}

void addMasses(Worked& worked, const Reading& reading) {
    worked.line("masses").figures(reading.masses.values).figures(reading.masses.shares).figures(reading.masses.upTo);
    const subject::Contrast contrast = subject::contrastOf(reading.masses);
    worked.line("contrast").figures(std::array{contrast.darkest, contrast.lightest, contrast.key});
    worked.figures(std::array{contrast.dark, contrast.medium, contrast.light});
    for (int g = 0; g < subject::groupingCount; ++g)
        worked.line("grouping")
            .figures(subject::thresholdsFor(subject::Grouping(g), reading.wantedSquinted,
                                            int(reading.masses.values.size())));
}

void addJudgements(Worked& worked, const Study& study, const Reading& reading) {
    if (const auto strongest = subject::strongestContrast(reading.wantedSquinted, reading.areas))
        place(worked.line("strongest"), strongest->place)
            .figures(std::array{strongest->steps, strongest->atFocal, double(strongest->isFocal)});
    for (const subject::PlaneFault& fault : subject::planeFaults(reading.areas, reading.wanted))
        worked.line("plane fault").figures(std::array{double(fault.area), double(fault.kind), fault.by});
    if (const auto horizon = subject::horizonOf(reading.areas)) worked.line("horizon").figure(*horizon);
    const Construction construction = constructionOf(study, reading);
    worked.line("construction").figure(double(construction.marks.size()));
    for (const int object : construction.objects) worked.figure(object);
    for (const ConstructionMark& mark : construction.marks)
        if (mark.kind != ConstructionMark::Kind::outline) {
            worked.line("  mark").figures(
                std::array{double(mark.kind), double(mark.area), mark.millimetres, mark.units});
            place(place(worked, mark.path.front()), mark.path.back());
        }
}

/// What the pictures of a reading hold at places all over them.
void addPictures(Worked& worked, const Reading& reading) {
    for (const cv::Mat& picture : {reading.lab, reading.squinted, reading.wanted, reading.wantedSquinted}) {
        worked.line("picture");
        for (int y = 1; y < 8; y += 2)
            for (int x = 1; x < 10; x += 3) {
                const cv::Rect box(picture.cols * x / 10, picture.rows * y / 8, 12, 12);
                const cv::Scalar mean = cv::mean(picture(box));
                worked.figures(colour::Lab{mean[0], mean[1], mean[2]});
            }
    }
}

QString held(const Study& study, const char* file, Kept& kept) {
    const auto reading = readSubject(study, kept);
    if (!reading) return QStringLiteral("the study is not read");
    Worked worked;
    addAreas(worked, **reading);
    addMasses(worked, **reading);
    addJudgements(worked, study, **reading);
    addPictures(worked, **reading);
    return worked.against(QStringLiteral(TEST_OWN "/planning/worked/") + file, 5e-3, 2e-3);
}

}  // namespace

/// Readings of the demo pictures, as they were looked at.
class TestReadings : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    void theKettleIsReadAsItWasLookedAt() {
        Study study = studyOf("kettle.png");
        Kept first, whole;
        QCOMPARE(held(study, "kettle.txt", whole), QString());
        // The picture alone is there first, and is the same.
        const auto picture = readReference(study, first);
        const auto reading = readSubject(study, whole);
        QVERIFY(picture.ok() && reading.ok());
        QCOMPARE(cv::norm(*picture, (*reading)->picture, cv::NORM_INF), 0.0);
        study.frame = {0.45, 0.55, 0.7, 4, colour::Xyz{0.5, 0.5, 0.45}};
        study.widthMillimetres = 300;
        study.valueLevels = 4;
        study.squint = 0.7;
        study.areas = 7;
        study.measures = {{{0.2, 0.3}, {0.2, 0.7}}, {{0.1, 0.5}, {0.6, 0.5}}};
        study.unit = 0;
        Kept kept;
        QCOMPARE(held(study, "kettle-turned.txt", kept), QString());
    }

    /// A corrected study as the second version of the files has it: its areas stay where they were.
    void theHillsAreReadAsTheyWereLookedAt() {
        using subject::AreaEdit;
        Study study = studyOf("hills.png");
        study.parting = subject::Parting::byColour;
        study.areaEdits = {
            {AreaEdit::Kind::border, {{{0.2, 0.55}, {0.4, 0.55}, {0.4, 0.75}, {0.2, 0.75}}}},
            {AreaEdit::Kind::part, {{{0.5, 0.8}, {0.6, 0.8}}, {{0.5, 0.95}, {0.6, 0.95}}}},
            {AreaEdit::Kind::join, {{{0.1, 0.1}, {0.9, 0.15}}}},
            {AreaEdit::Kind::grow, {{{0.3, 0.65}, {0.5, 0.6}, {0.5, 0.8}}}},
            {AreaEdit::Kind::cutOut, {{{0.55, 0.35}, {0.85, 0.35}, {0.85, 0.65}, {0.55, 0.65}}}},
        };
        study.thresholds = {3.5, 5, 6.5};
        study.colour = {1.2, 0.8, 0.5, -6};
        study.areaChoices = {
            {0.3, 0.65, "field", subject::Plane::middle, true, subject::AreaKind::foliage, {0.7, 1.3, -1, 8}}};
        study.others = {studyOf("kettle.png").reference};
        study.areaChoices.push_back(
            {0.5, 0.95, "", {}, false, subject::AreaKind::other, {}, Borrowing{0, {{0.2, 0.2}, {0.8, 0.6}}}});
        study.pairs = {{{0.5, 0.95}, {0.3, 0.65}}};
        Kept kept;
        QCOMPARE(held(study, "hills-changed.txt", kept), QString());
    }
};

QTEST_GUILESS_MAIN(TestReadings)
#include "test_readings.moc"
