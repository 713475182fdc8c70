#include "print/practice_report.h"

#include <QDateTime>
#include <QLocale>
#include <algorithm>

#include "drawing/threshold_chart.h"
#include "print/running_page.h"
#include "print/words.h"
#include "wording/practising.h"

namespace print {

namespace {

using practice::Exercise;
using practice::Sitting;

constexpr std::int64_t week = std::int64_t(7) * 24 * 3600 * 1000;

QString dayOf(std::int64_t at, const char* form) {
    return QLocale().toString(QDateTime::fromMSecsSinceEpoch(at), QString::fromLatin1(form));
}

class ReportPainter {
 public:
    ReportPainter(RunningPage& page, const PracticeReport& report)
        : page_(page), report_(report), sittings_(practice::sittingsOf(report.answers)) {}

    void paint() {
        page_.line(Words::tr("Practice from %1 to %2")
                       .arg(dayOf(report_.until - week, "d MMMM"), dayOf(report_.until, "d MMMM yyyy")),
                   drawing::TypeSize::head);
        const auto isOfWeek = [&](std::int64_t at) { return at > report_.until - week && at <= report_.until; };
        const auto answered = std::ranges::count_if(report_.answers, isOfWeek, &practice::Answer::at);
        const auto right = std::ranges::count_if(
            report_.answers, [&](const practice::Answer& answer) { return isOfWeek(answer.at) && answer.isRight; });
        page_.line(answered == 0 ? Words::tr("No exercise was answered in this week.")
                                 : Words::tr("Answers: %1, of which right: %2.").arg(answered).arg(right),
                   drawing::TypeSize::text);
        for (const Exercise exercise : practice::allExercises()) {
            const bool isPractised = std::ranges::any_of(sittings_, [&](const Sitting& sitting) {
                return sitting.exercise == exercise && isOfWeek(sitting.begun);
            });
            if (isPractised) paint(exercise);
        }
        page_.down(4 * mm);
        page_.need(24 * mm);
        page_.line(Words::tr("Next"), drawing::TypeSize::text, true);
        constexpr std::size_t told = 3;
        const auto training = practice::trainingOf(sittings_, report_.noticed, report_.until);
        for (std::size_t i = 0; i < told; ++i)
            page_.line(training[i].due > report_.until
                           ? Words::tr("%1, on %2")
                                 .arg(wording::exerciseName(training[i].exercise), dayOf(training[i].due, "d MMMM"))
                           : wording::exerciseName(training[i].exercise),
                       drawing::TypeSize::text);
    }

 private:
    void paint(Exercise exercise) {
        constexpr double chartHeight = 38 * mm;
        std::vector<Sitting> own;
        for (const Sitting& sitting : sittings_)
            if (sitting.exercise == exercise && sitting.begun <= report_.until) own.push_back(sitting);
        page_.need(chartHeight + 18 * mm);
        page_.down(4 * mm);
        page_.line(wording::exerciseName(exercise), drawing::TypeSize::text, true);
        const auto before = std::find_if(own.rbegin(), own.rend(), [&](const Sitting& sitting) {
            return sitting.isEnough && sitting.begun <= report_.until - week;
        });
        const QString now = wording::thresholdWords(exercise, own.back().threshold);
        page_.line(before == own.rend() ? Words::tr("You tell %1 apart.").arg(now)
                                        : Words::tr("You tell %1 apart; the week before it was %2.")
                                              .arg(now, wording::apartWords(exercise, before->threshold.middle)),
                   drawing::TypeSize::text);
        drawing::ThresholdChart chart{own, {}, practice::factsOf(exercise).trained, wording::trainedWords(exercise)};
        for (const Sitting& sitting : own) chart.dates << dayOf(sitting.begun, "d MMM");
        drawing::paintThresholds(page_.painter(), QRectF(0, page_.y(), RunningPage::width, chartHeight), chart,
                                 Qt::black, Qt::white);
        page_.down(chartHeight);
    }

    RunningPage& page_;
    const PracticeReport& report_;
    std::vector<Sitting> sittings_;
};

}  // namespace

common::Done writePracticeReport(const PracticeReport& report, const QString& file) {
    return writeRunningPages(Words::tr("Practice"), file,
                             [&](RunningPage& page) { ReportPainter(page, report).paint(); });
}

}  // namespace print
