#include <QGuiApplication>
#include <cstdio>
#include <iostream>

#include "cli/commands.h"
#include "common/current_problem.h"
#include "drawing/fonts.h"
#include "wording/language.h"

namespace {

int run(const QStringList& arguments) {
    const QString command = arguments.value(1);
    if (command == "--version") return std::puts("yawning-dune-cli " YAWNING_DUNE_VERSION) < 0 ? 2 : 0;
    if (command == "plan") return cli::plan(arguments.mid(2));
    if (command == "convert") return cli::convert(arguments.mid(2));
    if (command == "difference") return cli::difference(arguments.mid(2));
    if (command == "film") return cli::film(arguments.mid(2));
    if (command == "card") return cli::card(arguments.mid(2));
    if (command == "read-card") return cli::readCard(arguments.mid(2));
    if (command == "test-card") return cli::testCard(arguments.mid(2));
    if (command == "read-test-card") return cli::readTestCard(arguments.mid(2));
    if (command == "trial-card") return cli::trialCard(arguments.mid(2));
    if (command == "read-trial-card") return cli::readTrialCard(arguments.mid(2));
    if (command == "list") return cli::list(arguments.mid(2));
    if (command == "inspect") return cli::inspect(arguments.mid(2));
    if (command == "areas") return cli::areas(arguments.mid(2));
    if (command == "compare") return cli::compare(arguments.mid(2));
    if (command == "log") return cli::log(arguments.mid(2));
    if (command == "photograph") return cli::photograph(arguments.mid(2));
    if (command == "check") return cli::check(arguments.mid(2));
    std::fputs(
        "yawning-dune-cli plan REFERENCE|FILE.dune --out DIR [--library FILE.csv] [--paper ID] [--sticks N]\n"
        "                      [--width-mm W] [--height-mm H] [--areas N] [--values N] [--layers N] [--detail NAME]\n"
        "                      [--approach landscape|animal|hatched-figure|portrait] [--school NAME] [--first NAME]\n"
        "                      [--hardness NAME] [--blending NAME] [--black NAME] [--ground NAME] [--fixative NAME]\n"
        "                      [--colour NAME] [--highlights NAME] [--progression NAME] [--goal NAME] [--light NAME] "
        "[--title TEXT] [--area-name X,Y,NAME] "
        "[--border-mm B]\n"
        "                      [--pin STICK] [--bar STICK] [--instead MISSING=OTHER] [--hand right|left]\n"
        "                      [--family NAME=MOST] [--evenings-min MINUTES] [--series N]\n"
        "                      [--save FILE.dune] [--threads N]\n"
        "yawning-dune-cli convert --from SPACE --to SPACE      (srgb, xyz, lab, lch, munsell-value)\n"
        "yawning-dune-cli difference [--formula 2000|76]\n"
        "yawning-dune-cli film --paper '#hex' [--tooth NAME] --stroke '#hex,KIND,MANNER,PRESSURE' [--stroke ...]\n"
        "                      [--light NAME] [--spread SHARE]   (daylight65, daylight50, lamp, led; an unsteady "
        "hand)\n"
        "yawning-dune-cli film [...]                           rows \"#paper[,TOOTH] STROKE STROKE ...\" on stdin\n"
        "yawning-dune-cli card --out FILE.pdf [--rows N] [--format a4|letter]      blank swatch cards to print and "
        "fill\n"
        "yawning-dune-cli card --stand-in FILE.jpg [--library FILE.csv] [--kelvin K] [--tilt DEGREES]\n"
        "                                                      a filled card as the stand-in camera sees it\n"
        "yawning-dune-cli read-card PHOTOGRAPH                 what the sticks on a filled card are\n"
        "yawning-dune-cli test-card PICTURE|FILE.dune --out CARD.pdf [--format a4|letter] [--page N] [--stand-in "
        "PHOTO.jpg] [--seed N]\n"
        "                                                      a card on which the best three papers are tested with "
        "real sticks; the stand-in\n"
        "                                                      camera sees it filled on other batches, whose figures "
        "go to "
        "stdout\n"
        "yawning-dune-cli read-test-card PHOTOGRAPH PICTURE|FILE.dune      what a filled one says of these papers\n"
        "yawning-dune-cli trial-card PICTURE|FILE.dune --out CARD.pdf [--format a4|letter] [--page N] [--stand-in "
        "PHOTO.jpg] [--seed N]\n"
        "                                                      a card on which the best mixtures of each area are laid "
        "for real; the stand-in\n"
        "                                                      camera sees it laid by another hand with sticks of "
        "other "
        "batches, which go to stdout\n"
        "yawning-dune-cli read-trial-card PHOTOGRAPH PICTURE|FILE.dune     what a filled one says of these sticks\n"
        "yawning-dune-cli list FILE --out FILE [--kind KIND] [--bad-rows refuse|leave-out]\n"
        "                                                      materials from CSV, .gpl, CGATS or a whole drawer "
        "(.json) to another of these\n"
        "yawning-dune-cli inspect FILE.dune\n"
        "yawning-dune-cli areas PICTURE|FILE.dune [--areas N] --out areas.png\n"
        "                                                      labels from 1 as grey levels; the areas on stdout\n"
        "yawning-dune-cli compare papers|grounds|approaches|palettes|gaps PICTURE|FILE.dune [options as for plan]\n"
        "                      [--catalogue FILE.csv]          (gaps: what of it would be worth buying)\n"
        "                                                      each candidate with what comes of it, best first\n"
        "yawning-dune-cli log FILE.dune [--out log.csv]        what was done, a row an entry\n"
        "yawning-dune-cli photograph FILE.dune --step N --out photo.jpg [--seed S] [--fault X,Y,RADIUS,dL,da,db]\n"
        "                      [--shift AREA,dx,dy] [--beside grey-card|swatch-card]\n"
        "                                                      the sheet after a step as the stand-in camera sees it; "
        "mm\n"
        "yawning-dune-cli check PHOTO FILE.dune [--step N]     what a photograph of the sheet tells: corners, areas, "
        "faults,\n"
        "                                                      shifts in mm\n"
        "yawning-dune-cli --version\n",
        command == "--help" || command == "-h" ? stdout : stderr);
    return command == "--help" || command == "-h" ? 0 : 2;
}

}  // namespace

int main(int argc, char** argv) {
    // PDF pages are painted without a screen, whatever the machine has.
    qputenv("QT_QPA_PLATFORM", "offscreen");
    // Without a login session Qt remarks on folders that are not needed here; stderr is for what the user did.
    qInstallMessageHandler([](QtMsgType type, const QMessageLogContext&, const QString& message) {
        if (!message.startsWith("QStandardPaths") || type == QtFatalMsg)
            std::fprintf(stderr, "%s\n", qPrintable(message));
    });
    QGuiApplication application(argc, argv);
    QGuiApplication::setApplicationName(QStringLiteral("yawning-dune-cli"));
    wording::speak();
    drawing::loadFonts();
    int status = 2;
    try {
        status = run(QGuiApplication::arguments());
    } catch (...) {
        status = cli::refuse(common::currentProblem());
    }
    // What stands in the buffers may find no room.
    std::cout.flush();
    if (!std::cout || std::fflush(stdout) != 0 || std::ferror(stdout))
        return cli::refuse({common::ProblemKind::outputFailed, ""});
    return status;
}
