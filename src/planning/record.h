#pragma once

#include <cstdint>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "common/file.h"
#include "planning/plan.h"

namespace planning {

/// What happens at the easel.
enum class EntryKind {
    begun,        // a step is taken in hand
    done,         // ... and laid
    passedOver,   // ... or left out
    tookStick,    // another stick was taken for it than the plan's
    pressed,      // it was laid lighter or heavier than planned
    takenBack,    // an earlier entry is not so
    paused,       // the hand rests
    resumed,      // and works again
    waitEnded,    // what a step left wet is dry
    note,         // a remark
    photograph,   // of the work as it stands
    planChanged,  // the artist has chosen otherwise: what is left follows from the study as it now is
    finishing,    // a last step is ticked: see Finishing
    fixed,        // a pass of fixative over the whole sheet that no step tells of
    stockTaken,   // what sticks have lost until here is in the drawer
    checked,      // a photograph of the work was read: what it shows is planned from
};
inline constexpr int entryKindCount = 16;
std::string_view nameOf(EntryKind kind);
std::optional<EntryKind> entryKindNamed(std::string_view name);

/// What is done with a picture when its last layer lies.
enum class Finishing { tapeOff, softenEdge, sign, glassine, frame, store };
inline constexpr int finishingCount = 6;
std::string_view nameOf(Finishing what);
std::optional<Finishing> finishingNamed(std::string_view name);

/// What mends an area of which the work has come out otherwise than meant.
enum class Mend {
    layers,  // more layers, or others than were left to lay
    lift,    // what lies loose is taken off, then the same
    darken,  // it is fixed, which darkens it and gives tooth back, then the same
};
std::string_view nameOf(Mend mend);
std::optional<Mend> mendNamed(std::string_view name);

/// What the artist takes from a photograph of the work.
struct Checked {
    double error = 0;  // CIEDE2000 by which the photograph may be off all over
    struct Taken {
        std::string area;  // key of the first of its stack
        Mend mend = Mend::layers;
        bool operator==(const Taken&) const = default;
    };
    std::vector<Taken> mends;                      // the other areas are left as they are planned
    std::optional<pigment::HandSample> hand = {};  // by which what is left is planned, as the work has shown it
    struct Area {
        colour::Lab plan, work;  // means under daylight: what it was to be, and what it came out as
        bool operator==(const Area&) const = default;
    };
    std::vector<Area> areas = {};  // of which enough is seen, for what the hand tends to do
    bool operator==(const Checked&) const = default;
};

/// Bytes that all states of a record share; equal if they are the same.
using SharedBytes = std::shared_ptr<const common::Bytes>;

/// A step as it was laid: enough to lay it again and to tell of it when the plan that it came from is gone.
struct LaidStep {
    std::string key;                           // see Step
    std::vector<std::string> layers;           // keys, see Layer
    std::optional<materials::Material> stick;  // none: a tool, or alcohol
    Stage stage = Stage::blockIn;
    Tool tool = Tool::none;
    pigment::Manner manner = pigment::Manner::scumble;
    std::vector<std::string> areas;  // in the artist's words
    double plannedMinutes = 0;       // as the plan told it
    double minutes = 0;              // that the hand worked: pauses are not in it
    double squareCentimetres = 0;    // that were laid
    double amount = 0;               // that the stick gave: square centimetres times the pressure's amount
    SharedBytes map;                 // pressure map without what runs in over soft edges, a PNG; none: no dry layer
    bool operator==(const LaidStep& other) const;
};

/// One thing that happened.
struct Entry {
    std::int64_t at = 0;    // milliseconds since 1970, UTC
    int offsetMinutes = 0;  // of the artist's own time from that
    EntryKind kind = EntryKind::note;
    int step = 0;                                   // number; 0 for none
    std::optional<materials::Material> stick = {};  // tookStick
    int heavier = 0;                                // pressed: -1 lighter, 0 as planned, 1 heavier
    int takes = -1;                                 // takenBack: the index of the entry that is not so
    std::string words = {};                         // of a note
    std::string picture = {};                       // photograph, checked: its name in the file's folder "progress"
    SharedBytes bytes = {};                         // a JPEG or PNG; checked: see sheetPng
    Finishing finishing = Finishing::tapeOff;
    std::optional<LaidStep> laid = {};  // done
    std::optional<Checked> check = {};  // checked
    bool operator==(const Entry& other) const;
};

/// What was really done, in its order. Only ever added to.
struct Record {
    std::string id;         // of this record among all
    std::string paper;      // id: what it was begun on
    std::string paperName;  // for who reads it later
    std::string ground;     // how it was begun (see nameOf(Ground))
    std::vector<Entry> entries;
    bool isEmpty() const { return entries.empty(); }
    bool operator==(const Record&) const = default;
};

/// How a step stands.
struct StepDoing {
    bool isBegun = false, isDone = false, isPassed = false;
    std::optional<materials::Material> stick = {};  // where another was taken
    int heavier = 0;
    int doneAt = -1;  // index of the entry
};

/// What went, or goes, otherwise than planned, and the index of the entry after which that holds: a step, or (of no
/// step) the whole sheet was fixed, or a photograph shows how it stands.
struct Deviation {
    int step = 0;
    std::optional<materials::Material> stick = {};
    int heavier = 0;
    bool isPassed = false;
    bool isFixed = false;
    std::optional<Checked> check = {};
    SharedBytes sheet = {};  // of the check
    int entry = 0;
    bool operator==(const Deviation& other) const;
};

/// How things stand after the first entries of a record, what was taken back aside.
class Standing {
 public:
    explicit Standing(const Record& record) : Standing(record, record.entries.size()) {}
    Standing(const Record& record, std::size_t entries);

    const StepDoing& of(int step) const;
    /// By number; only steps of which the record tells.
    const std::map<int, StepDoing>& steps() const { return steps_; }
    bool isDone(int step) const { return of(step).isDone; }
    bool isOpen(int step) const { return !of(step).isDone && !of(step).isPassed; }
    bool isAnythingDone() const;
    /// Steps that were laid, in the order of time.
    const std::vector<int>& laid() const { return laid_; }
    /// What was taken another way than planned since the plan was last changed, in the order of time, one for a step.
    const std::vector<Deviation>& deviations() const { return deviations_; }
    /// The indices of the entries by which the whole sheet was fixed beside the plan, and that hold.
    const std::vector<int>& fixings() const { return fixings_; }
    /// The indices of the entries by which the work was checked, and that hold.
    const std::vector<int>& checks() const { return checks_; }
    /// The index of the last entry by which the artist changed the plan; -1 without one.
    int planChangedAt() const { return planChangedAt_; }
    /// Whether an entry still holds.
    bool holds(std::size_t entry) const { return !isTaken_[entry]; }
    /// The entry that is taken back next: the last by which the work went on and that holds; -1 if there is none.
    int toTakeBack() const { return toTakeBack_; }
    bool isTicked(Finishing what) const { return ticked_[std::size_t(what)]; }
    bool isPaused() const { return isPaused_; }

 private:
    std::vector<bool> isTaken_;
    std::map<int, StepDoing> steps_;
    std::vector<int> laid_;
    std::vector<Deviation> deviations_;
    std::vector<int> fixings_, checks_;
    std::array<bool, finishingCount> ticked_{};
    int planChangedAt_ = -1, toTakeBack_ = -1;
    bool isPaused_ = false;
};

/// The steps of a plan that may be begun, the first first: neither done nor passed over, with nothing open that they
/// come after.
std::vector<int> openSteps(const Plan& plan, const Standing& standing);

/// Whether a step would be laid where another one has been.
bool shareAPlace(const Step& one, const Step& other);

/// A step of a plan as it is laid, all but its words and minutes.
LaidStep laidStep(const Plan& plan, const Step& step, double widthMillimetres, double heightMillimetres);

/// Pixels of a pressure map at most, and of a checked sheet's picture: sixteen times those of what is read.
inline constexpr double maxRecordedPixels = 16.0 * 1024 * 1024;
/// Whether a PNG claims more than that; nothing is decoded.
bool isOverLarge(const common::Bytes& png);

/// The pressure map of a laid step (CV_8U, see rendering::mapStep); empty if it has none or it cannot be read.
cv::Mat mapOf(const LaidStep& laid);

}  // namespace planning
