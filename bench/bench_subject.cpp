#include <benchmark/benchmark.h>

#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "pictures.h"
#include "planning/planner.h"
#include "ratios.h"

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

}  // namespace

int main(int argc, char** argv) {
    static const common::Bytes bytes = jpegFile(6000, 4000);
    static const planning::Study study = studyOf(bytes);
    const auto add = [](const char* name, auto work) {
        benchmark::RegisterBenchmark((std::string("24-megapixel JPEG/") + name).c_str(),
                                     [work](benchmark::State& state) {
                                         for (auto _ : state) work();
                                     })
            ->Unit(benchmark::kMillisecond)
            ->UseRealTime();
    };
    add("file to masses and areas", [] {
        planning::Kept kept;
        benchmark::DoNotOptimize(planning::readSubject(study, kept).ok());
    });
    add("file to the first picture", [] {
        planning::Kept kept;
        benchmark::DoNotOptimize(planning::readReference(study, kept).ok());
    });
    add("OpenCV, decoded and once to Lab in float", [] {
        cv::Mat picture = cv::imdecode(bytes, cv::IMREAD_COLOR), real, lab;
        picture.convertTo(real, CV_32F, 1.0 / 255);
        cv::cvtColor(real, lab, cv::COLOR_BGR2Lab);
        benchmark::DoNotOptimize(lab.data);
    });
    return bench::runWithRatios(argc, argv);
}
