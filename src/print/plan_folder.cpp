#include "print/plan_folder.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLockFile>
#include <QTemporaryDir>
#include <algorithm>
#include <atomic>
#include <cerrno>

#include "common/file.h"
#include "common/parallel.h"
#include "planning/stage_picture.h"
#include "print/layered_sheet.h"
#include "print/plan_sheets.h"
#include "storage/list_export.h"
#include "storage/plan_export.h"
#include "storage/text.h"
#include "storage/whole_file.h"

namespace print {

using common::Problem;
using common::ProblemKind;
namespace fs = std::filesystem;

namespace {

bool has(const PlanParts& parts, PlanPart part) {
    return parts[std::size_t(part)];
}

std::vector<std::string> namesOf(const PlanParts& parts, int steps) {
    std::vector<std::string> names;
    if (has(parts, PlanPart::tables)) names.insert(names.end(), {"steps.csv", "pull-list.csv"});
    if (has(parts, PlanPart::sheets)) names.push_back("plan.pdf");
    if (has(parts, PlanPart::layered)) names.push_back("sheet.ora");
    if (has(parts, PlanPart::palette)) names.push_back("sticks.gpl");
    for (int step = 0; step <= steps; ++step) {
        if (has(parts, PlanPart::stages)) names.push_back(storage::stageName(step).toStdString());
        if (has(parts, PlanPart::maps) && step > 0) names.push_back(storage::mapName(step).toStdString());
    }
    names.push_back("plan.json");  // last: it tells what else is there
    return names;
}

/// What a plan that is in the folder may have left there, by its plan.json; nothing if there is none.
std::vector<std::string> leftIn(const fs::path& folder) {
    constexpr std::uintmax_t mostBytes = 64'000'000;
    constexpr qsizetype mostSteps = 10'000;
    const auto bytes = common::readFile(folder / "plan.json", mostBytes);
    if (!bytes) return {};
    const QJsonObject json = QJsonDocument::fromJson(storage::qtBytes(*bytes)).object();
    if (json["format"].toString() != "yawning-dune-plan") return {};
    return namesOf(allParts, int(std::min(mostSteps, json["steps"].toArray().size())));
}

/// Moves files one by one, and back again if need be.
class Swap {
 public:
    explicit Swap(const fs::path& aside) : aside_(aside) {}

    /// Errors as in errno; 0 when it is done.
    int move(const fs::path& from, const fs::path& to) {
        std::error_code error;
        fs::create_directories(to.parent_path(), error);
        if (!error) fs::rename(from, to, error);
        if (!error) done_.emplace_back(from, to);
        return error.value();
    }
    int putAside(const fs::path& folder, const std::string& name) {
        std::error_code error;
        if (!fs::is_regular_file(fs::symlink_status(folder / name, error))) return 0;
        return move(folder / name, aside_ / name);
    }
    /// False if something could not go back.
    bool back() {
        bool isBack = true;
        for (auto move = done_.rbegin(); move != done_.rend(); ++move) {
            std::error_code error;
            fs::rename(move->second, move->first, error);
            isBack = isBack && !error;
        }
        return isBack;
    }

 private:
    fs::path aside_;
    std::vector<std::pair<fs::path, fs::path>> done_;
};

std::optional<Problem> writeAll(const planning::Plan& plan, const planning::Study& study, const fs::path& folder,
                                const PlanParts& parts, const common::Progress& progress) {
    const auto write = [&](const QString& name, const QByteArray& bytes) -> std::optional<Problem> {
        auto done = storage::writeWhole(folder / name.toStdString(), bytes);
        if (!done) return done.problem();
        return std::nullopt;
    };
    if (auto p = write("plan.json", QJsonDocument(storage::planJson(plan, study)).toJson())) return p;
    if (has(parts, PlanPart::tables)) {
        if (auto p = write("steps.csv", storage::stepsCsv(plan))) return p;
        if (auto p = write("pull-list.csv", storage::pullListCsv(plan))) return p;
    }
    if (has(parts, PlanPart::palette)) {
        std::vector<materials::Owned> sticks;
        for (const materials::Material& stick : plan.sticks) sticks.emplace_back().what = stick;
        if (auto p = write("sticks.gpl", storage::paletteText(sticks, QString::fromStdString(study.title)))) return p;
    }
    std::vector<std::optional<Problem>> problems(plan.steps.size() + 1);
    std::atomic<int> written = 0;
    common::forEachIndex(int(problems.size()), [&](int step) {
        auto& problem = problems[std::size_t(step)];
        if (progress.cancelled()) return;
        if (has(parts, PlanPart::stages))
            problem = write(storage::stageName(step), storage::pngOf(planning::pictureAfter(plan, step, plan.light)));
        if (!problem && step > 0 && has(parts, PlanPart::maps))
            problem =
                write(storage::mapName(step), storage::pngOf(planning::mapOf(plan, plan.steps[std::size_t(step - 1)])));
        progress.at(0.6 * ++written / double(problems.size()));
    });
    for (const auto& problem : problems)
        if (problem) return problem;
    if (has(parts, PlanPart::layered) && !progress.cancelled()) {
        const auto bytes = layeredSheet(plan);
        if (!bytes) return Problem{ProblemKind::memoryShort, "sheet.ora"};
        if (auto p = write("sheet.ora", *bytes)) return p;
    }
    progress.at(0.75);
    if (has(parts, PlanPart::sheets) && !progress.cancelled()) {
        auto pdf = print::writePlanPdf(plan, study, QString::fromStdString((folder / "plan.pdf").string()));
        if (!pdf) return pdf.problem();
    }
    if (progress.cancelled()) return Problem{ProblemKind::cancelled, ""};
    progress.at(1);
    return std::nullopt;
}

}  // namespace

std::string_view nameOf(PlanPart part) {
    static constexpr std::array<std::string_view, planPartCount> names{"sheets", "tables",  "stages",
                                                                       "maps",   "layered", "palette"};
    return names[std::size_t(part)];
}

common::Done writePlanFolder(const planning::Plan& plan, const planning::Study& study, const fs::path& folder,
                             const PlanParts& parts, const common::Progress& progress) {
    const auto failed = [&](int error) { return Problem{storage::writeProblem(error), folder.string()}; };
    std::error_code error;
    fs::create_directories(folder, error);
    if (error) return failed(error.value());
    errno = 0;
    QTemporaryDir work(QString::fromStdString((folder / ".plan-XXXXXX").string()));
    if (!work.isValid()) return failed(errno ? errno : EACCES);
    const fs::path made = fs::path(work.path().toStdString()) / "made", aside = made.parent_path() / "aside";
    for (const char* part : {"stages", "maps"}) {
        fs::create_directories(made / part, error);
        if (error) return failed(error.value());
    }
    if (auto problem = writeAll(plan, study, made, parts, progress)) {
        problem->where = folder.string();  // the name of what is made beside it says nothing
        return *problem;
    }
    QLockFile lock(QString::fromStdString((folder / ".plan.lock").string()));
    errno = 0;
    if (!lock.lock()) return failed(errno ? errno : EACCES);
    Swap swap(aside);
    int trouble = 0;
    for (const std::string& name : leftIn(folder))
        if (!trouble) trouble = swap.putAside(folder, name);
    for (const std::string& name : namesOf(parts, int(plan.steps.size()))) {
        if (!trouble) trouble = swap.putAside(folder, name);
        if (!trouble) trouble = swap.move(made / name, folder / name);
    }
    if (!trouble) return std::monostate{};
    if (!swap.back()) work.setAutoRemove(false);  // what was there is still in it
    return failed(trouble);
}

}  // namespace print
