#include <unistd.h>

#include <QJsonDocument>
#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <functional>
#include <map>
#include <string>

#include "planning/study_fields.h"
#include "review/card_reader.h"
#include "storage/document.h"
#include "storage/drawer_json.h"
#include "storage/materials_json.h"
#include "storage/study_json.h"
#include "storage/table_things.h"
#include "storage/text.h"
#include "subject/picture.h"

/// Every reader of what comes from outside, for a coverage-guided fuzzer (clang's libFuzzer, scripts/fuzz): which one
/// is tried is said by YAWNING_DUNE_READER. What is read must keep to its bounds, and a problem must be one.
namespace {

void require(bool holds) {
    if (!holds) std::abort();
}

QJsonObject objectIn(const common::Bytes& bytes) {
    return QJsonDocument::fromJson(storage::qtBytes(bytes)).object();
}

void takeThings(const common::Result<storage::Table>& table) {
    if (!table) return;
    for (const storage::TableRow& row : table->rows) require(row.number > 0);
    (void)storage::thingsFrom(*table, storage::guessedColumns(table->headings), {}, {"soft"});
}

void study(const common::Bytes& bytes) {
    bool isMended = false;
    const auto study = storage::studyFrom(objectIn(bytes), "x", &isMended);
    if (!study) return;
    // Its other pictures are parts of the archive that come later.
    planning::Study alone = *study;
    for (planning::AreaChoice& name : alone.areaChoices) name.borrowed.reset();
    require(!planning::outOfBounds(alone));
    require(storage::studyFrom(storage::jsonOf(alone), "x").ok());
}

void dune(const common::Bytes& bytes) {
    const std::filesystem::path file =
        std::filesystem::temp_directory_path() / ("fuzzed-" + std::to_string(getpid()) + ".dune");
    std::ofstream(file, std::ios::binary)
        .write(reinterpret_cast<const char*>(bytes.data()), std::streamsize(bytes.size()));
    const auto document = storage::readDocument(file);
    require(!document || (document->study.reference && !planning::outOfBounds(document->study)));
    std::filesystem::remove(file);
}

void picture(const common::Bytes& bytes) {
    const auto read = subject::readPicture(bytes, "x");
    require(!read || (read->xyz.cols >= 1 && read->xyz.rows >= 1 && read->xyz.cols <= 1024 && read->xyz.rows <= 1024));
}

void card(const common::Bytes& bytes) {
    // A small file that claims to be large is the other reader's; here only time is lost on it.
    constexpr int longSide = 420;
    const auto photograph = subject::readPicture(bytes, "x", longSide);
    if (photograph) (void)review::readCard(photograph->xyz, "x");
}

const std::map<std::string, std::function<void(const common::Bytes&)>> readers{
    {"study", &study},
    {"dune", &dune},
    {"materials", [](const common::Bytes& bytes) { (void)storage::libraryFrom(objectIn(bytes), "x"); }},
    {"drawer", [](const common::Bytes& bytes) { (void)storage::drawerFromJson(bytes, "x"); }},
    {"csv", [](const common::Bytes& bytes) { takeThings(storage::tableFromCsv(bytes, "x.csv")); }},
    {"gpl", [](const common::Bytes& bytes) { takeThings(storage::tableFromPalette(bytes, "x.gpl")); }},
    {"cgats", [](const common::Bytes& bytes) { takeThings(storage::tableFromReadings(bytes, "x.txt")); }},
    {"picture", &picture},
    {"card", &card},
};

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const auto& reader = readers.at(std::getenv("YAWNING_DUNE_READER"));
    reader(common::Bytes(data, data + size));
    return 0;
}
