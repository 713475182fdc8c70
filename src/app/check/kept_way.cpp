#include "app/check/kept_way.h"

#include <QDateTime>

#include "rendering/picture_difference.h"

namespace app {

std::vector<WayStrip::Moment> keptWay(const planning::Plan& plan, const planning::Record& record,
                                      const common::Progress& progress) {
    std::vector<WayStrip::Moment> moments;
    const planning::Standing standing(record);
    for (const int check : standing.checks()) {
        if (progress.cancelled()) break;
        const planning::Entry& entry = record.entries[std::size_t(check)];
        if (!entry.bytes) continue;
        const QImage sheet = QImage::fromData(entry.bytes->data(), int(entry.bytes->size()));
        const QImage plain = sheet.convertToFormat(QImage::Format_RGB888);
        const cv::Mat seen(plain.height(), plain.width(), CV_8UC3, const_cast<uchar*>(plain.constBits()),
                           std::size_t(plain.bytesPerLine()));
        if (seen.size() != plan.reference.size()) continue;
        const auto apart = rendering::differenceSeen(plan.reference, seen, rendering::easelSigma(seen.size()));
        const auto at = QDateTime::fromMSecsSinceEpoch(entry.at, Qt::OffsetFromUTC, entry.offsetMinutes * 60);
        moments.push_back({WayStrip::tr("%1, step %2").arg(at.toString(QStringLiteral("d.M., HH:mm"))).arg(entry.step),
                           plain.scaledToWidth(320, Qt::SmoothTransformation), rendering::figuresOf(apart).mean});
    }
    return moments;
}

}  // namespace app
