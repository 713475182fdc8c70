#include "wording/sentences.h"

#include <QCoreApplication>
#include <cmath>

#include "pigment/hand.h"
#include "subject/picture.h"
#include "wording/choosing.h"
#include "wording/decimal.h"
#include "wording/say.h"
#include "wording/subject.h"
#include "wording/text.h"

namespace wording {

namespace {

QString where(const common::Problem& problem) {
    return QString::fromStdString(problem.where);
}

}  // namespace

QString problemSentence(const common::Problem& problem) {
    using common::ProblemKind;
    const QString file = where(problem);
    const QString what = QString::fromStdString(problem.what);
    const QString allowed = QString::fromStdString(problem.allowed);
    switch (problem.kind) {
        case ProblemKind::fileMissing:
            return file.isEmpty() ? say("No reference picture is chosen: open one first.")
                                  : say("%1 is not there: check the name and the folder.").arg(file);
        case ProblemKind::fileUnreadable:
            return say("%1 cannot be read: check that it is a file and that you may open it.").arg(file);
        case ProblemKind::fileTooLarge:
            return say("%1 is larger than any file of its kind (%2 MB at most): check that it is the right one.")
                .arg(file, allowed);
        case ProblemKind::pictureProfile:
            return say("The colour profile in %1 is damaged, so that its colours cannot be known: save the picture "
                       "again in sRGB.")
                .arg(file);
        case ProblemKind::pictureMoving:
            return say("%1 is a moving picture: save one picture of it as PNG and take that.").arg(file);
        case ProblemKind::pictureUnknown:
            return say("%1 is no picture that can be read: take a PNG, JPEG, TIFF or WebP file.").arg(file);
        case ProblemKind::pictureTruncated:
            return say("%1 is cut off or damaged: copy it again from where it came.").arg(file);
        case ProblemKind::pictureTooSmall:
            return say("%1 is too small to read values from: take a picture of at least %2 pixels on each side.")
                .arg(file)
                .arg(subject::leastSidePixels);
        case ProblemKind::pictureTooLarge:
            return say("%1 claims more than %2 megapixels: reduce it first.").arg(file).arg(subject::mostMegapixels);
        case ProblemKind::pictureColourSpace:
            return say("%1 is not in RGB or grey (it may be meant for printing): save it as an RGB picture.").arg(file);
        case ProblemKind::cardMissing:
            return say("No swatch card is to be seen in %1: photograph the whole card, all four corner marks in view.")
                .arg(file);
        case ProblemKind::cardOther:
            return say("The card in %1 is one of the other kind: swatch cards are read in Materials, test cards of "
                       "papers at Paper.")
                .arg(file);
        case ProblemKind::cardCutOff:
            return say("A corner mark of the swatch card is missing in %1: photograph the whole card, with nothing "
                       "lying "
                       "on its corners.")
                .arg(file);
        case ProblemKind::cardTooDark:
            return say("%1 is too dark to read: photograph the card in more light, by a window and without flash.")
                .arg(file);
        case ProblemKind::cardTooBright:
            return say("The card's paper is burnt out in %1: photograph it again with less exposure.").arg(file);
        case ProblemKind::cardBlurred:
            return say("%1 is blurred: hold the camera still, tap on the card to focus and photograph it again.")
                .arg(file);
        case ProblemKind::workMissing:
            return say("This sheet is not to be seen in %1: photograph the work of this study whole, from straight "
                       "before it, with some of the board round it.")
                .arg(file);
        case ProblemKind::workCutOff:
            return say("A corner of the sheet is missing in %1: photograph it whole, with some of the board round it.")
                .arg(file);
        case ProblemKind::workTooDark:
            return say("%1 is too dark to read: photograph the sheet in more light, by a window and without flash.")
                .arg(file);
        case ProblemKind::workTooBright:
            return say("The sheet is burnt out in %1: photograph it again with less exposure and without flash.")
                .arg(file);
        case ProblemKind::workBlurred:
            return say("%1 is blurred: hold the camera still, or lean it on something, and let it find its focus.")
                .arg(file);
        case ProblemKind::sketchMissing:
            return say("No sheet of the picture's format is to be seen in %1: photograph the drawing whole and "
                       "upright, "
                       "with some of a darker table round it.")
                .arg(file);
        case ProblemKind::sketchEmpty:
            return say("Nothing is drawn on the sheet in %1: draw the main shapes darker, then photograph it again.")
                .arg(file);
        case ProblemKind::folderUnwritable:
            return say("%1 cannot be written: choose a folder that you may write to.").arg(file);
        case ProblemKind::writeFailed:
            return say("%1 could not be written, and what was there is kept: the disk has a fault, so write to "
                       "another.")
                .arg(file);
        case ProblemKind::diskFull:
            return say("There is no room for %1 on the disk, and what was there is kept: make room and write it again.")
                .arg(file);
        case ProblemKind::outputFailed:
            return say("What was computed could not be written out whole: check that there is room where it goes.");
        case ProblemKind::trayEmpty:
            return file.isEmpty()
                       ? say("The tray has no stick, pencil or pan to plan with: add some to the materials.")
                       : say("The tray has no stick, pencil or pan to plan with: add some to the materials in %1.")
                             .arg(file);
        case ProblemKind::trayTooLarge:
            return say("The study would draw from %1 sticks and paints, and can weigh %2 at most: put those that count "
                       "into a tray and draw from that.")
                .arg(what, allowed);
        case ProblemKind::paperMissing:
            return say("The materials have no paper to plan on: add one.");
        case ProblemKind::paperUnknown:
            return say("There is no paper \"%1\" in the materials: choose one that is there.").arg(what);
        case ProblemKind::columnMissing:
            return say("%1 has no column \"%2\": add it to the first row.").arg(file, what);
        case ProblemKind::fieldBad: {
            const QString put = allowed.isEmpty() ? say("one of the words or names that the format allows") : allowed;
            return say("%1, row %2: %3 will not do: put %4.").arg(file, QString::number(problem.row), what, put);
        }
        case ProblemKind::rowBad:
            return what.isEmpty()
                       ? say("%1, row %2 cannot be read: check it.").arg(file, QString::number(problem.row))
                       : say("%1, row %2 cannot be read: check it (%3).").arg(file, QString::number(problem.row), what);
        case ProblemKind::encodingBad:
            return problem.row > 0
                       ? say("%1, row %2 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.")
                             .arg(file, QString::number(problem.row))
                       : say("%1 is not written in UTF-8: save the list as CSV in UTF-8 and take it in again.")
                             .arg(file);
        case ProblemKind::listUnknown:
            return say("%1 is no list that can be read: take a CSV table, a palette (.gpl), colour readings (CGATS) or "
                       "a whole drawer (.json).")
                .arg(file);
        case ProblemKind::listIncludes:
            return say("%1 draws in another file (.INCLUDE), which is not followed: put all readings into one list.")
                .arg(file);
        case ProblemKind::coloursUnknown:
            return say("%1 holds no colours that can be read (%2): it needs LAB, XYZ or spectral readings under D50.")
                .arg(file, what);
        case ProblemKind::drawerDamaged:
            return say("%1 is cut off or damaged (%2) and cannot be taken in: export it again.").arg(file, what);
        case ProblemKind::drawerNewer:
            return say("%1 was written by a newer Yawning Dune: take it in with that version.").arg(file);
        case ProblemKind::tooManyRows:
            return say("%1 has more than %2 rows: split it and take the parts in one after the other.")
                .arg(file, allowed);
        case ProblemKind::readerLost:
            return say(
                "The colour reader does not answer: check its cable or battery, connect it again and put it on "
                "the white tile.");
        case ProblemKind::readerUncalibrated:
            return say("The colour reader does not know its white: put it on the white tile first.");
        case ProblemKind::readerUnsteady:
            return say("The readings of this touch differ by up to %1: hold the reader flat and still on a heavy "
                       "swatch and touch again.")
                .arg(what);
        case ProblemKind::tileWrong:
            return say(
                "What lies under the colour reader is not its white tile: wipe the tile and put the reader "
                "flat on it.");
        case ProblemKind::duneDamaged:
            return say("%1 is cut off or damaged and cannot be opened: take a copy of it.").arg(file);
        case ProblemKind::duneNewer:
            return say("%1 was written by a newer Yawning Dune: open it with that version.").arg(file);
        case ProblemKind::journalDamaged:
            return say("The unsaved choices in %1 are cut off or damaged and cannot be taken up: throw them away and "
                       "open the study as it was last saved.")
                .arg(file);
        case ProblemKind::libraryDamaged:
            return say("The materials in %1 are damaged and cannot be read: put a saved copy in their place, or move "
                       "the "
                       "file away to begin anew.")
                .arg(file);
        case ProblemKind::libraryNewer:
            return say("The materials in %1 were written by a newer Yawning Dune: open them with that version.")
                .arg(file);
        case ProblemKind::libraryBusy:
            return say("Another Yawning Dune has the materials in %1 open: close it to change anything, until then "
                       "they can "
                       "be read.")
                .arg(file);
        case ProblemKind::libraryReadOnly:
            return say("The materials in %1 may be read and not changed: give yourself the right to write there.")
                .arg(file);
        case ProblemKind::thingsUnreadable:
            return say("%1 of the materials in %2 cannot be read and are left out (%3): enter them again, or put a "
                       "saved copy of the file in its place.")
                .arg(QString::number(problem.row), file, what);
        case ProblemKind::frameMended:
            return say("The frame in %1 went beyond its picture and has been put right: look at it under Subject.")
                .arg(file);
        case ProblemKind::numberBad:
            return say("The %1 cannot be %2: take %3.").arg(file, what, allowed);
        case ProblemKind::colourBad:
            return say("\"%1\" is no colour: write it as #rrggbb.").arg(what);
        case ProblemKind::nameUnknown:
            return say("%1 \"%2\" is not known: take one of %3.").arg(file, what, allowed);
        case ProblemKind::commandIncomplete:
            return say("\"%1\" wants more or other words: write %2.").arg(what, allowed);
        case ProblemKind::memoryShort:
            return say("There is not enough memory for this: close other programs, or take a smaller picture.");
        case ProblemKind::unexpected:
            return say("This went wrong (%1), and nothing was changed: save your study and try it another way.")
                .arg(what);
        case ProblemKind::cancelled:
            return say("Stopped.");
    }
    return {};
}

QString reasonSentence(const planning::Reason& reason) {
    QString sentence = reasonPhrase(reason);
    sentence[0] = sentence[0].toUpper();
    return say("%1.").arg(sentence);
}

QString reasonPhrase(const planning::Reason& reason) {
    using planning::ReasonKind;
    const auto percent = [&] { return QString::number(std::lround(reason.figure * 100)); };
    switch (reason.kind) {
        case ReasonKind::firstMarks:
            return say("a few light lines place everything before colour hides the paper");
        case ReasonKind::groundFirst:
            return say("the ground lies under it and is dry");
        case ReasonKind::groundNearColour:
            return say("brings the sheet %1 ΔE00 nearer to what goes over it: fewer layers there")
                .arg(decimal(reason.figure, 0));
        case ReasonKind::groundInValues:
            return say("puts the value down in one colour, %1 ΔE00 nearer to it").arg(decimal(reason.figure, 0));
        case ReasonKind::groundOpposite:
            return say("the opposite of what goes over it glints between the strokes");
        case ReasonKind::groundByHand:
            return say("you have mixed it so");
        case ReasonKind::groundCool:
            return say("cool under what is dark, so that the shadows stay back");
        case ReasonKind::groundWarm:
            return say("one warm tone holds the picture together");
        case ReasonKind::groundToneMap:
            return say("a tone map of the values, %1 ΔE00 nearer to them").arg(decimal(reason.figure, 0));
        case ReasonKind::rubbedIn:
            return say("a finger carries the dry base into the tooth, so that it takes little of it");
        case ReasonKind::brushedOut:
            return say("alcohol carries the dry base into the tooth and binds it");
        case ReasonKind::inkDeepestDarks:
            return say("ink reaches the deepest darks, which soft pastel hardly does, and stays visible as a map");
        case ReasonKind::wetBeforeDry:
            return say("wet before dry: wait %1 min until it is dry").arg(reason.figure);
        case ReasonKind::hardBeforeSoft:
            return say("over the hard point: the other way round only %1 % of it would hold").arg(percent());
        case ReasonKind::backgroundFirst:
            return say("background before what overlaps it");
        case ReasonKind::darkBeforeLight:
            return say("dark before light");
        case ReasonKind::lightBaseFirst:
            return say("light base first, the dark over it");
        case ReasonKind::wholePictureTogether:
            return say("the whole picture moves on together");
        case ReasonKind::stickInHand:
            return say("the stick is in the hand already");
        case ReasonKind::pairTogether:
            return say("both of a pair together, while the mixture is known");
        case ReasonKind::highlightsLast:
            return say("highlights and accents come last");
        case ReasonKind::focalFirst:
            return say("what the picture is about first, then around it");
        case ReasonKind::areaByArea:
            return say("one area is finished before the next");
        case ReasonKind::blackLast:
            return say("black last, so that it dirties nothing");
        case ReasonKind::blendedTogether:
            return say("joins what lies beneath; clean the tool before the next area");
        case ReasonKind::lightBlendedFirst:
            return say("light areas are blended before dark ones, and never across");
        case ReasonKind::toothGivenBack:
            return say("binds what is loose and gives tooth back for what follows");
        case ReasonKind::liftedFirst:
            return say("what lies too thick comes off before more goes on");
        case ReasonKind::laidThenByHand:
            return say("you lay it at this time");
    }
    return {};
}

QString noteKindWord(planning::NoteKind kind) {
    switch (kind) {
        case planning::NoteKind::advice:
            return say("Advice");
        case planning::NoteKind::caution:
            return say("Mind");
        case planning::NoteKind::safety:
            return say("Safety");
    }
    return {};
}

QString noteSentence(const planning::Note& note, const planning::Plan& plan) {
    using planning::NoteTopic;
    const QString areas = areasNamed(plan, note.areas);
    switch (note.topic) {
        case NoteTopic::toothRunsOut:
            return say("The tooth is up to %1 % full at the end (%2): keep the pressure light, or take a paper that "
                       "holds more.")
                .arg(std::lround(note.figure * 100))
                .arg(areas);
        case NoteTopic::farFromTarget:
            return say("The sheet stays %1 ΔE00 from the reference here (%2): other sticks, more layers or finer marks "
                       "would help.")
                .arg(decimal(note.figure, 1))
                .arg(areas);
        case NoteTopic::unsteadyHand:
            return say("With pressure and coverage off by %1 %, the picture stays within %2 ΔE00 in the mean.")
                .arg(std::lround(pigment::usualHandSpread * 100))
                .arg(decimal(note.figure, 1));
        case NoteTopic::sheetTooSmall:
            return say("The picture with its border does not fit on a sheet of %1, which is %2 × %3 mm: make the sheet "
                       "smaller at Subject, narrow the border, or take another paper.")
                .arg(text(plan.paper.name))
                .arg(decimal(note.figure, 0))
                .arg(decimal(note.second, 0));
        case NoteTopic::ownMixture:
            return say("Your own mixture “%1” serves here: %2.").arg(text(note.subjects.front()), areas);
        case NoteTopic::sheetsShort:
            return say("The series needs %n sheets of %1; at hand are %2.", nullptr, int(note.figure))
                .arg(text(plan.paper.name))
                .arg(decimal(note.second, 0));
        case NoteTopic::noDarks:
            return say("Nothing in the tray is as dark as %1: the darks come out %2 of a step too light. Add a dark "
                       "stick, "
                       "or lay ink under them.")
                .arg(areasNamed(plan, note.areas), decimal(note.figure, 1));
        case NoteTopic::groundCannotBeHad:
            return note.areas.empty()
                       ? say("The chosen ground is left out. %1").arg(obstacleSentence(*note.obstacle, plan.paper))
                       : say("The ground of %1 is left out. %2")
                             .arg(areas, obstacleSentence(*note.obstacle, plan.paper));
        case NoteTopic::groundWantsCare:
            return groundCautionSentence(*note.caution, plan.paper);
        case NoteTopic::reasonsClash:
            return say("Not everything can be kept: \"%1\" gave way to \"%2\".")
                .arg(reasonPhrase({note.clash.gaveWay}), reasonPhrase({note.clash.stayed}));
        case NoteTopic::noFocalArea:
            return say("No area is marked as what the picture is about: mark one at Subject, and it is laid first.");
        case NoteTopic::noPoints:
            return say("There are no pencils or hard sticks to go over the base: %n layers are of softer sticks.",
                       nullptr, int(note.figure));
        case NoteTopic::paperHidesEnds:
            return say(
                "One end of the values hardly shows on this paper before it is covered: check it against the "
                "reference more often.");
        case NoteTopic::dust:
            return say(
                "Never blow dust: tap it off into a bin or a damp tray and wipe wet. Work upright, wear gloves or "
                "barrier cream, do not eat, keep away from children and pets. Follow each product's label and "
                "safety data sheet, and your local rules.");
        case NoteTopic::toxicPigments: {
            QStringList sticks;
            for (const std::string& s : note.subjects) sticks << QString::fromStdString(s);
            return say("Marked for toxic pigments: %1. Wear gloves, make no dust, and follow the label and the safety "
                       "data sheet.")
                .arg(sticks.join(QStringLiteral("; ")));
        }
        case NoteTopic::heatAndWater:
            return say(
                "Let washes dry by themselves, or keep a heat gun moving and off scorching: it burns paper and "
                "skin. With alcohol or fixative: outdoors or with strong ventilation, no flame, no heat gun until "
                "the solvent is gone.");
        case NoteTopic::partsUnderLight:
            return say("Matched under %1, but up to %2 ΔE00 from the reference under %3 (%4): look at these "
                       "there, or choose to plan for that light.")
                .arg(lightWord(plan.light))
                .arg(decimal(note.figure, 1))
                .arg(lightWord(note.light), areas);
        case NoteTopic::contrastElsewhere:
            return say("The strongest contrast, %1 steps, sits here (%2) and draws the eye away from what the picture "
                       "is "
                       "about, which has %3: close it here, or open it there.")
                .arg(decimal(note.figure, 1))
                .arg(areas)
                .arg(decimal(note.second, 1));
        case NoteTopic::farTooDark:
            return planeSentence({0, subject::PlaneFault::Kind::tooDark, note.figure}, areas);
        case NoteTopic::farTooSharp:
            return planeSentence({0, subject::PlaneFault::Kind::tooSharp, note.figure}, areas);
        case NoteTopic::farTooWarm:
            return planeSentence({0, subject::PlaneFault::Kind::tooWarm, note.figure}, areas);
        case NoteTopic::strokesFollow:
            return say("Follow the arrows with the strokes: %1.").arg(areas);
        case NoteTopic::sticksAreFew:
            return say("%n sticks are few for this picture: a larger set would come nearer.", nullptr,
                       int(note.figure));
    }
    return {};
}

QString toothSentence(const planning::ToothAnswers& answers) {
    const auto percent = [](double share) { return QString::number(std::lround(share * 100)); };
    QString ways =
        say("The tooth is %1 % full here at the end, %2 % before the last layer: fixative there, dried, brings that to "
            "%3 %. A level lighter throughout it ends at %4 %.")
            .arg(percent(answers.now), percent(answers.fewer), percent(answers.fixed), percent(answers.lighter));
    if (!answers.roomier) return ways;
    return ways + QLatin1Char(' ') +
           say("On %1 the same would fill %2 %.")
               .arg(QString::fromStdString(answers.roomier->paper), percent(answers.roomier->used));
}

QString handSentence(const planning::Plan& plan, const planning::Step& step) {
    if (step.handOff.empty()) return {};
    return say("Do not rest the hand on what is finished (%1): put glassine under the hand, or use a rest stick.")
        .arg(areasNamed(plan, step.handOff));
}

}  // namespace wording
