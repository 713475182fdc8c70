// Not a test: what the odds by which areas join (src/subject/fitted_odds.inc) are fitted to, and how near they come.
//     fit_areas turns SCENE.jpg...    beside each SCENE.png, the map of its things (random_scenes makes both). The
//                                     pieces of every scene join by the odds so far, but never wrongly; of each pair
//                                     whose turn it was a line is printed: touching or apart, the scene's name, whether
//                                     it was two things, its weight and its terms (as J. Nunez-Iglesias et al., 2013)
//     fit_areas tell SCENE.jpg...     how well areas cover the things of scenes, and how much of their borders is found
//                                     (of each scene, with TELL=1 in the environment)
#include <algorithm>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <filesystem>
#include <map>
#include <opencv2/imgcodecs.hpp>
#include <span>
#include <string>
#include <vector>

#include "colour/image_colour.h"
#include "partings.h"
#include "subject/area_tree.h"
#include "subject/areas.h"
#include "subject/joining.h"
#include "subject/squint.h"
#include "subject/superpixels.h"

namespace {

using namespace subject;

struct KnownScene {
    std::string name;
    cv::Mat lab, truth;
    int parts = 0;   // of the map
    int things = 0;  // of which anything is seen
};

/// How many pixels of each thing a region has.
using Things = std::map<int, double>;

std::vector<Things> thingsIn(const cv::Mat& pieces, const cv::Mat& truth) {
    std::vector<Things> things(static_cast<std::size_t>(labelCount(pieces)));
    for (int y = 0; y < pieces.rows; ++y)
        for (int x = 0; x < pieces.cols; ++x) things[std::size_t(pieces.at<int>(y, x))][truth.at<int>(y, x)] += 1;
    return things;
}

int mostOf(const Things& things) {
    return std::ranges::max_element(things, {}, &Things::value_type::second)->first;
}

double purity(const Things& things) {
    double all = 0;
    for (const auto& [thing, pixels] : things) all += pixels;
    return things.at(mostOf(things)) / all;
}

void printTurn(const char* kind, const KnownScene& scene, bool isTwo, double weight, std::span<const float> terms) {
    std::printf("%s %s %d %.4g", kind, std::filesystem::path(scene.name).stem().c_str(), int(isTwo), weight);
    for (const float term : terms) std::printf(" %.5g", term);
    std::printf("\n");
}

void printTurns(const KnownScene& scene) {
    constexpr double squint = 0.3;  // as in area_tree.cpp
    const cv::Mat soft = squinted(scene.lab, squint);
    const cv::Mat pieces = piecesOf(soft);
    Regions regions(pieces, labelCount(pieces), scene.lab, soft);
    std::vector<Things> things = thingsIn(pieces, scene.truth);
    const auto join = [&](int kept, int gone) {
        Things& mine = things[std::size_t(kept)];
        Things& others = things[std::size_t(gone)];
        const Region& one = regions.all[std::size_t(kept)];
        const Region& other = regions.all[std::size_t(gone)];
        const Border& border = one.borders.at(gone);
        const bool isTwo = mostOf(mine) != mostOf(others);
        constexpr double pure = 0.8;
        if (purity(mine) > pure && purity(others) > pure) {
            const double weight = std::sqrt(std::min(one.pixels, other.pixels) / double(pieces.total()));
            if (border.pixels > 0)
                printTurn("touching", scene, isTwo, weight, regions.termsTouching(one, other, border));
            if (Regions::mayBeOneGround(one, other, border))

                printTurn("apart", scene, isTwo, weight, regions.termsApart(one, other, border));
        }
        if (isTwo) return false;
        for (const auto& [thing, pixels] : others) mine[thing] += pixels;
        return true;
    };
    joinPieces(regions, join);
    joinAreas(regions, join);
}

void tell(const std::vector<KnownScene>& scenes) {
    double covering = 0, recall = 0;
    for (const KnownScene& scene : scenes) {
        const AreaTree tree = areaTreeOf(scene.lab);
        int count = 0;
        const cv::Mat found = numberedAsMet(regionsAt(tree, scene.things), count);
        const double covers = coveringOf(scene.truth, scene.parts, found, count);
        const double recalls = boundaryRecall(scene.truth, found, 3);
        if (std::getenv("TELL"))
            std::printf("%-40s %2d things: covering %.3f, borders found %.3f\n", scene.name.c_str(), scene.things,
                        covers, recalls);
        covering += covers;
        recall += recalls;
    }
    std::printf("%zu scenes: covering %.4f, borders found %.4f\n", scenes.size(), covering / double(scenes.size()),
                recall / double(scenes.size()));
}

}  // namespace

int main(int count, char** words) {
    const std::string what = count > 2 ? words[1] : "";
    if (what != "turns" && what != "tell") {
        std::fprintf(stderr, "fit_areas turns|tell SCENE.jpg...\n");
        return 2;
    }
    std::vector<KnownScene> scenes;
    for (int i = 2; i < count; ++i) {
        KnownScene scene;
        scene.name = words[i];
        const cv::Mat picture = cv::imread(scene.name);
        const cv::Mat parts = cv::imread(scene.name.substr(0, scene.name.rfind('.')) + ".png", cv::IMREAD_GRAYSCALE);
        if (picture.empty() || parts.size() != picture.size()) {
            std::fprintf(stderr, "%s is no scene with a map of its things beside it\n", words[i]);
            return 1;
        }
        std::map<int, int> pixels, label;
        for (const auto& part : cv::Mat_<uchar>(parts)) ++pixels[part];
        for (const auto& [part, many] : pixels) label.emplace(part, int(label.size()));
        scene.parts = int(label.size());
        // A thing of which next to nothing is seen is not asked for.
        scene.things =
            int(std::ranges::count_if(pixels, [&](const auto& p) { return p.second * 1000 > int(parts.total()); }));
        scene.truth.create(parts.size(), CV_32S);
        std::transform(parts.begin<uchar>(), parts.end<uchar>(), scene.truth.begin<int>(),
                       [&](uchar part) { return label.at(part); });
        scene.lab = *colour::labImage(picture, {}, scene.name);
        scenes.push_back(std::move(scene));
    }
    if (what == "tell")
        tell(scenes);
    else
        std::ranges::for_each(scenes, printTurns);
}
