#include <benchmark/benchmark.h>
#include <csv.h>

#include <QApplication>
#include <QPushButton>
#include <QSqlQuery>
#include <QTemporaryDir>

#include "app/materials/drawer_view.h"
#include "app/materials/list_sheet.h"
#include "app/materials/materials_window.h"
#include "ratios.h"
#include "storage/list_export.h"
#include "storage/materials_store.h"
#include "storage/table_things.h"

namespace {

using materials::Owned;

/// Sticks of all hues with every field filled.
std::vector<Owned> sticks(int count) {
    std::vector<Owned> things;
    for (int i = 0; i < count; ++i) {
        materials::Material stick;
        stick.id = QStringLiteral("s%1").arg(i, 6, 10, QLatin1Char('0')).toStdString();
        stick.maker = i % 3 ? "Ostrel & Daughters" : "Marlhollow";
        stick.name = "stick, no. " + std::to_string(i * 7919 % count);
        stick.kind = materials::Kind(i % 4);
        stick.masstone = {std::uint8_t(i * 31), std::uint8_t(i * 57), std::uint8_t(i * 101)};
        stick.pigments = {i % 5 ? "PR101" : "PB29", "PW6"};
        stick.lightfastness = "very good";
        Owned owned{stick};
        owned.number = std::to_string(i);
        owned.box = i % 2 ? "field box" : "studio";
        owned.slot = i % 60;
        owned.notes = i % 9 ? "" : "crumbles at the end";
        things.push_back(owned);
    }
    return things;
}

void count(void*, std::size_t, void* data) {
    ++*static_cast<long*>(data);
}

/// The whole way as the artist goes it: the sheet reads the file and tries its rows, the button is pressed, and the
/// drawer is shown with what came in.
void takeIn(benchmark::State& state) {
    const QTemporaryDir folder;
    QFile file(folder.filePath("long.csv"));
    if (file.open(QIODevice::WriteOnly)) file.write(storage::drawerCsv(sticks(100'000)));
    file.close();
    for (auto _ : state) {
        state.PauseTiming();
        QFile::remove(folder.filePath("own.sqlite"));
        const auto store = storage::MaterialsStore::open(folder.filePath("own.sqlite"));
        app::OwnDrawer own(**store);
        app::MaterialsWindow window(own);
        window.show();
        state.ResumeTiming();
        window.takeIn(file.fileName());
        auto* sheet = window.findChild<app::ListSheet*>();
        while (sheet->isBusy()) QApplication::processEvents(QEventLoop::WaitForMoreEvents);
        sheet->findChild<QPushButton*>()->click();
        while (window.drawer().things.empty()) QApplication::processEvents(QEventLoop::WaitForMoreEvents);
        QApplication::processEvents();
        state.PauseTiming();
        window.close();
        state.ResumeTiming();
    }
}

void registerLists() {
    static const QByteArray text = storage::drawerCsv(sticks(100'000));
    static const common::Bytes bytes(text.begin(), text.end());
    benchmark::RegisterBenchmark("100,000-row CSV to things/tableFromCsv and thingsFrom", [](benchmark::State& state) {
        for (auto _ : state) {
            const auto table = storage::tableFromCsv(bytes, "long.csv");
            const auto things = storage::thingsFrom(*table, storage::guessedColumns(table->headings), {}, {"soft"});
            if (things->things.size() != 100'000) state.SkipWithError("rows are missing");
        }
    })->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("100,000-row CSV to things/the window: read, looked through, written, shown", takeIn)
        ->Unit(benchmark::kMillisecond)
        ->Iterations(2)
        ->UseRealTime();
    benchmark::RegisterBenchmark("100,000-row CSV to things/libcsv alone, fields counted", [](benchmark::State& state) {
        for (auto _ : state) {
            long fields = 0;
            csv_parser parser;
            csv_init(&parser, CSV_STRICT | CSV_APPEND_NULL);
            csv_parse(&parser, bytes.data(), bytes.size(), count, nullptr, &fields);
            csv_fini(&parser, count, nullptr, &fields);
            csv_free(&parser);
            benchmark::DoNotOptimize(fields);
        }
    })->Unit(benchmark::kMillisecond);
    // Into the library as well, and out of it again.
    static const std::vector<Owned> many = sticks(100'000);
    benchmark::RegisterBenchmark("100,000 things written/MaterialsStore::apply", [](benchmark::State& state) {
        const QTemporaryDir folder;
        const auto store = storage::MaterialsStore::open(folder.filePath("own.sqlite"));
        for (auto _ : state)
            if (!(*store)->apply({.put = many})) state.SkipWithError("not written");
    })->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("100,000 things read/MaterialsStore::drawer", [](benchmark::State& state) {
        const QTemporaryDir folder;
        const auto store = storage::MaterialsStore::open(folder.filePath("own.sqlite"));
        if (!(*store)->apply({.put = many})) state.SkipWithError("not written");
        for (auto _ : state) benchmark::DoNotOptimize((*store)->drawer().ok());
    })->Unit(benchmark::kMillisecond);
}

/// What a letter typed into Find or another way to lay out costs: filter, sections, places of all things and the first
/// picture of them.
void registerDrawer() {
    static const std::vector<Owned> things = sticks(2'000);
    static app::DrawerView view;
    view.resize(980, 700);
    const auto laidOut = [](benchmark::State& state, const app::Wanted& wanted) {
        QImage picture(view.size(), QImage::Format_RGB32);
        for (auto _ : state) {
            view.show(things, app::arranged(things, wanted));
            view.render(&picture);
        }
    };
    app::Wanted byHue, byBox, words, nearest;
    byBox.by = app::LaidOutBy::box;
    words.words = QStringLiteral("studio crumbles");
    nearest.nearestTo = colour::Lab{50, 40, 20};
    const std::pair<const char*, app::Wanted> ways[] = {
        {"found by two words", words}, {"all by hue", byHue}, {"all by box", byBox}, {"nearest to a colour", nearest}};
    for (const auto& [name, wanted] : ways)
        benchmark::RegisterBenchmark((std::string("2,000 things/") + name).c_str(), [laidOut, w = wanted](
                                                                                        benchmark::State& state) {
            laidOut(state, w);
        })->Unit(benchmark::kMillisecond);
    benchmark::RegisterBenchmark("2,000 things/SQLite, the same two words looked for and sorted",
                                 [](benchmark::State& state) {
                                     const QTemporaryDir folder;
                                     const QString file = folder.filePath("own.sqlite");
                                     const auto store = storage::MaterialsStore::open(file);
                                     if (!(*store)->apply({.put = things})) state.SkipWithError("not written");
                                     QSqlDatabase base = QSqlDatabase::addDatabase("QSQLITE", file);
                                     base.setDatabaseName(file);
                                     base.open();
                                     for (auto _ : state) {
                                         QSqlQuery query(base);
                                         query.exec(
                                             "SELECT * FROM thing WHERE (box || notes) LIKE '%studio%' AND (box "
                                             "|| notes) LIKE '%crumbles%' ORDER BY hex");
                                         while (query.next()) benchmark::DoNotOptimize(query.value(0).toString());
                                     }
                                 })
        ->Unit(benchmark::kMillisecond);
}

}  // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    registerLists();
    registerDrawer();
    return bench::runWithRatios(argc, argv);
}
