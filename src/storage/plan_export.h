#pragma once

#include <QByteArray>
#include <QJsonObject>

#include "planning/plan.h"

namespace storage {

/// The plan as plan.json (docs/FORMAT.md), and as tables: one row a step, one row a stick to pull.
QJsonObject planJson(const planning::Plan& plan, const planning::Study& study);
QByteArray stepsCsv(const planning::Plan& plan);
QByteArray pullListCsv(const planning::Plan& plan);

/// A paper or a ground as "compare" tells of it; papers stand in plan.json too. The stacks of their reasons are the
/// plan's.
QJsonObject rankedPaperJson(const planning::RankedPaper& ranked, const planning::Plan& plan);
QJsonObject triedGroundJson(const planning::TriedGround& tried, const planning::TriedGround& bare,
                            const materials::Paper& paper, planning::Drying drying);

/// Where a step's pressure map is written beside plan.json: "maps/007.png".
QString mapName(int step);
QString stageName(int step);

/// An image (CV_8UC3 in the order R G B, CV_8UC4 with opacity, or CV_8UC1) as PNG.
QByteArray pngOf(const cv::Mat& image);

/// What plan.json says of an area before anything is planned for it.
QJsonObject areaJson(const subject::Area& area, const QString& name);

/// areas.png of a .dune archive: grey level 1 for the first area.
QByteArray areasPng(const planning::Reading& reading);

}  // namespace storage
