#include <benchmark/benchmark.h>

#include <QAbstractButton>
#include <QApplication>
#include <QMouseEvent>
#include <QSlider>
#include <QTemporaryDir>
#include <opencv2/imgcodecs.hpp>
#include <opencv2/imgproc.hpp>

#include "app/layers/layers_station.h"
#include "app/main_window.h"
#include "app/values/ladder.h"
#include "app/widgets/theme.h"
#include "drawing/fonts.h"
#include "pictures.h"
#include "ratios.h"
#include "storage/library_csv.h"

namespace {

void turnUntil(const std::function<bool()>& done) {
    while (!done()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
}

/// Paints all of the window now, as the screen would.
void paint(app::MainWindow& window) {
    benchmark::DoNotOptimize(window.grab().toImage().constBits());
}

void send(QWidget& widget, QEvent::Type type, const QPointF& at) {
    QMouseEvent event(type, at, widget.mapToGlobal(at), Qt::LeftButton, Qt::LeftButton, Qt::NoModifier);
    QCoreApplication::sendEvent(&widget, &event);
}

}  // namespace

/// What the artist waits for, at the real window at 1280 by 800, against OpenCV's own decoding and one float Lab of the
/// same file.
int main(int argc, char** argv) {
    QApplication application(argc, argv);
    drawing::loadFonts();
    app::applyTheme(app::ThemeName::mid);
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("big.jpg"));
    cv::imwrite(file.toStdString(), bench::photograph(6000, 4000), {cv::IMWRITE_JPEG_QUALITY, 90});
    const auto starter = storage::readThingsFolder(storage::dataFolder() / "materials");
    app::MainWindow window(starter ? materials::libraryOf({*starter, {}}) : materials::Library());
    window.resize(1280, 800);
    window.show();
    // `before` makes ready and is not counted.
    const auto add = [](const char* name, auto before, auto work) {
        benchmark::RegisterBenchmark(name,
                                     [before, work](benchmark::State& state) {
                                         for (auto _ : state) {
                                             state.PauseTiming();
                                             before();
                                             state.ResumeTiming();
                                             work();
                                         }
                                     })
            ->Unit(benchmark::kMillisecond)
            ->UseRealTime();
    };
    app::Session& session = window.session();
    const auto nothing = [] {};
    const auto idle = [&] {
        session.stopPlanning();
        turnUntil([&] { return !session.isPlanning(); });
        window.goTo(0);
    };
    const auto open = [&] {
        window.openFile(file);
        turnUntil([&] { return !window.isOpening(); });
    };
    add("24-megapixel JPEG/file to masses and areas on screen", idle, [&] {
        open();
        turnUntil([&] { return session.reading() != nullptr; });
        window.goTo(1);
        paint(window);
    });
    add("24-megapixel JPEG/file to the first picture on screen", idle, [&] {
        open();
        turnUntil([&] { return !session.picture().empty(); });
        paint(window);
    });
    add("24-megapixel JPEG/OpenCV, decoded and once to Lab in float", idle, [&] {
        cv::Mat picture = cv::imread(file.toStdString(), cv::IMREAD_COLOR), real, lab;
        picture.convertTo(real, CV_32F, 1.0 / 255);
        cv::cvtColor(real, lab, cv::COLOR_BGR2Lab);
        benchmark::DoNotOptimize(lab.data);
    });
    // The hand's own moves, on the plan of a study as it is worked on.
    app::Ladder* ladder = nullptr;
    QSlider* squint = nullptr;
    const auto ready = [&] {
        if (ladder) return;
        idle();
        window.openFile(QString::fromStdString((storage::dataFolder() / "demo" / "kettle.dune").string()));
        turnUntil([&] { return session.isPlanCurrent(); });
        window.goTo(1);
        ladder = window.findChild<app::Ladder*>();
        for (QSlider* slider : window.findChildren<QSlider*>())
            if (slider->accessibleName() == QStringLiteral("Squint")) squint = slider;
        paint(window);
        send(*ladder, QEvent::MouseButtonPress, ladder->markOf(1));
        squint->setSliderDown(true);
    };
    int turn = 0;
    add("a drag/mark on the ladder to the masses on screen", ready, [&] {
        send(*ladder, QEvent::MouseMove, ladder->markOf(1) + QPointF(++turn % 2 ? 9 : -9, 0));
        paint(window);
    });
    add("a drag/squint slider to the masses on screen", ready, [&] {
        squint->setValue(++turn % 2 ? 60 : 45);
        paint(window);
    });
    const auto parted = [&] {
        ready();
        if (session.study().parting == subject::Parting::byThings && session.reading()) return;
        window.goTo(0);
        for (QAbstractButton* button : window.findChildren<QAbstractButton*>())
            if (button->isVisible() && button->text() == QStringLiteral("Areas")) button->click();
        session.choose(QStringLiteral("parting"),
                       [](planning::Study& study) { study.parting = subject::Parting::byThings; });
        turnUntil([&] { return session.isPlanCurrent() && !session.isPlanning(); });
    };
    QSlider* fewer = nullptr;
    for (QSlider* slider : window.findChildren<QSlider*>())
        if (slider->accessibleName() == QStringLiteral("Fewer or more areas")) fewer = slider;
    add("a drag/slider of fewer or more areas to the areas on screen", parted, [&] {
        const auto before = session.reading();
        fewer->setValue(8 + ++turn % 24);
        turnUntil([&] { return session.reading() != before; });
        paint(window);
    });
    // A choice, to the sheet that follows from it.
    const auto rest = [&] {
        if (ladder) send(*ladder, QEvent::MouseButtonRelease, ladder->markOf(1));
        if (squint) squint->setSliderDown(false);
        ladder = nullptr;
        if (!session.study().reference || session.study().reference->name != "kettle.png") {
            idle();
            window.openFile(QString::fromStdString((storage::dataFolder() / "demo" / "kettle.dune").string()));
        }
        turnUntil([&] { return session.isPlanCurrent() && !session.isPlanning(); });
        window.goTo(5);
        paint(window);
    };
    const auto choose = [&] {
        session.choose(QStringLiteral("sticks"), [&](planning::Study& study) { study.stickLimit = 20 + ++turn % 5; });
    };
    add("a choice/to the first new sheet on screen", rest, [&] {
        const auto before = session.plan();
        choose();
        turnUntil([&] { return session.plan() != before; });
        paint(window);
    });
    add("a choice/to the final sheet on screen", rest, [&] {
        choose();
        turnUntil([&] { return session.isPlanCurrent() && !session.isPlanning(); });
        paint(window);
    });
    auto* layers = window.findChild<app::LayersStation*>();
    add("a choice/a scrubber's step to the sheet on screen", rest, [&] {
        const int steps = int(session.plan()->steps.size());
        layers->scrubber().setStep(8 + ++turn % (steps - 9));  // not one of the few sheets that are kept
        paint(window);
    });
    add("a drag/the window painted, nothing changed", nothing, [&] { paint(window); });
    return bench::runWithRatios(argc, argv);
}
