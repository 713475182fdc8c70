// Not a test: fits the weights by which areas join (src/subject/joining.cpp) to scenes whose things are known.
//     fit_areas ROUNDS SCENE.jpg...    beside each SCENE.png, the map of its things (random_scenes makes both)
//     fit_areas 0 SCENE.jpg...         only tells how near the areas of the present weights are (of each scene, with
//                                      TELL=1 in the environment)
//     fit_areas climb SCENE.jpg...     changes the weights at random, as long as it is left running, and keeps what
//                                      covers the things and leaves their borders better
// In each round the pieces of every scene join by the weights so far, but never wrongly; of each pair whose turn it was
// its terms and whether it was two things are kept (as J. Nunez-Iglesias et al., 2013), and two logistic regressions
// give the next weights.
#include <Eigen/Dense>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <map>
#include <numeric>
#include <opencv2/imgcodecs.hpp>
#include <random>
#include <string>
#include <vector>

#include "colour/image_colour.h"
#include "common/parallel.h"
#include "partings.h"
#include "subject/area_tree.h"
#include "subject/border_walk.h"
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

template <typename Terms>
struct Turn {
    Terms terms;
    bool isTwo;
    double weight;
};

struct Turns {
    std::vector<Turn<TermsTouching>> touching;
    std::vector<Turn<TermsApart>> apart;
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

void addTurns(const KnownScene& scene, double squint, const JoinWeights& weights, Turns& turns) {
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
            if (border.pixels > 0) turns.touching.push_back({regions.termsTouching(one, other, border), isTwo, weight});
            if (Regions::mayBeOneGround(one, other, border))
                turns.apart.push_back({regions.termsApart(one, other, border), isTwo, weight});
        }
        if (isTwo) return false;
        for (const auto& [thing, pixels] : others) mine[thing] += pixels;
        return true;
    };
    joinPieces(regions, weights, join);
    joinAreas(regions, weights, join);
}

/// Logistic regression by Newton's method, the two outcomes weighing as much, with a little ridge.
template <typename Terms>
Terms fitted(const std::vector<Turn<Terms>>& turns) {
    constexpr auto n = Eigen::Index(std::tuple_size_v<Terms>);
    Eigen::MatrixXd x(Eigen::Index(turns.size()), n);
    Eigen::VectorXd y(x.rows()), w(x.rows());
    for (Eigen::Index i = 0; i < x.rows(); ++i) {
        const auto& turn = turns[std::size_t(i)];
        x.row(i) = Eigen::Map<const Eigen::RowVectorXd>(turn.terms.data(), n);
        y[i] = turn.isTwo;
        w[i] = turn.weight;
    }
    const double two = w.dot(y) / w.sum();
    w = w.array() / w.sum() * double(w.size()) * (y.array() * 0.5 / two + (1 - y.array()) * 0.5 / (1 - two));
    Eigen::RowVectorXd mean = x.colwise().mean(),
                       spread = ((x.rowwise() - mean).array().square().colwise().mean()).sqrt();
    mean[0] = 0;
    spread[0] = 1;
    const Eigen::MatrixXd z = ((x.rowwise() - mean).array().rowwise() / spread.array().max(1e-9)).matrix();
    const double ridge = 2e-3 * double(x.rows());
    Eigen::VectorXd b = Eigen::VectorXd::Zero(n);
    for (int round = 0; round < 40; ++round) {
        const Eigen::VectorXd s = 1 / (1 + (-(z * b)).array().exp());
        Eigen::VectorXd slope = z.transpose() * (w.array() * (s - y).array()).matrix() + ridge * b;
        slope[0] -= ridge * b[0];
        const Eigen::VectorXd bent = w.array() * s.array() * (1 - s.array());
        const Eigen::MatrixXd bend =
            z.transpose() * (z.array().colwise() * bent.array()).matrix() + ridge * Eigen::MatrixXd::Identity(n, n);
        b -= bend.ldlt().solve(slope);
    }
    const double right = w.dot((((z * b).array() > 0) == (y.array() > 0)).cast<double>().matrix()) / w.sum();
    std::fprintf(stderr, "%td turns, %.0f two things, %.3f told rightly\n", x.rows(), y.sum(), right);
    Terms weights;
    for (Eigen::Index i = 0; i < n; ++i) weights[std::size_t(i)] = b[i] / std::max(spread[i], 1e-9);
    for (Eigen::Index i = 1; i < n; ++i) weights[0] -= weights[std::size_t(i)] * mean[i];
    return weights;
}

void tell(const std::vector<KnownScene>& scenes, const JoinWeights& weights) {
    double covering = 0, recall = 0;
    for (const KnownScene& scene : scenes) {
        const AreaTree tree = areaTreeOf(scene.lab, weights);
        std::map<int, int> label;
        cv::Mat found = regionsAt(tree, scene.things);
        for (auto& region : cv::Mat_<int>(found)) region = label.emplace(region, int(label.size())).first->second;
        const double covers = coveringOf(scene.truth, scene.parts, found, int(label.size()));
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

/// A scene with what does not depend on weights.
struct Prepared {
    Regions regions;
    std::vector<Things> things;
    std::map<std::pair<int, int>, double> borders;  // of things along that of two pieces
    double pixels;
    int wanted;
};

Prepared prepared(const KnownScene& scene, double squint) {
    const cv::Mat soft = squinted(scene.lab, squint);
    const cv::Mat pieces = piecesOf(soft);
    Prepared made{Regions(pieces, labelCount(pieces), scene.lab, soft),
                  thingsIn(pieces, scene.truth),
                  {},
                  double(pieces.total()),
                  scene.things};
    alongBorders(pieces, [&](cv::Point pixel, cv::Point step) {
        constexpr int near = 3;
        const auto thing = [&](int away) {
            const cv::Point at = pixel + step * away;
            return scene.truth.at<int>(std::clamp(at.y, 0, pieces.rows - 1), std::clamp(at.x, 0, pieces.cols - 1));
        };
        if (thing(1 - near) != thing(near))
            made.borders[std::minmax(pieces.at<int>(pixel), pieces.at<int>(pixel + step))] += 1;
    });
    return made;
}

/// How well the areas cover the things, and half as much how many of the things' borders are left, at the things' true
/// number and at half as many again.
double meritOf(Prepared scene, const JoinWeights& weights) {
    std::vector<int> into(scene.things.size());
    std::iota(into.begin(), into.end(), 0);
    const auto covering = [&] {
        std::map<int, double> best, size;
        for (std::size_t i = 0; i < scene.things.size(); ++i)
            if (scene.regions.all[i].alive)
                for (const auto& [thing, pixels] : scene.things[i]) size[thing] += pixels;
        for (std::size_t i = 0; i < scene.things.size(); ++i)
            if (scene.regions.all[i].alive)
                for (const auto& [thing, both] : scene.things[i])
                    best[thing] = std::max(best[thing], both / (size[thing] + scene.regions.all[i].pixels - both));
        double sum = 0;
        for (const auto& [thing, overlap] : best) sum += overlap * size[thing] / scene.pixels;
        return sum;
    };
    const auto recall = [&] {
        const auto regionOf = [&](int piece) {
            while (into[std::size_t(piece)] != piece) piece = into[std::size_t(piece)];
            return piece;
        };
        double found = 0, all = 1e-9;
        for (const auto& [pieces, pixels] : scene.borders) {
            all += pixels;
            if (regionOf(pieces.first) != regionOf(pieces.second)) found += pixels;
        }
        return found / all;
    };
    auto left = std::ranges::count_if(scene.regions.all, &Region::alive);
    double sum = 0;
    const auto join = [&](int kept, int gone) {
        if (left == scene.wanted || left == scene.wanted * 3 / 2) sum += covering() + 0.5 * recall();
        --left;
        into[std::size_t(gone)] = kept;
        for (const auto& [thing, pixels] : scene.things[std::size_t(gone)])
            scene.things[std::size_t(kept)][thing] += pixels;
        return true;
    };
    joinPieces(scene.regions, weights, join);
    joinAreas(scene.regions, weights, join);
    return sum / 2;
}

template <typename Terms>
void print(const char* name, const Terms& weights) {
    std::printf("    .%s = {", name);
    for (const double weight : weights) std::printf("%.4f, ", weight);
    std::printf("},\n");
}

void print(const JoinWeights& weights) {
    print("touching", weights.touching);
    print("apart", weights.apart);
    std::fflush(stdout);
}

void climb(const std::vector<KnownScene>& scenes) {
    std::vector<Prepared> all;
    for (const KnownScene& scene : scenes) all.push_back(prepared(scene, 0.3));
    const auto judged = [&](const JoinWeights& weights) {
        std::vector<double> each(all.size());
        common::forEachIndex(int(all.size()),
                             [&](int i) { each[std::size_t(i)] = meritOf(all[std::size_t(i)], weights); });
        return std::accumulate(each.begin(), each.end(), 0.0) / double(each.size());
    };
    std::mt19937 random(1);
    std::normal_distribution<double> bell;
    JoinWeights best = fittedWeights;
    double most = judged(best), reach = 0.15;
    std::printf("%.4f\n", most);
    for (;;) {
        JoinWeights tried = best;
        // A few at a time, each by a share of itself.
        const auto change = [&](double& weight) {
            if (random() % 5 == 0) weight += reach * bell(random) * (0.2 + std::fabs(weight));
        };
        std::ranges::for_each(tried.touching, change);
        std::ranges::for_each(tried.apart, change);
        const double now = judged(tried);
        reach = std::clamp(reach * (now > most ? 1.3 : 0.97), 0.03, 0.4);
        if (now <= most) continue;
        most = now;
        best = tried;
        std::printf("%.4f\n", most);
        print(best);
    }
}

}  // namespace

int main(int count, char** words) {
    if (count < 3) {
        std::fprintf(stderr, "fit_areas ROUNDS SCENE.jpg...\n");
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
    if (std::string(words[1]) == "climb") climb(scenes);
    JoinWeights weights = fittedWeights;
    tell(scenes, weights);
    for (int round = 0; round < std::atoi(words[1]); ++round) {
        Turns turns;
        for (const KnownScene& scene : scenes)
            for (const double squint : {0.25, 0.35}) addTurns(scene, squint, weights, turns);
        weights = {.touching = fitted(turns.touching), .apart = fitted(turns.apart)};
        tell(scenes, weights);
        print(weights);
    }
}
