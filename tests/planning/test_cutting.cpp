#include <QtTest>

#include "planning/cutting.h"
#include "planning/papers.h"
#include "planning/planner.h"
#include "small_study.h"

using namespace planning;
using materials::FibreDirection;

namespace {

materials::Paper sheetOf(double width, double height, FibreDirection fibres = FibreDirection::unknown) {
    materials::Paper paper;
    paper.id = "sheet";
    paper.sheetWidthMillimetres = width;
    paper.sheetHeightMillimetres = height;
    paper.fibres = fibres;
    return paper;
}

Study pictureOf(double width, double height, double border = 0, int series = 1) {
    Study study;
    study.widthMillimetres = width;
    study.heightMillimetres = height;
    study.borderMillimetres = border;
    study.series = series;
    return study;
}

Plan planIn(const Study& study, const materials::Library& library, Kept& kept) {
    auto plan = makePlan(study, library, kept);
    if (!plan) qFatal("the study must plan");
    return *std::move(plan);
}

}  // namespace

class TestCutting : public QObject {
    Q_OBJECT

 private Q_SLOTS:
    /// ISO 216: a sheet of one size is cut into 2^n pieces n sizes smaller (its table, in millimetres).
    void sheetsOfIso216() {
        const cv::Size2d sizes[] = {{841, 1189}, {594, 841}, {420, 594}, {297, 420}, {210, 297}, {148, 210}};
        for (int sheet = 0; sheet < 6; ++sheet)
            for (int piece = sheet; piece < 6; ++piece) {
                const Cutting cutting =
                    cuttingOf(pictureOf(sizes[piece].width, sizes[piece].height),
                              sheetOf(sizes[sheet].width, sizes[sheet].height), materials::Library{});
                QCOMPARE(cutting.pieces(), 1 << (piece - sheet));
                QCOMPARE(cutting.isTurned, (piece - sheet) % 2 == 1);
            }
    }

    /// Pieces lie in the sheet and beside each other, and what is left lies beside them.
    void piecesKeepClearOfEachOther() {
        for (const auto& [study, sheet] : {std::pair(pictureOf(400, 300, 15), sheetOf(650, 980)),
                                           {pictureOf(300, 400, 0), sheetOf(500, 650)},
                                           {pictureOf(240, 180, 10, 7), sheetOf(500, 650)},
                                           {pictureOf(499.5, 650), sheetOf(500, 650)}}) {
            const Cutting cutting = cuttingOf(study, sheet, {});
            QVERIFY(cutting.pieces() > 0);
            const cv::Rect2d whole({0, 0}, cutting.sheet);
            std::vector<cv::Rect2d> places{cutting.rest};
            for (int row = 0; row < cutting.rows; ++row)
                for (int column = 0; column < cutting.columns; ++column) places.push_back(cutting.place(column, row));
            for (std::size_t i = 0; i < places.size(); ++i) {
                QCOMPARE(places[i] & whole, places[i]);
                for (std::size_t j = 0; j < i; ++j) QVERIFY((places[i] & places[j]).area() < 1e-9);
            }
            QCOMPARE(cutting.sheetsNeeded, (study.series + cutting.pieces() - 1) / cutting.pieces());
            const double used = cutting.pieces() * cutting.piece.area();
            QVERIFY(used <= whole.area() + 1e-6 && cutting.rest.area() <= whole.area() - used + 1e-6);
        }
    }

    /// Of two ways that give as many pieces, the one in which the fibres run along the picture's long side.
    void fibresRunAlongTheLongSide() {
        const Study study = pictureOf(400, 300);
        const Cutting across = cuttingOf(study, sheetOf(500, 500, FibreDirection::alongHeight), {});
        QVERIFY(across.isTurned && across.fibres == FibreDirection::alongWidth);
        const Cutting along = cuttingOf(study, sheetOf(500, 500, FibreDirection::alongWidth), {});
        QVERIFY(!along.isTurned && along.fibres == FibreDirection::alongWidth);
        // More pieces count more.
        const Cutting more = cuttingOf(study, sheetOf(400, 600, FibreDirection::alongHeight), {});
        QVERIFY(!more.isTurned && more.pieces() == 2 && more.fibres == FibreDirection::alongHeight);
    }

    void theBorderTakesRoom() {
        QCOMPARE(cuttingOf(pictureOf(400, 300), sheetOf(400, 300), {}).pieces(), 1);
        QVERIFY(cuttingOf(pictureOf(400, 300, 1), sheetOf(400, 300), {}).isTooSmall());
        QVERIFY(!cuttingOf(pictureOf(400, 300, 1), materials::Paper{}, {}).isTooSmall());  // nobody said how large
    }

    /// The back is cut from the front's sheets.
    void theOtherSideIsTheSameSheet() {
        materials::Library library;
        library.papers = {sheetOf(500, 650), {}};
        library.papers[0].sheets = 2;
        library.papers[1].id = "back";
        library.papers[1].otherSideOf = "sheet";
        const Cutting cutting = cuttingOf(pictureOf(400, 300, 0, 6), library.papers[1], library);
        QCOMPARE(cutting.sheet, cv::Size2d(500, 650));
        QCOMPARE(cutting.sheetsNeeded, 3);
        QVERIFY(cutting.isShort());
    }

    /// In a plan: a sheet that is too small stands behind those that are not, and a plan that is to lie on it says so;
    /// so does one for which there are too few.
    void thePlanMindsItsSheets() {
        materials::Library library = smallLibrary();
        Study study = smallStudy();
        study.paper.clear();
        study.approach.ground = Ground::none;
        Kept kept;
        const std::string best = planIn(study, library, kept).paper.id;
        for (materials::Paper& paper : library.papers) {
            paper.sheetWidthMillimetres = paper.id == best ? 200 : 500;
            paper.sheetHeightMillimetres = 650;
            paper.sheets = 1;
        }
        Kept anew;
        study.borderMillimetres = 20;
        study.series = 50;
        const Plan plan = planIn(study, library, anew);
        QVERIFY(plan.paper.id != best);
        QCOMPARE(plan.papers->back().paper.id, best);
        QVERIFY(plan.papers->back().reasons.front().kind == PaperReasonKind::sheetTooSmall);
        const auto says = [](const Plan& of, NoteTopic topic) {
            return std::ranges::any_of(of.notes, [&](const Note& note) { return note.topic == topic; });
        };
        QVERIFY(says(plan, NoteTopic::sheetsShort) && !says(plan, NoteTopic::sheetTooSmall));
        study.paper = best;
        QVERIFY(says(planIn(study, library, anew), NoteTopic::sheetTooSmall));
    }
};

QTEST_GUILESS_MAIN(TestCutting)
#include "test_cutting.moc"
