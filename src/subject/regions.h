#pragma once

#include <array>
#include <cstddef>
#include <limits>
#include <map>
#include <opencv2/core/mat.hpp>
#include <opencv2/core/matx.hpp>
#include <vector>

namespace subject {

/// Colours of a picture in a few words, to tell by their shares what a part of it consists of.
constexpr std::size_t wordCount = 16;
using Shares = std::array<double, wordCount>;

/// Where two regions touch, or how far apart they lie; sums over the pixels of the common border.
struct Border {
    double pixels = 0;                         // 0: they do not touch
    cv::Vec3d near{0, 0, 0}, far{0, 0, 0};     // from a little, and from farther, on this side to the other
    double edgeLightness = 0, edgeColour = 0;  // of `near`, without sign
    double steps = 0, weak = 0;                // of `near` pixel by pixel: in lightness, and how many are next to none
    double pieceLightness = 0, pieceColour = 0;            // between the pieces on its two sides
    double gap = std::numeric_limits<double>::infinity();  // between their pieces, in long sides; see seeAcrossGaps
};

/// A growing region; sums over its pixels.
struct Region {
    double pixels = 0;
    double largest = 0;                        // at most so many of them lie together
    cv::Vec3d sum{0, 0, 0}, squares{0, 0, 0};  // of the surface: L*, and a* and b* without what light does to them
    double texture = 0;
    double outline = 0;        // in pixels, along the picture's edge too
    Shares words{}, around{};  // of itself, and of what lies round each of its pixels
    std::map<int, Border> borders;
    bool alive = true;

    cv::Vec3d mean() const { return sum / pixels; }
};

/// What tells whether two regions that touch are two things.
using TermsTouching = std::array<float, 25>;
/// The same for two that do not touch, or hardly: one ground that is seen on both sides of what stands before it.
using TermsApart = std::array<float, 15>;

/// The pieces of a picture as regions that can join.
class Regions {
 public:
    /// From each pixel's piece (CV_32S from 0 up to `count`), the picture and the picture with half-closed eyes
    /// (CIELAB, CV_32FC3).
    Regions(const cv::Mat& pieces, int count, const cv::Mat& lab, const cv::Mat& squintedLab);

    /// By index; those that joined another, and labels without a pixel, are not alive.
    std::vector<Region> all;

    void join(int kept, int gone);
    /// Regions that are near and alike become neighbours across a gap.
    void seeAcrossGaps();
    /// Whether they may be one ground on both sides of what stands before it: they are near and alike, and touch hardly
    /// or not at all.
    static bool mayBeOneGround(const Region& one, const Region& other, const Border& border);

    TermsTouching termsTouching(const Region& one, const Region& other, const Border& border) const;
    TermsApart termsApart(const Region& one, const Region& other, const Border& border) const;
    /// Smaller than that, nothing is laid as an area of its own.
    bool isSpeck(const Region& region, double share) const { return region.largest < share * total_; }

 private:
    void addPixels(const cv::Mat& pieces, const cv::Mat& surface, const cv::Mat& lab);
    void addBorders(const cv::Mat& pieces, const cv::Mat& surface);
    void findShift();
    double colourApart(const cv::Vec3d& between) const;
    /// How two regions differ, as terms that both kinds of pairs have.
    struct Contrast {
        float lightness, colour, lightnessInSpread, colourInSpread, smallSpread, smallColourSpread, largeSpread,
            textures;
    };
    Contrast contrastOf(const Region& small, const Region& large) const;

    double total_;
    std::vector<std::vector<cv::Point2d>> centres_;  // of the pieces in each region, in long sides
    std::array<double, 2> shift_{0, 0};              // of a and b with a unit of lightness
};

}  // namespace subject
