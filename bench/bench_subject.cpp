#include <benchmark/benchmark.h>

#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "pictures.h"
#include "planning/fades.h"
#include "planning/planner.h"
#include "ratios.h"
#include "storage/library_csv.h"

namespace {

common::Bytes jpegFile(int width, int height) {
    common::Bytes bytes;
    cv::imencode(".jpg", bench::photograph(width, height), bytes, {cv::IMWRITE_JPEG_QUALITY, 90});
    return bytes;
}

planning::Study studyOf(const common::Bytes& bytes) {
    planning::Study study;
    study.reference = std::make_shared<planning::ReferenceFile>(planning::ReferenceFile{"big.jpg", bytes});
    return study;
}

const planning::Study& softStudy() {
    static const planning::Study study = [] {
        cv::Mat soft;
        cv::GaussianBlur(bench::photograph(1024, 768), soft, {}, 12);
        common::Bytes bytes;
        cv::imencode(".png", soft, bytes);
        planning::Study made = studyOf(bytes);
        made.areas = 12;
        return made;
    }();
    return study;
}

planning::Plan softPlan() {
    planning::Kept kept;
    auto plan = planning::makePlan(softStudy(), *storage::readLibraryFolder(storage::dataFolder() / "materials"), kept);
    if (!plan) std::abort();
    return *std::move(plan);
}

}  // namespace

int main(int argc, char** argv) {
    static const common::Bytes bytes = jpegFile(6000, 4000);
    static const planning::Study study = studyOf(bytes);
    const auto add = [](const char* name, auto work) {
        benchmark::RegisterBenchmark(name,
                                     [work](benchmark::State& state) {
                                         for (auto _ : state) work();
                                     })
            ->Unit(benchmark::kMillisecond)
            ->UseRealTime();
    };
    add("24-megapixel JPEG/file to masses and areas", [] {
        planning::Kept kept;
        benchmark::DoNotOptimize(planning::readSubject(study, kept).ok());
    });
    add("24-megapixel JPEG/file to masses and areas by colour", [] {
        planning::Study byColour = study;
        byColour.parting = subject::Parting::byColour;
        planning::Kept kept;
        benchmark::DoNotOptimize(planning::readSubject(byColour, kept).ok());
    });
    add("24-megapixel JPEG/file to the first picture", [] {
        planning::Kept kept;
        benchmark::DoNotOptimize(planning::readReference(study, kept).ok());
    });
    add("24-megapixel JPEG/OpenCV, decoded and once to Lab in float", [] {
        cv::Mat picture = cv::imdecode(bytes, cv::IMREAD_COLOR), real, lab;
        picture.convertTo(real, CV_32F, 1.0 / 255);
        cv::cvtColor(real, lab, cv::COLOR_BGR2Lab);
        benchmark::DoNotOptimize(lab.data);
    });
    // Twelve areas of a picture without hard edges, whose layers all run out into each other.
    static const planning::Plan plan = softPlan();
    static planning::Plan faded = plan;
    add("soft edges/run out", [] { planning::fadeEdges(faded, softStudy(), plan.reading->wanted); });
    add("soft edges/OpenCV, one Gaussian over the pressures", [] {
        cv::Mat blurred;
        for (const cv::Mat& map : plan.pressures) cv::GaussianBlur(map, blurred, {}, 20);
    });
    return bench::runWithRatios(argc, argv);
}
