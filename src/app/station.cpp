#include "app/station.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <algorithm>

#include "app/widgets/measure.h"
#include "drawing/fonts.h"
#include "wording/sentences.h"

namespace app {

Station::Station(Desk& desk, const QString& title, const QString& explanation) : desk_(desk), session_(desk.session()) {
    setObjectName(QStringLiteral("panel"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(measure::edge, measure::grid, measure::edge, measure::grid);
    column->setSpacing(measure::grid);
    choices_ = new FlowRow;
    auto* titleLabel = new QLabel(title);
    titleLabel->setFont(drawing::font(drawing::TypeSize::head, true));
    auto* words = new QLabel(explanation);
    words->setObjectName(QStringLiteral("quiet"));
    words->setFont(drawing::font(drawing::TypeSize::small));
    choices_->addWidget(titleLabel);
    choices_->addWidget(words);
    choices_->setYielding(words);
    choices_->addStretch();
    column->addLayout(choices_);
    body_ = new QVBoxLayout;
    column->addLayout(body_, 1);
    connect(&session_, &Session::opened, this, [this] { forgetStudy(); });
}

Views Station::views() const {
    Views views;
    views.subjectCaption = tr("Subject");
    views.sheetCaption = tr("Sheet");
    views.subject = session_.shownPicture();
    views.isReference = true;
    if (const auto plan = session_.plan()) {
        views.sheetSteps = int(plan->steps.size());
        views.sheet = sheetAfter(views.sheetSteps);
        views.sheetCaption = tr("Sheet, all layers laid");
        views.figure = tr("%1, %2").arg(wording::nearnessWords(plan->summary.picture.mean),
                                        wording::differenceFigure(plan->summary.picture.mean));
    }
    return views;
}

int Station::stackAt(const QPointF& fraction) const {
    const auto plan = session_.plan();
    return plan ? subject::labelAt(plan->stackMap, fraction.x(), fraction.y()) : -1;
}

QImage Station::maskOf(const std::vector<int>& stacks) const {
    const auto plan = session_.plan();
    if (!plan || stacks.empty()) return {};
    std::vector<uchar> inside(plan->stacks.size(), 0);
    for (const int s : stacks) inside[std::size_t(s)] = 255;
    const cv::Mat& map = plan->stackMap;
    QImage mask(map.cols, map.rows, QImage::Format_Grayscale8);
    for (int y = 0; y < map.rows; ++y)
        for (int x = 0; x < map.cols; ++x) mask.scanLine(y)[x] = inside[std::size_t(map.at<int>(y, x))];
    return mask;
}

QImage Station::maskOf(const cv::Mat& labels, int label) {
    const cv::Mat mask = labels == label;
    return QImage(mask.data, mask.cols, mask.rows, qsizetype(mask.step), QImage::Format_Grayscale8).copy();
}

QImage Station::sheetAfter(int steps) const {
    return session_.sheetAfter(steps);
}

}  // namespace app
