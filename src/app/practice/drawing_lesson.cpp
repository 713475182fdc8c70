#include "app/practice/drawing_lesson.h"

#include <QPainter>
#include <opencv2/imgproc.hpp>

#include "app/practice/well_words.h"
#include "app/widgets/theme.h"
#include "drawing/pictures.h"
#include "drawing/shapes.h"
#include "subject/picture.h"
#include "wording/practising.h"
#include "wording/sentences.h"

namespace app {

namespace {

/// The sketch with the borders that it should have: a double line, ink within and light without.
QImage withBorders(const cv::Mat& sketch, const cv::Mat& areas) {
    cv::Mat labels, light, picture = sketch.clone();
    cv::resize(areas, labels, sketch.size(), 0, 0, cv::INTER_NEAREST);
    const cv::Mat borders = review::bordersOf(labels);
    cv::dilate(borders, light, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    const auto setTo = [&](const cv::Mat& where, const QColor& colour) {
        picture.setTo(cv::Scalar(colour.red(), colour.green(), colour.blue()), where);
    };
    setTo(light, drawing::markLight);
    setTo(borders, drawing::markInk);
    return drawing::imageOf(picture);
}

}  // namespace

DrawingLesson::DrawingLesson() {
    setAccessibleName(tr("The subject, and the drawing"));
    setMinimumSize(420, 300);
}

void DrawingLesson::setStage(Stage stage) {
    stage_ = stage;
    update();
}

void DrawingLesson::begin(const practice::Sources& sources) {
    subject_ = drawing::imageOf(sources.picture);
    areas_ = sources.areas;
    setStage(Stage::looking);
}

void DrawingLesson::hideSubject() {
    setStage(Stage::drawing);
}

void DrawingLesson::end() {
    reader_.stop();
    setStage(Stage::off);
}

void DrawingLesson::read(const QString& file) {
    const double aspect = double(subject_.width()) / subject_.height();
    double last = 0;
    cv::minMaxLoc(areas_, nullptr, &last);
    const int count = int(last) + 1;
    reader_.run(
        [name = file.toStdString(), aspect, areas = areas_, count](const common::Progress&) -> common::Result<Read> {
            constexpr int enough = 2400;  // pixels: a line of a pencil is still seen
            const auto photograph = subject::readPictureFile(name, enough);
            if (!photograph) return photograph.problem();
            auto sketch = review::readSketch(photograph->xyz, aspect, name);
            if (!sketch) return sketch.problem();
            Read read{*std::move(sketch), {}};
            read.drawn = review::drawnShapes(read.sketch, areas, count);
            return read;
        },
        [this](const common::Result<Read>& read) {
            if (!read) return Q_EMIT refused(wording::problemSentence(read.problem()));
            if (read->drawn.shapes.empty())
                return Q_EMIT refused(
                    tr("None of the subject's shapes is to be found in the drawing: draw their "
                       "outlines closed and dark, then photograph it again."));
            drawn_ = read->drawn;
            sketch_ = withBorders(read->sketch.picture, areas_);
            setStage(Stage::told);
            Q_EMIT measured();
        });
}

void DrawingLesson::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
    painter.fillRect(rect(), theme().well);
    const auto fitted = [this](const QImage& image) {
        QRectF box(QPointF(), QSizeF(image.size()).scaled(QSizeF(size()), Qt::KeepAspectRatio));
        box.moveCenter(QRectF(rect()).center());
        return box;
    };
    if (stage_ == Stage::looking) painter.drawImage(fitted(subject_), subject_);
    if (stage_ != Stage::told) return;
    const QRectF box = fitted(sketch_);
    painter.drawImage(box, sketch_);
    for (const review::DrawnShape& shape : drawn_.shapes)
        writeOnWell(painter, {box.left() + shape.centre.x * box.width(), box.top() + shape.centre.y * box.height()},
                    wording::drawnShapeWords(shape), drawing::TypeSize::text);
}

}  // namespace app
