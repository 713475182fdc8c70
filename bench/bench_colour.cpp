#include <benchmark/benchmark.h>
#include <lcms2.h>

#include <opencv2/core/utility.hpp>
#include <opencv2/imgproc.hpp>
#include <vector>

#include "colour/difference.h"
#include "colour/difference_map.h"
#include "colour/image_colour.h"
#include "colour/reflectance.h"
#include "pictures.h"
#include "ratios.h"

namespace {

using colour::Lab;

std::vector<Lab> colours() {
    cv::RNG random(3);
    std::vector<Lab> labs(4096);
    for (Lab& lab : labs) lab = {random.uniform(0.0, 100.0), random.uniform(-80.0, 80.0), random.uniform(-80.0, 80.0)};
    return labs;
}

/// Calls `one(i)` for 4,096 colours in turn.
template <typename One>
void perColour(benchmark::State& state, One one) {
    std::size_t i = 0;
    for (auto _ : state) {
        benchmark::DoNotOptimize(one(i));
        i = (i + 1) % 4096;
    }
    state.SetItemsProcessed(state.iterations());
}

double littleCmsDifference(const Lab& one, const Lab& other) {
    const cmsCIELab p{one.L, one.a, one.b}, q{other.L, other.a, other.b};
    return cmsCIE2000DeltaE(&p, &q, 1, 1, 1);
}

void registerColours() {
    static const std::vector<Lab> labs = colours();
    static const auto pairwise = [](double (*difference)(const Lab&, const Lab&)) {
        return [difference](benchmark::State& state) {
            perColour(state, [&](std::size_t i) { return difference(labs[i], labs[(i * 7 + 1) % 4096]); });
        };
    };
    benchmark::RegisterBenchmark("difference/differenceCie2000", pairwise(&colour::differenceCie2000));
    benchmark::RegisterBenchmark("difference/cmsCIE2000DeltaE", pairwise(&littleCmsDifference));

    benchmark::RegisterBenchmark("recovery/reflectanceFromSrgb", [](benchmark::State& state) {
        perColour(state, [](std::size_t i) {
            return colour::reflectanceFromSrgb({double(i % 16) / 15, double(i / 16 % 16) / 15, double(i / 256) / 15});
        });
    });
    benchmark::RegisterBenchmark("recovery/cmsCIE2000DeltaE", pairwise(&littleCmsDifference));
}

void registerMaps() {
    static const auto pictures = [] {
        auto one = colour::labImage(bench::photograph(4000, 3000), {}, "");
        auto other = colour::labImage(bench::photograph(4000, 3000) * 0.95, {}, "");
        return std::pair(*std::move(one), *std::move(other));
    };
    benchmark::RegisterBenchmark("map of 12 megapixels/differenceMap, one thread", [](benchmark::State& state) {
        const auto [one, other] = pictures();
        cv::Mat map;
        for (auto _ : state) colour::differenceMap(one, other, map);
    })->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("map of 12 megapixels/cmsCIE2000DeltaE, a loop", [](benchmark::State& state) {
        const auto [one, other] = pictures();
        cv::Mat map(one.size(), CV_32FC1);
        for (auto _ : state)
            for (int y = 0; y < one.rows; ++y)
                for (int x = 0; x < one.cols; ++x) {
                    const auto& p = one.at<cv::Vec3f>(y, x);
                    const auto& q = other.at<cv::Vec3f>(y, x);
                    map.at<float>(y, x) = float(littleCmsDifference({p[0], p[1], p[2]}, {q[0], q[1], q[2]}));
                }
    })->Unit(benchmark::kMillisecond);
}

void registerPictures(const std::string& subject, int width, int height) {
    const auto with = [width, height](auto convert) {
        return [=](benchmark::State& state) {
            const cv::Mat picture = bench::photograph(width, height);
            for (auto _ : state) convert(picture);
        };
    };
    const auto add = [&](const char* runner, auto convert) {
        benchmark::RegisterBenchmark((subject + "/" + runner).c_str(), with(convert))->Unit(benchmark::kMillisecond);
    };
    add("labImage, one thread",
        [](const cv::Mat& picture) { benchmark::DoNotOptimize(colour::labImage(picture, {}, "")); });
    add("OpenCV convertTo and cvtColor in float, one thread", [](const cv::Mat& picture) {
        cv::Mat real, lab;
        picture.convertTo(real, CV_32F, 1.0 / 255);
        cv::cvtColor(real, lab, cv::COLOR_BGR2Lab);
        benchmark::DoNotOptimize(lab.data);
    });
    add("Little CMS in float", [](const cv::Mat& picture) {
        const cmsHPROFILE source = cmsCreate_sRGBProfile(), target = cmsCreateLab4Profile(nullptr);
        const cmsHTRANSFORM transform = cmsCreateTransform(source, TYPE_BGR_8, target, TYPE_Lab_FLT,
                                                           INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOCACHE);
        cv::Mat lab(picture.size(), CV_32FC3);
        cmsDoTransform(transform, picture.data, lab.data, cmsUInt32Number(picture.total()));
        cmsDeleteTransform(transform);
        cmsCloseProfile(source);
        cmsCloseProfile(target);
    });
}

}  // namespace

int main(int argc, char** argv) {
    cv::setNumThreads(1);
    registerColours();
    registerMaps();
    registerPictures("Lab of 12 megapixels", 4000, 3000);
    registerPictures("Lab of 24 megapixels", 6000, 4000);
    return bench::runWithRatios(argc, argv);
}
