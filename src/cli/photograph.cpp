#include <optional>

#include "cli/commands.h"
#include "planning/replanning.h"
#include "planning/simulated_hand.h"
#include "planning/stage_picture.h"
#include "planning/work_check.h"
#include "review/easel_photograph.h"
#include "storage/document.h"
#include "storage/whole_file.h"

namespace cli {

namespace {

using common::Problem;
using common::ProblemKind;

/// Numbers parted by commas, so many of them; nullopt for anything else.
std::optional<std::vector<double>> numbersIn(const QString& text, qsizetype count) {
    const QStringList fields = text.split(QLatin1Char(','));
    std::vector<double> numbers;
    for (const QString& field : fields) {
        bool ok = false;
        numbers.push_back(field.toDouble(&ok));
        if (!ok || !std::isfinite(numbers.back())) return std::nullopt;
    }
    if (fields.size() != count) return std::nullopt;
    return numbers;
}

Problem badNumber(const char* option, const QString& what, const char* allowed) {
    return {ProblemKind::numberBad, option, 0, what.toStdString(), allowed};
}

}  // namespace

int photograph(const QStringList& arguments) {
    Options options;
    if (!parse(arguments, {"--step", "--out", "--seed", "--fault", "--shift", "--hand", "--beside"}, options)) return 2;
    const QString out = options.last("--out"), stepText = options.last("--step");
    if (options.words.size() != 1 || out.isEmpty() || stepText.isEmpty())
        return refuseIncomplete("photograph", "photograph FILE.dune --step N --out photo.jpg");
    const auto document = storage::readDocument(options.words[0].toStdString());
    if (!document) return refuse(document.problem());
    planning::Kept kept;
    const auto plan = planning::makePlan(document->study, document->library, document->record, kept);
    if (!plan) return refuse(plan.problem());
    bool ok = false;
    const int step = stepText.toInt(&ok);
    if (!ok || step < 0 || step > int(plan->steps.size()))
        return refuse(badNumber("--step", stepText, ("0 to " + std::to_string(plan->steps.size())).c_str()));
    const QString seedText = options.last("--seed", "1");
    const unsigned seed = seedText.toUInt(&ok);
    if (!ok) return refuse(badNumber("--seed", seedText, "a whole number from 0"));

    std::vector<review::PlantedFault> faults;
    for (const QString& text : options.all("--fault")) {
        const auto n = numbersIn(text, 6);
        if (!n || (*n)[2] <= 0) return refuse(badNumber("--fault", text, "X,Y,RADIUS,dL,da,db"));
        faults.push_back({(*n)[0], (*n)[1], (*n)[2], {(*n)[3], (*n)[4], (*n)[5]}});
    }
    std::vector<review::PlantedShift> shifts;
    for (const QString& text : options.all("--shift")) {
        const auto n = numbersIn(text, 3);
        const int area = n ? int((*n)[0]) : 0;
        if (!n || area < 1 || area > int(plan->reading->areas.list.size()))
            return refuse(badNumber("--shift", text, "AREA,dx,dy, areas counted from 1"));
        shifts.push_back({plan->reading->areas.map == area - 1, (*n)[1], (*n)[2]});
    }
    const planning::Study& study = document->study;
    cv::Mat sheet = planning::pictureAfter(*plan, step, plan->light);
    if (const QString text = options.last("--hand"); !text.isEmpty()) {
        const unsigned hand = text.toUInt(&ok);
        if (!ok) return refuse(badNumber("--hand", text, "a whole number from 0"));
        sheet = planning::laidByHand(*plan, step, planning::handOf(hand), study.widthMillimetres / sheet.cols);
    }
    review::Mount mount;
    mount.borderMillimetres = study.borderMillimetres > 0 ? study.borderMillimetres : planning::usualTapeMillimetres;
    if (const QString card = options.last("--beside"); card == "grey-card")
        mount.hasGreyCard = true;
    else if (card == "swatch-card")
        mount.hasSwatchCard = true;
    else if (!card.isEmpty())
        return refuse(badNumber("--beside", card, "grey-card or swatch-card"));
    const review::MountedSheet mounted = review::mountedSheet(sheet, study.widthMillimetres, mount, faults, shifts);
    const auto jpeg = review::photographed(mounted.flat, review::atTheEasel(mounted.flat.size(), seed));
    const QByteArray bytes(reinterpret_cast<const char*>(jpeg.data()), qsizetype(jpeg.size()));
    if (auto done = storage::writeWhole(out.toStdString(), bytes); !done) return refuse(done.problem());
    return 0;
}

}  // namespace cli
