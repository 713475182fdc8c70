#include <unistd.h>

#include <QJsonDocument>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <functional>
#include <iostream>
#include <map>
#include <opencv2/imgproc.hpp>
#include <span>
#include <string>

#include "planning/study_fields.h"
#include "review/card_reader.h"
#include "review/card_windows.h"
#include "review/flat_sheet.h"
#include "review/sketch.h"
#include "storage/approach_store.h"
#include "storage/archive.h"
#include "storage/document.h"
#include "storage/drawer_json.h"
#include "storage/journal.h"
#include "storage/materials_json.h"
#include "storage/materials_store.h"
#include "storage/record_json.h"
#include "storage/study_json.h"
#include "storage/table_things.h"
#include "storage/text.h"
#include "subject/picture.h"

/// Every reader of what comes from outside, for a coverage-guided fuzzer (clang's libFuzzer, scripts/fuzz): which one
/// is tried is said by YAWNING_DUNE_READER. What is read must keep to its bounds, and a problem must be one. A reader
/// tells whether it was read: the seeds that are called "whole" must be, or everything would stop at the door.
namespace {

void require(bool holds) {
    if (!holds) std::abort();
}

QJsonObject objectIn(const common::Bytes& bytes) {
    return QJsonDocument::fromJson(storage::qtBytes(bytes)).object();
}

bool takeThings(const common::Result<storage::Table>& table) {
    if (!table) return false;
    for (const storage::TableRow& row : table->rows) require(row.number > 0);
    return storage::thingsFrom(*table, storage::guessedColumns(table->headings), {}, {"soft"}).ok();
}

bool study(const common::Bytes& bytes) {
    bool isMended = false;
    const auto study = storage::studyFrom(objectIn(bytes), "x", &isMended);
    if (!study) return false;
    // Its other pictures are parts of the archive that come later.
    planning::Study alone = *study;
    for (planning::AreaChoice& name : alone.areaChoices) name.borrowed.reset();
    require(!planning::outOfBounds(alone));
    require(storage::studyFrom(storage::jsonOf(alone), "x").ok());
    return true;
}

/// A file for what is read by its name; gone with it, and what was put beside it.
class File {
 public:
    explicit File(const common::Bytes& bytes) {
        std::filesystem::create_directories(folder_);
        std::ofstream(path(), std::ios::binary)
            .write(reinterpret_cast<const char*>(bytes.data()), std::streamsize(bytes.size()));
    }
    ~File() {
        std::error_code none;
        std::filesystem::remove_all(folder_, none);
    }
    File(const File&) = delete;
    File& operator=(const File&) = delete;
    std::filesystem::path path() const { return folder_ / "fuzzed"; }

 private:
    std::filesystem::path folder_ = std::filesystem::temp_directory_path() / ("fuzzed-" + std::to_string(getpid()));
};

bool dune(const common::Bytes& bytes) {
    const File file(bytes);
    const auto document = storage::readDocument(file.path());
    require(!document || (document->study.reference && !planning::outOfBounds(document->study)));
    return document.ok();
}

bool record(const common::Bytes& bytes) {
    const auto nothing = std::make_shared<const common::Bytes>();
    const storage::PartReader anyPart = [&](const std::string&) { return nothing; };
    const auto record = storage::recordFrom(objectIn(bytes), anyPart, "x");
    if (record) require(storage::recordFrom(storage::jsonOf(*record), anyPart, "x").ok());
    return record.ok();
}

/// What an archive's checksums would keep from being read: its list of steps, round which a whole one is put.
bool journal(const common::Bytes& bytes) {
    storage::ArchiveWriter archive;
    archive.add("journal.json", storage::qtBytes(bytes));
    archive.add("materials/0.json", storage::jsonOf(materials::Library{}));
    for (const char* part : {"pictures/0", "pictures/1"}) archive.add(part, QByteArray("picture"));
    const auto whole = archive.finish();
    require(whole.has_value());
    const File file(common::Bytes(whole->begin(), whole->end()));
    (void)storage::readJournalHead(file.path());
    const auto journal = storage::readJournal(file.path());
    if (!journal) return false;
    require(!journal->steps.empty() && journal->at >= 0 && journal->at < int(journal->steps.size()));
    for (const storage::JournalStep& step : journal->steps) require(step.study.reference && step.library);
    return true;
}

bool approaches(const common::Bytes& bytes) {
    const File file(bytes);
    const auto approaches = storage::readApproaches(file.path());
    if (!approaches) return false;
    require(storage::writeApproaches(file.path(), *approaches).ok());
    require(storage::readApproaches(file.path()).ok());
    return true;
}

bool store(const common::Bytes& bytes) {
    const File file(bytes);
    const auto store = storage::MaterialsStore::open(QString::fromStdString(file.path().string()));
    if (!store) return false;
    const auto whole = storage::wholeOf(**store);
    const auto mixtures = (*store)->mixtures();
    const auto answers = (*store)->answers();
    (void)(*store)->cardRows(0);
    return whole && !whole->drawer.things.empty() && mixtures && !mixtures->empty() && answers && !answers->empty();
}

bool picture(const common::Bytes& bytes) {
    const auto read = subject::readPicture(bytes, "x");
    require(!read || (read->xyz.cols >= 1 && read->xyz.rows >= 1 && read->xyz.cols <= 1024 && read->xyz.rows <= 1024));
    return read.ok();
}

/// For those who look for something in a photograph (XYZ). Small: a file that claims to be large is the other reader's;
/// here only time is lost on it.
common::Result<cv::Mat> photograph(const common::Bytes& bytes) {
    constexpr int longSide = 420;
    auto photograph = subject::readPicture(bytes, "x", longSide);
    if (!photograph) return photograph.problem();
    return photograph->xyz;
}

bool card(const common::Bytes& bytes) {
    const auto xyz = photograph(bytes);
    return xyz && review::readCard(*xyz, "x");
}

bool windows(const common::Bytes& bytes, review::CardKind kind) {
    const auto xyz = photograph(bytes);
    return xyz && review::readWindows(*xyz, kind, "x");
}

/// What lies on the sheet of the photograph in corpus/work: as small as a stamp, so that many are looked through.
review::SoughtSheet soughtSheet() {
    cv::Mat picture(60, 80, CV_8UC3, cv::Scalar(90, 110, 140));
    cv::rectangle(picture, cv::Rect(0, 36, 80, 24), cv::Scalar(120, 90, 60), cv::FILLED);
    cv::circle(picture, {26, 34}, 13, cv::Scalar(190, 100, 60), cv::FILLED);
    cv::rectangle(picture, cv::Rect(46, 14, 22, 30), cv::Scalar(40, 45, 60), cv::FILLED);
    return {picture, 60, 45, 1.8};
}

bool work(const common::Bytes& bytes) {
    static const review::SoughtSheet sought = soughtSheet();
    const auto xyz = photograph(bytes);
    if (!xyz) return false;
    const auto found = review::findSheet(*xyz, {sought}, "x");
    if (!found) return false;
    const auto flat = review::flattened(*xyz, found->place, sought, {}, "x");
    require(!flat || flat->xyz.size() == sought.picture.size());
    return flat.ok();
}

bool sketch(const common::Bytes& bytes) {
    const auto xyz = photograph(bytes);
    if (!xyz) return false;
    constexpr double aspect = 4.0 / 3;
    const auto sketch = review::readSketch(*xyz, aspect, "x");
    if (!sketch) return false;
    cv::Mat areas = cv::Mat::zeros(sketch->picture.size(), CV_32S);
    areas(cv::Rect(areas.cols / 3, areas.rows / 3, areas.cols / 5, areas.rows / 4)).setTo(1);
    (void)review::drawnShapes(*sketch, areas, 2);
    return true;
}

const std::map<std::string, std::function<bool(const common::Bytes&)>> readers{
    {"study", &study},
    {"dune", &dune},
    {"materials", [](const common::Bytes& bytes) { return storage::libraryFrom(objectIn(bytes), "x").ok(); }},
    {"drawer", [](const common::Bytes& bytes) { return storage::drawerFromJson(bytes, "x").ok(); }},
    {"csv", [](const common::Bytes& bytes) { return takeThings(storage::tableFromCsv(bytes, "x.csv")); }},
    {"gpl", [](const common::Bytes& bytes) { return takeThings(storage::tableFromPalette(bytes, "x.gpl")); }},
    {"cgats", [](const common::Bytes& bytes) { return takeThings(storage::tableFromReadings(bytes, "x.txt")); }},
    {"record", &record},
    {"journal", &journal},
    {"approaches", &approaches},
    {"store", &store},
    {"picture", &picture},
    {"card", &card},
    {"test-card", [](const common::Bytes& bytes) { return windows(bytes, review::CardKind::papers); }},
    {"trial-card", [](const common::Bytes& bytes) { return windows(bytes, review::CardKind::trials); }},
    {"work", &work},
    {"sketch", &sketch},
};

bool read(const common::Bytes& bytes) {
    static const auto& reader = readers.at(std::getenv("YAWNING_DUNE_READER"));
    return reader(bytes);
}

}  // namespace

extern "C" int LLVMFuzzerInitialize(int* count, char*** arguments) {
    namespace fs = std::filesystem;
    for (const char* argument : std::span(*arguments, std::size_t(*count))) {
        if (!fs::is_directory(argument)) continue;
        for (const auto& seed : fs::directory_iterator(argument)) {
            if (!seed.path().filename().string().starts_with("whole")) continue;
            if (read(*common::readFile(seed.path(), fs::file_size(seed.path())))) continue;
            std::cerr << "ERROR: not read though whole: " << seed.path() << "\n";
            return std::abort(), 1;
        }
    }
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    (void)read(common::Bytes(data, data + size));
    return 0;
}
