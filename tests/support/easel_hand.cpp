#include <QCoreApplication>
#include <QGuiApplication>
#include <cstdio>

#include "app/lifecycle/entry_now.h"
#include "app/lifecycle/study_file.h"

// Works at the easel until it is killed: adds entry after entry to a study's record, and prints the number of each as
// soon as the program would show it.

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    if (argc != 3) return 2;
    auto document = storage::readDocument(argv[1]);
    if (!document) return 3;
    app::Session session;
    session.open(document->study, document->library, nullptr, document->record);
    session.stopPlanning();
    app::StudyFile file(session);
    file.setPath(QString::fromLocal8Bit(argv[1]));
    int number = QString::fromLatin1(argv[2]).toInt();
    const auto next = [&] {
        planning::Entry entry = app::entryNow();
        entry.kind = planning::EntryKind::note;
        entry.words = "entry " + std::to_string(++number);
        if (number % 3 == 0) {
            entry.kind = planning::EntryKind::done;
            entry.step = number;
            entry.laid = planning::LaidStep{};
            entry.laid->map = std::make_shared<const common::Bytes>(20'000, std::uint8_t(number));
        }
        file.record(entry);
    };
    QObject::connect(&file, &app::StudyFile::kept, &file, [&] {
        std::printf("%d\n", number);
        std::fflush(stdout);
        next();
    });
    QObject::connect(&file, &app::StudyFile::problemMet, &file, [] { QCoreApplication::exit(4); });
    next();
    return application.exec();
}
