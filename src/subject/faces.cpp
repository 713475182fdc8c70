#include "subject/faces.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>
#include <opencv2/objdetect.hpp>
#include <string>

#include "subject/cut_out.h"
#include "subject/islands.h"
#include "subject/reduced.h"

namespace subject {

namespace {

using EyeBoxes = std::optional<std::array<cv::Rect, 2>>;

cv::CascadeClassifier cascade(const char* name) {
    cv::CascadeClassifier found;
    found.load(std::string(YAWNING_DUNE_CASCADES) + "/" + name + ".xml");
    return found;
}

/// The pair among finds in a head (places from its own corner): one in each half, level and alike in size.
EyeBoxes pairAmong(const std::vector<cv::Rect>& finds, const cv::Size& head) {
    EyeBoxes best;
    double least = 0.35;  // of the head's width: how far from a pair it may be
    for (const cv::Rect& left : finds)
        for (const cv::Rect& right : finds) {
            const double apart = right.x + right.width / 2.0 - left.x - left.width / 2.0;
            if (apart < 0.25 * head.width || apart > 0.7 * head.width) continue;
            const double middle = (left.x + left.width / 2.0 + right.x + right.width / 2.0) / 2;
            const double off = std::fabs(left.y + left.height / 2.0 - right.y - right.height / 2.0) +
                               std::fabs(left.width - right.width) / 2.0 + std::fabs(middle - head.width / 2.0) / 2;
            if (off / head.width >= least) continue;
            least = off / head.width;
            best = {left, right};
        }
    return best;
}

struct Find {
    Face::Of of;
    cv::Rect box;
    EyeBoxes eyes;
};

/// Finds in a small grey picture.
std::vector<Find> findsIn(const cv::Mat& grey) {
    // They cannot be shared between threads, and take long to load.
    thread_local cv::CascadeClassifier ofPeople = cascade("haarcascade_frontalface_alt2"),
                                       ofCats = cascade("haarcascade_frontalcatface_extended"),
                                       ofEyes = cascade("haarcascade_eye_tree_eyeglasses");
    std::vector<Find> finds;
    if (ofPeople.empty() || ofCats.empty() || ofEyes.empty()) return finds;
    const int least = std::max(24, std::max(grey.cols, grey.rows) / 14);
    const auto find = [&](cv::CascadeClassifier& heads, Face::Of of, int sure, int withEyes) {
        std::vector<cv::Rect> boxes;
        std::vector<int> times;  // that it was found, at other sizes and places
        heads.detectMultiScale(grey, boxes, times, 1.1, std::min(sure, withEyes), 0, {least, least});
        for (std::size_t i = 0; i < boxes.size(); ++i) {
            const cv::Rect box = boxes[i];
            // Upper two thirds, large enough for an eye to have its lids.
            cv::Mat upper;
            const double scale = 200.0 / box.width;
            cv::resize(grey(cv::Rect(box.x, box.y, box.width, box.height * 2 / 3)), upper, {}, scale, scale);
            std::vector<cv::Rect> eyes;
            ofEyes.detectMultiScale(upper, eyes, 1.1, 2, 0, {28, 28}, {90, 90});
            EyeBoxes pair = pairAmong(eyes, upper.size());
            if (!pair && times[i] < sure) continue;
            if (pair)
                for (cv::Rect& eye : *pair)
                    eye = {box.x + int(eye.x / scale), box.y + int(eye.y / scale), int(eye.width / scale),
                           int(eye.height / scale)};
            finds.push_back({of, box, pair});
        }
    };
    find(ofPeople, Face::Of::person, 12, 3);
    find(ofCats, Face::Of::cat, 12, 4);
    std::ranges::stable_sort(finds, std::greater<>(), [](const Find& one) { return one.box.area(); });
    // What lies in another is a find in its hair, or the same head again.
    std::vector<Find> apart;
    for (const Find& one : finds)
        if (std::ranges::none_of(
                apart, [&](const Find& larger) { return (larger.box & one.box).area() * 3 > one.box.area(); }))
            apart.push_back(one);
    return apart;
}

void fillEllipse(cv::Mat& mask, cv::Point2d centre, cv::Size2d axes) {
    cv::ellipse(mask, centre, {int(std::lround(axes.width)), int(std::lround(axes.height))}, 0, 0, 360, 255,
                cv::FILLED);
}

/// Cut out by colour between an ellipse that surely is face and one that surely holds it.
cv::Mat headMask(const cv::Rect& box, Face::Of of, const cv::Mat& lab) {
    const cv::Point2d centre(box.x + box.width / 2.0, box.y + box.height * (of == Face::Of::cat ? 0.5 : 0.53));
    const auto axes = [&](double wide, double high) { return cv::Size2d(box.width * wide, box.height * high); };
    cv::Mat outline(lab.size(), CV_8U, cv::Scalar(0)), sure = outline.clone(), mask = outline.clone();
    fillEllipse(outline, centre, axes(0.52, 0.66));
    fillEllipse(sure, centre, axes(0.34, 0.44));
    // Its own surroundings tell its border, not the whole picture.
    const cv::Rect round = cv::Rect(box.x - box.width / 2, box.y - box.height / 2, box.width * 2, box.height * 2) &
                           cv::Rect({}, lab.size());
    const cv::Mat found = cutOutWithin(outline(round), lab(round), [&](const cv::Mat& loose) {
        cv::Mat part;
        cv::resize(sure(round), part, loose.size(), 0, 0, cv::INTER_NEAREST);
        return part;
    });
    cv::Mat(found | sure(round)).copyTo(mask(round));
    // One piece, without frayed ends.
    const int mark = std::max(1, box.width / 24);
    const cv::Mat brush = cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * mark + 1, 2 * mark + 1});
    cv::morphologyEx(mask, mask, cv::MORPH_OPEN, brush);
    cv::morphologyEx(mask, mask, cv::MORPH_CLOSE, brush);
    return mask;
}

}  // namespace

std::vector<Face> facesIn(const cv::Mat& picture, const cv::Mat& lab) {
    constexpr double longSide = 640;
    const cv::Mat small = reduced(picture, longSide);
    const double scale = double(picture.cols) / small.cols;
    cv::Mat grey;
    cv::cvtColor(small, grey, cv::COLOR_RGB2GRAY);
    cv::equalizeHist(grey, grey);
    const auto full = [&](const cv::Rect& box) {
        return cv::Rect(int(box.x * scale), int(box.y * scale), int(box.width * scale), int(box.height * scale)) &
               cv::Rect({}, picture.size());
    };
    std::vector<Face> faces;
    for (const Find& find : findsIn(grey)) {
        const cv::Rect box = full(find.box);
        Face face{find.of, headMask(box, find.of, lab), {}};
        constexpr double leastEye = 0.0004;  // of the picture: what is smaller is laid with the head
        if (find.eyes && (*find.eyes)[0].area() * scale * scale * 0.4 > leastEye * double(picture.total())) {
            face.eyes.emplace();
            for (std::size_t i = 0; i < 2; ++i) {
                const cv::Rect eye = full((*find.eyes)[i]);
                cv::Mat& mask = (*face.eyes)[i] = cv::Mat(picture.size(), CV_8U, cv::Scalar(0));
                // The cascade's square has the brow in it.
                fillEllipse(mask, {eye.x + eye.width * 0.5, eye.y + eye.height * 0.55},
                            {eye.width * 0.44, eye.height * 0.25});
                face.head.setTo(0, mask);
            }
        }
        faces.push_back(std::move(face));
    }
    return faces;
}

bool holds(const Face& face, const Place& place) {
    const cv::Rect box = cv::boundingRect(face.head);
    return box.contains({int(place.x * face.head.cols), int(place.y * face.head.rows)});
}

cv::Mat withFaces(const cv::Mat& labels, const std::vector<Face>& faces) {
    if (faces.empty()) return labels;
    double most = 0;
    cv::minMaxLoc(labels, nullptr, &most);
    cv::Mat map = labels.clone();
    int next = int(most) + 1;
    for (const Face& face : faces) {
        map.setTo(next++, face.head);
        if (face.eyes)
            for (const cv::Mat& eye : *face.eyes) map.setTo(next++, eye);
    }
    return withoutIslands(map, int(map.total() / 4000));
}

}  // namespace subject
