#include <cmath>
#include <cstdio>
#include <opencv2/core.hpp>

#include "matching/tray.h"
#include "planning/replanning.h"
#include "planning/stage_picture.h"
#include "review/easel_photograph.h"
#include "storage/document.h"
#include "storage/plan_export.h"
#include "wording/sentences.h"

// Makes data/demo/kettle-evening.dune out of kettle.dune: an evening and a half at the easel as somebody might have
// spent them, with photographs by the stand-in camera. Invented; for the demo.

using namespace planning;

namespace {

/// Goes on with a record by a clock of its own.
class AtTheEasel {
 public:
    explicit AtTheEasel(storage::Document& document) : document_(document) {
        planned();
        document.record = {"4b0b6f0c-evening-and-a-half",
                           plan_.paper.id,
                           plan_.paper.name,
                           std::string(nameOf(plan_.ground.strategy)),
                           {}};
    }

    void sitDown(std::int64_t at) {
        now_ = at;
        add(EntryKind::begun, next());
    }
    void rest(double minutes) {
        add(EntryKind::paused, next());
        pass(minutes);
        add(EntryKind::resumed, next());
    }
    void lay(int steps) {
        for (int i = 0; i < steps; ++i) {
            const int number = next();
            const Step& step = plan_.steps[std::size_t(number - 1)];
            // The hand takes a little longer than the plan thinks, and tires.
            const double minutes = step.minutes * (1.05 + 0.02 * (number % 7) + 0.2 * std::sin(1.7 * number));
            pass(minutes);
            Entry& entry = add(EntryKind::done, number);
            entry.laid = laidStep(plan_, step, document_.study.widthMillimetres, document_.study.heightMillimetres);
            if (step.stage != Stage::drawing)
                for (const int area : step.areas)
                    entry.laid->areas.push_back(wording::areaName(plan_, area).toStdString());
            entry.laid->plannedMinutes = step.minutes;
            entry.laid->minutes = minutes;
        }
    }
    void say(const char* words) {
        pass(0.2);
        add(EntryKind::note, next()).words = words;
    }
    void press(int heavier) {
        add(EntryKind::pressed, next()).heavier = heavier;
        planned();
    }
    void passOver() {
        add(EntryKind::passedOver, next());
        planned();
    }
    void takeBack() {
        const int entry = Standing(document_.record).toTakeBack();
        add(EntryKind::takenBack, document_.record.entries[std::size_t(entry)].step).takes = entry;
        planned();
    }
    /// The nearest other stick of the tray.
    void takeOther() {
        const int number = next();
        const int stick = plan_.steps[std::size_t(number - 1)].stick;
        const auto tray = matching::prepared(document_.library.media, plan_.light);
        for (const int i : matching::nearestSticks(plan_.prepared[std::size_t(stick)].masstone, tray, 4)) {
            const materials::Material& other = document_.library.media[std::size_t(i)];
            if (other.id == plan_.sticks[std::size_t(stick)].id) continue;
            add(EntryKind::tookStick, number).stick = other;
            break;
        }
        planned();
    }
    void photograph(unsigned seed) {
        const Standing standing(document_.record);
        const int step = standing.laid().back();
        const cv::Mat sheet = pictureAfter(plan_, step, plan_.light);
        const cv::Mat flat = review::mountedSheet(sheet, document_.study.widthMillimetres, {}).flat;
        review::CameraConditions camera = review::atTheEasel(flat.size(), seed);
        camera.pixels = {1400, 1050};
        pass(1);
        Entry& entry = add(EntryKind::photograph, step);
        entry.bytes = std::make_shared<const common::Bytes>(review::photographed(flat, camera));
        entry.picture = "photo-00" + std::to_string(seed) + ".jpg";
    }
    int next() const {
        const std::vector<int> open = openSteps(plan_, Standing(document_.record));
        return open.empty() ? 0 : open.front();
    }
    const Plan& plan() const { return plan_; }

 private:
    void pass(double minutes) { now_ += std::int64_t(minutes * 60'000); }

    Entry& add(EntryKind kind, int step) {
        Entry entry;
        entry.at = now_;
        entry.offsetMinutes = 60;
        entry.kind = kind;
        entry.step = step;
        document_.record.entries.push_back(entry);
        return document_.record.entries.back();
    }

    void planned() {
        auto plan = makePlan(document_.study, document_.library, document_.record, kept_);
        if (!plan) std::abort();
        plan_ = *std::move(plan);
    }

    storage::Document& document_;
    Kept kept_;
    Plan plan_;
    std::int64_t now_ = 0;
};

}  // namespace

int main(int argc, char** argv) {
    if (argc != 3) return 2;
    auto read = storage::readDocument(argv[1]);
    if (!read) return 2;
    storage::Document document = *std::move(read);
    AtTheEasel evening(document);
    constexpr std::int64_t friday = 1'795'197'900'000;  // 20 November 2026, 19:05 in Central Europe
    evening.sitDown(friday);
    evening.lay(3);
    evening.say("drawing a little high, moved the rim down");
    evening.lay(2);
    evening.photograph(1);
    evening.press(-1);
    evening.lay(2);
    evening.say("lovely");
    evening.rest(12);
    evening.takeOther();
    evening.say("the planned one has become a stub");
    evening.lay(3);
    evening.photograph(2);
    evening.lay(1);
    evening.takeBack();
    evening.lay(1);
    evening.sitDown(friday + std::int64_t(24) * 3'600'000 - 25 * 60'000);
    evening.lay(2);
    evening.say("slid off on the belly, laid it again with a lighter hand");
    evening.passOver();
    evening.lay(2);
    evening.photograph(3);
    if (!storage::writeDocument(
            document, argv[2], storage::areasPng(*evening.plan().reading),
            storage::pngOf(pictureAfter(evening.plan(), int(evening.plan().steps.size()), evening.plan().light))))
        return 2;
    std::printf("%zu entries, %zu steps\n", document.record.entries.size(), evening.plan().steps.size());
}
